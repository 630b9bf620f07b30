#include "app/key_bar.h"

#include <QHBoxLayout>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

KeyBar::KeyBar(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("hints"));
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);  // never widens the window
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(theme::px(12));
}

void KeyBar::show(const std::vector<KeyHint>& hints) {
    clearLayout(layout());
    hints_.clear();
    for (const auto& hint : hints) {
        auto* pair = new QWidget;
        auto* row = new QHBoxLayout(pair);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(theme::px(8));
        auto* cap = makeLabel(hint.key, theme::quiet());
        cap->setProperty("keycap", true);
        row->addWidget(cap);
        row->addWidget(makeLabel(hint.action, theme::quiet(), "quiet"));
        layout()->addWidget(pair);
        hints_.push_back(pair);
    }
    static_cast<QHBoxLayout*>(layout())->addStretch();
    fit();
}

void KeyBar::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fit();
}

void KeyBar::fit() {
    int used = 0;
    bool fits = true;
    for (auto* hint : hints_) {
        hint->ensurePolished();
        used += hint->sizeHint().width();
        fits = fits && used <= width();
        hint->setVisible(fits);
        used += layout()->spacing();
    }
}

}  // namespace dimglow::app
