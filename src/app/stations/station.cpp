#include "app/stations/station.h"

#include <QLabel>
#include <QPushButton>
#include <QShortcut>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

QString inWords(const backlight::LineProblem& problem) {
    return Station::tr("\"%1\" %2").arg(QString::fromStdString(problem.words), QString::fromStdString(problem.reason));
}

Station::Station(JobSession& session, const QString& id, const QString& title)
    : session_(session), id_(id), title_(title) {
    setObjectName(QStringLiteral("station"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(title);
    body_ = new QVBoxLayout(this);
    body_->setContentsMargins(theme::px(22), theme::px(14), theme::px(22), theme::px(12));
    body_->setSpacing(theme::px(8));
    body_->addWidget(makeLabel(title, theme::heading()));
    subtitle_ = makeLabel({}, theme::body(), "quiet");
    subtitle_->setWordWrap(true);
    subtitle_->hide();
    body_->addWidget(subtitle_);
    cautions_ = new QVBoxLayout;
    body_->addLayout(cautions_);
    auto* accept = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_A), this);
    connect(accept, &QShortcut::activated, this, &Station::acceptLiveWork);
}

void Station::setSubtitle(const QString& words) {
    subtitle_->setText(words);
    subtitle_->setVisible(!words.isEmpty());
}

void Station::refresh() {
    if (session_.hasJob() && session_.isSettled()) {
        showCautions();
        showJob();
    }
}

void Station::goTo(const reasoning::Probe&) {
    enter();
}

void Station::acceptLiveWork() {
    session_.edit(tr("Live work accepted"), [](job::Job& job) { job.liveWorkAccepted = true; });
}

void Station::showCautions() {
    clearLayout(cautions_);
    for (const auto& caution : session_.assessment().cautions) {
        if (QString::fromStdString(caution.station) != id_) {
            continue;
        }
        auto* card = makeCard("caution");
        auto* row = new QHBoxLayout(card);
        row->setContentsMargins(theme::px(12), theme::px(7), theme::px(12), theme::px(7));
        row->setSpacing(theme::px(12));
        row->addWidget(makeLabel(QStringLiteral("⚠"), theme::reading(20), "ember"));
        auto* words = makeLabel(QString::fromStdString(caution.text), theme::quiet());
        words->setObjectName(QStringLiteral("caution"));
        words->setWordWrap(true);
        row->addWidget(words, 1);
        if (caution.live && !liveAllowed()) {
            auto* accept = makeButton(tr("I am trained and equipped"), tr("Alt+A"));
            accept->setObjectName(QStringLiteral("acceptLive"));
            connect(accept, &QPushButton::clicked, this, &Station::acceptLiveWork);
            row->addWidget(accept);
        }
        cautions_->addWidget(card);
    }
}

}  // namespace dimglow::app
