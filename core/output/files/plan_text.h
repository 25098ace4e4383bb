#pragma once
// A whole plan as text that people read and write, one line a thing.
#include <set>
#include <span>
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Every thing a line, what belongs to it on lines beneath, in the order bodies, places, openings, ways,
/// parts, leads, phases, own steps and readings, records. Ids are said where names do not tell them.
std::string plan_to_text(const Plan& plan, const Catalogue& catalogue);

/// What cannot be read: where in the text (bytes), its line from 1, and what would be right.
struct TextError {
    size_t line = 0, begin = 0, end = 0;
    std::string message;
};
/// "line 12: there is no part “Pmup”; “Pump” is there".
std::string error_text(const TextError& error);

/// The lines of the things of these ids alone, and of what belongs to them.
std::string things_to_text(const Plan& plan, const Catalogue& catalogue, const std::set<Id>& things);

/// Reads such text; blank lines and those that begin with “--” say nothing. What it says is added to `onto`,
/// whose things it may name; its line “plan” and “practices” take the place of those there. The same checks
/// as a plan file's hold of what comes of it. plan_from_text(plan_to_text(p)) is p.
/// A name that something of `onto` has already gets a number; loads run in the phases in which the others do.
/// Items that stand beneath no lead of the text go into the lead `beneath`, what is met onto that way.
tl::expected<Plan, TextError> plan_from_text(std::string_view text, const Catalogue& catalogue,
                                             const Plan& onto = {}, const Id& beneath = {});

/// True where some line begins with the word of a kind: worth reading as a plan's text.
bool looks_like_plan_text(std::string_view text);

/// A line as people type it, and the kind that it makes.
struct LineExample {
    std::string_view kind, line;
};
std::span<const LineExample> line_examples();

/// The language as a page of the handbook, from the tables of facts.
std::string lines_handbook();

}  // namespace sangre
