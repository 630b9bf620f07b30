#include "core/probe/desk.h"

#include <algorithm>

#include "core/probe/runs.h"

namespace dimglow::probe {

using knowledge::Form;
using knowledge::TestKind;

namespace {

bool isOnStrips(Form form) {
    return form == Form::Tester || form == Form::Chassis || form == Form::Led || form == Form::Alone;
}

}  // namespace

Desk::Desk(reasoning::Model& model, const reasoning::Belief& belief, const job::Job& job,
           const std::vector<backlight::Run>& runs, const Due& due)
    : model_(model),
      belief_(belief),
      job_(job),
      due_(due),
      explanations_(model, belief, job.way.level == job::Way::Level::Component),
      runs_(mostSuspected(runs, due.untested, model, explanations_)) {
    for (const auto& entry : standing()) {
        reached_ = std::max(reached_, evidence::reachOf(entry.what, model.knowledge()));
    }
    reached_ = job.panelOpen ? Reach::Panel : std::min(reached_, Reach::Boards);
}

bool Desk::isUntested(const backlight::Run& run) const {
    return std::find(due_.untested.begin(), due_.untested.end(), run) != due_.untested.end();
}

bool Desk::isWanted(const std::string& test) const {
    return std::find(due_.wanted.begin(), due_.wanted.end(), test) != due_.wanted.end();
}

bool Desk::isFirst(const std::string& test) const {
    const auto* kind = trade().test(test);
    return kind != nullptr && kind->isFirst && kind->reach <= reached_;
}

std::vector<const TestKind*> Desk::tests(Form form) const {
    std::vector<const TestKind*> tests;
    for (const auto& test : trade().tests) {
        if (test.form == form && trade().isIn(model_.set(), test) && (backlight().isDescribed || !isOnStrips(form))) {
            tests.push_back(&test);
        }
    }
    return tests;
}

bool Desk::suitsLight(const knowledge::TestKind& test) const {
    const auto light = job::lightSeen(standing());
    const bool isTooDark = test.needsLight && light.value_or(driver::Light::Never) == driver::Light::Never;
    return !isTooDark && (!test.needsDark || light == driver::Light::Never);
}

bool Desk::isAnswered(const std::string& test, const evidence::Question& question) const {
    const auto missed = evidence::questionOf(evidence::notReached(test, question));
    return due_.again != question && std::any_of(standing().begin(), standing().end(), [&](const auto& entry) {
               const auto asked = evidence::questionOf(entry.what);
               return asked == question || asked == missed;
           });
}

Probe Desk::start(const TestKind& test, const evidence::Question& question) const {
    Probe probe;
    probe.test = test.id;
    probe.question = question;
    probe.title = test.title;
    probe.how = test.how;
    probe.station = test.station;
    probe.live = test.live;
    const bool isBought = job_.way.first == job::Way::First::Swap && !test.swaps.empty();  // and sent back
    probe.tools = isBought ? std::vector<std::string>() : test.tools;
    probe.minutes = test.minutes;
    open(probe, test.reach);
    return probe;
}

void Desk::open(Probe& probe, Reach reach) const {
    if (reach > reached_) {
        probe.opens = reach;
        probe.minutes += reach == Reach::Panel
                             ? hands::openingCost(job_.opening, trade().hands, job_.set.diagonalInches()).minutes
                             : trade().openBoardsMinutes;
    }
}

const text::Text& Desk::keep(text::Text words) {
    return words_.emplace_back(std::move(words));
}

}  // namespace dimglow::probe
