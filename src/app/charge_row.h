#pragma once

#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "core/makesafe/charge.h"

namespace dimglow::app {

/// How full a store is, on a scale of volts in decades: what may be touched and what ohms need are marked on it; what
/// nobody has measured is hatched up to what it can stand at.
class ChargeGlyph : public QWidget {
    Q_OBJECT
public:
    explicit ChargeGlyph(QWidget* parent = nullptr);
    void show(const makesafe::Charge& charge);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double placeOf(double volts) const;

    makesafe::Charge charge_;
};

/// One store of charge: what it can hold, what was measured on it, and how safe that makes it.
class ChargeRow : public QFrame {
    Q_OBJECT
public:
    explicit ChargeRow(const QString& store, QWidget* parent = nullptr);

    void show(const makesafe::Charge& charge, bool resistorStays);
    const QString& store() const { return store_; }
    QLineEdit* field() const { return field_; }

signals:
    /// Volts were typed and entered.
    void measured(double volts);
    void resistorToggled(bool stays);
    /// Up or Down was pressed in the field: -1 or 1.
    void stepped(int rows);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void commit();

    QString store_;
    QLabel* title_ = nullptr;
    QLabel* holds_ = nullptr;
    ChargeGlyph* glyph_ = nullptr;
    QLineEdit* field_ = nullptr;
    QLabel* state_ = nullptr;
    QLabel* because_ = nullptr;
    QPushButton* resistor_ = nullptr;
};

}  // namespace dimglow::app
