#include "records/search_words.h"

#include <QRegularExpression>
#include <QStringList>

namespace dimglow::records {

QString searchWords(const job::Job& job) {
    static const QRegularExpression leadingZeros(QStringLiteral("^\\D*0*"));
    QString number = QString::fromStdString(job.id);
    number.remove(leadingZeros);
    const QString parts[] = {QString::fromStdString(job.id),          number,
                             QString::fromStdString(job.title),       QString::fromStdString(job.order.place),
                             QString::fromStdString(job.set.panel),   QString::fromStdString(job.set.maker),
                             QString::fromStdString(job.set.model),   QString::fromStdString(job.set.serial),
                             QString::fromStdString(job.order.owner), QString::fromStdString(job.order.phone),
                             QString::fromStdString(job.repair.work), QString::fromStdString(job.order.complaint)};
    QString all;
    for (const auto& part : parts) {
        all += part + QLatin1Char('\n');
    }
    return all;
}

QString matchExpression(const QString& search) {
    static const QRegularExpression spaces(QStringLiteral("\\s+"));
    QStringList words;
    for (QString word : search.split(spaces, Qt::SkipEmptyParts)) {
        const bool isWord = std::any_of(word.begin(), word.end(), [](QChar c) { return c.isLetterOrNumber(); });
        word.replace(QLatin1Char('"'), QStringLiteral("\"\""));
        // A word of signs only is in no job.
        words << (isWord ? QStringLiteral("\"%1\"*").arg(word) : QStringLiteral("\"\uE000\""));
    }
    return words.join(QLatin1Char(' '));
}

}  // namespace dimglow::records
