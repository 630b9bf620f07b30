#pragma once

#include <QFrame>
#include <QLabel>
#include <QLineEdit>

#include "app/session.h"

namespace dimglow::app {

/// Asks, after a long time without a tick, how much of it was work; out of sight while there is nothing to ask.
class GapQuestion : public QFrame {
    Q_OBJECT
public:
    explicit GapQuestion(JobSession& session, QWidget* parent = nullptr);

    void refresh();

private:
    void commit();

    JobSession& session_;
    QLabel* words_ = nullptr;
    QLineEdit* field_ = nullptr;
};

/// "38 min by the clock, 45 planned"; without a plan the first half alone.
QString timeWords(const hands::TimeTaken& taken, double plannedMinutes);

}  // namespace dimglow::app
