#include <fmt/format.h>
#include <CLI/CLI.hpp>
#include <QApplication>
#include <QDate>
#include <QFileInfo>
#include <algorithm>
#include <cerrno>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <exception>
#include <string>

#include "cli/assessment_json.h"
#include "cli/commands.h"
#include "cli/fix_commands.h"
#include "core/backlight/map_svg.h"
#include "core/format/document.h"
#include "core/knowledge/knowledge.h"
#include "core/plan/template_svg.h"
#include "core/repair/planned_light.h"
#include "language/language.h"
#include "records/files.h"
#include "records/job_file.h"
#include "report/owner_page.h"
#include "report/report.h"
#include "typeface/typeface.h"

namespace {

using namespace dimglow;

constexpr int badInput = 2;

sheet::Assessment assessed(const job::Job& job, const knowledge::Knowledge& trade) {
    return sheet::assess(job, trade, {QDate::currentDate().toString(Qt::ISODate).toStdString()});
}

job::Job jobAt(const std::string& path) {
    if (path.empty()) {
        throw std::invalid_argument("name a job file");
    }
    return records::readJobFile(QString::fromStdString(path));
}

/// A job whose strips somebody has described: what is printed of a run, a map or a switch-on hangs on them.
/// \throws std::invalid_argument for another one
job::Job describedJobAt(const std::string& path) {
    auto job = jobAt(path);
    if (!job.set.backlight.isDescribed) {
        throw std::invalid_argument("nobody has described the strips of this job yet");
    }
    return job;
}

/// Writes all of it to standard output. \throws std::runtime_error when it could not be, as on a full disk
void print(const std::string& text) {
    const bool written = std::fwrite(text.data(), 1, text.size(), stdout) == text.size() && std::fflush(stdout) == 0;
    if (!written) {
        throw std::runtime_error(std::string("standard output: ") + std::strerror(errno));
    }
}

void print(const nlohmann::json& result) {
    print(result.dump(2) + "\n");
}

void printAssessment(const std::string& path, const knowledge::Knowledge& trade) {
    const auto job = jobAt(path);
    print(cli::toJson(assessed(job, trade), job, trade));
}

nlohmann::json documentAt(const std::string& path) {
    const auto bytes = records::readWhole(QString::fromStdString(path), qint64(format::longestDocument));
    try {
        return format::parseDocument(bytes.toStdString());
    } catch (const format::FormatError& error) {
        throw format::FormatError(path, error.what());
    }
}

/// Refuses to put the report over anything but an older report.
void requireReportPlace(const QString& pdf) {
    if (QFileInfo::exists(pdf) && !records::readWhole(pdf, 8).startsWith("%PDF-")) {
        throw format::FormatError(pdf.toStdString(), "is there already and is no PDF; name another file");
    }
}

/// \p sheet: "owner", "quote" or "bench".
void writeReport(const std::string& path, const std::string& sheet, const std::string& pdf,
                 const knowledge::Knowledge& trade, int& argc, char** argv) {
    const auto job = jobAt(path);
    const QString place = QString::fromStdString(pdf);
    requireReportPlace(place);
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QApplication application(argc, argv);
    language::speak(QLocale());
    typeface::load();
    const auto assessment = assessed(job, trade);
    records::writeWhole(place, sheet == "bench"
                                   ? report::pdfOf(*report::compose(job, assessment, trade))
                                   : report::pdfOf(sheet == "quote" ? report::Page::Quote : report::Page::Owner, job,
                                                   assessment, trade));
}

/// The first line of what went wrong, without the signs that steer a terminal.
std::string oneLine(const char* what) {
    std::string words = what;
    words = words.substr(0, words.find('\n'));
    std::replace_if(
        words.begin(), words.end(), [](unsigned char c) { return c < 0x20 || c == 0x7F; }, '?');
    return words;
}

/// A number from \p least to \p most, and nothing like "nan".
CLI::Validator within(double least, double most) {
    return CLI::Validator(
        [least, most](std::string& text) {
            char* end = nullptr;
            const double value = std::strtod(text.c_str(), &end);
            const bool isNumber = end != text.c_str() && *end == '\0' && std::isfinite(value);
            return isNumber && value >= least && value <= most
                       ? std::string()
                       : fmt::format("{} is no number from {:g} to {:g}", text, least, most);
        },
        fmt::format("{:g} … {:g}", least, most));
}

/// What can be asked for, and what was.
struct Commands {
    CLI::App app{"Dim Glow on the command line: job files in, JSON, SVG or PDF out.", "dimglow-cli"};
    std::string file;
    std::string pdf;
    std::string sheet = "bench";
    cli::TesterOptions tester;
    cli::TraceOptions trace;
    cli::CheckOptions check;
    CLI::App* assess = addJob("assess", "Print what is left, what to measure next and what to do");
    CLI::App* report = addJob("report", "Write the job's report");
    CLI::App* solve = app.add_subcommand("solve", "Print the volts and amps of a circuit");
    CLI::App* planTester =
        addTester(addJob("plan-tester", "Print what to set for a run of LEDs and what each outcome means"));
    CLI::App* locate = addTester(addJob("locate", "Print where the fault is believed to be and what to probe next"));
    CLI::App* traced =
        addJob("trace", "Print LED+, LED− and current from switch-on, with a fault tried on the backlight");
    CLI::App* panelCheck =
        addJob("panel-check", "Print how to light the panel from the bench and what its findings amount to");
    CLI::App* checked = app.add_subcommand("check", "Print the verdict on a part, a rail or a pin of a board");
    CLI::App* map = addJob("map", "Print the backlight map as SVG");
    cli::SenseOptions current;
    cli::MatchOptions parts;
    CLI::App* matched = app.add_subcommand("match", "Print whether a new part may take the place of an old one");
    std::string sum;
    std::vector<std::string> given;
    bool asSvg = false;
    CLI::App* plan = addJob("plan", "Print what mends it, what each way costs and risks, and what to buy");
    CLI::App* strips = addJob("strips", "Print where universal strips are cut and lie");
    CLI::App* sense = app.add_subcommand("sense", "Print resistors for another LED current");
    CLI::App* bench = app.add_subcommand("bench", "Print a calculation of the bench, or what there is");

    Commands() {
        app.require_subcommand(1);
        app.set_version_flag("--version", DIMGLOW_VERSION);
        report->add_option("--pdf", pdf, "where to write it")->required();
        report->add_option("--sheet", sheet, "the owner's page, a quote, or all that the bench knows")
            ->check(CLI::IsMember({"owner", "quote", "bench"}))
            ->capture_default_str();
        solve->add_option("CIRCUIT.json", file)->required();
        planTester->get_option("--run")->required();
        auto* volts =
            locate->add_option("--volts", tester.volts, "a reading on --run, to be explained")->check(within(0, 2200));
        volts->needs(locate->get_option("--run"));
        locate->add_option("--lit", tester.lit, "how many of the run were lit")->needs(volts)->check(within(0, 2400));
        traced->add_option("--suspect", trace.suspect, "id of a fault on the driver's side");
        traced->add_option("--open", trace.open, "open LEDs: B9 C2");
        traced->add_option("--shorted", trace.shorted, "shorted LEDs");
        traced->add_option("--seconds", trace.seconds, "how long")->check(within(0.4, 60));
        traced->add_option("--feed", trace.feed, "whose LED+, from 1")->check(within(1, 4));
        traced->add_flag("--plug-out", trace.plugOut, "with the LEDs unplugged");
        strips->add_flag("--svg", asSvg, "the template at its true size");
        sense->add_option("MILLIAMPS", current.milliamps, "as measured")->required()->check(within(1, 10000));
        sense->add_option("RESISTORS", current.resistors, "R22, \"0.22 || 0.33\", 12k")->required();
        sense->add_option("--want", current.wantedMilliamps, "mA instead")->check(within(1, 10000));
        sense->add_option("--series", current.series, "preferred values")->check(CLI::IsMember({"E12", "E24"}));
        sense->add_option("--parts", current.parts, "at most so many")->check(within(1, 4));
        matched->add_option("PART", parts.part, "diode, mosfet, electrolytic, film, fuse, zener …")->required();
        matched->add_option("NEW", parts.offer, "as printed: \"200V 3A\", \"470u 63V\"")->required();
        matched->add_option("OLD", parts.old, "likewise");
        matched->add_option("--stress-volts", parts.stressVolts, "that it sees there")->check(within(0.1, 5000));
        matched->add_option("--stress-amps", parts.stressAmps, "through it")->check(within(0.001, 100));
        bench->add_option("SUM", sum, "boost, divider, discharge …");
        bench->add_option("NAME=VALUE", given, "vin=24 l=47u");
        checked->add_option("PART", check.part, "electrolytic, diode, fuse, rail …, or outputDiode …")->required();
        checked->add_option("READING", check.reading, "\"0.02/0.02\", \"241u 4R of 470u 63V\"")->required();
        checked->add_option("--twin", check.twins, "what a part that should be alike reads");
    }

    CLI::App* addJob(const char* name, const char* says) {
        auto* command = app.add_subcommand(name, says);
        command->add_option("JOB.json", file)->required();
        return command;
    }
    CLI::App* addTester(CLI::App* command) {
        command->add_option("--run", tester.run, "B, B7, B1-B6 or \"channel 1\"");
        command->add_option("--milliamps", tester.milliamps, "of the tester; otherwise the job's")
            ->check(within(0.01, 20000));
        command->add_option("--limit", tester.limitVolts, "of the tester, V; otherwise the job's")
            ->check(within(0.1, 2000));
        return command;
    }
};

void printStrips(const job::Job& job, bool asSvg) {
    const auto plan = cli::strips(job);  // says what is missing
    const auto task = repair::universalTaskOf(job);
    if (asSvg) {
        print(plan::templateSvg(*task, plan::planUniversal(*task)));
    } else {
        print(plan);
    }
}

/// Does what was asked for.
void carryOut(const Commands& asked, int argc, char** argv) {
    const auto& trade = knowledge::builtInKnowledge();
    if (*asked.assess) {
        printAssessment(asked.file, trade);
    } else if (*asked.solve) {
        print(cli::solve(documentAt(asked.file)));
    } else if (*asked.planTester) {
        print(cli::planTester(describedJobAt(asked.file), asked.tester));
    } else if (*asked.locate) {
        const auto job = describedJobAt(asked.file);
        print(cli::locate(job, assessed(job, trade), asked.tester));
    } else if (*asked.traced) {
        print(cli::trace(describedJobAt(asked.file), asked.trace, trade));
    } else if (*asked.checked) {
        print(cli::check(asked.check, trade));
    } else if (*asked.panelCheck) {
        print(cli::panelCheck(jobAt(asked.file)));
    } else if (*asked.plan) {
        print(cli::plan(assessed(jobAt(asked.file), trade)));
    } else if (*asked.sense) {
        print(cli::sense(asked.current));
    } else if (*asked.matched) {
        print(cli::match(asked.parts));
    } else if (*asked.strips) {
        printStrips(jobAt(asked.file), asked.asSvg);
    } else if (*asked.bench) {
        print(cli::bench(asked.sum, asked.given));
    } else if (*asked.map) {
        const auto job = describedJobAt(asked.file);
        print(backlight::mapSvg(job.set.backlight, job.id + " " + job.title));
    } else {
        writeReport(asked.file, asked.sheet, asked.pdf, trade, argc, argv);
    }
}

}  // namespace

int main(int argc, char** argv) {
    Commands asked;
    try {
        asked.app.parse(argc, argv);
        carryOut(asked, argc, argv);
    } catch (const CLI::Success& said) {  // help or version was asked for
        return asked.app.exit(said);
    } catch (const CLI::ParseError& error) {
        std::fprintf(stderr, "dimglow-cli: %s\n", oneLine(error.what()).c_str());
        return badInput;
    } catch (const std::exception& error) {
        std::fprintf(stderr, "dimglow-cli: %s\n", oneLine(error.what()).c_str());
        return badInput;
    }
    return 0;
}
