#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "app/backlight_map.h"
#include "app/stations/gap_question.h"
#include "app/stations/station.h"

namespace dimglow::app {

/// The work order of the repair that was chosen: one step glows, Space ticks it, a reading proves it where one does.
class ReworkStation : public Station {
    Q_OBJECT
public:
    explicit ReworkStation(JobSession& session);

    void enter() override;
    Written takes(const Reading& reading) override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    const hands::WorkOrder& work() const { return assessment().work; }
    QWidget* makeLine(const hands::WorkLine& line, int index);
    QWidget* makeNext(const hands::WorkLine& line);
    /// The step that glows is done.
    void tick();
    void tickBack();
    void tickWith(int choice);
    std::string padsOf(const hands::WorkLine& line) const;
    Written record(std::optional<double> read);
    /// What was typed as its reading; empty text: none was.
    bool readTyped(std::optional<double>& read);

    QLabel* option_ = nullptr;
    QLabel* time_ = nullptr;
    GapQuestion* gap_ = nullptr;
    QVBoxLayout* lines_ = nullptr;
    BacklightMap* map_ = nullptr;
    QLineEdit* reading_ = nullptr;
    std::string readingOf_;  ///< the step that it is about
    QWidget* next_ = nullptr;
};

}  // namespace dimglow::app
