#include "core/probe/prediction.h"

#include <algorithm>
#include <cmath>

namespace dimglow::probe {

using text::say;
using text::Text;

namespace {

constexpr std::size_t maxOutcomes = 16;

double entropyTerm(double p) {
    return p > 0 ? -p * std::log2(p) : 0;
}

bool sameReading(const Mode& a, const Mode& b) {
    constexpr double apart = 2.5;  // sigmas of their difference
    if (a.words != nullptr || b.words != nullptr) {
        return a.words == b.words;
    }
    const bool countApart = a.lit >= 0 && b.lit >= 0 && a.lit != b.lit && std::min(a.lit, b.lit) == 0;
    return a.shape == b.shape && !countApart && std::abs(a.volts - b.volts) < apart * std::hypot(a.sigma, b.sigma);
}

}  // namespace

void Prediction::reserve(std::size_t explanations) {
    modes_.reserve(explanations);
    firsts_.reserve(explanations + 1);
}

void Prediction::add(std::span<const Mode> modes) {
    modes_.insert(modes_.end(), modes.begin(), modes.end());
    firsts_.push_back(modes_.size());
}

std::vector<Bin> pool(const Prediction& prediction, const std::vector<double>& shares) {
    struct Weighted {
        double weight;
        std::size_t explanation;
        const Mode* mode;
    };
    std::vector<Weighted> all;
    for (std::size_t h = 0; h < prediction.size(); ++h) {
        for (const auto& mode : prediction.of(h)) {
            all.push_back({shares[h] * mode.weight, h, &mode});
        }
    }
    std::stable_sort(all.begin(), all.end(),
                     [](const auto& a, const auto& b) { return a.weight / a.mode->sigma > b.weight / b.mode->sigma; });
    std::vector<Bin> bins;
    for (const auto& item : all) {
        auto bin =
            std::find_if(bins.begin(), bins.end(), [&](const Bin& b) { return sameReading(b.middle, *item.mode); });
        if (bin == bins.end()) {
            if (bins.size() < maxOutcomes) {
                bins.push_back({*item.mode, 0, std::vector<double>(shares.size(), 0)});
            }
            bin = bins.end() - 1;
        }
        bin->share += item.weight;
        bin->byExplanation[item.explanation] += item.mode->weight;
    }
    return bins;
}

double mutualInformation(const std::vector<Bin>& bins, const std::vector<double>& shares) {
    double bits = 0;
    for (const auto& bin : bins) {
        bits += entropyTerm(bin.share);
        for (std::size_t h = 0; h < shares.size(); ++h) {
            bits -= shares[h] * entropyTerm(bin.byExplanation[h]);
        }
    }
    return std::max(0.0, bits);
}

Text wordsOf(const Mode& mode) {
    if (mode.words != nullptr) {
        return *mode.words;
    }
    Text words;
    switch (mode.shape) {
        case driver::Shape::Steady:
            words = say("{:.1f} V", mode.volts);
            break;
        case driver::Shape::PeakThenSettles:
            words = say("{:.0f} V, then falls", mode.volts);
            break;
        case driver::Shape::Wanders:
            words = say("wanders up to {:.0f} V", mode.volts);
            break;
    }
    if (mode.lit >= 0) {
        words = text::joined({words, mode.lit == 0 ? say("none lit") : say("{} lit", mode.lit)});
    }
    return words;
}

}  // namespace dimglow::probe
