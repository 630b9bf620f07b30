#include "core/evidence/not_reached.h"

#include "core/backlight/backlight_json.h"
#include "core/evidence/limits.h"

namespace dimglow::evidence {

void NotReached::check(const format::Check& at, const Places& places) const {
    at.text("test", asked.test, limits::word);
    places.check(at, asked);
    at.text("ref", ref, limits::ref);
    if (run) {
        places.check(at.at("run"), *run);
    }
}

void NotReached::write(nlohmann::json& json) const {
    json["test"] = asked.test;
    json["channel"] = int(asked.channel);
    if (asked.feed != 0) {
        json["feed"] = int(asked.feed);
    }
    if (!ref.empty()) {
        json["ref"] = ref;
    }
    if (run) {
        json["run"] = backlight::toJson(*run);
    }
}

NotReached NotReached::read(format::Fields& fields) {
    NotReached missed{{fields.text("test"), backlight::ChannelIndex(fields.integer("channel", 0)),
                       backlight::FeedIndex(fields.integer("feed", 0))},
                      {}};
    missed.ref = fields.text("ref", "");
    if (fields.has("run")) {
        missed.run = backlight::readRun(fields.object("run"));
    }
    return missed;
}

text::Text NotReached::title(const Scene& scene) const {
    if (!ref.empty()) {
        return titleOfPoint({asked.test, ref}, scene);
    }
    const auto title = titleOfVolts(asked, scene);
    return run ? text::say("{}, {}", title, nameOf(scene.backlight, *run)) : title;
}

}  // namespace dimglow::evidence
