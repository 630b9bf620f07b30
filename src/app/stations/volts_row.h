#pragma once

#include <QFrame>
#include <QLineEdit>
#include <functional>
#include <optional>

#include "app/panels.h"
#include "app/session.h"
#include "core/job/reading_text.h"

namespace dimglow::app {

/// One voltage to be measured: what and how, what a healthy set reads, a field to type the reading, the reading.
class VoltsRow : public QFrame {
    Q_OBJECT
public:
    /// Writes a reading down.
    using Take = std::function<Written(const job::TypedVolts& reading, const QString& typed)>;
    VoltsRow(const QString& title, const QString& how, Take take, QWidget* parent = nullptr);

    /// Empty while nobody knows what a healthy set reads there.
    void setExpected(const std::optional<driver::Band>& band);
    /// Empties the row when there is no reading.
    void setReading(const std::optional<evidence::Measured>& reading, const QString& words, bool within);
    void setAllowed(bool allowed);
    QLineEdit* field() const { return field_; }

signals:
    /// Up or Down was pressed in the field: -1 or 1.
    void stepped(int rows);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void commit();
    void explain();

    Take take_;
    QLabel* how_ = nullptr;
    QString howWords_;
    QLabel* expected_ = nullptr;
    QLineEdit* field_ = nullptr;
    QLabel* value_ = nullptr;
    BandGlyph* glyph_ = nullptr;
    std::optional<driver::Band> band_;
};

}  // namespace dimglow::app
