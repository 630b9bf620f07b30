#pragma once

#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTextDocument>
#include <QTextEdit>
#include <memory>

#include "app/stations/station.h"

namespace dimglow::app {

/// The report as it will be printed, saved as PDF, and the job as JSON.
class HandBackStation : public Station {
    Q_OBJECT
public:
    explicit HandBackStation(JobSession& session);
    ~HandBackStation() override;

    void enter() override;
    std::vector<KeyHint> keys() const override;
    bool isDone() const override;

protected:
    void showJob() override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void save(const QString& suffix);

    QTextEdit* preview_;
    QPlainTextEdit* work_;
    QLineEdit* folder_;
    QLabel* result_;
    std::unique_ptr<QTextDocument> document_;
};

}  // namespace dimglow::app
