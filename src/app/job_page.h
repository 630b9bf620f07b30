#pragma once

#include <QHBoxLayout>
#include <QPushButton>
#include <QStackedWidget>

#include "app/belief_panel.h"
#include "app/layer_entry.h"
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
    /// Offers a value that was read off to the station in front.
    Written takes(const Reading& reading) { return station(current_)->takes(reading); }
    /// Shows the session's snapshot anew.
    void refresh();
    /// Goes to where the next probe is taken, or to the fix plan once the verdict stands; when an edit is still being
    /// assessed, as soon as it is known.
    void takeNext();
    /// Writes down that the point of the next probe cannot be reached.
    void missNext();
    /// Goes to the station of a step that is no probe.
    void goToStep(NextStep step);
    void toggleTrail();
    void toggleBelief();
    /// The focus goes back to the station in front.
    void enterAgain() { station(current_)->enter(); }
    /// A line for what comes off, over the foot of any station.
    void toggleLayerEntry();
    /// In the colours and sizes of the theme as it is now.
    void dressAnew();

signals:
    void refused(const QString& reason);
    /// Another station was gone to.
    void entered(int index);
    void keysChanged();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    Station* station(int index);
    void takeProbe(const probe::Probe& probe);
    void arrange();

    void placeLayerEntry();

    JobSession& session_;
    LayerEntry* layerEntry_ = nullptr;  ///< null until it is asked for
    QHBoxLayout* columns_ = nullptr;
    QPushButton* unfold_ = nullptr;  ///< the trail, where it folds
    QPushButton* slide_ = nullptr;   ///< what is left, where it slides
    TrailView* trail_ = nullptr;
    QStackedWidget* stack_ = nullptr;
    BeliefPanel* belief_ = nullptr;
    std::vector<Station*> stations_;  ///< null until gone to
    int current_;
    bool trailIsOver_ = false;   ///< asked for where it folds
    bool beliefIsOver_ = false;  ///< asked for where it slides
    bool nextWanted_ = false;    ///< the next probe is gone to as soon as it is known
};

}  // namespace dimglow::app
