#include "app/switch_on_chart.h"

#include <qcustomplot.h>

#include <QHBoxLayout>
#include <algorithm>
#include <exception>
#include <utility>

#include "app/panels.h"
#include "app/plots.h"
#include "app/theme.h"
#include "diary/diary.h"

namespace dimglow::app {

namespace {

constexpr double shownSeconds = 6;
constexpr double watchedSeconds = 20;  ///< long enough for a driver to give up
constexpr std::size_t everySample = 4;

QString seconds(double value) {
    return number(value, value < 0.1 ? 2 : 1);
}

/// What happens, in one sentence.
QString wordsOf(const driver::SwitchOn& on, const driver::MeterView& view, double scale) {
    QStringList words;
    if (on.tries == 0) {
        words << SwitchOnChart::tr("The driver never starts.");
    } else if (on.firstTrip == driver::Trip::None) {
        words << SwitchOnChart::tr("It regulates and stays lit.");
    } else {
        words << SwitchOnChart::tr("It trips: %1.").arg(language::words(driver::tripWords(on.firstTrip)));
        words << (on.lightSeconds && on.darkSeconds
                      ? SwitchOnChart::tr("Light for %1 s.").arg(seconds(*on.darkSeconds - *on.lightSeconds))
                      : SwitchOnChart::tr("No light."));
        words << (on.blinks ? SwitchOnChart::tr("Off after %1 tries, blinks %2.").arg(on.tries).arg(*on.blinks)
                            : SwitchOnChart::tr("It tries for ever."));
    }
    const double volts = scale * view.volts;
    const double rest = scale * view.rest;
    switch (view.shape) {
        case driver::Shape::Steady:
            words << SwitchOnChart::tr("A meter shows %1 V.").arg(volts, 0, 'f', 0);
            break;
        case driver::Shape::PeakThenSettles:
            words << SwitchOnChart::tr("A meter peaks at %1 V, then %2 V.").arg(volts, 0, 'f', 0).arg(rest, 0, 'f', 0);
            break;
        case driver::Shape::Wanders:
            words << SwitchOnChart::tr("A meter wanders from %1 to %2 V.").arg(rest, 0, 'f', 0).arg(volts, 0, 'f', 0);
            break;
    }
    return words.join(QLatin1Char(' '));
}

}  // namespace

SwitchOnChart::SwitchOnChart(QWidget* parent) : QFrame(parent) {
    setProperty("card", "panel");
    setObjectName(QStringLiteral("switchOnChart"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::px(14), theme::px(8), theme::px(10), theme::px(6));
    words_ = makeLabel({}, theme::quiet(), "quiet");
    words_->setObjectName(QStringLiteral("switchOnWords"));
    words_->setWordWrap(true);
    words_->setTextFormat(Qt::RichText);
    words_->setAlignment(Qt::AlignTop);
    words_->setFixedWidth(theme::px(172));
    row->addWidget(words_);
    plot_ = new QCustomPlot;
    plot_->setMinimumHeight(theme::px(112));
    plot_->setAccessibleName(tr("LED+ after switch-on, simulated"));
    for (int graph = 0; graph < 3; ++graph) {
        plot_->addGraph();
    }
    dressInTheme(*plot_);
    row->addWidget(plot_, 1);
}

void SwitchOnChart::show(const backlight::Backlight& backlight, const sheet::Assessment& assessment) {
    const auto strings = std::find_if(assessment.thisSet.begin(), assessment.thisSet.end(),
                                      [](const auto& known) { return known.what == driver::Reference::Strings; });
    const bool isKnown = strings != assessment.thisSet.end() && strings->from != findings::Known::From::NotYet;
    setVisible(isKnown);
    if (!isKnown) {
        return;
    }
    Request request{backlight, assessment.reference, assessment.likeliest};
    if (worker_.isBusy()) {
        waiting_ = std::move(request);
    } else {
        start(std::move(request));
    }
}

void SwitchOnChart::start(Request request) {
    worker_.start(
        [request = std::move(request)](const std::stop_token& stop) {
            try {
                return simulated(request, stop);
            } catch (const std::exception& problem) {
                diary::caught("switch-on chart", problem);
                Curves none;
                none.words = tr("Cannot tell: %1").arg(QString::fromUtf8(problem.what()));
                return none;
            }
        },
        [this](const Curves& curves) { draw(curves); });
}

void SwitchOnChart::settle() {
    while (worker_.isBusy()) {
        worker_.finish();
    }
}

SwitchOnChart::Curves SwitchOnChart::simulated(const Request& request, const std::stop_token& stop) {
    const auto& [backlight, reference, likeliest] = request;
    const int feed = likeliest.feed;
    const double scale = reference.at(std::size_t(feed)).labelScale;
    const auto curveOf = [&](const driver::SwitchOn& on) {
        Curve curve;
        for (std::size_t i = 0; i < on.samples.size() && on.samples[i].seconds <= shownSeconds; i += everySample) {
            curve.seconds.push_back(on.samples[i].seconds);
            curve.volts.push_back(scale * on.samples[i].ledPlus);
        }
        return curve;
    };
    Curves curves;
    curves.healthy =
        curveOf(driver::switchOn(backlight, feed, reference, {}, driver::StageChange(), shownSeconds, false, stop));
    const auto on = driver::switchOn(likeliest.backlight, feed, reference, likeliest.strings, likeliest.driver,
                                     watchedSeconds, false, stop);
    curves.likeliest = curveOf(on);
    const auto view = driver::throughMeter(on.ledPlus(), on.secondsApart);
    for (std::size_t i = 0; i < view.readings.size(); ++i) {
        curves.meter.seconds.push_back(double(i + 1) / 3);
        curves.meter.volts.push_back(scale * view.readings[i]);
    }
    curves.title = words(likeliest.title);
    curves.words = wordsOf(on, view, scale);
    return curves;
}

void SwitchOnChart::draw(const Curves& curves) {
    const auto& p = theme::palette();
    words_->setText(
        QStringLiteral("<b style='color:%1'>%2</b><br>")
            .arg(p.text.name(), tr("LED+, %1 s from switch-on").arg(shownSeconds)) +
        tr("<span style='color:%1'>━</span> healthy &nbsp; ○ on a meter<br><span style='color:%2'>━</span> if it is: "
           "%3. %4")
            .arg(p.good.name(), p.ember.name(), curves.title.toHtmlEscaped(), curves.words.toHtmlEscaped()));
    dressInTheme(*plot_);
    const std::pair<const Curve*, QColor> lines[] = {
        {&curves.healthy, p.good}, {&curves.likeliest, p.ember}, {&curves.meter, p.text}};
    for (int graph = 0; graph < 3; ++graph) {
        plot_->graph(graph)->setData(lines[graph].first->seconds, lines[graph].first->volts, true);
        plot_->graph(graph)->setPen(QPen(lines[graph].second, 2));
    }
    plot_->graph(2)->setLineStyle(QCPGraph::lsNone);
    plot_->graph(2)->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, p.text, p.panel, 6));
    plot_->rescaleAxes();
    plot_->xAxis->setRange(0, shownSeconds);
    plot_->yAxis->setRange(0, 1.08 * plot_->yAxis->range().upper);
    plot_->replot();
    if (waiting_) {
        start(*std::exchange(waiting_, std::nullopt));
    }
}

}  // namespace dimglow::app
