#include "core/strings/led_strings.h"

#include <algorithm>
#include <boost/container_hash/hash.hpp>
#include <boost/math/distributions/normal.hpp>
#include <cmath>
#include <set>

#include "core/backlight/plain.h"
#include "core/strings/add_deviations.h"

namespace dimglow::strings {

using backlight::Faults;
using backlight::LedFault;
using backlight::LedPlace;
using backlight::Run;
using text::say;
using text::Text;

/// What observations of strings ask; it answers for the explanation that was handed over last.
class LedStrings::Answers : public evidence::StringAnswers {
public:
    explicit Answers(LedStrings& strings) : strings_(strings) {}
    void answerFor(const source::Under& under) { under_ = &under; }

    const backlight::Backlight& backlight() const override { return strings_.backlight(); }
    const locate::CellPartition& cells() const override { return strings_.partition(); }
    TesterForecast tester(const backlight::TesterProbe& probe) override {
        if (under_->isAnything) {
            return {probe.setting.limitVolts / 2, probe.setting.limitVolts / 2, -1, true};
        }
        return strings_.tester(probe, under_->faults);
    }
    bool conducts(const Run& run) override {
        return under_->conducts ? *under_->conducts : strings_.conducts(run, under_->faults);
    }
    bool lightsAround(LedPlace bridged) override {
        return under_->isDriven && strings_.lightsAround(bridged, under_->faults);
    }
    std::array<double, backlight::ledFaultKinds> faultShares(LedPlace place) const override {
        if (under_->isAnything) {
            std::array<double, backlight::ledFaultKinds> any;
            any.fill(0.5 / double(any.size()));
            return any;
        }
        return strings_.faultShares(under_->faults, place);
    }
    bool leadsProven() const override { return strings_.leadsProven(); }

private:
    LedStrings& strings_;
    const source::Under* under_ = nullptr;
};

evidence::StringAnswers& LedStrings::strings(const source::Under& under) {
    if (answers_ == nullptr) {
        answers_ = std::make_unique<Answers>(*this);
    }
    answers_->answerFor(under);
    return *answers_;
}

namespace {

constexpr source::DemandIndex notYet = -1;

/// Common practice, no source: shorts come in groups, age comes to many. By LedFault.
constexpr std::array<std::array<double, 4>, backlight::ledFaultKinds> howMany = {{{0.88, 0.10, 0.015, 0.005},
                                                                                  {0.45, 0.25, 0.20, 0.10},
                                                                                  {0.80, 0.15, 0.04, 0.01},
                                                                                  {0.75, 0.18, 0.05, 0.02},
                                                                                  {0.75, 0.18, 0.05, 0.02},
                                                                                  {0.93, 0.06, 0.008, 0.002},
                                                                                  {0.40, 0.30, 0.18, 0.12},
                                                                                  {0.88, 0.10, 0.015, 0.005}}};

std::vector<source::UnitFault> unitFaultsOf(const knowledge::Knowledge& knowledge) {
    std::vector<source::UnitFault> kinds;
    for (int kind = 0; kind < backlight::ledFaultKinds; ++kind) {
        kinds.push_back({-1, backlight::isDim(LedFault(kind)), howMany[std::size_t(kind)]});
    }
    for (int suspect = 0; suspect < int(knowledge.suspects.size()); ++suspect) {
        if (const auto fault = knowledge::ledFaultOf(knowledge.suspects[std::size_t(suspect)].strings)) {
            kinds[std::size_t(*fault)].suspect = suspect;
        }
    }
    return kinds;
}

}  // namespace

LedStrings::LedStrings(const set::DisplaySet& set, const knowledge::Knowledge& knowledge,
                       const driver::Quantities& known, const std::vector<job::Entry>& standing,
                       locate::CellPartition partition)
    : scene_{set, knowledge},
      known_(known),
      standing_(standing),
      wiring_(backlight_),
      partition_(std::move(partition)),
      unitFaults_(unitFaultsOf(knowledge)) {
    nameSpecs();
    nameCircuits();
    findSteps();
    learnFromTester();
    countReturns();
}

LedStrings::~LedStrings() = default;

/// How many returns the plug has says how many strings there are, where nobody has described them; where nobody has
/// told the pins either, what was measured at them does.
void LedStrings::countReturns() {
    constexpr double usually = 0.35;  ///< sets of one string on an LED+ (common practice, no source)
    constexpr double noSecondPin = 0.9;
    if (backlight_.isDescribed || backlight::returnsOf(backlight_.harness) > 0) {
        return;
    }
    oneStringShare_ = usually;
    const int feeds = int(backlight_.feeds.size());
    for (const auto& entry : standing_) {
        const auto* measured = std::get_if<evidence::Measured>(&entry.what);
        if (measured != nullptr && measured->channel >= feeds) {
            oneStringShare_ = 0;
        }
        const auto* missed = std::get_if<evidence::NotReached>(&entry.what);
        if (missed != nullptr && missed->asked.channel > 0) {
            oneStringShare_ = std::max(oneStringShare_, noSecondPin);
        }
    }
}

/// The channel that may be one with this, -1 for none.
int LedStrings::maybeOneChannel(int channel) const {
    const auto& channels = backlight_.channels;
    for (int other = 0; oneStringShare_ > 0 && other < int(channels.size()); ++other) {
        if (other != channel && channels[std::size_t(other)].feed == channels[std::size_t(channel)].feed) {
            return other;
        }
    }
    return -1;
}

source::MaybeOne LedStrings::mayBeOneWith(int site) const {
    const int channel = maybeOneChannel(cellAt(site).string.channel);
    for (int other = 0; channel >= 0 && other < siteCount(); ++other) {
        if (cellAt(other).string.channel == channel) {
            return {other, oneStringShare_};
        }
    }
    return {};
}

void LedStrings::nameSpecs() {
    std::vector<backlight::LedSpec> specs;
    for (const auto& strip : backlight_.strips) {
        sideBySide_ = sideBySide_ || strip.parallel * strip.chains > 1;
        auto found = std::find(specs.begin(), specs.end(), strip.led);
        specOfStrip_.push_back(int(found - specs.begin()));
        if (found == specs.end()) {
            specs.push_back(strip.led);
        }
    }
}

void LedStrings::nameCircuits() {
    std::vector<std::vector<double>> wirings;
    for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
        std::vector<double> wiring = {backlight_.channels[channel].someAmps()};
        for (int string = 0; string < int(backlight_.channels[channel].strings.size()); ++string) {
            for (const double number : signatureOf(backlight::wholeString(backlight_, {channel, string}))) {
                wiring.push_back(number);
            }
        }
        const auto found = std::find(wirings.begin(), wirings.end(), wiring);
        circuitOfChannel_.push_back(int(found - wirings.begin()));
        if (found == wirings.end()) {
            wirings.push_back(std::move(wiring));
        }
    }
    healthyDemands_.assign(wirings.size(), notYet);
}

void LedStrings::findSteps() {
    for (const auto& ref : backlight::stringsOf(backlight_)) {
        steps_.emplace_back();
        for (const auto& section : backlight::sectionsOf(backlight_, backlight::wholeString(backlight_, ref))) {
            for (int position = section.first; position < section.end(); ++position) {
                steps_.back().push_back(
                    {section.first, (position - section.first) / section.length, section.branches, section.length});
            }
        }
    }
}

source::Split LedStrings::split(const Run& run) {
    source::Split split;
    for (const auto& cell : partition_.cells()) {
        split.unitsBefore.push_back(int(cell.positions.size()));
    }
    for (const auto& [within, without] : partition_.split(run)) {
        split.parts.push_back({within, without});
    }
    return split;
}

std::size_t LedStrings::KeyHash::operator()(const Key& key) const {
    std::size_t hash = std::size_t(key.circuit);
    for (const Deviation& d : key.deviations) {
        boost::hash_combine(hash, (std::uint64_t(d.string) << 20) ^ (std::uint64_t(d.spec) << 8) ^
                                      (std::uint64_t(d.fault) << 1) ^ std::uint64_t(d.bridged));
        boost::hash_combine(
            hash, (std::uint64_t(d.section) << 16) ^ (std::uint64_t(d.branch) << 8) ^ std::uint64_t(d.position));
    }
    for (const auto& sign : key.signs) {
        boost::hash_combine(hash, faults::hashOf(sign));
    }
    return hash;
}

bool LedStrings::Key::isOfUnknownSize() const {
    return !signs.empty() ||
           std::any_of(deviations.begin(), deviations.end(), [](const auto& d) { return d.fault == LedFault::Leaky; });
}

bool LedStrings::canHave(source::SiteIndex site, source::UnitFaultIndex kind) const {
    const auto& cell = cellAt(site);
    const auto& strip = backlight_.strips[std::size_t(cell.strip)];
    switch (LedFault(int(kind))) {
        case LedFault::DieShorted:
            return strip.led.dies > 1;
        case LedFault::GroupOpen: {
            const Run step{cell.string, cell.positions.front(), cell.positions.front()};
            return strip.parallel > 1 && backlight::probeable(backlight_, step).first == step.first;
        }
        default:
            return true;
    }
}

const text::Text& LedStrings::titleOf(LedFault fault) const {
    return knowledge_.suspects[std::size_t(unitFaults_[std::size_t(fault)].suspect)].title;
}

/// Faults of one strip go to different steps where LEDs stand side by side, as long as there are any.
Faults LedStrings::placed(const FaultList& faults) const {
    Faults wrong;
    std::set<int> taken;     // positions of these faults in the string of the cell
    std::set<int> sections;  // and the steps that they are in
    int stringOfTaken = -1;
    for (const auto& fault : faults) {
        const auto* units = faults::asUnits(fault);
        if (units == nullptr) {
            faults::addTo(wrong, fault);
            continue;
        }
        const auto& cell = cellAt(units->site);
        if (cell.stringIndex != stringOfTaken) {
            taken.clear();
            sections.clear();
            stringOfTaken = cell.stringIndex;
        }
        int left = units->count;
        for (const bool besideAnother : {false, true}) {
            for (auto at = cell.positions.begin(); left > 0 && at != cell.positions.end(); ++at) {
                const int section = stepOf(cell, *at).section;
                if (taken.contains(*at) || (!besideAnother && sections.contains(section))) {
                    continue;
                }
                taken.insert(*at);
                sections.insert(section);
                wrong.leds.push_back({partition_.placeOf(cell, *at), LedFault(int(units->kind))});
                --left;
            }
        }
    }
    return wrong;
}

const backlight::Backlight& LedStrings::madeOf(const FaultList& faults) {
    std::vector<faults::Fault> remade;
    std::copy_if(faults.begin(), faults.end(), std::back_inserter(remade), faults::remakes);
    if (remade.empty()) {
        return backlight_;
    }
    const auto [entry, isNew] = madeOf_.try_emplace(remade, backlight_);
    for (std::size_t i = 0; isNew && i < remade.size(); ++i) {
        faults::remake(entry->second, remade[i]);
    }
    return entry->second;
}

/// What a run is made of, as numbers that are equal for runs that look alike from their ends: section after section its
/// branches, LEDs and their spec, and the harness when the plug is in the path.
std::vector<double> LedStrings::signatureOf(const Run& run) const {
    std::vector<double> signature = {-1};
    const auto order = backlight::ledsInOrder(backlight_, run.string);
    for (const auto& section : backlight::sectionsOf(backlight_, run)) {
        const double spec = specOfStrip_[order[section.first].strip];
        if (section.branches == 1 && signature.size() >= 4 && signature[signature.size() - 3] == 1 &&
            signature.back() == spec) {
            signature[signature.size() - 2] += section.length;  // goes on in the row before it
            continue;
        }
        signature.insert(signature.end(), {double(section.branches), double(section.length), spec});
    }
    if (run == backlight::wholeString(backlight_, run.string)) {
        signature.push_back(backlight::harnessOhms(backlight_, run.string.channel));
    }
    return signature;
}

/// Sections and branches are told apart, not by where they are: numbered as they come.
void LedStrings::renumber(Key& key) {
    const auto seen = key.deviations;
    for (std::size_t i = 0; i < seen.size(); ++i) {
        Deviation& d = key.deviations[i];
        if (d.section == 0) {
            continue;
        }
        std::size_t first = i;
        std::size_t firstOfBranch = i;
        for (std::size_t j = i; j-- > 0;) {
            if (seen[j].string == seen[i].string && seen[j].section == seen[i].section) {
                first = j;
                firstOfBranch = seen[j].branch == seen[i].branch ? j : firstOfBranch;
            }
        }
        d.section = 1 + int(first);
        d.branch = 1 + int(firstOfBranch);
    }
}

/// LEDs in series are interchangeable for a circuit unless the chassis, a jumper or a fault of another kind tells them
/// apart.
bool LedStrings::placesMatter(const FaultList& faults) {
    const auto isOfLeds = [](const faults::Fault& fault) { return faults::asUnits(fault) != nullptr; };
    return faults::holdsLeak(faults) || (faults.size() > 1 && std::any_of(faults.begin(), faults.end(), isOfLeds) &&
                                         !std::all_of(faults.begin(), faults.end(), isOfLeds));
}

source::DemandIndex LedStrings::demandIndex(int channel, const FaultList& faults) {
    auto& healthy = healthyDemands_[std::size_t(circuitOfChannel_[std::size_t(channel)])];
    const bool places = placesMatter(faults);
    const auto signHere = [&](const faults::Fault& fault) {
        return faults::signInChannel(fault, wiring_, channel, places);
    };
    const bool isHere = std::any_of(faults.begin(), faults.end(), [&](const auto& fault) {
        const auto* units = faults::asUnits(fault);
        return units != nullptr ? cellAt(units->site).string.channel == channel : signHere(fault).has_value();
    });
    if (!isHere && healthy != notYet) {
        return healthy;
    }
    Key key;
    key.circuit = circuitOfChannel_[std::size_t(channel)];
    for (const auto& fault : faults) {
        if (const auto sign = signHere(fault)) {
            key.signs.push_back(*sign);
        }
    }
    addDeviations(faults, key, [&](const locate::Cell& cell, int position, Deviation& deviation) {
        deviation.string = cell.string.string;
        deviation.position = places ? position : -1;
        deviation.fault = backlight::atWork(deviation.fault);
        return cell.string.channel == channel;
    });
    if (key.isHealthy() && healthy != notYet) {
        return healthy;
    }
    const auto found = demandIndex_.find(key);
    if (found != demandIndex_.end()) {
        return found->second;
    }
    auto demand = backlight::demandOf(madeOf(faults), channel, placed(faults));
    if (demand.conducts && key.isOfUnknownSize()) {
        const double sound = this->demand(channel, FaultList{}).volts;
        demand.spreadVolts = backlight::sizeShare * std::abs(demand.volts - sound);
    }
    const auto index = source::DemandIndex(demands_.size());
    demands_.push_back(std::move(demand));
    healthy = key.isHealthy() ? index : healthy;
    demandIndex_.emplace(std::move(key), index);
    return index;
}

std::vector<source::DemandIndex> LedStrings::soundDemands() {
    std::vector<source::DemandIndex> sound;
    for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
        sound.push_back(demandIndex(channel, {}));
    }
    return sound;
}

void LedStrings::demandsOf(const FaultList& faults, std::vector<source::DemandIndex>& byChannel) {
    for (const auto& fault : faults) {
        const auto* units = faults::asUnits(fault);
        const int first = units == nullptr ? 0 : cellAt(units->site).string.channel;
        const int end = units == nullptr ? int(backlight_.channels.size()) : first + 1;
        for (int channel = first; channel < end; ++channel) {
            byChannel[std::size_t(channel)] = demandIndex(channel, faults);
        }
    }
}

std::array<double, backlight::ledFaultKinds> LedStrings::faultShares(const FaultList& faults, LedPlace place) const {
    const int cell = partition_.cellOf(place);
    std::array<double, backlight::ledFaultKinds> shares{};
    for (const auto& fault : faults) {
        const auto* units = faults::asUnits(fault);
        if (units != nullptr && units->site == cell) {
            shares[std::size_t(units->kind)] +=
                double(units->count) / double(partition_.cells()[cell].positions.size());
        }
    }
    return shares;
}

std::vector<source::Candidate> LedStrings::candidates(const knowledge::SuspectKind& suspect) const {
    std::vector<source::Candidate> all;
    std::map<int, std::vector<faults::Fault>> byChannel;
    for (const auto& fault : faults::candidatesFor(suspect.strings, backlight_)) {
        all.push_back({FaultList(1, fault), (1 - oneStringShare_) * lasts(fault)});
        const int strip = faults::stripOf(fault, backlight_);
        byChannel[backlight::wholeStrip(backlight_, strip).string.channel].push_back(fault);
    }
    for (const auto& [channel, here] : byChannel) {
        const auto there = byChannel.find(maybeOneChannel(channel));
        for (std::size_t i = 0; there != byChannel.end() && there->first > channel && i < here.size(); ++i) {
            // Strips that nobody described are alike.
            all.push_back({{here[i], there->second.at(i)}, 2 * oneStringShare_ * lasts(here[i])});
        }
    }
    return all;
}

double LedStrings::lasts(const faults::Fault& fault) const {
    constexpr double burntSlowly = 0.05;
    constexpr double kneeSigma = 0.1;  ///< of where LEDs begin to take a current that harms them
    const auto* leak = std::get_if<faults::Leak>(&fault);
    if (leak == nullptr) {
        return 1;
    }
    using driver::Reference;
    const int feed = backlight_.channels[std::size_t(leak->string.channel)].feed;
    const double before = double(leak->before) / backlight::wholeString(backlight_, leak->string).count();
    const double over = std::log(before * known_.value(Reference::Strings, feed) / known_.value(Reference::Idle));
    const double sigma = std::hypot(kneeSigma, known_.spread(Reference::Strings, feed), known_.spread(Reference::Idle));
    return burntSlowly + (1 - burntSlowly) * cdf(boost::math::normal(0, sigma), over);
}

bool LedStrings::lightsAround(LedPlace bridged, const FaultList& faults) {
    FaultList rest = faults;  // the bridged LED no longer matters
    const int cell = partition_.cellOf(bridged);
    const auto end = std::remove_if(rest.begin(), rest.end(), [&](const faults::Fault& fault) {
        const auto* units = faults::asUnits(fault);
        return units != nullptr && units->site == cell && partition_.cells()[cell].positions.size() == 1;
    });
    rest.erase(end, rest.end());
    return demand(partition_.cells()[cell].string.channel, rest).conducts;
}

bool LedStrings::touches(const evidence::Observation& what, int site) const {
    return evidence::touches(what, site, partition_, scene_);
}

std::optional<source::DrivenIndex> LedStrings::drivenFor(const evidence::Observation& what) {
    const auto run = evidence::lookedAlong(what);
    if (!run) {
        return std::nullopt;
    }
    const auto found = std::find(driven_.begin(), driven_.end(), *run);
    const source::DrivenIndex index(int(found - driven_.begin()));
    if (found == driven_.end()) {
        driven_.push_back(*run);
    }
    return index;
}

/// On a run that was lit; of LEDs in one cell the one that looks darkest.
bool LedStrings::conductedWhenRead(const Run& run) const {
    return std::any_of(standing_.begin(), standing_.end(), [&](const auto& entry) {
        const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
        return taken != nullptr && taken->run == run && taken->lit.value_or(0) > 0;
    });
}

std::vector<source::Marked> LedStrings::marked() const {
    using Glow = evidence::LedSeen::Glow;
    std::map<Run, std::vector<const evidence::LedSeen*>> looks;
    for (const auto& entry : standing_) {
        if (const auto* seen = std::get_if<evidence::LedSeen>(&entry.what)) {
            looks[seen->under].push_back(seen);
        }
    }
    std::vector<source::Marked> marked;
    for (const auto& [run, look] : looks) {
        const bool isLit = conductedWhenRead(run) || std::any_of(look.begin(), look.end(), [](const auto* seen) {
                               return seen->glow != Glow::Dark;
                           });
        for (const auto* seen : look) {
            if (isLit && seen->glow != Glow::Lit) {
                marked.push_back({source::SiteIndex(partition_.cellOf(seen->place)), seen->glow != Glow::Dark});
            }
        }
    }
    std::sort(marked.begin(), marked.end());
    const auto isSame = [](const source::Marked& a, const source::Marked& b) { return a.site == b.site; };
    marked.erase(std::unique(marked.begin(), marked.end(), isSame), marked.end());
    return marked;
}

/// What is wrong, in a set whose strips nobody has described.
Text LedStrings::titleWithoutPlace(const FaultList& faults, const knowledge::SuspectKind& suspect) const {
    std::set<LedFault> kinds;
    for (const auto& fault : faults) {
        if (const auto* units = faults::asUnits(fault)) {
            kinds.insert(LedFault(int(units->kind)));
        }
    }
    std::vector<Text> titles;
    for (const auto kind : kinds) {
        titles.push_back(titleOf(kind));
    }
    return titles.empty() ? suspect.title : text::joined(titles);
}

Text LedStrings::titleOf(const FaultList& faults, const knowledge::SuspectKind& suspect) const {
    if (!backlight_.isDescribed) {
        return titleWithoutPlace(faults, suspect);
    }
    std::map<LedFault, std::set<int>> stripsOfFault;
    std::vector<Text> titles;
    for (const auto& fault : faults) {
        if (const auto* units = faults::asUnits(fault)) {
            stripsOfFault[LedFault(int(units->kind))].insert(cellAt(units->site).strip);
        } else {
            titles.push_back(faults::titleOf(fault, backlight_, suspect.title));
        }
    }
    for (const auto& [fault, strips] : stripsOfFault) {
        std::vector<Text> labels;
        for (const int strip : strips) {
            labels.push_back(text::name(backlight_.strips[std::size_t(strip)].label));
        }
        const Text last = labels.back();
        labels.pop_back();
        titles.push_back(labels.empty() ? say("{} in strip {}", titleOf(fault), last)
                                        : say("{} in strips {} and {}", titleOf(fault), text::joined(labels), last));
    }
    return text::joined(titles);
}

/// Strips, in place of cells and counts.
FaultList LedStrings::named(const FaultList& faults) const {
    FaultList places = faults;
    for (auto& fault : places) {
        if (auto* units = std::get_if<faults::FaultyUnits>(&fault)) {
            units->site = source::SiteIndex(cellAt(units->site).strip);  // a key, no site
            units->count = 1;
        }
    }
    std::sort(places.begin(), places.end());
    places.erase(std::unique(places.begin(), places.end()), places.end());
    return places;
}

LedShares LedStrings::spread(const std::vector<double>& bySite) const {
    LedShares result;
    if (!backlight_.isDescribed) {
        return result;
    }
    for (const auto& strip : backlight_.strips) {
        result.emplace_back(strip.leds, 0.0);
    }
    for (int site = 0; site < siteCount(); ++site) {
        for (const int position : cellAt(site).positions) {
            const auto place = partition_.placeOf(cellAt(site), position);
            result[std::size_t(place.strip)][std::size_t(place.led)] = std::min(1.0, bySite[std::size_t(site)]);
        }
    }
    return result;
}

}  // namespace dimglow::strings
