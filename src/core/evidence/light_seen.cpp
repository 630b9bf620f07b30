#include "core/evidence/light_seen.h"

#include "core/evidence/limits.h"

namespace dimglow::evidence {

using text::say;
using text::Text;

namespace {
const std::vector<const char*> lightWords = {"never", "flash-then-dark", "stays-lit"};
}

void LightSeen::check(const format::Check& at, const Places&) const {
    at.number("secondsToDark", secondsToDark, limits::secondsToDark);
}

void LightSeen::write(nlohmann::json& json) const {
    json["what"] = lightWords[int(what)];
    json["secondsToDark"] = secondsToDark;
}

LightSeen LightSeen::read(format::Fields& fields) {
    return {driver::Light(fields.choice("what", lightWords)), fields.number("secondsToDark", 0.0)};
}

Text LightSeen::describe(const Scene&) const {
    switch (what) {
        case driver::Light::Never:
            return say("no light");
        case driver::Light::StaysLit:
            return say("stays lit");
        case driver::Light::FlashThenDark:
            break;
    }
    return say("dark after {:.1f} s", secondsToDark);
}

}  // namespace dimglow::evidence
