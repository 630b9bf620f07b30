#include "app/stations/station.h"

#include <QShortcut>
#include <algorithm>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

QString inWords(const typing::LineProblem& problem) {
    return Station::tr("\"%1\" %2").arg(QString::fromStdString(problem.words), words(problem.reason));
}

Station::Station(JobSession& session, const QString& id, const QString& title) : session_(session), id_(id) {
    setObjectName(QStringLiteral("station"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(title);
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    scroll_ = new QScrollArea;
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setFrameShape(QFrame::NoFrame);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* sheet = new QWidget;
    scroll_->setWidget(sheet);
    outer->setSpacing(0);
    outer->addWidget(scroll_, 1);
    foot_ = new QVBoxLayout;
    foot_->setContentsMargins(theme::px(22), 0, theme::px(22), theme::px(8));
    outer->addLayout(foot_);
    body_ = new QVBoxLayout(sheet);
    body_->setContentsMargins(theme::px(22), theme::px(14), theme::px(22), theme::px(12));
    body_->setSpacing(theme::px(8));
    head_ = new QHBoxLayout;
    title_ = makeLabel(title, theme::heading());
    head_->addWidget(title_);
    head_->addSpacing(theme::px(8));
    head_->addStretch(1);
    acceptLive_ = makeButton(tr("I am trained"), tr("Alt+A"));
    acceptLive_->setObjectName(QStringLiteral("acceptLive"));
    acceptLive_->setToolTip(tr("I am trained and equipped for work on live parts; local codes allow it."));
    acceptLive_->setMinimumWidth(acceptLive_->sizeHint().width());
    acceptLive_->hide();
    connect(acceptLive_, &QPushButton::clicked, this, &Station::acceptLiveWork);
    body_->addLayout(head_);
    subtitle_ = makeLabel({}, theme::body(), "quiet");
    subtitle_->setWordWrap(true);
    subtitle_->hide();
    body_->addWidget(subtitle_);
    caution_ = makeCard("caution");
    auto* row = new QHBoxLayout(caution_);
    row->setContentsMargins(theme::px(12), theme::px(7), theme::px(12), theme::px(7));
    row->setSpacing(theme::px(12));
    row->addWidget(makeLabel(QStringLiteral("⚠"), theme::reading(20), "ember"));
    cautionWords_ = makeLabel({}, theme::quiet());
    cautionWords_->setObjectName(QStringLiteral("caution"));
    cautionWords_->setWordWrap(true);
    row->addWidget(cautionWords_, 1);
    row->addWidget(acceptLive_);
    caution_->hide();
    body_->addWidget(caution_);
    auto* accept = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_A), this);
    connect(accept, &QShortcut::activated, this, &Station::acceptLiveWork);
}

void Station::showInView(const QWidget* part) {
    if (part != nullptr) {
        scroll_->widget()->layout()->activate();
        scroll_->ensureWidgetVisible(const_cast<QWidget*>(part), 0, theme::px(12));
    }
}

void Station::setTitle(const QString& words) {
    title_->setText(words);
    setAccessibleName(words);
}

void Station::setSubtitle(const QString& words) {
    subtitle_->setText(words);
    subtitle_->setVisible(!words.isEmpty());
}

QPushButton* Station::addToHead(const char* name, const QString& says, Qt::Key letter,
                                const std::function<void()>& does) {
    auto* button = makeButton({}, {});
    button->setObjectName(QString::fromLatin1(name));
    button->setFocusPolicy(Qt::NoFocus);
    button->setToolTip(says);
    connect(button, &QPushButton::clicked, this, does);
    auto* key = new QShortcut(QKeySequence(int(Qt::ALT) | int(letter)), this);
    key->setContext(Qt::WidgetWithChildrenShortcut);
    connect(key, &QShortcut::activated, this, does);
    head_->insertWidget(head_->count() - 1, button);  // before the stretch
    return button;
}

void Station::refresh() {
    if (session_.hasJob()) {
        showCaution();
        showJob();
    }
}

void Station::goTo(const probe::Probe&) {
    enter();
}

Written Station::takes(const Reading&) {
    return {tr("No reading is asked for here.")};
}

bool Station::tell(const Written& written, QWidget* field) {
    if (written && field != nullptr) {
        accept(field);
    } else if (!written && field != nullptr) {
        refuse(field, written.problem);
    } else if (!written) {
        emit refused(written.problem);
    }
    return bool(written);
}

void Station::keepLearned() {
    const auto driver = findings::withLearned(session_.job().set.backlight.driver, assessment().thisSet);
    if (driver != session_.job().set.backlight.driver) {
        tell(session_.edit(tr("What was learned of the set"),
                           [&](job::Job& job) { job.set.backlight.driver = driver; }));
    }
}

void Station::acceptLiveWork() {
    tell(session_.edit(tr("Live work accepted"), [](job::Job& job) { job.liveWorkAccepted = true; }));
}

void Station::showCaution() {
    const auto& cautions = assessment().cautions;
    const auto found = std::find_if(cautions.begin(), cautions.end(),
                                    [this](const auto& c) { return QString::fromStdString(c.station) == id_; });
    caution_->setVisible(found != cautions.end());
    if (found != cautions.end()) {
        cautionWords_->setText(words(found->text));
        // Once accepted it stays in its place and says so: nothing moves under the hand.
        acceptLive_->setVisible(found->live);
        acceptLive_->setEnabled(!liveAllowed());
        acceptLive_->setText(liveAllowed() ? tr("trained ✓")
                                           : tr("I am trained") + QStringLiteral("   ") + tr("Alt+A"));
    }
}

}  // namespace dimglow::app
