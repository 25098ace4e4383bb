#include "build/thread_step.h"

#include <fmt/format.h>

#include <algorithm>

#include "harness/packing.h"
#include "plan/on_way.h"
#include "units/format.h"
#include "words/say.h"

namespace sangre {

std::optional<Step> thread_step(const Plan& plan, const Figures& figures, size_t f) {
    const auto& feed = lead_at(plan, f);
    const auto& ways = figures.harness.routes[f].ways;
    if (std::all_of(ways.begin(), ways.end(), [&](size_t w) { return plan.ways[w].on_it.empty(); }))
        return {};
    const bool through = std::any_of(ways.begin(), ways.end(),
                                     [&](size_t w) { return meets(plan.ways[w], OnWayKind::opening); });
    std::vector<Step> one;
    auto& s = add_step(one, "thread/" + feed.id, StepKind::thread,
                       (through ? say("Thread: ") : say("Lay: ")) + lead_name(plan, feed));
    s.about = feed.id;
    for (const auto p : ways)
        for (const auto& thing : plan.ways[p].on_it)
            if (const auto* opening = by_id(plan.openings, thing.opening))
                s.stamp += fmt::format("{}{}", s.stamp.empty() ? "" : " ", opening->id);
    for (const auto p : ways) {
        for (const auto& thing : plan.ways[p].on_it) {
            const auto* opening = by_id(plan.openings, thing.opening);
            if (!opening) {
                const auto& role = role_of(thing.kind);
                if (*role.laying) s.actions.push_back(said(role.laying));
                if (*role.caution && s.caution.find(said(role.caution)) == std::string::npos)
                    s.caution += (s.caution.empty() ? "" : " ") + said(role.caution);
                if (role.moves)
                    s.actions.push_back(
                        say("The braid on, {} of it, to where it moves.", format(braid_reach * 2)));
                if (s.subtitle.empty()) s.subtitle = say("past the ") + on_way_words(thing);
                continue;
            }
            s.subtitle = say("through the {} of {}", opening_size(*opening), name_of(plan, opening->id));
            s.actions.push_back(opening->kind == OpeningKind::gland
                                    ? say("Slide the gland's nut and body on first.")
                                : opening->kind == OpeningKind::grommet
                                    ? say("Check that the grommet sits all round.")
                                    : say("Feel round the hole's edge: deburred, or it cuts."));
            s.actions.push_back(
                say("Pull the bare, unterminated end through; leave the loop on the load's side."));
        }
    }
    for (const auto& hole : figures.harness.holes)
        for (const auto item : hole.to_open)
            if (figures.harness.wiring.items[item].feed == f)
                s.actions.push_back(
                    say("Its fuse holder, where it is on already, goes through taken apart."));
    s.minutes = 5;
    s.after = {"cut/" + feed.id};
    s.why.add(through ? say("Before it is terminated: a plug, a lug or a fuse holder may not pass the hole.")
                      : say("Before it is terminated: a free end is led past what harms it more easily."));
    return std::move(s);
}

}  // namespace sangre
