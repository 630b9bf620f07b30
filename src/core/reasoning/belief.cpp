#include "core/reasoning/belief.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <memory_resource>
#include <numeric>
#include <set>
#include <unordered_map>
#include <unordered_set>

#include "core/reasoning/entry_logs.h"

namespace dimglow::reasoning {

using faults::Fault;
using faults::FaultList;
using faults::FaultyUnits;
using faults::SiteIndex;
using faults::UnitFaultIndex;
using source::DrivenIndex;
using text::say;
using text::Text;

namespace {

constexpr std::size_t beam = 24;
constexpr std::size_t deepBeam = 8;  ///< of sets of more than `shallow` faulty units
constexpr double dropBelow = 1e-5;
/// Natural logs. What stays so far behind the best, even if each reading to come speaks for it as well as for any
/// other, is below `dropBelow` and not listed; a set of units yet further behind is not extended either.
constexpr double tooRare = 13.7;
constexpr double hopeless = 17.7;
/// Single faults that larger sets are built from, the likeliest ones.
constexpr std::size_t mostExtensions = 512;
/// Sets of one more than `shallow` faulty units, and of yet more, are built only from those that are no further behind
/// the best: more faults are worth it where fewer leave a reading unexplained.
constexpr double worthOneMore = 9;
constexpr double worthDeepening = 6;
/// Explanations that may be weighed for that.
constexpr std::size_t mostWeighed = 40000;
constexpr int shallow = 2;
double logShareOfCount(const source::UnitFault& fault, int count) {
    const auto& shares = fault.howMany;
    if (count < 4) {
        return std::log(shares[std::size_t(count - 1)]);
    }
    const double ratio = shares[3] / shares[2];
    return std::log(shares[3] * (1 - ratio)) + (count - 4) * std::log(ratio);
}
/// Faulty units at once that are still told apart; with more, all of them are replaced.
constexpr int mostFaulty = 64;
/// That the culprit is not among those written down, of a part that a board has one or two of.
constexpr double oversight = 0.05;
/// Two kinds of fault of units at once, over what independence would say.
constexpr double mixShare = 0.18;
/// A fault of the boards and one of the light source at once, over the same.
constexpr double bothShare = 0.12;

/// log n!, as far as there are units.
const std::vector<double>& logFactorials() {
    static const std::vector<double> all = [] {
        std::vector<double> logs(5000);
        for (std::size_t n = 1; n < logs.size(); ++n) {
            logs[n] = logs[n - 1] + std::log(double(n));
        }
        return logs;
    }();
    return all;
}

double logChoose(int n, int k) {
    const auto& logs = logFactorials();
    return k > n ? -INFINITY : logs[n] - logs[k] - logs[n - k];
}

class Search {
public:
    explicit Search(Model& model)
        : model_(model), source_(model.source()), kinds_(source_.unitFaults()), entries_(model.standing()) {
        titleOfPlaces_.resize(model.knowledge().suspects.size() * (model.backlight().feeds.size() + 1));
        touched_.resize(std::size_t(source_.siteCount()));
        const int units = source_.unitCount();
        logOfSets_.resize(kinds_.size());
        for (std::size_t kind = 0; kind < kinds_.size(); ++kind) {
            logWeightOfKind_.push_back(kinds_[kind].suspect < 0 ? -INFINITY
                                                                : entryLogs_.logWeight(kinds_[kind].suspect));
            for (int count = 1; count <= std::min(units, mostFaulty); ++count) {
                logOfSets_[kind].push_back(logShareOfCount(kinds_[kind], count) - logChoose(units, count));
            }
        }
        highestLogs_.assign(entries_.size(), -INFINITY);
        logsOfOne_.resize(entries_.size());
        isChanged_.assign(entries_.size(), 0);
        for (const auto& entry : entries_) {
            isOfTheBoard_.push_back(evidence::isOfTheBoard(entry.what));
        }
        std::vector<double> healthyLogs;
        for (std::size_t e = 0; e < entries_.size(); ++e) {
            healthyLogs.push_back(isOfTheBoard_[e] ? 0 : entryLogs_.logOf(e, Hypothesis{}, {}));
            (isOfTheBoard_[e] ? ofTheBoard_ : all_).push_back(e);
        }
        baseLogs_ = healthyLogs;
        for (const auto e : all_) {
            highestLogs_[e] = healthyLogs[e];
        }
        healthy_.readings = std::accumulate(healthyLogs.begin(), healthyLogs.end(), 0.0);
        result_.likelihoods = Likelihoods(std::move(healthyLogs), ofTheBoard_);
        for (const auto e : all_) {
            if (!evidence::isOfUnits(entries_[e].what)) {
                unsound_.push_back(e);
            }
        }
        unsound_.insert(unsound_.end(), ofTheBoard_.begin(), ofTheBoard_.end());
        all_.insert(all_.end(), ofTheBoard_.begin(), ofTheBoard_.end());  // those that need a forecast come last
        highestAhead_.assign(ofTheBoard_.size(), -INFINITY);
        highestAhead_.push_back(0);
        findTouched();
    }

    Belief run() {
        addUnitFaults();
        standOn(healthy_);
        addSingles();
        if (leavesUnexplained()) {
            addOfBothSides();
        }
        weigh();
        return std::move(result_);
    }

private:
    void addSingles() {
        for (int s = 0; s < int(model_.knowledge().suspects.size()); ++s) {
            const auto& suspect = model_.knowledge().suspects[std::size_t(s)];
            Hypothesis h;
            h.suspect = s;
            h.logPrior = entryLogs_.logWeight(s);
            if (!model_.canHave(suspect)) {
                continue;
            }
            if (!source_.holds(suspect)) {
                addParts(h);
                continue;
            }
            const auto candidates = source_.candidates(suspect);
            const double all = std::accumulate(candidates.begin(), candidates.end(), 0.0,
                                               [](double sum, const auto& each) { return sum + each.weight; });
            for (const auto& candidate : candidates) {
                h.logPrior = entryLogs_.logWeight(s) + std::log(candidate.weight / all);
                h.faults = candidate.faults;
                add(h);
            }
        }
    }

    /// What is wrong on the driver's side, part by part.
    void addParts(Hypothesis h) {
        const auto& suspect = model_.suspectOf(h);
        if (suspect.parts.empty()) {
            addOnFeeds(h, suspect.ofAllFeeds);
        }
        const double logPrior = h.logPrior;
        for (h.part = 0; h.part < int(suspect.parts.size()); ++h.part) {
            const auto& part = suspect.parts[std::size_t(h.part)];
            const double log = logPrior + std::log(part.share);
            const auto& written = part.point < 0 ? noPoints_ : model_.pointsOf(part.point);
            const bool many = part.point >= 0 && model_.knowledge().points[std::size_t(part.point)].many;
            const double unwritten = written.empty() ? 1 : many ? 1 / double(written.size() + 1) : oversight;
            h.point = -1;
            h.logPrior = log + std::log(unwritten);
            addOnFeeds(h, suspect.ofAllFeeds);
            h.logPrior = log + std::log((1 - unwritten) / std::max(1.0, double(written.size())));
            for (const int point : written) {
                h.point = point;
                addOnFeeds(h, suspect.ofAllFeeds);
            }
        }
    }

    /// What is wrong on the driver's side: upstream of all feeds, or in the driver of one of several.
    void addOnFeeds(Hypothesis h, double ofAll) {
        const int feeds = int(model_.backlight().feeds.size());
        const double logPrior = h.logPrior;
        h.logPrior = logPrior + (feeds > 1 ? std::log(ofAll) : 0);
        if (feeds == 1 || ofAll > 0) {
            addOnBoard(h);
        }
        for (h.feed = 0; feeds > 1 && ofAll < 1 && h.feed < feeds; ++h.feed) {
            h.logPrior = logPrior + std::log((1 - ofAll) / feeds);
            addOnBoard(h);
        }
    }

    void addOnBoard(Hypothesis h) {
        const auto& suspect = model_.suspectOf(h);
        const double logPrior = h.logPrior;
        double usual = 1;
        for (h.course = 0; h.course < int(suspect.courses.size()); ++h.course) {
            const double share = suspect.courses[std::size_t(h.course)].share;
            usual -= share;
            h.logPrior = logPrior + std::log(share);
            addOneCourse(h);
        }
        h.course = -1;
        h.logPrior = logPrior + std::log(usual);
        addOneCourse(h);
    }

    void addOneCourse(const Hypothesis& h) {
        if (!model_.suspectOf(h).isNoneOfThese) {
            ofTheBoards_.push_back(h);
        }
        add(h);
    }

    /// Whether the best explanation says so much less of some entries than others do that a second fault is worth it.
    bool leavesUnexplained() const {
        constexpr double worthBoth = 6;
        constexpr std::size_t mostAsked = 60'000;  // entries held against faults of units, in all
        const std::size_t asked = std::size_t(source_.siteCount()) * kinds_.size() * entries_.size();
        if (entries_.empty() || logs_.empty() || ofTheBoards_.empty() || asked > mostAsked) {
            return false;
        }
        const auto best = std::size_t(std::max_element(logs_.begin(), logs_.end()) - logs_.begin());
        double behind = 0;
        for (std::size_t e = 0; e < entries_.size(); ++e) {
            behind += highestLogs_[e] - result_.likelihoods.at(result_.rowOf[best], e);
        }
        return behind > worthBoth;
    }

    /// A fault of the boards together with faults of units: what is read of units holds the one, the rest the other, so
    /// the likeliest of each are looked for apart.
    void addOfBothSides() {
        constexpr std::size_t mostBoards = 10;
        constexpr std::size_t mostSets = 12;
        const auto boards = likeliest(ofTheBoards_, mostBoards, [&](Hypothesis& h) {
            double log = h.logPrior;
            for (const auto e : all_) {
                if (!evidence::isOfUnits(entries_[e].what)) {
                    h.forecast = h.forecast < 0 && isOfTheBoard_[e] ? model_.forecastIndex(h) : h.forecast;
                    log += logOf(e, h);
                }
            }
            return log;
        });
        const auto sets = likeliest(setsOfUnits(), mostSets, [&](Hypothesis& h) {
            double log = h.logPrior;
            ++weighed_;
            for (const auto e : all_) {
                log += evidence::isOfUnits(entries_[e].what) ? logOf(e, h) : 0;
            }
            return log;
        });
        static const double logBoth = std::log(bothShare);
        for (const auto& board : boards) {
            for (const auto& set : sets) {
                Hypothesis both = board;
                both.faults = set.faults;
                both.forecast = -1;
                both.logPrior = board.logPrior + set.logPrior + logBoth;
                add(both);
            }
            model_.checkStop();
        }
    }

    /// Every fault of a single unit, and the sets of several that were kept.
    std::vector<Hypothesis> setsOfUnits() {
        std::vector<Hypothesis> sets;
        for (int site = 0; site < source_.siteCount(); ++site) {
            for (int kind = 0; kind < int(kinds_.size()); ++kind) {
                if (canHave(SiteIndex(site), UnitFaultIndex(kind))) {
                    sets.push_back(extended(Hypothesis{}, SiteIndex(site), UnitFaultIndex(kind)));
                }
            }
        }
        for (const auto& h : result_.hypotheses) {
            const bool isOfUnits = std::all_of(h.faults.begin(), h.faults.end(),
                                               [](const auto& fault) { return faults::asUnits(fault) != nullptr; });
            if (isOfUnits && faults::faultyUnitCount(h.faults) > 1) {
                sets.push_back(h);
            }
        }
        return sets;
    }

    /// The best \p most of explanations by what \p logOfOne says of them.
    static std::vector<Hypothesis> likeliest(std::vector<Hypothesis> all, std::size_t most,
                                             const std::function<double(Hypothesis&)>& logOfOne) {
        std::vector<std::pair<double, std::size_t>> order;
        for (std::size_t i = 0; i < all.size(); ++i) {
            order.emplace_back(-logOfOne(all[i]), i);
        }
        std::sort(order.begin(), order.end());
        std::vector<Hypothesis> best;
        for (std::size_t i = 0; i < std::min(most, order.size()); ++i) {
            best.push_back(std::move(all[order[i].second]));
        }
        return best;
    }

    /// Prior of a set of faulty units: how often each kind comes in such numbers, spread evenly over all choices of
    /// units, times the number of choices that the counts of sites stand for.
    void complete(Hypothesis& h) {
        byKind_.assign(kinds_.size(), 0);
        h.logPrior = 0;
        int free = 0;
        for (std::size_t i = 0; i < h.faults.size(); ++i) {
            const FaultyUnits& f = *faults::asUnits(h.faults[i]);
            byKind_[std::size_t(f.kind)] += f.count;
            const auto* before = i > 0 ? faults::asUnits(h.faults[i - 1]) : nullptr;
            free = before != nullptr && before->site == f.site ? free - before->count : source_.unitsAt(f.site);
            h.logPrior += logChoose(free, f.count);
        }
        if (!std::isfinite(h.logPrior)) {
            return;  // more faults than units
        }
        int kinds = 0;
        double heaviest = -INFINITY;
        for (std::size_t kind = 0; kind < kinds_.size(); ++kind) {
            if (byKind_[kind] > 0) {
                const double weight = logWeightOfKind_[kind];
                ++kinds;
                h.logPrior += weight + logOfSets_[kind][std::size_t(byKind_[kind] - 1)];
                if (weight > heaviest) {
                    heaviest = weight;
                    h.suspect = kinds_[kind].suspect;
                }
            }
        }
        static const double logMix = std::log(mixShare);
        h.logPrior += (kinds - 1) * logMix;
        countOnce(h);
    }

    /// Where two sites may be one, the same fault of one unit at both may be one fault.
    void countOnce(Hypothesis& h) {
        const auto& first = *faults::asUnits(h.faults.front());
        const auto one = source_.mayBeOneWith(first.site);
        if (one.share == 0) {
            return;
        }
        const auto* second = h.faults.size() == 2 ? faults::asUnits(h.faults.back()) : nullptr;
        const bool isOne = second != nullptr && second->site == one.site && second->kind == first.kind &&
                           first.count == 1 && second->count == 1;
        if (!isOne) {
            h.logPrior += std::log(1 - one.share);
            return;
        }
        const int units = source_.unitsAt(first.site) + source_.unitsAt(one.site);
        h.logPrior = logWeightOfKind_[std::size_t(first.kind)] + logOfSets_[std::size_t(first.kind)].front() +
                     std::log(units * one.share);
    }

    /// \p from with one more faulty unit, in canonical order.
    Hypothesis extended(const Hypothesis& from, SiteIndex site, UnitFaultIndex kind) {
        Hypothesis h = from;
        h.forecast = -1;
        const auto same = std::find_if(h.faults.begin(), h.faults.end(), [&](const Fault& other) {
            const auto* units = faults::asUnits(other);
            return units->site == site && units->kind == kind;
        });
        if (same != h.faults.end()) {
            ++std::get<FaultyUnits>(*same).count;
        } else {
            const Fault added = FaultyUnits{site, kind, 1};
            h.faults.insert(std::upper_bound(h.faults.begin(), h.faults.end(), added), added);
        }
        complete(h);
        return h;
    }

    /// A set of faulty units that is extended further: where it stands in the result; -1 is no fault at all.
    struct Partial {
        double log = 0;
        int at = -1;
        double readings = 0;  ///< log likelihood of all entries
    };

    struct SetHash {
        std::size_t operator()(const FaultList& faults) const { return faults::hashOf(faults); }
    };
    using Sets = std::pmr::unordered_set<FaultList, SetHash>;

    /// What was seen while one thing was driven.
    struct Look {
        std::vector<std::size_t> entries;
        bool conducts = false;  ///< under the explanation of this number
        std::size_t weighed = 0;
    };

    /// What a fault at a site can change, so that the rest is not asked again: readings that it touches, looks at its
    /// own units and at those beside them, and all looks along what was driven as soon as it conducts or no longer
    /// does.
    struct Touched {
        std::vector<std::size_t> entries;
        std::vector<DrivenIndex> looks;  ///< into looks_
    };

    void findTouched() {
        for (const auto& entry : entries_) {
            lookOf_.push_back(source_.drivenFor(entry.what).value_or(DrivenIndex(-1)));
        }
        looks_.resize(std::size_t(source_.drivenCount()));
        for (std::size_t e = 0; e < entries_.size(); ++e) {
            if (lookOf_[e] >= 0) {
                looks_[std::size_t(lookOf_[e])].entries.push_back(e);
            }
        }
        for (int site = 0; site < source_.siteCount(); ++site) {
            auto& touched = touched_[std::size_t(site)];
            for (int number = 0; number < int(looks_.size()); ++number) {
                const DrivenIndex look(number);
                if (source_.isDriven(look, SiteIndex(site))) {
                    touched.looks.push_back(look);
                }
            }
            for (std::size_t e = entries_.size(); e-- > 0;) {  // the last entry first
                if (!isOfTheBoard_[e] && source_.touches(entries_[e].what, site)) {
                    touched.entries.push_back(e);
                }
            }
        }
    }

    /// The entries that \p h, which is \p from with one more fault at \p site, may say otherwise; board readings last.
    const std::vector<std::size_t>& changedBy(const Hypothesis& from, const Hypothesis& h, SiteIndex site) {
        const auto& touched = touched_[std::size_t(site)];
        changed_.clear();
        ++weighed_;
        const auto note = [&](std::size_t e) {
            if (isChanged_[e] == 0) {
                isChanged_[e] = 1;
                changed_.push_back(e);
            }
        };
        std::for_each(touched.entries.begin(), touched.entries.end(), note);
        for (const DrivenIndex index : touched.looks) {
            auto& look = looks_[std::size_t(index)];
            look.conducts = source_.conducts(index, h.faults);
            look.weighed = weighed_;
            if (look.conducts != source_.conducts(index, from.faults)) {
                std::for_each(look.entries.begin(), look.entries.end(), note);
            }
        }
        for (const auto e : changed_) {
            isChanged_[e] = 0;
        }
        changed_.insert(changed_.end(), ofTheBoard_.begin(), ofTheBoard_.end());
        return changed_;
    }

    /// One fault that a set may be extended by.
    struct Extension {
        double log = 0;  ///< of it alone
        SiteIndex site;
        UnitFaultIndex kind;
    };

    /// Whether units at a site may have a fault that the knowledge files know.
    bool canHave(SiteIndex site, UnitFaultIndex kind) const {
        const int suspect = kinds_[std::size_t(kind)].suspect;
        return suspect >= 0 && model_.canHave(model_.knowledge().suspects[std::size_t(suspect)]) &&
               source_.canHave(site, kind);
    }

    void addUnitFaults() {
        std::vector<Extension> extensions;
        for (int site = 0; site < source_.siteCount(); ++site) {
            for (int kind = 0; kind < int(kinds_.size()); ++kind) {
                if (canHave(SiteIndex(site), UnitFaultIndex(kind))) {
                    extensions.push_back({0, SiteIndex(site), UnitFaultIndex(kind)});
                }
            }
        }
        std::pmr::monotonic_buffer_resource memory;
        Sets seen(&memory);
        extend({healthy_}, 1, extensions, seen);
        const auto marked = source_.marked();
        if (int(marked.size()) > shallow && int(marked.size()) <= mostFaulty) {
            extend(addMarked(marked, seen), int(marked.size()) + 1, extensions, seen);
        }
        addSiblings(extensions, seen);
    }

    /// Larger sets are built from a handful of smaller ones: which of several LEDs that read alike is in them was left
    /// to that choice. So of the likeliest each fault is moved to every other place where it would read about alike by
    /// itself, and so on with what is found.
    void addSiblings(const std::vector<Extension>& extensions, Sets& seen) {
        constexpr int mostMoves = 5000;
        constexpr double apart = 3;        // natural log
        constexpr double worthMoving = 3;  // behind the best
        int moves = 0;
        std::set<std::pair<double, std::size_t>> large;  // the likeliest first
        std::size_t ranked = 0;
        standOn(healthy_);
        while (moves < mostMoves) {
            for (; ranked < logs_.size(); ++ranked) {
                if (faults::faultyUnitCount(result_.hypotheses[ranked].faults) > shallow) {
                    large.emplace(-logs_[ranked], ranked);
                }
            }
            if (large.empty() || -large.begin()->first < bestWithLast_ - worthMoving) {
                return;
            }
            const Hypothesis whole = result_.hypotheses[large.extract(large.begin()).value().second];
            for (std::size_t moved = 0; moved < whole.faults.size(); ++moved) {
                const auto& fault = *faults::asUnits(whole.faults[moved]);
                const auto own = std::find_if(extensions.begin(), extensions.end(), [&](const Extension& e) {
                    return e.site == fault.site && e.kind == fault.kind;
                });
                Hypothesis rest = whole;
                if (fault.count > 1) {
                    --std::get<FaultyUnits>(rest.faults[moved]).count;
                } else {
                    rest.faults.erase(rest.faults.begin() + std::ptrdiff_t(moved));
                }
                for (const auto& to : extensions) {
                    const bool isOther = own != extensions.end() && to.kind == own->kind && to.site != own->site;
                    if (!isOther || std::abs(to.log - own->log) > apart || ++moves > mostMoves) {
                        continue;
                    }
                    const Hypothesis h = extended(rest, to.site, to.kind);
                    if (std::isfinite(h.logPrior) && seen.insert(h.faults).second) {
                        add(h);
                    }
                }
            }
            model_.checkStop();
        }
    }

    /// Builds larger sets from those of a \p level, \p size units and more.
    void extend(std::vector<Partial> level, int size, std::vector<Extension>& extensions, Sets& seen) {
        for (; !level.empty() && size <= mostFaulty; ++size) {
            std::vector<Partial> next;
            levelFloor_ = -INFINITY;
            beam_ = size <= shallow ? beam : deepBeam;
            const double worth = size == shallow + 1 ? worthOneMore : worthDeepening;
            for (const auto& partial : level) {
                const bool isWorthIt = partial.log > bestWithLast_ - worth && weighed_ < mostWeighed;
                if (size > shallow && !isWorthIt) {
                    break;
                }
                const Hypothesis from = partial.at < 0 ? Hypothesis{} : result_.hypotheses[partial.at];
                standOn(partial);
                for (auto& extension : extensions) {
                    Hypothesis h = extended(from, extension.site, extension.kind);
                    if (!std::isfinite(h.logPrior) || !seen.insert(h.faults).second) {
                        continue;
                    }
                    const double log = add(h, partial, changedBy(from, h, extension.site));
                    extension.log = size == 1 ? log : extension.log;
                    if (log > levelFloor_) {
                        next.push_back({log, int(result_.hypotheses.size()) - 1, log - h.logPrior});
                        raiseFloor(next);
                    }
                }
                model_.checkStop();
            }
            std::sort(next.begin(), next.end(), [](const auto& a, const auto& b) { return a.log > b.log; });
            level = std::move(next);
            judges_ = !extensions.empty();
            if (size == 1 && extensions.size() > mostExtensions) {
                const auto better = [](const Extension& a, const Extension& b) { return a.log > b.log; };
                std::nth_element(extensions.begin(), extensions.begin() + mostExtensions, extensions.end(), better);
                extensions.resize(mostExtensions);
            }
        }
    }

    /// Explanations that put a fault at every marked unit, gathered.
    class MarkedSets {
    public:
        MarkedSets(Search& search, const std::vector<source::Marked>& marked, Sets& seen)
            : search_(search), marked_(marked), seen_(seen) {}

        /// \param kinds by marked unit. \returns whether they make an explanation that is new and kept
        bool add(const std::vector<UnitFaultIndex>& kinds) {
            Hypothesis h;
            for (std::size_t i = 0; i < marked_.size(); ++i) {
                if (!search_.canHave(marked_[i].site, kinds[i])) {
                    return false;
                }
                h = search_.extended(h, marked_[i].site, kinds[i]);
            }
            if (!std::isfinite(h.logPrior) || !seen_.insert(h.faults).second) {
                return false;
            }
            const double log = search_.add(h);
            if (std::isfinite(log)) {
                kept_.push_back({log, int(search_.result_.hypotheses.size()) - 1, log - h.logPrior});
            }
            return std::isfinite(log);
        }

        /// One of the units has another fault that looks alike.
        void addVariants(std::vector<UnitFaultIndex> kinds) {
            for (auto& kind : kinds) {
                const auto usual = kind;
                for (int other = 0; other < int(search_.kinds_.size()); ++other) {
                    kind = UnitFaultIndex(other);
                    if (search_.isDim(kind) == search_.isDim(usual)) {
                        add(kinds);
                    }
                }
                kind = usual;
            }
        }

        std::vector<Partial> best() && {
            std::sort(kept_.begin(), kept_.end(), [](const auto& a, const auto& b) { return a.log > b.log; });
            return std::move(kept_);
        }

    private:
        Search& search_;
        const std::vector<source::Marked>& marked_;
        Sets& seen_;
        std::vector<Partial> kept_;
    };

    bool isDim(UnitFaultIndex kind) const { return kinds_[std::size_t(kind)].isDim; }

    /// All units that were marked are faulty at once, of one kind as far as they look alike, or one of them of another:
    /// guessed one by one, a set that lacks some of them says too little to be kept.
    std::vector<Partial> addMarked(const std::vector<source::Marked>& marked, Sets& seen) {
        standOn(healthy_);
        MarkedSets sets(*this, marked, seen);
        std::vector<UnitFaultIndex> byLook[2];  // dark ones, and those that still give light
        for (int kind = 0; kind < int(kinds_.size()); ++kind) {
            byLook[isDim(UnitFaultIndex(kind)) ? 1 : 0].emplace_back(kind);
        }
        for (const auto dark : byLook[0]) {
            for (const auto dim : byLook[1]) {
                std::vector<UnitFaultIndex> kinds;
                for (const auto& unit : marked) {
                    kinds.push_back(unit.isDim ? dim : dark);
                }
                if (sets.add(kinds)) {
                    sets.addVariants(kinds);
                }
            }
        }
        return std::move(sets).best();
    }

    /// Keeps the best of a level, as a heap with the worst of them in front.
    void raiseFloor(std::vector<Partial>& next) {
        const auto better = [](const Partial& a, const Partial& b) { return a.log > b.log; };
        std::push_heap(next.begin(), next.end(), better);
        if (next.size() > beam_) {
            std::pop_heap(next.begin(), next.end(), better);
            next.pop_back();
        }
        levelFloor_ = next.size() == beam_ ? next.front().log : -INFINITY;
    }

    /// What \p base says of every entry becomes what others are told apart from.
    void standOn(const Partial& base) {
        const auto& logs = result_.likelihoods;
        for (const auto e : baseDiffering_) {
            baseLogs_[e] = logs.healthy(e);
        }
        baseDiffering_.clear();
        if (base.at < 0) {
            for (const auto e : ofTheBoard_) {
                baseLogs_[e] = 0;
            }
            return;
        }
        for (const auto& [e, log] : logs.differing(base.at)) {
            baseLogs_[e] = log;
            baseDiffering_.push_back(e);
        }
        for (const auto e : ofTheBoard_) {
            baseLogs_[e] = logs.board(logs.forecastOf(base.at), e);
        }
    }

    /// Weighs one explanation and keeps it unless it is hopeless, with the last entry and without it: too rare to be
    /// listed, and not worth extending. It says what \p base says of all but the \p changed entries. A sum that is not
    /// complete yet is judged as if each reading to come spoke for it as well as for any explanation so far.
    /// Gives \p h its forecast when it is asked for.
    /// \returns the log of its unnormalised posterior; -infinity when it was given up
    double add(Hypothesis& h, const Partial& base, const std::vector<std::size_t>& changed) {
        const auto& before = baseLogs_;
        const std::size_t last = entries_.size() - 1;
        double ofLast = entries_.empty() ? 0 : before[last];
        double log = h.logPrior + base.readings - ofLast;
        double ahead = highestAhead_.front();
        for (const auto e : changed) {
            (e == last ? ofLast : log) -= before[e];
            ofLast += e == last ? highestLogs_[e] : 0;
            ahead += e == last || isOfTheBoard_[e] ? 0 : highestLogs_[e];
        }
        const std::size_t firstOfTheBoard = changed.size() - ofTheBoard_.size();
        const bool canBeGivenUp = judges_ && !model_.suspectOf(h).isNoneOfThese;
        const auto isLost = [&] {
            const double reach = log + ahead;
            const bool listed = reach > best_ - tooRare || reach + ofLast > bestWithLast_ - tooRare;
            const bool extended = reach > best_ - hopeless && reach + ofLast > levelFloor_;
            return canBeGivenUp && !listed && !extended;
        };
        if (isLost()) {
            return -INFINITY;
        }
        auto& logs = logsOfOne_;
        for (std::size_t i = 0; i < changed.size(); ++i) {
            const auto e = changed[i];
            if (h.forecast < 0 && isOfTheBoard_[e]) {
                h.forecast = model_.forecastIndex(h);
            }
            logs[i] = logOf(e, h);
            if (e == last) {
                ofLast = logs[i];
            } else {
                log += logs[i];
            }
            if (i >= firstOfTheBoard) {
                ahead = highestAhead_[i - firstOfTheBoard + 1];
            } else if (e != last) {
                ahead -= highestLogs_[e];
            }
            if (isLost()) {
                return -INFINITY;
            }
        }
        for (std::size_t i = 0; i < changed.size(); ++i) {
            highestLogs_[changed[i]] = std::max(highestLogs_[changed[i]], logs[i]);
        }
        double toTheEnd = 0;
        for (std::size_t i = ofTheBoard_.size(); i-- > 0;) {
            toTheEnd += ofTheBoard_[i] == last ? 0 : logs[firstOfTheBoard + i];
            highestAhead_[i] = std::max(highestAhead_[i], toTheEnd);
        }
        best_ = std::max(best_, log);
        bestWithLast_ = std::max(bestWithLast_, log + ofLast);
        const bool isRare = log < best_ - hopeless && log + ofLast < bestWithLast_ - hopeless;
        if (isRare && !model_.suspectOf(h).isNoneOfThese) {
            return -INFINITY;
        }
        keep(h, changed, log + ofLast);
        return log + ofLast;
    }

    void keep(const Hypothesis& h, const std::vector<std::size_t>& changed, double log) {
        differing_.clear();
        for (const auto e : baseDiffering_) {
            isChanged_[e] = 1;
        }
        for (std::size_t i = 0; i < changed.size(); ++i) {
            isChanged_[changed[i]] = 2;
            if (!isOfTheBoard_[changed[i]]) {
                differing_.emplace_back(changed[i], logsOfOne_[i]);
            }
        }
        for (const auto e : baseDiffering_) {
            if (isChanged_[e] == 1) {
                differing_.emplace_back(e, baseLogs_[e]);
            }
            isChanged_[e] = 0;
        }
        for (const auto e : changed) {
            isChanged_[e] = 0;
        }
        result_.rowOf.push_back(result_.likelihoods.add(h.forecast, differing_));
        result_.hypotheses.push_back(h);
        logs_.push_back(log);
    }

    /// An explanation that builds on no other; entries that any sound units answer alike are not asked again.
    /// \returns as the other does
    double add(Hypothesis h) {
        const bool isSound = source_.leavesUnitsSound(h.faults) && !model_.suspectOf(h).isNoneOfThese;
        ++weighed_;
        for (int index = 0; index < int(looks_.size()) && !isSound; ++index) {
            auto& look = looks_[std::size_t(index)];
            look.conducts = source_.conducts(DrivenIndex(index), h.faults);
            look.weighed = weighed_;
        }
        return add(h, healthy_, isSound ? unsound_ : all_);
    }

    double logOf(std::size_t entry, const Hypothesis& h) {
        const auto* look = lookOf_[entry] < 0 ? nullptr : &looks_[std::size_t(lookOf_[entry])];
        const bool isKnown = look != nullptr && look->weighed == weighed_;
        return entryLogs_.logOf(entry, h, isKnown ? std::optional(look->conducts) : std::nullopt);
    }

    static std::vector<double> normalised(const std::vector<double>& logs) {
        const double highest = *std::max_element(logs.begin(), logs.end());
        std::vector<double> shares(logs.size());
        double sum = 0;
        for (std::size_t i = 0; i < logs.size(); ++i) {
            sum += shares[i] = std::exp(logs[i] - highest);
        }
        for (auto& share : shares) {
            share /= sum;
        }
        return shares;
    }

    /// Explanations that read alike share a title; it is made once.
    int titleIndex(Belief& belief, const Hypothesis& h) {
        const std::size_t feeds = model_.backlight().feeds.size() + 1;
        auto& titles = titleOfPlaces_[std::size_t(h.suspect) * feeds + std::size_t(h.feed - Hypothesis::everyFeed)];
        const auto [entry, isNew] = titles.try_emplace(h.faults.empty() ? h.faults : source_.named(h.faults), 0);
        if (isNew) {
            entry->second = newTitle(belief, h);
        }
        return entry->second;
    }

    /// Places of units have titles of their own; joints and strips of one place read alike, whatever their size, and
    /// all places that nobody has described.
    int newTitle(Belief& belief, const Hypothesis& h) {
        Text title = titleOf(model_, h);
        const int next = int(belief.titles.size());
        if (faults::faultyUnitCount(h.faults) == 0 || !source_.isDescribed()) {
            const auto [known, isNew] = titleOfOthers_.try_emplace(title.english(), next);
            if (!isNew) {
                return known->second;
            }
        }
        belief.titles.push_back(std::move(title));
        return next;
    }

    void weigh() {
        auto previous = logs_;
        for (std::size_t h = 0; h < previous.size() && !entries_.empty(); ++h) {
            previous[h] -= result_.likelihoods.at(result_.rowOf[h], entries_.size() - 1);
        }
        const double highest = *std::max_element(logs_.begin(), logs_.end());
        const auto shares = normalised(logs_);
        const auto previousShares = normalised(previous);
        Belief kept;
        for (std::size_t h = 0; h < shares.size(); ++h) {
            const bool isGuess = model_.suspectOf(result_.hypotheses[h]).isNoneOfThese;  // others are held against it
            if (isGuess || std::max(shares[h], previousShares[h]) > dropBelow) {
                kept.titleOf.push_back(titleIndex(kept, result_.hypotheses[h]));
                kept.hypotheses.push_back(std::move(result_.hypotheses[h]));
                kept.shares.push_back(shares[h]);
                kept.previousShares.push_back(previousShares[h]);
                kept.rowOf.push_back(result_.rowOf[h]);
            }
        }
        kept.likelihoods = std::move(result_.likelihoods);
        kept.learnt = std::move(result_.learnt);
        kept.guesses = entryLogs_.guesses();
        kept.weighed = weighed_;
        kept.evidence = highest - std::log(*std::max_element(shares.begin(), shares.end()));
        for (auto* all : {&kept.shares, &kept.previousShares}) {
            const double sum = std::accumulate(all->begin(), all->end(), 0.0);
            for (auto& share : *all) {
                share /= sum;
            }
        }
        result_ = std::move(kept);
    }

    Model& model_;
    source::LightSource& source_;
    const std::vector<source::UnitFault>& kinds_;
    const std::vector<job::Entry>& entries_;
    Belief result_;
    EntryLogs entryLogs_{model_, result_.likelihoods, result_.learnt};
    std::vector<double> logs_;
    std::vector<double> baseLogs_;            ///< what the explanation says that others are told apart from, by entry
    std::vector<std::size_t> baseDiffering_;  ///< where that is not what a sound source says
    std::vector<std::pair<std::size_t, double>> differing_;  ///< of the explanation that is being kept
    std::vector<double> logsOfOne_;                          ///< of the explanation that is being weighed, as changed
    std::unordered_map<std::string, int> titleOfOthers_;     ///< without faulty units; into the belief's titles
    std::vector<std::unordered_map<FaultList, int, SetHash>>
        titleOfPlaces_;                    ///< by suspect and feed; into the belief's titles
    std::vector<std::size_t> all_;         ///< entries, those that need a driver forecast last
    std::vector<std::size_t> ofTheBoard_;  ///< those alone
    std::vector<char> isOfTheBoard_;       ///< by entry: it needs a forecast
    std::vector<std::size_t> unsound_;     ///< entries that say more than whether units are sound
    Partial healthy_;                      ///< no fault at all
    std::vector<Look> looks_;
    std::vector<int> lookOf_;  ///< into looks_, by entry; -1 for others
    std::size_t weighed_ = 0;  ///< explanations so far
    const std::vector<int> noPoints_;
    std::vector<Hypothesis> ofTheBoards_;  ///< every single fault of them
    std::vector<Touched> touched_;         ///< by site
    std::vector<std::size_t> changed_;     ///< of the explanation that is being weighed
    std::vector<char> isChanged_;          ///< by entry, while changed_ is made
    double best_ = -INFINITY;              ///< of all explanations so far, last entry left out
    double bestWithLast_ = -INFINITY;      ///< of all explanations so far
    std::size_t beam_ = beam;              ///< of the level that is being made
    double levelFloor_ = INFINITY;         ///< of the sets of faulty units, from here on one is extended further
    bool judges_ = false;              ///< single faults of units are all weighed first, to know what readings can say
    std::vector<double> highestLogs_;  ///< of each entry, what the explanation says that it fits best
    std::vector<double>
        highestAhead_;  ///< of the readings of the board from each on to the end, the last entry left out
    std::vector<double> logWeightOfKind_;
    std::vector<int> byKind_;  ///< units of the set of faults that is being completed
    /// Log of how often a kind comes in such numbers, spread over all sets of that many units.
    std::vector<std::vector<double>> logOfSets_;
};

/// One of the ways in which the units of an explanation fall within or without a run that was told apart.
struct Partial {
    Hypothesis hypothesis;
    double share = 1;
    int usedWithin = 0;  ///< of the site that was shared out last
    int usedWithout = 0;
};

bool isSplit(const source::Split::Parts& part) {
    return part.within >= 0 && part.without >= 0;
}

/// \p partials, with \p units of one site shared out over its two parts in every possible way.
/// \param isSameSite others of that site were shared out before
std::vector<Partial> sharedOut(const Model& model, const source::Split& split, const FaultyUnits& units,
                               bool isSameSite, const std::vector<Partial>& partials) {
    const auto part = split.parts[std::size_t(units.site)];
    const int within = part.within < 0 ? 0 : model.source().unitsAt(part.within);
    const int without = split.unitsBefore[std::size_t(units.site)] - within;
    std::vector<Partial> next;
    for (const auto& partial : partials) {
        const int usedWithin = isSameSite ? partial.usedWithin : 0;
        const int usedWithout = isSameSite ? partial.usedWithout : 0;
        const int freeWithin = within - usedWithin;
        const int freeWithout = without - usedWithout;
        for (int inside = 0; inside <= units.count; ++inside) {
            const double log = logChoose(freeWithin, inside) + logChoose(freeWithout, units.count - inside) -
                               logChoose(freeWithin + freeWithout, units.count);
            if (!std::isfinite(log)) {
                continue;
            }
            Partial grown{partial.hypothesis, partial.share * std::exp(log), usedWithin + inside,
                          usedWithout + units.count - inside};
            for (const auto& [site, count] :
                 {std::pair(part.within, inside), std::pair(part.without, units.count - inside)}) {
                if (count > 0) {
                    grown.hypothesis.faults.emplace_back(FaultyUnits{SiteIndex(site), units.kind, count});
                }
            }
            next.push_back(std::move(grown));
        }
    }
    return next;
}

/// All the ways in which the units of \p coarse fall within or without what was told apart.
std::vector<Partial> waysOf(const Model& model, const source::Split& split, const Hypothesis& coarse) {
    Partial start{coarse};
    start.hypothesis.faults.clear();
    std::vector<Partial> partials = {start};
    for (std::size_t i = 0; i < coarse.faults.size(); ++i) {
        if (const auto* units = faults::asUnits(coarse.faults[i])) {
            const auto* last = i > 0 ? faults::asUnits(coarse.faults[i - 1]) : nullptr;
            partials = sharedOut(model, split, *units, last != nullptr && last->site == units->site, partials);
        } else {
            for (auto& partial : partials) {
                partial.hypothesis.faults.push_back(coarse.faults[i]);
            }
        }
    }
    return partials;
}

}  // namespace

Belief infer(Model& model) {
    return Search(model).run();
}

const driver::Learning& learntUnder(Model& model, const Belief& belief, int forecast) {
    const auto found = belief.learnt.find(forecast);
    return model.learning().at(found == belief.learnt.end() ? LearningTree::root : found->second);
}

Belief refine(const Model& model, Belief belief, const source::Split& split) {
    const auto& parts = split.parts;
    if (std::size_t(model.source().siteCount()) == parts.size()) {
        return belief;
    }
    Belief fine;
    fine.titles = std::move(belief.titles);
    fine.likelihoods = std::move(belief.likelihoods);
    fine.learnt = std::move(belief.learnt);
    fine.guesses = std::move(belief.guesses);
    fine.evidence = belief.evidence;
    fine.weighed = belief.weighed;
    fine.hypotheses.reserve(belief.hypotheses.size() + belief.hypotheses.size() / 4);
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        Hypothesis& coarse = belief.hypotheses[h];
        const auto keep = [&](Hypothesis& hypothesis, double share) {
            std::sort(hypothesis.faults.begin(), hypothesis.faults.end());  // those of one site side by side again
            fine.hypotheses.push_back(std::move(hypothesis));
            fine.shares.push_back(belief.shares[h] * share);
            fine.previousShares.push_back(belief.previousShares[h] * share);
            fine.titleOf.push_back(belief.titleOf[h]);
            fine.rowOf.push_back(belief.rowOf[h]);
        };
        const bool isTouched = std::any_of(coarse.faults.begin(), coarse.faults.end(), [&](const Fault& fault) {
            const auto* units = faults::asUnits(fault);
            return units != nullptr && isSplit(parts[std::size_t(units->site)]);
        });
        if (!isTouched) {
            for (auto& fault : coarse.faults) {
                if (auto* units = std::get_if<FaultyUnits>(&fault)) {
                    const auto& [within, without] = parts[std::size_t(units->site)];
                    units->site = SiteIndex(std::max(within, without));
                }
            }
            keep(coarse, 1);
            continue;
        }
        for (auto& partial : waysOf(model, split, coarse)) {
            keep(partial.hypothesis, partial.share);
        }
    }
    return fine;
}

bool isOfBothSides(const Model& model, const Hypothesis& hypothesis) {
    return !hypothesis.faults.empty() && !model.source().holds(model.suspectOf(hypothesis));
}

const SuspectKind& unitSuspectOf(const Model& model, const Hypothesis& hypothesis) {
    const auto* units = hypothesis.faults.empty() ? nullptr : faults::asUnits(hypothesis.faults.front());
    return units == nullptr || !isOfBothSides(model, hypothesis)
               ? model.suspectOf(hypothesis)
               : model.knowledge().suspects[std::size_t(model.source().unitFaults()[std::size_t(units->kind)].suspect)];
}

Text titleOf(const Model& model, const Hypothesis& hypothesis) {
    const auto& suspect = model.suspectOf(hypothesis);
    if (isOfBothSides(model, hypothesis)) {
        Hypothesis board = hypothesis;
        board.faults.clear();
        return say("{}; {}", model.source().titleOf(hypothesis.faults, unitSuspectOf(model, hypothesis)),
                   titleOf(model, board));
    }
    if (!hypothesis.faults.empty()) {
        return model.source().titleOf(hypothesis.faults, suspect);
    }
    return hypothesis.feed == Hypothesis::everyFeed ? suspect.title
                                                    : say("{}, feed {}", suspect.title, hypothesis.feed + 1);
}

std::vector<double> siteSharesOf(const Model& model, const std::vector<Hypothesis>& hypotheses,
                                 const std::vector<double>& shares, const std::function<bool(int)>& counts) {
    std::vector<double> bySite(std::size_t(model.source().siteCount()), 0);
    for (std::size_t h = 0; h < hypotheses.size(); ++h) {
        for (const auto& fault : hypotheses[h].faults) {
            const auto* units = faults::asUnits(fault);
            if (units != nullptr && (!counts || counts(units->kind))) {
                bySite[std::size_t(units->site)] += shares[h] * units->count / model.source().unitsAt(units->site);
            }
        }
    }
    return bySite;
}

}  // namespace dimglow::reasoning
