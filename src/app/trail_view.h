#pragma once

#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/session.h"
#include "core/job/trail_lines.h"

namespace dimglow::app {

/// What is known, in time order: each entry a card with its value big and a glyph of got against expected.
/// Up and Down walk the cards, Delete takes the selected entry back (undoable). Of a long trail the last cards are
/// shown, earlier ones when they are asked for.
class TrailView : public QWidget {
    Q_OBJECT
public:
    explicit TrailView(JobSession& session, QWidget* parent = nullptr);

    /// Shows the session's trail anew.
    void refresh();

signals:
    void refused(const QString& reason);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    QWidget* makeEntry(const job::TrailLine& line, int replaced);
    void showSelection();

    JobSession& session_;
    QScrollArea* scroll_ = nullptr;
    QWidget* list_ = nullptr;
    QLabel* count_ = nullptr;
    std::size_t most_ = 0;  ///< cards shown, the last ones
    std::vector<std::pair<int, QFrame*>> cards_;
    int selected_ = -1;
};

}  // namespace dimglow::app
