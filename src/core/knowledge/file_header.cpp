#include "core/knowledge/file_header.h"

namespace dimglow::knowledge {

void requireHeader(format::Fields& fields, const std::string& format) {
    if (fields.text("format", longestWord) != format) {
        throw format::FormatError(fields.pathOf("format"), "must say \"" + format + "\"");
    }
    fields.integer("version", 1, 1);
}

}  // namespace dimglow::knowledge
