#include "app/home_page.h"

#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

#include "app/painted_text.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

class JobDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {theme::px(600), theme::px(98)};
    }

    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const auto& p = theme::palette();
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const QRectF card = QRectF(option.rect).adjusted(2, 4, -2, -4);
        const bool current = option.state.testFlag(QStyle::State_Selected);
        const double edge = current ? 2 : 1;
        const double corner = theme::px(10);
        painter->setPen(Qt::NoPen);  // two fills cost half of what a stroke does
        painter->setBrush(current ? p.glow : p.line);
        painter->drawRoundedRect(card, corner, corner);
        painter->setBrush(p.panel);
        painter->drawRoundedRect(card.adjusted(edge, edge, -edge, -edge), corner - edge, corner - edge);
        const QRectF inner = card.adjusted(theme::px(20), theme::px(10), -theme::px(20), -theme::px(10));
        painter->setFont(theme::strong());
        painter->setPen(p.text);
        paintRemark(*painter, inner.adjusted(0, 0, -theme::px(120), 0), Qt::AlignLeft | Qt::AlignTop,
                    index.data(JobList::Title).toString());
        painter->setFont(theme::quiet());
        painter->setPen(p.quiet);
        paintText(*painter, inner.adjusted(0, theme::px(21), 0, 0), Qt::AlignLeft | Qt::AlignTop,
                  index.data(JobList::NumberAndPlace).toString());
        const double half = 0.52 * inner.width();
        const QRectF complaint = inner.adjusted(0, theme::px(40), -half, 0);
        paintRemark(*painter, complaint, Qt::AlignLeft | Qt::AlignTop, index.data(JobList::Complaint).toString());
        const bool done = index.data(JobList::HandedBack).toBool();
        const QDate due = index.data(JobList::Due).toDate();
        const int days = int(QDate::currentDate().daysTo(due));
        painter->setFont(theme::strong());
        painter->setPen(done ? p.good : due.isValid() && days < 3 ? p.ember : p.text);
        paintText(*painter, inner, Qt::AlignRight | Qt::AlignTop,
                  done             ? HomePage::tr("handed back")
                  : !due.isValid() ? HomePage::tr("no due date")
                  : days < 0       ? HomePage::tr("%1 d late").arg(-days)
                  : days == 0      ? HomePage::tr("due today")
                  : days == 1      ? HomePage::tr("due tomorrow")
                                   : HomePage::tr("due in %1 d").arg(days));
        paintGlance(*painter, inner.adjusted(inner.width() - half + theme::px(16), theme::px(18), 0, 0), index);
        painter->restore();
    }

private:
    /// The stations in small, what is suspected, what it waits for.
    static void paintGlance(QPainter& painter, const QRectF& room, const QModelIndex& index) {
        const auto& p = theme::palette();
        const auto done = index.data(JobList::StationsDone).toList();
        const double r = theme::px(4);
        const double step = theme::px(17);
        double x = room.right() - r - step * double(std::max<qsizetype>(0, done.size() - 1));
        const double y = room.top() + theme::px(9);
        for (qsizetype i = 0; i < done.size(); ++i, x += step) {
            painter.setPen(QPen(p.quiet, 1.3));
            if (i + 1 < done.size()) {
                painter.drawLine(QPointF(x + r + 2, y), QPointF(x + step - r - 2, y));
            }
            painter.setBrush(done[i].toBool() ? QBrush(p.glow) : QBrush(Qt::NoBrush));
            painter.setPen(done[i].toBool() ? QPen(Qt::NoPen) : QPen(p.quiet, 1.3));
            painter.drawEllipse(QPointF(x, y), r, r);
        }
        const double line = theme::px(19);
        const auto words = [&](int number, const QColor& color, const QString& text) {
            painter.setPen(color);
            const QRectF at(room.left(), room.top() + number * line, room.width(), line);
            paintRemark(painter, at, Qt::AlignRight | Qt::AlignVCenter, text);
        };
        painter.setFont(theme::quiet());
        words(1, p.text, index.data(JobList::Suspected).toString());
        words(2, p.quiet, index.data(JobList::WaitsFor).toString());
    }
};

}  // namespace

HomePage::HomePage(records::Logbook& logbook, knowledge::Source trade, QWidget* parent) : QWidget(parent) {
    auto* outer = new QHBoxLayout(this);
    auto* column = new QVBoxLayout;
    column_ = column;
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
    doors_ = {import, fresh};
    column->addLayout(head);
    search_ = new QLineEdit;
    search_->setObjectName(QStringLiteral("search"));
    search_->setAccessibleName(tr("Search"));
    search_->setPlaceholderText(tr("Search number, title, place, owner, panel, complaint, finding"));
    search_->setFont(theme::body());
    search_->installEventFilter(this);
    column->addWidget(search_);
    jobs_ = new JobList(logbook, trade, this);
    list_ = new QListView;
    list_->setObjectName(QStringLiteral("jobs"));
    list_->setAccessibleName(tr("Jobs"));
    list_->setModel(jobs_);
    list_->setItemDelegate(new JobDelegate(list_));
    list_->setUniformItemSizes(true);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    column->addWidget(list_, 1);
    column->addWidget(makeNothingFound(), 1);
    connect(search_, &QLineEdit::textChanged, this, &HomePage::refresh);
    const auto choose = [this](const QModelIndex& index) { emit jobChosen(index.data(JobList::Id).toString()); };
    connect(list_, &QListView::activated, this, choose);
    connect(list_, &QListView::clicked, this, choose);
    connect(jobs_, &JobList::failed, this, &HomePage::failed);
    connect(jobs_, &JobList::searchGrew, this, [this] {
        if (!search_->text().isEmpty()) {
            refresh();
        }
    });
}

QWidget* HomePage::makeNothingFound() {
    nothingFound_ = new QWidget;
    nothingFound_->setObjectName(QStringLiteral("nothingFound"));
    auto* column = new QVBoxLayout(nothingFound_);
    column->setContentsMargins(0, theme::px(12), 0, 0);
    column->setSpacing(theme::px(12));
    sought_ = makeLabel({}, theme::body());
    sought_->setWordWrap(true);
    column->addWidget(sought_);
    auto* row = new QHBoxLayout;
    auto* all = makeButton(tr("Show all jobs"), tr("Esc"));
    auto* fresh = makeButton(tr("New job"), tr("Ctrl+N"));
    connect(all, &QPushButton::clicked, this, &HomePage::enter);
    connect(all, &QPushButton::clicked, search_, &QLineEdit::clear);
    connect(fresh, &QPushButton::clicked, this, &HomePage::newJobWanted);
    row->addWidget(all);
    row->addWidget(fresh);
    row->addStretch(1);
    column->addLayout(row);
    column->addStretch(1);
    return nothingFound_;
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
    const bool isNothingFound = count == 0 && !search_->text().isEmpty();
    const bool isEmpty = count == 0 && search_->text().isEmpty();
    if (isEmpty && firstStart_ == nullptr) {
        firstStart_ = new FirstStart;
        firstStart_->setObjectName(QStringLiteral("firstStart"));
        connect(firstStart_, &FirstStart::newJobWanted, this, &HomePage::newJobWanted);
        connect(firstStart_, &FirstStart::importWanted, this, &HomePage::importWanted);
        connect(firstStart_, &FirstStart::demoWanted, this, &HomePage::demoWanted);
        column_->addWidget(firstStart_, 1);
    }
    if (firstStart_ != nullptr) {
        firstStart_->setVisible(isEmpty);
    }
    for (auto* door : doors_) {
        door->setVisible(!isEmpty);
    }
    list_->setVisible(!isNothingFound && !isEmpty);
    nothingFound_->setVisible(isNothingFound);
    sought_->setText(
        tr("No job has all these words: in its number, title, place, owner, phone, serial number, panel, "
           "complaint, work or finding. Fewer words find more; the beginning of each is enough."));
}

void HomePage::enter() {
    refresh();
    search_->setFocus();
}

void HomePage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    jobs_->setFillingIn(true);
}

void HomePage::hideEvent(QHideEvent* event) {
    jobs_->setFillingIn(false);
    QWidget::hideEvent(event);
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
        if (key == Qt::Key_Escape && !search_->text().isEmpty()) {
            search_->clear();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

}  // namespace dimglow::app
