#include "app/stations/take_in.h"

#include <QCalendarWidget>
#include <QDate>
#include <QMenu>
#include <QPushButton>
#include <QShortcut>
#include <QWidgetAction>
#include <algorithm>

#include "app/ask_file.h"
#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/format/fields.h"
#include "records/job_file.h"

namespace dimglow::app {

namespace {

constexpr job::Expected amountOfMoney{0, 1e6, job::Unit::Money};
constexpr job::Expected hoursOfLight{0, 200000, job::Unit::Hours};

/// Puts what a line says into the backlight of a job; \returns what is wrong with the line.
template <class Values, class Put>
QString putLine(const std::variant<Values, typing::LineProblem>& read, job::Job& job, Put put) {
    if (const auto* problem = std::get_if<typing::LineProblem>(&read)) {
        return inWords(*problem);
    }
    put(job.set.backlight, std::get<Values>(read));
    return {};
}

/// What was read, into \p target; \returns what is wrong.
template <class Value>
QString put(const std::variant<Value, text::Text>& typed, Value& target) {
    if (const auto* problem = std::get_if<text::Text>(&typed)) {
        return words(*problem);
    }
    target = std::get<Value>(typed);
    return {};
}

/// Has a field say back the line that is read.
template <class Reader>
void explainLine(QLineEdit* edit, Reader read) {
    explainTyping(edit, [read](const QString& text) {
        const auto result = read(text);
        const auto* values = std::get_if<0>(&result);
        return values == nullptr || values->empty() ? QString() : typed::spoken(backlight::lineOf(*values));
    });
}

std::string today() {
    return QDate::currentDate().toString(Qt::ISODate).toStdString();
}

/// LED+ in regulation, by feed.
QString runningWords(const driver::DriverReference& reference) {
    QStringList volts;
    for (const auto& feed : reference) {
        volts << number(feed.stringVolts, 0);
    }
    return volts.join(QStringLiteral(" / "));
}

}  // namespace

TakeInStation::TakeInStation(JobSession& session) : Station(session, QStringLiteral("takeIn"), tr("Take in")) {
    addWays();
    addTools();
    lastWay_ = addToHead("lastWay", tr("Work as in the job before: its way and its tools (Alt+B)."), Qt::Key_B,
                         [this] { takeLastWay(); });
    body_->addWidget(makeSetCard());
    body_->addWidget(makeWiringCard());
    known_ = new KnownCard;
    connect(known_, &KnownCard::keepWanted, this, &TakeInStation::keepLearned);
    body_->addWidget(known_);
    body_->addStretch();
    auto* take = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_R), this);
    connect(take, &QShortcut::activated, this, [this] {
        askForFileToOpen(this, {tr("Take the wiring from a job file"), tr("Job files (*.dimglow *.json)")},
                         [this](const QString& path) { takeWiringFrom(path); });
    });
}

/// How the job is worked, beside the title: what comes first, and the smallest thing that is replaced.
void TakeInStation::addWays() {
    const auto change = [this](void (*to)(job::Way&)) {
        tell(session_.edit(tr("Way of working"), [to](job::Job& job) { to(job.way); }));
    };
    wayFirst_ = addToHead("wayFirst", tr("Measure first, or swap boards that can be sent back first (Alt+M)."),
                          Qt::Key_M, [change] {
                              change([](job::Way& way) {
                                  const bool measures = way.first == job::Way::First::Measure;
                                  way.first = measures ? job::Way::First::Swap : job::Way::First::Measure;
                              });
                          });
    wayLevel_ = addToHead("wayLevel", tr("The smallest thing that is replaced (Alt+L)."), Qt::Key_L, [change] {
        change([](job::Way& way) {
            way.level = job::Way::Level((int(way.level) + 1) % (int(job::Way::Level::Strip) + 1));
        });
    });
}

/// What is not at hand: what needs it is not asked for.
void TakeInStation::addTools() {
    toolsMenu_ = new ToolsMenu(session_.trade(), this);
    tools_ = addToHead("tools", tr("Tools at hand; what needs another is not asked for (Alt+T)."), Qt::Key_T,
                       [this] { toolsMenu_->popup(tools_->mapToGlobal(QPoint(0, tools_->height()))); });
    connect(toolsMenu_, &ToolsMenu::ticked, this, [this](const QString& tool, bool isAtHand) {
        tell(session_.edit(tr("Tools at hand"), [&](job::Job& job) {
            std::erase(job.bench.lacks, tool.toStdString());
            if (!isAtHand) {
                job.bench.lacks.push_back(tool.toStdString());
            }
        }));
    });
}

/// The way of working and the tools of the job before, where they differ.
void TakeInStation::takeLastWay() {
    if (const auto last = session_.lastWay()) {
        tell(session_.edit(tr("Worked as %1").arg(QString::fromStdString(last->from)), [&](job::Job& job) {
            job.way = last->way;
            job.bench.lacks = last->lacks;
        }));
    }
}

void TakeInStation::showWays() {
    const auto last = session_.lastWay();
    lastWay_->setVisible(last && (last->way != job().way || last->lacks != job().bench.lacks));
    lastWay_->setText(last ? tr("As %1  Alt+B").arg(QString::fromStdString(last->from)) : QString());
    const auto& way = job().way;
    const QString levels[] = {tr("What costs least"), tr("Boards"), tr("Parts"), tr("Whole strips")};
    wayFirst_->setText(way.first == job::Way::First::Swap ? tr("Swap first") : tr("Measure first"));
    wayLevel_->setText(levels[int(way.level)]);
    tools_->setText(toolsWords(job().bench, session_.trade()));
    toolsMenu_->showBench(job().bench);
}

/// What set it is, whose, what is wrong with it, what it is worth and when it is due.
QWidget* TakeInStation::makeSetCard() {
    auto* card = makeCard("panel");
    auto* grid = new QGridLayout(card);
    grid->setContentsMargins(theme::px(18), theme::px(14), theme::px(18), theme::px(14));
    grid->setHorizontalSpacing(theme::px(14));
    grid->setVerticalSpacing(theme::px(4));
    const auto addLine = [&](int row, int column, const QString& name, const char* id, auto slot, int span = 1) {
        addText(
            grid, row, column, name, id,
            [slot](const job::Job& job) {
                job::Job copy = job;
                return QString::fromStdString(slot(copy));
            },
            [slot](job::Job& job, const QString& text) {
                slot(job) = text.toStdString();
                return QString();
            },
            span);
    };
    addLine(
        0, 0, tr("Job title"), "title", [](job::Job& j) -> std::string& { return j.title; }, 2);
    addLine(0, 2, tr("Owner"), "owner", [](job::Job& j) -> std::string& { return j.order.owner; });
    addLine(0, 3, tr("Phone"), "phone", [](job::Job& j) -> std::string& { return j.order.phone; });
    addLine(1, 0, tr("Maker"), "maker", [](job::Job& j) -> std::string& { return j.set.maker; });
    addLine(1, 1, tr("Model"), "model", [](job::Job& j) -> std::string& { return j.set.model; });
    addLine(1, 2, tr("Serial number"), "serial", [](job::Job& j) -> std::string& { return j.set.serial; });
    addLine(1, 3, tr("Panel"), "panel", [](job::Job& j) -> std::string& { return j.set.panel; });
    grid->addWidget(makeLabel(tr("Complaint, in the owner's words"), theme::quiet(), "quiet"), 4, 0, 1, 2);
    complaint_ = new TextBox(session_, tr("Complaint"), QStringLiteral("complaint"), 2,
                             [](job::Job& j) -> std::string& { return j.order.complaint; });
    grid->addWidget(complaint_, 5, 0, 1, 2);
    addLine(
        2, 2, tr("Where it hangs"), "place", [](job::Job& j) -> std::string& { return j.order.place; }, 2);
    addOrder(grid);
    return card;
}

/// When it is due, what it is worth and may cost, how long it has run.
void TakeInStation::addOrder(QGridLayout* grid) {
    const auto addAmount = [&](int column, const QString& name, const char* id, const job::Expected& expected,
                               std::optional<double> (*get)(const job::Job&),
                               void (*set)(job::Job&, std::optional<double>)) {
        addText(
            grid, 3, column, name, id, [get](const job::Job& j) { return get(j) ? number(*get(j)) : QString(); },
            [expected, set](job::Job& j, const QString& t) {
                double amount = 0;
                QString problem = t.isEmpty() ? QString() : put(typed::amount(t, expected), amount);
                if (problem.isEmpty()) {
                    set(j, t.isEmpty() ? std::nullopt : std::optional(amount));
                }
                return problem;
            });
        explainTyping(texts_.back().edit, [this, expected](const QString& t) {
            const QString said = typed::orNothing(typed::amount(t, expected), expected.unit);
            const bool isMoney = expected.unit == job::Unit::Money && !said.isEmpty();
            return isMoney ? said + QLatin1Char(' ') + QString::fromStdString(job().bench.currency) : said;
        });
    };
    addText(
        grid, 3, 0, tr("Due"), "due", [](const job::Job& j) { return QString::fromStdString(j.order.due); },
        [](job::Job& j, const QString& t) {
            job::TypedDay day;
            QString problem = t.isEmpty() ? QString() : put(typed::day(t, today()), day);
            j.order.due = problem.isEmpty() ? day.iso : j.order.due;
            return problem;
        });
    texts_.back().edit->setPlaceholderText(tr("Friday, in 3 days"));
    explainTyping(texts_.back().edit, [](const QString& t) { return typed::orNothing(typed::day(t, today())); });
    addCalendar(texts_.back().edit);
    addAmount(
        1, tr("Value when it works"), "value", amountOfMoney,
        [](const job::Job& j) { return j.order.value > 0 ? std::optional(j.order.value) : std::nullopt; },
        [](job::Job& j, std::optional<double> amount) { j.order.value = amount.value_or(0); });
    addAmount(
        2, tr("Agreed price"), "agreedPrice", amountOfMoney, [](const job::Job& j) { return j.order.agreedPrice; },
        [](job::Job& j, std::optional<double> amount) { j.order.agreedPrice = amount; });
    addAmount(
        3, tr("Hours of light so far"), "hours", hoursOfLight, [](const job::Job& j) { return j.set.hoursRun; },
        [](job::Job& j, std::optional<double> amount) { j.set.hoursRun = amount; });
}

/// A button in the field that opens a calendar.
void TakeInStation::addCalendar(QLineEdit* edit) {
    auto* calendar = new QCalendarWidget;
    calendar->setFont(theme::body());
    auto* menu = new QMenu(edit);
    auto* inMenu = new QWidgetAction(menu);
    inMenu->setDefaultWidget(calendar);
    menu->addAction(inMenu);
    auto* open = edit->addAction(calendarIcon(), QLineEdit::TrailingPosition);
    open->setObjectName(QStringLiteral("openCalendar"));
    open->setToolTip(tr("Choose the day"));
    connect(open, &QAction::triggered, menu, [edit, menu, calendar] {
        const QDate now = QDate::fromString(edit->text(), Qt::ISODate);
        calendar->setSelectedDate(now.isValid() ? now : QDate::currentDate());
        menu->popup(edit->mapToGlobal(QPoint(0, edit->height())));
    });
    connect(calendar, &QCalendarWidget::clicked, this, [this, edit, menu](const QDate& day) {
        menu->close();
        edit->setText(day.toString(Qt::ISODate));
        edit->setModified(true);
        commit(edit);
    });
}

/// The one line and its picture; number by number, curve and pins on request.
QWidget* TakeInStation::makeWiringCard() {
    auto* card = makeCard("panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(18), theme::px(14), theme::px(18), theme::px(14));
    rows->setSpacing(theme::px(6));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("Backlight"), theme::strong()));
    head->addStretch();
    twin_ = makeButton({}, {});
    twin_->setObjectName(QStringLiteral("twin"));
    connect(twin_, &QPushButton::clicked, this, &TakeInStation::takeTwin);
    auto* takeKey = new QShortcut(Qt::ALT | Qt::Key_P, this);
    connect(takeKey, &QShortcut::activated, twin_, &QPushButton::click);
    head->addWidget(twin_);
    rows->addLayout(head);
    summary_ = makeLabel({}, theme::body(), "quiet");
    summary_->setObjectName(QStringLiteral("wiringSummary"));
    summary_->setWordWrap(true);
    rows->addWidget(summary_);
    line_ = new StripsLine(session_);
    line_->setObjectName(QStringLiteral("wiringLine"));
    line_->setFont(theme::reading(17));
    rows->addWidget(line_);
    addBoard();
    rows->addWidget(board_);
    unfold_ = makeButton({}, {});
    unfold_->setObjectName(QStringLiteral("unfoldNumbers"));
    unfold_->setFocusPolicy(Qt::NoFocus);
    connect(unfold_, &QPushButton::clicked, this, [this] { foldNumbers(!numbers_->isHidden()); });
    auto* foldKey = new QShortcut(Qt::ALT | Qt::Key_D, this);
    foldKey->setContext(Qt::WidgetWithChildrenShortcut);
    connect(foldKey, &QShortcut::activated, unfold_, &QPushButton::click);
    rows->addWidget(unfold_, 0, Qt::AlignLeft);
    numbers_ = new QWidget;
    auto* more = new QVBoxLayout(numbers_);
    more->setContentsMargins(0, 0, 0, 0);
    form_ = new WiringForm(session_);
    more->addWidget(form_);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme::px(14));
    more->addLayout(grid);
    addLines(grid);
    rows->addWidget(numbers_);
    notes_ = makeLabel({}, theme::quiet(), "quiet");
    notes_->setObjectName(QStringLiteral("wiringNotes"));
    notes_->setWordWrap(true);
    rows->addWidget(notes_);
    foldNumbers(true);
    return card;
}

/// A measured LED, and the plug.
void TakeInStation::addLines(QGridLayout* grid) {
    addText(
        grid, 0, 0, tr("A good LED, measured"), "ledPoints",
        [](const job::Job& j) { return typed::spoken(backlight::lineOf(j.set.backlight.ledPoints)); },
        [](job::Job& j, const QString& t) {
            return putLine(typed::points(t), j, [](auto& panel, const auto& points) {
                if (!panel.isDescribed) {
                    panel.ledPoints = points;  // strips are fitted to them when there are some
                } else if (points != panel.ledPoints) {
                    panel = backlight::withLedPoints(panel, points);
                }
            });
        });
    texts_.back().edit->setPlaceholderText(tr("2.61 V at 1 mA, 2.82 V at 30 mA, 3.1 V at 350 mA"));
    explainLine(texts_.back().edit, [](const QString& t) { return typed::points(t); });
    addText(
        grid, 0, 1, tr("Pins of the plug, in order"), "harness",
        [](const job::Job& j) { return typed::spoken(backlight::lineOf(j.set.backlight.harness)); },
        [](job::Job& j, const QString& t) {
            return putLine(typed::pins(t), j,
                           [](auto& panel, const auto& pins) { panel = backlight::withPlug(panel, pins); });
        });
    texts_.back().edit->setPlaceholderText(tr("+ red, − black 0.2 Ω, − 2 white, unused"));
    explainLine(texts_.back().edit, [](const QString& t) { return typed::pins(t); });
}

void TakeInStation::foldNumbers(bool fold) {
    numbers_->setVisible(!fold);
    unfold_->setText((fold ? tr("▸ Number by number, LED curve, plug") : tr("▾ Number by number, LED curve, plug")) +
                     QStringLiteral("   ") + tr("Alt+D"));
}

void TakeInStation::addBoard() {
    board_ = new WiringBoard;
    board_->setObjectName(QStringLiteral("wiringBoard"));
    connect(board_, &WiringBoard::moved, this, [this](int strip, std::optional<backlight::StringRef> target) {
        repaint([&](const backlight::Backlight& panel) { return backlight::withStripMoved(panel, strip, target); });
    });
    connect(board_, &WiringBoard::fed, this, [this](int strip, int feed) {
        repaint([&](const backlight::Backlight& panel) {
            const int channel = backlight::runsOnStrip(panel, strip).front().string.channel;
            return backlight::withChannelFed(panel, backlight::ChannelIndex(channel), backlight::FeedIndex(feed));
        });
    });
    connect(board_, &WiringBoard::turned, this, [this](int strip) {
        repaint([&](const backlight::Backlight& panel) { return backlight::withStripTurned(panel, strip); });
    });
}

void TakeInStation::addText(QGridLayout* grid, int row, int column, const QString& name, const char* id,
                            std::function<QString(const job::Job&)> read, Write write, int span) {
    auto* edit = makeField(QString::fromLatin1(id), name);
    edit->setMinimumWidth(theme::px(60));
    grid->addWidget(makeLabel(name, theme::quiet(), "quiet"), 2 * row, column, 1, span);
    grid->addWidget(edit, 2 * row + 1, column, 1, span);
    texts_.push_back({edit, std::move(read), std::move(write)});
    connect(edit, &QLineEdit::editingFinished, this, [this, edit] { commit(edit); });
}

void TakeInStation::commit(QLineEdit* edit) {
    if (!edit->isModified()) {
        return;
    }
    const auto& field = *std::find_if(texts_.begin(), texts_.end(), [&](const auto& f) { return f.edit == edit; });
    job::Job trial = session_.job();
    if (const QString problem = field.write(trial, edit->text().trimmed()); !problem.isEmpty()) {
        refuse(edit, problem);
        return;
    }
    const auto written = session_.edit(edit->accessibleName(), [&](job::Job& job) { job = trial; });
    if (tell(written, edit)) {
        edit->setModified(false);
        edit->setText(field.read(session_.job()));
    }
}

bool TakeInStation::rewireTo(const backlight::Backlight& wired, QWidget* field) {
    return tell(rewire(session_, wired), field);
}

void TakeInStation::repaint(const std::function<backlight::Backlight(const backlight::Backlight&)>& change) {
    if (isReferredTo(session_.job())) {
        emit refused(tr("Readings in the trail refer to the strings as they are: take those back first."));
    } else {
        rewireTo(change(session_.job().set.backlight), nullptr);
    }
}

void TakeInStation::lookForTwin() {
    const auto& set = job().set;
    if (set.panel != panelOfLast_) {
        panelOfLast_ = set.panel;
        lastOfPanel_ = session_.lastOfPanel();
    }
    const bool helps = lastOfPanel_ && !set.backlight.isDescribed;
    twin_->setVisible(helps);
    twin_->setEnabled(helps);  // its key would press it where nobody sees it
    if (helps) {
        const QString id = QString::fromStdString(lastOfPanel_->id);
        twin_->setText(tr("As in %1").arg(id) + QStringLiteral("   ") + tr("Alt+P"));
        const auto plain = backlight::plainDescriptionOf(lastOfPanel_->set.backlight);
        twin_->setToolTip(plain ? typed::spoken(backlight::lineOf(*plain)) : tr("wired by hand"));
    }
}

void TakeInStation::takeTwin() {
    auto wired = lastOfPanel_->set.backlight;
    wired.celsius = session_.job().set.backlight.celsius;
    if (!rewireTo(wired, nullptr)) {
        return;
    }
    const auto boards = lastOfPanel_->set;
    if (!boards.kind.empty() || !boards.points.empty()) {
        tell(session_.edit(tr("Boards as in %1").arg(QString::fromStdString(lastOfPanel_->id)), [&](job::Job& job) {
            job.set.kind = boards.kind;
            for (const auto& point : boards.points) {
                job::notePoint(job, {point.kind, point.ref}, point.ratings);
            }
        }));
    }
}

void TakeInStation::takeWiringFrom(const QString& path) {
    try {
        rewireTo(records::readJobFile(path).set.backlight, nullptr);
    } catch (const format::FormatError& problem) {
        emit refused(QString::fromUtf8(problem.what()));
    }
}

void TakeInStation::showJob() {
    showWays();
    const auto& job = this->job();
    for (const auto& field : texts_) {
        if (!field.edit->isModified()) {
            field.edit->setText(field.read(job));
            field.edit->setCursorPosition(0);
        }
    }
    complaint_->refresh();
    const auto& panel = job.set.backlight;
    const bool isDescribed = panel.isDescribed;
    form_->refresh();
    lookForTwin();
    known_->show(assessment().thisSet, panel);
    board_->setVisible(isDescribed);
    board_->show(panel);
    line_->refresh();
    QStringList notes;
    if (!panel.ledPoints.empty()) {
        const auto fit = backlight::fitTo(panel, panel.ledPoints);
        notes << (fit.determined
                      ? tr("The points tell the LED's curve, within %1 mV.").arg(1000 * fit.rmsVolts, 0, 'f', 0)
                      : words(fit.why));
    }
    for (const auto& sentence : backlight::misleadingColours(panel)) {
        notes << words(sentence);
    }
    notes_->setText(notes.join(QLatin1Char(' ')));
    notes_->setVisible(!notes.isEmpty());
    summary_->setText(lastOfPanel_ && !isDescribed ? tr("%1 had this panel: its strips and driver can be taken over.")
                                                         .arg(QString::fromStdString(lastOfPanel_->id))
                      : !isDescribed
                          ? tr("Not seen yet: leave it open. Look from outside and measure the board first; the strips "
                               "come when the panel is open.")
                          : tr("Channels: %1. LEDs: %2. LED+ runs at %3 V.")
                                .arg(panel.channels.size())
                                .arg(panel.ledCount())
                                .arg(runningWords(assessment().reference)));
}

void TakeInStation::enter() {
    texts_.front().edit->setFocus();
    texts_.front().edit->selectAll();
}

std::vector<KeyHint> TakeInStation::keys() const {
    return {{tr("Tab"), tr("next field")},
            {tr("Alt+M L T"), tr("way, tools")},
            {tr("Alt+R"), tr("wiring from a job file")}};
}

bool TakeInStation::isDone(const Snapshot& shown) {
    return !shown.job.order.complaint.empty();
}

}  // namespace dimglow::app
