#pragma once

#include <gtest/gtest.h>
#include <QTemporaryDir>
#include <QtTest/QTest>
#include <memory>

#include "app/main_window.h"

namespace dimglow::test {

/// How a keyboard repeats a key that is held.
enum class Repeats { None, AsSuch, AsReleaseAndPress };

/// Someone at the bench: sees the window, presses keys, reads what stands there. Knows nothing of the program's inside
/// but the names of its fields.
class Technician {
public:
    /// \p assess takes the place of the program's own, to make it slow.
    explicit Technician(app::JobSession::Assess assess = sheet::assess);

    app::MainWindow& window() { return *window_; }
    records::Logbook& logbook() { return *logbook_; }
    QString path(const QString& name) const { return folder_.filePath(name); }
    /// Stops the program and starts it again on the same logbook.
    void restart();

    /// Fingers do not wait for the program: what a key has begun may still be under way when the next one comes.
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void type(const QString& text);
    /// How many keys were pressed so far, and how many signs typed as text beside them.
    int keys() const { return keys_; }
    int signs() const { return signs_; }
    /// Holds Space so long by the time that its events bear, and lets it go.
    void holdSpace(double seconds, Repeats repeats);
    /// Types over what the focused field holds.
    void typeOver(const QString& text);
    /// Ctrl and a digit.
    void goTo(const char* station);
    /// Measures the capacitors empty that the next probe waits for, as Ctrl+Enter leads to them.
    void makeSafe();
    /// Clicks a spot of a picture, if it is there.
    void tap(const QString& spot);
    /// Puts the focus on a field as a mouse click does; of the boards, by a click on its spot first.
    void clickInto(const QString& field);

    // Eyes do wait: each of these looks when everything has settled.

    /// Everything that can be read in the window.
    QStringList screen();
    bool sees(const QString& words);
    /// The text of a named label, field or button; empty when it is not visible.
    QString read(const QString& name);
    template <class T>
    T* find(const QString& name) {
        settle();
        return findNow<T>(name);
    }
    /// The job that is shown.
    const job::Job& job();
    void settle();

    /// As read(), without waiting.
    QString glance(const QString& name) const;

private:
    template <class T>
    T* findNow(const QString& name) const {
        for (auto* widget : window_->findChildren<T*>(name)) {
            if (widget->isVisible()) {
                return widget;
            }
        }
        return nullptr;
    }

    void sendSpace(QEvent::Type type, bool isRepeat);

    app::JobSession::Assess assess_;
    int keys_ = 0;
    int signs_ = 0;
    quint64 now_ = 1000;  ///< of the events that are made with a time, ms

    QTemporaryDir folder_;
    std::unique_ptr<records::Logbook> logbook_;
    std::unique_ptr<app::MainWindow> window_;
};

}  // namespace dimglow::test
