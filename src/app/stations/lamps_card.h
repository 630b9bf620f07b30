#pragma once

#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <vector>

#include "app/lamp_picture.h"
#include "app/lamp_sums.h"
#include "app/session.h"

namespace dimglow::app {

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
    void looked(const evidence::LampsSeen& seen);

private:
    void addLooks(QVBoxLayout& rows);
    void look(lamps::Look look);
    void lookAtOthers();
    void showLook();

    LampPicture* picture_ = nullptr;
    QLabel* facts_ = nullptr;
    LampSums* sums_ = nullptr;
    std::vector<QPushButton*> looks_;  ///< by Look
    evidence::LampsSeen seen_;         ///< as it stands
    int count_ = 0;
};

}  // namespace dimglow::app
