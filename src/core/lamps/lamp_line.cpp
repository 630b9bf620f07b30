#include "core/lamps/lamp_line.h"

#include <fmt/format.h>
#include <algorithm>

namespace dimglow::lamps {

namespace {

using typing::Clause;
using typing::LineProblem;

constexpr double mostLamps = 100;

/// Whether a clause says what it can say but once; then it is in \p lamps.
bool takes(Clause& clause, Lamps& lamps) {
    if (clause.matches(R"((?:(?:monitor|television|tv) )?(\d+) ?lamps?(?: (\d+) ?x ?(\d+))?)")) {
        lamps.count = int(clause.number(1, 1, mostLamps));
        if (clause.has(2) && clause.number(2, 1, mostLamps) * clause.number(3, 1, mostLamps) != lamps.count) {
            clause.refuse(text::say("makes another number of lamps"));
        } else if (clause.has(2)) {
            lamps.place = clause.number(2, 1, mostLamps) == 2 ? Lamps::Place::Edges : Lamps::Place::Behind;
        }
    } else if (clause.matches(R"((\d+(?:\.\d+)?) ?mm (?:bore|inner|thick))")) {
        lamps.diameterMm = clause.number(1, 0.5, 50);
    } else if (clause.matches(R"((\d+(?:\.\d+)?) ?mm(?: long)?)")) {
        lamps.lengthMm = clause.number(1, 50, 5000);
    } else if (clause.matches(R"((?:inverter |from )?(\d+(?:\.\d+)?) ?v)")) {
        lamps.supplyVolts = clause.number(1, 1, 500);
    } else if (clause.matches(R"((?:at )?(?:the )?edges?)")) {
        lamps.place = Lamps::Place::Edges;
    } else if (clause.matches("behind")) {
        lamps.place = Lamps::Place::Behind;
    } else if (clause.matches("u(?: ?-? ?shaped)?")) {
        lamps.shape = Lamps::Shape::U;
    } else if (clause.matches("straight")) {
        lamps.shape = Lamps::Shape::Straight;
    } else if (clause.matches("(external|internal)(?: electrodes)?")) {
        lamps.electrodes = clause.text(1) == "external" ? Lamps::Electrodes::External : Lamps::Electrodes::Internal;
    } else if (clause.matches(R"((both|one|1) ends?)")) {
        lamps.drive = clause.text(1) == "both" ? Lamps::Drive::BothEnds : Lamps::Drive::OneEnd;
    } else if (clause.matches(R"((?:two|2) inverters)")) {
        lamps.drive = Lamps::Drive::BothEnds;
    } else {
        return clause.matches("monitor|television|tv");  // see setKindIn()
    }
    return true;
}

}  // namespace

bool speaksOfLamps(std::string_view line, typing::Tongue tongue) {
    if (typing::unreadable(line)) {
        return false;
    }
    const auto clauses = typing::clausesOf(line, tongue);
    return std::any_of(clauses.begin(), clauses.end(),
                       [](const auto& clause) { return clause.words().find("lamp") != std::string::npos; });
}

std::string setKindIn(std::string_view line, typing::Tongue tongue) {
    for (auto& clause : typing::clausesOf(line, tongue)) {
        if (clause.matches(R"((monitor|television|tv)(?: .*)?)")) {
            return clause.text(1) == "monitor" ? "monitor" : "television";
        }
    }
    return {};
}

std::variant<Lamps, LineProblem> readLine(std::string_view line, typing::Tongue tongue) {
    if (const auto problem = typing::unreadable(line)) {
        return *problem;
    }
    Lamps lamps;
    for (auto& clause : typing::clausesOf(line, tongue)) {
        if (!takes(clause, lamps)) {
            return LineProblem{clause.words(),
                               text::say("is not understood; write 4 lamps 2 × 2, 410 mm, 2.4 mm bore, 12 V")};
        }
        if (!clause.problem().empty()) {
            return LineProblem{clause.words(), clause.problem()};
        }
    }
    if (lamps.count == 0) {
        return LineProblem{std::string(line), text::say("does not say how many lamps there are")};
    }
    if (lamps.place == Lamps::Place::Edges && lamps.count % 2 != 0) {
        return LineProblem{std::string(line), text::say("an odd number does not stand at two edges")};
    }
    return lamps;
}

std::string lineOf(const Lamps& lamps) {
    std::string line = fmt::format("{} lamps", lamps.count);
    const auto add = [&](const std::string& clause) { line += ", " + clause; };
    if (lamps.place == Lamps::Place::Edges) {
        line += fmt::format(" 2 × {}", lamps.count / 2);
    } else if (lamps.place == Lamps::Place::Behind) {
        add("behind");
    }
    if (lamps.lengthMm) {
        add(fmt::format("{} mm", *lamps.lengthMm));
    }
    if (lamps.diameterMm) {
        add(fmt::format("{} mm bore", *lamps.diameterMm));
    }
    if (lamps.supplyVolts) {
        add(fmt::format("{} V", *lamps.supplyVolts));
    }
    if (lamps.shape != Lamps::Shape::Unknown) {
        add(lamps.shape == Lamps::Shape::U ? "U" : "straight");
    }
    if (lamps.electrodes != Lamps::Electrodes::Unknown) {
        add(lamps.electrodes == Lamps::Electrodes::External ? "external electrodes" : "internal electrodes");
    }
    if (lamps.drive != Lamps::Drive::Unknown) {
        add(lamps.drive == Lamps::Drive::BothEnds ? "both ends" : "one end");
    }
    return line;
}

}  // namespace dimglow::lamps
