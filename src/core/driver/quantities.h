#pragma once

#include <array>
#include <boost/container/small_vector.hpp>
#include <memory>
#include <memory_resource>
#include <string>
#include <vector>

#include "core/backlight/limits.h"
#include "core/backlight/wiring.h"
#include "core/driver/behaviour.h"
#include "core/driver/forecast.h"

/// \file
/// What nobody has read off a set, as quantities that all its readings share and narrow.
///
/// Symbols: x has the natural logs of the quantities, normal with mean m and covariance P, so that each quantity alone
/// is log-normal. A level f(x) is a voltage that a reading hangs on.

namespace dimglow::driver {

/// The quantities that voltages are made of. The over-voltage level, what a meter makes of a hunting output and how
/// high a weak supply gets are shares of the strings' volts: a set of longer strings has more of each.
enum class Quantity { Idle, Strings, OverRatio, HuntingShare, Sink, ReachShare };
inline constexpr int quantityCount = 6;
/// Beside them each feed but the first has a share: what its strings take, over those of the first.
inline constexpr int mostQuantities = quantityCount + int(backlight::limits::feeds) - 1;

/// A belief about the quantities.
class Quantities {
public:
    /// A quantity by its median and one sigma of its natural log; independent of the others.
    struct Prior {
        double median = 1;
        double spread = 1;
    };
    /// \param feedShares of the feeds but the first
    /// \param holdsLevel of a set that holds LED+ at its idle level, lit or not
    explicit Quantities(const std::array<Prior, quantityCount>& priors, const std::vector<Prior>& feedShares = {},
                        bool holdsLevel = false);

    /// Median of what a level refers to, V; 0 of nothing.
    double value(Reference reference, int feed = 0) const;
    /// One sigma of its natural log.
    double spread(Reference reference, int feed = 0) const;

    /// A level as it is known, V: what it is itself, and the reading's own scatter about it.
    struct Volts {
        double median = 0;
        double sigma = 0;
        double scatter = 0;
    };
    Volts of(const Level& asked) const;

    /// Density of reading \p volts where \p level is, 1/V.
    double density(const Level& level, double volts) const;
    /// Takes in that \p asked read \p volts: a step of the extended Kalman filter (Bar-Shalom, Li, Kirubarajan,
    /// *Estimation with Applications to Tracking and Navigation*, 2001, ch. 10), on the log of the volts where the
    /// scatter is small against them.
    void take(const Level& asked, double volts);

    /// Whether it says nearly the same of every quantity.
    bool isLike(const Quantities& other) const;
    /// Mean and covariance become those of a mixture of itself with \p share of \p other.
    void mixIn(const Quantities& other, double share);

private:
    using Vector = std::array<double, mostQuantities>;
    /// Mean and covariance in one block: the mean, then the lower triangle row by row.
    class Normal {
    public:
        explicit Normal(std::size_t count) : count_(count), numbers_(count + count * (count + 1) / 2, 0.0) {}
        std::size_t count() const { return count_; }
        double& mean(std::size_t i) { return numbers_[i]; }
        double mean(std::size_t i) const { return numbers_[i]; }
        double& covariance(std::size_t i, std::size_t j) { return numbers_[placeOf(i, j)]; }
        double covariance(std::size_t i, std::size_t j) const { return numbers_[placeOf(i, j)]; }

    private:
        std::size_t placeOf(std::size_t i, std::size_t j) const {
            return count_ + (i < j ? j * (j + 1) / 2 + i : i * (i + 1) / 2 + j);
        }
        std::size_t count_;
        boost::container::small_vector<double, quantityCount + quantityCount*(quantityCount + 1) / 2> numbers_;
    };
    /// How far a reading is off, in volts or as a share.
    struct Off {
        double off = 0;
        double variance = 1;
        double scale = 1;  ///< V for each unit of what is compared
    };
    explicit Quantities(std::size_t count) : logs_(count) {}
    /// What a level is in such a set.
    Level here(const Level& level) const;
    Off offOf(const Level& asked, double volts) const;
    double varianceOf(const Level& level) const;
    /// Change of a level with each log, V.
    Vector slope(const Level& level) const;
    Vector timesCovariance(const Vector& slope) const;
    double varianceOfLog(Reference reference, int feed) const;
    void refresh();

    Normal logs_;
    bool holdsLevel_ = false;
    std::array<double, referenceCount> values_{};     ///< medians of the references on the first feed, V
    std::array<double, referenceCount> variances_{};  ///< of their logs
};

/// Whether a voltage is known well enough to hold a reading against it.
bool isKnownWellEnough(double volts, double sigmaVolts);

/// What \p modes are in volts, as far as that is known.
VoltsForecast inVolts(const Modes& modes, const Quantities& known);

/// A belief that readings are held against one after the other: a mixture, since each may be one of several modes.
/// The likeliest combinations of modes are kept.
class Learning {
public:
    struct Part {
        double weight = 1;
        Quantities known;
        std::array<Manner, mannerKinds> manners = {};  ///< as the set has shown them
    };
    using Parts = std::pmr::vector<Part>;
    /// \pre the weights add up to 1
    explicit Learning(Parts parts);
    explicit Learning(const Quantities& known);

    /// Takes in a reading of a voltage that may show itself in \p modes. Modes of another shape count for a tenth,
    /// since shapes are easily misjudged; a small uniform floor stands for slips of probe or pen. \returns natural log
    /// of its density given all readings before it, 1/V (1/V² for shapes with two values)
    double take(const Modes& modes, Shape shape, double volts, double rest);
    /// The same, leaving this belief as it is: what it becomes, kept in \p memory, and the log.
    std::pair<Learning, double> after(const Modes& modes, Shape shape, double volts, double rest,
                                      std::pmr::memory_resource* memory = std::pmr::get_default_resource()) const;

    /// All combinations as one.
    const Quantities& known() const;

private:
    Parts parts_;                                      ///< the weights add up to 1
    mutable std::shared_ptr<const Quantities> mixed_;  ///< all combinations as one, once asked for
};

/// What is known of \p backlight before any reading.
Learning nothingLearntOf(const backlight::Backlight& backlight, const DriverReference& reference);

}  // namespace dimglow::driver
