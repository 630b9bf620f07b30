#include "app/stations/strips_line.h"

#include <algorithm>

#include "app/field_note.h"
#include "app/stations/station.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

bool isReferredTo(const job::Job& job) {
    return std::any_of(job.trail.begin(), job.trail.end(), [](const auto& e) {
        const auto* measured = std::get_if<evidence::Measured>(&e.what);
        const auto* missed = std::get_if<evidence::NotReached>(&e.what);
        return std::holds_alternative<evidence::TesterTaken>(e.what) ||
               std::holds_alternative<evidence::LedSeen>(e.what) ||
               std::holds_alternative<evidence::LedChecked>(e.what) ||
               std::holds_alternative<evidence::Bridged>(e.what) || (missed != nullptr && missed->run) ||
               (measured != nullptr && (measured->channel > 0 || measured->feed > 0));
    });
}

Written rewire(JobSession& session, backlight::Backlight wired) {
    const auto& job = session.job();
    const auto& now = job.set.backlight;
    const bool alike = wired.strips.size() == now.strips.size() && wired.ledCount() == now.ledCount() &&
                       wired.channels.size() == now.channels.size();
    if (now.isDescribed && !alike && isReferredTo(job)) {
        return {
            StripsLine::tr("Readings in the trail refer to the strips as they are: take those back before "
                           "changing their number.")};
    }
    if (!wired.isDescribed && now.isDescribed) {
        return {StripsLine::tr("Say how many strips and LEDs there are: 4 strips × 12")};
    }
    if (!now.isDescribed && wired.isDescribed && !now.ledPoints.empty()) {
        wired = backlight::withLedPoints(wired, now.ledPoints);
    } else if (!now.isDescribed) {
        wired.ledPoints = now.ledPoints;
    }
    wired.driver.ovpRatio = wired.driver.ovpRatio ? wired.driver.ovpRatio : now.driver.ovpRatio;
    wired.driver.headroomVolts = wired.driver.headroomVolts ? wired.driver.headroomVolts : now.driver.headroomVolts;
    return session.edit(StripsLine::tr("Wiring"), [&](job::Job& edited) {
        edited.set.lamps = wired.isDescribed ? lamps::Lamps{} : edited.set.lamps;  // strips are no lamps
        edited.set.backlight = wired;
    });
}

StripsLine::StripsLine(JobSession& session) : session_(session) {
    setAccessibleName(tr("Backlight in one line"));
    setFont(theme::body());
    setToolTip(
        tr("strips × LEDs · 3, 6, 9 V · mA per string · one string, 2 strings, 2 strips per string, each its "
           "own string, in parallel · 2P · 2 chains · fed from both ends · bottom edge · under mask · 2 feeds · label "
           "146 V · idle 48 V · 940 × 530 mm · pitch 75 mm"));
    explainTyping(this, [this](const QString& line) {
        if (typed::speaksOfLamps(line)) {
            const auto lamps = typed::lamps(line);
            const auto* read = std::get_if<lamps::Lamps>(&lamps);
            return read == nullptr ? QString() : typed::spoken(lamps::lineOf(*read));
        }
        const auto read = typed::strips(line, base());
        const auto* plain = std::get_if<backlight::PlainDescription>(&read);
        return plain == nullptr ? QString() : typed::spoken(backlight::lineOf(*plain));
    });
    connect(this, &QLineEdit::returnPressed, this, &StripsLine::commit);
}

void StripsLine::refresh() {
    if (isModified()) {
        return;
    }
    const auto& set = session_.shown().job.set;
    const auto& backlight = set.backlight;
    if (set.lightKind() == set::LightKind::Lamps) {
        setText(typed::spoken(lamps::lineOf(set.lamps)));
        setCursorPosition(0);
        return;
    }
    const auto plain = backlight::plainDescriptionOf(backlight);
    setText(plain ? typed::spoken(backlight::lineOf(*plain)) : QString());
    setCursorPosition(0);  // of a line that is too long its beginning is seen
    setPlaceholderText(plain ? tr("4 strips × 12, 3 V, 240 mA, one string")
                             : tr("wired by hand; a line here replaces it"));
}

/// What a line adds to: the strips as they are. Of hand-wired ones only what is read off the board.
backlight::PlainDescription StripsLine::base() const {
    const auto& now = session_.job().set.backlight;
    auto plain = backlight::plainDescriptionOf(now);
    if (!plain) {
        plain = backlight::undescribed(int(now.feeds.size()));
        plain->feeds = now.feeds;
        plain->idleVolts = now.driver.idleVolts;
        plain->celsius = now.celsius;
        plain->harness = now.harness;
    }
    return *plain;
}

/// The set has lamps, or other ones than before.
void StripsLine::commitLamps() {
    const auto read = typed::lamps(text());
    if (const auto* problem = std::get_if<typing::LineProblem>(&read)) {
        refuse(this, inWords(*problem));
        return;
    }
    const auto& lamps = std::get<lamps::Lamps>(read);
    const auto kind = typed::setKindIn(text());
    settle(session_.edit(tr("Lamps"), [&](job::Job& edited) {
        edited.set.lamps = lamps;
        edited.set.kind = kind.empty() ? edited.set.kind : kind;
    }));
}

void StripsLine::commit() {
    if (!isModified()) {
        return;
    }
    if (typed::speaksOfLamps(text())) {
        commitLamps();
        return;
    }
    const auto read = typed::strips(text(), base());
    if (const auto* problem = std::get_if<typing::LineProblem>(&read)) {
        refuse(this, inWords(*problem));
        return;
    }
    const auto& plain = std::get<backlight::PlainDescription>(read);
    const auto& now = session_.job().set.backlight;
    auto wired = backlight::plainBacklight(plain);
    if (!plain.isDescribed && now.isDescribed) {  // of hand-wired strips, what is read off the board
        wired = plain.feeds.size() == now.feeds.size() ? now : backlight::withFeeds(now, int(plain.feeds.size()));
        wired.feeds = plain.feeds;
        wired.driver.idleVolts = plain.idleVolts;
    }
    settle(rewire(session_, wired));
}

void StripsLine::settle(const Written& written) {
    if (written) {
        accept(this);
        setModified(false);
        refresh();
    } else {
        refuse(this, written.problem);
    }
}

}  // namespace dimglow::app
