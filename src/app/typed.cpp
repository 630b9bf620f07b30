#include "app/typed.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <QStringList>
#include <cmath>

namespace dimglow::app::typed {

namespace {

QString tr(const char* english) {
    return QCoreApplication::translate("typed", english);
}

/// With the prefix that leaves one to three digits: "470 µF", "4.7 kΩ".
QString withPrefix(double value, const char* unit) {
    constexpr std::pair<double, const char*> prefixes[] = {{1e6, "M"},  {1e3, "k"},  {1, ""},     {1e-3, "m"},
                                                           {1e-6, "µ"}, {1e-9, "n"}, {1e-12, "p"}};
    for (const auto& [scale, prefix] : prefixes) {
        if (std::abs(value) >= 0.9999 * scale) {
            return language::number(value / scale) + QLatin1Char(' ') + QString::fromUtf8(prefix) +
                   QString::fromUtf8(unit);
        }
    }
    return language::number(value) + QLatin1Char(' ') + QString::fromUtf8(unit);
}

}  // namespace

QString inWords(double number, job::Unit unit) {
    QString value = language::number(number);
    switch (unit) {
        case job::Unit::None:
        case job::Unit::Count:
        case job::Unit::Money:
            return value;
        case job::Unit::Volts:
            return tr("%1 V").arg(value);
        case job::Unit::Amps:
            return tr("%1 A").arg(value);
        case job::Unit::Milliamps:
            return tr("%1 mA").arg(value);
        case job::Unit::Percent:
            return tr("%1 %").arg(value);
        case job::Unit::Hours:
            return tr("%1 h").arg(value);
        case job::Unit::Minutes:
            return tr("%1 min").arg(value);
        case job::Unit::Millimetres:
            return tr("%1 mm").arg(value);
        case job::Unit::Celsius:
            return tr("%1 °C").arg(value);
        case job::Unit::Watts:
            return tr("%1 W").arg(value);
        case job::Unit::Seconds:
            return tr("%1 s").arg(value);
    }
    return value;
}

QString inWords(const job::TypedVolts& reading) {
    const QString volts = language::number(reading.volts);
    const QString rest = language::number(reading.restVolts);
    switch (reading.shape) {
        case evidence::Shape::Steady:
            return tr("steady at %1 V").arg(volts);
        case evidence::Shape::PeakThenSettles:
            return tr("peaks at %1 V, settles at %2 V").arg(volts, rest);
        case evidence::Shape::Wanders:
            return tr("wanders from %1 to %2 V").arg(rest, volts);
    }
    return {};
}

QString inWords(const job::TypedTester& reading, int leds) {
    QStringList said;
    if (reading.volts) {
        said << inWords(*reading.volts, job::Unit::Volts);
    }
    if (reading.lit) {
        said << tr("%1 of %2 lit").arg(*reading.lit).arg(leds);
    }
    return said.join(QStringLiteral(", "));
}

QString inWords(const job::TypedDay& day) {
    return QLocale().toString(QDate::fromString(QString::fromStdString(day.iso), Qt::ISODate), QLocale::LongFormat);
}

QString inWords(const parts::LedCheckReading& reading) {
    const auto side = [](const std::optional<double>& volts) {
        return volts ? inWords(*volts, job::Unit::Volts) : tr("OL");
    };
    QString said = side(reading.volts);
    said += reading.reverseTried ? tr(", other way round %1").arg(side(reading.reverseVolts)) : QString();
    return !reading.lit ? said : said + (*reading.lit ? tr(", lit") : tr(", dark"));
}

QString inWords(const parts::Ratings& ratings) {
    QStringList said;
    const auto add = [&](const std::optional<double>& value, const char* unit) {
        if (value) {
            said << withPrefix(*value, unit);
        }
    };
    add(ratings.farads, "F");
    add(ratings.ohms, "Ω");
    add(ratings.volts, "V");
    add(ratings.amps, "A");
    if (ratings.tolerance) {
        said << tr("± %1 %").arg(language::number(100 * *ratings.tolerance));
    }
    if (ratings.celsius) {
        said << inWords(*ratings.celsius, job::Unit::Celsius);
    }
    return said.join(QStringLiteral(", "));
}

}  // namespace dimglow::app::typed
