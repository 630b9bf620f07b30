#include "app/rescaler.h"

#include <QFont>
#include <QGridLayout>
#include <QLayout>

namespace dimglow::app {

namespace {

/// Which of its sizes.
enum Which { FontPixels, LeastWidth, LeastHeight, MostWidth, MostHeight, Left, Top, Right, Bottom, Spacing, Other };

}  // namespace

int Rescaler::scaled(const QObject& owner, int which, int now, double from, double to) {
    auto kept = sizes_.find(&owner);
    if (kept == sizes_.end()) {
        kept = sizes_.insert(&owner, {});
        connect(&owner, &QObject::destroyed, this, [this](QObject* gone) { sizes_.remove(gone); });
    }
    auto& size = (*kept)[which];
    const bool isOurs = size.unscaled > 0 && (now == size.given || now == size.first);
    if (!isOurs) {
        size.unscaled = now / from;
        size.first = now;
    }
    size.given = qRound(size.unscaled * to);
    return size.given;
}

void Rescaler::rescaleWidget(QWidget& widget, double from, double to) {
    if (widget.testAttribute(Qt::WA_SetFont) && widget.font().pixelSize() > 0) {
        QFont font = widget.font();
        font.setPixelSize(std::max(1, scaled(widget, FontPixels, font.pixelSize(), from, to)));
        widget.setFont(font);
    }
    // Both ends before either is set: the one would push the other.
    const bool hasLeastWidth = widget.minimumWidth() > 0;
    const bool hasLeastHeight = widget.minimumHeight() > 0;
    const bool hasMostWidth = widget.maximumWidth() < QWIDGETSIZE_MAX;
    const bool hasMostHeight = widget.maximumHeight() < QWIDGETSIZE_MAX;
    const QSize least(hasLeastWidth ? scaled(widget, LeastWidth, widget.minimumWidth(), from, to) : 0,
                      hasLeastHeight ? scaled(widget, LeastHeight, widget.minimumHeight(), from, to) : 0);
    const QSize most(hasMostWidth ? scaled(widget, MostWidth, widget.maximumWidth(), from, to) : QWIDGETSIZE_MAX,
                     hasMostHeight ? scaled(widget, MostHeight, widget.maximumHeight(), from, to) : QWIDGETSIZE_MAX);
    if (widget.minimumSize() != least) {
        widget.setMinimumSize(least);
    }
    if (widget.maximumSize() != most) {
        widget.setMaximumSize(most);
    }
}

void Rescaler::rescaleLayout(QLayout& layout, double from, double to) {
    const QMargins margins = layout.contentsMargins();
    layout.setContentsMargins(
        scaled(layout, Left, margins.left(), from, to), scaled(layout, Top, margins.top(), from, to),
        scaled(layout, Right, margins.right(), from, to), scaled(layout, Bottom, margins.bottom(), from, to));
    if (auto* grid = qobject_cast<QGridLayout*>(&layout)) {
        grid->setHorizontalSpacing(scaled(layout, Spacing, grid->horizontalSpacing(), from, to));
        grid->setVerticalSpacing(scaled(layout, Other, grid->verticalSpacing(), from, to));
    } else if (layout.spacing() > 0) {
        layout.setSpacing(scaled(layout, Spacing, layout.spacing(), from, to));
    }
    for (int i = 0; i < layout.count(); ++i) {
        if (auto* inner = layout.itemAt(i)->layout()) {
            rescaleLayout(*inner, from, to);
        } else if (auto* spacer = layout.itemAt(i)->spacerItem()) {
            // A spacer is no object of its own: it is known by its place.
            const int which = Other + 1 + 2 * i;
            const auto policy = spacer->sizePolicy();
            if (policy.horizontalPolicy() == QSizePolicy::Fixed || policy.verticalPolicy() == QSizePolicy::Fixed) {
                spacer->changeSize(scaled(layout, which, spacer->sizeHint().width(), from, to),
                                   scaled(layout, which + 1, spacer->sizeHint().height(), from, to),
                                   policy.horizontalPolicy(), policy.verticalPolicy());
            }
        }
    }
    layout.invalidate();
}

void Rescaler::rescale(QWidget& root, double from, double to) {
    auto widgets = root.findChildren<QWidget*>();
    widgets.push_back(&root);
    for (auto* widget : widgets) {
        rescaleWidget(*widget, from, to);
        if (auto* layout = widget->layout()) {
            rescaleLayout(*layout, from, to);
        }
    }
}

}  // namespace dimglow::app
