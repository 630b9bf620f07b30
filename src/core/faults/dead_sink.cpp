#include "core/faults/dead_sink.h"

namespace dimglow::faults {

std::vector<DeadSink> DeadSink::candidates(const backlight::Backlight& set) {
    std::vector<DeadSink> all;
    for (int channel = 0; channel < int(set.channels.size()); ++channel) {
        all.push_back({channel});
    }
    return all;
}

text::Text DeadSink::title(const backlight::Backlight& set, const text::Text& kind) const {
    return set.channels.size() == 1 ? kind
                                    : text::say("{}, channel {}", kind, set.channels[std::size_t(channel)].label);
}

}  // namespace dimglow::faults
