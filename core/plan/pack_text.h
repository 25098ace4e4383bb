#pragma once
// A pack as people type it: "8S2P LFP 35 Ah", "6S 5000 mAh pouch", "12 V AGM 20 Ah".
#include <tl/expected.hpp>

#include "base/units/parse.h"
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Reads cells in series (or a voltage near that of whole cells), in parallel, chemistry (its name, short
/// name or id, or the front of one) and capacity of the whole pack, in any order; what is not said stays as
/// in `like`. Last may stand its charger, “charger 29.2 V 5 A”, or “no charger”. The error says where and
/// what would be right.
tl::expected<Source, ParseError> parse_pack(const Catalogue& catalogue, const Source& like,
                                            std::string_view text);

/// The same back: what the editor opens with.
std::string pack_line(const Source& battery, const Chemistry& chemistry);

}  // namespace sangre
