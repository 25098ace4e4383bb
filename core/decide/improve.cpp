#include "decide/improve.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstdint>
#include <memory>
#include <tl/expected.hpp>

#include "decide/variants.h"
#include "plan/edits.h"
#include "propose/rail_edits.h"
#include "wire/choice.h"

namespace sangre {
namespace {

const WireType* next_thinner(const Catalogue& catalogue, const WireType& wire) {
    const WireType* best = nullptr;
    for (const auto& w : catalogue.wires)
        if (w.insulation == wire.insulation && w.metric == wire.metric && w.usual && w.area < wire.area &&
            raw(w.area) >= 0.2 && (!best || w.area > best->area))
            best = &w;
    return best;
}

std::optional<Plan> made(tl::expected<Plan, std::string> plan) {
    if (!plan) return {};
    return std::move(*plan);
}

void rail_steps(const Plan& plan, const Catalogue& catalogue, std::vector<PlanStep>& out) {
    for (const auto& a : plan.converters) {
        std::vector<Id> sources;
        for (const auto& h : plan.hubs) sources.push_back(h.id);
        for (const auto& b : plan.converters) {
            if (a.id == b.id) continue;
            if (b.set > a.set) sources.push_back(b.id);
            out.push_back({fmt::format("{} takes over {}", a.name, b.name), [&, stays = a.id, gone = b.id] {
                               return made(merge_rails(plan, catalogue, stays, gone));
                           }});
        }
        const auto into = feeds_into(plan, a.id);
        for (const auto& from : sources)
            if (!into.empty() && plan.feeds[into.front()].from != from)
                out.push_back(
                    {fmt::format("{} fed from {}", a.name, name_of(plan, from)),
                     [&, rail = a.id, from] { return made(feed_rail_from(plan, catalogue, rail, from)); }});
    }
}

void module_steps(const Plan& plan, const Catalogue& catalogue, std::vector<PlanStep>& out) {
    for (const auto& c : plan.converters)
        for (const auto& t : catalogue.converters)
            // What comes with a motor controller is not bought as a module.
            if (t.id != c.type && !t.id.starts_with("controller-") && c.set >= t.out_min &&
                c.set <= t.out_max)
                out.push_back({fmt::format("{} on a {}", c.name, t.name),
                               [&plan, rail = c.id, type = t.id]() -> std::optional<Plan> {
                                   auto next = plan;
                                   by_id(next.converters, rail)->type = type;
                                   return next;
                               }});
}

void wire_steps(const Plan& plan, const Catalogue& catalogue, std::vector<PlanStep>& out) {
    for (const auto& f : plan.feeds) {
        const auto* wire = find(catalogue.wires, f.wire);
        if (!wire) continue;
        for (const auto* other : {next_thinner(catalogue, *wire), next_thicker(catalogue, *wire)})
            if (other)
                out.push_back({fmt::format("{}: {}", feed_name(plan, f), other->size),
                               [&plan, feed = f.id, to = other->id]() -> std::optional<Plan> {
                                   return set_wire(plan, feed, to);
                               }});
    }
}

double aim_of(const SearchedPlan& p, Aim aim) {
    return aim == Aim::mass ? raw(p.mass) : aim == Aim::cost ? p.cost : raw(p.lost);
}

}  // namespace

std::vector<PlanStep> steps_away(const Plan& plan, const Catalogue& catalogue) {
    std::vector<PlanStep> out;
    rail_steps(plan, catalogue, out);
    module_steps(plan, catalogue, out);
    wire_steps(plan, catalogue, out);
    return out;
}

SearchedPlan improve_plan(SearchedPlan start, const Catalogue& catalogue, Aim aim, size_t& studied,
                          const std::function<bool()>& carry_on) {
    auto known = study(start.plan, catalogue, {});
    const auto cautions = count(known.findings, Severity::caution);
    auto from = std::make_shared<const Plan>(start.plan);
    auto steps = steps_away(*from, catalogue);
    // Round and round from where the last step helped, until a whole round does not.
    for (size_t i = 0, idle = 0; idle < steps.size(); ++i, ++idle) {
        const auto& step = steps[i % steps.size()];
        if (!carry_on()) return start;
        auto plan = step.make();
        if (!plan) continue;
        auto s = study(*plan, catalogue, {}, known);
        ++studied;
        if (!s.mission.lasts || count(s.findings, Severity::danger) > 0 ||
            count(s.findings, Severity::caution) > cautions)
            continue;
        auto next = searched_plan(std::move(*plan), s, start.battery_cost);
        // A thousandth is no betterment: it would only go round in circles.
        if (aim_of(next, aim) > aim_of(start, aim) * 0.999) continue;
        next.practices = start.practices, next.steps = start.steps;
        next.steps.push_back(step.what);
        start = std::move(next);
        known = std::move(s);
        from = std::make_shared<const Plan>(start.plan);
        steps = steps_away(*from, catalogue);
        --i;  // the same place again: a wire may go thinner still
        idle = SIZE_MAX;
    }
    return start;
}

std::optional<double> bound_of(const BatteryComparison& batteries, Aim aim) {
    if (aim == Aim::loss) return 0.0;
    std::optional<double> least;
    const auto look = [&](const BatteryCandidate& b) {
        if (!b.serves) return;
        const double value = aim == Aim::mass ? raw(b.mass) : b.cost;
        least = std::min(least.value_or(value), value);
    };
    for (const auto& b : batteries.candidates) look(b);
    if (batteries.present) look(*batteries.present);
    return least;
}

}  // namespace sangre
