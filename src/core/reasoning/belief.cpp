#include "core/reasoning/belief.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <set>

namespace dimglow::reasoning {

using backlight::LedFault;

namespace {

constexpr std::size_t beam = 32;
constexpr double dropBelow = 1e-8;
/// Natural log. What stays this far behind the best even if it explains every further reading as well is given up.
constexpr double hopeless = 30;
/// Share of cases with 1, 2, 3, 4 LEDs of one fault, by LedFault (common practice, no source: shorts come in groups,
/// age comes to many).
constexpr double howMany[backlight::ledFaultKinds][maxFaults] = {
    {0.88, 0.10, 0.015, 0.005}, {0.45, 0.25, 0.20, 0.10},   {0.80, 0.15, 0.04, 0.01}, {0.75, 0.18, 0.05, 0.02},
    {0.75, 0.18, 0.05, 0.02},   {0.93, 0.06, 0.008, 0.002}, {0.40, 0.30, 0.18, 0.12}};
/// Two kinds of LED fault at once, over what independence would say.
constexpr double mixShare = 0.3;

double logFactorial(int n) {
    static const std::vector<double> table = [] {
        std::vector<double> logs(5000, 0);
        for (std::size_t i = 1; i < logs.size(); ++i) {
            logs[i] = logs[i - 1] + std::log(double(i));
        }
        return logs;
    }();
    return table.at(n);
}

double logChoose(int n, int k) {
    return k > n ? -INFINITY : logFactorial(n) - logFactorial(k) - logFactorial(n - k);
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
        bestAhead_.assign(entries.size(), 1e9);
        logsOfOne_.resize(entries.size());
        std::iota(order_.begin(), order_.end(), 0);
        std::stable_partition(order_.begin(), order_.end(), [&](std::size_t e) { return !needsForecast(entries[e]); });
    }

    Belief run() {
        addSingles();
        addLedFaults();
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
                    add(h);
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
                        add(h);
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

    /// A set of faulty LEDs that is extended further, and what the readings say to it.
    struct Partial {
        double log = 0;
        Hypothesis hypothesis;
        std::vector<double> logs;
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
        std::vector<Partial> level(1);
        for (const auto& entry : entries_) {
            level.front().logs.push_back(needsForecast(entry) ? 0 : model_.logLikelihood(entry.what, Hypothesis{}));
        }
        std::set<std::array<CellFault, maxFaults>> seen;
        for (int size = 1; size <= maxFaults; ++size) {
            std::vector<Partial> next;
            for (const auto& from : level) {
                for (int cell = 0; cell < int(model_.partition().cells().size()); ++cell) {
                    for (int kind = 0; kind < backlight::ledFaultKinds; ++kind) {
                        if (suspectOfFault_[kind] < 0 ||
                            !model_.canHave(model_.partition().cells()[cell], LedFault(kind))) {
                            continue;
                        }
                        const Hypothesis h = extended(from.hypothesis, cell, LedFault(kind));
                        if (std::isfinite(h.logPrior) && seen.insert(h.faults).second) {
                            const double log = add(h, &from.logs, &model_.partition().cells()[cell]);
                            if (std::isfinite(log) && size < maxFaults) {
                                next.push_back({log, h, logsOfOne_});
                            }
                        }
                    }
                }
            }
            const auto keep = std::min(beam, next.size());
            std::partial_sort(next.begin(), next.begin() + std::ptrdiff_t(keep), next.end(),
                              [](const auto& a, const auto& b) { return a.log > b.log; });
            next.resize(keep);
            level = std::move(next);
        }
    }

    /// Weighs one explanation and keeps it unless it is hopeless, with or without the last entry. \p before has the
    /// logs of the same one without the fault in \p added, if there is such. \returns the log of its unnormalised
    /// posterior; -infinity when it was given up
    double add(Hypothesis h, const std::vector<double>* before = nullptr, const locate::Cell* added = nullptr) {
        auto& logs = logsOfOne_;
        double log = h.logPrior;
        for (std::size_t i = 0; i < order_.size(); ++i) {
            const auto e = order_[i];
            if (h.forecast < 0 && needsForecast(entries_[e])) {
                h.forecast = model_.forecastIndex(h);
            }
            logs[e] = before != nullptr && isElsewhere(entries_[e], *added) ? (*before)[e]
                                                                            : model_.logLikelihood(entries_[e].what, h);
            log += e + 1 == entries_.size() ? 0 : logs[e];
            if (log + bestAhead_[i] < best_ - hopeless) {
                return -INFINITY;
            }
        }
        if (log > best_) {
            best_ = log;
            double ahead = 0;
            for (std::size_t i = order_.size(); i-- > 0;) {
                bestAhead_[i] = ahead;
                ahead += order_[i] + 1 == entries_.size() ? 0 : logs[order_[i]];
            }
        }
        log += entries_.empty() ? 0 : logs.back();
        result_.rowOf.push_back(int(result_.rowOf.size()));
        result_.logLikelihoods.insert(result_.logLikelihoods.end(), logs.begin(), logs.end());
        result_.hypotheses.push_back(h);
        logs_.push_back(log);
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

    static int titleIndex(Belief& belief, const std::string& title) {
        const auto found = std::find(belief.titles.begin(), belief.titles.end(), title);
        const int index = int(found - belief.titles.begin());
        if (found == belief.titles.end()) {
            belief.titles.push_back(title);
        }
        return index;
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
                kept.titleOf.push_back(titleIndex(kept, titleOf(model_, result_.hypotheses[h])));
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
    std::vector<double> logsOfOne_;   ///< of the explanation that is being weighed, by entry
    std::vector<std::size_t> order_;  ///< of the entries, those that need no driver forecast first
    double best_ = -INFINITY;         ///< of all explanations so far, last entry left out
    std::vector<double> bestAhead_;   ///< what the best one still gains after each place in the order
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
    struct Partial {
        Hypothesis hypothesis;
        double share = 1;
        int usedWithin = 0;
        int usedWithout = 0;
    };
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        const Hypothesis& coarse = belief.hypotheses[h];
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
        for (auto& partial : partials) {
            fine.hypotheses.push_back(partial.hypothesis);
            fine.shares.push_back(belief.shares[h] * partial.share);
            fine.previousShares.push_back(belief.previousShares[h] * partial.share);
            fine.titleOf.push_back(belief.titleOf[h]);
            fine.rowOf.push_back(belief.rowOf[h]);
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
