#pragma once

#include <QFrame>
#include <QLineEdit>
#include <functional>
#include <optional>

#include "app/panels.h"
#include "app/session.h"

namespace dimglow::app {

/// One thing to be read after the repair: what and how, what a healthy set reads, a field to type it, what was read.
class ReadingRow : public QFrame {
    Q_OBJECT
public:
    struct Asks {
        QString title;
        QString how;
        std::optional<evidence::VoltsAsked> volts;          ///< so that there is a band, or will be
        QString example;                                    ///< in the empty field
        std::function<QString(const QString&)> understand;  ///< what is typed, in words; none where it cannot be read
        std::function<QString(const QString&)> take;        ///< writes it down; \returns what is wrong, or nothing
    };
    explicit ReadingRow(const Asks& asks, QWidget* parent = nullptr);

    /// What a healthy set reads there, V; empty while nobody knows.
    void setExpected(const std::optional<driver::Band>& band);
    /// Empties the row when there is no reading.
    void setReading(const std::optional<double>& volts, const QString& words, bool within);
    void setAllowed(bool allowed);
    QLineEdit* field() const { return field_; }
    const std::optional<evidence::VoltsAsked>& volts() const { return asks_.volts; }
    const QString& title() const { return asks_.title; }

signals:
    /// Up or Down was pressed in the field: -1 or 1.
    void stepped(int rows);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void commit();
    void explain();

    Asks asks_;
    QLabel* how_ = nullptr;
    QLabel* expected_ = nullptr;
    QLineEdit* field_ = nullptr;
    QLabel* value_ = nullptr;
    BandGlyph* glyph_ = nullptr;
    std::optional<driver::Band> band_;
};

}  // namespace dimglow::app
