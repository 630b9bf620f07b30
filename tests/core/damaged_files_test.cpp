// Files damaged at random: either they read, or one error says why. Never anything else.

#include <gtest/gtest.h>

#include <random>

#include "core/format/fields.h"
#include "core/job/job_json.h"
#include "core/sheet/assessment.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::job {
namespace {

class Damaged : public testing::TestWithParam<int> {
protected:
    const std::string whole_ = toJson(virtualset::demoJob(GetParam() % 3, knowledge::builtInKnowledge()).job).dump();
    std::mt19937 random_{static_cast<unsigned>(GetParam())};
    std::size_t at(std::size_t size) { return std::uniform_int_distribution<std::size_t>(0, size - 1)(random_); }

    /// Reads; a job that does read must also assess and write itself.
    void expectReadOrRefused(const std::string& text) {
        try {
            const Job job = parseJob(text);
            EXPECT_EQ(parseJob(toJson(job).dump()), job);
            sheet::assess(job, knowledge::builtInKnowledge());
        } catch (const format::FormatError& error) {
            EXPECT_GT(std::string(error.what()).size(), 3u);
        }
    }
};

TEST_P(Damaged, BytesFlipped) {
    for (int round = 0; round < 12; ++round) {
        std::string text = whole_;
        for (int flips = 0; flips < 3; ++flips) {
            text[at(text.size())] = char(at(256));
        }
        expectReadOrRefused(text);
    }
}

TEST_P(Damaged, DigitsChanged) {
    for (int round = 0; round < 12; ++round) {
        std::string text = whole_;
        for (int changes = 0; changes < 4; ++changes) {
            const auto digit = text.find_first_of("0123456789", at(text.size()));
            if (digit != std::string::npos) {
                text[digit] = char('0' + at(10));
            }
        }
        expectReadOrRefused(text);
    }
}

TEST_P(Damaged, PiecesCutOutOrDoubled) {
    for (int round = 0; round < 12; ++round) {
        std::string text = whole_;
        const auto from = at(text.size());
        const auto length = at(200);
        if (round % 2 == 0) {
            text.erase(from, length);
        } else {
            text.insert(from, text.substr(from, length));
        }
        expectReadOrRefused(text);
    }
}

TEST_P(Damaged, FieldsSwapped) {
    nlohmann::json document = nlohmann::json::parse(whole_);
    auto flat = document.flatten();
    std::vector<std::string> paths;
    for (const auto& [path, value] : flat.items()) {
        paths.push_back(path);
    }
    for (int round = 0; round < 12; ++round) {
        auto changed = flat;
        std::swap(changed[paths[at(paths.size())]], changed[paths[at(paths.size())]]);
        expectReadOrRefused(changed.unflatten().dump());
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, Damaged, testing::Range(1, 10));

}  // namespace
}  // namespace dimglow::job
