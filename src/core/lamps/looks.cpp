#include "core/lamps/looks.h"

#include <cmath>

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

double product(const std::vector<Look>& looks, const LookShares& sound) {
    double all = 1;
    for (const auto look : looks) {
        all *= shareOf(sound, look);
    }
    return all;
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

double logLikelihood(const std::vector<Look>& looks, const Trouble& trouble) {
    const int count = int(looks.size());
    double likelihood = 0;
    for (const auto& age : ages) {
        const double sound = product(looks, age.sound);
        double ofOne = 0;
        double ofHalf[] = {1, 1};
        for (int lamp = 0; lamp < count; ++lamp) {
            const Look look = looks[std::size_t(lamp)];
            ofOne += sound * shareOf(trouble.looks, look) / shareOf(age.sound, look) / count;
            for (const int half : {0, 1}) {
                ofHalf[half] *= shareOf(halfOf(lamp, count) == half ? ofDarkHalf : age.sound, look);
            }
        }
        likelihood += age.share * (trouble.one * ofOne + trouble.half * (ofHalf[0] + ofHalf[1]) / 2 +
                                   (1 - trouble.one - trouble.half) * sound);
    }
    return std::log(likelihood);
}

}  // namespace dimglow::lamps
