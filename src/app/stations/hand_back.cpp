#include "app/stations/hand_back.h"

#include <QDir>
#include <QPushButton>
#include <QShortcut>
#include <QStandardPaths>
#include <exception>

#include "app/panels.h"
#include "app/theme.h"
#include "records/job_file.h"
#include "report/report.h"

namespace dimglow::app {

HandBackStation::HandBackStation(JobSession& session) : Station(session, QStringLiteral("handBack"), tr("Hand back")) {
    body_->addWidget(makeLabel(tr("What was done, with parts, values and polarity"), theme::quiet(), "quiet"));
    work_ = new QPlainTextEdit;
    work_->setObjectName(QStringLiteral("work"));
    work_->setAccessibleName(tr("Work done"));
    work_->setFont(theme::body());
    work_->setFixedHeight(theme::px(64));
    work_->setTabChangesFocus(true);
    work_->installEventFilter(this);
    body_->addWidget(work_);
    preview_ = new QTextEdit;
    preview_->setObjectName(QStringLiteral("preview"));
    preview_->setAccessibleName(tr("Report"));
    preview_->setReadOnly(true);
    body_->addWidget(preview_, 1);
    auto* row = new QHBoxLayout;
    folder_ = new QLineEdit(QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation));
    folder_->setObjectName(QStringLiteral("folder"));
    folder_->setAccessibleName(tr("Folder"));
    folder_->setFont(theme::body());
    row->addWidget(folder_, 1);
    const std::tuple<QString, QKeySequence, QString> files[] = {
        {tr("Save PDF"), QKeySequence(Qt::CTRL | Qt::Key_P), QStringLiteral("pdf")},
        {tr("Save JSON"), QKeySequence(Qt::CTRL | Qt::Key_J), QStringLiteral("json")}};
    for (const auto& [words, keys, suffix] : files) {
        auto* button = makeButton(words, keys.toString());
        connect(button, &QPushButton::clicked, this, [this, suffix = suffix] { save(suffix); });
        auto* shortcut = new QShortcut(keys, this);
        connect(shortcut, &QShortcut::activated, this, [this, suffix = suffix] { save(suffix); });
        row->addWidget(button);
    }
    auto* done = makeButton(tr("Handed back"), tr("Alt+H"), true);
    done->setObjectName(QStringLiteral("handedBack"));
    auto* doneKey = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_H), this);
    connect(doneKey, &QShortcut::activated, done, &QPushButton::click);
    connect(done, &QPushButton::clicked, this, [this] {
        session_.edit(tr("Handed back"), [](job::Job& job) {
            job.handedBack = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
        });
    });
    row->addWidget(done);
    body_->addLayout(row);
    result_ = makeLabel({}, theme::quiet(), "good");
    result_->setObjectName(QStringLiteral("exported"));
    body_->addWidget(result_);
}

HandBackStation::~HandBackStation() {
    preview_->setDocument(new QTextDocument(preview_));
}

void HandBackStation::showJob() {
    auto document = report::compose(session_.job(), session_.assessment(), session_.trade());
    preview_->setDocument(document.get());
    document_ = std::move(document);
    if (!work_->hasFocus()) {
        work_->setPlainText(QString::fromStdString(session_.job().repair.work));
    }
}

bool HandBackStation::eventFilter(QObject* watched, QEvent* event) {
    if (watched == work_ && event->type() == QEvent::FocusOut) {
        session_.edit(tr("Work done"),
                      [this](job::Job& job) { job.repair.work = work_->toPlainText().left(1000).toStdString(); });
    }
    return Station::eventFilter(watched, event);
}

void HandBackStation::save(const QString& suffix) {
    work_->clearFocus();  // lets the work being typed write itself down
    session_.settle();
    const QString path =
        QDir(folder_->text()).filePath(QString::fromStdString(session_.job().id) + QLatin1Char('.') + suffix);
    try {
        if (suffix == QStringLiteral("pdf")) {
            const auto document = report::compose(session_.job(), session_.assessment(), session_.trade());
            report::writePdf(*document, path);
        } else {
            records::writeJobFile(session_.job(), path);
        }
        result_->setText(tr("Saved %1").arg(path));
    } catch (const std::exception& problem) {
        emit refused(QString::fromUtf8(problem.what()));
    }
}

void HandBackStation::enter() {
    work_->setFocus();
}

std::vector<KeyHint> HandBackStation::keys() const {
    return {{tr("Ctrl+P"), tr("PDF")}, {tr("Ctrl+J"), tr("JSON")}, {tr("Alt+H"), tr("handed back")}};
}

bool HandBackStation::isDone() const {
    return !session_.job().handedBack.empty();
}

}  // namespace dimglow::app
