#include "app/stations/board.h"

#include <fmt/format.h>

#include <QPushButton>
#include <QScrollArea>
#include <QShortcut>
#include <algorithm>

#include "app/stations/strips_line.h"
#include "app/theme.h"
#include "core/backlight/limits.h"
#include "core/reasoning/wording.h"

namespace dimglow::app {

BoardStation::BoardStation(JobSession& session) : Station(session, QStringLiteral("board"), tr("Board")) {
    setSubtitle(tr("Meter on the power board, black on its ground. Type what you read; a reading has a shape."));
    auto* shapes = new QHBoxLayout;
    const std::tuple<QString, QString, QString> marks[] = {
        {tr("184.1"), tr("steady"), QString()},
        {tr("184 > 48"), tr("peaks, then settles"), QStringLiteral(" > ")},
        {tr("48 ~ 184"), tr("wanders"), QStringLiteral(" ~ ")}};
    for (const auto& [example, meaning, mark] : marks) {
        auto* button = makeButton(example, meaning);
        button->setFocusPolicy(Qt::NoFocus);
        connect(button, &QPushButton::clicked, this, [this, mark = mark] {
            if (!mark.isEmpty() && focusedRow() >= 0) {
                points_[focusedRow()].row->insert(mark);
            }
        });
        shapes->addWidget(button);
    }
    shapes->addStretch();
    feeds_ = makeButton({}, {});
    feeds_->setObjectName(QStringLiteral("feeds"));
    feeds_->setFocusPolicy(Qt::NoFocus);
    feeds_->setToolTip(tr("How many LED+ the board has. Each has readings of its own."));
    connect(feeds_, &QPushButton::clicked, this, &BoardStation::addFeed);
    auto* key = new QShortcut(Qt::ALT | Qt::Key_F, this);
    key->setContext(Qt::WidgetWithChildrenShortcut);
    connect(key, &QShortcut::activated, this, &BoardStation::addFeed);
    shapes->addWidget(feeds_);
    body_->addLayout(shapes);
    known_ = new KnownCard;
    connect(known_, &KnownCard::keepWanted, this, &BoardStation::keepLearned);
    body_->addWidget(known_);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    auto* list = new QWidget;
    rows_ = new QVBoxLayout(list);
    rows_->setContentsMargins(0, 0, 0, 0);
    rows_->setSpacing(theme::px(7));
    scroll->setWidget(list);
    body_->addWidget(scroll, 1);
    chart_ = new SwitchOnChart;
    body_->addWidget(chart_);
}

void BoardStation::buildRows() {
    clearLayout(rows_);
    points_.clear();
    const auto& channels = job().set.backlight.channels;
    for (const auto& test : session_.trade().tests) {
        if (test.station != "board" || test.form != knowledge::Form::Volts) {
            continue;
        }
        const auto places = evidence::placesOf(test, job().set.backlight);
        for (const auto& asked : places) {
            QString title = words(test.title);
            if (places.size() > 1) {
                title += test.per == knowledge::Per::Feed
                             ? tr(", feed %1").arg(asked.feed + 1)
                             : tr(", channel %1").arg(QString::fromStdString(channels[asked.channel].label));
            }
            auto* row = new VoltsRow(
                title, words(test.how), [this, asked](const job::TypedVolts& reading, const QString& typed) {
                    return session_.record(evidence::Measured{asked.test, asked.channel, reading.shape, reading.volts,
                                                              reading.restVolts, asked.feed},
                                           {.typed = typed});
                });
            row->field()->setObjectName(
                QString::fromStdString(test.id) +
                (places.size() > 1 ? QString::number(std::max(asked.channel, asked.feed)) : QString()));
            const int index = int(points_.size());
            connect(row, &VoltsRow::stepped, this, [this, index](int rows) { focusRow(index + rows); });
            rows_->addWidget(row);
            points_.push_back({asked, row});
        }
    }
    rows_->addStretch();
}

void BoardStation::showJob() {
    std::size_t expected = 0;
    for (const auto& test : session_.trade().tests) {
        if (test.station == "board" && test.form == knowledge::Form::Volts) {
            expected += evidence::placesOf(test, job().set.backlight).size();
        }
    }
    if (points_.size() != expected) {
        buildRows();
    }
    feeds_->setText(tr("LED+ × %1").arg(job().set.backlight.feeds.size()));
    const auto& assessment = this->assessment();
    const auto standing = job::standingEntries(job(), job::Phase::Before);
    const auto* next = assessment.probes.empty() ? nullptr : &assessment.probes.front();
    for (const auto& point : points_) {
        const auto band = assessment.expectedVolts.find(point.question);
        point.row->setExpected(band == assessment.expectedVolts.end() ? std::nullopt : std::optional(band->second));
        std::optional<evidence::Measured> reading;
        QString words;
        bool within = false;
        for (const auto& entry : standing) {
            const auto* measured = std::get_if<evidence::Measured>(&entry.what);
            if (measured != nullptr && measured->question() == point.question) {
                reading = *measured;
                words = language::words(evidence::describe(entry.what, scene()));
                const auto comparison = assessment.expectations.find(entry.id);
                within = comparison != assessment.expectations.end() && comparison->second.within;
            }
        }
        point.row->setReading(reading, words, within);
        point.row->setAllowed(liveAllowed());
        point.row->setWanted(assessment.verdict.empty() && next != nullptr && isAsked(point, *next));
    }
    known_->show(assessment.thisSet, job().set.backlight);
    chart_->show(job().set.backlight, assessment);
}

bool BoardStation::isAsked(const Point& point, const reasoning::Probe& probe) {
    return probe.question == evidence::Question(point.question);
}

void BoardStation::addFeed() {
    const auto& now = job().set.backlight;
    const std::size_t most =
        now.isDescribed ? std::min(backlight::limits::feeds, now.channels.size()) : backlight::limits::feeds;
    const int feeds = now.feeds.size() < most ? int(now.feeds.size()) + 1 : 1;
    if (const auto written = rewire(session_, backlight::withFeeds(now, feeds)); !written) {
        emit refused(written.problem);
    }
}

void BoardStation::focusRow(int index) {
    if (!points_.empty()) {
        points_[std::clamp(index, 0, int(points_.size()) - 1)].row->field()->setFocus();
    }
}

int BoardStation::focusedRow() const {
    const auto found =
        std::find_if(points_.begin(), points_.end(), [](const Point& p) { return p.row->field()->hasFocus(); });
    return found == points_.end() ? -1 : int(found - points_.begin());
}

void BoardStation::enter() {
    if (!liveAllowed()) {
        setFocus();
        return;
    }
    const auto& probes = assessment().probes;
    for (std::size_t i = 0; i < points_.size() && !probes.empty(); ++i) {
        if (isAsked(points_[i], probes.front())) {
            return focusRow(int(i));
        }
    }
    focusRow(0);
}

void BoardStation::goTo(const reasoning::Probe& probe) {
    for (std::size_t i = 0; i < points_.size(); ++i) {
        if (isAsked(points_[i], probe)) {
            focusRow(int(i));
        }
    }
}

std::vector<KeyHint> BoardStation::keys() const {
    return {{tr("↑ ↓"), tr("next point")},
            {tr("Enter"), tr("write down")},
            {tr(">"), tr("then settles")},
            {tr("~"), tr("wanders")},
            {tr("Alt+F"), tr("another LED+")}};
}

bool BoardStation::isDone(const Snapshot& shown) {
    return std::any_of(shown.job.trail.begin(), shown.job.trail.end(), [](const auto& e) {
        return e.phase == job::Phase::Before && std::holds_alternative<evidence::Measured>(e.what);
    });
}

}  // namespace dimglow::app
