#include "app/stations/strings.h"

#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>
#include <cmath>
#include <utility>

#include "app/panels.h"
#include "app/theme.h"
#include "core/job/reading_text.h"
#include "core/reasoning/wording.h"

namespace dimglow::app {

using backlight::Run;

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
    auto* columns = new QHBoxLayout(entry);
    columns->setContentsMargins(theme::px(18), theme::px(12), theme::px(18), theme::px(12));
    columns->setSpacing(theme::px(22));
    auto* left = new QVBoxLayout;
    auto* fields = new QHBoxLayout;
    volts_ = new QLineEdit;
    volts_->setObjectName(QStringLiteral("volts"));
    volts_->setFont(theme::reading(28));
    volts_->setPlaceholderText(tr("volts"));
    volts_->setAccessibleName(tr("Tester volts"));
    volts_->setFixedWidth(theme::px(150));
    lit_ = new QLineEdit;
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
    setting->addStretch();
    left->addLayout(setting);
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
    body_->addWidget(entry);

    connect(&session_, &JobSession::jobOpened, this, [this] {
        run_.reset();
        map_->reset();
    });
    connect(map_, &BacklightMap::selectionChanged, this, [this] { setRun(map_->selectedRun()); });
    connect(map_, &BacklightMap::marked, this, &StringsStation::mark);
    connect(volts_, &QLineEdit::returnPressed, this, &StringsStation::commit);
    connect(lit_, &QLineEdit::returnPressed, this, &StringsStation::commit);
}

const reasoning::Probe* StringsStation::nextStringProbe() const {
    const auto& assessment = session_.assessment();
    const auto found = std::find_if(assessment.probes.begin(), assessment.probes.end(),
                                    [](const auto& p) { return p.test == "tester"; });
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

void StringsStation::setRun(const Run& run) {
    run_ = run;
    showRun();
}

void StringsStation::showRun() {
    const auto& job = session_.job();
    const auto& assessment = session_.assessment();
    title_->setText(tr("Tester on %1").arg(QString::fromStdString(nameOf(job.backlight, *run_))));
    const auto order = backlight::ledsInOrder(job.backlight, run_->string);
    how_->setText(tr("plus before %1, minus after %2")
                      .arg(QString::fromStdString(nameOf(job.backlight, order[run_->first])),
                           QString::fromStdString(nameOf(job.backlight, order[run_->last]))));
    clearLayout(outcomes_);
    const auto found = std::find_if(assessment.probes.begin(), assessment.probes.end(),
                                    [&](const auto& p) { return p.test == "tester" && p.run == run_; });
    const auto addOutcome = [&](const QString& reading, const QString& meaning) {
        auto* card = makeCard("true");
        auto* row = new QHBoxLayout(card);
        row->setContentsMargins(theme::px(12), theme::px(5), theme::px(12), theme::px(5));
        row->addWidget(makeLabel(reading, theme::body()), 1);
        auto* words = makeLabel(meaning, theme::body(), "quiet");
        words->setObjectName(QStringLiteral("outcome"));
        row->addWidget(words, 1);
        outcomes_->addWidget(card);
    };
    if (found != assessment.probes.end()) {
        for (std::size_t i = 0; i < std::min<std::size_t>(3, found->outcomes.size()); ++i) {
            addOutcome(QString::fromStdString(found->outcomes[i].reading),
                       QString::fromStdString(found->outcomes[i].meaning));
        }
    } else {
        const auto healthy = backlight::testRun(job.backlight, *run_, {}, job.bench.tester);
        addOutcome(tr("%1 V, %2 lit").arg(healthy.volts, 0, 'f', 1).arg(healthy.lit), tr("healthy"));
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
    job::TesterTaken reading{*run_, session_.job().bench.tester, std::get<double>(typed), std::nullopt};
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
        setRun(*probe.run);
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
    return Station::eventFilter(watched, event);
}

void StringsStation::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_N && event->modifiers() == Qt::NoModifier) {
        commitNothingLit();
    } else if (event->key() == Qt::Key_M && event->modifiers() == Qt::NoModifier) {
        map_->setFocus();
    } else if (event->key() == Qt::Key_Escape) {
        map_->setFocus();
    } else {
        Station::keyPressEvent(event);
    }
}

std::vector<KeyHint> StringsStation::keys() const {
    return {{tr("Enter"), tr("write down")},
            {tr("N"), tr("nothing lit")},
            {tr("Esc"), tr("map")},
            {tr("← → ↑ ↓"), tr("LED, strip")},
            {tr("Shift ←→"), tr("run")},
            {tr("L"), tr("lit")},
            {tr("D"), tr("dark")}};
}

bool StringsStation::isDone() const {
    return std::any_of(session_.job().trail.begin(), session_.job().trail.end(), [](const auto& e) {
        return std::holds_alternative<job::TesterTaken>(e.what) || std::holds_alternative<job::LedSeen>(e.what);
    });
}

}  // namespace dimglow::app
