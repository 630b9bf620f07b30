#include "records/files.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

#include "core/format/fields.h"

namespace dimglow::records {

namespace {

[[noreturn]] void fail(const QString& path, const QString& reason) {
    throw format::FormatError(path.toStdString(), reason.simplified().toStdString());
}

}  // namespace

QByteArray readWhole(const QString& path, qint64 longest) {
    const QFileInfo info(path);
    if (info.exists() && !info.isFile()) {
        fail(path, info.isDir() ? QStringLiteral("is a folder") : QStringLiteral("is no file"));
    }
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        fail(path, file.errorString());
    }
    QByteArray bytes = file.read(longest + 1);
    if (file.error() != QFileDevice::NoError) {
        fail(path, file.errorString());
    }
    return bytes;
}

void writeWhole(const QString& path, const QByteArray& bytes) {
    const QFileInfo info(path);
    if (info.isSymbolicLink()) {
        fail(path, QStringLiteral("is a link to another file, which would be replaced"));
    }
    if (info.exists() && !info.isFile()) {
        fail(path, info.isDir() ? QStringLiteral("is a folder") : QStringLiteral("is no file"));
    }
    const bool isNew = !info.exists();
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) {
        fail(path, file.errorString());
    }
    if (isNew) {
        file.setPermissions(QFileDevice::ReadOwner | QFileDevice::WriteOwner);
    }
    if (file.write(bytes) != bytes.size() || !file.commit()) {
        fail(path, file.errorString());
    }
}

QString pathInFolder(const QString& folder, const std::string& jobId, const QString& suffix) {
    QString name = QString::fromStdString(jobId);
    for (auto& c : name) {
        if (!c.isLetterOrNumber() && c != QLatin1Char('-') && c != QLatin1Char('_')) {
            c = QLatin1Char('_');
        }
    }
    return QDir(folder).filePath(name + QLatin1Char('.') + suffix);
}

}  // namespace dimglow::records
