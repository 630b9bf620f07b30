#pragma once

#include <QFrame>
#include <QLabel>
#include <QString>
#include <QVBoxLayout>
#include <QWidget>
#include <vector>

#include "app/session.h"
#include "core/backlight/typed_line.h"

namespace dimglow::app {

/// A key and what it does here.
struct KeyHint {
    QString key;
    QString action;
};

/// What is wrong with a typed line, as it is shown.
QString inWords(const backlight::LineProblem& problem);

/// One stage of the job: reads the session, turns gestures into edits of its job.
class Station : public QWidget {
    Q_OBJECT
public:
    /// \p id names the station in the knowledge files and cautions.
    Station(JobSession& session, const QString& id, const QString& title);

    const QString& id() const { return id_; }
    const QString& title() const { return title_; }

    /// Shows the session's job and assessment anew.
    void refresh();
    /// The technician came here: focus goes where the hands want it.
    virtual void enter() = 0;
    /// Shows where a probe is taken.
    virtual void goTo(const reasoning::Probe& probe);
    virtual std::vector<KeyHint> keys() const { return {}; }
    /// Whether the work of this stage has been done.
    virtual bool isDone() const = 0;

signals:
    /// Something could not be done, and why.
    void refused(const QString& reason);

protected:
    virtual void showJob() = 0;
    /// Live readings are taken only after the technician has said once that they may.
    bool liveAllowed() const { return session_.job().liveWorkAccepted; }
    /// The second line under the station's title.
    void setSubtitle(const QString& words);

    JobSession& session_;
    QVBoxLayout* body_;

private:
    void showCautions();
    void acceptLiveWork();

    QString id_;
    QString title_;
    QLabel* subtitle_;
    QVBoxLayout* cautions_;
};

}  // namespace dimglow::app
