#pragma once

#include <QElapsedTimer>
#include <QWidget>

namespace dimglow::app {

/// Measures how long a light lasts: held from light to dark. Dial and digits.
class Stopwatch : public QWidget {
    Q_OBJECT
public:
    explicit Stopwatch(QWidget* parent = nullptr);
    /// Shown while it does not run; negative shows nothing.
    void setSeconds(double seconds);
    QSize sizeHint() const override;

signals:
    void released(double seconds);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void timerEvent(QTimerEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    void start();
    void stop();

    QElapsedTimer clock_;
    int timer_ = 0;
    double seconds_ = -1;
};

}  // namespace dimglow::app
