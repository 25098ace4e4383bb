#pragma once
// What is drawn on a side of the machine, to scale: lines of ways that measure themselves, and zones that
// they go through.
#include <tl/expected.hpp>

#include "plan/plan.h"

namespace sangre {

/// A point of a side, in shares of its width and of its height, 0 to 1.
struct SidePoint {
    double x = 0, y = 0;
    bool operator==(const SidePoint&) const = default;
};

/// The points between a way's ends; nothing where they cannot be read.
std::optional<std::vector<SidePoint>> bends_of(const Way& way);
std::string bends_text(const std::vector<SidePoint>& bends);
/// What they look like, for somebody whose bends cannot be read.
std::string bends_wanted();

/// The side that a place is drawn on: its own, else the first; null where there is none.
const Side* side_of(const Plan& plan, const Place& place);
/// The side that a zone lies on, likewise.
const Side* side_of(const Plan& plan, const Zone& zone);
/// The line of a way from end to end; empty where its ends are on no side or on two.
std::vector<SidePoint> line_of_way(const Plan& plan, const Way& way);

/// Metres between two points of a side whose scale is known.
Metre distance_on(const Side& side, SidePoint a, SidePoint b);
/// What a way's line measures with its rise, rounded up to a centimetre; nothing where the scale is not
/// known.
std::optional<Metre> drawn_length(const Plan& plan, const Way& way);

/// A zone that a way's line goes through.
struct ZoneMet {
    size_t zone = 0;   ///< of the plan's
    double share = 0;  ///< the middle of its stretch in it, along the line, 0 to 1
};
std::vector<ZoneMet> zones_met(const Plan& plan, const Way& way);

/// Every way that is drawn as long as its line, and what ways meet in zones written down anew.
Plan as_drawn(Plan plan);

/// The scale by two points whose distance is known. An error where they are one point, or the distance is
/// none.
tl::expected<Plan, std::string> set_scale(Plan plan, const Id& side, SidePoint a, SidePoint b,
                                          Metre distance);

Plan put_side(Plan plan, Side side);
/// One more side, called after how many there are.
Side another_side(const Plan& plan);
/// A picture of that height over width behind a side, or behind a first one where there is none of that id.
/// Its scale stays where the shape is the same, as of a sharper picture of the same; else nobody has said it.
Plan put_picture(Plan plan, const Id& side, std::string file, double tall);
/// What was drawn on it is then on the first; zones on it go.
Plan remove_side(Plan plan, const Id& side);
Plan put_zone(Plan plan, Zone zone);
Plan remove_zone(Plan plan, const Id& zone);
/// The zone so far off, and no farther than its side reaches.
Zone moved_by(Zone zone, double dx, double dy);
/// The zone with its lower right corner there, and no smaller than can be taken hold of.
Zone with_corner(Zone zone, SidePoint corner);
/// The way is then as long as its line, where the scale is known.
Plan set_bends(Plan plan, const Id& way, const std::vector<SidePoint>& bends);
/// Every way that has a line to scale is as long as it from now on.
Plan measure_by_lines(Plan plan);

}  // namespace sangre
