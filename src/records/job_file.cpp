#include "records/job_file.h"

#include <QFile>
#include <QSaveFile>

#include "core/format/document.h"
#include "core/job/job_json.h"

namespace dimglow::records {

job::Job readJobFile(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        throw format::FormatError(path.toStdString(), file.errorString().toStdString());
    }
    const QByteArray bytes = file.read(qint64(format::longestDocument) + 1);
    try {
        return job::parseJob({bytes.constData(), std::size_t(bytes.size())});
    } catch (const format::FormatError& error) {
        throw format::FormatError(path.toStdString(), error.what());
    }
}

void writeJobFile(const job::Job& job, const QString& path) {
    QSaveFile file(path);
    const std::string text = job::toJson(job).dump(2) + "\n";
    if (!file.open(QIODevice::WriteOnly) || file.write(text.data(), qint64(text.size())) != qint64(text.size()) ||
        !file.commit()) {
        throw format::FormatError(path.toStdString(), file.errorString().toStdString());
    }
}

}  // namespace dimglow::records
