#pragma once

#include <QLabel>
#include <QVector>
#include <optional>

#include "app/worker.h"
#include "core/driver/meter.h"
#include "core/driver/switch_on.h"
#include "core/sheet/assessment.h"

class QCustomPlot;

namespace dimglow::app {

/// LED+ in the first seconds after switch-on, simulated: of the healthy set, and of the likeliest explanation with what
/// a handheld meter would show of it. Computed on a worker thread; the chart keeps the last curves until then, and of
/// several requests meanwhile only the last counts.
class SwitchOnChart : public QFrame {
    Q_OBJECT
public:
    explicit SwitchOnChart(QWidget* parent = nullptr);

    void show(const backlight::Backlight& backlight, const sheet::Assessment& assessment);
    /// Returns once the curves of the last show() are drawn.
    void settle();

private:
    struct Curve {
        QVector<double> seconds;
        QVector<double> volts;
    };
    struct Curves {
        Curve healthy;
        Curve likeliest;
        Curve meter;
        QString title;
        QString words;
    };
    struct Request {
        backlight::Backlight backlight;
        driver::DriverReference reference;
        findings::Likeliest likeliest;
    };
    static Curves simulated(const Request& request, const std::stop_token& stop);
    void start(Request request);
    void draw(const Curves& curves);

    QLabel* words_ = nullptr;
    QCustomPlot* plot_ = nullptr;
    std::optional<Request> waiting_;
    Worker<Curves> worker_;
};

}  // namespace dimglow::app
