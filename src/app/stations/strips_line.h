#pragma once

#include <QLineEdit>

#include "app/session.h"
#include "core/backlight/plain.h"

namespace dimglow::app {

/// Makes \p wired the job's backlight, unless readings refer to strips that would then be others. What \p wired does
/// not say of the driver stays.
Written rewire(JobSession& session, backlight::Backlight wired);

/// Whether the trail speaks of strips, so that their number must stay.
bool isReferredTo(const job::Job& job);

/// The one line that says what strips or lamps a set has; Enter makes them the job's.
class StripsLine : public QLineEdit {
    Q_OBJECT
public:
    explicit StripsLine(JobSession& session);

    /// Shows the job's strips, unless something is half typed.
    void refresh();

private:
    void commit();
    void commitLamps();
    /// After an edit: shows what the job has now, or says why it was refused.
    void settle(const Written& written);
    backlight::PlainDescription base() const;

    JobSession& session_;
};

}  // namespace dimglow::app
