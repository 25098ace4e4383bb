#pragma once
// What the machine is made of, as far as wires mind it: bodies with walls, places in them, measured ways
// between places, and the openings that ways go through.
#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "base/units/quantity.h"
#include "base/words/say.h"
#include "physics/parts/id.h"

namespace sangre {

enum class BodyMaterial { plastic, wood, metal, fabric, foam };
constexpr auto names(BodyMaterial) {
    return std::to_array<std::pair<BodyMaterial, std::string_view>>(
        {{BodyMaterial::plastic, to_say("plastic")},
         {BodyMaterial::wood, to_say("wood")},
         {BodyMaterial::metal, to_say("metal")},
         {BodyMaterial::fabric, to_say("fabric")},
         {BodyMaterial::foam, to_say("foam")}});
}

/// A box, hull, frame or arm.
struct Body {
    Id id;
    std::string name;
    BodyMaterial material = BodyMaterial::plastic;
    bool sealed = false;                     ///< against water and dust
    Millimetre length{}, width{}, height{};  ///< outside; 0: not measured
    Millimetre wall{};                       ///< its thickness; 0: not measured
    Id in{};                                 ///< the body that this one is inside of; empty: none
    bool sun = false;                        ///< the sun shines on it
    SquareMillimetre vents{};                ///< openings that let air in, and as much that let it out
    double fan = 0;                          ///< air that a fan moves through it, m³/h
    bool open = false;                       ///< a frame or an arm: no lid hides what is in it
    std::string extra{};
    bool operator==(const Body&) const = default;
};

/// A spot in the machine, seen from above: x and y from 0 (left, front) to 1 (right, rear).
struct Place {
    Id id;
    std::string name;
    double x = 0.5;
    double y = 0.5;
    std::string extra{};
    Id body{};          ///< that it is in; empty: nobody has said
    Id side{};          ///< that it is drawn on; empty: the first
    Id under{};         ///< the place whose parts come off before this is reached; empty: none
    Millimetre tall{};  ///< of the tallest thing that stands there, its board included; 0: nobody has said
    bool operator==(const Place&) const = default;
};

/// The machine from one side, on plain paper or on a picture, that places, ways and zones are drawn on.
struct Side {
    Id id;
    std::string name;
    std::string picture;  ///< name of a file beside the plan; empty: plain paper
    Metre across{};       ///< what lies between x = 0 and x = 1; 0: nobody has said
    double tall = 0.6;    ///< its height over its width
    std::string extra{};
    bool operator==(const Side&) const = default;
};

/// A bare hole, one with a grommet in it, or a gland.
enum class OpeningKind { hole, grommet, gland };
constexpr auto names(OpeningKind) {
    return std::to_array<std::pair<OpeningKind, std::string_view>>({{OpeningKind::hole, to_say("hole")},
                                                                    {OpeningKind::grommet, to_say("grommet")},
                                                                    {OpeningKind::gland, to_say("gland")}});
}

/// Where a wall is passed, by one way or by several.
struct Opening {
    Id id;
    std::string name;  ///< empty: after the way that goes through it
    Id body;           ///< whose wall; empty: nobody has said
    OpeningKind kind = OpeningKind::grommet;
    Millimetre bore{};  ///< that wires go through; 0: not measured
    std::string extra{};
    std::vector<Millimetre> already{};  ///< outer diameters of what runs through it beside this plan's leads
    std::vector<Millimetre> later{};    ///< of what room is kept for
    bool operator==(const Opening&) const = default;
};

enum class OnWayKind {
    opening,
    hinge,
    heat,
    edge,
    turning,
    clip,
    aerial,
    water,
    fuel,
    airbag,
    compass,
    corner,
    knot
};
constexpr auto names(OnWayKind) {
    return std::to_array<std::pair<OnWayKind, std::string_view>>({{OnWayKind::opening, "opening"},
                                                                  {OnWayKind::hinge, "hinge"},
                                                                  {OnWayKind::heat, "heat"},
                                                                  {OnWayKind::edge, "edge"},
                                                                  {OnWayKind::turning, "turning"},
                                                                  {OnWayKind::clip, "clip"},
                                                                  {OnWayKind::aerial, "aerial"},
                                                                  {OnWayKind::water, "water"},
                                                                  {OnWayKind::fuel, "fuel"},
                                                                  {OnWayKind::airbag, "airbag"},
                                                                  {OnWayKind::compass, "magnetic-sensor"},
                                                                  {OnWayKind::corner, "corner"},
                                                                  {OnWayKind::knot, "knot"}});
}

/// What a way meets.
struct OnWay {
    OnWayKind kind = OnWayKind::opening;
    std::optional<Metre> at{};  ///< from the way's first end; absent: somewhere on it
    Id opening{};               ///< of an opening
    std::string extra{};
    std::optional<Celsius> hot{};  ///< of a hot place: how hot it gets; absent: nobody has said
    double degrees = 0;            ///< of what moves: how far it turns; 0: nobody has said
    Millimetre off{};              ///< how far off leads lie from it; 0: nobody has said
    Id zone{};                     ///< that it is met in, where the way is drawn through one; else empty
    Millimetre radius{};           ///< of a corner: its inside; 0: nobody has said
    bool operator==(const OnWay&) const = default;
};

/// A measured way between two places, and what is on it.
struct Way {
    Id id;
    Id from, to;
    Metre length{};
    std::vector<OnWay> on_it{};
    std::string extra{};
    bool drawn = false;   ///< its length is that of its line on the picture, and follows it
    std::string bends{};  ///< points of its line between its ends, "0.31,0.4 0.5,0.42", in shares of its side
    Metre rise{};         ///< what it goes up or down besides
    bool operator==(const Way&) const = default;
};

/// An area of a side that ways are drawn through: they meet there what it is.
struct Zone {
    Id id;
    std::string name;
    OnWayKind kind = OnWayKind::heat;
    Id side{};                                                ///< empty: the first
    double left = 0.4, top = 0.4, width = 0.2, height = 0.2;  ///< in shares of its side
    std::optional<Celsius> hot{};                             ///< as of what is on a way
    double degrees = 0;
    std::string extra{};
    bool operator==(const Zone&) const = default;
};

/// "opening", "hinge", "hot place", "sharp edge".
const char* on_way_word(OnWayKind kind);
/// The same with what is known of it: "hot place of 90 °C", "hinge that turns 120°".
Words on_way_words(const OnWay& thing);
/// "12 mm gland", "hole not measured yet".
Words opening_size(const Opening& opening);
/// True where something of that kind is on it.
bool meets(const Way& way, OnWayKind kind);

}  // namespace sangre
