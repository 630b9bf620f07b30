#include "app/stations/hand_back.h"

#include <QFileInfo>
#include <QPushButton>
#include <QShortcut>
#include <exception>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "records/files.h"
#include "records/job_file.h"
#include "report/report.h"

namespace dimglow::app {

HandBackStation::HandBackStation(JobSession& session) : Station(session, QStringLiteral("handBack"), tr("Hand back")) {
    body_->addWidget(makeLabel(tr("What was done, with parts, values and polarity"), theme::quiet(), "quiet"));
    work_ = new TextBox(session_, tr("Work done"), QStringLiteral("work"), 3,
                        [](job::Job& job) -> std::string& { return job.repair.work; });
    body_->addWidget(work_);
    preview_ = new QTextEdit;
    preview_->setObjectName(QStringLiteral("preview"));
    preview_->setAccessibleName(tr("Report"));
    preview_->setReadOnly(true);
    body_->addWidget(preview_, 1);
    auto* row = new QHBoxLayout;
    folder_ = new QLineEdit(remembered::folder());
    folder_->setObjectName(QStringLiteral("folder"));
    folder_->setAccessibleName(tr("Folder"));
    folder_->setFont(theme::body());
    row->addWidget(folder_, 1);
    const std::tuple<QString, QKeySequence, QString> files[] = {
        {tr("Save PDF"), QKeySequence(Qt::CTRL | Qt::Key_P), QStringLiteral("pdf")},
        {tr("Save JSON"), QKeySequence(Qt::CTRL | Qt::Key_J), QStringLiteral("json")}};
    for (const auto& [words, keys, suffix] : files) {
        auto* button = makeButton(words, keys.toString(QKeySequence::NativeText));
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
        if (work_->commit()) {
            tell(session_.edit(tr("Handed back"), [](job::Job& job) {
                job.handedBack = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
            }));
        }
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
    auto document = report::compose(job(), assessment(), session_.trade());
    preview_->setDocument(document.get());
    document_ = std::move(document);
    work_->refresh();
}

void HandBackStation::save(const QString& suffix) {
    if (!work_->commit()) {
        return;
    }
    session_.settle();
    const QString path = records::pathInFolder(folder_->text(), job().id, suffix);
    if (QFileInfo::exists(path) && path != replaceable_) {
        replaceable_ = path;
        restyle(result_, "tone", "ember");
        result_->setText(tr("%1 is there already. Once more replaces it.").arg(path));
        return;
    }
    try {
        if (suffix == QStringLiteral("pdf")) {
            const auto document = report::compose(job(), assessment(), session_.trade());
            records::writeWhole(path, report::pdfOf(*document));
        } else {
            records::writeJobFile(job(), path);
        }
        replaceable_ = path;  // it is this job's own from here on
        remembered::setFolder(folder_->text());
        restyle(result_, "tone", "good");
        result_->setText(tr("Saved %1").arg(path));
    } catch (const std::exception& problem) {
        refuse(folder_, QString::fromUtf8(problem.what()));
    }
}

void HandBackStation::enter() {
    work_->setFocus();
}

std::vector<KeyHint> HandBackStation::keys() const {
    return {{tr("Ctrl+P"), tr("PDF")}, {tr("Ctrl+J"), tr("JSON")}, {tr("Alt+H"), tr("handed back")}};
}

bool HandBackStation::isDone(const Snapshot& shown) {
    return !shown.job.handedBack.empty();
}

}  // namespace dimglow::app
