#include "core/reasoning/learning_tree.h"

#include <boost/container_hash/hash.hpp>
#include <vector>

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

LearningTree::LearningTree(driver::Learning before, std::size_t mostKept)
    : root_(std::move(before)), mostKept_(mostKept) {
    nodes_.push_back({nullptr, &root_});
}

const driver::Learning& LearningTree::at(int node) {
    forgetSome();
    std::vector<Node*> forgotten;
    Node* known = &nodes_[std::size_t(node)];
    for (; known->learnt == nullptr; known = &nodes_[std::size_t(known->from->node)]) {
        forgotten.push_back(known);
    }
    const driver::Learning* learnt = known->learnt;
    for (auto next = forgotten.rbegin(); next != forgotten.rend(); ++next) {
        learnt = &learn(**next, *learnt).first;
    }
    return *learnt;
}

std::pair<const driver::Learning&, double> LearningTree::learn(Node& node, const driver::Learning& before) {
    const Key& taken = *node.from;
    auto [next, log] =
        before.after(*modes_[std::size_t(taken.modes)], taken.shape, taken.volts, taken.rest, &memoryOfLearnt_);
    learnt_.push_back(std::move(next));
    node.learnt = &learnt_.back();
    return {learnt_.back(), log};
}

void LearningTree::forgetSome() {
    if (learnt_.size() < mostKept_) {
        return;
    }
    for (auto& node : nodes_) {
        node.learnt = nullptr;
    }
    nodes_.front().learnt = &root_;
    learnt_.clear();
    memoryOfLearnt_.release();
}

LearningTree::Step LearningTree::take(int node, const driver::Modes& modes, driver::Shape shape, double volts,
                                      double rest) {
    const auto [known, isUnseen] = modesIndex_.try_emplace(modes, int(modes_.size()));
    if (isUnseen) {
        modes_.push_back(&known->first);
    }
    const auto [entry, isNew] = steps_.try_emplace({node, known->second, shape, volts, rest});
    if (isNew) {
        const driver::Learning& before = at(node);
        nodes_.push_back({&entry->first, nullptr});
        entry->second = {int(nodes_.size()) - 1, learn(nodes_.back(), before).second};
    }
    return entry->second;
}

}  // namespace dimglow::reasoning
