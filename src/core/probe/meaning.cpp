#include "core/probe/meaning.h"

#include <algorithm>
#include <array>
#include <map>
#include <numeric>

namespace dimglow::probe {

using text::say;
using text::Text;

namespace {

constexpr double clearShare = 0.8;  ///< from here an outcome is told by its place, not only by its kind

/// "Output diode D8 (62 %)" where the part is what is replaced, and a suspect comes down to several; empty otherwise.
Text likeliestPart(const std::vector<double>& after, const Desk& desk) {
    if (desk.job().way.level != job::Way::Level::Component) {
        return {};
    }
    std::map<std::array<int, 3>, double> shares;
    for (std::size_t h = 0; h < after.size(); ++h) {
        const auto& own = desk.explanations().all()[h];
        shares[{own.suspect, own.part, own.point}] += after[h];
    }
    const auto best = std::max_element(shares.begin(), shares.end(),
                                       [](const auto& a, const auto& b) { return a.second < b.second; });
    const auto& [suspect, part, point] = best->first;
    if (part < 0) {
        return {};
    }
    const auto& title = desk.trade().suspects[std::size_t(suspect)].parts[std::size_t(part)].title;
    return point < 0
               ? say("{} ({:.0f} %)", title, 100 * best->second)
               : say("{} {} ({:.0f} %)", title, desk.model().set().points[std::size_t(point)].ref, 100 * best->second);
}

/// "it is in B7 … B12" when nearly all belief is in part of one strip; empty otherwise.
Text narrowestRun(const std::vector<double>& after, const Desk& desk) {
    const auto shares =
        desk.model().strings().spread(reasoning::siteSharesOf(desk.model(), desk.explanations().all(), after));
    double total = 0;
    std::size_t strip = 0;
    double heaviest = 0;
    for (std::size_t s = 0; s < shares.size(); ++s) {
        const double sum = std::accumulate(shares[s].begin(), shares[s].end(), 0.0);
        total += sum;
        if (sum > heaviest) {
            heaviest = sum;
            strip = s;
        }
    }
    if (heaviest == 0 || heaviest < clearShare * total || total < clearShare) {
        return {};
    }
    const auto& ofStrip = shares[strip];
    const double worth = 0.1 * *std::max_element(ofStrip.begin(), ofStrip.end());
    const auto counts = [&](double share) { return share >= worth; };
    const auto first = std::find_if(ofStrip.begin(), ofStrip.end(), counts) - ofStrip.begin();
    const auto last = ofStrip.rend() - std::find_if(ofStrip.rbegin(), ofStrip.rend(), counts);  // numbered from 1
    const auto& label = desk.backlight().strips[strip].label;
    return first + 1 == last ? say("it is {}{}", label, last) : say("it is in {0}{1} … {0}{2}", label, first + 1, last);
}

}  // namespace

Text meaningOf(const Bin& bin, const Classes& classes, const Desk& desk) {
    const auto& explanations = desk.explanations();
    const auto& suspects = desk.trade().suspects;
    std::vector<double> byTitle(desk.belief().titles.size(), 0);
    std::vector<double> byKind(suspects.size(), 0);
    std::vector<double> byKindNow(byKind);
    std::vector<double> after(explanations.size());
    for (std::size_t h = 0; h < after.size(); ++h) {
        const double now = explanations.shares()[h];
        const auto kind = std::size_t(explanations.all()[h].suspect);
        after[h] = now * bin.byExplanation[std::size_t(classes.of[h])] / bin.share;
        byTitle[std::size_t(explanations.titleOf(h))] += after[h];
        byKind[kind] += after[h];
        byKindNow[kind] += now;
    }
    if (auto narrowed = narrowestRun(after, desk); !narrowed.empty()) {
        return narrowed;
    }
    if (auto part = likeliestPart(after, desk); !part.empty()) {
        return part;
    }
    const auto title = std::max_element(byTitle.begin(), byTitle.end());
    const auto& titleWords = desk.belief().titles[std::size_t(title - byTitle.begin())];
    if (*title > clearShare) {
        return titleWords;
    }
    const auto kind = std::size_t(std::max_element(byKind.begin(), byKind.end()) - byKind.begin());
    if (byKindNow[kind] > clearShare) {
        return say("{} ({:.0f} %)", titleWords, 100 * *title);  // the kind is no news
    }
    return say("{} ({:.0f} %)", suspects[kind].title, 100 * byKind[kind]);
}

}  // namespace dimglow::probe
