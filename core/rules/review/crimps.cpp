// What is pressed onto a wire's end closes on its insulation and goes on its stud.
#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/joint_places.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/crimp.h"

namespace sangre {
namespace {

/// Kinds of the same end that this wire's insulation does not matter to, the quickest first.
void other_kinds(const Context& c, size_t f, bool source, const JointKind& now, std::vector<Fix>& fixes) {
    const auto& feed = c.plan.leads[f];
    std::vector<const JointKind*> all;
    for (const auto& kind : c.catalogue.joints) {
        if (&kind == &now || kind.end != now.end || !takes(kind, lead_copper(c.catalogue, feed))) continue;
        const auto crimp = feed_crimp(c.plan, c.catalogue, feed, source, kind);
        if (crimp.grips && crimp.on_stud && missing_tools_of(kind, c.plan.practices).empty())
            all.push_back(&kind);
    }
    std::stable_sort(all.begin(), all.end(),
                     [](const auto* a, const auto* b) { return a->minutes < b->minutes; });
    for (const auto* kind : all)
        fixes.push_back({say("Use a {part}", kind->name), joint_set(feed.id, source, kind->id)});
}

void insulation_grip(const Context& c, std::vector<Finding>& out) {
    each_joint(c, [&](size_t f, bool source, const JointKind* kind) {
        if (!kind || kind->part.empty()) return;
        const auto& feed = c.plan.leads[f];
        const auto crimp = feed_crimp(c.plan, c.catalogue, feed, source, *kind);
        const auto* wire = find(c.catalogue.wires, feed.wire);
        if (!crimp.part || crimp.grips || !wire) return;
        const auto outer = bundled(wire->outer, std::max(feed.conductors, 1));
        const bool thick = outer > crimp.part->grip_most;
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("{place}: the insulation wings of a {part} suit {grip_least} to {grip_most}; the "
                      "insulation here is {outer}.",
                      joint_place(c, f, source), crimp.part->name, format(crimp.part->grip_least),
                      format(crimp.part->grip_most), format(outer)),
                  {},
                  {}};
        x.why.add(thick ? say("Wings that are too small cut into the insulation, and the contact jams in its "
                              "housing.")
                        : say("Wings that do not grip leave every pull to the strands."));
        other_kinds(c, f, source, *kind, x.fixes);
        out.push_back(std::move(x));
    });
}

void ring_for_stud(const Context& c, std::vector<Finding>& out) {
    each_joint(c, [&](size_t f, bool source, const JointKind* kind) {
        if (!kind || kind->part.empty()) return;
        const auto& feed = c.plan.leads[f];
        const auto crimp = feed_crimp(c.plan, c.catalogue, feed, source, *kind);
        if (!crimp.part || crimp.on_stud) return;
        auto stud = stud_at(c.plan, feed, source, false);
        const auto made = [&](Millimetre m) {
            const auto& studs = crimp.part->studs;
            return raw(m) <= 0 || std::find(studs.begin(), studs.end(), m) != studs.end();
        };
        if (made(stud)) stud = stud_at(c.plan, feed, source, true);
        Words sizes;
        for (const auto m : crimp.part->studs)
            sizes += fmt::format("{}M{:g}", sizes.empty() ? "" : ", ", raw(m));
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("{place}: a {part} is made for {sizes}; its stud is M{stud:g}.",
                      joint_place(c, f, source), crimp.part->name, sizes, raw(stud)),
                  {},
                  {}};
        x.why.add(say(
            "A ring too wide for its stud touches by a rim; one drilled out tears. A short thicker lead, or "
            "a smaller stud beside it, takes the thin wire."));
        other_kinds(c, f, source, *kind, x.fixes);
        out.push_back(std::move(x));
    });
}

}  // namespace

const std::vector<Rule> rules_of::crimps{
    {"crimp-grip", to_say("A contact's insulation wings suit the wire"), insulation_grip},
    {"crimp-stud", to_say("A ring is made for the stud that it goes on"), ring_for_stud},
};

}  // namespace sangre
