#include "app/panels.h"

#include <QLayout>
#include <QPainter>
#include <QStyle>
#include <QTextDocument>
#include <algorithm>

#include "app/theme.h"

namespace dimglow::app {

QLabel* makeLabel(const QString& words, const QFont& font, const char* tone, QWidget* parent) {
    auto* label = new QLabel(words, parent);
    label->setFont(font);
    label->setProperty("tone", tone);
    label->setTextFormat(Qt::PlainText);
    return label;
}

QFrame* makeCard(const char* style, QWidget* parent) {
    auto* card = new QFrame(parent);
    card->setProperty("card", style);
    return card;
}

QFrame* makeRule(QWidget* parent) {
    auto* rule = new QFrame(parent);
    rule->setProperty("rule", true);
    return rule;
}

QPushButton* makeButton(const QString& words, const QString& key, bool primary, QWidget* parent) {
    auto* button = new QPushButton(key.isEmpty() ? words : words + QStringLiteral("   ") + key, parent);
    button->setFont(primary ? theme::strong() : theme::body());
    button->setProperty("primary", primary);
    button->setAccessibleName(words);
    button->setMinimumHeight(theme::px(36));
    return button;
}

QLineEdit* makeField(const QString& id, const QString& name, const QString& placeholder, const QFont& font) {
    auto* field = new QLineEdit;
    field->setObjectName(id);
    field->setAccessibleName(name);
    field->setPlaceholderText(placeholder);
    field->setFont(font);
    return field;
}

void setPlainToolTip(QWidget* widget, const QString& words) {
    widget->setToolTip(words.isEmpty() ? QString() : Qt::convertFromPlainText(words, Qt::WhiteSpaceNormal));
}

QIcon calendarIcon() {
    constexpr int side = 32;
    QPixmap leaf(side, side);
    leaf.fill(Qt::transparent);
    QPainter painter(&leaf);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme::palette().quiet, 2.5));
    painter.drawRoundedRect(QRectF(5, 7, 22, 20), 3, 3);
    painter.drawLine(QPointF(5, 13), QPointF(27, 13));
    painter.drawLine(QPointF(11, 4), QPointF(11, 9));
    painter.drawLine(QPointF(21, 4), QPointF(21, 9));
    return leaf;
}

void restyle(QWidget* widget, const char* property, const QVariant& value) {
    if (widget->property(property) != value) {
        widget->setProperty(property, value);
        widget->style()->unpolish(widget);
        widget->style()->polish(widget);
        widget->update();
    }
}

void commitTyping(const QWidget& window) {
    if (auto* focused = window.focusWidget()) {
        focused->clearFocus();
    }
}

void clearLayout(QLayout* layout) {
    while (auto* item = layout->takeAt(0)) {
        if (auto* widget = item->widget()) {
            widget->hide();
            widget->deleteLater();
        } else if (item->layout() != nullptr) {
            clearLayout(item->layout());
        }
        delete item;
    }
}

BandGlyph::BandGlyph(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

void BandGlyph::show(driver::Band band, double value, bool within) {
    band_ = band;
    value_ = value;
    within_ = within;
    setToolTip(tr("%L1 V; a healthy set reads %L2 … %L3 V")
                   .arg(value, 0, 'f', 1)
                   .arg(band.low, 0, 'f', 1)
                   .arg(band.high, 0, 'f', 1));
    setAccessibleName(within ? tr("as a healthy set") : tr("not as a healthy set"));
    update();
}

QSize BandGlyph::sizeHint() const {
    return {theme::px(78), theme::px(20)};
}

void BandGlyph::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const double span = std::max({band_.high - band_.low, 0.25 * band_.high, 0.5});
    const double low = std::min(band_.low, value_) - 0.4 * span;
    const double high = std::max(band_.high, value_) + 0.4 * span;
    const double edge = theme::px(6);
    const auto x = [&](double volts) { return edge + (width() - 2 * edge) * (volts - low) / (high - low); };
    const double middle = height() / 2.0;
    painter.setPen(QPen(p.line, theme::px(3), Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(QPointF(edge, middle), QPointF(width() - edge, middle));
    painter.setPen(QPen(p.quiet, theme::px(7), Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(QPointF(x(band_.low), middle), QPointF(x(band_.high), middle));
    painter.setPen(QPen(p.raised, 2));
    painter.setBrush(within_ ? p.good : p.ember);
    const double r = theme::px(6);
    if (within_) {
        painter.drawEllipse(QPointF(x(value_), middle), r, r);
    } else {
        painter.drawPolygon(QPolygonF{
            {x(value_), middle - r}, {x(value_) + r, middle}, {x(value_), middle + r}, {x(value_) - r, middle}});
    }
}

WeightBar::WeightBar(double weight, QWidget* parent) : QWidget(parent), weight_(std::clamp(weight, -1.0, 1.0)) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize WeightBar::sizeHint() const {
    return {theme::px(80), theme::px(9)};
}

void WeightBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const double h = theme::px(6);
    const double y = (height() - h) / 2;
    const double middle = width() / 2.0;
    const double reach = weight_ * (middle - 2);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.line);
    painter.drawRoundedRect(QRectF(0, y, width(), h), h / 2, h / 2);
    painter.setBrush(weight_ > 0 ? p.glow : p.idle);
    painter.drawRect(QRectF(std::min(middle, middle + reach), y, std::abs(reach), h));
    painter.setBrush(p.text);
    painter.drawRect(QRectF(middle - 1, 0, 2, height()));
}

ShareBar::ShareBar(double share, double before, bool leading, QWidget* parent)
    : QWidget(parent), share_(share), before_(before), leading_(leading) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize ShareBar::sizeHint() const {
    return {theme::px(100), theme::px(9)};
}

void ShareBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    const auto& p = theme::palette();
    const double h = theme::px(6);
    const double y = (height() - h) / 2;
    painter.setBrush(p.line);
    painter.drawRoundedRect(QRectF(0, y, width(), h), h / 2, h / 2);
    painter.setBrush(leading_ ? p.glow : p.quiet);
    painter.drawRoundedRect(QRectF(0, y, std::max(h, share_ * width()), h), h / 2, h / 2);
    painter.setBrush(p.text);
    painter.drawRect(QRectF(before_ * (width() - 2), 0, 2, height()));
}

}  // namespace dimglow::app
