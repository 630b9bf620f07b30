#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/text/text.h"

/// \file
/// A set as it comes apart under the hands: its layers, what holds each of them, and what of that is out, back or
/// broken. All of it is what the technician said.
///
///     hands::Opening opening;
///     hands::add(opening, std::get<hands::LayerLine>(hands::readLayerLine("back: 14 × M3×8 edge")), 0);
///     hands::takeOff(opening, opening.layers.front().id, "2026-11-30T14:10:00Z");

namespace dimglow::hands {

/// From the back to the LEDs, in the order they come off.
enum class LayerKind {
    Back,
    Boards,
    Brackets,
    Frame,
    Glass,
    Films,
    Diffuser,
    LightGuide,
    Reflector,
    Strips,
    Lamps,
    Other,  ///< by its own name
};
inline constexpr int layerKindCount = 12;
/// As files and typed lines call it: "back", "lightGuide".
const char* idOf(LayerKind kind);
/// "back", "light guide".
text::Text wordsOf(LayerKind kind);

/// What holds a layer, or lies in it.
enum class What { Screw, Nut, Clip, Lever, Pin, Foil, Tape, Cable, Plug, Film, Loose };
inline constexpr int whatCount = 11;
/// Where on the layer, seen from the back.
enum class Place { Unsaid, Around, Top, Bottom, Left, Right, Corners, Middle, Stand, UnderBoard };
/// Where a film has its notch.
enum class Corner { Unsaid, TopLeft, TopRight, BottomLeft, BottomRight };
/// Which way a film lies.
enum class Side { Unsaid, DullUp, DullDown, Alike };
/// How the lines of a prism film run.
enum class Lines { Unsaid, Across, Along };

/// Things of one sort at one place of a layer; of films one sheet.
struct Item {
    int id = 0;  ///< in its opening
    What what = What::Screw;
    int count = 1;     ///< places for it
    std::string size;  ///< "M3×8"
    std::string head;
    Place place = Place::Unsaid;
    std::string words;  ///< whatever else was said of it
    Corner notch = Corner::Unsaid;
    Side side = Side::Unsaid;
    Lines lines = Lines::Unsaid;
    int cameWithout = 0;      ///< places that were empty when the set came
    int broke = 0;            ///< on the way: they need not go back
    std::optional<int> isIn;  ///< counted back in; empty while nobody has counted
    std::string signedOff;    ///< why what is left over stays out, in the technician's words
    bool operator==(const Item&) const = default;
};

/// What came out and neither broke nor is back in.
int leftOf(const Item& item);

/// A part of the set that comes off as one, with what holds it.
struct Layer {
    enum class State {
        On,
        Off,
        Back,  ///< put back
    };
    int id = 0;  ///< in its opening
    LayerKind kind = LayerKind::Back;
    std::string name;  ///< of LayerKind::Other
    std::vector<Item> items;
    State state = State::On;
    bool operator==(const Layer&) const = default;
};
/// Its kind in words, or the name it was given.
text::Text wordsOf(const Layer& layer);

/// Something that was done, and when.
struct Tick {
    std::string what;    ///< "off:3" and "back:3" of a layer by its id, "step:…", "check:…" and "look:…" of those
    std::string at;      ///< ISO 8601, UTC
    bool isBad = false;  ///< a check or look that did not come out right
    std::optional<double> read = {};    ///< the reading that proves it
    std::string said = {};              ///< which of the choices that a step offers
    std::optional<double> worked = {};  ///< of the time since the tick before, min, where somebody has said
    bool operator==(const Tick&) const = default;
};

/// A picture, kept beside the logbook under a name made of its content.
struct Photo {
    std::string name;  ///< SHA-256 in hex, and ".png" or ".jpg"
    std::string of;    ///< "layer:3", or the name of a part
    std::string words;
    bool operator==(const Photo&) const = default;
};
/// Whether it names a picture beside the logbook, and nothing outside of that folder.
bool isPhotoName(const std::string& name);

/// What the glass is stuck down with.
enum class Adhesive { Unsaid, None, Tape, Glue };

/// How far a set has been taken apart, and all that was done by hand since.
struct Opening {
    std::vector<Layer> layers;  ///< as they come off
    int nextId = 1;             ///< of layers and items
    std::string way;            ///< id of a way of opening; empty: the usual one
    int people = 0;             ///< who lift the glass; 0 while nobody has said
    Adhesive adhesive = Adhesive::Unsaid;
    std::vector<Tick> ticks;  ///< as they were done
    std::vector<Photo> photos;
    bool operator==(const Opening&) const = default;

    const Layer* layer(int id) const;
    Layer* layer(int id);
    const Item* item(int id) const;
    Item* item(int id);
    /// Of the first layer of a kind; null without one.
    const Layer* layer(LayerKind kind) const;
};

/// Whether anything of a set is off.
bool isOpen(const Opening& opening);

/// What a line said: a layer, if it named one, and what holds it.
struct LayerLine {
    std::optional<LayerKind> kind;
    std::string name;
    std::vector<Item> items;
};
/// Adds what a line said: to the layer that it names, which is made in its place where there is none, or to
/// \p current. \returns the id of that layer; 0, and nothing is added, where there is neither
int add(Opening& opening, const LayerLine& said, int current);

/// A layer comes off: what holds it is out from here on. Nothing where there is no such layer, or it is off.
void takeOff(Opening& opening, int layer, const std::string& at);
/// A layer goes back, as far as it was counted. Nothing where it is not off.
void putBack(Opening& opening, int layer, const std::string& at);
/// With its items; its pictures stay.
void removeLayer(Opening& opening, int layer);
/// With what was ticked of it. \pre it is there
void removeItem(Opening& opening, int item);

/// Things of one sort that are out, wherever they came from.
struct Out {
    text::Text what;  ///< "M3×8", "clips"
    int out = 0;
    int of = 0;  ///< places for them in layers that are off or were
};
/// Of all layers, most first.
std::vector<Out> outAndNotIn(const Opening& opening);

/// "screws", "clips" …
text::Text wordsOf(What what);
/// "at the edge", "top"; empty where it is not said.
text::Text wordsOf(Place place);
text::Text wordsOf(Corner corner);
text::Text wordsOf(Side side);
text::Text wordsOf(Lines lines);
/// "14 × M3×8 at the edge", "prism film, lines across, dull side up".
text::Text wordsOf(const Item& item);

}  // namespace dimglow::hands
