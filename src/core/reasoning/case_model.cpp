#include "core/reasoning/case_model.h"

#include <algorithm>
#include <boost/container_hash/hash.hpp>
#include <boost/math/distributions/normal.hpp>
#include <cmath>
#include <set>

namespace dimglow::reasoning {

using backlight::Faults;
using backlight::LedFault;
using backlight::LedPlace;
using backlight::Run;
using backlight::TesterProbe;

namespace {

/// A way so seldom that a voltage shows itself is no reason to expect nothing.
constexpr double rareMode = 0.15;

/// Whether two runs share no LED.
bool areApart(const Run& a, const Run& b) {
    return a.string != b.string || a.last < b.first || b.last < a.first;
}

}  // namespace

std::size_t CaseModel::KeyHash::operator()(const Key& key) const {
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

bool CaseModel::Key::isOfUnknownSize() const {
    return !signs.empty() ||
           std::any_of(deviations.begin(), deviations.end(), [](const auto& d) { return d.fault == LedFault::Leaky; });
}

std::size_t CaseModel::ForecastKeyHash::operator()(const ForecastKey& key) const {
    std::size_t hash =
        std::size_t(key.behaviour) * (backlight::limits::feeds + 1) + std::size_t(key.feed - Hypothesis::everyFeed);
    boost::hash_range(hash, key.demands.begin(), key.demands.end());
    return hash;
}

std::size_t CaseModel::ProbeHash::operator()(const TesterProbe& probe) const {
    const auto& [string, first, last] = probe.run;
    const std::size_t run =
        ((std::size_t(string.channel) * 64 + std::size_t(string.string)) * 4096 + std::size_t(first)) * 4096 +
        std::size_t(last);
    return (run * 0x9E3779B97F4A7C15ull) ^ std::hash<double>()(probe.setting.amps) ^ (std::size_t(probe.minus) << 7) ^
           (probe.bridged.size() << 3);
}

namespace {

locate::CellPartition partitionFor(const backlight::Backlight& backlight, const std::vector<job::Entry>& standing) {
    locate::CellPartition partition(backlight);
    for (const auto& entry : standing) {
        evidence::split(entry.what, partition);
    }
    return partition;
}

}  // namespace

CaseModel::CaseModel(const set::DisplaySet& set, const Knowledge& knowledge, const std::vector<job::Entry>& standing,
                     std::stop_token stop)
    : CaseModel(set, knowledge, partitionFor(set.backlight, standing), std::move(stop)) {}

CaseModel::CaseModel(const set::DisplaySet& set, const Knowledge& knowledge, locate::CellPartition partition,
                     std::stop_token stop)
    : stop_(std::move(stop)),
      set_(set),
      pointsOfKind_(knowledge.points.size()),
      wiring_(backlight_),
      knowledge_(knowledge),
      partition_(std::move(partition)),
      reference_(driver::referenceOf(set_.backlight)),
      learning_(driver::nothingLearntOf(set_.backlight, reference_)) {
    for (int i = 0; i < int(set_.points.size()); ++i) {
        if (const int kind = knowledge.pointIndex(set_.points[std::size_t(i)].kind); kind >= 0) {
            pointsOfKind_[std::size_t(kind)].push_back(i);
        }
    }
    std::vector<backlight::LedSpec> specs;
    for (const auto& strip : backlight_.strips) {
        sideBySide_ = sideBySide_ || strip.parallel * strip.chains > 1;
        auto found = std::find(specs.begin(), specs.end(), strip.led);
        specOfStrip_.push_back(int(found - specs.begin()));
        if (found == specs.end()) {
            specs.push_back(strip.led);
        }
    }
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
    healthyDemands_.assign(wirings.size(), nullptr);
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

void CaseModel::checkStop() const {
    if (stop_.stop_requested()) {
        throw Stopped();
    }
}

bool CaseModel::canHave(const locate::Cell& cell, LedFault fault) const {
    const auto& strip = backlight_.strips[cell.strip];
    switch (fault) {
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

const text::Text& CaseModel::titleOf(LedFault fault) const {
    return std::find_if(knowledge_.suspects.begin(), knowledge_.suspects.end(),
                        [&](const auto& kind) { return knowledge::ledFaultOf(kind.strings) == fault; })
        ->title;
}

/// Faults of one strip go to different steps where LEDs stand side by side, as long as there are any.
Faults CaseModel::placed(const Hypothesis& hypothesis) const {
    Faults wrong;
    std::set<int> taken;     // positions of this hypothesis in the string of the cell
    std::set<int> sections;  // and the steps that they are in
    int stringOfTaken = -1;
    for (const auto& fault : hypothesis.faults) {
        const auto* leds = faults::asLeds(fault);
        if (leds == nullptr) {
            faults::addTo(wrong, fault);
            continue;
        }
        const auto& cell = partition_.cells()[leds->cell];
        if (cell.stringIndex != stringOfTaken) {
            taken.clear();
            sections.clear();
            stringOfTaken = cell.stringIndex;
        }
        int left = leds->count;
        for (const bool besideAnother : {false, true}) {
            for (auto at = cell.positions.begin(); left > 0 && at != cell.positions.end(); ++at) {
                const int section = stepOf(cell, *at).section;
                if (taken.contains(*at) || (!besideAnother && sections.contains(section))) {
                    continue;
                }
                taken.insert(*at);
                sections.insert(section);
                wrong.leds.push_back({partition_.placeOf(cell, *at), leds->fault});
                --left;
            }
        }
    }
    return wrong;
}

const backlight::Backlight& CaseModel::madeOf(const Hypothesis& hypothesis) {
    std::vector<faults::Fault> remade;
    std::copy_if(hypothesis.faults.begin(), hypothesis.faults.end(), std::back_inserter(remade), faults::remakes);
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
std::vector<double> CaseModel::signatureOf(const Run& run) const {
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

template <class See>
void CaseModel::addDeviations(const Hypothesis& hypothesis, Key& key, See see) const {
    const auto add = [&](const locate::Cell& cell, int position, LedFault fault) {
        Deviation deviation;
        deviation.spec = specOfStrip_[cell.strip];
        deviation.fault = fault;
        if (fault == LedFault::Aged || !see(cell, position, deviation)) {
            return;
        }
        if (const Step& step = stepOf(cell, position); step.sides > 1) {
            deviation.section = 1 + step.section;
            deviation.branch = 1 + step.branch;
            deviation.sides = step.sides;
            deviation.length = step.length;
        }
        key.deviations.push_back(deviation);
    };
    const auto places = sideBySide_ ? placed(hypothesis).leds : std::vector<backlight::PlacedFault>{};
    std::size_t at = 0;
    for (const auto& fault : hypothesis.faults) {
        const auto* leds = faults::asLeds(fault);
        for (int n = 0; leds != nullptr && n < leds->count; ++n, ++at) {
            const auto& cell = partition_.cells()[leds->cell];
            add(cell, sideBySide_ ? partition_.positionOf(places[at].place) : cell.positions[n], leds->fault);
        }
    }
    if (sideBySide_) {
        renumber(key);
    }
    std::sort(key.deviations.begin(), key.deviations.end());
}

/// Sections and branches are told apart, not by where they are: numbered as they come.
void CaseModel::renumber(Key& key) {
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
bool CaseModel::placesMatter(const Hypothesis& hypothesis) {
    const auto isOfLeds = [](const faults::Fault& fault) { return faults::asLeds(fault) != nullptr; };
    return faults::holdsLeak(hypothesis.faults) ||
           (hypothesis.faults.size() > 1 && std::any_of(hypothesis.faults.begin(), hypothesis.faults.end(), isOfLeds) &&
            !std::all_of(hypothesis.faults.begin(), hypothesis.faults.end(), isOfLeds));
}

const backlight::ChannelDemand& CaseModel::demand(int channel, const Hypothesis& hypothesis) {
    const auto*& healthy = healthyDemands_[circuitOfChannel_[channel]];
    const bool places = placesMatter(hypothesis);
    const auto signHere = [&](const faults::Fault& fault) {
        return faults::signInChannel(fault, wiring_, channel, places);
    };
    const bool isHere = std::any_of(hypothesis.faults.begin(), hypothesis.faults.end(), [&](const auto& fault) {
        const auto* leds = faults::asLeds(fault);
        return leds != nullptr ? partition_.cells()[leds->cell].string.channel == channel : signHere(fault).has_value();
    });
    if (!isHere && healthy != nullptr) {
        return *healthy;
    }
    Key key;
    key.circuit = circuitOfChannel_[channel];
    for (const auto& fault : hypothesis.faults) {
        if (const auto sign = signHere(fault)) {
            key.signs.push_back(*sign);
        }
    }
    addDeviations(hypothesis, key, [&](const locate::Cell& cell, int position, Deviation& deviation) {
        deviation.string = cell.string.string;
        deviation.position = places ? position : -1;
        deviation.fault = backlight::atWork(deviation.fault);
        return cell.string.channel == channel;
    });
    if (key.isHealthy() && healthy != nullptr) {
        return *healthy;
    }
    const auto [entry, isNew] = demands_.try_emplace(key);
    backlight::ChannelDemand& result = entry->second;
    if (isNew) {
        result = backlight::demandOf(madeOf(hypothesis), channel, placed(hypothesis));
        if (result.conducts && key.isOfUnknownSize()) {
            result.spreadVolts = backlight::sizeShare * std::abs(result.volts - demand(channel, Hypothesis{}).volts);
        }
    }
    healthy = key.isHealthy() ? &result : healthy;
    return result;
}

int CaseModel::forecastIndex(const Hypothesis& hypothesis) {
    const SuspectKind& suspect = knowledge_.suspects[hypothesis.suspect];
    if (soundDemands_.empty()) {
        for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
            soundDemands_.push_back(&demand(channel, Hypothesis{}));
        }
    }
    ForecastKey& key = forecastKey_;
    key.demands = soundDemands_;
    for (const auto& fault : hypothesis.faults) {
        const auto* leds = faults::asLeds(fault);
        const int channels = int(backlight_.channels.size());
        const int first = leds == nullptr ? 0 : partition_.cells()[leds->cell].string.channel;
        for (int channel = first; channel < (leds == nullptr ? channels : first + 1); ++channel) {
            key.demands[channel] = &demand(channel, hypothesis);
        }
    }
    key.behaviour = suspect.behaviour;
    key.feed = hypothesis.feed;
    const auto [entry, isNew] = forecastIndex_.try_emplace(key, int(forecasts_.size()));
    if (isNew) {
        std::vector<const driver::Behaviour*> behaviours(backlight_.feeds.size(), &knowledge_.healthy());
        for (int feed = 0; feed < int(behaviours.size()); ++feed) {
            const bool behavesSo = hypothesis.feed == Hypothesis::everyFeed || hypothesis.feed == feed;
            behaviours[std::size_t(feed)] = behavesSo ? &knowledge_.behaviourOf(suspect) : &knowledge_.healthy();
        }
        forecasts_.push_back(driver::forecast(backlight_, reference_, key.demands, behaviours));
    }
    return entry->second;
}

CaseModel::TesterPlace& CaseModel::testerPlace(const TesterProbe& probe) {
    const auto found = testerPlaces_.find(probe);
    if (found != testerPlaces_.end()) {
        return found->second;
    }
    const Run& run = probe.run;
    const bool atThePlug = run == backlight::wholeString(backlight_, run.string);
    std::vector<double> signature = signatureOf(run);
    signature.insert(signature.end(), {probe.setting.amps, probe.setting.limitVolts, double(atThePlug)});
    if (probe.minus == TesterProbe::Minus::Chassis || !probe.bridged.empty()) {
        signature.push_back(1e6 + double(circuits_.size()));  // depends on where in the string: no sharing
    }
    const auto circuit = circuits_.try_emplace(std::move(signature), int(circuits_.size())).first->second;
    return testerPlaces_.emplace(probe, TesterPlace{atThePlug, circuit, batchOf(run), shownAbove(probe)}).first->second;
}

void CaseModel::setTesterReadings(const std::vector<evidence::TesterTaken>& taken) {
    constexpr double stillABatch = 0.1;
    constexpr double hardlyABatch = 0.3;  ///< one that several runs of the set agree on
    constexpr double agree = 0.025;
    batchShifts_.clear();
    shown_.clear();
    testerPlaces_.clear();
    std::vector<Shift> shifts;
    std::vector<Shift> large;
    for (const auto& reading : taken) {
        const bool isWhole = reading.minus == TesterProbe::Minus::EndOfRun && reading.bridged.empty() &&
                             reading.lit.value_or(reading.run.count()) == reading.run.count();
        const auto healthy = healthyTester(reading.probe());
        if (!reading.volts || !isWhole || !healthy.conducts) {
            continue;
        }
        const double off = std::abs(*reading.volts / healthy.volts - 1);
        const Shift shift{reading.run, std::log(*reading.volts / healthy.volts)};
        if (off < stillABatch) {
            shifts.push_back(shift);
        } else if (off < hardlyABatch && reading.lit) {
            large.push_back(shift);
        }
    }
    for (const auto& one : large) {
        const bool isShared = std::any_of(large.begin(), large.end(), [&](const Shift& other) {
            return areApart(one.run, other.run) && std::abs(one.log - other.log) < agree;
        });
        if (isShared) {
            shifts.push_back(one);
        }
    }
    batchShifts_ = std::move(shifts);
    for (const auto& reading : taken) {
        if (reading.volts && reading.minus == TesterProbe::Minus::EndOfRun && reading.bridged.empty()) {
            shown_.push_back({reading.probe(), *reading.volts});
        }
    }
    testerPlaces_.clear();  // made without them
}

const CaseModel::Shown* CaseModel::shownAbove(const TesterProbe& probe) const {
    const Shown* above = nullptr;
    for (const auto& shown : shown_) {
        const bool isAbove = shown.probe.run == probe.run && shown.probe.setting.amps > probe.setting.amps &&
                             probe.minus == TesterProbe::Minus::EndOfRun && probe.bridged.empty();
        if (isAbove && (above == nullptr || shown.probe.setting.amps > above->probe.setting.amps)) {
            above = &shown;
        }
    }
    return above;
}

/// What the run was off by at the other current is shared out between its batch and the size of the fault, by how well
/// either is known; a resistance takes volts as its current does, LEDs hardly less at a lower one.
TesterForecast CaseModel::heldAgainst(const Shown& shown, const TesterProbe& probe, const Batch& batch,
                                      const Hypothesis& hypothesis) {
    constexpr double curveShare = 0.006;  ///< of LEDs from one current to the other (common practice, no source)
    const auto square = [](double x) { return x * x; };
    TesterForecast here = testerOfItsKind(probe, testerPlace(probe), hypothesis);
    const TesterForecast there = testerOfItsKind(shown.probe, testerPlace(shown.probe), hypothesis);
    const double size = square(there.sizeSigma);
    const double lot = square(batch.sigma * there.volts);
    const double all = square(there.sigma) + lot;
    const double sizeTimes = size == 0 ? 0 : here.sizeSigma / there.sizeSigma;
    const double lotTimes = here.volts / there.volts;
    const double shared = sizeTimes * size + lotTimes * lot;
    here.sigma =
        std::sqrt(square(here.sigma) + square(lotTimes) * lot - square(shared) / all + square(curveShare * here.volts));
    here.volts = here.volts * (1 + batch.shift) + shared / all * (shown.volts - there.volts * (1 + batch.shift));
    return here;
}

/// Of the other runs the median, held against how far a batch is off at all: one of them may have a fault of its own.
CaseModel::Batch CaseModel::batchOf(const Run& run) const {
    constexpr double shiftSigma = 0.02;  ///< of what one run tells
    std::vector<double> shifts;
    for (const auto& shift : batchShifts_) {
        if (areApart(shift.run, run)) {
            shifts.push_back(shift.log);
        }
    }
    const double prior = backlight::batchShare * backlight::batchShare;
    if (!backlight_.ledPoints.empty()) {
        return {0, backlight::twinShare};  // one of them has been measured by itself
    }
    if (shifts.empty()) {
        return {0, std::hypot(backlight::batchShare, backlight::twinShare)};
    }
    std::sort(shifts.begin(), shifts.end());
    const double median = 0.5 * (shifts[(shifts.size() - 1) / 2] + shifts[shifts.size() / 2]);
    const double gain = prior / (prior + shiftSigma * shiftSigma / double(shifts.size()));
    return {gain * median, std::hypot(std::sqrt(prior * (1 - gain)), backlight::twinShare)};
}

TesterForecast CaseModel::tester(const TesterProbe& probe, const Hypothesis& hypothesis) {
    TesterPlace& place = testerPlace(probe);
    TesterForecast forecast = testerOfItsKind(probe, place, hypothesis);
    if (!forecast.conducts) {
        return forecast;
    }
    if (place.above != nullptr &&
        testerOfItsKind(place.above->probe, testerPlace(place.above->probe), hypothesis).conducts) {
        return heldAgainst(*place.above, probe, place.batch, hypothesis);
    }
    forecast.volts *= 1 + place.batch.shift;
    forecast.sigma = std::hypot(forecast.sigma, place.batch.sigma * forecast.volts);
    return forecast;
}

const TesterForecast& CaseModel::testerOfItsKind(const TesterProbe& probe, TesterPlace& place,
                                                 const Hypothesis& hypothesis) {
    const Run& run = probe.run;
    const auto bridged = [&](const locate::Cell& cell) {
        return cell.positions.size() == 1 &&
               std::find(probe.bridged.begin(), probe.bridged.end(),
                         partition_.placeOf(cell, cell.positions.front())) != probe.bridged.end();
    };
    const bool toChassis = probe.minus == TesterProbe::Minus::Chassis;
    if (toChassis && !hypothesis.faults.empty() && !faults::holdsLeak(hypothesis.faults)) {
        return testerOfItsKind(probe, place, Hypothesis{});  // no way back from a string that touches nothing
    }
    // In a plain string a jumper only tells its own LED from the others.
    const bool tellsPlaces = sideBySide_ || std::any_of(hypothesis.faults.begin(), hypothesis.faults.end(),
                                                        [](const auto& f) { return faults::asLeds(f) == nullptr; });
    const bool places = toChassis || (tellsPlaces && !probe.bridged.empty()) || placesMatter(hypothesis);
    Key key;
    key.circuit = place.circuit;
    addDeviations(hypothesis, key, [&](const locate::Cell& cell, int position, Deviation& deviation) {
        deviation.bridged = bridged(cell);
        deviation.fault = backlight::onTester(deviation.fault);
        deviation.position = places ? position : -1;
        return cell.string == run.string && (run.contains(position) || (toChassis && position > run.last));
    });
    int dark = 0;
    for (const auto& fault : hypothesis.faults) {
        if (const auto* leds = faults::asLeds(fault)) {
            const bool counts = backlight::onTester(leds->fault) == LedFault::Dark &&
                                locate::inside(partition_.cells()[leds->cell], run);
            dark += counts ? leds->count : 0;
        } else if (const auto sign = faults::signOnBench(fault, wiring_, {probe, place.atThePlug, places})) {
            key.signs.push_back(*sign);
        }
    }
    if (key.isHealthy() && place.healthy != nullptr) {
        return *place.healthy;
    }
    const auto [entry, isNew] = testers_.try_emplace(key);
    TesterForecast& result = entry->second;
    place.healthy = key.isHealthy() ? &result : place.healthy;
    if (isNew) {
        const auto reading = backlight::testRun(madeOf(hypothesis), probe, placed(hypothesis));
        TesterForecast forecast;
        forecast.volts = reading.volts;
        forecast.lit = reading.lit;
        forecast.conducts = reading.amps > 0.5 * probe.setting.amps;
        if (forecast.conducts && key.isOfUnknownSize()) {
            forecast.sizeSigma =
                backlight::sizeShare * std::abs(reading.volts - testerOfItsKind(probe, place, Hypothesis{}).volts);
        }
        forecast.sigma = 0.1 + std::hypot(backlight::meterShare * reading.volts, backlight::darkSpreadVolts * dark,
                                          forecast.sizeSigma);
        result = forecast;
    }
    return result;
}

TesterForecast CaseModel::healthyTester(const TesterProbe& probe) {
    return tester(probe, Hypothesis{});
}

std::array<double, backlight::ledFaultKinds> CaseModel::faultShares(const Hypothesis& hypothesis,
                                                                    LedPlace place) const {
    const int cell = partition_.cellOf(place);
    std::array<double, backlight::ledFaultKinds> shares{};
    for (const auto& fault : hypothesis.faults) {
        const auto* leds = faults::asLeds(fault);
        if (leds != nullptr && leds->cell == cell) {
            shares[int(leds->fault)] += double(leds->count) / double(partition_.cells()[cell].positions.size());
        }
    }
    return shares;
}

bool CaseModel::conducts(const Run& run, const Hypothesis& hypothesis) {
    constexpr double lookAmps = 0.03;
    return tester({run, {lookAmps, backlight::ceilingVolts}}, hypothesis).conducts;
}

double CaseModel::lasts(const faults::Fault& fault) const {
    constexpr double burntSlowly = 0.05;
    constexpr double kneeSigma = 0.1;  ///< of where LEDs begin to take a current that harms them
    const auto* leak = std::get_if<faults::Leak>(&fault);
    if (leak == nullptr) {
        return 1;
    }
    using driver::Reference;
    const auto& known = nothingLearnt().known();
    const int feed = backlight_.channels[std::size_t(leak->string.channel)].feed;
    const double before = double(leak->before) / backlight::wholeString(backlight_, leak->string).count();
    const double over = std::log(before * known.value(Reference::Strings, feed) / known.value(Reference::Idle));
    const double sigma = std::hypot(kneeSigma, known.spread(Reference::Strings, feed), known.spread(Reference::Idle));
    return burntSlowly + (1 - burntSlowly) * cdf(boost::math::normal(0, sigma), over);
}

bool CaseModel::lightsAround(LedPlace bridged, const Hypothesis& hypothesis) {
    Hypothesis rest = hypothesis;  // the bridged LED no longer matters
    const int cell = partition_.cellOf(bridged);
    const auto end = std::remove_if(rest.faults.begin(), rest.faults.end(), [&](const faults::Fault& fault) {
        const auto* leds = faults::asLeds(fault);
        return leds != nullptr && leds->cell == cell && partition_.cells()[cell].positions.size() == 1;
    });
    rest.faults.erase(end, rest.faults.end());
    const bool driven = knowledge_.behaviourOf(knowledge_.suspects[hypothesis.suspect]).drivesStrings;
    return driven && demand(partition_.cells()[cell].string.channel, rest).conducts;
}

const std::string& CaseModel::unitOf(const SuspectKind& suspect) const {
    static const std::string nowhere;
    const auto& blocks = knowledge_.setKind(set_.kind).blocks;
    return suspect.block < 0 ? nowhere : blocks[std::size_t(suspect.block)].unit;
}

parts::Grade CaseModel::gradeOf(const evidence::PointTaken& taken) {
    std::any& kept = memory(&taken);
    if (!kept.has_value()) {
        kept = knowledge_.point(taken.asked.point) == nullptr
                   ? parts::Grade::CannotTell
                   : evidence::judge(taken, set_, knowledge_, pointsTaken_).grade;
    }
    return *std::any_cast<parts::Grade>(&kept);
}

double CaseModel::weighOfBoard(const evidence::Observation& what, const Hypothesis& hypothesis) {
    int& node = learnt_.try_emplace(hypothesis.forecast, LearningTree::root).first->second;
    Explained explained(*this, hypothesis, Explained::Board{forecastOf(hypothesis), learning_, node});
    return evidence::logLikelihood(what, explained);
}

double CaseModel::logLikelihood(const evidence::Observation& what, const Hypothesis& hypothesis,
                                std::optional<bool> conducts) {
    Explained explained(*this, hypothesis, std::nullopt, conducts);
    return evidence::logLikelihood(what, explained);
}

std::optional<driver::VoltsForecast> Explained::volts(const evidence::VoltsAsked& asked) const {
    const auto* modes = board_->forecast.of(asked.test, {asked.channel, asked.feed});
    const auto& known = board_->learning.at(board_->node).known();
    const bool isKnown = modes != nullptr && std::all_of(modes->begin(), modes->end(), [&](const auto& mode) {
                             const auto volts = known.of(mode.volts);
                             return mode.weight < rareMode || driver::isKnownWellEnough(volts.median, volts.sigma);
                         });
    return isKnown ? std::optional(inVolts(*modes, known)) : std::nullopt;
}

double Explained::take(const evidence::VoltsAsked& asked, driver::Shape shape, double volts, double rest) {
    const auto* modes = board_->forecast.of(asked.test, {asked.channel, asked.feed});
    if (modes == nullptr) {
        return 0;
    }
    const auto step = board_->learning.take(board_->node, *modes, shape, volts, rest);
    board_->node = step.node;
    return step.log;
}

TesterForecast Explained::tester(const TesterProbe& probe) {
    if (suspect().isNoneOfThese) {
        return {probe.setting.limitVolts / 2, probe.setting.limitVolts / 2, -1, true};
    }
    return model_.tester(probe, hypothesis_);
}

std::array<double, backlight::ledFaultKinds> Explained::faultShares(LedPlace place) const {
    if (suspect().isNoneOfThese) {
        std::array<double, backlight::ledFaultKinds> any;
        any.fill(0.5 / double(any.size()));
        return any;
    }
    return model_.faultShares(hypothesis_, place);
}

/// Those of its part go before those of the suspect, and these before those of its unit.
const knowledge::AnswerShares& Explained::answersOf(const TestKind& test) const {
    if (const auto* own = part()) {
        if (const auto found = own->answers.find(test.id); found != own->answers.end()) {
            return found->second;
        }
    }
    if (const auto found = suspect().answers.find(test.id); found != suspect().answers.end()) {
        return found->second;
    }
    if (!test.units.empty()) {
        if (const auto found = test.units.find(model_.unitOf(suspect())); found != test.units.end()) {
            return found->second;
        }
    }
    return test.usual;
}

const knowledge::PartSuspect* Explained::part() const {
    return hypothesis_.part < 0 ? nullptr : &suspect().parts[std::size_t(hypothesis_.part)];
}

bool Explained::isCulprit(int kind, const evidence::PointAsked& asked) const {
    const auto* own = part();
    if (own == nullptr || own->point != kind) {
        return false;
    }
    const auto& written = model_.set().points;
    // One that nobody has written down is the culprit that is asked about when none is.
    return hypothesis_.point < 0 ? model_.pointsOf(kind).empty()
                                 : written[std::size_t(hypothesis_.point)].ref == asked.ref;
}

std::optional<knowledge::GradeShares> Explained::gradeShares(const evidence::PointAsked& asked) const {
    const int kind = model_.knowledge().pointIndex(asked.point);
    if (kind < 0) {
        return std::nullopt;
    }
    if (suspect().isNoneOfThese) {
        return knowledge::GradeShares{0.6, 0.2, 0.2};
    }
    const auto& point = model_.knowledge().points[std::size_t(kind)];
    if (isCulprit(kind, asked)) {
        return point.faulty;
    }
    if (const auto* own = part()) {
        if (const auto found = own->points.find(kind); found != own->points.end()) {
            return found->second;
        }
    }
    const auto found = suspect().points.find(kind);
    return found == suspect().points.end() ? point.usual : found->second;
}

std::optional<double> Explained::badLooksShare(const evidence::PointAsked& asked) const {
    const int kind = model_.knowledge().pointIndex(asked.point);
    if (kind < 0) {
        return std::nullopt;
    }
    constexpr double ofAnything = 0.1;
    const auto& point = model_.knowledge().points[std::size_t(kind)];
    return suspect().isNoneOfThese ? ofAnything : isCulprit(kind, asked) ? point.looksFaulty : point.looksUsual;
}

std::optional<double> Explained::answerShare(const std::string& test, const std::string& choice) const {
    const TestKind* kind = model_.knowledge().test(test);
    if (kind == nullptr || !kind->usual.contains(choice)) {
        return std::nullopt;
    }
    const auto& shares = answersOf(*kind);
    const auto share = shares.find(choice);
    return share == shares.end() ? 0 : share->second;
}

}  // namespace dimglow::reasoning
