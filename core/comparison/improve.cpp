#include "comparison/improve.h"

#include <fmt/format.h>

#include <algorithm>
#include <memory>
#include <tl/expected.hpp>

#include "base/words/say.h"
#include "comparison/variants.h"
#include "physics/parts/wire_size.h"
#include "plan/edits.h"
#include "plan/wire_choice.h"
#include "proposal/rail_edits.h"
#include "proposal/rails.h"

namespace sangre {
namespace {

std::optional<Plan> made(tl::expected<Plan, Words> plan) {
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
            out.push_back(
                {say("{converter} takes over {converter_2}", a.name, b.name),
                 [&, stays = a.id, gone = b.id] { return made(merge_rails(plan, catalogue, stays, gone)); }});
        }
        const auto into = feeds_into(plan, a.id);
        for (const auto& from : sources)
            if (!into.empty() && plan.feeds()[into.front()].from != from)
                out.push_back(
                    {say("{converter} fed from {part}", a.name, name_of(plan, from)),
                     [&, rail = a.id, from] { return made(feed_rail_from(plan, catalogue, rail, from)); }});
    }
}

void module_steps(const Plan& plan, const Catalogue& catalogue, std::vector<PlanStep>& out) {
    for (const auto& c : plan.converters)
        for (const auto& t : catalogue.converters)
            if (t.id != c.type && t.module && c.set >= t.out_min && c.set <= t.out_max)
                out.push_back({say("{converter} on a {converter_2}", c.name, t.name),
                               [&plan, rail = c.id, type = t.id]() -> std::optional<Plan> {
                                   auto next = plan;
                                   by_id(next.converters, rail)->type = type;
                                   return next;
                               }});
}

void wire_steps(const Plan& plan, const Catalogue& catalogue, std::vector<PlanStep>& out) {
    for (const auto& f : plan.feeds()) {
        const auto* wire = find(catalogue.wires, f.wire);
        if (!wire) continue;
        for (const auto* other : {next_thinner(catalogue, *wire), next_thicker(catalogue, *wire)})
            if (other)
                out.push_back({compose("{}: {}", feed_name(plan, f), size_words(*other)),
                               [&plan, feed = f.id, to = other->id]() -> std::optional<Plan> {
                                   return set_wire(plan, feed, to);
                               }});
    }
}

/// The step taken, where it betters the aim and does no harm.
struct Judge {
    const Catalogue& catalogue;
    Aim aim;
    size_t cautions;
    size_t& studied;

    bool takes(const PlanStep& step, SearchedPlan& now, Study& known) {
        auto plan = step.make();
        if (!plan) return false;
        auto s = study(*plan, catalogue, {}, known);
        ++studied;
        if (!s.mission.lasts || count(s.findings, Severity::danger) > 0 ||
            count(s.findings, Severity::caution) > cautions)
            return false;
        auto next = searched_plan(std::move(*plan), s, now.battery_cost);
        // A thousandth is no betterment: it would only go round in circles.
        if (aim_of(next, aim) > aim_of(now, aim) * 0.999) return false;
        next.practices = now.practices, next.steps = now.steps;
        next.steps.push_back(step.what);
        now = std::move(next), known = std::move(s);
        return true;
    }
};

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
    Judge judge{catalogue, aim, count(known.findings, Severity::caution), studied};
    // Steps refer to the plan that they start from.
    auto from = std::make_unique<const Plan>(start.plan);
    auto steps = steps_away(*from, catalogue);
    // Round and round from where the last step helped, until a whole round does not.
    for (size_t at = 0, idle = 0; idle < steps.size();) {
        if (at >= steps.size()) at = 0;
        if (!carry_on()) break;
        if (!judge.takes(steps[at], start, known)) {
            ++at, ++idle;
            continue;
        }
        from = std::make_unique<const Plan>(start.plan);
        steps = steps_away(*from, catalogue);
        idle = 0;  // and the same place again: a wire may go thinner still
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
