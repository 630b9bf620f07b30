#pragma once

#include <QLocale>
#include <QString>

#include "core/text/text.h"
#include "core/typing/tongue.h"

/// \file
/// The reader's language: what the core says put into words, numbers as the reader writes them.

namespace dimglow::language {

/// Writes numbers as \p locale does from here on.
void writeNumbersAs(QLocale locale);
/// Speaks as \p locale does as well: translated where there is a translation, in English otherwise. To be called before
/// any widget is made.
void speak(const QLocale& locale);

/// The language in which the reader types.
typing::Tongue tongue();

/// How the core speaks to the reader. On the thread of the window.
text::Language language();

/// What the core says, in the reader's language. On the thread of the window.
QString words(const text::Text& text);

/// A number for the screen with so many decimals; never for a file.
QString number(double value, int decimals);
/// A number for the screen with as many digits as it needs, at most six.
QString number(double value);

/// "1 day", or "3 days": \p one as it is, \p many with the number for its %1.
QString counted(qint64 count, const QString& one, const QString& many);

}  // namespace dimglow::language
