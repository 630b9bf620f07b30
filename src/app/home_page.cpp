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
        painter->drawText(inner, Qt::AlignLeft | Qt::AlignTop, index.data(JobList::Title).toString());
        painter->setFont(theme::quiet());
        painter->setPen(p.quiet);
        painter->drawText(
            inner.adjusted(0, theme::px(21), 0, 0), Qt::AlignLeft | Qt::AlignTop,
            index.data(JobList::Id).toString() + QStringLiteral("  ·  ") + index.data(JobList::Place).toString());
        const QRectF complaint = inner.adjusted(0, theme::px(40), -theme::px(20), 0);
        painter->drawText(complaint, Qt::AlignLeft | Qt::AlignTop,
                          painter->fontMetrics().elidedText(index.data(JobList::Complaint).toString(), Qt::ElideRight,
                                                            int(complaint.width())));
        const bool done = index.data(JobList::HandedBack).toBool();
        const QDate due = index.data(JobList::Due).toDate();
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

HomePage::HomePage(const records::Logbook& logbook, QWidget* parent) : QWidget(parent) {
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
    jobs_ = new JobList(logbook, this);
    list_ = new QListView;
    list_->setObjectName(QStringLiteral("jobs"));
    list_->setAccessibleName(tr("Jobs"));
    list_->setModel(jobs_);
    list_->setItemDelegate(new JobDelegate(list_));
    list_->setUniformItemSizes(true);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    column->addWidget(list_, 1);
    connect(search_, &QLineEdit::textChanged, this, &HomePage::refresh);
    const auto choose = [this](const QModelIndex& index) { emit jobChosen(index.data(JobList::Id).toString()); };
    connect(list_, &QListView::activated, this, choose);
    connect(list_, &QListView::clicked, this, choose);
    connect(jobs_, &JobList::failed, this, &HomePage::failed);
}

void HomePage::refresh() {
    const QString current = list_->currentIndex().data(JobList::Id).toString();
    const int row = list_->currentIndex().row();
    jobs_->setSearch(search_->text());
    const bool stays = row >= 0 && jobs_->index(row).data(JobList::Id).toString() == current;
    list_->setCurrentIndex(jobs_->index(stays ? row : 0));
    const int count = jobs_->rowCount();
    count_->setText(count > 0                   ? (count == 1 ? tr("1 job") : tr("%1 jobs").arg(count))
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
            const int row = list_->currentIndex().row() + (key == Qt::Key_Down ? 1 : -1);
            list_->setCurrentIndex(jobs_->index(std::clamp(row, 0, std::max(0, jobs_->rowCount() - 1))));
            return true;
        }
        if ((key == Qt::Key_Return || key == Qt::Key_Enter) && list_->currentIndex().isValid()) {
            emit jobChosen(list_->currentIndex().data(JobList::Id).toString());
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

}  // namespace dimglow::app
