#include "app/plots.h"

#include <qcustomplot.h>

#include "app/theme.h"

namespace dimglow::app {

void dressInTheme(QCustomPlot& plot) {
    const auto& p = theme::palette();
    plot.setBackground(p.panel);
    for (auto* axis : {plot.xAxis, plot.yAxis, plot.xAxis2, plot.yAxis2}) {
        axis->setBasePen(QPen(p.line));
        axis->setTickPen(QPen(p.line));
        axis->setSubTickPen(QPen(Qt::NoPen));
        axis->grid()->setPen(QPen(p.line, 1, Qt::DotLine));
        axis->grid()->setZeroLinePen(QPen(p.line));
        axis->setTickLabelColor(p.quiet);
        axis->setLabelColor(p.quiet);
        axis->setTickLabelFont(theme::quiet());
        axis->setLabelFont(theme::quiet());
    }
}

}  // namespace dimglow::app
