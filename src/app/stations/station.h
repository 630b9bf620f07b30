#pragma once

#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QString>
#include <QVBoxLayout>
#include <QWidget>
#include <functional>
#include <vector>

#include "app/session.h"
#include "app/stations/reading.h"
#include "core/typing/clause.h"

namespace dimglow::app {

/// A key and what it does here.
struct KeyHint {
    QString key;
    QString action;
};

/// What is wrong with a typed line, as it is shown.
QString inWords(const typing::LineProblem& problem);

/// One stage of the job: shows the session's snapshot, turns gestures into edits of its job.
///
/// What a station holds is made when it is first gone to. It scrolls where the window is too small for it.
class Station : public QWidget {
    Q_OBJECT
public:
    /// \p id names the station in the knowledge files and cautions.
    Station(JobSession& session, const QString& id, const QString& title);

    const QString& id() const { return id_; }

    /// Shows the session's snapshot anew.
    void refresh();
    /// The technician came here: focus goes where the hands want it.
    virtual void enter() = 0;
    /// Shows where a probe is taken.
    virtual void goTo(const probe::Probe& probe);
    /// Writes down a value for what is asked for in front, whoever read it. \returns whether it was written down; not
    /// where nothing that reads so is asked for
    virtual Written takes(const Reading& reading);
    virtual std::vector<KeyHint> keys() const { return {}; }

signals:
    /// Something could not be done, and why; not about a field, which says so itself.
    void refused(const QString& reason);
    /// keys() says something else from now on.
    void keysChanged();

protected:
    virtual void showJob() = 0;
    /// What is shown: job and assessment of one moment.
    const job::Job& job() const { return session_.shown().job; }
    const sheet::Assessment& assessment() const { return session_.shown().assessment; }
    /// What observations are put into words for.
    evidence::Scene scene() const { return {job().set, session_.trade()}; }
    /// Live readings are taken only after the technician has said once that they may.
    bool liveAllowed() const { return job().liveWorkAccepted; }
    void setTitle(const QString& words);
    /// The second line under the station's title.
    void setSubtitle(const QString& words);
    /// A button beside the title, with an Alt key of its own that works in this station.
    QPushButton* addToHead(const char* name, const QString& says, Qt::Key letter, const std::function<void()>& does);
    /// What readings have taught of the driver joins its description.
    void keepLearned();
    /// Whether an edit was written down; says at \p field, or in the window, when it was not.
    bool tell(const Written& written, QWidget* field = nullptr);

    JobSession& session_;
    QHBoxLayout* head_ = nullptr;  ///< of the title, and what belongs beside it
    QVBoxLayout* body_ = nullptr;
    QVBoxLayout* foot_ = nullptr;  ///< below what scrolls, always whole: the card a reading is written into

    /// Scrolls so that it is in view.
    void showInView(const QWidget* part);

private:
    void showCaution();
    void acceptLiveWork();

    QString id_;
    QScrollArea* scroll_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* subtitle_ = nullptr;
    QFrame* caution_ = nullptr;
    QLabel* cautionWords_ = nullptr;
    QPushButton* acceptLive_ = nullptr;
};

}  // namespace dimglow::app
