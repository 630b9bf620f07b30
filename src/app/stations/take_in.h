#pragma once

#include <QGridLayout>
#include <QLineEdit>
#include <functional>

#include "app/known_card.h"
#include "app/stations/station.h"
#include "app/stations/strips_line.h"
#include "app/stations/text_box.h"
#include "app/stations/wiring_form.h"
#include "app/tools_menu.h"
#include "app/wiring_board.h"

namespace dimglow::app {

/// What set, which panel, what complaint, what it is worth, and how its backlight is wired.
class TakeInStation : public Station {
    Q_OBJECT
public:
    explicit TakeInStation(JobSession& session);

    /// The backlight of another job becomes this one's, if the trail allows it.
    void takeWiringFrom(const QString& path);

    void enter() override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;

private:
    void addWays();
    void showWays();
    void takeLastWay();
    void addTools();
    /// Puts a text into a job; \returns what is wrong with it, or nothing.
    using Write = std::function<QString(job::Job&, const QString&)>;
    /// A line of text bound to the job.
    struct TextField {
        QLineEdit* edit = nullptr;
        std::function<QString(const job::Job&)> read;
        Write write;
    };
    QWidget* makeSetCard();
    void addOrder(QGridLayout* grid);
    QWidget* makeWiringCard();
    void addCalendar(QLineEdit* edit);
    void addLines(QGridLayout* grid);
    void addBoard();
    void foldNumbers(bool fold);
    void addText(QGridLayout* grid, int row, int column, const QString& name, const char* id,
                 std::function<QString(const job::Job&)> read, Write write, int span = 1);
    void commit(QLineEdit* edit);
    void lookForTwin();
    /// The last set with this panel tells this one's strips and driver.
    void takeTwin();
    /// Makes \p wired the job's backlight; says at \p field, or in the window, why not.
    bool rewireTo(const backlight::Backlight& wired, QWidget* field);
    void repaint(const std::function<backlight::Backlight(const backlight::Backlight&)>& change);

    std::vector<TextField> texts_;
    TextBox* complaint_ = nullptr;
    WiringForm* form_ = nullptr;
    QPushButton* unfold_ = nullptr;
    QWidget* numbers_ = nullptr;  ///< form, LED curve and plug
    StripsLine* line_ = nullptr;
    WiringBoard* board_ = nullptr;
    QPushButton* twin_ = nullptr;  ///< the strips of the last set with this panel
    std::optional<job::Job> lastOfPanel_;
    std::string panelOfLast_;  ///< that it was looked for
    KnownCard* known_ = nullptr;
    QLabel* summary_ = nullptr;
    QLabel* notes_ = nullptr;
    QPushButton* wayFirst_ = nullptr;
    QPushButton* wayLevel_ = nullptr;
    QPushButton* lastWay_ = nullptr;
    QPushButton* tools_ = nullptr;
    ToolsMenu* toolsMenu_ = nullptr;
};

}  // namespace dimglow::app
