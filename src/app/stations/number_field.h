#pragma once

#include <QLineEdit>
#include <QWidget>
#include <functional>

#include "app/session.h"
#include "core/job/reading_text.h"

namespace dimglow::app {

/// A labelled number of the job that can be typed over; a wrong one stays, says why and changes nothing.
class NumberField : public QWidget {
    Q_OBJECT
public:
    /// \p slot finds the number in a job; the field shows it times \p shown ("mA": 1000).
    NumberField(JobSession& session, const QString& name, const QString& id, job::Expected expected,
                const std::function<double&(job::Job&)>& slot, double shown = 1);
    /// Of a number that nobody may have read off; emptied it is not known.
    NumberField(JobSession& session, const QString& name, const QString& id, job::Expected expected,
                const std::function<std::optional<double>&(job::Job&)>& slot);
    void refresh();

private:
    void build(const QString& id);
    void commit();

    JobSession& session_;
    QString name_;
    job::Expected expected_;
    std::function<std::optional<double>(job::Job&)> read_;
    std::function<void(job::Job&, const std::optional<double>&)> write_;
    bool mayBeUnknown_;
    QLineEdit* edit_ = nullptr;
};

}  // namespace dimglow::app
