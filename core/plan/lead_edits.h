#pragma once
// Which leads feed and which only carry signals, kept true as their cores change.
#include "plan/edits.h"

namespace sangre {

/// Brings what is said of a cable's conductors in line with its cores: how many carry together, their
/// colours.
void settle_cores(Lead& lead);

/// What returned by a feed that is gone has to have its own wire back.
void own_returns(Plan& plan);

/// Moves leads between those that feed and those that carry signals. A cable with a supply and a ground feeds
/// where what it ends at is fed by nothing else and its other end can give: a source, or a part that is fed
/// itself. Drawn the other way round it is turned, pins and all. A feed whose cores no longer hold both goes
/// back to the signals.
Plan settle_leads(Plan plan);

/// The edit that changes one lead, of either list, and settles what feeds then.
template <class Change>
Edit lead_changed(const Id& lead, Change change) {
    return [lead, change](const Plan& p) {
        auto next = p;
        if (auto* l = by_id(next.leads, lead)) change(*l);
        return settle_leads(std::move(next));
    };
}

/// By those ways, one after the other; none: it finds its own again.
Plan pin_lead(Plan plan, const Id& lead, std::vector<Id> ways);

/// What goes round its wires, and how thick it is over that, where somebody has measured it (0: nobody). A
/// sheath over plain wires is none.
Plan set_jacket(Plan plan, const Id& lead, Jacket jacket);
Plan set_across(Plan plan, const Id& lead, Millimetre across);

}  // namespace sangre
