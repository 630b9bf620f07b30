#pragma once

#include <deque>
#include <memory_resource>
#include <unordered_map>
#include <utility>
#include <vector>

#include "core/driver/quantities.h"

namespace dimglow::reasoning {

/// What readings of the board have taught under many forecasts. Forecasts that expected the same of every reading so
/// far stand at one node, so each step is taken once. What was learnt at a node is forgotten when there are too many of
/// them, and learnt again from what was taken in when it is asked for.
class LearningTree {
public:
    /// \param mostKept nodes whose learning is remembered at a time
    explicit LearningTree(driver::Learning before, std::size_t mostKept = 20'000);

    static constexpr int root = 0;
    /// Valid until the next call.
    const driver::Learning& at(int node);
    const driver::Learning& atRoot() const { return root_; }

    struct Step {
        int node = root;  ///< after the reading
        double log = 0;   ///< as Learning::take() gives it
    };
    /// Takes in a reading of what \p modes expect.
    Step take(int node, const driver::Modes& modes, driver::Shape shape, double volts, double rest);

private:
    struct Key {
        int node = root;
        int modes = 0;  ///< into modes_
        driver::Shape shape = driver::Shape::Steady;
        double volts = 0;
        double rest = 0;
        bool operator==(const Key&) const = default;
    };
    struct KeyHash {
        std::size_t operator()(const Key& key) const;
    };
    struct ModesHash {
        std::size_t operator()(const driver::Modes& modes) const;
    };
    struct Node {
        const Key* from = nullptr;                 ///< the node before, and what was taken in there
        const driver::Learning* learnt = nullptr;  ///< into learnt_; null when it was forgotten
    };
    std::pair<const driver::Learning&, double> learn(Node& node, const driver::Learning& before);
    void forgetSome();

    driver::Learning root_;
    std::size_t mostKept_;
    std::pmr::monotonic_buffer_resource memory_;  ///< of what is only added to
    std::pmr::deque<Node> nodes_{&memory_};
    std::pmr::unordered_map<Key, Step, KeyHash> steps_{&memory_};
    std::unordered_map<driver::Modes, int, ModesHash> modesIndex_;
    std::vector<const driver::Modes*> modes_;  ///< the keys of modesIndex_, by their index
    std::pmr::monotonic_buffer_resource memoryOfLearnt_;
    std::deque<driver::Learning> learnt_;
};

}  // namespace dimglow::reasoning
