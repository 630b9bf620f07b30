#pragma once

#include <QLabel>
#include <QLineEdit>

#include "app/session.h"

namespace dimglow::app {

/// The pins of the plug on the board, from which a set that nobody has opened tells how many strings it has; Enter, or
/// leaving it, makes them the job's.
class PlugLine : public QLineEdit {
    Q_OBJECT
public:
    /// \p says is told what the pins amount to.
    PlugLine(JobSession& session, QLabel& says);

    /// Shows the job's plug, unless something is half typed.
    void refresh();

private:
    void commit();

    JobSession& session_;
    QLabel& says_;
};

}  // namespace dimglow::app
