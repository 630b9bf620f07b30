#pragma once

#include <gtest/gtest.h>
#include <QTemporaryDir>
#include <QtTest/QTest>
#include <memory>

#include "app/main_window.h"

namespace dimglow::test {

/// Someone at the bench: sees the window, presses keys, reads what stands there. Knows nothing of the program's inside
/// but the names of its fields.
class Technician {
public:
    /// \p assess takes the place of the program's own, to make it slow.
    explicit Technician(app::JobSession::Assess assess = reasoning::assess);

    app::MainWindow& window() { return *window_; }
    records::Logbook& logbook() { return *logbook_; }
    QString path(const QString& name) const { return folder_.filePath(name); }
    /// Stops the program and starts it again on the same logbook.
    void restart();

    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    /// As fast fingers do: does not wait for anything to settle.
    void hit(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void hitAll(const QString& text);
    void type(const QString& text);
    /// Types over what the focused field holds.
    void typeOver(const QString& text);
    /// Ctrl and a digit.
    void goTo(int station);
    /// Puts the focus on a field as a mouse click does.
    void clickInto(const QString& field);

    /// Everything that can be read in the window now.
    QStringList screen() const;
    bool sees(const QString& words) const;
    /// The text of a named label, field or button; empty when it is not visible.
    QString read(const QString& name) const;
    template <class T>
    T* find(const QString& name) const {
        for (auto* widget : window_->findChildren<T*>(name)) {
            if (widget->isVisible()) {
                return widget;
            }
        }
        return nullptr;
    }

    void settle();

private:
    app::JobSession::Assess assess_;

    QTemporaryDir folder_;
    std::unique_ptr<records::Logbook> logbook_;
    std::unique_ptr<app::MainWindow> window_;
};

}  // namespace dimglow::test
