#include "app/stations/lamps_card.h"

#include <QGridLayout>

#include "app/panels.h"
#include "app/theme.h"
#include "language/language.h"

namespace dimglow::app {

namespace {

using lamps::Lamps;
using lamps::Look;

constexpr const char* question = "lampFades";

/// What the lamps need, as far as it is known.
QString factsOf(const Lamps& lamps) {
    QStringList facts = {lamps.count == 0   ? LampsCard::tr("how many lamps nobody has said: type them at Take in")
                         : lamps.count == 1 ? LampsCard::tr("one lamp")
                                            : LampsCard::tr("%1 lamps").arg(lamps.count)};
    if (lamps.place == Lamps::Place::Edges) {
        facts << LampsCard::tr("half of them at each edge");
    }
    if (lamps.lengthMm) {
        const double volts = lamps::runVolts(lamps);
        facts << LampsCard::tr("%1 mm: each runs at about %2 V and strikes at %3 to %4 V")
                     .arg(*lamps.lengthMm, 0, 'f', 0)
                     .arg(volts, 0, 'f', 0)
                     .arg(lamps::strikesFrom * volts, 0, 'f', 0)
                     .arg(lamps::strikesTo * volts, 0, 'f', 0);
    } else {
        facts << LampsCard::tr("their length is not known: nor are their volts");
    }
    if (lamps.supplyVolts) {
        facts << LampsCard::tr("inverter from %1 V").arg(*lamps.supplyVolts, 0, 'f', 0);
    }
    if (lamps.electrodes == Lamps::Electrodes::External) {
        facts << LampsCard::tr("external electrodes are the ballast: they may run in parallel");
    }
    return facts.join(QStringLiteral(" · "));
}

/// What stands of the lamps and of the dark part, on the picture.
LampPicture::Seen seenIn(const job::Job& job) {
    LampPicture::Seen seen;
    seen.looks = looksOfLamps(job);
    for (const auto& entry : job::standingEntries(job, job::Phase::Before)) {
        const auto* answer = std::get_if<evidence::Answer>(&entry.what);
        if (answer != nullptr && answer->test == "evenness" && answer->choice == "half") {
            seen.darkHalf = answer->detail == "top" ? 0 : answer->detail == "bottom" ? 1 : seen.darkHalf;
        }
        if (answer == nullptr || answer->test != question) {
            continue;
        }
        const int count = job.set.lamps.count;
        const int named = QString::fromStdString(answer->detail).section(QLatin1Char('/'), 0, 0).toInt() - 1;
        seen.together = answer->choice == "together";
        if (answer->choice == "half" && named >= 0) {  // which of them may not have been said
            seen.darkHalf = 2 * named < count ? 0 : 1;
        }
        seen.fadesFirst = answer->choice == "top"      ? 0
                          : answer->choice == "bottom" ? count - 1
                          : answer->choice == "other"  ? named
                                                       : -1;
    }
    return seen;
}

}  // namespace

std::vector<Look> looksOfLamps(const job::Job& job) {
    const auto count = std::size_t(job.set.lamps.count);
    std::vector<Look> looks(count, Look::Unknown);
    for (const auto& seen : evidence::allOf<evidence::LampsSeen>(job::standingEntries(job, job::Phase::Before))) {
        looks = seen.looks.size() == count ? seen.looks : looks;
    }
    return looks;
}

LampsCard::LampsCard(QWidget* parent) : QFrame(parent) {
    setProperty("card", "panel");
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(theme::px(16), theme::px(12), theme::px(16), theme::px(12));
    rows->setSpacing(theme::px(8));
    facts_ = makeLabel({}, theme::body());
    facts_->setObjectName(QStringLiteral("lampFacts"));
    facts_->setWordWrap(true);
    rows->addWidget(facts_);
    picture_ = new LampPicture;
    picture_->setObjectName(QStringLiteral("lamps"));
    connect(picture_, &LampPicture::moved, this, &LampsCard::showLook);
    rows->addWidget(picture_, 1);
    addLooks(*rows);
    auto* how =
        makeLabel(tr("In the seconds before it goes dark, by eye or by a phone's video: which lamp fades first? ↑ ↓ "
                     "choose it, F writes it down; T all together, H the half it is in."),
                  theme::body(), "quiet");
    how->setWordWrap(true);
    rows->addWidget(how);
    sums_ = new LampSums;
    rows->addWidget(sums_);
}

/// The looks of a lamp with their keys, that of the chosen one marked.
void LampsCard::addLooks(QVBoxLayout& rows) {
    constexpr int perLine = 4;
    auto* grid = new QGridLayout;
    grid->setSpacing(theme::px(6));
    grid->setColumnStretch(perLine, 1);
    const auto add = [&](QPushButton* button) {
        const int at = grid->count();
        button->setFocusPolicy(Qt::NoFocus);
        grid->addWidget(button, at / perLine, at % perLine);
    };
    for (const auto look : {Look::Lit, Look::Flickers, Look::DimEnds, Look::Reddish, Look::Dark, Look::Unknown}) {
        auto* button = makeButton(language::words(lamps::wordsOf(look)), QString::number(int(look)));
        button->setObjectName(QStringLiteral("look:") + QLatin1String(lamps::lookWords[std::size_t(look)]));
        button->setCheckable(true);
        connect(button, &QPushButton::clicked, this, [this, look] { this->look(look); });
        add(button);
        looks_.push_back(button);
    }
    auto* others = makeButton(tr("all others lit"), tr("A"));
    connect(others, &QPushButton::clicked, this, [this] { emit looked({}, Look::Lit); });
    add(others);
    rows.addLayout(grid);
}

void LampsCard::show(const Snapshot& shown) {
    const auto& lamps = shown.job.set.lamps;
    const auto seen = seenIn(shown.job);
    count_ = lamps.count;
    seen_ = seen.looks;
    facts_->setText(factsOf(lamps));
    picture_->show(lamps, seen);
    sums_->show(lamps);
}

/// Which look is that of the chosen lamp.
void LampsCard::showLook() {
    const int lamp = picture_->cursor();
    const Look of = lamp < int(seen_.size()) ? seen_[std::size_t(lamp)] : Look::Unknown;
    for (auto* button : looks_) {
        button->setEnabled(count_ > 0);
        button->setChecked(count_ > 0 &&
                           button->objectName().endsWith(QLatin1String(lamps::lookWords[std::size_t(of)])));
    }
}

/// The chosen lamp looks so; the next one is at hand.
void LampsCard::look(Look look) {
    if (count_ > 0) {
        const int lamp = picture_->cursor();
        picture_->moveCursor(1);
        emit looked(lamp, look);
    }
}

bool LampsCard::press(int key) {
    const int lamp = picture_->cursor();
    const std::string which = std::to_string(lamp + 1) + "/" + std::to_string(count_);
    switch (key) {
        case Qt::Key_Up:
        case Qt::Key_Down:
            picture_->moveCursor(key == Qt::Key_Up ? -1 : 1);
            return true;
        case Qt::Key_0:
        case Qt::Key_1:
        case Qt::Key_2:
        case Qt::Key_3:
        case Qt::Key_4:
        case Qt::Key_5:
            look(Look(key - Qt::Key_0));
            return true;
        case Qt::Key_A:
            emit looked({}, Look::Lit);
            return true;
        case Qt::Key_F:
            emit faded({question, lamp == 0 ? "top" : lamp == count_ - 1 ? "bottom" : "other", {}, which});
            return true;
        case Qt::Key_T:
            emit faded({question, "together"});
            return true;
        case Qt::Key_H:
            emit faded({question, "half", {}, which});
            return true;
        default:
            return false;
    }
}

}  // namespace dimglow::app
