#include "app/stations/text_box.h"

#include <QMimeData>
#include <QScrollBar>

#include "app/field_note.h"
#include "app/theme.h"
#include "core/job/limits.h"

namespace dimglow::app {

TextBox::TextBox(JobSession& session, const QString& name, const QString& id, int lines,
                 std::function<std::string&(job::Job&)> slot)
    : session_(session), name_(name), slot_(std::move(slot)) {
    setObjectName(id);
    setAccessibleName(name);
    setFont(theme::body());
    const double frame = 2 * (theme::px(7) + document()->documentMargin());
    setFixedHeight(qCeil(lines * QFontMetricsF(font()).lineSpacing() + frame));
    setTabChangesFocus(true);
}

void TextBox::refresh() {
    if (document()->isModified()) {
        return;
    }
    job::Job job = session_.shown().job;
    const QString text = QString::fromStdString(slot_(job));
    if (text != toPlainText()) {
        setPlainText(text);
        document()->setModified(false);
    }
}

bool TextBox::commit() {
    if (!document()->isModified()) {
        return true;
    }
    const std::string text = toPlainText().toStdString();
    const auto written = session_.edit(name_, [&](job::Job& job) { slot_(job) = text; });
    if (written) {
        document()->setModified(false);
        accept(this);
    } else {
        refuse(this, written.problem);
    }
    return bool(written);
}

bool TextBox::canInsertFromMimeData(const QMimeData* source) const {
    return source != nullptr && source->hasText();
}

void TextBox::insertFromMimeData(const QMimeData* source) {
    if (canInsertFromMimeData(source)) {
        textCursor().insertText(source->text().left(int(job::limits::text)));
    }
}

void TextBox::resizeEvent(QResizeEvent* event) {
    QPlainTextEdit::resizeEvent(event);
    if (!hasFocus()) {
        verticalScrollBar()->setValue(0);  // its lines were wrapped anew
    }
}

void TextBox::focusOutEvent(QFocusEvent* event) {
    QPlainTextEdit::focusOutEvent(event);
    commit();
}

}  // namespace dimglow::app
