#include "virtualset/sealed_set.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <stdexcept>

#include "core/circuit/operating_point.h"
#include "core/driver/quantities.h"
#include "virtualset/answering.h"
#include "virtualset/board_readings.h"

namespace dimglow::virtualset {

namespace {

constexpr double meterShare = 0.003;
constexpr double watchSeconds = 20;
constexpr double partShare = 0.01;
constexpr double reachShare = 1.1;  ///< of the over-voltage level, that string currents are tabulated for

}  // namespace

SealedSet::SealedSet(backlight::Backlight backlight, SealedFault fault, const knowledge::Knowledge& trade,
                     const Manner& manner, std::vector<set::BoardPoint> points)
    : backlight_(std::move(backlight)),
      fault_(std::move(fault)),
      trade_(trade),
      suspect_(trade.suspect(fault_.suspect)),
      manner_(manner),
      points_(std::move(points)) {
    if (suspect_ == nullptr) {
        throw std::invalid_argument(fmt::format("there is no suspect \"{}\"", fault_.suspect));
    }
    const auto& parts = suspect_->parts;
    if (fault_.part) {
        part_ = &parts.at(std::size_t(*fault_.part));
    } else if (!parts.empty()) {
        part_ = &*std::max_element(parts.begin(), parts.end(),
                                   [](const auto& a, const auto& b) { return a.share < b.share; });
    }
    stage_ = fault_.stage.value_or(behaviour().stage);
}

/// A number in -1 … 1 that depends on the seed and the question only (FNV-1a, folded).
double SealedSet::spread(const std::string& what) const {
    std::uint32_t hash = 2166136261u ^ fault_.seed;
    for (const char c : what) {
        hash = (hash ^ static_cast<unsigned char>(c)) * 16777619u;
    }
    hash ^= hash >> 15;
    return double(hash % 20001) / 10000 - 1;
}

evidence::Answer SealedSet::answer(const std::string& test) const {
    const auto* kind = trade_.test(test);
    if (kind == nullptr || kind->choices.empty()) {
        throw std::invalid_argument(fmt::format("\"{}\" is no question with choices", test));
    }
    const auto own = suspect_->answers.find(test);
    const auto unit =
        suspect_->block < 0 ? kind->units.end() : kind->units.find(trade_.blocks[std::size_t(suspect_->block)].unit);
    const auto& shares = own != suspect_->answers.end() ? own->second
                         : unit != kind->units.end()    ? unit->second
                                                        : kind->usual;
    if (manner_.eyesErr) {
        constexpr double atRandom = 0.08;  // beside what the trade's shares say
        double left = (1 + spread("answer" + test)) / 2;
        for (const auto& choice : kind->choices) {
            const auto share = shares.find(choice.id);
            left -=
                (1 - atRandom) * (share == shares.end() ? 0 : share->second) + atRandom / double(kind->choices.size());
            if (left <= 0) {
                return {test, choice.id};
            }
        }
    }
    const auto likeliest = std::max_element(shares.begin(), shares.end(),
                                            [](const auto& a, const auto& b) { return a.second < b.second; });
    return {test, likeliest->first};
}

/// Lit as long as one feed is, and seen unless a dark picture is before it.
evidence::LightSeen SealedSet::light() const {
    constexpr double hides = -0.4;  ///< of what spread() gives: three in ten
    if (manner_.eyesErr && behaviour().hidesLight > 0 && spread("glass") < hides) {
        return {driver::Light::Never, 0};
    }
    double longest = -1;
    for (int feed = 0; feed < int(backlight_.feeds.size()); ++feed) {
        const auto& watched = this->watched(feed, false);
        if (watched.lightSeconds && !watched.darkSeconds) {
            return {driver::Light::StaysLit, 0};
        }
        if (watched.lightSeconds) {
            longest = std::max(longest, *watched.darkSeconds - *watched.lightSeconds);
        }
    }
    if (longest < 0) {
        return {driver::Light::Never, 0};
    }
    return {driver::Light::FlashThenDark, std::max(0.1, roundedVolts(longest * (1 + 0.2 * spread("light"))))};
}

const driver::StageChange& SealedSet::stageOf(int feed) const {
    static const driver::StageChange sound;
    return fault_.feed.value_or(feed) == feed ? stage_ : sound;
}

bool SealedSet::hasFeed(int feed) const {
    return stageOf(feed).supplyTimes > 0 && (stageOf(feed).asked || !manner_.feedIsSwitched);
}

double SealedSet::still(const std::string& test, int feed) const {
    if (test == "blOn") {
        return stage_.asked ? manner_.blOnVolts : manner_.residueVolts;
    }
    if (test == "dim") {
        const bool isPowered = stage_.asked || stage_.supplyTimes > 0;
        const bool isDriven = isPowered && stage_.dim > 0 && (stage_.asked || !manner_.dimGoesWithBlOn);
        return isDriven ? manner_.dimVolts : manner_.residueVolts;
    }
    if (test == driver::ledPlusIdle) {
        return hasFeed(feed) ? backlight_.driver.someIdleVolts() * stageOf(feed).supplyTimes : manner_.residueVolts;
    }
    // A voltage that the knowledge files have added: as they say.
    const auto* voltage = behaviour().voltage(test);
    if (voltage == nullptr) {
        throw std::invalid_argument(fmt::format("\"{}\" is no voltage", test));
    }
    const auto& modes = voltage->modes;
    const auto& mode =
        *std::max_element(modes.begin(), modes.end(), [](const auto& a, const auto& b) { return a.weight < b.weight; });
    return driver::nothingLearntOf(backlight_, driver::referenceOf(backlight_)).known().of(mode.volts).median;
}

evidence::Measured SealedSet::measure(const std::string& test, driver::BoardPlace place) const {
    const auto& [channel, feedOfPlace] = place;
    const bool isSink = test == driver::ledMinus;
    const int feed = isSink ? backlight_.channels.at(std::size_t(channel)).feed : feedOfPlace;
    const double off = 1 + partShare * spread(test + std::to_string(channel + feedOfPlace));
    const bool plugOut = test == driver::ledPlusPlugOut;
    if (test != driver::ledPlusOn && !plugOut && !isSink) {
        const double volts = roundedVolts(still(test, feed) * off);
        return {test, channel, driver::Shape::Steady, volts, volts, feedOfPlace};
    }
    const auto& watched = this->watched(feed, plugOut);
    const int before = int(std::count_if(backlight_.channels.begin(), backlight_.channels.begin() + channel,
                                         [&](const auto& other) { return other.feed == feed; }));
    const auto series = isSink ? watched.ledMinus(before) : watched.ledPlus();
    const auto view = driver::throughMeter(series, watched.secondsApart, manner_.meterSeconds);
    const double residue = hasFeed(feed) || isSink ? 0 : manner_.residueVolts;
    const double scale = driver::referenceOf(backlight_).at(std::size_t(feed)).labelScale * off;
    return {test,
            channel,
            view.shape,
            roundedVolts(scale * view.volts + residue),
            roundedVolts(scale * view.rest + residue),
            feedOfPlace};
}

evidence::TesterTaken SealedSet::tester(const backlight::Run& run, const backlight::TesterSetting& setting) const {
    return tester(backlight::TesterProbe{run, setting});
}

evidence::TesterTaken SealedSet::tester(const backlight::TesterProbe& probe) const {
    const auto reading = backlight::testRun(backlight_, probe, fault_.strings);
    const auto& run = probe.run;
    const double off = meterShare * spread(fmt::format("{}-{}-{}", run.string.channel, run.first, run.last));
    return {run, probe.setting, roundedVolts(reading.volts * (1 + off)), reading.lit, probe.minus, probe.bridged};
}

const backlight::PlacedFault* SealedSet::faultAt(backlight::LedPlace place) const {
    const auto found = std::find_if(fault_.strings.leds.begin(), fault_.strings.leds.end(),
                                    [&](const auto& f) { return f.place == place; });
    return found == fault_.strings.leds.end() ? nullptr : &*found;
}

evidence::LedSeen SealedSet::look(backlight::LedPlace place, const backlight::Run& under) const {
    using Glow = evidence::LedSeen::Glow;
    const auto built = backlight::buildProbe(backlight_, {under, {0.03, backlight::ceilingVolts}}, fault_.strings);
    const auto point = circuit::solve(built.network);
    const auto at = std::size_t(std::find(built.leds.begin(), built.leds.end(), place) - built.leds.begin());
    const int diode = at < built.leds.size() ? built.diodeOfLed[at] : -1;
    const auto* fault = faultAt(place);
    const bool dark = diode < 0 || point.diodeAmps[diode] < backlight::glowAmps ||
                      (fault != nullptr && backlight::onTester(fault->fault) == backlight::LedFault::Dark);
    return {place, dark ? Glow::Dark : fault != nullptr ? Glow::Dim : Glow::Lit, under};
}

evidence::LedChecked SealedSet::check(backlight::LedPlace place, const parts::LedCheckSetting& setting) const {
    const auto* fault = faultAt(place);
    const auto& spec = backlight_.strips.at(place.strip).led;
    const auto forecast = fault == nullptr ? parts::forecastOf(spec, setting, std::nullopt)
                                           : parts::forecastOf(spec, setting, fault->fault, fault->size);
    evidence::LedChecked check{place, setting, {}};
    if (!forecast.overload) {
        const double off = meterShare * spread(fmt::format("led-{}-{}", place.strip, place.led));
        check.reading.volts = std::round(100 * forecast.volts * (1 + off)) / 100;
    }
    check.reading.amps = forecast.amps;
    check.reading.lit = forecast.glows;
    return check;
}

bool SealedSet::isCulprit(const evidence::PointAsked& asked) const {
    const int kind = trade_.pointIndex(asked.point);
    if (part_ == nullptr || part_->point != kind || kind < 0) {
        return false;
    }
    const auto first =
        std::find_if(points_.begin(), points_.end(), [&](const auto& p) { return p.kind == asked.point; });
    return fault_.ref.empty() ? first == points_.end() || first->ref == asked.ref : fault_.ref == asked.ref;
}

evidence::PointTaken SealedSet::check(const evidence::PointAsked& asked) const {
    const auto* kind = trade_.point(asked.point);
    if (kind == nullptr) {
        throw std::invalid_argument(fmt::format("\"{}\" is no point of a board", asked.point));
    }
    const int index = trade_.pointIndex(asked.point);
    const auto disturbs = [&](const std::map<int, knowledge::GradeShares>& points) {
        const auto found = points.find(index);
        return found != points.end() && found->second[std::size_t(parts::Grade::Bad)] > 0.5;
    };
    constexpr double seldom = 0.88;  // of a spread from -1 to 1: six in a hundred
    const bool errs = manner_.eyesErr && spread("errs" + asked.point + asked.ref) > seldom;
    const bool isSound =
        errs != (!isCulprit(asked) && !disturbs(suspect_->points) && (part_ == nullptr || !disturbs(part_->points)));
    return {asked, readingOf(kind->kind, printedOn(asked), isSound, spread(asked.point + asked.ref))};
}

parts::Ratings SealedSet::printedOn(const evidence::PointAsked& asked) const {
    const auto* kind = trade_.point(asked.point);
    if (kind == nullptr) {
        throw std::invalid_argument(fmt::format("\"{}\" is no point of a board", asked.point));
    }
    auto ratings = usualRatings(*kind);
    const auto listed = std::find_if(points_.begin(), points_.end(), [&](const auto& point) {
        return point.kind == asked.point && point.ref == asked.ref;
    });
    if (listed != points_.end()) {
        parts::fill(ratings, listed->ratings);
    }
    return ratings;
}

/// A faulty part shows it half the time where such parts ever do.
evidence::PointSeen SealedSet::look(const evidence::PointAsked& asked) const {
    constexpr double shows = 0.25;
    const auto* kind = trade_.point(asked.point);
    const bool isBad =
        kind != nullptr && kind->looksFaulty > shows && isCulprit(asked) && spread("looks" + asked.ref) > 0;
    return {asked, !isBad                                        ? evidence::PointSeen::Looks::Fine
                   : kind->kind == parts::PartKind::Electrolytic ? evidence::PointSeen::Looks::Bulged
                                                                 : evidence::PointSeen::Looks::Burnt};
}

evidence::Bridged SealedSet::bridge(backlight::LedPlace place) const {
    auto rest = fault_.strings;
    std::erase_if(rest.leds, [&](const auto& f) { return f.place == place; });
    rest.leds.push_back({place, backlight::LedFault::Shorted});
    for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
        for (int string = 0; string < int(backlight_.channels[channel].strings.size()); ++string) {
            const auto order = backlight::ledsInOrder(backlight_, {channel, string});
            if (std::find(order.begin(), order.end(), place) == order.end()) {
                continue;
            }
            const auto demand = backlight::demandOf(backlight_, channel, rest);
            const bool lights = demand.conducts && behaviour().drivesStrings;
            const double amps = demand.stringAmps[string] * (1 + meterShare * spread("bridge"));
            return {place, lights ? std::round(1000 * amps) / 1000 : 0, lights};
        }
    }
    throw std::out_of_range("the LED is in no string");
}

std::vector<evidence::Observation> SealedSet::take(const evidence::Question& question) const {
    using Taken = std::vector<evidence::Observation>;
    const Answers answers{
        [&](const evidence::Answer::Question& asked) { return Taken{answer(asked.test)}; },
        [&](const evidence::LightSeen::Question&) { return Taken{light()}; },
        [&](const evidence::Measured::Question& asked) {
            return Taken{measure(asked.test, {asked.channel, asked.feed})};
        },
        [&](const evidence::TesterTaken::Question& asked) { return Taken{tester(asked.probe())}; },
        [&](const evidence::LedSeen::Question& asked) { return Taken{look(asked.place, asked.under)}; },
        [&](const evidence::LedChecked::Question& asked) { return Taken{check(asked.place, asked.setting)}; },
        [&](const evidence::Bridged::Question& asked) { return Taken{bridge(asked.place)}; },
        [&](const evidence::NotReached::Question& asked) {
            return Taken{evidence::NotReached{asked.asked, asked.run, asked.ref}};
        },
        [&](const evidence::PointTaken::Question& asked) { return Taken{check(asked)}; },
        [&](const evidence::PointSeen::Question& asked) { return Taken{look(asked.asked)}; },
        [&](const evidence::LampsSeen::Question&) { return Taken{}; },  // it has none
        [&](const evidence::LookAlong& asked) {
            Taken seen;
            const auto order = backlight::ledsInOrder(backlight_, asked.run.string);
            for (int position = asked.run.first; position <= asked.run.last; ++position) {
                seen.emplace_back(look(order[std::size_t(position)], asked.run));
            }
            return seen;
        }};
    return std::visit(answers, question);
}

const driver::SwitchOn& SealedSet::watched(int feed, bool plugOut) const {
    const auto [kept, isNew] = watched_.try_emplace({feed, plugOut});
    if (isNew) {
        kept->second = switchOn(feed, watchSeconds, plugOut);
    }
    return kept->second;
}

driver::SwitchOn SealedSet::switchOn(int feed, double seconds, bool plugOut) const {
    std::vector<double> stops;
    for (int other = 0; manner_.feedsTripTogether && other < int(backlight_.feeds.size()); ++other) {
        if (other != feed) {
            const auto trips = switchOn(other, seconds, plugOut, {}).trips;
            stops.insert(stops.end(), trips.begin(), trips.end());
        }
    }
    std::sort(stops.begin(), stops.end());
    return switchOn(feed, seconds, plugOut, std::move(stops));
}

driver::SwitchOn SealedSet::switchOn(int feed, double seconds, bool plugOut, std::vector<double> stops) const {
    const auto alone = backlight::feedAlone(backlight_, fault_.strings, feed);
    const auto reference = driver::referenceOf(backlight_).at(std::size_t(feed));
    auto stage = driver::stageOf(alone.backlight, reference, stageOf(feed));
    stage.outputFarads = manner_.outputFarads.value_or(stage.outputFarads);
    stage.softStartSeconds = manner_.softStartSeconds.value_or(stage.softStartSeconds);
    stage.blankingSeconds = manner_.blankingSeconds.value_or(stage.blankingSeconds);
    stage.hiccupSeconds = manner_.hiccupSeconds.value_or(stage.hiccupSeconds);
    stage.restarts = manner_.restarts;
    stage.dropsDarkChannels = manner_.dropsDarkChannels;
    stage.clampsOverVoltage = manner_.clampsOverVoltage;
    stage.supplyVolts = hasFeed(feed) ? stage.supplyVolts : 0;
    stage.stops = std::move(stops);
    const double reachVolts = reachShare * reference.overVolts / reference.labelScale;
    return driver::simulate(stage, driver::StringLoad(alone.backlight, alone.faults, reachVolts, plugOut), seconds);
}

}  // namespace dimglow::virtualset
