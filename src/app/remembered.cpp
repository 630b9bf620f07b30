#include "app/remembered.h"

#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

#include "app/theme.h"

namespace dimglow::app::remembered {

namespace {

const QString daylightKey = QStringLiteral("daylight");
const QString scaleKey = QStringLiteral("scale");
const QString geometryKey = QStringLiteral("geometry");
const QString folderKey = QStringLiteral("folder");
const QString workshopKey = QStringLiteral("workshop");
const QString contactKey = QStringLiteral("contact");
const QString rateKey = QStringLiteral("rate");

QSettings settings() {
    return QSettings(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("dimglow"), QStringLiteral("window"));
}

}  // namespace

void applyTheme() {
    const QSettings kept = settings();
    theme::setMode(kept.value(daylightKey, false).toBool() ? theme::Mode::Daylight : theme::Mode::LampOff);
    theme::setOwnScale(kept.value(scaleKey, 1.0).toDouble());
}

void keepTheme() {
    QSettings kept = settings();
    kept.setValue(daylightKey, theme::mode() == theme::Mode::Daylight);
    kept.setValue(scaleKey, theme::ownScale());
}

QByteArray geometry() {
    return settings().value(geometryKey).toByteArray();
}

void keepGeometry(const QByteArray& geometry) {
    settings().setValue(geometryKey, geometry);
}

Workshop workshop() {
    const QSettings kept = settings();
    const double rate = kept.value(rateKey, 0.0).toDouble();
    return {kept.value(workshopKey).toString().left(200), kept.value(contactKey).toString().left(200),
            rate > 0 && rate < 1e5 ? rate : 0};
}

void keepWorkshop(const Workshop& head) {
    QSettings kept = settings();
    kept.setValue(workshopKey, head.name);
    kept.setValue(contactKey, head.contact);
    kept.setValue(rateKey, head.rate);
}

QString folder() {
    const QString last = settings().value(folderKey).toString();
    return QFileInfo(last).isDir() ? last : QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
}

void setFolder(const QString& folder) {
    settings().setValue(folderKey, folder);
}

void setFolderOf(const QString& file) {
    setFolder(QFileInfo(file).absolutePath());
}

}  // namespace dimglow::app::remembered
