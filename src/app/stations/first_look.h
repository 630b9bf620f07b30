#pragma once

#include <QElapsedTimer>
#include <QPushButton>
#include <map>

#include "app/stations/station.h"

namespace dimglow::app {

/// Press when the light comes, release when it goes: measures time to dark by hand, not by a number box.
class Stopwatch : public QWidget {
    Q_OBJECT
public:
    explicit Stopwatch(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    /// The last measurement, shown until the next press; negative shows none.
    void setSeconds(double seconds);

signals:
    void released(double seconds);

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void timerEvent(QTimerEvent* event) override;

private:
    void start();
    void stop();

    QElapsedTimer clock_;
    int timer_ = 0;
    double seconds_ = -1;
};

/// What can be seen and heard from outside.
class FirstLookStation : public Station {
    Q_OBJECT
public:
    explicit FirstLookStation(JobSession& session);

    void enter() override;
    void goTo(const reasoning::Probe& probe) override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Question {
        std::string test;
        QFrame* card = nullptr;
        std::vector<QPushButton*> choices;
    };
    void addQuestion(const knowledge::TestKind& test);
    void addLight(const knowledge::TestKind& test);
    void choose(int choice);
    void record(driver::Light what, double seconds);
    void setCurrent(int index);

    std::vector<Question> questions_;
    int current_ = 0;
    QFrame* lightCard_ = nullptr;
    Stopwatch* stopwatch_ = nullptr;
    QLabel* lightValue_ = nullptr;
};

}  // namespace dimglow::app
