#pragma once

#include <QLineEdit>
#include <QWidget>
#include <functional>

#include "app/session.h"

namespace dimglow::app {

/// A labelled number of the job that can be typed over; a wrong one stays red and changes nothing.
class NumberField : public QWidget {
    Q_OBJECT
public:
    struct Range {
        double least = 0;
        double most = 1e6;
    };
    /// \p slot finds the number in a job; the field shows it times \p shown ("mA": 1000).
    NumberField(JobSession& session, const QString& name, const QString& id, Range range,
                std::function<double&(job::Job&)> slot, double shown = 1);
    void refresh();

signals:
    void refused(const QString& reason);

private:
    void commit();

    JobSession& session_;
    QString name_;
    Range range_;
    std::function<double&(job::Job&)> slot_;
    double shown_;
    QLineEdit* edit_;
};

}  // namespace dimglow::app
