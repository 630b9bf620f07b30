#pragma once

#include <QHBoxLayout>
#include <QLabel>
#include <QMainWindow>
#include <QPushButton>
#include <QStackedWidget>
#include <QTimer>
#include <functional>
#include <vector>

#include "app/bench_maths.h"
#include "app/charge_badge.h"
#include "app/help_sheet.h"
#include "app/home_page.h"
#include "app/job_page.h"
#include "app/key_bar.h"
#include "app/rescaler.h"
#include "app/session.h"
#include "app/station_line.h"
#include "app/theme.h"

namespace dimglow::app {

/// The window: home, or a job. What home does not need is made when a job is first opened.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    MainWindow(records::Logbook& logbook, knowledge::Source source, JobSession::Assess assess = sheet::assess);
    ~MainWindow() override;

    JobSession& session() { return session_; }
    void goHome();
    void openJob(const QString& id);
    void newJob();
    /// Takes a job file into the logbook; says what is wrong and leaves the logbook alone when it cannot.
    void importFile(const QString& path);
    void goToStation(const std::string& id);
    int stationCount() const { return int(stationKinds().size()); }
    /// Bench maths over whatever page is shown, or away again.
    void toggleMaths();
    /// Help for what is in front, or away again.
    void toggleHelp();
    /// Comes to the front; with a file, that is taken in.
    void calledAgain(const QString& file, bool wantsNewJob);
    /// Colours as the theme has them now; whatever is half typed stays.
    void applyTheme();
    /// Says something that is about no field, over the foot of the page, until the station is left or a while has gone.
    void say(const QString& words, const char* tone = "ember");

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    enum class Page { Home, Job, Opening };

    void build();
    QWidget* buildHeader();
    QWidget* buildFooter();
    QWidget* buildOpeningPage();
    void buildShortcuts();
    void showPage(Page page);
    void buildJobPage(int station);
    /// Nothing while home or an opening is shown.
    void onJobPage(void (JobPage::*action)());
    bool waitsForJob(const std::function<void()>& does);
    void createWithNewNumber(job::Job& job, const QString& label);
    void goToPlace(int place);
    void stepStation(int by);
    void stepBack();
    void stepForth();
    void showStep(const Written& written, const JobSession::StepName& step, const QString& words);
    void dress();
    void dressPages();
    void showTitle();
    void toggleTheme();
    void fitScreen();
    /// Sizes as window and owner ask for them.
    void applyScale();
    void zoom(double by);
    void showKeys();
    void showJob();
    void showSaved();
    void placeNotice();
    void askForFile();

    records::Logbook& logbook_;
    JobSession session_;
    Page page_ = Page::Home;
    Rescaler rescaler_;
    double scale_ = theme::scale();  ///< that everything was given its sizes at
    QStackedWidget* pages_ = nullptr;
    std::vector<std::function<void()>> whenOpen_;  ///< pressed while a job was opening
    HelpSheet* help_ = nullptr;                    ///< null until it is asked for
    BenchMaths* maths_ = nullptr;                  ///< null until it is asked for
    HomePage* home_ = nullptr;
    JobPage* jobPage_ = nullptr;      ///< null until a job is opened
    QWidget* openingPage_ = nullptr;  ///< null until a job is opened
    StationLine* line_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* subtitle_ = nullptr;
    ChargeBadge* charge_ = nullptr;
    QPushButton* themeButton_ = nullptr;
    QLabel* opening_ = nullptr;
    KeyBar* keys_ = nullptr;
    QLabel* saved_ = nullptr;
    QLabel* notice_ = nullptr;
    QTimer noticeTimer_;
};

}  // namespace dimglow::app
