#include "app/stations/first_look.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

#include "app/panels.h"
#include "app/theme.h"
#include "core/reasoning/wording.h"

namespace dimglow::app {

namespace {
constexpr int framesPerSecondTimer = 33;
constexpr double dialSeconds = 5;
}  // namespace

Stopwatch::Stopwatch(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Stopwatch: hold Space from light to dark"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

QSize Stopwatch::sizeHint() const {
    return {theme::px(168), theme::px(168)};
}

void Stopwatch::setSeconds(double seconds) {
    if (timer_ == 0) {
        seconds_ = seconds;
        update();
    }
}

void Stopwatch::start() {
    clock_.start();
    timer_ = timer_ == 0 ? startTimer(framesPerSecondTimer) : timer_;
}

void Stopwatch::stop() {
    if (timer_ != 0) {
        killTimer(timer_);
        timer_ = 0;
        seconds_ = double(clock_.nsecsElapsed()) * 1e-9;
        update();
        emit released(seconds_);
    }
}

void Stopwatch::timerEvent(QTimerEvent*) {
    update();
}

void Stopwatch::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space) {
        if (!event->isAutoRepeat()) {
            start();
        }
    } else {
        QWidget::keyPressEvent(event);
    }
}

void Stopwatch::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        stop();
    }
}

void Stopwatch::mousePressEvent(QMouseEvent*) {
    setFocus();
    start();
}

void Stopwatch::mouseReleaseEvent(QMouseEvent*) {
    stop();
}

void Stopwatch::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const double seconds = timer_ != 0 ? double(clock_.nsecsElapsed()) * 1e-9 : seconds_;
    const double pen = theme::px(9);
    const QRectF ring = QRectF(rect()).adjusted(pen, pen, -pen, -pen);
    painter.setPen(QPen(p.line, pen));
    painter.drawEllipse(ring);
    if (seconds >= 0) {
        painter.setPen(QPen(p.glow, pen, Qt::SolidLine, Qt::RoundCap));
        painter.drawArc(ring, 90 * 16, -int(360 * 16 * std::min(1.0, seconds / dialSeconds)));
    }
    if (hasFocus()) {
        painter.setPen(QPen(p.text, 1.5));
        painter.drawEllipse(QRectF(rect()).adjusted(2, 2, -2, -2));
    }
    painter.setPen(p.text);
    painter.setFont(theme::reading(32));
    painter.drawText(ring.adjusted(0, -theme::px(12), 0, -theme::px(12)), Qt::AlignCenter,
                     seconds < 0 ? QStringLiteral("–") : QStringLiteral("%L1 s").arg(seconds, 0, 'f', 1));
    painter.setPen(p.quiet);
    painter.setFont(theme::quiet());
    painter.drawText(ring.adjusted(0, theme::px(38), 0, theme::px(38)), Qt::AlignCenter,
                     timer_ != 0 ? tr("release at dark") : tr("hold Space"));
}

FirstLookStation::FirstLookStation(JobSession& session)
    : Station(session, QStringLiteral("firstLook"), tr("First look")) {
    setSubtitle(
        tr("From outside, nothing opened. A picture under the torch puts the backlight path in question nineteen times "
           "in twenty."));
    for (const auto& test : session.trade().tests) {
        if (test.station == "firstLook" && test.form == knowledge::Form::Choices) {
            addQuestion(test);
        } else if (test.station == "firstLook" && test.form == knowledge::Form::Light) {
            addLight(test);
        }
    }
    body_->addStretch();
}

void FirstLookStation::addQuestion(const knowledge::TestKind& test) {
    Question question;
    question.test = test.id;
    question.card = makeCard("true");
    auto* row = new QHBoxLayout(question.card);
    row->setContentsMargins(theme::px(16), theme::px(12), theme::px(16), theme::px(12));
    auto* names = new QVBoxLayout;
    names->addWidget(makeLabel(words(test.title), theme::strong()));
    auto* how = makeLabel(words(test.how), theme::quiet(), "quiet");
    how->setWordWrap(true);
    names->addWidget(how);
    row->addLayout(names, 1);
    const int index = int(questions_.size());
    for (std::size_t i = 0; i < test.choices.size(); ++i) {
        auto* button = makeButton(words(test.choices[i].title), QString::number(i + 1));
        button->setCheckable(true);
        button->setFocusPolicy(Qt::NoFocus);
        button->setMinimumWidth(std::max(theme::px(100), button->sizeHint().width()));
        connect(button, &QPushButton::clicked, this, [this, index, i] {
            setCurrent(index);
            choose(int(i));
        });
        row->addWidget(button);
        question.choices.push_back(button);
    }
    body_->addWidget(question.card);
    questions_.push_back(std::move(question));
}

void FirstLookStation::addLight(const knowledge::TestKind& test) {
    lightCard_ = makeCard("true");
    auto* row = new QHBoxLayout(lightCard_);
    row->setContentsMargins(theme::px(16), theme::px(14), theme::px(16), theme::px(14));
    row->setSpacing(theme::px(24));
    stopwatch_ = new Stopwatch;
    stopwatch_->setObjectName(QStringLiteral("stopwatch"));
    connect(stopwatch_, &Stopwatch::released, this,
            [this](double seconds) { record(driver::Light::FlashThenDark, seconds); });
    row->addWidget(stopwatch_);
    auto* column = new QVBoxLayout;
    column->addWidget(makeLabel(words(test.title), theme::strong()));
    auto* how = makeLabel(words(test.how), theme::quiet(), "quiet");
    how->setWordWrap(true);
    column->addWidget(how);
    lightValue_ = makeLabel({}, theme::reading(24));
    lightValue_->setObjectName(QStringLiteral("lightValue"));
    column->addWidget(lightValue_);
    auto* buttons = new QHBoxLayout;
    const std::tuple<QString, QString, driver::Light> answers[] = {
        {tr("no light at all"), tr("N"), driver::Light::Never}, {tr("stays lit"), tr("S"), driver::Light::StaysLit}};
    for (const auto& [text, key, light] : answers) {
        auto* button = makeButton(text, key);
        button->setFocusPolicy(Qt::NoFocus);
        connect(button, &QPushButton::clicked, this, [this, light = light] { record(light, 0); });
        buttons->addWidget(button);
    }
    buttons->addStretch();
    column->addLayout(buttons);
    column->addStretch();
    row->addLayout(column, 1);
    body_->addWidget(lightCard_);
}

void FirstLookStation::setCurrent(int index) {
    setFocusPolicy(Qt::StrongFocus);
    current_ = std::clamp(index, 0, int(questions_.size()));
    if (current_ == int(questions_.size())) {
        stopwatch_->setFocus();
    } else {
        setFocus();
    }
    showJob();
}

void FirstLookStation::choose(int choice) {
    if (current_ < int(questions_.size()) && choice < int(questions_[current_].choices.size())) {
        const auto* test = session_.trade().test(questions_[current_].test);
        const int asked = current_;
        if (tell(session_.record(evidence::Answer{test->id, test->choices[choice].id}))) {
            setCurrent(asked + 1);
        } else {
            showJob();
        }
    }
}

void FirstLookStation::record(driver::Light what, double seconds) {
    tell(session_.record(evidence::LightSeen{what, std::round(seconds * 10) / 10}));
}

void FirstLookStation::showJob() {
    const auto standing = job::standingEntries(job(), job::Phase::Before);
    const auto& probes = assessment().probes;
    const std::string next = probes.empty() || !assessment().verdict.empty() ? std::string() : probes.front().test;
    for (int q = 0; q < int(questions_.size()); ++q) {
        const auto& question = questions_[q];
        std::string chosen;
        for (const auto& entry : standing) {
            const auto* answer = std::get_if<evidence::Answer>(&entry.what);
            chosen = answer != nullptr && answer->test == question.test ? answer->choice : chosen;
        }
        const auto* test = session_.trade().test(question.test);
        for (std::size_t i = 0; i < question.choices.size(); ++i) {
            question.choices[i]->setChecked(test->choices[i].id == chosen);
        }
        restyle(question.card, "card", q == current_ ? "next" : question.test == next ? "panel" : "true");
    }
    restyle(lightCard_, "card", current_ == int(questions_.size()) ? "next" : "true");
    lightValue_->clear();
    double seconds = -1;
    for (const auto& entry : standing) {
        if (const auto* light = std::get_if<evidence::LightSeen>(&entry.what)) {
            lightValue_->setText(words(evidence::describe(entry.what, scene())));
            seconds = light->what == driver::Light::FlashThenDark ? light->secondsToDark : -1;
        }
    }
    stopwatch_->setSeconds(seconds);
}

void FirstLookStation::keyPressEvent(QKeyEvent* event) {
    const int digit = event->key() - Qt::Key_1;
    if (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down) {
        setCurrent(current_ + (event->key() == Qt::Key_Down ? 1 : -1));
    } else if (digit >= 0 && digit < 9 && event->modifiers() == Qt::NoModifier) {
        choose(digit);
    } else if (event->key() == Qt::Key_N) {
        record(driver::Light::Never, 0);
    } else if (event->key() == Qt::Key_S && event->modifiers() == Qt::NoModifier) {
        record(driver::Light::StaysLit, 0);
    } else {
        Station::keyPressEvent(event);
    }
}

void FirstLookStation::enter() {
    const auto standing = job::standingEntries(job(), job::Phase::Before);
    int first = 0;
    while (first < int(questions_.size()) && std::any_of(standing.begin(), standing.end(), [&](const auto& e) {
               return evidence::testOf(e.what) == questions_[first].test;
           })) {
        ++first;
    }
    setCurrent(first);
}

void FirstLookStation::goTo(const reasoning::Probe& probe) {
    for (int q = 0; q < int(questions_.size()); ++q) {
        if (questions_[q].test == probe.test) {
            return setCurrent(q);
        }
    }
    setCurrent(int(questions_.size()));
}

std::vector<KeyHint> FirstLookStation::keys() const {
    return {{tr("↑ ↓"), tr("next question")},
            {tr("1 2 3"), tr("answer")},
            {tr("hold Space"), tr("time to dark")},
            {tr("N"), tr("no light")},
            {tr("S"), tr("stays lit")}};
}

bool FirstLookStation::isDone(const Snapshot& shown) {
    return std::any_of(shown.job.trail.begin(), shown.job.trail.end(), [](const auto& e) {
        return std::holds_alternative<evidence::Answer>(e.what) || std::holds_alternative<evidence::LightSeen>(e.what);
    });
}

}  // namespace dimglow::app
