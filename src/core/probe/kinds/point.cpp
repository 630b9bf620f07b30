#include "core/probe/kinds/point.h"

#include "core/makesafe/charge.h"
#include "core/probe/kinds/alike.h"

namespace dimglow::probe {

std::vector<Point> Point::askable(Desk& desk) {
    const auto& set = desk.trade().setKind(desk.model().set());
    std::vector<Point> askable;
    for (int index = 0; index < int(desk.trade().points.size()); ++index) {
        const auto& kind = desk.trade().points[std::size_t(index)];
        const auto& written = desk.model().pointsOf(index);
        if (!set.has(kind.block)) {
            continue;
        }
        for (const int point : written) {
            askable.push_back({&kind, {kind.id, desk.model().set().points[std::size_t(point)].ref}});
        }
        if (written.empty()) {
            askable.push_back({&kind, {kind.id, kind.letter}});
        }
    }
    return askable;
}

evidence::Question Point::question() const {
    return asked;
}

Probe Point::probe(const Desk& desk) const {
    Probe probe;
    probe.test = kind->id;
    probe.question = question();
    probe.title = evidence::titleOfPoint(asked, desk.scene());
    probe.how = kind->how;
    probe.station = "board";
    probe.live = kind->live;
    probe.tools = kind->tools;
    probe.minutes = kind->minutes;
    if (!kind->live) {
        probe.emptyFirst = makesafe::storesAt(kind->block, desk.job(), desk.trade());
    }
    desk.open(probe, Reach::Boards);
    return probe;
}

Predicted Point::predict(Desk& desk) const {
    static const std::vector<text::Text> grades = {
        parts::wordsOf(parts::Grade::Good), parts::wordsOf(parts::Grade::Doubtful), parts::wordsOf(parts::Grade::Bad)};
    return predictAlike(desk, {grades.data(), grades.data() + 1, grades.data() + 2},
                        [&](const reasoning::Explained& explained, std::size_t grade) {
                            return explained.gradeShares(asked).value_or(knowledge::GradeShares{})[grade];
                        });
}

}  // namespace dimglow::probe
