#include "app/home_page.h"

#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

enum Role { Id = Qt::UserRole, Title, Place, Complaint, Due, HandedBack };

class JobDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {theme::px(600), theme::px(94)};
    }

    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const auto& p = theme::palette();
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const QRectF card = QRectF(option.rect).adjusted(2, 4, -2, -4);
        const bool current = option.state.testFlag(QStyle::State_Selected);
        painter->setPen(QPen(current ? p.glow : p.line, current ? 2 : 1));
        painter->setBrush(p.panel);
        painter->drawRoundedRect(card, theme::px(10), theme::px(10));
        const QRectF inner = card.adjusted(theme::px(20), theme::px(10), -theme::px(20), -theme::px(10));
        painter->setFont(theme::strong());
        painter->setPen(p.text);
        painter->drawText(inner, Qt::AlignLeft | Qt::AlignTop, index.data(Title).toString());
        painter->setFont(theme::quiet());
        painter->setPen(p.quiet);
        painter->drawText(inner.adjusted(0, theme::px(21), 0, 0), Qt::AlignLeft | Qt::AlignTop,
                          index.data(Id).toString() + QStringLiteral("  ·  ") + index.data(Place).toString());
        painter->drawText(inner.adjusted(0, theme::px(40), -theme::px(190), 0), Qt::AlignLeft | Qt::AlignTop,
                          index.data(Complaint).toString());
        const bool done = index.data(HandedBack).toBool();
        const QDate due = index.data(Due).toDate();
        const int days = int(QDate::currentDate().daysTo(due));
        painter->setFont(theme::strong());
        painter->setPen(done ? p.good : due.isValid() && days < 3 ? p.ember : p.text);
        painter->drawText(inner, Qt::AlignRight | Qt::AlignTop,
                          done             ? HomePage::tr("handed back")
                          : !due.isValid() ? HomePage::tr("no due date")
                          : days < 0       ? HomePage::tr("%1 d late").arg(-days)
                                           : HomePage::tr("due in %1 d").arg(days));
        painter->restore();
    }
};

}  // namespace

HomePage::HomePage(records::Logbook& logbook, QWidget* parent) : QWidget(parent), logbook_(logbook) {
    setObjectName(QStringLiteral("page"));
    setAttribute(Qt::WA_StyledBackground);
    auto* outer = new QHBoxLayout(this);
    auto* column = new QVBoxLayout;
    column->setContentsMargins(theme::px(20), theme::px(26), theme::px(20), theme::px(12));
    column->setSpacing(theme::px(12));
    outer->addStretch(1);
    outer->addLayout(column, 8);
    outer->addStretch(1);
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("On the bench"), theme::reading(26)));
    count_ = makeLabel({}, theme::body(), "quiet");
    head->addWidget(count_, 1, Qt::AlignBottom);
    auto* fresh = makeButton(tr("New job"), tr("Ctrl+N"), true);
    auto* import = makeButton(tr("Import a job file"), tr("Ctrl+O"));
    connect(fresh, &QPushButton::clicked, this, &HomePage::newJobWanted);
    connect(import, &QPushButton::clicked, this, &HomePage::importWanted);
    head->addWidget(import);
    head->addWidget(fresh);
    column->addLayout(head);
    search_ = new QLineEdit;
    search_->setObjectName(QStringLiteral("search"));
    search_->setAccessibleName(tr("Search"));
    search_->setPlaceholderText(tr("Search number, title, place, panel, complaint"));
    search_->setFont(theme::body());
    search_->installEventFilter(this);
    column->addWidget(search_);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("jobs"));
    list_->setAccessibleName(tr("Jobs"));
    list_->setItemDelegate(new JobDelegate(list_));
    list_->setFrameShape(QFrame::NoFrame);
    list_->setStyleSheet(QStringLiteral("background: transparent;"));
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    column->addWidget(list_, 1);
    connect(search_, &QLineEdit::textChanged, this, &HomePage::refresh);
    connect(list_, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* item) { emit jobChosen(item->data(Id).toString()); });
    connect(list_, &QListWidget::itemClicked, this,
            [this](QListWidgetItem* item) { emit jobChosen(item->data(Id).toString()); });
}

void HomePage::refresh() {
    const QString current = list_->currentItem() == nullptr ? QString() : list_->currentItem()->data(Id).toString();
    list_->clear();
    for (const auto& job : logbook_.jobs(search_->text())) {
        auto* item = new QListWidgetItem(list_);
        item->setData(Id, job.id);
        item->setData(Title, job.title);
        item->setData(Place, job.place.isEmpty() ? job.panel : job.place + QStringLiteral("  ·  ") + job.panel);
        item->setData(Complaint, job.complaint);
        item->setData(Due, job.due);
        item->setData(HandedBack, job.handedBack);
        item->setData(Qt::AccessibleTextRole, job.id + QLatin1Char(' ') + job.title);
        if (job.id == current) {
            list_->setCurrentItem(item);
        }
    }
    if (list_->currentRow() < 0) {
        list_->setCurrentRow(0);
    }
    count_->setText(list_->count() > 0 ? (list_->count() == 1 ? tr("1 job") : tr("%1 jobs").arg(list_->count()))
                    : search_->text().isEmpty() ? tr("no jobs yet: Ctrl+N takes one in")
                                                : tr("nothing matches"));
}

void HomePage::enter() {
    refresh();
    search_->setFocus();
}

bool HomePage::eventFilter(QObject* watched, QEvent* event) {
    if (watched == search_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Up || key == Qt::Key_Down) {
            list_->setCurrentRow(
                std::clamp(list_->currentRow() + (key == Qt::Key_Down ? 1 : -1), 0, std::max(0, list_->count() - 1)));
            return true;
        }
        if ((key == Qt::Key_Return || key == Qt::Key_Enter) && list_->currentItem() != nullptr) {
            emit jobChosen(list_->currentItem()->data(Id).toString());
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

}  // namespace dimglow::app
