#include "app/stations/strings.h"

#include <QFileDialog>
#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>
#include <cmath>
#include <utility>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "core/job/reading_text.h"
#include "core/locate/tester_plan.h"
#include "core/reasoning/wording.h"
#include "records/files.h"

namespace dimglow::app {

using backlight::LedPlace;
using backlight::Run;

namespace {

/// The current found against what driver and LED are made for.
QString bridgeWords(const job::Job& job, const evidence::Bridged& bridged) {
    const auto& strip = job.backlight.strips[bridged.place.strip];
    const QString name = QString::fromStdString(nameOf(job.backlight, bridged.place));
    if (!bridged.restLights) {
        return StringsStation::tr("%1 bridged: the rest stays dark. Another LED, a plug or the driver.").arg(name);
    }
    return StringsStation::tr("%1 bridged: %2 mA, %3 % of the LED's rated %4 mA.%5")
        .arg(name)
        .arg(1000 * bridged.amps, 0, 'f', 0)
        .arg(100 * bridged.amps / strip.led.ratedAmps, 0, 'f', 0)
        .arg(1000 * strip.led.ratedAmps, 0, 'f', 0)
        .arg(bridged.amps > strip.led.ratedAmps ? StringsStation::tr(" Overdriven: lower it.") : QString());
}

}  // namespace

StringsStation::StringsStation(JobSession& session) : Station(session, QStringLiteral("strings"), tr("Strings")) {
    auto* mapCard = makeCard("panel");
    auto* mapLayout = new QVBoxLayout(mapCard);
    mapLayout->setContentsMargins(theme::px(6), theme::px(4), theme::px(6), theme::px(4));
    map_ = new BacklightMap;
    map_->setObjectName(QStringLiteral("map"));
    map_->installEventFilter(this);
    mapLayout->addWidget(map_);
    body_->addWidget(mapCard, 1);

    auto* entry = makeCard("panel");
    auto* rows = new QVBoxLayout(entry);
    rows->setContentsMargins(theme::px(16), theme::px(8), theme::px(16), theme::px(8));
    rows->setSpacing(theme::px(5));
    auto* columns = new QHBoxLayout;
    columns->setSpacing(theme::px(16));
    auto* left = new QVBoxLayout;
    auto* fields = new QHBoxLayout;
    fields->setSpacing(theme::px(10));
    volts_ = new QLineEdit;
    volts_->setObjectName(QStringLiteral("volts"));
    volts_->setFont(theme::reading(28));
    volts_->setPlaceholderText(tr("volts"));
    volts_->setAccessibleName(tr("Tester volts"));
    volts_->setFixedWidth(theme::px(140));
    volts_->installEventFilter(this);
    lit_ = new QLineEdit;
    lit_->installEventFilter(this);
    lit_->setObjectName(QStringLiteral("lit"));
    lit_->setFont(theme::reading(28));
    lit_->setPlaceholderText(tr("lit"));
    lit_->setAccessibleName(tr("LEDs lit"));
    lit_->setFixedWidth(theme::px(76));
    fields->addWidget(volts_);
    fields->addWidget(lit_);
    fields->addStretch();
    left->addLayout(fields);
    auto* buttons = new QHBoxLayout;
    auto* write = makeButton(tr("Write down"), tr("Enter"));
    auto* nothing = makeButton(tr("Nothing lit"), tr("N"));
    for (auto* button : {write, nothing}) {
        button->setFocusPolicy(Qt::NoFocus);
        buttons->addWidget(button);
    }
    connect(write, &QPushButton::clicked, this, &StringsStation::commit);
    connect(nothing, &QPushButton::clicked, this, &StringsStation::commitNothingLit);
    after_ = new QCheckBox(tr("after\nrepair  (A)"));
    after_->setObjectName(QStringLiteral("afterRepair"));
    after_->setFont(theme::body());
    after_->setFocusPolicy(Qt::NoFocus);
    after_->setToolTip(tr("Readings written down now are proof of the repair, not evidence of the fault."));
    fields->insertWidget(2, after_);
    buttons->addStretch();
    left->addLayout(buttons);
    auto* setting = new QHBoxLayout;
    tester_ = {new NumberField(
                   session, tr("Tester, mA"), QStringLiteral("testerMilliamps"), {0.1, 5000, job::Unit::Milliamps},
                   [](job::Job& job) -> double& { return job.bench.tester.amps; }, 1000),
               new NumberField(session, tr("limit, V"), QStringLiteral("testerLimit"), {1, 1000, job::Unit::Volts},
                               [](job::Job& job) -> double& { return job.bench.tester.limitVolts; })};
    for (auto* field : tester_) {
        setting->addWidget(field);
    }
    method_ = new QComboBox;
    method_->setFont(theme::body());
    method_->setObjectName(QStringLiteral("ledMethod"));
    method_->setAccessibleName(tr("One LED on its own"));
    method_->setFixedWidth(theme::px(132));
    method_->addItems({tr("bench 0.1 A"), tr("3.5 V, 1 kΩ"), tr("diode 2 V"), tr("diode 3.2 V")});
    ledReading_ = new QLineEdit;
    ledReading_->setObjectName(QStringLiteral("ledReading"));
    ledReading_->setFont(theme::body());
    ledReading_->setPlaceholderText(tr("2.9 lit"));
    ledReading_->setAccessibleName(tr("Reading of one LED"));
    ledReading_->setToolTip(
        tr("Volts and what it does: \"2.9 lit\", \"0.02 dark\", \"OL\"; both ways round: \"1.8/1.8\"; by eye alone: "
           "lit, dim, "
           "tinted, dark"));
    bridgeAmps_ = new QLineEdit;
    bridgeAmps_->setObjectName(QStringLiteral("bridgeAmps"));
    bridgeAmps_->setFont(theme::body());
    bridgeAmps_->setPlaceholderText(tr("bridge, mA"));
    bridgeAmps_->setAccessibleName(tr("Ammeter across the LED, set on, mA"));
    bridgeAmps_->setToolTip(
        tr("Set off: ammeter across the open LED. Set on: the rest lights. Live: one hand, rated leads; "
           "follow local codes. 0 when the rest stays dark."));
    bridgeAmps_->setFixedWidth(theme::px(96));
    setting->addWidget(method_);
    setting->addWidget(ledReading_, 1);
    setting->addWidget(bridgeAmps_);
    ledVerdict_ = makeLabel({}, theme::quiet(), "quiet");
    ledVerdict_->setObjectName(QStringLiteral("ledVerdict"));
    ledVerdict_->setWordWrap(true);
    left->addStretch();
    connect(ledReading_, &QLineEdit::returnPressed, this, &StringsStation::commitLedCheck);
    connect(bridgeAmps_, &QLineEdit::returnPressed, this, &StringsStation::commitBridge);
    columns->addLayout(left);
    auto* right = new QVBoxLayout;
    right->setSpacing(theme::px(5));
    title_ = makeLabel({}, theme::strong());
    title_->setObjectName(QStringLiteral("runTitle"));
    how_ = makeLabel({}, theme::quiet(), "quiet");
    how_->setWordWrap(true);
    right->addWidget(title_);
    right->addWidget(how_);
    outcomes_ = new QVBoxLayout;
    outcomes_->setSpacing(theme::px(4));
    right->addLayout(outcomes_);
    right->addStretch();
    columns->addLayout(right, 1);
    rows->addLayout(columns);
    rows->addLayout(setting);
    rows->addWidget(ledVerdict_);
    body_->addWidget(entry);

    connect(&session_, &JobSession::opened, this, [this] {
        const auto& trail = job().trail;
        after_->setChecked(std::any_of(trail.begin(), trail.end(),
                                       [](const auto& entry) { return entry.phase == job::Phase::After; }));
        run_.reset();
        minus_ = backlight::TesterProbe::Minus::EndOfRun;
        bridged_.clear();
        map_->reset();
    });
    connect(map_, &BacklightMap::selectionChanged, this, [this] {
        if (map_->selectedRun() != run_) {
            setRun(map_->selectedRun());
        } else {
            showRun();
        }
    });
    connect(map_, &BacklightMap::marked, this, &StringsStation::mark);
    connect(volts_, &QLineEdit::returnPressed, this, &StringsStation::commit);
    connect(lit_, &QLineEdit::returnPressed, this, &StringsStation::commit);
}

const reasoning::Probe* StringsStation::nextStringProbe() const {
    const auto& assessment = this->assessment();
    const auto found = std::find_if(assessment.probes.begin(), assessment.probes.end(),
                                    [](const auto& p) { return p.test == "tester" || p.test == "chassis"; });
    return assessment.verdict.empty() && found != assessment.probes.end() ? &*found : nullptr;
}

void StringsStation::showJob() {
    const auto& job = this->job();
    map_->show(session_.snapshot());
    const auto* next = nextStringProbe();
    map_->setWanted(next == nullptr ? std::nullopt : next->run);
    setSubtitle(tr("%1 LEDs on strips %2 to %3. Expected volts are at the tester's current, not at N × 3 V.")
                    .arg(job.backlight.ledCount())
                    .arg(QString::fromStdString(job.backlight.strips.front().label),
                         QString::fromStdString(job.backlight.strips.back().label)));
    for (auto* field : tester_) {
        field->refresh();
    }
    if (run_ && (run_->string.channel >= int(job.backlight.channels.size()) ||
                 run_->last >= int(backlight::ledsInOrder(job.backlight, run_->string).size()))) {
        run_.reset();
    }
    if (!run_) {
        run_ = map_->selectedRun();
    }
    if (std::exchange(goOn_, false)) {
        enter();
    }
    showRun();
}

/// \p probe says how the tester is put to the run when it is more than both its ends.
void StringsStation::setRun(const Run& run, const reasoning::Probe* probe) {
    run_ = run;
    minus_ = probe == nullptr ? backlight::TesterProbe::Minus::EndOfRun : probe->minus;
    bridged_ = probe == nullptr ? std::vector<LedPlace>{} : probe->bridged;
    showRun();
}

void StringsStation::showRun() {
    const auto& job = this->job();
    const auto& assessment = this->assessment();
    const QString name = QString::fromStdString(nameOf(job.backlight, *run_));
    const bool toChassis = minus_ == backlight::TesterProbe::Minus::Chassis;
    title_->setText(toChassis ? tr("Tester from LED+ of %1 to the chassis").arg(name)
                    : bridged_.empty()
                        ? tr("Tester on %1").arg(name)
                        : tr("Bridge %1, tester on %2")
                              .arg(QString::fromStdString(evidence::namesOf(job.backlight, bridged_)), name));
    const auto order = backlight::ledsInOrder(job.backlight, run_->string);
    const auto plan = locate::planTester(job.backlight, *run_, job.bench.tester);
    const QString first = QString::fromStdString(nameOf(job.backlight, order[run_->first]));
    how_->setText(toChassis
                      ? tr("plus before %1, minus on the bare metal back. It must stay dark at its limit.").arg(first)
                      : tr("plus before %1, minus after %2. %3")
                            .arg(first, QString::fromStdString(nameOf(job.backlight, order[run_->last])),
                                 QString::fromStdString(plan.advice)));
    clearLayout(outcomes_);
    bridgeAmps_->setEnabled(liveAllowed());
    const LedPlace at = map_->cursor();
    ledVerdict_->setText(tr("%1 alone (K) · ammeter across it, set on (B) · jumper across it (J) · to the chassis (C)")
                             .arg(QString::fromStdString(nameOf(job.backlight, at))));
    for (const auto& entry : job::standingEntries(job, job::Phase::Before)) {
        const auto* check = std::get_if<evidence::LedChecked>(&entry.what);
        const auto* bridged = std::get_if<evidence::Bridged>(&entry.what);
        if (check != nullptr && check->place == at) {
            const auto judged = parts::judge(job.backlight.strips[at.strip].led, check->setting, check->reading);
            ledVerdict_->setText(tr("%1: %2. %3")
                                     .arg(QString::fromStdString(nameOf(job.backlight, at)),
                                          QString::fromUtf8(parts::verdictWords(judged.verdict)),
                                          QString::fromStdString(judged.because)));
        } else if (bridged != nullptr && bridged->place == at) {
            ledVerdict_->setText(bridgeWords(job, *bridged));
        }
    }
    const bool plain = !toChassis && bridged_.empty();
    for (const auto& entry : job::standingEntries(job, job::Phase::Before)) {
        const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
        if (plain && taken != nullptr && taken->run == *run_ && taken->setting == job.bench.tester &&
            taken->bridged.empty() && taken->minus == backlight::TesterProbe::Minus::EndOfRun) {
            return showRanking(*taken);
        }
    }
    const auto found = std::find_if(assessment.probes.begin(), assessment.probes.end(), [&](const auto& p) {
        return p.test != "look" && p.run == run_ && p.minus == minus_ && p.bridged == bridged_;
    });
    if (found != assessment.probes.end()) {
        for (std::size_t i = 0; i < std::min<std::size_t>(3, found->outcomes.size()); ++i) {
            addOutcome(QString::fromStdString(found->outcomes[i].reading),
                       QString::fromStdString(found->outcomes[i].meaning));
        }
    } else if (!plain) {
        const auto sound = backlight::testRun(job.backlight, {*run_, job.bench.tester, minus_, false, bridged_}, {});
        addOutcome(tr("%1 V, %2 lit").arg(sound.volts, 0, 'f', 1).arg(sound.lit),
                   toChassis ? tr("no string touches it") : tr("nothing else is wrong"));
        addOutcome(toChassis ? tr("less, or any lit") : tr("%1 V, 0 lit").arg(job.bench.tester.limitVolts, 0, 'f', 1),
                   toChassis ? tr("a string touches it") : tr("another LED is open"));
    } else {
        const auto outcomes = locate::outcomesOf(job.backlight, *run_, job.bench.tester);
        for (std::size_t i = 0; i < std::min<std::size_t>(3, outcomes.size()); ++i) {
            addOutcome(tr("%1 V, %2 lit").arg(outcomes[i].volts, 0, 'f', 1).arg(outcomes[i].lit),
                       QString::fromStdString(outcomes[i].words));
        }
    }
}

void StringsStation::addOutcome(const QString& reading, const QString& meaning) {
    auto* card = makeCard("true");
    auto* row = new QHBoxLayout(card);
    row->setContentsMargins(theme::px(10), theme::px(3), theme::px(10), theme::px(3));
    auto* got = makeLabel(reading, theme::body());
    got->setMinimumWidth(theme::px(126));
    row->addWidget(got);
    // One line each, so that the map keeps its room.
    auto* words = makeLabel(QFontMetrics(theme::body()).elidedText(meaning, Qt::ElideRight, theme::px(140)),
                            theme::body(), "quiet");
    setPlainToolTip(words, meaning);
    words->setAccessibleName(meaning);
    words->setObjectName(QStringLiteral("outcome"));
    row->addWidget(words, 1);
    outcomes_->addWidget(card);
}

/// What explains the reading that was taken here, by this reading alone.
void StringsStation::showRanking(const evidence::TesterTaken& taken) {
    const auto& job = this->job();
    title_->setText(tr("%1 read %2")
                        .arg(QString::fromStdString(nameOf(job.backlight, *run_)),
                             QString::fromStdString(taken.describe(scene()))));
    if (!taken.volts) {
        return;
    }
    const auto all = locate::explain(job.backlight, taken.run, taken.setting, {*taken.volts, taken.lit, {}});
    constexpr double worthSaying = 0.02;
    for (std::size_t i = 0; i < std::min<std::size_t>(3, all.size()) && all[i].share > worthSaying; ++i) {
        addOutcome(tr("%1 %").arg(100 * all[i].share, 0, 'f', 0), QString::fromStdString(all[i].words));
    }
}

void StringsStation::commitLedCheck() {
    const std::string text = ledReading_->text().toStdString();
    const LedPlace place = map_->cursor();
    const auto open = [](job::Job& job) { job.panelOpen = true; };
    if (const auto glow = job::readTypedGlow(text)) {  // by eye alone, while it is driven on its own
        const Run alone = backlight::runOnStrip(job().backlight, place.strip, place.led, place.led);
        if (tell(session_.record(evidence::LedSeen{place, *glow, alone}, phase(), open), ledReading_)) {
            ledReading_->clear();
        }
        return;
    }
    const auto typed = job::readTypedLed(text);
    if (const auto* problem = std::get_if<std::string>(&typed)) {
        refuse(ledReading_, QString::fromStdString(*problem));
        return;
    }
    const int dies = job().backlight.strips[place.strip].led.dies;
    const parts::LedCheckSetting settings[] = {{parts::LedMethod::BenchSupply, 3.0 * dies, 0.1},
                                               {parts::LedMethod::SeriesResistor, 3.5 * dies, 0.1, 1000},
                                               {parts::LedMethod::DiodeMode, 2.0},
                                               {parts::LedMethod::DiodeMode, 3.2}};
    const evidence::LedChecked check{place, settings[method_->currentIndex()], std::get<parts::LedCheckReading>(typed)};
    if (tell(session_.record(check, phase(), open), ledReading_)) {
        ledReading_->clear();
    }
}

void StringsStation::commitBridge() {
    const auto typed = job::readTypedNumber(bridgeAmps_->text().toStdString(), {0, 20000, job::Unit::Milliamps});
    if (const auto* problem = std::get_if<std::string>(&typed)) {
        refuse(bridgeAmps_, QString::fromStdString(*problem));
        return;
    }
    const double amps = std::get<double>(typed) / 1000;
    const evidence::Bridged bridged{map_->cursor(), amps, amps > 0};
    const auto written = session_.record(bridged, phase(), [&](job::Job& job) {
        job.panelOpen = true;
        if (amps > 0 && !job.repair.originalAmps) {
            job.repair.originalAmps = amps;  // written down before anybody changes it
        }
    });
    if (tell(written, bridgeAmps_)) {
        bridgeAmps_->clear();
    }
}

void StringsStation::exportMap() {
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Save the map"), records::pathInFolder(remembered::folder(), job().id, QStringLiteral("svg")),
        tr("Drawings (*.svg)"));
    if (path.isEmpty()) {
        return;
    }
    try {
        records::writeWhole(path, QByteArray::fromStdString(map_->svg()));
        remembered::setFolderOf(path);
    } catch (const std::exception& problem) {
        emit refused(QString::fromUtf8(problem.what()));
    }
}

void StringsStation::commit() {
    const auto& tester = session_.job().bench.tester;
    evidence::TesterTaken reading{*run_, tester, std::nullopt, std::nullopt, minus_, bridged_};
    const bool countOnly = volts_->text().trimmed().isEmpty() && !lit_->text().trimmed().isEmpty();
    if (!countOnly) {
        const auto typed =
            job::readTypedNumber(volts_->text().toStdString(), {0, 1.1 * tester.limitVolts, job::Unit::Volts});
        if (const auto* problem = std::get_if<std::string>(&typed)) {
            refuse(volts_, QString::fromStdString(*problem));
            volts_->setFocus();
            return;
        }
        reading.volts = std::get<double>(typed);
    }
    if (!lit_->text().trimmed().isEmpty()) {
        const auto count = job::readTypedNumber(lit_->text().toStdString(), {0, double(run_->count())});
        const auto* number = std::get_if<double>(&count);
        if (number == nullptr || *number != std::floor(*number)) {
            refuse(lit_, tr("a whole number from 0 to %1").arg(run_->count()));
            lit_->setFocus();
            return;
        }
        reading.lit = int(*number);
    }
    take(reading, volts_);
}

/// Writes a tester reading down and lets its assessment lead to the next probe.
void StringsStation::take(const evidence::TesterTaken& reading, QWidget* field) {
    const bool atThePlug = reading.run == backlight::wholeString(job().backlight, reading.run.string);
    goOn_ = true;
    const auto written =
        session_.record(reading, phase(), [&](job::Job& job) { job.panelOpen = job.panelOpen || !atThePlug; });
    if (tell(written, field)) {
        volts_->clear();
        lit_->clear();
    } else {
        goOn_ = false;
    }
}

/// Nothing lights: the volts were not read, and are not written down.
void StringsStation::commitNothingLit() {
    take({*run_, session_.job().bench.tester, std::nullopt, 0, minus_, bridged_}, volts_);
}

job::Phase StringsStation::phase() const {
    return after_->isChecked() ? job::Phase::After : job::Phase::Before;
}

void StringsStation::mark(backlight::LedPlace place, evidence::LedSeen::Glow glow) {
    const auto& panel = job().backlight;
    Run under = backlight::wholeStrip(panel, place.strip);
    const auto order = backlight::ledsInOrder(panel, run_->string);
    const bool inRun =
        std::find(order.begin() + run_->first, order.begin() + run_->last + 1, place) != order.begin() + run_->last + 1;
    if (inRun && run_->count() > 1) {
        under = *run_;
    }
    tell(session_.record(evidence::LedSeen{place, glow, under}, phase(), [](job::Job& job) { job.panelOpen = true; }));
}

void StringsStation::enter() {
    if (const auto* next = nextStringProbe()) {
        goTo(*next);
    } else {
        map_->setFocus();
    }
}

void StringsStation::goTo(const reasoning::Probe& probe) {
    if (probe.run) {
        map_->select(*probe.run);
        setRun(*probe.run, &probe);
    }
    if (probe.test == "look") {
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
        // A reading has no letters: they are the station's keys here too.
        auto* key = static_cast<QKeyEvent*>(event);
        const bool plain = key->modifiers() == Qt::NoModifier || key->modifiers() == Qt::ShiftModifier;
        if (plain && key->text().size() == 1 && key->text().front().isLetter()) {
            keyPressEvent(key);
            return true;
        }
    }
    return Station::eventFilter(watched, event);
}

void StringsStation::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_N && event->modifiers() == Qt::NoModifier) {
        commitNothingLit();
    } else if (event->key() == Qt::Key_M && event->modifiers() == Qt::NoModifier) {
        map_->setFocus();
    } else if (event->key() == Qt::Key_K && event->modifiers() == Qt::NoModifier) {
        ledReading_->setFocus();
    } else if (event->key() == Qt::Key_B && event->modifiers() == Qt::NoModifier) {
        bridgeAmps_->setFocus();
    } else if (event->key() == Qt::Key_C && event->modifiers() == Qt::NoModifier) {
        minus_ = minus_ == backlight::TesterProbe::Minus::Chassis ? backlight::TesterProbe::Minus::EndOfRun
                                                                  : backlight::TesterProbe::Minus::Chassis;
        run_ = backlight::wholeString(job().backlight, run_->string);
        bridged_.clear();
        showRun();
        volts_->setFocus();
    } else if (event->key() == Qt::Key_J && event->modifiers() == Qt::NoModifier) {
        const LedPlace at = map_->cursor();
        if (std::erase(bridged_, at) == 0) {
            bridged_.push_back(at);
        }
        minus_ = backlight::TesterProbe::Minus::EndOfRun;
        run_ = backlight::wholeStrip(job().backlight, at.strip);
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
    return {{tr("Enter"), tr("write")},  {tr("N"), tr("none lit")}, {tr("Esc"), tr("map")},
            {tr("L H T D"), tr("mark")}, {tr("Z"), tr("zoom")},     {tr("E"), tr("SVG")}};
}

bool StringsStation::isDone(const Snapshot& shown) {
    return std::any_of(shown.job.trail.begin(), shown.job.trail.end(), [](const auto& e) {
        return std::holds_alternative<evidence::TesterTaken>(e.what) ||
               std::holds_alternative<evidence::LedSeen>(e.what);
    });
}

}  // namespace dimglow::app
