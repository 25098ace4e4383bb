#pragma once
// Lines of whatever a plan calls by an id: looked at, changed, added.
#include "line/line.h"

namespace sangre {

struct ThingLine {
    const LineKind* kind = nullptr;
    std::vector<LineChip> chips;      ///< the head first
    std::string text;                 ///< all of them
    std::vector<const Fact*> unsaid;  ///< what else can be said of it
};

/// Of the thing of that id: a part, a lead, an item in one, a body, place, opening, way, phase, own step or
/// reading. Of an empty id the plan itself. Nothing where no line says such a thing.
std::optional<ThingLine> line_of(const LineContext& context, const Id& id);

/// The plan with that thing read anew from its line; the error points into it.
tl::expected<Plan, ParseError> with_line(const LineContext& context, const Id& id, std::string_view line);

/// The same with one chip of its line said otherwise; an empty text takes that chip off. The error points
/// into `text`.
tl::expected<Plan, ParseError> with_chip(const LineContext& context, const Id& id, size_t chip,
                                         std::string_view text);

}  // namespace sangre
