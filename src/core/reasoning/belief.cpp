#include "core/reasoning/belief.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <set>
#include <unordered_map>
#include <unordered_set>

namespace dimglow::reasoning {

using backlight::LedFault;

namespace {

constexpr std::size_t beam = 32;
constexpr double dropBelow = 1e-8;
/// Natural logs. What stays so far behind the best, even if each reading to come speaks for it as well as for any
/// other, is below `dropBelow` and not listed; a set of LEDs yet further behind is not extended either.
constexpr double tooRare = 22;
constexpr double hopeless = 30;
/// Share of cases with 1, 2, 3, 4 LEDs of one fault, by LedFault (common practice, no source: shorts come in groups,
/// age comes to many).
constexpr double howMany[backlight::ledFaultKinds][maxFaults] = {
    {0.88, 0.10, 0.015, 0.005}, {0.45, 0.25, 0.20, 0.10},   {0.80, 0.15, 0.04, 0.01}, {0.75, 0.18, 0.05, 0.02},
    {0.75, 0.18, 0.05, 0.02},   {0.93, 0.06, 0.008, 0.002}, {0.40, 0.30, 0.18, 0.12}};
/// Two kinds of LED fault at once, over what independence would say.
constexpr double mixShare = 0.3;

/// log n!, as far as there are LEDs.
const std::vector<double> logFactorials = [] {
    std::vector<double> logs(5000, 0);
    for (std::size_t i = 1; i < logs.size(); ++i) {
        logs[i] = logs[i - 1] + std::log(double(i));
    }
    return logs;
}();

double logChoose(int n, int k) {
    return k > n ? -INFINITY : logFactorials[n] - logFactorials[k] - logFactorials[n - k];
}

class Search {
public:
    Search(CaseModel& model, const std::vector<job::Entry>& entries) : model_(model), entries_(entries) {
        result_.entryCount = entries.size();
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
        const int leds = model.backlight().ledCount();
        for (int kind = 0; kind < backlight::ledFaultKinds; ++kind) {
            logWeightOfKind_[kind] = suspectOfFault_[kind] < 0 ? -INFINITY : logWeight(suspectOfFault_[kind]);
            for (int count = 1; count <= maxFaults; ++count) {
                logOfSets_[kind][count - 1] = std::log(howMany[kind][count - 1]) - logChoose(leds, count);
            }
        }
        order_.resize(entries.size());
        highestLogs_.assign(entries.size(), -INFINITY);
        logsOfOne_.resize(entries.size());
        std::iota(order_.rbegin(), order_.rend(), 0);  // the last entry first: it is judged by itself
        std::stable_partition(order_.begin(), order_.end(), [&](std::size_t e) { return !needsForecast(entries[e]); });
    }

    Belief run() {
        addLedFaults();
        addSingles();
        weigh();
        return std::move(result_);
    }

private:
    double logWeight(int suspect) const { return std::log(model_.knowledge().suspects[suspect].weight / totalWeight_); }

    void addSingles() {
        for (int s = 0; s < int(model_.knowledge().suspects.size()); ++s) {
            Hypothesis h;
            h.suspect = s;
            h.logPrior = logWeight(s);
            switch (model_.knowledge().suspects[s].strings) {
                case StringFault::None:
                    addWithSoundStrings(h);
                    break;
                case StringFault::Plug:
                case StringFault::Joint:
                    addJoints(h, model_.knowledge().suspects[s].strings);
                    break;
                case StringFault::OtherType:
                    h.logPrior -= std::log(double(model_.otherStrips().size()));
                    for (h.otherStrip = 0; h.otherStrip < int(model_.otherStrips().size()); ++h.otherStrip) {
                        add(h);
                    }
                    break;
                case StringFault::Chassis:
                    h.logPrior -= std::log(double(model_.leaks().size()));
                    for (h.leak = 0; h.leak < int(model_.leaks().size()); ++h.leak) {
                        addWithSoundStrings(h);
                    }
                    break;
                default:
                    break;
            }
        }
    }

    void addJoints(Hypothesis h, StringFault kind) {
        const auto fits = [&](const JointCandidate& joint) {
            return (joint.ohms >= backlight::openOhms) == (kind == StringFault::Plug);
        };
        const auto& joints = model_.joints();
        h.logPrior -= std::log(double(std::count_if(joints.begin(), joints.end(), fits)));
        for (h.joint = 0; h.joint < int(joints.size()); ++h.joint) {
            if (fits(joints[h.joint])) {
                add(h);
            }
        }
    }

    /// Prior of a set of faulty LEDs: how often each kind comes in such numbers, spread evenly over all choices of
    /// LEDs, times the number of choices that the cell counts stand for.
    void complete(Hypothesis& h) const {
        std::array<int, backlight::ledFaultKinds> byKind{};
        h.logPrior = 0;
        int free = 0;
        for (int i = 0; i < h.faultCount; ++i) {
            const auto& f = h.faults[i];
            byKind[int(f.fault)] += f.count;
            const int size = int(model_.partition().cells()[f.cell].positions.size());
            free = i > 0 && h.faults[i - 1].cell == f.cell ? free - h.faults[i - 1].count : size;
            h.logPrior += logChoose(free, f.count);
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
        auto* end = h.faults.begin() + h.faultCount;
        auto* same =
            std::find_if(h.faults.begin(), end, [&](const auto& f) { return f.cell == cell && f.fault == fault; });
        if (same != end) {
            ++same->count;
        } else {
            const CellFault added{cell, fault, 1};
            auto* at = std::upper_bound(h.faults.begin(), end, added);
            std::move_backward(at, end, end + 1);
            *at = added;
            ++h.faultCount;
        }
        complete(h);
        return h;
    }

    /// A set of faulty LEDs that is extended further: where it stands in the result; -1 is no fault at all.
    struct Partial {
        double log = 0;
        int at = -1;
    };

    struct SetHash {
        std::size_t operator()(const std::array<CellFault, maxFaults>& faults) const {
            std::uint64_t hash = 0;
            for (const auto& f : faults) {
                hash = (hash ^ (std::uint64_t(f.cell) << 16 ^ std::uint64_t(f.fault) << 8 ^ std::uint64_t(f.count))) *
                       0xBF58476D1CE4E5B9ull;
                hash ^= hash >> 29;
            }
            return hash;
        }
    };

    /// The reading is of a run that the cell is no part of, so that a fault there does not change it.
    static bool isElsewhere(const job::Entry& entry, const locate::Cell& cell) {
        if (const auto* taken = std::get_if<job::TesterTaken>(&entry.what)) {
            return taken->minus == backlight::TesterProbe::Minus::EndOfRun && !locate::inside(cell, taken->run);
        }
        const auto* seen = std::get_if<job::LedSeen>(&entry.what);
        return seen != nullptr && !locate::inside(cell, seen->under);
    }

    void addLedFaults() {
        for (const auto& entry : entries_) {
            healthyLogs_.push_back(needsForecast(entry) ? 0 : model_.logLikelihood(entry.what, Hypothesis{}));
        }
        const auto logsAt = [&](int at) {
            return at < 0 ? healthyLogs_.data() : result_.logLikelihoods.data() + std::size_t(at) * entries_.size();
        };
        std::unordered_set<std::array<CellFault, maxFaults>, SetHash> seen;
        std::vector<Partial> level(1);
        for (int size = 1; size <= maxFaults; ++size) {
            std::vector<Partial> next;
            levelFloor_ = size < maxFaults ? -INFINITY : INFINITY;
            for (const auto& partial : level) {
                const Hypothesis from = partial.at < 0 ? Hypothesis{} : result_.hypotheses[partial.at];
                for (int cell = 0; cell < int(model_.partition().cells().size()); ++cell) {
                    for (int kind = 0; kind < backlight::ledFaultKinds; ++kind) {
                        if (suspectOfFault_[kind] < 0 ||
                            !model_.canHave(model_.partition().cells()[cell], LedFault(kind))) {
                            continue;
                        }
                        const Hypothesis h = extended(from, cell, LedFault(kind));
                        if (std::isfinite(h.logPrior) && seen.insert(h.faults).second) {
                            const double log = add(h, logsAt(partial.at), [&](const job::Entry& entry) {
                                return isElsewhere(entry, model_.partition().cells()[cell]);
                            });
                            if (log > levelFloor_) {
                                next.push_back({log, int(result_.hypotheses.size()) - 1});
                                raiseFloor(next);
                            }
                        }
                    }
                }
            }
            std::sort(next.begin(), next.end(), [](const auto& a, const auto& b) { return a.log > b.log; });
            level = std::move(next);
            judges_ = true;
        }
    }

    /// Keeps the best of a level, as a heap with the worst of them in front.
    void raiseFloor(std::vector<Partial>& next) {
        const auto better = [](const Partial& a, const Partial& b) { return a.log > b.log; };
        std::push_heap(next.begin(), next.end(), better);
        if (next.size() > beam) {
            std::pop_heap(next.begin(), next.end(), better);
            next.pop_back();
        }
        levelFloor_ = next.size() == beam ? next.front().log : -INFINITY;
    }

    /// Weighs one explanation and keeps it unless it is hopeless, with the last entry and without it: too rare to be
    /// listed, and not worth extending. A sum that is not complete yet is judged as if each reading to come spoke for
    /// it as well as for any explanation so far. \p before has the logs of another explanation, which are taken for the
    /// entries that are \p unchanged. \returns the log of its unnormalised posterior; -infinity when it was given up
    template <class Unchanged>
    double add(Hypothesis h, const double* before, Unchanged unchanged) {
        auto& logs = logsOfOne_;
        double log = h.logPrior;
        double ahead = std::accumulate(highestLogs_.begin(), highestLogs_.end(), 0.0);
        double ofLast = entries_.empty() ? 0 : highestLogs_.back();
        ahead -= ofLast;
        for (const auto e : order_) {
            if (h.forecast < 0 && needsForecast(entries_[e])) {
                h.forecast = model_.forecastIndex(h);
            }
            logs[e] = needsForecast(entries_[e]) ? logOfForecast(e, h)
                      : unchanged(entries_[e])   ? before[e]
                                                 : model_.logLikelihood(entries_[e].what, h);
            if (e + 1 == entries_.size()) {
                ofLast = logs[e];
            } else {
                log += logs[e];
                ahead -= highestLogs_[e];
            }
            if (!judges_) {
                continue;
            }
            const double reach = log + ahead;
            const bool listed = reach > best_ - tooRare || reach + ofLast > bestWithLast_ - tooRare;
            const bool extended = reach > best_ - hopeless && reach + ofLast > levelFloor_;
            if (!listed && !extended) {
                return -INFINITY;
            }
        }
        for (std::size_t e = 0; e < entries_.size(); ++e) {
            highestLogs_[e] = std::max(highestLogs_[e], logs[e]);
        }
        best_ = std::max(best_, log);
        log += ofLast;
        bestWithLast_ = std::max(bestWithLast_, log);
        result_.rowOf.push_back(int(result_.rowOf.size()));
        result_.logLikelihoods.insert(result_.logLikelihoods.end(), logs.begin(), logs.end());
        result_.hypotheses.push_back(h);
        logs_.push_back(log);
        return log;
    }

    double add(const Hypothesis& h) {
        return add(h, nullptr, [](const auto&) { return false; });
    }
    /// An explanation under which the LEDs at the bench are as healthy ones.
    double addWithSoundStrings(const Hypothesis& h) {
        return add(h, healthyLogs_.data(), [](const job::Entry& entry) {
            const auto* taken = std::get_if<job::TesterTaken>(&entry.what);
            return std::holds_alternative<job::LedSeen>(entry.what) ||
                   (taken != nullptr && taken->minus == backlight::TesterProbe::Minus::EndOfRun);
        });
    }

    /// What a reading of the board says to an explanation; all with the same forecast share it.
    double logOfForecast(std::size_t entry, const Hypothesis& h) {
        const std::size_t at = std::size_t(h.forecast) * entries_.size() + entry;
        if (at >= logsOfForecasts_.size()) {
            logsOfForecasts_.resize((std::size_t(h.forecast) + 1) * entries_.size(), NAN);
        }
        auto& log = logsOfForecasts_[at];
        if (std::isnan(log)) {
            log = model_.logLikelihood(entries_[entry].what, h);
        }
        return log;
    }

    static bool needsForecast(const job::Entry& entry) {
        return std::holds_alternative<job::Measured>(entry.what) || std::holds_alternative<job::LightSeen>(entry.what);
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
        std::array<int, 4 + maxFaults> key{h.suspect, h.joint, h.otherStrip, h.leak};
        for (int i = 0; i < h.faultCount; ++i) {
            const int strip = model_.partition().cells()[h.faults[i].cell].strip;
            key[4 + i] = 1 + strip * backlight::ledFaultKinds + int(h.faults[i].fault);
        }
        const auto [entry, isNew] = titleOfKey_.try_emplace(key, 0);
        if (isNew) {
            const auto [title, isNewTitle] = indexOfTitle_.try_emplace(titleOf(model_, h), int(belief.titles.size()));
            if (isNewTitle) {
                belief.titles.push_back(title->first);
            }
            entry->second = title->second;
        }
        return entry->second;
    }

    void weigh() {
        auto previous = logs_;
        for (std::size_t h = 0; h < previous.size() && !entries_.empty(); ++h) {
            previous[h] -= result_.logLikelihood(h, entries_.size() - 1);
        }
        const auto shares = normalised(logs_);
        const auto previousShares = normalised(previous);
        Belief kept;
        kept.entryCount = entries_.size();
        for (std::size_t h = 0; h < shares.size(); ++h) {
            if (std::max(shares[h], previousShares[h]) > dropBelow) {
                kept.hypotheses.push_back(result_.hypotheses[h]);
                kept.titleOf.push_back(titleIndex(kept, result_.hypotheses[h]));
                kept.shares.push_back(shares[h]);
                kept.previousShares.push_back(previousShares[h]);
                const auto row = result_.logLikelihoods.begin() + std::ptrdiff_t(h * entries_.size());
                kept.rowOf.push_back(int(kept.rowOf.size()));
                kept.logLikelihoods.insert(kept.logLikelihoods.end(), row, row + std::ptrdiff_t(entries_.size()));
            }
        }
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
    std::vector<double> healthyLogs_;                           ///< of a healthy backlight; 0 for readings of the board
    std::vector<double> logsOfOne_;                             ///< of the explanation that is being weighed, by entry
    std::map<std::array<int, 4 + maxFaults>, int> titleOfKey_;  ///< into the belief's titles
    std::unordered_map<std::string, int> indexOfTitle_;
    std::vector<double> logsOfForecasts_;  ///< by forecast and entry; not a number: not asked for yet
    std::vector<std::size_t> order_;       ///< of the entries, those that need no driver forecast first
    double best_ = -INFINITY;              ///< of all explanations so far, last entry left out
    double bestWithLast_ = -INFINITY;      ///< of all explanations so far
    double levelFloor_ = INFINITY;         ///< of the sets of faulty LEDs, from here on one is extended further
    bool judges_ = false;                  ///< single LED faults are all weighed first, to know what readings can say
    std::vector<double> highestLogs_;      ///< of each entry, what the explanation says that it fits best
    std::array<int, backlight::ledFaultKinds> suspectOfFault_{};
    double totalWeight_ = 0;
    std::array<double, backlight::ledFaultKinds> logWeightOfKind_{};
    /// Log of how often a kind comes in such numbers, spread over all sets of that many LEDs.
    std::array<std::array<double, maxFaults>, backlight::ledFaultKinds> logOfSets_{};
};

std::string jointTitle(const CaseModel& model, const SuspectKind& suspect, const JointCandidate& joint) {
    const auto& backlight = model.backlight();
    const auto order = backlight::ledsInOrder(backlight, joint.string);
    const auto& after = backlight.strips[order.at(joint.before).strip].label;
    if (joint.before == 0) {
        return fmt::format("{}: harness of strip {}", suspect.title, after);
    }
    return fmt::format("{} between {} and {}", suspect.title, backlight.strips[order.at(joint.before - 1).strip].label,
                       after);
}

}  // namespace

Belief infer(CaseModel& model, const std::vector<job::Entry>& entries) {
    model.setLeadsProven(std::any_of(entries.begin(), entries.end(), [](const auto& entry) {
        const auto* taken = std::get_if<job::TesterTaken>(&entry.what);
        return taken != nullptr && taken->lit.value_or(0) > 0;
    }));
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
    fine.entryCount = belief.entryCount;
    fine.logLikelihoods = std::move(belief.logLikelihoods);
    fine.hypotheses.reserve(belief.hypotheses.size() + belief.hypotheses.size() / 4);
    struct Partial {
        Hypothesis hypothesis;
        double share = 1;
        int usedWithin = 0;
        int usedWithout = 0;
    };
    const auto isSplit = [](const locate::CellPartition::Parts& part) { return part.within >= 0 && part.without >= 0; };
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        Hypothesis coarse = belief.hypotheses[h];
        const auto keep = [&](const Hypothesis& hypothesis, double share) {
            fine.hypotheses.push_back(hypothesis);
            fine.shares.push_back(belief.shares[h] * share);
            fine.previousShares.push_back(belief.previousShares[h] * share);
            fine.titleOf.push_back(belief.titleOf[h]);
            fine.rowOf.push_back(belief.rowOf[h]);
        };
        auto* end = coarse.faults.begin() + coarse.faultCount;
        if (std::none_of(coarse.faults.begin(), end, [&](const CellFault& f) { return isSplit(parts[f.cell]); })) {
            std::for_each(coarse.faults.begin(), end,
                          [&](CellFault& f) { f.cell = std::max(parts[f.cell].within, parts[f.cell].without); });
            keep(coarse, 1);
            continue;
        }
        Partial start{coarse};
        start.hypothesis.faultCount = 0;
        std::vector<Partial> partials = {start};
        for (int i = 0; i < coarse.faultCount; ++i) {
            const CellFault& f = coarse.faults[i];
            const auto part = parts[f.cell];
            const int within = part.within < 0 ? 0 : int(model.partition().cells()[part.within].positions.size());
            const int without = int(before[f.cell].positions.size()) - within;
            const bool sameCell = i > 0 && coarse.faults[i - 1].cell == f.cell;
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
                        if (count > 0 && grown.hypothesis.faultCount < maxFaults) {
                            grown.hypothesis.faults[grown.hypothesis.faultCount++] = {cell, f.fault, count};
                        }
                    }
                    next.push_back(std::move(grown));
                }
            }
            partials = std::move(next);
        }
        for (const auto& partial : partials) {
            keep(partial.hypothesis, partial.share);
        }
    }
    return fine;
}

std::string titleOf(const CaseModel& model, const Hypothesis& hypothesis) {
    const auto& suspect = model.knowledge().suspects[hypothesis.suspect];
    if (hypothesis.joint >= 0) {
        return jointTitle(model, suspect, model.joints()[hypothesis.joint]);
    }
    if (hypothesis.otherStrip >= 0) {
        return fmt::format("{}: {}", suspect.title,
                           model.backlight().strips[model.otherStrips()[hypothesis.otherStrip].strip].label);
    }
    if (hypothesis.leak >= 0) {
        const auto& leak = model.leaks()[hypothesis.leak];
        const auto order = backlight::ledsInOrder(model.backlight(), leak.string);
        const auto at = order.at(std::min(std::size_t(leak.before), order.size() - 1));
        return fmt::format("{} near strip {}", suspect.title, model.backlight().strips[at.strip].label);
    }
    if (hypothesis.faultCount == 0) {
        return suspect.title;
    }
    std::map<LedFault, std::set<int>> stripsOfFault;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        stripsOfFault[hypothesis.faults[i].fault].insert(model.partition().cells()[hypothesis.faults[i].cell].strip);
    }
    std::string title;
    for (const auto& [fault, strips] : stripsOfFault) {
        title += fmt::format("{}{} in strip{} ", title.empty() ? "" : ", ", model.titleOf(fault),
                             strips.size() > 1 ? "s" : "");
        for (const int strip : strips) {
            title += (strip == *strips.begin()    ? ""
                      : strip == *strips.rbegin() ? " and "
                                                  : ", ") +
                     model.backlight().strips[strip].label;
        }
    }
    return title;
}

LedShares ledSharesOf(const CaseModel& model, const std::vector<Hypothesis>& hypotheses,
                      const std::vector<double>& shares) {
    const auto& cells = model.partition().cells();
    std::vector<double> byCell(cells.size(), 0);
    for (std::size_t h = 0; h < hypotheses.size(); ++h) {
        for (int i = 0; i < hypotheses[h].faultCount; ++i) {
            const auto& f = hypotheses[h].faults[i];
            byCell[f.cell] += shares[h] * f.count / double(cells[f.cell].positions.size());
        }
    }
    LedShares result;
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
