#include "app/belief_panel.h"

#include <QShortcut>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

constexpr std::size_t mostGroups = 5;
constexpr std::size_t mostOfAGroup = 3;
constexpr std::size_t mostParts = 4;
constexpr double groupWorthShowing = 0.02;
constexpr double partWorthShowing = 0.02;
constexpr double suspectWorthShowing = 0.05;
constexpr std::size_t mostAlternatives = 3;
constexpr std::size_t mostOutcomes = 3;
constexpr double shareWorthShowing = 0.005;
constexpr double bitsWorthShowing = 0.05;
constexpr double changeWorthShowing = 0.01;
constexpr int fadingMilliseconds = 5000;

QString percent(double share) {
    return share < 0.01 ? QStringLiteral("< 1 %") : QStringLiteral("%1 %").arg(100 * share, 0, 'f', 0);
}

/// How much a probe narrows what is left down, a bit being a halving.
QString worthWords(double bits) {
    return bits >= 0.9    ? QObject::tr("halves what is left")
           : bits >= 0.4  ? QObject::tr("tells much")
           : bits >= 0.15 ? QObject::tr("tells something")
                          : QObject::tr("tells little");
}

QString opensWords(knowledge::Reach opens) {
    switch (opens) {
        case knowledge::Reach::Outside:
            return {};
        case knowledge::Reach::Boards:
            return QObject::tr("back off");
        case knowledge::Reach::Panel:
            return QObject::tr("opens the panel");
    }
    return {};
}

}  // namespace

BeliefPanel::BeliefPanel(JobSession& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("side"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::px(14), theme::px(14), theme::px(8), theme::px(8));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("What is left"), theme::strong()));
    head->addStretch();
    why_ = makeButton(tr("why?"), tr("Alt+W"));
    why_->setObjectName(QStringLiteral("why"));
    why_->setFont(theme::quiet());
    why_->setFocusPolicy(Qt::NoFocus);
    connect(why_, &QPushButton::clicked, this, &BeliefPanel::toggleWhy);
    head->addWidget(why_);
    layout->addLayout(head);
    const auto addScroll = [&](int stretch) {
        auto* scroll = new QScrollArea;
        scroll->setWidgetResizable(true);
        scroll->setFocusPolicy(Qt::NoFocus);
        scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        auto* list = new QWidget;
        auto* rows = new QVBoxLayout(list);
        rows->setContentsMargins(0, 0, theme::px(6), 0);
        rows->setSpacing(theme::px(3));
        scroll->setWidget(list);
        layout->addWidget(scroll, stretch);
        return std::pair(scroll, rows);
    };
    std::tie(suspectsScroll_, suspects_) = addScroll(0);
    fading_.setInterval(fadingMilliseconds);
    connect(&fading_, &QTimer::timeout, this, &BeliefPanel::watchCharge);
    fading_.start();
    river_ = new BeliefRiver(session_);
    layout->addWidget(river_);
    layout->addWidget(makeRule());
    rows_ = addScroll(1).second;
    auto* why = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_W), this);
    why->setContext(Qt::WindowShortcut);
    connect(why, &QShortcut::activated, this, &BeliefPanel::toggleWhy);
    connect(&session_, &JobSession::changed, this, &BeliefPanel::refresh);
    if (session_.hasJob()) {
        refresh();
    }
}

/// A block of the set with what is suspected in it, and what that comes down to.
void BeliefPanel::addGroup(const Group& group, bool leading) {
    auto* top = new QHBoxLayout;
    const bool isQuiet = group.share < 0.05;
    auto* title = makeLabel(group.title, theme::strong(), isQuiet ? "quiet" : "");
    title->setWordWrap(true);
    top->addWidget(title, 1);
    if (const double change = group.share - group.before; std::abs(change) > changeWorthShowing) {
        top->addWidget(
            makeLabel(
                (change > 0 ? QStringLiteral("▲ %1") : QStringLiteral("▼ %1")).arg(100 * std::abs(change), 0, 'f', 0),
                theme::quiet(), change > 0 ? "glow" : "idle"),
            0, Qt::AlignTop);
    }
    top->addWidget(makeLabel(percent(group.share), theme::strong(), isQuiet ? "quiet" : ""), 0, Qt::AlignTop);
    suspects_->addLayout(top);
    suspects_->addWidget(new ShareBar(group.share, group.before, leading));
    std::size_t shown = 0;
    for (const auto* suspect : group.suspects) {
        const bool isWorthIt = suspect->share > (leading ? shareWorthShowing : suspectWorthShowing) || shown == 0;
        if (shown == mostOfAGroup || !isWorthIt) {
            break;
        }
        addSuspect(*suspect, leading && shown == 0);
        ++shown;
    }
    suspects_->addSpacing(theme::px(6));
}

void BeliefPanel::addLine(const QString& title, double share, int indent) {
    auto* line = new QHBoxLayout;
    line->setContentsMargins(theme::px(indent), 0, 0, 0);
    auto* label = makeLabel(title, theme::quiet(), share < 0.05 ? "quiet" : "");
    label->setWordWrap(true);
    line->addWidget(label, 1);
    line->addWidget(makeLabel(percent(share), theme::quiet(), "quiet"), 0, Qt::AlignTop);
    suspects_->addLayout(line);
}

void BeliefPanel::addSuspect(const findings::SuspectShare& suspect, bool leading) {
    constexpr int indent = 12;
    addLine(words(suspect.title), suspect.share, indent);
    const bool searchesParts = session_.shown().job.way.level == job::Way::Level::Component;
    for (std::size_t i = 0; i < std::min(mostParts, suspect.parts.size()); ++i) {
        const auto& part = suspect.parts[i];
        const bool standsOut = searchesParts || asksWhy_ || part.share > suspect.share / 2;
        if (suspect.parts.size() > 1 && standsOut && part.share > partWorthShowing) {
            addLine(words(part.title), part.share, 2 * indent);
        }
    }
    const std::size_t reasons = asksWhy_ ? suspect.reasons.size() : leading ? 1 : 0;
    for (std::size_t i = 0; i < std::min(reasons, suspect.reasons.size()); ++i) {
        addReason(suspect.reasons[i], indent);
    }
    if (asksWhy_ && suspect.reasons.empty()) {
        auto* label = makeLabel(tr("No reading speaks for or against it: this is how often it happens."),
                                theme::quiet(), "quiet");
        label->setWordWrap(true);
        label->setContentsMargins(theme::px(indent), 0, 0, 0);
        suspects_->addWidget(label);
    }
}

/// What speaks for or against a suspect: in words, and as a bar to the right or to the left, ten times for each
/// quarter.
void BeliefPanel::addReason(const findings::Reason& reason, int indent) {
    const double times = std::pow(10, std::abs(reason.decibans) / 10);
    const QString much = times > 999 ? tr("over 1000 ×") : tr("%L1 ×").arg(times, 0, 'f', times < 10 ? 1 : 0);
    auto* label = makeLabel((reason.decibans > 0 ? tr("for: %1") : tr("against: %1")).arg(words(reason.text)),
                            theme::quiet(), reason.decibans > 0 ? "quiet" : "idle");
    label->setWordWrap(true);
    label->setContentsMargins(theme::px(indent), 0, 0, 0);
    suspects_->addWidget(label);
    auto* line = new QHBoxLayout;
    line->setContentsMargins(theme::px(indent), 0, 0, 0);
    line->addWidget(new WeightBar(reason.decibans / 40), 1);
    auto* number = makeLabel(much, theme::quiet(), "quiet");
    number->setToolTip(reason.decibans > 0 ? tr("So much likelier under it than otherwise.")
                                           : tr("So much less likely under it than otherwise."));
    line->addWidget(number);
    suspects_->addLayout(line);
}

/// The suspects take what room they need, and never more than half: the next probe stays in sight.
void BeliefPanel::fitSuspects() {
    suspects_->activate();
    const int width = suspectsScroll_->width();
    const int wanted =
        suspects_->hasHeightForWidth() ? suspects_->totalHeightForWidth(width) : suspects_->totalSizeHint().height();
    suspectsScroll_->setFixedHeight(std::min(wanted + theme::px(2), int(0.42 * height())));
}

void BeliefPanel::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fitSuspects();
}

void BeliefPanel::toggleWhy() {
    asksWhy_ = !asksWhy_;
    refresh();
}

/// By the blocks of the set, the most suspected first.
std::vector<BeliefPanel::Group> BeliefPanel::groups() const {
    const auto& trade = session_.trade();
    const auto& set = trade.setKind(session_.shown().job.set);
    std::vector<Group> groups;
    std::map<int, std::size_t> groupOfBlock;
    for (const auto& suspect : session_.shown().assessment.suspects) {
        const auto [entry, isNew] = groupOfBlock.try_emplace(suspect.block, groups.size());
        if (isNew) {
            groups.push_back(
                {suspect.block < 0 ? tr("Something else") : words(set.blocks[std::size_t(suspect.block)].title),
                 0,
                 0,
                 {}});
        }
        auto& group = groups[entry->second];
        group.share += suspect.share;
        group.before += suspect.previousShare;
        group.suspects.push_back(&suspect);
    }
    std::stable_sort(groups.begin(), groups.end(), [](const auto& a, const auto& b) { return a.share > b.share; });
    return groups;
}

/// Readings that do not fit together: calmly, and which one to take again.
void BeliefPanel::addMisfit(const findings::Misfit& misfit) {
    auto* title = makeLabel(tr("These do not fit together"), theme::strong(), "idle");
    title->setObjectName(QStringLiteral("misfit"));
    rows_->addWidget(title);
    auto* which = makeLabel(
        misfit.entry
            ? tr("Without \"%1\" the rest fits. Take it again: the right point, the right digits?")
                  .arg(words(misfit.reading))
            : tr("No single reading is to blame. It may be a kind of set or fault that is not thought of here."),
        theme::quiet());
    which->setObjectName(QStringLiteral("misfitReading"));
    which->setWordWrap(true);
    rows_->addWidget(which);
    QStringList reasons;
    if (!misfit.why.empty()) {
        reasons += words(misfit.why);
    }
    if (misfit.describedSince) {
        reasons += misfit.entry ? tr("The set has been described otherwise since it was taken: is that right?")
                                : tr("The set has been described otherwise since readings were taken: is that right?");
    }
    if (!reasons.isEmpty()) {
        auto* why = makeLabel(reasons.join(QLatin1Char(' ')), theme::quiet());
        why->setObjectName(QStringLiteral("misfitWhy"));
        why->setWordWrap(true);
        rows_->addWidget(why);
    }
    if (misfit.entry) {
        auto* because =
            makeField(QStringLiteral("fitsBecause"), tr("It fits because"), tr("or it fits because …"), theme::quiet());
        connect(because, &QLineEdit::returnPressed, this, [this, because, entry = *misfit.entry] {
            const std::string why = because->text().trimmed().toStdString();
            if (why.empty()) {
                return;
            }
            const auto written = session_.edit(tr("It fits because"), [&](job::Job& job) {
                for (auto& line : job.trail) {
                    line.source.fitsBecause = line.id == entry ? why : line.source.fitsBecause;
                }
            });
            if (!written) {
                refuse(because, written.problem);
            }
        });
        rows_->addWidget(because);
    }
    rows_->addSpacing(theme::px(6));
}

/// Both kinds of backlight are still possible: a look decides.
void BeliefPanel::addLightWanted(QVBoxLayout& inner) {
    const auto* test = session_.trade().test("lightSource");
    auto* title = makeLabel(words(test->title), theme::strong());
    title->setObjectName(QStringLiteral("nextTitle"));
    inner.addWidget(title);
    auto* how = makeLabel(words(test->how), theme::quiet(), "quiet");
    how->setWordWrap(true);
    inner.addWidget(how);
    const double lamps = *session_.shown().assessment.lampsShare;
    for (const auto& [choice, share] : {std::pair(0, 1 - lamps), {1, lamps}}) {
        auto* line = new QHBoxLayout;
        line->addWidget(makeLabel(words(test->choices[std::size_t(choice)].title), theme::quiet()), 1);
        line->addWidget(makeLabel(tr("%1 %").arg(100 * share, 0, 'f', 0), theme::quiet(), "quiet"));
        inner.addLayout(line);
        inner.addWidget(new ShareBar(share, share, share > 0.5));
    }
    auto* button = makeButton(tr("Go to it"), tr("Ctrl+Enter"), true);
    button->setObjectName(QStringLiteral("next"));
    connect(button, &QPushButton::clicked, this, [this] { emit stepChosen(NextStep::Light); });
    inner.addWidget(button);
}

/// Outside and board have told what they can.
void BeliefPanel::addStripsWanted(QVBoxLayout& inner) {
    auto* title = makeLabel(tr("Look at the strips"), theme::strong());
    title->setObjectName(QStringLiteral("nextTitle"));
    inner.addWidget(title);
    auto* how =
        makeLabel(tr("Outside and board have told what they can. Open the panel and write down what strips there "
                     "are; then each can be probed."),
                  theme::quiet(), "quiet");
    how->setWordWrap(true);
    inner.addWidget(how);
    auto* button = makeButton(tr("Describe them"), tr("Ctrl+Enter"), true);
    button->setObjectName(QStringLiteral("next"));
    connect(button, &QPushButton::clicked, this, [this] { emit stepChosen(NextStep::Strips); });
    inner.addWidget(button);
}

void BeliefPanel::addNext() {
    auto* card = makeCard("next");
    auto* inner = new QVBoxLayout(card);
    inner->setContentsMargins(theme::px(14), theme::px(12), theme::px(14), theme::px(14));
    inner->setSpacing(theme::px(6));
    const NextStep step = nextStepOf(session_.shown());
    if (step == NextStep::Light) {
        addLightWanted(*inner);
    } else if (step == NextStep::Strips) {
        addStripsWanted(*inner);
    } else if (step == NextStep::Probe) {
        addProbe(*inner);
    } else {
        addDecided(*inner, step);
    }
    rows_->addWidget(card);
}

/// What is found, or what is to be done about it.
void BeliefPanel::addDecided(QVBoxLayout& inner, NextStep step) {
    const auto& assessment = session_.shown().assessment;
    const QString verdict = !assessment.verdict().empty()  ? words(assessment.verdict())
                            : step == NextStep::Rework     ? tr("The repair is to be done")
                            : step == NextStep::Prove      ? tr("The repair is to be proven")
                            : step == NextStep::HandBack   ? tr("Ready to be handed back")
                            : assessment.probes.outOfTools ? tr("No test at hand would tell more")
                                                           : tr("No test would tell more");
    auto* title = makeLabel(verdict, theme::heading());
    title->setObjectName(QStringLiteral("verdict"));
    title->setWordWrap(true);
    inner.addWidget(title);
    const auto& options = assessment.plan.options;
    const auto chosen = std::find_if(options.begin(), options.end(), [&](const auto& option) {
        return option.id == session_.shown().job.repair.option;
    });
    auto* advice =
        makeLabel(chosen != options.end() ? tr("Chosen: %1").arg(words(chosen->title)) : words(assessment.plan.advice),
                  theme::quiet(), "quiet");
    advice->setWordWrap(true);
    inner.addWidget(advice);
    if (!session_.shown().job.handedBack.empty()) {  // nothing is left to do
        return;
    }
    auto* button = makeButton(step == NextStep::Rework     ? tr("Do it")
                              : step == NextStep::Prove    ? tr("Prove it")
                              : step == NextStep::HandBack ? tr("Hand it back")
                                                           : tr("Plan the fix"),
                              tr("Ctrl+Enter"), true);
    button->setObjectName(QStringLiteral("next"));
    connect(button, &QPushButton::clicked, this, [this, step] { emit stepChosen(step); });
    inner.addWidget(button);
}

/// The probe that comes next, or what must be done before it.
void BeliefPanel::addProbe(QVBoxLayout& inner) {
    const auto& assessment = session_.shown().assessment;
    const auto& probe = *nextProbeOf(session_.shown());
    if (assessment.fixNow) {
        auto* fix = makeLabel(tr("Or mend it now: %1 costs less than knowing (%2 % it is that).")
                                  .arg(words(assessment.fixNow->title))
                                  .arg(100 * assessment.fixNow->mends, 0, 'f', 0),
                              theme::quiet(), "good");
        fix->setObjectName(QStringLiteral("fixNow"));
        fix->setWordWrap(true);
        inner.addWidget(fix);
    }
    const auto charge = emptyFirstOf(session_.shown(), session_.trade(), probe);
    emptyFirst_ = charge ? charge->store : std::string();
    if (charge) {
        addEmptyFirst(inner, *charge);
    }
    auto* title = makeLabel(words(probe.title), theme::strong());
    title->setObjectName(QStringLiteral("nextTitle"));
    title->setWordWrap(true);
    if (charge) {
        auto* line = new QHBoxLayout;
        line->addWidget(makeLabel(tr("then"), theme::quiet(), "quiet"), 0, Qt::AlignTop);
        line->addWidget(title, 1);
        inner.addLayout(line);
    } else {
        inner.addWidget(title);
        addWay(inner, probe);
    }
    auto* button = makeButton(charge ? tr("Make safe first") : tr("Go to it"), tr("Ctrl+Enter"), true);
    button->setObjectName(QStringLiteral("next"));
    connect(button, &QPushButton::clicked, this, [this, probe] { emit probeChosen(probe); });
    inner.addWidget(button);
    for (std::size_t i = 0; !charge && i < std::min(mostOutcomes, probe.outcomes.size()); ++i) {
        auto* line = makeLabel(tr("%1 → %2").arg(words(probe.outcomes[i].reading), words(probe.outcomes[i].meaning)),
                               theme::quiet(), "quiet");
        line->setWordWrap(true);
        inner.addWidget(line);
    }
    auto* missed = makeButton(tr("Cannot reach it"), tr("Ctrl+Del"));
    missed->setObjectName(QStringLiteral("missed"));
    missed->setToolTip(tr("It is not there, or no probe gets to it: it is not asked for again."));
    connect(missed, &QPushButton::clicked, this, &BeliefPanel::probeMissed);
    inner.addWidget(missed);
}

/// How a probe is done, and what it costs.
void BeliefPanel::addWay(QVBoxLayout& inner, const probe::Probe& probe) {
    auto* how = makeLabel(words(probe.how), theme::quiet(), "quiet");
    how->setWordWrap(true);
    inner.addWidget(how);
    // A strip's minute and a reading taken again are due, whatever they tell.
    QString worth = probe.bits < bitsWorthShowing
                        ? tr("%L1 min").arg(probe.minutes, 0, 'g', 3)
                        : tr("%L1 min    %2").arg(probe.minutes, 0, 'g', 3).arg(worthWords(probe.bits));
    if (const QString opens = opensWords(probe.opens); !opens.isEmpty()) {
        worth += QStringLiteral("    ") + opens;
    }
    for (const auto& tool : toolsOf(probe)) {
        worth += QStringLiteral("    ") + tool;
    }
    if (probe.isAwaited) {
        worth += QStringLiteral("    ") + tr("the verdict waits for it");
    }
    auto* needs = makeLabel(worth, theme::body());
    needs->setWordWrap(true);
    inner.addWidget(needs);
    if (probe.live) {
        auto* live = makeLabel(session_.shown().job.liveWorkAccepted
                                   ? tr("Live: one hand, rated leads")
                                   : tr("Live: only for the trained and equipped, Alt+A says so"),
                               theme::quiet(), "ember");
        live->setWordWrap(true);
        inner.addWidget(live);
    }
}

/// What must be measured empty before the probe below it.
void BeliefPanel::addEmptyFirst(QVBoxLayout& inner, const makesafe::Charge& charge) {
    auto* first = makeLabel(tr("First measure it empty: %1").arg(words(charge.title)), theme::strong(), "ember");
    first->setObjectName(QStringLiteral("emptyFirst"));
    first->setWordWrap(true);
    setPlainToolTip(first, words(charge.because));
    inner.addWidget(first);
}

void BeliefPanel::watchCharge() {
    if (!isVisible() || !session_.hasJob() || nextStepOf(session_.shown()) != NextStep::Probe) {
        return;
    }
    const auto charge = emptyFirstOf(session_.shown(), session_.trade(), *nextProbeOf(session_.shown()));
    if (emptyFirst_ != (charge ? charge->store : std::string())) {
        refresh();
    }
}

void BeliefPanel::addAlternatives() {
    const auto& probes = session_.shown().assessment.probes.best;
    const bool decided = nextStepOf(session_.shown()) != NextStep::Probe;
    const std::size_t from = decided ? 0 : 1;
    if (probes.size() <= from || probes[from].bits < bitsWorthShowing) {
        return;
    }
    rows_->addSpacing(theme::px(4));
    rows_->addWidget(makeLabel(decided ? tr("to be surer") : tr("or"), theme::quiet(), "quiet"));
    for (std::size_t i = from; i < std::min(from + mostAlternatives, probes.size()); ++i) {
        const auto& probe = probes[i];
        if (probe.bits < bitsWorthShowing) {
            continue;
        }
        auto* button = new QPushButton;
        button->setAccessibleName(words(probe.title));
        button->setMinimumHeight(theme::px(36));
        auto* line = new QHBoxLayout(button);
        line->setContentsMargins(theme::px(4), 0, theme::px(4), 0);
        const QString title = words(probe.title);
        setPlainToolTip(button, title);
        line->addWidget(
            makeLabel(QFontMetrics(theme::quiet()).elidedText(title, Qt::ElideRight, theme::px(150)), theme::quiet()),
            1);
        line->addWidget(makeLabel(tr("%L1 min").arg(probe.minutes, 0, 'g', 3), theme::quiet(), "quiet"));
        line->addWidget(new ShareBar(std::min(1.0, probe.bits), 0, false));
        line->itemAt(line->count() - 1)->widget()->setFixedWidth(theme::px(40));
        setPlainToolTip(button, title + QLatin1Char('\n') + worthWords(probe.bits));
        connect(button, &QPushButton::clicked, this, [this, probe] { emit probeChosen(probe); });
        rows_->addWidget(button);
    }
}

/// What would tell more, once live work is accepted.
void BeliefPanel::addLive(const probe::Probe& probe) {
    auto* line = makeLabel(tr("Live work is not accepted (Alt+A). With it: %1.").arg(words(probe.title)),
                           theme::quiet(), "quiet");
    line->setObjectName(QStringLiteral("liveWork"));
    line->setWordWrap(true);
    rows_->addSpacing(theme::px(4));
    rows_->addWidget(line);
}

/// What would tell more, if there were the tool for it.
void BeliefPanel::addOutOfTools(const probe::Probe& probe) {
    auto* line = makeLabel(
        tr("Not at hand: %1. With it: %2.").arg(toolsOf(probe).join(QStringLiteral(", ")), words(probe.title)),
        theme::quiet(), "quiet");
    line->setObjectName(QStringLiteral("outOfTools"));
    line->setWordWrap(true);
    rows_->addSpacing(theme::px(4));
    rows_->addWidget(line);
}

QStringList BeliefPanel::toolsOf(const probe::Probe& probe) const {
    QStringList tools;
    for (const auto& id : probe.tools) {
        tools << words(session_.trade().tool(id)->title);
    }
    return tools;
}

void BeliefPanel::refresh() {
    clearLayout(rows_);
    clearLayout(suspects_);
    emptyFirst_.clear();
    river_->refresh();
    const auto groups = this->groups();
    for (std::size_t i = 0; i < std::min(mostGroups, groups.size()) && groups[i].share > groupWorthShowing; ++i) {
        addGroup(groups[i], i == 0);
    }
    why_->setText((asksWhy_ ? tr("less") : tr("why?")) + QStringLiteral("   ") + tr("Alt+W"));
    why_->setToolTip(tr("%1 explanations").arg(session_.shown().assessment.explanations));
    fitSuspects();
    QTimer::singleShot(0, this, &BeliefPanel::fitSuspects);  // once the new lines know how high they are
    if (const auto& misfit = session_.shown().assessment.misfit) {
        addMisfit(*misfit);
    }
    rows_->addWidget(
        makeLabel(session_.shown().assessment.verdict().empty() ? tr("Next probe") : tr("Verdict"), theme::strong()));
    addNext();
    addAlternatives();
    if (const auto& probe = session_.shown().assessment.probes.outOfTools; probe && probe->bits >= bitsWorthShowing) {
        addOutOfTools(*probe);
    }
    const auto& probes = session_.shown().assessment.probes;
    if (probes.live && !probes.best.empty() && probes.live->bits >= bitsWorthShowing) {
        addLive(*probes.live);
    }
    rows_->addStretch();
}

}  // namespace dimglow::app
