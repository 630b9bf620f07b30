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
constexpr int besideFrom = 1040;    ///< what is left slides over the station in a narrower one

}  // namespace

JobPage::JobPage(JobSession& session, int station)
    : session_(session),
      unfold_(makeButton(tr("▸"), {})),
      slide_(makeButton(tr("◂"), {})),
      trail_(new TrailView(session)),
      stack_(new QStackedWidget),
      belief_(new BeliefPanel(session)),
      stations_(stationKinds().size(), nullptr),
      current_(station) {
    columns_ = new QHBoxLayout(this);
    columns_->setContentsMargins(0, 0, 0, 0);
    columns_->setSpacing(1);
    const auto makeEdge = [this](QPushButton* edge, const QString& name, const QString& key) {
        edge->setFont(theme::reading(20));
        edge->setProperty("edge", true);
        edge->setAccessibleName(name);
        edge->setToolTip(QStringLiteral("%1 (%2)").arg(name, key));
        edge->setFocusPolicy(Qt::NoFocus);
        edge->setFixedWidth(theme::px(28));
        edge->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Expanding);
        columns_->addWidget(edge);
    };
    makeEdge(unfold_, tr("Trail"), tr("Ctrl+T"));
    unfold_->setObjectName(QStringLiteral("unfold"));
    connect(unfold_, &QPushButton::clicked, this, &JobPage::toggleTrail);
    trail_->setFixedWidth(theme::px(trailWidth));
    connect(trail_, &TrailView::refused, this, &JobPage::refused);
    columns_->addWidget(trail_);
    columns_->addWidget(stack_, 1);
    belief_->setFixedWidth(theme::px(beliefWidth));
    connect(belief_, &BeliefPanel::probeChosen, this, &JobPage::takeProbe);
    connect(belief_, &BeliefPanel::probeMissed, this, &JobPage::missNext);
    connect(belief_, &BeliefPanel::stepChosen, this, &JobPage::goToStep);
    columns_->addWidget(belief_);
    makeEdge(slide_, tr("What is left"), tr("Ctrl+L"));
    slide_->setObjectName(QStringLiteral("slide"));
    connect(slide_, &QPushButton::clicked, this, &JobPage::toggleBelief);
    arrange();
}

Station* JobPage::station(int index) {
    auto& made = stations_.at(std::size_t(index));
    if (made == nullptr) {
        made = stationKinds()[std::size_t(index)].make(session_);
        connect(made, &Station::refused, this, &JobPage::refused);
        connect(made, &Station::keysChanged, this, &JobPage::keysChanged);
        stack_->addWidget(made);
        const auto fields = made->findChildren<QWidget*>();
        const auto last = std::find_if(fields.rbegin(), fields.rend(), [this](const auto* field) {
            return (field->focusPolicy() & Qt::TabFocus) != 0 && field->window() == window();  // no menu's
        });
        // Tab goes through the station first, then the columns beside it.
        setTabOrder(last == fields.rend() ? static_cast<QWidget*>(made) : *last, trail_);
        setTabOrder(trail_, belief_);
    }
    return made;
}

void JobPage::goTo(int index) {
    if (index < 0 || index >= int(stations_.size())) {
        return;
    }
    commitTyping(*window());
    trailIsOver_ = beliefIsOver_ = false;
    if (layerEntry_ != nullptr) {
        layerEntry_->hide();  // what is half typed stays in it
    }
    arrange();
    current_ = index;
    session_.setPlace(station(index)->id());
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

void JobPage::takeProbe(const probe::Probe& probe) {
    const probe::Probe taken = probe;  // typing that is written down now replaces what is shown
    const bool isMadeSafeFirst = emptyFirstOf(session_.shown(), session_.trade(), taken).has_value();
    const int index = stationIndex(isMadeSafeFirst ? "makeSafe" : taken.station);
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
    NextStep step = nextStepOf(*shown);
    if (step == NextStep::Rework && current_ == stationIndex("rework")) {
        step = NextStep::Prove;  // who is there already goes on
    }
    if (step == NextStep::Probe) {
        takeProbe(*nextProbeOf(*shown));
    } else {
        goToStep(step);
    }
}

void JobPage::goToStep(NextStep step) {
    if (step == NextStep::Light) {
        probe::Probe look;
        look.test = "lightSource";
        look.station = "firstLook";
        takeProbe(look);
        return;
    }
    goTo(stationIndex(step == NextStep::Strips     ? "strings"
                      : step == NextStep::Rework   ? "rework"
                      : step == NextStep::Prove    ? "prove"
                      : step == NextStep::HandBack ? "handBack"
                                                   : "fixPlan"));
}

void JobPage::missNext() {
    commitTyping(*window());
    const auto shown = session_.snapshot();
    if (nextStepOf(*shown) != NextStep::Probe || !session_.isSettled()) {
        return;  // what it would be about is not on the screen
    }
    const auto& probe = *nextProbeOf(*shown);
    if (const auto written = session_.record(evidence::notReached(probe.test, probe.question)); !written) {
        emit refused(written.problem);
    }
}

void JobPage::toggleTrail() {
    trailIsOver_ = !trailIsOver_;
    arrange();
}

void JobPage::toggleBelief() {
    beliefIsOver_ = !beliefIsOver_;
    arrange();
}

void JobPage::toggleLayerEntry() {
    if (layerEntry_ == nullptr) {
        layerEntry_ = new LayerEntry(session_, this);
        connect(layerEntry_, &LayerEntry::written, this, [this] { toggleLayerEntry(); });
        connect(layerEntry_, &LayerEntry::left, this, [this] { toggleLayerEntry(); });
        layerEntry_->hide();
    }
    const bool isOpen = layerEntry_->isVisible();
    layerEntry_->setVisible(!isOpen);
    if (isOpen) {
        station(current_)->enter();
        return;
    }
    const auto& layers = session_.job().opening.layers;
    layerEntry_->setCurrent(layers.empty() ? 0 : layers.front().id);
    placeLayerEntry();
    layerEntry_->raise();
    layerEntry_->field()->setFocus();
}

/// Over the foot of the page: nothing moves for it.
void JobPage::placeLayerEntry() {
    if (layerEntry_ != nullptr) {
        const int width = std::min(this->width() - theme::px(60), theme::px(760));
        const int height = layerEntry_->sizeHint().height();
        layerEntry_->setGeometry((this->width() - width) / 2, this->height() - height - theme::px(8), width, height);
    }
}

void JobPage::dressAnew() {
    for (auto* made : stations_) {
        if (made != nullptr) {
            made->refresh();
        }
    }
    trail_->refresh();
    belief_->refresh();
    arrange();
}

/// Where there is no room beside the station, trail and what is left lie over it as long as they are asked for.
void JobPage::arrange() {
    const bool folds = width() < theme::px(unfoldedFrom);
    const bool slides = width() < theme::px(besideFrom);
    trailIsOver_ = trailIsOver_ && folds;
    beliefIsOver_ = beliefIsOver_ && slides;
    unfold_->setVisible(folds);
    unfold_->setText(trailIsOver_ ? tr("◂") : tr("▸"));
    slide_->setVisible(slides);
    slide_->setText(beliefIsOver_ ? tr("▸") : tr("◂"));
    const auto put = [this](QWidget* panel, bool isAside, bool isOver, int place, int x) {
        if (isAside && columns_->indexOf(panel) >= 0) {
            columns_->removeWidget(panel);
        } else if (!isAside && columns_->indexOf(panel) < 0) {
            columns_->insertWidget(place, panel);
        }
        panel->setVisible(!isAside || isOver);
        if (isAside && isOver) {
            panel->setGeometry(x, 0, panel->minimumWidth(), height());
            panel->raise();
        }
    };
    put(trail_, folds, trailIsOver_, 1, theme::px(28));
    put(belief_, slides, beliefIsOver_, columns_->indexOf(stack_) + 1,
        width() - theme::px(28) - belief_->minimumWidth());
}

void JobPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
    placeLayerEntry();
}

}  // namespace dimglow::app
