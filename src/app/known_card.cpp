#include "app/known_card.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QShortcut>

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
QString ledsWords(const findings::Known& strings) {
    const auto count = backlight::ledsInSeries(strings.volts, strings.sigmaVolts, 1);
    return KnownCard::tr("± %1 V: %2 to %3 LEDs of 3 V")
        .arg(number(strings.sigmaVolts, 1))
        .arg(count.least)
        .arg(count.most);
}

/// Not known well enough to hold a reading against it, but well enough to count LEDs.
bool isNearlyKnown(const findings::Known& strings) {
    constexpr double share = 0.2;
    return strings.sigmaVolts < share * strings.volts;
}

/// "68.2", or "?" of what is not known yet.
QString valueWords(const findings::Known& known) {
    return known.from == findings::Known::From::NotYet ? QStringLiteral("?") : number(known.volts, 1);
}

}  // namespace

KnownCard::KnownCard(QWidget* parent) : QFrame(parent) {
    setProperty("card", "true");
    setObjectName(QStringLiteral("thisSet"));
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(theme::px(12), theme::px(4), theme::px(12), theme::px(6));
    all->setSpacing(0);
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("This set"), theme::strong()), 1);
    keep_ = new QPushButton(tr("Keep") + QStringLiteral("  ") + tr("Alt+K"));
    keep_->setFont(theme::quiet());
    keep_->setObjectName(QStringLiteral("keep"));
    keep_->setFocusPolicy(Qt::NoFocus);
    keep_->setToolTip(tr("What was learned joins the set's description, and helps with the next one of its panel."));
    QSizePolicy keepsItsRoom = keep_->sizePolicy();
    keepsItsRoom.setRetainSizeWhenHidden(true);
    keep_->setSizePolicy(keepsItsRoom);
    connect(keep_, &QPushButton::clicked, this, &KnownCard::keepWanted);
    auto* key = new QShortcut(Qt::ALT | Qt::Key_K, this);
    connect(key, &QShortcut::activated, keep_, &QPushButton::click);
    head->addWidget(keep_);
    all->addLayout(head);
    auto* row = new QHBoxLayout;
    row->setSpacing(theme::px(12));
    all->addLayout(row);
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

void KnownCard::show(const std::vector<findings::Known>& thisSet, const backlight::Backlight& backlight) {
    using From = findings::Known::From;
    const bool hasLearned = findings::withLearned(backlight.driver, thisSet) != backlight.driver;
    keep_->setVisible(hasLearned);
    keep_->setEnabled(hasLearned);
    for (const auto& cell : cells_) {
        const findings::Known* known = nullptr;  // of several feeds the one that is known least
        QStringList values;
        for (const auto& one : thisSet) {
            if (one.what == cell.what) {
                known = known == nullptr || one.from < known->from ? &one : known;
                values << valueWords(one);
            }
        }
        const From from = known == nullptr ? From::NotYet : known->from;
        const bool countsLeds = known != nullptr && values.size() == 1 && cell.what == driver::Reference::Strings &&
                                !backlight.isDescribed && from != From::Description && isNearlyKnown(*known);
        const QString about = from == From::NotYet ? QString() : number(known->sigmaVolts, 1);
        cell.value->setText(countsLeds && from == From::NotYet ? tr("≈ %L1 V").arg(known->volts, 0, 'f', 0)
                            : values.size() > 1                ? values.join(QStringLiteral(" / "))
                            : from == From::NotYet             ? QStringLiteral("?")
                                                               : tr("%1 V").arg(values.front()));
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
