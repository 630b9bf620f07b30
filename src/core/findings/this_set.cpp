#include "core/findings/this_set.h"

#include <algorithm>
#include <cmath>

#include "core/backlight/limits.h"
#include "core/reasoning/explained.h"

namespace dimglow::findings {

using reasoning::Belief;
using reasoning::Model;

driver::Quantities learntOf(Model& model, const Belief& belief) {
    std::map<int, double> shareOfForecast;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        // A fault that nobody has thought of teaches nothing of the set, which would read as if nothing were known.
        const bool teaches = !model.suspectOf(belief.hypotheses[h]).isNoneOfThese || belief.hypotheses.size() == 1;
        shareOfForecast[belief.hypotheses[h].forecast] += teaches ? belief.shares[h] : 0;
    }
    auto all = reasoning::learntUnder(model, belief, shareOfForecast.begin()->first).known();
    double sum = shareOfForecast.begin()->second;
    for (auto one = std::next(shareOfForecast.begin()); one != shareOfForecast.end(); ++one) {
        sum += one->second;
        if (one->second > 0) {
            all.mixIn(reasoning::learntUnder(model, belief, one->first).known(), one->second / sum);
        }
    }
    return all;
}

double highestOverVolts(const driver::Quantities& known, std::size_t feeds) {
    constexpr double sigmas = 2;
    constexpr auto overVolts = driver::Reference::OverVolts;
    double highest = 0;
    for (int feed = 0; feed < int(feeds); ++feed) {
        highest = std::max(highest, known.value(overVolts, feed) * std::exp(sigmas * known.spread(overVolts, feed)));
    }
    return highest;
}

driver::DriverReference referenceOf(const backlight::Backlight& backlight, driver::DriverReference reference,
                                    const driver::Quantities& known) {
    for (std::size_t feed = 0; feed < reference.size(); ++feed) {
        auto& own = reference[feed];
        own.overVolts = known.value(driver::Reference::OverVolts, int(feed));
        if (!backlight.isDescribed) {
            const double volts = known.value(driver::Reference::Strings, int(feed));
            own.labelScale *= volts / own.stringVolts;
            own.stringVolts = volts;
            own.relativeSigma = known.spread(driver::Reference::Strings, int(feed));
        }
    }
    return reference;
}

bool isLedPlusKnown(const driver::DriverReference& reference) {
    return std::all_of(reference.begin(), reference.end(), [](const auto& own) {
        return driver::isKnownWellEnough(own.stringVolts, own.relativeSigma * own.stringVolts);
    });
}

double workingVolts(const driver::DriverReference& reference) {
    double highest = 0;
    for (const auto& own : reference) {
        highest = std::max(highest, own.stringVolts);
    }
    return highest;
}

std::vector<Known> knownOf(const backlight::Backlight& backlight, const driver::Quantities& before,
                           const driver::Quantities& known) {
    constexpr double narrowed = 0.9;  ///< of the spread before
    using driver::Reference;
    const auto& driver = backlight.driver;
    std::vector<Known> result;
    const auto add = [&](Reference what, int feed, bool isTold) {
        const double volts = known.value(what, feed);
        const double spread = known.spread(what, feed);
        const auto from = isTold                                              ? Known::From::Description
                          : !driver::isKnownWellEnough(volts, spread * volts) ? Known::From::NotYet
                          : spread < narrowed * before.spread(what, feed)     ? Known::From::Readings
                                                                              : Known::From::Computed;
        result.push_back({what, from, volts, spread * volts, feed});
    };
    add(Reference::Idle, 0, driver.idleVolts.has_value());
    for (int feed = 0; feed < int(backlight.feeds.size()); ++feed) {
        add(Reference::Strings, feed, backlight.feeds[std::size_t(feed)].labelVolts.has_value());
        add(Reference::OverVolts, feed, driver.ovpRatio.has_value());
    }
    add(Reference::Sink, 0, driver.headroomVolts.has_value());
    return result;
}

Expected expectedOf(Model& model, const job::Job& job, const driver::Quantities& known) {
    Expected result;
    const reasoning::Hypothesis healthy{};  // its suspect does not matter without faults; the forecast is made directly
    std::vector<const backlight::ChannelDemand*> demands;
    for (const auto demand : model.source().soundDemands()) {
        demands.push_back(&model.source().demandAt(demand));
    }
    const std::vector behaviours(job.set.backlight.feeds.size(), &model.knowledge().healthy());
    const auto forecast = driver::forecast(job.set.backlight, model.reference(), demands, behaviours);
    reasoning::LearningTree learning{driver::Learning(known)};
    int node = reasoning::LearningTree::root;
    reasoning::Explained healthySet(model, healthy, {.board = reasoning::Explained::Board{forecast, learning, node}});
    for (const auto& test : model.knowledge().tests) {
        if (test.form != knowledge::Form::Volts) {
            continue;
        }
        for (const auto& asked : evidence::placesOf(test, job.set.backlight)) {
            if (const auto volts = healthySet.volts(asked)) {
                result.volts[asked] = driver::bandOf(*volts);
            }
        }
    }
    for (int strip = 0; job.set.backlight.isDescribed && strip < int(job.set.backlight.strips.size()); ++strip) {
        result.stripVolts.push_back(
            model.strings().tester({backlight::wholeStrip(job.set.backlight, strip), job.bench.tester}, {}).volts);
    }
    const auto lost = job::placesLost(job);
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        const auto& entry = job.trail[i];
        if (lost[i] != 0) {
            continue;
        }
        if (const auto expectation = evidence::expected(entry.what, healthySet)) {
            result.byEntry[entry.id] = *expectation;
        }
    }
    return result;
}

backlight::DriverSpec withLearned(backlight::DriverSpec driver, const std::vector<Known>& thisSet) {
    using driver::Reference;
    namespace limits = backlight::limits;
    /// As a person would write it down, unless no description could say it.
    const auto keep = [](std::optional<double>& told, double learned, double step, const format::Range& range) {
        const double rounded = std::round(learned / step) * step;
        told = range.contains(rounded) ? std::optional(rounded) : told;
    };
    const Known* strings = nullptr;
    for (const auto& known : thisSet) {
        if (known.feed != 0) {
            continue;
        }
        strings = known.what == Reference::Strings && known.from != Known::From::NotYet ? &known : strings;
        if (known.from != Known::From::Readings) {
            continue;
        }
        if (known.what == Reference::Idle) {
            keep(driver.idleVolts, known.volts, 0.1, limits::idleVolts);
        } else if (known.what == Reference::Sink) {
            keep(driver.headroomVolts, known.volts, 0.1, limits::headroomVolts);
        } else if (known.what == Reference::OverVolts && strings != nullptr) {
            keep(driver.ovpRatio, known.volts / strings->volts, 0.01, limits::ovpRatio);
        }
    }
    return driver;
}

}  // namespace dimglow::findings
