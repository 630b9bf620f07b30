#include "records/logbook.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <sys/resource.h>
#include <sys/stat.h>

#include <QCoreApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <array>
#include <csignal>

#include "core/backlight/plain.h"
#include "core/format/fields.h"
#include "core/job/job_json.h"
#include "records/files.h"
#include "records/job_file.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::records {
namespace {

using testing::ElementsAre;
using testing::HasSubstr;

job::Job demoJob(std::size_t index = 0) {
    return virtualset::demoJob(index, knowledge::builtInKnowledge()).job;
}

class LogbookFile : public testing::Test {
protected:
    QString path() const { return folder_.filePath(QStringLiteral("deep/er/logbook.sqlite")); }
    std::string problemOpening(const QString& path) const {
        try {
            openLogbook(path);
        } catch (const LogbookError& error) {
            return error.what();
        }
        return {};
    }
    static job::Job loaded(const Logbook& logbook, const char* id) {
        return parse(QString::fromUtf8(id), *logbook.load(QString::fromUtf8(id)));
    }
    void sql(const QString& words) const {
        {
            auto database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("meddling"));
            database.setDatabaseName(path());
            ASSERT_TRUE(database.open());
            QSqlQuery query(database);
            ASSERT_TRUE(query.exec(words));
        }
        QSqlDatabase::removeDatabase(QStringLiteral("meddling"));
    }
    QTemporaryDir folder_;
};

TEST_F(LogbookFile, KeepsAJobBetweenTwoRuns) {
    const auto job = demoJob();
    {
        const auto kept = openLogbook(path());
        Logbook& logbook = *kept;
        EXPECT_TRUE(logbook.isEmpty());
        EXPECT_TRUE(logbook.create(job, QStringLiteral("Taken in")).at.isValid());
    }
    const auto kept = openLogbook(path());
    const Logbook& logbook = *kept;
    EXPECT_FALSE(logbook.isEmpty());
    EXPECT_EQ(loaded(logbook, "SK-0412"), job);
    EXPECT_FALSE(logbook.load(QStringLiteral("SK-9999")));
}

TEST_F(LogbookFile, StoringAgainReplacesTheJobAndKeepsTheHistory) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    auto job = demoJob();
    const auto revision = logbook.create(job, QStringLiteral("Taken in")).revision;
    job.title = "Berth 3, north";
    logbook.store(job, QStringLiteral("Job title"), revision);
    EXPECT_EQ(logbook.jobs().size(), 1u);
    EXPECT_EQ(loaded(logbook, "SK-0412").title, "Berth 3, north");
    const auto history = logbook.history(QStringLiteral("SK-0412"), 10);
    ASSERT_EQ(history.size(), 2u);
    EXPECT_EQ(history[1].label, QStringLiteral("Job title"));
    EXPECT_LT(history[1].at.secsTo(QDateTime::currentDateTimeUtc()), 60);
    EXPECT_EQ(logbook.history(QStringLiteral("SK-0412"), 1).front().label, QStringLiteral("Job title")) << "the last";
}

TEST_F(LogbookFile, ListsOpenJobsAsTheyAreDueAndFinishedOnesLast) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    for (int i = 0; i < 3; ++i) {
        logbook.create(demoJob(i), QStringLiteral("Taken in"));
    }
    auto done = demoJob(1);
    done.handedBack = "2026-11-25T10:00:00Z";
    logbook.store(done, QStringLiteral("Handed back"), 1);
    auto undated = demoJob(0);
    undated.id = "SK-0500";
    undated.order.due.clear();
    logbook.create(undated, QStringLiteral("Taken in"));
    std::vector<std::string> ids;
    for (const auto& summary : logbook.jobs()) {
        ids.push_back(summary.id.toStdString());
    }
    EXPECT_THAT(ids, ElementsAre("SK-0412", "SK-0419", "SK-0500", "SK-0415"));
    EXPECT_TRUE(logbook.jobs().back().handedBack);
}

TEST_F(LogbookFile, FindsEveryWordAnywhere) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    for (int i = 0; i < 3; ++i) {
        logbook.create(demoJob(i), QStringLiteral("Taken in"));
    }
    const auto count = [&](const char* words) { return logbook.jobs(QString::fromUtf8(words)).size(); };
    EXPECT_EQ(count("berth"), 1u);
    EXPECT_EQ(count("BERTH nl430"), 1u) << "title and panel, any case";
    EXPECT_EQ(count("berth gangway"), 0u) << "all words must be there";
    EXPECT_EQ(count("sk-04"), 3u);
    EXPECT_EQ(count("shore power"), 1u) << "the complaint counts too";
    EXPECT_EQ(count("%"), 0u) << "a search word is a word, not a pattern";
    EXPECT_EQ(count("'; DROP TABLE job; --"), 0u);
    EXPECT_EQ(count("  "), 3u);
}

TEST_F(LogbookFile, NumbersNewJobsAfterTheLast) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    EXPECT_EQ(logbook.nextId(), QStringLiteral("SK-0420"));
    auto job = demoJob();
    job.id = "SK-0733";
    logbook.create(job, QStringLiteral("Taken in"));
    EXPECT_EQ(logbook.nextId(), QStringLiteral("SK-0734"));
}

TEST_F(LogbookFile, NumberFromElsewhereDoesNotMakeNewJobsShareOne) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    for (const char* id : {"SK-2147483647", "SK-999999999999999999999", "SK-000733", "SK-07x", "SK-", "other"}) {
        auto job = demoJob();
        job.id = id;
        logbook.create(job, QStringLiteral("Imported"));
    }
    for (int i = 0; i < 3; ++i) {
        auto job = demoJob();
        job.id = logbook.nextId().toStdString();
        logbook.create(job, QStringLiteral("Taken in"));
    }
    EXPECT_EQ(logbook.count(), 9);
    EXPECT_EQ(logbook.nextId(), QStringLiteral("SK-0423"));
    logbook.create(demoJob(), QStringLiteral("Imported"));
    EXPECT_THROW(logbook.create(demoJob(), QStringLiteral("Imported again")), LogbookConflict);
}

TEST_F(LogbookFile, SecondWindowDoesNotOverwriteTheFirstsEdit) {
    const auto firstKept = openLogbook(path());
    Logbook& first = *firstKept;
    auto job = demoJob();
    const auto taken = first.create(job, QStringLiteral("Taken in"));
    const auto secondKept = openLogbook(path());
    Logbook& second = *secondKept;
    const auto seen = *second.load(QStringLiteral("SK-0412"));
    job.title = "Berth 3, by the first";
    first.store(job, QStringLiteral("Job title"), taken.revision);
    job.title = "Berth 3, by the second";
    EXPECT_THROW(second.store(job, QStringLiteral("Job title"), seen.revision), LogbookConflict);
    EXPECT_EQ(loaded(second, "SK-0412").title, "Berth 3, by the first");
    EXPECT_EQ(second.history(QStringLiteral("SK-0412"), 10).size(), 2u);
    EXPECT_EQ(second.revision(QStringLiteral("SK-0412")), seen.revision + 1) << "newer than what it shows";
}

TEST_F(LogbookFile, LockedElsewhereSaysSoAtOnce) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    const auto taken = logbook.create(demoJob(), QStringLiteral("Taken in"));
    {
        auto other = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("locker"));
        other.setDatabaseName(path());
        ASSERT_TRUE(other.open());
        QSqlQuery(other).exec(QStringLiteral("BEGIN IMMEDIATE"));
        const auto edited = demoJob();
        QElapsedTimer timer;
        timer.start();
        try {
            logbook.store(edited, QStringLiteral("Blocked"), taken.revision);
            ADD_FAILURE() << "stored";
        } catch (const LogbookError& error) {
            EXPECT_THAT(error.what(), HasSubstr("is locked by another program"));
        }
        EXPECT_LT(timer.elapsed(), 2000) << "five seconds would freeze the window";
        QSqlQuery(other).exec(QStringLiteral("ROLLBACK"));
        other.close();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("locker"));
    EXPECT_NO_THROW(logbook.store(demoJob(), QStringLiteral("Free again"), taken.revision));
}

TEST_F(LogbookFile, OfANewerProgramIsRefusedUntouched) {
    { openLogbook(path())->create(demoJob(), QStringLiteral("Taken in")); }
    sql(QStringLiteral("PRAGMA user_version=7"));
    EXPECT_THAT(problemOpening(path()), HasSubstr("was written by a newer program (version 7)"));
    sql(QStringLiteral("PRAGMA user_version=4"));
    EXPECT_EQ(openLogbook(path())->jobs().size(), 1u);
}

TEST_F(LogbookFile, DeletedReplacedOrMadeNewerWhileItIsOpenTakesNoEdit) {
    const auto refusal = [&](Logbook& logbook, qint64 revision) -> std::string {
        try {
            logbook.store(demoJob(), QStringLiteral("Edit"), revision);
        } catch (const LogbookError& error) {
            return error.what();
        }
        return {};
    };
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    logbook.create(demoJob(), QStringLiteral("Taken in"));
    const auto revision = logbook.revision(QStringLiteral("SK-0412"));
    EXPECT_EQ(refusal(logbook, revision), "");
    sql(QStringLiteral("PRAGMA user_version=7"));
    EXPECT_THAT(refusal(logbook, revision + 1), HasSubstr("was made newer"));
    sql(QStringLiteral("PRAGMA user_version=4"));
    const QString aside = path() + QStringLiteral(".aside");
    ASSERT_TRUE(QFile::rename(path(), aside));
    EXPECT_THAT(refusal(logbook, revision + 1), HasSubstr("was moved, deleted or replaced"));
    ASSERT_TRUE(QFile::copy(aside, path()));
    EXPECT_THAT(refusal(logbook, revision + 1), HasSubstr("was moved, deleted or replaced"));
    ASSERT_TRUE(QFile::remove(path()) && QFile::rename(aside, path()));
    EXPECT_EQ(refusal(logbook, revision + 1), "") << "it is back, and nothing was lost";
}

TEST_F(LogbookFile, OfTheSecondVersionIsTakenOver) {
    { openLogbook(path())->create(demoJob(), QStringLiteral("Taken in")); }
    sql(QStringLiteral("DROP INDEX job_panel"));
    sql(QStringLiteral("DROP TABLE job_unshown"));
    sql(QStringLiteral("PRAGMA user_version=2"));
    const auto kept = openLogbook(path());
    const Logbook& logbook = *kept;
    EXPECT_EQ(loaded(logbook, "SK-0412"), demoJob());
    EXPECT_TRUE(logbook.lastOfPanel(QString::fromStdString(demoJob().set.panel), {}));
}

TEST_F(LogbookFile, FindsAJobByWhatAListShowsOfItUntilThatIsSaidAnew) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    const QString id = QStringLiteral("SK-0412");
    const auto first = logbook.create(demoJob(), QStringLiteral("Taken in"));
    EXPECT_EQ(logbook.unshown(10), QStringList{id});
    const auto say = [&](const char* words, qint64 revision) {
        logbook.addToSearch({{id, revision, QString::fromUtf8(words)}, {QStringLiteral("SK-9999"), 1, {}}});
    };
    say("Shorted LED in strip B", first.revision);
    EXPECT_EQ(logbook.unshown(10), QStringList{});
    EXPECT_EQ(logbook.count(QStringLiteral("shorted sk-0412")), 1) << "one word of each kind";
    const auto second = logbook.store(demoJob(), QStringLiteral("Edit"), first.revision);
    EXPECT_EQ(logbook.unshown(10), QStringList{id});
    say("Shorted LED in strip C", first.revision);
    EXPECT_EQ(logbook.unshown(10), QStringList{id}) << "that was said of the job before its change";
    say("Nothing read yet", second.revision);
    EXPECT_EQ(logbook.unshown(10), QStringList{});
    EXPECT_EQ(logbook.count(QStringLiteral("shorted")), 0);
}

TEST_F(LogbookFile, KnowsTheLastSetWithAPanelOfWhichTheStripsWereSeen) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    auto first = demoJob();
    auto unseen = demoJob();
    unseen.id = "SK-0500";
    unseen.set.backlight = backlight::plainBacklight(backlight::undescribed());
    unseen.trail.clear();
    auto damaged = demoJob();
    damaged.id = "SK-0501";
    for (const auto& job : {first, unseen, damaged}) {
        logbook.create(job, QStringLiteral("Taken in"));
    }
    sql(QStringLiteral("UPDATE job SET body = '{' WHERE id = 'SK-0501'"));
    const auto last = [&](const QString& panel, const char* butNot) {
        const auto job = logbook.lastOfPanel(panel, QString::fromUtf8(butNot));
        return job ? job->id : std::string();
    };
    const QString panel = QString::fromStdString(first.set.panel);
    EXPECT_EQ(last(panel, "SK-0500"), "SK-0412");
    EXPECT_EQ(last(panel.toLower(), "SK-0500"), "SK-0412");
    EXPECT_EQ(last(panel, "SK-0412"), "") << "its own strips help nobody";
    EXPECT_EQ(last(QStringLiteral("NL999"), "SK-0500"), "");
}

TEST_F(LogbookFile, KnowsWhatWasChangedLast) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    EXPECT_FALSE(logbook.lastChanged());
    auto later = demoJob();
    later.id = "SK-0500";
    const auto first = logbook.create(demoJob(), QStringLiteral("Taken in"));
    logbook.create(later, QStringLiteral("Taken in"));
    EXPECT_EQ(logbook.lastChanged()->id, "SK-0500");
    logbook.store(demoJob(), QStringLiteral("Title"), first.revision);
    EXPECT_EQ(logbook.lastChanged()->id, demoJob().id);
    sql(QStringLiteral("UPDATE job SET body = '{' WHERE id = '%1'").arg(QString::fromStdString(demoJob().id)));
    EXPECT_FALSE(logbook.lastChanged()) << "a new job starts all the same";
}

TEST_F(LogbookFile, OfTheFirstVersionIsTakenOver) {
    QDir().mkpath(QFileInfo(path()).absolutePath());
    sql(QStringLiteral(
        "CREATE TABLE job (id TEXT PRIMARY KEY, title TEXT NOT NULL, place TEXT NOT NULL, panel TEXT NOT "
        "NULL, complaint TEXT NOT NULL, due TEXT NOT NULL, handed_back TEXT NOT NULL, changed TEXT NOT "
        "NULL, body TEXT NOT NULL)"));
    sql(
        QStringLiteral("CREATE TABLE edit (number INTEGER PRIMARY KEY AUTOINCREMENT, job TEXT NOT NULL REFERENCES "
                       "job(id), at TEXT NOT NULL, label TEXT NOT NULL)"));
    sql(QStringLiteral("CREATE INDEX edit_job ON edit(job)"));
    sql(QStringLiteral("INSERT INTO job VALUES ('SK-0412', 'Berth 3', 'Pier', 'NL430', 'Dark', '', '', "
                       "'2026-11-20T08:00:00.000Z', '%1')")
            .arg(QString::fromStdString(job::toJson(demoJob()).dump())
                     .replace(QLatin1Char('\''), QStringLiteral("''"))));
    sql(QStringLiteral("PRAGMA user_version=1"));
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    EXPECT_EQ(loaded(logbook, "SK-0412"), demoJob());
    EXPECT_EQ(logbook.count(QStringLiteral("pier")), 1);
    EXPECT_NO_THROW(
        logbook.store(demoJob(), QStringLiteral("Edit"), logbook.load(QStringLiteral("SK-0412"))->revision));
}

TEST_F(LogbookFile, DatabaseOfAnotherProgramIsRefusedUntouched) {
    QDir().mkpath(QFileInfo(path()).absolutePath());
    sql(QStringLiteral("CREATE TABLE bookmarks (url TEXT)"));
    QFile file(path());
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QByteArray before = file.readAll();
    file.close();
    EXPECT_THAT(problemOpening(path()), HasSubstr("is a database of another program"));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ(file.readAll(), before);
}

TEST_F(LogbookFile, WithoutANameIsNotKeptInMemory) {
    EXPECT_THAT(problemOpening(QString()), HasSubstr("name a file"));
    EXPECT_THAT(problemOpening(folder_.path()), HasSubstr("is no file"));
}

TEST_F(LogbookFile, IsForItsOwnerOnly) {
    openLogbook(path());
    EXPECT_EQ(
        QFileInfo(path()).permissions() & (QFile::ReadGroup | QFile::ReadOther | QFile::WriteGroup | QFile::WriteOther),
        QFile::Permissions());
}

TEST_F(LogbookFile, FindsUmlautsWhateverTheCase) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    auto job = demoJob();
    job.title = "FÄHRE Süd";
    logbook.create(job, QStringLiteral("Taken in"));
    for (const char* words : {"fähre", "FÄHRE", "fahre", "SÜD fäh", "412", "0412"}) {
        EXPECT_EQ(logbook.count(QString::fromUtf8(words)), 1) << words;
        EXPECT_EQ(logbook.jobs(QString::fromUtf8(words)).size(), 1u) << words;
    }
    EXPECT_EQ(logbook.count(QStringLiteral("fahren")), 0);
    job.title = "Slipway";
    logbook.store(job, QStringLiteral("Job title"), 1);
    EXPECT_EQ(logbook.count(QString::fromUtf8("fähre")), 0) << "the index follows an edit";
    EXPECT_EQ(logbook.count(QStringLiteral("slip")), 1);
}

// Paging through is a short cut for reading all, and must give the same.
TEST_F(LogbookFile, PagesAddUpToTheWholeList) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    const std::array kinds = {demoJob(0), demoJob(1), demoJob(2)};
    std::vector<job::Job> jobs;
    for (int i = 0; i < 57; ++i) {
        jobs.push_back(kinds[i % 3]);
        jobs.back().id = "SK-" + std::to_string(1000 + (i * 37) % 57);
        jobs.back().order.due = i % 4 == 0 ? "" : "2026-12-" + std::to_string(10 + i % 19);
    }
    logbook.createAll(jobs, QStringLiteral("Taken in"));
    for (const char* search : {"", "berth", "northlight"}) {
        const QString words = QString::fromUtf8(search);
        std::vector<QString> paged;
        for (int first = 0; first < 60; first += 10) {
            for (const auto& summary : logbook.jobs(words, first, 10)) {
                paged.push_back(summary.id);
            }
        }
        std::vector<QString> whole;
        for (const auto& summary : logbook.jobs(words)) {
            whole.push_back(summary.id);
        }
        EXPECT_EQ(paged, whole) << search;
        EXPECT_EQ(int(whole.size()), logbook.count(words)) << search;
    }
}

// A word that is in very many jobs is looked up another way than a rare one, and must give the same.
TEST_F(LogbookFile, CommonWordFindsWhatReadingAllJobsFinds) {
    const auto kept = openLogbook(path());
    Logbook& logbook = *kept;
    std::vector<job::Job> jobs(1500);
    for (int i = 0; i < int(jobs.size()); ++i) {
        jobs[i].id = "SK-" + std::to_string(1000 + (i * 37) % 1500);
        jobs[i].order.place = i % 5 == 0 ? "Kiosk" : "Berth";
        jobs[i].order.due = i % 4 == 0 ? "" : "2026-12-" + std::to_string(10 + i % 19);
        jobs[i].handedBack = i % 7 == 0 ? "2026-11-20T10:00:00Z" : "";
    }
    logbook.createAll(jobs, QStringLiteral("Taken in"));
    for (const char* place : {"Berth", "Kiosk"}) {
        std::vector<QString> expected;
        for (const auto& summary : logbook.jobs()) {
            if (summary.place == QString::fromUtf8(place)) {
                expected.push_back(summary.id);
            }
        }
        std::vector<QString> found;
        for (const auto& summary : logbook.jobs(QString::fromUtf8(place))) {
            found.push_back(summary.id);
        }
        EXPECT_EQ(found, expected) << place;
    }
    EXPECT_EQ(logbook.jobs(QStringLiteral("berth"), 0, 10).size(), 10u);
}

TEST_F(LogbookFile, ThatIsNoneIsRefusedUntouched) {
    const QString other = folder_.filePath(QStringLiteral("holiday.jpg"));
    QFile file(other);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    const QByteArray picture(5000, 'j');
    file.write(picture);
    file.close();
    EXPECT_THAT(problemOpening(other), HasSubstr("holiday.jpg"));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ(file.readAll(), picture);
}

TEST_F(LogbookFile, DamagedJobNamesTheJobAndTheFieldAndLeavesTheOthers) {
    {
        const auto kept = openLogbook(path());
        Logbook& logbook = *kept;
        logbook.create(demoJob(0), QStringLiteral("Taken in"));
        logbook.create(demoJob(1), QStringLiteral("Taken in"));
    }
    sql(QStringLiteral(
        "UPDATE job SET body = json_set(body, '$.set.backlight.strips[0].leds', -3) WHERE id = 'SK-0412'"));
    const auto kept = openLogbook(path());
    const Logbook& logbook = *kept;
    try {
        loaded(logbook, "SK-0412");
        FAIL();
    } catch (const LogbookError& error) {
        EXPECT_THAT(error.what(), HasSubstr("SK-0412: set.backlight.strips[0].leds: -3 is outside"));
    }
    EXPECT_EQ(loaded(logbook, "SK-0415"), demoJob(1));
}

// A real kill: another process stores edits and tells the number of each only once it is confirmed.
TEST_F(LogbookFile, LosesNoConfirmedEditWhenTheProgramIsKilled) {
    for (int round = 0; round < 3; ++round) {
        QProcess writer;
        writer.start(QStringLiteral(DIMGLOW_LOGBOOK_WRITER), {path()});
        ASSERT_TRUE(writer.waitForStarted());
        QByteArray told;
        while (told.count('\n') < 25 + 17 * round) {
            ASSERT_TRUE(writer.waitForReadyRead(20000)) << writer.readAllStandardError().toStdString();
            told += writer.readAllStandardOutput();
        }
        writer.kill();  // SIGKILL
        writer.waitForFinished();
        told += writer.readAllStandardOutput();
        const auto lines = told.left(told.lastIndexOf('\n')).split('\n');
        const int confirmed = lines.back().toInt();

        const auto kept = openLogbook(path());
        Logbook& logbook = *kept;
        const auto job = loaded(logbook, "SK-0412");
        EXPECT_GE(int(job.soak.size()), confirmed);
        EXPECT_LE(int(job.soak.size()), confirmed + 1);
        EXPECT_GE(int(logbook.history(QStringLiteral("SK-0412"), 5000).size()), confirmed);
        QFile::remove(path());
        QFile::remove(path() + QStringLiteral("-wal"));
        QFile::remove(path() + QStringLiteral("-shm"));
    }
}

// ---- job files ---------------------------------------------------------------------------------------------------

class JobFiles : public LogbookFile {
protected:
    QString write(const QByteArray& bytes) const {
        const QString name = folder_.filePath(QStringLiteral("given.json"));
        QFile file(name);
        EXPECT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(bytes);
        return name;
    }
    std::string problemReading(const QString& name) const {
        try {
            readJobFile(name);
        } catch (const format::FormatError& error) {
            return error.what();
        }
        return {};
    }
};

TEST_F(JobFiles, AreWrittenAndReadBack) {
    const QString name = folder_.filePath(QStringLiteral("SK-0412.json"));
    writeJobFile(demoJob(), name);
    EXPECT_EQ(readJobFile(name), demoJob());
}

TEST_F(JobFiles, ErrorsNameFileFieldAndReason) {
    EXPECT_THAT(problemReading(folder_.filePath(QStringLiteral("none.json"))), HasSubstr("none.json: No such file"));
    EXPECT_THAT(problemReading(write("{\"format\": \"dimglow-job\"")), HasSubstr("given.json: is not JSON"));
    EXPECT_THAT(problemReading(write("{\"format\": \"dimglow-job\", \"version\": 1}")),
                HasSubstr("given.json: id: missing"));
    EXPECT_THAT(problemReading(write(QByteArray(10 << 20, ' '))), HasSubstr("at most 4194304"));
    EXPECT_THAT(problemReading(write("\xff\xfe\x00\x01")), HasSubstr("is not JSON"));
}

TEST_F(JobFiles, ThatCannotBeWrittenLeaveTheOldOneAlone) {
    EXPECT_THROW(writeJobFile(demoJob(), folder_.filePath(QStringLiteral("no/such/folder/x.json"))),
                 format::FormatError);
}

TEST_F(JobFiles, PipeIsNoFileAndDoesNotHang) {
    const QString pipe = folder_.filePath(QStringLiteral("pipe"));
    ASSERT_EQ(mkfifo(pipe.toLocal8Bit().constData(), 0600), 0);
    EXPECT_THAT(problemReading(pipe), HasSubstr("is no file"));
    EXPECT_THAT(problemReading(folder_.path()), HasSubstr("is a folder"));
    EXPECT_THROW(writeJobFile(demoJob(), pipe), format::FormatError);
}

TEST_F(JobFiles, FullDiskLeavesTheOldFileWhole) {
    const QString name = folder_.filePath(QStringLiteral("SK-0412.json"));
    writeJobFile(demoJob(), name);
    rlimit small{4096, RLIM_INFINITY};
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    small.rlim_max = before.rlim_max;
    signal(SIGXFSZ, SIG_IGN);
    setrlimit(RLIMIT_FSIZE, &small);  // writes beyond fail as on a full disk
    EXPECT_THROW(writeWhole(name, QByteArray(100'000, 'x')), format::FormatError);
    setrlimit(RLIMIT_FSIZE, &before);
    EXPECT_EQ(readJobFile(name), demoJob());
    EXPECT_EQ(QDir(folder_.path()).entryList(QDir::Files).size(), 1) << "no scrap is left";
}

TEST_F(JobFiles, AreForTheirOwnerOnly) {
    const QString name = folder_.filePath(QStringLiteral("SK-0412.json"));
    writeJobFile(demoJob(), name);
    EXPECT_FALSE(QFileInfo(name).permission(QFile::ReadOther));
    EXPECT_FALSE(QFileInfo(name).permission(QFile::ReadGroup));
}

TEST(PathInFolder, StaysInTheFolder) {
    const auto name = [](const char* id) { return pathInFolder(QStringLiteral("/desk"), id, QStringLiteral("pdf")); };
    EXPECT_EQ(name("SK-0412"), QStringLiteral("/desk/SK-0412.pdf"));
    EXPECT_EQ(name("../escape"), QStringLiteral("/desk/___escape.pdf"));
    EXPECT_EQ(name("/any/where/x"), QStringLiteral("/desk/_any_where_x.pdf"));
    EXPECT_EQ(name(".."), QStringLiteral("/desk/__.pdf"));
}

}  // namespace
}  // namespace dimglow::records

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
