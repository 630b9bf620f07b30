#include "typeface/typeface.h"

#include <fontconfig/fontconfig.h>

#include <QFontDatabase>
#include <QString>
#include <QStringList>
#include <stdexcept>

namespace dimglow::typeface {

namespace {

/// Where a machine keeps its faces, and what its owner says of them. A distribution's rules for choosing among faces
/// are left out: ours are built in, others only stand in for signs that they lack, and reading the rules takes longer
/// than loading our faces.
constexpr const char* placesOfFaces = R"(<?xml version="1.0"?>
<!DOCTYPE fontconfig SYSTEM "urn:fontconfig:fonts.dtd">
<fontconfig>
  <dir>/usr/share/fonts</dir>
  <dir>/usr/local/share/fonts</dir>
  <dir prefix="xdg">fonts</dir>
  <dir>~/.fonts</dir>
  <include ignore_missing="yes">/etc/fonts/local.conf</include>
  <include ignore_missing="yes" prefix="xdg">fontconfig/fonts.conf</include>
  <cachedir>/var/cache/fontconfig</cachedir>
  <cachedir prefix="xdg">fontconfig</cachedir>
</fontconfig>)";

void findFaces() {
    if (qEnvironmentVariableIsSet("FONTCONFIG_FILE")) {
        return;
    }
    FcConfig* places = FcConfigCreate();
    const auto* text = reinterpret_cast<const FcChar8*>(placesOfFaces);
    if (FcConfigParseAndLoadFromMemory(places, text, FcTrue) == FcTrue) {
        FcConfigSetCurrent(places);
    }
    FcConfigDestroy(places);
}

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
        findFaces();
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
