#pragma once

#include <QLineEdit>
#include <QString>
#include <QWidget>
#include <functional>

namespace dimglow::app {

/// Says beside a field what is wrong with what was typed, and frames the field. The note floats over the window, so
/// nothing moves when it comes or goes; it goes when the text changes, when accept() is called and when the field is no
/// longer to be seen.
void refuse(QWidget* field, const QString& reason);
void accept(QWidget* field);

/// Has a field say, while one types in it, how that is understood: inside it where there is room, else beside it.
/// \p understand makes the words, or none where it cannot be read yet.
void explainTyping(QLineEdit* field, std::function<QString(const QString&)> understand);

}  // namespace dimglow::app
