#include "core/probe/explanations.h"

#include <algorithm>
#include <array>
#include <map>
#include <numeric>

namespace dimglow::probe {

namespace {

constexpr double ignoreShare = 1e-5;
constexpr std::size_t mostExplanations = 2000;

}  // namespace

Explanations::Explanations(reasoning::Model& model, const reasoning::Belief& belief, bool countsParts) : model_(model) {
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        if (belief.shares[h] > ignoreShare) {
            all_.push_back(belief.hypotheses[h]);
            titles_.push_back(belief.titleOf[h]);
            shares_.push_back(belief.shares[h]);
        }
    }
    keepLikeliest();
    for (auto& hypothesis : all_) {
        hypothesis.forecast = model.forecastIndex(hypothesis);
    }
    const double sum = std::accumulate(shares_.begin(), shares_.end(), 0.0);
    for (auto& share : shares_) {
        share /= sum;
    }
    classify(countsParts);
}

void Explanations::keepLikeliest() {
    if (shares_.size() <= mostExplanations) {
        return;
    }
    std::vector<std::size_t> order(shares_.size());
    std::iota(order.begin(), order.end(), 0);
    std::nth_element(order.begin(), order.begin() + mostExplanations, order.end(),
                     [&](std::size_t a, std::size_t b) { return shares_[a] > shares_[b]; });
    order.resize(mostExplanations);
    std::sort(order.begin(), order.end());
    for (std::size_t i = 0; i < order.size(); ++i) {
        all_[i] = all_[order[i]];
        titles_[i] = titles_[order[i]];
        shares_[i] = shares_[order[i]];
    }
    all_.resize(mostExplanations);
    titles_.resize(mostExplanations);
    shares_.resize(mostExplanations);
}

void Explanations::classify(bool countsParts) {
    std::map<std::array<int, 3>, int> known;
    for (std::size_t h = 0; h < all_.size(); ++h) {
        const auto& own = all_[h];
        const bool isUnnamed = model_.suspectOf(own).isNoneOfThese;
        each_.of.push_back(int(h));
        each_.unnamed = isUnnamed ? int(h) : each_.unnamed;
        const std::array<int, 3> key = {own.suspect, countsParts ? own.part : -1, countsParts ? own.point : -1};
        const auto [entry, isNew] = known.try_emplace(key, int(known.size()));
        if (isNew) {
            alike_.shares.push_back(0);
            members_.emplace_back();
        }
        alike_.of.push_back(entry->second);
        alike_.unnamed = isUnnamed ? entry->second : alike_.unnamed;
        alike_.shares[std::size_t(entry->second)] += shares_[h];
        auto& members = members_[std::size_t(entry->second)];
        const auto same = std::find_if(members.begin(), members.end(), [&](const auto& member) {
            return all_[member.first].part == own.part && all_[member.first].point == own.point;
        });
        if (same == members.end()) {
            members.emplace_back(h, shares_[h]);
        } else {
            same->second += shares_[h];
        }
    }
    each_.shares = shares_;
}

double Explanations::shareOfUnit(const std::string& unit) const {
    double share = 0;
    for (std::size_t h = 0; h < all_.size(); ++h) {
        share += model_.unitOf(model_.suspectOf(all_[h])) == unit ? shares_[h] : 0;
    }
    return share;
}

}  // namespace dimglow::probe
