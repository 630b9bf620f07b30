#include "app/worker.h"

#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QElapsedTimer>
#include <latch>
#include <memory>
#include <vector>

namespace dimglow::app {
namespace {

/// Lets the event loop turn until \p is true, ten seconds at most.
template <typename Condition>
bool turnUntil(const Condition& condition) {
    QElapsedTimer timer;
    timer.start();
    while (!condition() && timer.elapsed() < 10000) {
        QCoreApplication::processEvents(QEventLoop::AllEvents, 10);
    }
    return condition();
}

TEST(Worker, HandsOverTheLastStartAloneHoweverFastTheyCome) {
    Worker<int> worker;
    std::vector<int> heard;
    for (int i = 0; i < 500; ++i) {
        worker.start([i](const std::stop_token&) { return i; }, [&heard](int made) { heard.push_back(made); });
    }
    EXPECT_TRUE(worker.isBusy());
    worker.finish();
    EXPECT_FALSE(worker.isBusy());
    EXPECT_EQ(heard, std::vector{499});
    QCoreApplication::processEvents();
    EXPECT_EQ(heard, std::vector{499}) << "the wakes of the others find nothing";
}

TEST(Worker, HandsOverThroughTheEventLoopInTheThreadOfItsOwner) {
    Worker<std::thread::id> worker;
    std::thread::id made;
    std::thread::id heard;
    worker.start([](const std::stop_token&) { return std::this_thread::get_id(); },
                 [&](std::thread::id id) {
                     made = id;
                     heard = std::this_thread::get_id();
                 });
    ASSERT_TRUE(turnUntil([&] { return !worker.isBusy(); }));
    EXPECT_EQ(heard, std::this_thread::get_id());
    EXPECT_NE(made, std::this_thread::get_id());
}

TEST(Worker, ThatIsDroppedIsAskedToStopAndSaysNothing) {
    Worker<int> worker;
    bool isHeard = false;
    std::latch begun(1);
    std::latch stopped(1);
    worker.start(
        [&](const std::stop_token& stop) {
            begun.count_down();
            while (!stop.stop_requested()) {
                std::this_thread::yield();
            }
            stopped.count_down();
            return 1;
        },
        [&](int) { isHeard = true; });
    begun.wait();
    worker.drop();
    stopped.wait();
    EXPECT_FALSE(worker.isBusy());
    worker.finish();
    int second = 0;
    worker.start([](const std::stop_token&) { return 2; }, [&](int made) { second = made; });
    ASSERT_TRUE(turnUntil([&] { return !worker.isBusy(); }));
    EXPECT_EQ(second, 2);
    EXPECT_FALSE(isHeard);
}

TEST(Worker, ThatGoesStopsItsTaskAndIsNotHeardOfAgain) {
    auto worker = std::make_unique<Worker<int>>();
    bool isHeard = false;
    worker->start(
        [](const std::stop_token& stop) {
            while (!stop.stop_requested()) {
                std::this_thread::yield();
            }
            return 1;
        },
        [&](int) { isHeard = true; });
    worker.reset();
    QCoreApplication::processEvents();
    EXPECT_FALSE(isHeard);
}

TEST(Worker, MayBeStartedAgainByWhatHearsOfIt) {
    Worker<int> worker;
    std::vector<int> heard;
    std::function<void(int)> again = [&](int made) {
        heard.push_back(made);
        if (made < 5) {
            worker.start([made](const std::stop_token&) { return made + 1; }, again);
        }
    };
    worker.start([](const std::stop_token&) { return 0; }, again);
    while (worker.isBusy()) {
        worker.finish();
    }
    EXPECT_EQ(heard, (std::vector{0, 1, 2, 3, 4, 5}));
}

TEST(Worker, IsWaitedForNoLongerThanAsked) {
    Worker<int> worker;
    worker.start(
        [](const std::stop_token& stop) {
            while (!stop.stop_requested()) {
                std::this_thread::yield();
            }
            return 1;
        },
        [](int) { ADD_FAILURE() << "it never ends by itself"; });
    worker.waitFor(std::chrono::milliseconds(20));
    EXPECT_TRUE(worker.isBusy());
}

}  // namespace
}  // namespace dimglow::app
