// The command-line program as a user runs it.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <nlohmann/json.hpp>

#include "core/job/job_json.h"
#include "records/job_file.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

using testing::HasSubstr;

struct Ran {
    int exitCode = -1;
    std::string out;
    std::string err;
};

class CommandLine : public testing::Test {
protected:
    CommandLine() { records::writeJobFile(demo(), jobPath()); }
    static job::Job demo() { return virtualset::demoWorkshop(knowledge::builtInKnowledge()).front().job; }
    QString jobPath() const { return folder_.filePath(QStringLiteral("job.json")); }
    static Ran run(const QString& program, const QStringList& words) {
        QProcess process;
        process.start(program, words);
        EXPECT_TRUE(process.waitForFinished(60000));
        return {process.exitCode(), process.readAllStandardOutput().toStdString(),
                process.readAllStandardError().toStdString()};
    }
    static Ran cli(const QStringList& words) { return run(QStringLiteral(DIMGLOW_CLI), words); }
    QString write(const std::string& text) const {
        const QString name = folder_.filePath(QStringLiteral("bad.json"));
        QFile file(name);
        EXPECT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(QByteArray::fromStdString(text));
        return name;
    }
    QTemporaryDir folder_;
};

TEST_F(CommandLine, AssessPrintsSuspectsProbesStripsAndOptions) {
    const auto ran = cli({QStringLiteral("assess"), jobPath()});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const auto json = nlohmann::json::parse(ran.out);
    EXPECT_EQ(json["job"], "SK-0412");
    EXPECT_EQ(json["suspects"][0]["title"], "Open LED in strip B");
    EXPECT_GT(json["suspects"][0]["share"], 0.8);
    EXPECT_FALSE(json["suspects"][0]["reasons"].empty());
    EXPECT_EQ(json["probes"][0]["title"], "Tester on B7 … B12");
    EXPECT_EQ(json["strips"].size(), 4u);
    EXPECT_EQ(json["strips"][1]["faultyShares"].size(), 12u);
    EXPECT_GE(json["options"].size(), 4u);
    EXPECT_TRUE(json["expected"].contains("ledPlusOn"));
}

TEST_F(CommandLine, ReportIsAPdfThatCanBeReadBack) {
    const QString pdf = folder_.filePath(QStringLiteral("out.pdf"));
    const auto ran = cli({QStringLiteral("report"), jobPath(), QStringLiteral("--pdf"), pdf});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const auto text = run(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
    ASSERT_EQ(text.exitCode, 0);
    for (const char* words :
         {"Berth 3 departure board", "SK-0412", "NL430-D7", "LED+ at switch-on", "Open LED in strip B", "Cautions"}) {
        EXPECT_THAT(text.out, HasSubstr(words));
    }
}

TEST_F(CommandLine, BadInputIsExitTwoAndOneLineThatNamesFileFieldAndReason) {
    auto document = job::toJson(demo());
    document["trail"][5]["volts"] = "high";
    const auto ran = cli({QStringLiteral("assess"), write(document.dump())});
    EXPECT_EQ(ran.exitCode, 2);
    EXPECT_EQ(ran.out, "");
    EXPECT_THAT(ran.err, HasSubstr("bad.json: trail[5].volts: expected a number, found a string"));
    EXPECT_EQ(std::count(ran.err.begin(), ran.err.end(), '\n'), 1);
}

TEST_F(CommandLine, EveryOtherMisuseIsExitTwoAsWell) {
    EXPECT_EQ(cli({}).exitCode, 2);
    EXPECT_EQ(cli({QStringLiteral("assess")}).exitCode, 2);
    EXPECT_EQ(cli({QStringLiteral("divine"), jobPath()}).exitCode, 2);
    EXPECT_EQ(cli({QStringLiteral("assess"), folder_.filePath(QStringLiteral("none.json"))}).exitCode, 2);
    EXPECT_EQ(cli({QStringLiteral("assess"), write("")}).exitCode, 2);
    EXPECT_EQ(
        cli({QStringLiteral("report"), jobPath(), QStringLiteral("--pdf"), QStringLiteral("/no/such/folder/x.pdf")})
            .exitCode,
        2);
}

TEST_F(CommandLine, HelpIsNoError) {
    const auto ran = cli({QStringLiteral("--help")});
    EXPECT_EQ(ran.exitCode, 0);
    EXPECT_THAT(ran.out, HasSubstr("assess"));
}

}  // namespace
}  // namespace dimglow

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
