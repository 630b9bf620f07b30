#pragma once

#include <QHBoxLayout>
#include <QLabel>
#include <QMainWindow>
#include <QStackedWidget>
#include <QTimer>

#include "app/belief_panel.h"
#include "app/home_page.h"
#include "app/session.h"
#include "app/station_line.h"
#include "app/stations/station.h"
#include "app/trail_view.h"

namespace dimglow::app {

/// The window: home, or a job between its trail and what is left.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    MainWindow(records::Logbook& logbook, const knowledge::Knowledge& trade);
    ~MainWindow() override;

    JobSession& session() { return session_; }
    void goHome();
    void openJob(const QString& id);
    void newJob();
    /// Takes a job file into the logbook; says what is wrong and leaves the logbook alone when it cannot.
    void importFile(const QString& path);
    void goToStation(int index);
    int stationCount() const { return int(stations_.size()); }
    Station* station(int index) const { return stations_.at(index); }
    /// Rebuilds the window's look after a change of theme or scale.
    void applyTheme();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void build();
    void toggleTheme();
    QWidget* buildHeader();
    QWidget* buildFooter();
    void buildShortcuts();
    void showKeys();
    void showJob();
    void showSaved();
    void say(const QString& words, const char* tone);
    void takeProbe(const reasoning::Probe& probe);
    void takeNext();
    int stationIndex(const std::string& id) const;
    void askForFile();

    records::Logbook& logbook_;
    JobSession session_;
    QStackedWidget* pages_ = nullptr;
    HomePage* home_ = nullptr;
    QStackedWidget* stationStack_ = nullptr;
    std::vector<Station*> stations_;
    StationLine* line_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* subtitle_ = nullptr;
    QHBoxLayout* keys_ = nullptr;
    QLabel* saved_ = nullptr;
    QLabel* notice_ = nullptr;
    BeliefPanel* belief_ = nullptr;
    QTimer noticeTimer_;
};

}  // namespace dimglow::app
