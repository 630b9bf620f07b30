#include "app/stations/strings.h"

#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

#include "app/ask_file.h"
#include "app/field_note.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/job/trail_lines.h"
#include "core/locate/tester_plan.h"
#include "diary/diary.h"
#include "records/files.h"

namespace dimglow::app {

using backlight::LedPlace;
using backlight::Run;

namespace {

void opensThePanel(job::Job& job) {
    job.panelOpen = true;
}

/// The current found against what driver and LED are made for.
QString bridgeWords(const job::Job& job, const evidence::Bridged& bridged) {
    const auto& strip = job.set.backlight.strips[bridged.place.strip];
    const QString name = QString::fromStdString(nameOf(job.set.backlight, bridged.place));
    if (!bridged.restLights) {
        return StringsStation::tr("%1 bridged: the rest stays dark. Another LED, a plug or the driver.").arg(name);
    }
    if (!strip.led.ratedAmps) {
        return StringsStation::tr("%1 bridged: %2 mA. The LED's rated current is not known.")
            .arg(name)
            .arg(1000 * bridged.amps, 0, 'f', 0);
    }
    return StringsStation::tr("%1 bridged: %2 mA, %3 % of the LED's rated %4 mA.%5")
        .arg(name)
        .arg(1000 * bridged.amps, 0, 'f', 0)
        .arg(100 * bridged.amps / *strip.led.ratedAmps, 0, 'f', 0)
        .arg(1000 * *strip.led.ratedAmps, 0, 'f', 0)
        .arg(bridged.amps > *strip.led.ratedAmps ? StringsStation::tr(" Overdriven: lower it.") : QString());
}

/// The ways to put one LED to a source, in the order of their names in the field.
std::array<parts::LedCheckSetting, 4> settingsOf(const backlight::LedSpec& led) {
    using enum parts::LedMethod;
    return {{{BenchSupply, 3.0 * led.dies, 0.1},
             {SeriesResistor, 3.5 * led.dies, 0.1, 1000},
             {DiodeMode, 2.0},
             {DiodeMode, 3.2}}};
}

}  // namespace

StringsStation::StringsStation(JobSession& session) : Station(session, QStringLiteral("strings"), tr("Strings")) {
    body_->addWidget(makeNotSeenCard());
    lamps_ = new LampsCard;
    connect(lamps_, &LampsCard::faded, this, [this](const evidence::Answer& answer) { tell(session_.record(answer)); });
    connect(lamps_, &LampsCard::looked, this, &StringsStation::lookAtLamps);
    body_->addWidget(lamps_, 1);
    mapCard_ = makeCard("panel");
    auto* mapLayout = new QVBoxLayout(mapCard_);
    mapLayout->setContentsMargins(theme::px(6), theme::px(4), theme::px(6), theme::px(4));
    map_ = new BacklightMap;
    map_->setObjectName(QStringLiteral("map"));
    map_->installEventFilter(this);
    mapLayout->addWidget(map_);
    body_->addWidget(mapCard_, 1);
    body_->addStretch();  // takes the room where neither is shown

    entry_ = makeCard("panel");
    auto* rows = new QVBoxLayout(entry_);
    rows->setContentsMargins(theme::px(16), theme::px(8), theme::px(16), theme::px(8));
    rows->setSpacing(theme::px(5));
    auto* columns = new QHBoxLayout;
    columns->setSpacing(theme::px(16));
    columns->addLayout(makeReadingColumn());
    columns->addLayout(makeRunColumn(), 1);
    rows->addLayout(columns);
    outcomes_ = new QVBoxLayout;
    outcomes_->setSpacing(theme::px(4));
    rows->addLayout(outcomes_);
    rows->addLayout(makeSettingsRow());
    ledVerdict_ = makeLabel({}, theme::quiet(), "quiet");
    ledVerdict_->setObjectName(QStringLiteral("ledVerdict"));
    ledVerdict_->setWordWrap(true);
    rows->addWidget(ledVerdict_);
    foot_->addWidget(entry_);

    connect(&session_, &JobSession::opened, this, &StringsStation::startOver);
    connect(map_, &BacklightMap::marked, this, &StringsStation::mark);
    connect(map_, &BacklightMap::selectionChanged, this, [this] {
        goOn_ = false;  // they have gone on by themselves
        if (map_->selectedRun() != run_) {
            setRun(map_->selectedRun());
        } else {
            showRun();
        }
    });
}

/// Nobody has described the strips yet: here is where, and what comes of it.
QWidget* StringsStation::makeNotSeenCard() {
    notSeen_ = makeCard("panel");
    auto* rows = new QVBoxLayout(notSeen_);
    rows->setContentsMargins(theme::px(18), theme::px(14), theme::px(18), theme::px(16));
    rows->setSpacing(theme::px(8));
    rows->addWidget(makeLabel(tr("Which strips are there?"), theme::heading()));
    auto* why = makeLabel(tr("Mains out, back and glass off: count the strips and the LEDs on one. One line is enough; "
                             "the map, the expected volts and the probes come of it."),
                          theme::body(), "quiet");
    why->setWordWrap(true);
    rows->addWidget(why);
    line_ = new StripsLine(session_);
    line_->setObjectName(QStringLiteral("stripsLine"));
    line_->setFont(theme::reading(20));
    rows->addWidget(line_);
    const std::pair<QString, QString> examples[] = {
        {tr("4 strips × 12"), tr("four rows of 12 LEDs, all in series")},
        {tr("8 x 7, 2 strips per string"), tr("four strings of 14, a channel each")},
        {tr("2 x 30, 6 V, bottom edge"), tr("bars along the edge, LEDs of two dies")},
        {tr("27 LEDs"), tr("only how many stand in series is known")}};
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme::px(18));
    int row = 0;
    for (const auto& [words, meaning] : examples) {
        grid->addWidget(makeLabel(words, theme::strong()), row, 0);
        grid->addWidget(makeLabel(meaning, theme::body(), "quiet"), row, 1);
        ++row;
    }
    grid->setColumnStretch(1, 1);
    rows->addLayout(grid);
    rows->addSpacing(theme::px(10));
    rows->addWidget(makeLabel(tr("Not opened yet? The plug on the board, pin by pin"), theme::strong()));
    auto* plugSays = makeLabel({}, theme::body(), "quiet");
    plugSays->setObjectName(QStringLiteral("plugSays"));
    plugSays->setWordWrap(true);
    plug_ = new PlugLine(session_, *plugSays);
    rows->addWidget(plug_);
    rows->addWidget(plugSays);
    return notSeen_;
}

/// What the tester shows, as it is typed.
QLayout* StringsStation::makeReadingColumn() {
    auto* fields = new QHBoxLayout;
    fields->setSpacing(theme::px(10));
    volts_ = makeField(QStringLiteral("volts"), tr("Tester volts"), tr("volts"), theme::reading(28));
    volts_->setFixedWidth(theme::px(140));
    lit_ = makeField(QStringLiteral("lit"), tr("LEDs lit"), tr("lit"), theme::reading(28));
    lit_->setFixedWidth(theme::px(76));
    explainTyping(volts_, [this](const QString& text) {
        return typed::orNothing(typed::tester(text, setting().limitVolts, run_->count()), run_->count());
    });
    for (auto* field : {volts_, lit_}) {
        field->installEventFilter(this);
        connect(field, &QLineEdit::returnPressed, this, &StringsStation::commit);
        connect(field, &QLineEdit::textEdited, this,
                [this] { goOn_ = false; });  // it belongs to the run it is begun at
        fields->addWidget(field);
    }
    after_ = new QCheckBox(tr("after\nrepair  (A)"));
    after_->setObjectName(QStringLiteral("afterRepair"));
    after_->setFont(theme::body());
    after_->setFocusPolicy(Qt::NoFocus);
    after_->setToolTip(tr("Readings written down now are proof of the repair, not evidence of the fault."));
    fields->addWidget(after_);
    fields->addStretch();
    auto* buttons = new QHBoxLayout;
    auto* write = makeButton(tr("Write down"), tr("Enter"));
    auto* nothing = makeButton(tr("Nothing lit"), tr("N"));
    for (auto* button : {write, nothing}) {
        button->setFocusPolicy(Qt::NoFocus);
        buttons->addWidget(button);
    }
    connect(write, &QPushButton::clicked, this, &StringsStation::commit);
    connect(nothing, &QPushButton::clicked, this, &StringsStation::commitNothingLit);
    buttons->addStretch();
    auto* column = new QVBoxLayout;
    column->addLayout(fields);
    column->addLayout(buttons);
    column->addStretch();
    return column;
}

/// Where the clips go.
QLayout* StringsStation::makeRunColumn() {
    auto* column = new QVBoxLayout;
    column->setSpacing(theme::px(5));
    title_ = makeLabel({}, theme::reading(20));
    title_->setObjectName(QStringLiteral("runTitle"));
    how_ = makeLabel({}, theme::quiet(), "quiet");
    how_->setWordWrap(true);
    column->addWidget(title_);
    column->addWidget(how_);
    column->addStretch();
    return column;
}

/// What the tester is set to; one LED on its own; an ammeter across one.
QLayout* StringsStation::makeSettingsRow() {
    auto* row = new QHBoxLayout;
    row->setSpacing(theme::px(14));
    // Each way of measuring under its name, with the key that leads to it.
    const auto addWay = [&](const QString& name, const QString& key, std::initializer_list<QWidget*> fields,
                            int stretch) {
        auto* column = new QVBoxLayout;
        column->setSpacing(theme::px(1));
        column->addWidget(makeLabel(key.isEmpty() ? name : tr("%1 (%2)").arg(name, key), theme::quiet(), "quiet"));
        auto* line = new QHBoxLayout;
        line->setSpacing(theme::px(6));
        for (auto* field : fields) {
            line->addWidget(field);
        }
        column->addLayout(line);
        row->addLayout(column, stretch);
    };
    tester_ = {new NumberField(
                   session_, tr("mA"), QStringLiteral("testerMilliamps"), {0.1, 5000, job::Unit::Milliamps},
                   [](job::Job& job) -> double& { return job.bench.tester.amps; }, 1000),
               new NumberField(session_, tr("V"), QStringLiteral("testerLimit"), {1, 1000, job::Unit::Volts},
                               [](job::Job& job) -> double& { return job.bench.tester.limitVolts; })};
    addWay(tr("Tester set to"), {}, {tester_[0], tester_[1]}, 0);
    method_ = new QComboBox;
    method_->setFont(theme::body());
    method_->setObjectName(QStringLiteral("ledMethod"));
    method_->setAccessibleName(tr("One LED on its own"));
    method_->setFixedWidth(theme::px(132));
    method_->addItems({tr("bench 0.1 A"), tr("3.5 V, 1 kΩ"), tr("diode 2 V"), tr("diode 3.2 V")});
    ledReading_ = makeField(QStringLiteral("ledReading"), tr("Reading of one LED"), tr("2.9 lit"));
    ledReading_->setToolTip(
        tr("Volts and what it does: \"2.9 lit\", \"0.02 dark\", \"OL\"; both ways round: \"1.8/1.8\"; by eye alone: "
           "lit, dim, tinted, dark"));
    explainTyping(ledReading_, [](const QString& text) { return typed::orNothing(typed::led(text)); });
    connect(ledReading_, &QLineEdit::returnPressed, this, &StringsStation::commitLedCheck);
    addWay(tr("One LED alone"), tr("K"), {method_, ledReading_}, 1);
    bridgeAmps_ = makeField(QStringLiteral("bridgeAmps"), tr("Ammeter across the LED, set on, mA"), tr("mA, set on"));
    bridgeAmps_->setToolTip(
        tr("Set off: ammeter across the open LED. Set on: the rest lights. Live: one hand, rated leads; "
           "follow local codes. 0 when the rest stays dark."));
    bridgeAmps_->setFixedWidth(theme::px(96));
    explainTyping(bridgeAmps_, [](const QString& text) {
        return typed::orNothing(typed::number(text, {0, 20000, job::Unit::Milliamps}), job::Unit::Milliamps);
    });
    connect(bridgeAmps_, &QLineEdit::returnPressed, this, &StringsStation::commitBridge);
    addWay(tr("Ammeter across it"), tr("B"), {bridgeAmps_}, 0);
    return row;
}

/// Another job.
void StringsStation::startOver() {
    const auto& trail = job().trail;
    after_->setChecked(
        std::any_of(trail.begin(), trail.end(), [](const auto& entry) { return entry.phase == job::Phase::After; }));
    run_.reset();
    minus_ = Minus::EndOfRun;
    bridged_.clear();
    once_.reset();
    map_->reset();
}

const probe::Probe* StringsStation::nextStringProbe() const {
    const auto& assessment = this->assessment();
    const auto found = std::find_if(assessment.probes.best.begin(), assessment.probes.best.end(), [](const auto& p) {
        return p.test == "tester" || p.test == "chassis" || p.test == "ledCheck";
    });
    return assessment.verdict().empty() && found != assessment.probes.best.end() ? &*found : nullptr;
}

void StringsStation::showJob() {
    const auto& job = this->job();
    const bool isDescribed = job.set.backlight.isDescribed;
    goOn_ = goOn_ || (isDescribed && line_->hasFocus());  // they have just been described
    const bool hasLamps = job.set.lightKind() == set::LightKind::Lamps;
    notSeen_->setVisible(!isDescribed && !hasLamps);
    lamps_->setVisible(hasLamps);
    mapCard_->setVisible(isDescribed && !hasLamps);
    entry_->setVisible(isDescribed && !hasLamps);
    setTitle(hasLamps ? tr("Lamps") : tr("Strings"));
    if (hasLamps) {
        setSubtitle(
            tr("This set is lit by lamps: it has no strips. What is asked of lamps and inverter stands at Board."));
        lamps_->show(*session_.snapshot());
        return;
    }
    if (!isDescribed) {
        setSubtitle({});
        line_->refresh();
        plug_->refresh();
        return;
    }
    map_->show(session_.snapshot());
    const auto* next = nextStringProbe();
    map_->setWanted(next == nullptr ? std::nullopt : evidence::runOf(next->question));
    setSubtitle(tr("%1 LEDs on strips %2 to %3. Expected volts are at the tester's current, not at N × 3 V.")
                    .arg(job.set.backlight.ledCount())
                    .arg(QString::fromStdString(job.set.backlight.strips.front().label),
                         QString::fromStdString(job.set.backlight.strips.back().label)));
    for (auto* field : tester_) {
        field->refresh();
    }
    if (run_ && (run_->string.channel >= int(job.set.backlight.channels.size()) ||
                 run_->last >= int(backlight::ledsInOrder(job.set.backlight, run_->string).size()))) {
        run_.reset();
    }
    if (!run_) {
        run_ = map_->selectedRun();
    }
    if (once_ && asked() == nullptr) {
        once_.reset();  // it is answered, or the tester is set otherwise
    }
    if (std::exchange(goOn_, false)) {
        enter();
    }
    showRun();
}

void StringsStation::setRun(const Run& run, Minus minus, const std::vector<LedPlace>& bridged,
                            const std::optional<backlight::TesterSetting>& once) {
    run_ = run;
    minus_ = minus;
    bridged_ = bridged;
    once_ = once;
    showRun();
}

const probe::Probe* StringsStation::asked() const {
    const evidence::Question question = evidence::TesterTaken::Question{*run_, setting(), minus_, bridged_};
    const auto& probes = assessment().probes.best;
    const auto found =
        std::find_if(probes.begin(), probes.end(), [&](const auto& probe) { return probe.question == question; });
    return found == probes.end() ? nullptr : &*found;
}

backlight::TesterSetting StringsStation::setting() const {
    return once_.value_or(job().bench.tester);
}

void StringsStation::showRun() {
    const auto& job = this->job();
    const QString name = words(nameOf(job.set.backlight, *run_));
    const bool toChassis = minus_ == Minus::Chassis;
    title_->setText(toChassis ? tr("Tester from LED+ of %1 to the chassis").arg(name)
                    : once_   ? tr("Tester at %L1 mA on %2").arg(1000 * once_->amps).arg(name)
                    : bridged_.empty()
                        ? tr("Tester on %1").arg(name)
                        : tr("Bridge %1, tester on %2")
                              .arg(QString::fromStdString(evidence::namesOf(job.set.backlight, bridged_)), name));
    const auto order = backlight::ledsInOrder(job.set.backlight, run_->string);
    const auto plan = locate::planTester(job.set.backlight, *run_, setting());
    const QString first = QString::fromStdString(nameOf(job.set.backlight, order[run_->first]));
    how_->setText(toChassis
                      ? tr("plus before %1, minus on the bare metal back. It must stay dark at its limit.").arg(first)
                      : tr("plus before %1, minus after %2. %3")
                            .arg(first, QString::fromStdString(nameOf(job.set.backlight, order[run_->last])),
                                 once_ ? tr("Set the tester to %L1 mA for this one reading.").arg(1000 * once_->amps)
                                       : words(plan.advice)));
    clearLayout(outcomes_);
    bridgeAmps_->setEnabled(liveAllowed());
    showLedVerdict();
    const bool plain = !toChassis && bridged_.empty();
    for (const auto& entry : job::standingEntries(job, job::Phase::Before)) {
        const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
        if (plain && taken != nullptr && taken->run == *run_ && taken->setting == setting() && taken->bridged.empty() &&
            taken->minus == Minus::EndOfRun) {
            return showRanking(*taken);
        }
    }
    showOutcomes();
}

/// What is known of the LED under the cursor.
void StringsStation::showLedVerdict() {
    const auto& job = this->job();
    const LedPlace at = map_->cursor();
    ledVerdict_->setText(tr("%1 is chosen; jumper across it (J), tester to the chassis (C)")
                             .arg(QString::fromStdString(nameOf(job.set.backlight, at))));
    for (const auto& entry : job::standingEntries(job, job::Phase::Before)) {
        const auto* check = std::get_if<evidence::LedChecked>(&entry.what);
        const auto* bridged = std::get_if<evidence::Bridged>(&entry.what);
        if (check != nullptr && check->place == at) {
            const auto judged = parts::judge(job.set.backlight.strips[at.strip].led, check->setting, check->reading);
            ledVerdict_->setText(tr("%1: %2. %3")
                                     .arg(QString::fromStdString(nameOf(job.set.backlight, at)),
                                          words(parts::verdictWords(judged.verdict)), words(judged.because)));
        } else if (bridged != nullptr && bridged->place == at) {
            ledVerdict_->setText(bridgeWords(job, *bridged));
        }
    }
}

/// What the chosen run may read, and what each reading would mean.
void StringsStation::showOutcomes() {
    const auto& job = this->job();
    const bool toChassis = minus_ == Minus::Chassis;
    if (const auto* probe = asked()) {
        for (std::size_t i = 0; i < std::min<std::size_t>(3, probe->outcomes.size()); ++i) {
            addOutcome(words(probe->outcomes[i].reading), words(probe->outcomes[i].meaning));
        }
    } else if (toChassis || !bridged_.empty()) {
        const auto sound = backlight::testRun(job.set.backlight, {*run_, setting(), minus_, false, bridged_}, {});
        addOutcome(tr("%L1 V, %2 lit").arg(sound.volts, 0, 'f', 1).arg(sound.lit),
                   toChassis ? tr("no string touches it") : tr("nothing else is wrong"));
        addOutcome(toChassis ? tr("less, or any lit") : tr("%L1 V, 0 lit").arg(setting().limitVolts, 0, 'f', 1),
                   toChassis ? tr("a string touches it") : tr("another LED is open"));
    } else {
        const auto outcomes = locate::outcomesOf(job.set.backlight, *run_, setting());
        for (std::size_t i = 0; i < std::min<std::size_t>(3, outcomes.size()); ++i) {
            addOutcome(tr("%L1 V, %2 lit").arg(outcomes[i].volts, 0, 'f', 1).arg(outcomes[i].lit),
                       words(outcomes[i].words));
        }
    }
}

void StringsStation::addOutcome(const QString& reading, const QString& meaning) {
    auto* card = makeCard("true");
    auto* row = new QHBoxLayout(card);
    row->setContentsMargins(theme::px(6), theme::px(3), theme::px(6), theme::px(3));
    auto* got = makeLabel(reading, theme::body());
    got->setMinimumWidth(theme::px(119));
    row->addWidget(got);
    auto* words = makeLabel(meaning, theme::body(), "quiet");
    words->setWordWrap(true);
    words->setObjectName(QStringLiteral("outcome"));
    row->addWidget(words, 1);
    outcomes_->addWidget(card);
}

/// What explains the reading that was taken here, by this reading alone.
void StringsStation::showRanking(const evidence::TesterTaken& taken) {
    const auto& job = this->job();
    title_->setText(tr("%1 read %2").arg(words(nameOf(job.set.backlight, *run_)), words(taken.describe(scene()))));
    if (!taken.volts) {
        return;
    }
    const auto all = locate::explain(job.set.backlight, taken.run, taken.setting, {*taken.volts, taken.lit, {}});
    constexpr double worthSaying = 0.02;
    for (std::size_t i = 0; i < std::min<std::size_t>(3, all.size()) && all[i].share > worthSaying; ++i) {
        addOutcome(tr("%1 %").arg(100 * all[i].share, 0, 'f', 0), words(all[i].words));
    }
}

void StringsStation::commitLedCheck() {
    const LedPlace place = map_->cursor();
    const Taking taking{phase(), {.raw = ledReading_->text().toStdString()}, opensThePanel};
    if (const auto glow = typed::glow(ledReading_->text())) {  // by eye alone, while it is driven on its own
        const Run alone = backlight::runOnStrip(job().set.backlight, place.strip, place.led, place.led);
        if (tell(session_.record(evidence::LedSeen{place, *glow, alone}, taking), ledReading_)) {
            ledReading_->setText({});
        }
        return;
    }
    const auto read = typed::led(ledReading_->text());
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(ledReading_, words(*problem));
        return;
    }
    const auto& led = job().set.backlight.strips[place.strip].led;
    const evidence::LedChecked check{place, settingsOf(led)[std::size_t(method_->currentIndex())],
                                     std::get<parts::LedCheckReading>(read)};
    if (tell(session_.record(check, taking), ledReading_)) {
        ledReading_->setText({});
    }
}

void StringsStation::commitBridge() {
    const auto read = typed::number(bridgeAmps_->text(), {0, 20000, job::Unit::Milliamps});
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(bridgeAmps_, words(*problem));
        return;
    }
    if (tell(takes({job::Unit::Milliamps, std::get<double>(read), {.raw = bridgeAmps_->text().toStdString()}}),
             bridgeAmps_)) {
        bridgeAmps_->setText({});
    }
}

Written StringsStation::takes(const Reading& reading) {
    const bool isCount = reading.quantity == job::Unit::Count;
    if (!job().set.backlight.isDescribed || (reading.quantity == job::Unit::Milliamps && !liveAllowed())) {
        return Station::takes(reading);
    }
    if (reading.quantity == job::Unit::Milliamps) {
        const double amps = reading.value / 1000;
        const auto also = [amps](job::Job& job) {
            opensThePanel(job);
            if (amps > 0 && !job.repair.originalAmps) {
                job.repair.originalAmps = amps;  // written down before anybody changes it
            }
        };
        return session_.record(evidence::Bridged{map_->cursor(), amps, amps > 0}, {phase(), reading.source, also});
    }
    if (!isCount && (reading.quantity != job::Unit::Volts || reading.shape != evidence::Shape::Steady)) {
        return Station::takes(reading);
    }
    evidence::TesterTaken taken{*run_, setting(), std::nullopt, std::nullopt, minus_, bridged_};
    if (isCount) {
        taken.lit = int(reading.value);
    } else {
        taken.volts = reading.value;
    }
    return recordTester(taken, reading.source);
}

void StringsStation::exportMap() {
    const QString suggested = records::pathInFolder(remembered::folder(), job().id, QStringLiteral("svg"));
    askForFileToSave(this, {tr("Save the map"), tr("Drawings (*.svg)")}, suggested, [this](const QString& path) {
        try {
            records::writeWhole(path, QByteArray::fromStdString(map_->svg()));
        } catch (const std::exception& problem) {
            diary::caught("strings: map", problem);
            emit refused(QString::fromUtf8(problem.what()));
        }
    });
}

void StringsStation::commit() {
    const auto tester = setting();
    evidence::TesterTaken reading{*run_, tester, std::nullopt, std::nullopt, minus_, bridged_};
    const bool countOnly = volts_->text().trimmed().isEmpty() && !lit_->text().trimmed().isEmpty();
    for (auto* field : {volts_, lit_}) {
        const bool isCount = field == lit_;
        if (isCount ? lit_->text().trimmed().isEmpty() : countOnly) {
            continue;
        }
        const auto read = isCount ? litTyped() : typed::tester(volts_->text(), tester.limitVolts, run_->count());
        const auto* shown = std::get_if<job::TypedTester>(&read);
        const bool isSaidTwice = shown != nullptr && shown->lit && reading.lit && shown->lit != reading.lit;
        if (shown == nullptr || isSaidTwice) {
            refuse(field, isSaidTwice ? tr("%1 lit, or %2?").arg(*reading.lit).arg(*shown->lit)
                                      : words(std::get<text::Text>(read)));
            field->setFocus();
            return;
        }
        reading.volts = shown->volts ? shown->volts : reading.volts;
        reading.lit = shown->lit ? shown->lit : reading.lit;
    }
    writeTester(reading, volts_);
}

/// What the field of the lit LEDs says: a number there is a count.
std::variant<job::TypedTester, text::Text> StringsStation::litTyped() const {
    const auto count = typed::number(lit_->text(), {0, double(run_->count()), job::Unit::Count});
    if (const auto* number = std::get_if<double>(&count)) {
        return job::TypedTester{{}, int(*number)};
    }
    const auto read = typed::tester(lit_->text(), setting().limitVolts, run_->count());
    const auto* said = std::get_if<job::TypedTester>(&read);
    return said != nullptr && said->lit && !said->volts ? read
                                                        : std::variant<job::TypedTester, text::Text>(text::say(
                                                              "a whole number from {} to {}", 0, run_->count()));
}

/// Writes down what the fields say of the tester.
void StringsStation::writeTester(const evidence::TesterTaken& reading, QWidget* field) {
    QStringList typed{volts_->text(), lit_->text()};
    typed.removeAll(QString());
    if (tell(recordTester(reading, {.raw = typed.join(QStringLiteral(" / ")).toStdString()}), field)) {
        volts_->setText({});
        lit_->setText({});
    }
}

/// Its assessment leads to the next probe.
Written StringsStation::recordTester(const evidence::TesterTaken& reading, const evidence::Source& source) {
    const bool atThePlug = reading.run == backlight::wholeString(job().set.backlight, reading.run.string);
    goOn_ = true;
    auto written = session_.record(
        reading, {phase(), source, [&](job::Job& job) { job.panelOpen = job.panelOpen || !atThePlug; }});
    goOn_ = goOn_ && bool(written);
    return written;
}

/// Nothing lights: the volts were not read, and are not written down.
void StringsStation::commitNothingLit() {
    writeTester({*run_, setting(), std::nullopt, 0, minus_, bridged_}, volts_);
}

job::Phase StringsStation::phase() const {
    return after_->isChecked() ? job::Phase::After : job::Phase::Before;
}

void StringsStation::mark(backlight::LedPlace place, evidence::LedSeen::Glow glow) {
    const auto& panel = job().set.backlight;
    Run under = backlight::wholeStrip(panel, place.strip);
    const auto order = backlight::ledsInOrder(panel, run_->string);
    const bool inRun =
        std::find(order.begin() + run_->first, order.begin() + run_->last + 1, place) != order.begin() + run_->last + 1;
    if (inRun && run_->count() > 1) {
        under = *run_;
    }
    tell(session_.record(evidence::LedSeen{place, glow, under}, {.phase = phase(), .also = opensThePanel}));
}

void StringsStation::enter() {
    if (job().set.lightKind() == set::LightKind::Lamps) {
        setFocus();
    } else if (!job().set.backlight.isDescribed) {
        line_->setFocus();
        line_->selectAll();  // what is known of the board stays, whatever is typed over it
    } else if (const auto* next = nextStringProbe()) {
        goTo(*next);
    } else {
        map_->setFocus();
    }
}

void StringsStation::goTo(const probe::Probe& probe) {
    if (std::holds_alternative<evidence::LampsSeen::Question>(probe.question)) {
        setFocus();  // the keys of the lamps
        return;
    }
    if (const auto run = evidence::runOf(probe.question)) {
        map_->select(*run);
        const auto* tester = std::get_if<evidence::TesterTaken::Question>(&probe.question);
        if (tester != nullptr) {
            const bool isUsual = tester->setting == job().bench.tester;
            setRun(*run, tester->minus, tester->bridged, isUsual ? std::nullopt : std::optional(tester->setting));
        } else {
            setRun(*run);
        }
    }
    if (const auto* alone = std::get_if<evidence::LedChecked::Question>(&probe.question)) {
        map_->select(
            backlight::runOnStrip(job().set.backlight, alone->place.strip, alone->place.led, alone->place.led));
        const auto ways = settingsOf(job().set.backlight.strips[alone->place.strip].led);
        method_->setCurrentIndex(int(std::find(ways.begin(), ways.end(), alone->setting) - ways.begin()));
        ledReading_->setFocus();
    } else if (std::holds_alternative<evidence::LookAlong>(probe.question)) {
        map_->setFocus();
    } else {
        volts_->setFocus();
        volts_->selectAll();
    }
}

bool StringsStation::eventFilter(QObject* watched, QEvent* event) {
    if (watched == map_ && event->type() == QEvent::KeyPress) {
        auto* key = static_cast<QKeyEvent*>(event);
        const bool digit = key->text().size() == 1 && key->text().front().isDigit();
        if (digit) {
            volts_->setFocus();
            volts_->setText(key->text());
            return true;
        }
    }
    if ((watched == volts_ || watched == lit_) && event->type() == QEvent::KeyPress) {
        // No reading starts with a letter: in an empty field they are the station's keys.
        auto* key = static_cast<QKeyEvent*>(event);
        const bool isEmpty = static_cast<QLineEdit*>(watched)->text().isEmpty();
        const bool plain = key->modifiers() == Qt::NoModifier || key->modifiers() == Qt::ShiftModifier;
        if (isEmpty && plain && key->text().size() == 1 && key->text().front().isLetter()) {
            keyPressEvent(key);
            return true;
        }
    }
    return Station::eventFilter(watched, event);
}

/// Beside what is stored of the others: what is shown may be older than the last key.
void StringsStation::lookAtLamps(std::optional<int> lamp, lamps::Look look) {
    evidence::LampsSeen seen{looksOfLamps(session_.job())};
    if (!lamp) {
        std::replace(seen.looks.begin(), seen.looks.end(), lamps::Look::Unknown, look);
    } else if (*lamp < int(seen.looks.size())) {
        seen.looks[std::size_t(*lamp)] = look;
    }
    if (!seen.looks.empty()) {
        tell(session_.record(seen));
    }
}

void StringsStation::keyPressEvent(QKeyEvent* event) {
    if (job().set.lightKind() == set::LightKind::Lamps) {
        if (event->modifiers() != Qt::NoModifier || !lamps_->press(event->key())) {
            Station::keyPressEvent(event);
        }
    } else if (!job().set.backlight.isDescribed) {
        Station::keyPressEvent(event);
    } else if (event->key() == Qt::Key_N && event->modifiers() == Qt::NoModifier) {
        commitNothingLit();
    } else if (event->key() == Qt::Key_M && event->modifiers() == Qt::NoModifier) {
        map_->setFocus();
    } else if (event->key() == Qt::Key_K && event->modifiers() == Qt::NoModifier) {
        ledReading_->setFocus();
    } else if (event->key() == Qt::Key_B && event->modifiers() == Qt::NoModifier) {
        bridgeAmps_->setFocus();
    } else if (event->key() == Qt::Key_C && event->modifiers() == Qt::NoModifier) {
        minus_ = minus_ == Minus::Chassis ? Minus::EndOfRun : Minus::Chassis;
        run_ = backlight::wholeString(job().set.backlight, run_->string);
        bridged_.clear();
        showRun();
        volts_->setFocus();
    } else if (event->key() == Qt::Key_J && event->modifiers() == Qt::NoModifier) {
        const LedPlace at = map_->cursor();
        if (std::erase(bridged_, at) == 0) {
            bridged_.push_back(at);
        }
        minus_ = Minus::EndOfRun;
        run_ = backlight::wholeStrip(job().set.backlight, at.strip);
        showRun();
    } else if (event->key() == Qt::Key_A && event->modifiers() == Qt::NoModifier) {
        after_->toggle();
    } else if (event->key() == Qt::Key_E && event->modifiers() == Qt::NoModifier) {
        exportMap();
    } else if (event->key() == Qt::Key_Escape && map_->hasFocus()) {
        map_->selectStrip();
    } else if (event->key() == Qt::Key_Escape) {
        map_->setFocus();
    } else {
        Station::keyPressEvent(event);
    }
}

std::vector<KeyHint> StringsStation::keys() const {
    if (session_.hasJob() && job().set.lightKind() == set::LightKind::Lamps) {
        return {{tr("↑ ↓"), tr("lamp")},      {tr("1 … 5"), tr("how it looks")}, {tr("A"), tr("others lit")},
                {tr("F"), tr("fades first")}, {tr("T"), tr("all together")},     {tr("H"), tr("a half")}};
    }
    if (!session_.hasJob() || !job().set.backlight.isDescribed) {
        return {{tr("Enter"), tr("use these strips")}};
    }
    return {{tr("Enter"), tr("write")},  {tr("N"), tr("none lit")}, {tr("Esc"), tr("map")},
            {tr("L H T D"), tr("mark")}, {tr("Z"), tr("zoom")},     {tr("E"), tr("SVG")}};
}

bool StringsStation::isDone(const Snapshot& shown) {
    return std::any_of(shown.job.trail.begin(), shown.job.trail.end(), [](const auto& e) {
        return std::holds_alternative<evidence::TesterTaken>(e.what) ||
               std::holds_alternative<evidence::LampsSeen>(e.what) || std::holds_alternative<evidence::LedSeen>(e.what);
    });
}

}  // namespace dimglow::app
