#include "app/only_one.h"

#include <QCryptographicHash>
#include <QFileInfo>
#include <QLocalServer>
#include <QLocalSocket>
#include <QStandardPaths>
#include <QTimer>

namespace dimglow::app {

namespace {

constexpr int patience = 1000;        ///< ms
constexpr qint64 longestPath = 4096;  ///< bytes
constexpr char greeting[] = "dimglow 1\n";
constexpr char newJob[] = "new job";

/// Where no other user of the machine can wait in its stead.
QString placeOf(const QString& name) {
    const QString own = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    return own.isEmpty() ? name : own + QLatin1Char('/') + name;
}

}  // namespace

OnlyOne::OnlyOne(const QString& logbook, QObject* parent)
    : QObject(parent),
      name_(placeOf(QStringLiteral("dimglow-") +
                    QString::fromLatin1(QCryptographicHash::hash(QFileInfo(logbook).absoluteFilePath().toUtf8(),
                                                                 QCryptographicHash::Sha256)
                                            .toHex()
                                            .left(16)))),
      server_(new QLocalServer(this)) {
    server_->setSocketOptions(QLocalServer::UserAccessOption);
    connect(server_, &QLocalServer::newConnection, this, [this] {
        auto* socket = server_->nextPendingConnection();
        connect(socket, &QLocalSocket::disconnected, socket, [this, socket] {
            const QByteArray said = socket->read(longestPath + qint64(sizeof greeting));
            socket->deleteLater();
            if (said.startsWith(greeting)) {
                const QByteArray wanted = said.mid(qint64(sizeof greeting) - 1);
                wanted == newJob ? emit calledAgain({}, true) : emit calledAgain(QString::fromUtf8(wanted), false);
            }
        });
        QTimer::singleShot(patience, socket, [socket] { socket->disconnectFromServer(); });
    });
}

bool OnlyOne::handOver(const QString& file, bool wantsNewJob) const {
    QLocalSocket socket;
    socket.connectToServer(name_);
    if (!socket.waitForConnected(patience)) {
        return false;
    }
    socket.write(greeting);
    socket.write(!file.isEmpty() ? QFileInfo(file).absoluteFilePath().toUtf8()
                 : wantsNewJob   ? QByteArray(newJob)
                                 : QByteArray());
    socket.waitForBytesWritten(patience);
    socket.disconnectFromServer();
    return socket.state() == QLocalSocket::UnconnectedState || socket.waitForDisconnected(patience);
}

void OnlyOne::listen() {
    QLocalServer::removeServer(name_);  // left behind by one that was killed: nobody answered there
    server_->listen(name_);
}

}  // namespace dimglow::app
