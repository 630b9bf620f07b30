#pragma once

#include <QAbstractButton>
#include <QString>
#include <vector>

namespace dimglow::app {

/// What has been found at a spot of the board; each has a shape of its own.
enum class SpotState {
    Unknown,  ///< nobody was there
    Taken,    ///< a reading without a verdict
    Good,
    Doubtful,
    Bad,
    Missed,  ///< cannot be reached
};

/// One thing that can be measured, checked or tried on a board.
struct BoardSpot {
    QString id;     ///< its name for tests and focus
    QString label;  ///< short: "D8", "LED+ idle"
    QString title;  ///< "Output diode D8"
    QString value;  ///< what was found; empty while nobody was there
    SpotState state = SpotState::Unknown;
    bool isNext = false;  ///< the next probe is here
    bool isChip = false;  ///< a part: shown small, by its name and mark
    bool isWide = false;  ///< fills a line
    bool operator==(const BoardSpot&) const = default;
};

/// A block of the set with its spots, where it stands in the picture.
struct BoardBlock {
    QString title;
    QString share;  ///< of what is suspected: "61 %"; empty when next to nothing
    double suspicion = 0;
    int column = 0;
    int row = 0;
    bool isHot = false;
    std::vector<BoardSpot> spots;
    bool operator==(const BoardBlock&) const = default;
};

/// A set's boards as a picture: blocks, the wires between them, and in each block what can be measured, with what was
/// found. One spot is chosen; arrows and clicks choose another.
class BoardPicture : public QWidget {
    Q_OBJECT
public:
    explicit BoardPicture(QWidget* parent = nullptr);

    /// \p wires joins blocks by their place in the list. The chosen spot stays chosen if it is still there.
    void show(const std::vector<BoardBlock>& blocks, const std::vector<std::pair<int, int>>& wires);
    /// Stands in the room that the columns behind the first leave below them. Taken over.
    void setFooter(QWidget* footer);

    QString chosen() const { return chosen_; }
    void choose(const QString& id);
    /// The nearest spot in a direction: -1, 0 or 1 each way.
    void step(int columns, int rows);
    bool has(const QString& id) const;
    /// What is chosen, as it is drawn; null without one.
    const QWidget* chosenSpot() const;

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

signals:
    /// Another spot was chosen by hand.
    void chosenByHand(const QString& id);

protected:
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Placed {
        QRect frame;
        std::vector<QAbstractButton*> spots;
    };
    void build();
    void place();
    int columns() const;
    int widthOf(int column) const;
    int leftOf(int column) const;
    /// Heights of blocks as they are, and of the columns.
    int heightOf(const BoardBlock& block) const;
    int heightOfColumn(int column) const;
    int heightOfFooter() const;
    QAbstractButton* spotNamed(const QString& id) const;

    std::vector<BoardBlock> blocks_;
    std::vector<std::pair<int, int>> wires_;
    std::vector<Placed> placed_;
    QWidget* footer_ = nullptr;
    QString chosen_;
};

}  // namespace dimglow::app
