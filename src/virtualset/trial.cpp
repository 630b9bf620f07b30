#include "virtualset/trial.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "virtualset/bench_set.h"
#include "virtualset/circuit_lamp_set.h"
#include "virtualset/drawn_strips.h"
#include "virtualset/lamp_set.h"

namespace dimglow::virtualset {

using backlight::LedFault;

namespace {

Manner drawManner(Draw& draw) {
    Manner manner;
    manner.blOnVolts = draw.happens(0.8) ? draw.normal(3.25, 0.15) : draw.normal(4.9, 0.2);
    manner.dimVolts = draw.between(0.8, 3.3);
    manner.residueVolts = draw.happens(0.6) ? draw.between(0, 0.08) : draw.between(0.08, 0.6);
    manner.meterSeconds = draw.between(0.12, 0.33);
    manner.outputFarads = draw.about(10e-6, 220e-6);
    manner.softStartSeconds = draw.about(0.005, 0.1);
    manner.blankingSeconds = draw.about(0.01, 0.1);
    manner.hiccupSeconds = draw.about(0.15, 3);
    manner.restarts = draw.happens(0.6) ? std::optional(draw.whole(0, 5)) : std::nullopt;
    manner.dropsDarkChannels = draw.happens(0.2);
    manner.clampsOverVoltage = draw.happens(0.12);
    manner.feedIsSwitched = draw.happens(0.2);
    manner.dimGoesWithBlOn = draw.happens(0.5);
    manner.feedsTripTogether = draw.happens(0.4);
    manner.eyesErr = true;
    return manner;
}

driver::StageChange drawStage(Draw& draw, driver::StageChange stage) {
    if (stage.reaches) {
        stage.reaches = draw.between(0.35, 0.85);
        stage.supplyFaradsTimes = draw.about(0.05, 0.5);
    }
    if (stage.overVoltsTimes != 1) {
        stage.overVoltsTimes = draw.between(0.45, 0.75);
    }
    return stage;
}

/// Whether a set has what a probe asks for: nobody has said how many channels there are.
bool isThere(const probe::Probe& probe, const backlight::Backlight& set) {
    const auto* measured = std::get_if<evidence::Measured::Question>(&probe.question);
    return measured == nullptr || measured->channel < int(set.channels.size());
}

}  // namespace

const char* wordsOf(Told told) {
    constexpr const char* words[toldCount] = {"nothing", "the label", "the strips", "strips and driver"};
    return words[int(told)];
}

const char* wordsOf(Order order) {
    constexpr const char* words[] = {"as advised", "textbook order", "random order"};
    return words[int(order)];
}

namespace {

const char* const nameless = "nameless";

/// What a job is told of the set when it is taken in.
job::Job takenIn(std::uint64_t seed, Told told, const backlight::Backlight& described,
                 const std::vector<backlight::Feed>& labels) {
    job::Job job;
    job.id = "T-" + std::to_string(seed);
    job.set.backlight =
        told >= Told::Strips ? described : backlight::plainBacklight(backlight::undescribed(int(labels.size())));
    if (told >= Told::Label) {
        job.set.backlight.feeds = labels;
    }
    return job;
}

Patient drawOfTheBench(Draw& draw, std::uint64_t seed, Told told, const knowledge::Knowledge& trade,
                       const backlight::Backlight& described, backlight::Backlight truth,
                       const std::vector<backlight::Feed>& labels) {
    const auto make = drawMake(draw, truth);
    auto [wrong, suspect] = drawTrouble(draw, trade, truth);
    wrong.seed = std::uint32_t(seed);
    auto job = takenIn(seed, told, described, labels);
    job.set.kind = make.isMonitor ? "monitor" : "";
    if (told == Told::Driver && make.isFixed) {
        job.set.backlight.driver.idleVolts = fixedLevelOf(truth);
        job.set.backlight.driver.headroomVolts.reset();
    }
    auto accepts = suspect.empty() ? rightNames(wrong.trouble) : std::vector<std::string>{suspect};
    SealedFault fault{suspect, wrong.strings, wrong.seed};
    auto set = std::make_shared<BenchSet>(truth, wrong, make, trade);
    return {std::move(job),   std::move(set),  accepts.empty() ? nameless : accepts.front(), accepts, described,
            std::move(truth), std::move(fault)};
}

/// What is wrong with the boards of a set with lamps, where it is theirs, or shows in their rows of capacitors.
BenchSet::Wrong drawBoardsTrouble(Draw& draw, LampTrouble trouble) {
    BenchSet::Wrong wrong{Trouble::NoTrouble, {}};
    if (trouble == LampTrouble::Boards) {
        const std::vector<std::pair<Trouble, double>> often = {{Trouble::NotAsked, 3},  {Trouble::MainBoardDead, 2},
                                                               {Trouble::MainsDead, 1}, {Trouble::StandbyAged, 2},
                                                               {Trouble::NoPicture, 2}, {Trouble::NoTrouble, 1}};
        wrong.trouble = draw.oneByWeight(often);
        wrong.rowHealth = {0.4, 0.5, 0.6};
    } else if (trouble == LampTrouble::TiredSupply) {
        wrong.trouble = Trouble::AgedCapacitors;
    }
    return wrong;
}

Patient drawWithLamps(Draw& draw, std::uint64_t seed, const knowledge::Knowledge& trade, backlight::Backlight truth,
                      Family family) {
    const bool isOfCircuits = family == Family::LampCircuits;
    const auto lamps = isOfCircuits ? LampMake{} : drawLampMake(draw);
    auto wrong = isOfCircuits ? LampSet::Wrong{drawCircuitTrouble(draw)} : drawLampTrouble(draw, lamps);
    wrong.seed = std::uint32_t(seed);
    auto make = drawMake(draw, truth);
    auto ofBoards = drawBoardsTrouble(draw, wrong.trouble);
    ofBoards.seed = wrong.seed;
    const bool isOfBoards = wrong.trouble == LampTrouble::Boards;
    auto accepts = isOfBoards ? rightNames(ofBoards.trouble) : rightNames(wrong.trouble);
    const bool isAsked =
        !isOfBoards || ofBoards.trouble == Trouble::NoPicture || ofBoards.trouble == Trouble::NoTrouble;
    if (ofBoards.trouble == Trouble::AgedCapacitors) {
        ofBoards.rowHealth = isOfCircuits ? std::vector<double>{0.3, 0.5, 0.7} : wrong.rowHealth;
    }
    Patient patient;
    patient.job = takenIn(seed, Told::Nothing, truth, {{}});
    const BenchSet boards(truth, ofBoards, make, trade);
    if (isOfCircuits) {
        CircuitLampSet::Wrong own;
        own.trouble = wrong.trouble;
        own.seed = wrong.seed;
        const auto set = drawCircuitLampSet(draw, own, boards, isAsked, trade);
        patient.job.set.lamps.count = set->lamps();
        patient.set = set;
    } else {
        wrong.isAsked = isAsked;
        patient.job.set.lamps.count = lamps.lamps;
        patient.set = std::make_shared<LampSet>(boards, std::move(wrong), lamps, trade);
    }
    patient.job.set.kind = make.isMonitor ? "monitor" : "";
    patient.suspect = accepts.empty() ? nameless : accepts.front();
    patient.accepts = std::move(accepts);
    patient.strips = truth;
    patient.truth = std::move(truth);
    patient.fault.seed = std::uint32_t(seed);
    return patient;
}

}  // namespace

Patient drawPatient(std::uint64_t seed, Told told, const knowledge::Knowledge& trade, Family family) {
    Draw draw(seed);
    const auto plain = drawStrips(draw);
    auto described = backlight::plainBacklight(plain);
    auto truth = drawTruth(draw, described);
    std::vector<backlight::Feed> labels;
    for (int feed = 0; feed < int(truth.feeds.size()); ++feed) {
        const double volts = backlight::healthyStringVolts(backlight::feedAlone(truth, {}, feed).backlight);
        labels.push_back({std::round((volts + *truth.driver.headroomVolts) * draw.normal(1, 0.01))});
    }
    if (told == Told::Driver) {
        described.driver = truth.driver;
    }
    if (family == Family::Lamps || family == Family::LampCircuits) {
        return drawWithLamps(draw, seed, trade, std::move(truth), family);
    }
    if (family == Family::Bench) {
        return drawOfTheBench(draw, seed, told, trade, described, std::move(truth), labels);
    }
    const auto manner = drawManner(draw);
    std::vector<double> weights;
    for (const auto& suspect : trade.suspects) {
        const bool isDrawn = trade.isIn({}, suspect) && !suspect.isNoneOfThese && canHave(truth, suspect.strings);
        weights.push_back(isDrawn ? suspect.weight : 0);
    }
    const auto& suspect = trade.suspects[draw.byWeight(weights)];
    SealedFault fault{suspect.id, {}, std::uint32_t(seed)};
    if (const auto led = knowledge::ledFaultOf(suspect.strings)) {
        drawLeds(draw, *led, truth, fault.strings);
    } else if (suspect.strings != knowledge::StringFault::None) {
        drawOther(draw, suspect.strings, truth, fault.strings);
    }
    fault.stage = drawStage(draw, trade.behaviourOf(suspect).stage);
    if (truth.feeds.size() > 1 && !draw.happens(suspect.ofAllFeeds)) {
        fault.feed = draw.whole(0, int(truth.feeds.size()) - 1);
    }
    if (!suspect.parts.empty()) {
        std::vector<double> shares;
        for (const auto& part : suspect.parts) {
            shares.push_back(part.share);
        }
        const auto part = draw.byWeight(shares);
        fault.part = int(part);
        if (suspect.parts[part].behaviour != suspect.behaviour) {
            fault.stage.reset();  // the part's own
        }
    }

    const auto set = std::make_shared<SealedSet>(truth, fault, trade, manner);
    return {takenIn(seed, told, described, labels),
            set,
            suspect.id,
            {suspect.id},
            described,
            std::move(truth),
            std::move(fault)};
}

std::string meantBy(const std::string& suspect) {
    const bool isMainBoard = suspect == "notAsked" || suspect == "mainBoardHidden";
    return isMainBoard ? "mainBoard" : suspect == "lampBroken" ? "lampWorn" : suspect;
}

bool isRight(const std::string& suspect, const Patient& patient) {
    return (patient.accepts.empty() && suspect == "noneOfThese") ||
           std::any_of(patient.accepts.begin(), patient.accepts.end(),
                       [&](const std::string& right) { return meantBy(right) == meantBy(suspect); });
}

/// Those that are to be exchanged: of an open step every one.
std::set<backlight::LedPlace> faultyLeds(const Patient& patient) {
    std::set<backlight::LedPlace> places;
    for (const auto& fault : patient.fault.strings.leds) {
        const auto& strip = patient.truth.strips[std::size_t(fault.place.strip)];
        const int exchanged = fault.fault == LedFault::GroupOpen ? strip.parallel : 1;
        const int first = fault.place.led - fault.place.led % exchanged;
        for (int led = first; led < first + exchanged; ++led) {
            places.insert({fault.place.strip, led});
        }
    }
    return places;
}

bool isRight(const sheet::Assessment& assessment, const Patient& patient, const knowledge::Knowledge& trade) {
    if (!assessment.found.empty() && !assessment.located.empty()) {
        const auto faulty = faultyLeds(patient);
        const auto located = findings::ledsOf(assessment.located);
        return std::set(located.begin(), located.end()) == faulty;
    }
    const auto& shares = assessment.diagnosis.shareOfSuspect;
    const auto most = std::max_element(shares.begin(), shares.end(),
                                       [](const auto& a, const auto& b) { return a.second < b.second; });
    const auto mends = [&](const knowledge::RepairKind& repair, const std::string& suspect) {
        return trade.suspect(suspect) != nullptr && repair.isRepair() &&
               repair.mends(suspect, trade.unitOf(*trade.suspect(suspect), patient.job.set));
    };
    const bool isMendedAlike = std::any_of(trade.repairs.begin(), trade.repairs.end(), [&](const auto& repair) {
        return !repair.opensPanel && mends(repair, most->first) && mends(repair, patient.suspect);
    });
    if (patient.accepts.empty()) {
        return assessment.found.empty() || most->first == "noneOfThese";
    }
    return isRight(most->first, patient) || (!assessment.found.empty() && isMendedAlike);
}

namespace {

/// Whether the part that is suspected most is the faulty one, where that is what is replaced.
bool hasRightPart(const job::Job& job, const sheet::Assessment& assessment, const Patient& patient,
                  const knowledge::Knowledge& trade) {
    const auto& fault = patient.fault;
    const auto& parts = assessment.suspects.front().parts;
    if (job.way.level != job::Way::Level::Component || !fault.part || parts.empty()) {
        return true;
    }
    const auto& faulty = trade.suspect(fault.suspect)->parts[std::size_t(*fault.part)];
    return parts.front().title.contains(faulty.title);
}

/// Parts and work of the repair that is advised, or would be cheapest.
double repairCost(const job::Job& job, const sheet::Assessment& assessment) {
    const auto& options = assessment.plan.options;
    const auto advised = std::find_if(options.begin(), options.end(),
                                      [&](const auto& option) { return option.id == assessment.plan.advised; });
    const auto* option = advised != options.end() ? &*advised : options.empty() ? nullptr : &options.front();
    return option == nullptr ? job.order.value : option->parts + option->minutes * job.bench.ratePerHour / 60;
}

}  // namespace

Ending work(Patient patient, Order order, const knowledge::Knowledge& trade, int mostProbes,
            const std::function<void(const sheet::Assessment&)>& watch) {
    Draw draw(patient.fault.seed);
    auto& job = patient.job;
    job.liveWorkAccepted = true;
    const auto rank = [&](const probe::Probe& probe) {
        return std::find_if(trade.tests.begin(), trade.tests.end(), [&](const auto& t) { return t.id == probe.test; }) -
               trade.tests.begin();
    };
    Ending ending;
    for (;;) {
        auto assessment = sheet::assess(job, trade, {.today = {}, .maxProbes = 200});
        if (watch) {
            watch(assessment);
        }
        ending.hasVerdict = !assessment.verdict().empty();
        ending.isRight = isRight(assessment, patient, trade) && hasRightPart(job, assessment, patient, trade);
        for (const auto& [suspect, share] : assessment.diagnosis.shareOfSuspect) {
            ending.share = std::max(ending.share, share);
        }
        const bool looksAtStrips =
            assessment.wantsStrips || (assessment.probes.best.empty() && !job.set.backlight.isDescribed &&
                                       job.set.lightKind() == set::LightKind::Leds);
        if (ending.hasVerdict || ending.probes >= mostProbes || (assessment.probes.best.empty() && !looksAtStrips)) {
            ending.cost +=
                ending.minutes * job.bench.ratePerHour / 60 + (ending.isRight ? 1 : 2) * repairCost(job, assessment);
            ending.job = std::move(job);
            return ending;
        }
        ending.share = 0;
        if (looksAtStrips) {
            auto seen = patient.strips;
            seen.feeds = job.set.backlight.feeds;
            job.set.backlight = std::move(seen);
            job::noteDescribed(job);
            job.panelOpen = true;
            ending.minutes += hands::openingCost(job.opening, trade.hands, job.set.diagonalInches()).minutes;
            continue;
        }
        const auto& probes = assessment.probes.best;
        const auto& probe = order == Order::Advised ? probes.front()
                            : order == Order::Textbook
                                ? *std::min_element(probes.begin(), probes.end(),
                                                    [&](const auto& a, const auto& b) { return rank(a) < rank(b); })
                                : draw.oneOf(probes);
        if (!isThere(probe, patient.strips)) {
            job::addEntry(job, "", job::Phase::Before, evidence::notReached(probe.test, probe.question));
            continue;
        }
        job.panelOpen = job.panelOpen || probe.opens == knowledge::Reach::Panel;
        ++ending.probes;
        ending.minutes += probe.minutes;
        if (const auto* point = std::get_if<evidence::PointAsked>(&probe.question)) {
            job::notePoint(job, *point, patient.set->printedOn(*point));
        }
        const auto* test = trade.test(probe.test);
        for (auto& observation : patient.set->take(probe.question)) {
            const auto* answer = std::get_if<evidence::Answer>(&observation);
            const bool goesBack =
                answer != nullptr && test != nullptr && !test->swaps.empty() && answer->choice == "noChange";
            ending.cost += goesBack ? job.bench.restockingFee : 0;
            job::addEntry(job, "", job::Phase::Before, std::move(observation));
        }
    }
}

}  // namespace dimglow::virtualset
