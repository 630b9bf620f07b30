#pragma once

#include <span>
#include <vector>

#include "core/driver/forecast.h"
#include "core/text/text.h"

/// \file
/// What explanations say of one reading, and which readings a meter can tell apart.

namespace dimglow::probe {

/// A way a reading may come out, as one explanation predicts it.
struct Mode {
    double weight = 1;
    driver::Shape shape = driver::Shape::Steady;
    double volts = 0;
    double sigma = 1;
    int lit = -1;
    const text::Text* words = nullptr;  ///< of a choice, instead of volts; one for all modes that say the same
};

/// "16.8 V, 6 lit", "wanders up to 180 V", "no light".
text::Text wordsOf(const Mode& mode);

/// The modes of each explanation in turn, their weights adding up to 1.
class Prediction {
public:
    void reserve(std::size_t explanations);
    /// The modes of the next explanation.
    void add(std::span<const Mode> modes);
    void add(const Mode& mode) { add({&mode, 1}); }
    std::size_t size() const { return firsts_.size() - 1; }
    std::span<const Mode> of(std::size_t explanation) const {
        return {modes_.data() + firsts_[explanation], firsts_[explanation + 1] - firsts_[explanation]};
    }

private:
    std::vector<Mode> modes_;
    std::vector<std::size_t> firsts_ = {0};
};

/// Readings that a meter cannot tell apart.
struct Bin {
    Mode middle;  ///< the most pronounced of them
    double share = 0;
    std::vector<double> byExplanation;  ///< P(this bin | explanation)
};

/// Pools modes that a meter cannot tell apart, the most pronounced first: one that may be anywhere draws none to it.
/// \param shares of the explanations, as many as the prediction has
std::vector<Bin> pool(const Prediction& prediction, const std::vector<double>& shares);

/// H(Σ share·P(bin|explanation)) − Σ share·H(P(bin|explanation)), bits (Shannon 1948).
double mutualInformation(const std::vector<Bin>& bins, const std::vector<double>& shares);

}  // namespace dimglow::probe
