#include "app/main_window.h"

#include <QApplication>
#include <QFileDialog>
#include <QKeyEvent>
#include <QPainter>
#include <QPushButton>
#include <QShortcut>
#include <QVBoxLayout>
#include <algorithm>
#include <exception>

#include "app/panels.h"
#include "app/stations/board.h"
#include "app/stations/first_look.h"
#include "app/stations/fix_plan.h"
#include "app/stations/hand_back.h"
#include "app/stations/panel_check.h"
#include "app/stations/prove.h"
#include "app/stations/strings.h"
#include "app/stations/take_in.h"
#include "app/theme.h"
#include "core/backlight/plain.h"
#include "records/job_file.h"

namespace dimglow::app {

namespace {

constexpr int trailWidth = 270;
constexpr int beliefWidth = 306;
constexpr int noticeMilliseconds = 9000;
constexpr double scaleStep = 0.1;
constexpr qsizetype mostEditsShown = 12;

/// The mark of the program: a lit disc in its ring.
class Mark : public QWidget {
public:
    QSize sizeHint() const override { return {theme::px(30), theme::px(30)}; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const auto& p = theme::palette();
        const QPointF c = QRectF(rect()).center();
        painter.setPen(QPen(p.glow, theme::px(2)));
        painter.drawEllipse(c, theme::px(10), theme::px(10));
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.glow);
        painter.drawEllipse(c, theme::px(5), theme::px(5));
    }
};

}  // namespace

MainWindow::MainWindow(records::Logbook& logbook, const knowledge::Knowledge& trade)
    : logbook_(logbook), session_(logbook, trade) {
    setObjectName(QStringLiteral("window"));
    setWindowTitle(tr("Dim Glow"));
    noticeTimer_.setSingleShot(true);
    connect(&noticeTimer_, &QTimer::timeout, this, [this] { notice_->clear(); });
    connect(&session_, &JobSession::assessed, this, &MainWindow::showJob);
    connect(&session_, &JobSession::saved, this, &MainWindow::showSaved);
    connect(&session_, &JobSession::editFailed, this,
            [this](const QString& reason) { say(tr("Not saved: %1").arg(reason), "ember"); });
    buildShortcuts();
    applyTheme();
    resize(1280, 800);
}

MainWindow::~MainWindow() {
    delete takeCentralWidget();  // its views still look at the session while they go
}

void MainWindow::applyTheme() {
    const int current = stationStack_ == nullptr ? 0 : stationStack_->currentIndex();
    const bool inJob = pages_ != nullptr && pages_->currentIndex() == 1;
    qApp->setFont(theme::body());
    qApp->setStyleSheet(theme::styleSheet());
    build();
    if (inJob) {
        pages_->setCurrentIndex(1);
        showJob();
        goToStation(current);
    } else {
        goHome();
    }
}

void MainWindow::toggleTheme() {
    theme::setMode(theme::mode() == theme::Mode::LampOff ? theme::Mode::Daylight : theme::Mode::LampOff);
    QTimer::singleShot(0, this, &MainWindow::applyTheme);
}

void MainWindow::build() {
    stations_.clear();
    auto* root = new QWidget;
    root->setObjectName(QStringLiteral("page"));
    auto* rows = new QVBoxLayout(root);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(0);
    pages_ = new QStackedWidget;
    home_ = new HomePage(logbook_);
    connect(home_, &HomePage::jobChosen, this, &MainWindow::openJob);
    connect(home_, &HomePage::newJobWanted, this, &MainWindow::newJob);
    connect(home_, &HomePage::importWanted, this, &MainWindow::askForFile);
    pages_->addWidget(home_);

    stationStack_ = new QStackedWidget;
    for (Station* station :
         {static_cast<Station*>(new TakeInStation(session_)), static_cast<Station*>(new FirstLookStation(session_)),
          static_cast<Station*>(new BoardStation(session_)), static_cast<Station*>(new PanelCheckStation(session_)),
          static_cast<Station*>(new StringsStation(session_)), static_cast<Station*>(new FixPlanStation(session_)),
          static_cast<Station*>(new ProveStation(session_)), static_cast<Station*>(new HandBackStation(session_))}) {
        connect(station, &Station::refused, this, [this](const QString& reason) { say(reason, "ember"); });
        stationStack_->addWidget(station);
        stations_.push_back(station);
    }
    auto* jobPage = new QWidget;
    auto* columns = new QHBoxLayout(jobPage);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(1);
    auto* trail = new TrailView(session_);
    trail->setFixedWidth(theme::px(trailWidth));
    columns->addWidget(trail);
    columns->addWidget(stationStack_, 1);
    belief_ = new BeliefPanel(session_);
    belief_->setFixedWidth(theme::px(beliefWidth));
    connect(belief_, &BeliefPanel::probeChosen, this, &MainWindow::takeProbe);
    connect(belief_, &BeliefPanel::planChosen, this, [this] { goToStation(stationIndex("fixPlan")); });
    columns->addWidget(belief_);
    pages_->addWidget(jobPage);

    rows->addWidget(buildHeader());
    rows->addWidget(makeRule());
    rows->addWidget(pages_, 1);
    rows->addWidget(makeRule());
    rows->addWidget(buildFooter());
    setCentralWidget(root);
    if (session_.hasJob()) {
        emit session_.assessed();
    }
}

QWidget* MainWindow::buildHeader() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    bar->setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(theme::px(14), 0, theme::px(14), 0);
    row->setSpacing(theme::px(12));
    row->addWidget(new Mark);
    auto* names = new QVBoxLayout;
    names->setContentsMargins(0, theme::px(11), 0, theme::px(11));
    names->setSpacing(theme::px(2));
    title_ = makeLabel(tr("Dim Glow"), theme::strong());
    title_->setObjectName(QStringLiteral("jobTitle"));
    title_->setFixedWidth(theme::px(222));
    subtitle_ = makeLabel(tr("repair bench"), theme::quiet(), "quiet");
    names->addWidget(title_);
    names->addWidget(subtitle_);
    row->addLayout(names);
    QStringList titles;
    for (const auto* station : stations_) {
        titles << station->title();
    }
    line_ = new StationLine(titles);
    connect(line_, &StationLine::chosen, this, &MainWindow::goToStation);
    auto keepPlace = line_->sizePolicy();
    keepPlace.setRetainSizeWhenHidden(true);
    line_->setSizePolicy(keepPlace);
    row->addWidget(line_, 1);
    auto* jobs = makeButton(tr("Jobs"), tr("Ctrl+H"));
    jobs->setFocusPolicy(Qt::NoFocus);
    connect(jobs, &QPushButton::clicked, this, &MainWindow::goHome);
    row->addWidget(jobs);
    auto* theme = makeButton(theme::mode() == theme::Mode::LampOff ? tr("◐ lamp off") : tr("◑ daylight"), tr("F9"));
    theme->setFocusPolicy(Qt::NoFocus);
    connect(theme, &QPushButton::clicked, this, &MainWindow::toggleTheme);
    row->addWidget(theme);
    return bar;
}

QWidget* MainWindow::buildFooter() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    bar->setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(theme::px(14), theme::px(6), theme::px(14), theme::px(6));
    auto* hints = new QWidget;  // gives way to the notice and never widens the window
    hints->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    keys_ = new QHBoxLayout(hints);
    keys_->setContentsMargins(0, 0, 0, 0);
    keys_->setSpacing(theme::px(8));
    row->addWidget(hints, 1);
    notice_ = makeLabel({}, theme::quiet(), "ember");
    notice_->setObjectName(QStringLiteral("notice"));
    row->addWidget(notice_);
    row->addSpacing(theme::px(14));
    saved_ = makeLabel({}, theme::quiet(), "quiet");
    saved_->setObjectName(QStringLiteral("saved"));
    row->addWidget(saved_);
    return bar;
}

void MainWindow::buildShortcuts() {
    const auto on = [this](const QKeySequence& keys, auto action) {
        auto* shortcut = new QShortcut(keys, this);
        connect(shortcut, &QShortcut::activated, this, action);
    };
    on(QKeySequence(Qt::CTRL | Qt::Key_Z), [this] { session_.undoStack().undo(); });
    on(QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), [this] { session_.undoStack().redo(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_Y), [this] { session_.undoStack().redo(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_H), [this] { goHome(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_N), [this] { newJob(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_O), [this] { askForFile(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_Return), [this] { takeNext(); });
    on(QKeySequence(Qt::Key_F9), [this] { toggleTheme(); });
    on(QKeySequence(Qt::Key_PageDown), [this] { goToStation(stationStack_->currentIndex() + 1); });
    on(QKeySequence(Qt::Key_PageUp), [this] { goToStation(stationStack_->currentIndex() - 1); });
    for (int i = 0; i < 9; ++i) {
        on(QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_1 + i)), [this, i] {
            if (i < int(stations_.size())) {
                goToStation(i);
            }
        });
    }
    for (const auto& [key, step] : {std::pair(QKeySequence(QKeySequence::ZoomIn), scaleStep),
                                    std::pair(QKeySequence(QKeySequence::ZoomOut), -scaleStep)}) {
        on(key, [this, step = step] {
            theme::setScale(theme::scale() + step);
            QTimer::singleShot(0, this, &MainWindow::applyTheme);
        });
    }
}

void MainWindow::showKeys() {
    clearLayout(keys_);
    std::vector<KeyHint> hints;
    if (pages_->currentIndex() == 0) {
        hints = {{tr("↑ ↓"), tr("job")},
                 {tr("Enter"), tr("open")},
                 {tr("Ctrl+N"), tr("new job")},
                 {tr("Ctrl+O"), tr("import")}};
    } else {
        hints = stations_[stationStack_->currentIndex()]->keys();
        hints.push_back({tr("Ctrl+Enter"), tr("next probe")});
        hints.push_back({tr("PgUp PgDn"), tr("station")});
        hints.push_back({tr("Ctrl+Z"), tr("undo")});
    }
    for (const auto& hint : hints) {
        auto* cap = makeLabel(hint.key, theme::quiet());
        cap->setProperty("keycap", true);
        keys_->addWidget(cap);
        keys_->addWidget(makeLabel(hint.action, theme::quiet(), "quiet"));
        keys_->addSpacing(theme::px(4));
    }
    keys_->addStretch();
}

void MainWindow::showSaved() {
    saved_->setText(tr("saved %1").arg(session_.savedAt().toLocalTime().toString(QStringLiteral("HH:mm:ss"))));
    QStringList edits;
    for (const auto& line : logbook_.history(QString::fromStdString(session_.job().id))) {
        edits << line;
    }
    saved_->setToolTip(edits.mid(std::max<qsizetype>(0, edits.size() - mostEditsShown)).join(QLatin1Char('\n')));
}

void MainWindow::say(const QString& words, const char* tone) {
    notice_->setText(words);
    restyle(notice_, "tone", tone);
    noticeTimer_.start(noticeMilliseconds);
}

void MainWindow::goHome() {
    if (auto* focused = focusWidget()) {
        focused->clearFocus();  // lets a field being edited write itself down
    }
    pages_->setCurrentIndex(0);
    title_->setText(tr("Dim Glow"));
    subtitle_->setText(tr("repair bench"));
    saved_->clear();
    line_->hide();
    home_->enter();
    showKeys();
}

void MainWindow::openJob(const QString& id) {
    try {
        const auto job = logbook_.load(id);
        if (!job) {
            say(tr("Job %1 is not in the logbook").arg(id), "ember");
            return;
        }
        session_.open(*job);
    } catch (const std::exception& problem) {
        say(QString::fromUtf8(problem.what()), "ember");
        return;
    }
    pages_->setCurrentIndex(1);
    line_->show();
    int first = 0;
    while (first + 1 < int(stations_.size()) && stations_[first]->isDone()) {
        ++first;
    }
    showJob();
    goToStation(first);
}

void MainWindow::newJob() {
    try {
        job::Job job;
        job.id = logbook_.nextId().toStdString();
        job.title = tr("New job").toStdString();
        job.backlight = backlight::plainBacklight({});
        logbook_.store(job, tr("Taken in"));
        openJob(QString::fromStdString(job.id));
    } catch (const std::exception& problem) {
        say(QString::fromUtf8(problem.what()), "ember");
    }
}

void MainWindow::importFile(const QString& path) {
    try {
        auto job = records::readJobFile(path);
        if (logbook_.load(QString::fromStdString(job.id))) {
            job.id = logbook_.nextId().toStdString();
        }
        session_.open(job);  // throws before the logbook is touched
        logbook_.store(job, tr("Imported"));
        openJob(QString::fromStdString(job.id));
    } catch (const std::exception& problem) {
        say(QString::fromUtf8(problem.what()), "ember");
    }
}

void MainWindow::askForFile() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Import a job file"), {}, tr("Job files (*.json)"));
    if (!path.isEmpty()) {
        importFile(path);
    }
}

int MainWindow::stationIndex(const std::string& id) const {
    for (int i = 0; i < int(stations_.size()); ++i) {
        if (stations_[i]->id().toStdString() == id) {
            return i;
        }
    }
    return 0;
}

void MainWindow::goToStation(int index) {
    if (pages_->currentIndex() != 1 || index < 0 || index >= int(stations_.size())) {
        return;
    }
    if (auto* focused = focusWidget()) {
        focused->clearFocus();
    }
    stationStack_->setCurrentIndex(index);
    line_->setCurrent(index);
    stations_[index]->refresh();
    stations_[index]->enter();
    showKeys();
}

void MainWindow::showJob() {
    if (pages_ == nullptr || pages_->currentIndex() != 1) {
        return;
    }
    const auto& job = session_.job();
    title_->setText(
        title_->fontMetrics().elidedText(QString::fromStdString(job.title), Qt::ElideRight, title_->width()));
    subtitle_->setText(
        QString::fromStdString(job.id) +
        (job.set.panel.empty() ? QString() : tr(" · panel %1").arg(QString::fromStdString(job.set.panel))));
    std::vector<StationLine::State> states;
    bool later = false;
    for (auto station = stations_.rbegin(); station != stations_.rend(); ++station) {
        const bool done = (*station)->isDone();
        states.insert(states.begin(), done    ? StationLine::State::Done
                                      : later ? StationLine::State::Skipped
                                              : StationLine::State::Ahead);
        later = later || done;
    }
    line_->setStates(std::move(states));
    stations_[stationStack_->currentIndex()]->refresh();
}

void MainWindow::takeProbe(const reasoning::Probe& probe) {
    const int index = stationIndex(probe.station);
    if (index != stationStack_->currentIndex()) {
        goToStation(index);
    }
    stations_[index]->goTo(probe);
}

void MainWindow::takeNext() {
    if (pages_->currentIndex() != 1) {
        return;
    }
    const auto& assessment = session_.assessment();
    if (assessment.verdict.empty() && !assessment.probes.empty()) {
        takeProbe(assessment.probes.front());
    } else {
        goToStation(stationIndex("fixPlan"));
    }
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && pages_->currentIndex() == 1) {
        takeNext();
    } else {
        QMainWindow::keyPressEvent(event);
    }
}

}  // namespace dimglow::app
