#pragma once
// A source as people type it: "8S LFP 35 Ah", "brick 12 V 5 A", "circuit 11–14.6 V 15 A fuse with the key",
// "panel 20 W 2–5 h".
#include <tl/expected.hpp>

#include "base/units/parse.h"
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Reads a source. Its kind is the word supply, brick or adapter; circuit, tap or socket; panel or solar;
/// pack, battery or none of them for cells. Of a supply or circuit: volts (a range, or one voltage: a
/// supply's ±5 %, a circuit's that of a vehicle's battery of that name), amperes (of a circuit with “fuse”),
/// what it feeds already (“already 2 A”), its wire and length, “with the key” or “always”. Of a panel: watts,
/// hours of sun on a poor and a good day, its controller's volts. What is not said stays as in `like` where
/// that is of the same kind. The error says where and what would be right.
tl::expected<Source, ParseError> parse_source(const Catalogue& catalogue, const Source& like,
                                              std::string_view text);

/// The same back: what the editor opens with.
std::string source_line(const Source& source, const Catalogue& catalogue);

}  // namespace sangre
