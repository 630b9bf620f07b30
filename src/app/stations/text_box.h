#pragma once

#include <QPlainTextEdit>
#include <functional>

#include "app/session.h"

namespace dimglow::app {

/// A text of the job over several lines, written down when the focus leaves it; a refused text stays, with the reason.
class TextBox : public QPlainTextEdit {
    Q_OBJECT
public:
    /// \p slot finds the text in a job.
    TextBox(JobSession& session, const QString& name, const QString& id, int lines,
            std::function<std::string&(job::Job&)> slot);
    void refresh();
    /// \returns false when the text could not be written down
    bool commit();

protected:
    void focusOutEvent(QFocusEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    /// Text alone, and no more than a job keeps; a clipboard may be empty.
    bool canInsertFromMimeData(const QMimeData* source) const override;
    void insertFromMimeData(const QMimeData* source) override;

private:
    JobSession& session_;
    QString name_;
    std::function<std::string&(job::Job&)> slot_;
};

}  // namespace dimglow::app
