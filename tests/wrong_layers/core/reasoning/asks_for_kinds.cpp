// A file that script/layers must refuse: reasoning asks for no kind of observation, and names no LED.
bool isLit(const Observation& what) {
    return std::get_if<evidence::LedSeen>(&what) != nullptr;
}
