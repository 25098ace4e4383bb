// What a feed's fuse and warmth ask of the items, leads and ends in it.
#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "plan/edits.h"
#include "plan/wire_choice.h"
#include "rules/review/exchange.h"
#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"

namespace sangre {
namespace {

/// What lies in a feed carries at least what its fuse lets through.
void below_fuse(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto& p = c.figures.protection[f];
        if (!p.family) continue;
        for (const auto& item : p.items) {
            if (raw(item.rated) <= 0 || item.rated >= p.rating) continue;
            Finding x{Severity::caution,
                      {},
                      {c.plan.feeds()[f].id},
                      say("{lead}: {item} carries {rated}; the {rating} fuse {inherited|before|beside} it "
                          "lets more through.",
                          c.index().feed_name(c.plan.feeds()[f]), item.name, format(item.rated),
                          format(p.rating), p.inherited),
                      {},
                      {}};
            x.why.add(
                say("A fuse protects the wire; what the wire goes through must carry what the fuse does."));
            const auto need = item_need(p, c.figures.worst.feeds[f]);
            const auto* d = by_id(c.plan.feeds()[f].devices, item.device);
            if (const auto* plug =
                    d && d->kind == DeviceKind::connector ? cheapest_plug(c.catalogue, need, {}) : nullptr)
                x.fixes.push_back(
                    {say("Use a {part}", plug->name), exchanged(c.plan.feeds()[f].id, d->id, plug->id)});
            if (const auto* type =
                    d && d->kind == DeviceKind::power_switch
                        ? cheapest_switch(c.catalogue, need, find(c.catalogue.switches, d->type))
                        : nullptr)
                x.fixes.push_back(
                    {say("Use a {part}", type->name), exchanged(c.plan.feeds()[f].id, d->id, type->id)});
            if (!p.inherited && p.smallest && p.smallest->rating <= item.rated)
                x.fixes.push_back(use_fuse(c.plan.feeds()[f].id, *p.smallest));
            out.push_back(std::move(x));
        }
    }
}

/// The holder that suits a fuse, as a mend; without one, any holder.
void offer_holder(const Context& c, size_t f, const Device& fuse, Finding& x) {
    const auto* family = find(c.catalogue.fuses, fuse.type);
    const auto* fits =
        family ? suiting_holder(c.catalogue, *family, c.figures.protection[f].rating, c.plan.hottest_air)
               : nullptr;
    if (fits && fits->id == fuse.holder) return;
    x.fixes.push_back({fits ? say("Use the {part}", fits->name) : say("Any holder for it"),
                       [catalogue = &c.catalogue, id = fuse.id, to = fits ? fits->id : Id()](const Plan& p) {
                           return set_holder(p, *catalogue, id, to);
                       }});
}

/// The thin lead that a load or a fuse holder came with hangs on the same fuse.
void lead_unprotected(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto& p = c.figures.protection[f];
        for (const auto& item : p.items) {
            const auto* insulation =
                item.lead ? find(c.catalogue.insulations, item.lead->insulation) : nullptr;
            if (!insulation || !p.family) continue;
            const auto thermal = thermal_of(*item.lead, *insulation, c.figures.protection[f].air, 1);
            const auto holds = [&](const FuseFamily& family, Ampere rating) {
                return protects(family, rating, *thermal, *insulation, thermal->steady(p.need.continuous),
                                p.fault.current);
            };
            if (holds(*p.family, p.rating)) continue;
            Finding x{Severity::caution,
                      {},
                      {c.plan.feeds()[f].id},
                      say("{lead}: the {rating} fuse does not protect the {item}.",
                          c.index().feed_name(c.plan.feeds()[f]), format(p.rating), item.name),
                      {},
                      {}};
            if (const auto most = largest_that_protects(*p.family, *thermal, *insulation,
                                                        thermal->steady(p.need.continuous), p.fault.current))
                x.why.add(say("Largest that protects it: {most}.", format(*most)));
            if (const auto* fuse = by_id(c.plan.feeds()[f].devices, item.device))
                offer_holder(c, f, *fuse, x);
            if (!p.inherited && p.smallest && holds(*p.smallest->family, p.smallest->rating))
                x.fixes.push_back(use_fuse(c.plan.feeds()[f].id, *p.smallest));
            out.push_back(std::move(x));
        }
    }
}

/// A holder is made for its own family of fuses.
void wrong_holder(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto& feed = c.plan.feeds()[f];
        for (const auto& d : feed.devices) {
            const auto* family = d.kind == DeviceKind::fuse ? find(c.catalogue.fuses, d.type) : nullptr;
            if (d.holder.empty() || !family) continue;
            const auto* holder = holder_of(c.catalogue, d);
            if (holder &&
                std::find(holder->takes.begin(), holder->takes.end(), family->id) != holder->takes.end())
                continue;
            Finding x{Severity::caution,
                      {},
                      {feed.id},
                      holder ? say("{lead}: the {holder} takes no {family}.", c.index().feed_name(feed),
                                   holder->name, family->name)
                             : say("{lead} names a fuse holder “{holder}” that the catalogue does not hold.",
                                   c.index().feed_name(feed), d.holder),
                      {},
                      {}};
            offer_holder(c, f, d, x);
            out.push_back(std::move(x));
        }
    }
}

/// Too warm for what meets the wire, long before it is for its insulation.
void ends_too_warm(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto& p = c.figures.protection[f];
        if (!p.thermal || p.warm <= p.hottest || p.warm > p.insulation->max) continue;
        Finding x{
            Severity::caution,
            {},
            {c.plan.feeds()[f].id},
            say("{lead}: {wire} at {warm} is too hot for its {hottest_by}, which is rated for {hottest}.",
                c.index().feed_name(c.plan.feeds()[f]), size_words(*p.wire), format(p.warm), p.hottest_by,
                format(p.hottest)),
            {},
            {}};
        x.why.add(say("{insulation} is rated for {most}; the wire conducts heat into its terminal.",
                      p.insulation->name, format(p.insulation->max)));
        for (const auto* w = next_thicker(c.catalogue, *p.wire); w; w = next_thicker(c.catalogue, *w)) {
            if (thermal_of(*w, *p.insulation, p.air, p.bunched)->steady(p.need.continuous) > p.hottest)
                continue;
            x.fixes.push_back({say("Use {size}", size_words(*w)),
                               [id = c.plan.feeds()[f].id, to = w->id](const Plan& plan) {
                                   return set_wire(plan, id, to);
                               }});
            break;
        }
        out.push_back(std::move(x));
    }
}

}  // namespace

const std::vector<Rule> rules_of::feed_items{
    {"feed-item-below-fuse", to_say("Each item in a lead carries at least its fuse's rating"), below_fuse},
    {"feed-lead-unprotected", to_say("The own thin lead of a load or a fuse holder is protected too"),
     lead_unprotected},
    {"feed-holder", to_say("A fuse sits in a holder made for it"), wrong_holder},
    {"feed-ends-too-warm", to_say("No wire is hotter than the terminals it ends in are rated for"),
     ends_too_warm},
};

}  // namespace sangre
