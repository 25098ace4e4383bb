// Where else a hub or a module could stand, and a module that heats its own box.
#include "proposal/placement.h"

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

void stands_badly(const Context& c, std::vector<Finding>& out) {
    for (const auto& e : better_places(c.plan, c.catalogue)) {
        Finding f{
            Severity::note,
            {},
            {e.part},
            say("{part} at {place} instead of {place_2} takes {length} less wire.", c.index().name(e.part),
                name_of(c.plan, e.place), name_of(c.plan, place_of(c.plan, e.part)), format(e.now - e.then)),
            {},
            {}};
        f.why.add(
            say("All leads that end at it, by the measured ways, in the wires that they have: {wire_now} of "
                "{now} now, "
                "{wire_then} of {then} there.",
                format(e.wire_now), format(e.now), format(e.wire_then), format(e.then)));
        f.why.add(say("Shorter leads lose less, too; whether it fits there, and stays cool, you see."));
        f.fixes.push_back(
            {say("Move it to {part}", name_of(c.plan, e.place)),
             [part = e.part, place = e.place](const Plan& p) { return set_part_place(p, part, place); }});
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::elsewhere{
    {"part-elsewhere", to_say("Hubs and converters are placed where they need the least wire"), stands_badly},
};

}  // namespace sangre
