#include "app/sheet.h"

#include <QEvent>
#include <QKeyEvent>
#include <QPushButton>
#include <QShortcut>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

Sheet::Sheet(const QString& title, QWidget* under) : QFrame(under) {
    setProperty("sheet", true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(title);
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    outer->addWidget(scroll);
    auto* page = new QWidget;
    scroll->setWidget(page);
    body_ = new QVBoxLayout(page);
    body_->setContentsMargins(theme::px(22), theme::px(14), theme::px(22), theme::px(12));
    body_->setSpacing(theme::px(8));
    head_ = new QHBoxLayout;
    head_->addWidget(makeLabel(title, theme::heading()));
    head_->addStretch(1);
    auto* away = makeButton(tr("Back"), tr("Esc"));
    away->setFocusPolicy(Qt::NoFocus);
    connect(away, &QPushButton::clicked, this, &Sheet::putAway);
    head_->addWidget(away);
    body_->addLayout(head_);
    under->installEventFilter(this);
    hide();
}

void Sheet::toggle() {
    isVisible() ? putAway() : open();
}

void Sheet::open() {
    setGeometry(parentWidget()->rect());
    refresh();
    show();
    raise();
    first()->setFocus();
}

void Sheet::putAway() {
    commitTyping(*window());
    hide();
    emit left();
}

void Sheet::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        putAway();
    } else {
        // A key that means nothing here means nothing to the page below either.
        event->setAccepted(event->modifiers() == Qt::NoModifier || event->modifiers() == Qt::ShiftModifier);
    }
}

bool Sheet::focusNextPrevChild(bool next) {
    QWidget* const from = focusWidget() == nullptr ? this : focusWidget();
    for (QWidget* widget = from;;) {
        widget = next ? widget->nextInFocusChain() : widget->previousInFocusChain();
        if (widget == from) {
            return true;
        }
        if (isAncestorOf(widget) && (widget->focusPolicy() & Qt::TabFocus) != 0 && widget->isEnabled() &&
            widget->isVisible()) {
            widget->setFocus(next ? Qt::TabFocusReason : Qt::BacktabFocusReason);
            return true;
        }
    }
}

void Sheet::on(const QKeySequence& keys, const std::function<void()>& does) {
    auto* shortcut = new QShortcut(keys, this);
    shortcut->setContext(Qt::WidgetWithChildrenShortcut);
    connect(shortcut, &QShortcut::activated, this, does);
}

bool Sheet::eventFilter(QObject* watched, QEvent* event) {
    if (watched == parentWidget() && event->type() == QEvent::Resize) {
        setGeometry(parentWidget()->rect());
    }
    return QFrame::eventFilter(watched, event);
}

}  // namespace dimglow::app
