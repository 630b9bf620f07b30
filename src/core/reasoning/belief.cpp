#include "core/reasoning/belief.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace dimglow::reasoning {

using backlight::LedFault;

namespace {

constexpr std::size_t beam = 48;
constexpr double dropBelow = 1e-9;
/// Share of cases with 1, 2, 3, 4 LEDs of one fault (common practice, no source: shorts come in groups).
constexpr double howMany[3][maxFaults] = {
    {0.88, 0.10, 0.015, 0.005}, {0.45, 0.25, 0.20, 0.10}, {0.80, 0.15, 0.04, 0.01}};
/// Two kinds of LED fault at once, over what independence would say.
constexpr double mixShare = 0.3;

double logChoose(int n, int k) {
    return k > n ? -INFINITY : std::lgamma(n + 1) - std::lgamma(k + 1) - std::lgamma(n - k + 1);
}

LedFault ledFaultOf(StringFault fault) {
    return fault == StringFault::Open      ? LedFault::Open
           : fault == StringFault::Shorted ? LedFault::Shorted
                                           : LedFault::Dark;
}

bool isLedFault(StringFault fault) {
    return fault == StringFault::Open || fault == StringFault::Shorted || fault == StringFault::Dark;
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
            if (isLedFault(suspect.strings)) {
                suspectOfFault_[int(ledFaultOf(suspect.strings))] = s;
            }
        }
        ledCount_ = model.backlight().ledCount();
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
        std::array<int, 3> byKind{};
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
        for (int kind = 0; kind < 3; ++kind) {
            if (byKind[kind] > 0) {
                const double weight = logWeight(suspectOfFault_[kind]);
                ++kinds;
                h.logPrior += weight + std::log(howMany[kind][byKind[kind] - 1]) - logChoose(ledCount_, byKind[kind]);
                if (weight > heaviest) {
                    heaviest = weight;
                    h.suspect = suspectOfFault_[kind];
                }
            }
        }
        h.logPrior += (kinds - 1) * std::log(mixShare);
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

    void addLedFaults() {
        std::vector<Hypothesis> level = {Hypothesis{}};
        std::set<std::vector<CellFault>> seen;
        for (int size = 1; size <= maxFaults; ++size) {
            std::vector<std::pair<double, Hypothesis>> next;
            for (const auto& from : level) {
                for (int cell = 0; cell < int(model_.partition().cells().size()); ++cell) {
                    for (int kind = 0; kind < 3; ++kind) {
                        if (suspectOfFault_[kind] < 0) {
                            continue;
                        }
                        const Hypothesis h = extended(from, cell, LedFault(kind));
                        const std::vector<CellFault> identity(h.faults.begin(), h.faults.begin() + h.faultCount);
                        if (std::isfinite(h.logPrior) && seen.insert(identity).second) {
                            next.emplace_back(add(h), h);
                        }
                    }
                }
            }
            const auto keep = std::min(beam, next.size());
            std::partial_sort(next.begin(), next.begin() + std::ptrdiff_t(keep), next.end(),
                              [](const auto& a, const auto& b) { return a.first > b.first; });
            level.clear();
            for (std::size_t i = 0; i < keep; ++i) {
                level.push_back(next[i].second);
            }
        }
    }

    /// \returns the log of its unnormalised posterior
    double add(Hypothesis h) {
        h.forecast = model_.forecastIndex(h);
        double log = h.logPrior;
        for (const auto& entry : entries_) {
            result_.logLikelihoods.push_back(model_.logLikelihood(entry.what, h));
            log += result_.logLikelihoods.back();
        }
        result_.hypotheses.push_back(h);
        logs_.push_back(log);
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
                kept.logLikelihoods.insert(kept.logLikelihoods.end(), row, row + std::ptrdiff_t(entries_.size()));
            }
        }
        result_ = std::move(kept);
    }

    CaseModel& model_;
    const std::vector<job::Entry>& entries_;
    Belief result_;
    std::vector<double> logs_;
    std::array<int, 3> suspectOfFault_{};
    double totalWeight_ = 0;
    int ledCount_ = 0;
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
    return Search(model, entries).run();
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
    if (hypothesis.faultCount == 0) {
        return suspect.title;
    }
    std::map<LedFault, std::set<int>> stripsOfFault;
    for (int i = 0; i < hypothesis.faultCount; ++i) {
        stripsOfFault[hypothesis.faults[i].fault].insert(model.partition().cells()[hypothesis.faults[i].cell].strip);
    }
    std::string title;
    for (const auto& [fault, strips] : stripsOfFault) {
        const auto& kinds = model.knowledge().suspects;
        const auto kind = std::find_if(kinds.begin(), kinds.end(), [&, f = fault](const auto& k) {
            return isLedFault(k.strings) && ledFaultOf(k.strings) == f;
        });
        title += fmt::format("{}{} in strip{} ", title.empty() ? "" : ", ", kind->title, strips.size() > 1 ? "s" : "");
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
