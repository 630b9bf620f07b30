#include "typeface/typeface.h"

#include <QFontDatabase>
#include <QString>
#include <QStringList>
#include <stdexcept>

namespace dimglow::typeface {

namespace {

QString loadFace(const QString& file) {
    const int id = QFontDatabase::addApplicationFont(QStringLiteral(":/typeface/") + file);
    const auto families = QFontDatabase::applicationFontFamilies(id);
    if (families.isEmpty()) {
        throw std::runtime_error("the built-in typeface " + file.toStdString() + " does not load");
    }
    return families.first();
}

const QString& textFamily() {
    static const QString family = [] {
        loadFace(QStringLiteral("B612-Bold.otf"));
        return loadFace(QStringLiteral("B612-Regular.otf"));
    }();
    return family;
}

const QString& columnsFamily() {
    static const QString family = loadFace(QStringLiteral("B612Mono-Regular.otf"));
    return family;
}

QFont sized(const QString& family, double pixels) {
    QFont font(family);
    font.setPixelSize(qRound(pixels));
    font.setStyleStrategy(QFont::PreferAntialias);
    font.setHintingPreference(QFont::PreferFullHinting);
    return font;
}

}  // namespace

void load() {
    textFamily();
}

QFont text(double pixels, QFont::Weight weight) {
    QFont font = sized(textFamily(), pixels);
    font.setWeight(weight);
    return font;
}

QFont columns(double pixels) {
    return sized(columnsFamily(), pixels);
}

}  // namespace dimglow::typeface
