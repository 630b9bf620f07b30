#pragma once

#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/session.h"

namespace dimglow::app {

/// What is left: the suspects with their shares and reasons, and the next probe with what each result would mean.
class BeliefPanel : public QWidget {
    Q_OBJECT
public:
    explicit BeliefPanel(JobSession& session, QWidget* parent = nullptr);

signals:
    /// The technician wants to take this probe.
    void probeChosen(const reasoning::Probe& probe);
    /// The point of the next probe cannot be reached.
    void probeMissed();
    /// The fault is known; the technician wants to plan the repair.
    void planChosen();
    /// The strips are to be described.
    void stripsChosen();

private:
    void refresh();
    void addSuspect(const reasoning::SuspectShare& suspect, bool leading);
    void addMisfit(const reasoning::Misfit& misfit);
    void addStripsWanted(QVBoxLayout& inner);
    void addNext();
    void addAlternatives();

    JobSession& session_;
    QLabel* summary_;
    QVBoxLayout* rows_;
};

}  // namespace dimglow::app
