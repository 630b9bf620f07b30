#include "diary/diary.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QTemporaryDir>
#include <filesystem>
#include <fstream>
#include <sstream>
#include <stdexcept>

namespace dimglow::diary {
namespace {

using testing::HasSubstr;
using testing::Not;

class Diary : public testing::Test {
protected:
    std::string written() const {
        std::ifstream file(file_);
        std::stringstream all;
        all << file.rdbuf();
        return all.str();
    }
    const QTemporaryDir folder_;
    const std::filesystem::path file_ =
        std::filesystem::path(folder_.path().toStdString()) / "state" / "dimglow" / "dimglow.log";
};

TEST_F(Diary, HasNoWordOfAJobUnlessItIsAskedForAll) {
    const std::runtime_error error("SK-0412, Berth 3: \"wet inside\"");
    open(file_, false);
    note("logbook opened");
    caught("session: store", error);
    EXPECT_EQ(place(), file_);
    EXPECT_THAT(written(), HasSubstr("logbook opened"));
    EXPECT_THAT(written(), HasSubstr("session: store: std::runtime_error"));
    EXPECT_THAT(written(), Not(HasSubstr("Berth")));
    open(file_, true);
    caught("session: store", error);
    EXPECT_THAT(written(), HasSubstr("wet inside"));
}

TEST_F(Diary, StaysSmall) {
    open(file_, false);
    const std::string line(4000, 'x');
    for (int i = 0; i < 2000; ++i) {
        note(line.c_str());
    }
    std::uintmax_t bytes = 0;
    for (const auto& entry : std::filesystem::directory_iterator(file_.parent_path())) {
        bytes += entry.file_size();
    }
    EXPECT_LT(bytes, 4u << 20);
    EXPECT_GT(bytes, 1u << 20);
}

TEST_F(Diary, ThatCannotBeKeptIsNoReasonToStop) {
    open("/proc/nowhere/dimglow.log", false);
    EXPECT_TRUE(place().empty());
    note("goes nowhere");
}

}  // namespace
}  // namespace dimglow::diary
