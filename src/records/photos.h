#pragma once

#include <QByteArray>
#include <QString>
#include <optional>
#include <string>

namespace dimglow::records {

/// Pictures of sets, in a folder beside the logbook, each under a name made of its content: `hands::Photo::name`.
///
///     const auto name = photos.keep(bytes);      // PNG or JPEG, from a file or the clipboard
///     const auto again = photos.read(name);      // empty when the folder has been moved
///
/// A picture is never changed nor deleted, so that a step that is taken back and done again finds it. The folder is
/// made with the first picture, for its owner only.
class Photos {
public:
    explicit Photos(QString folder) : folder_(std::move(folder)) {}

    const QString& folder() const { return folder_; }
    /// Keeps a picture and \returns its name; one that is larger than a screen needs is made smaller first.
    /// \throws format::FormatError when it is no picture, or cannot be written
    std::string keep(const QByteArray& picture);
    /// The same of one that must stay as it is, byte by byte. \throws format::FormatError, also when it is too large
    std::string keepAsItIs(const QByteArray& picture);
    /// Empty where there is none, or what is there is not what its name says.
    std::optional<QByteArray> read(const std::string& name) const;

private:
    QString folder_;
};

/// Of one picture, bytes.
inline constexpr qint64 largestPhoto = 8 << 20;

/// The name that a picture has by its content; empty of what is neither PNG nor JPEG.
std::string nameOfPhoto(const QByteArray& picture);

}  // namespace dimglow::records
