#pragma once

#include <QElapsedTimer>
#include <QKeyEvent>
#include <QWidget>

namespace dimglow::app {

/// Tells held keys from taps by the time of the events: an X server without detectable repeat sends a release and a
/// press for each repeat, within milliseconds.
class KeyHold {
public:
    /// \returns whether a hold begins; a repeat of one that goes on is none.
    bool press(const QKeyEvent& event);
    void release(const QKeyEvent& event);

    /// From press to the last release, s.
    double seconds() const { return double(releasedAt_ - pressedAt_) / 1000; }

    static constexpr int gapMilliseconds = 30;  ///< a release that is followed by a press within this is none

private:
    quint64 pressedAt_ = 0;
    quint64 releasedAt_ = 0;
    bool isDown_ = false;
};

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
    void stop(double seconds);

    QElapsedTimer clock_;
    KeyHold hold_;
    int timer_ = 0;
    int letGo_ = 0;        ///< waits for the press that makes a release a repeat
    double heldFor_ = -1;  ///< until the release that is waited on
    double seconds_ = -1;
};

}  // namespace dimglow::app
