#pragma once

#include <QMenu>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"

namespace dimglow::app {

/// The tools that not every bench has, ticked where they are at hand. It stays open while several are ticked.
class ToolsMenu : public QMenu {
    Q_OBJECT
public:
    ToolsMenu(const knowledge::Knowledge& trade, QWidget* parent);

    void showBench(const job::Bench& bench);

signals:
    void ticked(const QString& tool, bool isAtHand);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
};

/// "Tools", and how many of them where some are not at hand: "Tools 5/7".
QString toolsWords(const job::Bench& bench, const knowledge::Knowledge& trade);

}  // namespace dimglow::app
