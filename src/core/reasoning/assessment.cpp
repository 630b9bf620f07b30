#include "core/reasoning/assessment.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <set>

#include "core/reasoning/probes.h"
#include "core/reasoning/wording.h"

namespace dimglow::reasoning {

using backlight::LedFault;
using knowledge::Form;

namespace {

constexpr double sureShare = 0.9;  ///< a verdict needs this much of the belief
constexpr double shareWorthListing = 0.004;
constexpr std::size_t reasonsPerSuspect = 4;
constexpr double decibansWorthSaying = 1;
constexpr double soakMinutes = 30;  ///< common practice, no source
constexpr double soakSettledMinutes = 10;
constexpr double soakDriftLimit = 0.03;  ///< common practice, no source

/// Hypotheses that read the same in words.
struct Group {
    std::size_t first = 0;    ///< one of them
    std::vector<int> titles;  ///< into Belief::titles
    double share = 0;
    double previousShare = 0;
};

std::map<std::string, Group> groupByTitle(const Belief& belief) {
    std::vector<Group> byTitle(belief.titles.size());
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        auto& group = byTitle[belief.titleOf[h]];
        group.first = h;
        group.share += belief.shares[h];
        group.previousShare += belief.previousShares[h];
    }
    std::map<std::string, Group> groups;
    for (int title = 0; title < int(byTitle.size()); ++title) {
        byTitle[title].titles = {title};
        groups[belief.titles[title]] = std::move(byTitle[title]);
    }
    return groups;
}

/// Many equal places of one kind of fault are one line until readings tell them apart.
void foldEqualPlaces(const CaseModel& model, const Belief& belief, std::map<std::string, Group>& groups) {
    std::map<int, std::vector<std::string>> titlesOfKind;
    std::map<int, double> shareOfKind;
    for (const auto& [title, group] : groups) {
        const auto& first = belief.hypotheses[group.first];
        const auto& kind = model.knowledge().suspects[first.suspect];
        if (kind.strings != StringFault::None) {
            titlesOfKind[first.suspect].push_back(title);
            shareOfKind[first.suspect] += group.share;
        }
    }
    for (const auto& [suspect, titles] : titlesOfKind) {
        const double total = shareOfKind[suspect];
        double highest = 0;
        std::ptrdiff_t alive = 0;
        for (const auto& title : titles) {
            highest = std::max(highest, groups[title].share);
            alive += groups[title].share > 0.05 * total ? 1 : 0;
        }
        if (titles.size() == 1 || (alive <= 2 && total > 0.03) || highest > 0.5 * total) {
            continue;
        }
        Group folded;
        for (const auto& title : titles) {
            const auto& group = groups[title];
            folded.first = group.first;
            folded.titles.insert(folded.titles.end(), group.titles.begin(), group.titles.end());
            folded.share += group.share;
            folded.previousShare += group.previousShare;
            groups.erase(title);
        }
        groups[model.knowledge().suspects[suspect].title + ", place not known yet"] = std::move(folded);
    }
}

/// Sums of share / P(reading | explanation) for one entry; a common factor cancels.
struct EntrySums {
    std::vector<double> ofTitle;  ///< by Belief::titles
    double total = 0;
};

std::vector<EntrySums> entrySumsOf(const Belief& belief) {
    // Explanations that were split from one have its likelihoods and its title.
    std::vector<double> shareOfRow(belief.entryCount == 0 ? 0 : belief.logLikelihoods.size() / belief.entryCount, 0);
    std::vector<int> titleOfRow(shareOfRow.size(), 0);
    for (std::size_t h = 0; h < belief.hypotheses.size() && belief.entryCount > 0; ++h) {
        shareOfRow[belief.rowOf[h]] += belief.shares[h];
        titleOfRow[belief.rowOf[h]] = belief.titleOf[h];
    }
    std::vector<EntrySums> sums(belief.entryCount);
    for (std::size_t e = 0; e < belief.entryCount; ++e) {
        const auto logOf = [&](std::size_t row) { return belief.logLikelihoods[row * belief.entryCount + e]; };
        double highest = -INFINITY;
        for (std::size_t row = 0; row < shareOfRow.size(); ++row) {
            highest = std::max(highest, logOf(row));
        }
        sums[e].ofTitle.assign(belief.titles.size(), 0);
        for (std::size_t row = 0; row < shareOfRow.size(); ++row) {
            const double weight = shareOfRow[row] * std::exp(highest - logOf(row));
            sums[e].ofTitle[titleOfRow[row]] += weight;
            sums[e].total += weight;
        }
    }
    return sums;
}

/// 10·log10 of P(reading | group) / P(reading | everything else), other readings taken into account.
double decibansOf(const Group& group, const EntrySums& sums) {
    double weight = 0;
    for (const int title : group.titles) {
        weight += sums.ofTitle[title];
    }
    const double inside = (group.share + 1e-12) / (weight + 1e-12);
    const double outside = (std::max(0.0, 1 - group.share) + 1e-12) / (std::max(0.0, sums.total - weight) + 1e-12);
    return 10 * std::log10(inside / outside);
}

std::vector<SuspectShare> sharesOf(const CaseModel& model, const Belief& belief, const job::Job& job,
                                   const std::vector<job::Entry>& standing) {
    auto groups = groupByTitle(belief);
    foldEqualPlaces(model, belief, groups);
    const auto sums = entrySumsOf(belief);
    std::vector<SuspectShare> rows;
    for (const auto& [title, group] : groups) {
        const auto& kind = model.knowledge().suspects[belief.hypotheses[group.first].suspect];
        SuspectShare row{kind.id, title, kind.side, group.share, group.previousShare, {}};
        for (std::size_t e = 0; e < standing.size() && group.share > shareWorthListing; ++e) {
            const double db = decibansOf(group, sums[e]);
            if (std::abs(db) > decibansWorthSaying) {
                row.reasons.push_back({standing[e].id,
                                       titleOf(standing[e].what, job, model.knowledge()) + ": " +
                                           describe(standing[e].what, job, model.knowledge()),
                                       db});
            }
        }
        std::stable_sort(row.reasons.begin(), row.reasons.end(),
                         [](const auto& a, const auto& b) { return std::abs(a.decibans) > std::abs(b.decibans); });
        if (row.reasons.size() > reasonsPerSuspect) {
            row.reasons.resize(reasonsPerSuspect);
        }
        rows.push_back(std::move(row));
    }
    std::stable_sort(rows.begin(), rows.end(), [](const auto& a, const auto& b) { return a.share > b.share; });
    return rows;
}

/// Open LEDs only, for splitting.
LedShares openSharesOf(const CaseModel& model, const Belief& belief) {
    std::vector<Hypothesis> opens = belief.hypotheses;
    for (auto& h : opens) {
        const auto* end = std::remove_if(h.faults.begin(), h.faults.begin() + h.faultCount, [](const CellFault& f) {
            return f.fault != LedFault::Open && f.fault != LedFault::GroupOpen;
        });
        h.faultCount = int(end - h.faults.begin());
    }
    return ledSharesOf(model, opens, belief.shares);
}

/// "Open LED A3, shorted LED A4, A7": the located LEDs by what is wrong with them.
std::string verdictOf(const CaseModel& model, const Assessment& assessment) {
    std::map<LedFault, std::vector<backlight::LedPlace>> byFault;
    for (std::size_t i = 0; i < assessment.located.size(); ++i) {
        byFault[assessment.locatedAs[i]].push_back(assessment.located[i]);
    }
    std::string verdict;
    for (const auto& [fault, places] : byFault) {
        std::string title = model.titleOf(fault);
        if (!verdict.empty()) {
            title.front() = char(std::tolower(static_cast<unsigned char>(title.front())));
        }
        verdict += fmt::format("{}{} {}", verdict.empty() ? "" : ", ", title, namesOf(model.backlight(), places));
    }
    return verdict;
}

void diagnose(CaseModel& model, const Belief& belief, Assessment& result) {
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        result.diagnosis.shareOfSuspect[model.knowledge().suspects[belief.hypotheses[h].suspect].id] +=
            belief.shares[h];
    }
    for (int strip = 0; strip < int(result.ledShares.size()); ++strip) {
        for (int led = 0; led < int(result.ledShares[strip].size()); ++led) {
            if (result.ledShares[strip][led] > sureShare) {
                result.located.push_back({strip, led});
            }
        }
    }
    const auto best = std::max_element(belief.shares.begin(), belief.shares.end()) - belief.shares.begin();
    const Hypothesis& likeliest = belief.hypotheses[std::size_t(best)];
    const auto& suspect = model.knowledge().suspects[likeliest.suspect];
    result.likeliest = {belief.titles[belief.titleOf[std::size_t(best)]], suspect.driver,
                        model.withOtherStrip(likeliest), model.placed(likeliest)};
    std::set<int> strips;
    for (int i = 0; i < likeliest.faultCount; ++i) {
        result.diagnosis.failedCount += likeliest.faults[i].count;
        strips.insert(model.partition().cells()[likeliest.faults[i].cell].strip);
    }
    if (likeliest.otherStrip >= 0) {
        strips.insert(model.otherStrips()[likeliest.otherStrip].strip);
    }
    result.diagnosis.failedStrips.assign(strips.begin(), strips.end());
    result.diagnosis.failedLeds = result.located;
    for (const auto& place : result.located) {
        const auto shares = model.faultShares(likeliest, place);
        const auto most = std::max_element(shares.begin(), shares.end()) - shares.begin();
        result.locatedAs.push_back(LedFault(most));
    }

    if (likeliest.faultCount == 0) {
        if (result.suspects.front().share >= sureShare) {
            result.verdict = result.suspects.front().title;
        }
    } else if (int(result.located.size()) == result.diagnosis.failedCount) {
        result.verdict = verdictOf(model, result);
    }
}

void expect(CaseModel& model, const job::Job& job, Assessment& result) {
    const Hypothesis healthy{};  // its suspect does not matter without faults; the forecast is made directly
    std::vector<backlight::ChannelDemand> demands;
    for (int channel = 0; channel < int(job.backlight.channels.size()); ++channel) {
        demands.push_back(backlight::demandOf(job.backlight, channel, {}, 1e4));
    }
    const auto forecast = driver::forecast(job.backlight, model.reference(), demands, driver::DriverFault::None);
    for (const auto& test : model.knowledge().tests) {
        for (int channel = 0; test.form == Form::Volts && channel < (test.perChannel ? int(demands.size()) : 1);
             ++channel) {
            const auto* volts = driver::forecastOf(forecast, test.id, channel);
            if (volts != nullptr) {
                result.expectedVolts[test.perChannel ? fmt::format("{}/{}", test.id, channel) : test.id] =
                    driver::bandOf(*volts);
            }
        }
    }
    for (int strip = 0; strip < int(job.backlight.strips.size()); ++strip) {
        result.expectedStripVolts.push_back(
            model.tester({backlight::wholeStrip(job.backlight, strip), job.bench.tester}, healthy).volts);
    }
    for (const auto& entry : job.trail) {
        if (const auto* measured = std::get_if<job::Measured>(&entry.what)) {
            const auto* volts = driver::forecastOf(forecast, measured->test, measured->channel);
            if (volts != nullptr) {
                const auto band = driver::bandOf(*volts);
                result.expectations[entry.id] = {band, measured->volts,
                                                 measured->volts >= band.low && measured->volts <= band.high};
            }
        } else if (const auto* tester = std::get_if<job::TesterTaken>(&entry.what)) {
            const auto f = model.healthyTester(job::probeOf(*tester));
            const driver::Band band{f.volts - 2 * f.sigma, f.volts + 2 * f.sigma};
            result.expectations[entry.id] = {band, tester->volts,
                                             tester->volts >= band.low && tester->volts <= band.high};
        }
    }
}

/// The backlight as the chosen repair leaves it: bridged LEDs are shorts that are meant to be there.
void prove(const job::Job& job, const Knowledge& knowledge, Assessment& result) {
    backlight::Faults left;
    if (job.repair.option == "bridgeLed") {
        for (const auto& place : result.diagnosis.failedLeds) {
            left.leds.push_back({place, LedFault::Shorted});
        }
    }
    std::vector<backlight::ChannelDemand> demands;
    for (int channel = 0; channel < int(job.backlight.channels.size()); ++channel) {
        demands.push_back(backlight::demandOf(job.backlight, channel, left, 1e4));
    }
    double highest = 0;
    for (const auto& demand : demands) {
        highest = std::max(highest, demand.volts * result.reference.labelScale);
    }
    const double running = highest + job.backlight.driver.headroomVolts;
    const double slack = 2 * result.reference.relativeSigma * running;
    const auto after = job::standingEntries(job, job::Phase::After);
    const auto add = [&](const std::string& test, int channel, driver::Band band, const std::string& suffix) {
        ProofLine line{knowledge.test(test)->title + suffix, band, {}, false};
        for (const auto& entry : after) {
            const auto* measured = std::get_if<job::Measured>(&entry.what);
            if (measured != nullptr && measured->test == test && measured->channel == channel) {
                line.volts = measured->volts;
                line.within = measured->volts >= band.low && measured->volts <= band.high;
            }
        }
        result.proof.push_back(std::move(line));
    };
    add("ledPlusOn", 0, {running - slack, running + slack}, "");
    for (int channel = 0; channel < int(demands.size()); ++channel) {
        const double minus =
            job.backlight.driver.headroomVolts + highest - demands[channel].volts * result.reference.labelScale;
        add("ledMinus", channel, {std::max(0.0, minus - 1), minus + 1 + 0.3 * slack},
            demands.size() > 1 ? " of channel " + job.backlight.channels[channel].label : "");
    }
}

SoakVerdict judgeSoak(const std::vector<job::SoakEntry>& soak) {
    SoakVerdict verdict;
    double lowest = INFINITY;
    double highest = 0;
    for (const auto& line : soak) {
        verdict.minutes = std::max(verdict.minutes, line.minutes);
        verdict.flickered = verdict.flickered || line.flicker;
        if (line.minutes >= soakSettledMinutes) {
            lowest = std::min(lowest, line.amps);
            highest = std::max(highest, line.amps);
        }
    }
    verdict.driftShare = highest > 0 ? (highest - lowest) / highest : 0;
    if (soak.empty()) {
        verdict.text = "Not started.";
    } else if (verdict.flickered) {
        verdict.text = "Failed: it flickered.";
    } else if (verdict.driftShare >= soakDriftLimit) {
        verdict.text = fmt::format("Failed: the current drifted {:.1f} % after {:.0f} min.", 100 * verdict.driftShare,
                                   soakSettledMinutes);
    } else if (verdict.minutes < soakMinutes) {
        verdict.text = fmt::format("{:.0f} of {:.0f} min.", verdict.minutes, soakMinutes);
    } else {
        verdict.passed = true;
        verdict.text =
            fmt::format("Passed: {:.0f} min, no flicker, {:.1f} % drift.", verdict.minutes, 100 * verdict.driftShare);
    }
    return verdict;
}

locate::CellPartition partitionFor(const job::Job& job, const std::vector<job::Entry>& standing) {
    locate::CellPartition partition(job.backlight);
    for (const auto& entry : standing) {
        if (const auto* tester = std::get_if<job::TesterTaken>(&entry.what)) {
            partition.split(tester->run);
            for (const auto& place : tester->bridged) {
                partition.isolate(place);
            }
        } else if (const auto* seen = std::get_if<job::LedSeen>(&entry.what)) {
            partition.isolate(seen->place);
            partition.split(seen->under);
        } else if (const auto* check = std::get_if<job::LedChecked>(&entry.what)) {
            partition.isolate(check->place);
        } else if (const auto* bridged = std::get_if<job::Bridged>(&entry.what)) {
            partition.isolate(bridged->place);
        }
    }
    return partition;
}

}  // namespace

Assessment assess(const job::Job& job, const Knowledge& knowledge, const AssessOptions& options) {
    Assessment result;
    const auto standing = job::standingEntries(job, job::Phase::Before);

    CaseModel model(job.backlight, knowledge, partitionFor(job, standing));
    auto belief = infer(model, standing);
    const auto runs = candidateRuns(job.backlight, openSharesOf(model, belief), standing);
    for (const auto& run : runs) {
        belief = refine(model, std::move(belief), run);
    }
    result.explanations = belief.hypotheses.size();
    result.reference = model.reference();
    result.ledShares = ledSharesOf(model, belief.hypotheses, belief.shares);
    result.suspects = sharesOf(model, belief, job, standing);
    diagnose(model, belief, result);
    result.probes = rankProbes(model, belief, job, standing, runs);
    if (result.probes.size() > options.maxProbes) {
        result.probes.resize(options.maxProbes);
    }
    expect(model, job, result);
    result.plan = repair::planFix(job, knowledge, result.diagnosis, options.today);
    result.cautions = safety::cautionsFor(job, result.reference.stringVolts, result.reference.overVolts);
    prove(job, knowledge, result);
    result.soak = judgeSoak(job.soak);
    return result;
}

}  // namespace dimglow::reasoning
