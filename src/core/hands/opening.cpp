#include "core/hands/opening.h"

#include <algorithm>
#include <array>

namespace dimglow::hands {

using text::say;
using text::Text;

const char* idOf(LayerKind kind) {
    constexpr std::array<const char*, layerKindCount> ids = {"back",      "boards", "brackets", "frame",
                                                             "glass",     "films",  "diffuser", "lightGuide",
                                                             "reflector", "strips", "lamps",    "other"};
    return ids[std::size_t(kind)];
}

Text wordsOf(LayerKind kind) {
    switch (kind) {
        case LayerKind::Back:
            return say("back");
        case LayerKind::Boards:
            return say("boards");
        case LayerKind::Brackets:
            return say("brackets");
        case LayerKind::Frame:
            return say("frame");
        case LayerKind::Glass:
            return say("glass");
        case LayerKind::Films:
            return say("films");
        case LayerKind::Diffuser:
            return say("diffuser");
        case LayerKind::LightGuide:
            return say("light guide");
        case LayerKind::Reflector:
            return say("reflector");
        case LayerKind::Strips:
            return say("strips");
        case LayerKind::Lamps:
            return say("lamps");
        case LayerKind::Other:
            break;
    }
    return say("something else");
}

Text wordsOf(const Layer& layer) {
    return layer.name.empty() ? wordsOf(layer.kind) : text::name(layer.name);
}

int leftOf(const Item& item) {
    return std::max(0, item.count - item.cameWithout - item.broke - item.isIn.value_or(0));
}

bool isPhotoName(const std::string& name) {
    constexpr std::size_t digits = 64;
    const bool isOfPicture = name.size() == digits + 4 && (name.ends_with(".png") || name.ends_with(".jpg"));
    return isOfPicture && std::all_of(name.begin(), name.begin() + digits,
                                      [](char c) { return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'f'); });
}

const Layer* Opening::layer(int id) const {
    const auto found = std::find_if(layers.begin(), layers.end(), [&](const auto& one) { return one.id == id; });
    return found == layers.end() ? nullptr : &*found;
}

Layer* Opening::layer(int id) {
    return const_cast<Layer*>(std::as_const(*this).layer(id));
}

const Layer* Opening::layer(LayerKind kind) const {
    const auto found = std::find_if(layers.begin(), layers.end(), [&](const auto& one) { return one.kind == kind; });
    return found == layers.end() ? nullptr : &*found;
}

const Item* Opening::item(int id) const {
    for (const auto& layer : layers) {
        for (const auto& item : layer.items) {
            if (item.id == id) {
                return &item;
            }
        }
    }
    return nullptr;
}

Item* Opening::item(int id) {
    return const_cast<Item*>(std::as_const(*this).item(id));
}

bool isOpen(const Opening& opening) {
    return std::any_of(opening.layers.begin(), opening.layers.end(),
                       [](const auto& layer) { return layer.state == Layer::State::Off; });
}

namespace {

/// The layer of a kind, and of its name where it has one; made in its place where there is none.
Layer& layerFor(Opening& opening, LayerKind kind, const std::string& name, int current) {
    auto& layers = opening.layers;
    const auto same = std::find_if(layers.begin(), layers.end(),
                                   [&](const auto& layer) { return layer.kind == kind && layer.name == name; });
    if (same != layers.end()) {
        return *same;
    }
    auto behind = layers.end();
    if (kind == LayerKind::Other) {  // below the one in front
        behind = std::find_if(layers.begin(), layers.end(), [&](const auto& layer) { return layer.id == current; });
        behind = behind == layers.end() ? behind : behind + 1;
    } else {
        behind = std::find_if(layers.begin(), layers.end(),
                              [&](const auto& layer) { return layer.kind > kind && layer.kind != LayerKind::Other; });
    }
    return *layers.insert(behind, Layer{opening.nextId++, kind, name, {}, Layer::State::On});
}

}  // namespace

int add(Opening& opening, const LayerLine& said, int current) {
    Layer* layer = said.kind ? &layerFor(opening, *said.kind, said.name, current) : opening.layer(current);
    if (layer == nullptr) {
        return 0;
    }
    for (Item item : said.items) {
        item.id = opening.nextId++;
        layer->items.push_back(std::move(item));
    }
    return layer->id;
}

void takeOff(Opening& opening, int layer, const std::string& at) {
    auto* off = opening.layer(layer);
    if (off == nullptr || off->state == Layer::State::Off) {
        return;
    }
    off->state = Layer::State::Off;
    for (auto& item : off->items) {
        if (item.isIn) {  // what stayed out when it was last closed is not there to come out again
            item.cameWithout = item.count - *item.isIn;
            item.broke = 0;
        }
        item.isIn.reset();
        item.signedOff.clear();
    }
    opening.ticks.push_back({"off:" + std::to_string(layer), at});
}

void putBack(Opening& opening, int layer, const std::string& at) {
    auto* back = opening.layer(layer);
    if (back == nullptr || back->state != Layer::State::Off) {
        return;
    }
    back->state = Layer::State::Back;
    opening.ticks.push_back({"back:" + std::to_string(layer), at});
}

void removeLayer(Opening& opening, int layer) {
    std::erase_if(opening.layers, [&](const auto& one) { return one.id == layer; });
}

void removeItem(Opening& opening, int item) {
    for (auto& layer : opening.layers) {
        std::erase_if(layer.items, [&](const auto& one) { return one.id == item; });
    }
}

std::vector<Out> outAndNotIn(const Opening& opening) {
    std::vector<Out> all;
    for (const auto& layer : opening.layers) {
        for (const auto& item : layer.items) {
            if (layer.state == Layer::State::On) {
                continue;
            }
            const Text what = item.size.empty() ? wordsOf(item.what) : text::name(item.size);
            auto same = std::find_if(all.begin(), all.end(), [&](const auto& out) { return out.what == what; });
            same = same == all.end() ? all.insert(same, {what, 0, 0}) : same;
            same->out += leftOf(item);
            same->of += item.count;
        }
    }
    std::stable_sort(all.begin(), all.end(), [](const auto& a, const auto& b) { return a.out > b.out; });
    return all;
}

Text wordsOf(What what) {
    switch (what) {
        case What::Screw:
            return say("screws");
        case What::Nut:
            return say("nuts");
        case What::Clip:
            return say("clips");
        case What::Lever:
            return say("levers");
        case What::Pin:
            return say("pins");
        case What::Foil:
            return say("foils");
        case What::Tape:
            return say("tapes");
        case What::Cable:
            return say("flat cables");
        case What::Plug:
            return say("plugs");
        case What::Film:
            return say("film");
        case What::Loose:
            break;
    }
    return say("loose");
}

Text wordsOf(Place place) {
    switch (place) {
        case Place::Unsaid:
            return {};
        case Place::Around:
            return say("around the edge");
        case Place::Top:
            return say("upper edge");
        case Place::Bottom:
            return say("lower edge");
        case Place::Left:
            return say("left edge");
        case Place::Right:
            return say("right edge");
        case Place::Corners:
            return say("in the corners");
        case Place::Middle:
            return say("in the middle");
        case Place::Stand:
            return say("at the stand");
        case Place::UnderBoard:
            break;
    }
    return say("under a board");
}

Text wordsOf(Corner corner) {
    switch (corner) {
        case Corner::Unsaid:
            return {};
        case Corner::TopLeft:
            return say("notch top left");
        case Corner::TopRight:
            return say("notch top right");
        case Corner::BottomLeft:
            return say("notch bottom left");
        case Corner::BottomRight:
            break;
    }
    return say("notch bottom right");
}

Text wordsOf(Side side) {
    switch (side) {
        case Side::Unsaid:
            return {};
        case Side::DullUp:
            return say("dull side up");
        case Side::DullDown:
            return say("dull side down");
        case Side::Alike:
            break;
    }
    return say("both sides alike");
}

Text wordsOf(Lines lines) {
    return lines == Lines::Unsaid ? Text() : lines == Lines::Across ? say("lines across") : say("lines along");
}

Text wordsOf(const Item& item) {
    std::vector<Text> words;
    if (item.what == What::Film) {
        words.push_back(item.words.empty() ? wordsOf(What::Film) : text::name(item.words));
    } else if (item.what == What::Loose && !item.words.empty()) {
        words.push_back(say("{} × {}", item.count, item.words));
    } else {
        words.push_back(say("{} × {}", item.count, item.size.empty() ? wordsOf(item.what) : text::name(item.size)));
    }
    const bool isSaid = item.what == What::Film || item.what == What::Loose;
    const bool isSized = !item.size.empty() && item.what != What::Screw;
    for (const auto& more : {isSized ? wordsOf(item.what) : Text(), item.head.empty() ? Text() : text::name(item.head),
                             wordsOf(item.place), wordsOf(item.lines), wordsOf(item.side), wordsOf(item.notch),
                             isSaid || item.words.empty() ? Text() : text::name(item.words)}) {
        if (!more.empty()) {
            words.push_back(more);
        }
    }
    return text::joined(words);
}

}  // namespace dimglow::hands
