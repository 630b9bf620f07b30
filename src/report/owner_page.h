#pragma once

#include <QByteArray>
#include <QPagedPaintDevice>
#include <QPainter>
#include <QSizeF>
#include <QString>

#include "core/job/job.h"
#include "core/sheet/assessment.h"

/// \file
/// What the owner gets: one page. Nothing of the technician's cautions, no volts that nobody read off.

namespace dimglow::report {

/// Which paper is printed.
enum class Page {
    Owner,  ///< what was wrong, what was done, before and after, price and promise, advice
    Quote,  ///< before the repair: the finding, two ways to go on with price and days, yes or no
};

/// A4 at 96 dots an inch.
inline constexpr QSizeF pageSize{794, 1123};

/// Paints a page into pageSize. Needs a QApplication.
void paintPage(QPainter& painter, Page page, const job::Job& job, const sheet::Assessment& assessment,
               const knowledge::Knowledge& trade);

/// Everything that the page says, for those who cannot see it.
QString wordsOf(Page page, const job::Job& job, const sheet::Assessment& assessment, const knowledge::Knowledge& trade);

/// Prints the page on a sheet of \p device, which is told to have no margins.
void print(QPagedPaintDevice& device, Page page, const job::Job& job, const sheet::Assessment& assessment,
           const knowledge::Knowledge& trade);

/// The page as a PDF file, whole.
QByteArray pdfOf(Page page, const job::Job& job, const sheet::Assessment& assessment,
                 const knowledge::Knowledge& trade);

}  // namespace dimglow::report
