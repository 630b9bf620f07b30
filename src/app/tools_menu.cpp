#include "app/tools_menu.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <algorithm>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

ToolsMenu::ToolsMenu(const knowledge::Knowledge& trade, QWidget* parent) : QMenu(parent) {
    setFont(theme::body());
    for (const auto& tool : trade.tools) {
        auto* action = addAction(words(tool.title));
        action->setData(QString::fromStdString(tool.id));
        action->setCheckable(true);
        connect(action, &QAction::triggered, this,
                [this, action](bool isAtHand) { emit ticked(action->data().toString(), isAtHand); });
    }
}

void ToolsMenu::showBench(const job::Bench& bench) {
    for (auto* action : actions()) {
        action->setChecked(job::hasAll(bench, {action->data().toString().toStdString()}));
    }
}

void ToolsMenu::keyPressEvent(QKeyEvent* event) {
    const bool ticks = event->key() == Qt::Key_Space || event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (ticks && activeAction() != nullptr) {
        activeAction()->trigger();
        return;
    }
    QMenu::keyPressEvent(event);
}

void ToolsMenu::mouseReleaseEvent(QMouseEvent* event) {
    if (auto* action = actionAt(event->position().toPoint())) {
        action->trigger();
        return;
    }
    QMenu::mouseReleaseEvent(event);
}

QString toolsWords(const job::Bench& bench, const knowledge::Knowledge& trade) {
    const auto& tools = trade.tools;
    const auto atHand =
        std::count_if(tools.begin(), tools.end(), [&](const auto& tool) { return job::hasAll(bench, {tool.id}); });
    return atHand == std::ptrdiff_t(tools.size()) ? QObject::tr("Tools")
                                                  : QObject::tr("Tools %1/%2").arg(atHand).arg(tools.size());
}

}  // namespace dimglow::app
