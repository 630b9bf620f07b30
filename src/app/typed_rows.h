#pragma once

#include <QLabel>
#include <QLineEdit>
#include <functional>
#include <vector>

#include "app/session.h"
#include "core/sums/sums.h"

namespace dimglow::app {

/// A field for a number in a unit, or for words; emptied it is not known. A wrong one stays, says why and changes
/// nothing.
class TypedField : public QLineEdit {
    Q_OBJECT
public:
    /// Reads a number as \p asked says.
    TypedField(const QString& id, sums::Asked asked);
    /// Words of at most \p longest signs.
    TypedField(const QString& id, const QString& name, int longest);

    const sums::Asked& asked() const { return asked_; }
    /// What is typed; empty where nothing is, or where it was refused.
    std::optional<double> value();
    /// Shows what is known, unless something else is being typed.
    void showValue(const std::optional<double>& value);
    void showWords(const std::string& words);
    /// What is wrong with what is typed; empty where nothing is.
    QString problem() const;

signals:
    /// What is typed was understood and is another than before.
    void typed();

private:
    void finish();
    std::variant<std::optional<double>, text::Text> read() const;

    sums::Asked asked_;
    bool isNumber_;
};

/// A number in the unit that a field counts in: "47", without it.
QString bareNumber(const sums::Asked& asked, double value);

}  // namespace dimglow::app
