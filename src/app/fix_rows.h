#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "core/repair/comeback.h"

namespace dimglow::app {

/// The ways to mend it side by side in what people weigh against each other: a line each, a column each for money,
/// days, how it looks and how far it can be trusted. The best of a column is marked.
class FixRows : public QWidget {
    Q_OBJECT
public:
    struct Row {
        int number = 0;  ///< on its card, from 1
        QString name;
        double money = 0;  ///< expected, comebacks included
        double days = 0;   ///< until its parts are here
        bool isLate = false;
        QString looks;  ///< empty: as before
        std::optional<repair::Range> comeback;
        bool isAdvised = false;
    };
    explicit FixRows(QWidget* parent = nullptr);

    void show(std::vector<Row> rows, const QString& currency);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

signals:
    void pressed(int number);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    /// What is drawn of one column: its words, and how long its bar is of the longest.
    struct Cell {
        QString words;
        double share = 0;
        double slack = 0;  ///< beyond that, up to where it may reach as well
        bool isBest = false;
    };
    std::vector<Cell> cellsOf(const Row& row) const;
    double rowHeight() const;

    std::vector<Row> rows_;
    QString currency_;
};

}  // namespace dimglow::app
