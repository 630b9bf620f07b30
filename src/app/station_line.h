#pragma once

#include <QStringList>
#include <QWidget>
#include <vector>

namespace dimglow::app {

/// The line of stations: done, here, ahead and skipped differ in shape as well as in colour.
class StationLine : public QWidget {
    Q_OBJECT
public:
    enum class State { Ahead, Done, Skipped };

    explicit StationLine(const QStringList& titles, QWidget* parent = nullptr);
    void setTitles(const QStringList& titles);
    void setCurrent(int index);
    void setStates(std::vector<State> states);
    QSize sizeHint() const override;

signals:
    void chosen(int index);

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    QPointF at(int index) const;
    int indexAt(double x) const;
    std::vector<double> widths() const;
    /// Where the names do not fit side by side.
    bool isCrowded() const;

    QStringList titles_;
    std::vector<State> states_;
    int current_ = 0;
};

}  // namespace dimglow::app
