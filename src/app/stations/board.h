#pragma once

#include "app/board_picture.h"
#include "app/known_card.h"
#include "app/stations/board_entry.h"
#include "app/stations/station.h"
#include "core/parts/part_line.h"

namespace dimglow::app {

/// The boards of the set as a picture: rails, LED+, LED−, BL_ON and DIM, parts and pins, eyes on them, boards swapped.
/// One spot is chosen; its reading is typed below.
class BoardStation : public Station {
    Q_OBJECT
public:
    explicit BoardStation(JobSession& session);

    void enter() override;
    void goTo(const probe::Probe& probe) override;
    Written takes(const Reading& reading) override;  ///< volts at the spot that is chosen
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    /// A spot of the picture and what is asked there.
    struct Spot {
        BoardSpot shown;
        evidence::Question question;
        const knowledge::TestKind* test = nullptr;    ///< of voltages and questions
        const knowledge::PointKind* point = nullptr;  ///< of parts, rails and pins
    };
    void addTests(int block, std::vector<Spot>& spots) const;
    void addPoints(int block, std::vector<Spot>& spots) const;
    /// What was found there, and what it amounts to.
    void judge(Spot& spot) const;
    std::vector<evidence::PointTaken> pointsTaken() const;
    const Spot* chosen() const;
    void choose(const evidence::Question& question);
    void offer();
    QString noteOf(const Spot& spot) const;
    bool isAllowed(const Spot& spot) const;
    void explain(const QString& line);
    QString verdictOn(const Spot& spot, const parts::TypedPart& part) const;
    void write(const QString& line);
    void writeVolts(const QString& line);
    void writePoint(const Spot& spot, const QString& line);
    void writePrinted(const QString& line);
    void answer(int choice);
    void look(int looks);
    /// The pictures of what is chosen, in a sheet over the station.
    void showPhotos();
    void focusEntry();
    /// One LED+ more than there are, and one again after the last that can be.
    bool hasLeds() const;
    void addFeed();
    /// The next kind of set.
    void changeKind();
    /// Rails and pins are read in this state of the set from now on; without one, each in its own.
    void changeState(std::optional<set::SetState> state);
    void nextState();
    /// Whether this point is read earlier than it need be there.
    bool isEarly(const knowledge::PointKind& point) const { return point.live && state_ && *state_ < point.from; }

    QPushButton* kind_ = nullptr;
    QPushButton* feeds_ = nullptr;
    std::optional<set::SetState> state_;
    KnownCard* known_ = nullptr;
    BoardPicture* picture_ = nullptr;
    BoardEntry* entry_ = nullptr;
    SwitchOnChart* chart_ = nullptr;
    std::vector<Spot> spots_;
    std::optional<evidence::Question> wanted_;  ///< to be chosen once it is there
    std::vector<job::Entry> standing_;
};

}  // namespace dimglow::app
