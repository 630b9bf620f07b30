#include "app/field_note.h"

#include <QAbstractButton>
#include <QEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPointer>
#include <algorithm>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

constexpr int widestNote = 380;

/// Words at a field, over whatever lies there: what is wrong with it, or how it is understood.
class FieldNote : public QLabel {
public:
    enum class Says { Wrong, Understood };

    FieldNote(QWidget* field, const QString& words, Says says)
        : QLabel(words, field->window()), field_(field), says_(says) {
        setObjectName(says == Says::Wrong ? QStringLiteral("fieldNote") : QStringLiteral("understood"));
        setTextFormat(Qt::PlainText);
        setFont(theme::quiet());
        setWordWrap(true);
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setAccessibleName(words);
        ensurePolished();  // its padding counts for its height
        place();
        show();
        raise();
        for (QWidget* above = field; above != nullptr && !above->isWindow(); above = above->parentWidget()) {
            above->installEventFilter(this);  // it may scroll away, or its station be left
        }
    }

    const QWidget* field() const { return field_; }
    Says says() const { return says_; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        switch (event->type()) {
            case QEvent::Move:
            case QEvent::Resize:
                place();
                break;
            case QEvent::Hide:
                if (field_ != nullptr && !field_->isVisible()) {
                    hide();
                    if (says_ == Says::Understood) {
                        deleteLater();
                    }
                }
                break;
            case QEvent::Show:
                if (field_ != nullptr && field_->isVisible()) {
                    place();  // what was refused is still wrong when one comes back to it
                    show();
                    raise();
                }
                break;
            default:
                break;
        }
        return QLabel::eventFilter(watched, event);
    }

private:
    void place() {
        if (field_ == nullptr) {
            return;  // it is being deleted, and this note with it
        }
        if (says_ == Says::Understood && placeInside()) {
            return;
        }
        restyle(this, "inside", false);
        setWordWrap(true);
        const QRect room = parentWidget()->rect();
        const int words = fontMetrics().horizontalAdvance(text()) + theme::px(40);
        setFixedWidth(std::min({theme::px(widestNote), room.width(), std::max(theme::px(160), words)}));
        setFixedHeight(heightForWidth(width()));
        move(bestCorner(room));
    }

    /// At the end of the field, where what is typed leaves room.
    bool placeInside() {
        const auto* line = qobject_cast<const QLineEdit*>(field_.data());
        if (line == nullptr) {
            return false;
        }
        restyle(this, "inside", true);
        setWordWrap(false);
        const int words = sizeHint().width() + theme::px(4);
        if (line->fontMetrics().horizontalAdvance(line->text()) + words + theme::px(28) > line->width()) {
            return false;
        }
        setFixedSize(words, line->height() - 4);
        move(line->mapTo(parentWidget(), QPoint(line->width() - words - 2, 2)));
        return true;
    }

    /// Below the field, above it or beside it: where it covers least of what can be pressed, typed in or read.
    QPoint bestCorner(const QRect& room) const {
        const QRect at(field_->mapTo(parentWidget(), QPoint(0, 0)), field_->size());
        const QPoint corners[] = {{at.left(), at.bottom() + 3},
                                  {at.left(), at.top() - height() - 2},
                                  {at.right() - width() + 1, at.bottom() + 3},
                                  {at.right() - width() + 1, at.top() - height() - 2},
                                  {at.right() + 3, at.top()},
                                  {at.left() - width() - 2, at.top()}};
        QPoint best;
        double least = -1;
        for (const QPoint& corner : corners) {
            const QPoint inside(std::clamp(corner.x(), 0, std::max(0, room.width() - width())),
                                std::clamp(corner.y(), 0, std::max(0, room.height() - height())));
            const double covered = coveredAt(QRect(inside, size()), at);
            if (least < 0 || covered < least) {
                best = inside;
                least = covered;
            }
        }
        return best;
    }

    /// How many pixels of other fields, buttons, notes and the key bar lie under \p place.
    double coveredAt(const QRect& place, const QRect& field) const {
        const auto area = [&](const QRect& other) {
            const QRect both = place.intersected(other);
            return both.isEmpty() ? 0.0 : double(both.width()) * both.height();
        };
        double covered = area(field);
        for (const auto* other : parentWidget()->findChildren<QWidget*>()) {
            const bool counts =
                other != this && other != field_ && other->isVisible() &&
                (qobject_cast<const QAbstractButton*>(other) != nullptr ||
                 qobject_cast<const QLineEdit*>(other) != nullptr ||
                 other->objectName() == QLatin1String("fieldNote") || other->objectName() == QLatin1String("hints"));
            covered += counts ? area(QRect(other->mapTo(parentWidget(), QPoint(0, 0)), other->size())) : 0;
        }
        return covered;
    }

    QPointer<QWidget> field_;
    Says says_;
};

void removeNotes(const QWidget* field, std::initializer_list<FieldNote::Says> which) {
    for (auto* label : field->window()->findChildren<QLabel*>(QString(), Qt::FindDirectChildrenOnly)) {
        auto* note = dynamic_cast<FieldNote*>(label);
        const bool goes = note != nullptr && note->field() == field &&
                          std::find(which.begin(), which.end(), note->says()) != which.end();
        if (goes) {
            note->setObjectName({});
            note->hide();
            note->deleteLater();
        }
    }
}

}  // namespace

void refuse(QWidget* field, const QString& reason) {
    accept(field);
    restyle(field, "wrong", true);
    if (!field->isVisible()) {
        return;
    }
    removeNotes(field, {FieldNote::Says::Understood});
    auto* note = new FieldNote(field, reason, FieldNote::Says::Wrong);
    const auto mended = [field] { accept(field); };
    QObject::connect(field, &QObject::destroyed, note, &QObject::deleteLater);
    if (auto* line = qobject_cast<QLineEdit*>(field)) {
        QObject::connect(line, &QLineEdit::textEdited, note, mended);
    } else if (auto* box = qobject_cast<QPlainTextEdit*>(field)) {
        QObject::connect(box, &QPlainTextEdit::textChanged, note, mended);
    }
}

void accept(QWidget* field) {
    restyle(field, "wrong", false);
    removeNotes(field, {FieldNote::Says::Wrong});
}

void explainTyping(QLineEdit* field, std::function<QString(const QString&)> understand) {
    QObject::connect(field, &QLineEdit::textChanged, field, [field, understand = std::move(understand)] {
        removeNotes(field, {FieldNote::Says::Understood});
        const bool isTyped = field->isModified() && field->hasFocus() && field->isVisible();
        const QString words = isTyped ? understand(field->text()) : QString();
        if (!words.isEmpty()) {
            auto* note = new FieldNote(field, words, FieldNote::Says::Understood);
            QObject::connect(field, &QObject::destroyed, note, &QObject::deleteLater);
        }
    });
    QObject::connect(field, &QLineEdit::editingFinished, field,
                     [field] { removeNotes(field, {FieldNote::Says::Understood}); });
}

}  // namespace dimglow::app
