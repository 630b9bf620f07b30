#include "app/stations/board_entry.h"

#include <QHBoxLayout>
#include <QKeyEvent>

#include "app/theme.h"
#include "core/evidence/point_seen.h"

namespace dimglow::app {

BoardEntry::BoardEntry(SwitchOnChart* chart, QWidget* parent) : QFrame(parent), chart_(chart) {
    setProperty("card", "next");
    setMinimumHeight(theme::px(186));  // what stands in it stays where it is when its notes change
    columns_ = new QHBoxLayout(this);
    columns_->setContentsMargins(theme::px(16), theme::px(10), theme::px(14), theme::px(10));
    columns_->setSpacing(theme::px(18));
    auto* left = new QVBoxLayout;
    left->setSpacing(theme::px(4));
    title_ = makeLabel({}, theme::heading());
    title_->setObjectName(QStringLiteral("spotTitle"));
    title_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    left->addWidget(title_);
    how_ = makeLabel({}, theme::quiet(), "quiet");
    how_->setWordWrap(true);
    left->addWidget(how_);
    addTyping(left);
    addPrinted(left);
    auto* answers = new QWidget;
    choices_ = new QHBoxLayout(answers);
    choices_->setContentsMargins(0, 0, 0, 0);
    left->addWidget(answers);
    note_ = makeLabel({}, theme::quiet());
    note_->setObjectName(QStringLiteral("spotNote"));
    note_->setWordWrap(true);
    belowNote_ = new QVBoxLayout;
    belowNote_->addWidget(note_);
    left->addLayout(belowNote_);
    left->addStretch();
    columns_->addLayout(left);
    addRight();
}

/// The field of the reading.
void BoardEntry::addTyping(QVBoxLayout* left) {
    typing_ = new QWidget;
    auto* line = new QHBoxLayout(typing_);
    line->setContentsMargins(0, 0, 0, 0);
    field_ = new QLineEdit;
    field_->setProperty("large", true);
    field_->installEventFilter(this);
    line->addWidget(field_, 1);
    write_ = makeButton(tr("Write"), tr("Enter"));
    write_->setFocusPolicy(Qt::NoFocus);
    line->addWidget(write_);
    left->addWidget(typing_);
    const auto fitFont = [this](const QString& text) {
        field_->setFont(text.isEmpty() ? theme::body() : theme::reading(30));  // an example is longer than a reading
    };
    fitFont({});
    connect(field_, &QLineEdit::textChanged, this, fitFont);
    connect(field_, &QLineEdit::textEdited, this, [this](const QString& text) {
        drafts_[offer_.id] = text;
        emit typed(text);
    });
    connect(field_, &QLineEdit::returnPressed, this, [this] { emit written(field_->text()); });
    connect(write_, &QPushButton::clicked, this, [this] { emit written(field_->text()); });
}

/// What is printed on a part, how it looks, and what the set does meanwhile.
void BoardEntry::addPrinted(QVBoxLayout* left) {
    printedRow_ = new QWidget;
    auto* printedLine = new QHBoxLayout(printedRow_);
    printedLine->setContentsMargins(0, 0, 0, 0);
    printed_ = makeField(QStringLiteral("printed"), tr("Printed on it"));
    connect(printed_, &QLineEdit::returnPressed, this, [this] { emit printedWritten(printed_->text()); });
    printedLine->addWidget(printed_, 1);
    looks_ = new QComboBox;
    looks_->setObjectName(QStringLiteral("looks"));
    looks_->setAccessibleName(tr("How it looks"));
    looks_->setToolTip(tr("How it looks: Alt+1 to Alt+8"));
    looks_->setFont(theme::body());
    looks_->setFixedWidth(theme::px(118));
    looks_->setFocusPolicy(Qt::NoFocus);
    looks_->setPlaceholderText(tr("looks …"));
    for (int i = 0; i < int(evidence::looksWords.size()); ++i) {
        looks_->addItem(words(evidence::wordsOf(evidence::PointSeen::Looks(i))));
    }
    connect(looks_, &QComboBox::activated, this, &BoardEntry::looked);
    printedLine->addWidget(looks_);
    state_ = makeButton({}, {});
    state_->setObjectName(QStringLiteral("setState"));
    state_->setToolTip(tr("What the set does while this is read (Alt+T)"));
    state_->setFocusPolicy(Qt::NoFocus);
    connect(state_, &QPushButton::clicked, this, &BoardEntry::nextStateWanted);
    printedLine->addWidget(state_);
    left->addWidget(printedRow_);
}

/// What each reading would mean, and the switch-on as it should run.
void BoardEntry::addRight() {
    right_ = new QWidget;
    auto* right = new QVBoxLayout(right_);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(theme::px(4));
    besideNote_ = new QVBoxLayout;
    right->addLayout(besideNote_);
    outcomes_ = new QVBoxLayout;
    outcomes_->setSpacing(theme::px(4));
    right->addLayout(outcomes_);
    right->addWidget(chart_);
    right->addStretch();
    columns_->addWidget(right_);
}

void BoardEntry::show(const EntryOffer& offer) {
    const bool isOther = offer.id != offer_.id;
    const bool printedChanged = isOther || offer.printed != offer_.printed;
    offer_ = offer;
    title_->setText(offer.title);
    setPlainToolTip(title_, offer.title);
    how_->setText(offer.how);
    note_->setText(offer.note);
    note_->setVisible(!offer.note.isEmpty());
    const bool isTyped = offer.form != EntryOffer::Form::Choices;
    typing_->setVisible(isTyped);
    field_->setObjectName(offer.id);
    field_->setAccessibleName(offer.title);
    field_->setEnabled(offer.isAllowed);
    write_->setEnabled(offer.isAllowed);
    field_->setPlaceholderText(!offer.isAllowed                        ? tr("Alt+A first")
                               : offer.form == EntryOffer::Form::Volts ? tr("volts")
                                                                       : offer.example);
    if (isOther) {
        field_->setText(drafts_[offer.id]);
    }
    printedRow_->setVisible(offer.form == EntryOffer::Form::Point);
    if (printedChanged && !printed_->hasFocus()) {
        printed_->setText(offer.printed);
    }
    printed_->setPlaceholderText(
        (offer.canBeSeen ? tr("printed on it: %1") : tr("label: %1")).arg(offer.printedExample));
    state_->setVisible(!offer.state.isEmpty());
    state_->setText(tr("%1   Alt+T").arg(offer.state));
    looks_->setVisible(offer.canBeSeen);
    looks_->setCurrentIndex(offer.looks);
    chart_->setVisible(offer.showsChart);
    const bool isPoint = offer.form == EntryOffer::Form::Point;
    (isPoint ? besideNote_ : belowNote_)->addWidget(note_);
    columns_->setStretch(0, offer.showsChart ? 5 : 6);
    columns_->setStretch(1, offer.showsChart ? 6 : 5);
    right_->setVisible(isPoint || offer.showsChart || !offer.outcomes.isEmpty());
    showChoices();
    showOutcomes();
}

void BoardEntry::showChoices() {
    clearLayout(choices_);
    for (int i = 0; i < int(offer_.choices.size()); ++i) {
        auto* button = makeButton(offer_.choices[i], QString::number(i + 1));
        button->setCheckable(true);
        button->setChecked(i == offer_.chosen);
        button->setEnabled(offer_.isAllowed);
        button->setFocusPolicy(Qt::NoFocus);
        connect(button, &QPushButton::clicked, this, [this, i] { emit chosen(i); });
        choices_->addWidget(button);
    }
    choices_->addStretch();
}

void BoardEntry::showOutcomes() {
    clearLayout(outcomes_);
    for (const auto& outcome : offer_.showsChart ? QStringList() : offer_.outcomes) {
        auto* card = makeCard("panel");
        auto* row = new QVBoxLayout(card);
        row->setContentsMargins(theme::px(10), theme::px(5), theme::px(10), theme::px(5));
        auto* label = makeLabel(outcome, theme::body());
        label->setWordWrap(true);
        row->addWidget(label);
        outcomes_->addWidget(card);
    }
}

void BoardEntry::clear() {
    drafts_.erase(offer_.id);
    field_->setText({});
}

void BoardEntry::explain(const QString& words) {
    note_->setText(words);
    note_->setVisible(!words.isEmpty());
}

bool BoardEntry::eventFilter(QObject* watched, QEvent* event) {
    if (watched == field_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        const bool isAside = (key == Qt::Key_Left || key == Qt::Key_Right) && field_->text().isEmpty();
        if (key == Qt::Key_Up || key == Qt::Key_Down || isAside) {
            emit stepped(key == Qt::Key_Right  ? 1
                         : key == Qt::Key_Left ? -1
                                               : 0,
                         key == Qt::Key_Down ? 1
                         : key == Qt::Key_Up ? -1
                                             : 0);
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

}  // namespace dimglow::app
