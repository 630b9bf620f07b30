// Stores one edit after the other and prints the number of each once it is confirmed, until it is killed.

#include <QCoreApplication>
#include <cstdio>

#include "records/logbook.h"
#include "virtualset/demo_workshop.h"

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    const auto kept = dimglow::records::openLogbook(QString::fromLocal8Bit(argv[1]));
    auto& logbook = *kept;
    auto job = dimglow::virtualset::demoJob(0, dimglow::knowledge::builtInKnowledge()).job;
    auto revision = logbook.create(job, QStringLiteral("Taken in")).revision;
    for (int number = 1; number < 1000; ++number) {
        job.soak.push_back({double(number), 146, 0.24, false});
        revision = logbook.store(job, QStringLiteral("Soak"), revision).revision;
        std::printf("%d\n", number);
        std::fflush(stdout);
    }
    return 0;
}
