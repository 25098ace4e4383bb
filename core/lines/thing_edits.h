#pragma once
// Lines of whatever a plan calls by an id: looked at, changed, added.
#include "lines/line.h"

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

/// What the lines of several things of one kind share: chips that all of them have, and no head; `text` is
/// empty. Nothing where they are of several kinds.
std::optional<ThingLine> shared_line(const LineContext& context, const std::vector<Id>& ids);

/// The plan with every one of them saying `text` in place of its chip `was`; empty where it is to be said
/// anew. An empty text takes the chip off.
tl::expected<Plan, ParseError> with_shared_chip(const LineContext& context, const std::vector<Id>& ids,
                                                std::string_view was, std::string_view text);

}  // namespace sangre
