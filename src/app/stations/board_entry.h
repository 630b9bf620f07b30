#pragma once

#include <QComboBox>
#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <vector>

#include "app/panels.h"
#include "app/switch_on_chart.h"

namespace dimglow::app {

/// What can be written down at one spot of the board.
struct EntryOffer {
    enum class Form { Volts, Point, Choices };
    QString id;
    QString title;
    QString how;
    QString note;  ///< what a healthy set reads, or the verdict on what was read
    Form form = Form::Volts;
    QStringList choices;      ///< of Choices
    int chosen = -1;          ///< of them
    QString counts;           ///< what may be counted beside a choice
    QString example;          ///< of Point: how a reading may be typed
    QString printed;          ///< of Point: what is printed on it, as it would be typed
    QString printedExample;   ///< of Point: how that may be typed
    int looks = -1;           ///< of Point: how it looks
    QString state;            ///< of Point: what the set does meanwhile; empty with mains out
    QStringList outcomes;     ///< what each reading would mean
    bool isAllowed = true;    ///< live work was accepted, or it is none
    bool showsChart = false;  ///< the switch-on, simulated
    bool canBeSeen = false;   ///< of Point: it is a part, not a rail or pin
};

/// The card below the picture of the boards: the chosen spot, a field to type its reading or its answers to press, what
/// is printed on it, how it looks, and what each result would mean. What was typed stays with its spot.
class BoardEntry : public QFrame {
    Q_OBJECT
public:
    explicit BoardEntry(SwitchOnChart* chart, QWidget* parent = nullptr);

    void show(const EntryOffer& offer);
    QLineEdit* field() const { return field_; }
    QLineEdit* printed() const { return printed_; }
    /// Empties the field: what stood there was written down.
    void clear();
    /// Says below the field how what is typed would be read.
    void explain(const QString& words);

signals:
    void typed(const QString& line);
    void written(const QString& line);
    void printedWritten(const QString& line);
    void chosen(int choice);
    void looked(int looks);
    void nextStateWanted();
    /// An arrow was pressed in the field.
    void stepped(int columns, int rows);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void addTyping(QVBoxLayout* left);
    void addPrinted(QVBoxLayout* left);
    void addRight();
    void showChoices();
    void showOutcomes();

    EntryOffer offer_;
    std::map<QString, QString> drafts_;  ///< typed and not written down yet, by spot
    QHBoxLayout* columns_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* how_ = nullptr;
    QLabel* note_ = nullptr;
    QVBoxLayout* belowNote_ = nullptr;   ///< where it stands below the field
    QVBoxLayout* besideNote_ = nullptr;  ///< and beside it, where what is printed has the room below
    QLineEdit* field_ = nullptr;
    QPushButton* write_ = nullptr;
    QLineEdit* printed_ = nullptr;
    QWidget* printedRow_ = nullptr;
    QWidget* typing_ = nullptr;
    QHBoxLayout* choices_ = nullptr;
    QComboBox* looks_ = nullptr;
    QPushButton* state_ = nullptr;
    QWidget* right_ = nullptr;
    QVBoxLayout* outcomes_ = nullptr;
    SwitchOnChart* chart_ = nullptr;
};

}  // namespace dimglow::app
