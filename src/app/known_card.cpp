#include "app/known_card.h"

#include <QHBoxLayout>

namespace dimglow::app {

namespace {

QString titleOf(driver::Reference what) {
    switch (what) {
        case driver::Reference::Idle:
            return QObject::tr("Idles at");
        case driver::Reference::Strings:
            return QObject::tr("Strings run at");
        case driver::Reference::OverVolts:
            return QObject::tr("Over-voltage at");
        case driver::Reference::Sink:
            return QObject::tr("LED− holds");
        default:
            return {};
    }
}

QString howToLearn(driver::Reference what) {
    switch (what) {
        case driver::Reference::Idle:
            return QObject::tr("LED+ before light");
        case driver::Reference::Strings:
            return QObject::tr("label, or LED+ lit");
        case driver::Reference::OverVolts:
            return QObject::tr("LED+, plug out");
        case driver::Reference::Sink:
            return QObject::tr("LED− while lit");
        default:
            return {};
    }
}

constexpr driver::Reference shown[] = {driver::Reference::Idle, driver::Reference::Strings,
                                       driver::Reference::OverVolts, driver::Reference::Sink};

}  // namespace

KnownCard::KnownCard(QWidget* parent) : QFrame(parent) {
    setProperty("card", "true");
    setObjectName(QStringLiteral("thisSet"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::px(14), theme::px(6), theme::px(14), theme::px(6));
    row->setSpacing(theme::px(14));
    row->addWidget(makeLabel(tr("This set"), theme::strong()), 0, Qt::AlignTop);
    for (const auto what : shown) {
        auto* column = new QVBoxLayout;
        column->setSpacing(0);
        column->addWidget(makeLabel(titleOf(what), theme::quiet(), "quiet"));
        Cell cell{makeLabel({}, theme::reading(20)), makeLabel({}, theme::quiet(), "quiet")};
        cell.value->setObjectName(QStringLiteral("known") + QString::number(int(what)));
        column->addWidget(cell.value);
        column->addWidget(cell.from);
        row->addLayout(column, 1);
        cells_.push_back(cell);
    }
}

void KnownCard::show(const std::vector<reasoning::Known>& thisSet) {
    for (std::size_t i = 0; i < cells_.size(); ++i) {
        const auto known =
            std::find_if(thisSet.begin(), thisSet.end(), [&](const auto& k) { return k.what == shown[i]; });
        const bool isKnown = known != thisSet.end() && known->from != reasoning::Known::From::NotYet;
        const bool isReadOff = isKnown && known->from == reasoning::Known::From::Description;
        cells_[i].value->setText(isKnown ? tr("%L1 V").arg(known->volts, 0, 'f', 1) : QStringLiteral("?"));
        restyle(cells_[i].value, "tone", isKnown ? "" : "quiet");
        cells_[i].from->setText(isReadOff ? tr("read off")
                                : isKnown ? tr("learned, ± %L1 V").arg(known->sigmaVolts, 0, 'f', 1)
                                          : howToLearn(shown[i]));
    }
}

}  // namespace dimglow::app
