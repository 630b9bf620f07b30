#include "core/reasoning/learning_tree.h"

#include <boost/container_hash/hash.hpp>

namespace dimglow::reasoning {

std::size_t LearningTree::KeyHash::operator()(const Key& key) const {
    std::size_t hash = std::size_t(key.node);
    boost::hash_combine(hash, key.modes);
    boost::hash_combine(hash, int(key.shape));
    boost::hash_combine(hash, key.volts);
    boost::hash_combine(hash, key.rest);
    return hash;
}

std::size_t LearningTree::ModesHash::operator()(const driver::Modes& modes) const {
    double mixed = 0;  // of what hardly ever is equal by chance
    for (const auto& mode : modes) {
        mixed = 1.7 * mixed + mode.weight + mode.volts.times + 3 * mode.volts.stringShare + 5 * mode.volts.spread;
    }
    return std::hash<double>()(mixed);
}

LearningTree::LearningTree(driver::Learning before) {
    nodes_.push_back(std::move(before));
}

LearningTree::Step LearningTree::take(int node, const driver::Modes& modes, driver::Shape shape, double volts,
                                      double rest) {
    const auto [alike, isUnseen] = alike_.try_emplace(&modes, nullptr);
    if (isUnseen) {
        alike->second = &*modes_.insert(modes).first;
    }
    const auto [entry, isNew] = steps_.try_emplace({node, alike->second, shape, volts, rest});
    if (isNew) {
        auto [next, log] = at(node).after(modes, shape, volts, rest, &memory_);
        nodes_.push_back(std::move(next));
        entry->second = {int(nodes_.size()) - 1, log};
    }
    return entry->second;
}

}  // namespace dimglow::reasoning
