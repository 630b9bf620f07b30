#pragma once

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>

#include "app/belief_river.h"
#include "app/next_step.h"
#include "app/session.h"

namespace dimglow::app {

/// What is left: the suspects with their shares and reasons, and the next probe with what each result would mean.
class BeliefPanel : public QWidget {
    Q_OBJECT
public:
    explicit BeliefPanel(JobSession& session, QWidget* parent = nullptr);

    /// Shows the session's snapshot anew.
    void refresh();

signals:
    /// The technician wants to take this probe.
    void probeChosen(const probe::Probe& probe);
    /// The point of the next probe cannot be reached.
    void probeMissed();
    /// The technician wants to go where the job goes on, to a step that is no probe.
    void stepChosen(NextStep step);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void fitSuspects();
    /// What is suspected in one block of the set.
    struct Group {
        QString title;
        double share = 0;
        double before = 0;
        std::vector<const findings::SuspectShare*> suspects;
    };
    std::vector<Group> groups() const;
    void addGroup(const Group& group, bool leading);
    void addSuspect(const findings::SuspectShare& suspect, bool leading);
    void addReason(const findings::Reason& reason, int indent);
    void addLine(const QString& title, double share, int indent);
    /// The reasons of every row, or of the first only.
    void toggleWhy();
    void addMisfit(const findings::Misfit& misfit);
    void addStripsWanted(QVBoxLayout& inner);
    void addNext();
    void addAlternatives();
    void addLightWanted(QVBoxLayout& inner);
    void addDecided(QVBoxLayout& inner, NextStep step);
    void addProbe(QVBoxLayout& inner);
    void addWay(QVBoxLayout& inner, const probe::Probe& probe);
    void addEmptyFirst(QVBoxLayout& inner, const makesafe::Charge& charge);
    /// A charge that was measured empty counts for some minutes only.
    void watchCharge();
    void addLive(const probe::Probe& probe);
    void addOutOfTools(const probe::Probe& probe);
    /// Their titles.
    QStringList toolsOf(const probe::Probe& probe) const;

    JobSession& session_;
    QPushButton* why_ = nullptr;
    QScrollArea* suspectsScroll_ = nullptr;
    BeliefRiver* river_ = nullptr;
    QVBoxLayout* suspects_ = nullptr;
    QVBoxLayout* rows_ = nullptr;  ///< the next probe, or the verdict
    bool asksWhy_ = false;
    std::string emptyFirst_;  ///< the store that the probe shown waits for
    QTimer fading_;
};

}  // namespace dimglow::app
