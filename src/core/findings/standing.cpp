#include "core/findings/standing.h"

#include <algorithm>
#include <map>
#include <set>

namespace dimglow::findings {

namespace {

/// What the panel check found, as an answer among the others. Nothing until something was read or found; no light is
/// none while the leads are in doubt.
void addPanelCheck(const job::Job& job, std::vector<job::Entry>& standing) {
    using panelcheck::Finding;
    const auto& check = job.panelCheck;
    const auto has = [&](Finding finding) {
        return std::find(check.findings.begin(), check.findings.end(), finding) != check.findings.end();
    };
    const char* choice = has(Finding::NoLight)                                                    ? "noLight"
                         : has(Finding::NoPicture)                                                ? "noPicture"
                         : has(Finding::Crack) || has(Finding::Lines) || has(Finding::DeadColumn) ? "glass"
                         : has(Finding::DarkArea)                                                 ? "darkArea"
                         : has(Finding::Tint)                                                     ? "tint"
                         : check.lightVolts                                                       ? "fine"
                                                                                                  : nullptr;
    const bool isDoubtful = !check.leadsChecked && (has(Finding::NoLight) || has(Finding::NoPicture));
    if (choice != nullptr && !isDoubtful) {
        standing.push_back({0, {}, job::Phase::Before, evidence::Answer{"panelCheck", choice}});
    }
}

/// That something was seen on a board says nothing beside the parts that look bad: it would count twice.
void dropWhatLooksSay(std::vector<job::Entry>& standing) {
    const bool isSaid = std::any_of(standing.begin(), standing.end(), [](const auto& entry) {
        const auto* seen = std::get_if<evidence::PointSeen>(&entry.what);
        return seen != nullptr && evidence::isBad(seen->looks);
    });
    std::erase_if(standing, [&](const auto& entry) {
        const auto* answer = std::get_if<evidence::Answer>(&entry.what);
        return isSaid && answer != nullptr && answer->test == evidence::PointSeen::summedUpBy;
    });
}

/// What a point read before it need be there says nothing beside its reading in time.
void dropEarly(std::vector<job::Entry>& standing) {
    const auto askedOf = [](const job::Entry& entry) {
        const auto* taken = std::get_if<evidence::PointTaken>(&entry.what);
        return taken == nullptr ? std::nullopt : std::optional(taken->asked);
    };
    std::vector<evidence::PointAsked> inTime;
    for (const auto& entry : standing) {
        if (const auto asked = askedOf(entry); asked && !asked->isEarly) {
            inTime.push_back(*asked);
        }
    }
    std::erase_if(standing, [&](const auto& entry) {
        auto asked = askedOf(entry);
        if (!asked || !asked->isEarly) {
            return false;
        }
        asked->isEarly = false;
        return std::find(inTime.begin(), inTime.end(), *asked) != inTime.end();
    });
}

/// Who marks a few LEDs of a run that a tester drives, and says nothing of the others, means that these are lit: one of
/// them stands for all.
void addWhatMarksMean(const backlight::Backlight& backlight, std::vector<job::Entry>& standing) {
    using Glow = evidence::LedSeen::Glow;
    std::map<backlight::Run, std::set<backlight::LedPlace>> dark;
    std::set<backlight::Run> isSaid;  // what the rest of a run does
    for (const auto& entry : standing) {
        if (const auto* seen = std::get_if<evidence::LedSeen>(&entry.what)) {
            seen->glow == Glow::Dark ? void(dark[seen->under].insert(seen->place)) : void(isSaid.insert(seen->under));
        } else if (const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what)) {
            isSaid.insert(taken->run);
        }
    }
    for (const auto& [run, marked] : dark) {
        const auto& places = marked;
        if (isSaid.contains(run) || 2 * int(places.size()) > run.count()) {
            continue;
        }
        const auto order = backlight::ledsInOrder(backlight, run.string);
        const auto other = std::find_if(order.begin() + run.first, order.begin() + run.last + 1,
                                        [&](const auto& place) { return !places.contains(place); });
        standing.push_back({0, {}, job::Phase::Before, evidence::LedSeen{*other, Glow::Lit, run}});
    }
}

/// What the rear holes show stands beside a dark glass, for the share of faults that hide a light. A glass that was lit
/// tells more than they do; where nobody has looked at it, they say what it would have shown.
void placeRearHoles(std::vector<job::Entry>& standing) {
    const auto light = job::lightSeen(standing);
    if (light == driver::Light::Never) {
        return;
    }
    const auto holes = std::find_if(standing.begin(), standing.end(), [](const auto& entry) {
        const auto* answer = std::get_if<evidence::Answer>(&entry.what);
        return answer != nullptr && answer->test == evidence::LightSeen::throughHoles;
    });
    if (holes == standing.end()) {
        return;
    }
    const auto choice = std::get<evidence::Answer>(holes->what).choice;
    const bool glows = choice == evidence::LightSeen::glows;
    if (light || !(glows || choice == evidence::LightSeen::dark)) {
        standing.erase(holes);
    } else {
        holes->what = evidence::LightSeen{glows ? driver::Light::StaysLit : driver::Light::Never, 0};
    }
}

}  // namespace

std::vector<job::Entry> standingEvidence(const job::Job& job, const knowledge::Knowledge& knowledge) {
    auto standing = job::standingEntries(job, job::Phase::Before);
    std::erase_if(standing, [&](const auto& entry) { return !knowledge.isIn(job.set, evidence::testOf(entry.what)); });
    addPanelCheck(job, standing);
    dropWhatLooksSay(standing);
    dropEarly(standing);
    addWhatMarksMean(job.set.backlight, standing);
    placeRearHoles(standing);
    return standing;
}

}  // namespace dimglow::findings
