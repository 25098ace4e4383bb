#pragma once
// Edits of what the machine is made of: each takes a plan and gives the changed one.
#include "plan/plan.h"

namespace sangre {

/// Adds it, with an id of its own where it has none, or replaces the one with its id.
Plan put_body(Plan plan, Body body);
/// What was in it is then in what it was in itself; openings in its wall belong to nobody.
Plan remove_body(Plan plan, const Id& body);
Plan set_place_body(Plan plan, const Id& place, const Id& body);

Plan move_place(Plan plan, const Id& place, double x, double y);
Plan put_place(Plan plan, Place place);
/// Without its ways; what stood there stands nowhere.
Plan remove_place(Plan plan, const Id& place);
Plan set_part_place(Plan plan, const Id& part, const Id& place);

Plan put_way(Plan plan, Way way);
/// Without the openings that only this way went through and that have no name; leads pinned to it find their
/// own way again.
Plan remove_way(Plan plan, const Id& way);

Plan put_opening(Plan plan, Opening opening);
/// Has that way go through it, at a distance from its first end or somewhere; a new one gets an id.
Plan add_opening(Plan plan, const Id& way, Opening opening, std::optional<Metre> at = {});
/// Takes the thing of that index off the way, and its opening where no other way goes through it and it has
/// no name.
Plan remove_from_way(Plan plan, const Id& way, size_t thing);

}  // namespace sangre
