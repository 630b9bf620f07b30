#include "app/stations/take_in.h"

#include <QDate>
#include <QFileDialog>
#include <QPushButton>
#include <QShortcut>
#include <algorithm>

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
constexpr int longestText = 2000;

QString words(const std::string& text) {
    return QString::fromStdString(text);
}

QString number(double value) {
    return QString::number(value, 'g', 6);
}

QString firstProblemOf(const backlight::Backlight& backlight) {
    const auto problems = backlight::problemsOf(backlight);
    return problems.empty() ? QString() : words(problems.front());
}

/// Puts what a line says into the backlight of a job; \returns what is wrong.
template <class Values, class Put>
QString putLine(const std::variant<Values, backlight::LineProblem>& read, job::Job& job, Put put) {
    if (const auto* problem = std::get_if<backlight::LineProblem>(&read)) {
        return inWords(*problem);
    }
    put(job.backlight, std::get<Values>(read));
    return firstProblemOf(job.backlight);
}

/// Reads a number into \p target; \returns what is wrong.
QString readInto(double& target, const QString& text, double least, double most) {
    const auto typed = job::readTypedNumber(text.toStdString(), least, most);
    if (const auto* problem = std::get_if<std::string>(&typed)) {
        return words(*problem);
    }
    target = std::get<double>(typed);
    return {};
}

}  // namespace

TakeInStation::TakeInStation(JobSession& session) : Station(session, QStringLiteral("takeIn"), tr("Take in")) {
    auto* card = makeCard("panel");
    auto* grid = new QGridLayout(card);
    grid->setContentsMargins(theme::px(18), theme::px(14), theme::px(18), theme::px(14));
    grid->setHorizontalSpacing(theme::px(14));
    grid->setVerticalSpacing(theme::px(4));
    using J = const job::Job&;
    const auto text = [](std::string& target) {
        return [&target](const QString& value) { target = value.toStdString(); };
    };
    addText(
        grid, 0, 0, tr("Job title"), "title", [](J j) { return words(j.title); },
        [text](job::Job& j, const QString& t) {
            text(j.title)(t);
            return QString();
        },
        2);
    addText(
        grid, 0, 2, tr("Where it hangs"), "place", [](J j) { return words(j.set.place); },
        [text](job::Job& j, const QString& t) {
            text(j.set.place)(t);
            return QString();
        });
    addText(
        grid, 1, 0, tr("Maker"), "maker", [](J j) { return words(j.set.maker); },
        [text](job::Job& j, const QString& t) {
            text(j.set.maker)(t);
            return QString();
        });
    addText(
        grid, 1, 1, tr("Model"), "model", [](J j) { return words(j.set.model); },
        [text](job::Job& j, const QString& t) {
            text(j.set.model)(t);
            return QString();
        });
    addText(
        grid, 1, 2, tr("Panel"), "panel", [](J j) { return words(j.set.panel); },
        [text](job::Job& j, const QString& t) {
            text(j.set.panel)(t);
            return QString();
        });
    addText(
        grid, 2, 0, tr("Worth, working"), "value",
        [](J j) { return j.set.value > 0 ? number(j.set.value) : QString(); },
        [](job::Job& j, const QString& t) { return readInto(j.set.value, t, 0, mostMoney); });
    addText(
        grid, 2, 1, tr("Due (year-month-day)"), "due", [](J j) { return words(j.set.due); },
        [](job::Job& j, const QString& t) {
            if (!t.isEmpty() && !QDate::fromString(t, Qt::ISODate).isValid()) {
                return tr("\"%1\" is no date; write 2026-12-04").arg(t.left(20));
            }
            j.set.due = t.toStdString();
            return QString();
        });
    addText(
        grid, 2, 2, tr("Hours of light so far"), "hours",
        [](J j) { return j.set.hoursRun ? number(*j.set.hoursRun) : QString(); },
        [](job::Job& j, const QString& t) {
            if (t.isEmpty()) {
                j.set.hoursRun.reset();
                return QString();
            }
            double hours = 0;
            const QString problem = readInto(hours, t, 0, mostHours);
            if (problem.isEmpty()) {
                j.set.hoursRun = hours;
            }
            return problem;
        });
    grid->addWidget(makeLabel(tr("Complaint, in the owner's words"), theme::quiet(), "quiet"), 6, 0, 1, 3);
    complaint_ = new QPlainTextEdit;
    complaint_->setObjectName(QStringLiteral("complaint"));
    complaint_->setAccessibleName(tr("Complaint"));
    complaint_->setFont(theme::body());
    complaint_->setFixedHeight(theme::px(46));
    complaint_->setTabChangesFocus(true);
    complaint_->installEventFilter(this);
    grid->addWidget(complaint_, 7, 0, 1, 3);
    body_->addWidget(card);

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
    line_ = new QLineEdit;
    line_->setObjectName(QStringLiteral("wiringLine"));
    line_->setAccessibleName(tr("Backlight in one line"));
    line_->setFont(theme::body());
    line_->setPlaceholderText(tr("4 strips × 12, 3 V, 240 mA, one string"));
    line_->setToolTip(
        tr("strips × LEDs · 3, 6, 9 V · mA per string · one string, 2 strings, 2 strips per string, each its "
           "own string, in parallel · 2P · 2 chains · fed from both ends · bottom edge · under mask · label "
           "146 V · idle 48 V · 940 × 530 mm · pitch 75 mm"));
    connect(line_, &QLineEdit::returnPressed, this, &TakeInStation::describe);
    wires->addWidget(line_, 1, 0, 1, wiringColumns);
    board_ = new WiringBoard;
    board_->setObjectName(QStringLiteral("wiringBoard"));
    connect(board_, &WiringBoard::moved, this, [this](int strip, std::optional<backlight::StringRef> target) {
        const auto wired = backlight::withStripMoved(session_.job().backlight, strip, target);
        if (isReferredTo()) {
            emit refused(tr("Readings in the trail refer to the strings as they are: take those back first."));
        } else if (accepts(wired)) {
            session_.edit(tr("Wiring"), [&](job::Job& job) { job.backlight = wired; });
        }
    });
    connect(board_, &WiringBoard::turned, this, [this](int strip) {
        if (isReferredTo()) {
            emit refused(tr("Readings in the trail refer to the strings as they are: take those back first."));
        } else {
            session_.edit(tr("Wiring"),
                          [&](job::Job& job) { job.backlight = backlight::withStripTurned(job.backlight, strip); });
        }
    });
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
        connect(edit, &QLineEdit::returnPressed, this, &TakeInStation::rewire);
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
    connect(ledClass_, &QComboBox::activated, this,
            [this](int dies) { wiring_["ratedVolts"]->setText(number(backlight::classVoltsPerDie * (dies + 1))); });
    place(tr("LED class"), ledClass_);
    placeNumber("ratedVolts", tr("LED rated, V"));
    placeNumber("ratedAmps", tr("LED rated, mA"));
    placeNumber("celsius", tr("LEDs at, °C"));
    placeNumber("label", tr("LED+ label, V"));
    wires->addWidget(board_, 6, 0, 2, wiringColumns - 1);
    auto* apply = makeButton(tr("Use it"), tr("Enter"));
    apply->setObjectName(QStringLiteral("rewire"));
    connect(apply, &QPushButton::clicked, this, &TakeInStation::rewire);
    wires->addWidget(apply, 7, wiringColumns - 1);
    auto* take = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_R), this);
    connect(take, &QShortcut::activated, this, [this] {
        const QString path =
            QFileDialog::getOpenFileName(this, tr("Take the wiring from a job file"), {}, tr("Job files (*.json)"));
        if (!path.isEmpty()) {
            takeWiringFrom(path);
        }
    });
    addText(
        wires, 4, 0, tr("A good LED, measured"), "ledPoints",
        [](J j) { return words(backlight::lineOf(j.backlight.ledPoints)); },
        [](job::Job& j, const QString& t) {
            return putLine(backlight::readPoints(t.toStdString()), j, [](auto& panel, const auto& points) {
                if (points != panel.ledPoints) {
                    panel = backlight::withLedPoints(panel, points);
                }
            });
        },
        3);
    texts_.back().edit->setPlaceholderText(tr("2.61 V at 1 mA, 2.82 V at 30 mA, 3.1 V at 350 mA"));
    addText(
        wires, 4, 3, tr("Pins of the plug, in order"), "harness",
        [](J j) { return words(backlight::lineOf(j.backlight.harness)); },
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
    body_->addWidget(wiring);
    body_->addStretch();
}

void TakeInStation::addText(QGridLayout* grid, int row, int column, const QString& name, const char* id,
                            std::function<QString(const job::Job&)> read, Write write, int span) {
    auto* edit = new QLineEdit;
    edit->setObjectName(QString::fromLatin1(id));
    edit->setAccessibleName(name);
    edit->setFont(theme::body());
    edit->setMaxLength(longestText);
    edit->setMinimumWidth(theme::px(60));
    grid->addWidget(makeLabel(name, theme::quiet(), "quiet"), 2 * row, column, 1, span);
    grid->addWidget(edit, 2 * row + 1, column, 1, span);
    texts_.push_back({edit, std::move(read)});
    connect(edit, &QLineEdit::editingFinished, this, [this, edit, name, write] { commit(edit, name, write); });
}

void TakeInStation::commit(QLineEdit* edit, const QString& name, const Write& write) {
    if (!edit->isModified()) {
        return;
    }
    const QString text = edit->text().trimmed();
    QString problem;
    session_.edit(name, [&](job::Job& job) {
        const job::Job before = job;
        problem = write(job, text);
        if (!problem.isEmpty()) {
            job = before;
        }
    });
    restyle(edit, "wrong", !problem.isEmpty());
    if (!problem.isEmpty()) {
        emit refused(tr("%1: %2").arg(name, problem));
    }
}

bool TakeInStation::eventFilter(QObject* watched, QEvent* event) {
    if (watched == complaint_ && event->type() == QEvent::FocusOut) {
        session_.edit(tr("Complaint"), [this](job::Job& job) {
            job.set.complaint = complaint_->toPlainText().left(1000).toStdString();
        });
    }
    return Station::eventFilter(watched, event);
}

backlight::PlainDescription TakeInStation::current() const {
    const auto& panel = session_.job().backlight;
    if (const auto plain = backlight::plainDescriptionOf(panel)) {
        return *plain;
    }
    backlight::PlainDescription plain;
    plain.led = panel.strips.front().led;
    plain.ledPoints = panel.ledPoints;
    plain.harness = panel.harness;
    plain.celsius = panel.celsius;
    plain.widthMm = panel.widthMm;
    plain.heightMm = panel.heightMm;
    return plain;
}

backlight::PlainDescription TakeInStation::described() const {
    backlight::PlainDescription plain = current();
    const auto read = [this](const char* id, double least, double most) {
        auto* edit = wiring_.at(id);
        double value = 0;
        const QString problem = readInto(value, edit->text(), least, most);
        restyle(edit, "wrong", !problem.isEmpty());
        if (!problem.isEmpty()) {
            throw std::invalid_argument(tr("%1: %2").arg(edit->accessibleName(), problem).toStdString());
        }
        return value;
    };
    plain.strips = int(read("strips", 1, 60));
    plain.ledsPerStrip = int(read("leds", 1, 200));
    plain.stripsPerString = int(read("series", 1, 60));
    plain.amps = read("amps", 1, 10000) / 1000;
    const int dies = ledClass_->currentIndex() + 1;
    const double volts = read("ratedVolts", 2.0 * dies, 4.5 * dies);
    const double amps = read("ratedAmps", 1, 10000) / 1000;
    if (dies != plain.led.dies || number(volts) != number(plain.led.ratedVolts) ||
        number(amps) != number(plain.led.ratedAmps)) {
        plain.led = backlight::classLed(dies, volts, amps);  // another LED than the one that was measured
        plain.ledPoints.clear();
    }
    plain.celsius = read("celsius", -20, 150);
    plain.idleVolts = read("idle", 0, 500);
    plain.ledPlusLabel.reset();
    if (!wiring_.at("label")->text().trimmed().isEmpty()) {
        plain.ledPlusLabel = read("label", 1, 2000);
    }
    return plain;
}

bool TakeInStation::isReferredTo() const {
    const auto& trail = session_.job().trail;
    return std::any_of(trail.begin(), trail.end(), [](const auto& e) {
        const auto* measured = std::get_if<job::Measured>(&e.what);
        return std::holds_alternative<job::TesterTaken>(e.what) || std::holds_alternative<job::LedSeen>(e.what) ||
               std::holds_alternative<job::LedChecked>(e.what) || std::holds_alternative<job::Bridged>(e.what) ||
               (measured != nullptr && measured->channel > 0);
    });
}

void TakeInStation::describe() {
    const auto read = backlight::readLine(line_->text().toStdString(), current());
    const auto* problem = std::get_if<backlight::LineProblem>(&read);
    restyle(line_, "wrong", problem != nullptr);
    if (problem != nullptr) {
        emit refused(inWords(*problem));
        return;
    }
    const auto wired = backlight::plainBacklight(std::get<backlight::PlainDescription>(read));
    if (accepts(wired)) {
        line_->setModified(false);
        session_.edit(tr("Wiring"), [&](job::Job& job) { job.backlight = wired; });
    }
}

bool TakeInStation::accepts(const backlight::Backlight& wired) {
    const auto& now = session_.job().backlight;
    if (isReferredTo() && !(wired.strips.size() == now.strips.size() && wired.ledCount() == now.ledCount() &&
                            wired.channels.size() == now.channels.size())) {
        emit refused(
            tr("Readings in the trail refer to the strips as they are: take those back before changing their number."));
        return false;
    }
    const QString problem = firstProblemOf(wired);
    if (!problem.isEmpty()) {
        emit refused(problem);
    }
    return problem.isEmpty();
}

void TakeInStation::rewire() {
    try {
        const auto wired = backlight::plainBacklight(described());
        if (!accepts(wired)) {
            return;
        }
        session_.edit(tr("Wiring"), [&](job::Job& job) { job.backlight = wired; });
    } catch (const std::invalid_argument& problem) {
        emit refused(QString::fromUtf8(problem.what()));
    }
}

void TakeInStation::takeWiringFrom(const QString& path) {
    try {
        const auto wired = records::readJobFile(path).backlight;
        if (accepts(wired)) {
            session_.edit(tr("Wiring"), [&](job::Job& job) { job.backlight = wired; });
        }
    } catch (const format::FormatError& problem) {
        emit refused(QString::fromUtf8(problem.what()));
    }
}

void TakeInStation::showJob() {
    const auto& job = session_.job();
    for (const auto& field : texts_) {
        if (!field.edit->hasFocus()) {
            field.edit->setText(field.read(job));
        }
    }
    if (!complaint_->hasFocus()) {
        complaint_->setPlainText(words(job.set.complaint));
    }
    const auto& panel = job.backlight;
    const auto& strip = panel.strips.front();
    const std::pair<const char*, double> values[] = {
        {"strips", double(panel.strips.size())},
        {"leds", double(strip.leds)},
        {"series", double(panel.channels.front().strings.front().strips.size())},
        {"amps", 1000 * panel.channels.front().amps},
        {"ratedVolts", strip.led.ratedVolts},
        {"ratedAmps", 1000 * strip.led.ratedAmps},
        {"celsius", panel.celsius},
        {"idle", panel.driver.idleVolts}};
    for (const auto& [id, value] : values) {
        if (!wiring_[id]->isModified() || !wiring_[id]->hasFocus()) {
            wiring_[id]->setText(number(value));
        }
    }
    if (!wiring_["label"]->hasFocus()) {
        wiring_["label"]->setText(panel.ledPlusLabel ? number(*panel.ledPlusLabel) : QString());
    }
    ledClass_->setCurrentIndex(std::clamp(strip.led.dies, 1, 3) - 1);
    board_->show(panel);
    if (!line_->hasFocus() || !line_->isModified()) {
        const auto plain = backlight::plainDescriptionOf(panel);
        line_->setText(plain ? words(backlight::lineOf(*plain)) : QString());
        line_->setPlaceholderText(plain ? QString() : tr("wired by hand; a line here replaces it"));
    }
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
    const auto& reference = session_.assessment().reference;
    summary_->setText(tr("Channels: %1. LEDs: %2. LED+ runs at %3 V, over-voltage near %4 V.")
                          .arg(panel.channels.size())
                          .arg(panel.ledCount())
                          .arg(reference.stringVolts, 0, 'f', 0)
                          .arg(reference.overVolts, 0, 'f', 0));
}

void TakeInStation::enter() {
    texts_.front().edit->setFocus();
    texts_.front().edit->selectAll();
}

std::vector<KeyHint> TakeInStation::keys() const {
    return {
        {tr("Tab"), tr("next field")}, {tr("Enter"), tr("write down")}, {tr("Alt+R"), tr("wiring from a job file")}};
}

bool TakeInStation::isDone() const {
    return !session_.job().set.complaint.empty();
}

}  // namespace dimglow::app
