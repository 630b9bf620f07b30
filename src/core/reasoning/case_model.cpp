#include "core/reasoning/case_model.h"

#include <algorithm>
#include <cmath>

namespace dimglow::reasoning {

using backlight::Faults;
using backlight::LedFault;
using backlight::LedPlace;
using backlight::Run;
using backlight::TesterProbe;

std::size_t CaseModel::KeyHash::operator()(const Key& key) const {
    std::uint64_t hash = 0;
    const auto mix = [&](std::int64_t value) {
        hash = (hash ^ std::uint64_t(value)) * 0xBF58476D1CE4E5B9ull;
        hash ^= hash >> 29;
    };
    mix(key.circuit);
    for (int i = 0; i < key.deviationCount; ++i) {
        const Deviation& d = key.deviations[i];
        mix((d.string << 20) ^ (d.spec << 8) ^ (int(d.fault) << 1) ^ int(d.bridged));
        mix((d.section << 16) ^ (d.branch << 8) ^ d.position);
    }
    mix((key.jointString << 12) ^ key.jointBefore);
    mix(std::int64_t(key.jointOhms));
    mix((key.otherStrip << 12) ^ key.otherPlace);
    mix((key.leakString << 12) ^ key.leakBefore);
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

CaseModel::CaseModel(const backlight::Backlight& backlight, const Knowledge& knowledge, locate::CellPartition partition,
                     std::stop_token stop)
    : stop_(std::move(stop)),
      backlight_(backlight),
      knowledge_(knowledge),
      partition_(std::move(partition)),
      reference_(driver::referenceOf(backlight)) {
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
        std::vector<double> wiring = {backlight_.channels[channel].amps};
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
    int stringIndex = 0;
    for (const auto& ref : backlight::stringsOf(backlight_)) {
        steps_.emplace_back();
        for (const auto& section : backlight::sectionsOf(backlight_, backlight::wholeString(backlight_, ref))) {
            for (int position = section.first; position < section.end(); ++position) {
                steps_.back().push_back(
                    {section.first, (position - section.first) / section.length, section.branches, section.length});
            }
        }
        int before = 0;
        for (const auto& part : backlight::partsOf(backlight_, ref)) {
            joints_.push_back({ref, stringIndex, before, backlight::openOhms});
            for (const double ohms : backlight::badJointOhms) {
                joints_.push_back({ref, stringIndex, before, ohms});
            }
            before += part.count();
        }
        for (int node = 0; node <= before; ++node) {
            if (backlight::probeable(backlight_, {ref, std::min(node, before - 1), before - 1}).first ==
                std::min(node, before - 1)) {
                leaks_.push_back({ref, stringIndex, node});
            }
        }
        ++stringIndex;
    }
    for (int strip = 0; strip < int(backlight_.strips.size()); ++strip) {
        for (const double factor : backlight::otherTypeFactors) {
            otherStrips_.push_back({strip, factor, backlight::runsOnStrip(backlight_, strip)});
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

const std::string& CaseModel::titleOf(LedFault fault) const {
    return std::find_if(knowledge_.suspects.begin(), knowledge_.suspects.end(),
                        [&](const auto& kind) { return knowledge::ledFaultOf(kind.strings) == fault; })
        ->title;
}

/// Faults of one strip go to different steps where LEDs stand side by side, as long as there are any.
Faults CaseModel::placed(const Hypothesis& hypothesis) const {
    Faults faults;
    std::vector<int> used;  // positions of this hypothesis in the string of the cell
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        const CellFault& f = hypothesis.faults[i];
        const auto& cell = partition_.cells()[f.cell];
        const bool sameString =
            i > 0 && partition_.cells()[hypothesis.faults[i - 1].cell].stringIndex == cell.stringIndex;
        if (!sameString) {
            used.clear();
        }
        const auto isTaken = [&](int position) { return std::find(used.begin(), used.end(), position) != used.end(); };
        const auto isBesideTaken = [&](int position) {
            return std::any_of(used.begin(), used.end(), [&](int other) {
                return stepOf(cell, other).section == stepOf(cell, position).section;
            });
        };
        for (int n = 0; n < f.count; ++n) {
            auto at = std::find_if(cell.positions.begin(), cell.positions.end(),
                                   [&](int p) { return !isTaken(p) && !isBesideTaken(p); });
            if (at == cell.positions.end()) {
                at = std::find_if(cell.positions.begin(), cell.positions.end(), [&](int p) { return !isTaken(p); });
            }
            used.push_back(*at);
            faults.leds.push_back({partition_.placeOf(cell, *at), f.fault});
        }
    }
    if (hypothesis.joint >= 0) {
        const auto& joint = joints_[hypothesis.joint];
        faults.joints.push_back({joint.string, joint.before, joint.ohms});
    }
    if (hypothesis.leak >= 0) {
        const auto& leak = leaks_[hypothesis.leak];
        faults.leaks.push_back({leak.string, leak.before, backlight::chassisLeakOhms});
    }
    return faults;
}

const backlight::Backlight& CaseModel::withOtherStrip(const Hypothesis& hypothesis) {
    if (hypothesis.otherStrip < 0) {
        return backlight_;
    }
    const auto [entry, isNew] = withOtherStrip_.try_emplace(hypothesis.otherStrip);
    if (isNew) {
        const auto& other = otherStrips_[hypothesis.otherStrip];
        entry->second = backlight_;
        entry->second.strips[other.strip].led.ratedVolts *= other.factor;
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
        key.deviations[key.deviationCount++] = deviation;
    };
    if (sideBySide_) {
        std::size_t at = 0;
        const auto leds = placed(hypothesis).leds;
        for (int i = 0; i < hypothesis.faultCount; ++i) {
            const auto& f = hypothesis.faults[i];
            for (int n = 0; n < f.count; ++n, ++at) {
                add(partition_.cells()[f.cell], partition_.positionOf(leds[at].place), f.fault);
            }
        }
    } else {
        for (int i = 0; i < hypothesis.faultCount; ++i) {
            const auto& f = hypothesis.faults[i];
            const auto& cell = partition_.cells()[f.cell];
            for (int n = 0; n < f.count; ++n) {
                add(cell, cell.positions[n], f.fault);
            }
        }
    }
    const auto end = key.deviations.begin() + key.deviationCount;
    if (sideBySide_) {
        renumber(key);
    }
    std::sort(key.deviations.begin(), end);
}

/// Sections and branches are told apart, not by where they are: numbered as they come.
void CaseModel::renumber(Key& key) {
    std::array<Deviation, maxFaults> seen = key.deviations;
    for (int i = 0; i < key.deviationCount; ++i) {
        Deviation& d = key.deviations[i];
        if (d.section == 0) {
            continue;
        }
        int first = i;
        int firstOfBranch = i;
        for (int j = i - 1; j >= 0; --j) {
            if (seen[j].string == seen[i].string && seen[j].section == seen[i].section) {
                first = j;
                firstOfBranch = seen[j].branch == seen[i].branch ? j : firstOfBranch;
            }
        }
        d.section = 1 + first;
        d.branch = 1 + firstOfBranch;
    }
}

const backlight::ChannelDemand& CaseModel::demand(int channel, const Hypothesis& hypothesis) {
    const auto*& healthy = healthyDemands_[circuitOfChannel_[channel]];
    const auto* end = hypothesis.faults.data() + hypothesis.faultCount;
    const bool isElsewhere = hypothesis.joint < 0 && hypothesis.otherStrip < 0 && hypothesis.leak < 0 &&
                             std::none_of(hypothesis.faults.data(), end, [&](const CellFault& f) {
                                 return partition_.cells()[f.cell].string.channel == channel;
                             });
    if (isElsewhere && healthy != nullptr) {
        return *healthy;
    }
    Key key;
    key.circuit = circuitOfChannel_[channel];
    const bool leaks = hypothesis.leak >= 0 && leaks_[hypothesis.leak].string.channel == channel;
    addDeviations(hypothesis, key, [&](const locate::Cell& cell, int position, Deviation& deviation) {
        deviation.string = cell.string.string;
        deviation.position = leaks ? position : -1;
        return cell.string.channel == channel;
    });
    if (hypothesis.joint >= 0 && joints_[hypothesis.joint].string.channel == channel) {
        key.jointString = joints_[hypothesis.joint].string.string;
        key.jointOhms = joints_[hypothesis.joint].ohms;
    }
    if (hypothesis.otherStrip >= 0) {
        for (const auto& run : otherStrips_[hypothesis.otherStrip].runs) {
            if (run.string.channel == channel) {
                key.otherStrip = hypothesis.otherStrip;
                key.otherPlace = channel;
            }
        }
    }
    if (leaks) {
        key.leakString = leaks_[hypothesis.leak].string.string;
        key.leakBefore = leaks_[hypothesis.leak].before;
    }
    Key untouched;
    untouched.circuit = key.circuit;
    const bool isUntouched = key == untouched;
    if (isUntouched && healthy != nullptr) {
        return *healthy;
    }
    const auto [entry, isNew] = demands_.try_emplace(key);
    if (isNew) {
        entry->second = backlight::demandOf(withOtherStrip(hypothesis), channel, placed(hypothesis));
    }
    healthy = isUntouched ? &entry->second : healthy;
    return entry->second;
}

int CaseModel::forecastIndex(const Hypothesis& hypothesis) {
    const SuspectKind& suspect = knowledge_.suspects[hypothesis.suspect];
    ForecastKey key;
    addDeviations(hypothesis, key.strings, [](const locate::Cell& cell, int, Deviation& deviation) {
        deviation.string = cell.stringIndex;
        return true;
    });
    if (hypothesis.joint >= 0) {
        key.strings.jointString = joints_[hypothesis.joint].stringIndex;
        key.strings.jointOhms = joints_[hypothesis.joint].ohms;
    }
    key.strings.otherStrip = hypothesis.otherStrip;
    if (hypothesis.leak >= 0) {
        key.strings.leakString = leaks_[hypothesis.leak].stringIndex;
        key.strings.leakBefore = leaks_[hypothesis.leak].before;
    }
    key.driver = suspect.driver;
    key.blOnAbsent = suspect.blOnAbsent;
    const auto [entry, isNew] = forecastIndex_.try_emplace(key, int(forecasts_.size()));
    if (isNew) {
        demandsOfOne_.resize(backlight_.channels.size());
        for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
            demandsOfOne_[channel] = demand(channel, hypothesis);
        }
        forecasts_.push_back(driver::forecast(backlight_, reference_, demandsOfOne_, suspect.driver));
        if (suspect.blOnAbsent) {
            forecasts_.back().blOn = {{1, driver::Shape::Steady, 0.1, 0.15, 0.1, 0.15}};
        }
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
        signature.push_back(1e6 + double(testerPlaces_.size()));  // depends on where in the string: no sharing
    }
    const auto circuit = circuits_.try_emplace(std::move(signature), int(circuits_.size())).first->second;
    return testerPlaces_.emplace(probe, TesterPlace{atThePlug, circuit}).first->second;
}

TesterForecast CaseModel::tester(const TesterProbe& probe, const Hypothesis& hypothesis) {
    TesterPlace& place = testerPlace(probe);
    const Run& run = probe.run;
    const auto bridged = [&](const locate::Cell& cell) {
        return cell.positions.size() == 1 &&
               std::find(probe.bridged.begin(), probe.bridged.end(),
                         partition_.placeOf(cell, cell.positions.front())) != probe.bridged.end();
    };
    const bool toChassis = probe.minus == TesterProbe::Minus::Chassis;
    Key key;
    key.circuit = place.circuit;
    addDeviations(hypothesis, key, [&](const locate::Cell& cell, int position, Deviation& deviation) {
        deviation.bridged = bridged(cell);
        deviation.position = toChassis || !probe.bridged.empty() ? position : -1;
        return cell.string == run.string && (run.contains(position) || (toChassis && position > run.last));
    });
    int dark = 0;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        const auto& f = hypothesis.faults[i];
        dark += f.fault == LedFault::Dark && locate::inside(partition_.cells()[f.cell], run) ? f.count : 0;
    }
    if (hypothesis.joint >= 0) {
        const auto& candidate = joints_[hypothesis.joint];
        const int last = toChassis ? int(steps_[candidate.stringIndex].size()) : run.last;
        const bool within = candidate.before > run.first && candidate.before <= last;
        const bool inPath = within || (place.atThePlug && candidate.before == 0);
        if (candidate.string == run.string && inPath) {
            key.jointString = 0;
            key.jointOhms = candidate.ohms;
            key.jointBefore = toChassis ? candidate.before : -1;
        }
    }
    if (hypothesis.otherStrip >= 0) {
        const auto& candidate = otherStrips_[hypothesis.otherStrip];
        for (const auto& strip : candidate.runs) {
            const int last = toChassis ? strip.last : run.last;
            const int overlap = std::min(strip.last, last) - std::max(strip.first, run.first) + 1;
            if (strip.string == run.string && overlap > 0) {
                key.otherStrip = hypothesis.otherStrip;
                key.otherPlace += overlap;
            }
        }
    }
    if (hypothesis.leak >= 0 && toChassis && leaks_[hypothesis.leak].string == run.string) {
        key.leakString = 0;
        key.leakBefore = leaks_[hypothesis.leak].before;
    }
    Key healthyKey;
    healthyKey.circuit = key.circuit;
    const bool untouched = key == healthyKey;
    if (untouched && place.healthy != nullptr) {
        return *place.healthy;
    }
    const auto [entry, isNew] = testers_.try_emplace(key);
    place.healthy = untouched ? &entry->second : place.healthy;
    if (isNew) {
        const auto reading = backlight::testRun(withOtherStrip(hypothesis), probe, placed(hypothesis));
        TesterForecast& forecast = entry->second;
        forecast.volts = reading.volts;
        forecast.lit = reading.lit;
        forecast.conducts = reading.amps > 0.5 * probe.setting.amps;
        const double spread =
            forecast.conducts ? backlight::batchShare + (key.otherStrip >= 0 ? backlight::otherTypeShare : 0) : 0;
        forecast.sigma =
            0.1 + std::hypot((backlight::meterShare + spread) * reading.volts, backlight::darkSpreadVolts * dark);
    }
    return entry->second;
}

TesterForecast CaseModel::healthyTester(const TesterProbe& probe) {
    return tester(probe, Hypothesis{});
}

std::array<double, backlight::ledFaultKinds> CaseModel::faultShares(const Hypothesis& hypothesis,
                                                                    LedPlace place) const {
    const int cell = partition_.cellOf(place);
    std::array<double, backlight::ledFaultKinds> shares{};
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        const auto& f = hypothesis.faults[i];
        if (f.cell == cell) {
            shares[int(f.fault)] += double(f.count) / double(partition_.cells()[cell].positions.size());
        }
    }
    return shares;
}

bool CaseModel::conducts(const Run& run, const Hypothesis& hypothesis) {
    constexpr double lookAmps = 0.03;
    return tester({run, {lookAmps, backlight::ceilingVolts}}, hypothesis).conducts;
}

bool CaseModel::lightsAround(LedPlace bridged, const Hypothesis& hypothesis) {
    Hypothesis rest = hypothesis;  // the bridged LED no longer matters
    const int cell = partition_.cellOf(bridged);
    auto* end = std::remove_if(rest.faults.begin(), rest.faults.begin() + rest.faultCount, [&](const CellFault& f) {
        return f.cell == cell && partition_.cells()[cell].positions.size() == 1;
    });
    rest.faultCount = int(end - rest.faults.begin());
    std::fill(end, rest.faults.end(), CellFault{});
    const bool driven = knowledge_.suspects[hypothesis.suspect].driver == driver::DriverFault::None;
    return driven && demand(partition_.cells()[cell].string.channel, rest).conducts;
}

double CaseModel::logLikelihood(const evidence::Observation& what, const Hypothesis& hypothesis,
                                std::optional<bool> conducts) {
    Explained explained(*this, hypothesis, hypothesis.forecast < 0 ? nullptr : &forecastOf(hypothesis), conducts);
    return evidence::logLikelihood(what, explained);
}

std::optional<double> Explained::answerShare(const std::string& test, const std::string& choice) const {
    const TestKind* kind = model_.knowledge().test(test);
    if (kind == nullptr || !kind->usual.contains(choice)) {
        return std::nullopt;
    }
    const auto& own = model_.knowledge().suspects[std::size_t(hypothesis_.suspect)].answers;
    const auto found = own.find(test);
    const auto& shares = found == own.end() ? kind->usual : found->second;
    const auto share = shares.find(choice);
    return share == shares.end() ? 0 : share->second;
}

}  // namespace dimglow::reasoning
