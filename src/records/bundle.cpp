#include "records/bundle.h"

#include <fmt/format.h>
#include <zip.h>

#include <QFile>
#include <memory>
#include <set>

#include "core/format/document.h"
#include "core/job/job_json.h"
#include "records/files.h"

namespace dimglow::records {

namespace {

using format::FormatError;

constexpr const char* jobEntry = "job.json";
constexpr std::string_view photoFolder = "photos/";
constexpr qint64 largestBundle = 256 << 20;
constexpr zip_int64_t mostEntries = 400;

/// Closes without writing.
struct Discard {
    void operator()(zip_t* archive) const { zip_discard(archive); }
};
using Archive = std::unique_ptr<zip_t, Discard>;

struct CloseFile {
    void operator()(zip_file_t* file) const { zip_fclose(file); }
};

std::string reasonOf(zip_error_t& error) {
    std::string reason = zip_error_strerror(&error);
    zip_error_fini(&error);
    return reason;
}

/// An archive in memory; \p source stays alive beside it when it is kept.
Archive openedOn(zip_source_t* source, int flags, const std::string& path) {
    zip_error_t error;
    zip_error_init(&error);
    zip_t* archive = zip_open_from_source(source, flags, &error);
    if (archive == nullptr) {
        zip_source_free(source);
        throw FormatError(path, reasonOf(error));
    }
    zip_error_fini(&error);
    return Archive(archive);
}

/// One entry, unpacked; it may not be larger than it says, nor than \p most.
QByteArray unpacked(zip_t* archive, zip_uint64_t index, qint64 most, const std::string& where) {
    zip_stat_t stat;
    zip_stat_init(&stat);
    if (zip_stat_index(archive, index, 0, &stat) != 0 || (stat.valid & ZIP_STAT_SIZE) == 0) {
        throw FormatError(where, zip_strerror(archive));
    }
    if ((stat.valid & ZIP_STAT_ENCRYPTION_METHOD) != 0 && stat.encryption_method != ZIP_EM_NONE) {
        throw FormatError(where, "is encrypted");
    }
    if (stat.size > zip_uint64_t(most)) {
        throw FormatError(where, fmt::format("unpacks to {} bytes; at most {}", stat.size, most));
    }
    const std::unique_ptr<zip_file_t, CloseFile> file(zip_fopen_index(archive, index, 0));
    if (file == nullptr) {
        throw FormatError(where, zip_strerror(archive));
    }
    QByteArray bytes(qsizetype(stat.size) + 1, '\0');
    const zip_int64_t got = zip_fread(file.get(), bytes.data(), zip_uint64_t(bytes.size()));
    char more = 0;
    if (got != zip_int64_t(stat.size) || zip_fread(file.get(), &more, 1) != 0) {  // its checksum is held at the end
        throw FormatError(where, "is damaged");
    }
    bytes.resize(qsizetype(got));
    return bytes;
}

void addEntry(zip_t* archive, const std::string& name, const QByteArray& bytes, bool isPacked,
              const std::string& path) {
    zip_source_t* source = zip_source_buffer(archive, bytes.constData(), zip_uint64_t(bytes.size()), 0);
    const zip_int64_t index = source == nullptr ? -1 : zip_file_add(archive, name.c_str(), source, ZIP_FL_ENC_UTF_8);
    if (index < 0) {
        zip_source_free(source);
        throw FormatError(path, zip_strerror(archive));
    }
    zip_set_file_compression(archive, zip_uint64_t(index), isPacked ? ZIP_CM_DEFLATE : ZIP_CM_STORE, 0);
    zip_file_set_mtime(archive, zip_uint64_t(index), 0, 0);  // the same job is the same file
}

}  // namespace

bool isBundle(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) && file.read(4) == QByteArray("PK\x03\x04", 4);
}

int writeBundle(const job::Job& job, const Photos& photos, const QString& path) {
    const std::string name = path.toStdString();
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source = zip_source_buffer_create(nullptr, 0, 0, &error);
    if (source == nullptr) {
        throw FormatError(name, reasonOf(error));
    }
    Archive archive = openedOn(source, ZIP_CREATE | ZIP_TRUNCATE, name);
    zip_source_keep(source);
    const std::unique_ptr<zip_source_t, decltype(&zip_source_free)> kept(source, &zip_source_free);
    const QByteArray document = QByteArray::fromStdString(job::toJson(job).dump(2) + "\n");
    addEntry(archive.get(), jobEntry, document, true, name);
    std::vector<QByteArray> pictures;  // read when the archive is closed
    pictures.reserve(job.opening.photos.size());
    std::set<std::string> written;
    int missing = 0;
    qint64 total = document.size();
    for (const auto& photo : job.opening.photos) {
        if (!written.insert(photo.name).second) {
            continue;
        }
        if (auto picture = photos.read(photo.name)) {
            total += picture->size();
            if (total > largestBundle) {  // nobody could read it back
                throw FormatError(name, fmt::format("would be larger than {} MB", largestBundle >> 20));
            }
            pictures.push_back(std::move(*picture));
            addEntry(archive.get(), std::string(photoFolder) + photo.name, pictures.back(), false, name);
        } else {
            ++missing;
        }
    }
    if (zip_close(archive.get()) != 0) {
        throw FormatError(name, zip_strerror(archive.get()));
    }
    (void)archive.release();  // closing freed it
    zip_stat_t stat;
    zip_stat_init(&stat);
    if (zip_source_stat(source, &stat) != 0 || zip_source_open(source) != 0) {
        throw FormatError(name, "cannot be packed");
    }
    QByteArray bytes(qsizetype(stat.size), '\0');
    const zip_int64_t got = zip_source_read(source, bytes.data(), stat.size);
    zip_source_close(source);
    if (got != zip_int64_t(stat.size)) {
        throw FormatError(name, "cannot be packed");
    }
    writeWhole(path, bytes);
    return missing;
}

job::Job readBundle(const QString& path, Photos& photos) {
    const std::string name = path.toStdString();
    const QByteArray bytes = readWhole(path, largestBundle);
    if (bytes.size() > largestBundle) {
        throw FormatError(name, fmt::format("is larger than {} MB", largestBundle >> 20));
    }
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source = zip_source_buffer_create(bytes.constData(), zip_uint64_t(bytes.size()), 0, &error);
    if (source == nullptr) {
        throw FormatError(name, reasonOf(error));
    }
    const Archive archive = openedOn(source, ZIP_RDONLY | ZIP_CHECKCONS, name);
    const zip_int64_t entries = zip_get_num_entries(archive.get(), 0);
    if (entries > mostEntries) {
        throw FormatError(name, fmt::format("holds {} files; at most {}", entries, mostEntries));
    }
    std::optional<job::Job> job;
    std::vector<QByteArray> pictures;
    qint64 total = 0;
    for (zip_int64_t i = 0; i < entries; ++i) {
        const char* entry = zip_get_name(archive.get(), zip_uint64_t(i), ZIP_FL_ENC_GUESS);
        const std::string called = entry == nullptr ? "?" : entry;
        const std::string where = name + ": " + called.substr(0, 100);
        if (called == jobEntry && !job) {
            const auto text = unpacked(archive.get(), zip_uint64_t(i), qint64(format::longestDocument), where);
            try {
                job = job::parseJob({text.constData(), std::size_t(text.size())});
            } catch (const FormatError& problem) {
                throw FormatError(where, problem.what());
            }
        } else if (called.starts_with(photoFolder) && hands::isPhotoName(called.substr(photoFolder.size()))) {
            pictures.push_back(unpacked(archive.get(), zip_uint64_t(i), largestPhoto, where));
            if (nameOfPhoto(pictures.back()) != called.substr(photoFolder.size())) {
                throw FormatError(where, "is not the picture that its name says");
            }
            total += pictures.back().size();
        } else {
            throw FormatError(where, "has no place in a job's file");
        }
        if (total > largestBundle) {
            throw FormatError(name, fmt::format("unpacks to more than {} MB", largestBundle >> 20));
        }
    }
    if (!job) {
        throw FormatError(name, "holds no job.json");
    }
    for (const auto& picture : pictures) {
        photos.keepAsItIs(picture);
    }
    return *job;
}

}  // namespace dimglow::records
