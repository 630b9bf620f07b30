#include "virtualset/bench_set.h"

#include <algorithm>
#include <cmath>

#include "core/driver/meter.h"
#include "virtualset/answering.h"
#include "virtualset/board_readings.h"
#include "virtualset/drawn_strips.h"

namespace dimglow::virtualset {

using backlight::LedFault;
using evidence::LightSeen;

namespace {

constexpr double stepSeconds = 0.002;
constexpr double watchedSeconds = 12;
/// LEDs let microamps through up to this share of their running volts: the diode's own curve.
constexpr double kneeShare = 0.78;
constexpr double glowShare = 0.82;  ///< of the volts of strings, from which their light is seen

}  // namespace

double fixedLevelOf(const backlight::Backlight& truth) {
    return 1.08 * backlight::healthyStringVolts(truth);
}

BenchSet::BenchSet(backlight::Backlight truth, Wrong wrong, Make make, const knowledge::Knowledge& trade)
    : trade_(trade),
      truth_(std::move(truth)),
      wrong_(std::move(wrong)),
      make_(make),
      strings_(truth_, {trade.suspects.front().id, wrong_.strings, wrong_.seed}, trade) {}

// ---- the boards ----------------------------------------------------------------------------------------------------

bool BenchSet::hasStandby() const {
    return !has(Trouble::MainsDead) && !has(Trouble::StandbyAged);
}

bool BenchSet::isOn() const {
    return hasStandby() && !has(Trouble::MainBoardDead) && !has(Trouble::NeverSwitchedOn);
}

/// Nothing comes through: the fuse is blown, alone or by what is shorted behind it.
bool BenchSet::isPulledDown(int feed) const {
    return wrong_.feed.value_or(feed) == feed && (has(Trouble::DriverFuse) || has(Trouble::ShortedMosfet) ||
                                                  has(Trouble::ShortedDiode) || has(Trouble::ShortedOutput));
}

bool BenchSet::switches(int feed) const {
    const bool isDead = has(Trouble::NoDriverSupply) || has(Trouble::DriverIc) || has(Trouble::OpenCoil) ||
                        has(Trouble::OpenDiode) || has(Trouble::OpenSense);
    return !isPulledDown(feed) && !(isDead && wrong_.feed.value_or(feed) == feed) && isAsked() &&
           !has(Trouble::NotDimmed);
}

double BenchSet::idleOf(int feed) const {
    if (!isOn() || isPulledDown(feed) || has(Trouble::OpenCoil) || has(Trouble::OpenDiode)) {
        const bool isOpen = has(Trouble::OpenCoil) || has(Trouble::OpenDiode);
        const bool isElsewhere = isOpen && wrong_.feed.value_or(feed) != feed;
        return isOn() && isElsewhere ? make_.idleVolts : make_.strayVolts;
    }
    return make_.idleVolts;
}

std::vector<BenchSet::Channel> BenchSet::channelsOf(int feed) const {
    std::vector<Channel> channels;
    const auto faults = backlight::atWork(wrong_.strings);
    for (int channel = 0; channel < int(truth_.channels.size()); ++channel) {
        if (truth_.channels[std::size_t(channel)].feed != feed) {
            continue;
        }
        const auto demand = backlight::demandOf(truth_, channel, faults);
        channels.push_back({demand.conducts && demand.leakAmps <= 0,
                            !(has(Trouble::DeadSink) && wrong_.channel == channel), demand.volts});
    }
    return channels;
}

/// What a driver does with the strings of a feed: how far it goes up, what then happens.
BenchSet::Aim BenchSet::aimOf(int feed, bool plugOut) const {
    Aim aim;
    aim.channels = channelsOf(feed);
    double highest = 0;
    aim.lowest = 1e9;
    aim.touches = !plugOut && !wrong_.strings.leaks.empty();
    for (auto& channel : aim.channels) {
        channel.conducts = channel.conducts && !plugOut;
        const bool runs = channel.conducts && channel.isDriven;
        aim.running += runs ? 1 : 0;
        highest = runs ? std::max(highest, channel.volts) : highest;
        aim.lowest = runs ? std::min(aim.lowest, channel.volts) : aim.lowest;
    }
    for (int channel = 0; channel < int(truth_.channels.size()); ++channel) {
        if (truth_.channels[std::size_t(channel)].feed == feed) {
            aim.nominal = std::max(aim.nominal, backlight::demandOf(truth_, channel, {}).volts);
        }
    }
    const bool isMine = wrong_.feed.value_or(feed) == feed;
    const double over = make_.overVolts * (has(Trouble::HighDivider) && isMine ? wrong_.overVoltsTimes : 1);
    const double reach = has(Trouble::AgedCapacitors) || has(Trouble::SupplyRegulation)
                             ? (isMine ? wrong_.reaches : 1) * (aim.nominal + make_.headroomVolts)
                             : 1e9;
    aim.idle = make_.isFixed && isAsked() && !isPulledDown(feed) ? 1.08 * aim.nominal : idleOf(feed);
    aim.drives = switches(feed);
    const bool allRun = aim.running == int(aim.channels.size());
    const double wanted = aim.running == 0 ? over : highest + make_.headroomVolts;
    const bool cannotReach = wanted > over + 1e-9;
    aim.top = wanted;
    if (aim.touches) {
        aim.trips = true;
        aim.top = std::min(over, 0.6 * aim.nominal + 0.3 * aim.nominal * chance("touch"));
    } else if (aim.running == 0 || cannotReach) {
        aim.top = over;
        aim.trips = make_.onDarkChannel != Make::DarkChannel::Clamps;
    } else if (!allRun) {
        aim.trips = make_.onDarkChannel == Make::DarkChannel::Trips;
        const bool goesUp = aim.trips || make_.onDarkChannel == Make::DarkChannel::Clamps;
        aim.top = goesUp ? over : wanted;
    } else {
        aim.trips = highest - aim.lowest > make_.imbalanceVolts ||
                    (make_.undervoltShare > 0 && highest < make_.undervoltShare * aim.nominal);
    }
    aim.trips = aim.trips || (has(Trouble::TripsOnSound) && isMine && !plugOut);
    if (aim.drives && aim.top > reach) {
        aim.starves = true;
        aim.trips = collapses();
        aim.top = reach;
    }
    if (has(Trouble::Nameless)) {
        aim.top = std::min(aim.top, (0.2 + 1.1 * chance("strange top")) * aim.nominal);
        aim.trips = chance("strange trips") < 0.3;
    }
    const double lightsFrom = aim.trips ? 0.9 * (aim.lowest + make_.headroomVolts) : glowShare * aim.lowest;
    const bool reaches = aim.starves ? aim.top > lightsFrom : !cannotReach;
    aim.lights = aim.drives && !plugOut && aim.running > 0 && !aim.touches && !has(Trouble::Nameless) && reaches;
    return aim;
}

/// A driver with its strings, second by second: it climbs until they have their current, or until it may not go higher;
/// what is not as it should be for as long as its blanking stops it; it tries again.
BenchSet::Course BenchSet::courseOf(int feed, bool plugOut) const {
    const auto [kept, isNew] = courses_.try_emplace({feed, plugOut});
    Course& course = kept->second;
    if (!isNew) {
        return course;
    }
    const Aim aim = aimOf(feed, plugOut);
    double volts = aim.idle;
    double until = 0;
    enum class Phase { Off, Climbs, Runs } phase = Phase::Off;
    double start = 0.7;
    course.ledMinus.resize(truth_.channels.size());
    const double shut = isShutDown("driver") ? 4 : 1e9;
    for (int step = 0; step * stepSeconds < watchedSeconds; ++step) {
        const double now = step * stepSeconds;
        if (phase == Phase::Off && aim.drives && now >= start && now < shut) {
            phase = Phase::Climbs;
            ++course.tries;
        }
        if (phase == Phase::Climbs) {
            volts += (aim.top - aim.idle) * stepSeconds / make_.softStartSeconds;
            if (volts >= aim.top || make_.isFixed) {
                volts = make_.isFixed && aim.running > 0 ? std::max(volts, aim.idle) : aim.top;
                phase = Phase::Runs;
                until = now + make_.blankingSeconds;
            }
        } else if (phase == Phase::Runs) {
            course.litSeconds += aim.lights && course.tries == 1 ? stepSeconds : 0;
            if ((aim.trips && now >= until) || now >= shut) {
                phase = Phase::Off;
                start = course.tries <= make_.restarts ? now + make_.hiccupSeconds : 1e9;
            }
        } else if (!make_.isFixed) {
            volts = fallen(volts, aim, plugOut);
        }
        course.ledPlus.push_back(volts);
        std::size_t at = 0;
        for (std::size_t channel = 0; channel < truth_.channels.size(); ++channel) {
            if (truth_.channels[channel].feed == feed) {
                course.ledMinus[channel].push_back(
                    sinkVolts(aim, aim.channels[at++], volts, phase == Phase::Runs && aim.drives));
            }
        }
    }
    course.staysLit = aim.lights && phase == Phase::Runs && !aim.trips;
    return course;
}

/// LED+ a step after it was \p volts with nothing driving it: quickly down to the knee of its strings, then slowly.
double BenchSet::fallen(double volts, const Aim& aim, bool plugOut) const {
    if (!plugOut && aim.running > 0) {
        const double knee = kneeShare * aim.lowest;
        volts = volts > knee ? knee + (volts - knee) * std::exp(-stepSeconds / 0.004) : volts;
    }
    const double floor = aim.touches ? std::min(aim.idle, kneeShare * aim.nominal * 0.6) : aim.idle;
    return floor + (volts - floor) * std::exp(-stepSeconds / make_.bleedSeconds);
}

/// LED− of a channel at \p volts of LED+.
double BenchSet::sinkVolts(const Aim& aim, const Channel& own, double volts, bool runs) const {
    if (own.conducts && own.isDriven && runs) {
        return std::max(aim.starves ? 0.05 : make_.headroomVolts, volts - own.volts);
    }
    if (own.conducts && (make_.sinksFloat || !own.isDriven)) {
        return std::max(make_.strayVolts,
                        own.isDriven ? volts - kneeShare * own.volts : volts * (0.25 + 0.7 * chance("dead sink")));
    }
    return make_.strayVolts;
}

bool BenchSet::backlightFails() const {
    for (int feed = 0; feed < int(truth_.feeds.size()); ++feed) {
        const auto channels = channelsOf(feed);
        const bool isSound =
            std::all_of(channels.begin(), channels.end(), [](const auto& c) { return c.conducts && c.isDriven; });
        const bool isWeak = (has(Trouble::AgedCapacitors) || has(Trouble::SupplyRegulation)) && collapses();
        const bool isSeen = darkShare() == 1 || make_.onDarkChannel == Make::DarkChannel::Trips;
        if (!switches(feed) || (!isSound && isSeen) || isWeak || has(Trouble::TripsOnSound) ||
            has(Trouble::HighDivider) || has(Trouble::Nameless)) {
            return isAsked();
        }
    }
    return false;
}

/// Some seconds after switch-on; before, it runs as ever.
bool BenchSet::isShutDown(const std::string& when) const {
    return make_.shutsDown && isOn() && backlightFails() && (when == "driver" || happens("late" + when, 0.75));
}

// ---- what a meter shows --------------------------------------------------------------------------------------------

evidence::Measured BenchSet::measure(const evidence::VoltsAsked& asked) const {
    const double off = 1 + 0.01 * (2 * chance("meter" + asked.test + std::to_string(asked.channel)) - 1);
    const auto steady = [&](double volts) {
        const double shown = roundedVolts(volts * off);
        return evidence::Measured{asked.test, asked.channel, driver::Shape::Steady, shown, shown, asked.feed};
    };
    const bool isLate = happens("late" + asked.test, 0.3);  // after the trip, though it was asked for before
    const bool isTakenBack = isLate && (isShutDown(asked.test) || (make_.takesBlOnBack && backlightFails()));
    if (asked.test == "blOn") {
        return steady(isAsked() && !isTakenBack ? make_.blOnVolts : make_.strayVolts);
    }
    if (asked.test == "dim") {
        const bool isDriven = isOn() && !has(Trouble::NotDimmed) && !isTakenBack;
        const double full = make_.dimIsInverted ? make_.strayVolts : make_.dimVolts;
        return steady(isDriven ? full : make_.dimIsInverted && isOn() && !isTakenBack ? 3.3 : make_.strayVolts);
    }
    if (asked.test == driver::ledPlusIdle) {
        const bool isStandby = make_.offInStandby && happens("idle in standby", 0.5);
        const double fixed = fixedLevelOf(truth_);
        return steady(isStandby                                              ? make_.strayVolts
                      : make_.isFixed && isOn() && !isPulledDown(asked.feed) ? fixed
                                                                             : idleOf(asked.feed));
    }
    const bool isSink = asked.test == driver::ledMinus;
    if (asked.feed >= int(truth_.feeds.size()) || asked.channel >= int(truth_.channels.size())) {
        return steady(0);  // nothing there
    }
    const int feed = isSink ? truth_.channels.at(std::size_t(asked.channel)).feed : asked.feed;
    const auto course = courseOf(feed, asked.test == driver::ledPlusPlugOut);
    const auto& series = isSink ? course.ledMinus[std::size_t(asked.channel)] : course.ledPlus;
    if (isSink && isLate && !course.staysLit) {
        return steady(series.back());  // read once it had gone dark
    }
    const auto view = driver::throughMeter(series, stepSeconds, make_.meterSeconds);
    return {asked.test, asked.channel, view.shape, roundedVolts(view.volts * off), roundedVolts(view.rest * off),
            asked.feed};
}

LightSeen BenchSet::light() const {
    double longest = 0;
    bool stays = false;
    for (int feed = 0; feed < int(truth_.feeds.size()); ++feed) {
        const auto course = courseOf(feed, false);
        stays = stays || course.staysLit;
        longest = std::max(longest, course.litSeconds);
    }
    if (has(Trouble::NoPicture) && happens("dark glass", 0.3)) {
        return {driver::Light::Never, 0};
    }
    if (stays) {
        return {driver::Light::StaysLit, 0};
    }
    const bool isSeen = longest > 0 && (longest > 0.05 || happens("a blink is seen", 0.5));
    return isSeen ? LightSeen{driver::Light::FlashThenDark,
                              std::max(0.1, roundedVolts(longest * (0.7 + 0.6 * chance("watch"))))}
                  : LightSeen{driver::Light::Never, 0};
}

// ---- parts, rails and pins -----------------------------------------------------------------------------------------

/// Of troubles that have several causes, the part that is bad in this set; empty where it is none that is measured.
std::string BenchSet::cause() const {
    const double drawn = chance("cause");
    if (has(Trouble::MainsDead)) {
        return drawn < 0.3 ? "mainsBridge" : drawn < 0.75 ? "primarySwitch" : "";  // else the fuse was of age
    }
    if (has(Trouble::SupplyRegulation)) {
        return drawn < 0.65 ? "supplyRectifier" : "supplyOptocoupler";
    }
    return has(Trouble::NoDriverSupply) && drawn < 0.2 ? "driverZener" : "";
}

/// Whether a part is bad, by what is wrong with the set.
bool BenchSet::isBad(const std::string& point, const std::string& ref) const {
    const auto row = [&](double least) {
        const auto& health = wrong_.rowHealth;
        const auto at = std::size_t(chance("row" + ref) * double(health.size()));
        return !health.empty() && health[std::min(at, health.size() - 1)] < least;
    };
    const std::pair<Trouble, const char*> culprits[] = {
        {Trouble::DriverFuse, "driverFuse"},    {Trouble::ShortedMosfet, "driverMosfet"},
        {Trouble::ShortedMosfet, "driverFuse"}, {Trouble::ShortedDiode, "outputDiode"},
        {Trouble::ShortedDiode, "driverFuse"},  {Trouble::ShortedOutput, "outputCapacitor"},
        {Trouble::ShortedOutput, "driverFuse"}, {Trouble::OpenCoil, "driverCoil"},
        {Trouble::OpenDiode, "outputDiode"},    {Trouble::OpenSense, "senseResistor"},
        {Trouble::HighDivider, "ovpResistor"},  {Trouble::MainsDead, "mainsFuse"}};
    for (const auto& [trouble, part] : culprits) {
        if (has(trouble) && point == part) {
            return true;
        }
    }
    if (point == cause()) {
        return true;
    }
    const bool isOfRow = (has(Trouble::AgedCapacitors) && point == "supplyCapacitor") ||
                         (has(Trouble::StandbyAged) && point == "standbyCapacitor");
    return isOfRow && row(0.7);
}

/// A rail or pin while the set is on, V; empty for what is no voltage.
std::optional<double> BenchSet::pinVolts(const std::string& point, double rated) const {
    const bool isDown = isShutDown(point) && happens("late" + point, 0.5);
    const bool isAlive = isOn() && !isDown;
    const double stray = make_.strayVolts;
    const bool isWeak = has(Trouble::AgedCapacitors) || has(Trouble::SupplyRegulation);
    if (point == "bulkRail") {
        const bool isHigh = !make_.isMonitor && isAlive && happens("active correction", 0.6);
        return has(Trouble::MainsDead) ? stray : isHigh ? 390 : 322;
    }
    if (point == "standbyRail") {
        return has(Trouble::MainsDead) ? stray : has(Trouble::StandbyAged) ? rated * (0.3 + 0.5 * chance("sb")) : rated;
    }
    if (point == "mainRail") {
        return isAlive ? rated * (isWeak ? 0.7 + 0.28 * chance("sag") : 1) : stray;
    }
    if (point == "driverVcc") {
        const bool isFed = isAlive && !has(Trouble::NoDriverSupply);
        return isFed ? rated * (isWeak ? 0.8 + 0.2 * chance("vcc sag") : 1) : stray;
    }
    if (point == "driverEnable") {
        return isAlive && isAsked() ? 3.2 : stray;
    }
    if (point == "driverDimming") {
        return isAlive && !has(Trouble::NotDimmed) ? 3.1 : stray;
    }
    if (point == "driverCompensation") {
        return isAlive && !has(Trouble::DriverIc) ? 0.8 + 1.5 * chance("comp") : stray;
    }
    if (point == "driverGate") {
        const bool hasGate = isAlive && isAsked() && !has(Trouble::NoDriverSupply) && !has(Trouble::DriverIc) &&
                             !has(Trouble::NotDimmed) && !isPulledDown(wrong_.feed.value_or(0));
        return hasGate ? 1 + 4 * chance("gate") : stray;
    }
    if (point == "tconRail") {
        return isAlive && !(has(Trouble::NoPicture) && happens("tcon", 0.3)) ? rated : stray;
    }
    return std::nullopt;
}

parts::Ratings BenchSet::printedOn(const evidence::PointAsked& asked) const {
    return usualRatings(*trade_.point(asked.point));
}

evidence::PointTaken BenchSet::check(const evidence::PointAsked& asked) const {
    const auto* kind = trade_.point(asked.point);
    const auto ratings = printedOn(asked);
    const double at = 2 * chance(asked.point + asked.ref) - 1;
    if (const auto volts = pinVolts(asked.point, ratings.volts.value_or(0))) {
        parts::PartReading reading;
        reading.volts = std::round(100 * *volts * (1 + 0.01 * at)) / 100;
        return {asked, reading};
    }
    const bool errs = happens("in circuit" + asked.point + asked.ref, 0.03);
    const bool bad = isBad(asked.point, asked.ref) != errs;
    const bool isShort = has(Trouble::ShortedMosfet) || has(Trouble::ShortedDiode) || has(Trouble::MainsDead) ||
                         has(Trouble::NoDriverSupply);
    return {asked, readingOf(kind->kind, ratings, !bad, bad ? (isShort ? -std::abs(at) : std::abs(at)) : at)};
}

// ---- what is seen, heard and tried ---------------------------------------------------------------------------------

double BenchSet::darkShare() const {
    int dark = 0;
    int all = 0;
    for (int feed = 0; feed < int(truth_.feeds.size()); ++feed) {
        for (const auto& channel : channelsOf(feed)) {
            ++all;
            dark += channel.conducts && channel.isDriven ? 0 : 1;
        }
    }
    return double(dark) / double(std::max(1, all));
}

std::string BenchSet::answerTo(const std::string& test) const {
    for (const auto room : {&BenchSet::lifeSigns, &BenchSet::sightOf, &BenchSet::tried}) {
        if (auto answer = (this->*room)(test); !answer.empty()) {
            return answer;
        }
    }
    return trade_.test(test)->choices.front().id;
}

/// What a set gives away from outside of whether it runs; empty for other tests.
std::string BenchSet::lifeSigns(const std::string& test) const {
    const bool isLit = light().what == driver::Light::StaysLit;
    const bool isUp = isOn() && !isShutDown(test);
    const bool hasPicture = isUp && !has(Trouble::NoPicture);
    if (test == "sound") {
        return isUp && !happens("muted", 0.04) ? "yes" : "no";
    }
    if (test == "standby") {
        if (!hasStandby()) {
            return has(Trouble::StandbyAged) && happens("blinks", 0.35) ? "blinks" : "off";
        }
        const bool blinks = (isShutDown(test) && happens("code", 0.6)) || has(Trouble::MainBoardDead);
        return blinks && happens("blink", 0.6) ? "blinks" : happens("no light there", 0.04) ? "off" : "on";
    }
    if (test == "blinkMeans") {
        return blinkCode();
    }
    if (test == "torch" || test == "menuOff") {
        const bool unclear = happens("unclear" + test, 0.12);
        return unclear           ? "cannotTell"
               : test == "torch" ? (hasPicture && !happens("dark scene", 0.03) ? "picture" : "noPicture")
                                 : (hasPicture && !happens("dark menu", 0.03) ? "yes" : "no");
    }
    if (test == "restarts") {
        const bool tries = courseOf(0, false).tries > 1 && !isLit;
        return (isShutDown(test) && happens("restarts", 0.5)) || (tries && happens("noticed", 0.4)) ||
                       (has(Trouble::StandbyAged) && happens("restarts", 0.3))
                   ? "yes"
                   : "no";
    }
    if (test == "audioGlow") {
        return happens("no such output", 0.35) ? "none" : isUp ? "red" : "dark";
    }
    return {};
}

/// What its sheet says of its blinking, where there is one: the block that its main board noticed, which need not be
/// the one that is at fault.
std::string BenchSet::blinkCode() const {
    if (!happens("a sheet tells", 0.4)) {
        return "notTold";
    }
    if (happens("a code for something else", 0.12)) {
        const std::string others[] = {"backlight", "supply", "mainBoard", "panel"};
        return others[std::size_t(4 * chance("which code"))];
    }
    return has(Trouble::StandbyAged) || has(Trouble::MainsDead) ? "supply"
           : has(Trouble::MainBoardDead)                        ? "mainBoard"
           : has(Trouble::NoPicture)                            ? "panel"
           : has(Trouble::AgedCapacitors) || has(Trouble::SupplyRegulation)
               ? (happens("rail noticed", 0.5) ? "supply" : "backlight")
               : "backlight";
}

/// What the eye and the ear tell of its light and its boards; empty for other tests.
std::string BenchSet::sightOf(const std::string& test) const {
    const auto gave = light();
    const bool isLit = gave.what == driver::Light::StaysLit;
    if (test == "evenness") {
        const double dark = darkShare();
        const bool few = !wrong_.strings.leds.empty() || !wrong_.strings.joints.empty();
        if (dark > 0 && isLit) {
            return dark > 0.4 ? "half" : "band";
        }
        return few && happens("spot seen", 0.35) ? "spots" : "same";
    }
    if (test == "flicker") {
        const bool flickers = has(Trouble::AgedCapacitors) || has(Trouble::ComesAndGoes);
        return happens("flickers", flickers ? 0.45 : 0.07) ? "flickers" : "none";
    }
    if (test == "tint") {
        const bool aged = std::any_of(wrong_.strings.leds.begin(), wrong_.strings.leds.end(),
                                      [](const auto& led) { return led.fault == LedFault::Aged; });
        return happens("tint", aged ? 0.5 : 0.05) ? "tint" : "none";
    }
    if (test == "rearHoles") {
        return happens("no view", 0.35) ? "cannotTell" : has(Trouble::NoPicture) ? "glows" : "dark";
    }
    if (test == "flashedBefore") {
        return happens("nobody knows", 0.5) ? "notKnown" : gave.what == driver::Light::FlashThenDark ? "yes" : "no";
    }
    if (test == "hum") {
        const bool strains = has(Trouble::AgedCapacitors) || has(Trouble::StandbyAged);
        return !happens("noise", strains ? 0.3 : 0.05) ? "quiet" : happens("hums", 0.5) ? "hums" : "ticks";
    }
    if (test == "remote") {
        return has(Trouble::NeverSwitchedOn) && happens("key", 0.45)                ? "keyStarts"
               : happens("empty cells", has(Trouble::NeverSwitchedOn) ? 0.6 : 0.04) ? "dark"
                                                                                    : "flashes";
    }
    if (test == "eyes") {
        const bool swollen = has(Trouble::AgedCapacitors) || has(Trouble::StandbyAged);
        const bool burnt = has(Trouble::ShortedMosfet) || has(Trouble::ShortedDiode) || has(Trouble::MainsDead);
        return happens("something to see", swollen ? 0.5 : burnt ? 0.25 : 0.04) ? "something" : "nothing";
    }
    if (test == "insects") {
        return happens("insects", 0.05) ? "yes" : "no";
    }
    return {};
}

/// What changes when something is reseated, swapped or driven from outside; empty for other tests.
std::string BenchSet::tried(const std::string& test) const {
    const bool isLit = light().what == driver::Light::StaysLit;
    const bool isUp = isOn() && !isShutDown(test);
    const bool hasPicture = isUp && !has(Trouble::NoPicture);
    const bool boardFails = has(Trouble::Nameless) || has(Trouble::TripsOnSound) || has(Trouble::DeadSink) ||
                            !isAsked() || has(Trouble::NotDimmed) || has(Trouble::AgedCapacitors) ||
                            has(Trouble::SupplyRegulation) || has(Trouble::HighDivider) ||
                            !switches(wrong_.feed.value_or(0));
    const bool isOfMain = has(Trouble::NotAsked) || has(Trouble::NotDimmed) || has(Trouble::MainBoardDead) ||
                          has(Trouble::NeverSwitchedOn);
    const bool isOfPower = boardFails && !isOfMain && !has(Trouble::Nameless);
    const bool stringsRun = wrong_.strings.leaks.empty() && darkShare() == 0;
    const bool isContact = has(Trouble::ComesAndGoes) || !wrong_.strings.joints.empty();
    if (test == "reseat" || test == "backOff") {
        return happens(test, isContact ? 0.4 : 0.02) ? "helps" : "same";
    }
    if (test == "dummyLoad") {
        return isOn() && !boardFails ? "runs" : "fails";
    }
    if (test == "benchLit") {
        return !stringsRun ? "noLight" : hasPicture || (isOn() && !has(Trouble::NoPicture)) ? "picture" : "lightOnly";
    }
    if (test == "forcedOn") {
        const bool asks = !has(Trouble::NotDimmed) || happens("forced dimming", 0.5);
        return isOfMain && hasStandby() && asks ? "lights" : (isLit && !isOfPower ? "lights" : "dark");
    }
    if (test == "knownMainBoard") {
        return isOfMain && !has(Trouble::NeverSwitchedOn) ? "lights" : "noChange";
    }
    if (test == "knownPowerBoard") {
        return isOfPower || !hasStandby() ? "lights" : "noChange";
    }
    if (test == "panelCheck") {
        return has(Trouble::NoPicture)                                           ? "noPicture"
               : darkShare() >= 1                                                ? "noLight"
               : darkShare() > 0                                                 ? "darkArea"
               : !wrong_.strings.leaks.empty() && happens("earthed supply", 0.5) ? "noLight"
                                                                                 : "fine";
    }
    return {};
}

std::vector<evidence::Observation> BenchSet::take(const evidence::Question& question) const {
    using Taken = std::vector<evidence::Observation>;
    const Answers answers{
        [&](const evidence::Answer::Question& asked) {
            if (asked.test == "watts") {
                const auto gave = light();
                const double watts = !hasStandby()                          ? 0.1
                                     : !isOn() || isShutDown("watts")       ? 0.5
                                     : gave.what == driver::Light::StaysLit ? make_.litWatts
                                                                            : make_.darkWatts;
                const auto* choice =
                    trade_.test(asked.test)->choiceFor(watts, trade_.setKind(make_.isMonitor ? "monitor" : ""));
                return Taken{evidence::Answer{asked.test, choice->id, std::round(10 * watts) / 10, {}}};
            }
            return Taken{
                evidence::Answer{asked.test, asAnEyeSees(wrong_.seed, *trade_.test(asked.test), answerTo(asked.test))}};
        },
        [&](const evidence::LightSeen::Question&) { return Taken{light()}; },
        [&](const evidence::Measured::Question& asked) { return Taken{measure(asked)}; },
        [&](const evidence::PointTaken::Question& asked) { return Taken{check(asked)}; },
        [&](const evidence::PointSeen::Question& asked) {
            const bool shows = isBad(asked.asked.point, asked.asked.ref) && happens("shows" + asked.asked.ref, 0.4);
            return Taken{evidence::PointSeen{
                asked.asked, shows ? evidence::PointSeen::Looks::Burnt : evidence::PointSeen::Looks::Fine}};
        },
        [&](const auto&) { return strings_.take(question); }};
    return std::visit(answers, question);
}

// ---- drawing them --------------------------------------------------------------------------------------------------

std::vector<std::string> rightNames(Trouble trouble) {
    switch (trouble) {
        case Trouble::Leds:
        case Trouble::Nameless:
            return {};
        case Trouble::NoTrouble:
            return {"nothingWrong"};
        case Trouble::ComesAndGoes:
            return {"warmJoint", "nothingWrong"};
        case Trouble::DriverFuse:
        case Trouble::ShortedMosfet:
        case Trouble::ShortedDiode:
        case Trouble::ShortedOutput:
            return {"feedMissing", "outputShorted"};
        case Trouble::NoDriverSupply:
        case Trouble::DriverIc:
        case Trouble::OpenCoil:
        case Trouble::OpenDiode:
        case Trouble::OpenSense:
            return {"driverNotSwitching"};
        case Trouble::AgedCapacitors:
        case Trouble::SupplyRegulation:
            return {"weakSupply"};
        case Trouble::HighDivider:
            return {"ovpDivider"};
        case Trouble::TripsOnSound:
            return {"tripsOnSound", "ovpDivider"};
        case Trouble::DeadSink:
            return {"deadSink"};
        case Trouble::NotAsked:
        case Trouble::MainBoardDead:
            return {"notAsked", "mainBoard", "mainBoardHidden"};
        case Trouble::NotDimmed:
            return {"dimAtZero", "notAsked", "mainBoard", "mainBoardHidden"};
        case Trouble::MainsDead:
        case Trouble::StandbyAged:
            return {"standbySupply"};
        case Trouble::NeverSwitchedOn:
            return {"notToldOn"};
        case Trouble::NoPicture:
            return {"panelPicture"};
    }
    return {};
}

DrawnTrouble drawTrouble(Draw& draw, const knowledge::Knowledge& trade, backlight::Backlight& truth) {
    const std::vector<std::pair<Trouble, double>> often = {
        {Trouble::Leds, 58},           {Trouble::NoTrouble, 1},          {Trouble::ComesAndGoes, 1},
        {Trouble::DriverFuse, 1},      {Trouble::ShortedMosfet, 2.5},    {Trouble::ShortedDiode, 1.2},
        {Trouble::ShortedOutput, 0.6}, {Trouble::NoDriverSupply, 1.3},   {Trouble::DriverIc, 2},
        {Trouble::OpenCoil, 0.3},      {Trouble::OpenDiode, 0.6},        {Trouble::OpenSense, 0.6},
        {Trouble::AgedCapacitors, 5},  {Trouble::SupplyRegulation, 1.2}, {Trouble::HighDivider, 1.2},
        {Trouble::TripsOnSound, 1},    {Trouble::DeadSink, 1.5},         {Trouble::NotAsked, 3.5},
        {Trouble::NotDimmed, 1.2},     {Trouble::MainBoardDead, 3},      {Trouble::MainsDead, 1.6},
        {Trouble::StandbyAged, 1.6},   {Trouble::NeverSwitchedOn, 0.2},  {Trouble::NoPicture, 3.5},
        {Trouble::Nameless, 2.5}};
    std::vector<double> weights;
    for (const auto& [trouble, weight] : often) {
        weights.push_back(trouble == Trouble::DeadSink && truth.channels.size() < 2 ? 0 : weight);
    }
    DrawnTrouble drawn;
    drawn.wrong.trouble = often[draw.byWeight(weights)].first;
    drawn.wrong.channel = draw.whole(0, int(truth.channels.size()) - 1);
    drawn.wrong.reaches = draw.between(0.35, 0.88);
    drawn.wrong.overVoltsTimes = draw.between(0.45, 0.8);
    const double age = draw.between(0.35, 0.75);
    for (int part = 0; part < 3; ++part) {
        drawn.wrong.rowHealth.push_back(age * draw.normal(1, 0.25));
    }
    if (truth.feeds.size() > 1 && draw.happens(0.5)) {
        drawn.wrong.feed = draw.whole(0, int(truth.feeds.size()) - 1);
    }
    if (drawn.wrong.trouble != Trouble::Leds) {
        return drawn;
    }
    const std::vector<std::pair<const char*, double>> ofStrings = {
        {"openLed", 36},    {"shortedLed", 11}, {"darkLed", 3},   {"darkLedOpens", 2},
        {"leakyLed", 1.5},  {"dieShorted", 3},  {"openPair", 12}, {"agedLed", 2},
        {"chassisLeak", 1}, {"openPlug", 5},    {"badJoint", 3},  {"otherStrip", 2}};
    std::vector<double> shares;
    for (const auto& [suspect, weight] : ofStrings) {
        shares.push_back(canHave(truth, trade.suspect(suspect)->strings) ? weight : 0);
    }
    drawn.suspect = ofStrings[draw.byWeight(shares)].first;
    const auto* suspect = trade.suspect(drawn.suspect);
    if (const auto led = knowledge::ledFaultOf(suspect->strings)) {
        drawLeds(draw, *led, truth, drawn.wrong.strings);
    } else {
        drawOther(draw, suspect->strings, truth, drawn.wrong.strings);
    }
    return drawn;
}

Make drawMake(Draw& draw, const backlight::Backlight& truth) {
    Make make;
    const double volts = backlight::healthyStringVolts(truth);
    make.isMonitor = volts < 70 && draw.happens(0.5);
    make.isFixed = draw.happens(0.06);
    make.idleVolts = truth.driver.someIdleVolts();
    make.offInStandby = draw.happens(0.6);
    make.headroomVolts = truth.driver.someHeadroomVolts();
    make.overVolts = (volts + make.headroomVolts) * truth.driver.someOvpRatio();
    make.blankingSeconds = draw.about(0.01, 0.4);
    make.softStartSeconds = draw.about(0.005, 0.15);
    make.hiccupSeconds = draw.about(0.1, 3);
    make.restarts = draw.happens(0.4) ? 1000 : draw.whole(0, 4);
    make.bleedSeconds = draw.about(0.1, 20);
    make.sinksFloat = draw.happens(0.6);
    make.onDarkChannel = Make::DarkChannel(draw.byWeight({0.5, 0.2, 0.15, 0.15}));
    make.imbalanceVolts = draw.happens(0.3) ? 1e9 : draw.between(2, 12);
    make.undervoltShare = draw.happens(0.5) ? 0 : draw.between(0.6, 0.9);
    make.shutsDown = draw.happens(0.25);
    make.takesBlOnBack = draw.happens(0.4);
    make.dimIsInverted = draw.happens(0.08);
    make.blOnVolts = draw.happens(0.75) ? draw.normal(3.2, 0.15) : draw.between(1.8, 5.2);
    make.dimVolts = draw.between(0.6, 3.4);
    make.meterSeconds = draw.between(0.1, 0.33);
    make.strayVolts = draw.happens(0.7) ? draw.between(0, 0.1) : draw.between(0.1, 0.7);
    make.litWatts = make.isMonitor ? draw.between(13, 28) : draw.between(28, 140);
    make.darkWatts = make.isMonitor ? draw.between(4, 9) : draw.between(9, 24);
    return make;
}

}  // namespace dimglow::virtualset
