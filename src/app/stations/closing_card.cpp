#include "app/stations/closing_card.h"

#include <QApplication>
#include <QPainter>
#include <algorithm>
#include <map>
#include <utility>

#include "app/field_note.h"
#include "app/painted_text.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

using hands::ClosingStep;
using hands::Item;
using hands::Layer;

ClosingLine::ClosingLine(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("Steps of closing"));
}

QSize ClosingLine::sizeHint() const {
    return {theme::px(300), steps_.empty() ? 0 : theme::px(40)};
}

void ClosingLine::show(const std::vector<ClosingStep>& steps) {
    steps_ = steps;
    updateGeometry();
    update();
}

/// A layer has the room that its name needs, a check that of its disc; what is left is shared evenly.
std::vector<double> ClosingLine::widths() const {
    const QFontMetricsF metrics(theme::quiet());
    std::vector<double> widths;
    double sum = 0;
    for (const auto& one : steps_) {
        const double name = one.check == nullptr ? metrics.horizontalAdvance(words(one.title)) : 0;
        widths.push_back(std::max(name + theme::px(6), double(theme::px(20))));
        sum += widths.back();
    }
    for (double& one : widths) {
        one = sum <= width() ? one + (width() - sum) / double(widths.size()) : one * width() / sum;
    }
    return widths;
}

void ClosingLine::paintStep(QPainter& painter, const ClosingStep& step, const QRectF& room) const {
    const auto& p = theme::palette();
    const bool isLayer = step.check == nullptr;
    const bool isDue = step.state == ClosingStep::State::Due;
    const QColor tone = step.state == ClosingStep::State::Done  ? p.good
                        : step.state == ClosingStep::State::Bad ? p.ember
                        : isDue                                 ? p.glow
                                                                : p.quiet;
    const QPointF at(room.center().x(), theme::px(10));
    const double r = theme::px(6);
    painter.setPen(QPen(tone, isDue ? 2.5 : 1.5));
    painter.setBrush(step.state == ClosingStep::State::Done ? tone : p.panel);
    if (isLayer) {
        painter.drawRect(QRectF(at.x() - 1.3 * r, at.y() - 0.7 * r, 2.6 * r, 1.4 * r));
    } else {
        painter.drawEllipse(at, r, r);
    }
    if (step.state == ClosingStep::State::Bad) {
        painter.drawLine(at - QPointF(r, r), at + QPointF(r, r));
    }
    if (isLayer) {
        painter.setPen(isDue ? p.glow : p.quiet);
        painter.setFont(theme::quiet());
        paintRemark(painter, {room.left(), at.y() + theme::px(10), room.width(), double(theme::px(18))},
                    Qt::AlignHCenter, words(step.title));
    }
}

void ClosingLine::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const auto all = widths();
    double left = 0;
    for (std::size_t i = 0; i < steps_.size(); ++i) {
        const QRectF room(left, 0, all[i], height());
        if (i + 1 < steps_.size()) {
            painter.setPen(QPen(steps_[i].state == ClosingStep::State::Done ? p.good : p.line, 2));
            painter.drawLine(QPointF(room.center().x(), theme::px(10)),
                             QPointF(room.right() + all[i + 1] / 2, theme::px(10)));
        }
        left = room.right();
    }
    left = 0;
    for (std::size_t i = 0; i < steps_.size(); ++i) {
        paintStep(painter, steps_[i], {left, 0, all[i], double(height())});
        left += all[i];
    }
}

ClosingCard::ClosingCard(JobSession& session, QWidget* parent) : QFrame(parent), session_(session) {
    setProperty("card", "panel");
    setFocusPolicy(Qt::ClickFocus);
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(theme::px(16), theme::px(10), theme::px(16), theme::px(12));
    rows->setSpacing(theme::px(6));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("Close"), theme::strong()), 1);
    time_ = makeLabel({}, theme::quiet(), "quiet");
    time_->setObjectName(QStringLiteral("handTime"));
    head->addWidget(time_);
    rows->addLayout(head);
    gap_ = new GapQuestion(session_);
    rows->addWidget(gap_);
    line_ = new ClosingLine;
    rows->addWidget(line_);
    due_ = makeLabel({}, theme::reading(20), "glow");
    due_->setObjectName(QStringLiteral("closingDue"));
    due_->setWordWrap(true);
    rows->addWidget(due_);
    rows_ = new QVBoxLayout;
    rows_->setSpacing(theme::px(4));
    rows->addLayout(rows_);
    remainders_ = new QVBoxLayout;
    remainders_->setSpacing(theme::px(4));
    rows->addLayout(remainders_);
}

bool ClosingCard::hasWork() const {
    return !closing().steps.empty() || !session_.shown().assessment.work.lines.empty();
}

/// Of the job as it is stored, not as it was last assessed: counting does not wait.
hands::Closing ClosingCard::closing() const {
    const auto& job = session_.job();
    return hands::closingOf(job.opening, session_.trade().hands, job.set.lightKind());
}

const Layer* ClosingCard::nextLayer() const {
    return session_.job().opening.layer(closing().next);
}

bool ClosingCard::edit(const QString& label, const std::function<void(job::Job&)>& change, QWidget* field) {
    const auto written = session_.edit(label, change);
    if (!written && field != nullptr) {
        refuse(field, written.problem);
    } else if (!written) {
        emit refused(written.problem);
    } else {
        refresh();
    }
    return bool(written);
}

void ClosingCard::refresh() {
    setVisible(hasWork());
    const auto& job = session_.job();
    const auto& assessment = session_.shown().assessment;
    const auto* repair = session_.trade().repair(job.repair.option);
    const double planned =
        assessment.work.plannedMinutes +
        (repair != nullptr && repair->opensPanel
             ? hands::openingCost(job.opening, session_.trade().hands, job.set.diagonalInches()).minutes
             : 0);
    time_->setText(timeWords(hands::timeTaken(job.opening.ticks), planned));
    gap_->refresh();
    line_->show(closing().steps);
    showDue();
    showRemainders();
}

/// What is due is built anew only when it is something else: nothing moves under the hand.
void ClosingCard::showDue() {
    const auto& opening = session_.job().opening;
    const auto steps = closing().steps;
    const auto due = std::find_if(steps.begin(), steps.end(), [](const auto& step) {
        return step.state == ClosingStep::State::Due || step.state == ClosingStep::State::Bad;
    });
    const auto looks = hands::looksOpen(opening, session_.trade().hands);
    const auto* layer = due != steps.end() && due->check == nullptr ? opening.layer(due->layer) : nullptr;
    std::string key = "closed";
    if (layer != nullptr) {
        key = "layer:" + std::to_string(layer->id);
        for (const auto& item : layer->items) {
            key += "," + std::to_string(item.id);
        }
    } else if (due != steps.end()) {
        key = (due->state == ClosingStep::State::Bad ? "bad:" : "") + due->check->id;
    } else if (!looks.empty()) {
        key = looks.front()->id + ":" + std::to_string(looks.size());
    }
    if (key != shownKey_) {
        shownKey_ = key;
        const bool hasHands = hasFocus() || isAncestorOf(QApplication::focusWidget());
        clearLayout(rows_);
        counts_.clear();
        dueKey_.clear();
        if (layer != nullptr) {
            buildLayer(*layer);
        } else if (due != steps.end()) {
            buildLook(
                words(due->title),
                due->state == ClosingStep::State::Bad ? tr("It came out wrong: mend it, then look again.") : QString(),
                "check:" + due->check->id);
        } else if (!looks.empty()) {
            buildLook(words(looks.front()->title),
                      tr("%1 %2 of %3 left.")
                          .arg(words(looks.front()->how))
                          .arg(looks.size())
                          .arg(session_.trade().hands.looks.size()),
                      "look:" + looks.front()->id);
        } else {
            due_->setText(tr("Closed, looked at and listened to."));
        }
        const bool isNext = std::exchange(wantsHands_, false);
        if (hasHands || isNext) {
            enter();
        }
    }
    for (const auto& row : counts_) {
        showCount(row, *opening.item(row.item));
    }
}

/// A layer with a line for each count.
void ClosingCard::buildLayer(const Layer& layer) {
    due_->setText(tr("%1: count it in, then put it on").arg(words(hands::wordsOf(layer))));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme::px(8));
    grid->setVerticalSpacing(theme::px(4));
    grid->setColumnStretch(0, 1);
    for (const auto& item : layer.items) {
        const int at = int(counts_.size());
        CountRow row{item.id, {}, makeLabel({}, theme::quiet())};
        auto* name = makeLabel(words(hands::wordsOf(item)), theme::body());
        name->setWordWrap(true);
        grid->addWidget(name, at, 0);
        const QString says[] = {tr("in"), tr("came without"), tr("broke")};
        for (int count = 0; count < 3; ++count) {
            grid->addWidget(makeLabel(says[count], theme::quiet(), "quiet"), at, 1 + 2 * count, Qt::AlignRight);
            row.fields[std::size_t(count)] = makeCount(item, Count(count));
            grid->addWidget(row.fields[std::size_t(count)], at, 2 + 2 * count);
        }
        row.state->setMinimumWidth(theme::px(96));
        grid->addWidget(row.state, at, 7);
        counts_.push_back(row);
    }
    rows_->addLayout(grid);
    addButtons({{"allIn", tr("All of it in"), tr("Alt+I"), false, [this] { allIn(); }},
                {"layerOn", tr("%1 on").arg(words(hands::wordsOf(layer))), tr("Alt+O"), true, [this] { layerOn(); }}});
}

void ClosingCard::addButtons(const std::vector<ButtonWanted>& wanted) {
    auto* buttons = new QHBoxLayout;
    for (const auto& one : wanted) {
        auto* button = makeButton(one.says, one.key, one.isPrimary);
        button->setObjectName(QString::fromLatin1(one.name));
        button->setFocusPolicy(Qt::NoFocus);
        connect(button, &QPushButton::clicked, this, one.does);
        buttons->addWidget(button);
    }
    buttons->addStretch(1);
    rows_->addLayout(buttons);
}

QLineEdit* ClosingCard::makeCount(const Item& item, Count count) {
    const char* const ids[] = {"in:%1", "without:%1", "broke:%1"};
    const QString names[] = {tr("How many are in"), tr("How many it came without"), tr("How many broke")};
    auto* field = makeField(QString::fromLatin1(ids[int(count)]).arg(item.id), names[int(count)],
                            count == Count::In ? QStringLiteral("/ %1").arg(item.count) : QStringLiteral("0"));
    field->setFixedWidth(theme::px(count == Count::In ? 62 : 44));
    const auto commit = [this, field, id = item.id, count] { commitCount(field, id, count); };
    connect(field, &QLineEdit::editingFinished, this, commit);
    connect(field, &QLineEdit::returnPressed, this, [this, field, commit] {
        commit();
        goOnFrom(field);
    });
    return field;
}

/// Enter goes to the next count.
void ClosingCard::goOnFrom(const QLineEdit* field) {
    for (std::size_t i = 0; i + 1 < counts_.size(); ++i) {
        const auto& fields = counts_[i].fields;
        if (std::find(fields.begin(), fields.end(), field) != fields.end() && !field->isModified()) {
            counts_[i + 1].fields[0]->setFocus();
            return;
        }
    }
}

void ClosingCard::showCount(const CountRow& row, const Item& item) {
    const int values[] = {item.isIn.value_or(-1), item.cameWithout > 0 ? item.cameWithout : -1,
                          item.broke > 0 ? item.broke : -1};
    for (std::size_t count = 0; count < row.fields.size(); ++count) {
        if (!row.fields[count]->isModified()) {
            row.fields[count]->setText(values[count] < 0 ? QString() : QString::number(values[count]));
        }
    }
    const int left = hands::leftOf(item);
    row.state->setText(!item.isIn  ? tr("%1 to count").arg(left)
                       : left == 0 ? QStringLiteral("✓")
                                   : tr("%1 left over").arg(left));
    restyle(row.state, "tone", !item.isIn ? "quiet" : left == 0 ? "good" : "ember");
}

void ClosingCard::commitCount(QLineEdit* field, int id, Count count) {
    const auto* item = session_.job().opening.item(id);
    if (item == nullptr || !field->isModified()) {
        return;
    }
    std::optional<int> typed;
    if (!field->text().trimmed().isEmpty()) {
        const auto read = typed::number(field->text(), {0, double(item->count), job::Unit::None});
        if (const auto* problem = std::get_if<text::Text>(&read)) {
            refuse(field, words(*problem));
            return;
        }
        const double value = std::get<double>(read);
        if (value != double(int(value))) {
            refuse(field, tr("They are counted whole."));
            return;
        }
        typed = int(value);
    }
    field->setModified(false);
    const bool isWritten = edit(
        tr("Counted"),
        [&](job::Job& job) {
            auto& of = *job.opening.item(id);
            if (count == Count::In) {
                of.isIn = typed;
            } else {
                (count == Count::Without ? of.cameWithout : of.broke) = typed.value_or(0);
            }
        },
        field);
    field->setModified(!isWritten);  // what was not taken stays as it was typed
}

void ClosingCard::allIn() {
    commitTyping(*window());
    const auto* layer = nextLayer();
    if (layer == nullptr || !dueKey_.empty()) {
        return;
    }
    edit(tr("All of it in"), [id = layer->id](job::Job& job) {
        for (auto& item : job.opening.layer(id)->items) {
            item.isIn = item.isIn ? item.isIn : std::optional(item.count - item.cameWithout - item.broke);
        }
    });
}

void ClosingCard::layerOn() {
    commitTyping(*window());
    const auto* layer = nextLayer();
    if (layer == nullptr) {
        return;
    }
    wantsHands_ = true;
    edit(tr("%1 on").arg(words(hands::wordsOf(*layer))),
         [id = layer->id](job::Job& job) { hands::putBack(job.opening, id, isoNow()); });
}

void ClosingCard::buildLook(const QString& title, const QString& how, const std::string& key) {
    dueKey_ = key;
    due_->setText(title);
    if (!how.isEmpty()) {
        auto* label = makeLabel(how, theme::body(), "quiet");
        label->setWordWrap(true);
        rows_->addWidget(label);
    }
    addButtons({{"looksGood", tr("As it should be"), tr("Alt+G"), true, [this] { looked(true); }},
                {"looksBad", tr("Not so"), tr("Alt+N"), false, [this] { looked(false); }}});
}

void ClosingCard::looked(bool isGood) {
    if (dueKey_.empty()) {
        return;
    }
    wantsHands_ = true;
    edit(due_->text(), [key = dueKey_, isGood](job::Job& job) {
        job.opening.ticks.push_back({key, isoNow(), !isGood});
    });
}

/// What is left over, each until it is found or signed off in words.
void ClosingCard::showRemainders() {
    const auto rests = closing().remainders;
    QStringList key;
    for (const auto& rest : rests) {
        key << QStringLiteral("%1:%2").arg(rest.item).arg(rest.left);
    }
    if (key == shownRemainders_) {
        return;
    }
    shownRemainders_ = key;
    std::map<QString, QString> drafts;  // half typed reasons
    for (int i = 0; i < remainders_->count(); ++i) {
        for (const auto* field : remainders_->itemAt(i)->widget()->findChildren<QLineEdit*>()) {
            drafts[field->objectName()] = field->text();
        }
    }
    clearLayout(remainders_);
    for (const auto& rest : rests) {
        auto* whole = new QWidget;
        auto* row = new QHBoxLayout(whole);
        row->setContentsMargins(0, 0, 0, 0);
        auto* says = makeLabel(QStringLiteral("▲ ") + words(rest.words), theme::body(), "ember");
        says->setObjectName(QStringLiteral("remainder%1").arg(rest.item));
        says->setWordWrap(true);
        row->addWidget(says, 1);
        auto* found = makeButton(rest.isCounted ? tr("Found, and in") : tr("All of it in"), {});
        found->setObjectName(QStringLiteral("found%1").arg(rest.item));
        connect(found, &QPushButton::clicked, this, [this, id = rest.item] {
            edit(tr("Found"), [id](job::Job& job) {
                auto& item = *job.opening.item(id);
                item.isIn = item.count - item.cameWithout - item.broke;
            });
        });
        row->addWidget(found);
        auto* why = makeField(QStringLiteral("signOff%1").arg(rest.item), tr("Why it stays out"),
                              tr("or why it stays out, Enter"));
        why->setMinimumWidth(theme::px(200));
        why->setText(drafts[why->objectName()]);
        connect(why, &QLineEdit::returnPressed, this, [this, why, id = rest.item] {
            const std::string reason = why->text().trimmed().toStdString();
            if (!reason.empty()) {
                edit(
                    tr("Signed off"), [&](job::Job& job) { job.opening.item(id)->signedOff = reason; }, why);
            }
        });
        row->addWidget(why);
        remainders_->addWidget(whole);
    }
}

bool ClosingCard::enter() {
    if (closing().steps.empty()) {
        return false;
    }
    const auto open =
        std::find_if(counts_.begin(), counts_.end(), [](const auto& row) { return row.fields[0]->text().isEmpty(); });
    if (open != counts_.end()) {
        open->fields[0]->setFocus();
    } else {
        setFocus();
    }
    return true;
}

}  // namespace dimglow::app
