#include "core/hands/opening_json.h"

#include <unordered_set>

namespace dimglow::hands {

using format::Fields;
using format::Range;
using nlohmann::json;
using text::say;

namespace {

const std::vector<const char*> kindWords = {"back",     "boards",     "brackets",  "frame",  "glass", "films",
                                            "diffuser", "lightGuide", "reflector", "strips", "lamps", "other"};
const std::vector<const char*> stateWords = {"on", "off", "back"};
const std::vector<const char*> whatWords = {"screw", "nut",   "clip", "lever", "pin",  "foil",
                                            "tape",  "cable", "plug", "film",  "loose"};
const std::vector<const char*> placeWords = {"unsaid", "around",  "top",    "bottom", "left",
                                             "right",  "corners", "middle", "stand",  "underBoard"};
const std::vector<const char*> cornerWords = {"unsaid", "topLeft", "topRight", "bottomLeft", "bottomRight"};
const std::vector<const char*> sideWords = {"unsaid", "dullUp", "dullDown", "alike"};
const std::vector<const char*> lineWords = {"unsaid", "across", "along"};
const std::vector<const char*> adhesiveWords = {"unsaid", "none", "tape", "glue"};

constexpr std::size_t mostLayers = 60;
constexpr std::size_t mostItems = 200;  ///< of one layer
constexpr std::size_t mostTicks = 2000;
constexpr std::size_t mostPhotos = 300;
constexpr std::size_t longestWord = 80;
constexpr std::size_t longestLine = 400;
constexpr Range count{1, 500};
constexpr Range ids{1, 1e6};
constexpr Range read{-1e6, 1e6};
constexpr Range minutes{0, 1e5};

void writeText(json& object, const char* member, const std::string& text) {
    if (!text.empty()) {
        object[member] = text;
    }
}

void writeWord(json& object, const char* member, const std::vector<const char*>& words, int value) {
    if (value != 0) {
        object[member] = words[std::size_t(value)];
    }
}

json itemJson(const Item& item) {
    json result = {{"id", item.id}, {"what", whatWords[std::size_t(item.what)]}, {"count", item.count}};
    writeText(result, "size", item.size);
    writeText(result, "head", item.head);
    writeWord(result, "place", placeWords, int(item.place));
    writeText(result, "words", item.words);
    writeWord(result, "notch", cornerWords, int(item.notch));
    writeWord(result, "side", sideWords, int(item.side));
    writeWord(result, "lines", lineWords, int(item.lines));
    for (const auto& [member, value] : {std::pair("cameWithout", item.cameWithout), {"broke", item.broke}}) {
        if (value > 0) {
            result[member] = value;
        }
    }
    if (item.isIn) {
        result["in"] = *item.isIn;
    }
    writeText(result, "signedOff", item.signedOff);
    return result;
}

Item readItem(Fields fields) {
    Item item;
    item.id = fields.integer("id");
    item.what = What(fields.choice("what", whatWords));
    item.count = fields.integer("count", 1);
    item.size = fields.text("size", "");
    item.head = fields.text("head", "");
    item.place = Place(fields.choice("place", placeWords, 0));
    item.words = fields.text("words", "");
    item.notch = Corner(fields.choice("notch", cornerWords, 0));
    item.side = Side(fields.choice("side", sideWords, 0));
    item.lines = Lines(fields.choice("lines", lineWords, 0));
    item.cameWithout = fields.integer("cameWithout", 0);
    item.broke = fields.integer("broke", 0);
    item.isIn = fields.has("in") ? std::optional(fields.integer("in")) : std::nullopt;
    item.signedOff = fields.text("signedOff", "");
    return item;
}

void checkItem(const format::Check& at, const Item& item) {
    at.number("id", item.id, ids);
    at.number("count", item.count, count);
    at.text("size", item.size, longestWord);
    at.text("head", item.head, longestWord);
    at.text("words", item.words, longestLine);
    at.text("signedOff", item.signedOff, longestLine);
    constexpr Range some{0, count.most};
    at.number("cameWithout", item.cameWithout, some);
    at.number("broke", item.broke, some);
    if (item.isIn) {
        at.number("in", *item.isIn, some);
    }
    if (item.isIn.value_or(0) > item.count) {
        at.report("in", say("more are in than there are places"));
    }
    if (item.cameWithout + item.broke > item.count) {
        at.report("broke", say("more came without or broke than there are places"));
    }
}

}  // namespace

json toJson(const Opening& opening) {
    json layers = json::array();
    for (const auto& layer : opening.layers) {
        json items = json::array();
        for (const auto& item : layer.items) {
            items.push_back(itemJson(item));
        }
        layers.push_back({{"id", layer.id},
                          {"kind", kindWords[std::size_t(layer.kind)]},
                          {"state", stateWords[std::size_t(layer.state)]},
                          {"items", std::move(items)}});
        writeText(layers.back(), "name", layer.name);
    }
    json ticks = json::array();
    for (const auto& tick : opening.ticks) {
        json one = {{"what", tick.what}, {"at", tick.at}};
        if (tick.isBad) {
            one["bad"] = true;
        }
        writeText(one, "said", tick.said);
        for (const auto& [member, value] : {std::pair("read", tick.read), {"worked", tick.worked}}) {
            if (value) {
                one[member] = *value;
            }
        }
        ticks.push_back(std::move(one));
    }
    json photos = json::array();
    for (const auto& photo : opening.photos) {
        photos.push_back({{"name", photo.name}, {"of", photo.of}, {"words", photo.words}});
    }
    json result = {{"layers", std::move(layers)},
                   {"nextId", opening.nextId},
                   {"ticks", std::move(ticks)},
                   {"photos", std::move(photos)}};
    writeText(result, "way", opening.way);
    writeWord(result, "adhesive", adhesiveWords, int(opening.adhesive));
    if (opening.people > 0) {
        result["people"] = opening.people;
    }
    return result;
}

Opening readOpening(Fields fields) {
    Opening opening;
    opening.nextId = fields.integer("nextId", 1);
    opening.way = fields.text("way", "");
    opening.people = fields.integer("people", 0);
    opening.adhesive = Adhesive(fields.choice("adhesive", adhesiveWords, 0));
    fields.forEach("layers", mostLayers, [&](Fields of) {
        Layer layer;
        layer.id = of.integer("id");
        of.keepById(layer.id);
        layer.kind = LayerKind(of.choice("kind", kindWords));
        layer.name = of.text("name", "");
        layer.state = Layer::State(of.choice("state", stateWords, 0));
        of.forEach("items", mostItems, [&](Fields item) { layer.items.push_back(readItem(std::move(item))); });
        opening.layers.push_back(std::move(layer));
    });
    fields.forEach("ticks", mostTicks, [&](Fields of) {
        opening.ticks.push_back({of.text("what"), of.text("at"), of.flag("bad", false), of.maybeNumber("read"),
                                 of.text("said", ""), of.maybeNumber("worked")});
    });
    fields.forEach("photos", mostPhotos, [&](Fields of) {
        opening.photos.push_back({of.text("name"), of.text("of", ""), of.text("words", "")});
    });
    return opening;
}

void check(const format::Check& at, const Opening& opening) {
    at.number("nextId", opening.nextId, ids);
    at.text("way", opening.way, longestWord);
    at.number("people", opening.people, {0, 4});
    at.count("layers", opening.layers.size(), mostLayers);
    at.count("ticks", opening.ticks.size(), mostTicks);
    at.count("photos", opening.photos.size(), mostPhotos);
    std::unordered_set<int> known;
    const auto checkId = [&](const format::Check& of, int id) {
        if (!known.insert(id).second) {
            of.report("id", say("{} is used twice", id));
        } else if (id >= opening.nextId) {
            of.report("id", say("{} is not below the next one, {}", id, opening.nextId));
        }
    };
    for (std::size_t i = 0; i < opening.layers.size(); ++i) {
        const auto& layer = opening.layers[i];
        const auto of = at.at("layers", i);
        of.number("id", layer.id, ids);
        checkId(of, layer.id);
        of.text("name", layer.name, longestWord);
        of.count("items", layer.items.size(), mostItems);
        for (std::size_t j = 0; j < layer.items.size(); ++j) {
            checkItem(of.at("items", j), layer.items[j]);
            checkId(of.at("items", j), layer.items[j].id);
        }
    }
    for (std::size_t i = 0; i < opening.ticks.size(); ++i) {
        const auto& tick = opening.ticks[i];
        at.at("ticks", i).text("what", tick.what, longestWord);
        at.at("ticks", i).text("at", tick.at, longestWord);
        at.at("ticks", i).text("said", tick.said, longestWord);
        at.at("ticks", i).number("read", tick.read, read);
        at.at("ticks", i).number("worked", tick.worked, minutes);
    }
    for (std::size_t i = 0; i < opening.photos.size(); ++i) {
        const auto& photo = opening.photos[i];
        at.at("photos", i).text("of", photo.of, longestWord);
        at.at("photos", i).text("words", photo.words, longestLine);
        if (!isPhotoName(photo.name)) {
            at.at("photos", i).report("name", say("is no name of a picture"));
        }
    }
}

}  // namespace dimglow::hands
