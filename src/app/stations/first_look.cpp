#include "app/stations/first_look.h"

#include <QKeyEvent>
#include <QShortcut>
#include <algorithm>
#include <cmath>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/evidence/dark_area.h"
#include "core/job/trail_lines.h"

namespace dimglow::app {

namespace {

/// The columns of the overview, by the group of a question.
struct Column {
    const char* group;
    QString title;
};
QString times(int count) {
    return language::counted(count, FirstLookStation::tr("once"), FirstLookStation::tr("%1 times"));
}

std::vector<Column> columns() {
    return {{"life", FirstLookStation::tr("Life")},
            {"picture", FirstLookStation::tr("Picture")},
            {"light", FirstLookStation::tr("Light")}};
}

}  // namespace

FirstLookStation::FirstLookStation(JobSession& session)
    : Station(session, QStringLiteral("firstLook"), tr("First look")) {
    setFocusPolicy(Qt::StrongFocus);
    setSubtitle(
        tr("From outside, nothing opened. A picture under the torch: nineteen times in twenty the backlight path."));
    for (const auto& test : session.trade().tests) {
        if (test.station == "firstLook") {
            questions_.push_back(&test);
        }
    }
    auto* card = makeCard("next");
    auto* both = new QHBoxLayout(card);
    both->setContentsMargins(theme::px(18), theme::px(14), theme::px(18), theme::px(14));
    both->setSpacing(theme::px(22));
    stopwatch_ = new Stopwatch;
    stopwatch_->setObjectName(QStringLiteral("stopwatch"));
    connect(stopwatch_, &Stopwatch::released, this,
            [this](double seconds) { record(driver::Light::FlashThenDark, seconds); });
    both->addWidget(stopwatch_);
    sketch_ = new ScreenSketch;
    sketch_->setObjectName(QStringLiteral("sketch"));
    connect(sketch_, &ScreenSketch::drawn, this, [this](const QRectF& area) {
        const auto dark = evidence::darkAreaOf({area.left(), area.top(), area.right(), area.bottom()});
        tell(session_.record(evidence::Answer{asked().id, dark.choice, {}, dark.where}));
    });
    both->addWidget(sketch_);
    both->addLayout(makeQuestion(), 1);
    card->setMinimumHeight(theme::px(200));
    foot_->addWidget(card);
    addDetailKeys();
    overview_ = new BoardPicture;
    overview_->setAccessibleName(tr("All questions"));
    connect(overview_, &BoardPicture::chosenByHand, this, [this](const QString& id) {
        const auto found = std::find_if(questions_.begin(), questions_.end(),
                                        [&](const auto* test) { return QString::fromStdString(test->id) == id; });
        setCurrent(int(found - questions_.begin()));
    });
    body_->addWidget(overview_);
    body_->addStretch();
}

/// The question in front, a field for its number, its answers.
QVBoxLayout* FirstLookStation::makeQuestion() {
    auto* column = new QVBoxLayout;
    column->setSpacing(theme::px(6));
    title_ = makeLabel({}, theme::heading());
    title_->setObjectName(QStringLiteral("questionTitle"));
    column->addWidget(title_);
    how_ = makeLabel({}, theme::body(), "quiet");
    how_->setWordWrap(true);
    column->addWidget(how_);
    lightValue_ = makeLabel({}, theme::reading(24));
    lightValue_->setObjectName(QStringLiteral("lightValue"));
    column->addWidget(lightValue_);
    count_ = makeLabel({}, theme::reading(24), "glow");
    count_->setObjectName(QStringLiteral("count"));
    column->addWidget(count_);
    number_ = makeField(QStringLiteral("number"), tr("Number"), {}, theme::reading(24));
    number_->setMaximumWidth(theme::px(300));
    number_->installEventFilter(this);
    explainTyping(number_, [this](const QString& text) {
        return typed::orNothing(typed::number(text, expectedNumber()), expectedNumber().unit);
    });
    connect(number_, &QLineEdit::returnPressed, this, &FirstLookStation::writeNumber);
    column->addWidget(number_);
    choices_ = new QGridLayout;
    auto* choices = new QHBoxLayout;  // as wide as they need
    choices->addLayout(choices_);
    choices->addStretch();
    column->addLayout(choices);
    details_ = new QHBoxLayout;
    column->addLayout(details_);
    column->addStretch();
    return column;
}

void FirstLookStation::addDetailKeys() {
    constexpr int mostDetails = 9;
    for (int i = 0; i < mostDetails; ++i) {
        auto* key = new QShortcut(QKeySequence(int(Qt::ALT) | (int(Qt::Key_1) + i)), this);
        key->setContext(Qt::WidgetWithChildrenShortcut);
        connect(key, &QShortcut::activated, this, [this, i] {
            if (!asked().unit.empty()) {
                choose(i);
            } else if (!asked().counts.empty() && i < int(asked().details.size())) {
                sayDetail(asked().details[std::size_t(i)].english());
            }
        });
    }
}

std::optional<evidence::Answer> FirstLookStation::answerTo(const knowledge::TestKind& test) const {
    std::optional<evidence::Answer> given;
    for (const auto& entry : job::standingEntries(job(), job::Phase::Before)) {
        const auto* answer = std::get_if<evidence::Answer>(&entry.what);
        given = answer != nullptr && answer->test == test.id ? std::optional(*answer) : given;
    }
    return given;
}

void FirstLookStation::setCurrent(int index) {
    current_ = std::clamp(index, 0, int(questions_.size()) - 1);
    counted_ = 0;
    number_->setText({});
    accept(number_);
    showJob();
    if (asked().form == knowledge::Form::Light) {
        stopwatch_->setFocus();
    } else if (!asked().unit.empty()) {
        number_->setFocus();
    } else {
        setFocus();
    }
    emit keysChanged();
}

/// Whether a question is one of this set, and due by what is stored: what is shown may be older than the last key.
bool FirstLookStation::isAsked(const knowledge::TestKind& test) const {
    const job::Job& stored = session_.job();
    return session_.trade().isIn(stored.set, test) &&
           job::isDue(test, job::standingEntries(stored, job::Phase::Before));
}

void FirstLookStation::step(int by) {
    const auto isThere = [&](int index) { return index >= 0 && index < int(questions_.size()); };
    int index = current_ + by;
    while (isThere(index) && !isAsked(*questions_[std::size_t(index)])) {
        index += by;
    }
    setCurrent(isThere(index) ? index : current_);
}

/// The next question that nobody has answered; stays where there is none.
void FirstLookStation::goOn() {
    const auto standing = job::standingEntries(session_.job(), job::Phase::Before);
    const int count = int(questions_.size());
    for (int ahead = 1; ahead < count; ++ahead) {
        const int index = (current_ + ahead) % count;
        const auto& test = *questions_[std::size_t(index)];
        const bool isOpen = std::none_of(standing.begin(), standing.end(),
                                         [&](const auto& entry) { return evidence::testOf(entry.what) == test.id; });
        if (isOpen && isAsked(test)) {
            setCurrent(index);
            return;
        }
    }
    setCurrent(current_);
}

void FirstLookStation::choose(int choice) {
    const auto& test = asked();
    if (choice >= int(test.choices.size())) {
        return;
    }
    evidence::Answer answer{test.id, test.choices[std::size_t(choice)].id};
    const bool canBeCounted = !test.counts.empty() && choice + 1 == int(test.choices.size());
    answer.number = canBeCounted && counted_ > 0 ? std::optional(double(counted_)) : std::nullopt;
    Taking taking;
    if (test.id == "lightSource") {
        const auto light = answer.choice == "lamps" ? set::LightKind::Lamps : set::LightKind::Leds;
        taking.also = [light](job::Job& job) { job.set.saidLight = light; };
    }
    if (!tell(session_.record(answer, taking))) {
        return;
    }
    if (canBeCounted) {  // its number and colour are still to be said
        counted_ = 0;
        showJob();
        emit keysChanged();
    } else {
        goOn();
    }
}

/// What the field takes: watts, seconds of light, or how often something was counted.
job::Expected FirstLookStation::expectedNumber() const {
    return !asked().unit.empty()                    ? job::Expected{0, 5000, job::Unit::Watts}
           : asked().form == knowledge::Form::Light ? job::Expected{0, 3600, job::Unit::Seconds}
                                                    : job::Expected{1, 99, job::Unit::Count};
}

void FirstLookStation::writeNumber() {
    const auto& test = asked();
    const auto read = typed::number(number_->text(), expectedNumber());
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(number_, words(*problem));
        return;
    }
    const double number = std::get<double>(read);
    if (test.form == knowledge::Form::Light) {
        if (tell(session_.record(evidence::LightSeen{driver::Light::FlashThenDark, number},
                                 {.source = {.raw = number_->text().toStdString()}}),
                 number_)) {
            goOn();
        }
        return;
    }
    if (!test.counts.empty()) {
        counted_ = int(number);
        choose(int(test.choices.size()) - 1);
        number_->setText({});
        return;
    }
    const auto* choice = test.choiceFor(number, session_.trade().setKind(job().set));
    if (choice != nullptr && tell(session_.record(evidence::Answer{test.id, choice->id, number},
                                                  {.source = {.raw = number_->text().toStdString()}}),
                                  number_)) {
        goOn();
    }
}

void FirstLookStation::sayDetail(const std::string& detail) {
    if (auto answer = answerTo(asked())) {
        answer->detail = detail;
        tell(session_.record(*answer));
    }
}

void FirstLookStation::record(driver::Light what, double seconds) {
    const bool isTimed = what == driver::Light::FlashThenDark;
    if (tell(session_.record(evidence::LightSeen{what, std::round(seconds * 10) / 10})) && !isTimed) {
        goOn();  // after a timed one it may be timed again
    }
}

void FirstLookStation::showJob() {
    showQuestion();
    showOverview();
}

void FirstLookStation::showQuestion() {
    const auto& test = asked();
    const bool isLight = test.form == knowledge::Form::Light;
    const auto given = answerTo(test);
    title_->setText(words(test.title));
    how_->setText(words(test.how));
    stopwatch_->setVisible(isLight);
    sketch_->setVisible(test.id == "evenness");
    number_->setVisible(!test.unit.empty() || isLight || !test.counts.empty());
    number_->setPlaceholderText(isLight             ? tr("or type seconds")
                                : test.unit.empty() ? tr("or type how often")
                                                    : QString::fromStdString(test.unit));
    count_->setVisible(!test.counts.empty());
    const double counted = given && given->number ? *given->number : 0;
    count_->setFont(counted_ > 0 || counted > 0 ? theme::reading(24) : theme::body());
    count_->setText(counted_ > 0  ? tr("%1, not written down yet: Enter").arg(times(counted_))
                    : counted > 0 ? times(int(counted))
                                  : tr("Space: tap along"));
    lightValue_->setVisible(isLight);
    clearLayout(choices_);
    clearLayout(details_);
    if (isLight) {
        showLight();
    }
    for (std::size_t i = 0; i < test.choices.size(); ++i) {
        addChoice(words(test.choices[i].title), test.unit.empty() ? QString::number(i + 1) : tr("Alt+%1").arg(i + 1),
                  given && given->choice == test.choices[i].id, [this, i] { choose(int(i)); });
    }
    const bool asksForDetail = given && !test.counts.empty() && given->choice == test.choices.back().id;
    for (const auto& detail : asksForDetail ? test.details : std::vector<text::Text>{}) {
        auto* button = makeButton(words(detail), tr("Alt+%1").arg(details_->count() + 1));
        button->setCheckable(true);
        button->setChecked(given->detail == detail.english());
        button->setFocusPolicy(Qt::NoFocus);
        connect(button, &QPushButton::clicked, this, [this, detail] { sayDetail(detail.english()); });
        details_->addWidget(button);
    }
    details_->addStretch();
}

void FirstLookStation::addChoice(const QString& text, const QString& key, bool isGiven, std::function<void()> does) {
    auto* button = makeButton(text, key);
    button->setCheckable(true);
    button->setChecked(isGiven);
    button->setFocusPolicy(Qt::NoFocus);
    button->setMinimumWidth(std::max(theme::px(100), button->sizeHint().width()));
    connect(button, &QPushButton::clicked, this, std::move(does));
    const int perLine = sketch_->isHidden() ? 3 : 2;
    const int at = choices_->count();
    choices_->addWidget(button, at / perLine, at % perLine);
}

/// How long there was light: the stopwatch, what was seen, and its two plain answers.
void FirstLookStation::showLight() {
    double seconds = -1;
    const evidence::LightSeen* seen = nullptr;
    const auto standing = job::standingEntries(job(), job::Phase::Before);
    lightValue_->clear();
    for (const auto& entry : standing) {
        if (const auto* light = std::get_if<evidence::LightSeen>(&entry.what)) {
            seen = light;
            lightValue_->setText(words(evidence::describe(entry.what, scene())));
            seconds = light->what == driver::Light::FlashThenDark ? light->secondsToDark : -1;
        }
    }
    stopwatch_->setSeconds(seconds);
    addChoice(tr("no light at all"), tr("N"), seen != nullptr && seen->what == driver::Light::Never,
              [this] { record(driver::Light::Never, 0); });
    addChoice(tr("stays lit"), tr("S"), seen != nullptr && seen->what == driver::Light::StaysLit,
              [this] { record(driver::Light::StaysLit, 0); });
}

void FirstLookStation::showOverview() {
    const auto& probes = assessment().probes.best;
    const std::string next = probes.empty() || !assessment().verdict().empty() ? std::string() : probes.front().test;
    const auto standing = job::standingEntries(job(), job::Phase::Before);
    std::vector<BoardBlock> blocks;
    for (const auto& column : columns()) {
        BoardBlock block{column.title, {}, 0, int(blocks.size()), 0, false, {}};
        for (const auto* test : questions_) {
            if (test->group != column.group || !isAsked(*test)) {
                continue;
            }
            BoardSpot spot;
            spot.id = QString::fromStdString(test->id);
            spot.label = spot.title = words(test->title);
            spot.isWide = true;
            spot.isNext = test->id == next;
            for (const auto& entry : standing) {
                if (evidence::testOf(entry.what) == test->id) {
                    const bool isMissed = std::holds_alternative<evidence::NotReached>(entry.what);
                    spot.value = isMissed ? QString() : words(evidence::describe(entry.what, scene()));
                    spot.state = isMissed ? SpotState::Missed : SpotState::Taken;
                }
            }
            block.spots.push_back(std::move(spot));
        }
        blocks.push_back(std::move(block));
    }
    overview_->show(blocks, {});
    overview_->choose(QString::fromStdString(asked().id));
}

void FirstLookStation::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    const int digit = key - Qt::Key_1;
    const bool isPlain = event->modifiers() == Qt::NoModifier;
    const bool isLight = asked().form == knowledge::Form::Light;
    const bool isDigit = key >= Qt::Key_0 && key <= Qt::Key_9 && isPlain;
    if (key == Qt::Key_Up || key == Qt::Key_Down) {
        step(key == Qt::Key_Down ? 1 : -1);
    } else if (key == Qt::Key_Left || key == Qt::Key_Right) {
        overview_->step(key == Qt::Key_Right ? 1 : -1, 0);
    } else if (isDigit && (isLight || !asked().unit.empty())) {
        number_->setFocus();
        number_->setText(event->text());
        number_->setModified(true);
    } else if (isDigit && digit >= 0) {
        choose(digit);
    } else if (key == Qt::Key_Space && !asked().counts.empty()) {
        counted_ += hold_.press(*event) ? 1 : 0;
        showQuestion();
    } else if ((key == Qt::Key_Return || key == Qt::Key_Enter) && counted_ > 0) {
        choose(int(asked().choices.size()) - 1);
    } else if (key == Qt::Key_N && isPlain && isLight) {
        record(driver::Light::Never, 0);
    } else if (key == Qt::Key_S && isPlain && isLight) {
        record(driver::Light::StaysLit, 0);
    } else {
        Station::keyPressEvent(event);
    }
}

void FirstLookStation::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space) {
        hold_.release(*event);
    }
    Station::keyReleaseEvent(event);
}

/// The number's field is left by arrows and Esc as well.
bool FirstLookStation::eventFilter(QObject* watched, QEvent* event) {
    if (watched == number_ && event->type() == QEvent::KeyPress) {
        auto* key = static_cast<QKeyEvent*>(event);
        const bool isAside = key->key() == Qt::Key_Left || key->key() == Qt::Key_Right;
        if (key->key() == Qt::Key_Escape) {
            asked().form == knowledge::Form::Light ? stopwatch_->setFocus() : setFocus();
            return true;
        }
        if (key->key() == Qt::Key_Up || key->key() == Qt::Key_Down || (isAside && number_->text().isEmpty())) {
            keyPressEvent(key);
            return true;
        }
    }
    return Station::eventFilter(watched, event);
}

void FirstLookStation::enter() {
    const auto standing = job::standingEntries(job(), job::Phase::Before);
    const auto open = std::find_if(questions_.begin(), questions_.end(), [&](const auto* test) {
        return isAsked(*test) && std::none_of(standing.begin(), standing.end(),
                                              [&](const auto& e) { return evidence::testOf(e.what) == test->id; });
    });
    setCurrent(open == questions_.end() ? current_ : int(open - questions_.begin()));
}

void FirstLookStation::goTo(const probe::Probe& probe) {
    const auto asked =
        std::find_if(questions_.begin(), questions_.end(), [&](const auto* test) { return test->id == probe.test; });
    setCurrent(asked == questions_.end() ? current_ : int(asked - questions_.begin()));
}

std::vector<KeyHint> FirstLookStation::keys() const {
    std::vector<KeyHint> hints = {{tr("↑ ↓ ← →"), tr("question")}};
    const auto& test = asked();
    if (test.form == knowledge::Form::Light) {
        hints.insert(hints.end(),
                     {{tr("Space"), tr("hold while lit")}, {tr("N"), tr("no light")}, {tr("S"), tr("stays lit")}});
    } else if (!test.unit.empty()) {
        hints.insert(hints.end(), {{tr("Enter"), tr("write")}, {tr("Alt+1…"), tr("answer")}});
    } else {
        hints.push_back({tr("1 2 3"), tr("answer")});
    }
    if (!test.counts.empty()) {
        hints.push_back({tr("Space"), tr("count")});
        hints.push_back({tr("Enter"), tr("write the count")});
    }
    return hints;
}

bool FirstLookStation::isDone(const Snapshot& shown) {
    return std::any_of(shown.job.trail.begin(), shown.job.trail.end(), [](const auto& e) {
        return std::holds_alternative<evidence::Answer>(e.what) || std::holds_alternative<evidence::LightSeen>(e.what);
    });
}

}  // namespace dimglow::app
