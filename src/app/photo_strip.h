#pragma once

#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>

#include "app/session.h"

namespace dimglow::app {

/// The pictures of one layer or part, small and side by side; one that is gone is a gap that says so. A click opens
/// one.
class PhotoStrip : public QFrame {
    Q_OBJECT
public:
    explicit PhotoStrip(JobSession& session, QWidget* parent = nullptr);

    /// Shows what belongs to \p of: "layer:3", or the name of a part.
    void show(const std::string& of);
    /// Keeps a picture and writes it down here.
    void add(const QByteArray& picture);
    void askForOne();
    /// Takes the picture that was copied, if one was.
    void paste();

signals:
    void refused(const QString& reason);

private:
    void open(const std::string& name);

    JobSession& session_;
    QHBoxLayout* row_ = nullptr;
    std::string of_;
    QStringList shown_;  ///< what stands there: reading pictures takes a while
};

}  // namespace dimglow::app
