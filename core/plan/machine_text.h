#pragma once
// What the machine is made of, as people type it: "Deck box, plastic, sealed, 220 × 140 × 80 mm, wall 3 mm,
// in Hull" and "Deck hole, 12 mm gland, in Deck box".
#include <tl/expected.hpp>

#include "base/units/number.h"
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Reads a body. Its name comes first; between commas stand its material (plastic, wood, metal, fabric or
/// foam), “sealed” or “open”, three outside measures of 1 mm to 100 m, “wall” and 0.1 to 1000 mm, and “in”
/// and the body around it. What is not said is as a new body has it. Id and keys of others are those of
/// `like`. The error says where and what would be right.
tl::expected<Body, ParseError> parse_body(const Plan& plan, const Body& like, std::string_view text);
/// The same back: what the editor opens with.
std::string body_line(const Plan& plan, const Body& body);

/// Reads an opening: a bore of 0.5 to 1000 mm, “hole”, “grommet” or “gland”, and “in” and the body whose wall
/// it is in, “already” and “later” and how thick what runs there and what room is kept for is, each once or
/// more, in any order between commas or blanks; what else stands first is its name.
tl::expected<Opening, ParseError> parse_opening(const Plan& plan, const Catalogue& catalogue,
                                                const Opening& like, std::string_view text);
std::string opening_line(const Plan& plan, const Opening& opening);

}  // namespace sangre
