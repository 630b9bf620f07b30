#include "app/lamp_sums.h"

#include <QGridLayout>
#include <QVBoxLayout>

#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/lamps/inverter.h"

namespace dimglow::app {

namespace {

constexpr double ringShare = 0.25;  ///< rings are counted down to a quarter

}  // namespace

LampSums::LampSums(QWidget* parent) : QFrame(parent) {
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(theme::px(6));
    rows->addWidget(makeLabel(tr("Sums of the inverter"), theme::strong()));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme::px(8));
    const std::pair<const char*, QString> asked[] = {{"sumMilliamps", tr("lamp, mA")},    {"sumKilohertz", tr("kHz")},
                                                     {"sumBallast", tr("ballast, pF")},   {"sumStray", tr("stray, pF")},
                                                     {"sumMillihenries", tr("coil, mH")}, {"sumFilm", tr("film, pF")},
                                                     {"sumDrift", tr("film off, %")},     {"sumQ", tr("Q")}};
    constexpr int perLine = 4;
    for (const auto& [id, name] : asked) {
        const int at = int(fields_.size());
        auto* field = makeField(QString::fromLatin1(id), name, name);
        connect(field, &QLineEdit::textChanged, this, &LampSums::reckon);
        grid->addWidget(field, at / perLine, at % perLine);
        fields_.push_back(field);
    }
    rows->addLayout(grid);
    results_ = makeLabel({}, theme::body());
    results_->setObjectName(QStringLiteral("lampSums"));
    results_->setWordWrap(true);
    rows->addWidget(results_);
    reckon();
}

void LampSums::show(const lamps::Lamps& lamps) {
    lamps_ = lamps;
    reckon();
}

std::optional<double> LampSums::value(Field field) const {
    const double least = field == Drift ? -90 : 1e-6;
    const auto read = typed::number(fields_[std::size_t(field)]->text(), {least, 1e6, job::Unit::None});
    const auto* number = std::get_if<double>(&read);
    return number == nullptr ? std::nullopt : std::optional(*number);
}

void LampSums::reckon() {
    QStringList lines;
    const auto amps = value(Milliamps);
    const auto hertz = value(Kilohertz);
    const auto ballast = value(Ballast);
    lamps::Output output;
    if (lamps_.lengthMm && amps) {
        output = {lamps::runVolts(lamps_), *amps / 1000, hertz.value_or(0) * 1000, ballast.value_or(0) * 1e-12,
                  value(Stray).value_or(0) * 1e-12};
        lines << tr("A lamp runs at %L1 V: %2 kΩ. Dummy lamp: %2 kΩ, %3 W, a chain that stands the volts.")
                     .arg(output.lampVolts, 0, 'f', 0)
                     .arg(number(output.lampVolts / output.amps / 1000, 1), number(output.lampVolts * output.amps, 1));
        if (lamps_.supplyVolts && lamps_.count > 0) {
            lines << tr("%1 lamps take %2 A from %3 V at %4 %.")
                         .arg(lamps_.count)
                         .arg(number(
                                  lamps::supplyAmps(lamps_.count, output, *lamps_.supplyVolts, lamps::usualEfficiency),
                                  2),
                              number(*lamps_.supplyVolts), number(100 * lamps::usualEfficiency));
        }
    }
    if (output.hertz > 0 && output.ballastFarads > 0) {
        lines << tr("Its output brings %L1 V: lamp and ballast add as vectors.")
                     .arg(lamps::outputVolts(output), 0, 'f', 0);
        if (output.strayFarads > 0) {
            lines << tr("Stray capacitance leaves the lamp %1 mA.").arg(number(1000 * lamps::ampsWithStray(output), 2));
        }
    }
    if (const auto coil = value(Millihenries), film = value(Film); coil && film) {
        const double at = lamps::resonanceHertz(*coil / 1000, *film * 1e-12);
        QString line = tr("They ring at %1 kHz").arg(number(at / 1000, 1));
        if (const auto drift = value(Drift)) {
            const double now = lamps::resonanceHertz(*coil / 1000, *film * 1e-12 * (1 + *drift / 100));
            line += tr(", with the film %1 % off at %2 kHz").arg(number(*drift), number(now / 1000, 1));
        }
        lines << line + QLatin1Char('.');
    }
    if (const auto q = value(Q)) {
        lines << tr("%1 rings down to a quarter; the twin decides, out of circuit.")
                     .arg(number(lamps::ringsAbove(ringShare, *q), 1));
    }
    results_->setText(lines.isEmpty() ? tr("Type what is known: only that is reckoned with.")
                                      : lines.join(QLatin1Char('\n')));
    restyle(results_, "tone", lines.isEmpty() ? QStringLiteral("quiet") : QString());
}

}  // namespace dimglow::app
