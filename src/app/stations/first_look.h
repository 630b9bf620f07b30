#pragma once

#include <QLineEdit>
#include <QPushButton>
#include <QWidget>
#include <functional>
#include <vector>

#include "app/board_picture.h"
#include "app/screen_sketch.h"
#include "app/stations/station.h"
#include "app/stopwatch.h"
#include "core/job/reading_text.h"

namespace dimglow::app {

/// Signs of life from outside: one question at a time, large; all others with their answers at a glance.
class FirstLookStation : public Station {
    Q_OBJECT
public:
    explicit FirstLookStation(JobSession& session);

    void enter() override;
    void goTo(const probe::Probe& probe) override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    bool isAsked(const knowledge::TestKind& test) const;
    const knowledge::TestKind& asked() const { return *questions_[std::size_t(current_)]; }
    void setCurrent(int index);
    void step(int by);
    void goOn();
    job::Expected expectedNumber() const;
    QVBoxLayout* makeQuestion();
    void addDetailKeys();
    void showQuestion();
    void showLight();
    void addChoice(const QString& text, const QString& key, bool isGiven, std::function<void()> does);
    void showOverview();
    void choose(int choice);
    void writeNumber();
    void sayDetail(const std::string& detail);
    void record(driver::Light what, double seconds);
    /// The answer that stands; empty without one.
    std::optional<evidence::Answer> answerTo(const knowledge::TestKind& test) const;

    std::vector<const knowledge::TestKind*> questions_;
    int current_ = 0;
    int counted_ = 0;  ///< taps that are not written down yet
    KeyHold hold_;
    QLabel* title_ = nullptr;
    QLabel* how_ = nullptr;
    QGridLayout* choices_ = nullptr;
    QHBoxLayout* details_ = nullptr;
    QLabel* count_ = nullptr;
    QLineEdit* number_ = nullptr;
    Stopwatch* stopwatch_ = nullptr;
    QLabel* lightValue_ = nullptr;
    ScreenSketch* sketch_ = nullptr;
    BoardPicture* overview_ = nullptr;
};

}  // namespace dimglow::app
