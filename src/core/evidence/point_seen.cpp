#include "core/evidence/point_seen.h"

#include <cmath>

namespace dimglow::evidence {

using text::say;
using text::Text;

void PointSeen::check(const format::Check& at, const Places& places) const {
    places.check(at, asked);
}

void PointSeen::write(nlohmann::json& json) const {
    json["point"] = asked.point;
    json["ref"] = asked.ref;
    json["looks"] = looksWords[std::size_t(looks)];
}

PointSeen PointSeen::read(format::Fields& fields) {
    return {{fields.text("point"), fields.text("ref")}, Looks(fields.choice("looks", looksWords))};
}

Text PointSeen::title(const Scene& scene) const {
    return say("Looks of {}", titleOfPoint(asked, scene));
}

Text PointSeen::describe(const Scene&) const {
    return wordsOf(looks);
}

double PointSeen::logLikelihood(Explanation& explanation) const {
    const auto bad = explanation.board().badLooksShare(asked);
    if (!bad || looks == Looks::Glue || looks == Looks::Repaired) {
        return 0;
    }
    /// What is swollen, leaking or burnt is so to every eye; a cracked joint or soot may be taken for it.
    constexpr double clearSlipShare = 1e-3;
    if (looks == Looks::Bulged || looks == Looks::Leaking || looks == Looks::Burnt) {
        return std::log(clearSlipShare + (1 - clearSlipShare) * *bad);
    }
    const double share = isBad(looks) ? *bad : 1 - *bad;
    return std::log(slipShare / 2 + (1 - slipShare) * share);
}

Text wordsOf(PointSeen::Looks looks) {
    const Text words[] = {say("looks fine"), say("bulged"),        say("leaking"), say("burnt"),
                          say("soot"),       say("cracked joint"), say("glue"),    say("cut or repaired")};
    return words[int(looks)];
}

bool isBad(PointSeen::Looks looks) {
    return looks != PointSeen::Looks::Fine && looks != PointSeen::Looks::Glue && looks != PointSeen::Looks::Repaired;
}

}  // namespace dimglow::evidence
