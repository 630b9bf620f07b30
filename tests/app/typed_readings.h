#pragma once

#include <QString>
#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/evidence/observation.h"
#include "core/knowledge/knowledge.h"

/// \file
/// Readings of a simulated set as somebody would type them.

namespace dimglow::test {

inline QString number(double value) {
    return std::isinf(value) ? QStringLiteral("OL") : QString::number(value, 'g', 5);
}
/// As somebody would type it.
inline QString typed(const parts::PartReading& reading) {
    QStringList words;
    if (reading.forwardVolts) {
        words << number(*reading.forwardVolts) + QLatin1Char('/') + number(*reading.reverseVolts);
    }
    const std::tuple<const std::optional<double>&, double, const char*> numbers[] = {{reading.farads, 1e6, "u"},
                                                                                     {reading.esrOhms, 1, "R"},
                                                                                     {reading.ohms, 1, ""},
                                                                                     {reading.volts, 1, ""},
                                                                                     {reading.rings, 1, ""}};
    for (const auto& [value, scale, unit] : numbers) {
        if (value) {
            words << number(*value * scale) + (std::isinf(*value) ? QString() : QString::fromUtf8(unit));
        }
    }
    return words.join(QLatin1Char(' '));
}
inline QString typed(const evidence::Measured& reading) {
    const QString first = number(reading.volts);
    switch (reading.shape) {
        case driver::Shape::Steady:
            return first;
        case driver::Shape::PeakThenSettles:
            return first + QStringLiteral(" > ") + number(reading.restVolts);
        case driver::Shape::Wanders:
            return number(reading.restVolts) + QStringLiteral(" ~ ") + first;
    }
    return {};
}
inline int indexOf(const evidence::Answer& answer) {
    const auto& choices = knowledge::builtInKnowledge().test(answer.test)->choices;
    return int(std::find_if(choices.begin(), choices.end(), [&](const auto& c) { return c.id == answer.choice; }) -
               choices.begin());
}

}  // namespace dimglow::test
