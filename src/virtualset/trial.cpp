#include "virtualset/trial.h"

#include <algorithm>
#include <cmath>
#include <random>
#include <set>

#include "core/backlight/plain.h"
#include "core/faults/fault.h"

namespace dimglow::virtualset {

using backlight::LedFault;

namespace {

/// Draws what differs from set to set. Common practice, no source, where a number is the trade's.
class Draw {
public:
    explicit Draw(std::uint64_t seed) : random_(seed) {}

    double between(double low, double high) { return std::uniform_real_distribution(low, high)(random_); }
    /// Even on a logarithmic scale.
    double about(double low, double high) { return std::exp(between(std::log(low), std::log(high))); }
    double normal(double mean, double sigma) { return std::normal_distribution(mean, sigma)(random_); }
    int whole(int low, int high) { return std::uniform_int_distribution(low, high)(random_); }
    bool happens(double share) { return between(0, 1) < share; }
    template <class Value>
    const Value& oneOf(const std::vector<Value>& values) {
        return values[std::size_t(whole(0, int(values.size()) - 1))];
    }
    std::size_t byWeight(const std::vector<double>& weights) {
        return std::discrete_distribution<std::size_t>(weights.begin(), weights.end())(random_);
    }

private:
    std::mt19937_64 random_;
};

/// What the strips of a set are said to be: their class, not their batch.
backlight::PlainDescription drawStrips(Draw& draw) {
    backlight::PlainDescription plain;
    const int dies = int(draw.byWeight({0.7, 0.25, 0.05})) + 1;
    const int channels = int(draw.byWeight({0.45, 0.3, 0.1, 0.15})) + 1;
    plain.stripsPerString = draw.whole(1, 4);
    plain.strips = plain.stripsPerString * channels;
    if (channels > 1 && draw.happens(0.25)) {
        plain.feeds.resize(2);
    }
    const int most = std::min(60, int(240 / (3.1 * dies)));
    plain.ledsPerStrip = std::max(2, draw.whole(8, std::max(8, most)) / plain.stripsPerString);
    if (draw.happens(0.1)) {
        plain.parallel = 2;
        plain.ledsPerStrip *= 2;
    }
    const double amps = draw.about(0.08, 0.5);
    plain.amps = std::round(1000 * amps) / 1000;
    plain.led = backlight::classLed(dies, backlight::classVoltsPerDie * dies,
                                    std::round(1000 * amps * draw.between(1.1, 1.6)) / 1000);
    return plain;
}

/// The set as it really is.
backlight::Backlight drawTruth(Draw& draw, const backlight::Backlight& described) {
    backlight::Backlight truth = described;
    const double batch = draw.normal(1, 0.03);
    for (auto& strip : truth.strips) {
        strip.led.ratedVolts *= batch * draw.normal(1, 0.003);
    }
    const double volts = backlight::healthyStringVolts(truth);
    const double rail = draw.happens(0.6) ? draw.oneOf(std::vector<double>{12, 19, 24, 24, 32, 36, 48}) : 0;
    truth.driver.idleVolts =
        std::min(rail > 0 ? rail * draw.normal(1, 0.02) : draw.between(0.25, 0.8) * volts, 0.85 * volts);
    truth.driver.ovpRatio = draw.between(1.06, 1.38);
    truth.driver.headroomVolts = draw.happens(0.7) ? draw.between(0.2, 1.2) : draw.between(0.03, 0.11) * volts;
    return truth;
}

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

/// Faulty LEDs of one kind, in clusters where the trade sees them so.
void drawLeds(Draw& draw, LedFault fault, const backlight::Backlight& truth, backlight::Faults& wrong) {
    const bool clusters = fault == LedFault::Shorted || fault == LedFault::Aged;
    const int count = int(draw.byWeight(clusters ? std::vector<double>{0.5, 0.22, 0.15, 0.08, 0.05}
                                                 : std::vector<double>{0.86, 0.1, 0.03, 0.01})) +
                      1;
    const int strip = draw.whole(0, int(truth.strips.size()) - 1);
    for (int tries = 0; tries < 40 && int(wrong.leds.size()) < count; ++tries) {
        const int at = draw.happens(clusters ? 0.8 : 0.3) ? strip : draw.whole(0, int(truth.strips.size()) - 1);
        const auto& bar = truth.strips[std::size_t(at)];
        backlight::LedPlace place{at, draw.whole(0, bar.leds - 1)};
        if (fault == LedFault::GroupOpen) {
            place.led -= place.led % bar.parallel;
        }
        const bool taken =
            std::any_of(wrong.leds.begin(), wrong.leds.end(), [&](const auto& f) { return f.place == place; });
        if (!taken) {
            wrong.leds.push_back({place, fault, {draw.between(0.4, 3.5), draw.about(60, 1500)}});
        }
    }
}

/// Whether such a fault can be in such a set.
bool isPossible(const knowledge::SuspectKind& suspect, const backlight::Backlight& truth) {
    const auto& strip = truth.strips.front();
    const auto fault = knowledge::ledFaultOf(suspect.strings);
    return !suspect.isNoneOfThese && !(fault == LedFault::DieShorted && strip.led.dies == 1) &&
           !(fault == LedFault::GroupOpen && strip.parallel == 1);
}

/// Whether the LEDs before a touch hold the driver's idle rail: those that do not burn out before anyone measures.
bool lasts(const faults::Fault& fault, const backlight::Backlight& truth) {
    const auto* leak = std::get_if<faults::Leak>(&fault);
    const double leds = leak == nullptr ? 1 : double(backlight::wholeString(truth, leak->string).count());
    return leak == nullptr ||
           leak->before / leds * backlight::healthyStringVolts(truth) > 1.1 * truth.driver.someIdleVolts();
}

/// A joint, a leak, a strip of another type: of any size, not of those that the reasoning tries.
void drawOther(Draw& draw, knowledge::StringFault kind, backlight::Backlight& truth, backlight::Faults& wrong) {
    auto candidates = faults::candidatesFor(kind, truth);
    std::erase_if(candidates, [&](const auto& candidate) { return !lasts(candidate, truth); });
    auto fault = draw.oneOf(candidates);
    if (auto* joint = std::get_if<faults::Joint>(&fault); joint != nullptr && joint->ohms < backlight::openOhms) {
        joint->ohms = draw.about(20, 5000);
    }
    if (auto* other = std::get_if<faults::OtherStrip>(&fault)) {
        other->factor = draw.happens(0.5) ? draw.between(0.4, 0.85) : draw.between(1.18, 2.2);
    }
    if (faults::remakes(fault)) {
        const double suited = backlight::healthyStringVolts(truth);
        faults::remake(truth, fault);
        *truth.driver.ovpRatio *= suited / backlight::healthyStringVolts(truth);  // the driver is that of the set
    } else {
        faults::addTo(wrong, fault);
    }
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

Patient drawPatient(std::uint64_t seed, Told told, const knowledge::Knowledge& trade) {
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
    const auto manner = drawManner(draw);
    std::vector<double> weights;
    for (const auto& suspect : trade.suspects) {
        weights.push_back(isPossible(suspect, truth) ? suspect.weight : 0);
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
        fault.part = int(draw.byWeight(shares));
    }

    job::Job job;
    job.id = "T-" + std::to_string(seed);
    job.set.backlight =
        told >= Told::Strips ? described : backlight::plainBacklight(backlight::undescribed(int(truth.feeds.size())));
    if (told >= Told::Label) {
        job.set.backlight.feeds = labels;
    }
    return {std::move(job), SealedSet(std::move(truth), std::move(fault), trade, manner), suspect.id,
            std::move(described)};
}

bool isRight(const std::string& suspect, const Patient& patient) {
    const auto isMainBoard = [](const std::string& id) {
        return id == "mainBoard" || id == "notAsked" || id == "mainBoardHidden";
    };
    return suspect == patient.suspect || (isMainBoard(suspect) && isMainBoard(patient.suspect));
}

/// Those that are to be exchanged: of an open step every one.
std::set<backlight::LedPlace> faultyLeds(const Patient& patient) {
    std::set<backlight::LedPlace> places;
    for (const auto& fault : patient.set.fault().strings.leds) {
        const auto& strip = patient.set.backlight().strips[std::size_t(fault.place.strip)];
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
        return !repair.writesOff && repair.mends(suspect, trade.unitOf(*trade.suspect(suspect), patient.job.set.kind));
    };
    const bool isMendedAlike = std::any_of(trade.repairs.begin(), trade.repairs.end(), [&](const auto& repair) {
        return !repair.opensPanel && mends(repair, most->first) && mends(repair, patient.suspect);
    });
    return isRight(most->first, patient) || (!assessment.found.empty() && isMendedAlike);
}

namespace {

/// Whether the part that is suspected most is the faulty one, where that is what is replaced.
bool hasRightPart(const job::Job& job, const sheet::Assessment& assessment, const Patient& patient,
                  const knowledge::Knowledge& trade) {
    const auto& fault = patient.set.fault();
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
    Draw draw(patient.set.fault().seed);
    auto& job = patient.job;
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
            assessment.wantsStrips || (assessment.probes.best.empty() && !job.set.backlight.isDescribed);
        if (ending.hasVerdict || ending.probes >= mostProbes || (assessment.probes.best.empty() && !looksAtStrips)) {
            ending.cost +=
                ending.minutes * job.bench.ratePerHour / 60 + (ending.isRight ? 1 : 2) * repairCost(job, assessment);
            return ending;
        }
        ending.share = 0;
        if (looksAtStrips) {
            auto seen = patient.strips;
            seen.feeds = job.set.backlight.feeds;
            job.set.backlight = std::move(seen);
            job.panelOpen = true;
            ending.minutes += trade.openPanelMinutes;
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
            job::notePoint(job, *point, patient.set.printedOn(*point));
        }
        const auto* test = trade.test(probe.test);
        for (auto& observation : patient.set.take(probe.question)) {
            const auto* answer = std::get_if<evidence::Answer>(&observation);
            const bool goesBack =
                answer != nullptr && test != nullptr && !test->swaps.empty() && answer->choice == "noChange";
            ending.cost += goesBack ? job.bench.restockingFee : 0;
            job::addEntry(job, "", job::Phase::Before, std::move(observation));
        }
    }
}

}  // namespace dimglow::virtualset
