#pragma once

#include <QFrame>
#include <QIcon>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

#include "core/driver/forecast.h"

/// \file
/// The small pieces that every panel is made of.

namespace dimglow::app {

/// A label in one of the theme's tones: "", "quiet", "glow", "ember", "good", "idle".
QLabel* makeLabel(const QString& words, const QFont& font, const char* tone = "", QWidget* parent = nullptr);
/// A frame in one of the theme's card styles: "true", "panel", "next", "chosen", "caution".
QFrame* makeCard(const char* style, QWidget* parent = nullptr);
/// A hairline.
QFrame* makeRule(QWidget* parent = nullptr);
/// A button that says its key: "Take reading  Space".
QPushButton* makeButton(const QString& words, const QString& key, bool primary = false, QWidget* parent = nullptr);
/// A tool tip that shows the words as they are, whatever signs are in them.
void setPlainToolTip(QWidget* widget, const QString& words);
/// A leaf of a calendar, in the theme's colours.
QIcon calendarIcon();
/// Changes a style property and repaints.
void restyle(QWidget* widget, const char* property, const QVariant& value);
/// Deletes everything in a layout.
void clearLayout(QLayout* layout);

/// Got against expected: the expected band on a scale, the reading as a dot in it or beside it.
class BandGlyph : public QWidget {
    Q_OBJECT
public:
    explicit BandGlyph(QWidget* parent = nullptr);
    void show(driver::Band band, double value, bool within);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    driver::Band band_;
    double value_ = 0;
    bool within_ = true;
};

/// A share of belief as a bar, with the share before the last entry as a tick.
class ShareBar : public QWidget {
    Q_OBJECT
public:
    ShareBar(double share, double before, bool leading, QWidget* parent = nullptr);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double share_;
    double before_;
    bool leading_;
};

}  // namespace dimglow::app
