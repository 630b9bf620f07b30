#include "app/stations/make_safe.h"

#include <QShortcut>
#include <algorithm>

#include "app/charge_badge.h"
#include "app/field_note.h"
#include "app/next_step.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

namespace {

constexpr int fadingMilliseconds = 5000;

/// The last residual of a store; null where nobody has measured it.
const safety::Residual* lastOf(const job::Job& job, const std::string& store) {
    const auto& all = job.makeSafe.residuals;
    const auto found = std::find_if(all.rbegin(), all.rend(), [&](const auto& one) { return one.store == store; });
    return found == all.rend() ? nullptr : &*found;
}

}  // namespace

MakeSafeStation::MakeSafeStation(JobSession& session) : Station(session, QStringLiteral("makeSafe"), tr("Make safe")) {
    setSubtitle(
        tr("Mains or battery out, back off, eyes before hands. Prove the meter on a known source, measure, discharge "
           "through a resistor, measure again, prove the meter again. The deader the set, the longer the charge; no "
           "screwdriver."));
    mains_ = addToHead("mainsOut", tr("Mains and battery are out"), Qt::Key_M, [this] {
        tell(session_.edit(tr("Mains out"), [](job::Job& job) { makesafe::setMainsOut(job, !job.makeSafe.mainsOut); }));
    });
    meter_ = addToHead("meterProven", tr("The meter was proven on a known source"), Qt::Key_P, [this] {
        tell(session_.edit(tr("Meter proven"),
                           [](job::Job& job) { job.makeSafe.meterProven = !job.makeSafe.meterProven; }));
    });
    back_ =
        addToHead("backOff", tr("The back is off; Ctrl+E counts what held it"), Qt::Key_B, [this] { takeBackOff(); });
    rows_ = new QVBoxLayout;
    rows_->setSpacing(theme::px(7));
    body_->addLayout(rows_);
    body_->addWidget(makeResistorCard());
    body_->addStretch(1);
    auto* stays = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_R), this);
    stays->setContext(Qt::WidgetWithChildrenShortcut);
    connect(stays, &QShortcut::activated, this, [this] {
        if (const auto* row = inFront()) {
            const auto* last = lastOf(job(), row->store().toStdString());
            toggleResistor(row->store(), last == nullptr || !last->resistorStays);
        }
    });
    fading_.setInterval(fadingMilliseconds);
    connect(&fading_, &QTimer::timeout, this, [this] {
        if (isVisible() && session_.hasJob()) {
            showCharges();
        }
    });
    fading_.start();
}

/// The resistor at hand, and what the fullest store would do to it.
QWidget* MakeSafeStation::makeResistorCard() {
    auto* card = makeCard("panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(14), theme::px(8), theme::px(14), theme::px(10));
    rows->addWidget(makeLabel(tr("Resistor at hand"), theme::strong()));
    auto* line = new QHBoxLayout;
    fields_ = {new NumberField(session_, tr("Ω"), QStringLiteral("resistorOhms"), {1, 1e7, job::Unit::None},
                               [](job::Job& job) -> std::optional<double>& { return job.makeSafe.resistor.ohms; }),
               new NumberField(session_, tr("W"), QStringLiteral("resistorWatts"), {0.05, 1000, job::Unit::Watts},
                               [](job::Job& job) -> std::optional<double>& { return job.makeSafe.resistor.watts; }),
               new NumberField(session_, tr("stands, V"), QStringLiteral("resistorVolts"), {1, 10000, job::Unit::Volts},
                               [](job::Job& job) -> std::optional<double>& { return job.makeSafe.resistor.volts; }),
               new NumberField(session_, tr("bleeder, Ω"), QStringLiteral("bleederOhms"), {100, 1e8, job::Unit::None},
                               [](job::Job& job) -> std::optional<double>& { return job.makeSafe.bleederOhms; })};
    for (auto* field : fields_) {
        line->addWidget(field);
    }
    pulse_ = makeLabel({}, theme::body());
    pulse_->setObjectName(QStringLiteral("pulse"));
    pulse_->setWordWrap(true);
    line->addStretch(1);
    rows->addLayout(line);
    rows->addWidget(pulse_);
    return card;
}

void MakeSafeStation::showJob() {
    const auto& done = job().makeSafe;
    mains_->setText((done.mainsOut ? tr("mains out ✓") : tr("Mains in")) + QStringLiteral("   ") + tr("Alt+M"));
    meter_->setText((done.meterProven ? tr("meter proven ✓") : tr("Meter not proven")) + QStringLiteral("   ") +
                    tr("Alt+P"));
    const auto* back = job().opening.layer(hands::LayerKind::Back);
    const bool isOff = back != nullptr && back->state == hands::Layer::State::Off;
    back_->setText((isOff ? tr("back off ✓") : tr("Back on")) + QStringLiteral("   ") + tr("Alt+B"));
    for (auto* field : fields_) {
        field->refresh();
    }
    showCharges();
}

void MakeSafeStation::takeBackOff() {
    const auto* back = job().opening.layer(hands::LayerKind::Back);
    if (back != nullptr && back->state == hands::Layer::State::Off) {
        emit refused(tr("It goes back at Prove, where every count is checked."));
        return;
    }
    const bool isCounted = back != nullptr && !back->items.empty();
    if (tell(session_.edit(tr("Back off"),
                           [](job::Job& job) {
                               const int id = hands::add(job.opening, {hands::LayerKind::Back, {}, {}}, 0);
                               hands::takeOff(job.opening, id, isoNow());
                           })) &&
        !isCounted) {
        emit refused(tr("Ctrl+E: count what held it, back: 14 × M3×8 edge."));
    }
}

void MakeSafeStation::showCharges() {
    const auto charges = makesafe::chargesOf(job(), session_.trade(), chargeNow(session_.shown()));
    const bool isSame =
        std::equal(charges.begin(), charges.end(), charges_.begin(), charges_.end(),
                   [](const auto& charge, const auto* row) { return charge.store == row->store().toStdString(); });
    if (!isSame) {
        clearLayout(rows_);
        charges_.clear();
        for (const auto& charge : charges) {
            auto* row = new ChargeRow(QString::fromStdString(charge.store));
            connect(row, &ChargeRow::measured, this, [this, row](double volts) {
                if (tell(record(row->store(), volts), row->field())) {
                    row->field()->setText({});  // Ctrl+Z takes the residual back, not the typing
                    step(row, 1);
                }
            });
            connect(row, &ChargeRow::resistorToggled, this,
                    [this, row](bool stays) { toggleResistor(row->store(), stays); });
            connect(row, &ChargeRow::stepped, this, [this, row](int rows) { step(row, rows); });
            charges_.push_back(row);
            rows_->addWidget(row);
        }
    }
    for (std::size_t i = 0; i < charges.size(); ++i) {
        const auto* last = lastOf(job(), charges[i].store);
        charges_[i]->show(charges[i], last != nullptr && last->resistorStays);
    }
    showResistor(charges);
}

void MakeSafeStation::showResistor(const std::vector<makesafe::Charge>& charges) {
    if (charges.empty()) {
        return;
    }
    const auto& fullest = charges.front();
    const auto discharge = safety::dischargeThrough(job().makeSafe.resistor, fullest.farads, fullest.mostVolts);
    if (!discharge) {
        pulse_->setText(tr("A few kilohms, 5 W and more, that stand the volts: its ohms tell how long it takes."));
        return;
    }
    const QString takes = tr("%1 from %L2 V: %L3 s to %L4 V, %L5 s to %L6 V; %L7 W at first, %L8 J.")
                              .arg(words(fullest.title))
                              .arg(fullest.mostVolts, 0, 'f', 0)
                              .arg(discharge->secondsToTouch, 0, 'g', 3)
                              .arg(safety::touchVolts)
                              .arg(discharge->secondsToReady, 0, 'g', 3)
                              .arg(safety::readyVolts)
                              .arg(discharge->peakWatts, 0, 'f', 0)
                              .arg(discharge->joules, 0, 'f', 1);
    const QString stands = !discharge->standsTheVolts   ? tr("It does not stand the volts.")
                           : !discharge->standsThePulse ? tr("It does not survive the pulse: more watts.")
                                                        : QString();
    pulse_->setText(takes + QLatin1Char(' ') + stands);
    restyle(pulse_, "tone", stands.isEmpty() ? QString() : QStringLiteral("ember"));
}

Written MakeSafeStation::record(const QString& store, double volts) {
    return session_.edit(tr("Residual charge"),
                         [&](job::Job& job) { makesafe::addResidual(job, store.toStdString(), volts, isoNow()); });
}

/// A resistor keeps what counts now; what has faded is measured again first.
void MakeSafeStation::toggleResistor(const QString& store, bool stays) {
    const auto charges = makesafe::chargesOf(job(), session_.trade(), chargeNow(session_.shown()));
    const auto charge =
        std::find_if(charges.begin(), charges.end(), [&](const auto& one) { return one.store == store.toStdString(); });
    if (stays && (charge == charges.end() || !charge->volts)) {
        emit refused(tr("Measure it first."));
        showCharges();
        return;
    }
    tell(session_.edit(tr("Resistor stays on"), [&](job::Job& job) {
        auto& all = job.makeSafe.residuals;
        const auto last =
            std::find_if(all.rbegin(), all.rend(), [&](const auto& one) { return one.store == store.toStdString(); });
        if (last != all.rend()) {
            last->resistorStays = stays;
        }
    }));
}

ChargeRow* MakeSafeStation::inFront() const {
    const auto found =
        std::find_if(charges_.begin(), charges_.end(), [](const auto* row) { return row->field()->hasFocus(); });
    return found == charges_.end() ? nullptr : *found;
}

void MakeSafeStation::step(const ChargeRow* from, int rows) {
    const auto at = std::find(charges_.begin(), charges_.end(), from) - charges_.begin();
    const auto to = at + rows;
    if (to >= 0 && to < std::ptrdiff_t(charges_.size())) {
        charges_[std::size_t(to)]->field()->setFocus();
        showInView(charges_[std::size_t(to)]);
    }
}

void MakeSafeStation::enter() {
    const auto open = std::find_if(charges_.begin(), charges_.end(), [this](const auto* row) {
        return lastOf(job(), row->store().toStdString()) == nullptr;
    });
    auto* row = open != charges_.end() ? *open : charges_.empty() ? nullptr : charges_.front();
    if (row != nullptr) {
        row->field()->setFocus();
    }
}

void MakeSafeStation::goTo(const probe::Probe& probe) {
    const auto first = emptyFirstOf(session_.shown(), session_.trade(), probe);
    const auto row = std::find_if(charges_.begin(), charges_.end(),
                                  [&](const auto* one) { return first && one->store().toStdString() == first->store; });
    if (row != charges_.end()) {
        (*row)->field()->setFocus();
        showInView(*row);
    }
}

Written MakeSafeStation::takes(const Reading& reading) {
    const auto* row = inFront();
    if (row == nullptr || reading.quantity != job::Unit::Volts) {
        return Station::takes(reading);
    }
    return record(row->store(), reading.value);
}

std::vector<KeyHint> MakeSafeStation::keys() const {
    return {{tr("↑ ↓"), tr("capacitor")},
            {tr("Alt+M"), tr("mains")},
            {tr("Alt+R"), tr("resistor stays")},
            {tr("Ctrl+E"), tr("what comes off")}};
}

/// As far as it was done once; that it still holds is said at the station.
bool MakeSafeStation::isDone(const Snapshot& shown) {
    const auto& done = shown.job.makeSafe;
    return done.mainsOut && done.meterProven && done.countsFrom < int(done.residuals.size()) &&
           std::all_of(done.residuals.begin() + done.countsFrom, done.residuals.end(),
                       [&](const auto& one) { return lastOf(shown.job, one.store)->volts <= safety::touchVolts; });
}

}  // namespace dimglow::app
