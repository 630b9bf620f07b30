#pragma once

#include <QString>

#include "core/backlight/harness_line.h"
#include "core/backlight/led_fit.h"
#include "core/backlight/plain.h"
#include "core/hands/layer_line.h"
#include "core/job/reading_text.h"
#include "core/lamps/lamp_line.h"
#include "core/panelcheck/panel_check.h"
#include "core/parts/part_line.h"
#include "core/typing/words.h"
#include "language/language.h"

/// \file
/// What is typed into the window, read in the window's language; see the readers of the core.

namespace dimglow::app::typed {

/// A line that the program writes into a field, in the words of who reads it.
inline QString spoken(const std::string& line) {
    return QString::fromStdString(typing::inTongue(line, language::tongue()));
}

inline auto volts(const QString& text) {
    return job::readTypedVolts(text.toStdString(), language::tongue());
}
inline auto number(const QString& text, const job::Expected& expected) {
    return job::readTypedNumber(text.toStdString(), expected, language::tongue());
}
inline auto amount(const QString& text, const job::Expected& expected) {
    return job::readTypedAmount(text.toStdString(), expected, language::tongue());
}
inline auto day(const QString& text, const std::string& today) {
    return job::readTypedDay(text.toStdString(), today, language::tongue());
}
inline auto glow(const QString& text) {
    return job::readTypedGlow(text.toStdString(), language::tongue());
}
inline auto led(const QString& text) {
    return job::readTypedLed(text.toStdString(), language::tongue());
}
inline auto tester(const QString& text, double limitVolts, int leds) {
    return job::readTypedTester(text.toStdString(), limitVolts, leds, language::tongue());
}
inline auto part(parts::PartKind kind, const QString& text) {
    return parts::readTypedPart(kind, text.toStdString(), language::tongue());
}
inline auto ratings(parts::PartKind kind, const QString& text) {
    return parts::readTypedRatings(kind, text.toStdString(), language::tongue());
}
inline auto strips(const QString& text, const backlight::PlainDescription& base) {
    return backlight::readLine(text.toStdString(), base, language::tongue());
}
inline auto lamps(const QString& text) {
    return lamps::readLine(text.toStdString(), language::tongue());
}
inline std::string setKindIn(const QString& text) {
    return lamps::setKindIn(text.toStdString(), language::tongue());
}
inline bool speaksOfLamps(const QString& text) {
    return lamps::speaksOfLamps(text.toStdString(), language::tongue());
}
inline auto layer(const QString& text) {
    return hands::readLayerLine(text.toStdString(), language::tongue());
}
inline auto pins(const QString& text) {
    return backlight::readPins(text.toStdString(), language::tongue());
}
inline auto points(const QString& text) {
    return backlight::readPoints(text.toStdString(), language::tongue());
}
inline auto supplies(const QString& text) {
    return panelcheck::readSupplies(text.toStdString(), language::tongue());
}

/// What was read, as it is said back: "240 mA", "peaks at 184 V, settles at 48 V", "1000 µF, 25 V".
QString inWords(double number, job::Unit unit);
QString inWords(const job::TypedVolts& reading);
QString inWords(const job::TypedTester& reading, int leds);
QString inWords(const job::TypedDay& day);
QString inWords(const parts::LedCheckReading& reading);
QString inWords(const parts::Ratings& ratings);

/// Of what was read, its words; nothing where it could not be read.
template <class Read, class... How>
QString orNothing(const Read& read, const How&... how) {
    const auto* value = std::get_if<0>(&read);
    return value == nullptr ? QString() : inWords(*value, how...);
}

}  // namespace dimglow::app::typed
