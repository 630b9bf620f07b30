#include "core/reasoning/model.h"

#include <boost/container_hash/hash.hpp>

namespace dimglow::reasoning {

namespace {

locate::CellPartition partitionFor(const backlight::Backlight& backlight, const std::vector<job::Entry>& standing) {
    locate::CellPartition partition(backlight);
    for (const auto& entry : standing) {
        evidence::split(entry.what, partition);
    }
    return partition;
}

}  // namespace

std::size_t Model::ForecastKeyHash::operator()(const ForecastKey& key) const {
    std::size_t hash =
        std::size_t(key.behaviour) * (backlight::limits::feeds + 1) + std::size_t(key.feed - Hypothesis::everyFeed);
    boost::hash_range(hash, key.demands.begin(), key.demands.end());
    return hash;
}

Model::Model(const set::DisplaySet& set, const Knowledge& knowledge, const std::vector<job::Entry>& standing,
             std::stop_token stop)
    : Model(set, knowledge, standing, partitionFor(set.backlight, standing), std::move(stop)) {}

Model::Model(const set::DisplaySet& set, const Knowledge& knowledge, std::vector<job::Entry> standing,
             locate::CellPartition partition, std::stop_token stop)
    : stop_(std::move(stop)),
      set_(set),
      knowledge_(knowledge),
      standing_(std::move(standing)),
      reference_(driver::referenceOf(set_.backlight)),
      pointsOfKind_(knowledge.points.size()),
      pointsTaken_(evidence::allOf<evidence::PointTaken>(standing_)),
      memories_(standing_.size()),
      learning_(driver::nothingLearntOf(set_.backlight, reference_)),
      strings_(set_, knowledge_, nothingLearnt().known(), standing_, std::move(partition)),
      soundDemands_(strings_.soundDemands()) {
    for (const auto& suspect : knowledge.suspects) {
        isIn_.push_back(knowledge.isIn(set_, suspect) ? 1 : 0);
    }
    for (int i = 0; i < int(set_.points.size()); ++i) {
        if (const int kind = knowledge.pointIndex(set_.points[std::size_t(i)].kind); kind >= 0) {
            pointsOfKind_[std::size_t(kind)].push_back(i);
        }
    }
    for (const auto& entry : standing_) {
        signs_.push_back(evidence::signOf(entry.what));
        const auto& sign = signs_.back();
        grades_.push_back(sign.taken ? gradeOf(*sign.taken) : parts::Grade::CannotTell);
        staysLit_ = staysLit_ || sign.staysLit;
    }
}

double Model::weightOf(const SuspectKind& suspect) const {
    const auto& times = knowledge_.setKind(set_).weightTimes;
    const auto found = times.find(suspect.id);
    return suspect.weight * (found == times.end() ? 1 : found->second);
}

void Model::checkStop() const {
    if (stop_.stop_requested()) {
        throw Stopped();
    }
}

const driver::Behaviour& Model::behaviourOf(const Hypothesis& hypothesis) const {
    const auto& suspect = suspectOf(hypothesis);
    if (suspect.behaviourOfLamps >= 0 && set().lightKind() == set::LightKind::Lamps) {
        return knowledge_.behaviours[std::size_t(suspect.behaviourOfLamps)];
    }
    if (hypothesis.course >= 0) {
        return knowledge_.behaviours[std::size_t(suspect.courses[std::size_t(hypothesis.course)].behaviour)];
    }
    return knowledge_.behaviourOf(suspect,
                                  hypothesis.part < 0 ? nullptr : &suspect.parts[std::size_t(hypothesis.part)]);
}

int Model::forecastIndex(const Hypothesis& hypothesis) {
    const auto& behaviour = behaviourOf(hypothesis);
    ForecastKey key{soundDemands_, int(&behaviour - knowledge_.behaviours.data()), hypothesis.feed};
    source().demandsOf(hypothesis.faults, key.demands);
    const auto [entry, isNew] = forecastIndex_.try_emplace(std::move(key), int(forecasts_.size()));
    if (isNew) {
        std::vector<const driver::Behaviour*> behaviours(backlight().feeds.size(), &knowledge_.healthy());
        for (int feed = 0; feed < int(behaviours.size()); ++feed) {
            const bool behavesSo = hypothesis.feed == Hypothesis::everyFeed || hypothesis.feed == feed;
            behaviours[std::size_t(feed)] = behavesSo ? &behaviour : &knowledge_.healthy();
        }
        std::vector<const backlight::ChannelDemand*> demands;
        for (const auto demand : entry->first.demands) {
            demands.push_back(&source().demandAt(demand));
        }
        forecasts_.push_back(driver::forecast(backlight(), reference_, demands, behaviours));
    }
    return entry->second;
}

parts::Grade Model::gradeOf(const evidence::PointTaken& taken) const {
    return knowledge_.point(taken.asked.point) == nullptr
               ? parts::Grade::CannotTell
               : evidence::judge(taken, set_, knowledge_, pointsTaken_).grade;
}

}  // namespace dimglow::reasoning
