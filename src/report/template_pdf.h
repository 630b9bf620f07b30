#pragma once

#include <QByteArray>

#include "core/job/job.h"
#include "core/plan/universal.h"

namespace dimglow::report {

/// The template of universal strips at its true size on as many A4 sheets as it takes, each with its place, a measure
/// of plan::measureMm to check the print by, and marks where the next sheet is laid on. Needs a QApplication.
QByteArray templatePdf(const plan::UniversalTask& task, const plan::UniversalPlan& plan, const job::Job& job);

}  // namespace dimglow::report
