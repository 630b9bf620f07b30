#include "core/knowledge/file_header.h"

namespace dimglow::knowledge {

text::Text sentence(format::Fields& of, const char* key, std::size_t longest) {
    return text::Text(of.text(key, longest), {});
}

void requireHeader(format::Fields& fields, const std::string& format) {
    if (fields.text("format", longestWord) != format) {
        throw format::FormatError(fields.pathOf("format"), "must say \"" + format + "\"");
    }
    fields.integer("version", 1, 1);
}

}  // namespace dimglow::knowledge
