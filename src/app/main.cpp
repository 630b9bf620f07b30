#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFile>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <algorithm>
#include <cstdio>
#include <exception>
#include <string_view>
#include <thread>

#include "app/main_window.h"
#include "app/only_one.h"
#include "app/open_logbook.h"
#include "app/remembered.h"
#include "app/shots.h"
#include "app/theme.h"
#include "core/job/job_json.h"
#include "diary/diary.h"
#include "language/language.h"
#include "typeface/typeface.h"

namespace {

using namespace dimglow;

/// The demo workshop's jobs, as files in the program.
void loadDemo(records::Logbook& logbook) {
    if (!logbook.isEmpty()) {
        return;
    }
    std::vector<job::Job> jobs;
    const QDir folder(QStringLiteral(":/demo"));
    for (const auto& name : folder.entryList(QDir::Files, QDir::Name)) {
        QFile file(folder.filePath(name));
        if (file.open(QIODevice::ReadOnly)) {
            jobs.push_back(job::parseJob(file.readAll().toStdString()));
        }
    }
    const QDir photos(QStringLiteral(":/demo/photos"));
    for (const auto& name : photos.entryList(QDir::Files)) {
        QFile file(photos.filePath(name));
        if (file.open(QIODevice::ReadOnly)) {
            logbook.photos().keepAsItIs(file.readAll());
        }
    }
    logbook.createAll(jobs, QObject::tr("Demo workshop"));
}

/// What the program can be told.
struct Options {
    QCommandLineParser parser;
    QCommandLineOption demo{QStringLiteral("demo"), QObject::tr("Open the demo workshop in a logbook of its own.")};
    QCommandLineOption shots{QStringLiteral("shots"),
                             QObject::tr("Render the main views of the demo to PNG files and quit."),
                             QStringLiteral("folder")};
    QCommandLineOption size{QStringLiteral("size"), QObject::tr("Of those pictures, as 1920x1080."),
                            QStringLiteral("pixels"), QStringLiteral("1280x800")};
    QCommandLineOption data{QStringLiteral("logbook"), QObject::tr("Use this logbook file."), QStringLiteral("file")};
    QCommandLineOption spoken{QStringLiteral("language"), QObject::tr("Speak this language: en, de."),
                              QStringLiteral("code")};
    QCommandLineOption daylight{QStringLiteral("daylight"), QObject::tr("Start in the daylight theme.")};
    QCommandLineOption fresh{QStringLiteral("new-job"), QObject::tr("Take in a new job.")};
    QCommandLineOption verbose{QStringLiteral("verbose"),
                               QObject::tr("Note what went wrong in full; it may quote a job. Notes are kept in %1.")
                                   .arg(QString::fromStdString(diary::defaultPlace().string()))};

    Options() {
        parser.setApplicationDescription(
            QObject::tr("A job sheet that thinks, for people who repair display backlights."));
        parser.addHelpOption();
        parser.addVersionOption();
        parser.addOptions({demo, shots, size, data, spoken, daylight, fresh, verbose});
        parser.addPositionalArgument(QStringLiteral("job"), QObject::tr("A job file to import."),
                                     QStringLiteral("[job.dimglow]"));
    }
    bool has(const QCommandLineOption& option) const { return parser.isSet(option); }
    /// The logbook asked for; that of a demo or of pictures is never the user's own.
    QString logbook(const QTemporaryDir& scratch) const {
        return has(data)    ? parser.value(data)
               : has(shots) ? scratch.filePath(QStringLiteral("shots.sqlite"))
               : has(demo)
                   ? QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/demo.sqlite")
                   : records::defaultLogbookPath();
    }
};

int run(QApplication& application) {
    Options options;
    auto& parser = options.parser;
    parser.process(application);
    language::speak(options.has(options.spoken) ? QLocale(parser.value(options.spoken)) : QLocale());

    if (!options.has(options.shots)) {
        diary::open(diary::defaultPlace(), options.has(options.verbose));
    }
    const std::jthread loading(records::prepareLogbooks);  // while the faces load
    typeface::load();
    if (!options.has(options.shots)) {
        app::remembered::applyTheme();
    }
    if (options.has(options.daylight)) {
        app::theme::setMode(app::theme::Mode::Daylight);
    }
    const QTemporaryDir scratch;
    const QString wanted = options.logbook(scratch);
    const QString file = parser.positionalArguments().value(0);
    app::OnlyOne onlyOne(wanted);
    if (!options.has(options.shots) && onlyOne.handOver(file, options.has(options.fresh))) {
        return 0;
    }
    const auto opened = app::openLogbook(wanted, app::askForLogbookPlace);
    if (opened == nullptr) {
        return 2;
    }
    auto& logbook = *opened;
    diary::note("logbook opened");
    if (options.has(options.demo) || options.has(options.shots)) {
        loadDemo(logbook);
    }
    app::MainWindow window(logbook, knowledge::builtInKnowledge);
    if (options.has(options.shots)) {
        const auto sides = parser.value(options.size).split(QLatin1Char('x'));
        const QSize pixels(sides.value(0).toInt(), sides.value(1).toInt());
        const int count = app::renderShots(window, parser.value(options.shots), pixels);
        std::printf("%d pictures in %s\n", count, qPrintable(parser.value(options.shots)));
        return count > 0 ? 0 : 1;
    }
    window.show();
    QObject::connect(&onlyOne, &app::OnlyOne::calledAgain, &window, &app::MainWindow::calledAgain);
    onlyOne.listen();
    if (!file.isEmpty()) {
        window.importFile(file);
    } else if (options.has(options.fresh)) {
        window.newJob();
    }
    return QApplication::exec();
}

}  // namespace

int main(int argc, char** argv) {
    if (std::any_of(argv, argv + argc,
                    [](const char* word) { return std::string_view(word).starts_with("--shots"); })) {
        qputenv("QT_QPA_PLATFORM", "offscreen");  // pictures need no screen
    }
    const bool onlyAsks = std::any_of(argv, argv + argc, [](const char* word) {
        const std::string_view option = word;
        return option == "-h" || option == "--help" || option == "--help-all" || option == "-v" ||
               option == "--version";
    });
    if (onlyAsks) {
        qputenv("QT_QPA_PLATFORM", "offscreen");  // words need no screen either
    }
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("dimglow"));
    QApplication::setDesktopFileName(QStringLiteral("dimglow"));
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/icon/dimglow.png")));
    QApplication::setApplicationVersion(QStringLiteral(DIMGLOW_VERSION));
    try {
        return run(application);
    } catch (const std::exception& error) {
        diary::caught("main", error);
        std::fprintf(stderr, "dimglow: %s\n", error.what());
        if (!diary::place().empty()) {
            std::fprintf(stderr, "dimglow: what it noted is in %s\n", diary::place().c_str());
        }
        return 2;
    }
}
