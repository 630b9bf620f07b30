#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <nlohmann/json.hpp>
#include <random>

#include "tests/support/told.h"

namespace dimglow::knowledge {
namespace {

using nlohmann::json;
using test::Told;

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
        one["id"] = id + course["driver"].get<std::string>();
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
std::vector<std::string> drawnTrail(unsigned seed) {
    std::mt19937 random(seed);
    const auto oneIn = [&](int n) { return std::uniform_int_distribution(1, n)(random) == 1; };
    const auto volts = [&](double low, double high) {
        return std::to_string(std::uniform_real_distribution(low, high)(random));
    };
    std::vector<std::string> trail = {"sound yes", "torch picture", oneIn(2) ? "light never" : "light flash 0.4"};
    const auto idle = volts(12, 40);
    const auto on = oneIn(3) ? idle : volts(20, 110);
    trail.push_back("ledPlusIdle " + idle);
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
    trail.emplace_back(oneIn(2) ? "knownPowerBoard lights" : "dummyLoad fails");
    return trail;
}

class Courses : public testing::TestWithParam<unsigned> {};

TEST_P(Courses, AreWeighedAsSuspectsOfTheirOwn) {
    static const Knowledge plain = takenApart("weakSupply");
    Told told({});
    for (const auto& line : drawnTrail(GetParam())) {
        told.tell(line);
    }
    const auto shareIn = [&](const Knowledge& trade) {
        const auto assessment = sheet::assess(told.job(), trade, {.today = {}, .maxProbes = 1});
        double share = 0;
        for (const auto& [suspect, of] : assessment.diagnosis.shareOfSuspect) {
            share += suspect.starts_with("weakSupply") ? of : 0;
        }
        return share;
    };
    const double share = shareIn(test::trade());
    EXPECT_GT(share, 0);
    EXPECT_NEAR(share, shareIn(plain), 1e-4);
}

INSTANTIATE_TEST_SUITE_P(Seeds, Courses, testing::Range(0U, 24U));

}  // namespace
}  // namespace dimglow::knowledge
