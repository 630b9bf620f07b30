#include <gtest/gtest.h>

#include <QApplication>
#include <QSettings>
#include <QTemporaryDir>

#include "language/language.h"
#include "typeface/typeface.h"

int main(int argc, char** argv) {
    if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) {
        qputenv("QT_QPA_PLATFORM", "offscreen");
    }
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("dimglow-tests"));
    const QTemporaryDir settings;  // what the window remembers is not the user's
    QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, settings.path());
    dimglow::typeface::load();
    dimglow::language::writeNumbersAs(QLocale());
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
