#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <nlohmann/json.hpp>
#include <random>

#include "tests/support/told.h"

namespace dimglow::knowledge {
namespace {

using nlohmann::json;
using test::Told;

constexpr const char* separator = "By";

/// The built-in knowledge with a suspect of its own for every course of one: the slow, plain way.
Knowledge takenApart(const std::string& id) {
    auto texts = builtInKnowledgeTexts();
    json document = json::parse(texts.suspects);
    auto& suspects = document["suspects"];
    const auto found = std::find_if(suspects.begin(), suspects.end(), [&](const json& s) { return s["id"] == id; });
    json own = *found;
    const json courses = own["courses"];
    own.erase("courses");
    double usual = 1;
    json all = json::array();
    for (const auto& course : courses) {
        json one = own;
        one["id"] = id + separator + course["driver"].get<std::string>();
        one["driver"] = course["driver"];
        one["weight"] = own["weight"].get<double>() * course["share"].get<double>();
        usual -= course["share"].get<double>();
        all.push_back(one);
    }
    own["weight"] = own["weight"].get<double>() * usual;
    *found = own;
    suspects.insert(suspects.end(), all.begin(), all.end());
    texts.suspects = document.dump();
    return parseKnowledge(texts);
}

/// What a bench may write down of a set that stays dark, or does not.
std::vector<std::string> drawnTrail(unsigned seed, bool isOfMainBoard) {
    std::mt19937 random(seed);
    const auto oneIn = [&](int n) { return std::uniform_int_distribution(1, n)(random) == 1; };
    const auto volts = [&](double low, double high) {
        return std::to_string(std::uniform_real_distribution(low, high)(random));
    };
    const bool runs = !isOfMainBoard || oneIn(2);
    std::vector<std::string> trail = {runs ? "sound yes" : "sound no", runs ? "torch picture" : "torch noPicture",
                                      oneIn(2) ? "light never" : "light flash 0.4"};
    const auto idle = volts(12, 40);
    const auto on = oneIn(3) ? idle : oneIn(4) ? "0" : volts(20, 110);
    trail.push_back(oneIn(3) ? "ledPlusIdle 0" : "ledPlusIdle " + idle);
    if (oneIn(2)) {
        trail.emplace_back(isOfMainBoard && oneIn(2) ? "blOn 0.1" : "blOn 3.3");
        trail.emplace_back(isOfMainBoard ? "dim 0.05" : "dim 2.5");
    }
    trail.push_back("ledPlusOn " + on + (oneIn(2) ? " > " + idle : ""));
    if (oneIn(2)) {
        trail.push_back("ledPlusPlugOut " + (oneIn(2) ? on : volts(60, 140)));
    }
    if (oneIn(2)) {
        trail.push_back("supplyCapacitor C12 = " + (oneIn(2) ? std::string("452u 0.04R") : "205u 4R") + " of 470u 25V");
    }
    if (oneIn(2)) {
        trail.push_back("mainRail 12V = " + volts(8, 12.2) + " of 12");
    }
    trail.emplace_back(isOfMainBoard ? "knownMainBoard lights"
                       : oneIn(2)    ? "knownPowerBoard lights"
                                     : "dummyLoad fails");
    return trail;
}

double shareOf(const char* id, const std::vector<std::string>& trail, const Knowledge& trade) {
    Told told({});
    for (const auto& line : trail) {
        told.tell(line);
    }
    const auto assessment = sheet::assess(told.job(), trade, {.today = {}, .maxProbes = 1});
    double share = 0;
    for (const auto& [suspect, of] : assessment.diagnosis.shareOfSuspect) {
        share += suspect == id || suspect.starts_with(std::string(id) + separator) ? of : 0;
    }
    return share;
}

class Courses : public testing::TestWithParam<const char*> {};

TEST_P(Courses, AreWeighedAsSuspectsOfTheirOwn) {
    const char* const id = GetParam();
    const Knowledge plain = takenApart(id);
    int inDoubt = 0;
    for (unsigned seed = 0; seed < 24; ++seed) {
        const auto trail = drawnTrail(seed, std::string(id) != "weakSupply");
        const double share = shareOf(id, trail, trade());
        inDoubt += share > 0.01 && share < 0.99 ? 1 : 0;
        EXPECT_NEAR(share, shareOf(id, trail, plain), 1e-4) << seed;
    }
    EXPECT_GE(inDoubt, 4);
}

INSTANTIATE_TEST_SUITE_P(OfSuspects, Courses, testing::Values("weakSupply", "notAsked", "mainBoard", "dimAtZero"));

}  // namespace
}  // namespace dimglow::knowledge
