#pragma once

#include "app/panels.h"
#include "core/sheet/assessment.h"

namespace dimglow::app {

/// *This set*: what nobody can know of it beforehand, each with how far it is known: read off, computed, learned, or
/// not yet, and then how to learn it.
class KnownCard : public QFrame {
    Q_OBJECT
public:
    explicit KnownCard(QWidget* parent = nullptr);
    void show(const std::vector<findings::Known>& thisSet, const backlight::Backlight& backlight);

signals:
    /// What was learned is to join the description of the set.
    void keepWanted();

private:
    struct Cell {
        driver::Reference what;
        QString howToLearn;
        QLabel* value = nullptr;
        QLabel* from = nullptr;
    };
    std::vector<Cell> cells_;
    QPushButton* keep_ = nullptr;
};

}  // namespace dimglow::app
