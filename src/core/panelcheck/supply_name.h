#pragma once

#include "core/panelcheck/panel_check.h"
#include "core/text/text.h"

namespace dimglow::panelcheck {

/// What the technician called an output; one that nobody named is "Output 2" in the reader's language.
text::Text nameOf(const BenchSupply& supply);

}  // namespace dimglow::panelcheck
