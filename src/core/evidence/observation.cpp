#include "core/evidence/observation.h"

namespace dimglow::evidence {

namespace {

/// The words of all kinds, in the order of the list.
template <class... K>
std::vector<const char*> kindWords(const std::variant<K...>*) {
    return {K::kind...};
}

/// Reads the kind that stands at \p index of the list.
template <class... K>
Observation readKind(std::size_t index, format::Fields& fields, const std::variant<K...>*) {
    using Read = Observation (*)(format::Fields&);
    constexpr Read readers[] = {[](format::Fields& of) -> Observation { return K::read(of); }...};
    return readers[index](fields);
}

constexpr const Observation* list = nullptr;

}  // namespace

text::Text titleOfTest(const std::string& test, const Scene& scene) {
    const auto* known = scene.knowledge.test(test);
    return known == nullptr ? text::name(test) : known->title;
}

text::Text titleOfVolts(const VoltsAsked& asked, const Scene& scene) {
    auto title = titleOfTest(asked.test, scene);
    const auto* test = scene.knowledge.test(asked.test);
    const auto per = test == nullptr ? knowledge::Per::Set : test->per;
    const auto& channels = scene.backlight.channels;
    const auto channel = std::size_t(asked.channel);
    if (per == knowledge::Per::Channel && channel >= channels.size()) {  // of a backlight that was described otherwise
        return text::say("{} of channel {}", title, std::to_string(channel + 1));
    }
    if (per == knowledge::Per::Channel && channels.size() > 1) {
        return text::say("{} of channel {}", title, channels[channel].label);
    }
    if (per == knowledge::Per::Feed && scene.backlight.feeds.size() > 1) {
        return text::say("{} of feed {}", title, asked.feed + 1);
    }
    return title;
}

text::Text titleOfPoint(const PointAsked& asked, const Scene& scene) {
    const auto* kind = scene.knowledge.point(asked.point);
    return kind == nullptr ? text::name(asked.point + " " + asked.ref) : text::say("{} {}", kind->title, asked.ref);
}

std::vector<VoltsAsked> placesOf(const knowledge::TestKind& test, const backlight::Backlight& set) {
    const std::size_t count = test.per == knowledge::Per::Channel ? set.channels.size()
                              : test.per == knowledge::Per::Feed  ? set.feeds.size()
                                                                  : 1;
    std::vector<VoltsAsked> places(count, {test.id});
    for (int i = 0; i < int(count); ++i) {
        auto& place = places[std::size_t(i)];
        if (test.per == knowledge::Per::Feed) {
            place.feed = backlight::FeedIndex(i);
        } else {
            place.channel = backlight::ChannelIndex(i);
        }
    }
    return places;
}

std::string namesOf(const backlight::Backlight& backlight, const std::vector<backlight::LedPlace>& places) {
    std::string names;
    for (const auto& place : places) {
        names += (names.empty() ? "" : ", ") + nameOf(backlight, place);
    }
    return names;
}

Question questionOf(const Observation& what) {
    return std::visit([](const auto& kind) { return Question(kind.question()); }, what);
}

std::optional<backlight::Run> runOf(const Question& question) {
    return std::visit(
        [](const auto& asked) -> std::optional<backlight::Run> {
            if constexpr (requires { asked.run; }) {
                return asked.run;
            } else {
                return std::nullopt;
            }
        },
        question);
}

NotReached notReached(const std::string& test, const Question& question) {
    const auto* volts = std::get_if<VoltsAsked>(&question);
    const auto* point = std::get_if<PointAsked>(&question);
    return {volts != nullptr ? *volts : VoltsAsked{test}, runOf(question), point != nullptr ? point->ref : ""};
}

std::string testOf(const Observation& what) {
    return std::visit([](const auto& kind) { return kind.testId(); }, what);
}

knowledge::Reach reachOf(const Observation& what, const knowledge::Knowledge& knowledge) {
    return std::visit(
        [&](const auto& kind) {
            if constexpr (requires { kind.reach; }) {
                return kind.reach;
            } else {
                const auto* test = knowledge.test(kind.testId());
                return test == nullptr ? knowledge::Reach::Outside : test->reach;
            }
        },
        what);
}

void check(const Observation& what, const format::Check& at, const Places& places) {
    std::visit([&](const auto& kind) { kind.check(at, places); }, what);
}

void write(const Observation& what, nlohmann::json& json) {
    std::visit(
        [&](const auto& kind) {
            json["kind"] = kind.kind;
            kind.write(json);
        },
        what);
}

Observation read(format::Fields& fields) {
    static const auto words = kindWords(list);
    return readKind(std::size_t(fields.choice("kind", words)), fields, list);
}

text::Text titleOf(const Observation& what, const Scene& scene) {
    return std::visit([&](const auto& kind) { return kind.title(scene); }, what);
}

text::Text describe(const Observation& what, const Scene& scene) {
    return std::visit([&](const auto& kind) { return kind.describe(scene); }, what);
}

bool namesAPlace(const Observation& what) {
    return std::visit([](const auto& kind) { return kind.namesAPlace; }, what);
}

bool isOfTheBoard(const Observation& what) {
    return std::visit([](const auto& kind) { return kind.isOfTheBoard; }, what);
}

bool isOfUnits(const Observation& what) {
    return std::visit([](const auto& kind) { return kind.isOfUnits(); }, what);
}

void split(const Observation& what, locate::CellPartition& cells) {
    std::visit([&](const auto& kind) { kind.split(cells); }, what);
}

bool touches(const Observation& what, int cell, const locate::CellPartition& cells, const Scene& scene) {
    return std::visit([&](const auto& kind) { return kind.touches(cell, cells, scene); }, what);
}

std::optional<backlight::Run> lookedAlong(const Observation& what) {
    return std::visit([](const auto& kind) { return kind.lookedAlong(); }, what);
}

double logLikelihood(const Observation& what, Explanation& explanation) {
    return std::visit([&](const auto& kind) { return kind.logLikelihood(explanation); }, what);
}

std::optional<Expectation> expected(const Observation& what, Explanation& healthy) {
    return std::visit([&](const auto& kind) { return kind.expected(healthy); }, what);
}

}  // namespace dimglow::evidence
