#include "app/stations/hand_back.h"

#include <QDir>
#include <QFileInfo>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QScrollArea>
#include <QShortcut>
#include <QStackedWidget>
#include <exception>
#include <functional>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "diary/diary.h"
#include "records/bundle.h"
#include "records/files.h"
#include "records/job_file.h"
#include "report/owner_page.h"
#include "report/report.h"

namespace dimglow::app {

namespace {

/// A sheet as it will be printed, as wide as there is room.
class PagePreview : public QWidget {
public:
    explicit PagePreview(JobSession& session) : session_(session) {
        auto policy = QSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        policy.setHeightForWidth(true);
        setSizePolicy(policy);
        setObjectName(QStringLiteral("pagePreview"));
    }
    void show(report::Page page) {
        page_ = page;
        setAccessibleName(page == report::Page::Owner ? HandBackStation::tr("The owner's page")
                                                      : HandBackStation::tr("Quote"));
        refresh();
    }
    void refresh() {
        if (session_.hasJob()) {
            setAccessibleDescription(
                report::wordsOf(page_, session_.shown().job, session_.shown().assessment, session_.trade()));
        }
        update();
    }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override {
        return int(width * report::pageSize.height() / report::pageSize.width());
    }
    QSize sizeHint() const override { return {theme::px(500), heightForWidth(theme::px(500))}; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        const double scale = width() / report::pageSize.width();
        painter.scale(scale, scale);
        report::paintPage(painter, page_, session_.shown().job, session_.shown().assessment, session_.trade());
    }

private:
    JobSession& session_;
    report::Page page_ = report::Page::Owner;
};

/// A job as others may see it.
job::Job withoutOwner(job::Job job) {
    job.order.owner.clear();
    job.order.phone.clear();
    job.order.agreedPrice.reset();
    job.set.serial.clear();
    return job;
}

}  // namespace

HandBackStation::HandBackStation(JobSession& session) : Station(session, QStringLiteral("handBack"), tr("Hand back")) {
    addSheets();
    auto* columns = new QHBoxLayout;
    columns->setSpacing(theme::px(14));
    auto* texts = new QVBoxLayout;
    texts->addWidget(makeLabel(tr("What was done, with parts, values and polarity"), theme::quiet(), "quiet"));
    work_ = new TextBox(session_, tr("Work done"), QStringLiteral("work"), 3,
                        [](job::Job& job) -> std::string& { return job.repair.work; });
    texts->addWidget(work_);
    texts->addStretch();
    columns->addLayout(texts, 3);
    auto* head = new QVBoxLayout;
    head->addWidget(makeLabel(tr("Workshop, at the head of the owner's page"), theme::quiet(), "quiet"));
    addHead(*head, tr("Workshop"), "workshop", &job::Bench::workshop);
    addHead(*head, tr("Where to find it"), "contact", &job::Bench::contact);
    head->addStretch();
    columns->addLayout(head, 2);
    body_->addLayout(columns);
    sheets_ = new QStackedWidget;
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    page_ = new PagePreview(session_);
    scroll->setWidget(page_);
    sheets_->addWidget(scroll);
    preview_ = new QTextEdit;
    preview_->setObjectName(QStringLiteral("preview"));
    preview_->setAccessibleName(tr("Bench record"));
    preview_->setReadOnly(true);
    sheets_->addWidget(preview_);
    body_->addWidget(sheets_, 1);
    addFoot();
    connect(&session_, &JobSession::opened, this, [this] { isAsked_ = false; });
    choose(Sheet::Owner);
}

/// Which sheet is shown and saved.
void HandBackStation::addSheets() {
    const std::tuple<const char*, QString, QString, Qt::Key> sheets[] = {
        {"sheetOwner", tr("Owner's page"), tr("Alt+1"), Qt::Key_1},
        {"sheetQuote", tr("Quote"), tr("Alt+2"), Qt::Key_2},
        {"sheetBench", tr("Bench record"), tr("Alt+3"), Qt::Key_3}};
    for (int i = 0; i < 3; ++i) {
        const auto& [name, title, key, letter] = sheets[i];
        auto* button = addToHead(name, title, letter, [this, i] { choose(Sheet(i)); });
        button->setText(title + QStringLiteral("   ") + key);
        button->setCheckable(true);
        buttons_.push_back(button);
    }
}

void HandBackStation::addHead(QVBoxLayout& rows, const QString& name, const char* id, std::string job::Bench::*slot) {
    auto* edit = makeField(QString::fromLatin1(id), name, name);
    rows.addWidget(edit);
    connect(edit, &QLineEdit::editingFinished, this, [this, edit, name, slot] {
        if (edit->isModified() &&
            tell(session_.edit(name, [&](job::Job& job) { job.bench.*slot = edit->text().toStdString(); }), edit)) {
            edit->setModified(false);
        }
    });
    heads_.emplace_back(edit, slot);
}

void HandBackStation::addFoot() {
    open_ = makeLabel({}, theme::body(), "ember");
    open_->setObjectName(QStringLiteral("stillOpen"));
    open_->setWordWrap(true);
    open_->hide();
    foot_->addWidget(open_);
    foot_->setSpacing(theme::px(6));
    auto* place = new QHBoxLayout;
    folder_ = makeField(QStringLiteral("folder"), tr("Folder"));
    folder_->setText(remembered::folder());
    place->addWidget(folder_, 1);
    anonymous_ = new QCheckBox(tr("without owner"));
    anonymous_->setObjectName(QStringLiteral("anonymous"));
    anonymous_->setFont(theme::body());
    anonymous_->setToolTip(tr("The JSON leaves out owner, phone, price and serial number."));
    place->addWidget(anonymous_);
    foot_->addLayout(place);
    auto* row = new QHBoxLayout;
    row->addStretch();
    const auto addWay = [&](const QString& words, const QKeySequence& keys, const std::function<void()>& go) {
        auto* button = makeButton(words, keys.toString(QKeySequence::NativeText));
        connect(button, &QPushButton::clicked, this, go);
        connect(new QShortcut(keys, this), &QShortcut::activated, this, go);
        row->addWidget(button);
    };
    addWay(tr("Print"), Qt::CTRL | Qt::SHIFT | Qt::Key_P, [this] { print(); });
    addWay(tr("Save PDF"), Qt::CTRL | Qt::Key_P, [this] { save(QStringLiteral("pdf")); });
    addWay(tr("Save JSON"), Qt::CTRL | Qt::Key_J, [this] { save(QStringLiteral("dimglow")); });
    auto* done = makeButton(tr("Handed back"), tr("Alt+H"), true);
    done->setObjectName(QStringLiteral("handedBack"));
    auto* doneKey = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_H), this);
    connect(doneKey, &QShortcut::activated, done, &QPushButton::click);
    connect(done, &QPushButton::clicked, this, &HandBackStation::handBack);
    row->addWidget(done);
    foot_->addLayout(row);
    result_ = makeLabel({}, theme::quiet(), "good");
    result_->setObjectName(QStringLiteral("exported"));
    foot_->addWidget(result_);
}

HandBackStation::~HandBackStation() {
    preview_->setDocument(new QTextDocument(preview_));
}

void HandBackStation::choose(Sheet sheet) {
    sheet_ = sheet;
    for (int i = 0; i < int(buttons_.size()); ++i) {
        buttons_[std::size_t(i)]->setChecked(i == int(sheet));
    }
    sheets_->setCurrentIndex(sheet == Sheet::Bench ? 1 : 0);
    if (sheet != Sheet::Bench) {
        static_cast<PagePreview*>(page_)->show(sheet == Sheet::Owner ? report::Page::Owner : report::Page::Quote);
    }
    if (session_.hasJob()) {
        showJob();
    }
}

void HandBackStation::showJob() {
    if (sheet_ == Sheet::Bench && composed_ != session_.snapshot()) {
        composed_ = session_.snapshot();
        auto document = report::compose(job(), assessment(), session_.trade());
        preview_->setDocument(document.get());
        document_ = std::move(document);
    }
    static_cast<PagePreview*>(page_)->refresh();
    work_->refresh();
    for (const auto& [edit, slot] : heads_) {
        if (!edit->isModified()) {
            edit->setText(QString::fromStdString(job().bench.*slot));
        }
    }
}

/// What a repaired set would have to show and does not yet; none of a job without a repair.
QStringList HandBackStation::stillOpen() const {
    QStringList open;
    const auto& assessment = session_.shown().assessment;
    for (const auto& sentence : assessment.closing.open) {
        open << words(sentence);
    }
    const auto* repair = session_.trade().repair(session_.job().repair.option);
    if (repair == nullptr || repair->writesOff) {
        return open;
    }
    QStringList bad;
    int notTaken = 0;
    for (const auto& line : assessment.proof) {
        notTaken += line.found.empty() ? 1 : 0;
        if (!line.found.empty() && !line.within) {
            bad << words(line.title);
        }
    }
    if (!bad.isEmpty()) {
        open << tr("Not as it should be after the repair: %1.").arg(bad.join(QStringLiteral(", ")));
    }
    if (notTaken > 0) {
        open << language::counted(notTaken, tr("1 reading after the repair not taken."),
                                  tr("%1 readings after the repair not taken."));
    }
    if (!assessment.soak.passed) {
        open << tr("Soak: %1").arg(words(assessment.soak.text));
    }
    const auto looks = hands::looksOpen(session_.job().opening, session_.trade().hands);
    if (!assessment.work.lines.empty() && !looks.empty()) {
        open << language::counted(qint64(looks.size()), tr("1 thing not looked at."), tr("%1 things not looked at."));
    }
    return open;
}

void HandBackStation::handBack() {
    if (!work_->commit()) {
        return;
    }
    session_.settle();
    const QStringList open = stillOpen();
    if (!open.isEmpty() && !isAsked_) {
        isAsked_ = true;
        open_->setText(open.join(QLatin1Char(' ')) + QLatin1Char(' ') +
                       tr("Hand it back all the same? Alt+H once more; it will stand in the report."));
        open_->show();
        return;
    }
    open_->hide();
    isAsked_ = false;
    tell(session_.edit(tr("Handed back"), [](job::Job& job) {
        job.handedBack = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    }));
}

QByteArray HandBackStation::pdf() const {
    if (sheet_ == Sheet::Bench) {
        return report::pdfOf(*report::compose(job(), assessment(), session_.trade()));
    }
    return report::pdfOf(sheet_ == Sheet::Owner ? report::Page::Owner : report::Page::Quote, job(), assessment(),
                         session_.trade());
}

void HandBackStation::print() {
    if (!work_->commit()) {
        return;
    }
    session_.settle();
    QPrinter printer(QPrinter::HighResolution);
    if (QPrintDialog(&printer, this).exec() != QDialog::Accepted) {
        return;
    }
    if (sheet_ == Sheet::Bench) {
        report::print(printer, *report::compose(job(), assessment(), session_.trade()));
    } else {
        report::print(printer, sheet_ == Sheet::Owner ? report::Page::Owner : report::Page::Quote, job(), assessment(),
                      session_.trade());
    }
}

/// A job with pictures goes out with them, in one zip. \returns what is to be said beside where it went
QString HandBackStation::saveJob(const QString& path) {
    const auto out = anonymous_->isChecked() ? withoutOwner(job()) : job();
    if (!path.endsWith(QStringLiteral(".zip"))) {
        records::writeJobFile(out, path);
        return {};
    }
    const int missing = records::writeBundle(out, session_.photos(), path);
    return missing == 0 ? QString()
                        : QLatin1Char(' ') + language::counted(missing, tr("1 picture is gone and not in it."),
                                                               tr("%1 pictures are gone and not in it."));
}

void HandBackStation::save(const QString& wanted) {
    const bool isJob = wanted == QStringLiteral("dimglow");
    const QString suffix = isJob && !job().opening.photos.empty() ? QStringLiteral("zip") : wanted;
    if (!work_->commit()) {
        return;
    }
    session_.settle();
    const QString name = suffix != QStringLiteral("pdf") || sheet_ == Sheet::Owner ? suffix
                         : sheet_ == Sheet::Quote                                  ? QStringLiteral("quote.pdf")
                                                                                   : QStringLiteral("bench.pdf");
    const QString path = records::pathInFolder(folder_->text(), job().id, name);
    if (QFileInfo::exists(path) && path != replaceable_) {
        replaceable_ = path;
        restyle(result_, "tone", "ember");
        result_->setText(tr("%1 is there already. Once more replaces it.").arg(path));
        return;
    }
    try {
        if (!QDir().mkpath(folder_->text())) {
            throw std::runtime_error(tr("%1 cannot be made").arg(folder_->text()).toStdString());
        }
        QString beside;
        if (isJob) {
            beside = saveJob(path);
        } else {
            records::writeWhole(path, pdf());
        }
        replaceable_ = path;  // it is this job's own from here on
        remembered::setFolder(folder_->text());
        accept(folder_);
        restyle(result_, "tone", "good");
        result_->setText(tr("Saved %1").arg(path) + beside);
    } catch (const std::exception& problem) {
        diary::caught("hand back: save", problem);
        result_->clear();
        refuse(folder_, QString::fromUtf8(problem.what()));
    }
}

void HandBackStation::enter() {
    result_->clear();  // it was about an earlier visit
    open_->hide();
    isAsked_ = false;
    work_->setFocus();
}

std::vector<KeyHint> HandBackStation::keys() const {
    return {{tr("Alt+1 2 3"), tr("sheet")},
            {tr("Ctrl+P"), tr("PDF")},
            {tr("Ctrl+J"), tr("JSON")},
            {tr("Alt+H"), tr("handed back")}};
}

bool HandBackStation::isDone(const Snapshot& shown) {
    return !shown.job.handedBack.empty();
}

}  // namespace dimglow::app
