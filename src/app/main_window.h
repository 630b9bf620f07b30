#pragma once

#include <QHBoxLayout>
#include <QLabel>
#include <QMainWindow>
#include <QPushButton>
#include <QStackedWidget>
#include <QTimer>

#include "app/belief_panel.h"
#include "app/home_page.h"
#include "app/session.h"
#include "app/station_line.h"
#include "app/stations/stations.h"
#include "app/trail_view.h"

namespace dimglow::app {

/// The window: home, or a job between its trail and what is left.
///
/// Stations are made when they are first gone to. Where the window is narrow for its text the trail folds away.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    MainWindow(records::Logbook& logbook, const knowledge::Knowledge& trade,
               JobSession::Assess assess = reasoning::assess);
    ~MainWindow() override;

    JobSession& session() { return session_; }
    void goHome();
    void openJob(const QString& id);
    void newJob();
    /// Takes a job file into the logbook; says what is wrong and leaves the logbook alone when it cannot.
    void importFile(const QString& path);
    void goToStation(int index);
    int stationCount() const { return int(stationKinds().size()); }
    /// Colours and type as the theme has them now.
    void applyTheme();
    /// Says something that is about no field, over the foot of the page, until the station is left or a while has gone.
    void say(const QString& words, const char* tone = "ember");

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    enum Page { Home, Job, Opening };

    void build();
    QWidget* buildHeader();
    QWidget* buildFooter();
    QWidget* buildJobPage();
    QWidget* buildOpeningPage();
    void buildShortcuts();
    Station* station(int index);
    void toggleTheme();
    void zoom(double by);
    void showKeys();
    void showJob();
    void showSaved();
    void placeNotice();
    void foldTrail();
    /// Lets the field that is being typed in write itself down.
    void commitField();
    void takeProbe(reasoning::Probe probe);
    void takeNext();
    static int stationIndex(const std::string& id);
    void askForFile();

    records::Logbook& logbook_;
    JobSession session_;
    QStackedWidget* pages_ = nullptr;
    HomePage* home_ = nullptr;
    QStackedWidget* stationStack_ = nullptr;
    std::vector<Station*> stations_;  ///< null until gone to
    int current_ = 0;
    StationLine* line_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* subtitle_ = nullptr;
    QPushButton* themeButton_ = nullptr;
    QLabel* opening_ = nullptr;
    QHBoxLayout* keys_ = nullptr;
    QLabel* saved_ = nullptr;
    QLabel* notice_ = nullptr;
    TrailView* trail_ = nullptr;
    QPushButton* unfold_ = nullptr;
    bool unfolded_ = false;  ///< the trail was asked for where it would fold
    BeliefPanel* belief_ = nullptr;
    QTimer noticeTimer_;
    bool nextWanted_ = false;  ///< the next probe is gone to as soon as it is known
};

}  // namespace dimglow::app
