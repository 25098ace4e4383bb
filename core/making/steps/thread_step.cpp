#include "making/steps/thread_step.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "harness/packing.h"
#include "plan/on_way.h"

namespace sangre {

namespace {

constexpr double guide_from_m = 0.3;  // shorter, a stiff end finds its way alone

/// Leads that go the same way through its openings, this one included, where it is so long or so closed that
/// the next is pulled by a guide wire.
size_t led_together(const Plan& plan, const Figures& figures, const std::vector<size_t>& ways) {
    size_t most = 0;
    for (const auto w : ways) {
        if (!meets(plan.ways[w], OnWayKind::opening) || raw(plan.ways[w].length) < guide_from_m) continue;
        size_t leads = 0;
        for (const auto& route : figures.harness.routes)
            leads += std::find(route.ways.begin(), route.ways.end(), w) != route.ways.end();
        most = std::max(most, leads);
    }
    return most;
}

/// Before the first opening: what its end does not go back through once it is pulled.
void nuts_first(const std::vector<const Opening*>& passed, const Plan& plan, Step& s) {
    std::vector<Words> glands;
    for (const auto* o : passed)
        if (o->kind == OpeningKind::gland) glands.push_back(name_of(plan, o->id));
    if (glands.size() == 1)
        s.actions.push_back(say("Slide the dome nut and the seal of {first} on first.", glands.front()));
    else if (!glands.empty())
        s.actions.push_back(
            say("Slide dome nuts and seals on first, in this order: {status}.", joined(glands, ", ")));
}

void pull_through(const Opening& o, const Plan& plan, Step& s) {
    const auto name = name_of(plan, o.id);
    const auto size = opening_size(o);
    s.actions.push_back(
        o.kind == OpeningKind::gland
            ? say("Through {name}, the {size}: its thread is clean, its seal sits.", name, size)
        : o.kind == OpeningKind::grommet
            ? say("Through {name}, the {size}: check that it sits all round.", name, size)
            : say("Through {name}, the {size}: feel round its edge; deburred, or it cuts.", name, size));
}

}  // namespace

std::optional<Step> thread_step(const Plan& plan, const Figures& figures, size_t f) {
    const auto& feed = plan.leads[f];
    const auto& ways = figures.harness.routes[f].ways;
    if (std::all_of(ways.begin(), ways.end(), [&](size_t w) { return plan.ways[w].on_it.empty(); }))
        return {};
    std::vector<const Opening*> passed;
    for (const auto w : ways)
        for (const auto& thing : plan.ways[w].on_it)
            if (const auto* opening = by_id(plan.openings, thing.opening)) passed.push_back(opening);
    std::vector<Step> one;
    auto& s = add_step(one, "thread/" + feed.id, StepKind::thread,
                       passed.empty() ? say("Lay {lead}", lead_name(plan, feed))
                                      : say("Thread {lead}", lead_name(plan, feed)));
    s.about = feed.id;
    for (const auto* o : passed) s.stamp += fmt::format("{}{}", s.stamp.empty() ? "" : " ", o->id);
    if (!passed.empty()) {
        std::vector<Words> names;
        for (const auto* o : passed)
            names.push_back(names.empty() ? name_of(plan, o->id)
                                          : say("then {opening}", name_of(plan, o->id)));
        s.subtitle = passed.size() == 1 ? say("through the {opening_size} of {first}",
                                              opening_size(*passed.front()), names.front())
                                        : say("through {way}", joined(names, ", "));
    }
    nuts_first(passed, plan, s);
    if (const auto leads = led_together(plan, figures, ways); leads > 1) {
        s.actions.push_back(
            say("{leads} leads go this way, one after the other: each takes a guide wire along for the next.",
                leads));
        s.tools.push_back(to_say("guide wire"));
    }
    size_t through = 0;
    for (const auto w : ways)
        for (const auto& thing : plan.ways[w].on_it) {
            if (const auto* opening = by_id(plan.openings, thing.opening)) {
                pull_through(*opening, plan, s);
                if (++through == passed.size())
                    s.actions.push_back(
                        keeps_plugs(figures.harness.wiring, f)
                            ? say("Pull one of its plugs through, by the housing; leave the loop on the "
                                  "load's "
                                  "side.")
                            : say("Pull the bare, unterminated end through; leave the loop on the load's "
                                  "side."));
                continue;
            }
            const auto& role = role_of(thing.kind);
            if (*role.laying) s.actions.push_back(said(role.laying));
            if (*role.caution && s.caution.english().find(role.caution) == std::string::npos)
                s.caution += (s.caution.empty() ? "" : " ") + said(role.caution);
            // In the order of the way: over the free end, before the next opening.
            if (role.moves)
                s.actions.push_back(
                    say("The braid on, {braid_reach} of it, to where it moves.", format(braid_reach * 2)));
            if (s.subtitle.empty()) s.subtitle = say("past the {obstacle}", on_way_words(thing));
        }
    for (const auto& hole : figures.harness.holes)
        for (const auto item : hole.to_open)
            if (figures.harness.wiring.items[item].feed == f)
                s.actions.push_back(
                    say("Its fuse holder, where it is on already, goes through taken apart."));
    s.minutes = 5;
    s.after = {"cut/" + feed.id};
    s.why.add(!passed.empty()
                  ? say("Before it is terminated: a plug, a lug or a fuse holder may not pass the hole.")
                  : say("Before it is terminated: a free end is easier to route past obstacles."));
    return std::move(s);
}

}  // namespace sangre
