#include "tests/app/technician.h"

#include <QAbstractButton>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTextEdit>

namespace dimglow::test {

Technician::Technician(app::JobSession::Assess assess) : assess_(std::move(assess)) {
    restart();
}

void Technician::restart() {
    window_.reset();
    logbook_.reset();
    logbook_ = std::make_unique<records::Logbook>(path(QStringLiteral("logbook.sqlite")));
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
    QWidget* popup = QApplication::activePopupWidget();
    QWidget* target = popup == nullptr ? QApplication::focusWidget() : popup;
    QTest::keyClick(target == nullptr ? window_.get() : target, key, modifiers);
    QCoreApplication::processEvents();
}

void Technician::type(const QString& text) {
    for (const QChar c : text) {
        QWidget* target = QApplication::focusWidget();
        QTest::keyClicks(target == nullptr ? window_.get() : target, QString(c));
    }
    QCoreApplication::processEvents();
}

void Technician::typeOver(const QString& text) {
    press(Qt::Key_A, Qt::ControlModifier);
    press(Qt::Key_Delete);
    type(text);
}

void Technician::goTo(int station) {
    press(Qt::Key(Qt::Key_0 + station), Qt::ControlModifier);
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
