#include "app/worker.h"

#include <QCoreApplication>
#include <QEvent>

namespace dimglow::app {

WorkerThread::~WorkerThread() {
    askToStop();
}

void WorkerThread::run(Task task) {
    const std::lock_guard lock(mutex_);
    stop_.request_stop();
    stop_ = std::stop_source();
    next_ = std::move(task);
    if (!thread_.joinable()) {
        thread_ = std::jthread([this](const std::stop_token& end) { loop(end); });
    }
    changed_.notify_one();
}

void WorkerThread::askToStop() {
    const std::lock_guard lock(mutex_);
    stop_.request_stop();
    next_ = nullptr;
}

void WorkerThread::loop(const std::stop_token& end) {
    std::unique_lock lock(mutex_);
    while (changed_.wait(lock, end, [this] { return next_ != nullptr; })) {
        auto task = std::exchange(next_, nullptr);
        const auto stop = stop_.get_token();
        lock.unlock();
        task(stop);
        task = nullptr;
        lock.lock();
    }
}

Wake::Wake(std::function<void()> back) : back_(std::move(back)) {}

void Wake::post() {
    QCoreApplication::postEvent(this, new QEvent(QEvent::User));
}

bool Wake::event(QEvent* event) {
    if (event->type() != QEvent::User) {
        return QObject::event(event);
    }
    back_();
    return true;
}

}  // namespace dimglow::app
