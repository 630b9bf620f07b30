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
#include "core/backlight/harness_line.h"
#include "core/backlight/led_fit.h"
#include "core/format/fields.h"
#include "core/job/reading_text.h"
#include "records/job_file.h"

namespace dimglow::app {

namespace {

constexpr double mostMoney = 1e6;
constexpr double mostHours = 200000;
constexpr int wiringColumns = 5;
/// Fields that say how many strips and LEDs there are.
constexpr const char* howMany[] = {"strips", "leds", "series"};

/// Puts what a line says into the backlight of a job; \returns what is wrong with the line.
template <class Values, class Put>
QString putLine(const std::variant<Values, backlight::LineProblem>& read, job::Job& job, Put put) {
    if (const auto* problem = std::get_if<backlight::LineProblem>(&read)) {
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

std::string today() {
    return QDate::currentDate().toString(Qt::ISODate).toStdString();
}

/// "146", or of several feeds "146 / ?"; empty where there is one and nobody knows.
QString labelsOf(const backlight::Backlight& panel) {
    QStringList labels;
    for (const auto& feed : panel.feeds) {
        labels << (feed.labelVolts ? number(*feed.labelVolts) : QStringLiteral("?"));
    }
    return panel.feeds.size() == 1 && !panel.feeds.front().labelVolts ? QString() : labels.join(QStringLiteral(" / "));
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
    body_->addWidget(makeSetCard());
    body_->addWidget(makeWiringCard());
    known_ = new KnownCard;
    connect(known_, &KnownCard::keepWanted, this, &TakeInStation::keepLearned);
    body_->addWidget(known_);
    body_->addStretch();
    auto* take = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_R), this);
    connect(take, &QShortcut::activated, this, [this] {
        askForFileToOpen(this, {tr("Take the wiring from a job file"), tr("Job files (*.json)")},
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

void TakeInStation::showWays() {
    const auto& way = job().way;
    const QString levels[] = {tr("What costs least"), tr("Boards"), tr("Parts"), tr("Whole strips")};
    wayFirst_->setText((way.first == job::Way::First::Swap ? tr("Swap first") : tr("Measure first")) +
                       QStringLiteral("  ") + tr("Alt+M"));
    wayLevel_->setText(levels[int(way.level)] + QStringLiteral("  ") + tr("Alt+L"));
    tools_->setText(toolsWords(job().bench, session_.trade()) + QStringLiteral("  ") + tr("Alt+T"));
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
    addLine(0, 2, tr("Where it hangs"), "place", [](job::Job& j) -> std::string& { return j.order.place; });
    addLine(1, 0, tr("Maker"), "maker", [](job::Job& j) -> std::string& { return j.set.maker; });
    addLine(1, 1, tr("Model"), "model", [](job::Job& j) -> std::string& { return j.set.model; });
    addLine(1, 2, tr("Panel"), "panel", [](job::Job& j) -> std::string& { return j.set.panel; });
    addText(
        grid, 2, 0, tr("Worth, working"), "value",
        [](const job::Job& j) { return j.order.value > 0 ? number(j.order.value) : QString(); },
        [](job::Job& j, const QString& t) {
            if (t.isEmpty()) {
                j.order.value = 0;
                return QString();
            }
            return put(job::readTypedAmount(t.toStdString(), {0, mostMoney, job::Unit::Money}), j.order.value);
        });
    addText(
        grid, 2, 1, tr("Due"), "due", [](const job::Job& j) { return QString::fromStdString(j.order.due); },
        [](job::Job& j, const QString& t) {
            if (t.isEmpty()) {
                j.order.due.clear();
                return QString();
            }
            job::TypedDay day;
            QString problem = put(job::readTypedDay(t.toStdString(), today()), day);
            if (problem.isEmpty()) {
                j.order.due = day.iso;
            }
            return problem;
        });
    texts_.back().edit->setPlaceholderText(tr("Friday, in 3 days, 2026-12-04"));
    addCalendar(texts_.back().edit);
    addText(
        grid, 2, 2, tr("Hours of light so far"), "hours",
        [](const job::Job& j) { return j.set.hoursRun ? number(*j.set.hoursRun) : QString(); },
        [](job::Job& j, const QString& t) {
            if (t.isEmpty()) {
                j.set.hoursRun.reset();
                return QString();
            }
            double hours = 0;
            QString problem = put(job::readTypedAmount(t.toStdString(), {0, mostHours, job::Unit::Hours}), hours);
            if (problem.isEmpty()) {
                j.set.hoursRun = hours;
            }
            return problem;
        });
    grid->addWidget(makeLabel(tr("Complaint, in the owner's words"), theme::quiet(), "quiet"), 6, 0, 1, 3);
    complaint_ = new TextBox(session_, tr("Complaint"), QStringLiteral("complaint"), 2,
                             [](job::Job& j) -> std::string& { return j.order.complaint; });
    grid->addWidget(complaint_, 7, 0, 1, 3);
    return card;
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

QWidget* TakeInStation::makeWiringCard() {
    auto* wiring = makeCard("panel");
    auto* wires = new QGridLayout(wiring);
    wires->setContentsMargins(theme::px(18), theme::px(14), theme::px(18), theme::px(14));
    wires->setHorizontalSpacing(theme::px(14));
    wires->setVerticalSpacing(theme::px(4));
    wires->addWidget(makeLabel(tr("Backlight"), theme::strong()), 0, 0);
    summary_ = makeLabel({}, theme::body(), "quiet");
    summary_->setObjectName(QStringLiteral("wiringSummary"));
    summary_->setWordWrap(true);
    wires->addWidget(summary_, 0, 1, 1, wiringColumns - 1);
    line_ = new StripsLine(session_);
    line_->setObjectName(QStringLiteral("wiringLine"));
    wires->addWidget(line_, 1, 0, 1, wiringColumns);
    addWiringNumbers(wires);
    addBoard(wires);
    addText(
        wires, 4, 0, tr("A good LED, measured"), "ledPoints",
        [](const job::Job& j) { return QString::fromStdString(backlight::lineOf(j.set.backlight.ledPoints)); },
        [](job::Job& j, const QString& t) {
            return putLine(backlight::readPoints(t.toStdString()), j, [](auto& panel, const auto& points) {
                if (!panel.isDescribed) {
                    panel.ledPoints = points;  // strips are fitted to them when there are some
                } else if (points != panel.ledPoints) {
                    panel = backlight::withLedPoints(panel, points);
                }
            });
        },
        3);
    texts_.back().edit->setPlaceholderText(tr("2.61 V at 1 mA, 2.82 V at 30 mA, 3.1 V at 350 mA"));
    addText(
        wires, 4, 3, tr("Pins of the plug, in order"), "harness",
        [](const job::Job& j) { return QString::fromStdString(backlight::lineOf(j.set.backlight.harness)); },
        [](job::Job& j, const QString& t) {
            return putLine(backlight::readPins(t.toStdString()), j,
                           [](auto& panel, const auto& pins) { panel.harness = pins; });
        },
        2);
    texts_.back().edit->setPlaceholderText(tr("+ red, − black 0.2 Ω, unused"));
    notes_ = makeLabel({}, theme::quiet(), "quiet");
    notes_->setObjectName(QStringLiteral("wiringNotes"));
    notes_->setWordWrap(true);
    wires->addWidget(notes_, 10, 0, 1, wiringColumns);
    return wiring;
}

void TakeInStation::addWiringNumbers(QGridLayout* wires) {
    auto place = [wires, index = 0](const QString& name, QWidget* field) mutable {
        const int row = 2 + 2 * (index / wiringColumns);
        wires->addWidget(makeLabel(name, theme::quiet(), "quiet"), row, index % wiringColumns);
        wires->addWidget(field, row + 1, index % wiringColumns);
        ++index;
    };
    const auto placeNumber = [&](const char* id, const QString& name) {
        auto* edit = new QLineEdit;
        edit->setObjectName(QString::fromLatin1(id));
        edit->setAccessibleName(name);
        edit->setFont(theme::body());
        edit->setMinimumWidth(theme::px(60));
        wiring_[id] = edit;
        connect(edit, &QLineEdit::returnPressed, this, &TakeInStation::useForm);
        place(name, edit);
    };
    placeNumber("strips", tr("Strips"));
    placeNumber("leds", tr("LEDs per strip"));
    placeNumber("series", tr("Strips in series"));
    placeNumber("amps", tr("String, mA"));
    placeNumber("idle", tr("LED+ idle, V"));
    ledClass_ = new QComboBox;
    ledClass_->setFont(theme::body());
    ledClass_->setObjectName(QStringLiteral("ledClass"));
    ledClass_->setAccessibleName(tr("LED class"));
    ledClass_->addItems({tr("3 V"), tr("6 V"), tr("9 V")});
    ledClass_->setPlaceholderText(tr("not known"));
    connect(ledClass_, &QComboBox::activated, this, [this](int dies) {
        wiring_["ratedVolts"]->setText(number(backlight::classVoltsPerDie * (dies + 1)));
        wiring_["ratedVolts"]->setModified(true);
    });
    place(tr("LED class"), ledClass_);
    placeNumber("ratedVolts", tr("LED rated, V"));
    placeNumber("ratedAmps", tr("LED rated, mA"));
    placeNumber("celsius", tr("LEDs at, °C"));
    placeNumber("label", tr("LED+ label, V"));
    for (const char* id : {"strips", "leds", "series", "amps", "ratedVolts", "ratedAmps", "idle", "label"}) {
        wiring_[id]->setPlaceholderText(tr("not known"));
    }
    auto* apply = makeButton(tr("Use it"), tr("Enter"));
    apply->setObjectName(QStringLiteral("rewire"));
    connect(apply, &QPushButton::clicked, this, &TakeInStation::useForm);
    wires->addWidget(apply, 7, wiringColumns - 1);
    twin_ = makeButton({}, {});
    twin_->setObjectName(QStringLiteral("twin"));
    connect(twin_, &QPushButton::clicked, this, &TakeInStation::takeTwin);
    auto* key = new QShortcut(Qt::ALT | Qt::Key_P, this);
    connect(key, &QShortcut::activated, twin_, &QPushButton::click);
    wires->addWidget(twin_, 7, wiringColumns - 3, 1, 2);  // where the board is, once there are strips
}

void TakeInStation::addBoard(QGridLayout* wires) {
    board_ = new WiringBoard;
    board_->setObjectName(QStringLiteral("wiringBoard"));
    connect(board_, &WiringBoard::moved, this, [this](int strip, std::optional<backlight::StringRef> target) {
        repaint([&](const backlight::Backlight& panel) { return backlight::withStripMoved(panel, strip, target); });
    });
    connect(board_, &WiringBoard::fed, this, [this](int strip, int feed) {
        repaint([&](const backlight::Backlight& panel) {
            return backlight::withChannelFed(panel, backlight::runsOnStrip(panel, strip).front().string.channel, feed);
        });
    });
    connect(board_, &WiringBoard::turned, this, [this](int strip) {
        repaint([&](const backlight::Backlight& panel) { return backlight::withStripTurned(panel, strip); });
    });
    wires->addWidget(board_, 6, 0, 2, wiringColumns - 1);
}

void TakeInStation::addText(QGridLayout* grid, int row, int column, const QString& name, const char* id,
                            std::function<QString(const job::Job&)> read, Write write, int span) {
    auto* edit = new QLineEdit;
    edit->setObjectName(QString::fromLatin1(id));
    edit->setAccessibleName(name);
    edit->setFont(theme::body());
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

std::optional<backlight::PlainDescription> TakeInStation::described() const {
    backlight::PlainDescription plain = plainOf(session_.job().set.backlight);
    bool sound = true;
    using job::Unit;
    const auto read = [&](const char* id, const job::Expected& expected) {
        auto* edit = wiring_.at(id);
        double value = expected.least;
        const QString problem = put(job::readTypedNumber(edit->text().toStdString(), expected), value);
        if (problem.isEmpty()) {
            accept(edit);
        } else {
            refuse(edit, problem);
            sound = false;
        }
        return value;
    };
    const auto readIfKnown = [&](const char* id, const job::Expected& expected) {
        const bool isKnown = !wiring_.at(id)->text().trimmed().isEmpty();
        return isKnown ? std::optional(read(id, expected)) : std::nullopt;
    };
    const bool saysHowMany = std::any_of(std::begin(howMany), std::end(howMany),
                                         [&](const char* id) { return !wiring_.at(id)->text().trimmed().isEmpty(); });
    if (plain.isDescribed || saysHowMany) {
        plain.isDescribed = true;
        plain.strips = int(read("strips", {1, 60}));
        plain.ledsPerStrip = int(read("leds", {1, 400}));
        plain.stripsPerString = int(read("series", {1, 60}));
        plain.amps = readIfKnown("amps", {1, 10000, Unit::Milliamps}).value_or(1000 * plain.amps) / 1000;
        const int dies = std::max(0, ledClass_->currentIndex()) + 1;
        const double volts = readIfKnown("ratedVolts", {2.0 * dies, 4.5 * dies, Unit::Volts})
                                 .value_or(backlight::classVoltsPerDie * dies);
        const double amps =
            readIfKnown("ratedAmps", {1, 10000, Unit::Milliamps}).value_or(1000 * plain.led.ratedAmps) / 1000;
        if (dies != plain.led.dies || number(volts) != number(plain.led.ratedVolts) ||
            number(amps) != number(plain.led.ratedAmps)) {
            plain.led = backlight::classLed(dies, volts, amps);  // another LED than the one that was measured
            plain.ledPoints.clear();
        }
    }
    plain.celsius = read("celsius", {-20, 150, Unit::Celsius});
    plain.idleVolts = readIfKnown("idle", {0, 500, Unit::Volts});
    sound = readLabels(plain.feeds) && sound;
    return sound ? std::optional(plain) : std::nullopt;
}

bool TakeInStation::readLabels(std::vector<backlight::Feed>& feeds) const {
    auto* edit = wiring_.at("label");
    const auto words = edit->text().split(QLatin1Char('/'));
    if (words.size() > 1) {
        feeds.resize(std::size_t(words.size()));
    }
    for (std::size_t feed = 0; feed < feeds.size(); ++feed) {
        const QString label = words[std::min(int(feed), int(words.size()) - 1)].trimmed();
        double volts = 0;
        if (label.isEmpty() || label == QLatin1String("?")) {
            feeds[feed].labelVolts.reset();
        } else if (const QString problem =
                       put(job::readTypedNumber(label.toStdString(), {1, 2000, job::Unit::Volts}), volts);
                   !problem.isEmpty()) {
            refuse(edit, problem);
            return false;
        } else {
            feeds[feed].labelVolts = volts;
        }
    }
    accept(edit);
    return true;
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
        twin_->setToolTip(plain ? QString::fromStdString(backlight::lineOf(*plain)) : tr("wired by hand"));
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

void TakeInStation::useForm() {
    const auto plain = described();
    auto* focused = qobject_cast<QLineEdit*>(focusWidget());
    if (plain && rewireTo(backlight::plainBacklight(*plain), focused)) {
        for (const auto& [id, edit] : wiring_) {
            edit->setModified(false);
        }
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
        }
    }
    complaint_->refresh();
    const auto& panel = job.set.backlight;
    const bool isDescribed = panel.isDescribed;
    const auto& strip = panel.strips.front();
    const std::pair<const char*, double> ofStrips[] = {
        {"strips", double(panel.strips.size())},
        {"leds", double(strip.leds)},
        {"series", double(panel.channels.front().strings.front().strips.size())},
        {"amps", 1000 * panel.channels.front().amps / double(panel.channels.front().strings.size())},
        {"ratedVolts", strip.led.ratedVolts},
        {"ratedAmps", 1000 * strip.led.ratedAmps}};
    for (const auto& [id, value] : ofStrips) {
        if (!wiring_[id]->isModified()) {
            wiring_[id]->setText(isDescribed ? number(value) : QString());
        }
    }
    if (!wiring_["celsius"]->isModified()) {
        wiring_["celsius"]->setText(number(panel.celsius));
    }
    if (!wiring_["idle"]->isModified()) {
        wiring_["idle"]->setText(panel.driver.idleVolts ? number(*panel.driver.idleVolts) : QString());
    }
    if (!wiring_["label"]->isModified()) {
        wiring_["label"]->setText(labelsOf(panel));
    }
    if (!wiring_["ratedVolts"]->isModified()) {
        ledClass_->setCurrentIndex(isDescribed ? std::clamp(strip.led.dies, 1, 3) - 1 : -1);
    }
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
    return {
        {tr("Tab"), tr("next field")}, {tr("Enter"), tr("write down")}, {tr("Alt+R"), tr("wiring from a job file")}};
}

bool TakeInStation::isDone(const Snapshot& shown) {
    return !shown.job.order.complaint.empty();
}

}  // namespace dimglow::app
