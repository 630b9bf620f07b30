#pragma once

#include <QWidget>

#include "core/plan/universal.h"

namespace dimglow::app {

/// Universal strips as they are planned to lie: old lights as rings, new ones as discs, pieces with their polarity, and
/// what must stay free hatched.
class RowsPicture : public QWidget {
    Q_OBJECT
public:
    explicit RowsPicture(QWidget* parent = nullptr);

    void show(const plan::UniversalTask& task, const plan::UniversalPlan& plan);

    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    plan::UniversalTask task_;
    plan::UniversalPlan plan_;
};

}  // namespace dimglow::app
