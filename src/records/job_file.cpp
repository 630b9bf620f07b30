#include "records/job_file.h"

#include "core/format/document.h"
#include "core/job/job_json.h"
#include "records/files.h"

namespace dimglow::records {

job::Job readJobFile(const QString& path) {
    const QByteArray bytes = readWhole(path, qint64(format::longestDocument));
    try {
        return job::parseJob({bytes.constData(), std::size_t(bytes.size())});
    } catch (const format::FormatError& error) {
        throw format::FormatError(path.toStdString(), error.what());
    }
}

void writeJobFile(const job::Job& job, const QString& path) {
    writeWhole(path, QByteArray::fromStdString(job::toJson(job).dump(2) + "\n"));
}

}  // namespace dimglow::records
