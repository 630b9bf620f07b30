#include "app/stations/rework.h"

#include <QKeyEvent>
#include <QShortcut>
#include <algorithm>
#include <utility>

#include "app/field_note.h"
#include "app/pads_picture.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

using hands::WorkLine;

namespace {

const job::Expected anyReading{-1e5, 1e5, job::Unit::Volts};

QString titleOf(const WorkLine& line) {
    const QString title = words(line.step.title);
    return line.place.empty() ? title : QStringLiteral("%1 · %2").arg(words(line.place), title);
}

}  // namespace

ReworkStation::ReworkStation(JobSession& session) : Station(session, QStringLiteral("rework"), tr("Rework")) {
    auto* head = new QHBoxLayout;
    option_ = makeLabel({}, theme::reading(20));
    option_->setObjectName(QStringLiteral("workOf"));
    option_->setWordWrap(true);
    head->addWidget(option_, 1);
    time_ = makeLabel({}, theme::body(), "quiet");
    time_->setObjectName(QStringLiteral("workTime"));
    head->addWidget(time_);
    body_->addLayout(head);
    gap_ = new GapQuestion(session_);
    body_->addWidget(gap_);
    lines_ = new QVBoxLayout;
    lines_->setSpacing(theme::px(4));
    body_->addLayout(lines_);
    map_ = new BacklightMap;
    map_->setFocusPolicy(Qt::NoFocus);
    map_->setAttribute(Qt::WA_TransparentForMouseEvents);
    body_->addWidget(map_, 1);
    body_->addStretch(1);
    setFocusPolicy(Qt::StrongFocus);
    const auto onKey = [this](Qt::Key key, void (ReworkStation::*does)()) {
        auto* shortcut = new QShortcut(QKeySequence(int(Qt::ALT) | int(key)), this);
        shortcut->setContext(Qt::WidgetWithChildrenShortcut);
        shortcut->setAutoRepeat(false);
        connect(shortcut, &QShortcut::activated, this, does);
    };
    onKey(Qt::Key_D, &ReworkStation::tick);
    onKey(Qt::Key_B, &ReworkStation::tickBack);
    constexpr int mostChoices = 4;
    for (int i = 0; i < mostChoices; ++i) {
        auto* key = new QShortcut(QKeySequence(int(Qt::ALT) | (int(Qt::Key_1) + i)), this);
        key->setContext(Qt::WidgetWithChildrenShortcut);
        key->setAutoRepeat(false);
        connect(key, &QShortcut::activated, this, [this, i] { tickWith(i); });
    }
}

/// One that is done, or ahead: a line.
QWidget* ReworkStation::makeLine(const WorkLine& line, int index) {
    auto* whole = new QWidget;
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(theme::px(16), theme::px(2), theme::px(16), theme::px(2));
    row->addWidget(makeLabel(line.isDone ? QStringLiteral("✓") : QStringLiteral("○"), theme::body(),
                             line.isDone ? "good" : "quiet"));
    auto* title = makeLabel(titleOf(line), theme::body(), line.isDone ? "quiet" : "");
    title->setObjectName(QStringLiteral("step%1").arg(index));
    title->setWordWrap(true);
    row->addWidget(title, 1);
    QStringList facts;
    for (const auto& choice : line.step.choices) {
        if (choice.id == line.said) {
            facts << words(choice.title);
        }
    }
    if (line.read) {
        facts << QStringLiteral("%1 %2").arg(number(*line.read), QString::fromStdString(line.step.unit));
    }
    facts << (line.took     ? tr("%1 min").arg(number(*line.took, 0))
              : line.isDone ? QStringLiteral("—")
                            : tr("%1 min").arg(number(line.step.minutes)));
    row->addWidget(makeLabel(facts.join(QStringLiteral(" · ")), theme::quiet(), "quiet"));
    return whole;
}

/// The one that glows, with its caution and the reading that proves it.
QWidget* ReworkStation::makeNext(const WorkLine& line) {
    auto* card = makeCard("next");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(16), theme::px(10), theme::px(16), theme::px(10));
    rows->setSpacing(theme::px(6));
    auto* title = makeLabel(titleOf(line), theme::reading(20), "glow");
    title->setObjectName(QStringLiteral("nextStep"));
    title->setWordWrap(true);
    rows->addWidget(title);
    if (!line.step.caution.empty()) {
        auto* caution = makeLabel(QStringLiteral("⚠ ") + words(line.step.caution), theme::body(), "ember");
        caution->setObjectName(QStringLiteral("stepCaution"));
        caution->setWordWrap(true);
        rows->addWidget(caution);
    }
    if (line.step.isPerLed) {
        rows->addWidget(new PadsPicture(padsOf(line)));
    }
    if (!line.step.choices.empty()) {
        auto* choices = new QHBoxLayout;
        for (std::size_t i = 0; i < line.step.choices.size(); ++i) {
            auto* button = makeButton(words(line.step.choices[i].title), tr("Alt+%1").arg(i + 1));
            button->setObjectName(QStringLiteral("stepChoice%1").arg(i + 1));
            button->setFocusPolicy(Qt::NoFocus);
            connect(button, &QPushButton::clicked, this, [this, i] { tickWith(int(i)); });
            choices->addWidget(button);
        }
        choices->addStretch(1);
        rows->addLayout(choices);
    }
    auto* hands = new QHBoxLayout;
    reading_ = nullptr;
    if (!line.step.reads.empty()) {
        readingOf_ = line.key;
        const QString asked = words(line.step.reads);
        reading_ =
            makeField(QStringLiteral("stepReading"), asked,
                      QStringLiteral("%1, %2").arg(asked, QString::fromStdString(line.step.unit)), theme::reading(17));
        explainTyping(reading_, [](const QString& text) {
            return typed::orNothing(typed::number(text, anyReading), job::Unit::Volts);
        });
        connect(reading_, &QLineEdit::returnPressed, this, &ReworkStation::tick);
        hands->addWidget(reading_, 1);
    }
    auto* done = makeButton(tr("Done"), reading_ == nullptr ? tr("Space") : tr("Enter"), true);
    done->setObjectName(QStringLiteral("stepDone"));
    done->setFocusPolicy(Qt::NoFocus);
    connect(done, &QPushButton::clicked, this, &ReworkStation::tick);
    hands->addWidget(done);
    hands->addStretch(reading_ == nullptr ? 1 : 0);
    hands->addWidget(makeLabel(tr("about %1 min").arg(number(line.step.minutes)), theme::quiet(), "quiet"));
    rows->addLayout(hands);
    return card;
}

void ReworkStation::showJob() {
    const bool hadFocus = hasFocus() || (reading_ != nullptr && reading_->hasFocus());
    const QString draft = reading_ == nullptr ? QString() : reading_->text();
    const std::string draftOf = std::exchange(readingOf_, {});
    clearLayout(lines_);
    reading_ = nullptr;
    next_ = nullptr;
    gap_->refresh();
    const auto* chosen = session_.trade().repair(job().repair.option);
    option_->setText(chosen == nullptr      ? tr("Choose a repair at Fix plan: its steps stand here.")
                     : work().lines.empty() ? tr("%1: nothing is worked on by hand.").arg(words(chosen->title))
                                            : words(chosen->title));
    time_->setText(work().lines.empty() ? QString()
                                        : tr("%1 of %2 min planned are ticked")
                                              .arg(work().tookMinutes, 0, 'f', 0)
                                              .arg(work().plannedMinutes, 0, 'f', 0));
    for (std::size_t i = 0; i < work().lines.size(); ++i) {
        const auto& line = work().lines[i];
        const bool isNext = int(i) == work().next;
        auto* row = isNext ? makeNext(line) : makeLine(line, int(i));
        next_ = isNext ? row : next_;
        lines_->addWidget(row);
    }
    if (reading_ != nullptr && readingOf_ == draftOf) {
        reading_->setText(draft);  // half typed when something else changed
    }
    // Where the work is, and the crosses that are left there.
    map_->setVisible(!assessment().located.empty() && !work().lines.empty());
    if (map_->isVisibleTo(this)) {
        map_->show(session_.snapshot());
    }
    if (next_ != nullptr) {
        showInView(next_);
    }
    if (hadFocus) {
        enter();
    }
}

bool ReworkStation::readTyped(std::optional<double>& read) {
    if (reading_ == nullptr || reading_->text().trimmed().isEmpty()) {
        return true;
    }
    const auto typed = typed::number(reading_->text(), anyReading);
    if (const auto* problem = std::get_if<text::Text>(&typed)) {
        refuse(reading_, words(*problem));
        return false;
    }
    read = std::get<double>(typed);
    return true;
}

Written ReworkStation::record(std::optional<double> read) {
    session_.settle();  // what was ticked before decides which step this is
    const auto& order = work();
    if (order.next < 0) {
        return {tr("Every step is ticked.")};
    }
    const auto& line = order.lines[std::size_t(order.next)];
    return session_.edit(titleOf(line), [&, key = line.key](job::Job& job) {
        job.opening.ticks.push_back({"step:" + key, isoNow(), false, read, {}, {}});
    });
}

/// Which pad was said to be plus, when the LED of a step was marked.
std::string ReworkStation::padsOf(const WorkLine& line) const {
    for (const auto& other : work().lines) {
        if (other.place == line.place && !other.said.empty()) {
            return other.said;
        }
    }
    return {};
}

/// The step that glows is done, and answered.
void ReworkStation::tickWith(int choice) {
    session_.settle();
    if (work().next < 0) {
        return;
    }
    const auto& line = work().lines[std::size_t(work().next)];
    if (choice < int(line.step.choices.size())) {
        const auto& said = line.step.choices[std::size_t(choice)];
        tell(session_.edit(titleOf(line), [&, key = line.key, id = said.id](job::Job& job) {
            job.opening.ticks.push_back({"step:" + key, isoNow(), false, {}, id, {}});
        }));
    }
}

void ReworkStation::tick() {
    std::optional<double> read;
    if (work().next >= 0 && readTyped(read)) {
        tell(record(read), reading_);
    }
}

/// The last step that was ticked is to be done again.
void ReworkStation::tickBack() {
    tell(session_.edit(tr("Step to be done again"), [](job::Job& job) {
        auto& ticks = job.opening.ticks;
        const auto last =
            std::find_if(ticks.rbegin(), ticks.rend(), [](const auto& tick) { return tick.what.starts_with("step:"); });
        if (last != ticks.rend()) {
            ticks.erase(std::next(last).base());
        }
    }));
}

Written ReworkStation::takes(const Reading& reading) {
    if (reading_ == nullptr || reading.quantity != job::Unit::Volts) {
        return Station::takes(reading);
    }
    return record(reading.value);
}

/// A held Space ticks once.
void ReworkStation::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && event->modifiers() == Qt::NoModifier && work().next >= 0) {
        if (!event->isAutoRepeat()) {
            tick();
        }
        return;
    }
    Station::keyPressEvent(event);
}

void ReworkStation::enter() {
    if (reading_ != nullptr) {
        reading_->setFocus();
    } else {
        setFocus();
    }
}

std::vector<KeyHint> ReworkStation::keys() const {
    return {{tr("Space"), tr("done")}, {tr("Alt+D"), tr("done, from a field")}, {tr("Alt+B"), tr("one step back")}};
}

bool ReworkStation::isDone(const Snapshot& shown) {
    const auto& work = shown.assessment.work;
    return !work.lines.empty() && work.next < 0;
}

}  // namespace dimglow::app
