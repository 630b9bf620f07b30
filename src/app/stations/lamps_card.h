#pragma once

#include <QFrame>
#include <QLabel>

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
    /// Whether a key was one of its own: ↑ ↓ choose a lamp, F it fades first, T all together, H a half.
    bool press(int key);

signals:
    /// What was seen: an answer to "lampFades".
    void faded(const evidence::Answer& answer);

private:
    LampPicture* picture_ = nullptr;
    QLabel* facts_ = nullptr;
    LampSums* sums_ = nullptr;
    int count_ = 0;
};

}  // namespace dimglow::app
