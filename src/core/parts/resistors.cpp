#include "core/parts/resistors.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <limits>

#include "core/parts/marking.h"

namespace dimglow::parts {

using Join = Resistors::Join;

namespace {

double joined(Join join, double a, double b) {
    return join == Join::Series ? a + b : a * b / (a + b);
}

Resistors join(Join how, const Resistors& a, const Resistors& b) {
    Resistors all{how, joined(how, a.ohms, b.ohms), {}};
    for (const auto* side : {&a, &b}) {
        if (side->join == how) {
            all.parts.insert(all.parts.end(), side->parts.begin(), side->parts.end());
        } else {
            all.parts.push_back(*side);
        }
    }
    return all;
}

/// What must be joined to \p given to make \p wanted; infinite where nothing is enough.
double missing(Join how, double given, double wanted) {
    if (how == Join::Series) {
        return wanted - given;
    }
    return given > wanted ? given * wanted / (given - wanted) : std::numeric_limits<double>::infinity();
}

/// Two networks joined.
struct Pair {
    double ohms = 0;
    Join how = Join::Series;
    double left = 0;
    int leftCount = 1;
    double right = 0;
    int rightCount = 1;
};

/// What comes nearest from either side.
struct Around {
    std::optional<Pair> below;  ///< or equal
    std::optional<Pair> above;

    void offer(const Pair& pair, double wanted) {
        if (pair.ohms <= wanted) {
            below = !below || pair.ohms > below->ohms ? pair : *below;
        } else {
            above = !above || pair.ohms < above->ohms ? pair : *above;
        }
    }
    const Pair& nearer(double wanted) const {
        return !above || (below && wanted - below->ohms <= above->ohms - wanted) ? *below : *above;
    }
};

/// The values that may be used, and all pairs of them, rising.
class Stock {
public:
    Stock(double wanted, Series series) {
        constexpr double widest = 100;
        const int lowest = int(std::floor(std::log10(wanted / widest))) - 2;
        const int highest = int(std::ceil(std::log10(wanted * widest)));
        for (int exponent = lowest; exponent <= highest; ++exponent) {
            for (const int value : valuesOf(series)) {
                const double ohms = value * std::pow(10, exponent);
                if (ohms >= wanted / widest && ohms <= wanted * widest) {
                    singles_.push_back({ohms});
                }
            }
        }
        for (std::size_t a = 0; a < singles_.size(); ++a) {
            for (std::size_t b = a; b < singles_.size(); ++b) {
                for (const Join how : {Join::Series, Join::Parallel}) {
                    const double left = singles_[a].ohms;
                    const double right = singles_[b].ohms;
                    pairs_.push_back({joined(how, left, right), how, left, 1, right, 1});
                }
            }
        }
        std::sort(pairs_.begin(), pairs_.end(), [](const Pair& a, const Pair& b) { return a.ohms < b.ohms; });
    }

    /// Of all networks of exactly \p count parts.
    Around around(double wanted, int count) const {
        Around found;
        if (count <= 2) {
            const auto& all = count == 1 ? singles_ : pairs_;
            const auto above = std::upper_bound(all.begin(), all.end(), wanted,
                                                [](double value, const Pair& pair) { return value < pair.ohms; });
            if (above != all.end()) {
                found.above = *above;
            }
            if (above != all.begin()) {
                found.below = *(above - 1);
            }
            return found;
        }
        // What is joined to a part, or of four parts to a pair, rises with what is missing: the best on either side of
        // that gives the best on either side of the whole.
        const auto tryWith = [&](const Pair& given, int givenCount) {
            for (const Join how : {Join::Series, Join::Parallel}) {
                const auto rest = around(missing(how, given.ohms, wanted), count - givenCount);
                for (const auto& other : {rest.below, rest.above}) {
                    if (other) {
                        found.offer({joined(how, given.ohms, other->ohms), how, given.ohms, givenCount, other->ohms,
                                     count - givenCount},
                                    wanted);
                    }
                }
            }
        };
        for (const auto& single : singles_) {
            tryWith(single, 1);
        }
        if (count == 4) {
            for (const auto& pair : pairs_) {
                tryWith(pair, 2);
            }
        }
        return found;
    }

    Resistors build(double ohms, int count) const {
        if (count == 1) {
            return one(ohms);
        }
        const auto pair = around(ohms, count).nearer(ohms);
        return join(pair.how, build(pair.left, pair.leftCount), build(pair.right, pair.rightCount));
    }

private:
    std::vector<Pair> singles_;
    std::vector<Pair> pairs_;
};

/// Cuts a line into values, joins and brackets.
class Reader {
public:
    explicit Reader(std::string_view text) : rest_(text) {}

    std::optional<Resistors> whole() {
        auto network = series();
        return network && peek().empty() ? network : std::nullopt;
    }

private:
    std::string_view peek() {
        while (!rest_.empty() && rest_.front() == ' ') {
            rest_.remove_prefix(1);
        }
        return rest_;
    }
    bool take(std::string_view word) {
        if (!peek().starts_with(word)) {
            return false;
        }
        rest_.remove_prefix(word.size());
        return true;
    }
    std::optional<Resistors> series() {
        auto left = parallel();
        while (left && take("+")) {
            const auto right = parallel();
            left = right ? std::optional(inSeries(*left, *right)) : std::nullopt;
        }
        return left;
    }
    std::optional<Resistors> parallel() {
        auto left = single();
        while (left && (take("||") || take("∥") || take("//"))) {
            const auto right = single();
            left = right ? std::optional(inParallel(*left, *right)) : std::nullopt;
        }
        return left;
    }
    std::optional<Resistors> single() {
        constexpr int deepest = 8;
        if (take("(")) {
            if (++depth_ > deepest) {
                return std::nullopt;
            }
            auto inner = series();
            return inner && take(")") ? inner : std::nullopt;
        }
        const auto length = std::min({peek().find_first_of(" +|/()"), rest_.find("∥"), rest_.find("Ω")});
        const std::string word(rest_.substr(0, length));
        rest_.remove_prefix(word.size());
        const bool hasUnit = take("Ω") || take("ohms") || take("ohm");
        const auto ohms = ohmsOf(word, hasUnit);
        return ohms && *ohms > 0 ? std::optional(one(*ohms)) : std::nullopt;
    }
    static std::optional<double> ohmsOf(std::string word, bool hasUnit) {
        std::replace(word.begin(), word.end(), ',', '.');
        double value = 0;
        const auto [end, failure] = std::from_chars(word.data(), word.data() + word.size(), value);
        const bool isNumber = failure == std::errc() && end == word.data() + word.size() && std::isfinite(value);
        constexpr std::size_t shortestMarking = 3;
        if (isNumber && (hasUnit || word.size() < shortestMarking || word.find('.') != std::string::npos)) {
            return value;
        }
        if (isNumber) {
            return std::nullopt;
        }
        const auto marking = readResistorMarking(word);
        return marking ? marking->ohms : std::nullopt;
    }

    std::string_view rest_;
    int depth_ = 0;
};

void addWatts(const Resistors& network, double amps, std::vector<Heated>& all) {
    if (network.join == Join::One) {
        all.push_back({network.ohms, amps * amps * network.ohms});
    }
    for (const auto& part : network.parts) {
        addWatts(part, network.join == Join::Series ? amps : amps * network.ohms / part.ohms, all);
    }
}

}  // namespace

Resistors one(double ohms) {
    return {Join::One, ohms, {}};
}

Resistors inSeries(const Resistors& a, const Resistors& b) {
    return join(Join::Series, a, b);
}

Resistors inParallel(const Resistors& a, const Resistors& b) {
    return join(Join::Parallel, a, b);
}

int countOf(const Resistors& network) {
    int count = network.join == Join::One ? 1 : 0;
    for (const auto& part : network.parts) {
        count += countOf(part);
    }
    return count;
}

std::string codeOf(double ohms) {
    const char letters[] = {'R', 'k', 'M'};
    int thousands = 0;
    // What rounds up to a thousand is the next letter's one.
    while (thousands < 2 && ohms >= 999.5) {
        ohms /= 1000;
        ++thousands;
    }
    const char letter = letters[thousands];
    const int decimals = ohms < 0.1 ? 3 : ohms < 10 ? 2 : ohms < 99.95 ? 1 : 0;
    std::string digits = fmt::format("{:.{}f}", ohms, decimals);
    if (digits.find('.') == std::string::npos) {
        return digits + letter;
    }
    digits.erase(digits.find_last_not_of('0') + 1);
    digits[digits.find('.')] = letter;
    return digits.starts_with('0') ? digits.substr(1) : digits;
}

std::string nameOf(const Resistors& network) {
    if (network.join == Join::One) {
        return codeOf(network.ohms);
    }
    std::string name;
    for (const auto& part : network.parts) {
        name += name.empty() ? "" : network.join == Join::Series ? " + " : " ∥ ";
        name += part.join == Join::Series ? "(" + nameOf(part) + ")" : nameOf(part);
    }
    return name;
}

std::optional<Resistors> readResistors(std::string_view text) {
    return Reader(text).whole();
}

std::vector<Heated> wattsIn(const Resistors& network, double amps) {
    std::vector<Heated> all;
    addWatts(network, amps, all);
    return all;
}

std::vector<Resistors> nearest(double ohms, Series series, int mostParts) {
    const Stock stock(ohms, series);
    std::vector<Resistors> best;
    const auto error = [&](double made) { return std::abs(made - ohms); };
    for (int count = 1; count <= mostParts; ++count) {
        const auto found = stock.around(ohms, count).nearer(ohms);
        if (best.empty() || error(found.ohms) < error(best.back().ohms) * (1 - 1e-9)) {
            best.push_back(stock.build(found.ohms, count));
        }
    }
    return best;
}

}  // namespace dimglow::parts
