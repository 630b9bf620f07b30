#pragma once

namespace dimglow::typing {

/// The language in which somebody types. English words are understood in every one, as they stand on meters and parts.
enum class Tongue { English, German };

}  // namespace dimglow::typing
