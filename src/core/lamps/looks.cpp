#include "core/lamps/looks.h"

#include <iterator>
#include <utility>

namespace dimglow::lamps {

namespace {

/// Of sound lamps, by how worn all of a set are (common practice, no source).
struct Age {
    double share;
    LookShares sound;
};
constexpr Age ages[] = {{0.7, {0, 0.955, 0.012, 0.018, 0.008, 0.007}}, {0.3, {0, 0.56, 0.03, 0.28, 0.12, 0.01}}};

/// Of a lamp in a half that is dark: a slip of the eye, or one that is lit by its neighbours.
constexpr LookShares ofDarkHalf = {0, 0.04, 0.04, 0.02, 0.01, 0.89};

double shareOf(const LookShares& shares, Look look) {
    return look == Look::Unknown ? 1 : shares[std::size_t(look)];
}

/// What may be so of a set: each lamp looks by its own shares then, whatever the others do.
using RowOfLamps = std::vector<const LookShares*>;

/// Of a lamp that shows a trouble as often as \p shows says.
LookShares mixed(const LookShares& sound, const LookShares& troubled, double shows) {
    LookShares looks;
    for (std::size_t look = 0; look < looks.size(); ++look) {
        looks[look] = (1 - shows) * sound[look] + shows * troubled[look];
    }
    return looks;
}

/// Calls \p visit with the extent, the share of it and the lamps of everything that may be so.
template <class Visit>
void forEachState(const Trouble& trouble, int count, Visit visit) {
    constexpr double ofSeveral[] = {0.3, 0.6, 0.95};  // show it, one as likely as the other
    for (const auto& age : ages) {
        const RowOfLamps sound(std::size_t(count), &age.sound);
        visit(Extent::None, age.share, sound);
        for (int lamp = 0; lamp < count; ++lamp) {
            RowOfLamps one = sound;
            one[std::size_t(lamp)] = &trouble.looks;
            visit(Extent::One, age.share / count, one);
        }
        for (const double shows : ofSeveral) {
            const auto looks = mixed(age.sound, trouble.looks, shows);
            visit(Extent::Several, age.share / double(std::size(ofSeveral)), RowOfLamps(std::size_t(count), &looks));
        }
        for (const int half : {0, 1}) {
            RowOfLamps dark = sound;
            for (int lamp = 0; lamp < count; ++lamp) {
                dark[std::size_t(lamp)] = halfOf(lamp, count) == half ? &ofDarkHalf : &age.sound;
            }
            visit(Extent::Half, age.share / 2, dark);
        }
    }
}

/// How likely it is that one of \p lamps looks like that and all others are lit.
double shareOfOne(const RowOfLamps& lamps, Look look) {
    double share = 0;
    for (std::size_t one = 0; one < lamps.size(); ++one) {
        double here = shareOf(*lamps[one], look);
        for (std::size_t other = 0; other < lamps.size(); ++other) {
            here *= other == one ? 1 : shareOf(*lamps[other], Look::Lit);
        }
        share += here;
    }
    return share;
}

/// How likely it is that a half of \p lamps is dark and none of the other.
double shareOfDarkHalf(const RowOfLamps& lamps) {
    const int count = int(lamps.size());
    double share = 0;
    for (const int half : {0, 1}) {
        double here = 1;
        int inHalf = 0;
        for (int lamp = 0; lamp < count; ++lamp) {
            const double dark = shareOf(*lamps[std::size_t(lamp)], Look::Dark);
            const bool isInHalf = halfOf(lamp, count) == half;
            inHalf += isInHalf ? 1 : 0;
            here *= isInHalf ? dark : 1 - dark;
        }
        share += inHalf > 1 ? here : 0;
    }
    return share;
}

}  // namespace

text::Text wordsOf(Look look) {
    const text::Text words[] = {text::say("not looked at"),   text::say("lit"),     text::say("flickers"),
                                text::say("dim at the ends"), text::say("reddish"), text::say("dark")};
    return words[std::size_t(look)];
}

int halfOf(int lamp, int count) {
    return 2 * lamp < count ? 0 : 1;
}

ByExtent likelihoods(const std::vector<Look>& looks, const Trouble& trouble) {
    ByExtent likelihoods = {};
    forEachState(trouble, int(looks.size()), [&](Extent extent, double share, const RowOfLamps& lamps) {
        for (std::size_t lamp = 0; lamp < lamps.size(); ++lamp) {
            share *= shareOf(*lamps[lamp], looks[lamp]);
        }
        likelihoods[std::size_t(extent)] += share;
    });
    return likelihoods;
}

std::array<double, glanceCount> glances(const Trouble& trouble, int count) {
    std::array<double, glanceCount> shares = {1};
    forEachState(trouble, count, [&](Extent extent, double ofExtent, const RowOfLamps& lamps) {
        const double share = trouble.extents[std::size_t(extent)] * ofExtent;
        const std::pair<Glance, double> others[] = {
            {Glance::OneFlickers, shareOfOne(lamps, Look::Flickers)},
            {Glance::OneDim, shareOfOne(lamps, Look::DimEnds) + shareOfOne(lamps, Look::Reddish)},
            {Glance::OneDark, shareOfOne(lamps, Look::Dark)},
            {Glance::HalfDark, shareOfDarkHalf(lamps)}};
        for (const auto& [glance, of] : others) {
            shares[std::size_t(glance)] += share * of;
            shares[std::size_t(Glance::Alike)] -= share * of;
        }
    });
    return shares;
}

}  // namespace dimglow::lamps
