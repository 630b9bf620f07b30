#pragma once

#include <QCheckBox>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QPushButton>

#include "app/stations/closing_card.h"
#include "app/stations/reading_row.h"
#include "app/stations/station.h"

class QCPAxis;
class QCustomPlot;

namespace dimglow::app {

/// Readings after the repair against what they should be, and the soak with its entries.
class ProveStation : public Station {
    Q_OBJECT
public:
    explicit ProveStation(JobSession& session);

    void enter() override;
    std::vector<KeyHint> keys() const override;
    Written takes(const Reading& reading) override;  ///< volts of the row that is in front
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void timerEvent(QTimerEvent* event) override;

private:
    void bindClosing();
    std::optional<ReadingRow::Asks> asksFor(const proof::ProofLine& line);
    void buildRows();
    Written recordVolts(const evidence::VoltsAsked& asked, const Reading& reading);
    QStringList rowNames() const;
    void toggleClock();
    void addSoakEntry();
    struct Curve;
    void noteInPlot(const QString& words, QPointF at, QCPAxis* axis, const QColor& color,
                    Qt::AlignmentFlag side = Qt::AlignLeft);
    void plotCurve(const Curve& curve, const QVector<double>& minutes);
    void plotSoak();

    ClosingCard* closing_ = nullptr;
    QVBoxLayout* rows_ = nullptr;
    std::vector<ReadingRow*> proofRows_;
    QStringList rowNames_;
    QLabel* beside_ = nullptr;  ///< tester readings and looks after the repair
    QLineEdit* minutes_ = nullptr;
    QLineEdit* volts_ = nullptr;
    QLineEdit* milliamps_ = nullptr;
    QCheckBox* flicker_ = nullptr;
    QPushButton* clockButton_ = nullptr;
    QLabel* verdict_ = nullptr;
    QCustomPlot* plot_ = nullptr;
    QElapsedTimer clock_;
    int timer_ = 0;
};

}  // namespace dimglow::app
