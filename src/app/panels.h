#pragma once

#include <QFrame>
#include <QIcon>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QWidget>

#include "app/theme.h"
#include "core/driver/forecast.h"
#include "language/language.h"

/// \file
/// The small pieces that every panel is made of.

namespace dimglow::app {

using language::number;
using language::words;

/// A label in one of the theme's tones: "", "quiet", "glow", "ember", "good", "idle".
QLabel* makeLabel(const QString& words, const QFont& font, const char* tone = "", QWidget* parent = nullptr);
/// A frame in one of the theme's card styles: "true", "panel", "next", "chosen", "caution".
QFrame* makeCard(const char* style, QWidget* parent = nullptr);
/// A hairline.
QFrame* makeRule(QWidget* parent = nullptr);
/// A button that says its key: "Take reading  Space".
QPushButton* makeButton(const QString& words, const QString& key, bool primary = false, QWidget* parent = nullptr);
/// A field for one line of typing; \p id is its object name, \p name what it is called to those who cannot see it.
QLineEdit* makeField(const QString& id, const QString& name, const QString& placeholder = {},
                     const QFont& font = theme::body());
/// A tool tip that shows the words as they are, whatever signs are in them.
void setPlainToolTip(QWidget* widget, const QString& words);
/// A leaf of a calendar, in the theme's colours.
QIcon calendarIcon();
/// Changes a style property and repaints.
void restyle(QWidget* widget, const char* property, const QVariant& value);
/// Lets the field of a window that is being typed in write itself down.
void commitTyping(const QWidget& window);
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

/// A weight from −1 to 1 as a bar to the left or right of the middle.
class WeightBar : public QWidget {
    Q_OBJECT
public:
    explicit WeightBar(double weight, QWidget* parent = nullptr);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double weight_;
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
