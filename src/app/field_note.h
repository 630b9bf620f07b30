#pragma once

#include <QString>
#include <QWidget>

namespace dimglow::app {

/// Says beside a field what is wrong with what was typed, and frames the field. The note floats over the window, so
/// nothing moves when it comes or goes; it goes when the text changes, when accept() is called and when the field is no
/// longer to be seen.
void refuse(QWidget* field, const QString& reason);
void accept(QWidget* field);

}  // namespace dimglow::app
