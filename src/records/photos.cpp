#include "records/photos.h"

#include <QBuffer>
#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QImage>
#include <QImageReader>

#include "core/format/fields.h"
#include "core/hands/opening.h"
#include "records/files.h"

namespace dimglow::records {

namespace {

constexpr int longestSide = 2400;        ///< pixels
constexpr qint64 smallEnough = 2 << 20;  ///< bytes
constexpr int megabytesUnpacked = 256;
constexpr int quality = 85;

[[noreturn]] void fail(const QString& reason) {
    throw format::FormatError("photo", reason.toStdString());
}

/// As a screen shows it, and no larger.
QByteArray fitted(const QByteArray& picture) {
    QBuffer source;
    source.setData(picture);
    QImageReader::setAllocationLimit(megabytesUnpacked);
    QImageReader reader(&source);
    reader.setAutoTransform(true);
    QImage image = reader.read();
    if (image.isNull()) {
        fail(reader.errorString());
    }
    if (picture.size() <= smallEnough && std::max(image.width(), image.height()) <= longestSide &&
        !nameOfPhoto(picture).empty() && reader.transformation() == QImageIOHandler::TransformationNone) {
        return picture;
    }
    if (std::max(image.width(), image.height()) > longestSide) {
        image = image.scaled(longestSide, longestSide, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    }
    QByteArray bytes;
    QBuffer target(&bytes);
    if (!image.convertToFormat(QImage::Format_RGB32).save(&target, "JPG", quality)) {
        fail(QStringLiteral("cannot be made smaller"));
    }
    return bytes;
}

}  // namespace

std::string nameOfPhoto(const QByteArray& picture) {
    const bool isPng = picture.startsWith("\x89PNG\r\n\x1a\n");
    const bool isJpeg = picture.startsWith("\xFF\xD8\xFF");
    if (!isPng && !isJpeg) {
        return {};
    }
    return QCryptographicHash::hash(picture, QCryptographicHash::Sha256).toHex().toStdString() +
           (isPng ? ".png" : ".jpg");
}

std::string Photos::keep(const QByteArray& picture) {
    return keepAsItIs(fitted(picture));
}

std::string Photos::keepAsItIs(const QByteArray& picture) {
    if (picture.size() > largestPhoto) {
        fail(QStringLiteral("is larger than %1 MB").arg(largestPhoto >> 20));
    }
    std::string name = nameOfPhoto(picture);
    if (name.empty()) {
        fail(QStringLiteral("is neither PNG nor JPEG"));
    }
    if (read(name) == picture) {
        return name;
    }
    if (!QFileInfo(folder_).isDir()) {
        if (!QDir().mkpath(folder_)) {
            throw format::FormatError(folder_.toStdString(), "cannot be made");
        }
        QFile::setPermissions(folder_, QFileDevice::ReadOwner | QFileDevice::WriteOwner | QFileDevice::ExeOwner);
    }
    writeWhole(QDir(folder_).filePath(QString::fromStdString(name)), picture);
    return name;
}

std::optional<QByteArray> Photos::read(const std::string& name) const {
    const QString path = QDir(folder_).filePath(QString::fromStdString(name));
    if (!hands::isPhotoName(name) || !QFileInfo(path).isFile()) {
        return std::nullopt;
    }
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        return std::nullopt;
    }
    QByteArray bytes = file.read(largestPhoto + 1);
    return nameOfPhoto(bytes) == name ? std::optional(std::move(bytes)) : std::nullopt;
}

}  // namespace dimglow::records
