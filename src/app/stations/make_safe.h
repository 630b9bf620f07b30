#pragma once

#include <QTimer>

#include "app/charge_row.h"
#include "app/stations/number_field.h"
#include "app/stations/station.h"

namespace dimglow::app {

/// Before any probe goes in: mains out, meter proven, every capacitor that keeps its charge measured, discharged and
/// measured again. Safe is what somebody measured, of one capacitor, and for as long as it holds.
class MakeSafeStation : public Station {
    Q_OBJECT
public:
    explicit MakeSafeStation(JobSession& session);

    void enter() override;
    /// Volts on the store whose field is in front.
    void goTo(const probe::Probe& probe) override;
    Written takes(const Reading& reading) override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;

private:
    QWidget* makeResistorCard();
    /// The back comes off here; what held it is counted with Ctrl+E.
    void takeBackOff();
    void showCharges();
    void showResistor(const std::vector<makesafe::Charge>& charges);
    Written record(const QString& store, double volts);
    void toggleResistor(const QString& store, bool stays);
    ChargeRow* inFront() const;
    void step(const ChargeRow* from, int rows);

    QPushButton* mains_ = nullptr;
    QPushButton* meter_ = nullptr;
    QPushButton* back_ = nullptr;
    QVBoxLayout* rows_ = nullptr;
    std::vector<ChargeRow*> charges_;
    std::vector<NumberField*> fields_;
    QLabel* pulse_ = nullptr;
    QTimer fading_;
};

}  // namespace dimglow::app
