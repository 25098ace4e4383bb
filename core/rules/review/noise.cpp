// What a noisy load puts on a supply that a sensitive one shares with it.
#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/suiting.h"
#include "plan/edits.h"
#include "proposal/rail_edits.h"
#include "rules/review/review.h"
#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"

namespace sangre {
namespace {

void shared_rail(const Context& c, std::vector<Finding>& out) {
    for (const auto& k : c.plan.converters) {
        const Load *loud = nullptr, *quiet = nullptr;
        for (const auto f : c.index().from(k.id)) {
            const auto ref = c.index().part(c.plan.feeds()[f].to);
            if (ref.kind != PartKind::load) continue;
            const auto& l = c.plan.loads[ref.index];
            if (l.noisy && !loud) loud = &l;
            if (l.sensitive && !l.noisy && !quiet) quiet = &l;
        }
        if (!loud || !quiet) continue;
        Finding f{Severity::caution,
                  {},
                  {k.id, loud->id, quiet->id},
                  say("{loud} shares {converter} with {quiet}, which is sensitive.", loud->name, k.name,
                      quiet->name),
                  {},
                  {}};
        f.why.add(say("Brush noise of motors and pumps reaches everything on the same supply."));
        f.why.schools = {
            {say("Own module for the noisy one"), "", say("less noise; one more part"), false},
            {say("A filter in front of the sensitive one"), "", say("lighter; tunes out one band"), false},
            {say("Ferrite beads on both leads"), "", say("cost nothing; help above a few MHz"), false}};
        f.fixes.push_back(
            {say("Give it a module of its own"), [catalogue = &c.catalogue, rail = k.id](const Plan& p) {
                 return split_rail(p, *catalogue, rail, noisy_on(p, rail)).value_or(p);
             }});
        out.push_back(std::move(f));
    }
}

/// The source that feeds a load without a module between; empty behind one. `filtered`: by an LC filter.
Id straight_from(const Context& c, const Load& load, bool& filtered) {
    Id from;
    for (const auto f : c.index().upstream(load.id)) {
        const auto ref = c.index().source_of(f);
        if (ref.kind == PartKind::converter || ref.kind == PartKind::load) return {};
        for (const auto& d : c.plan.feeds()[f].devices)
            if (const auto* t = d.kind == DeviceKind::filter ? find(c.catalogue.inlines, d.type) : nullptr)
                filtered = filtered || raw(t->capacitance) > 0;
        if (ref.kind == PartKind::source) from = c.plan.feeds()[f].from;
    }
    return from;
}

void shared_supply(const Context& c, std::vector<Finding>& out) {
    for (const auto& quiet : c.plan.loads) {
        if (!quiet.sensitive || quiet.noisy) continue;
        bool filtered = false;
        const auto from = straight_from(c, quiet, filtered);
        if (from.empty() || filtered) continue;
        const auto loud = std::find_if(c.plan.loads.begin(), c.plan.loads.end(), [&](const Load& l) {
            bool any = false;
            return l.noisy && straight_from(c, l, any) == from;
        });
        if (loud == c.plan.loads.end()) continue;
        Finding f{Severity::caution,
                  {},
                  {quiet.id, loud->id},
                  say("{quiet} shares the supply {part} with {loud}, without a filter.", quiet.name,
                      c.index().name(from), loud->name),
                  {},
                  {}};
        f.why.add(say("Noise of brushes and switching stages on a pack reaches everything connected to it."));
        f.why.schools = {
            {say("A filter in front of the sensitive one"), "", say("light; drops some tens of mV"), true},
            {say("A module of its own"), "", say("keeps its volts steady, too; its own ripple instead"),
             false},
            {say("A second pack"), "", say("less noise; one more to charge and watch"), false}};
        const auto feed = c.index().into(quiet.id).front();
        const auto need = item_need(c.figures.protection[feed], c.figures.worst.feeds[feed]);
        if (const auto* lc = suiting_filter(c.catalogue, need))
            f.fixes.push_back(
                {say("Put the {suiting_filter} in its lead", lc->name),
                 [catalogue = &c.catalogue, id = c.plan.feeds()[feed].id, type = lc->id](const Plan& p) {
                     return fit_item_joints(add_device(p, id, DeviceKind::filter, type), *catalogue, id);
                 }});
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::noise{
    {"rail-noise", to_say("Noisy and sensitive loads do not share a rail"), shared_rail},
    {"supply-noise", to_say("A sensitive load does not share an unfiltered supply with a noisy one"),
     shared_supply},
};

}  // namespace sangre
