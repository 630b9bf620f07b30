#include <algorithm>
#include <cmath>

#include "core/strings/add_deviations.h"

/// \file
/// What a tester shows of a run.

namespace dimglow::strings {

using backlight::LedFault;
using backlight::Run;
using backlight::TesterProbe;

namespace {

/// Whether two runs share no LED.
bool areApart(const Run& a, const Run& b) {
    return a.string != b.string || a.last < b.first || b.last < a.first;
}

}  // namespace

LedStrings::TesterPlace& LedStrings::testerPlace(const TesterProbe& probe) {
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

void LedStrings::learnFromTester() {
    const auto taken = evidence::allOf<evidence::TesterTaken>(standing_);
    constexpr double stillABatch = 0.1;
    constexpr double hardlyABatch = 0.3;  ///< one that several runs of the set agree on
    constexpr double agree = 0.025;
    std::vector<Shift> shifts;
    std::vector<Shift> large;
    for (const auto& reading : taken) {
        const bool isWhole = reading.minus == TesterProbe::Minus::EndOfRun && reading.bridged.empty() &&
                             reading.lit.value_or(reading.run.count()) == reading.run.count();
        const auto healthy = tester(reading.probe(), {});
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
    leadsProven_ = std::any_of(taken.begin(), taken.end(), [&](const auto& reading) {
        return reading.lit.value_or(0) > 0 || hasRightVolts(reading);
    });
}

/// Whether a tester showed what a healthy run takes, well below its limit: its leads are sound, seen lit or not.
bool LedStrings::hasRightVolts(const evidence::TesterTaken& taken) {
    constexpr double belowLimit = 0.9;
    if (!taken.volts || taken.lit) {
        return false;
    }
    const auto healthy = tester(taken.probe(), {});
    return healthy.volts < belowLimit * taken.setting.limitVolts &&
           std::abs(*taken.volts - healthy.volts) < 2 * healthy.sigma;
}

const LedStrings::Shown* LedStrings::shownAbove(const TesterProbe& probe) const {
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
TesterForecast LedStrings::heldAgainst(const Shown& shown, const TesterProbe& probe, const Batch& batch,
                                       const FaultList& faults) {
    constexpr double curveShare = 0.006;  ///< of LEDs from one current to the other (common practice, no source)
    const auto square = [](double x) { return x * x; };
    TesterForecast here = testerOfItsKind(probe, testerPlace(probe), faults);
    const TesterForecast there = testerOfItsKind(shown.probe, testerPlace(shown.probe), faults);
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
LedStrings::Batch LedStrings::batchOf(const Run& run) const {
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

TesterForecast LedStrings::tester(const TesterProbe& probe, const FaultList& faults) {
    TesterPlace& place = testerPlace(probe);
    TesterForecast forecast = testerOfItsKind(probe, place, faults);
    if (!forecast.conducts) {
        return forecast;
    }
    if (place.above != nullptr &&
        testerOfItsKind(place.above->probe, testerPlace(place.above->probe), faults).conducts) {
        return heldAgainst(*place.above, probe, place.batch, faults);
    }
    forecast.volts *= 1 + place.batch.shift;
    forecast.sigma = std::hypot(forecast.sigma, place.batch.sigma * forecast.volts);
    return forecast;
}

const TesterForecast& LedStrings::testerOfItsKind(const TesterProbe& probe, TesterPlace& place,
                                                  const FaultList& faults) {
    const Run& run = probe.run;
    const auto bridged = [&](const locate::Cell& cell) {
        return cell.positions.size() == 1 &&
               std::find(probe.bridged.begin(), probe.bridged.end(),
                         partition_.placeOf(cell, cell.positions.front())) != probe.bridged.end();
    };
    const bool toChassis = probe.minus == TesterProbe::Minus::Chassis;
    if (toChassis && !faults.empty() && !faults::holdsLeak(faults)) {
        return testerOfItsKind(probe, place, FaultList{});  // no way back from a string that touches nothing
    }
    // In a plain string a jumper only tells its own LED from the others.
    const bool tellsPlaces = sideBySide_ || std::any_of(faults.begin(), faults.end(),
                                                        [](const auto& f) { return faults::asUnits(f) == nullptr; });
    const bool places = toChassis || (tellsPlaces && !probe.bridged.empty()) || placesMatter(faults);
    Key key;
    key.circuit = place.circuit;
    addDeviations(faults, key, [&](const locate::Cell& cell, int position, Deviation& deviation) {
        deviation.bridged = bridged(cell);
        deviation.fault = backlight::onTester(deviation.fault);
        deviation.position = places ? position : -1;
        return cell.string == run.string && (run.contains(position) || (toChassis && position > run.last));
    });
    int dark = 0;
    for (const auto& fault : faults) {
        if (const auto* units = faults::asUnits(fault)) {
            const bool counts = backlight::onTester(LedFault(int(units->kind))) == LedFault::Dark &&
                                locate::inside(cellAt(units->site), run);
            dark += counts ? units->count : 0;
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
        const auto reading = backlight::testRun(madeOf(faults), probe, placed(faults));
        TesterForecast forecast;
        forecast.volts = reading.volts;
        forecast.lit = reading.lit;
        forecast.conducts = reading.amps > 0.5 * probe.setting.amps;
        if (forecast.conducts && key.isOfUnknownSize()) {
            forecast.sizeSigma =
                backlight::sizeShare * std::abs(reading.volts - testerOfItsKind(probe, place, FaultList{}).volts);
        }
        forecast.sigma = 0.1 + std::hypot(backlight::meterShare * reading.volts, backlight::darkSpreadVolts * dark,
                                          forecast.sizeSigma);
        result = forecast;
    }
    return result;
}

bool LedStrings::conducts(const Run& run, const FaultList& faults) {
    constexpr double lookAmps = 0.03;
    return tester({run, {lookAmps, backlight::ceilingVolts}}, faults).conducts;
}

std::size_t LedStrings::ProbeHash::operator()(const TesterProbe& probe) const {
    const auto& [string, first, last] = probe.run;
    const std::size_t run =
        ((std::size_t(string.channel) * 64 + std::size_t(string.string)) * 4096 + std::size_t(first)) * 4096 +
        std::size_t(last);
    return (run * 0x9E3779B97F4A7C15ull) ^ std::hash<double>()(probe.setting.amps) ^ (std::size_t(probe.minus) << 7) ^
           (probe.bridged.size() << 3);
}

}  // namespace dimglow::strings
