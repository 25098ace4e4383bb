#include "plan/lead_edits.h"

#include <algorithm>
#include <unordered_set>

namespace sangre {
namespace {

bool carries_supply(const Lead& lead) {
    return !cores_of_role(lead, CoreRole::supply).empty() &&
           (lead.ret != Return::own || !cores_of_role(lead, CoreRole::ground).empty());
}

bool is_fed(const Plan& plan, const Id& part) {
    return std::any_of(plan.feeds().begin(), plan.feeds().end(), [&](const auto& f) { return f.to == part; });
}

/// Whether a part may give: a source does, anything else where it is fed.
bool gives(const Plan& plan, const Id& part) {
    return find_part(plan, part).kind == PartKind::source || is_fed(plan, part);
}

void turn(Lead& lead) {
    std::swap(lead.from, lead.to);
    std::swap(lead.joint_from, lead.joint_to);
    for (auto& c : lead.cores) std::swap(c.from_pin, c.to_pin);
}

/// True where it feeds what nothing else does, turned where it was drawn the other way.
bool feeds(const Plan& plan, Lead& lead) {
    if (!carries_supply(lead) || lead.from == lead.to) return false;
    const auto takes = [&](const Id& part) {
        const auto kind = find_part(plan, part).kind;
        return kind != PartKind::source && kind != PartKind::none && !is_fed(plan, part);
    };
    if (takes(lead.to) && gives(plan, lead.from)) return true;
    if (!takes(lead.from) || !gives(plan, lead.to)) return false;
    turn(lead);
    return true;
}

}  // namespace

void settle_cores(Lead& lead) {
    if (lead.cores.empty()) return;
    const auto supply = cores_of_role(lead, CoreRole::supply), ground = cores_of_role(lead, CoreRole::ground);
    if (supply.empty()) return;
    const auto back = lead.ret == Return::own ? ground.size() : supply.size();
    lead.conductors = static_cast<int>(std::max<size_t>(std::min(supply.size(), back), 1));
    lead.supply_colour = lead.cores[supply.front()].colour;
    if (!ground.empty()) lead.return_colour = lead.cores[ground.front()].colour;
}

void own_returns(Plan& plan) {
    std::unordered_set<Id> ids;
    for (const auto& f : plan.feeds()) ids.insert(f.id);
    for (auto& f : plan.feeds())
        if (f.ret == Return::shared && (!ids.contains(f.shared_with) || f.shared_with == f.id))
            f.ret = Return::own, f.shared_with.clear();
}

Plan settle_leads(Plan plan) {
    const auto at = [&](size_t i) { return plan.leads.begin() + static_cast<std::ptrdiff_t>(i); };
    for (size_t f = 0; f < plan.feeds().size();) {
        auto& lead = plan.leads[f];
        if (lead.cores.empty() || carries_supply(lead)) {
            ++f;
            continue;
        }
        const Lead plain;
        lead.conductors = plain.conductors;
        lead.supply_colour = plain.supply_colour, lead.return_colour = plain.return_colour;
        lead.carries = Carries::signal;
        std::rotate(at(f), at(f + 1), plan.leads.end());
    }
    // One that feeds may let another feed on.
    for (bool moved = true; moved;) {
        moved = false;
        const auto feeding = plan.feeds().size();
        for (size_t c = feeding; c < plan.leads.size() && !moved; ++c) {
            if (!feeds(plan, plan.leads[c])) continue;
            plan.leads[c].carries = Carries::supply;
            std::rotate(at(feeding), at(c), at(c + 1));
            moved = true;
        }
    }
    for (auto& f : plan.feeds()) settle_cores(f);
    return plan;
}

Plan pin_lead(Plan plan, const Id& lead, std::vector<Id> ways) {
    if (auto* there = by_id(plan.leads, lead)) there->by = std::move(ways);
    return plan;
}

Plan set_jacket(Plan plan, const Id& lead, Jacket jacket) {
    auto* there = by_id(plan.leads, lead);
    if (!there || (jacket == Jacket::sheath && there->cores.empty()) || there->jacket == jacket) return plan;
    there->jacket = jacket, there->across = Millimetre(0);
    return plan;
}

Plan set_across(Plan plan, const Id& lead, Millimetre across) {
    if (auto* there = by_id(plan.leads, lead)) there->across = across;
    return plan;
}

}  // namespace sangre
