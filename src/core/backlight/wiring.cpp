#include "core/backlight/wiring.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <map>
#include <stdexcept>

#include "core/circuit/operating_point.h"

namespace dimglow::backlight {

namespace {

constexpr double lowestHeadroomVolts = 0.01;

const PlacedFault* faultAt(const Faults& faults, LedPlace place) {
    const auto found =
        std::find_if(faults.leds.begin(), faults.leds.end(), [&](const PlacedFault& f) { return f.place == place; });
    return found == faults.leds.end() ? nullptr : &*found;
}

double pinOhms(const Backlight& backlight, HarnessPin::Role role, int channel) {
    double siemens = 0;
    for (const auto& pin : backlight.harness) {
        if (pin.role == role && pin.ohms > 0 && (role == HarnessPin::Role::LedPlus || pin.channel == channel)) {
            siemens += 1 / pin.ohms;
        }
    }
    return siemens > 0 ? 1 / siemens : 0;
}

/// `count` equal diodes side by side.
circuit::DiodeModel sideBySide(circuit::DiodeModel model, int count) {
    model.saturationAmps *= count;
    model.seriesOhms /= count;
    return model;
}

/// Adds the LEDs of strings to a network. Identical good LEDs in a row may be merged into one diode with their dies
/// added: the same circuit with fewer nodes, since they carry one current.
class StringBuilder {
public:
    StringBuilder(const Backlight& backlight, const Faults& faults, std::vector<LedPlace> bridged, Detail detail,
                  circuit::Node chassis, LedNetwork& result)
        : backlight_(backlight),
          faults_(faults),
          bridged_(std::move(bridged)),
          detail_(detail),
          chassis_(chassis),
          out_(result) {}

    /// Adds the LEDs of \p run from \p plus to \p minus. Joints at the plug and the harness are in the path of a whole
    /// string.
    void add(const Run& run, circuit::Node plus, circuit::Node minus) {
        string_ = run.string;
        places_ = ledsInOrder(backlight_, run.string);
        const bool atThePlug = run.first == 0 && run.last + 1 == int(places_.size());
        from_ = plusEnd;
        nodeCount_ = firstInner;
        alias_.clear();
        growing_.positions.reserve(places_.size());
        noted_.reserve(places_.size());
        if (out_.leds.empty()) {  // mostly the only string
            out_.leds.reserve(places_.size());
            out_.diodeOfLed.reserve(places_.size());
            out_.shareOfDiode.reserve(places_.size());
            out_.nodeAfter.reserve(places_.size());
        }
        if (atThePlug) {
            resist(pinOhms(backlight_, HarnessPin::Role::LedPlus, 0) + jointOhms(0));
        }
        for (const auto& section : sectionsOf(backlight_, run)) {
            if (section.first > run.first) {
                resist(jointOhms(section.first));
            }
            leak(section.first);
            if (section.branches == 1) {
                addSeries(section.first, section.end());
            } else if (isGood(section)) {
                addGroup(section);
            } else {
                addBranches(section);
            }
        }
        leak(run.last + 1);
        if (atThePlug) {
            resist(jointOhms(run.last + 1) + pinOhms(backlight_, HarnessPin::Role::LedMinus, run.string.channel));
        }
        close(minusEnd);
        putDown(plus, minus);
    }

private:
    /// Nodes while a string is built: its ends, the chassis, then those in between. A wire makes two of them one.
    using Local = int;
    static constexpr Local plusEnd = 0;
    static constexpr Local minusEnd = 1;
    static constexpr Local chassisEnd = 2;
    static constexpr Local firstInner = 3;

    struct Element {
        Local from = 0;
        Local to = 0;
        double ohms = 0;  ///< a resistor when positive
        circuit::DiodeModel diode;
    };

    /// The element that is being grown: good LEDs in a row.
    struct Growing {
        std::vector<int> positions;
        circuit::DiodeModel diode;
        LedSpec spec;
        int sides = 1;
    };

    double jointOhms(int before) const {
        double ohms = 0;
        for (const auto& joint : faults_.joints) {
            ohms += joint.string == string_ && joint.before == before ? joint.ohms : 0;
        }
        return ohms;
    }

    bool isPlain(int position) const {
        const LedPlace place = places_.at(position);
        const auto* fault = faultAt(faults_, place);
        return (fault == nullptr || fault->fault == LedFault::Aged) && !isBridged(place);
    }

    bool isBridged(LedPlace place) const {
        return std::find(bridged_.begin(), bridged_.end(), place) != bridged_.end();
    }

    bool isGood(const Section& section) const {
        if (detail_ == Detail::EveryLed) {
            return false;
        }
        for (int position = section.first; position < section.end(); ++position) {
            const bool joined = (position - section.first) % section.length != 0 && jointOhms(position) > 0;
            const bool tapped = position != section.first &&
                                std::any_of(faults_.leaks.begin(), faults_.leaks.end(),
                                            [&](const auto& l) { return l.string == string_ && l.before == position; });
            if (!isPlain(position) || tapped || joined) {
                return false;
            }
        }
        return true;
    }

    Local newNode() { return nodeCount_++; }

    void resistor(Local from, Local to, double ohms) { elements_.push_back({from, to, ohms, {}}); }

    /// \returns the place of the diode in elements_
    int diode(Local from, Local to, const circuit::DiodeModel& model) {
        elements_.push_back({from, to, 0, model});
        return int(elements_.size()) - 1;
    }

    /// Ends what has grown at a new node, or at \p to, and goes on from there.
    void close(Local to = -1) {
        if (growing_.positions.empty()) {
            if (to >= 0) {
                alias_[from_] = to;
                from_ = to;
            }
            return;
        }
        to = to < 0 ? newNode() : to;
        const int element = diode(from_, to, growing_.diode);
        for (const int position : growing_.positions) {
            note(position, element, 1.0 / growing_.sides, to);
        }
        growing_.positions.clear();
        from_ = to;
    }

    void note(int position, int element, double share, Local after) {
        noted_.push_back({places_[position], element, share, after});
    }

    /// Moves the finished string into the network.
    void putDown(circuit::Node plus, circuit::Node minus) {
        constexpr circuit::Node none = -1;
        std::vector<circuit::Node> nodes(std::size_t(nodeCount_), none);
        nodes[plusEnd] = plus;
        nodes[minusEnd] = minus;
        nodes[chassisEnd] = chassis_;
        const auto nodeOf = [&](Local local) {
            for (auto next = alias_.find(local); next != alias_.end(); next = alias_.find(local)) {
                local = next->second;
            }
            if (nodes[local] == none) {
                nodes[local] = out_.network.addNode();
            }
            return nodes[local];
        };
        std::vector<int> diodeOfElement;
        for (const auto& element : elements_) {
            const auto from = nodeOf(element.from);
            const auto to = nodeOf(element.to);
            if (element.ohms > 0) {
                out_.network.addResistor(from, to, element.ohms);
            } else {
                out_.network.addDiode(from, to, element.diode);
            }
            diodeOfElement.push_back(int(out_.network.diodes().size()) - 1);
        }
        for (const auto& led : noted_) {
            out_.leds.push_back(led.place);
            out_.diodeOfLed.push_back(led.element < 0 ? -1 : diodeOfElement[led.element]);
            out_.shareOfDiode.push_back(led.share);
            out_.nodeAfter.push_back(nodeOf(led.after));
        }
        elements_.clear();
        noted_.clear();
    }

    void resist(double ohms) {
        if (ohms > 0) {
            close();
            const auto to = newNode();
            resistor(from_, to, ohms);
            from_ = to;
        }
    }

    void leak(int before) {
        for (const auto& l : faults_.leaks) {
            if (l.string == string_ && l.before == before) {
                close();
                resistor(from_, chassisEnd, l.ohms);
            }
        }
    }

    /// Adds good LEDs that are one \p diode together, `sides` of them side by side, to what is growing.
    void grow(int first, int end, const circuit::DiodeModel& diode, const LedSpec& spec, int sides) {
        const bool joins = detail_ == Detail::Merged && !growing_.positions.empty() && growing_.spec == spec &&
                           growing_.sides == sides;
        if (joins) {
            growing_.diode.dies += diode.dies;
            growing_.diode.offsetVolts += diode.offsetVolts;
        } else {
            close();
            growing_.diode = diode;
            growing_.spec = spec;
            growing_.sides = sides;
        }
        for (int position = first; position < end; ++position) {
            growing_.positions.push_back(position);
        }
    }

    void addSeries(int first, int end, bool groupOpen = false) {
        for (int position = first; position < end; ++position) {
            if (position != first) {
                resist(jointOhms(position));
                leak(position);
            }
            addLed(position, groupOpen);
        }
    }

    /// Equal good branches: one diode for all.
    void addGroup(const Section& section) {
        const LedSpec& spec = backlight_.strips.at(places_[section.first].strip).led;
        auto model = sideBySide(curveOf(spec), section.branches);
        model.dies *= section.length;
        model.offsetVolts *= section.length;
        grow(section.first, section.end(), model, spec, section.branches);
    }

    void addBranches(const Section& section) {
        close();
        const Local start = from_;
        const Local end = newNode();
        bool groupOpen = false;
        for (int branch = 0; branch < section.branches; ++branch) {
            const auto* fault = faultAt(faults_, places_[section.startOf(branch)]);
            groupOpen = groupOpen || (fault != nullptr && fault->fault == LedFault::GroupOpen);
        }
        for (int branch = 0; branch < section.branches; ++branch) {
            from_ = start;
            addSeries(section.startOf(branch), section.startOf(branch + 1), groupOpen);
            close(end);
        }
        from_ = end;
    }

    /// The curve of a good LED; neighbours mostly share theirs.
    const circuit::DiodeModel& curveOf(const LedSpec& spec) {
        if (!curve_ || curve_->first != spec) {
            curve_.emplace(spec, ledCurve(spec, backlight_.celsius));
        }
        return curve_->second;
    }

    /// \p groupOpen: the whole step that it stands in is open.
    void addLed(int position, bool groupOpen = false) {
        const LedPlace place = places_[position];
        const LedSpec& spec = backlight_.strips.at(place.strip).led;
        if (isPlain(position) && !groupOpen) {
            grow(position, position + 1, curveOf(spec), spec, 1);
            return;
        }
        close();
        const Local start = from_;
        const auto* fault = faultAt(faults_, place);
        const auto kind = groupOpen          ? std::optional(LedFault::GroupOpen)
                          : fault == nullptr ? std::nullopt
                                             : std::optional(fault->fault);
        const auto elements = elementsOf(spec, kind, fault == nullptr ? FaultSize{} : fault->size, backlight_.celsius);
        const Local to = newNode();
        note(position, elements.junction ? diode(start, to, *elements.junction) : -1, elements.junction ? 1 : 0, to);
        if (elements.besideOhms) {
            resistor(start, to, *elements.besideOhms);
        }
        from_ = to;
        if (isBridged(place)) {
            resistor(start, from_, jumperOhms);
        }
    }

    struct Noted {
        LedPlace place;
        int element = -1;
        double share = 0;
        Local after = 0;
    };

    const Backlight& backlight_;
    const Faults& faults_;
    std::vector<LedPlace> bridged_;
    Detail detail_;
    circuit::Node chassis_;
    LedNetwork& out_;
    StringRef string_;
    std::vector<LedPlace> places_;
    Local from_ = plusEnd;
    Local nodeCount_ = firstInner;
    std::map<Local, Local> alias_;
    std::vector<Element> elements_;
    std::vector<Noted> noted_;
    Growing growing_;
    std::optional<std::pair<LedSpec, circuit::DiodeModel>> curve_;  ///< the last that was asked for
};

bool glows(const LedNetwork& built, const circuit::OperatingPoint& point, const Faults& faults, std::size_t led) {
    const int diode = built.diodeOfLed[led];
    if (diode < 0 || point.diodeAmps[diode] * built.shareOfDiode[led] <= glowAmps) {
        return false;
    }
    const auto* fault = faultAt(faults, built.leds[led]);
    return fault == nullptr || onTester(fault->fault) != LedFault::Dark;
}

int litCount(const LedNetwork& built, const circuit::OperatingPoint& point, const Faults& faults) {
    int lit = 0;
    for (std::size_t led = 0; led < built.leds.size(); ++led) {
        lit += glows(built, point, faults, led) ? 1 : 0;
    }
    return lit;
}

/// One channel between LED+ and LED−, driven by a source that stands across both.
LedNetwork buildChannel(const Backlight& backlight, int channel, const Faults& faults, double volts, double amps,
                        circuit::Node& minus) {
    LedNetwork result;
    result.plus = result.network.addNode();
    StringBuilder builder(backlight, faults, {}, Detail::Merged, circuit::ground, result);
    for (int s = 0; s < int(backlight.channels.at(channel).strings.size()); ++s) {
        builder.add(wholeString(backlight, {channel, s}), result.plus, minus);
    }
    result.network.addResistor(result.plus, minus, meterOhms);
    result.network.addSupply({result.plus, minus, volts, amps});
    return result;
}

double highestAmps(const LedNetwork& built, const circuit::OperatingPoint& point, std::size_t first, int count) {
    double amps = 0;
    for (std::size_t led = first; led < first + std::size_t(count); ++led) {
        if (built.diodeOfLed[led] >= 0) {
            amps = std::max(amps, point.diodeAmps[built.diodeOfLed[led]]);
        }
    }
    return amps;
}

/// What still creeps through a dead sink, of its current (common practice, no source).
constexpr double deadSinkShare = 1e-6;

bool isDead(const Faults& faults, int channel) {
    return std::find(faults.deadSinks.begin(), faults.deadSinks.end(), channel) != faults.deadSinks.end();
}

bool leaksIn(const Faults& faults, int channel) {
    return std::any_of(faults.leaks.begin(), faults.leaks.end(),
                       [&](const ChassisLeak& l) { return l.string.channel == channel; });
}

/// LED+ at which the sink of a leaking channel has its current: that current rises with LED+, so halve. When the leak
/// takes all that the driver can give, it is the LED+ at which the driver gives up.
ChannelDemand demandOfLeaking(const Backlight& backlight, int channel, const Faults& faults, double sourceVolts) {
    const double wanted = backlight.channels.at(channel).someAmps();
    const double headroom = std::max(backlight.driver.someHeadroomVolts(), lowestHeadroomVolts);
    LedNetwork built;
    built.plus = built.network.addNode();
    const auto minus = built.network.addNode();
    StringBuilder builder(backlight, faults, {}, Detail::Merged, circuit::ground, built);
    for (int s = 0; s < int(backlight.channels.at(channel).strings.size()); ++s) {
        builder.add(wholeString(backlight, {channel, s}), built.plus, minus);
    }
    const double mostAmps = overCurrentRatio * wanted;
    built.network.addSupply({built.plus, circuit::ground, sourceVolts, mostAmps});
    built.network.addResistor(minus, circuit::ground, headroom / wanted);
    circuit::OperatingPointSolver solver(built.network);
    auto point = solver.settled();
    ChannelDemand demand;
    demand.volts = point.nodeVolts[built.plus];
    demand.conducts = point.nodeVolts[minus] >= headroom;
    if (demand.conducts) {
        double low = 0;
        double high = demand.volts;
        for (int halving = 0; halving < 24; ++halving) {
            const double middle = 0.5 * (low + high);
            solver.setSupply(0, middle, mostAmps);
            point = solver.settled();
            (point.nodeVolts[minus] < headroom ? low : high) = middle;
        }
        demand.volts = high - headroom;
    }
    demand.leakAmps = std::max(0.0, point.supplyAmps[0] - point.nodeVolts[minus] * wanted / headroom);
    demand.lights = 2 * litCount(built, point, faults) >= int(built.leds.size());
    demand.stringAmps.assign(backlight.channels[channel].strings.size(), wanted);
    return demand;
}

}  // namespace

Faults atWork(Faults faults) {
    for (auto& led : faults.leds) {
        led.fault = atWork(led.fault);
    }
    return faults;
}

FeedAlone feedAlone(const Backlight& backlight, const Faults& faults, int feed) {
    FeedAlone alone{backlight, faults, {}};
    alone.backlight.feeds = {backlight.feeds.at(std::size_t(feed))};
    alone.backlight.channels.clear();
    std::vector<int> place(backlight.channels.size(), -1);
    for (int channel = 0; channel < int(backlight.channels.size()); ++channel) {
        if (backlight.channels[channel].feed == feed) {
            place[channel] = int(alone.channels.size());
            alone.channels.push_back(channel);
            alone.backlight.channels.push_back(backlight.channels[channel]);
            alone.backlight.channels.back().feed = 0;
        }
    }
    const auto keep = [&](auto& all) {
        std::erase_if(all, [&](const auto& fault) { return place[fault.string.channel] < 0; });
        for (auto& fault : all) {
            fault.string.channel = place[fault.string.channel];
        }
    };
    keep(alone.faults.joints);
    keep(alone.faults.leaks);
    std::erase_if(alone.faults.deadSinks, [&](int channel) { return place[std::size_t(channel)] < 0; });
    for (int& channel : alone.faults.deadSinks) {
        channel = place[std::size_t(channel)];
    }
    for (auto& pin : alone.backlight.harness) {
        const bool isThere = pin.channel < int(place.size()) && place[pin.channel] >= 0;
        if (pin.role == HarnessPin::Role::LedMinus && !isThere) {
            pin = {HarnessPin::Role::Unused, 0, pin.colour, pin.ohms};
        } else if (pin.role == HarnessPin::Role::LedMinus) {
            pin.channel = place[pin.channel];
        }
    }
    return alone;
}

double harnessOhms(const Backlight& backlight, int channel) {
    return pinOhms(backlight, HarnessPin::Role::LedPlus, 0) + pinOhms(backlight, HarnessPin::Role::LedMinus, channel);
}

LedNetwork buildProbe(const Backlight& backlight, const TesterProbe& probe, const Faults& faults, Detail detail) {
    LedNetwork result;
    result.plus = result.network.addNode();
    Run path = probe.run;
    circuit::Node chassis = circuit::ground;
    circuit::Node end = circuit::ground;
    if (probe.minus == TesterProbe::Minus::Chassis) {
        path = {probe.run.string, probe.run.first, wholeString(backlight, probe.run.string).last};
        end = result.network.addNode();
    } else {
        chassis = faults.leaks.empty() ? circuit::ground : result.network.addNode();
    }
    StringBuilder(backlight, faults, probe.bridged, detail, chassis, result).add(path, result.plus, end);
    result.network.addResistor(result.plus, circuit::ground, meterOhms);
    if (probe.reversed) {
        result.network.addSupply({circuit::ground, result.plus, probe.setting.limitVolts, probe.setting.amps});
    } else {
        result.network.addSupply({result.plus, circuit::ground, probe.setting.limitVolts, probe.setting.amps});
    }
    return result;
}

TesterReading testRun(const Backlight& backlight, const TesterProbe& probe, const Faults& faults) {
    const auto built = buildProbe(backlight, probe, faults, Detail::Merged);
    const auto point = circuit::solve(built.network);
    const double volts = std::abs(point.nodeVolts[built.plus]);
    return {volts, std::max(0.0, point.supplyAmps[0] - volts / meterOhms), litCount(built, point, faults)};
}

TesterReading testRun(const Backlight& backlight, const Run& run, const Faults& faults, const TesterSetting& tester) {
    return testRun(backlight, TesterProbe{run, tester, {}, false, {}}, faults);
}

double bridgeAmps(const Backlight& backlight, const TesterProbe& probe, const Faults& faults) {
    const auto built = buildProbe(backlight, probe, faults, Detail::EveryLed);
    const auto point = circuit::solve(built.network);
    for (const auto& resistor : built.network.resistors()) {
        if (resistor.ohms == jumperOhms) {
            return (point.nodeVolts[resistor.a] - point.nodeVolts[resistor.b]) / resistor.ohms;
        }
    }
    throw std::invalid_argument("no LED of the run is bridged");
}

PanelNetwork buildPanel(const Backlight& backlight, const Faults& onBench, double ledPlusVolts, double limitAmps,
                        Detail detail) {
    const Faults faults = atWork(onBench);
    PanelNetwork result;
    result.plus = result.network.addNode();
    result.network.addSupply({result.plus, circuit::ground, ledPlusVolts, limitAmps});
    const double headroom = std::max(backlight.driver.someHeadroomVolts(), lowestHeadroomVolts);
    StringBuilder builder(backlight, faults, {}, detail, circuit::ground, result);
    for (int channel = 0; channel < int(backlight.channels.size()); ++channel) {
        const auto minus = result.network.addNode();
        for (int s = 0; s < int(backlight.channels[channel].strings.size()); ++s) {
            builder.add(wholeString(backlight, {channel, s}), result.plus, minus);
        }
        result.channelOfLed.resize(result.leds.size(), channel);
        result.ledMinus.push_back(minus);
        result.sinkOfChannel.push_back(int(result.network.supplies().size()));
        const double share = isDead(faults, channel) ? deadSinkShare : 1;
        const double amps = share * backlight.channels[channel].someAmps();
        result.network.addSupply({circuit::ground, minus, 1e-9, amps, headroom / amps});
    }
    return result;
}

ChannelDemand demandOf(const Backlight& backlight, int channel, const Faults& onBench, double sourceVolts) {
    const Faults faults = atWork(onBench);
    if (leaksIn(faults, channel)) {
        return demandOfLeaking(backlight, channel, faults, sourceVolts);
    }
    const Channel& wanted = backlight.channels.at(channel);
    circuit::Node minus = circuit::ground;
    const auto built = buildChannel(backlight, channel, faults, sourceVolts, wanted.someAmps(), minus);
    const auto point = circuit::solve(built.network);
    ChannelDemand demand;
    demand.volts = point.nodeVolts[built.plus];
    demand.conducts = point.supplyAmps[0] > 0.9 * wanted.someAmps();
    demand.lights = 2 * litCount(built, point, faults) >= int(built.leds.size());
    std::size_t first = 0;
    for (int s = 0; s < int(wanted.strings.size()); ++s) {
        const int count = wholeString(backlight, {channel, s}).count();
        demand.stringAmps.push_back(highestAmps(built, point, first, count));
        first += std::size_t(count);
    }
    demand.sinkIsDead = demand.conducts && isDead(faults, channel);
    demand.conducts = demand.conducts && !demand.sinkIsDead;
    demand.lights = demand.lights && !demand.sinkIsDead;
    return demand;
}

double healthyStringVolts(const Backlight& backlight) {
    double highest = 0;
    for (int channel = 0; channel < int(backlight.channels.size()); ++channel) {
        highest = std::max(highest, demandOf(backlight, channel, {}).volts);
    }
    return highest;
}

double overVoltageLevel(const Backlight& backlight) {
    return backlight.driver.someOvpRatio() *
           std::max(backlight.feeds.front().labelVolts.value_or(0),
                    healthyStringVolts(backlight) + backlight.driver.someHeadroomVolts());
}

}  // namespace dimglow::backlight
