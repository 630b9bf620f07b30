#include "diary/diary.h"

#include <spdlog/sinks/null_sink.h>
#include <spdlog/sinks/rotating_file_sink.h>
#include <spdlog/spdlog.h>

#include <boost/core/demangle.hpp>
#include <cstdlib>
#include <memory>
#include <typeinfo>

namespace dimglow::diary {

namespace {

constexpr std::size_t mostBytes = 1u << 20;
constexpr std::size_t mostFiles = 2;  ///< beside the one that is written

/// What is written before open(), and where no file can be made, goes nowhere.
std::shared_ptr<spdlog::logger>& logger() {
    static auto current = std::make_shared<spdlog::logger>("dimglow", std::make_shared<spdlog::sinks::null_sink_mt>());
    return current;
}

std::filesystem::path& current() {
    static std::filesystem::path file;
    return file;
}

}  // namespace

std::filesystem::path defaultPlace() {
    const char* state = std::getenv("XDG_STATE_HOME");
    const char* home = std::getenv("HOME");
    const std::filesystem::path base = state != nullptr && *state == '/'
                                           ? std::filesystem::path(state)
                                           : std::filesystem::path(home == nullptr ? "/tmp" : home) / ".local/state";
    return base / "dimglow" / "dimglow.log";
}

void open(const std::filesystem::path& file, bool isVerbose) {
    try {
        std::filesystem::create_directories(file.parent_path());
        auto sink = std::make_shared<spdlog::sinks::rotating_file_sink_mt>(file.string(), mostBytes, mostFiles);
        logger() = std::make_shared<spdlog::logger>("dimglow", std::move(sink));
        logger()->set_level(isVerbose ? spdlog::level::debug : spdlog::level::info);
        logger()->flush_on(spdlog::level::debug);
        std::filesystem::permissions(file, std::filesystem::perms::owner_read | std::filesystem::perms::owner_write);
        current() = file;
    } catch (const std::exception&) {
        current().clear();  // a full disk or a foreign folder is no reason not to start
    }
}

std::filesystem::path place() {
    return current();
}

void note(const char* event) {
    logger()->info(event);
}

void caught(const char* where, const std::exception& error) {
    logger()->warn("{}: {}", where, boost::core::demangle(typeid(error).name()));
    logger()->debug("{}: {}", where, error.what());
}

}  // namespace dimglow::diary
