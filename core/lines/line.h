#pragma once
// Any thing of a plan as one line, printed and read: “Hub → Fog pump, 18 AWG silicone, 0.95 m, label P1”.
#include <tl/expected.hpp>

#include "base/units/number.h"
#include "base/words/say.h"
#include "lines/facts.h"

namespace sangre {

/// What names in a line are looked up in. Both must outlive it.
struct LineContext {
    LineContext(const Plan& of, const Catalogue& parts) : plan(of), catalogue(parts), names(of, parts) {}
    const Plan& plan;
    const Catalogue& catalogue;
    LineNames names;
};

/// A clause of a line, and what it says.
struct LineChip {
    const Fact* fact = nullptr;  ///< null for the line's head
    std::string text;
};

/// The head of its line, then what differs from a new thing of that head.
template <class Thing>
std::vector<LineChip> line_chips(const LineContext& context, const Thing& thing);

/// The chips, parted by commas. What is on lines of its own (items, cores, what a way meets, terminals) and
/// ids are not in it.
template <class Thing>
std::string thing_line(const LineContext& context, const Thing& thing);

/// Reads a line of that kind. What it does not say is as a new thing has it; id, kept keys and what is on
/// lines of its own are those of `like`. The error says where in the line and what would be right; nothing
/// that is not understood is left out.
template <class Thing>
tl::expected<Thing, ParseError> read_thing(const LineContext& context, const Thing& like,
                                           std::string_view line);

/// What its line has to say and does not; empty where all is said.
template <class Thing>
std::string still_missing(const Thing& thing) {
    // A splice is known by its joint.
    if constexpr (std::is_same_v<Thing, Device>)
        if (thing.kind == DeviceKind::splice) return {};
    if constexpr (requires { thing.type; })
        if (thing.type.empty()) return say("which one of the catalogue is missing: say “type” and its name");
    return {};
}

/// The facts that can be said of such a thing: of a source those of its kind.
template <class Thing>
std::vector<const Fact*> sayable(const LineContext& context, const Thing& thing);

}  // namespace sangre
