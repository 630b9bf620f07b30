#include "app/key_bar.h"

#include <QHBoxLayout>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

QWidget* capAndAction(const KeyHint& hint) {
    auto* pair = new QWidget;
    auto* row = new QHBoxLayout(pair);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(theme::px(8));
    auto* cap = makeLabel(hint.key, theme::quiet());
    cap->setProperty("keycap", true);
    row->addWidget(cap);
    row->addWidget(makeLabel(hint.action, theme::quiet(), "quiet"));
    return pair;
}

}  // namespace

KeyBar::KeyBar(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("hints"));
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);  // never widens the window
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(theme::px(10));
}

void KeyBar::show(const std::vector<KeyHint>& hints, const KeyHint& everywhere) {
    clearLayout(layout());
    hints_.clear();
    for (const auto& hint : hints) {
        hints_.push_back(capAndAction(hint));
        layout()->addWidget(hints_.back());
    }
    static_cast<QHBoxLayout*>(layout())->addStretch();
    everywhere_ = capAndAction(everywhere);
    layout()->addWidget(everywhere_);
    fit();
}

void KeyBar::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fit();
}

void KeyBar::fit() {
    if (everywhere_ == nullptr) {
        return;
    }
    everywhere_->ensurePolished();
    int used = everywhere_->sizeHint().width() + layout()->spacing();
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
