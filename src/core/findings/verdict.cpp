#include "core/findings/verdict.h"

#include <algorithm>

namespace dimglow::findings {

using probe::Probe;
using reasoning::Model;
using text::say;
using text::Text;

namespace {

/// A verdict on anything but LEDs needs more than they do: a board, a plug or a strip is dear, and another minute's
/// reading cheap.
constexpr double verdictShare = 0.95;
constexpr double littleBits = 0.1;

/// "Driver not switching: Output diode D8", as far as the part is known.
Text titleOf(const SuspectShare& row) {
    const bool isPart = row.parts.size() > 1 && row.parts.front().share >= sureShare * row.share;
    return isPart ? say("{}: {}", row.title, row.parts.front().title) : row.title;
}

/// Share of a suspect's cases that come down to a part which nobody has found good.
double stillOpenShare(const Model& model, const knowledge::SuspectKind& suspect) {
    double open = 0;
    for (const auto& part : suspect.parts) {
        bool isGood = false;
        bool isBad = false;
        for (std::size_t entry = 0; part.point >= 0 && entry < model.standing().size(); ++entry) {
            const auto* taken = std::get_if<evidence::PointTaken>(&model.standing()[entry].what);
            if (taken != nullptr && taken->asked.point == model.knowledge().points[std::size_t(part.point)].id) {
                isGood = isGood || model.gradeOf(entry) == parts::Grade::Good;
                isBad = isBad || model.gradeOf(entry) != parts::Grade::Good;
            }
        }
        open += isGood && !isBad ? 0 : part.share;
    }
    return open;
}

/// Whether one of a point's parts was read, and was of such a grade.
bool isReadAs(const Model& model, int point, parts::Grade grade) {
    return std::any_of(model.standing().begin(), model.standing().end(), [&](const job::Entry& entry) {
        const auto* taken = std::get_if<evidence::PointTaken>(&entry.what);
        return taken != nullptr && taken->asked.point == model.knowledge().points[std::size_t(point)].id &&
               model.gradeOf(*taken) == grade;
    });
}

bool hasBadPart(const Model& model, const knowledge::SuspectKind& suspect) {
    return std::any_of(suspect.parts.begin(), suspect.parts.end(), [&](const auto& part) {
        return part.point >= 0 && isReadAs(model, part.point, parts::Grade::Bad);
    });
}

/// What may have blown a fuse of a suspect that was found open: the parts that nobody has read, while none is bad.
std::vector<std::string> blewItOf(const Model& model, const knowledge::SuspectKind& suspect) {
    constexpr double asARule = 0.5;
    const auto& points = model.knowledge().points;
    const auto isRead = [&](int point) {
        return std::any_of(model.standing().begin(), model.standing().end(), [&](const job::Entry& entry) {
            return evidence::testOf(entry.what) == points[std::size_t(point)].id;
        });
    };
    std::vector<std::string> open;
    for (const auto& part : suspect.parts) {
        const bool blowsAFuse = std::any_of(part.points.begin(), part.points.end(), [&](const auto& other) {
            return points[std::size_t(other.first)].kind == parts::PartKind::Fuse &&
                   other.second[std::size_t(parts::Grade::Bad)] > asARule &&
                   isReadAs(model, other.first, parts::Grade::Bad);
        });
        if (!blowsAFuse || part.point < 0) {
            continue;
        }
        if (isReadAs(model, part.point, parts::Grade::Bad)) {
            return {};
        }
        if (!isRead(part.point)) {
            open.push_back(points[std::size_t(part.point)].id);
        }
    }
    return open;
}

/// Tests that put a unit in the set's place which is known to be good.
std::vector<std::string> swapsOf(const Model& model, const std::string& unit) {
    std::vector<std::string> swaps;
    for (const auto& test : model.knowledge().tests) {
        if (!test.swaps.empty() && test.swaps == unit) {
            swaps.push_back(test.id);
        }
    }
    return swaps;
}

/// Whether one that is known to be good stood in a unit's place, and the set answered \p speaksForIt: more often so
/// where that unit is at fault, or less often, than any set.
bool isExchanged(const Model& model, const std::string& unit, bool speaksForIt) {
    const auto& signs = model.signs();
    return std::any_of(signs.begin(), signs.end(), [&](const evidence::Sign& sign) {
        const auto* test = sign.choice.empty() ? nullptr : model.knowledge().test(sign.test);
        if (test == nullptr || test->swaps.empty() || test->swaps != unit) {
            return false;
        }
        const auto ofUnit = test->units.find(unit);
        if (ofUnit == test->units.end()) {
            return false;
        }
        const double own = knowledge::shareOf(ofUnit->second, sign.choice);
        const double usual = knowledge::shareOf(test->usual, sign.choice);
        return speaksForIt ? own > usual : own < usual;
    });
}

/// Nothing changed: then it is not that unit, or not that alone.
bool isExchangedInVain(const Model& model, const knowledge::SuspectKind& suspect) {
    return isExchanged(model, model.unitOf(suspect), false);
}

/// Whether a test was answered as the suspect hardly ever has it and a set without it does: a reading that speaks
/// against a verdict is none that it rests on.
bool speaksAgainst(const Model& model, const knowledge::SuspectKind& suspect, const evidence::Observation& what) {
    constexpr double hardly = 0.25;
    const auto* answer = std::get_if<evidence::Answer>(&what);
    const auto* test = answer == nullptr ? nullptr : model.knowledge().test(answer->test);
    if (test == nullptr) {
        return false;
    }
    const auto& own = knowledge::answersOf(*test, suspect, model.unitOf(suspect));
    return knowledge::shareOf(own, answer->choice) < hardly * knowledge::shareOf(test->usual, answer->choice);
}

}  // namespace

Found foundOf(const Model& model, const std::vector<SuspectShare>& left, const Likeliest& likeliest,
              const std::vector<Located>& located) {
    if (likeliest.failedCount > 0) {
        const auto leds = int(located.size()) == likeliest.failedCount ? titleOf(model, located) : Text();
        if (!likeliest.isOfBothSides || leds.empty()) {
            return {leds, 1};
        }
        const auto& board = model.knowledge().suspects[std::size_t(likeliest.suspect)];
        const bool isSure = likeliest.suspectShare >= verdictShare && !isExchangedInVain(model, board);
        return {isSure ? say("{}; {}", leds, board.title) : Text(), likeliest.suspectShare};
    }
    const auto& first = left.front();
    const bool isKnown = first.placeKnown && !model.knowledge().suspects[std::size_t(likeliest.suspect)].isNoneOfThese;
    const auto* suspect = model.knowledge().suspect(first.suspect);
    if (first.share < verdictShare || !isKnown || (suspect != nullptr && isExchangedInVain(model, *suspect))) {
        return {{}, first.share};
    }
    return {titleOf(first), first.share};
}

std::vector<std::string> neededFor(const Model& model, const std::vector<SuspectShare>& left, const job::Way& way) {
    constexpr double leadingShare = 0.5;
    const auto& first = left.front();
    const auto* suspect = model.knowledge().suspect(first.suspect);
    if (suspect == nullptr || way.first == job::Way::First::Swap) {
        return {};
    }
    const auto& unit = model.unitOf(*suspect);
    const auto isRead = [&](const std::string& id) {
        return std::any_of(model.standing().begin(), model.standing().end(), [&](const auto& entry) {
            const auto read = evidence::testOf(entry.what);
            const auto* test = model.knowledge().test(read);
            return (read == id && !speaksAgainst(model, *suspect, entry.what)) ||
                   (test != nullptr && !test->swaps.empty() && test->swaps == unit);
        });
    };
    const auto swaps = swapsOf(model, unit);
    const auto swapIfNone = [&] {
        return std::any_of(swaps.begin(), swaps.end(), isRead) ? std::vector<std::string>() : swaps;
    };
    double share = 0;        // of all lines of it
    double shareOfUnit = 0;  // of all that are of its board
    for (const auto& row : left) {
        const auto* other = model.knowledge().suspect(row.suspect);
        const bool isOfUnit = other != nullptr && other->side == knowledge::Side::Board;
        share += row.suspect == first.suspect ? row.share : 0;
        shareOfUnit += isOfUnit && model.unitOf(*other) == unit ? row.share : 0;
    }
    if (share < leadingShare) {
        // Several names for one board, and none of them leads: that it is this board is all that could be found.
        return shareOfUnit >= verdictShare ? swapIfNone() : std::vector<std::string>();
    }
    // A part of it that is bad says it all; where it is what is replaced, it is looked for first.
    const bool isOfParts = hasBadPart(model, *suspect) || wantsThePart(way, left);
    for (const auto& group : suspect->needs) {
        if (!isOfParts && std::none_of(group.begin(), group.end(), isRead)) {
            return group;
        }
    }
    // A fuse that is replaced alone blows again.
    if (auto causes = blewItOf(model, *suspect); !causes.empty() && way.level != job::Way::Level::Board) {
        return causes;
    }
    // Where the parts that it mostly comes down to are good, only a board in its place can say that it is this one.
    constexpr double mostly = 0.5;
    const bool isOpen = suspect->parts.empty() || stillOpenShare(model, *suspect) >= mostly;
    return isOpen ? std::vector<std::string>() : swapIfNone();
}

bool tellLittle(const std::vector<Probe>& probes) {
    return std::all_of(probes.begin(), probes.end(), [](const Probe& probe) { return probe.bits < littleBits; });
}

bool isCheaplyDoubted(const std::vector<Probe>& probes, double share) {
    constexpr double minutesInVain = 60;  ///< the board out and in again, and a second diagnosis
    return std::any_of(probes.begin(), probes.end(), [&](const Probe& probe) {
        return probe.bits >= littleBits && probe.minutes < (1 - share) * minutesInVain;
    });
}

Found foundTogether(const Model& model, const std::vector<SuspectShare>& left, const std::vector<Probe>& probes,
                    const job::Way& way) {
    constexpr double worthNaming = 0.05;
    constexpr std::size_t mostPlaces = 2;
    const bool tellsLittle = tellLittle(probes);
    for (const auto& repair : model.knowledge().repairs) {
        if (repair.stopGap || !repair.isRepair() ||
            (repair.opensPanel && repair.renews != knowledge::Renews::Nothing)) {
            continue;
        }
        if (!tellsLittle && (repair.exchanges != "board" || way.level == job::Way::Level::Component)) {
            continue;
        }
        double share = 0;
        bool isPlaced = true;
        std::vector<Text> titles;
        for (const auto& row : left) {
            const auto& suspect = *model.knowledge().suspect(row.suspect);
            const bool isMended =
                repair.mends(row.suspect, model.unitOf(suspect)) && !isExchangedInVain(model, suspect);
            // What went with the board that was exchanged is mended with it, whatever its name.
            const bool wentWithIt = suspect.isNoneOfThese && !repair.unit.empty() && repair.exchanges == "board" &&
                                    isExchanged(model, repair.unit, true);
            share += isMended || wentWithIt ? row.share : 0;
            if (isMended && row.share > worthNaming) {
                titles.push_back(titleOf(row));
                isPlaced = isPlaced && row.placeKnown;
            }
        }
        // In the panel it must be known where: one place or the one beside it.
        if (share >= verdictShare && !titles.empty() &&
            (!repair.opensPanel || (isPlaced && titles.size() <= mostPlaces))) {
            return {text::joined(titles, " / "), share};
        }
    }
    return {};
}

bool wantsThePart(const job::Way& way, const std::vector<SuspectShare>& left) {
    const auto& first = left.front();
    return way.level == job::Way::Level::Component && first.parts.size() > 1 &&
           first.parts.front().share < sureShare * first.share;
}

bool onlyStripsTellMore(const std::vector<SuspectShare>& left, const std::vector<Probe>& probes, const Found& found) {
    double leds = 0;
    for (const auto& suspect : left) {
        leds += suspect.side == knowledge::Side::Leds ? suspect.share : 0;
    }
    return leds >= sureShare || (probes.empty() && found.title.empty());
}

}  // namespace dimglow::findings
