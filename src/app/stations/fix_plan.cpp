#include "app/stations/fix_plan.h"

#include <QCheckBox>
#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

namespace {
constexpr std::size_t mostOptions = 5;
}

FixPlanStation::FixPlanStation(JobSession& session) : Station(session, QStringLiteral("fixPlan"), tr("Fix plan")) {
    cause_ = makeLabel({}, theme::reading(20));
    cause_->setObjectName(QStringLiteral("cause"));
    cause_->setWordWrap(true);
    body_->addWidget(cause_);
    auto* card = makeCard("next");
    auto* row = new QHBoxLayout(card);
    row->setContentsMargins(theme::px(16), theme::px(10), theme::px(16), theme::px(10));
    advice_ = makeLabel({}, theme::body());
    advice_->setObjectName(QStringLiteral("advice"));
    advice_->setWordWrap(true);
    row->addWidget(advice_);
    body_->addWidget(card);
    options_ = new QHBoxLayout;
    options_->setSpacing(theme::px(5));
    body_->addLayout(options_, 1);
    auto* assumed = new QGridLayout;
    assumed->setHorizontalSpacing(theme::px(16));
    assumed->setVerticalSpacing(theme::px(4));
    const auto assume = [&](const QString& name, const char* id, job::Expected expected, double job::Bench::*value) {
        auto* field = new NumberField(session, name, QString::fromLatin1(id), expected,
                                      [value](job::Job& job) -> double& { return job.bench.*value; });
        constexpr int columns = 3;
        const int index = int(assumptions_.size());
        assumed->addWidget(field, index / columns, index % columns, Qt::AlignLeft);
        assumptions_.push_back(field);
        return field;
    };
    assume(tr("Rate per h"), "rate", {0, 1e5, job::Unit::Money}, &job::Bench::ratePerHour);
    assume(tr("Promised, h of light"), "promised", {1, 1e5, job::Unit::Hours}, &job::Bench::promisedHours);
    assume(tr("Goodwill"), "goodwill", {0, 1e5, job::Unit::Money}, &job::Bench::goodwill);
    ageing_ = assume(tr("How LEDs age"), "weibull", {0.2, 10}, &job::Bench::weibullShape);
    ageing_->setToolTip(tr("Weibull β: 1 at any age alike, 2.5 the older the likelier"));
    restocking_ = assume(tr("Restocking"), "restocking", {0, 1e5, job::Unit::Money}, &job::Bench::restockingFee);
    assumed->setColumnStretch(2, 1);
    body_->addLayout(assumed);
}

QWidget* FixPlanStation::makeOption(const repair::Option& option, int number) {
    const auto& job = this->job();
    const bool chosen = job.repair.option == option.id;
    const bool advised = assessment().plan.advised == option.id;
    auto* card = makeCard(chosen ? "chosen" : "panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(8), theme::px(10), theme::px(8), theme::px(8));
    rows->setSpacing(theme::px(3));
    addHead(*rows, option, advised);
    rows->addSpacing(theme::px(8));
    addFacts(*rows, option, number);
    rows->addSpacing(theme::px(6));
    const auto addSentence = [rows](const QString& sentence, const char* tone) {
        auto* label = makeLabel(sentence, theme::quiet(), tone);
        label->setWordWrap(true);
        rows->addWidget(label);
    };
    addSentence(words(option.say), "quiet");
    addSentence(words(option.comebackWhy), "quiet");
    if (option.late) {
        addSentence(tr("too late for %1").arg(QString::fromStdString(job.order.due)), "ember");
    }
    if (!option.writesOff) {
        auto* lacks = new QCheckBox(tr("no parts"));
        lacks->setToolTip(tr("They are not to be had."));
        lacks->setObjectName(QStringLiteral("unavailable%1").arg(number));
        lacks->setFont(theme::quiet());
        lacks->setChecked(option.unavailable);
        connect(lacks, &QCheckBox::clicked, this, [this, id = option.id](bool isIt) {
            changeTerms(id, tr("Not to be had"), [isIt](job::Terms& terms) { terms.unavailable = isIt; });
        });
        rows->addWidget(lacks);
    }
    rows->addStretch();
    auto* button =
        makeButton(chosen ? tr("chosen") : tr("Choose"), QString::number(number), advised && job.repair.option.empty());
    button->setMinimumWidth(theme::px(60));
    button->setObjectName(QStringLiteral("choose%1").arg(number));
    connect(button, &QPushButton::clicked, this, [this, number] { choose(number - 1); });
    rows->addWidget(button);
    return card;
}

/// Its name and what it is expected to cost.
void FixPlanStation::addHead(QVBoxLayout& rows, const repair::Option& option, bool advised) {
    auto* title = makeLabel(words(option.title), theme::strong());
    title->setWordWrap(true);
    title->setMinimumHeight(theme::px(40));
    title->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    rows.addWidget(title);
    const auto& currency = job().bench.currency;
    rows.addWidget(makeLabel(
        option.expectedCost ? tr("%1 %2").arg(*option.expectedCost, 0, 'f', 0).arg(QString::fromStdString(currency))
                            : tr("not known"),
        theme::reading(22),
        advised               ? "glow"
        : option.expectedCost ? ""
                              : "quiet"));
    rows.addWidget(makeLabel(advised              ? tr("advised")
                             : option.unavailable ? tr("not to be had")
                             : option.stopGap     ? tr("stop-gap")
                                                  : tr("expected cost"),
                             theme::quiet(), advised ? "glow" : "quiet"));
}

/// What it takes and what comes of it, a line each.
void FixPlanStation::addFacts(QVBoxLayout& rows, const repair::Option& option, int number) {
    const auto fact = [&](const QString& name, const QString& value, const char* tone = "") {
        auto* line = new QHBoxLayout;
        auto* label = makeLabel(name, theme::quiet(), "quiet");
        label->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
        line->addWidget(label, 1);
        line->addWidget(makeLabel(value, theme::columns(), tone));
        rows.addLayout(line);
    };
    // Why it cannot be told stands below.
    fact(tr("comeback"),
         option.comeback    ? tr("%1 %").arg(100 * *option.comeback, 0, 'f', 0)
         : option.writesOff ? tr("none")
                            : tr("?"),
         option.comeback && *option.comeback > 0.25 ? "ember" : "");
    if (option.writesOff) {
        fact(tr("parts"), tr("none"));
    } else {
        addTerm(rows, option, number, Term::Parts);
        addTerm(rows, option, number, Term::Days);
    }
    fact(tr("work"), tr("%1 min").arg(option.minutes, 0, 'f', 0));
    fact(tr("mends"), tr("%1 %").arg(100 * option.mends, 0, 'f', 0));
    fact(tr("glass risk"), tr("%1 %").arg(100 * option.glassRisk, 0, 'f', 0));
}

/// What this job's parts cost and when they come: typed here, or the workshop's figure in pale.
void FixPlanStation::addTerm(QVBoxLayout& rows, const repair::Option& option, int number, Term term) {
    const bool isParts = term == Term::Parts;
    const auto* said = job().repair.termsOf(option.id);
    const auto* value = said == nullptr ? nullptr : isParts ? &said->parts : &said->days;
    const job::Expected expected =
        isParts ? job::Expected{0, 1e6, job::Unit::Money} : job::Expected{0, 1000, job::Unit::None};
    auto* line = new QHBoxLayout;
    line->addWidget(makeLabel(isParts ? tr("parts") : tr("days"), theme::quiet(), "quiet"), 1);
    auto* edit = makeField((isParts ? QStringLiteral("parts%1") : QStringLiteral("days%1")).arg(number),
                           isParts ? tr("What the parts cost") : tr("Days until they come"),
                           app::number(isParts ? option.parts : option.days), theme::body());
    edit->setFixedWidth(theme::px(54));
    edit->setAlignment(Qt::AlignRight);
    edit->setText(value != nullptr && *value ? app::number(**value) : QString());
    restyle(edit, "tone", option.late && !isParts ? "ember" : "");
    connect(edit, &QLineEdit::editingFinished, this, [this, edit, expected, isParts, id = option.id] {
        if (!edit->isModified()) {
            return;
        }
        std::optional<double> typed;
        if (!edit->text().trimmed().isEmpty()) {
            const auto read = isParts ? typed::amount(edit->text(), expected) : typed::number(edit->text(), expected);
            if (const auto* problem = std::get_if<text::Text>(&read)) {
                refuse(edit, words(*problem));
                return;
            }
            typed = std::get<double>(read);
        }
        edit->setModified(false);
        changeTerms(id, edit->accessibleName(),
                    [&](job::Terms& terms) { (isParts ? terms.parts : terms.days) = typed; });
    });
    line->addWidget(edit);
    rows.addLayout(line);
}

void FixPlanStation::changeTerms(const std::string& option, const QString& label,
                                 const std::function<void(job::Terms&)>& change) {
    tell(session_.edit(label, [&](job::Job& job) {
        auto& all = job.repair.terms;
        auto of = std::find_if(all.begin(), all.end(), [&](const auto& terms) { return terms.option == option; });
        of = of == all.end() ? all.insert(of, {option, {}, {}, false}) : of;
        change(*of);
        if (*of == job::Terms{option, {}, {}, false}) {
            all.erase(of);
        }
    }));
}

void FixPlanStation::showJob() {
    const auto* focused = focusWidget();
    const QString name = focused == nullptr ? QString() : focused->objectName();
    clearLayout(options_);
    const auto& assessment = this->assessment();
    cause_->setText(assessment.verdict().empty() ? tr("Not certain yet: %1, %2 %")
                                                       .arg(words(assessment.suspects.front().title))
                                                       .arg(100 * assessment.suspects.front().share, 0, 'f', 0)
                                                 : words(assessment.verdict()));
    advice_->setText(words(assessment.plan.advice));
    const auto& options = assessment.plan.options;
    for (std::size_t i = 0; i < std::min(mostOptions, options.size()); ++i) {
        options_->addWidget(makeOption(options[i], int(i) + 1), 1);
    }
    for (auto* field : assumptions_) {
        field->refresh();
    }
    if (auto* again = name.isEmpty() ? nullptr : lastNamed(name)) {
        again->setFocus();  // the cards are others, the hand is where it was
    }
    ageing_->setVisible(job().set.lightKind() == set::LightKind::Leds);
    restocking_->setVisible(job().way.first == job::Way::First::Swap);
}

QWidget* FixPlanStation::lastNamed(const QString& name) const {
    const auto all = findChildren<QWidget*>(name);
    return all.isEmpty() ? nullptr : all.last();
}

void FixPlanStation::choose(int index) {
    const auto& options = assessment().plan.options;
    if (index >= 0 && index < int(std::min(mostOptions, options.size()))) {
        tell(session_.edit(tr("Repair: %1").arg(words(options[index].title)),
                           [id = options[index].id](job::Job& job) { job.repair.option = id; }));
        setFocus();
    }
}

void FixPlanStation::keyPressEvent(QKeyEvent* event) {
    const int digit = event->key() - Qt::Key_1;
    if (digit >= 0 && digit < int(mostOptions) && event->modifiers() == Qt::NoModifier) {
        choose(digit);
    } else {
        Station::keyPressEvent(event);
    }
}

void FixPlanStation::enter() {
    setFocusPolicy(Qt::StrongFocus);
    setFocus();
}

std::vector<KeyHint> FixPlanStation::keys() const {
    return {{tr("1 … 5"), tr("choose")}};
}

bool FixPlanStation::isDone(const Snapshot& shown) {
    return !shown.job.repair.option.empty();
}

}  // namespace dimglow::app
