#pragma once

#include <QFutureWatcher>
#include <QLabel>
#include <QVector>
#include <optional>

#include "core/driver/meter.h"
#include "core/driver/switch_on.h"
#include "core/reasoning/assessment.h"

class QCustomPlot;

namespace dimglow::app {

/// LED+ in the first seconds after switch-on, simulated: of the healthy set, and of the likeliest explanation with what
/// a handheld meter would show of it. Computed on a worker thread; the chart keeps the last curves until then, and of
/// several requests meanwhile only the last counts. Nobody waits for a worker whose chart has gone.
class SwitchOnChart : public QFrame {
    Q_OBJECT
public:
    explicit SwitchOnChart(QWidget* parent = nullptr);

    void show(const backlight::Backlight& backlight, const reasoning::Assessment& assessment);
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
        reasoning::Likeliest likeliest;
    };
    static Curves simulated(const Request& request);
    void start(Request request);
    void draw();

    QLabel* words_ = nullptr;
    QCustomPlot* plot_ = nullptr;
    QFutureWatcher<Curves> watcher_;
    std::optional<Request> waiting_;
};

}  // namespace dimglow::app
