#include "core/reasoning/belief.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <memory_resource>
#include <numeric>
#include <set>
#include <unordered_map>
#include <unordered_set>

namespace dimglow::reasoning {

using backlight::LedFault;
using faults::Fault;
using faults::FaultList;
using faults::FaultyLeds;
using text::say;
using text::Text;

namespace {

constexpr std::size_t beam = 24;
constexpr std::size_t deepBeam = 8;  ///< of sets of more than `shallow` faulty LEDs
constexpr double dropBelow = 1e-5;
/// Natural logs. What stays so far behind the best, even if each reading to come speaks for it as well as for any
/// other, is below `dropBelow` and not listed; a set of LEDs yet further behind is not extended either.
constexpr double tooRare = 13.7;
constexpr double hopeless = 17.7;
/// Single faults that larger sets are built from, the likeliest ones.
constexpr std::size_t mostExtensions = 512;
/// Sets of one more than `shallow` faulty LEDs, and of yet more, are built only from those that are no further behind
/// the best: more faults are worth it where fewer leave a reading unexplained.
constexpr double worthOneMore = 9;
constexpr double worthDeepening = 6;
/// Explanations that may be weighed for that.
constexpr std::size_t mostWeighed = 40000;
constexpr int shallow = 2;
/// Share of cases with 1, 2, 3 and at least 4 LEDs of one fault, by LedFault; of the last, each number is as much rarer
/// than the one before as 4 are than 3 (common practice, no source: shorts come in groups, age comes to many).
constexpr double howMany[backlight::ledFaultKinds][4] = {
    {0.88, 0.10, 0.015, 0.005}, {0.45, 0.25, 0.20, 0.10},   {0.80, 0.15, 0.04, 0.01}, {0.75, 0.18, 0.05, 0.02},
    {0.75, 0.18, 0.05, 0.02},   {0.93, 0.06, 0.008, 0.002}, {0.40, 0.30, 0.18, 0.12}, {0.88, 0.10, 0.015, 0.005}};
double logShareOfCount(int kind, int count) {
    const auto& shares = howMany[kind];
    if (count < 4) {
        return std::log(shares[count - 1]);
    }
    const double ratio = shares[3] / shares[2];
    return std::log(shares[3] * (1 - ratio)) + (count - 4) * std::log(ratio);
}
/// Faulty LEDs at once that are still told apart; with more, every strip is replaced.
constexpr int mostFaulty = 64;
/// That the culprit is not among those written down, of a part that a board has one or two of.
constexpr double oversight = 0.05;
/// Two kinds of LED fault at once, over what independence would say.
constexpr double mixShare = 0.3;

/// log n!, as far as there are LEDs.
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
    Search(CaseModel& model, const std::vector<job::Entry>& entries) : model_(model), entries_(entries) {
        for (const auto& suspect : model.knowledge().suspects) {
            totalWeight_ += suspect.weight;
        }
        suspectOfFault_.fill(-1);
        for (int s = 0; s < int(model.knowledge().suspects.size()); ++s) {
            const auto& suspect = model.knowledge().suspects[s];
            if (const auto fault = knowledge::ledFaultOf(suspect.strings)) {
                suspectOfFault_[int(*fault)] = s;
            }
        }
        titleOfPlaces_.resize(model.knowledge().suspects.size() * (model.backlight().feeds.size() + 1));
        touched_.resize(model.partition().cells().size());
        const int leds = model.backlight().ledCount();
        for (int kind = 0; kind < backlight::ledFaultKinds; ++kind) {
            logWeightOfKind_[kind] = suspectOfFault_[kind] < 0 ? -INFINITY : logWeight(suspectOfFault_[kind]);
            for (int count = 1; count <= std::min(leds, mostFaulty); ++count) {
                logOfSets_[kind].push_back(logShareOfCount(kind, count) - logChoose(leds, count));
            }
        }
        highestLogs_.assign(entries.size(), -INFINITY);
        logsOfOne_.resize(entries.size());
        isChanged_.assign(entries.size(), 0);
        for (const auto& entry : entries) {
            isOfTheBoard_.push_back(evidence::isOfTheBoard(entry.what));
        }
        std::vector<double> healthyLogs;
        for (std::size_t e = 0; e < entries.size(); ++e) {
            healthyLogs.push_back(isOfTheBoard_[e] ? 0 : model.logLikelihood(entries[e].what, Hypothesis{}));
            (isOfTheBoard_[e] ? ofTheBoard_ : all_).push_back(e);
        }
        baseLogs_ = healthyLogs;
        for (const auto e : all_) {
            highestLogs_[e] = healthyLogs[e];
        }
        healthy_.readings = std::accumulate(healthyLogs.begin(), healthyLogs.end(), 0.0);
        result_.likelihoods = Likelihoods(std::move(healthyLogs), ofTheBoard_);
        for (const auto e : all_) {
            if (!evidence::isOfTheLeds(entries[e].what)) {
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
        addLedFaults();
        standOn(healthy_);
        addSingles();
        weigh();
        return std::move(result_);
    }

private:
    const SuspectKind& kindOf(const Hypothesis& h) const { return model_.knowledge().suspects[std::size_t(h.suspect)]; }

    double logWeight(int suspect) const { return std::log(model_.knowledge().suspects[suspect].weight / totalWeight_); }

    void addSingles() {
        for (int s = 0; s < int(model_.knowledge().suspects.size()); ++s) {
            const StringFault kind = model_.knowledge().suspects[s].strings;
            Hypothesis h;
            h.suspect = s;
            h.logPrior = logWeight(s);
            if (kind == StringFault::None) {
                addParts(h);
                continue;
            }
            const auto candidates = faults::candidatesFor(kind, model_.backlight());
            std::vector<double> shares;
            for (const auto& candidate : candidates) {
                shares.push_back(model_.lasts(candidate));
            }
            const double all = std::accumulate(shares.begin(), shares.end(), 0.0);
            for (std::size_t i = 0; i < candidates.size(); ++i) {
                h.logPrior = logWeight(s) + std::log(shares[i] / all);
                h.faults.assign(1, candidates[i]);
                add(h);
            }
        }
    }

    /// What is wrong on the driver's side, part by part. A block that this kind of set does not have has no faults.
    void addParts(Hypothesis h) {
        const auto& suspect = kindOf(h);
        const auto& set = model_.knowledge().setKind(model_.set().kind);
        if (suspect.block >= 0 && !set.has(suspect.block)) {
            return;
        }
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
            add(h);
        }
        for (h.feed = 0; feeds > 1 && ofAll < 1 && h.feed < feeds; ++h.feed) {
            h.logPrior = logPrior + std::log((1 - ofAll) / feeds);
            add(h);
        }
    }

    /// Prior of a set of faulty LEDs: how often each kind comes in such numbers, spread evenly over all choices of
    /// LEDs, times the number of choices that the cell counts stand for.
    void complete(Hypothesis& h) const {
        std::array<int, backlight::ledFaultKinds> byKind{};
        h.logPrior = 0;
        int free = 0;
        for (std::size_t i = 0; i < h.faults.size(); ++i) {
            const FaultyLeds& f = *faults::asLeds(h.faults[i]);
            byKind[int(f.fault)] += f.count;
            const int size = int(model_.partition().cells()[f.cell].positions.size());
            const auto* before = i > 0 ? faults::asLeds(h.faults[i - 1]) : nullptr;
            free = before != nullptr && before->cell == f.cell ? free - before->count : size;
            h.logPrior += logChoose(free, f.count);
        }
        if (!std::isfinite(h.logPrior)) {
            return;  // more faults than LEDs
        }
        int kinds = 0;
        double heaviest = -INFINITY;
        for (int kind = 0; kind < backlight::ledFaultKinds; ++kind) {
            if (byKind[kind] > 0) {
                const double weight = logWeightOfKind_[kind];
                ++kinds;
                h.logPrior += weight + logOfSets_[kind][byKind[kind] - 1];
                if (weight > heaviest) {
                    heaviest = weight;
                    h.suspect = suspectOfFault_[kind];
                }
            }
        }
        static const double logMix = std::log(mixShare);
        h.logPrior += (kinds - 1) * logMix;
    }

    /// \p from with one more faulty LED, in canonical order.
    Hypothesis extended(const Hypothesis& from, int cell, LedFault fault) const {
        Hypothesis h = from;
        h.forecast = -1;
        const auto same = std::find_if(h.faults.begin(), h.faults.end(), [&](const Fault& other) {
            const auto* leds = faults::asLeds(other);
            return leds->cell == cell && leds->fault == fault;
        });
        if (same != h.faults.end()) {
            ++std::get<FaultyLeds>(*same).count;
        } else {
            const Fault added = FaultyLeds{cell, fault, 1};
            h.faults.insert(std::upper_bound(h.faults.begin(), h.faults.end(), added), added);
        }
        complete(h);
        return h;
    }

    /// A set of faulty LEDs that is extended further: where it stands in the result; -1 is no fault at all.
    struct Partial {
        double log = 0;
        int at = -1;
        double readings = 0;  ///< log likelihood of all entries
    };

    struct SetHash {
        std::size_t operator()(const FaultList& faults) const { return faults::hashOf(faults); }
    };
    using Sets = std::pmr::unordered_set<FaultList, SetHash>;

    /// What was seen while one run was driven.
    struct Look {
        backlight::Run run;
        std::vector<std::size_t> entries;
        bool conducts = false;  ///< under the explanation of this number
        std::size_t weighed = 0;
    };

    /// What a fault in a cell can change, so that the rest is not asked again: readings of runs that hold it, looks at
    /// its own LEDs and at those beside them, and all looks along a run as soon as the run conducts or no longer does.
    struct Touched {
        std::vector<std::size_t> entries;
        std::vector<int> looks;  ///< into looks_
    };

    void findTouched() {
        const auto& cells = model_.partition().cells();
        const evidence::Scene scene{model_.set(), model_.knowledge()};
        std::map<backlight::Run, int> lookOfRun;
        lookOf_.assign(entries_.size(), -1);
        for (std::size_t e = 0; e < entries_.size(); ++e) {
            if (const auto run = evidence::lookedAlong(entries_[e].what)) {
                const auto [look, isNew] = lookOfRun.try_emplace(*run, int(looks_.size()));
                if (isNew) {
                    looks_.push_back({*run, {}});
                }
                looks_[std::size_t(look->second)].entries.push_back(e);
                lookOf_[e] = look->second;
            }
        }
        for (std::size_t c = 0; c < cells.size(); ++c) {
            for (std::size_t look = 0; look < looks_.size(); ++look) {
                if (locate::inside(cells[c], looks_[look].run)) {
                    touched_[c].looks.push_back(int(look));
                }
            }
        }
        for (std::size_t e = 0; e < entries_.size(); ++e) {
            if (isOfTheBoard_[e]) {
                continue;
            }
            for (std::size_t c = 0; c < cells.size(); ++c) {
                if (evidence::touches(entries_[e].what, int(c), model_.partition(), scene)) {
                    touched_[c].entries.push_back(e);
                }
            }
        }
        for (auto& touched : touched_) {
            std::reverse(touched.entries.begin(), touched.entries.end());  // the last entry first
        }
    }

    /// The entries that \p h, which is \p from with one more fault in \p cell, may say otherwise; board readings last.
    const std::vector<std::size_t>& changedBy(const Hypothesis& from, const Hypothesis& h, int cell) {
        const auto& touched = touched_[std::size_t(cell)];
        changed_.clear();
        ++weighed_;
        const auto note = [&](std::size_t e) {
            if (isChanged_[e] == 0) {
                isChanged_[e] = 1;
                changed_.push_back(e);
            }
        };
        std::for_each(touched.entries.begin(), touched.entries.end(), note);
        for (const int index : touched.looks) {
            auto& look = looks_[std::size_t(index)];
            look.conducts = model_.conducts(look.run, h);
            look.weighed = weighed_;
            if (look.conducts != model_.conducts(look.run, from)) {
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
        int cell = 0;
        LedFault fault = LedFault::Open;
    };

    void addLedFaults() {
        std::vector<Extension> extensions;
        for (int cell = 0; cell < int(model_.partition().cells().size()); ++cell) {
            for (int kind = 0; kind < backlight::ledFaultKinds; ++kind) {
                if (suspectOfFault_[kind] >= 0 && model_.canHave(model_.partition().cells()[cell], LedFault(kind))) {
                    extensions.push_back({0, cell, LedFault(kind)});
                }
            }
        }
        std::pmr::monotonic_buffer_resource memory;
        Sets seen(&memory);
        extend({healthy_}, 1, extensions, seen);
        const auto marked = markedLeds();
        if (int(marked.size()) > shallow && int(marked.size()) <= mostFaulty) {
            extend(addMarked(marked, seen), int(marked.size()) + 1, extensions, seen);
        }
    }

    /// Builds larger sets from those of a \p level, \p size LEDs and more.
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
                    Hypothesis h = extended(from, extension.cell, extension.fault);
                    if (!std::isfinite(h.logPrior) || !seen.insert(h.faults).second) {
                        continue;
                    }
                    const double log = add(h, partial, changedBy(from, h, extension.cell));
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

    /// An LED that was marked on a run that was lit.
    struct Marked {
        int cell = 0;
        bool isDim = false;  ///< or tinted, as an aged one may be
        auto operator<=>(const Marked&) const = default;
    };

    std::vector<Marked> markedLeds() const {
        using Glow = evidence::LedSeen::Glow;
        std::vector<Marked> marked;
        for (const auto& look : looks_) {
            const auto seenAt = [&](std::size_t e) { return std::get_if<evidence::LedSeen>(&entries_[e].what); };
            const bool isLit = std::any_of(look.entries.begin(), look.entries.end(),
                                           [&](std::size_t e) { return seenAt(e)->glow != Glow::Dark; });
            for (const auto e : look.entries) {
                if (isLit && seenAt(e)->glow != Glow::Lit) {
                    marked.push_back({model_.partition().cellOf(seenAt(e)->place), seenAt(e)->glow != Glow::Dark});
                }
            }
        }
        std::sort(marked.begin(), marked.end());
        const auto sameCell = [](const Marked& a, const Marked& b) { return a.cell == b.cell; };
        marked.erase(std::unique(marked.begin(), marked.end(), sameCell), marked.end());
        return marked;
    }

    /// All LEDs that were marked are faulty at once, of one kind as far as they look alike, or one of them of another:
    /// guessed one by one, a set that lacks some of them says too little to be kept.
    std::vector<Partial> addMarked(const std::vector<Marked>& marked, Sets& seen) {
        standOn(healthy_);
        std::vector<Partial> kept;
        const auto tryKinds = [&](const std::vector<LedFault>& kinds) {
            Hypothesis h;
            for (std::size_t i = 0; i < marked.size(); ++i) {
                const auto& cell = model_.partition().cells()[std::size_t(marked[i].cell)];
                if (suspectOfFault_[int(kinds[i])] < 0 || !model_.canHave(cell, kinds[i])) {
                    return false;
                }
                h = extended(h, marked[i].cell, kinds[i]);
            }
            if (!std::isfinite(h.logPrior) || !seen.insert(h.faults).second) {
                return false;
            }
            const double log = add(h);
            if (std::isfinite(log)) {
                kept.push_back({log, int(result_.hypotheses.size()) - 1, log - h.logPrior});
            }
            return std::isfinite(log);
        };
        for (int dark = 0; dark < backlight::ledFaultKinds; ++dark) {
            for (int dim = 0; dim < backlight::ledFaultKinds; ++dim) {
                if (backlight::isDim(LedFault(dark)) || !backlight::isDim(LedFault(dim))) {
                    continue;
                }
                std::vector<LedFault> kinds;
                for (const auto& led : marked) {
                    kinds.push_back(LedFault(led.isDim ? dim : dark));
                }
                if (!tryKinds(kinds)) {
                    continue;
                }
                for (auto& kind : kinds) {
                    const auto usual = kind;
                    for (int other = 0; other < backlight::ledFaultKinds; ++other) {
                        kind = LedFault(other);
                        if (backlight::isDim(kind) == backlight::isDim(usual)) {
                            tryKinds(kinds);
                        }
                    }
                    kind = usual;
                }
            }
        }
        std::sort(kept.begin(), kept.end(), [](const auto& a, const auto& b) { return a.log > b.log; });
        return kept;
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
        const bool canBeGivenUp = judges_ && !kindOf(h).isNoneOfThese;
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
        if (isRare && !kindOf(h).isNoneOfThese) {
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

    /// An explanation that builds on no other; entries that any sound LEDs answer alike are not asked again.
    /// \returns as the other does
    double add(Hypothesis h) {
        const bool isSound = faults::leaveLedsSound(h.faults) && !kindOf(h).isNoneOfThese;
        ++weighed_;
        for (auto& look : looks_) {
            if (!isSound) {
                look.conducts = model_.conducts(look.run, h);
                look.weighed = weighed_;
            }
        }
        return add(h, healthy_, isSound ? unsound_ : all_);
    }

    double logOf(std::size_t entry, const Hypothesis& h) {
        if (isOfTheBoard_[entry]) {
            return logOfForecast(entry, h);
        }
        const auto* look = lookOf_[entry] < 0 ? nullptr : &looks_[std::size_t(lookOf_[entry])];
        const bool isKnown = look != nullptr && look->weighed == weighed_;
        return model_.logLikelihood(entries_[entry].what, h, isKnown ? std::optional(look->conducts) : std::nullopt);
    }

    /// What a reading of the board says to an explanation, given those before it, which have been asked; all with the
    /// same forecast share it.
    double logOfForecast(std::size_t entry, const Hypothesis& h) {
        double log = result_.likelihoods.board(h.forecast, entry);
        if (std::isnan(log)) {
            log = model_.weighOfBoard(entries_[entry].what, h);
            result_.likelihoods.setBoard(h.forecast, entry, log);
        }
        return log;
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
        FaultList places = h.faults;
        for (Fault& fault : places) {
            if (auto* leds = std::get_if<FaultyLeds>(&fault)) {
                leds->cell = model_.partition().cells()[leds->cell].strip;  // what the title says of its place
                leds->count = 1;
            }
        }
        std::sort(places.begin(), places.end());
        places.erase(std::unique(places.begin(), places.end()), places.end());
        const std::size_t feeds = model_.backlight().feeds.size() + 1;
        auto& titles = titleOfPlaces_[std::size_t(h.suspect) * feeds + std::size_t(h.feed - Hypothesis::everyFeed)];
        const auto [entry, isNew] = titles.try_emplace(places, 0);
        if (isNew) {
            entry->second = newTitle(belief, h);
        }
        return entry->second;
    }

    /// Places of LEDs have titles of their own; joints and strips of one place read alike, whatever their size, and all
    /// places that nobody has described.
    int newTitle(Belief& belief, const Hypothesis& h) {
        Text title = titleOf(model_, h);
        const int next = int(belief.titles.size());
        if (faults::faultyLedCount(h.faults) == 0 || !model_.backlight().isDescribed) {
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
            const bool isGuess = kindOf(result_.hypotheses[h]).isNoneOfThese;  // others are held against it
            if (isGuess || std::max(shares[h], previousShares[h]) > dropBelow) {
                kept.titleOf.push_back(titleIndex(kept, result_.hypotheses[h]));
                kept.hypotheses.push_back(std::move(result_.hypotheses[h]));
                kept.shares.push_back(shares[h]);
                kept.previousShares.push_back(previousShares[h]);
                kept.rowOf.push_back(result_.rowOf[h]);
            }
        }
        kept.likelihoods = std::move(result_.likelihoods);
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

    CaseModel& model_;
    const std::vector<job::Entry>& entries_;
    Belief result_;
    std::vector<double> logs_;
    std::vector<double> baseLogs_;            ///< what the explanation says that others are told apart from, by entry
    std::vector<std::size_t> baseDiffering_;  ///< where that is not what a healthy backlight says
    std::vector<std::pair<std::size_t, double>> differing_;  ///< of the explanation that is being kept
    std::vector<double> logsOfOne_;                          ///< of the explanation that is being weighed, as changed
    std::unordered_map<std::string, int> titleOfOthers_;     ///< without faulty LEDs; into the belief's titles
    std::vector<std::unordered_map<FaultList, int, SetHash>>
        titleOfPlaces_;                    ///< by suspect and feed; into the belief's titles
    std::vector<std::size_t> all_;         ///< entries, those that need a driver forecast last
    std::vector<std::size_t> ofTheBoard_;  ///< those alone
    std::vector<char> isOfTheBoard_;       ///< by entry: it needs a forecast
    std::vector<std::size_t> unsound_;     ///< entries that say more than whether the LEDs are sound
    Partial healthy_;                      ///< no fault at all
    std::vector<Look> looks_;
    std::vector<int> lookOf_;  ///< into looks_, by entry; -1 for others
    std::size_t weighed_ = 0;  ///< explanations so far
    const std::vector<int> noPoints_;
    std::vector<Touched> touched_;      ///< by cell
    std::vector<std::size_t> changed_;  ///< of the explanation that is being weighed
    std::vector<char> isChanged_;       ///< by entry, while changed_ is made
    double best_ = -INFINITY;           ///< of all explanations so far, last entry left out
    double bestWithLast_ = -INFINITY;   ///< of all explanations so far
    std::size_t beam_ = beam;           ///< of the level that is being made
    double levelFloor_ = INFINITY;      ///< of the sets of faulty LEDs, from here on one is extended further
    bool judges_ = false;               ///< single LED faults are all weighed first, to know what readings can say
    std::vector<double> highestLogs_;   ///< of each entry, what the explanation says that it fits best
    std::vector<double>
        highestAhead_;  ///< of the readings of the board from each on to the end, the last entry left out
    std::array<int, backlight::ledFaultKinds> suspectOfFault_{};
    double totalWeight_ = 0;
    std::array<double, backlight::ledFaultKinds> logWeightOfKind_{};
    /// Log of how often a kind comes in such numbers, spread over all sets of that many LEDs.
    std::array<std::vector<double>, backlight::ledFaultKinds> logOfSets_;
};

}  // namespace

namespace {

/// Whether a tester showed what a healthy run takes, well below its limit: its leads are sound, seen lit or not.
bool hasRightVolts(CaseModel& model, const evidence::TesterTaken& taken) {
    constexpr double belowLimit = 0.9;
    if (!taken.volts || taken.lit) {
        return false;
    }
    const auto healthy = model.healthyTester(taken.probe());
    return healthy.volts < belowLimit * taken.setting.limitVolts &&
           std::abs(*taken.volts - healthy.volts) < 2 * healthy.sigma;
}

}  // namespace

Belief infer(CaseModel& model, const std::vector<job::Entry>& entries) {
    std::vector<evidence::TesterTaken> runs;
    for (const auto& entry : entries) {
        if (const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what)) {
            runs.push_back(*taken);
        }
    }
    model.setTesterReadings(runs);
    model.setLeadsProven(std::any_of(entries.begin(), entries.end(), [&](const auto& entry) {
        const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
        return taken != nullptr && (taken->lit.value_or(0) > 0 || hasRightVolts(model, *taken));
    }));
    std::vector<evidence::PointTaken> points;
    for (const auto& entry : entries) {
        if (const auto* taken = std::get_if<evidence::PointTaken>(&entry.what)) {
            points.push_back(*taken);
        }
    }
    model.setPointsTaken(std::move(points));
    model.forgetBoard();
    return Search(model, entries).run();
}

Belief refine(CaseModel& model, Belief belief, const backlight::Run& run) {
    const auto before = model.partition().cells();
    const auto parts = model.split(run);
    if (model.partition().cells().size() == before.size()) {
        return belief;
    }
    Belief fine;
    fine.titles = std::move(belief.titles);
    fine.likelihoods = std::move(belief.likelihoods);
    fine.evidence = belief.evidence;
    fine.weighed = belief.weighed;
    fine.hypotheses.reserve(belief.hypotheses.size() + belief.hypotheses.size() / 4);
    struct Partial {
        Hypothesis hypothesis;
        double share = 1;
        int usedWithin = 0;
        int usedWithout = 0;
    };
    const auto isSplit = [](const locate::CellPartition::Parts& part) { return part.within >= 0 && part.without >= 0; };
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        Hypothesis& coarse = belief.hypotheses[h];
        const auto keep = [&](Hypothesis& hypothesis, double share) {
            std::sort(hypothesis.faults.begin(), hypothesis.faults.end());  // those of one cell side by side again
            fine.hypotheses.push_back(std::move(hypothesis));
            fine.shares.push_back(belief.shares[h] * share);
            fine.previousShares.push_back(belief.previousShares[h] * share);
            fine.titleOf.push_back(belief.titleOf[h]);
            fine.rowOf.push_back(belief.rowOf[h]);
        };
        const bool isTouched = std::any_of(coarse.faults.begin(), coarse.faults.end(), [&](const Fault& fault) {
            const auto* leds = faults::asLeds(fault);
            return leds != nullptr && isSplit(parts[leds->cell]);
        });
        if (!isTouched) {
            for (auto& fault : coarse.faults) {
                if (auto* leds = std::get_if<FaultyLeds>(&fault)) {
                    leds->cell = std::max(parts[leds->cell].within, parts[leds->cell].without);
                }
            }
            keep(coarse, 1);
            continue;
        }
        Partial start{coarse};
        start.hypothesis.faults.clear();
        std::vector<Partial> partials = {start};
        for (std::size_t i = 0; i < coarse.faults.size(); ++i) {
            if (faults::asLeds(coarse.faults[i]) == nullptr) {
                for (auto& partial : partials) {
                    partial.hypothesis.faults.push_back(coarse.faults[i]);
                }
                continue;
            }
            const FaultyLeds& f = *faults::asLeds(coarse.faults[i]);
            const auto part = parts[f.cell];
            const int within = part.within < 0 ? 0 : int(model.partition().cells()[part.within].positions.size());
            const int without = int(before[f.cell].positions.size()) - within;
            const auto* last = i > 0 ? faults::asLeds(coarse.faults[i - 1]) : nullptr;
            const bool sameCell = last != nullptr && last->cell == f.cell;
            std::vector<Partial> next;
            for (auto partial : partials) {
                partial.usedWithin = sameCell ? partial.usedWithin : 0;
                partial.usedWithout = sameCell ? partial.usedWithout : 0;
                const int freeWithin = within - partial.usedWithin;
                const int freeWithout = without - partial.usedWithout;
                for (int inside = 0; inside <= f.count; ++inside) {
                    const double log = logChoose(freeWithin, inside) + logChoose(freeWithout, f.count - inside) -
                                       logChoose(freeWithin + freeWithout, f.count);
                    if (!std::isfinite(log)) {
                        continue;
                    }
                    Partial grown = partial;
                    grown.share *= std::exp(log);
                    grown.usedWithin += inside;
                    grown.usedWithout += f.count - inside;
                    for (const auto& [cell, count] :
                         {std::pair(part.within, inside), std::pair(part.without, f.count - inside)}) {
                        if (count > 0) {
                            grown.hypothesis.faults.emplace_back(FaultyLeds{cell, f.fault, count});
                        }
                    }
                    next.push_back(std::move(grown));
                }
            }
            partials = std::move(next);
        }
        for (auto& partial : partials) {
            keep(partial.hypothesis, partial.share);
        }
    }
    return fine;
}

namespace {

/// What is wrong, in a set whose strips nobody has described.
Text titleWithoutPlace(const CaseModel& model, const Hypothesis& hypothesis) {
    std::set<LedFault> kinds;
    for (const auto& fault : hypothesis.faults) {
        if (const auto* leds = faults::asLeds(fault)) {
            kinds.insert(leds->fault);
        }
    }
    std::vector<Text> titles;
    for (const auto kind : kinds) {
        titles.push_back(model.titleOf(kind));
    }
    return titles.empty() ? model.knowledge().suspects[std::size_t(hypothesis.suspect)].title : text::joined(titles);
}

}  // namespace

Text titleOf(const CaseModel& model, const Hypothesis& hypothesis) {
    const auto& suspect = model.knowledge().suspects[hypothesis.suspect];
    if (hypothesis.faults.empty()) {
        return hypothesis.feed == Hypothesis::everyFeed ? suspect.title
                                                        : say("{}, feed {}", suspect.title, hypothesis.feed + 1);
    }
    if (!model.backlight().isDescribed) {
        return titleWithoutPlace(model, hypothesis);
    }
    std::map<LedFault, std::set<int>> stripsOfFault;
    std::vector<Text> titles;
    for (const auto& fault : hypothesis.faults) {
        if (const auto* leds = faults::asLeds(fault)) {
            stripsOfFault[leds->fault].insert(model.partition().cells()[leds->cell].strip);
        } else {
            titles.push_back(faults::titleOf(fault, model.backlight(), suspect.title));
        }
    }
    for (const auto& [fault, strips] : stripsOfFault) {
        std::vector<Text> labels;
        for (const int strip : strips) {
            labels.push_back(text::name(model.backlight().strips[strip].label));
        }
        const Text last = labels.back();
        labels.pop_back();
        titles.push_back(labels.empty()
                             ? say("{} in strip {}", model.titleOf(fault), last)
                             : say("{} in strips {} and {}", model.titleOf(fault), text::joined(labels), last));
    }
    return text::joined(titles);
}

LedShares ledSharesOf(const CaseModel& model, const std::vector<Hypothesis>& hypotheses,
                      const std::vector<double>& shares) {
    const auto& cells = model.partition().cells();
    std::vector<double> byCell(cells.size(), 0);
    for (std::size_t h = 0; h < hypotheses.size(); ++h) {
        for (const auto& fault : hypotheses[h].faults) {
            if (const auto* leds = faults::asLeds(fault)) {
                byCell[leds->cell] += shares[h] * leds->count / double(cells[leds->cell].positions.size());
            }
        }
    }
    LedShares result;
    if (!model.backlight().isDescribed) {
        return result;
    }
    for (const auto& strip : model.backlight().strips) {
        result.emplace_back(strip.leds, 0.0);
    }
    for (std::size_t c = 0; c < cells.size(); ++c) {
        for (const int position : cells[c].positions) {
            const auto place = model.partition().placeOf(cells[c], position);
            result[place.strip][place.led] = std::min(1.0, byCell[c]);
        }
    }
    return result;
}

}  // namespace dimglow::reasoning
