#pragma once

#include <string_view>

/// \file
/// What may be stored and shown as text.

namespace dimglow::text {

/// Whether \p text is UTF-8 (RFC 3629) without control characters other than tab and line feed.
bool isPlain(std::string_view text);

}  // namespace dimglow::text
