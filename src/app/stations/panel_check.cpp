#include "app/stations/panel_check.h"

#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/panelcheck/supply_name.h"

namespace dimglow::app {

using panelcheck::Finding;
using panelcheck::Outcome;

namespace {

QString titleOf(Finding finding) {
    const QString titles[] = {PanelCheckStation::tr("crack"),       PanelCheckStation::tr("lines"),
                              PanelCheckStation::tr("dead column"), PanelCheckStation::tr("tint"),
                              PanelCheckStation::tr("dark area"),   PanelCheckStation::tr("no light"),
                              PanelCheckStation::tr("no picture")};
    return titles[int(finding)];
}

}  // namespace

PanelCheckStation::PanelCheckStation(JobSession& session)
    : Station(session, QStringLiteral("panelCheck"), tr("Panel check")) {
    setSubtitle(tr("Light the panel from the bench and put a picture on it, before money is spent."));
    body_->addWidget(makePlanCard());
    auto* columns = new QHBoxLayout;
    columns->setSpacing(theme::px(8));
    columns->addWidget(makeRampCard(), 6);
    columns->addWidget(makeSeenCard(), 4);
    body_->addLayout(columns, 1);
}

/// What is lit, and from which supplies.
QWidget* PanelCheckStation::makePlanCard() {
    auto* card = makeCard("panel");
    auto* grid = new QGridLayout(card);
    grid->setContentsMargins(theme::px(18), theme::px(10), theme::px(18), theme::px(10));
    grid->setHorizontalSpacing(theme::px(12));
    headline_ = makeLabel({}, theme::reading(24));
    headline_->setObjectName(QStringLiteral("panelVolts"));
    grid->addWidget(headline_, 0, 0, 1, 4);
    stack_ = makeLabel({}, theme::body());
    stack_->setObjectName(QStringLiteral("stack"));
    stack_->setWordWrap(true);
    grid->addWidget(stack_, 1, 0, 1, 4);
    makeChannelBox();
    grid->addWidget(channel_, 2, 0, Qt::AlignBottom);
    fields_ = {new NumberField(
                   session_, tr("% of current"), QStringLiteral("currentShare"), {1, 100, job::Unit::Percent},
                   [](job::Job& job) -> double& { return job.panelCheck.currentShare; }, 100),
               new NumberField(session_, tr("T-con, V"), QStringLiteral("tconVolts"), {1, 48, job::Unit::Volts},
                               [](job::Job& job) -> std::optional<double>& { return job.panelCheck.tconVolts; })};
    lampFields_ = {
        new NumberField(session_, tr("lamp, mm"), QStringLiteral("lampLength"), {50, 3000, job::Unit::Millimetres},
                        [](job::Job& job) -> std::optional<double>& { return job.set.lamps.lengthMm; }),
        new NumberField(session_, tr("bore, mm"), QStringLiteral("lampBore"), {1, 20, job::Unit::Millimetres},
                        [](job::Job& job) -> std::optional<double>& { return job.set.lamps.diameterMm; })};
    for (int i = 0; i < int(lampFields_.size()); ++i) {
        grid->addWidget(lampFields_[i], 2, i == 0 ? 1 : 3, Qt::AlignBottom | Qt::AlignLeft);
    }
    for (int i = 0; i < int(fields_.size()); ++i) {
        grid->addWidget(fields_[i], 2, 1 + i, Qt::AlignBottom);
    }
    makeOutputs();
    grid->addWidget(outputs_, 2, 3);
    grid->setColumnStretch(3, 1);
    cautions_ = makeLabel({}, theme::quiet(), "ember");
    cautions_->setObjectName(QStringLiteral("panelCautions"));
    cautions_->setWordWrap(true);
    grid->addWidget(cautions_, 3, 0, 1, 4);
    return card;
}

void PanelCheckStation::makeChannelBox() {
    channel_ = new QComboBox;
    channel_->setFont(theme::body());
    channel_->setAccessibleName(tr("What to light"));
    connect(channel_, &QComboBox::activated, this, [this](int channel) {
        tell(session_.edit(tr("What to light"), [&](job::Job& job) {
            const bool lamps = channel == channel_->count() - 1;
            job.set.lamps = lamps ? lamps::Lamps{1} : lamps::Lamps{};
            job.panelCheck.channel = lamps ? 0 : channel;
        }));
    });
    channel_->setMinimumWidth(theme::px(104));
}

void PanelCheckStation::makeOutputs() {
    outputs_ = new QWidget;
    auto* rows = new QVBoxLayout(outputs_);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(theme::px(2));
    rows->addWidget(makeLabel(tr("Outputs: V, A, isolation"), theme::quiet(), "quiet"));
    supplies_ = makeField(QStringLiteral("supplies"), tr("Bench supplies"));
    supplies_->setMinimumWidth(theme::px(120));
    connect(supplies_, &QLineEdit::returnPressed, this, &PanelCheckStation::commitSupplies);
    rows->addWidget(supplies_);
}

QWidget* PanelCheckStation::makeRampCard() {
    auto* card = makeCard("panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(14), theme::px(8), theme::px(14), theme::px(8));
    rows->setSpacing(theme::px(3));
    rows->addWidget(makeLabel(tr("Ramp"), theme::strong()));
    ramp_ = new QVBoxLayout;
    ramp_->setSpacing(theme::px(3));
    rows->addLayout(ramp_);
    rows->addStretch();
    return card;
}

/// What was read and seen, and what is decided.
QWidget* PanelCheckStation::makeSeenCard() {
    auto* card = makeCard("panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(14), theme::px(8), theme::px(14), theme::px(8));
    rows->setSpacing(theme::px(5));
    rows->addLayout(makeReadings());
    leads_ = new QCheckBox(tr("leads and clips proven  (P)"));
    leads_->setObjectName(QStringLiteral("leadsChecked"));
    leads_->setFont(theme::body());
    connect(leads_, &QCheckBox::clicked, this, [this](bool proven) {
        tell(session_.edit(tr("Leads proven"), [&](job::Job& job) { job.panelCheck.leadsChecked = proven; }));
    });
    rows->addWidget(leads_);
    rows->addLayout(makeFindings());
    note_ = new TextBox(session_, tr("Note"), QStringLiteral("panelNote"), 2,
                        [](job::Job& job) -> std::string& { return job.panelCheck.note; });
    note_->setPlaceholderText(tr("note"));
    rows->addWidget(note_);
    advice_ = makeLabel({}, theme::body());
    advice_->setObjectName(QStringLiteral("panelAdvice"));
    advice_->setWordWrap(true);
    rows->addWidget(advice_);
    rows->addLayout(makeDecisions());
    rows->addStretch();
    return card;
}

QLayout* PanelCheckStation::makeReadings() {
    auto* row = new QHBoxLayout;
    const std::tuple<QString, const char*, job::Unit, std::optional<double> panelcheck::PanelCheck::*> measured[] = {
        {tr("first glow, V"), "kneeVolts", job::Unit::Volts, &panelcheck::PanelCheck::kneeVolts},
        {tr("light, V"), "lightVolts", job::Unit::Volts, &panelcheck::PanelCheck::lightVolts},
        {tr("T-con, A"), "tconAmps", job::Unit::Amps, &panelcheck::PanelCheck::tconAmps}};
    for (const auto& [name, id, unit, slot] : measured) {
        auto* column = new QVBoxLayout;
        column->setSpacing(theme::px(2));
        column->addWidget(makeLabel(name, theme::quiet(), "quiet"));
        auto* edit = makeField(QString::fromLatin1(id), name, {}, theme::reading(17));
        edit->setMinimumWidth(theme::px(60));
        explainTyping(edit, [unit = unit](const QString& text) {
            return typed::orNothing(typed::number(text, {0, 5000, unit}), unit);
        });
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, name = name, unit = unit, slot = slot] {
            if (!edit->isModified()) {
                return;
            }
            std::optional<double> value;
            if (!edit->text().trimmed().isEmpty()) {
                const auto read = typed::number(edit->text(), {0, 5000, unit});
                if (const auto* problem = std::get_if<text::Text>(&read)) {
                    refuse(edit, words(*problem));
                    return;
                }
                value = std::get<double>(read);
            }
            if (tell(session_.edit(name, [&](job::Job& job) { job.panelCheck.*slot = value; }), edit)) {
                edit->setModified(false);
            }
        });
        readings_.push_back(edit);
        column->addWidget(edit);
        row->addLayout(column);
    }
    return row;
}

QLayout* PanelCheckStation::makeFindings() {
    auto* grid = new QGridLayout;
    for (int i = 0; i < panelcheck::findingCount; ++i) {
        auto* box = new QCheckBox(tr("%1  (%2)").arg(titleOf(Finding(i))).arg(i + 1));
        box->setObjectName(QString::fromLatin1(panelcheck::idOf(Finding(i))));
        box->setFont(theme::body());
        connect(box, &QCheckBox::clicked, this, [this, i](bool seen) {
            tell(session_.edit(titleOf(Finding(i)), [&](job::Job& job) {
                auto& findings = job.panelCheck.findings;
                std::erase(findings, Finding(i));
                if (seen) {
                    findings.insert(std::upper_bound(findings.begin(), findings.end(), Finding(i)), Finding(i));
                }
            }));
        });
        findings_.push_back(box);
        grid->addWidget(box, i / 2, i % 2);
    }
    return grid;
}

QLayout* PanelCheckStation::makeDecisions() {
    auto* row = new QHBoxLayout;
    const std::tuple<QString, QString, const char*> names[] = {
        {tr("Go"), tr("G"), "go"}, {tr("Note"), tr("O"), "goWithNote"}, {tr("No-go"), tr("X"), "noGo"}};
    for (int i = 0; i < 3; ++i) {
        auto* button = makeButton(std::get<0>(names[i]), std::get<1>(names[i]));
        button->setObjectName(QString::fromLatin1(std::get<2>(names[i])));
        button->setCheckable(true);
        connect(button, &QPushButton::clicked, this, [this, i] { decide(Outcome(i + 1)); });
        outcomes_.push_back(button);
        row->addWidget(button);
    }
    return row;
}

void PanelCheckStation::showJob() {
    const auto& job = this->job();
    const auto& check = job.panelCheck;
    channel_->clear();
    if (!job.set.backlight.isDescribed) {
        channel_->addItem(tr("LED strips"));
    }
    for (const auto& channel : job.set.backlight.channels) {
        if (job.set.backlight.isDescribed) {
            channel_->addItem(tr("channel %1").arg(QString::fromStdString(channel.label)));
        }
    }
    channel_->addItem(tr("lamps (CCFL)"));
    channel_->setCurrentIndex(job.set.lightKind() == set::LightKind::Lamps ? channel_->count() - 1 : check.channel);
    for (auto* field : fields_) {
        field->refresh();
    }
    const bool lamps = job.set.lightKind() == set::LightKind::Lamps;
    fields_.front()->setVisible(!lamps);  // the lamps' generator sets their current
    outputs_->setVisible(!lamps);
    for (auto* field : lampFields_) {
        field->refresh();
        field->setVisible(lamps);
    }
    if (!supplies_->isModified()) {
        supplies_->setText(typed::spoken(panelcheck::lineOf(job.bench.supplies)));
        supplies_->setCursorPosition(0);
    }
    const std::optional<double> values[] = {check.kneeVolts, check.lightVolts, check.tconAmps};
    for (std::size_t i = 0; i < readings_.size(); ++i) {
        if (!readings_[i]->isModified()) {
            readings_[i]->setText(values[i] ? number(*values[i]) : QString());
        }
    }
    leads_->setChecked(check.leadsChecked);
    for (int i = 0; i < panelcheck::findingCount; ++i) {
        findings_[i]->setChecked(std::find(check.findings.begin(), check.findings.end(), Finding(i)) !=
                                 check.findings.end());
    }
    note_->refresh();
    for (int i = 0; i < 3; ++i) {
        outcomes_[i]->setChecked(check.outcome == Outcome(i + 1));
    }
    showPlan();
}

void PanelCheckStation::showPlan() {
    const auto& job = this->job();
    const auto plan = panelcheck::planOf(job.set, job.panelCheck, job.bench.supplies);
    headline_->setText(plan.isCcfl ? (plan.lampVolts > 0 ? tr("Lamps run at %1 V, strike near %2 V")
                                                               .arg(plan.lampVolts, 0, 'f', 0)
                                                               .arg(plan.strikeVolts, 0, 'f', 0)
                                                         : tr("How long is a lamp?"))
                       : !job.set.backlight.isDescribed ? tr("How many LEDs stand in series?")
                                                        : tr("First glow %1 to %2 V, light %3 V at %4 mA")
                                                              .arg(plan.firstGlow.low, 0, 'f', 0)
                                                              .arg(plan.firstGlow.high, 0, 'f', 0)
                                                              .arg(plan.lightVolts, 0, 'f', 0)
                                                              .arg(1000 * plan.safeAmps, 0, 'f', 0));
    QStringList parts;
    for (const auto& part : plan.stack) {
        parts << tr("%1: %L2 V, limit %3 mA, its plus at %4 V")
                     .arg(words(panelcheck::nameOf(job.bench.supplies[part.supply])))
                     .arg(part.volts, 0, 'f', 1)
                     .arg(1000 * plan.safeAmps, 0, 'f', 0)
                     .arg(part.topVolts, 0, 'f', 0);
    }
    stack_->setText(plan.refusal.empty() ? parts.join(QLatin1Char('\n')) : words(plan.refusal));
    restyle(stack_, "tone", plan.refusal.empty() ? "" : "ember");
    QStringList cautions;
    for (const auto& caution : plan.cautions) {
        cautions << words(caution);
    }
    cautions_->setText(cautions.join(QLatin1Char('\n')));
    showRamp(plan);
    showAdvice(plan);
}

void PanelCheckStation::showRamp(const panelcheck::Plan& plan) {
    clearLayout(ramp_);
    for (const auto& step : plan.refusal.empty() ? plan.ramp : std::vector<panelcheck::RampStep>{}) {
        auto* card = makeCard("true");
        auto* row = new QHBoxLayout(card);
        row->setContentsMargins(theme::px(10), theme::px(3), theme::px(10), theme::px(3));
        auto* volts = makeLabel(tr("%1 V").arg(step.volts, 0, 'f', 0), theme::reading(17));
        volts->setFixedWidth(theme::px(58));
        row->addWidget(volts);
        auto* expects = makeLabel(tr("%L1 mA").arg(1000 * step.expectAmps, 0, 'f', step.expectAmps < 0.01 ? 1 : 0),
                                  theme::body(), "quiet");
        expects->setFixedWidth(theme::px(54));
        row->addWidget(expects);
        auto* say = makeLabel(words(step.say), theme::quiet(), "quiet");
        say->setWordWrap(true);
        row->addWidget(say, 1);
        ramp_->addWidget(card);
    }
    if (!plan.refusal.empty()) {
        auto* empty =
            makeLabel(plan.isCcfl ? tr("The generator's own ramp; lamps lit one after the other, each through its "
                                       "ballast.")
                      : !job().set.backlight.isDescribed
                          ? tr("No ramp without the strips: one line at Take in is enough.")
                          : tr("No ramp yet: write down outputs that reach %1 V together, at %2 mA "
                               "each, isolated for where they stand. Or light fewer LEDs: one strip "
                               "at Strings.")
                                .arg(1.1 * plan.lightVolts, 0, 'f', 0)
                                .arg(1000 * plan.safeAmps, 0, 'f', 0),
                      theme::body(), "quiet");
        empty->setWordWrap(true);
        ramp_->addWidget(empty);
    }
}

void PanelCheckStation::showAdvice(const panelcheck::Plan& plan) {
    const auto& check = job().panelCheck;
    const auto judgement = panelcheck::judge(plan, check);
    QStringList because;
    for (const auto& sentence : judgement.because) {
        because << words(sentence);
    }
    const QString advised[] = {{}, tr("Go. "), tr("Go, with a note. "), tr("No-go. ")};
    advice_->setText(because.isEmpty()
                         ? tr("%1: expect %L2 to %L3 A. Then a pattern: white, grey, colours, lines.")
                               .arg(check.tconVolts
                                        ? tr("T-con from its own %L1 V").arg(*check.tconVolts)
                                        : tr("T-con from its own supply, its volts read off its fuse first"))
                               .arg(plan.tconLowAmps)
                               .arg(plan.tconHighAmps)
                         : advised[int(judgement.advised)] + because.join(QLatin1Char(' ')));
    restyle(advice_, "tone",
            judgement.advised == Outcome::NoGo ? "ember"
            : judgement.advised == Outcome::Go ? "good"
                                               : "");
}

void PanelCheckStation::commitSupplies() {
    if (!supplies_->isModified()) {
        return;  // Enter alone changes nothing: names and ratings that a line cannot say stay
    }
    const auto read = typed::supplies(supplies_->text());
    if (const auto* problem = std::get_if<typing::LineProblem>(&read)) {
        refuse(supplies_, inWords(*problem));
        return;
    }
    const auto& supplies = std::get<std::vector<panelcheck::BenchSupply>>(read);
    if (tell(session_.edit(tr("Bench supplies"), [&](job::Job& job) { job.bench.supplies = supplies; }), supplies_)) {
        supplies_->setModified(false);
    }
}

void PanelCheckStation::decide(Outcome outcome) {
    const QString names[] = {{}, tr("Panel: go"), tr("Panel: go, with a note"), tr("Panel: no-go")};
    const auto& writeOff = session_.trade().writeOff().id;
    tell(session_.edit(names[int(outcome)], [&](job::Job& job) {
        job.panelCheck.outcome = outcome;
        if (outcome == Outcome::NoGo) {
            job.repair.option = writeOff;
        } else if (job.repair.option == writeOff) {
            job.repair.option.clear();
        }
    }));
}

void PanelCheckStation::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    if (event->modifiers() != Qt::NoModifier) {
        Station::keyPressEvent(event);
    } else if (key >= Qt::Key_1 && key < Qt::Key_1 + panelcheck::findingCount) {
        findings_[key - Qt::Key_1]->click();
    } else if (key == Qt::Key_P) {
        leads_->click();
    } else if (key == Qt::Key_G) {
        decide(Outcome::Go);
    } else if (key == Qt::Key_O) {
        decide(Outcome::GoWithNote);
    } else if (key == Qt::Key_X) {
        decide(Outcome::NoGo);
    } else {
        Station::keyPressEvent(event);
    }
}

void PanelCheckStation::enter() {
    setFocusPolicy(Qt::StrongFocus);
    setFocus();
}

std::vector<KeyHint> PanelCheckStation::keys() const {
    return {{tr("Tab"), tr("fields")},     {tr("1 … 7"), tr("what is seen")},
            {tr("P"), tr("leads proven")}, {tr("G"), tr("go")},
            {tr("O"), tr("note")},         {tr("X"), tr("no-go")}};
}

bool PanelCheckStation::isDone(const Snapshot& shown) {
    return shown.job.panelCheck.outcome != Outcome::Open;
}

}  // namespace dimglow::app
