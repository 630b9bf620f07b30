#pragma once

#include <cmath>
#include <cstdint>
#include <random>
#include <string>
#include <utility>
#include <vector>

namespace dimglow::virtualset {

/// Draws what differs from set to set. Common practice, no source, where a number is the trade's.
class Draw {
public:
    explicit Draw(std::uint64_t seed) : random_(seed) {}

    double between(double low, double high) { return std::uniform_real_distribution(low, high)(random_); }
    /// Even on a logarithmic scale.
    double about(double low, double high) { return std::exp(between(std::log(low), std::log(high))); }
    double normal(double mean, double sigma) { return std::normal_distribution(mean, sigma)(random_); }
    int whole(int low, int high) { return std::uniform_int_distribution(low, high)(random_); }
    bool happens(double share) { return between(0, 1) < share; }
    template <class Value>
    const Value& oneOf(const std::vector<Value>& values) {
        return values[std::size_t(whole(0, int(values.size()) - 1))];
    }
    /// One of them, as often as its weight says.
    template <class Value>
    const Value& oneByWeight(const std::vector<std::pair<Value, double>>& values) {
        std::vector<double> weights;
        for (const auto& [value, weight] : values) {
            weights.push_back(weight);
        }
        return values[byWeight(weights)].first;
    }
    std::size_t byWeight(const std::vector<double>& weights) {
        return std::discrete_distribution<std::size_t>(weights.begin(), weights.end())(random_);
    }

private:
    std::mt19937_64 random_;
};

/// What one set does in one respect, 0 … 1: the same for the same question.
inline double chanceOf(std::uint32_t seed, const std::string& what) {
    std::uint64_t hash = 1469598103934665603U ^ (std::uint64_t(seed) * 0x9E3779B97F4A7C15U);
    for (const char c : what) {
        hash = (hash ^ static_cast<unsigned char>(c)) * 1099511628211U;
    }
    hash ^= hash >> 29U;
    hash *= 0xBF58476D1CE4E5B9U;
    hash ^= hash >> 32U;
    return double(hash % 1000003) / 1000003;
}

}  // namespace dimglow::virtualset
