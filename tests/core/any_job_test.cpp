// Jobs of any answers and readings, in any order, however contradictory: what must hold of every assessment.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "tests/support/told.h"

#include <cmath>
#include <map>
#include <random>
#include <set>

#include "core/job/job_json.h"
#include "core/job/problems.h"

namespace dimglow::sheet {
namespace {

using test::Told;

/// Findings as they are told, drawn over every test and point that the program knows.
class AnyFinding {
public:
    explicit AnyFinding(unsigned seed) : random_(seed) {}

    std::string next() {
        switch (whole(0, 9)) {
            case 0:
            case 1:
            case 2:
            case 3:
                return answer();
            case 4:
            case 5:
            case 6:
                return volts();
            case 7:
                return light();
            default:
                return point();
        }
    }

private:
    int whole(int low, int high) { return std::uniform_int_distribution(low, high)(random_); }
    std::string number(double low, double high) {
        return fmt::format("{:.3g}", std::exp(std::uniform_real_distribution(std::log(low), std::log(high))(random_)));
    }
    template <class Of>
    const auto& oneOf(const Of& all) {
        return all[std::size_t(whole(0, int(all.size()) - 1))];
    }

    std::string answer() {
        for (;;) {
            const auto& test = oneOf(trade().tests);
            if (test.form == knowledge::Form::Choices && !test.choices.empty() && !test.light) {
                return test.id + " " + oneOf(test.choices).id;
            }
        }
    }

    std::string light() {
        const std::vector<std::string> seen = {"light never", "light stays", "light flash " + number(0.1, 5)};
        return oneOf(seen);
    }

    std::string volts() {
        for (;;) {
            const auto& test = oneOf(trade().tests);
            if (test.form != knowledge::Form::Volts) {
                continue;
            }
            const double most = std::min(test.most.value_or(400), 400.0);
            const std::string place =
                test.per == knowledge::Per::Channel && whole(0, 1) == 1 ? test.id + "/1" : test.id;
            const int shape = whole(0, 3);
            return place + " " + number(0.05, most) +
                   (shape == 0   ? " > " + number(0.05, most)
                    : shape == 1 ? " ~ " + number(0.05, most)
                                 : "");
        }
    }

    std::string point() {
        using parts::PartKind;
        static const std::map<PartKind, std::vector<std::string>> readings = {
            {PartKind::Fuse, {"0.1", "OL", "3.2"}},
            {PartKind::Rail, {"11.9 of 12", "0.1 of 12", "9.1 of 12"}},
            {PartKind::Electrolytic, {"455u of 470u", "241u of 470u", "360u of 470u"}},
            {PartKind::Diode, {"0.35/OL", "0/0", "OL/OL"}},
            {PartKind::Mosfet, {"0.48/OL", "0/0"}},
            {PartKind::SupplyPin, {"11.8 of 12", "0.2 of 12"}},
            {PartKind::EnablePin, {"3.3", "0"}},
            {PartKind::Resistor, {"10k of 10k", "OL of 10k", "14k of 10k"}}};
        for (;;) {
            const auto& kind = oneOf(trade().points);
            const auto found = readings.find(kind.kind);
            const std::string ref = "X" + std::to_string(whole(1, 3));
            if (found != readings.end() && kind.id.find("nverter") == std::string::npos) {
                return whole(0, 4) == 0 ? kind.id + " " + ref + " looks " + (whole(0, 1) == 0 ? "fine" : "burnt")
                                        : kind.id + " " + ref + " = " + oneOf(found->second);
            }
        }
    }

    std::mt19937 random_;
};

class AnyTrail : public testing::TestWithParam<int> {
protected:
    static constexpr int findings = 12;

    /// Tells finding after finding, \p check after each.
    template <class Check>
    void work(std::vector<const char*> start, Check check) {
        Told told(start);
        AnyFinding any{unsigned(GetParam())};
        for (int i = 0; i < findings; ++i) {
            const auto line = any.next();
            SCOPED_TRACE(line);
            told.tell(line);
            check(told);
            if (HasFatalFailure()) {
                return;
            }
        }
    }
};

TEST_P(AnyTrail, SharesAreSharesAndPlansAreMoney) {
    work({"strips 4 × 6, 2 strips per string"}, [](const Told& told) {
        const auto assessment = told.assessed();
        double all = 0;
        for (const auto& row : assessment.suspects) {
            EXPECT_GE(row.share, 0);
            all += row.share;
        }
        EXPECT_NEAR(all, 1, 1e-6);
        for (const auto& option : assessment.plan.options) {
            EXPECT_GE(option.mends, 0) << option.id;
            EXPECT_LE(option.mends, 1 + 1e-9) << option.id;
            EXPECT_GE(option.before, option.parts - 1e-9) << option.id;
            EXPECT_TRUE(std::isfinite(option.minutes)) << option.id;
            if (option.comeback) {
                EXPECT_GE(*option.comeback, 0) << option.id;
                EXPECT_LE(*option.comeback, 1) << option.id;
            }
        }
        const auto& options = assessment.plan.options;
        const auto advised = std::find_if(options.begin(), options.end(),
                                          [&](const auto& option) { return option.id == assessment.plan.advised; });
        EXPECT_TRUE(assessment.plan.advised.empty() || (advised != options.end() && advised->canBeDone()) ||
                    (advised != options.end() && advised->writesOff));
        for (const auto& known : assessment.thisSet) {
            EXPECT_TRUE(std::isfinite(known.volts) && known.volts >= 0);
            EXPECT_TRUE(std::isfinite(known.sigmaVolts) && known.sigmaVolts >= 0);
        }
    });
}

TEST_P(AnyTrail, AdviceIsThreeThingsThatCanBeDone) {
    work({"trained no"}, [](const Told& told) {
        const auto best = told.assessed().probes.best;
        std::set<std::string> tests;
        for (const auto& probe : best) {
            EXPECT_FALSE(probe.live) << probe.title;
            EXPECT_GT(probe.minutes, 0) << probe.title;
            EXPECT_TRUE(std::isfinite(probe.bits) && probe.bits >= 0) << probe.title;
            tests.insert(probe.test);
            double share = 0;
            for (const auto& outcome : probe.outcomes) {
                share += outcome.share;
            }
            EXPECT_LE(share, 1 + 1e-6) << probe.title;
        }
        EXPECT_EQ(tests.size(), best.size());
    });
}

TEST_P(AnyTrail, ABoardIsNoVerdictBeforeWhatCondemnsItWasRead) {
    work({}, [](const Told& told) {
        const auto assessment = told.assessed();
        const auto& first = assessment.suspects.front();
        const auto* suspect = trade().suspect(first.suspect);
        if (assessment.verdict().empty() || suspect->needs.empty() || first.share < 0.95) {
            return;
        }
        const auto& unit = trade().unitOf(*suspect, told.job().set);
        for (const auto& group : suspect->needs) {
            EXPECT_TRUE(std::any_of(told.job().trail.begin(), told.job().trail.end(),
                                    [&](const auto& entry) {
                                        const auto read = evidence::testOf(entry.what);
                                        const auto* test = trade().test(read);
                                        return std::find(group.begin(), group.end(), read) != group.end() ||
                                               (test != nullptr && !test->swaps.empty() && test->swaps == unit);
                                    }))
                << first.suspect << " needs " << testing::PrintToString(group);
        }
    });
}

TEST_P(AnyTrail, ComesBackFromItsFileWithTheSameJudgement) {
    work({"strips 4 × 5, 2 strips per string"}, [](const Told& told) {
        const auto back = job::parseJob(job::toJson(told.job()).dump());
        ASSERT_EQ(back, told.job());
        EXPECT_EQ(assess(back, trade(), {.today = {}, .maxProbes = 3}).diagnosis.shareOfSuspect,
                  told.assessed().diagnosis.shareOfSuspect);
        EXPECT_TRUE(job::problemsOf(back).empty());
    });
}

TEST_P(AnyTrail, ACorrectionLeavesNoTrace) {
    work({"strips 4 × 5, 2 strips per string"}, [](const Told& told) {
        Told corrected = told;
        corrected.tell("benchLit picture");
        corrected.tell("benchLit noLight");
        Told once = told;
        once.tell("benchLit noLight");
        EXPECT_EQ(corrected.assessed().diagnosis.shareOfSuspect, once.assessed().diagnosis.shareOfSuspect);
    });
}

INSTANTIATE_TEST_SUITE_P(Seeds, AnyTrail, testing::Range(0, 8));

}  // namespace
}  // namespace dimglow::sheet
