#include "core/reasoning/case_model.h"

#include <algorithm>
#include <cmath>

namespace dimglow::reasoning {

using backlight::Faults;
using backlight::LedFault;
using backlight::Run;
using backlight::TesterSetting;

namespace {

constexpr double slipShare = 0.01;     ///< an eye or a pen errs this often
constexpr double ceilingVolts = 2000;  ///< a channel is solved against a source this strong
constexpr double testerSlip = 0.003;
constexpr double testerSlipRange = 300;
constexpr double batchSigma = 0.016;  ///< spread of Vf between batches (common practice, no source)
constexpr double meterSigma = 0.005;
constexpr double darkSigmaVolts = 0.8;
constexpr double otherTypeSigma = 0.08;
const std::array<double, 3> jointOhms = {30, 150, 700};
const std::array<double, 4> otherFactors = {0.62, 0.78, 1.28, 1.55};

double logGauss(double x, double mean, double sigma) {
    const double z = (x - mean) / sigma;
    return -0.5 * z * z - std::log(sigma * 2.5066282746310002);
}

}  // namespace

std::size_t CaseModel::KeyHash::operator()(const Key& key) const {
    std::uint64_t hash = key.rest * 0x9E3779B97F4A7C15ull;
    for (const auto fault : key.faults) {
        hash = (hash ^ fault) * 0xBF58476D1CE4E5B9ull;
        hash ^= hash >> 29;
    }
    return hash;
}

CaseModel::CaseModel(const backlight::Backlight& backlight, const Knowledge& knowledge, locate::CellPartition partition)
    : backlight_(backlight),
      knowledge_(knowledge),
      partition_(std::move(partition)),
      reference_(driver::referenceOf(backlight)) {
    std::vector<backlight::LedSpec> specs;
    for (const auto& strip : backlight_.strips) {
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
            wiring.push_back(-1);
            for (const auto& place : backlight::ledsInOrder(backlight_, {channel, string})) {
                wiring.push_back(specOfStrip_[place.strip]);
            }
        }
        const auto found = std::find(wirings.begin(), wirings.end(), wiring);
        circuitOfChannel_.push_back(int(found - wirings.begin()));
        if (found == wirings.end()) {
            wirings.push_back(std::move(wiring));
        }
    }
    int stringIndex = 0;
    for (const auto& ref : backlight::stringsOf(backlight_)) {
        int before = 0;
        for (const auto& part : backlight::stringAt(backlight_, ref).strips) {
            joints_.push_back({ref, stringIndex, before, backlight::openOhms});
            for (const double ohms : jointOhms) {
                joints_.push_back({ref, stringIndex, before, ohms});
            }
            before += backlight_.strips[part.strip].leds;
        }
        ++stringIndex;
    }
    for (int strip = 0; strip < int(backlight_.strips.size()); ++strip) {
        for (const double factor : otherFactors) {
            otherStrips_.push_back({strip, factor});
        }
    }
}

Faults CaseModel::placed(const Hypothesis& hypothesis) const {
    Faults faults;
    int usedOfCell = 0;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        const CellFault& f = hypothesis.faults[i];
        const auto& cell = partition_.cells()[f.cell];
        usedOfCell = i > 0 && hypothesis.faults[i - 1].cell == f.cell ? usedOfCell : 0;
        for (int n = 0; n < f.count; ++n) {
            faults.leds.push_back({partition_.placeOf(cell, cell.positions.at(usedOfCell++)), f.fault});
        }
    }
    if (hypothesis.joint >= 0) {
        const auto& joint = joints_[hypothesis.joint];
        faults.joints.push_back({joint.string, joint.before, joint.ohms});
    }
    return faults;
}

backlight::Backlight CaseModel::withOtherStrip(const Hypothesis& hypothesis) const {
    backlight::Backlight changed = backlight_;
    if (hypothesis.otherStrip >= 0) {
        const auto& other = otherStrips_[hypothesis.otherStrip];
        changed.strips[other.strip].led.ratedVolts *= other.factor;
    }
    return changed;
}

const backlight::ChannelDemand& CaseModel::demand(int channel, const Hypothesis& hypothesis) {
    Key key;
    int used = 0;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        const auto& f = hypothesis.faults[i];
        const auto& cell = partition_.cells()[f.cell];
        for (int n = 0; n < f.count && cell.string.channel == channel; ++n) {
            key.faults[used++] = 1u + std::uint32_t(f.fault) + 4u * std::uint32_t(specOfStrip_[cell.strip]) +
                                 4096u * std::uint32_t(cell.string.string);
        }
    }
    std::sort(key.faults.begin(), key.faults.end());
    std::uint64_t joint = 0;
    if (hypothesis.joint >= 0 && joints_[hypothesis.joint].string.channel == channel) {
        joint = 1 + hypothesis.joint % 4 + 4ull * joints_[hypothesis.joint].string.string;
    }
    std::uint64_t other = 0;
    if (hypothesis.otherStrip >= 0 &&
        backlight::wholeStrip(backlight_, otherStrips_[hypothesis.otherStrip].strip).string.channel == channel) {
        other = hypothesis.otherStrip + 1;
    }
    key.rest = joint + (other << 20) + (std::uint64_t(circuitOfChannel_[channel]) << 40);
    const auto [entry, isNew] = demands_.try_emplace(key);
    if (isNew) {
        entry->second = backlight::demandOf(withOtherStrip(hypothesis), channel, placed(hypothesis), ceilingVolts);
    }
    return entry->second;
}

int CaseModel::forecastIndex(const Hypothesis& hypothesis) {
    const SuspectKind& suspect = knowledge_.suspects[hypothesis.suspect];
    Key key;
    int used = 0;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        const auto& f = hypothesis.faults[i];
        const auto& cell = partition_.cells()[f.cell];
        for (int n = 0; n < f.count; ++n) {
            key.faults[used++] = 1u + std::uint32_t(f.fault) + 4u * std::uint32_t(specOfStrip_[cell.strip]) +
                                 4096u * std::uint32_t(cell.stringIndex);
        }
    }
    std::sort(key.faults.begin(), key.faults.end());
    std::uint64_t joint = 0;
    if (hypothesis.joint >= 0) {
        joint = 1 + hypothesis.joint % 4 + 4ull * joints_[hypothesis.joint].stringIndex;
    }
    const bool stringSuspect = suspect.strings != StringFault::None;
    key.rest = joint + (std::uint64_t(hypothesis.otherStrip + 1) << 20) + (std::uint64_t(suspect.driver) << 40) +
               (std::uint64_t(suspect.blOnAbsent) << 48) + (std::uint64_t(stringSuspect) << 49);
    const auto [entry, isNew] = forecastIndex_.try_emplace(key, int(forecasts_.size()));
    if (isNew) {
        std::vector<backlight::ChannelDemand> demands;
        for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
            demands.push_back(demand(channel, hypothesis));
        }
        forecasts_.push_back(driver::forecast(backlight_, reference_, demands, suspect.driver));
        if (suspect.blOnAbsent) {
            forecasts_.back().blOn = {{1, driver::Shape::Steady, 0.1, 0.15, 0.1, 0.15}};
        }
    }
    return entry->second;
}

const CaseModel::TesterPlace& CaseModel::testerPlace(const Run& run, const TesterSetting& setting) {
    for (const auto& place : testerPlaces_) {
        if (place.run == run && place.setting == setting) {
            return place;
        }
    }
    const bool atThePlug = run == backlight::wholeString(backlight_, run.string);
    std::vector<double> signature = {setting.amps, setting.limitVolts, double(atThePlug)};
    const auto order = backlight::ledsInOrder(backlight_, run.string);
    for (int position = run.first; position <= run.last; ++position) {
        signature.push_back(specOfStrip_[order[position].strip]);
    }
    const auto circuit = circuits_.try_emplace(std::move(signature), int(circuits_.size())).first->second;
    testerPlaces_.push_back({run, setting, atThePlug, circuit});
    return testerPlaces_.back();
}

TesterForecast CaseModel::tester(const Run& run, const TesterSetting& setting, const Hypothesis& hypothesis) {
    const TesterPlace& place = testerPlace(run, setting);
    Key key;
    int used = 0;
    int dark = 0;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        const auto& f = hypothesis.faults[i];
        const auto& cell = partition_.cells()[f.cell];
        if (locate::inside(cell, run)) {
            dark += f.fault == LedFault::Dark ? f.count : 0;
            for (int n = 0; n < f.count; ++n) {
                key.faults[used++] = 1u + std::uint32_t(f.fault) + 4u * std::uint32_t(specOfStrip_[cell.strip]);
            }
        }
    }
    std::sort(key.faults.begin(), key.faults.end());
    std::uint64_t joint = 0;
    if (hypothesis.joint >= 0) {
        const auto& candidate = joints_[hypothesis.joint];
        const bool within = candidate.before > run.first && candidate.before <= run.last;
        const bool inPath = within || (place.atThePlug && candidate.before == 0);
        joint = candidate.string == run.string && inPath ? 1 + hypothesis.joint % 4 : 0;
    }
    std::uint64_t other = 0;
    if (hypothesis.otherStrip >= 0) {
        const auto& candidate = otherStrips_[hypothesis.otherStrip];
        const Run strip = backlight::wholeStrip(backlight_, candidate.strip);
        const int overlap = std::min(strip.last, run.last) - std::max(strip.first, run.first) + 1;
        if (strip.string == run.string && overlap > 0) {
            other = 1 + hypothesis.otherStrip % otherFactors.size() + 8ull * overlap;
        }
    }
    key.rest = joint + (other << 8) + (std::uint64_t(place.circuit) << 32);
    const auto [entry, isNew] = testers_.try_emplace(key);
    if (isNew) {
        const auto reading = backlight::testRun(withOtherStrip(hypothesis), run, placed(hypothesis), setting);
        TesterForecast& forecast = entry->second;
        forecast.volts = reading.volts;
        forecast.lit = reading.lit;
        forecast.conducts = reading.amps > 0.5 * setting.amps;
        const double spread = forecast.conducts ? batchSigma + (other != 0 ? otherTypeSigma : 0) : 0;
        forecast.sigma = 0.1 + std::hypot((meterSigma + spread) * reading.volts, darkSigmaVolts * dark);
    }
    return entry->second;
}

TesterForecast CaseModel::healthyTester(const Run& run, const TesterSetting& setting) {
    return tester(run, setting, Hypothesis{});
}

double CaseModel::faultShare(const Hypothesis& hypothesis, backlight::LedPlace place) const {
    const int cell = partition_.cellOf(place);
    double share = 0;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        if (hypothesis.faults[i].cell == cell) {
            share += double(hypothesis.faults[i].count) / double(partition_.cells()[cell].positions.size());
        }
    }
    return std::min(1.0, share);
}

double CaseModel::logLikelihood(const job::Observation& what, const Hypothesis& hypothesis) {
    if (const auto* answer = std::get_if<job::Answer>(&what)) {
        const TestKind* test = knowledge_.test(answer->test);
        if (test == nullptr || !test->usual.contains(answer->choice)) {
            return 0;  // a test or choice this program does not know says nothing
        }
        const auto& own = knowledge_.suspects[hypothesis.suspect].answers;
        const auto found = own.find(answer->test);
        const auto& shares = found == own.end() ? test->usual : found->second;
        const auto share = shares.find(answer->choice);
        return std::log(slipShare + (1 - slipShare) * (share == shares.end() ? 0 : share->second));
    }
    if (const auto* measured = std::get_if<job::Measured>(&what)) {
        const auto& forecast = forecastOf(hypothesis);
        const auto* volts = driver::forecastOf(forecast, measured->test, measured->channel);
        return volts == nullptr ? 0
                                : driver::logLikelihood(*volts, measured->shape, measured->volts, measured->restVolts);
    }
    if (const auto* light = std::get_if<job::LightSeen>(&what)) {
        return driver::logLikelihood(forecastOf(hypothesis).light, light->what, light->secondsToDark);
    }
    if (const auto* tester = std::get_if<job::TesterTaken>(&what)) {
        const auto forecast = this->tester(tester->run, tester->setting, hypothesis);
        double log =
            std::log(std::exp(logGauss(tester->volts, forecast.volts, forecast.sigma)) + testerSlip / testerSlipRange);
        if (tester->lit) {
            const int miss = std::abs(*tester->lit - forecast.lit);
            log += std::log(miss == 0 ? 0.9 : miss == 1 ? 0.04 : slipShare / 4);
        }
        return log;
    }
    const auto& seen = std::get<job::LedSeen>(what);
    const bool flows = tester({seen.under}, {0.03, ceilingVolts}, hypothesis).conducts;
    const double darkShare = flows ? faultShare(hypothesis, seen.place) : 1;
    const double share = seen.glow == job::LedSeen::Glow::Dark ? darkShare : 1 - darkShare;
    return std::log(slipShare + (1 - 2 * slipShare) * share);
}

}  // namespace dimglow::reasoning
