#include "app/typed_rows.h"

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "language/language.h"

namespace dimglow::app {

TypedField::TypedField(const QString& id, sums::Asked asked) : asked_(std::move(asked)), isNumber_(true) {
    setObjectName(id);
    setAccessibleName(words(asked_.name));
    setFont(theme::body());
    setPlaceholderText(asked_.usual ? tr("usually %1").arg(bareNumber(asked_, *asked_.usual))
                                    : QString::fromStdString(asked_.unitWord));
    explainTyping(this, [this](const QString&) {
        const auto value = read();
        const auto* known = std::get_if<0>(&value);
        return known != nullptr && *known ? words(sums::wordsOf(asked_, **known)) : QString();
    });
    connect(this, &QLineEdit::editingFinished, this, &TypedField::finish);
}

TypedField::TypedField(const QString& id, const QString& name, int longest) : isNumber_(false) {
    setObjectName(id);
    setAccessibleName(name);
    setFont(theme::body());
    setMaxLength(longest);
    connect(this, &QLineEdit::editingFinished, this, &TypedField::finish);
}

std::variant<std::optional<double>, text::Text> TypedField::read() const {
    if (text().trimmed().isEmpty()) {
        return std::optional<double>();
    }
    const auto value = sums::readTyped(asked_, text().trimmed().toStdString(), language::tongue());
    if (const auto* problem = std::get_if<text::Text>(&value)) {
        return *problem;
    }
    const double number = std::get<double>(value);
    if (number < asked_.low || number > asked_.high) {
        return text::say("{}: {} to {} only.", asked_.name, sums::wordsOf(asked_, asked_.low),
                         sums::wordsOf(asked_, asked_.high));
    }
    return std::optional(number);
}

std::optional<double> TypedField::value() {
    const auto value = read();
    const auto* known = std::get_if<0>(&value);
    return known == nullptr ? std::nullopt : *known;
}

QString TypedField::problem() const {
    const auto value = read();
    const auto* problem = std::get_if<text::Text>(&value);
    return isNumber_ && problem != nullptr ? words(*problem) : QString();
}

void TypedField::showValue(const std::optional<double>& value) {
    if (!isModified()) {
        setText(value ? bareNumber(asked_, *value) : QString());
    }
}

void TypedField::showWords(const std::string& words) {
    if (!isModified()) {
        setText(QString::fromStdString(words));
    }
}

void TypedField::finish() {
    if (!isModified()) {
        return;
    }
    if (const QString wrong = problem(); !wrong.isEmpty()) {
        refuse(this, wrong);
        return;
    }
    accept(this);
    emit typed();
}

QString bareNumber(const sums::Asked& asked, double value) {
    return number(value / asked.scale);
}

}  // namespace dimglow::app
