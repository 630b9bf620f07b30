// Pictures beside the logbook, and jobs that travel with them.

#include "records/bundle.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <zip.h>

#include <QBuffer>
#include <QDir>
#include <QFile>
#include <QImage>
#include <QTemporaryDir>
#include <functional>
#include <random>

#include "core/format/fields.h"
#include "core/job/job_json.h"
#include "records/files.h"
#include "records/photos.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::records {
namespace {

using testing::HasSubstr;

QByteArray picture(int width, int height, unsigned seed, const char* kind = "PNG") {
    QImage image(width, height, QImage::Format_RGB32);
    std::mt19937 random(seed);
    for (int y = 0; y < height; ++y) {
        for (int x = 0; x < width; ++x) {
            image.setPixel(x, y, random() & 0xFFFFFF);
        }
    }
    QByteArray bytes;
    QBuffer buffer(&bytes);
    EXPECT_TRUE(image.save(&buffer, kind, 90));
    return bytes;
}

std::string problemOf(const std::function<void()>& does) {
    try {
        does();
    } catch (const format::FormatError& error) {
        return error.what();
    }
    return {};
}

class Pictures : public testing::Test {
protected:
    QString path(const QString& name) const { return folder_.filePath(name); }
    int kept() const { return int(QDir(photos_.folder()).entryList(QDir::Files).size()); }
    QTemporaryDir folder_;
    Photos photos_{folder_.filePath(QStringLiteral("deep/photos"))};
};

TEST_F(Pictures, AreKeptUnderANameMadeOfTheirContent) {
    const auto bytes = picture(64, 48, 1);
    const auto name = photos_.keep(bytes);
    EXPECT_TRUE(hands::isPhotoName(name)) << name;
    EXPECT_EQ(photos_.read(name), bytes);
    EXPECT_EQ(photos_.keep(bytes), name);
    EXPECT_NE(photos_.keep(picture(64, 48, 2)), name);
    EXPECT_EQ(kept(), 2) << "the same picture is one file";
    const auto rights = QFile::permissions(photos_.folder());
    EXPECT_EQ(rights & (QFileDevice::ReadOther | QFileDevice::ReadGroup), 0);
}

TEST_F(Pictures, WhatIsLargerThanAScreenIsMadeSmaller) {
    const auto name = photos_.keep(picture(3000, 400, 3));
    QImage image;
    ASSERT_TRUE(image.loadFromData(*photos_.read(name)));
    EXPECT_EQ(image.width(), 2400);
    EXPECT_LE(photos_.read(name)->size(), largestPhoto);
}

TEST_F(Pictures, WhatIsNoPictureIsRefused) {
    EXPECT_THAT(problemOf([&] { photos_.keep("<svg onload=\"x\"/>"); }), HasSubstr("photo:"));
    EXPECT_THAT(problemOf([&] { photos_.keep({}); }), HasSubstr("photo:"));
    EXPECT_THAT(problemOf([&] { photos_.keep(picture(64, 48, 4).left(60)); }), HasSubstr("photo:"));
    EXPECT_THAT(problemOf([&] { photos_.keepAsItIs(QByteArray(largestPhoto + 1, 'x')); }), HasSubstr("larger than"));
    EXPECT_EQ(kept(), 0);
}

TEST_F(Pictures, AFolderThatIsGoneOrInTheWayLosesNothing) {
    const auto bytes = picture(64, 48, 5);
    const auto name = photos_.keep(bytes);
    ASSERT_TRUE(QDir().rename(photos_.folder(), path("elsewhere")));
    EXPECT_FALSE(photos_.read(name)) << "a gap, no error";
    QFile inTheWay(photos_.folder());
    ASSERT_TRUE(inTheWay.open(QIODevice::WriteOnly));
    inTheWay.close();
    EXPECT_THAT(problemOf([&] { photos_.keep(bytes); }), HasSubstr("photos"));
    ASSERT_TRUE(inTheWay.remove());
    ASSERT_TRUE(QDir().rename(path("elsewhere"), photos_.folder()));
    EXPECT_EQ(photos_.read(name), bytes);
}

TEST_F(Pictures, WhatIsNotWhatItsNameSaysIsNotShown) {
    const auto name = photos_.keep(picture(64, 48, 6));
    QFile file(QDir(photos_.folder()).filePath(QString::fromStdString(name)));
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write(picture(64, 48, 7));
    file.close();
    EXPECT_FALSE(photos_.read(name));
    EXPECT_FALSE(photos_.read("../photos/" + name));
    EXPECT_FALSE(photos_.read(""));
}

class Bundle : public Pictures {
protected:
    Bundle() {
        job_.opening.photos = {{photos_.keep(picture(64, 48, 8)), "layer:1", "before"},
                               {photos_.keep(picture(64, 48, 9, "JPG")), "D8", ""}};
    }
    struct Entry {
        std::string name;
        QByteArray bytes;
        bool isEncrypted = false;
    };
    /// A zip file with whatever somebody puts into it.
    QString zip(const std::vector<Entry>& entries) const {
        const QString at = path(QStringLiteral("made.zip"));
        QFile::remove(at);
        int error = 0;
        zip_t* archive = zip_open(at.toUtf8().constData(), ZIP_CREATE, &error);
        for (const auto& entry : entries) {
            auto* source = zip_source_buffer(archive, entry.bytes.constData(), zip_uint64_t(entry.bytes.size()), 0);
            const auto index = zip_file_add(archive, entry.name.c_str(), source, 0);
            EXPECT_GE(index, 0);
            if (entry.isEncrypted) {
                EXPECT_EQ(zip_file_set_encryption(archive, zip_uint64_t(index), ZIP_EM_AES_256, "glow"), 0);
            }
        }
        EXPECT_EQ(zip_close(archive), 0);
        return at;
    }
    QByteArray document() const { return QByteArray::fromStdString(job::toJson(job_).dump()); }
    /// Why a file is refused by another bench, which then holds nothing of it.
    std::string refusal(const QString& file) const {
        QTemporaryDir other;
        Photos theirs(other.filePath(QStringLiteral("photos")));
        auto problem = problemOf([&] { readBundle(file, theirs); });
        EXPECT_FALSE(QDir(theirs.folder()).exists()) << "kept in spite of: " << problem;
        return problem;
    }
    job::Job job_ = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
};

TEST_F(Bundle, GoesOutAndComesInUnchanged) {
    const QString file = path("job.zip");
    EXPECT_EQ(writeBundle(job_, photos_, file), 0);
    EXPECT_TRUE(isBundle(file));
    QTemporaryDir other;
    Photos theirs(other.filePath(QStringLiteral("photos")));
    EXPECT_EQ(readBundle(file, theirs), job_);
    for (const auto& photo : job_.opening.photos) {
        EXPECT_EQ(theirs.read(photo.name), photos_.read(photo.name));
    }
    const auto once = readWhole(file, 1 << 26);
    writeBundle(job_, photos_, file);
    EXPECT_EQ(readWhole(file, 1 << 26), once) << "the same job is the same file";
}

TEST_F(Bundle, APictureThatIsGoneIsAGap) {
    QFile::remove(QDir(photos_.folder()).filePath(QString::fromStdString(job_.opening.photos[0].name)));
    const QString file = path("job.zip");
    EXPECT_EQ(writeBundle(job_, photos_, file), 1);
    QTemporaryDir other;
    Photos theirs(other.filePath(QStringLiteral("photos")));
    EXPECT_EQ(readBundle(file, theirs), job_);
    EXPECT_FALSE(theirs.read(job_.opening.photos[0].name));
}

TEST_F(Bundle, AHostileFileIsRefusedAsAWhole) {
    const auto good = picture(64, 48, 10);
    const auto name = "photos/" + nameOfPhoto(good);
    const Entry job{"job.json", document()};
    EXPECT_THAT(refusal(zip({job, {name, good}, {"../escape.png", good}})), HasSubstr("has no place"));
    EXPECT_THAT(refusal(zip({job, {name, good}, {"photos/../../x.png", good}})), HasSubstr("has no place"));
    EXPECT_THAT(refusal(zip({job, {"/photos/" + nameOfPhoto(good), good}})), HasSubstr("has no place"));
    EXPECT_THAT(refusal(zip({job, {name, picture(64, 48, 11)}})), HasSubstr("is not the picture"));
    EXPECT_THAT(refusal(zip({job, {name, "<html>"}})), HasSubstr("is not the picture"));
    EXPECT_THAT(refusal(zip({job, {name, QByteArray(60 << 20, '\0')}})), HasSubstr("unpacks to"));
    EXPECT_THAT(refusal(zip({{"job.json", QByteArray(30 << 20, ' ')}})), HasSubstr("unpacks to"));
    EXPECT_THAT(refusal(zip({{"job.json", document(), true}, {name, good}})), HasSubstr("encrypted"));
    EXPECT_THAT(refusal(zip({{name, good}})), HasSubstr("holds no job.json"));
    EXPECT_THAT(refusal(zip({{name, good}, {"job.json", "{}"}})), HasSubstr("job.json: format"));
    std::vector<Entry> many = {job};
    for (int i = 0; i < 500; ++i) {
        many.push_back({"photos/" + std::to_string(i), "x"});
    }
    EXPECT_THAT(refusal(zip(many)), HasSubstr("holds 501 files"));
    EXPECT_NE(refusal(path("nothing.zip")), "");
}

TEST_F(Bundle, DamageAnywhereIsAnErrorOrHarmless) {
    const QString file = path("job.zip");
    writeBundle(job_, photos_, file);
    const auto whole = readWhole(file, 1 << 26);
    std::mt19937 random(20261130);
    for (int round = 0; round < 150; ++round) {
        QByteArray bytes = whole;
        if (round % 3 == 0) {
            bytes.truncate(qsizetype(random() % unsigned(bytes.size())));
        } else {
            bytes[qsizetype(random() % unsigned(bytes.size()))] ^= char(1 << random() % 8);
        }
        writeWhole(path("damaged.zip"), bytes);
        QTemporaryDir other;
        Photos theirs(other.filePath(QStringLiteral("photos")));
        try {
            EXPECT_EQ(readBundle(path("damaged.zip"), theirs), job_) << "read as something else, round " << round;
        } catch (const format::FormatError&) {
            EXPECT_FALSE(QDir(theirs.folder()).exists());
        }
    }
}

}  // namespace
}  // namespace dimglow::records
