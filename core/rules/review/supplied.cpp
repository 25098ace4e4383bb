// Leads that came with a part: long enough, and with plugs that pass where they have to.
#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/fittings.h"
#include "plan/edits.h"
#include "plan/lead_edits.h"
#include "plan/machine_edits.h"
#include "rules/review/review.h"
#include "wiring/cable/supplied.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/choose.h"

namespace sangre {
namespace {

constexpr Metre spoilt(0.03);  // of its end, where it is cut and bared for the splice

/// The end is made anew, as the school makes such an end.
void make_end(Plan& plan, const Catalogue& catalogue, const Id& id, bool at_source) {
    auto* lead = by_id(plan.leads, id);
    if (!lead) return;
    const auto* kind = choose_joint(catalogue, plan.practices, usual_end(plan, *lead, at_source),
                                    lead_copper(catalogue, *lead));
    (at_source ? lead->joint_from : lead->joint_to) = kind ? kind->id : Id();
}

/// Lengthened by a splice; of one with plugs at both ends that at its end is cut off.
Edit lengthened(const Catalogue& catalogue, const Id& id, Metre needed) {
    return [&catalogue, id, needed](const Plan& p) {
        auto next = p;
        auto* lead = by_id(next.leads, id);
        if (!lead || !lead->supplied) return next;
        if (keeps_both_plugs(catalogue, *lead)) make_end(next, catalogue, id, false);
        const auto part = std::max(*lead->supplied - spoilt, *lead->supplied / 2);
        Device splice;
        splice.id = fresh_id(next, "splice", lead_name(next, *lead));
        splice.kind = DeviceKind::splice;
        splice.at = keeps_plug(catalogue, *lead, false) ? needed - part : part;
        lead->devices.push_back(std::move(splice));
        std::stable_sort(lead->devices.begin(), lead->devices.end(), [](const auto& a, const auto& b) {
            return a.at.value_or(Metre(0)) < b.at.value_or(Metre(0));
        });
        return fit_item_joints(std::move(next), catalogue, id);
    };
}

void too_short(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.leads.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        const auto needed = c.figures.harness.routes[i].cut;
        const auto use = use_of_supplied(c.catalogue, lead, needed);
        if (!use || use->reaches) continue;
        Finding f{Severity::danger,
                  {},
                  {lead.id},
                  say("{lead}: the supplied lead is {supplied} long, {needed} needed.",
                      lead_name(c.plan, lead), format(*lead.supplied), format(needed)),
                  {},
                  {}};
        f.why.add(
            say("A splice in its middle lengthens it: each core joined and covered, none beside another."));
        f.fixes.push_back({say("Lengthen it with a splice"), lengthened(c.catalogue, lead.id, needed)});
        f.fixes.push_back(
            {say("Cut a new lead instead"), [&catalogue = c.catalogue, id = lead.id](const Plan& p) {
                 auto next = p;
                 if (auto* l = by_id(next.leads, id)) {
                     l->supplied.reset(), l->plug = Millimetre(0);
                     for (const bool source : {true, false})
                         if (keeps_plug(catalogue, *l, source)) make_end(next, catalogue, id, source);
                 }
                 return next;
             }});
        out.push_back(std::move(f));
    }
}

void plug_stuck(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes)
        for (const auto i : h.plugs_stuck) {
            const auto& lead = c.plan.leads[i];
            auto wider = c.plan.openings[h.opening];
            Finding f{Severity::danger,
                      {},
                      {lead.id, wider.id},
                      say("{lead} has a plug of {plug} at both ends, and the {opening} passes {bore}.",
                          lead_name(c.plan, lead), format(lead.plug), opening_name(c.plan, wider),
                          format(wider.bore)),
                      {},
                      {}};
            f.why.add(say("One of its plugs would have to go through."));
            if (wider.kind == OpeningKind::gland)
                f.why.add(
                    say("Nut and seal of a gland are slid over the bare end of a lead, not over a plug."));
            for (const bool source : {false, true})
                f.fixes.push_back({say("Cut off the plug at {part} and make that end anew",
                                       name_of(c.plan, source ? lead.from : lead.to)),
                                   [&catalogue = c.catalogue, id = lead.id, source](const Plan& p) {
                                       auto next = p;
                                       make_end(next, catalogue, id, source);
                                       return next;
                                   }});
            // A wider gland would no longer close on the cable: only what has no seal is opened.
            if (wider.kind != OpeningKind::gland) {
                const auto* fitting = suiting_fitting(c.catalogue, wider.kind, std::max(lead.plug, h.kept));
                wider.bore = fitting ? fitting->most : Millimetre(std::ceil(raw(lead.plug) + 0.5));
                f.fixes.push_back({say("Open it to {bore}", format(wider.bore)),
                                   [wider](const Plan& p) { return put_opening(p, wider); }});
            }
            out.push_back(std::move(f));
        }
}

}  // namespace

const std::vector<Rule> rules_of::supplied{
    {"supplied-short", to_say("A lead that came with a part reaches"), too_short},
    {"plug-through-opening", to_say("A plug that stays on passes the openings on its way"), plug_stuck},
};

}  // namespace sangre
