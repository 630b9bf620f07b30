#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>

#include "app/stations/number_field.h"
#include "app/stations/station.h"
#include "app/stations/text_box.h"

namespace dimglow::app {

/// The panel lit from bench supplies with a picture on it, before money is spent: plan, readings, findings, decision.
class PanelCheckStation : public Station {
    Q_OBJECT
public:
    explicit PanelCheckStation(JobSession& session);

    void enter() override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* makePlanCard();
    void makeChannelBox();
    void makeOutputs();
    QWidget* makeRampCard();
    QWidget* makeSeenCard();
    QLayout* makeReadings();
    QLayout* makeFindings();
    QLayout* makeDecisions();
    void showPlan();
    void showRamp(const panelcheck::Plan& plan);
    void showAdvice(const panelcheck::Plan& plan);
    void commitSupplies();
    void decide(panelcheck::Outcome outcome);

    QComboBox* channel_ = nullptr;
    std::vector<NumberField*> fields_;
    std::vector<NumberField*> lampFields_;
    QWidget* outputs_ = nullptr;
    QLineEdit* supplies_ = nullptr;
    QLabel* headline_ = nullptr;
    QLabel* stack_ = nullptr;
    QVBoxLayout* ramp_ = nullptr;
    QLabel* cautions_ = nullptr;
    std::vector<QCheckBox*> findings_;
    QCheckBox* leads_ = nullptr;
    TextBox* note_ = nullptr;
    QLabel* advice_ = nullptr;
    std::vector<QPushButton*> outcomes_;
    std::vector<QLineEdit*> readings_;
};

}  // namespace dimglow::app
