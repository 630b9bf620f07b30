#include "core/text/plain.h"

#include <cstddef>
#include <cstdint>

namespace dimglow::text {

namespace {

/// Bytes of the UTF-8 character at the front of \p text; 0 when it is none (RFC 3629).
std::size_t characterLength(std::string_view text) {
    const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
    const unsigned char lead = byte(0);
    if (lead < 0x80) {
        return 1;
    }
    const std::size_t length = lead >= 0xF0 ? 4 : lead >= 0xE0 ? 3 : 2;
    if (lead < 0xC2 || lead > 0xF4 || text.size() < length) {
        return 0;
    }
    std::uint32_t code = lead & (0x7Fu >> length);
    for (std::size_t i = 1; i < length; ++i) {
        if ((byte(i) & 0xC0) != 0x80) {
            return 0;
        }
        code = code << 6 | (byte(i) & 0x3Fu);
    }
    constexpr std::uint32_t shortest[] = {0, 0, 0x80, 0x800, 0x10000};
    const bool surrogate = code >= 0xD800 && code <= 0xDFFF;
    return code < shortest[length] || surrogate || code > 0x10FFFF ? 0 : length;
}

}  // namespace

bool isPlain(std::string_view text) {
    while (!text.empty()) {
        const unsigned char first = static_cast<unsigned char>(text.front());
        const std::size_t length = characterLength(text);
        if (length == 0 || (first < 0x20 && first != '\t' && first != '\n') || first == 0x7F) {
            return false;
        }
        text.remove_prefix(length);
    }
    return true;
}

}  // namespace dimglow::text
