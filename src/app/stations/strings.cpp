#include "app/stations/strings.h"

#include <QFileDialog>
#include <QKeyEvent>
#include <QPushButton>
#include <QSaveFile>
#include <algorithm>
#include <cmath>
#include <utility>

#include "app/panels.h"
#include "app/theme.h"
#include "core/job/reading_text.h"
#include "core/locate/tester_plan.h"
#include "core/reasoning/wording.h"

namespace dimglow::app {

using backlight::LedPlace;
using backlight::Run;

namespace {

/// The current found against what driver and LED are made for.
QString bridgeWords(const job::Job& job, const job::Bridged& bridged) {
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
    volts_ = new QLineEdit;
    volts_->setObjectName(QStringLiteral("volts"));
    volts_->setFont(theme::reading(28));
    volts_->setPlaceholderText(tr("volts"));
    volts_->setAccessibleName(tr("Tester volts"));
    volts_->setFixedWidth(theme::px(150));
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
    buttons->addStretch();
    left->addLayout(buttons);
    auto* setting = new QHBoxLayout;
    tester_ = {new NumberField(
                   session, tr("Tester, mA"), QStringLiteral("testerMilliamps"), {0.1, 5000},
                   [](job::Job& job) -> double& { return job.bench.tester.amps; }, 1000),
               new NumberField(session, tr("limit, V"), QStringLiteral("testerLimit"), {1, 1000},
                               [](job::Job& job) -> double& { return job.bench.tester.limitVolts; })};
    for (auto* field : tester_) {
        connect(field, &NumberField::refused, this, &Station::refused);
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
        tr("Volts and what it does: \"2.9 lit\", \"0.02 dark\", \"OL\"; both ways round: \"1.8/1.8\""));
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

    connect(&session_, &JobSession::jobOpened, this, [this] {
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
    const auto& assessment = session_.assessment();
    const auto found = std::find_if(assessment.probes.begin(), assessment.probes.end(),
                                    [](const auto& p) { return p.test == "tester" || p.test == "chassis"; });
    return assessment.verdict.empty() && found != assessment.probes.end() ? &*found : nullptr;
}

void StringsStation::showJob() {
    const auto& job = session_.job();
    map_->show(job, session_.assessment());
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
    const auto& job = session_.job();
    const auto& assessment = session_.assessment();
    const QString name = QString::fromStdString(nameOf(job.backlight, *run_));
    const bool toChassis = minus_ == backlight::TesterProbe::Minus::Chassis;
    title_->setText(toChassis ? tr("Tester from LED+ of %1 to the chassis").arg(name)
                    : bridged_.empty()
                        ? tr("Tester on %1").arg(name)
                        : tr("Bridge %1, tester on %2")
                              .arg(QString::fromStdString(reasoning::namesOf(job.backlight, bridged_)), name));
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
        const auto* check = std::get_if<job::LedChecked>(&entry.what);
        const auto* bridged = std::get_if<job::Bridged>(&entry.what);
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
        const auto* taken = std::get_if<job::TesterTaken>(&entry.what);
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
    got->setMinimumWidth(theme::px(112));
    row->addWidget(got);
    // One line each, so that the map keeps its room.
    auto* words = makeLabel(QFontMetrics(theme::body()).elidedText(meaning, Qt::ElideRight, theme::px(166)),
                            theme::body(), "quiet");
    words->setToolTip(meaning);
    words->setAccessibleName(meaning);
    words->setObjectName(QStringLiteral("outcome"));
    row->addWidget(words, 1);
    outcomes_->addWidget(card);
}

/// What explains the reading that was taken here, by this reading alone.
void StringsStation::showRanking(const job::TesterTaken& taken) {
    const auto& job = session_.job();
    title_->setText(tr("%1 read %2")
                        .arg(QString::fromStdString(nameOf(job.backlight, *run_)),
                             QString::fromStdString(reasoning::describe(taken, job, session_.trade()))));
    const auto all = locate::explain(job.backlight, taken.run, taken.setting, {taken.volts, taken.lit, {}});
    constexpr double worthSaying = 0.02;
    for (std::size_t i = 0; i < std::min<std::size_t>(3, all.size()) && all[i].share > worthSaying; ++i) {
        addOutcome(tr("%1 %").arg(100 * all[i].share, 0, 'f', 0), QString::fromStdString(all[i].words));
    }
}

void StringsStation::commitLedCheck() {
    const auto typed = job::readTypedLed(ledReading_->text().toStdString());
    restyle(ledReading_, "wrong", std::holds_alternative<std::string>(typed));
    if (const auto* problem = std::get_if<std::string>(&typed)) {
        ledVerdict_->setText(QString::fromStdString(*problem));
        return;
    }
    const LedPlace place = map_->cursor();
    const int dies = session_.job().backlight.strips[place.strip].led.dies;
    const parts::LedCheckSetting settings[] = {{parts::LedMethod::BenchSupply, 3.0 * dies, 0.1},
                                               {parts::LedMethod::SeriesResistor, 3.5 * dies, 0.1, 1000},
                                               {parts::LedMethod::DiodeMode, 2.0},
                                               {parts::LedMethod::DiodeMode, 3.2}};
    const job::LedChecked check{place, settings[method_->currentIndex()], std::get<parts::LedCheckReading>(typed)};
    ledReading_->clear();
    session_.edit(QString::fromStdString(reasoning::titleOf(check, session_.job(), session_.trade())),
                  [&](job::Job& job) {
                      job.panelOpen = true;
                      job::addEntry(job, QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString(),
                                    job::Phase::Before, check);
                  });
}

void StringsStation::commitBridge() {
    const auto typed = job::readTypedNumber(bridgeAmps_->text().toStdString(), 0, 20000);
    restyle(bridgeAmps_, "wrong", std::holds_alternative<std::string>(typed));
    if (const auto* problem = std::get_if<std::string>(&typed)) {
        ledVerdict_->setText(QString::fromStdString(*problem));
        return;
    }
    const double amps = std::get<double>(typed) / 1000;
    const job::Bridged bridged{map_->cursor(), amps, amps > 0};
    bridgeAmps_->clear();
    session_.edit(QString::fromStdString(reasoning::titleOf(bridged, session_.job(), session_.trade())),
                  [&](job::Job& job) {
                      job.panelOpen = true;
                      if (amps > 0 && !job.repair.originalAmps) {
                          job.repair.originalAmps = amps;  // written down before anybody changes it
                      }
                      job::addEntry(job, QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString(),
                                    job::Phase::Before, bridged);
                  });
}

void StringsStation::exportMap() {
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Save the map"), QString::fromStdString(session_.job().id) + QStringLiteral(".svg"),
        tr("Drawings (*.svg)"));
    if (path.isEmpty()) {
        return;
    }
    QSaveFile file(path);
    const std::string svg = map_->svg();
    const bool saved = file.open(QIODevice::WriteOnly) &&
                       file.write(svg.data(), qint64(svg.size())) == qint64(svg.size()) && file.commit();
    if (!saved) {
        emit refused(tr("%1: %2").arg(path, file.errorString()));
    }
}

void StringsStation::commit() {
    const auto limit = session_.job().bench.tester.limitVolts;
    const auto typed = job::readTypedNumber(volts_->text().toStdString(), 0, 1.1 * limit);
    restyle(volts_, "wrong", std::holds_alternative<std::string>(typed));
    if (const auto* problem = std::get_if<std::string>(&typed)) {
        how_->setText(tr("Volts: %1").arg(QString::fromStdString(*problem)));
        volts_->setFocus();
        return;
    }
    job::TesterTaken reading{*run_,   session_.job().bench.tester, std::get<double>(typed), std::nullopt, minus_,
                             bridged_};
    if (!lit_->text().trimmed().isEmpty()) {
        const auto count = job::readTypedNumber(lit_->text().toStdString(), 0, run_->count());
        const auto* number = std::get_if<double>(&count);
        const bool fine = number != nullptr && *number == std::floor(*number);
        restyle(lit_, "wrong", !fine);
        if (!fine) {
            how_->setText(tr("Lit: a whole number from 0 to %1").arg(run_->count()));
            lit_->setFocus();
            return;
        }
        reading.lit = int(*number);
    }
    restyle(lit_, "wrong", false);
    volts_->clear();
    lit_->clear();
    const bool atThePlug = reading.run == backlight::wholeString(session_.job().backlight, reading.run.string);
    goOn_ = true;
    session_.edit(QString::fromStdString(reasoning::titleOf(reading, session_.job(), session_.trade())),
                  [&](job::Job& job) {
                      job.panelOpen = job.panelOpen || !atThePlug;
                      job::addEntry(job, QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString(),
                                    job::Phase::Before, reading);
                  });
}

void StringsStation::commitNothingLit() {
    volts_->setText(QString::number(session_.job().bench.tester.limitVolts));
    lit_->setText(QStringLiteral("0"));
    commit();
}

void StringsStation::mark(backlight::LedPlace place, job::LedSeen::Glow glow) {
    const auto& panel = session_.job().backlight;
    Run under = backlight::wholeStrip(panel, place.strip);
    const auto order = backlight::ledsInOrder(panel, run_->string);
    const bool inRun =
        std::find(order.begin() + run_->first, order.begin() + run_->last + 1, place) != order.begin() + run_->last + 1;
    if (inRun && run_->count() > 1) {
        under = *run_;
    }
    const job::LedSeen seen{place, glow, under};
    session_.edit(QString::fromStdString(reasoning::describe(seen, session_.job(), session_.trade())),
                  [&](job::Job& job) {
                      job.panelOpen = true;
                      job::addEntry(job, QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString(),
                                    job::Phase::Before, seen);
                  });
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
        run_ = backlight::wholeString(session_.job().backlight, run_->string);
        bridged_.clear();
        showRun();
        volts_->setFocus();
    } else if (event->key() == Qt::Key_J && event->modifiers() == Qt::NoModifier) {
        const LedPlace at = map_->cursor();
        if (std::erase(bridged_, at) == 0) {
            bridged_.push_back(at);
        }
        minus_ = backlight::TesterProbe::Minus::EndOfRun;
        run_ = backlight::wholeStrip(session_.job().backlight, at.strip);
        showRun();
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
    return {{tr("Enter"), tr("write")}, {tr("N"), tr("none lit")}, {tr("Esc"), tr("map")},
            {tr("L H D"), tr("mark")},  {tr("Z"), tr("zoom")},     {tr("E"), tr("SVG")}};
}

bool StringsStation::isDone() const {
    return std::any_of(session_.job().trail.begin(), session_.job().trail.end(), [](const auto& e) {
        return std::holds_alternative<job::TesterTaken>(e.what) || std::holds_alternative<job::LedSeen>(e.what);
    });
}

}  // namespace dimglow::app
