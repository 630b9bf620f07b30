#include "core/reasoning/assessment.h"
#include "core/backlight/limits.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/reasoning/probes.h"
#include "core/reasoning/wording.h"

namespace dimglow::reasoning {

using backlight::LedFault;
using knowledge::Form;
using text::say;
using text::Text;

namespace {

constexpr double sureShare = 0.9;  ///< an LED is located from here on, a part of a board named
/// A verdict on anything else needs more: a board, a plug or a strip is dear, and another minute's reading cheap.
constexpr double verdictShare = 0.95;
constexpr double shareWorthListing = 0.004;
constexpr std::size_t reasonsPerSuspect = 4;
constexpr double decibansWorthSaying = 1;
/// Places of one kind of fault are listed one by one when two of them hold this share of the kind, or one half of it.
constexpr double fewPlacesShare = 0.9;
/// A reading so much less likely than by anyone's guess, natural log, is taken for a slip.
constexpr double worseThanAGuess = 2;
constexpr double misfitShare = 0.5;      ///< of none of these
constexpr std::size_t mostDoubtful = 8;  ///< the latest
/// Readings that the explanations tell, over all readings left out in turn.
constexpr std::size_t mostToldAnew = 2'000'000;
constexpr double reachedShare = 0.97;  ///< of a tester's limit: from here on no current flows

/// Hypotheses that read the same in words.
struct Group {
    Text title;
    std::size_t first = 0;    ///< one of them
    std::vector<int> titles;  ///< into Belief::titles
    bool placeKnown = true;
    double share = 0;
    double previousShare = 0;
};

/// By title, as in Belief::titles.
std::map<int, Group> groupByTitle(const Belief& belief) {
    std::vector<Group> byTitle(belief.titles.size());
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        auto& group = byTitle[belief.titleOf[h]];
        group.first = h;
        group.share += belief.shares[h];
        group.previousShare += belief.previousShares[h];
    }
    std::map<int, Group> groups;
    for (int title = 0; title < int(byTitle.size()); ++title) {
        byTitle[title].title = belief.titles[title];
        byTitle[title].titles = {title};
        groups[title] = std::move(byTitle[title]);
    }
    return groups;
}

/// Many equal places of one kind of fault are one line until readings tell them apart.
void foldEqualPlaces(const CaseModel& model, const Belief& belief, std::map<int, Group>& groups) {
    std::map<int, std::vector<int>> titlesOfKind;
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
        double second = 0;
        for (const int title : titles) {
            const double share = groups[title].share;
            second = std::max(second, std::min(share, highest));
            highest = std::max(highest, share);
        }
        if (titles.size() == 1 || highest > fewPlacesShare / 2 * total || highest + second > fewPlacesShare * total) {
            continue;
        }
        Group folded;
        folded.title = say("{}, place not known yet", model.knowledge().suspects[suspect].title);
        folded.placeKnown = false;
        for (const int title : titles) {
            const auto& group = groups[title];
            folded.first = group.first;
            folded.titles.insert(folded.titles.end(), group.titles.begin(), group.titles.end());
            folded.share += group.share;
            folded.previousShare += group.previousShare;
            groups.erase(title);
        }
        groups[titles.front()] = std::move(folded);
    }
}

/// What the entries say for and against groups of explanations.
class Weights {
public:
    explicit Weights(const Belief& belief) : belief_(belief), logs_(belief.likelihoods) {
        // Explanations that were split from one have its likelihoods.
        shareOfRow_.assign(logs_.rowCount(), 0);
        titleOfRow_.assign(logs_.rowCount(), -1);
        for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
            shareOfRow_[std::size_t(belief.rowOf[h])] += belief.shares[h];
            titleOfRow_[std::size_t(belief.rowOf[h])] = belief.titleOf[h];
        }
        for (std::size_t e = 0; e < logs_.entryCount(); ++e) {
            highest_.push_back(logs_.isOfTheBoard(e) ? -INFINITY : logs_.healthy(e));
        }
        for (int row = 0; row < int(logs_.rowCount()); ++row) {
            if (titleOfRow_[std::size_t(row)] >= 0) {
                raise(row);
            }
        }
        total_ = sumOf([](int title) { return title >= 0; });
    }

    /// 10·log10 of P(reading | group) / P(reading | everything else) by entry, other readings taken into account.
    std::vector<double> decibansOf(const Group& group) const {
        std::vector<char> isIn(belief_.titles.size(), 0);
        for (const int title : group.titles) {
            isIn[std::size_t(title)] = 1;
        }
        const auto weights = sumOf([&](int title) { return title >= 0 && isIn[std::size_t(title)] != 0; });
        std::vector<double> decibans;
        for (std::size_t e = 0; e < weights.size(); ++e) {
            const double inside = (group.share + 1e-12) / (weights[e] + 1e-12);
            const double outside =
                (std::max(0.0, 1 - group.share) + 1e-12) / (std::max(0.0, total_[e] - weights[e]) + 1e-12);
            decibans.push_back(10 * std::log10(inside / outside));
        }
        return decibans;
    }

private:
    void raise(int row) {
        for (const auto& [e, log] : logs_.differing(row)) {
            highest_[e] = std::max(highest_[e], log);
        }
        for (const auto e : logs_.boardEntries()) {
            highest_[e] = std::max(highest_[e], logs_.board(logs_.forecastOf(row), e));
        }
    }

    /// Sum of share / P(reading | explanation) over the titles that \p counts, by entry; a common factor cancels.
    template <class Counts>
    std::vector<double> sumOf(Counts counts) const {
        double share = 0;
        std::vector<double> sums(logs_.entryCount(), 0);
        for (int row = 0; row < int(logs_.rowCount()); ++row) {
            if (!counts(titleOfRow_[std::size_t(row)])) {
                continue;
            }
            const double own = shareOfRow_[std::size_t(row)];
            share += own;
            for (const auto& [e, log] : logs_.differing(row)) {
                sums[e] += own * (std::exp(highest_[e] - log) - std::exp(highest_[e] - logs_.healthy(e)));
            }
            for (const auto e : logs_.boardEntries()) {
                sums[e] += own * std::exp(highest_[e] - logs_.board(logs_.forecastOf(row), e));
            }
        }
        for (std::size_t e = 0; e < sums.size(); ++e) {
            sums[e] += logs_.isOfTheBoard(e) ? 0 : share * std::exp(highest_[e] - logs_.healthy(e));
        }
        return sums;
    }

    const Belief& belief_;
    const Likelihoods& logs_;
    std::vector<double> shareOfRow_;
    std::vector<int> titleOfRow_;  ///< -1 of rows that were dropped
    std::vector<double> highest_;  ///< by entry, of any explanation
    std::vector<double> total_;    ///< by entry, of all explanations
};

/// What the explanations of a group come down to.
std::vector<PartShare> partsOf(const CaseModel& model, const Belief& belief, const Group& group) {
    std::map<std::pair<int, int>, double> shares;
    const auto& suspect = model.knowledge().suspects[std::size_t(belief.hypotheses[group.first].suspect)];
    for (std::size_t h = 0; !suspect.parts.empty() && h < belief.hypotheses.size(); ++h) {
        if (std::find(group.titles.begin(), group.titles.end(), belief.titleOf[h]) != group.titles.end()) {
            shares[{belief.hypotheses[h].part, belief.hypotheses[h].point}] += belief.shares[h];
        }
    }
    std::vector<PartShare> parts;
    for (const auto& [where, share] : shares) {
        const auto& part = suspect.parts[std::size_t(where.first)];
        PartShare row{part.title, share, {}, {}};
        if (part.point >= 0) {
            row.point = model.knowledge().points[std::size_t(part.point)].id;
            const bool isWritten = where.second >= 0;
            row.ref = isWritten ? model.set().points[std::size_t(where.second)].ref : "";
            row.title = isWritten                            ? say("{} {}", part.title, row.ref)
                        : model.pointsOf(part.point).empty() ? part.title
                                                             : say("{}, another one", part.title);
        }
        parts.push_back(std::move(row));
    }
    std::stable_sort(parts.begin(), parts.end(), [](const auto& a, const auto& b) { return a.share > b.share; });
    return parts;
}

std::vector<SuspectShare> sharesOf(const CaseModel& model, const Belief& belief, const job::Job& job,
                                   const std::vector<job::Entry>& standing) {
    auto groups = groupByTitle(belief);
    foldEqualPlaces(model, belief, groups);
    const Weights weights(belief);
    const evidence::Scene scene{job.set, model.knowledge()};
    std::vector<SuspectShare> rows;
    for (const auto& [title, group] : groups) {
        const auto& kind = model.knowledge().suspects[belief.hypotheses[group.first].suspect];
        SuspectShare row{kind.id, group.title, kind.side, group.placeKnown, group.share, group.previousShare,
                         {},      kind.block,  {}};
        row.parts = partsOf(model, belief, group);
        const auto decibans = group.share > shareWorthListing ? weights.decibansOf(group) : std::vector<double>{};
        for (std::size_t e = 0; e < decibans.size(); ++e) {
            const double db = decibans[e];
            if (std::abs(db) > decibansWorthSaying) {
                row.reasons.push_back({standing[e].id,
                                       say("{}: {}", evidence::titleOf(standing[e].what, scene),
                                           evidence::describe(standing[e].what, scene)),
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

/// Plugs between two strips that may be bad, each from the last LED before it to the first after.
std::vector<backlight::Run> suspectedPlugs(const CaseModel& model, const Belief& belief) {
    constexpr double worthATest = 0.02;
    std::vector<backlight::Run> plugs;
    if (!model.backlight().isDescribed) {
        return plugs;
    }
    std::map<backlight::Run, double> shares;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        for (const auto& fault : belief.hypotheses[h].faults) {
            const auto* joint = std::get_if<faults::Joint>(&fault);
            if (joint != nullptr && joint->before > 0) {
                shares[{joint->string, joint->before - 1, joint->before}] += belief.shares[h];
            }
        }
    }
    for (const auto& [plug, share] : shares) {
        if (share > worthATest) {
            plugs.push_back(plug);
        }
    }
    return plugs;
}

/// Open LEDs only, for splitting.
LedShares openSharesOf(const CaseModel& model, const Belief& belief) {
    std::vector<Hypothesis> opens = belief.hypotheses;
    for (auto& h : opens) {
        const auto end = std::remove_if(h.faults.begin(), h.faults.end(), [](const faults::Fault& fault) {
            const auto* leds = faults::asLeds(fault);
            return leds == nullptr || (leds->fault != LedFault::Open && leds->fault != LedFault::GroupOpen);
        });
        h.faults.erase(end, h.faults.end());
    }
    return ledSharesOf(model, opens, belief.shares);
}

/// "Open LED A3; Shorted LED A4, A7": the located LEDs by what is wrong with them, as far as that is sure. One that is
/// faulty in whatever way is mended by the same repair.
Text verdictOf(const CaseModel& model, const Assessment& assessment) {
    std::map<LedFault, std::vector<backlight::LedPlace>> byFault;
    std::vector<backlight::LedPlace> ofSomeKind;
    for (std::size_t i = 0; i < assessment.located.size(); ++i) {
        const bool isSure = assessment.locatedShares[i] > sureShare;
        (isSure ? byFault[assessment.locatedAs[i]] : ofSomeKind).push_back(assessment.located[i]);
    }
    std::vector<Text> verdict;
    for (auto& [fault, places] : byFault) {
        std::sort(places.begin(), places.end());
        verdict.push_back(say("{} {}", model.titleOf(fault), evidence::namesOf(model.backlight(), places)));
    }
    if (!ofSomeKind.empty()) {
        verdict.push_back(say("Faulty LED {}", evidence::namesOf(model.backlight(), ofSomeKind)));
    }
    return text::joined(verdict, "; ");
}

/// Where an explanation shows itself, of several feeds the first.
int feedOf(const CaseModel& model, const Hypothesis& hypothesis) {
    if (hypothesis.feed != Hypothesis::everyFeed) {
        return hypothesis.feed;
    }
    const auto& set = model.backlight();
    if (hypothesis.faults.empty() || set.feeds.size() == 1) {
        return 0;
    }
    const auto& first = hypothesis.faults.front();
    const auto* leds = faults::asLeds(first);
    const int channel = leds != nullptr ? model.partition().cells()[std::size_t(leds->cell)].string.channel
                                        : backlight::wholeStrip(set, faults::stripOf(first, set)).string.channel;
    return set.channels[std::size_t(channel)].feed;
}

/// LEDs of the step that a place stands in: side by side, so that an open step is all of them.
std::vector<backlight::LedPlace> stepOf(const backlight::Backlight& backlight, backlight::LedPlace place) {
    const auto order = backlight::ledsInOrder(backlight, backlight::wholeStrip(backlight, place.strip).string);
    const auto step = backlight::runOnStrip(backlight, place.strip, place.led, place.led);
    return {order.begin() + step.first, order.begin() + step.last + 1};
}

/// Where a step is open, all of its LEDs are faulty, whichever stands for it.
void locateWholeSteps(const backlight::Backlight& backlight, Assessment& result) {
    for (std::size_t i = 0, count = result.located.size(); i < count; ++i) {
        if (result.locatedAs[i] != LedFault::GroupOpen) {
            continue;
        }
        const double share = result.locatedShares[i];
        for (const auto place : stepOf(backlight, result.located[i])) {
            if (std::find(result.located.begin(), result.located.end(), place) == result.located.end()) {
                result.located.push_back(place);
                result.locatedAs.push_back(LedFault::GroupOpen);
                result.locatedShares.push_back(share);
                auto& own = result.ledShares[std::size_t(place.strip)][std::size_t(place.led)];
                own = std::max(own, share);
            }
        }
    }
}

/// LEDs that an explanation takes for faulty.
int faultyLeds(const CaseModel& model, const Hypothesis& hypothesis) {
    int count = faults::faultyLedCount(hypothesis.faults);
    for (const auto& fault : hypothesis.faults) {
        const auto* leds = faults::asLeds(fault);
        if (leds != nullptr && leds->fault == LedFault::GroupOpen) {
            const auto& cell = model.partition().cells()[std::size_t(leds->cell)];
            count += leds->count * (model.backlight().strips[std::size_t(cell.strip)].parallel - 1);
        }
    }
    return count;
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
    result.likeliest = {belief.titles[belief.titleOf[std::size_t(best)]], feedOf(model, likeliest),
                        model.knowledge().behaviourOf(suspect).stage, model.madeOf(likeliest), model.placed(likeliest)};
    std::set<int> strips;
    result.diagnosis.failedCount = faultyLeds(model, likeliest);
    if (model.backlight().isDescribed) {
        for (const auto& fault : likeliest.faults) {
            const auto* leds = faults::asLeds(fault);
            strips.insert(leds != nullptr ? model.partition().cells()[leds->cell].strip
                                          : faults::stripOf(fault, model.backlight()));
        }
    }
    result.diagnosis.failedStrips.assign(strips.begin(), strips.end());
    for (const auto& place : result.located) {
        std::array<double, backlight::ledFaultKinds> shares{};
        for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
            const auto ofOne = model.faultShares(belief.hypotheses[h], place);
            for (std::size_t kind = 0; kind < shares.size(); ++kind) {
                shares[kind] += belief.shares[h] * ofOne[kind];
            }
        }
        const auto most = std::size_t(std::max_element(shares.begin(), shares.end()) - shares.begin());
        result.locatedAs.push_back(LedFault(most));
        result.locatedShares.push_back(shares[most]);
    }
    locateWholeSteps(model.backlight(), result);
    result.diagnosis.failedLeds = result.located;

    if (result.diagnosis.failedCount == 0) {
        const auto& first = result.suspects.front();
        const bool isKnown = first.placeKnown && !suspect.isNoneOfThese;
        const bool isPart = !first.parts.empty() && first.parts.front().share >= sureShare && first.parts.size() > 1;
        result.found = first.share < verdictShare || !isKnown ? Text()
                       : isPart                               ? say("{}: {}", first.title, first.parts.front().title)
                                                              : first.title;
    } else if (int(result.located.size()) == result.diagnosis.failedCount) {
        result.found = verdictOf(model, result);
    }
}

constexpr double littleBits = 0.1;

/// Whether no probe that is left tells enough to wait for.
bool tellLittle(const std::vector<Probe>& probes) {
    return std::all_of(probes.begin(), probes.end(), [](const Probe& probe) { return probe.bits < littleBits; });
}

/// Whether a probe costs less than what is at stake: that something with \p share is mended in vain.
bool isCheaplyDoubted(const std::vector<Probe>& probes, double share) {
    constexpr double minutesInVain = 60;  ///< the board out and in again, and a second diagnosis
    return std::any_of(probes.begin(), probes.end(), [&](const Probe& probe) {
        return probe.bits >= littleBits && probe.minutes < (1 - share) * minutesInVain;
    });
}

/// What has been found, and how likely it is that.
struct Found {
    Text title;
    double share = 0;
};

/// "Tired electrolytics, weak supply / Driver's over-voltage divider": suspects of the boards that one repair mends
/// and that hold together what a verdict needs, or two places of one in the panel; empty when there are none.
/// While a probe can still tell them apart only where it would change nothing: boards that are exchanged whole.
Found groupOf(const Knowledge& knowledge, const Assessment& assessment, const job::Way& way) {
    constexpr double worthNaming = 0.05;
    constexpr std::size_t mostPlaces = 2;
    const bool tellsLittle = tellLittle(assessment.probes);
    for (const auto& repair : knowledge.repairs) {
        if (repair.stopGap || repair.writesOff || (repair.opensPanel && repair.renews != knowledge::Renews::Nothing)) {
            continue;
        }
        if (!tellsLittle && (repair.exchanges != "board" || way.level == job::Way::Level::Component)) {
            continue;
        }
        double share = 0;
        bool isPlaced = true;
        std::vector<Text> titles;
        for (const auto& suspect : assessment.suspects) {
            const bool isMended =
                std::find(repair.mends.begin(), repair.mends.end(), suspect.suspect) != repair.mends.end();
            share += isMended ? suspect.share : 0;
            if (isMended && suspect.share > worthNaming) {
                titles.push_back(suspect.title);
                isPlaced = isPlaced && suspect.placeKnown;
            }
        }
        // In the panel it must be known where: one place or the one beside it.
        if (share >= verdictShare && (!repair.opensPanel || (isPlaced && titles.size() <= mostPlaces))) {
            return {text::joined(titles, " / "), share};
        }
    }
    return {};
}

/// Whether it is as good as sure that no LED is faulty but those located.
bool holdsNothingElse(const CaseModel& model, const Belief& belief, const Assessment& assessment) {
    double share = 0;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        const auto& all = belief.hypotheses[h].faults;
        const bool isLocated = std::all_of(all.begin(), all.end(), [&](const auto& fault) {
            const auto* leds = faults::asLeds(fault);
            if (leds == nullptr) {
                return true;
            }
            const auto& cell = model.partition().cells()[std::size_t(leds->cell)];
            return std::all_of(cell.positions.begin(), cell.positions.end(), [&](int position) {
                const auto place = model.partition().placeOf(cell, position);
                return std::find(assessment.located.begin(), assessment.located.end(), place) !=
                       assessment.located.end();
            });
        });
        share += isLocated ? belief.shares[h] : 0;
    }
    return assessment.located.empty() || share >= sureShare;
}

/// Whether a tester across LEDs made them conduct.
bool conducts(const evidence::TesterTaken& taken) {
    return taken.lit.value_or(0) > 0 || (taken.volts && *taken.volts < reachedShare * taken.setting.limitVolts);
}

/// The stretches of a run between LEDs that are known to be open and keep it dark.
std::vector<backlight::Run> litParts(const backlight::Backlight& backlight, const backlight::Run& run,
                                     const Assessment& assessment) {
    const auto order = backlight::ledsInOrder(backlight, run.string);
    const auto& strip = backlight.strips[std::size_t(order[std::size_t(run.first)].strip)];
    std::set<int> open;
    for (std::size_t i = 0; i < assessment.located.size(); ++i) {
        const auto at = std::find(order.begin(), order.end(), assessment.located[i]);
        const bool isOpen = assessment.locatedAs[i] == LedFault::GroupOpen ||
                            (assessment.locatedAs[i] == LedFault::Open && strip.parallel * strip.chains == 1);
        if (at != order.end() && isOpen) {
            open.insert(int(at - order.begin()));
        }
    }
    std::vector<backlight::Run> parts;
    int first = run.first;
    for (int position = run.first; position <= run.last + 1; ++position) {
        if (position > run.last || open.contains(position)) {
            if (position > first) {
                parts.push_back({run.string, first, position - 1});
            }
            first = position + 1;
        }
    }
    return parts;
}

/// Strips of an open panel that no tester has lit as a whole, and of one with an open LED what lies on either side of
/// it: a minute each, before the panel is closed over a second fault (common practice, no source).
std::vector<backlight::Run> untestedRuns(const job::Job& job, const Knowledge& knowledge,
                                         const std::vector<job::Entry>& standing, const Assessment& assessment) {
    std::vector<backlight::Run> untested;
    const auto& set = job.set.backlight;
    const auto& tests = knowledge.tests;
    const bool canTest = std::any_of(tests.begin(), tests.end(), [&](const auto& test) {
        return test.form == knowledge::Form::Tester && job::hasAll(job.bench, test.tools);
    });
    /// Lit, or put to the tester by itself: what it said then is in the belief.
    const auto isTested = [&](const backlight::Run& part, int position) {
        return std::any_of(standing.begin(), standing.end(), [&](const auto& entry) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
            return taken != nullptr && taken->run.string == part.string &&
                   taken->minus == backlight::TesterProbe::Minus::EndOfRun && taken->run.contains(position) &&
                   (conducts(*taken) || taken->run == part);
        });
    };
    for (int strip = 0; canTest && job.panelOpen && set.isDescribed && strip < int(set.strips.size()); ++strip) {
        for (const auto& whole : backlight::runsOnStrip(set, strip)) {
            for (const auto& part : litParts(set, whole, assessment)) {
                bool tested = true;
                for (int position = part.first; position <= part.last; ++position) {
                    tested = tested && isTested(part, position);
                }
                if (!tested) {
                    untested.push_back(part);
                }
            }
        }
    }
    return untested;
}

/// Whether the part is still searched for, where it is what is replaced.
bool wantsThePart(const job::Job& job, const Assessment& assessment) {
    const auto& first = assessment.suspects.front();
    return job.way.level == job::Way::Level::Component && first.parts.size() > 1 &&
           first.parts.front().share < sureShare * first.share;
}

/// The repair to be done rather than one more probe: what is lost when it is not the right one costs less than the
/// probe. Only what leaves the panel closed.
std::optional<FixNow> fixNowOf(const job::Job& job, const Knowledge& knowledge, const Assessment& assessment) {
    constexpr double likelyEnough = 0.5;
    if (assessment.probes.empty() || !assessment.verdict.empty() || assessment.misfit) {
        return std::nullopt;
    }
    const double perMinute = job.bench.ratePerHour / 60;
    const double probe = assessment.probes.front().minutes * perMinute;
    std::optional<FixNow> best;
    double least = probe;
    for (const auto& option : assessment.plan.options) {
        const auto* kind = knowledge.repair(option.id);
        const double lost = (1 - option.mends) * (option.parts + option.minutes * perMinute);
        const bool isFree = kind != nullptr && !kind->opensPanel && !kind->writesOff && !kind->stopGap;
        if (isFree && option.mends > likelyEnough && lost < least) {
            least = lost;
            best = FixNow{option.id, option.title, option.mends};
        }
    }
    return best;
}

/// What is known of the set under all explanations together.
driver::Quantities learnt(CaseModel& model, const Belief& belief) {
    std::map<int, double> shareOfForecast;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        shareOfForecast[belief.hypotheses[h].forecast] += belief.shares[h];
    }
    auto all = model.learntUnder(shareOfForecast.begin()->first).known();
    double sum = shareOfForecast.begin()->second;
    for (auto one = std::next(shareOfForecast.begin()); one != shareOfForecast.end(); ++one) {
        sum += one->second;
        if (one->second > 0) {
            all.mixIn(model.learntUnder(one->first).known(), one->second / sum);
        }
    }
    return all;
}

/// The upper end of where the drivers may give up, V.
double highestOverVolts(const driver::Quantities& known, std::size_t feeds) {
    constexpr double sigmas = 2;
    constexpr auto overVolts = driver::Reference::OverVolts;
    double highest = 0;
    for (int feed = 0; feed < int(feeds); ++feed) {
        highest = std::max(highest, known.value(overVolts, feed) * std::exp(sigmas * known.spread(overVolts, feed)));
    }
    return highest;
}

/// What a healthy set would read, as far as that has been learned. What was computed from described strips stays.
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

/// Whether LED+ in regulation is known of every feed.
bool isLedPlusKnown(const driver::DriverReference& reference) {
    return std::all_of(reference.begin(), reference.end(), [](const auto& own) {
        return driver::isKnownWellEnough(own.stringVolts, own.relativeSigma * own.stringVolts);
    });
}

/// The highest LED+ in regulation, V.
double workingVolts(const driver::DriverReference& reference) {
    double highest = 0;
    for (const auto& own : reference) {
        highest = std::max(highest, own.stringVolts);
    }
    return highest;
}

/// Whether outside and board have said what they can, and the rest is up to strips that nobody has described.
bool onlyStripsTellMore(const Assessment& assessment) {
    double leds = 0;
    for (const auto& suspect : assessment.suspects) {
        leds += suspect.side == knowledge::Side::Leds ? suspect.share : 0;
    }
    return leds >= sureShare || (assessment.probes.empty() && assessment.found.empty());
}

/// \p before is what was known before any reading.
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

void expect(CaseModel& model, const job::Job& job, const driver::Quantities& known, Assessment& result) {
    const Hypothesis healthy{};  // its suspect does not matter without faults; the forecast is made directly
    std::vector<const backlight::ChannelDemand*> demands;
    for (int channel = 0; channel < int(job.set.backlight.channels.size()); ++channel) {
        demands.push_back(&model.demand(channel, healthy));
    }
    const std::vector behaviours(job.set.backlight.feeds.size(), &model.knowledge().healthy());
    const auto forecast = driver::forecast(job.set.backlight, model.reference(), demands, behaviours);
    LearningTree learning{driver::Learning(known)};
    int node = LearningTree::root;
    Explained healthySet(model, healthy, Explained::Board{forecast, learning, node});
    for (const auto& test : model.knowledge().tests) {
        if (test.form != knowledge::Form::Volts) {
            continue;
        }
        for (const auto& asked : evidence::placesOf(test, job.set.backlight)) {
            if (const auto volts = healthySet.volts(asked)) {
                result.expectedVolts[asked] = driver::bandOf(*volts);
            }
        }
    }
    for (int strip = 0; job.set.backlight.isDescribed && strip < int(job.set.backlight.strips.size()); ++strip) {
        result.expectedStripVolts.push_back(
            model.tester({backlight::wholeStrip(job.set.backlight, strip), job.bench.tester}, healthy).volts);
    }
    for (const auto& entry : job.trail) {
        if (const auto expectation = evidence::expected(entry.what, healthySet)) {
            result.expectations[entry.id] = *expectation;
        }
    }
}

/// What the panel check found, as an answer among the others. Nothing until something was read or found; no light is
/// none while the leads are in doubt.
void addPanelCheck(const job::Job& job, std::vector<job::Entry>& standing) {
    using panelcheck::Finding;
    const auto& check = job.panelCheck;
    const auto has = [&](Finding finding) {
        return std::find(check.findings.begin(), check.findings.end(), finding) != check.findings.end();
    };
    const char* choice = has(Finding::NoLight)                                                    ? "noLight"
                         : has(Finding::NoPicture)                                                ? "noPicture"
                         : has(Finding::Crack) || has(Finding::Lines) || has(Finding::DeadColumn) ? "glass"
                         : has(Finding::DarkArea)                                                 ? "darkArea"
                         : has(Finding::Tint)                                                     ? "tint"
                         : check.lightVolts                                                       ? "fine"
                                                                                                  : nullptr;
    const bool isDoubtful = !check.leadsChecked && (has(Finding::NoLight) || has(Finding::NoPicture));
    if (choice != nullptr && !isDoubtful) {
        standing.push_back({0, {}, job::Phase::Before, evidence::Answer{"panelCheck", choice}});
    }
}

/// That something was seen on a board says nothing beside the parts that look bad: it would count twice.
void dropWhatLooksSay(std::vector<job::Entry>& standing) {
    const bool isSaid = std::any_of(standing.begin(), standing.end(), [](const auto& entry) {
        const auto* seen = std::get_if<evidence::PointSeen>(&entry.what);
        return seen != nullptr && evidence::isBad(seen->looks);
    });
    std::erase_if(standing, [&](const auto& entry) {
        const auto* answer = std::get_if<evidence::Answer>(&entry.what);
        return isSaid && answer != nullptr && answer->test == evidence::PointSeen::summedUpBy;
    });
}

/// What a point read before it need be there says nothing beside its reading in time.
void dropEarly(std::vector<job::Entry>& standing) {
    const auto askedOf = [](const job::Entry& entry) {
        const auto* taken = std::get_if<evidence::PointTaken>(&entry.what);
        return taken == nullptr ? std::nullopt : std::optional(taken->asked);
    };
    std::vector<evidence::PointAsked> inTime;
    for (const auto& entry : standing) {
        if (const auto asked = askedOf(entry); asked && !asked->isEarly) {
            inTime.push_back(*asked);
        }
    }
    std::erase_if(standing, [&](const auto& entry) {
        auto asked = askedOf(entry);
        if (!asked || !asked->isEarly) {
            return false;
        }
        asked->isEarly = false;
        return std::find(inTime.begin(), inTime.end(), *asked) != inTime.end();
    });
}

bool hasMains(const Knowledge& knowledge, const std::string& kind) {
    const auto& placed = knowledge.setKind(kind).placed;
    return std::any_of(placed.begin(), placed.end(),
                       [&](const auto& p) { return knowledge.blocks[std::size_t(p.block)].isHot; });
}

/// What the rear holes show stands beside a dark glass, for the share of faults that hide a light. A glass that was lit
/// tells more than they do; where nobody has looked at it, they say what it would have shown.
void placeRearHoles(std::vector<job::Entry>& standing) {
    const auto light = job::lightSeen(standing);
    if (light == driver::Light::Never) {
        return;
    }
    const auto holes = std::find_if(standing.begin(), standing.end(), [](const auto& entry) {
        const auto* answer = std::get_if<evidence::Answer>(&entry.what);
        return answer != nullptr && answer->test == evidence::LightSeen::throughHoles;
    });
    if (holes == standing.end()) {
        return;
    }
    const auto choice = std::get<evidence::Answer>(holes->what).choice;
    const bool glows = choice == evidence::LightSeen::glows;
    if (light || !(glows || choice == evidence::LightSeen::dark)) {
        standing.erase(holes);
    } else {
        holes->what = evidence::LightSeen{glows ? driver::Light::StaysLit : driver::Light::Never, 0};
    }
}

locate::CellPartition partitionFor(const job::Job& job, const std::vector<job::Entry>& standing) {
    locate::CellPartition partition(job.set.backlight);
    for (const auto& entry : standing) {
        evidence::split(entry.what, partition);
    }
    return partition;
}

std::optional<std::size_t> noneOfThese(const CaseModel& model, const Belief& belief) {
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        if (model.knowledge().suspects[std::size_t(belief.hypotheses[h].suspect)].isNoneOfThese) {
            return h;
        }
    }
    return std::nullopt;
}

/// Whether an answer has been confirmed: given before, or given a third time. It is no slip then, whatever it fits.
bool isConfirmed(const job::Entry& entry, const job::Job& job) {
    int others = 0;
    for (const auto& other : job.trail) {
        const bool isOther = other.id != entry.id && other.phase == entry.phase &&
                             evidence::questionOf(other.what) == evidence::questionOf(entry.what);
        if (isOther && other.what == entry.what) {
            return true;
        }
        others += isOther ? 1 : 0;
    }
    return others >= 2;
}

/// The reading that is better explained as a slip: of all, the one without which the others are likeliest. Looked for
/// only where the likeliest explanation tells some reading worse than anyone's guess would, or nothing known is likely.
std::optional<Misfit> misfitOf(const job::Job& job, const CaseModel& model, const Belief& belief,
                               const std::vector<job::Entry>& standing, const std::stop_token& stop) {
    const auto none = noneOfThese(model, belief);
    if (!none) {
        return std::nullopt;
    }
    const auto best = std::size_t(std::max_element(belief.shares.begin(), belief.shares.end()) - belief.shares.begin());
    const bool isNone = belief.shares[*none] > misfitShare;
    const auto told = [&](std::size_t hypothesis, std::size_t entry) {
        return belief.likelihoods.at(belief.rowOf[hypothesis], entry);
    };
    std::vector<std::size_t> doubtful;
    for (std::size_t e = 0; e < standing.size(); ++e) {
        if (!isConfirmed(standing[e], job) && standing[e].source.fitsBecause.empty() &&
            (isNone || told(best, e) < told(*none, e) - worseThanAGuess)) {
            doubtful.push_back(e);
        }
    }
    const auto toldEachTime = std::max<std::size_t>(1, belief.weighed * standing.size());
    const auto most = std::clamp<std::size_t>(mostToldAnew / toldEachTime, 1, mostDoubtful);
    if (doubtful.size() > most) {
        doubtful.erase(doubtful.begin(), doubtful.end() - std::ptrdiff_t(most));
    }
    Misfit misfit;
    double likeliest = belief.evidence + worseThanAGuess;
    for (const auto e : doubtful) {
        auto rest = standing;
        rest.erase(rest.begin() + std::ptrdiff_t(e));
        CaseModel without(job.set, model.knowledge(), partitionFor(job, rest), stop);
        const double evidence = infer(without, rest).evidence + told(*none, e);
        if (evidence >= likeliest) {
            likeliest = evidence;
            const evidence::Scene scene{job.set, model.knowledge()};
            misfit = {
                say("{}: {}", evidence::titleOf(standing[e].what, scene), evidence::describe(standing[e].what, scene)),
                standing[e].id};
        }
    }
    return isNone || misfit.entry ? std::optional(misfit) : std::nullopt;
}

/// What a misfit hangs on: what the description leads one to expect, and whether it was there when the reading was
/// taken.
void explain(Misfit& misfit, const job::Job& job, const Assessment& result) {
    const auto wasBefore = [&](const job::Entry& entry) {
        return entry.phase == job::Phase::Before && (!misfit.entry || entry.id == *misfit.entry) &&
               entry.id <= job.describedAfter;
    };
    misfit.describedSince = std::any_of(job.trail.begin(), job.trail.end(), wasBefore);
    const auto expected = result.expectations.find(misfit.entry.value_or(0));
    if (expected != result.expectations.end() && !expected->second.within) {
        const auto& band = expected->second.band;
        misfit.why = say("As described, a sound set shows {:.1f} to {:.1f} V here.", band.low, band.high);
    }
}

std::optional<evidence::Question> againFor(const std::optional<Misfit>& misfit,
                                           const std::vector<job::Entry>& standing) {
    const auto found =
        std::find_if(standing.begin(), standing.end(), [&](const auto& e) { return misfit && misfit->entry == e.id; });
    return found == standing.end() ? std::nullopt : std::optional(evidence::questionOf(found->what));
}

}  // namespace

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

Assessment assess(const job::Job& job, const Knowledge& knowledge, const AssessOptions& options) {
    Assessment result;
    auto standing = job::standingEntries(job, job::Phase::Before);
    addPanelCheck(job, standing);
    dropWhatLooksSay(standing);
    dropEarly(standing);
    placeRearHoles(standing);
    CaseModel model(job.set, knowledge, partitionFor(job, standing), options.stop);
    auto belief = infer(model, standing);
    const auto runs =
        candidateRuns(job.set.backlight, openSharesOf(model, belief), standing, suspectedPlugs(model, belief));
    for (const auto& run : runs) {
        belief = refine(model, std::move(belief), run);
    }
    result.explanations = belief.hypotheses.size();
    result.reference = model.reference();
    result.ledShares = ledSharesOf(model, belief.hypotheses, belief.shares);
    result.suspects = sharesOf(model, belief, job, standing);
    diagnose(model, belief, result);
    if (!result.found.empty() && result.suspects.front().side == knowledge::Side::Leds) {
        result.untested = untestedRuns(job, knowledge, standing, result);
    }
    result.misfit = misfitOf(job, model, belief, standing, options.stop);
    auto ranked = rankProbes(model, belief, job, standing, runs, result.untested, againFor(result.misfit, standing),
                             options.maxProbes);
    result.probes = std::move(ranked.best);
    result.outOfTools = std::move(ranked.outOfTools);
    double share = result.diagnosis.failedCount > 0 ? 1 : result.suspects.front().share;
    if (result.found.empty() && !result.misfit) {
        auto group = groupOf(knowledge, result, job.way);
        result.found = std::move(group.title);
        share = group.share;
    }
    const bool isAll =
        tellLittle(result.probes) || (holdsNothingElse(model, belief, result) && !wantsThePart(job, result) &&
                                      !isCheaplyDoubted(result.probes, share));
    result.verdict = result.untested.empty() && !result.misfit && isAll ? result.found : Text();
    result.wantsStrips = !job.set.backlight.isDescribed && !result.misfit && onlyStripsTellMore(result);
    const auto known = learnt(model, belief);
    result.thisSet = knownOf(job.set.backlight, model.nothingLearnt().known(), known);
    expect(model, job, known, result);
    if (result.misfit) {
        explain(*result.misfit, job, result);
    }
    result.plan = repair::planFix(job, knowledge, result.diagnosis, options.today);
    result.fixNow = fixNowOf(job, knowledge, result);
    result.reference = referenceOf(job.set.backlight, result.reference, known);
    result.likeliest.backlight.driver.idleVolts = known.value(driver::Reference::Idle);
    result.cautions = safety::cautionsFor(
        {workingVolts(result.reference), highestOverVolts(known, result.reference.size()), job.bench.tester.limitVolts,
         hasMains(knowledge, job.set.kind), isLedPlusKnown(result.reference)});
    result.proof = proofOf(job, knowledge, result.reference, result.diagnosis.failedLeds, result.expectedVolts);
    result.soak = judgeSoak(job, result.proof);
    return result;
}

}  // namespace dimglow::reasoning
