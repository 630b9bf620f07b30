#pragma once

#include "core/knowledge/knowledge.h"

namespace dimglow {

/// What the trade knows, as the program ships it.
inline const knowledge::Knowledge& trade() {
    return knowledge::builtInKnowledge();
}

}  // namespace dimglow
