#pragma once

#include <QPushButton>
#include <QStackedWidget>

#include "app/belief_panel.h"
#include "app/session.h"
#include "app/stations/stations.h"
#include "app/trail_view.h"

namespace dimglow::app {

/// The session's job: a station between the trail and what is left.
///
/// Stations are made when they are first gone to. Where the page is narrow for its text the trail folds away.
class JobPage : public QWidget {
    Q_OBJECT
public:
    /// \p station is where it starts, a place in stationKinds().
    JobPage(JobSession& session, int station);

    int current() const { return current_; }
    /// Goes to a station by its place in stationKinds(); stays where there is none.
    void goTo(int index);
    std::vector<KeyHint> keys() { return station(current_)->keys(); }
    /// Shows the session's snapshot anew.
    void refresh();
    /// Goes to where the next probe is taken, or to the fix plan once the verdict stands; when an edit is still being
    /// assessed, as soon as it is known.
    void takeNext();
    /// Writes down that the point of the next probe cannot be reached.
    void missNext();
    void toggleTrail();

signals:
    void refused(const QString& reason);
    /// Another station was gone to.
    void entered(int index);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    Station* station(int index);
    void takeProbe(const reasoning::Probe& probe);
    void foldTrail();

    JobSession& session_;
    QPushButton* unfold_ = nullptr;
    TrailView* trail_ = nullptr;
    QStackedWidget* stack_ = nullptr;
    BeliefPanel* belief_ = nullptr;
    std::vector<Station*> stations_;  ///< null until gone to
    int current_;
    bool unfolded_ = false;    ///< the trail was asked for where it would fold
    bool nextWanted_ = false;  ///< the next probe is gone to as soon as it is known
};

}  // namespace dimglow::app
