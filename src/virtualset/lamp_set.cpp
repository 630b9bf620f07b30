#include "virtualset/lamp_set.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <utility>

#include "virtualset/board_readings.h"

namespace dimglow::virtualset {

using driver::Light;
using evidence::LightSeen;

LampLit::LampLit(BenchSet boards, LampTrouble trouble, std::uint32_t seed, std::string drawnAs,
                 const knowledge::Knowledge& trade)
    : boards_(std::move(boards)), trouble_(trouble), seed_(seed), drawnAs_(std::move(drawnAs)), trade_(trade) {}

bool LampLit::isCulprit(const std::string& point) const {
    const std::pair<LampTrouble, const char*> culprits[] = {{LampTrouble::ShortedTurns, "inverterTransformer"},
                                                            {LampTrouble::DriveStage, "inverterMosfet"},
                                                            {LampTrouble::DriveStage, "inverterFuse"},
                                                            {LampTrouble::BlownFuse, "inverterFuse"},
                                                            {LampTrouble::DriftedFilm, "inverterFilm"}};
    return std::any_of(std::begin(culprits), std::end(culprits),
                       [&](const auto& culprit) { return has(culprit.first) && point == culprit.second; });
}

bool LampLit::isWornOfRow(const evidence::PointAsked& asked, const std::vector<double>& health) const {
    constexpr double wornOut = 0.7;
    return has(LampTrouble::AgedCapacitors) && asked.point == "inverterCapacitor" &&
           health[std::size_t(chance("row" + asked.ref) * double(health.size()))] < wornOut;
}

/// A part, rail or pin of the inverter; empty for those of other boards.
std::optional<evidence::PointTaken> LampLit::check(const evidence::PointAsked& asked) const {
    const auto* kind = trade_.point(asked.point);
    if (!asked.point.starts_with("inverter")) {
        return std::nullopt;
    }
    const auto ratings = printedOn(asked);
    const double at = 2 * chance(asked.point + asked.ref) - 1;
    if (asked.point == "inverterRail" || asked.point == "inverterVcc" || asked.point == "inverterEnable") {
        parts::PartReading reading;
        reading.volts = std::round(100 * voltsAt(asked.point, ratings.volts.value_or(12)) * (1 + 0.01 * at)) / 100;
        return evidence::PointTaken{asked, reading};
    }
    const bool bad = isBad(asked) != misreads(kind->kind, asked);
    const bool isShort = has(LampTrouble::DriveStage) && asked.point == "inverterMosfet";
    return evidence::PointTaken{
        asked, readingOf(kind->kind, ratings, !bad, bad ? (isShort ? -std::abs(at) : std::abs(at)) : at)};
}

std::string LampLit::anyhow(const std::string& test) const {
    static const std::map<std::string, std::vector<std::string>> ends = {
        {"outputsCompared", {"alike", "one", "half", "none"}},
        {"lampSense", {"alike", "one", "half", "none"}},
        {"dummyLamp", {"runs", "trips", "dark"}},
        {"knownPowerBoard", {"noChange"}}};
    const auto tried = ends.find(test);
    if (!has(LampTrouble::Nameless) || tried == ends.end()) {
        return {};
    }
    return tried->second[std::size_t(chance("anyhow" + test) * double(tried->second.size()))];
}

std::vector<evidence::Observation> LampLit::take(const evidence::Question& question) const {
    using Taken = std::vector<evidence::Observation>;
    if (const auto* asked = std::get_if<evidence::Answer::Question>(&question)) {
        const auto strange = anyhow(asked->test);
        if (const auto answer = strange.empty() ? answerTo(asked->test) : strange; !answer.empty()) {
            return Taken{evidence::Answer{asked->test,
                                          asAnEyeSees(seed_, *trade_.test(asked->test), answer),
                                          {},
                                          whereSeen(asked->test, answer)}};
        }
    }
    if (std::holds_alternative<LightSeen::Question>(question)) {
        return Taken{light()};
    }
    if (std::holds_alternative<evidence::LampsSeen::Question>(question)) {
        return Taken{looks()};
    }
    if (const auto* asked = std::get_if<evidence::PointTaken::Question>(&question)) {
        if (const auto taken = check(*asked)) {
            return Taken{*taken};
        }
    }
    return boards_.take(question);
}

LampSet::LampSet(BenchSet boards, Wrong wrong, LampMake make, const knowledge::Knowledge& trade)
    : LampLit(std::move(boards), wrong.trouble, wrong.seed, "", trade), wrong_(std::move(wrong)), make_(make) {}

bool LampSet::isOfALamp() const {
    return has(LampTrouble::WornLamp) || has(LampTrouble::BrokenLamp) || has(LampTrouble::BurntJoint) ||
           has(LampTrouble::LoosePlug);
}

bool LampSet::isAged() const {
    return has(LampTrouble::WornLamp) || has(LampTrouble::AgedLamps);
}

bool LampSet::runs() const {
    return wrong_.isAsked && !has(LampTrouble::DriveStage) && !has(LampTrouble::BlownFuse) &&
           !has(LampTrouble::Controller) && !has(LampTrouble::NoSupply) &&
           !(has(LampTrouble::Nameless) && happens("never starts", 0.4));
}

bool LampSet::sags() const {
    return has(LampTrouble::AgedCapacitors) || has(LampTrouble::TiredSupply);
}

double LampSet::current(int lamp) const {
    if (!runs()) {
        return 0;
    }
    if (isOfALamp() || has(LampTrouble::ShortedTurns)) {
        return lamp == wrong_.lamp ? wrong_.left : 1;
    }
    if (has(LampTrouble::AgedLamps)) {
        return wrong_.leftOfEach[std::size_t(lamp)];
    }
    if (has(LampTrouble::DriftedFilm)) {
        return halfOf(lamp) == halfOf(wrong_.lamp) ? wrong_.left : 1;
    }
    return sags() ? 0.5 + 0.5 * wrong_.left : 1;
}

bool LampSet::trips() const {
    if (has(LampTrouble::SenseParts) || has(LampTrouble::Nameless)) {
        return true;
    }
    if (sags()) {
        return wrong_.left < 0.75;
    }
    const bool isOff = darkOnes() > 0;
    return isOff && !make_.halvesStandAlone && (make_.watchesEach || isHalfDark());
}

int LampSet::darkOnes() const {
    int dark = 0;
    for (int lamp = 0; lamp < make_.lamps; ++lamp) {
        dark += current(lamp) < 0.55 ? 1 : 0;
    }
    return dark;
}

bool LampSet::isHalfDark() const {
    return darkOnes() > 0 && darkOnes() >= make_.lamps / 2;
}

LightSeen LampSet::light() const {
    if (has(LampTrouble::Boards)) {
        return std::get<LightSeen>(boards().take(LightSeen::Question{}).front());
    }
    if (!runs()) {
        return {Light::Never, 0};
    }
    if (darkOnes() == make_.lamps && !sags()) {
        return {Light::Never, 0};
    }
    if (trips()) {
        const double seconds = make_.protectsAfterSeconds * (0.7 + 0.6 * chance("watch"));
        return {Light::FlashThenDark, std::round(10 * std::max(0.2, seconds)) / 10};
    }
    return {Light::StaysLit, 0};
}

/// What the eye tells of the light; empty for other tests.
std::string LampSet::sightOf(const std::string& test) const {
    const auto gave = light().what;
    const bool isOne = runs() && darkOnes() == 1 && make_.lamps > 2;
    const bool isDim = runs() && !isOne && !has(LampTrouble::AgedLamps) && current(wrong_.lamp) < make_.lampsSag;
    if (test == "evenness") {
        const bool isSeen = happens("a dark part is seen", gave == Light::StaysLit ? 0.9 : 0.45);
        const bool isHalf = runs() && isHalfDark() && darkOnes() < make_.lamps;
        return isSeen && isHalf ? "half" : isSeen && (isOne || isDim) && !sags() ? "band" : "same";
    }
    if (test == "flicker") {
        const bool flickers = sags() || isAged() || has(LampTrouble::BurntJoint) || has(LampTrouble::LoosePlug);
        return happens("flickers", flickers ? 0.45 : 0.1) ? "flickers" : "none";
    }
    if (test == "tint") {
        return happens("tint", isAged() ? 0.55 : 0.1) ? "tint" : "none";
    }
    if (test == "lampFades") {
        if (happens("no view of the lamps", 0.35)) {
            return "notSeen";
        }
        if (!runs() || darkOnes() == 0 || sags()) {
            return "together";
        }
        return isHalfDark() ? "half" : wrong_.lamp == 0 ? "top" : wrong_.lamp == make_.lamps - 1 ? "bottom" : "other";
    }
    return {};
}

/// How each of them looks while there is light.
evidence::LampsSeen LampSet::looks() const {
    using lamps::Look;
    evidence::LampsSeen seen;
    const bool isOld = happens("all of them are old", 0.3);
    for (int lamp = 0; lamp < make_.lamps; ++lamp) {
        const std::string which = "look" + std::to_string(lamp);
        const bool isItsOwn = isOfALamp() && lamp == wrong_.lamp;
        const double left = current(lamp);
        const bool flickers = isItsOwn && !has(LampTrouble::BrokenLamp) && happens("flickers" + which, 0.3);
        const bool isWorn = isAged() && (isItsOwn || left < make_.lampsSag) && happens("ends" + which, 0.5);
        const bool isWeak = left < make_.lampsSag;
        seen.looks.push_back(left < 0.4                                             ? Look::Dark
                             : flickers                                             ? Look::Flickers
                             : isWorn || happens("old" + which, isOld ? 0.3 : 0.02) ? Look::DimEnds
                             : isWeak && happens("red" + which, 0.4)                ? Look::Reddish
                             : isWeak                                               ? Look::DimEnds
                                                                                    : Look::Lit);
    }
    return seen;
}

/// What is heard, smelled or comes with warmth and age; empty for other tests.
std::string LampSet::signsOf(const std::string& test) const {
    if (test == "warmLonger") {
        const bool warms = sags() || isAged();
        const bool tires = has(LampTrouble::ShortedTurns) || has(LampTrouble::DriftedFilm);
        return happens("warms", warms ? 0.5 : 0.1)    ? "longer"
               : happens("tires", tires ? 0.3 : 0.06) ? "shorter"
                                                      : "same";
    }
    if (test == "hum" || test == "humInverter") {
        const bool strains = has(LampTrouble::AgedCapacitors) || has(LampTrouble::ShortedTurns);
        const bool hums = happens("strains", strains ? 0.45 : 0.06);
        const bool ofBoards = happens("another hum", has(LampTrouble::TiredSupply) ? 0.35 : 0.05);
        if (test == "hum") {
            return hums || ofBoards ? (happens("ticks", 0.3) ? "ticks" : "hums") : "quiet";
        }
        return hums ? "goes" : ofBoards ? "stays" : "noHum";
    }
    if (test == "arcing") {
        return has(LampTrouble::BurntJoint) && happens("arc at a lamp", 0.4)              ? "lampEnd"
               : has(LampTrouble::BrokenLamp) && happens("arc at a crack", 0.12)          ? "lampEnd"
               : has(LampTrouble::ShortedTurns) && happens("arc at the transformer", 0.3) ? "inverter"
               : has(LampTrouble::LoosePlug) && happens("arc at the plug", 0.25)          ? "inverter"
               : happens("some arc", 0.02)                                                ? "inverter"
                                                                                          : "none";
    }
    if (test == "lampEnds") {
        return has(LampTrouble::BurntJoint) && happens("burnt", 0.7) ? "orange"
               : isAged() && happens("black", 0.7)                   ? "black"
               : happens("old ends", 0.15)                           ? "black"
                                                                     : "clean";
    }
    if (test == "eyes") {
        const bool swollen = sags();
        const bool burnt = has(LampTrouble::DriveStage) || has(LampTrouble::ShortedTurns);
        return happens("something to see", swollen ? 0.55 : burnt ? 0.25 : 0.04) ? "something" : "nothing";
    }
    return {};
}

/// What changes when something is swapped, compared or driven from outside; empty for other tests.
std::string LampSet::tried(const std::string& test) const {
    const bool isOfInverter = !isOfALamp() && !isAged() && !has(LampTrouble::Boards);
    const bool isOfAnOutput = has(LampTrouble::ShortedTurns) || has(LampTrouble::DriftedFilm);
    if (test == "reseat" || test == "backOff") {
        const double often = has(LampTrouble::LoosePlug) ? 0.5 : has(LampTrouble::BurntJoint) ? 0.12 : 0.01;
        return happens(test, often) ? "helps" : "same";
    }
    if (test == "plugsSwapped") {
        const bool isSeen = (isOfALamp() || isOfAnOutput) && happens("one is seen to be dark", 0.75);
        return !isSeen ? (happens("guess", 0.4) ? "stays" : "notTold")
               : isOfALamp() && !(has(LampTrouble::LoosePlug) && happens("it sat in the socket", 0.25)) ? "moves"
                                                                                                        : "stays";
    }
    if (test == "outputsCompared" || test == "lampSense") {
        if (!runs()) {
            return "none";
        }
        const bool isHalf = isHalfDark() && has(LampTrouble::DriftedFilm);
        const bool shows = darkOnes() > 0 && happens("shows " + test, test == "lampSense" ? 0.85 : 0.5);
        const bool atOutput = isOfAnOutput && happens("weak output", 0.85);
        const bool ofSense = has(LampTrouble::SenseParts) && test == "lampSense" && happens("one node", 0.7);
        return isHalf && (shows || atOutput) ? "half" : shows || atOutput || ofSense ? "one" : "alike";
    }
    if (test == "dummyLamp") {
        return !runs()                                            ? "dark"
               : isOfALamp() && happens("the right output", 0.93) ? "runs"
               : trips()                                          ? "trips"
                                                                  : "runs";
    }
    if (test == "lampSwapped") {
        const double often = has(LampTrouble::WornLamp) || has(LampTrouble::BrokenLamp) ? 0.95
                             : has(LampTrouble::BurntJoint)                             ? 0.6
                             : has(LampTrouble::LoosePlug)                              ? 0.3
                             : has(LampTrouble::AgedLamps)                              ? 0.1
                                                                                        : 0.01;
        return happens("another lamp", often) ? "helps" : "same";
    }
    if (test == "jointSoldered") {
        return happens("soldered anew", has(LampTrouble::BurntJoint) ? 0.95 : 0.02) ? "helps" : "same";
    }
    if (test == "knownPowerBoard" && isOfInverter) {
        return "lights";
    }
    if (test == "panelCheck" && !has(LampTrouble::Boards)) {
        return isOfALamp() && wrong_.left < 0.55 ? (happens("all dark", 0.2) ? "noLight" : "darkArea")
               : (isOfALamp() || isAged()) && happens("dim is seen", 0.6) ? "darkArea"
                                                                          : "fine";
    }
    if (test == "forcedOn" && !has(LampTrouble::Boards)) {
        return light().what == Light::StaysLit ? "lights" : "dark";
    }
    return {};
}

std::string LampSet::answerTo(const std::string& test) const {
    for (const auto room : {&LampSet::sightOf, &LampSet::signsOf, &LampSet::tried}) {
        if (auto answer = (this->*room)(test); !answer.empty()) {
            return answer;
        }
    }
    return {};
}

/// Which lamp or half it was, as the first look writes it.
std::string LampSet::whereSeen(const std::string& test, const std::string& answer) const {
    if (test == "evenness" && answer == "half") {
        return halfOf(wrong_.lamp) == 0 ? "top" : "bottom";
    }
    const bool isNamed = test == "lampFades" && (answer == "other" || answer == "half");
    return isNamed ? std::to_string(wrong_.lamp + 1) + "/" + std::to_string(make_.lamps) : std::string();
}

bool LampSet::isBad(const evidence::PointAsked& asked) const {
    if (has(LampTrouble::SenseParts) && asked.point == "inverterSenseResistor") {
        return happens("it is the resistor", 0.5);
    }
    return isCulprit(asked.point) || isWornOfRow(asked, wrong_.rowHealth);
}

/// A rail or pin of the inverter in the first second, where \p rated volts should stand at a rail.
double LampSet::voltsAt(const std::string& point, double rated) const {
    if (point == "inverterEnable") {
        return wrong_.isAsked ? 3.2 : 0.1;
    }
    if (has(LampTrouble::NoSupply) || (!wrong_.isAsked && !happens("fed anyway", 0.6))) {
        return 0.1;
    }
    const double sag = has(LampTrouble::TiredSupply)      ? 0.6 + 0.35 * chance("sag")
                       : has(LampTrouble::AgedCapacitors) ? 0.8 + 0.2 * chance("sag")
                                                          : 1;
    return point == "inverterRail" ? sag * rated : rated;
}

bool LampSet::misreads(parts::PartKind kind, const evidence::PointAsked& asked) const {
    return kind != parts::PartKind::Fuse && happens("in circuit" + asked.point + asked.ref, 0.03);
}

// ---- drawing them --------------------------------------------------------------------------------------------------

std::vector<std::string> rightNames(LampTrouble trouble) {
    switch (trouble) {
        case LampTrouble::WornLamp:
        case LampTrouble::BrokenLamp:
            return {"lampWorn", "lampBroken"};
        case LampTrouble::AgedLamps:
            return {"lampsAged", "lampWorn"};
        case LampTrouble::BurntJoint:
            return {"lampJoint"};
        case LampTrouble::LoosePlug:
            return {"lampPlug", "lampJoint"};
        case LampTrouble::ShortedTurns:
            return {"inverterTransformer"};
        case LampTrouble::DriveStage:
        case LampTrouble::BlownFuse:
            return {"inverterDrive"};
        case LampTrouble::DriftedFilm:
            return {"filmCapacitor"};
        case LampTrouble::AgedCapacitors:
            return {"inverterCapacitors"};
        case LampTrouble::SenseParts:
            return {"inverterSense"};
        case LampTrouble::Controller:
            return {"inverterIc"};
        case LampTrouble::NoSupply:
            return {"inverterSupply", "weakSupply"};
        case LampTrouble::TiredSupply:
            return {"weakSupply"};
        case LampTrouble::Boards:
        case LampTrouble::Nameless:
            return {};
    }
    return {};
}

LampMake drawLampMake(Draw& draw) {
    LampMake make;
    make.lamps = draw.happens(0.5) ? draw.oneOf<int>({2, 4, 4, 6}) : draw.oneOf<int>({8, 10, 12, 16});
    make.protectsAfterSeconds = draw.about(0.8, 3);
    make.watchesEach = draw.happens(0.75);
    make.halvesStandAlone = draw.happens(0.15);
    make.lampsSag = draw.between(0.75, 0.9);
    return make;
}

LampSet::Wrong drawLampTrouble(Draw& draw, const LampMake& make) {
    const std::vector<std::pair<LampTrouble, double>> often = {
        {LampTrouble::WornLamp, 14},    {LampTrouble::BrokenLamp, 4},    {LampTrouble::BurntJoint, 17},
        {LampTrouble::LoosePlug, 4},    {LampTrouble::ShortedTurns, 13}, {LampTrouble::DriveStage, 9},
        {LampTrouble::BlownFuse, 1.5},  {LampTrouble::DriftedFilm, 6},   {LampTrouble::AgedCapacitors, 12},
        {LampTrouble::SenseParts, 2.5}, {LampTrouble::Controller, 2.5},  {LampTrouble::NoSupply, 2.5},
        {LampTrouble::TiredSupply, 5},  {LampTrouble::Boards, 12},       {LampTrouble::AgedLamps, 4},
        {LampTrouble::Nameless, 2.5}};
    LampSet::Wrong wrong;
    wrong.trouble = draw.oneByWeight(often);
    const bool topFirst = wrong.trouble == LampTrouble::BurntJoint && draw.happens(0.45);  // heat rises
    wrong.lamp = topFirst ? 0 : draw.whole(0, make.lamps - 1);
    const bool isPartly = wrong.trouble == LampTrouble::WornLamp || wrong.trouble == LampTrouble::AgedCapacitors ||
                          wrong.trouble == LampTrouble::TiredSupply || wrong.trouble == LampTrouble::DriftedFilm ||
                          wrong.trouble == LampTrouble::ShortedTurns;
    // Whose light nobody sees to be dim is not brought in.
    wrong.left = isPartly ? draw.between(0.2, make.lampsSag - 0.05) : draw.between(0, 0.3);
    const double age = draw.between(0.35, 0.75);
    for (int part = 0; part < 3; ++part) {
        wrong.rowHealth.push_back(age * draw.normal(1, 0.25));
    }
    if (wrong.trouble == LampTrouble::AgedLamps) {
        const double together = draw.between(0.45, make.lampsSag - 0.05);
        for (int lamp = 0; lamp < make.lamps; ++lamp) {
            wrong.leftOfEach.push_back(std::clamp(together + draw.normal(0, 0.12), 0.1, 1.0));
        }
        std::iter_swap(wrong.leftOfEach.begin() + wrong.lamp,
                       std::min_element(wrong.leftOfEach.begin(), wrong.leftOfEach.end()));
    }
    return wrong;
}

}  // namespace dimglow::virtualset
