#include "app/job_page.h"

#include <QHBoxLayout>
#include <algorithm>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

constexpr int trailWidth = 270;
constexpr int beliefWidth = 306;
constexpr int unfoldedFrom = 1270;  ///< the trail folds in a narrower page

int stationIndex(const std::string& id) {
    const auto& kinds = stationKinds();
    const auto found = std::find_if(kinds.begin(), kinds.end(), [&](const auto& kind) { return kind.id == id; });
    return found == kinds.end() ? 0 : int(found - kinds.begin());
}

}  // namespace

JobPage::JobPage(JobSession& session, int station)
    : session_(session),
      unfold_(makeButton(tr("▸"), {})),
      trail_(new TrailView(session)),
      stack_(new QStackedWidget),
      belief_(new BeliefPanel(session)),
      stations_(stationKinds().size(), nullptr),
      current_(station) {
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(1);
    unfold_->setFont(theme::reading(20));
    unfold_->setObjectName(QStringLiteral("unfold"));
    unfold_->setAccessibleName(tr("Trail"));
    unfold_->setToolTip(tr("Trail (Ctrl+T)"));
    unfold_->setFocusPolicy(Qt::NoFocus);
    unfold_->setFixedWidth(theme::px(28));
    unfold_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Expanding);
    connect(unfold_, &QPushButton::clicked, this, &JobPage::toggleTrail);
    trail_->setFixedWidth(theme::px(trailWidth));
    connect(trail_, &TrailView::refused, this, &JobPage::refused);
    belief_->setFixedWidth(theme::px(beliefWidth));
    connect(belief_, &BeliefPanel::probeChosen, this, &JobPage::takeProbe);
    connect(belief_, &BeliefPanel::probeMissed, this, &JobPage::missNext);
    connect(belief_, &BeliefPanel::stripsChosen, this, [this] { goTo(stationIndex("strings")); });
    connect(belief_, &BeliefPanel::planChosen, this, [this] { goTo(stationIndex("fixPlan")); });
    columns->addWidget(unfold_);
    columns->addWidget(trail_);
    columns->addWidget(stack_, 1);
    columns->addWidget(belief_);
    foldTrail();
}

Station* JobPage::station(int index) {
    auto& made = stations_.at(std::size_t(index));
    if (made == nullptr) {
        made = stationKinds()[std::size_t(index)].make(session_);
        connect(made, &Station::refused, this, &JobPage::refused);
        stack_->addWidget(made);
    }
    return made;
}

void JobPage::goTo(int index) {
    if (index < 0 || index >= int(stations_.size())) {
        return;
    }
    commitTyping(*window());
    current_ = index;
    stack_->setCurrentWidget(station(index));
    station(index)->refresh();
    station(index)->enter();
    emit entered(index);
}

void JobPage::refresh() {
    station(current_)->refresh();
    if (nextWanted_ && session_.isSettled()) {
        nextWanted_ = false;
        takeNext();
    }
}

void JobPage::takeProbe(const reasoning::Probe& probe) {
    const reasoning::Probe taken = probe;  // typing that is written down now replaces what is shown
    const int index = stationIndex(taken.station);
    if (index != current_) {
        goTo(index);
    }
    station(index)->goTo(taken);
}

void JobPage::takeNext() {
    commitTyping(*window());
    if (!session_.isSettled()) {
        nextWanted_ = true;  // what was just written down decides
        return;
    }
    const auto shown = session_.snapshot();
    const auto& assessment = shown->assessment;
    if (assessment.verdict.empty() && assessment.wantsStrips) {
        goTo(stationIndex("strings"));
    } else if (assessment.verdict.empty() && !assessment.probes.empty()) {
        takeProbe(assessment.probes.front());
    } else {
        goTo(stationIndex("fixPlan"));
    }
}

void JobPage::missNext() {
    commitTyping(*window());
    const auto shown = session_.snapshot();
    const auto& assessment = shown->assessment;
    const bool isAsked = assessment.verdict.empty() && !assessment.wantsStrips && !assessment.probes.empty();
    if (!isAsked || !session_.isSettled()) {
        return;  // what it would be about is not on the screen
    }
    const auto& probe = assessment.probes.front();
    if (const auto written = session_.record(evidence::notReached(probe.test, probe.question)); !written) {
        emit refused(written.problem);
    }
}

void JobPage::toggleTrail() {
    unfolded_ = !unfolded_;
    foldTrail();
}

void JobPage::foldTrail() {
    const bool narrow = width() < theme::px(unfoldedFrom);
    unfolded_ = unfolded_ && narrow;
    unfold_->setVisible(narrow);
    unfold_->setText(unfolded_ ? tr("◂") : tr("▸"));
    trail_->setVisible(!narrow || unfolded_);
}

void JobPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    foldTrail();
}

}  // namespace dimglow::app
