#include "app/theme.h"

#include <algorithm>
#include <cmath>

#include "typeface/typeface.h"

namespace dimglow::app::theme {

namespace {

Mode currentMode = Mode::LampOff;
double currentOwnScale = 1;
QSize currentWindow(1280, 720);
double currentScale = 1;

void rescale() {
    constexpr double usualWidth = 1280;
    constexpr double usualHeight = 720;
    constexpr double step = 0.05;  // so that a drag of the window's edge does not dress it anew at each pixel
    const double byWindow =
        std::max(1.0, std::min(currentWindow.width() / usualWidth, currentWindow.height() / usualHeight));
    const double most =
        std::min(currentWindow.width() / double(leastWidth), currentWindow.height() / double(leastHeight));
    const double wanted = std::min(byWindow * currentOwnScale, std::max(most, 0.8));
    currentScale = std::floor(wanted / step + 1e-6) * step;
}

const Palette lampOff{QColor("#15171B"), QColor("#1D2026"), QColor("#262A32"), QColor("#363C47"),
                      QColor("#E9E6DF"), QColor("#A5A39B"), QColor("#FFB454"), QColor("#15171B"),
                      QColor("#FFD98A"), QColor("#FF6B4A"), QColor("#6FB7D6"), QColor("#7CCB8B")};
const Palette daylight{QColor("#F4F1EA"), QColor("#FFFFFF"), QColor("#FAF7F1"), QColor("#D8D2C6"),
                       QColor("#22242A"), QColor("#5D5F66"), QColor("#A65A00"), QColor("#FFFFFF"),
                       QColor("#D98A1F"), QColor("#B8321A"), QColor("#1F6C8C"), QColor("#2D7A43")};

constexpr const char* sheet = R"(
QWidget#window, QWidget#station { background: @ground; }
QWidget#side, QWidget#bar { background: @panel; }
QFrame[card="true"] { background: @raised; border: 1px solid @raised; border-radius: 8px; }
QFrame[card="panel"] { background: @panel; border: 1px solid @line; border-radius: 12px; }
QFrame[card="next"] { background: @raised; border: 1px solid @glow; border-radius: 10px; }
QFrame[card="chosen"] { background: @raised; border: 2px solid @glow; border-radius: 12px; }
QFrame[card="caution"] { background: transparent; border: 1px solid @ember; border-radius: 8px; }
QFrame[rule="true"] { background: @line; max-height: 1px; min-height: 1px; border: none; }
QLabel[tone="quiet"] { color: @quiet; }
QLabel[tone="glow"] { color: @glow; }
QLabel[tone="ember"] { color: @ember; }
QLabel[tone="good"] { color: @good; }
QLabel[tone="idle"] { color: @idle; }
QLabel[keycap="true"] { background: @raised; border: 1px solid @line; border-radius: 5px; padding: 3px 7px; }
QFrame[sheet="true"] { background: @ground; border: none; }
QPushButton { background: @raised; border: 1px solid @line; border-radius: 6px; padding: 6px 14px; min-height: @buttonpx; }
QPushButton:hover { border-color: @quiet; }
QPushButton:focus { border: 2px solid @glow; padding: 5px 13px; }
QPushButton:checked { border: 2px solid @glow; padding: 5px 13px; color: @glow; font-weight: bold; }
QPushButton:disabled { color: @quiet; }
QPushButton[primary="true"] { background: @glow; color: @onglow; border: none; font-weight: bold; }
QPushButton[primary="true"]:focus { border: 2px solid @text; }
QPushButton[edge="true"] { padding: 0; }
QPushButton[line="true"] { text-align: left; padding: 3px 9px; min-height: 0; }
QListWidget { background: @panel; border: 1px solid @line; border-radius: 8px; padding: 6px; }
QListWidget::item { padding: 5px 6px; border-radius: 6px; }
QListWidget::item:selected { background: @glow; color: @onglow; }
QLineEdit, QPlainTextEdit, QDateEdit, QComboBox, QSpinBox, QDoubleSpinBox { background: @ground; border: 1px solid @line; border-radius: 6px;
  padding: 5px 8px; min-height: @fieldpx; selection-background-color: @glow; selection-color: @onglow; }
QLineEdit[large="true"] { min-height: @largepx; }
QLineEdit:focus, QPlainTextEdit:focus, QDateEdit:focus, QComboBox:focus, QSpinBox:focus, QDoubleSpinBox:focus { border: 2px solid @glow; padding: 4px 7px; }
QLineEdit[wrong="true"], QPlainTextEdit[wrong="true"] { border: 2px solid @ember; }
QLabel#fieldNote, QLabel#notice { background: @raised; color: @ember; border: 1px solid @ember; border-radius: 6px; padding: 5px 9px; }
QLabel#understood { background: @raised; color: @quiet; border: 1px solid @line; border-radius: 6px; padding: 5px 9px; }
QLabel#understood[inside="true"] { background: @ground; border: none; padding: 0 6px; }
QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button { width: 0; border: none; }
QCheckBox { spacing: 7px; }
QCheckBox::indicator { width: @tickpx; height: @tickpx; border: 1px solid @quiet; border-radius: 4px; background: @ground; }
QCheckBox::indicator:checked { border: @markpx solid @glow; width: @corepx; height: @corepx; background: @ground; }
QCheckBox::indicator:focus { border-color: @glow; }
QMenu { background: @raised; border: 1px solid @line; padding: 6px; }
QMenu::item { padding: 7px 18px 7px 12px; border-radius: 6px; }
QMenu::item:selected { background: @ground; color: @text; }
QMenu::indicator { width: @tickpx; height: @tickpx; margin-left: 10px; border: 1px solid @quiet; border-radius: 4px; }
QMenu::indicator:checked { border: @markpx solid @glow; width: @corepx; height: @corepx; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox QAbstractItemView { background: @raised; border: 1px solid @line; selection-background-color: @glow; selection-color: @onglow; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }
QScrollBar:vertical { background: transparent; width: 8px; margin: 0; }
QScrollBar::handle:vertical { background: @line; border-radius: 4px; min-height: 30px; }
QScrollBar::add-line, QScrollBar::sub-line, QScrollBar::add-page, QScrollBar::sub-page { background: transparent; height: 0; width: 0; }
QScrollBar:horizontal { background: transparent; height: 8px; margin: 0; }
QScrollBar::handle:horizontal { background: @line; border-radius: 4px; min-width: 30px; }
QToolTip { background: @raised; color: @text; border: 1px solid @line; padding: 4px; }
QTextEdit { background: #FFFFFF; color: #22242A; border: 1px solid @line; border-radius: 8px; }
QTextBrowser#helpText { background: @panel; color: @text; border: 1px solid @line; border-radius: 8px; }
QListView#jobs { background: transparent; }
QDialog, QMessageBox, QFileDialog { background: @panel; }
)";

}  // namespace

Mode mode() {
    return currentMode;
}

void setMode(Mode mode) {
    currentMode = mode;
}

const Palette& palette() {
    return currentMode == Mode::LampOff ? lampOff : daylight;
}

double scale() {
    return currentScale;
}

double ownScale() {
    return currentOwnScale;
}

void setOwnScale(double scale) {
    currentOwnScale = scale > 0.8 ? std::min(scale, 2.0) : scale <= 0.8 ? 0.8 : 1;  // 1 when it is no number
    rescale();
}

void fitWindow(QSize window) {
    currentWindow = window;
    rescale();
}

int px(double pixels) {
    return qRound(pixels * currentScale);
}

QFont body() {
    return typeface::text(14 * currentScale);
}

QFont strong() {
    return typeface::text(14 * currentScale, QFont::Bold);
}

QFont quiet() {
    return typeface::text(12.5 * currentScale);
}

QFont heading() {
    return typeface::text(19 * currentScale, QFont::Bold);
}

QFont reading(double pixels) {
    return typeface::text(pixels * currentScale);
}

QFont columns() {
    return typeface::columns(13 * currentScale);
}

QPalette basePalette() {
    const Palette& p = palette();
    QPalette base(p.text, p.raised, p.line, p.line, p.line, p.text, p.text, p.ground, p.ground);
    base.setColor(QPalette::Highlight, p.glow);
    base.setColor(QPalette::HighlightedText, p.onGlow);
    base.setColor(QPalette::PlaceholderText, p.quiet);
    base.setColor(QPalette::ToolTipBase, p.raised);
    base.setColor(QPalette::ToolTipText, p.text);
    return base;
}

QString styleSheet() {
    const Palette& p = palette();
    QString css = QString::fromLatin1(sheet);
    const std::pair<const char*, QString> values[] = {{"@ground", p.ground.name()},
                                                      {"@panel", p.panel.name()},
                                                      {"@raised", p.raised.name()},
                                                      {"@line", p.line.name()},
                                                      {"@text", p.text.name()},
                                                      {"@quiet", p.quiet.name()},
                                                      {"@onglow", p.onGlow.name()},
                                                      {"@glow", p.glow.name()},
                                                      {"@ember", p.ember.name()},
                                                      {"@idle", p.idle.name()},
                                                      {"@good", p.good.name()},
                                                      {"@button", QString::number(px(22))},
                                                      {"@field", QString::number(px(22))},
                                                      {"@large", QString::number(px(34))},
                                                      {"@tick", QString::number(px(14))},
                                                      {"@mark", QString::number(px(4))},
                                                      {"@core", QString::number(px(14) + 2 - 2 * px(4))}};
    for (const auto& [name, value] : values) {
        css.replace(QLatin1String(name), value);
    }
    return css;
}

}  // namespace dimglow::app::theme
