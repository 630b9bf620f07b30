#pragma once

#include <QObject>

class QLocalServer;

namespace dimglow::app {

/// One window a logbook: a second start hands its file over to the one that runs, which comes to the front. On the
/// local machine only, for this user only.
class OnlyOne : public QObject {
    Q_OBJECT
public:
    /// \p logbook: whose window it is.
    explicit OnlyOne(const QString& logbook, QObject* parent = nullptr);

    /// Hands over to a window that runs: a file, or the wish for a new job. \returns whether there was one
    bool handOver(const QString& file, bool wantsNewJob = false) const;
    /// Waits for others from here on. Where that cannot be had a second window opens, as before.
    void listen();

signals:
    /// Another start; \p file is empty where it brought none.
    void calledAgain(const QString& file, bool wantsNewJob);

private:
    QString name_;
    QLocalServer* server_;
};

}  // namespace dimglow::app
