#include <CLI/CLI.hpp>
#include <QApplication>
#include <QDate>
#include <cstdio>
#include <exception>
#include <string>

#include "cli/assessment_json.h"
#include "core/knowledge/knowledge.h"
#include "records/job_file.h"
#include "report/report.h"
#include "typeface/typeface.h"

namespace {

using namespace dimglow;

constexpr int badInput = 2;

reasoning::Assessment assessed(const job::Job& job) {
    return reasoning::assess(job, knowledge::builtInKnowledge(),
                             {QDate::currentDate().toString(Qt::ISODate).toStdString()});
}

void printAssessment(const std::string& path) {
    const auto job = records::readJobFile(QString::fromStdString(path));
    std::puts(cli::toJson(assessed(job), job).dump(2).c_str());
}

void writeReport(const std::string& path, const std::string& pdf, int& argc, char** argv) {
    const auto job = records::readJobFile(QString::fromStdString(path));
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QApplication application(argc, argv);
    typeface::load();
    const auto document = report::compose(job, assessed(job), knowledge::builtInKnowledge());
    report::writePdf(*document, QString::fromStdString(pdf));
}

}  // namespace

int main(int argc, char** argv) {
    CLI::App app("Dim Glow on the command line: job files in, JSON or PDF out.", "dimglow-cli");
    app.require_subcommand(1);
    std::string file;
    std::string pdf;
    auto* assess = app.add_subcommand("assess", "Print what is left, what to measure next and what to do, as JSON");
    assess->add_option("JOB.json", file)->required();
    auto* report = app.add_subcommand("report", "Write the job's report");
    report->add_option("JOB.json", file)->required();
    report->add_option("--pdf", pdf, "where to write it")->required();
    try {
        app.parse(argc, argv);
        if (*assess) {
            printAssessment(file);
        } else {
            writeReport(file, pdf, argc, argv);
        }
    } catch (const CLI::CallForHelp& help) {
        return app.exit(help);
    } catch (const CLI::ParseError& error) {
        std::fprintf(stderr, "dimglow-cli: %s\n", error.what());
        return badInput;
    } catch (const std::exception& error) {
        std::fprintf(stderr, "dimglow-cli: %s\n", error.what());
        return badInput;
    }
    return 0;
}
