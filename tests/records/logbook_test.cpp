#include "records/logbook.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QFile>
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>

#include "core/format/fields.h"
#include "records/job_file.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::records {
namespace {

using testing::ElementsAre;
using testing::HasSubstr;

job::Job demoJob(int index = 0) {
    return virtualset::demoWorkshop(knowledge::builtInKnowledge())[index].job;
}

class LogbookFile : public testing::Test {
protected:
    QString path() const { return folder_.filePath(QStringLiteral("deep/er/logbook.sqlite")); }
    std::string problemOpening(const QString& path) const {
        try {
            const Logbook logbook(path);
        } catch (const LogbookError& error) {
            return error.what();
        }
        return {};
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
        Logbook logbook(path());
        EXPECT_TRUE(logbook.isEmpty());
        EXPECT_TRUE(logbook.store(job, QStringLiteral("Taken in")).isValid());
    }
    const Logbook logbook(path());
    EXPECT_FALSE(logbook.isEmpty());
    EXPECT_EQ(logbook.load(QStringLiteral("SK-0412")), job);
    EXPECT_EQ(logbook.load(QStringLiteral("SK-9999")), std::nullopt);
}

TEST_F(LogbookFile, StoringAgainReplacesTheJobAndKeepsTheHistory) {
    Logbook logbook(path());
    auto job = demoJob();
    logbook.store(job, QStringLiteral("Taken in"));
    job.title = "Berth 3, north";
    logbook.store(job, QStringLiteral("Job title"));
    EXPECT_EQ(logbook.jobs().size(), 1u);
    EXPECT_EQ(logbook.load(QStringLiteral("SK-0412"))->title, "Berth 3, north");
    const auto history = logbook.history(QStringLiteral("SK-0412"));
    ASSERT_EQ(history.size(), 2u);
    EXPECT_TRUE(history[1].endsWith(QStringLiteral("Job title")));
}

TEST_F(LogbookFile, ListsOpenJobsAsTheyAreDueAndFinishedOnesLast) {
    Logbook logbook(path());
    for (int i = 0; i < 3; ++i) {
        logbook.store(demoJob(i), QStringLiteral("Taken in"));
    }
    auto done = demoJob(1);
    done.handedBack = "2026-11-25T10:00:00Z";
    logbook.store(done, QStringLiteral("Handed back"));
    auto undated = demoJob(0);
    undated.id = "SK-0500";
    undated.set.due.clear();
    logbook.store(undated, QStringLiteral("Taken in"));
    std::vector<std::string> ids;
    for (const auto& summary : logbook.jobs()) {
        ids.push_back(summary.id.toStdString());
    }
    EXPECT_THAT(ids, ElementsAre("SK-0412", "SK-0419", "SK-0500", "SK-0415"));
    EXPECT_TRUE(logbook.jobs().back().handedBack);
}

TEST_F(LogbookFile, FindsEveryWordAnywhere) {
    Logbook logbook(path());
    for (int i = 0; i < 3; ++i) {
        logbook.store(demoJob(i), QStringLiteral("Taken in"));
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
    Logbook logbook(path());
    EXPECT_EQ(logbook.nextId(), QStringLiteral("SK-0420"));
    auto job = demoJob();
    job.id = "SK-0733";
    logbook.store(job, QStringLiteral("Taken in"));
    EXPECT_EQ(logbook.nextId(), QStringLiteral("SK-0734"));
}

TEST_F(LogbookFile, OfANewerProgramIsRefusedUntouched) {
    { Logbook(path()).store(demoJob(), QStringLiteral("Taken in")); }
    sql(QStringLiteral("PRAGMA user_version=7"));
    EXPECT_THAT(problemOpening(path()), HasSubstr("was written by a newer program (version 7)"));
    sql(QStringLiteral("PRAGMA user_version=1"));
    EXPECT_EQ(Logbook(path()).jobs().size(), 1u);
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
        Logbook logbook(path());
        logbook.store(demoJob(0), QStringLiteral("Taken in"));
        logbook.store(demoJob(1), QStringLiteral("Taken in"));
    }
    sql(QStringLiteral("UPDATE job SET body = json_set(body, '$.backlight.strips[0].leds', -3) WHERE id = 'SK-0412'"));
    const Logbook logbook(path());
    try {
        logbook.load(QStringLiteral("SK-0412"));
        FAIL();
    } catch (const LogbookError& error) {
        EXPECT_THAT(error.what(), HasSubstr("SK-0412: backlight.strips[0].leds: -3 is outside"));
    }
    EXPECT_TRUE(logbook.load(QStringLiteral("SK-0415")));
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

        Logbook logbook(path());
        const auto job = logbook.load(QStringLiteral("SK-0412"));
        ASSERT_TRUE(job);
        EXPECT_GE(int(job->soak.size()), confirmed);
        EXPECT_LE(int(job->soak.size()), confirmed + 1);
        EXPECT_GE(int(logbook.history(QStringLiteral("SK-0412")).size()), confirmed);
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

}  // namespace
}  // namespace dimglow::records

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
