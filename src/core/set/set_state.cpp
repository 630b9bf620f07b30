#include "core/set/set_state.h"

namespace dimglow::set {

text::Text wordsOf(SetState state) {
    using text::say;
    switch (state) {
        case SetState::Standby:
            return say("in standby");
        case SetState::On:
            return say("set on");
        case SetState::BacklightOn:
            break;
    }
    return say("backlight on");
}

}  // namespace dimglow::set
