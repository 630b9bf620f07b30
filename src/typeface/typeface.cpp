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

struct Families {
    QString text;
    QString columns;
};

const Families& families() {
    static const Families loaded = [] {
        Families f;
        f.text = loadFace(QStringLiteral("B612-Regular.otf"));
        loadFace(QStringLiteral("B612-Bold.otf"));
        f.columns = loadFace(QStringLiteral("B612Mono-Regular.otf"));
        return f;
    }();
    return loaded;
}

QFont sized(const QString& family, double pixels) {
    QFont font(family);
    font.setPixelSize(qRound(pixels));
    font.setStyleStrategy(QFont::PreferAntialias);
    return font;
}

}  // namespace

void load() {
    families();
}

QFont text(double pixels, QFont::Weight weight) {
    QFont font = sized(families().text, pixels);
    font.setWeight(weight);
    return font;
}

QFont columns(double pixels) {
    return sized(families().columns, pixels);
}

}  // namespace dimglow::typeface
