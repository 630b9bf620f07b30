#pragma once

#include "app/known_card.h"
#include "app/stations/station.h"
#include "app/stations/volts_row.h"
#include "app/switch_on_chart.h"

namespace dimglow::app {

/// Voltages on the boards: BL_ON, DIM, LED+ idle, at switch-on and with the plug out, LED− of each channel.
class BoardStation : public Station {
    Q_OBJECT
public:
    explicit BoardStation(JobSession& session);

    void enter() override;
    void goTo(const reasoning::Probe& probe) override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;

private:
    struct Point {
        evidence::Measured::Question question;
        VoltsRow* row = nullptr;
    };
    static bool isAsked(const Point& point, const reasoning::Probe& probe);
    void buildRows();
    void focusRow(int index);
    /// One LED+ more than there are, and one again after the last that can be.
    void addFeed();
    int focusedRow() const;

    QPushButton* feeds_;
    KnownCard* known_;
    QVBoxLayout* rows_;
    std::vector<Point> points_;
    SwitchOnChart* chart_;
};

}  // namespace dimglow::app
