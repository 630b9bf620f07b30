#pragma once

#include <QComboBox>
#include <QGridLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <functional>

#include "app/stations/station.h"
#include "app/wiring_board.h"
#include "core/backlight/plain.h"

namespace dimglow::app {

/// What set, which panel, what complaint, what it is worth, and how its backlight is wired.
class TakeInStation : public Station {
    Q_OBJECT
public:
    explicit TakeInStation(JobSession& session);

    /// The backlight of another job becomes this one's, if the trail allows it.
    void takeWiringFrom(const QString& path);

    void enter() override;
    std::vector<KeyHint> keys() const override;
    bool isDone() const override;

protected:
    void showJob() override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    /// A line of text bound to the job.
    struct TextField {
        QLineEdit* edit = nullptr;
        std::function<QString(const job::Job&)> read;
    };
    /// \p write returns what is wrong with the text, or nothing.
    using Write = std::function<QString(job::Job&, const QString&)>;
    void addText(QGridLayout* grid, int row, int column, const QString& name, const char* id,
                 std::function<QString(const job::Job&)> read, Write write, int span = 1);
    void commit(QLineEdit* edit, const QString& name, const Write& write);
    void rewire();
    /// The backlight as it is, as far as a plain description says it.
    backlight::PlainDescription current() const;
    /// What the form says.
    backlight::PlainDescription described() const;

    std::vector<TextField> texts_;
    QPlainTextEdit* complaint_;
    std::map<std::string, QLineEdit*> wiring_;
    QComboBox* ledClass_;
    void describe();
    /// Whether the trail speaks of strips, so that their number must stay.
    bool isReferredTo() const;
    bool accepts(const backlight::Backlight& wired);

    QLineEdit* line_;
    WiringBoard* board_;
    QLabel* summary_;
    QLabel* notes_;
};

}  // namespace dimglow::app
