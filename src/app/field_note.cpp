#include "app/field_note.h"

#include <QEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPointer>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

constexpr int widestNote = 380;

class FieldNote : public QLabel {
public:
    FieldNote(QWidget* field, const QString& reason) : QLabel(reason, field->window()), field_(field) {
        setObjectName(QStringLiteral("fieldNote"));
        setTextFormat(Qt::PlainText);
        setFont(theme::quiet());
        setWordWrap(true);
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setAccessibleName(reason);
        ensurePolished();  // its padding counts for its height
        place();
        show();
        raise();
        for (QWidget* above = field; above != nullptr && !above->isWindow(); above = above->parentWidget()) {
            above->installEventFilter(this);  // it may scroll away, or its station be left
        }
    }

    const QWidget* field() const { return field_; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        switch (event->type()) {
            case QEvent::Move:
            case QEvent::Resize:
                place();
                break;
            case QEvent::Hide:
                if (field_ != nullptr && !field_->isVisible()) {
                    restyle(field_, "wrong", false);
                    deleteLater();
                    hide();
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
        const QRect room = parentWidget()->rect();
        const QSize size = QLabel(text()).sizeHint();
        setFixedWidth(
            std::min({theme::px(widestNote), room.width(), std::max(theme::px(160), size.width() + theme::px(40))}));
        setFixedHeight(heightForWidth(width()));
        const QPoint corner = field_->mapTo(parentWidget(), QPoint(0, field_->height() + 2));
        const bool above = corner.y() + height() > room.height();
        const int y = above ? field_->mapTo(parentWidget(), QPoint(0, 0)).y() - height() - 2 : corner.y();
        move(std::clamp(corner.x(), 0, std::max(0, room.width() - width())), y);
    }

    QPointer<QWidget> field_;
};

FieldNote* noteOf(const QWidget* field) {
    for (auto* label :
         field->window()->findChildren<QLabel*>(QStringLiteral("fieldNote"), Qt::FindDirectChildrenOnly)) {
        auto* note = dynamic_cast<FieldNote*>(label);
        if (note != nullptr && note->field() == field && !note->isHidden()) {
            return note;
        }
    }
    return nullptr;
}

}  // namespace

void refuse(QWidget* field, const QString& reason) {
    accept(field);
    restyle(field, "wrong", true);
    if (!field->isVisible()) {
        return;
    }
    auto* note = new FieldNote(field, reason);
    const auto mended = [field, note] {
        restyle(field, "wrong", false);
        note->hide();
        note->deleteLater();
    };
    QObject::connect(field, &QObject::destroyed, note, &QObject::deleteLater);
    if (auto* line = qobject_cast<QLineEdit*>(field)) {
        QObject::connect(line, &QLineEdit::textEdited, note, mended);
    } else if (auto* box = qobject_cast<QPlainTextEdit*>(field)) {
        QObject::connect(box, &QPlainTextEdit::textChanged, note, mended);
    }
}

void accept(QWidget* field) {
    restyle(field, "wrong", false);
    if (auto* note = noteOf(field)) {
        note->hide();
        note->deleteLater();
    }
}

}  // namespace dimglow::app
