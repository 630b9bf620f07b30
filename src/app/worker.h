#pragma once

#include <QObject>
#include <chrono>
#include <condition_variable>
#include <cstdint>
#include <functional>
#include <mutex>
#include <optional>
#include <stop_token>
#include <thread>
#include <utility>

namespace dimglow::app {

/// A thread that does one task after the other and keeps none waiting but the last: a new task takes the place of one
/// that has not begun, and asks the one that has to stop. The thread starts with the first task.
class WorkerThread {
public:
    using Task = std::function<void(const std::stop_token&)>;  ///< throws nothing

    WorkerThread() = default;
    /// Asks the task to stop and waits for it.
    ~WorkerThread();
    WorkerThread(const WorkerThread&) = delete;
    WorkerThread& operator=(const WorkerThread&) = delete;

    void run(Task task);
    void askToStop();

private:
    void loop(const std::stop_token& end);

    std::mutex mutex_;
    std::condition_variable_any changed_;
    Task next_;
    std::stop_source stop_;  ///< of the last task
    std::jthread thread_;
};

/// Calls \p back on the thread it was made on, soon after post(), which any thread may call.
class Wake : public QObject {
public:
    explicit Wake(std::function<void()> back);
    void post();
    bool event(QEvent* event) override;

private:
    std::function<void()> back_;
};

/// Makes a result on a thread of its own and hands it over on the owner's. The owner hears of the last start() only,
/// and of nothing after drop() or the worker's end, which waits for the task to stop. Every function is for the owner's
/// thread; what the two threads share lies under one mutex.
template <typename Result>
class Worker {
public:
    using Task = std::function<Result(const std::stop_token&)>;  ///< throws nothing
    using Done = std::function<void(Result)>;

    void start(Task task, Done done) {
        const auto ticket = ++ticket_;
        done_ = std::move(done);
        thread_.run([this, ticket, task = std::move(task)](const std::stop_token& stop) {
            auto made = task(stop);
            {
                const std::lock_guard lock(mutex_);
                made_.emplace(ticket, std::move(made));
            }
            isMade_.notify_all();
            wake_.post();
        });
    }

    /// Asks for an end; nobody hears of the result.
    void drop() {
        ++ticket_;
        done_ = nullptr;
        thread_.askToStop();
    }

    /// Whether a result is still to be handed over.
    bool isBusy() const { return done_ != nullptr; }

    /// Hands the result over now if it comes within this time.
    void waitFor(std::chrono::milliseconds most) {
        if (isBusy()) {
            std::unique_lock lock(mutex_);
            isMade_.wait_for(lock, most, [this] { return isMade(); });
        }
        handOver();
    }

    /// Waits for the result and hands it over.
    void finish() {
        if (isBusy()) {
            std::unique_lock lock(mutex_);
            isMade_.wait(lock, [this] { return isMade(); });
        }
        handOver();
    }

private:
    bool isMade() const { return made_ && made_->first == ticket_; }

    void handOver() {
        std::optional<std::pair<std::uint64_t, Result>> made;
        {
            const std::lock_guard lock(mutex_);
            if (!isBusy() || !isMade()) {
                return;
            }
            made.swap(made_);
        }
        std::exchange(done_, nullptr)(std::move(made->second));
    }

    std::uint64_t ticket_ = 0;  ///< of the last start or drop
    Done done_;
    std::mutex mutex_;
    std::condition_variable isMade_;
    std::optional<std::pair<std::uint64_t, Result>> made_;  ///< with its ticket
    Wake wake_{[this] { handOver(); }};
    WorkerThread thread_;  ///< goes first
};

}  // namespace dimglow::app
