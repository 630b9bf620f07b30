#include "language/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>
#include <memory>

namespace dimglow::language {

namespace {

/// \returns whether there is a translation
bool install(const QLocale& locale, const QString& name, const QString& folder) {
    auto translator = std::make_unique<QTranslator>(QCoreApplication::instance());
    return translator->load(locale, name, QStringLiteral("_"), folder) &&
           QCoreApplication::installTranslator(translator.release());
}

}  // namespace

void writeNumbersAs(QLocale locale) {
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    QLocale::setDefault(locale);
}

void speak(const QLocale& locale) {
    writeNumbersAs(locale);
    if (locale.language() == QLocale::English || locale.language() == QLocale::C) {
        return;
    }
    if (install(locale, QStringLiteral("dimglow"), QStringLiteral(":/translations"))) {
        install(locale, QStringLiteral("qtbase"),
                QLibraryInfo::path(QLibraryInfo::TranslationsPath));  // Qt's own words
    }
}

typing::Tongue tongue() {
    return QLocale().language() == QLocale::German ? typing::Tongue::German : typing::Tongue::English;
}

text::Language language() {
    return {
        [](const std::string& english) { return QCoreApplication::translate("core", english.c_str()).toStdString(); },
        QLocale().decimalPoint().toStdString()};
}

QString words(const text::Text& text) {
    return QString::fromStdString(text.in(language()));
}

QString number(double value, int decimals) {
    return QLocale().toString(value, 'f', decimals);
}

QString number(double value) {
    return QLocale().toString(value, 'g', 6);
}

QString counted(qint64 count, const QString& one, const QString& many) {
    return count == 1 ? one : many.arg(count);
}

}  // namespace dimglow::language
