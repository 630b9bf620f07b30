#pragma once

#include <QByteArray>
#include <QPagedPaintDevice>
#include <QTextDocument>
#include <memory>

#include "core/job/job.h"
#include "core/sheet/assessment.h"

namespace dimglow::report {

/// The report of a job, laid out for A4: identity, complaint, evidence with expected ranges, cause, work, readings
/// before and after, soak chart, advice and cautions. Needs a QApplication.
std::unique_ptr<QTextDocument> compose(const job::Job& job, const sheet::Assessment& assessment,
                                       const knowledge::Knowledge& trade);

/// Prints the document on as many sheets of \p device as it takes.
void print(QPagedPaintDevice& device, QTextDocument& document);

/// The document as a PDF file, whole.
QByteArray pdfOf(QTextDocument& document);

}  // namespace dimglow::report
