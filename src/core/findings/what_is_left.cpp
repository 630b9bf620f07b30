#include "core/findings/what_is_left.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace dimglow::findings {

using knowledge::StringFault;
using reasoning::Belief;
using reasoning::Likelihoods;
using reasoning::Model;
using text::say;
using text::Text;

namespace {

constexpr double shareWorthListing = 0.004;
constexpr std::size_t reasonsPerSuspect = 4;
constexpr double decibansWorthSaying = 1;
/// Places of one kind of fault are listed one by one when two of them hold this share of the kind, or one half of it.
constexpr double fewPlacesShare = 0.9;

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
void foldEqualPlaces(const Model& model, const Belief& belief, std::map<int, Group>& groups) {
    std::map<int, std::vector<int>> titlesOfKind;
    std::map<int, double> shareOfKind;
    for (const auto& [title, group] : groups) {
        const auto& first = belief.hypotheses[group.first];
        const auto& kind = model.suspectOf(first);
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

/// Those of a row that were found worn out, into the set's points: it comes down to them, whichever began.
std::vector<int> foundWorn(const Model& model, int kind) {
    std::vector<int> worn;
    for (const int point : model.pointsOf(kind)) {
        const auto& ref = model.set().points[std::size_t(point)].ref;
        for (std::size_t entry = 0; entry < model.signs().size(); ++entry) {
            const auto& sign = model.signs()[entry];
            const bool isIt = sign.point && sign.point->ref == ref &&
                              sign.point->point == model.knowledge().points[std::size_t(kind)].id;
            const bool isBad = sign.looksBad || model.gradeOf(entry) == parts::Grade::Bad;
            if (isIt && isBad && (worn.empty() || worn.back() != point)) {
                worn.push_back(point);
            }
        }
    }
    return worn;
}

/// What the explanations of a group come down to.
std::vector<PartShare> partsOf(const Model& model, const Belief& belief, const Group& group) {
    std::map<std::pair<int, int>, double> shares;
    const auto& suspect = model.suspectOf(belief.hypotheses[group.first]);
    std::vector<std::vector<int>> wornOfPart;
    for (const auto& part : suspect.parts) {
        const bool ages = part.point >= 0 && model.knowledge().points[std::size_t(part.point)].ages;
        wornOfPart.push_back(ages ? foundWorn(model, part.point) : std::vector<int>());
    }
    for (std::size_t h = 0; !suspect.parts.empty() && h < belief.hypotheses.size(); ++h) {
        if (std::find(group.titles.begin(), group.titles.end(), belief.titleOf[h]) != group.titles.end()) {
            const auto& hypothesis = belief.hypotheses[h];
            const auto& worn = wornOfPart[std::size_t(hypothesis.part)];
            shares[{hypothesis.part, worn.empty() ? hypothesis.point : worn.front()}] += belief.shares[h];
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
            std::vector<Text> refs;
            for (const int worn : wornOfPart[std::size_t(where.first)]) {
                refs.push_back(text::name(model.set().points[std::size_t(worn)].ref));
            }
            row.title = !refs.empty()                        ? say("{} {}", part.title, text::joined(refs))
                        : isWritten                          ? say("{} {}", part.title, row.ref)
                        : model.pointsOf(part.point).empty() ? part.title
                                                             : say("{}, another one", part.title);
        }
        parts.push_back(std::move(row));
    }
    std::stable_sort(parts.begin(), parts.end(), [](const auto& a, const auto& b) { return a.share > b.share; });
    return parts;
}

}  // namespace

std::vector<SuspectShare> whatIsLeft(const Model& model, const Belief& belief) {
    const auto& standing = model.standing();
    auto groups = groupByTitle(belief);
    foldEqualPlaces(model, belief, groups);
    const Weights weights(belief);
    const evidence::Scene scene{model.set(), model.knowledge()};
    std::vector<SuspectShare> rows;
    for (const auto& [title, group] : groups) {
        const auto& kind = model.suspectOf(belief.hypotheses[group.first]);
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

}  // namespace dimglow::findings
