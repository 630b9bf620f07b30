#pragma once

#include <exception>
#include <filesystem>

/// \file
/// What the program tells of itself: a few lines in a rotating file, for whoever looks for a fault in it.
///
/// Jobs are private: no word of one is written at the usual level. What an exception says may quote a job, so the usual
/// level has its kind and where it was met; --verbose has its words too.

namespace dimglow::diary {

/// Below XDG_STATE_HOME, or the home folder's .local/state (XDG Base Directory Specification 0.8).
std::filesystem::path defaultPlace();

/// Writes to \p file from here on, three files of 1 MB at most; to nowhere where it cannot be made. Any thread may
/// write.
void open(const std::filesystem::path& file, bool isVerbose);
/// Where it is written; empty before open(), and where it could not be made.
std::filesystem::path place();

/// A plain event: "logbook opened".
void note(const char* event);
/// Something went wrong that the program goes on from. \param where "session: history"
void caught(const char* where, const std::exception& error);

}  // namespace dimglow::diary
