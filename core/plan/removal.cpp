#include "plan/removal.h"

#include <algorithm>

#include "plan/drawn.h"
#include "plan/landing.h"
#include "plan/lead_edits.h"
#include "plan/machine_edits.h"

namespace sangre {
namespace {

/// What else of the plan named a part that is gone.
void forget_part(Plan& plan, const Id& part) {
    plan.terminals.erase(part);
    for (auto& f : plan.feeds())
        for (auto& d : f.devices) {
            if (d.coil_from == part) d.coil_from.clear();
            if (d.control == part) d.control.clear();
            if (d.sits_on == part) d.sits_on.clear(), d.warmer_k.reset();
        }
}

template <class Gone>
void remove_leads(Plan& plan, Gone gone) {
    std::erase_if(plan.leads, gone);
    own_returns(plan);
}

template <class List>
bool take_out(List& list, const Id& id) {
    return std::erase_if(list, [&](const auto& x) { return x.id == id; }) > 0;
}

/// With the leads that end at it.
template <class Part>
Plan remove_part(Plan plan, std::vector<Part> Plan::*list, const Id& part) {
    if (!take_out(plan.*list, part)) return plan;
    const auto ends_there = [&](const Lead& l) { return l.from == part || l.to == part; };
    remove_leads(plan, ends_there);
    for (auto& phase : plan.phases) phase.states.erase(part), phase.shares.erase(part);
    forget_part(plan, part);
    return plan;
}

}  // namespace

Plan remove_load(Plan plan, const Id& load) { return remove_part(std::move(plan), &Plan::loads, load); }
Plan remove_source(Plan plan, const Id& source) {
    return remove_part(std::move(plan), &Plan::sources, source);
}
Plan remove_hub(Plan plan, const Id& hub) { return remove_part(std::move(plan), &Plan::hubs, hub); }
Plan remove_converter(Plan plan, const Id& converter) {
    return remove_part(std::move(plan), &Plan::converters, converter);
}
Plan remove_passive(Plan plan, const Id& passive) {
    return remove_part(std::move(plan), &Plan::passives, passive);
}

Plan remove_cable(Plan plan, const Id& cable) {
    remove_leads(plan, [&](const Lead& f) { return f.id == cable; });
    return plan;
}

Plan remove_phase(Plan plan, const Id& phase) {
    std::erase_if(plan.phases, [&](const auto& p) { return p.id == phase; });
    return plan;
}

Plan remove_item(Plan plan, const Id& item) {
    for (auto& lead : plan.leads) take_out(lead.devices, item);
    return plan;
}

Plan remove_opening(Plan plan, const Id& opening) {
    if (!take_out(plan.openings, opening)) return plan;
    for (auto& way : plan.ways)
        std::erase_if(way.on_it, [&](const auto& met) { return met.opening == opening; });
    return plan;
}

Plan remove_things(Plan plan, const std::set<Id>& things) {
    for (const auto& id : things) {
        plan = remove_load(remove_source(std::move(plan), id), id);
        plan = remove_hub(remove_converter(std::move(plan), id), id);
        plan = remove_passive(remove_cable(std::move(plan), id), id);
        plan = remove_item(remove_phase(std::move(plan), id), id);
        if (by_id(plan.bodies, id)) plan = remove_body(std::move(plan), id);
        if (by_id(plan.places, id)) plan = remove_place(std::move(plan), id);
        if (by_id(plan.ways, id)) plan = remove_way(std::move(plan), id);
        plan = remove_zone(remove_side(remove_opening(std::move(plan), id), id), id);
        take_out(plan.own_steps, id), take_out(plan.own_readings, id), take_out(plan.at_hand, id);
        for (auto& step : plan.own_steps)
            if (step.undoes == id) step.undoes.clear();
    }
    return without_strays(settle_leads(std::move(plan)));
}

}  // namespace sangre
