#pragma once

#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>
#include <functional>

namespace dimglow::app {

/// Something larger that lies over a page for a while: a title, what it holds, and Esc to put it away. What is typed in
/// it stays.
class Sheet : public QFrame {
    Q_OBJECT
public:
    /// Lies over all of \p under, and follows its size.
    Sheet(const QString& title, QWidget* under);

    /// Lies over the page, or is put away.
    void toggle();
    /// Shows it, on top, with the focus where the hands want it.
    void open();
    void putAway();

signals:
    void left();

protected:
    /// Where the focus goes when it opens.
    virtual QWidget* first() { return this; }
    /// Called whenever it opens.
    virtual void refresh() {}
    void keyPressEvent(QKeyEvent* event) override;
    /// Tab stays within the sheet.
    bool focusNextPrevChild(bool next) override;
    /// A key that works wherever in the sheet the focus is.
    void on(const QKeySequence& keys, const std::function<void()>& does);
    bool eventFilter(QObject* watched, QEvent* event) override;

    QHBoxLayout* head_ = nullptr;
    QVBoxLayout* body_ = nullptr;
};

}  // namespace dimglow::app
