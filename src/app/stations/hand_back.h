#pragma once

#include <QLineEdit>
#include <QTextDocument>
#include <QTextEdit>
#include <memory>

#include "app/stations/station.h"
#include "app/stations/text_box.h"

namespace dimglow::app {

/// The report as it will be printed, saved as PDF, and the job as JSON.
class HandBackStation : public Station {
    Q_OBJECT
public:
    explicit HandBackStation(JobSession& session);
    ~HandBackStation() override;

    void enter() override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;

private:
    void save(const QString& suffix);

    QTextEdit* preview_ = nullptr;
    TextBox* work_ = nullptr;
    QLineEdit* folder_ = nullptr;
    QLabel* result_ = nullptr;
    QString replaceable_;  ///< the file that the next save may replace
    std::unique_ptr<QTextDocument> document_;
};

}  // namespace dimglow::app
