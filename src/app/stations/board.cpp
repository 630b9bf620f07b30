#include "app/stations/board.h"

#include <QKeyEvent>
#include <QPushButton>
#include <QShortcut>
#include <algorithm>

#include "app/field_note.h"
#include "app/photo_strip.h"
#include "app/stations/strips_line.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/backlight/limits.h"
#include "core/job/trail_lines.h"

namespace dimglow::app {

namespace {

using evidence::Question;

QString idOf(const evidence::PointAsked& asked) {
    return QString::fromStdString(asked.point + ":" + asked.ref);
}

SpotState stateOf(parts::Grade grade) {
    switch (grade) {
        case parts::Grade::Good:
            return SpotState::Good;
        case parts::Grade::Doubtful:
            return SpotState::Doubtful;
        case parts::Grade::Bad:
            return SpotState::Bad;
        case parts::Grade::CannotTell:
            break;
    }
    return SpotState::Taken;
}

}  // namespace

BoardStation::BoardStation(JobSession& session) : Station(session, QStringLiteral("board"), tr("Board")) {
    setFocusPolicy(Qt::StrongFocus);
    kind_ = addToHead("setKind", tr("Which boards the set has (Alt+S)."), Qt::Key_S, [this] { changeKind(); });
    feeds_ = addToHead("feeds", tr("How many LED+ the board has (Alt+F). Each has readings of its own."), Qt::Key_F,
                       [this] { addFeed(); });
    picture_ = new BoardPicture;
    known_ = new KnownCard;
    connect(known_, &KnownCard::keepWanted, this, &BoardStation::keepLearned);
    picture_->setFooter(known_);
    connect(picture_, &BoardPicture::chosenByHand, this, [this] {
        offer();
        focusEntry();
    });
    body_->addWidget(picture_);
    chart_ = new SwitchOnChart;
    entry_ = new BoardEntry(chart_);
    connect(entry_, &BoardEntry::typed, this, &BoardStation::explain);
    connect(entry_, &BoardEntry::written, this, &BoardStation::write);
    connect(entry_, &BoardEntry::printedWritten, this, &BoardStation::writePrinted);
    connect(entry_, &BoardEntry::chosen, this, &BoardStation::answer);
    connect(entry_, &BoardEntry::looked, this, &BoardStation::look);
    connect(entry_, &BoardEntry::nextStateWanted, this, &BoardStation::nextState);
    connect(entry_, &BoardEntry::stepped, this, [this](int columns, int rows) { picture_->step(columns, rows); });
    foot_->addWidget(entry_);
    body_->addStretch();
    auto* photoKey = new QShortcut(QKeySequence(int(Qt::ALT) | int(Qt::Key_I)), this);
    photoKey->setContext(Qt::WidgetWithChildrenShortcut);
    connect(photoKey, &QShortcut::activated, this, &BoardStation::showPhotos);
    auto* stateKey = new QShortcut(QKeySequence(int(Qt::ALT) | int(Qt::Key_T)), this);
    stateKey->setContext(Qt::WidgetWithChildrenShortcut);
    connect(stateKey, &QShortcut::activated, this, &BoardStation::nextState);
    for (int looks = 0; looks < int(evidence::looksWords.size()); ++looks) {
        auto* key = new QShortcut(QKeySequence(int(Qt::ALT) | (int(Qt::Key_1) + looks)), this);
        key->setContext(Qt::WidgetWithChildrenShortcut);
        connect(key, &QShortcut::activated, this, [this, looks] { look(looks); });
    }
}

/// Of a voltage that very many channels have, each is shown small.
void BoardStation::addTests(int block, std::vector<Spot>& spots) const {
    const auto& channels = job().set.backlight.channels;
    for (const auto& test : session_.trade().tests) {
        if (test.station != "board" || test.block != block) {
            continue;
        }
        const QString title = words(test.title);
        if (test.form == knowledge::Form::Choices) {
            spots.push_back(
                {{QString::fromStdString(test.id), words(test.shortTitle), title, {}, {}, false, false, false},
                 evidence::Answer::Question{test.id},
                 &test,
                 nullptr});
            continue;
        }
        constexpr std::size_t mostReadings = 8;
        const auto places = evidence::placesOf(test, job().set.backlight);
        const bool isCrowded = places.size() > mostReadings;
        for (const auto& asked : places) {
            QString own = title;
            QString label = words(test.shortTitle);
            QString id = QString::fromStdString(test.id);
            if (places.size() > 1) {
                own += test.per == knowledge::Per::Feed
                           ? tr(", feed %1").arg(asked.feed + 1)
                           : tr(", channel %1").arg(QString::fromStdString(channels[std::size_t(asked.channel)].label));
                id += QString::number(std::max<int>(asked.channel, asked.feed));
                const QString name = test.per == knowledge::Per::Feed
                                         ? QString::number(asked.feed + 1)
                                         : QString::fromStdString(channels[std::size_t(asked.channel)].label);
                label = isCrowded ? name : label + QLatin1Char(' ') + name;
            }
            spots.push_back({{id, label, own, {}, {}, false, isCrowded, false}, asked, &test, nullptr});
        }
    }
}

void BoardStation::addPoints(int block, std::vector<Spot>& spots) const {
    for (const auto& point : session_.trade().points) {
        if (point.block != block) {
            continue;
        }
        std::vector<std::string> refs;
        for (const auto& known : job().set.points) {
            if (known.kind == point.id) {
                refs.push_back(known.ref);
            }
        }
        if (refs.empty()) {
            refs.push_back(point.letter);
        }
        const bool isRail = point.kind == parts::PartKind::Rail;
        for (const auto& ref : refs) {
            const evidence::PointAsked asked{point.id, ref, isEarly(point)};
            const QString name = QString::fromStdString(ref);
            spots.push_back({{idOf(asked),
                              isRail ? words(point.shortTitle) : name,
                              words(evidence::titleOfPoint(asked, scene())),
                              {},
                              {},
                              false,
                              !isRail,
                              false},
                             asked,
                             nullptr,
                             &point});
        }
    }
}

std::vector<evidence::PointTaken> BoardStation::pointsTaken() const {
    std::vector<evidence::PointTaken> taken;
    for (const auto& entry : standing_) {
        if (const auto* point = std::get_if<evidence::PointTaken>(&entry.what)) {
            taken.push_back(*point);
        }
    }
    return taken;
}

void BoardStation::judge(Spot& spot) const {
    auto& shown = spot.shown;
    const std::string test = spot.test != nullptr ? spot.test->id : spot.point->id;
    const auto missed = evidence::questionOf(evidence::notReached(test, spot.question));
    for (const auto& entry : standing_) {
        const auto question = evidence::questionOf(entry.what);
        if (const auto* seen = std::get_if<evidence::PointSeen>(&entry.what)) {
            if (Question(seen->asked) == spot.question && evidence::isBad(seen->looks)) {
                shown.value +=
                    (shown.value.isEmpty() ? QString() : QStringLiteral(", ")) + words(evidence::wordsOf(seen->looks));
                shown.state = shown.state == SpotState::Unknown || shown.state == SpotState::Good ? SpotState::Doubtful
                                                                                                  : shown.state;
            }
        } else if (question == missed) {
            shown.state = SpotState::Missed;
        } else if (question == spot.question) {
            shown.value = words(evidence::describe(entry.what, scene()));
            shown.state = SpotState::Taken;
            const auto comparison = assessment().expected.byEntry.find(entry.id);
            if (comparison != assessment().expected.byEntry.end()) {
                shown.state = comparison->second.within ? SpotState::Good : SpotState::Bad;
            }
            if (const auto* taken = std::get_if<evidence::PointTaken>(&entry.what)) {
                shown.value = words(parts::describe(taken->reading));
                shown.state = stateOf(evidence::judge(*taken, job().set, session_.trade(), pointsTaken()).grade);
            }
        }
    }
}

void BoardStation::showJob() {
    standing_ = job::standingEntries(job(), job::Phase::Before);
    const auto& trade = session_.trade();
    const auto& kind = trade.setKind(job().set);
    const auto& assessment = this->assessment();
    const auto* next =
        assessment.probes.best.empty() || !assessment.verdict().empty() ? nullptr : &assessment.probes.best.front();
    std::vector<BoardBlock> blocks;
    std::vector<int> placeOfBlock(trade.blocks.size(), -1);
    spots_.clear();
    for (const auto& placed : kind.placed) {
        const auto& block = kind.blocks[std::size_t(placed.block)];
        placeOfBlock[std::size_t(placed.block)] = int(blocks.size());
        BoardBlock drawn{words(block.title), {}, 0, placed.column, placed.row, block.isHot, {}};
        for (const auto& suspect : assessment.suspects) {
            drawn.suspicion += suspect.block == placed.block ? suspect.share : 0;
        }
        constexpr double worthSaying = 0.01;
        drawn.share =
            drawn.suspicion > worthSaying ? QStringLiteral("%1 %").arg(100 * drawn.suspicion, 0, 'f', 0) : QString();
        std::vector<Spot> spots;
        addTests(placed.block, spots);
        addPoints(placed.block, spots);
        // Readings first: chips fill up the lines behind them.
        std::stable_partition(spots.begin(), spots.end(), [](const Spot& spot) { return !spot.shown.isChip; });
        for (auto& spot : spots) {
            judge(spot);
            spot.shown.isNext = next != nullptr && next->question == spot.question;
            const bool isCrowded = spot.shown.isChip && spot.test != nullptr;  // and shows its channel alone
            const QString what = isCrowded ? QStringLiteral(" · ") + words(spot.test->shortTitle) : QString();
            drawn.title += drawn.title.endsWith(what) ? QString() : what;
            drawn.spots.push_back(spot.shown);
            spots_.push_back(std::move(spot));
        }
        blocks.push_back(std::move(drawn));
    }
    std::vector<std::pair<int, int>> wires;
    for (const auto& [from, to] : trade.wires) {
        if (placeOfBlock[std::size_t(from)] >= 0 && placeOfBlock[std::size_t(to)] >= 0) {
            wires.emplace_back(placeOfBlock[std::size_t(from)], placeOfBlock[std::size_t(to)]);
        }
    }
    picture_->show(blocks, wires);
    kind_->setText(words(kind.title));
    feeds_->setText(tr("LED+ × %1").arg(job().set.backlight.feeds.size()));
    feeds_->setVisible(hasLeds());
    known_->setVisible(hasLeds());
    known_->show(assessment.thisSet, job().set.backlight);
    chart_->show(job().set.backlight, assessment);
    if (wanted_) {
        choose(*wanted_);
    }
    if (!picture_->has(picture_->chosen())) {
        picture_->choose(spots_.front().shown.id);
    }
    offer();
}

const BoardStation::Spot* BoardStation::chosen() const {
    const auto found =
        std::find_if(spots_.begin(), spots_.end(), [&](const Spot& s) { return s.shown.id == picture_->chosen(); });
    return found == spots_.end() ? nullptr : &*found;
}

void BoardStation::choose(const Question& question) {
    if (const auto* asked = std::get_if<evidence::PointAsked>(&question); asked != nullptr && !asked->isEarly) {
        const auto* point = session_.trade().point(asked->point);
        if (point != nullptr && isEarly(*point)) {
            wanted_ = question;
            changeState(std::nullopt);
            return;
        }
    }
    const auto found =
        std::find_if(spots_.begin(), spots_.end(), [&](const Spot& s) { return s.question == question; });
    if (found == spots_.end()) {
        wanted_ = question;  // it comes with the next snapshot
        return;
    }
    wanted_.reset();
    picture_->choose(found->shown.id);
    offer();
}

bool BoardStation::isAllowed(const Spot& spot) const {
    return liveAllowed() || !(spot.test != nullptr ? spot.test->live : spot.point->live);
}

QString BoardStation::noteOf(const Spot& spot) const {
    if (const auto* asked = std::get_if<evidence::VoltsAsked>(&spot.question)) {
        const auto band = assessment().expected.volts.find(*asked);
        const bool mayMove = asked->test == driver::ledPlusOn || asked->test == driver::ledPlusPlugOut;
        const QString shapes = mayMove ? tr("184 · 184 > 48 falls · 48 ~ 184 wanders") : QString();
        return (band == assessment().expected.volts.end()
                    ? tr("What a healthy set reads is not known yet.")
                    : tr("expect %L1 … %L2 V").arg(band->second.low, 0, 'f', 1).arg(band->second.high, 0, 'f', 1)) +
               (mayMove ? QLatin1Char('\n') + shapes : QString());
    }
    for (const auto& entry : standing_) {
        const auto* taken = std::get_if<evidence::PointTaken>(&entry.what);
        if (taken != nullptr && Question(taken->asked) == spot.question) {
            const auto judgement = evidence::judge(*taken, job().set, session_.trade(), pointsTaken());
            return tr("%1: %2 %3")
                .arg(words(parts::wordsOf(judgement.grade)), words(judgement.because), words(judgement.twin));
        }
    }
    return {};
}

void BoardStation::offer() {
    const auto* spot = chosen();
    if (spot == nullptr) {
        return;
    }
    EntryOffer offer;
    offer.id = spot->shown.id;
    offer.title = spot->shown.title;
    offer.how = words(spot->test != nullptr ? spot->test->how : spot->point->how);
    if (spot->point != nullptr && spot->point->live) {
        const auto state = state_.value_or(spot->point->from);
        offer.title +=
            state_ || state > set::SetState::Standby ? QStringLiteral(", ") + words(set::wordsOf(state)) : QString();
        offer.state = state_ ? words(set::wordsOf(*state_)) : tr("the state it asks for");
    }
    offer.note = noteOf(*spot);
    offer.isAllowed = isAllowed(*spot);
    offer.form = spot->point != nullptr                         ? EntryOffer::Form::Point
                 : spot->test->form == knowledge::Form::Choices ? EntryOffer::Form::Choices
                                                                : EntryOffer::Form::Volts;
    offer.showsChart =
        spot->test != nullptr && (spot->test->id == driver::ledPlusOn || spot->test->id == driver::ledPlusPlugOut);
    if (spot->point != nullptr) {
        const auto& asked = std::get<evidence::PointAsked>(spot->question);
        for (const auto& known : job().set.points) {
            if (known.kind == asked.point && known.ref == asked.ref) {
                offer.printed = typed::spoken(parts::lineOf(known.ratings));
            }
        }
        offer.example = words(parts::readingExample(spot->point->kind));
        offer.printedExample = words(parts::printedExample(spot->point->kind));
        offer.canBeSeen = spot->point->kind < parts::PartKind::Rail;
        for (const auto& entry : standing_) {
            const auto* seen = std::get_if<evidence::PointSeen>(&entry.what);
            offer.looks = seen != nullptr && seen->asked == asked ? int(seen->looks) : offer.looks;
        }
    }
    for (std::size_t i = 0; offer.form == EntryOffer::Form::Choices && i < spot->test->choices.size(); ++i) {
        offer.choices << words(spot->test->choices[i].title);
        for (const auto& entry : standing_) {
            const auto* given = std::get_if<evidence::Answer>(&entry.what);
            const bool isIt =
                given != nullptr && given->test == spot->test->id && given->choice == spot->test->choices[i].id;
            offer.chosen = isIt ? int(i) : offer.chosen;
        }
    }
    for (const auto& probe : assessment().probes.best) {
        if (probe.question == spot->question) {
            for (const auto& outcome : probe.outcomes) {
                offer.outcomes << tr("%1 → %2").arg(words(outcome.reading), words(outcome.meaning));
            }
        }
    }
    entry_->show(offer);
    if (const QString text = entry_->field()->text(); !text.isEmpty()) {
        explain(text);
    }
}

void BoardStation::explain(const QString& line) {
    const auto* spot = chosen();
    if (spot == nullptr) {
        return;
    }
    accept(entry_->field());
    QString said = spot->point == nullptr ? typed::orNothing(typed::volts(line)) : QString();
    if (spot->point != nullptr) {
        const auto read = typed::part(spot->point->kind, line);
        if (const auto* part = std::get_if<parts::TypedPart>(&read)) {
            said = verdictOn(*spot, *part);
        }
    }
    entry_->explain(said.isEmpty() ? noteOf(*spot) : said);
}

/// What a part's reading is understood as, and what it would mean.
QString BoardStation::verdictOn(const Spot& spot, const parts::TypedPart& part) const {
    auto asked = std::get<evidence::PointAsked>(spot.question);
    asked.ref = part.ref.empty() ? asked.ref : part.ref;
    job::Job tried;
    tried.set = job().set;
    job::notePoint(tried, asked, part.ratings);
    const auto judgement = evidence::judge({asked, part.reading}, tried.set, session_.trade(), pointsTaken());
    const QString rated = typed::inWords(part.ratings);
    return words(parts::describe(part.reading)) + (rated.isEmpty() ? QString() : tr(" of %1").arg(rated)) +
           QLatin1Char('\n') +
           tr("%1: %2 %3").arg(words(parts::wordsOf(judgement.grade)), words(judgement.because), words(judgement.twin));
}

void BoardStation::write(const QString& line) {
    const auto* spot = chosen();
    if (spot == nullptr || spot->shown.id != entry_->field()->objectName()) {
        return;
    }
    if (spot->point != nullptr) {
        writePoint(*spot, line);
    } else {
        writeVolts(line);
    }
}

void BoardStation::writeVolts(const QString& line) {
    const auto read = typed::volts(line);
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(entry_->field(), words(*problem));
        return;
    }
    entry_->clear();
    const auto written = takes(readingOf(std::get<job::TypedVolts>(read), line));
    if (!written) {
        entry_->field()->setText(line);
    }
    tell(written, entry_->field());
}

Written BoardStation::takes(const Reading& reading) {
    const auto* spot = chosen();
    const auto* asked = spot == nullptr ? nullptr : std::get_if<evidence::VoltsAsked>(&spot->question);
    if (asked == nullptr || reading.quantity != job::Unit::Volts) {
        return Station::takes(reading);
    }
    if (!isAllowed(*spot)) {
        return {tr("Readings with the set on are taken by those who are trained for them; say so first.")};
    }
    return session_.record(
        evidence::Measured{asked->test, asked->channel, reading.shape, reading.value, reading.rest, asked->feed},
        {.source = reading.source});
}

void BoardStation::writePoint(const Spot& spot, const QString& line) {
    const auto read = typed::part(spot.point->kind, line);
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(entry_->field(), words(*problem));
        return;
    }
    const auto& typed = std::get<parts::TypedPart>(read);
    auto asked = std::get<evidence::PointAsked>(spot.question);
    asked.ref = typed.ref.empty() ? asked.ref : typed.ref;
    entry_->clear();
    const auto written =
        session_.record(evidence::PointTaken{asked, typed.reading, spot.point->live ? state_ : std::nullopt},
                        {.source = {.raw = line.toStdString()},
                         .also = [&](job::Job& job) { job::notePoint(job, asked, typed.ratings); }});
    if (!written) {
        entry_->field()->setText(line);
        refuse(entry_->field(), written.problem);
        return;
    }
    accept(entry_->field());
    choose(asked);
}

void BoardStation::writePrinted(const QString& line) {
    const auto* spot = chosen();
    if (spot == nullptr || spot->point == nullptr) {
        return;
    }
    const auto read = typed::ratings(spot->point->kind, line);
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(entry_->printed(), words(*problem));
        return;
    }
    const auto asked = std::get<evidence::PointAsked>(spot->question);
    if (tell(session_.edit(tr("Printed on %1").arg(spot->shown.title),
                           [&](job::Job& job) { job::notePoint(job, asked, std::get<parts::Ratings>(read)); }),
             entry_->printed())) {
        entry_->field()->setFocus();
    }
}

void BoardStation::answer(int choice) {
    const auto* spot = chosen();
    if (spot != nullptr && spot->test != nullptr && isAllowed(*spot) && choice < int(spot->test->choices.size())) {
        tell(session_.record(evidence::Answer{spot->test->id, spot->test->choices[std::size_t(choice)].id}));
    }
}

void BoardStation::look(int looks) {
    const auto* spot = chosen();
    if (spot == nullptr || spot->point == nullptr || spot->point->kind >= parts::PartKind::Rail) {
        return;
    }
    const auto asked = std::get<evidence::PointAsked>(spot->question);
    tell(session_.record(evidence::PointSeen{asked, evidence::PointSeen::Looks(looks)},
                         {.also = [&](job::Job& job) { job::notePoint(job, asked); }}));
}

void BoardStation::showPhotos() {
    const auto* spot = chosen();
    if (spot == nullptr) {
        return;
    }
    const auto* asked = std::get_if<evidence::PointAsked>(&spot->question);
    auto* sheet = new QFrame(this, Qt::Popup);
    sheet->setAttribute(Qt::WA_DeleteOnClose);
    sheet->setProperty("card", "panel");
    auto* rows = new QVBoxLayout(sheet);
    rows->addWidget(makeLabel(tr("Pictures of %1").arg(spot->shown.title), theme::strong()));
    auto* photos = new PhotoStrip(session_);
    photos->show(asked != nullptr && !asked->ref.empty() ? asked->ref : spot->shown.id.toStdString());
    connect(photos, &PhotoStrip::refused, this, &BoardStation::refused);
    rows->addWidget(photos);
    auto* paste = new QShortcut(QKeySequence::Paste, sheet);
    connect(paste, &QShortcut::activated, photos, &PhotoStrip::paste);
    sheet->adjustSize();
    sheet->move(entry_->mapToGlobal(QPoint(theme::px(16), -sheet->height())));
    sheet->show();
}

void BoardStation::focusEntry() {
    const auto* spot = chosen();
    showInView(picture_->chosenSpot());
    const bool canType =
        spot != nullptr && isAllowed(*spot) && (spot->point != nullptr || spot->test->form == knowledge::Form::Volts);
    if (canType) {
        entry_->field()->setFocus();
    } else {
        setFocus();
    }
}

void BoardStation::addFeed() {
    if (!hasLeds()) {
        return;
    }
    const auto& now = job().set.backlight;
    const std::size_t most =
        now.isDescribed ? std::min(backlight::limits::feeds, now.channels.size()) : backlight::limits::feeds;
    const int feeds = now.feeds.size() < most ? int(now.feeds.size()) + 1 : 1;
    if (const auto written = rewire(session_, backlight::withFeeds(now, feeds)); !written) {
        emit refused(written.problem);
    }
}

void BoardStation::changeKind() {
    const auto& kinds = session_.trade().setKinds;
    const auto* now = &session_.trade().setKind(job().set.kind);
    const auto next = std::size_t(now - kinds.data() + 1) % kinds.size();
    tell(session_.edit(tr("Kind of set"), [&](job::Job& job) { job.set.kind = kinds[next].id; }));
}

void BoardStation::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    const int digit = key - Qt::Key_1;
    if (key == Qt::Key_Up || key == Qt::Key_Down || key == Qt::Key_Left || key == Qt::Key_Right) {
        picture_->step(key == Qt::Key_Right  ? 1
                       : key == Qt::Key_Left ? -1
                                             : 0,
                       key == Qt::Key_Down ? 1
                       : key == Qt::Key_Up ? -1
                                           : 0);
    } else if (digit >= 0 && digit < 9 && event->modifiers() == Qt::NoModifier) {
        answer(digit);
    } else {
        Station::keyPressEvent(event);
    }
}

void BoardStation::enter() {
    const auto& probes = assessment().probes.best;
    if (!probes.empty() && assessment().verdict().empty()) {
        choose(probes.front().question);
    }
    focusEntry();
}

void BoardStation::goTo(const probe::Probe& probe) {
    choose(probe.question);
    focusEntry();
}

bool BoardStation::hasLeds() const {
    return !session_.hasJob() || job().set.lightKind() == set::LightKind::Leds;
}

std::vector<KeyHint> BoardStation::keys() const {
    std::vector<KeyHint> hints = {{tr("← ↑ ↓ →"), tr("point")},
                                  {tr("Enter"), tr("write down")},
                                  {tr("Alt+1…8"), tr("looks")},
                                  {tr("Alt+S"), tr("boards")},
                                  {tr("Alt+I"), tr("picture")}};
    if (hasLeds()) {
        hints.push_back({tr("Alt+F"), tr("LED+")});
    }
    return hints;
}

void BoardStation::nextState() {
    const int next = state_ ? int(*state_) + 1 : 0;
    changeState(next < int(set::setStateWords.size()) ? std::optional(set::SetState(next)) : std::nullopt);
}

void BoardStation::changeState(std::optional<set::SetState> state) {
    state_ = state;
    showJob();
}

bool BoardStation::isDone(const Snapshot& shown) {
    return std::any_of(shown.job.trail.begin(), shown.job.trail.end(), [](const auto& e) {
        return e.phase == job::Phase::Before && (std::holds_alternative<evidence::Measured>(e.what) ||
                                                 std::holds_alternative<evidence::PointTaken>(e.what));
    });
}

}  // namespace dimglow::app
