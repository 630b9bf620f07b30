// The command-line program as a user runs it.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <nlohmann/json.hpp>

#include "core/backlight/led.h"
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
    static job::Job demo() { return virtualset::demoJob(0, knowledge::builtInKnowledge()).job; }
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
    EXPECT_EQ(json["probes"][0]["tools"], nlohmann::json({"tester"}));
    EXPECT_TRUE(json["outOfTools"].is_null());
    EXPECT_EQ(json["strips"].size(), 4u);
    EXPECT_EQ(json["strips"][1]["faultyShares"].size(), 12u);
    EXPECT_GE(json["options"].size(), 4u);
    EXPECT_TRUE(json["expected"].contains("ledPlusOn"));
    EXPECT_EQ(json["thisSet"][0]["quantity"], "idle");
    EXPECT_EQ(json["thisSet"][0]["from"], "read off");
    EXPECT_EQ(json["thisSet"][1]["from"], "computed") << "no reading of strings that run";
    EXPECT_EQ(json["thisSet"][2]["from"], "learned");
    EXPECT_EQ(json["thisSet"][3]["from"], "not known yet");
    EXPECT_FALSE(json["thisSet"][3].contains("volts"));
    EXPECT_TRUE(json["misfit"].is_null());
}

TEST_F(CommandLine, PlanPrintsRangesWhatTurnsItAndWhatIsRefused) {
    const auto ran = cli({QStringLiteral("plan"), jobPath()});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const auto json = nlohmann::json::parse(ran.out);
    EXPECT_FALSE(json["advised"].get<std::string>().empty());
    EXPECT_FALSE(json["refused"].empty());
    EXPECT_FALSE(json["shopping"].empty());
    EXPECT_LT(json["options"][0]["comeback"]["low"], json["options"][0]["comeback"]["high"]);
}

TEST_F(CommandLine, SensePrintsResistorsForAnotherCurrent) {
    const auto ran = cli({QStringLiteral("sense"), QStringLiteral("240"), QStringLiteral("2R4 || 2R4"),
                          QStringLiteral("--want"), QStringLiteral("200")});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const auto json = nlohmann::json::parse(ran.out);
    EXPECT_EQ(json["by"], "sense");
    EXPECT_EQ(json["direction"], "more ohms: less current");
    EXPECT_EQ(json["byOneBranch"][0]["resistors"], "2R4 ∥ 3R6");
    EXPECT_EQ(cli({QStringLiteral("sense"), QStringLiteral("240"), QStringLiteral("about two")}).exitCode, 2);
    EXPECT_EQ(cli({QStringLiteral("sense"), QStringLiteral("240"), QStringLiteral("200 ohm")}).exitCode, 2);
}

TEST_F(CommandLine, MatchHoldsANewPartToItsStress) {
    const auto fits = [&](const QString& offer) {
        const auto ran = cli({QStringLiteral("match"), QStringLiteral("diode"), offer, QStringLiteral("--stress-volts"),
                              QStringLiteral("100"), QStringLiteral("--stress-amps"), QStringLiteral("1")});
        EXPECT_EQ(ran.exitCode, 0) << ran.err;
        return nlohmann::json::parse(ran.out)["verdict"].get<std::string>();
    };
    EXPECT_EQ(fits(QStringLiteral("200V 3A")), "fits");
    EXPECT_EQ(fits(QStringLiteral("100V 3A")), "does not fit");
    EXPECT_EQ(fits(QStringLiteral("200V")), "not known");
    EXPECT_EQ(cli({QStringLiteral("match"), QStringLiteral("tea"), QStringLiteral("1")}).exitCode, 2);
}

TEST_F(CommandLine, StripsAreCutWhereTheJobSaysWhatTheyAre) {
    EXPECT_THAT(cli({QStringLiteral("strips"), jobPath()}).err, HasSubstr("says nothing of universal strips"));
    auto job = demo();
    job.repair.details.universal = job::Universal{{3, 150, 6, 12, 9.3, 0.35}, plan::Aim::OldPlaces, 0, {}};
    records::writeJobFile(job, jobPath());
    const auto ran = cli({QStringLiteral("strips"), jobPath()});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    EXPECT_EQ(nlohmann::json::parse(ran.out)["rows"].size(), 4u);
    EXPECT_THAT(cli({QStringLiteral("strips"), jobPath(), QStringLiteral("--svg")}).out, HasSubstr("<svg"));
}

TEST_F(CommandLine, BenchWorksASumAndListsThem) {
    const auto listed = cli({QStringLiteral("bench")});
    ASSERT_EQ(listed.exitCode, 0) << listed.err;
    EXPECT_GT(nlohmann::json::parse(listed.out).size(), 15u);
    const auto ran = cli({QStringLiteral("bench"), QStringLiteral("mains"), QStringLiteral("vac=230")});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    EXPECT_NEAR(nlohmann::json::parse(ran.out)["results"][0]["value"].get<double>(), 325.3, 0.1);
    for (const auto& wrong : {QStringList{QStringLiteral("bench"), QStringLiteral("tea")},
                              {QStringLiteral("bench"), QStringLiteral("mains"), QStringLiteral("vac=lots")},
                              {QStringLiteral("bench"), QStringLiteral("mains"), QStringLiteral("milk=2")},
                              {QStringLiteral("bench"), QStringLiteral("mains")}}) {
        const auto refused = cli(wrong);
        EXPECT_EQ(refused.exitCode, 2);
        EXPECT_FALSE(refused.err.empty());
    }
}

TEST_F(CommandLine, StripsThatNobodyHasDescribedAreNeitherPrintedNorDrawn) {
    const QString job = write(R"({"format": "dimglow-job", "version": 2, "id": "T", "title": "",
                                  "set": {"backlight": {"driver": {}}}})");
    const auto assessed = cli({QStringLiteral("assess"), job});
    ASSERT_EQ(assessed.exitCode, 0) << assessed.err;
    const auto json = nlohmann::json::parse(assessed.out);
    EXPECT_TRUE(json["strips"].empty());
    EXPECT_FALSE(json["wantsStrips"]);
    for (const QStringList& words : {QStringList{QStringLiteral("map")},
                                     {QStringLiteral("trace")},
                                     {QStringLiteral("locate")},
                                     {QStringLiteral("plan-tester"), QStringLiteral("--run"), QStringLiteral("A")}}) {
        const auto ran = cli(words + QStringList{job});
        EXPECT_EQ(ran.exitCode, 2) << words.front().toStdString();
        EXPECT_THAT(ran.err, testing::HasSubstr("nobody has described the strips"));
        EXPECT_TRUE(ran.out.empty());
    }
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

TEST_F(CommandLine, OwnersPageAndQuoteAreSheetsOfTheReport) {
    const std::pair<const char*, const char*> sheets[] = {{"owner", "What was wrong"}, {"quote", "How we would go on"}};
    for (const auto& [sheet, words] : sheets) {
        const QString pdf = folder_.filePath(QString::fromUtf8(sheet) + QStringLiteral(".pdf"));
        const auto ran = cli({QStringLiteral("report"), jobPath(), QStringLiteral("--pdf"), pdf,
                              QStringLiteral("--sheet"), QString::fromUtf8(sheet)});
        ASSERT_EQ(ran.exitCode, 0) << ran.err;
        EXPECT_THAT(run(QStringLiteral("pdftotext"), {pdf, QStringLiteral("-")}).out, HasSubstr(words));
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

nlohmann::json parsed(const Ran& ran) {
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    return nlohmann::json::parse(ran.out);
}

TEST_F(CommandLine, PlanTesterSaysWhatToSetAndWhatEachOutcomeMeans) {
    const auto json = parsed(cli({QStringLiteral("plan-tester"), jobPath(), QStringLiteral("--run"),
                                  QStringLiteral("B1-B6"), QStringLiteral("--limit"), QStringLiteral("12")}));
    EXPECT_EQ(json["leds"], 6);
    EXPECT_FALSE(json["reaches"]);
    EXPECT_EQ(json["ledsWithinReach"], int(12 / backlight::ledCurve({}).volts(0.03)));
    EXPECT_THAT(cli({QStringLiteral("plan-tester"), jobPath(), QStringLiteral("--run"), QStringLiteral("Q7")}).err,
                HasSubstr("\"Q7\" is no run"));
}

TEST_F(CommandLine, LocateRanksLedsAndExplainsAReading) {
    const auto json =
        parsed(cli({QStringLiteral("locate"), jobPath(), QStringLiteral("--run"), QStringLiteral("A"),
                    QStringLiteral("--volts"), QStringLiteral("30.9"), QStringLiteral("--lit"), QStringLiteral("11")}));
    EXPECT_EQ(json["leds"][0]["led"].get<std::string>().front(), 'B');
    EXPECT_EQ(json["explanations"][0]["meaning"], "1 shorted");
    EXPECT_FALSE(json["probes"].empty());
}

TEST_F(CommandLine, TraceFollowsTheDriverAndTheMeter) {
    const auto open = parsed(cli({QStringLiteral("trace"), jobPath(), QStringLiteral("--open"), QStringLiteral("B9"),
                                  QStringLiteral("--seconds"), QStringLiteral("25")}));
    EXPECT_EQ(open["trip"], "over-voltage");
    EXPECT_EQ(open["tries"], 4);
    EXPECT_EQ(open["meter"]["ledPlus"]["shape"], "peak-then-settles");
    const auto healthy = parsed(cli({QStringLiteral("trace"), jobPath()}));
    EXPECT_EQ(healthy["meter"]["ledPlus"]["shape"], "steady");
    EXPECT_NEAR(healthy["samples"].back()["amps"], 0.24, 0.01);
    EXPECT_THAT(cli({QStringLiteral("trace"), jobPath(), QStringLiteral("--suspect"), QStringLiteral("gremlins")}).err,
                HasSubstr("no suspect"));
    EXPECT_THAT(cli({QStringLiteral("trace"), jobPath(), QStringLiteral("--feed"), QStringLiteral("2")}).err,
                HasSubstr("there is no feed 2; the set has 1"));
}

TEST_F(CommandLine, PanelCheckStacksTheBenchsSupplies) {
    const auto json = parsed(cli({QStringLiteral("panel-check"), jobPath()}));
    EXPECT_EQ(json["refusal"], "");
    EXPECT_EQ(json["stack"].size(), 2u);
    EXPECT_EQ(json["ramp"][0]["volts"], 0);
}

TEST_F(CommandLine, NumbersThatAreNoneOrOutsideAreRefusedAtOnce) {
    const QString job = jobPath();
    const QStringList refused[] = {{"trace", job, "--seconds", "nan"},
                                   {"trace", job, "--seconds", "inf"},
                                   {"locate", job, "--run", "B", "--volts", "-5"},
                                   {"locate", job, "--run", "B", "--volts", "33", "--lit", "2500"},
                                   {"plan-tester", job, "--run", "B", "--milliamps", "nan"},
                                   {"plan-tester", job, "--run", "B", "--limit", "1e9"},
                                   {"assess", ""},
                                   {"check", "rail", "\x1b[2Jmuch"}};
    for (const auto& words : refused) {
        const auto ran = cli(words);
        EXPECT_EQ(ran.exitCode, 2) << words.join(' ').toStdString();
        EXPECT_EQ(std::count(ran.err.begin(), ran.err.end(), '\n'), 1) << ran.err;
        EXPECT_EQ(ran.err.find('\x1b'), std::string::npos) << "nothing steers the terminal";
    }
}

TEST_F(CommandLine, CheckGivesAPartsVerdictWithItsLimitAndTwin) {
    const auto worn =
        parsed(cli({QStringLiteral("check"), QStringLiteral("supplyCapacitor"), QStringLiteral("C12 241u of 470u 63V"),
                    QStringLiteral("--twin"), QStringLiteral("455u of 470u 63V")}));
    EXPECT_EQ(worn["verdict"], "bad");
    EXPECT_EQ(worn["ref"], "C12");
    EXPECT_THAT(worn["because"].get<std::string>(), HasSubstr("470 µF"));
    EXPECT_THAT(worn["twin"].get<std::string>(), HasSubstr("455 µF"));
    EXPECT_EQ(parsed(cli({QStringLiteral("check"), QStringLiteral("diode"), QStringLiteral("0.31/OL")}))["verdict"],
              "good");
    EXPECT_THAT(cli({QStringLiteral("check"), QStringLiteral("flux"), QStringLiteral("1")}).err,
                HasSubstr("is no part"));
    EXPECT_THAT(cli({QStringLiteral("check"), QStringLiteral("rail"), QStringLiteral("much")}).err,
                HasSubstr("cannot be read"));
}

TEST_F(CommandLine, MapIsADrawing) {
    const auto ran = cli({QStringLiteral("map"), jobPath()});
    EXPECT_EQ(ran.exitCode, 0);
    EXPECT_TRUE(ran.out.starts_with("<svg"));
    std::size_t leds = 0;
    for (auto at = ran.out.find("<circle"); at != std::string::npos; at = ran.out.find("<circle", at + 1)) {
        ++leds;
    }
    EXPECT_EQ(leds, 48u);
}

/// A circuit document of LEDs and whatever else.
nlohmann::json circuitOf(int leds) {
    nlohmann::json elements = {
        {{"kind", "supply"}, {"a", "n0"}, {"b", "ground"}, {"volts", 90000}, {"limitAmps", 0.03}}};
    for (int i = 0; i < leds; ++i) {
        elements.push_back({{"kind", "diode"},
                            {"a", "n" + std::to_string(i)},
                            {"b", i + 1 == leds ? "ground" : "n" + std::to_string(i + 1)},
                            {"saturationAmps", 1e-22},
                            {"emissionVolts", 0.057},
                            {"seriesOhms", 0.5}});
    }
    return {{"format", "dimglow-circuit"}, {"version", 1}, {"elements", elements}};
}

TEST_F(CommandLine, SolveGivesOhmsLaw) {
    const auto json = parsed(cli({QStringLiteral("solve"), write(R"({"format": "dimglow-circuit", "version": 1,
        "elements": [{"kind": "supply", "a": "top", "b": "ground", "volts": 10, "limitAmps": 0.5},
                     {"kind": "resistor", "a": "top", "b": "x", "ohms": 0},
                     {"kind": "resistor", "a": "x", "b": "ground", "ohms": 100}]})")}));
    EXPECT_NEAR(json["nodes"]["x"], 10, 0.001);
    EXPECT_NEAR(json["elements"][2]["amps"], 0.1, 1e-5);
}

TEST_F(CommandLine, HostileCircuitsGetAnAnswerOrAnError) {
    const auto refusal = [&](nlohmann::json document) {
        const auto ran = cli({QStringLiteral("solve"), write(document.dump())});
        EXPECT_EQ(ran.exitCode, 2);
        return ran.err;
    };
    EXPECT_THAT(refusal(circuitOf(6000)), HasSubstr("at most 5000"));
    EXPECT_THAT(refusal(circuitOf(100000)), HasSubstr("at most"));
    auto negative = circuitOf(2);
    negative["elements"].push_back({{"kind", "resistor"}, {"a", "n0"}, {"b", "n1"}, {"ohms", -5}});
    EXPECT_THAT(refusal(negative), HasSubstr("elements[3].ohms"));
    const auto answer = [&](nlohmann::json document) {
        const auto json = parsed(cli({QStringLiteral("solve"), write(document.dump())}));
        EXPECT_TRUE(json["converged"]);
        return json;
    };
    EXPECT_NEAR(answer(circuitOf(4900))["elements"][4000]["amps"], 0.03, 1e-4) << "a very long string";
    auto loop = circuitOf(3);
    loop["elements"].push_back({{"kind", "resistor"}, {"a", "n2"}, {"b", "n0"}, {"ohms", 0}});
    loop["elements"].push_back({{"kind", "resistor"}, {"a", "n1"}, {"b", "n1"}, {"ohms", 0}});
    EXPECT_NEAR(answer(loop)["nodes"]["n2"], answer(loop)["nodes"]["n0"], 1e-12) << "LEDs in a loop of wire";
    auto floating = circuitOf(3);
    floating["elements"].push_back({{"kind", "resistor"}, {"a", "island"}, {"b", "shore"}, {"ohms", 10}});
    EXPECT_NEAR(answer(floating)["nodes"]["island"], 0, 1e-9);
}

// ---- nothing is lost on the way out ------------------------------------------------------------------------------

TEST_F(CommandLine, ReportDoesNotOverwriteTheJobFile) {
    const auto ran = cli({QStringLiteral("report"), jobPath(), QStringLiteral("--pdf"), jobPath()});
    EXPECT_EQ(ran.exitCode, 2);
    EXPECT_THAT(ran.err, HasSubstr("is there already and is no PDF"));
    EXPECT_EQ(records::readJobFile(jobPath()), demo());
}

TEST_F(CommandLine, FullDiskIsExitTwoAndLeavesNoPartOfAReport) {
    const QString pdf = folder_.filePath(QStringLiteral("out.pdf"));
    const QString command = QStringLiteral("ulimit -f 2; trap '' XFSZ; '%1' report '%2' --pdf '%3'")
                                .arg(QStringLiteral(DIMGLOW_CLI), jobPath(), pdf);
    const auto ran = run(QStringLiteral("bash"), {QStringLiteral("-c"), command});
    EXPECT_EQ(ran.exitCode, 2) << ran.err;
    EXPECT_FALSE(QFile::exists(pdf));
}

TEST_F(CommandLine, FullStandardOutputIsExitTwo) {
    const QString command = QStringLiteral("'%1' assess '%2' > /dev/full").arg(QStringLiteral(DIMGLOW_CLI), jobPath());
    const auto ran = run(QStringLiteral("bash"), {QStringLiteral("-c"), command});
    EXPECT_EQ(ran.exitCode, 2);
    EXPECT_THAT(ran.err, HasSubstr("standard output"));
}

TEST_F(CommandLine, AssessPrintsTheProofAndTheAdvisedOption) {
    auto job = demo();
    job::addEntry(job, "", job::Phase::After,
                  evidence::Measured{"ledPlusOn", {}, evidence::Shape::PeakThenSettles, 146, 48});
    records::writeJobFile(job, jobPath());
    const auto json = parsed(cli({QStringLiteral("assess"), jobPath()}));
    EXPECT_EQ(json["advised"], "replaceLed");
    EXPECT_EQ(json["proof"][0]["test"], "ledPlusOn");
    EXPECT_EQ(json["proof"][0]["found"], "146.0 V, then 48.0 V");
    EXPECT_FALSE(json["proof"][0]["within"]) << "a peak that falls is no proof";
}

TEST_F(CommandLine, AssessNamesTheReadingThatDoesNotFit) {
    auto job = demo();
    job::addEntry(job, "", job::Phase::Before,
                  evidence::Measured{"ledPlusIdle", {}, evidence::Shape::Steady, 481, 481});
    records::writeJobFile(job, jobPath());
    const auto json = parsed(cli({QStringLiteral("assess"), jobPath()}));
    EXPECT_EQ(json["misfit"]["reading"], "LED+ idle: 481.0 V");
    EXPECT_EQ(json["misfit"]["entry"], job.trail.back().id);
    EXPECT_EQ(json["verdict"], "");
}

}  // namespace
}  // namespace dimglow

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
