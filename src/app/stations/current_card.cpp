#include "app/stations/current_card.h"

#include <QGridLayout>
#include <QPushButton>
#include <cmath>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "core/repair/junctions.h"

namespace dimglow::app {

using text::say;
using typing::Unit;

namespace {

constexpr int longestText = 80;

QString milliamps(double amps) {
    return CurrentCard::tr("%1 mA").arg(number(1000 * amps, 0));
}

}  // namespace

CurrentCard::CurrentCard(JobSession& session, QWidget* parent) : QFrame(parent), session_(session) {
    setProperty("card", "panel");
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(theme::px(14), theme::px(10), theme::px(14), theme::px(10));
    rows->setSpacing(theme::px(5));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("Current"), theme::strong()));
    head->addStretch(1);
    direction_ = makeLabel({}, theme::quiet(), "idle");
    direction_->setObjectName(QStringLiteral("direction"));
    head->addWidget(direction_);
    rows->addLayout(head);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme::px(8));
    grid->setVerticalSpacing(theme::px(3));
    const auto amps = [](const char* id, text::Text name) {
        return sums::Asked{id, std::move(name), Unit::Amps, "mA", 1e-3, 1e-3, 5};
    };
    amps_ = new TypedField(QStringLiteral("foundAmps"), amps("found", say("current as found")));
    resistors_ = new TypedField(QStringLiteral("foundResistors"), tr("resistors as found"), longestText);
    resistors_->setPlaceholderText(tr("R22 || R22"));
    brightness_ = new TypedField(QStringLiteral("brightness"), tr("measured at brightness"), longestText);
    brightness_->setPlaceholderText(tr("full, menu 100"));
    wanted_ = new TypedField(QStringLiteral("wantedAmps"), amps("want", say("current wanted")));
    gap_ = new TypedField(QStringLiteral("gap"), sums::Asked{"gap", say("air under the strips as found"),
                                                             Unit::Millimetres, "mm", 1, 0.01, 20});
    gap_->setPlaceholderText(tr("mm; empty: flush"));
    room_ = new TypedField(QStringLiteral("room"),
                           sums::Asked{"room", say("room where it stands"), Unit::Celsius, "°C", 1, -20, 60});
    room_->setPlaceholderText(tr("25"));
    const std::pair<QString, TypedField*> fields[] = {
        {tr("as found"), amps_}, {tr("its resistors"), resistors_}, {tr("at brightness"), brightness_},
        {tr("wanted"), wanted_}, {tr("air under strips"), gap_},    {tr("its room, °C"), room_}};
    int at = 0;
    for (const auto& [name, field] : fields) {
        field->setMinimumWidth(theme::px(60));
        grid->addWidget(makeLabel(name, theme::quiet(), "quiet"), 2 * (at / 2), at % 2);
        grid->addWidget(field, 2 * (at / 2) + 1, at % 2);
        ++at;
    }
    rows->addLayout(grid);
    heat_ = makeLabel({}, theme::quiet());
    heat_->setObjectName(QStringLiteral("heat"));
    heat_->setWordWrap(true);
    rows->addWidget(heat_);
    ways_ = new QVBoxLayout;
    ways_->setSpacing(theme::px(3));
    rows->addLayout(ways_);
    rows->addStretch(1);
    connect(amps_, &TypedField::typed, this, [this] {
        commit(
            tr("Current as found"), [this](job::Job& job) { job.repair.originalAmps = amps_->value(); }, amps_);
    });
    connect(resistors_, &TypedField::typed, this, [this] {
        const std::string text = resistors_->text().trimmed().toStdString();
        if (!text.empty() && !parts::readResistors(text)) {
            refuse(resistors_, tr("Write it as R22, 0.22 || 0.33 or 12k."));
            return;
        }
        commit(
            tr("Resistors as found"), [&](job::Job& job) { job.repair.details.current.foundResistors = text; },
            resistors_);
    });
    connect(brightness_, &TypedField::typed, this, [this] {
        const std::string text = brightness_->text().trimmed().toStdString();
        commit(
            tr("Brightness"), [&](job::Job& job) { job.repair.details.current.brightness = text; }, brightness_);
    });
    connect(gap_, &TypedField::typed, this, [this] {
        commit(
            tr("Air under the strips"), [this](job::Job& job) { job.repair.details.gapMm = gap_->value(); }, gap_);
    });
    connect(room_, &TypedField::typed, this, [this] {
        commit(
            tr("Room where it stands"), [this](job::Job& job) { job.repair.details.roomCelsius = room_->value(); },
            room_);
    });
    connect(wanted_, &TypedField::typed, this, [this] {
        asked_ = wanted_->value();
        refresh();
    });
}

QWidget* CurrentCard::first() const {
    return !session_.job().repair.originalAmps                            ? amps_
           : session_.job().repair.details.current.foundResistors.empty() ? resistors_
                                                                          : wanted_;
}

void CurrentCard::commit(const QString& label, const std::function<void(job::Job&)>& change, TypedField* field) {
    if (const auto written = session_.edit(label, change)) {
        field->setModified(false);
    } else {
        refuse(field, written.problem);
    }
    refresh();
}

std::optional<repair::CurrentLaw> CurrentCard::law() const {
    const auto& repair = session_.job().repair;
    const auto found = parts::readResistors(repair.details.current.foundResistors);
    const auto by = found ? repair::kindOf(found->ohms) : std::nullopt;
    return by && repair.originalAmps && *repair.originalAmps > 0
               ? std::optional(repair::lawOf(*by, *repair.originalAmps, found->ohms))
               : std::nullopt;
}

/// A line that is pressed to be chosen.
void CurrentCard::addWay(const QString& share, const repair::CurrentWay& way, bool isFound) {
    const auto& repair = session_.job().repair;
    const std::string name = parts::nameOf(way.resistors);
    const bool isChosen = isFound ? !repair.newAmps : repair.newAmps && repair.details.current.newResistors == name;
    double hottest = 0;
    for (const auto& part : way.heat) {
        hottest = std::max(hottest, part.watts);
    }
    QString line = QStringLiteral("%1   %2   %3").arg(share, milliamps(way.amps), QString::fromStdString(name));
    line += QLatin1Char('\n') + tr("life × %1 · light %2 %")
                                    .arg(number(repair::lifeTimes(*repair.originalAmps, way.amps), 2),
                                         number(100 * repair::lightTimes(*repair.originalAmps, way.amps), 0));
    if (hottest > 0) {
        line += QStringLiteral(" · ") + words(sums::inUnits(hottest, Unit::Watts));
    }
    auto* button = new QPushButton(line);
    button->setFont(theme::quiet());
    button->setObjectName(QStringLiteral("way%1").arg(ways_->count()));
    button->setMinimumHeight(theme::px(44));
    button->setProperty("line", true);
    button->setCheckable(true);
    button->setChecked(isChosen);
    connect(button, &QPushButton::clicked, this, [this, name, amps = way.amps, isFound] {
        const auto written = session_.edit(tr("Current"), [&](job::Job& job) {
            job.repair.newAmps = isFound ? std::nullopt : std::optional(amps);
            job.repair.details.current.newResistors = isFound ? std::string() : name;
        });
        if (!written) {
            emit refused(written.problem);
        }
        refresh();
    });
    ways_->addWidget(button);
}

void CurrentCard::refresh() {
    const auto& repair = session_.job().repair;
    amps_->showValue(repair.originalAmps);
    resistors_->showWords(repair.details.current.foundResistors);
    brightness_->showWords(repair.details.current.brightness);
    gap_->showValue(repair.details.gapMm);
    room_->showValue(repair.details.roomCelsius);
    const auto junctions = repair::junctionsOf(session_.job());
    heat_->setText(junctions
                       ? tr("junctions %1 °C as found, %2 (%3 to %4) flush: life × %5")
                             .arg(number(junctions->found.likely, 0), number(junctions->planned.likely, 0),
                                  number(junctions->planned.low, 0), number(junctions->planned.high, 0),
                                  number(repair::arrheniusTimes(junctions->found.likely, junctions->flush.likely), 1))
                       : QString());
    clearLayout(ways_);
    const auto law = this->law();
    wanted_->setEnabled(law.has_value());
    direction_->setText(tr("more ohms: less current"));
    if (!law) {
        const auto found = parts::readResistors(repair.details.current.foundResistors);
        auto* say =
            makeLabel(found && !repair::kindOf(found->ohms)
                          ? tr("100 to 300 Ω neither sense a current nor set one: read them again.")
                          : tr("Write down the current and its resistors as found: then what less of it takes."),
                      theme::body(), "quiet");
        say->setWordWrap(true);
        ways_->addWidget(say);
        return;
    }
    const auto found = *parts::readResistors(repair.details.current.foundResistors);
    addWay(tr("as found"),
           {found, *repair.originalAmps, 0,
            law->by == repair::CurrentBy::Sense ? parts::wattsIn(found, *repair.originalAmps)
                                                : std::vector<parts::Heated>{}},
           true);
    std::vector<double> wanted;
    for (const double less : {0.1, 0.2, 0.3}) {
        wanted.push_back((1 - less) * *repair.originalAmps);
    }
    if (asked_) {
        wanted.insert(wanted.begin(), *asked_);
    }
    for (const double amps : wanted) {
        // One branch is changed where that comes near enough: the least that is soldered.
        constexpr double nearEnough = 0.03;
        std::optional<repair::CurrentWay> way;
        if (found.join == parts::Resistors::Join::Parallel) {
            const auto byOne = repair::waysByOneBranch(*law, found, amps, parts::Series::E24);
            if (!byOne.empty() && std::abs(byOne.front().off) <= nearEnough) {
                way = byOne.front();
            }
        }
        for (const auto& one : repair::waysTo(*law, amps, parts::Series::E24, 3)) {
            if (!way || std::abs(way->off) > nearEnough) {
                way = one;
            }
        }
        const double share = way->amps / *repair.originalAmps - 1;
        addWay(QStringLiteral("%1%2 %").arg(share < 0 ? QStringLiteral("−") : QStringLiteral("+"),
                                            number(std::abs(100 * share), 0)),
               *way, false);
    }
}

}  // namespace dimglow::app
