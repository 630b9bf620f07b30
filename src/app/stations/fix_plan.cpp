#include "app/stations/fix_plan.h"

#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>

#include "app/ask_file.h"
#include "app/field_note.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/job/job_json.h"
#include "records/files.h"

namespace dimglow::app {

namespace {

constexpr int mostOptions = 9;
constexpr int mostPerLine = 6;
constexpr int leastCardWidth = 102;

QString whoseWords(job::Whose whose) {
    return whose == job::Whose::Own        ? FixPlanStation::tr("our own set")
           : whose == job::Whose::Customer ? FixPlanStation::tr("customer's set")
                                           : FixPlanStation::tr("whose set?");
}

QString days(double count) {
    return count <= 0 ? FixPlanStation::tr("today")
                      : language::counted(qint64(std::ceil(count)), FixPlanStation::tr("1 day"),
                                          FixPlanStation::tr("%1 days"));
}

/// How many options have a card and a key.
int shownOf(const repair::FixPlan& plan) {
    return std::min(mostOptions, int(plan.options.size()));
}

const repair::Option* optionOf(const repair::FixPlan& plan, const std::string& id) {
    const auto found =
        std::find_if(plan.options.begin(), plan.options.end(), [&](const auto& o) { return o.id == id; });
    return found == plan.options.end() ? nullptr : &*found;
}

/// What a card says of an option beside its cost.
QString tagOf(const repair::Option& option, bool isAdvised) {
    return isAdvised                   ? FixPlanStation::tr("advised")
           : option.unavailable        ? FixPlanStation::tr("not to be had")
           : !option.planFirst.empty() ? FixPlanStation::tr("plan it first")
           : option.late               ? FixPlanStation::tr("too late")
           : option.stopGap            ? FixPlanStation::tr("stop-gap")
                                       : QString();
}

}  // namespace

FixPlanStation::FixPlanStation(JobSession& session) : Station(session, QStringLiteral("fixPlan"), tr("Fix plan")) {
    whose_ = addToHead("whose", tr("Whose set it is: a comeback of one's own costs no goodwill."), Qt::Key_O,
                       [this] { nextWhose(); });
    buildAdvice();
    buildChart();
    options_ = new QGridLayout;
    options_->setSpacing(theme::px(6));
    body_->addLayout(options_);
    buildTerms();
    auto* below = new QHBoxLayout;
    below->setSpacing(theme::px(8));
    body_->addLayout(below);
    buildLight();
    below->addWidget(lightCard_, 1);
    current_ = new CurrentCard(session_);
    connect(current_, &CurrentCard::refused, this, &Station::refused);
    below->addWidget(current_, 1);
    buildShopping();
    buildAssumptions();
    body_->addStretch(1);
}

void FixPlanStation::buildAdvice() {
    cause_ = makeLabel({}, theme::reading(18));
    cause_->setObjectName(QStringLiteral("cause"));
    cause_->setWordWrap(true);
    body_->addWidget(cause_);
    auto* card = makeCard("next");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(14), theme::px(8), theme::px(14), theme::px(8));
    rows->setSpacing(theme::px(3));
    advice_ = makeLabel({}, theme::body());
    advice_->setObjectName(QStringLiteral("advice"));
    advice_->setWordWrap(true);
    rows->addWidget(advice_);
    overrode_ = makeLabel({}, theme::quiet(), "quiet");
    overrode_->setObjectName(QStringLiteral("overrode"));
    overrode_->setWordWrap(true);
    rows->addWidget(overrode_);
    body_->addWidget(card);
}

void FixPlanStation::buildChart() {
    auto* card = makeCard("panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(14), theme::px(10), theme::px(14), theme::px(8));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("What it costs, and how likely it comes back"), theme::strong()), 1);
    sideBySide_ = makeButton(tr("Side by side"), tr("T"));
    sideBySide_->setObjectName(QStringLiteral("sideBySide"));
    sideBySide_->setCheckable(true);
    sideBySide_->setFocusPolicy(Qt::NoFocus);
    connect(sideBySide_, &QPushButton::toggled, this, [this] { showRows(); });
    head->addWidget(sideBySide_);
    rows->addLayout(head);
    rows_ = new FixRows;
    rows_->setObjectName(QStringLiteral("sideBySideRows"));
    connect(rows_, &FixRows::pressed, this, [this](int number) { choose(number - 1); });
    rows->addWidget(rows_);
    auto* columns = new QHBoxLayout;
    chart_ = new FixChart;
    chart_->setObjectName(QStringLiteral("chart"));
    connect(chart_, &FixChart::pressed, this, [this](int number) { choose(number - 1); });
    columns->addWidget(chart_, 1);
    turned_ = new QWidget;
    turn_ = new QVBoxLayout(turned_);
    turn_->setContentsMargins(0, 0, 0, 0);
    turn_->setSpacing(theme::px(6));
    columns->addWidget(turned_);
    rows->addLayout(columns);
    body_->addWidget(card);
}

void FixPlanStation::buildTerms() {
    terms_ = makeCard("panel");
    auto* rows = new QVBoxLayout(terms_);
    rows->setContentsMargins(theme::px(14), theme::px(8), theme::px(14), theme::px(8));
    rows->setSpacing(theme::px(4));
    termsTitle_ = makeLabel({}, theme::body());
    termsTitle_->setWordWrap(true);
    rows->addWidget(termsTitle_);
    termsFacts_ = makeLabel({}, theme::quiet(), "quiet");
    termsFacts_->setObjectName(QStringLiteral("optionFacts"));
    termsFacts_->setWordWrap(true);
    rows->addWidget(termsFacts_);
    auto* line = new QHBoxLayout;
    line->setSpacing(theme::px(8));
    const auto field = [&](const QString& name, const QString& says, int width) {
        line->addWidget(makeLabel(name, theme::quiet(), "quiet"));
        auto* edit = makeField({}, says, {}, theme::body());
        if (width > 0) {
            edit->setFixedWidth(theme::px(width));
        }
        line->addWidget(edit, width > 0 ? 0 : 1);
        return edit;
    };
    parts_ = field(tr("parts"), tr("What the parts cost"), 70);
    days_ = field(tr("days"), tr("Days until they come"), 54);
    unavailable_ = new QCheckBox(tr("no parts"));
    unavailable_->setToolTip(tr("They are not to be had."));
    unavailable_->setFont(theme::quiet());
    line->addWidget(unavailable_);
    source_ = field(tr("seen at"), tr("Where the price was seen"), 0);
    source_->setObjectName(QStringLiteral("source"));
    source_->setMaxLength(200);
    rows->addLayout(line);
    refused_ = makeLabel({}, theme::quiet(), "ember");
    refused_->setObjectName(QStringLiteral("refusedRepairs"));
    refused_->setWordWrap(true);
    rows->addWidget(refused_);
    body_->addWidget(terms_);
    connect(parts_, &QLineEdit::editingFinished, this, [this] { commitTerm(parts_, true); });
    connect(days_, &QLineEdit::editingFinished, this, [this] { commitTerm(days_, false); });
    connect(source_, &QLineEdit::editingFinished, this, [this] {
        if (source_->isModified()) {
            source_->setModified(false);
            changeTerms(tr("Where the price was seen"),
                        [this](job::Terms& terms) { terms.source = source_->text().trimmed().toStdString(); });
        }
    });
    connect(unavailable_, &QCheckBox::clicked, this, [this](bool isIt) {
        changeTerms(tr("Not to be had"), [isIt](job::Terms& terms) { terms.unavailable = isIt; });
    });
}

void FixPlanStation::buildLight() {
    lightCard_ = makeCard("panel");
    auto* rows = new QVBoxLayout(lightCard_);
    rows->setContentsMargins(theme::px(14), theme::px(10), theme::px(14), theme::px(8));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("Light"), theme::strong()), 1);
    auto* more = makeButton(tr("Larger"), tr("L"));
    more->setObjectName(QStringLiteral("openLight"));
    more->setFocusPolicy(Qt::NoFocus);
    head->addWidget(more);
    rows->addLayout(head);
    light_ = new LightPicture;
    rows->addWidget(light_, 1);
    lightWords_ = makeLabel({}, theme::quiet(), "quiet");
    lightWords_->setObjectName(QStringLiteral("lightWords"));
    lightWords_->setWordWrap(true);
    rows->addWidget(lightWords_);
    lightSheet_ = new LightSheet(session_, this);
    universal_ = new UniversalSheet(session_, this);
    ledSheet_ = new FiguresSheet(session_, FiguresSheet::What::Led, this);
    stripSheet_ = new FiguresSheet(session_, FiguresSheet::What::Strip, this);
    driverSheet_ = new FiguresSheet(session_, FiguresSheet::What::Driver, this);
    partSheet_ = new FiguresSheet(session_, FiguresSheet::What::Part, this);
    for (auto* sheet :
         std::initializer_list<Sheet*>{lightSheet_, universal_, ledSheet_, stripSheet_, driverSheet_, partSheet_}) {
        connect(sheet, &Sheet::left, this, [this] { setFocus(); });
    }
    for (auto* sheet : {ledSheet_, stripSheet_, driverSheet_, partSheet_}) {
        connect(sheet, &FiguresSheet::refused, this, &Station::refused);
    }
    connect(universal_, &UniversalSheet::refused, this, &Station::refused);
    connect(more, &QPushButton::clicked, this, [this] {
        lightSheet_->setOption(planned());
        lightSheet_->open();
    });
}

void FixPlanStation::buildShopping() {
    shoppingCard_ = makeCard("panel");
    auto* rows = new QVBoxLayout(shoppingCard_);
    rows->setContentsMargins(theme::px(14), theme::px(10), theme::px(14), theme::px(10));
    rows->setSpacing(theme::px(4));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("To order"), theme::strong()), 1);
    const auto button = [&](const QString& title, const QString& key, const char* name, auto does) {
        auto* made = makeButton(title, key);
        made->setObjectName(QString::fromLatin1(name));
        made->setFocusPolicy(Qt::NoFocus);
        connect(made, &QPushButton::clicked, this, does);
        head->addWidget(made);
    };
    button(tr("Match"), tr("M"), "match", [this] { openMatch(); });
    button(tr("Universal strips"), tr("U"), "openUniversal", [this] { universal_->open(); });
    button(tr("List as CSV"), tr("S"), "saveShopping", [this] { saveShopping(); });
    rows->addLayout(head);
    shopping_ = new QVBoxLayout;
    shopping_->setSpacing(theme::px(3));
    rows->addLayout(shopping_);
    body_->addWidget(shoppingCard_);
}

void FixPlanStation::buildAssumptions() {
    auto* assumed = new QGridLayout;
    assumed->setHorizontalSpacing(theme::px(16));
    assumed->setVerticalSpacing(theme::px(4));
    const auto assume = [&](const QString& name, const char* id, job::Expected expected, double job::Bench::*value) {
        auto* field = new NumberField(session_, name, QString::fromLatin1(id), expected,
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

const repair::Option* FixPlanStation::front() const {
    const auto& plan = assessment().plan;
    for (const auto& id : {front_, job().repair.option, plan.advised}) {
        if (const auto* option = optionOf(plan, id)) {
            return option;
        }
    }
    return plan.options.empty() ? nullptr : &plan.options.front();
}

std::string FixPlanStation::planned() const {
    const auto* option = front();
    return option == nullptr ? std::string() : option->id;
}

QWidget* FixPlanStation::makeOption(const repair::Option& option, int number) {
    const bool isChosen = job().repair.option == option.id;
    const bool isAdvised = assessment().plan.advised == option.id;
    auto* card = makeCard(isChosen ? "chosen" : &option == front() ? "next" : "panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(9), theme::px(8), theme::px(9), theme::px(8));
    rows->setSpacing(theme::px(2));
    auto* title = makeLabel(QStringLiteral("%1 %2").arg(number).arg(words(option.title)), theme::strong());
    title->setWordWrap(true);
    title->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    title->setMinimumHeight(2 * title->fontMetrics().lineSpacing());
    rows->addWidget(title);
    rows->addWidget(makeLabel(option.expectedCost ? app::number(*option.expectedCost, 0) : tr("not known"),
                              theme::reading(24),
                              isAdvised            ? "glow"
                              : option.canBeDone() ? ""
                                                   : "quiet"));
    const auto remark = [&](const QString& says, const char* tone) {
        if (!says.isEmpty()) {
            auto* label = makeLabel(says, theme::quiet(), tone);
            label->setWordWrap(true);
            rows->addWidget(label);
        }
    };
    remark(tagOf(option, isAdvised), isAdvised ? "glow" : option.late ? "ember" : "quiet");
    if (!option.writesOff) {
        const QString minutes = tr("%1 min").arg(app::number(option.minutes, 0));
        remark(option.days <= 0 ? minutes : tr("%1 · %2 d").arg(minutes, app::number(option.days)), "quiet");
    }
    remark(words(option.looks), "quiet");
    rows->addStretch(1);
    auto* button = makeButton(isChosen ? tr("chosen") : tr("choose"), {}, isAdvised && job().repair.option.empty());
    button->setMinimumWidth(theme::px(40));
    button->setFocusPolicy(Qt::NoFocus);
    button->setObjectName(QStringLiteral("choose%1").arg(number));
    connect(button, &QPushButton::clicked, this, [this, number] { choose(number - 1); });
    rows->addWidget(button);
    return card;
}

void FixPlanStation::showAdvice() {
    const auto& assessment = this->assessment();
    const auto& plan = assessment.plan;
    cause_->setText(assessment.verdict().empty() ? tr("Not certain yet: %1, %2 %")
                                                       .arg(words(assessment.suspects.front().title))
                                                       .arg(100 * assessment.suspects.front().share, 0, 'f', 0)
                                                 : words(assessment.verdict()));
    advice_->setText(words(plan.advice));
    QStringList beside;
    for (const auto& sentence : {plan.overrode, plan.hoursTurn}) {
        if (!sentence.empty()) {
            beside << words(sentence);
        }
    }
    overrode_->setText(beside.join(QLatin1Char(' ')));
    overrode_->setVisible(!beside.isEmpty());
    whose_->setText(whoseWords(job().order.whose) + QStringLiteral("   ") + tr("Alt+O"));
}

void FixPlanStation::showChart() {
    std::vector<FixChart::Mark> marks;
    const auto& plan = assessment().plan;
    for (int i = 0; i < shownOf(plan); ++i) {
        const auto& option = plan.options[std::size_t(i)];
        if (!option.comebackRange) {
            continue;
        }
        const bool isAdvised = plan.advised == option.id;
        const QString tag = tagOf(option, false);
        marks.push_back({i + 1, words(option.title), tag.isEmpty() ? days(option.days) : tag, option.before,
                         *option.comebackRange, option.comeback.has_value() && !option.comebackIsBound, isAdvised,
                         !option.canBeDone() || option.late});
    }
    chart_->show(std::move(marks), QString::fromStdString(job().bench.currency));
    showTurn();
    showRows();
}

void FixPlanStation::showRows() {
    std::vector<FixRows::Row> rows;
    const auto& plan = assessment().plan;
    for (int i = 0; i < shownOf(plan); ++i) {
        const auto& option = plan.options[std::size_t(i)];
        if (option.canBeDone() && option.expectedCost) {
            rows.push_back({i + 1, words(option.title), *option.expectedCost, option.days, option.late,
                            words(option.looks), option.comebackRange, plan.advised == option.id});
        }
    }
    rows_->show(std::move(rows), QString::fromStdString(job().bench.currency));
    rows_->setVisible(sideBySide_->isChecked());
    for (QWidget* widget : std::initializer_list<QWidget*>{chart_, turned_}) {
        widget->setVisible(!sideBySide_->isChecked());
    }
}

void FixPlanStation::showTurn() {
    clearLayout(turn_);
    const auto& plan = assessment().plan;
    const auto add = [this](const QString& says, const QFont& font, const char* tone) {
        auto* label = makeLabel(says, font, tone);
        label->setWordWrap(true);
        label->setFixedWidth(theme::px(140));
        turn_->addWidget(label);
    };
    const double now = repair::goodwillOf(job());
    const auto currency = QString::fromStdString(job().bench.currency);
    if (plan.turn) {
        add(tr("If a comeback costs you, beside the second job,"), theme::quiet(), "quiet");
        const bool isAbove = now >= plan.turn->at;
        const auto side = [&](const QString& says, const std::string& id, bool isHere) {
            auto* card = makeCard(isHere ? "next" : "true");
            auto* rows = new QVBoxLayout(card);
            rows->setContentsMargins(theme::px(9), theme::px(6), theme::px(9), theme::px(6));
            rows->setSpacing(theme::px(1));
            rows->addWidget(makeLabel(says, theme::quiet(), "quiet"));
            const auto* option = optionOf(plan, id);
            auto* name = makeLabel(option == nullptr ? QString() : words(option->title), theme::strong());
            name->setWordWrap(true);
            rows->addWidget(name);
            card->setFixedWidth(theme::px(140));
            turn_->addWidget(card);
        };
        const QString at = app::number(plan.turn->at, 0);
        side(tr("under %1 %2").arg(at, currency), plan.turn->below, !isAbove);
        side(tr("over %1 %2").arg(at, currency), plan.turn->above, isAbove);
        add(tr("here: %1 %2").arg(app::number(now, 0), currency), theme::quiet(), "quiet");
    } else if (!plan.advised.empty()) {
        add(tr("However dear a comeback gets, the order stays."), theme::quiet(), "quiet");
    }
    if (plan.promiseTurn) {
        const bool isMore = plan.promiseTurn->at > job().bench.promisedHours;
        const auto* option = optionOf(plan, isMore ? plan.promiseTurn->above : plan.promiseTurn->below);
        add((isMore ? tr("From %1 h promised: %2") : tr("Up to %1 h promised: %2"))
                .arg(app::number(plan.promiseTurn->at, 0), option == nullptr ? QString() : words(option->title)),
            theme::quiet(), "quiet");
    }
    turn_->addStretch(1);
}

void FixPlanStation::showCards() {
    clearLayout(options_);
    const auto& options = assessment().plan.options;
    const int count = shownOf(assessment().plan);
    // Lines of like length, as many as there is room for beside each other.
    int widest = theme::px(leastCardWidth);
    const QFontMetrics metrics(theme::strong());
    for (int i = 0; i < count; ++i) {
        for (const auto& word : words(options[std::size_t(i)].title).split(QLatin1Char(' '))) {
            widest = std::max(widest, metrics.horizontalAdvance(word) + theme::px(26));
        }
    }
    for (const auto& word : {tr("choose"), tr("chosen")}) {
        widest = std::max(widest, metrics.horizontalAdvance(word) + theme::px(50));
    }
    const int fit = std::clamp((width() - theme::px(50)) / widest, 2, mostPerLine);
    const int lines = (count + fit - 1) / fit;
    const int perLine = lines == 0 ? 1 : (count + lines - 1) / lines;
    for (int i = 0; i < count; ++i) {
        options_->addWidget(makeOption(options[std::size_t(i)], i + 1), i / perLine, i % perLine);
    }
    for (int column = 0; column < mostPerLine; ++column) {
        options_->setColumnStretch(column, column < perLine ? 1 : 0);
    }
}

void FixPlanStation::showTerms() {
    const auto* option = front();
    terms_->setVisible(option != nullptr);
    if (option == nullptr) {
        return;
    }
    const int place = int(option - assessment().plan.options.data()) + 1;
    termsTitle_->setText(words(option->say));
    QStringList facts;
    if (option->comebackRange && !option->writesOff) {
        const auto& range = *option->comebackRange;
        const QString likely = option->comeback ? tr("%1 %").arg(app::number(100 * *option->comeback, 0)) : tr("?");
        facts << (option->comebackIsBound ? tr("comeback at most %1 (%2)").arg(likely, words(option->comebackWhy))
                                          : tr("comeback %1, between %2 and %3 % (%4)")
                                                .arg(likely, app::number(100 * range.low, 0),
                                                     app::number(100 * range.high, 0), words(option->comebackWhy)));
    } else {
        facts << words(option->comebackWhy);
    }
    facts << tr("mends %1 %").arg(app::number(100 * option->mends, 0))
          << tr("glass risk %1 %").arg(app::number(100 * option->glassRisk, 0));
    if (!option->planFirst.empty()) {
        facts << words(option->planFirst);
    }
    termsFacts_->setText(facts.join(QStringLiteral(" · ")));
    parts_->setObjectName(QStringLiteral("parts%1").arg(place));
    days_->setObjectName(QStringLiteral("days%1").arg(place));
    unavailable_->setObjectName(QStringLiteral("unavailable%1").arg(place));
    const auto* said = job().repair.termsOf(option->id);
    const auto fill = [](QLineEdit* edit, const std::optional<double>& value, double usual) {
        edit->setPlaceholderText(app::number(usual));
        if (!edit->isModified()) {
            edit->setText(value ? app::number(*value) : QString());
        }
    };
    fill(parts_, said == nullptr ? std::nullopt : said->parts, option->parts);
    fill(days_, said == nullptr ? std::nullopt : said->days, option->days);
    restyle(days_, "tone", option->late ? "ember" : "");
    if (!source_->isModified()) {
        source_->setText(said == nullptr ? QString() : QString::fromStdString(said->source));
    }
    unavailable_->setChecked(option->unavailable);
    for (QWidget* field : std::initializer_list<QWidget*>{parts_, days_, source_, unavailable_}) {
        field->setEnabled(!option->writesOff);
    }
    QStringList refused;
    for (const auto& one : assessment().plan.refused) {
        refused << tr("Refused: %1. %2").arg(words(one.title), words(one.why));
    }
    refused_->setText(refused.join(QLatin1Char('\n')));
    refused_->setVisible(!refused.isEmpty());
}

void FixPlanStation::commitTerm(QLineEdit* edit, bool isParts) {
    if (!edit->isModified()) {
        return;
    }
    const job::Expected expected =
        isParts ? job::Expected{0, 1e6, job::Unit::Money} : job::Expected{0, 1000, job::Unit::None};
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
    changeTerms(edit->accessibleName(), [&](job::Terms& terms) { (isParts ? terms.parts : terms.days) = typed; });
}

void FixPlanStation::changeTerms(const QString& label, const std::function<void(job::Terms&)>& change) {
    const auto* option = front();
    if (option == nullptr) {
        return;
    }
    front_ = option->id;  // it stays in front, wherever its new price puts it
    tell(session_.edit(label, [&, id = option->id](job::Job& job) {
        auto& all = job.repair.terms;
        auto of = std::find_if(all.begin(), all.end(), [&](const auto& terms) { return terms.option == id; });
        of = of == all.end() ? all.insert(of, {id, {}, {}, false, {}}) : of;
        change(*of);
        if (*of == job::Terms{id, {}, {}, false, {}}) {
            all.erase(of);
        }
    }));
}

void FixPlanStation::showLight() {
    const auto& backlight = job().set.backlight;
    lightCard_->setVisible(job().set.lightKind() == set::LightKind::Leds);
    current_->setVisible(job().set.lightKind() == set::LightKind::Leds && backlight.isDescribed);
    current_->refresh();
    const auto light = lightOf(session_, planned());
    if (!light) {
        lightOf_.clear();
        light_->clear();
        lightWords_->setText(backlight.isDescribed ? tr("A light guide spreads their light: no picture.")
                                                   : tr("Describe the strips first."));
        return;
    }
    // The picture hangs on places and light of the LEDs alone.
    std::string of;
    for (const auto& spots : {light->found.spots, light->planned.spots}) {
        for (const auto& spot : spots) {
            of += std::to_string(spot.at.x) + ' ' + std::to_string(spot.at.y) + ' ' + std::to_string(spot.flux) + ' ';
        }
    }
    of += std::to_string(light->made.box.depthMm) + (light->isDepthKnown ? "" : "?");
    if (of == lightOf_) {
        return;
    }
    lightOf_ = of;
    light_->show(light->planned, brightestOf(light->made));
    const auto found = plan::evennessRange(light->found, light->isDepthKnown);
    const auto planned = plan::evennessRange(light->planned, light->isDepthKnown);
    const auto spread = [&](const plan::EvennessRange& range) {
        return light->isDepthKnown ? app::number(range.likely, 2)
                                   : tr("%1 to %2").arg(app::number(range.low, 2), app::number(range.high, 2));
    };
    lightWords_->setText(
        tr("as planned · darkest over mean: found %1, planned %2").arg(spread(found), spread(planned)));
}

void FixPlanStation::showShopping() {
    clearLayout(shopping_);
    const auto& lines = assessment().shopping;
    for (const auto& line : lines) {
        QStringList words{QStringLiteral("%1 × %2").arg(line.count).arg(app::words(line.what))};
        for (const auto& figure : line.figures) {
            words << app::words(figure);
        }
        if (!line.note.empty()) {
            words << app::words(line.note);
        }
        auto* label = makeLabel(words.join(QStringLiteral(" · ")), theme::body());
        label->setWordWrap(true);
        shopping_->addWidget(label);
    }
    if (std::any_of(lines.begin(), lines.end(), [](const auto& line) { return line.beforeOpening; })) {
        auto* label = makeLabel(tr("Order before the glass is opened: it is needed anyway."), theme::quiet(), "glow");
        label->setWordWrap(true);
        shopping_->addWidget(label);
    }
    if (lines.empty()) {
        shopping_->addWidget(makeLabel(tr("Nothing to buy yet."), theme::quiet(), "quiet"));
    }
}

void FixPlanStation::showJob() {
    showAdvice();
    showChart();
    showCards();
    showTerms();
    showLight();
    showShopping();
    for (auto* field : assumptions_) {
        field->refresh();
    }
    ageing_->setVisible(job().set.lightKind() == set::LightKind::Leds);
    restocking_->setVisible(job().way.first == job::Way::First::Swap);
    for (auto* sheet : {ledSheet_, stripSheet_, driverSheet_, partSheet_}) {
        if (sheet->isVisible()) {
            sheet->refresh();
        }
    }
    if (lightSheet_->isVisible()) {
        lightSheet_->refresh();
    }
    if (universal_->isVisible()) {
        universal_->refresh();
    }
}

void FixPlanStation::moveFront(int by) {
    const auto& options = assessment().plan.options;
    const auto* option = front();
    if (option == nullptr) {
        return;
    }
    const int count = shownOf(assessment().plan);
    const int at = int(option - options.data());
    front_ = options[std::size_t((at + by + count) % count)].id;
    showCards();
    showTerms();
    showLight();
}

void FixPlanStation::choose(int index) {
    const auto& options = assessment().plan.options;
    if (index >= 0 && index < shownOf(assessment().plan)) {
        front_ = options[std::size_t(index)].id;
        tell(session_.edit(tr("Repair: %1").arg(words(options[std::size_t(index)].title)),
                           [id = front_](job::Job& job) { job.repair.option = id; }));
        setFocus();
    }
}

void FixPlanStation::nextWhose() {
    tell(session_.edit(tr("Whose set"), [](job::Job& job) {
        auto& whose = job.order.whose;
        whose = whose == job::Whose::Customer ? job::Whose::Own : job::Whose::Customer;
    }));
}

/// Of an LED, a strip or a driver, by what is in front.
void FixPlanStation::openMatch() {
    const auto* kind = session_.trade().repair(planned());
    const std::string does = kind == nullptr ? std::string() : kind->exchanges;
    (does == "driver"                  ? driverSheet_
     : does == "part" || does == "kit" ? partSheet_
     : does == "led" || does.empty()   ? ledSheet_
                                       : stripSheet_)
        ->open();
}

void FixPlanStation::saveShopping() {
    const QString suggested = records::pathInFolder(remembered::folder(), job().id, QStringLiteral("csv"));
    askForFileToSave(this, {tr("Save the list"), tr("Lists (*.csv)")}, suggested, [this](const QString& path) {
        try {
            records::writeWhole(
                path, QByteArray::fromStdString(repair::shoppingCsv(assessment().shopping, language::language())));
            shopping_->addWidget(makeLabel(tr("Saved %1").arg(path), theme::quiet(), "good"));
        } catch (const format::FormatError& error) {
            emit refused(QString::fromUtf8(error.what()));
        }
    });
}

void FixPlanStation::keyPressEvent(QKeyEvent* event) {
    const int digit = event->key() - Qt::Key_1;
    if (event->modifiers() != Qt::NoModifier) {
        Station::keyPressEvent(event);
        return;
    }
    if (digit >= 0 && digit < mostOptions) {
        choose(digit);
        return;
    }
    switch (event->key()) {
        case Qt::Key_Left:
            moveFront(-1);
            break;
        case Qt::Key_Right:
            moveFront(1);
            break;
        case Qt::Key_E:
            showInView(terms_);
            parts_->setFocus();
            break;
        case Qt::Key_C:
            showInView(current_);
            current_->first()->setFocus();
            break;
        case Qt::Key_L:
            lightSheet_->setOption(planned());
            lightSheet_->open();
            break;
        case Qt::Key_T:
            sideBySide_->toggle();
            break;
        case Qt::Key_U:
            universal_->open();
            break;
        case Qt::Key_M:
            openMatch();
            break;
        case Qt::Key_O:
            nextWhose();
            break;
        case Qt::Key_S:
            saveShopping();
            break;
        default:
            Station::keyPressEvent(event);
    }
}

void FixPlanStation::enter() {
    setFocusPolicy(Qt::StrongFocus);
    setFocus();
}

std::vector<KeyHint> FixPlanStation::keys() const {
    return {{tr("1 … 9"), tr("choose")},
            {tr("← →"), tr("look at")},
            {tr("E"), tr("price, days")},
            {tr("C"), tr("current")},
            {tr("L"), tr("light")}};
}

bool FixPlanStation::isDone(const Snapshot& shown) {
    return !shown.job.repair.option.empty();
}

}  // namespace dimglow::app
