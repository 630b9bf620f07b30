#include "app/figures_sheet.h"

#include <QGridLayout>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "core/backlight/wiring.h"
#include "core/parts/part_line.h"
#include "core/repair/substitute.h"

namespace dimglow::app {

using repair::Fit;
using text::say;
using typing::Unit;

namespace {

sums::Asked volts(const char* id, text::Text name) {
    return {id, std::move(name), Unit::Volts, "V", 1, 0.1, 2000};
}
sums::Asked milliamps(const char* id, text::Text name) {
    return {id, std::move(name), Unit::Amps, "mA", 1e-3, 1e-4, 10};
}
sums::Asked millimetres(const char* id, text::Text name) {
    return {id, std::move(name), Unit::Millimetres, "mm", 1, 0.1, 1e4};
}

QString titleOf(FiguresSheet::What what) {
    return what == FiguresSheet::What::Led     ? FiguresSheet::tr("New LED against the old one")
           : what == FiguresSheet::What::Strip ? FiguresSheet::tr("New strip against the old one")
           : what == FiguresSheet::What::Part  ? FiguresSheet::tr("New part against the old one")
                                               : FiguresSheet::tr("Substitute driver");
}

/// In the reader's language, or in English; the first letter is enough.
bool isYes(const QString& typed) {
    return !typed.isEmpty() && (FiguresSheet::tr("yes").startsWith(typed, Qt::CaseInsensitive) ||
                                QStringLiteral("yes").startsWith(typed, Qt::CaseInsensitive));
}
bool isNo(const QString& typed) {
    return !typed.isEmpty() && (FiguresSheet::tr("no").startsWith(typed, Qt::CaseInsensitive) ||
                                QStringLiteral("no").startsWith(typed, Qt::CaseInsensitive));
}

const char* toneOf(Fit fit) {
    return fit == Fit::Fits ? "good" : fit == Fit::DoesNot ? "ember" : fit == Fit::FitsWithNote ? "glow" : "quiet";
}
/// Never colour alone.
QString signOf(Fit fit) {
    return fit == Fit::Fits           ? QStringLiteral("✓")
           : fit == Fit::DoesNot      ? QStringLiteral("✕")
           : fit == Fit::FitsWithNote ? QStringLiteral("!")
                                      : QStringLiteral("?");
}

/// What the description of the set says of a strip.
parts::StripFigures describedStrip(const job::Job& job) {
    parts::StripFigures figures = job.repair.details.matching.oldStrip;
    const auto& backlight = job.set.backlight;
    if (!backlight.isDescribed) {
        return figures;
    }
    const auto& strip = backlight.strips.front();
    figures.leds = strip.leds;
    if (!strip.led.classAssumed) {
        const int inSeries = strip.leds / (strip.parallel * strip.chains);
        figures.volts = inSeries * strip.led.ratedVolts;
    }
    figures.ratedAmps = backlight.channels.front().stringAmps();
    if (figures.connector.empty()) {
        figures.connector = strip.connector;
    }
    return figures;
}

}  // namespace

FiguresSheet::FiguresSheet(JobSession& session, What what, QWidget* under)
    : Sheet(titleOf(what), under), session_(session), what_(what) {
    grid_ = new QGridLayout;
    grid_->setHorizontalSpacing(theme::px(12));
    grid_->setVerticalSpacing(theme::px(4));
    if (what != What::Driver) {
        grid_->addWidget(makeLabel(tr("old"), theme::quiet(), "quiet"), 0, 1);
    }
    grid_->addWidget(makeLabel(tr("new"), theme::quiet(), "quiet"), 0, 2);
    body_->addLayout(grid_);
    addLines();
    whole_ = makeLabel({}, theme::reading(20));
    whole_->setObjectName(QStringLiteral("fitVerdict"));
    whole_->setWordWrap(true);
    body_->addWidget(whole_);
    verdicts_ = new QVBoxLayout;
    verdicts_->setSpacing(theme::px(3));
    body_->addLayout(verdicts_);
    words_ = makeLabel({}, theme::body(), "quiet");
    words_->setWordWrap(true);
    body_->addWidget(words_);
    body_->addStretch(1);
}

QWidget* FiguresSheet::first() {
    return lines_.front().offered;
}

void FiguresSheet::addLine(const QString& name, Line line) {
    const int row = int(lines_.size()) + 1;
    grid_->addWidget(makeLabel(name, theme::body()), row, 0);
    if (line.old != nullptr) {
        grid_->addWidget(line.old, row, 1);
        connect(line.old, &TypedField::typed, this, [this, line] { commit(*line.old, line, line.writeOld); });
    }
    grid_->addWidget(line.offered, row, 2);
    connect(line.offered, &TypedField::typed, this, [this, line] { commit(*line.offered, line, line.writeNew); });
    lines_.push_back(std::move(line));
}

template <class Part>
void FiguresSheet::addNumber(const sums::Asked& asked, Part job::Matching::*old, Part job::Matching::*fresh,
                             std::optional<double> Part::*member) {
    Line line;
    line.offered = new TypedField(QString::fromStdString(asked.id + "New"), asked);
    line.writeNew = [=](job::Job& job, TypedField& field) {
        job.repair.details.matching.*fresh.*member = field.value();
    };
    if (old != nullptr) {
        line.old = new TypedField(QString::fromStdString(asked.id + "Old"), asked);
        line.writeOld = [=](job::Job& job, TypedField& field) {
            job.repair.details.matching.*old.*member = field.value();
        };
    }
    line.show = [=](const job::Job& job) {
        line.offered->showValue(job.repair.details.matching.*fresh.*member);
        if (line.old != nullptr) {
            line.old->showValue(job.repair.details.matching.*old.*member);
        }
    };
    addLine(words(asked.name), std::move(line));
}

template <class Part>
void FiguresSheet::addWords(const QString& id, const QString& name, Part job::Matching::*old,
                            Part job::Matching::*fresh, std::string Part::*member, const Choices& choices) {
    constexpr int longest = 36;
    const auto typed = [choices](const TypedField& field) {
        const QString text = field.text().trimmed();
        const auto found = std::find_if(choices.begin(), choices.end(), [&](const auto& choice) {
            return text.compare(choice.second, Qt::CaseInsensitive) == 0;
        });
        return found == choices.end() ? text.toStdString() : found->first;
    };
    const auto shown = [choices](const std::string& kept) {
        const auto found =
            std::find_if(choices.begin(), choices.end(), [&](const auto& choice) { return choice.first == kept; });
        return found == choices.end() ? kept : found->second.toStdString();
    };
    Line line;
    line.offered = new TypedField(id + QStringLiteral("New"), name, longest);
    line.old = new TypedField(id + QStringLiteral("Old"), name, longest);
    line.writeNew = [=](job::Job& job, TypedField& field) {
        job.repair.details.matching.*fresh.*member = typed(field);
    };
    line.writeOld = [=](job::Job& job, TypedField& field) { job.repair.details.matching.*old.*member = typed(field); };
    line.show = [=](const job::Job& job) {
        line.offered->showWords(shown(job.repair.details.matching.*fresh.*member));
        line.old->showWords(shown(job.repair.details.matching.*old.*member));
    };
    addLine(name, std::move(line));
}

void FiguresSheet::addLines() {
    if (what_ == What::Led) {
        addLed();
    } else if (what_ == What::Strip) {
        addStrip();
    } else if (what_ == What::Part) {
        addPart();
    } else {
        addDriver();
    }
}

parts::PartKind FiguresSheet::partKind() const {
    const auto& suspects = session_.shown().assessment.suspects;
    const auto& parts = suspects.empty() ? std::vector<findings::PartShare>() : suspects.front().parts;
    const auto* point = parts.empty() ? nullptr : session_.trade().point(parts.front().point);
    return point == nullptr ? parts::PartKind::Electrolytic : point->kind;
}

parts::Ratings FiguresSheet::oldPart() const {
    const auto& job = session_.job();
    const auto& typed = job.repair.details.matching.oldPart;
    const auto read = parts::readTypedRatings(partKind(), typed, language::tongue());
    if (const auto* ratings = std::get_if<parts::Ratings>(&read); ratings != nullptr && !typed.empty()) {
        return *ratings;
    }
    const auto& suspects = session_.shown().assessment.suspects;
    if (!suspects.empty() && !suspects.front().parts.empty()) {
        const auto& part = suspects.front().parts.front();
        for (const auto& point : job.set.points) {
            if (point.kind == part.point && point.ref == part.ref) {
                return point.ratings;
            }
        }
    }
    return {};
}

/// As it is printed on the old one and on the new, and what it meets where it sits.
void FiguresSheet::addPart() {
    constexpr int longest = 60;
    Line printed;
    printed.old = new TypedField(QStringLiteral("partOld"), tr("old, as printed"), longest);
    printed.offered = new TypedField(QStringLiteral("partNew"), tr("new, as printed"), longest);
    printed.writeOld = [](job::Job& job, TypedField& field) {
        job.repair.details.matching.oldPart = field.text().trimmed().toStdString();
    };
    printed.writeNew = [](job::Job& job, TypedField& field) {
        job.repair.details.matching.newPart = field.text().trimmed().toStdString();
    };
    printed.wrong = [this](const QString& typed) {
        const auto read = parts::readTypedRatings(partKind(), typed.toStdString(), language::tongue());
        const auto* problem = std::get_if<text::Text>(&read);
        return typed.isEmpty() || problem == nullptr ? QString() : words(*problem);
    };
    printed.show = [this, old = printed.old, offered = printed.offered](const job::Job& job) {
        old->setPlaceholderText(QString::fromStdString(parts::lineOf(oldPart())));
        old->showWords(job.repair.details.matching.oldPart);
        offered->showWords(job.repair.details.matching.newPart);
    };
    addLine(tr("as printed"), std::move(printed));
    const auto stress = [&](const sums::Asked& asked, std::optional<double> job::Matching::*member) {
        Line line;
        line.offered = new TypedField(QString::fromStdString(asked.id), asked);
        line.writeNew = [member](job::Job& job, TypedField& field) {
            job.repair.details.matching.*member = field.value();
        };
        line.show = [member, field = line.offered](const job::Job& job) {
            field->showValue(job.repair.details.matching.*member);
        };
        addLine(words(asked.name), std::move(line));
    };
    stress(volts("stressVolts", say("volts that it sees")), &job::Matching::stressVolts);
    stress({"stressAmps", say("current through it"), Unit::Amps, "A", 1, 1e-4, 100}, &job::Matching::stressAmps);
}

void FiguresSheet::addLed() {
    using parts::LedOffer;
    const auto number = [&](const sums::Asked& asked, std::optional<double> LedOffer::*member) {
        addNumber<LedOffer>(asked, nullptr, &job::Matching::newLed, member);
    };
    number(volts("ledVolts", say("volts")), &LedOffer::volts);
    number(milliamps("ledAt", say("measured at")), &LedOffer::voltsAtAmps);
    number(milliamps("ledRated", say("rated current")), &LedOffer::ratedAmps);
    const auto text = [&](const char* id, const QString& name, std::string LedOffer::*member,
                          const Choices& choices = {}) {
        addWords<LedOffer>(QString::fromLatin1(id), name, &job::Matching::oldLed, &job::Matching::newLed, member,
                           choices);
    };
    text("package", tr("package"), &LedOffer::package);
    const Choices pads = {{"large", tr("large")}, {"small", tr("small")}, {"left", tr("left")}, {"right", tr("right")}};
    text("plusPad", tr("plus pad (large, small, left, right)"), &LedOffer::plusPad, pads);
    text("white", tr("white: bin, or beside a good one"), &LedOffer::white);
}

void FiguresSheet::addStrip() {
    using parts::StripFigures;
    Line leds;
    leds.offered =
        new TypedField(QStringLiteral("stripLedsNew"), sums::Asked{"leds", say("LEDs"), Unit::None, "", 1, 1, 1000});
    leds.writeNew = [](job::Job& job, TypedField& field) {
        const auto value = field.value();
        job.repair.details.matching.newStrip.leds = value ? std::optional(int(std::lround(*value))) : std::nullopt;
    };
    leds.show = [field = leds.offered](const job::Job& job) {
        const auto& known = job.repair.details.matching.newStrip.leds;
        field->showValue(known ? std::optional(double(*known)) : std::nullopt);
    };
    addLine(tr("LEDs"), std::move(leds));
    const auto only = [&](const sums::Asked& asked, std::optional<double> StripFigures::*member) {
        addNumber<StripFigures>(asked, nullptr, &job::Matching::newStrip, member);
    };
    const auto both = [&](const sums::Asked& asked, std::optional<double> StripFigures::*member) {
        addNumber<StripFigures>(asked, &job::Matching::oldStrip, &job::Matching::newStrip, member);
    };
    only(volts("stripVolts", say("volts")), &StripFigures::volts);
    only(milliamps("stripRated", say("rated current")), &StripFigures::ratedAmps);
    both(millimetres("pitch", say("pitch")), &StripFigures::pitchMm);
    both(millimetres("stripWidth", say("width")), &StripFigures::widthMm);
    both(millimetres("stripLength", say("length")), &StripFigures::lengthMm);
    const auto text = [&](const char* id, const QString& name, std::string StripFigures::*member) {
        addWords<StripFigures>(QString::fromLatin1(id), name, &job::Matching::oldStrip, &job::Matching::newStrip,
                               member);
    };
    text("connector", tr("plug"), &StripFigures::connector);
    text("side", tr("side, L or R"), &StripFigures::side);
    text("lens", tr("lens"), &StripFigures::lens);
    text("batch", tr("batch"), &StripFigures::batch);
}

void FiguresSheet::addDriver() {
    using parts::DriverModule;
    const auto number = [&](const sums::Asked& asked, std::optional<double> DriverModule::*member) {
        Line line;
        line.offered = new TypedField(QString::fromStdString(asked.id), asked);
        line.writeNew = [member](job::Job& job, TypedField& field) {
            auto& module = job.repair.details.module;
            module = module.value_or(DriverModule{});
            (*module).*member = field.value();
            module = *module == DriverModule{} ? std::nullopt : module;
        };
        line.show = [member, field = line.offered](const job::Job& job) {
            const auto& module = job.repair.details.module;
            field->showValue(module ? (*module).*member : std::nullopt);
        };
        addLine(words(asked.name), std::move(line));
    };
    number(volts("lowest", say("lowest output")), &DriverModule::lowestVolts);
    number(volts("highest", say("highest output")), &DriverModule::highestVolts);
    number(milliamps("moduleAmps", say("current")), &DriverModule::amps);
    number(volts("openVolts", say("open-load limit")), &DriverModule::openVolts);
    number(volts("enableFrom", say("enabled from")), &DriverModule::enableVolts);
    number(volts("startsFrom", say("starts from")), &DriverModule::startVolts);
    const auto flag = [&](const char* id, const QString& name, std::optional<bool> DriverModule::*member) {
        Line line;
        line.offered = new TypedField(QString::fromLatin1(id), name, 8);
        line.offered->setPlaceholderText(tr("yes, no"));
        line.wrong = [](const QString& typed) {
            return typed.isEmpty() || isYes(typed) || isNo(typed) ? QString() : tr("Write yes or no.");
        };
        line.writeNew = [member](job::Job& job, TypedField& field) {
            const QString typed = field.text().trimmed().toLower();
            auto& module = job.repair.details.module;
            module = module.value_or(DriverModule{});
            (*module).*member = typed.isEmpty() ? std::nullopt : std::optional(isYes(typed));
            module = *module == DriverModule{} ? std::nullopt : module;
        };
        line.show = [member, field = line.offered](const job::Job& job) {
            const auto& module = job.repair.details.module;
            const auto known = module ? (*module).*member : std::nullopt;
            field->showWords(!known ? std::string() : (*known ? tr("yes") : tr("no")).toStdString());
        };
        addLine(name, std::move(line));
    };
    flag("ownLimit", tr("current limit of its own"), &DriverModule::limitsCurrent);
    flag("dims", tr("follows DIM"), &DriverModule::dims);
}

void FiguresSheet::commit(TypedField& field, const Line& line,
                          const std::function<void(job::Job&, TypedField&)>& write) {
    if (const QString wrong = line.wrong ? line.wrong(field.text().trimmed()) : QString(); !wrong.isEmpty()) {
        refuse(&field, wrong);
        return;
    }
    if (const auto written = session_.edit(field.accessibleName(), [&](job::Job& job) { write(job, field); })) {
        field.setModified(false);
    } else {
        emit refused(written.problem);
    }
    refresh();
}

void FiguresSheet::refresh() {
    for (const auto& line : lines_) {
        line.show(session_.job());
    }
    showVerdict();
}

std::vector<repair::Margin> FiguresSheet::margins() const {
    const auto& job = session_.job();
    const auto& matching = job.repair.details.matching;
    const auto& backlight = job.set.backlight;
    if (what_ == What::Strip) {
        return repair::match(matching.newStrip, describedStrip(job));
    }
    if (what_ == What::Part) {
        const auto read = [kind = partKind()](const std::string& line) {
            const auto ratings = parts::readTypedRatings(kind, line, language::tongue());
            const auto* known = std::get_if<parts::Ratings>(&ratings);
            return known == nullptr ? parts::Ratings{} : *known;
        };
        return repair::match(partKind(), read(matching.newPart), oldPart(),
                             {matching.stressVolts, matching.stressAmps});
    }
    repair::LedNeed need;
    need.spec = backlight.strips.front().led;
    need.spec.classAssumed = need.spec.classAssumed || !backlight.isDescribed;
    need.peakAmps = job.repair.newAmps        ? job.repair.newAmps
                    : job.repair.originalAmps ? job.repair.originalAmps
                                              : backlight.channels.front().stringAmps();
    need.package = matching.oldLed.package;
    need.plusPad = matching.oldLed.plusPad;
    need.white = matching.oldLed.white;
    return repair::match(matching.newLed, need);
}

void FiguresSheet::showVerdict() {
    clearLayout(verdicts_);
    const auto& job = session_.job();
    std::vector<repair::Margin> all;
    QString whole;
    QStringList below;
    if (what_ == What::Driver) {
        const auto verdict =
            repair::judge(job.repair.details.module.value_or(parts::DriverModule{}), repair::driverPlaceOf(job));
        all = verdict.margins;
        whole = words(verdict.refusal.empty() ? repair::wordsOf(verdict.fit) : verdict.refusal);
        restyle(whole_, "tone", QString::fromLatin1(verdict.refusal.empty() ? toneOf(verdict.fit) : "ember"));
        QStringList steps;
        for (const auto& step : verdict.steps) {
            steps << QStringLiteral("%1. %2").arg(steps.size() + 1).arg(words(step));
        }
        below << steps.join(QLatin1Char(' '));
        for (const auto& loss : verdict.losses) {
            below << words(loss);
        }
        for (const auto& trouble : repair::troubles()) {
            below << QStringLiteral("%1: %2").arg(words(trouble.seen), words(trouble.why));
        }
    } else {
        all = margins();
        if (what_ == What::Part) {
            below << words(repair::whyItFails(partKind()))
                  << tr("Write as printed: %1").arg(words(parts::printedExample(partKind())));
        }
        const auto fit = all.empty() ? Fit::NotKnown : repair::verdictOf(all);
        whole = words(repair::wordsOf(fit));
        restyle(whole_, "tone", QString::fromLatin1(toneOf(fit)));
    }
    whole_->setText(whole);
    for (const auto& margin : all) {
        QString line = QStringLiteral("%1  %2").arg(signOf(margin.fit), words(margin.quantity));
        if (!margin.have.empty() || !margin.need.empty()) {
            line += tr(": %1, needed %2")
                        .arg(margin.have.empty() ? tr("not known") : words(margin.have),
                             margin.need.empty() ? tr("not known") : words(margin.need));
        }
        if (!margin.why.empty()) {
            line += QStringLiteral(" — ") + words(margin.why);
        }
        auto* label = makeLabel(line, theme::body(), toneOf(margin.fit));
        label->setWordWrap(true);
        verdicts_->addWidget(label);
    }
    words_->setText(below.join(QLatin1Char('\n')));
}

}  // namespace dimglow::app
