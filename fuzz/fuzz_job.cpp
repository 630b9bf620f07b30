// A job file either reads, and then writes itself and reads back the same, or one line says why not.

#include <cstdlib>
#include <string_view>

#include "core/format/fields.h"
#include "core/job/job_json.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace dimglow;
    try {
        const auto job = job::parseJob({reinterpret_cast<const char*>(data), size});
        if (job::parseJob(job::toJson(job).dump()) != job) {
            std::abort();
        }
    } catch (const format::FormatError& error) {
        if (std::string_view(error.what()).find('\n') != std::string_view::npos) {
            std::abort();
        }
    }
    return 0;
}
