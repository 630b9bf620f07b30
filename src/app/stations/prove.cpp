#include "app/stations/prove.h"

#include <qcustomplot.h>

#include <QShortcut>

#include <algorithm>

#include "app/field_note.h"
#include "app/plots.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

namespace {
constexpr int clockMilliseconds = 1000;
}  // namespace

ProveStation::ProveStation(JobSession& session) : Station(session, QStringLiteral("prove"), tr("Prove")) {
    setSubtitle(
        tr("Lit before the films go back, lit again before the back goes on, then half an hour at the owner's "
           "brightness."));
    closing_ = new ClosingCard(session_);
    connect(closing_, &ClosingCard::refused, this, &ProveStation::refused);
    body_->addWidget(closing_);
    bindClosing();
    rows_ = new QVBoxLayout;
    rows_->setSpacing(theme::px(7));
    body_->addLayout(rows_);
    beside_ = makeLabel({}, theme::quiet(), "quiet");
    beside_->setObjectName(QStringLiteral("testerProof"));
    beside_->setWordWrap(true);
    body_->addWidget(beside_);

    auto* card = makeCard("panel");
    auto* inner = new QVBoxLayout(card);
    inner->setContentsMargins(theme::px(16), theme::px(12), theme::px(16), theme::px(12));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("Soak"), theme::strong()));
    verdict_ = makeLabel({}, theme::body(), "quiet");
    verdict_->setObjectName(QStringLiteral("soakVerdict"));
    head->addWidget(verdict_, 1);
    clockButton_ = makeButton(tr("Start the clock"), tr("Alt+S"));
    auto* clockKey = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_S), this);
    connect(clockKey, &QShortcut::activated, this, &ProveStation::toggleClock);
    connect(clockButton_, &QPushButton::clicked, this, &ProveStation::toggleClock);
    head->addWidget(clockButton_);
    inner->addLayout(head);
    auto* entry = new QHBoxLayout;
    const auto field = [&](const QString& name, const char* id) {
        auto* edit = new QLineEdit;
        edit->setObjectName(QString::fromLatin1(id));
        edit->setAccessibleName(name);
        edit->setPlaceholderText(name);
        edit->setFont(theme::reading(17));
        connect(edit, &QLineEdit::returnPressed, this, &ProveStation::addSoakEntry);
        entry->addWidget(edit);
        return edit;
    };
    minutes_ = field(tr("minutes"), "soakMinutes");
    volts_ = field(tr("LED+, V"), "soakVolts");
    milliamps_ = field(tr("string, mA"), "soakMilliamps");
    flicker_ = new QCheckBox(tr("flickers"));
    flicker_->setFont(theme::body());
    entry->addWidget(flicker_);
    auto* add = makeButton(tr("Write down"), tr("Enter"));
    add->setFocusPolicy(Qt::NoFocus);
    connect(add, &QPushButton::clicked, this, &ProveStation::addSoakEntry);
    entry->addWidget(add);
    inner->addLayout(entry);
    plot_ = new QCustomPlot;
    plot_->setMinimumHeight(theme::px(150));
    plot_->setAccessibleName(tr("String current and LED+ over the soak, against what a healthy set shows"));
    inner->addWidget(plot_, 1);
    body_->addWidget(card, 1);
}

/// Its keys work wherever the focus is in this station.
void ProveStation::bindClosing() {
    const auto on = [this](Qt::Key key, const std::function<void()>& does) {
        auto* shortcut = new QShortcut(QKeySequence(int(Qt::ALT) | int(key)), this);
        shortcut->setContext(Qt::WidgetWithChildrenShortcut);
        shortcut->setAutoRepeat(false);
        connect(shortcut, &QShortcut::activated, this, does);
    };
    on(Qt::Key_I, [this] { closing_->allIn(); });
    on(Qt::Key_O, [this] { closing_->layerOn(); });
    on(Qt::Key_G, [this] { closing_->looked(true); });
    on(Qt::Key_N, [this] { closing_->looked(false); });
}

/// The line's reading in a field of its own; not of those that were taken at Strings.
std::optional<ReadingRow::Asks> ProveStation::asksFor(const proof::ProofLine& line) {
    ReadingRow::Asks asks;
    asks.title = words(line.title);
    const auto record = [this](const evidence::Observation& what, const QString& text) {
        return session_.record(what, {.phase = job::Phase::After, .source = {.raw = text.toStdString()}}).problem;
    };
    auto& volts = asks.volts;
    if (line.test == driver::ledPlusOn || line.test == driver::ledMinus) {
        volts = evidence::VoltsAsked{line.test, line.channel, line.feed};
    } else if (const auto* asked = line.question ? std::get_if<evidence::VoltsAsked>(&*line.question) : nullptr) {
        volts = *asked;
    }
    if (volts) {
        const auto* test = session_.trade().test(volts->test);
        asks.how = words(test->how);
        asks.example = tr("volts");
        asks.understand = [](const QString& text) { return typed::orNothing(typed::volts(text)); };
        asks.take = [this, asked = *volts](const QString& text) {
            const auto read = typed::volts(text);
            const auto* reading = std::get_if<job::TypedVolts>(&read);
            return reading == nullptr ? words(std::get<text::Text>(read))
                                      : recordVolts(asked, readingOf(*reading, text)).problem;
        };
        return asks;
    }
    if (const auto* point = line.question ? std::get_if<evidence::PointAsked>(&*line.question) : nullptr) {
        const auto kind = session_.trade().point(point->point)->kind;
        asks.how = tr("It was bad before: read it again. %1").arg(words(session_.trade().point(point->point)->how));
        asks.example = tr("reading");
        asks.understand = [kind](const QString& text) {
            const auto read = typed::part(kind, text);
            const auto* part = std::get_if<parts::TypedPart>(&read);
            return part == nullptr ? QString() : words(parts::describe(part->reading));
        };
        asks.take = [record, kind, asked = *point](const QString& text) {
            const auto read = typed::part(kind, text);
            const auto* part = std::get_if<parts::TypedPart>(&read);
            return part == nullptr ? words(std::get<text::Text>(read))
                                   : record(evidence::PointTaken{asked, part->reading}, text);
        };
        return asks;
    }
    if (line.question && line.test == "light") {
        asks.how = tr("Set on: does it stay lit, all of it?");
        asks.example = tr("lit, dark");
        asks.understand = [](const QString&) { return QString(); };
        asks.take = [record](const QString& text) {
            const auto glow = typed::glow(text);
            if (!glow || (*glow != evidence::LedSeen::Glow::Lit && *glow != evidence::LedSeen::Glow::Dark)) {
                return tr("Write lit or dark.");
            }
            const bool isLit = *glow == evidence::LedSeen::Glow::Lit;
            return record(evidence::LightSeen{isLit ? driver::Light::StaysLit : driver::Light::Never, 0}, text);
        };
        return asks;
    }
    return std::nullopt;
}

void ProveStation::buildRows() {
    clearLayout(rows_);
    proofRows_.clear();
    for (const auto& line : assessment().proof) {
        const auto asks = asksFor(line);
        if (!asks) {
            continue;
        }
        const int index = int(proofRows_.size());
        auto* row = new ReadingRow(*asks);
        row->field()->setObjectName(QStringLiteral("proof%1").arg(index));
        connect(row, &ReadingRow::stepped, this, [this, index](int rows) {
            proofRows_[std::clamp(index + rows, 0, int(proofRows_.size()) - 1)]->field()->setFocus();
        });
        rows_->addWidget(row);
        proofRows_.push_back(row);
    }
}

/// The rows that the proof asks for, as they are told apart.
QStringList ProveStation::rowNames() const {
    QStringList names;
    for (const auto& line : assessment().proof) {
        if (line.test == driver::ledPlusOn || line.test == driver::ledMinus || line.question) {
            names << words(line.title);
        }
    }
    return names;
}

void ProveStation::showJob() {
    closing_->refresh();
    if (const QStringList names = rowNames(); names != rowNames_) {
        rowNames_ = names;
        buildRows();
    }
    QStringList beside;
    std::size_t row = 0;
    for (const auto& line : assessment().proof) {
        const QString found = words(line.found);
        if (row >= proofRows_.size() || proofRows_[row]->title() != words(line.title)) {
            beside << tr("%1: %2, %3")
                          .arg(words(line.title), found, line.within ? tr("as expected") : tr("NOT as expected"));
            continue;
        }
        proofRows_[row]->setExpected(line.band.high > 0 ? std::optional(line.band) : std::nullopt);
        proofRows_[row]->setReading(line.volts, found, line.within);
        proofRows_[row]->setAllowed(liveAllowed());
        ++row;
    }
    beside_->setText(beside.join(QLatin1Char('\n')));
    beside_->setVisible(!beside.isEmpty());
    for (auto* edit : {minutes_, volts_, milliamps_}) {
        edit->setEnabled(liveAllowed());
    }
    const auto& soak = assessment().soak;
    QString said = words(soak.text);
    if (const auto& warmed = assessment().warmedKelvin) {
        said += QLatin1Char(' ') + tr("By what LED+ fell the LEDs are %1 K warmer than at first, between %2 and %3.")
                                       .arg(number(warmed->likely, 0), number(warmed->low, 0), number(warmed->high, 0));
    }
    verdict_->setText(said);
    restyle(verdict_, "tone", soak.passed ? "good" : soak.failed ? "ember" : "quiet");
    plotSoak();
}

/// What is drawn over the minutes of the soak.
struct ProveStation::Curve {
    QCPAxis* axis;
    QString label;
    driver::Band band;
    QVector<double> values;
    QColor color;
    QCPScatterStyle::ScatterShape shape;
};

/// Words in the chart, in shares of its width; with no axis of volts or amperes, of its height too.
void ProveStation::noteInPlot(const QString& words, QPointF at, QCPAxis* axis, const QColor& color,
                              Qt::AlignmentFlag side) {
    auto* text = new QCPItemText(plot_);
    text->position->setAxes(plot_->xAxis, axis);
    text->position->setTypeX(QCPItemPosition::ptAxisRectRatio);
    text->position->setTypeY(axis == nullptr ? QCPItemPosition::ptAxisRectRatio : QCPItemPosition::ptPlotCoords);
    text->position->setCoords(at);
    text->setPositionAlignment(axis == nullptr ? Qt::AlignCenter : side | Qt::AlignBottom);
    text->setTextAlignment(Qt::AlignCenter);
    text->setText(words);
    text->setFont(theme::quiet());
    text->setColor(color);
}

/// One curve against the band in which it must stay.
void ProveStation::plotCurve(const Curve& curve, const QVector<double>& minutes) {
    auto* axis = curve.axis;
    axis->setLabel(curve.label);
    axis->setLabelColor(curve.color);
    axis->setVisible(true);
    axis->setTickLabels(true);
    axis->setTickLabelColor(curve.color);
    axis->setTickLabelFont(theme::quiet());
    axis->setLabelFont(theme::quiet());
    auto* graph = plot_->addGraph(plot_->xAxis, axis);
    graph->setData(minutes, curve.values);
    graph->setPen(QPen(curve.color, 2));
    graph->setScatterStyle(QCPScatterStyle(curve.shape, curve.color, curve.color, 7));
    const auto& band = curve.band;
    double low = band.low;
    double high = band.high;
    for (const double value : curve.values) {
        low = std::min(low, value);
        high = std::max(high, value);
    }
    const double room = std::max(0.6 * (high - low), 0.01 * high);
    axis->setRange(std::max(0.0, low - room), high + room);
    auto* rect = new QCPItemRect(plot_);
    for (auto* corner : {rect->topLeft, rect->bottomRight}) {
        corner->setAxes(plot_->xAxis, axis);
    }
    rect->topLeft->setCoords(0, band.high);
    rect->bottomRight->setCoords(plot_->xAxis->range().upper, band.low);
    QColor fill = curve.color;
    fill.setAlphaF(0.13F);
    rect->setBrush(fill);
    rect->setPen(Qt::NoPen);
    if (band.high > band.low) {
        const bool isLeft = axis == plot_->yAxis;
        noteInPlot(tr("%1: may drift so far").arg(curve.label), {isLeft ? 0.01 : 0.99, band.high}, axis, curve.color,
                   isLeft ? Qt::AlignLeft : Qt::AlignRight);
    }
}

/// Current on the left, LED+ on the right, not from zero: each against how far it may drift once it has settled; until
/// then against what a lit set may show.
void ProveStation::plotSoak() {
    const auto& p = theme::palette();
    dressInTheme(*plot_);
    plot_->clearItems();
    plot_->clearGraphs();
    plot_->xAxis->setLabel(tr("minutes"));
    double last = proof::soakMinutes;
    QVector<double> minutes;
    QVector<double> milliamps;
    QVector<double> volts;
    for (const auto& line : job().soak) {
        minutes << line.minutes;
        milliamps << 1000 * line.amps;
        volts << line.ledPlusVolts;
        last = std::max(last, line.minutes);
    }
    plot_->xAxis->setRange(0, last * 1.03);
    if (minutes.isEmpty()) {
        noteInPlot(
            tr("Every ten minutes write down minutes, LED+ and mA of a string:\nthe curves must stay level for half an "
               "hour."),
            {0.5, 0.5}, nullptr, p.quiet);
    }
    const auto corridor = [&](driver::Band plausible, const QVector<double>& values, double limit) {
        for (qsizetype i = 0; i < values.size(); ++i) {
            if (minutes[i] >= proof::soakSettledMinutes) {
                return driver::Band{(1 - limit) * values[i], (1 + limit) * values[i]};
            }
        }
        return plausible;
    };
    const auto& soak = assessment().soak;
    const auto amps = soak.amps.value_or(driver::Band{});
    plotCurve({plot_->yAxis, tr("mA"), corridor({1000 * amps.low, 1000 * amps.high}, milliamps, proof::soakDriftLimit),
               milliamps, p.glow, QCPScatterStyle::ssDisc},
              minutes);
    plotCurve({plot_->yAxis2, tr("LED+, V"),
               corridor(soak.ledPlus.value_or(driver::Band{}), volts, proof::soakVoltsDriftLimit), volts, p.idle,
               QCPScatterStyle::ssSquare},
              minutes);
    plot_->replot();
}

void ProveStation::toggleClock() {
    if (timer_ != 0) {
        killTimer(timer_);
        timer_ = 0;
        clockButton_->setText(tr("Start the clock") + QStringLiteral("   ") + tr("Alt+S"));
    } else {
        clock_.start();
        timer_ = startTimer(clockMilliseconds);
    }
}

void ProveStation::timerEvent(QTimerEvent*) {
    const qint64 seconds = clock_.elapsed() / 1000;
    clockButton_->setText(
        QStringLiteral("%1:%2").arg(seconds / 60, 2, 10, QLatin1Char('0')).arg(seconds % 60, 2, 10, QLatin1Char('0')));
    if (!minutes_->isModified()) {
        minutes_->setText(QString::number(seconds / 60));
    }
}

void ProveStation::addSoakEntry() {
    const auto read = [](QLineEdit* edit, job::Expected expected, double& target) {
        const auto number = typed::number(edit->text(), expected);
        if (const auto* problem = std::get_if<text::Text>(&number)) {
            refuse(edit, words(*problem));
            edit->setFocus();
            return false;
        }
        target = std::get<double>(number);
        return true;
    };
    job::SoakEntry line;
    double milliamps = 0;
    if (!read(minutes_, {0, 10000, job::Unit::Minutes}, line.minutes) ||
        !read(volts_, {0, 2000, job::Unit::Volts}, line.ledPlusVolts) ||
        !read(milliamps_, {0, 20000, job::Unit::Milliamps}, milliamps)) {
        return;
    }
    line.amps = milliamps / 1000;
    line.flicker = flicker_->isChecked();
    const auto written =
        session_.edit(tr("Soak at %L1 min").arg(line.minutes), [&](job::Job& job) { job.soak.push_back(line); });
    if (!tell(written, minutes_)) {
        return;
    }
    minutes_->setText({});
    minutes_->setModified(false);
    volts_->setText({});
    milliamps_->setText({});
    minutes_->setFocus();
}

Written ProveStation::recordVolts(const evidence::VoltsAsked& asked, const Reading& reading) {
    return session_.record(
        evidence::Measured{asked.test, asked.channel, reading.shape, reading.value, reading.rest, asked.feed},
        {.phase = job::Phase::After, .source = reading.source});
}

Written ProveStation::takes(const Reading& reading) {
    const auto front = std::find_if(proofRows_.begin(), proofRows_.end(),
                                    [](const ReadingRow* row) { return row->field()->hasFocus(); });
    if (front == proofRows_.end() || !(*front)->volts() || reading.quantity != job::Unit::Volts || !liveAllowed()) {
        return Station::takes(reading);
    }
    return recordVolts(*(*front)->volts(), reading);
}

void ProveStation::enter() {
    if (closing_->enter()) {
        return;
    }
    if (!proofRows_.empty()) {
        proofRows_.front()->field()->setFocus();
    }
}

std::vector<KeyHint> ProveStation::keys() const {
    return {{tr("↑ ↓"), tr("next reading")},
            {tr("Alt+I O"), tr("all in, on")},
            {tr("Alt+G N"), tr("good, not so")},
            {tr("Alt+S"), tr("clock")}};
}

bool ProveStation::isDone(const Snapshot& shown) {
    return shown.assessment.soak.passed;
}

}  // namespace dimglow::app
