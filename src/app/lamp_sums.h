#pragma once

#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <vector>

#include "core/lamps/lamps.h"

namespace dimglow::app {

/// The inverter's sums for the lamps of a set, live as one types: output volts, what stray capacitance takes, dummy
/// lamp, supply current, resonance and its drift, rings. Only what was typed is reckoned with; nothing of it is kept.
class LampSums : public QFrame {
    Q_OBJECT
public:
    explicit LampSums(QWidget* parent = nullptr);

    void show(const lamps::Lamps& lamps);

private:
    enum Field { Milliamps, Kilohertz, Ballast, Stray, Millihenries, Film, Drift, Q };
    std::optional<double> value(Field field) const;
    void reckon();

    lamps::Lamps lamps_;
    std::vector<QLineEdit*> fields_;
    QLabel* results_ = nullptr;
};

}  // namespace dimglow::app
