#pragma once

#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <optional>
#include <vector>

#include "app/lamp_picture.h"
#include "app/lamp_sums.h"
#include "app/session.h"

namespace dimglow::app {

/// Of each lamp of a set how it looks, as far as anybody has looked.
std::vector<lamps::Look> looksOfLamps(const job::Job& job);

/// What stands at Strings when a set has lamps: their picture, what they need, and which of them fades first.
class LampsCard : public QFrame {
    Q_OBJECT
public:
    explicit LampsCard(QWidget* parent = nullptr);

    void show(const Snapshot& shown);
    /// Whether a key was one of its own: ↑ ↓ choose a lamp, 1 to 5 how it looks, 0 nobody looked, A all others are lit,
    /// F it fades first, T all together, H a half.
    bool press(int key);

signals:
    /// What was seen: an answer to "lampFades".
    void faded(const evidence::Answer& answer);
    /// How a lamp looks; without one: all that nobody has looked at yet.
    void looked(std::optional<int> lamp, lamps::Look look);

private:
    void addLooks(QVBoxLayout& rows);
    void look(lamps::Look look);
    void showLook();

    LampPicture* picture_ = nullptr;
    QLabel* facts_ = nullptr;
    LampSums* sums_ = nullptr;
    std::vector<QPushButton*> looks_;  ///< by Look
    std::vector<lamps::Look> seen_;    ///< of each lamp, as it is shown
    int count_ = 0;
};

}  // namespace dimglow::app
