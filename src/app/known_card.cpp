#include "app/known_card.h"

#include <QHBoxLayout>

#include "core/backlight/led_count.h"

namespace dimglow::app {

namespace {

struct Words {
    driver::Reference what;
    QString title;
    QString howToLearn;
};

std::vector<Words> wordsOfCells() {
    using driver::Reference;
    return {{Reference::Idle, QObject::tr("Idles at"), QObject::tr("LED+ before light")},
            {Reference::Strings, QObject::tr("Strings run at"), QObject::tr("label, or LED+ lit")},
            {Reference::OverVolts, QObject::tr("Over-voltage at"), QObject::tr("LED+, plug out")},
            {Reference::Sink, QObject::tr("LED− holds"), QObject::tr("LED− while lit")}};
}

/// The strings of a set whose strips nobody has described: how many LEDs that makes, of the commonest class.
QString ledsWords(const reasoning::Known& strings) {
    const auto count = backlight::ledsInSeries(strings.volts, strings.sigmaVolts, 1);
    return KnownCard::tr("± %1 V: %2 to %3 LEDs of 3 V")
        .arg(number(strings.sigmaVolts, 1))
        .arg(count.least)
        .arg(count.most);
}

/// Not known well enough to hold a reading against it, but well enough to count LEDs.
bool isNearlyKnown(const reasoning::Known& strings) {
    constexpr double share = 0.2;
    return strings.sigmaVolts < share * strings.volts;
}

}  // namespace

KnownCard::KnownCard(QWidget* parent) : QFrame(parent) {
    setProperty("card", "true");
    setObjectName(QStringLiteral("thisSet"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::px(14), theme::px(6), theme::px(14), theme::px(6));
    row->setSpacing(theme::px(14));
    row->addWidget(makeLabel(tr("This set"), theme::strong()), 0, Qt::AlignTop);
    for (const auto& cellWords : wordsOfCells()) {
        auto* column = new QVBoxLayout;
        column->setSpacing(0);
        column->addWidget(makeLabel(cellWords.title, theme::quiet(), "quiet"));
        Cell cell{cellWords.what, cellWords.howToLearn, makeLabel({}, theme::reading(20)),
                  makeLabel({}, theme::quiet(), "quiet")};
        cell.from->setWordWrap(true);
        cell.value->setObjectName(QStringLiteral("known") + QString::number(int(cell.what)));
        column->addWidget(cell.value);
        column->addWidget(cell.from);
        column->addStretch();
        row->addLayout(column, 1);
        cells_.push_back(cell);
    }
}

void KnownCard::show(const std::vector<reasoning::Known>& thisSet, const backlight::Backlight& backlight) {
    using From = reasoning::Known::From;
    for (const auto& cell : cells_) {
        const auto known =
            std::find_if(thisSet.begin(), thisSet.end(), [&](const auto& k) { return k.what == cell.what; });
        const From from = known == thisSet.end() ? From::NotYet : known->from;
        const bool countsLeds = known != thisSet.end() && cell.what == driver::Reference::Strings &&
                                !backlight.isDescribed && from != From::Description && isNearlyKnown(*known);
        const QString about = from == From::NotYet ? QString() : number(known->sigmaVolts, 1);
        cell.value->setText(from != From::NotYet ? tr("%L1 V").arg(known->volts, 0, 'f', 1)
                            : countsLeds         ? tr("≈ %L1 V").arg(known->volts, 0, 'f', 0)
                                                 : QStringLiteral("?"));
        restyle(cell.value, "tone", from == From::NotYet ? "quiet" : "");
        if (countsLeds) {
            cell.from->setText(ledsWords(*known));
            continue;
        }
        switch (from) {
            case From::NotYet:
                cell.from->setText(cell.howToLearn);
                break;
            case From::Computed:
                cell.from->setText(tr("computed, ± %1 V").arg(about));
                break;
            case From::Readings:
                cell.from->setText(tr("learned, ± %1 V").arg(about));
                break;
            case From::Description:
                cell.from->setText(tr("read off"));
                break;
        }
    }
}

}  // namespace dimglow::app
