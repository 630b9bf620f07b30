#include "app/main_window.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMimeData>
#include <QPainter>
#include <QPlainTextEdit>
#include <QProcess>
#include <QScreen>
#include <QShortcut>
#include <QVBoxLayout>
#include <algorithm>
#include <exception>
#include <initializer_list>
#include <utility>

#include "app/ask_file.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "core/backlight/plain.h"
#include "diary/diary.h"
#include "records/bundle.h"
#include "records/job_file.h"

namespace dimglow::app {

namespace {

constexpr int noticeMilliseconds = 9000;
constexpr double scaleStep = 0.1;
constexpr int mostEditsShown = 12;

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

/// A field that Ctrl+Z takes back typing in, because something was typed and not written down.
bool hasOwnUndo(const QWidget* field) {
    if (const auto* line = qobject_cast<const QLineEdit*>(field)) {
        return line->isModified() && line->isUndoAvailable();
    }
    const auto* box = qobject_cast<const QPlainTextEdit*>(field);
    return box != nullptr && box->document()->isModified();
}

}  // namespace

MainWindow::MainWindow(records::Logbook& logbook, knowledge::Source source, JobSession::Assess assess)
    : logbook_(logbook), session_(logbook, source, std::move(assess)) {
    setObjectName(QStringLiteral("window"));
    setWindowTitle(tr("Dim Glow"));
    noticeTimer_.setSingleShot(true);
    connect(&noticeTimer_, &QTimer::timeout, this, [this] { notice_->hide(); });
    connect(&session_, &JobSession::changed, this, &MainWindow::showJob);
    connect(&session_, &JobSession::saved, this, &MainWindow::showSaved);
    connect(&session_, &JobSession::cannotShow, this, [this](const QString& why) { say(why); });
    connect(&session_, &JobSession::replaced, this, [this](const QString& why) {
        if (page_ == Page::Job) {
            say(why);
        }
    });
    connect(&session_, &JobSession::openFailed, this, [this](const QString& why) {
        if (page_ == Page::Opening) {
            goHome();
        }
        say(why);
    });
    connect(&session_, &JobSession::opened, this, [this] {
        if (page_ != Page::Opening) {
            return;  // reloaded under the hand: it stays where it is, at home too
        }
        const auto& kinds = stationKinds();
        int first = 0;
        while (first + 1 < stationCount() && kinds[std::size_t(first)].isDone(session_.shown())) {
            ++first;
        }
        buildJobPage(first);
    });
    setAcceptDrops(true);
    buildShortcuts();
    qApp->installEventFilter(this);
    qApp->setFont(theme::body());
    build();
    applyTheme();
    showPage(page_);
    fitScreen();
}

/// As large as it was, never larger than the screen's free area, nor smaller than what the stations need.
void MainWindow::fitScreen() {
    constexpr QSize usual(1280, 800);
    constexpr QSize least(1180, 680);
    const QSize room = screen()->availableGeometry().size();
    setMinimumSize(least.boundedTo(room));
    resize(usual.boundedTo(room));
    restoreGeometry(remembered::geometry());
    resize(size().boundedTo(room));
    applyScale();
}

MainWindow::~MainWindow() {
    qApp->removeEventFilter(this);
    delete takeCentralWidget();  // its views still look at the session while they go
}

void MainWindow::applyTheme() {
    dress();
    dressPages();
}

void MainWindow::dress() {
    qApp->setPalette(theme::basePalette());
    qApp->setStyleSheet(theme::styleSheet());
    for (auto* widget : centralWidget()->findChildren<QWidget*>()) {
        widget->ensurePolished();  // or the sheet would give it its first font once it is shown
    }
    rescaler_.rescale(*centralWidget(), scale_, scale_);  // a new sheet gives back the fonts that it knew
}

/// What paints by itself, and what was given its colours when it was filled.
void MainWindow::dressPages() {
    const bool isDark = theme::mode() == theme::Mode::LampOff;
    themeButton_->setText((isDark ? QStringLiteral("◐ ") : QStringLiteral("◑ ")) + tr("F9"));
    setPlainToolTip(themeButton_, isDark ? tr("lamp off") : tr("daylight"));
    if (jobPage_ != nullptr) {
        jobPage_->dressAnew();
    }
    home_->update();
}

void MainWindow::applyScale() {
    const double before = scale_;
    theme::fitWindow(size());
    if (theme::scale() == before) {
        return;
    }
    scale_ = theme::scale();
    QWidget* root = centralWidget();
    root->setUpdatesEnabled(false);
    qApp->setFont(theme::body());
    rescaler_.rescale(*root, before, scale_);
    dress();  // last: the sheet has heights of its own, at this scale
    dressPages();
    showKeys();
    if (page_ == Page::Job) {
        showTitle();
    }
    root->setUpdatesEnabled(true);
    placeNotice();
}

void MainWindow::toggleTheme() {
    theme::setMode(theme::mode() == theme::Mode::LampOff ? theme::Mode::Daylight : theme::Mode::LampOff);
    remembered::keepTheme();
    applyTheme();
}

void MainWindow::zoom(double by) {
    theme::setOwnScale(theme::ownScale() + by);
    remembered::keepTheme();
    applyScale();
}

void MainWindow::build() {
    auto* root = new QWidget(this);  // each widget in its place from the start: moving it would dress it again
    auto* rows = new QVBoxLayout(root);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(0);
    pages_ = new QStackedWidget(root);
    home_ = new HomePage(logbook_, session_.knowledgeSource(), pages_);
    connect(home_, &HomePage::jobChosen, this, &MainWindow::openJob);
    connect(home_, &HomePage::newJobWanted, this, &MainWindow::newJob);
    connect(home_, &HomePage::importWanted, this, &MainWindow::askForFile);
    connect(home_, &HomePage::demoWanted, this, [this] {
        if (!QProcess::startDetached(QCoreApplication::applicationFilePath(), {QStringLiteral("--demo")})) {
            say(tr("The demo workshop could not be started."));
        }
    });
    connect(home_, &HomePage::failed, this, [this](const QString& why) { say(why); });
    home_->layout()->setEnabled(false);  // it has no size yet
    pages_->addWidget(home_);
    home_->layout()->setEnabled(true);
    rows->addWidget(buildHeader());
    rows->addWidget(makeRule());
    rows->addWidget(pages_, 1);
    rows->addWidget(makeRule());
    rows->addWidget(buildFooter());
    notice_ = makeLabel({}, theme::body(), "ember", root);
    notice_->setObjectName(QStringLiteral("notice"));
    notice_->setWordWrap(true);
    notice_->setAttribute(Qt::WA_TransparentForMouseEvents);
    notice_->hide();
    setCentralWidget(root);
}

void MainWindow::showPage(Page page) {
    page_ = page;
    if (page == Page::Opening && openingPage_ == nullptr) {
        openingPage_ = buildOpeningPage();
        pages_->addWidget(openingPage_);
    }
    pages_->setCurrentWidget(page == Page::Home ? home_ : page == Page::Job ? jobPage_ : openingPage_);
    line_->setVisible(page == Page::Job);
    charge_->setVisible(page == Page::Job);
    if (page == Page::Home) {
        title_->setText(tr("Dim Glow"));
        subtitle_->setText(tr("repair bench"));
        saved_->clear();
        home_->enter();
    }
    showKeys();
}

/// Anew for each job: what was left half typed belongs to the last one.
void MainWindow::buildJobPage(int station) {
    delete jobPage_;
    jobPage_ = new JobPage(session_, station);
    connect(jobPage_, &JobPage::refused, this, [this](const QString& why) { say(why); });
    connect(jobPage_, &JobPage::keysChanged, this, &MainWindow::showKeys);
    connect(jobPage_, &JobPage::entered, this, [this](int index) {
        notice_->hide();
        line_->setCurrent(index);
        showKeys();
    });
    pages_->addWidget(jobPage_);
    showPage(Page::Job);
    showJob();
    goToPlace(station);
    for (const auto& does : std::exchange(whenOpen_, {})) {
        does();
    }
}

/// Hands are faster than a large job: what is pressed while it is opening is done once it is open.
bool MainWindow::waitsForJob(const std::function<void()>& does) {
    if (page_ == Page::Opening) {
        whenOpen_.push_back(does);
    }
    return page_ == Page::Opening;
}

/// What is seen while a large job is fetched and assessed.
QWidget* MainWindow::buildOpeningPage() {
    auto* page = new QWidget;
    auto* rows = new QVBoxLayout(page);
    rows->setSpacing(theme::px(16));
    rows->addStretch();
    opening_ = makeLabel({}, theme::reading(22));
    opening_->setObjectName(QStringLiteral("opening"));
    opening_->setAlignment(Qt::AlignCenter);
    rows->addWidget(opening_);
    auto* stop = makeButton(tr("Stop"), tr("Esc"));
    stop->setObjectName(QStringLiteral("stopOpening"));
    connect(stop, &QPushButton::clicked, this, &MainWindow::goHome);
    rows->addWidget(stop, 0, Qt::AlignHCenter);
    rows->addStretch();
    return page;
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
    line_ = new StationLine(stationTitles(set::LightKind::Leds));
    connect(line_, &StationLine::chosen, this, &MainWindow::goToPlace);
    auto keepPlace = line_->sizePolicy();
    keepPlace.setRetainSizeWhenHidden(true);
    line_->setSizePolicy(keepPlace);
    row->addWidget(line_, 1);
    charge_ = new ChargeBadge;
    connect(charge_, &ChargeBadge::clicked, this, [this] { goToStation("makeSafe"); });
    row->addWidget(charge_);
    auto* jobs = makeButton(tr("Jobs"), {});
    setPlainToolTip(jobs, tr("Ctrl+H"));
    jobs->setFocusPolicy(Qt::NoFocus);
    connect(jobs, &QPushButton::clicked, this, &MainWindow::goHome);
    row->addWidget(jobs);
    themeButton_ = makeButton({}, {});
    themeButton_->setFocusPolicy(Qt::NoFocus);
    connect(themeButton_, &QPushButton::clicked, this, &MainWindow::toggleTheme);
    row->addWidget(themeButton_);
    return bar;
}

QWidget* MainWindow::buildFooter() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    bar->setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(theme::px(14), theme::px(6), theme::px(14), theme::px(6));
    keys_ = new KeyBar;
    row->addWidget(keys_, 1);
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
    on(QKeySequence(Qt::CTRL | Qt::Key_Z), [this] { stepBack(); });
    on(QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), [this] { stepForth(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_Y), [this] { stepForth(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_H), [this] { goHome(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_N), [this] { newJob(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_O), [this] { askForFile(); });
    on(QKeySequence(Qt::CTRL | Qt::Key_T), [this] { onJobPage(&JobPage::toggleTrail); });
    on(QKeySequence(Qt::CTRL | Qt::Key_L), [this] { onJobPage(&JobPage::toggleBelief); });
    on(QKeySequence(Qt::CTRL | Qt::Key_E), [this] { onJobPage(&JobPage::toggleLayerEntry); });
    on(QKeySequence(Qt::CTRL | Qt::Key_Return), [this] { onJobPage(&JobPage::takeNext); });
    on(QKeySequence(Qt::CTRL | Qt::Key_Delete), [this] { onJobPage(&JobPage::missNext); });
    on(QKeySequence(Qt::CTRL | Qt::Key_B), [this] { toggleMaths(); });
    on(QKeySequence(Qt::Key_F1), [this] { toggleHelp(); });
    on(QKeySequence(Qt::Key_F9), [this] { toggleTheme(); });
    on(QKeySequence(Qt::Key_PageDown), [this] { stepStation(1); });
    on(QKeySequence(Qt::Key_PageUp), [this] { stepStation(-1); });
    for (int place = 0; place < stationCount(); ++place) {
        for (const auto& keys : stationKeys(place)) {
            on(keys, [this, place] { goToPlace(place); });
        }
    }
    on(QKeySequence(QKeySequence::ZoomIn), [this] { zoom(scaleStep); });
    on(QKeySequence(Qt::CTRL | Qt::Key_Equal), [this] { zoom(scaleStep); });
    on(QKeySequence(QKeySequence::ZoomOut), [this] { zoom(-scaleStep); });
}

void MainWindow::toggleHelp() {
    if (waitsForJob([this] { toggleHelp(); })) {
        return;
    }
    if (help_ == nullptr) {
        help_ = new HelpSheet(pages_);
        connect(help_, &Sheet::left, this, [this] {
            if (page_ == Page::Job) {
                jobPage_->enterAgain();
            }
        });
    }
    if (help_->isVisible()) {
        help_->putAway();
    } else if (page_ == Page::Job) {
        help_->openAt(stationKinds()[std::size_t(jobPage_->current())].id, jobPage_->keys());
    } else {
        help_->openAt({}, {});
    }
}

void MainWindow::calledAgain(const QString& file, bool wantsNewJob) {
    setWindowState(windowState() & ~Qt::WindowMinimized);
    raise();
    activateWindow();
    if (!file.isEmpty()) {
        importFile(file);
    } else if (wantsNewJob) {
        newJob();
    }
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    const auto urls = event->mimeData()->urls();
    if (!urls.isEmpty() && urls.front().isLocalFile()) {
        event->acceptProposedAction();
    }
}

void MainWindow::dropEvent(QDropEvent* event) {
    for (const auto& url : event->mimeData()->urls()) {
        if (url.isLocalFile()) {
            event->acceptProposedAction();
            importFile(url.toLocalFile());
        }
    }
}

/// Over whatever page is shown; what is typed in it stays.
void MainWindow::toggleMaths() {
    if (waitsForJob([this] { toggleMaths(); })) {
        return;
    }
    if (maths_ == nullptr) {
        maths_ = new BenchMaths(session_, pages_);
        connect(maths_, &BenchMaths::refused, this, [this](const QString& reason) { say(reason); });
        connect(maths_, &Sheet::left, this, [this] {
            if (page_ == Page::Job) {
                jobPage_->enterAgain();
            }
        });
    }
    maths_->toggle();
}

void MainWindow::stepBack() {
    if (page_ != Page::Job || !session_.canUndo()) {
        return;
    }
    const auto step = session_.nextUndo();
    const auto written = session_.undo();
    showStep(written, step, tr("Taken back: %1 (%2)"));
}

void MainWindow::stepForth() {
    if (page_ != Page::Job || !session_.canRedo()) {
        return;
    }
    const auto step = session_.nextRedo();
    const auto written = session_.redo();
    showStep(written, step, tr("Done again: %1 (%2)"));
}

/// Goes to where the step was made, so that nothing changes unseen, and names it.
void MainWindow::showStep(const Written& written, const JobSession::StepName& step, const QString& words) {
    if (!written) {
        say(written.problem);
        return;
    }
    const int place = stationIndex(step.place.toStdString());
    if (place != jobPage_->current()) {
        jobPage_->goTo(place);
    }
    say(words.arg(step.label, stationTitles(session_.job().set.lightKind()).value(place)), "");
}

void MainWindow::showKeys() {
    std::vector<KeyHint> hints;
    if (page_ == Page::Home) {
        hints = {{tr("↑ ↓"), tr("job")},
                 {tr("Enter"), tr("open")},
                 {tr("Ctrl+N"), tr("new job")},
                 {tr("Ctrl+O"), tr("import")}};
    } else if (page_ == Page::Job) {
        hints = jobPage_->keys();
        hints.push_back({tr("Ctrl+Enter"), tr("next step")});
        hints.push_back({tr("PgUp PgDn"), tr("station")});
        hints.push_back({tr("Ctrl+Z"), tr("undo")});
    }
    keys_->show(hints, {tr("F1"), tr("help")});
}

void MainWindow::showSaved() {
    saved_->setText(tr("saved %1").arg(session_.savedAt().toLocalTime().toString(QStringLiteral("HH:mm:ss"))));
    QStringList edits;
    for (const auto& line : session_.history(mostEditsShown)) {
        edits << line.at.toLocalTime().toString(QStringLiteral("yyyy-MM-dd HH:mm ")) + line.label;
    }
    setPlainToolTip(saved_, edits.join(QLatin1Char('\n')));
}

void MainWindow::say(const QString& words, const char* tone) {
    notice_->setText(words);
    restyle(notice_, "tone", tone);
    placeNotice();
    notice_->show();
    notice_->raise();
    noticeTimer_.start(noticeMilliseconds);
}

/// Over the foot of the page: nothing moves for it.
void MainWindow::placeNotice() {
    const QWidget* root = centralWidget();
    if (root == nullptr) {
        return;
    }
    const int widest = root->width() - theme::px(60);
    notice_->setFixedWidth(std::min(widest, notice_->fontMetrics().horizontalAdvance(notice_->text()) + theme::px(40)));
    notice_->setFixedHeight(std::max(theme::px(40), notice_->heightForWidth(notice_->width())));
    notice_->move((root->width() - notice_->width()) / 2,
                  pages_->geometry().bottom() - notice_->height() - theme::px(8));
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    if (pages_ != nullptr) {
        applyScale();
        placeNotice();
    }
}

void MainWindow::closeEvent(QCloseEvent* event) {
    commitTyping(*this);
    remembered::keepGeometry(saveGeometry());
    QMainWindow::closeEvent(event);
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    // Ctrl+Z in a field that has nothing of its own to take back is the job's, and Ctrl+End of one line, where End does
    // the same.
    if (event->type() == QEvent::ShortcutOverride && watched->isWidgetType()) {
        auto* key = static_cast<QKeyEvent*>(event);
        const bool undoes = key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo);
        const bool ends = key->matches(QKeySequence::MoveToEndOfDocument);
        if ((undoes && !hasOwnUndo(static_cast<QWidget*>(watched))) ||
            (ends && qobject_cast<QLineEdit*>(watched) != nullptr)) {
            event->ignore();
            return true;
        }
    }
    return QMainWindow::eventFilter(watched, event);
}

void MainWindow::goHome() {
    commitTyping(*this);
    session_.stopOpening();
    whenOpen_.clear();
    notice_->hide();
    showPage(Page::Home);
}

void MainWindow::openJob(const QString& id) {
    commitTyping(*this);
    for (Sheet* sheet : std::initializer_list<Sheet*>{help_, maths_}) {
        if (sheet != nullptr && sheet->isVisible()) {
            sheet->putAway();  // it lies over the page before
        }
    }
    notice_->hide();
    whenOpen_.clear();
    showPage(Page::Opening);
    opening_->setText(tr("Opening %1 …").arg(id));
    session_.open(id);
}

/// Another window may take the number in the same moment: then the next is tried.
void MainWindow::createWithNewNumber(job::Job& job, const QString& label) {
    constexpr int mostTries = 5;
    for (int tries = 1;; ++tries) {
        job.id = logbook_.nextId().toStdString();
        try {
            logbook_.create(job, label);
            return;
        } catch (const records::LogbookError&) {
            if (tries == mostTries || logbook_.revision(QString::fromStdString(job.id)) == 0) {
                throw;
            }
        }
    }
}

void MainWindow::newJob() {
    commitTyping(*this);
    try {
        job::Job job;
        job.title = tr("New job").toStdString();
        job.set.backlight = backlight::plainBacklight(backlight::undescribed());
        const auto last = logbook_.lastChanged();
        if (last) {  // the workshop is the same
            job.bench = last->bench;
            job.bench.lacks.clear();  // ways and tools are offered, not taken for granted
        } else {
            const auto head = remembered::workshop();
            job.bench.workshop = head.name.toStdString();
            job.bench.contact = head.contact.toStdString();
            job.bench.ratePerHour = head.rate > 0 ? head.rate : job.bench.ratePerHour;
            const QString currency = QLocale::system().currencySymbol(QLocale::CurrencyIsoCode);
            job.bench.currency = currency.size() == 3 ? currency.toStdString() : job.bench.currency;
        }
        createWithNewNumber(job, tr("Taken in"));
        if (last) {
            session_.setLastWay({job.id, last->id, last->way, last->bench.lacks});
        }
        openJob(QString::fromStdString(job.id));
    } catch (const std::exception& problem) {
        diary::caught("window: new job", problem);
        say(tr("Not saved: %1").arg(QString::fromUtf8(problem.what())));
    }
}

void MainWindow::importFile(const QString& path) {
    commitTyping(*this);
    try {
        auto job = records::isBundle(path) ? records::readBundle(path, logbook_.photos()) : records::readJobFile(path);
        if (logbook_.revision(QString::fromStdString(job.id)) != 0) {
            createWithNewNumber(job, tr("Imported"));
        } else {
            logbook_.create(job, tr("Imported"));
        }
        openJob(QString::fromStdString(job.id));
    } catch (const std::exception& problem) {
        diary::caught("window: import", problem);
        say(QString::fromUtf8(problem.what()));
    }
}

void MainWindow::askForFile() {
    askForFileToOpen(this, {tr("Import a job file"), tr("Job files (*.dimglow *.json *.zip)")},
                     [this](const QString& path) { importFile(path); });
}

void MainWindow::goToStation(const std::string& id) {
    goToPlace(stationIndex(id));
}

void MainWindow::goToPlace(int place) {
    if (!waitsForJob([this, place] { goToPlace(place); }) && page_ == Page::Job) {
        jobPage_->goTo(place);
    }
}

void MainWindow::onJobPage(void (JobPage::*action)()) {
    if (!waitsForJob([this, action] { onJobPage(action); }) && page_ == Page::Job) {
        (jobPage_->*action)();
    }
}

void MainWindow::stepStation(int by) {
    if (!waitsForJob([this, by] { stepStation(by); }) && page_ == Page::Job) {
        jobPage_->goTo(jobPage_->current() + by);
    }
}

void MainWindow::showJob() {
    if (page_ != Page::Job) {
        return;
    }
    showTitle();
    const auto shown = session_.snapshot();
    charge_->show(shown, session_.trade());
    std::vector<StationLine::State> states;
    bool later = false;
    for (auto kind = stationKinds().rbegin(); kind != stationKinds().rend(); ++kind) {
        const bool done = kind->isDone(*shown);
        states.insert(states.begin(), done    ? StationLine::State::Done
                                      : later ? StationLine::State::Skipped
                                              : StationLine::State::Ahead);
        later = later || done;
    }
    line_->setTitles(stationTitles(shown->job.set.lightKind()));
    line_->setStates(std::move(states));
    jobPage_->refresh();
    showKeys();
}

/// As much of the job's name as there is room for.
void MainWindow::showTitle() {
    const auto& job = session_.shown().job;
    title_->setText(
        title_->fontMetrics().elidedText(QString::fromStdString(job.title), Qt::ElideRight, title_->width()));
    const QString under =
        QString::fromStdString(job.id) +
        (job.set.panel.empty() ? QString() : tr(" · panel %1").arg(QString::fromStdString(job.set.panel)));
    subtitle_->setText(subtitle_->fontMetrics().elidedText(under, Qt::ElideRight, title_->width()));
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && page_ == Page::Opening) {
        goHome();
    } else if (event->key() == Qt::Key_Space && page_ == Page::Job) {
        jobPage_->takeNext();
    } else {
        QMainWindow::keyPressEvent(event);
    }
}

}  // namespace dimglow::app
