#include "tests/app/technician.h"

#include <QAbstractButton>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTextEdit>

#include "app/stopwatch.h"

namespace dimglow::test {

Technician::Technician(app::JobSession::Assess assess) : assess_(std::move(assess)) {
    restart();
}

void Technician::restart() {
    window_.reset();
    logbook_.reset();
    logbook_ = records::openLogbook(path(QStringLiteral("logbook.sqlite")));
    window_ = std::make_unique<app::MainWindow>(*logbook_, knowledge::builtInKnowledge, assess_);
    window_->resize(1280, 800);
    window_->show();
    window_->activateWindow();
    EXPECT_TRUE(QTest::qWaitForWindowActive(window_.get()));
    settle();
}

void Technician::settle() {
    window_->session().settle();
    for (int round = 0; round < 3; ++round) {
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QCoreApplication::processEvents();
    }
}

void Technician::press(Qt::Key key, Qt::KeyboardModifiers modifiers) {
    ++keys_;
    QWidget* popup = QApplication::activePopupWidget();
    QWidget* target = popup == nullptr ? QApplication::focusWidget() : popup;
    QTest::keyClick(target == nullptr ? window_.get() : target, key, modifiers);
    QCoreApplication::processEvents();
}

void Technician::type(const QString& text) {
    signs_ += int(text.size());
    for (const QChar c : text) {
        QWidget* target = QApplication::focusWidget();
        QTest::keyClicks(target == nullptr ? window_.get() : target, QString(c));
    }
    QCoreApplication::processEvents();
}

void Technician::sendSpace(QEvent::Type type, bool isRepeat) {
    QWidget* target = QApplication::focusWidget();
    QKeyEvent event(type, Qt::Key_Space, Qt::NoModifier, QStringLiteral(" "), isRepeat);
    event.setTimestamp(now_);
    QApplication::sendEvent(target == nullptr ? window_.get() : target, &event);
}

void Technician::holdSpace(double seconds, Repeats repeats) {
    constexpr quint64 firstRepeat = 400;
    constexpr quint64 repeatEvery = 33;
    const quint64 end = now_ + quint64(1000 * seconds);
    ++keys_;
    sendSpace(QEvent::KeyPress, false);
    for (now_ += firstRepeat; repeats != Repeats::None && now_ < end; now_ += repeatEvery) {
        if (repeats == Repeats::AsReleaseAndPress) {
            sendSpace(QEvent::KeyRelease, false);
        }
        sendSpace(QEvent::KeyPress, repeats == Repeats::AsSuch);
    }
    now_ = end;
    sendSpace(QEvent::KeyRelease, false);
    now_ += 300;
    QTest::qWait(app::KeyHold::gapMilliseconds + 30);  // until the program believes that the key was let go
    settle();
}

void Technician::typeOver(const QString& text) {
    press(Qt::Key_A, Qt::ControlModifier);
    press(Qt::Key_Delete);
    type(text);
}

void Technician::goTo(const char* station) {
    const auto keys = app::stationKeys(app::stationIndex(station)).front()[0];
    if (keys.key() == Qt::Key_End && qobject_cast<QPlainTextEdit*>(QApplication::focusWidget()) != nullptr) {
        goTo("takeIn");  // among lines of text it is the end of them
    }
    press(keys.key(), keys.keyboardModifiers());
}

void Technician::makeSafe() {
    constexpr int stores = 4;
    for (int i = 0; i < stores && !read(QStringLiteral("emptyFirst")).isEmpty(); ++i) {
        press(Qt::Key_Return, Qt::ControlModifier);
        if (!job().makeSafe.mainsOut) {
            press(Qt::Key_M, Qt::AltModifier);
        }
        if (!job().makeSafe.meterProven) {
            press(Qt::Key_P, Qt::AltModifier);
        }
        typeOver(QStringLiteral("0.3"));
        press(Qt::Key_Return);
    }
}

void Technician::tap(const QString& spot) {
    if (auto* widget = find<QWidget>(QStringLiteral("at:") + spot)) {
        QTest::mouseClick(widget, Qt::LeftButton);
        QCoreApplication::processEvents();
    }
}

void Technician::clickInto(const QString& field) {
    tap(field);
    auto* widget = find<QWidget>(field);
    auto* more = widget == nullptr ? find<QAbstractButton>(QStringLiteral("unfoldNumbers")) : nullptr;
    if (more != nullptr) {  // it is folded away
        QTest::mouseClick(more, Qt::LeftButton);
        widget = find<QWidget>(field);
    }
    ASSERT_NE(widget, nullptr) << field.toStdString();
    QTest::mouseClick(widget, Qt::LeftButton);
    QCoreApplication::processEvents();
}

QStringList Technician::screen() {
    settle();
    QStringList words;
    for (const auto* widget : window_->findChildren<QWidget*>()) {
        if (!widget->isVisible()) {
            continue;
        }
        if (const auto* label = qobject_cast<const QLabel*>(widget)) {
            words << label->text();
        } else if (const auto* button = qobject_cast<const QAbstractButton*>(widget)) {
            words << button->text();
        } else if (const auto* line = qobject_cast<const QLineEdit*>(widget)) {
            words << line->text();
        } else if (const auto* text = qobject_cast<const QTextEdit*>(widget)) {
            words << text->toPlainText();
        } else if (const auto* plain = qobject_cast<const QPlainTextEdit*>(widget)) {
            words << plain->toPlainText();
        } else if (!widget->accessibleDescription().isEmpty()) {
            words << widget->accessibleDescription();
        }
    }
    words.removeAll(QString());
    return words;
}

bool Technician::sees(const QString& words) {
    return screen().join(QLatin1Char('\n')).contains(words);
}

const job::Job& Technician::job() {
    settle();
    return window_->session().job();
}

QString Technician::read(const QString& name) {
    settle();
    return glance(name);
}

QString Technician::glance(const QString& name) const {
    if (const auto* label = findNow<QLabel>(name)) {
        return label->text();
    }
    if (const auto* line = findNow<QLineEdit>(name)) {
        return line->text();
    }
    if (const auto* button = findNow<QAbstractButton>(name)) {
        return button->text();
    }
    return {};
}

}  // namespace dimglow::test
