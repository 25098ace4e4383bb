// How wires meet in a hub: pigtails of size, branches upon branches, forks.
#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/review.h"
#include "wiring/item/item.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/fuse_block.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

/// Too much or too little copper for the cap or clamp, or a tube that does not go over all of it.
void pigtail_misfit(const Context& c, std::vector<Finding>& out) {
    std::set<size_t> seen;
    for (const auto& p : pigtails(c.plan, c.catalogue)) {
        const auto& hub = c.plan.hubs[p.hub];
        const bool fits = takes(*p.kind, p.copper);
        if ((fits && !p.tube_missing) || !seen.insert(p.hub).second) continue;
        Finding x{
            Severity::caution,
            {},
            {hub.id},
            fits
                ? say("{hub}: no tube at hand goes over all {wires} wires of its pigtail.", hub.name, p.wires)
                : say("{hub}: {copper} of copper meet in one joint, and a {kind} takes {least} to {most}.",
                      hub.name, format(p.copper), p.kind->name, format(p.kind->least), format(p.kind->most)),
            {},
            {}};
        x.why.add(say("{wires} wires, {bared} across bared and {over} over their insulation.", p.wires,
                      format(p.bared), format(p.over)));
        if (!fits) {
            const auto* other = choose_joint(c.catalogue, c.plan.practices, JointEnd::pigtail,
                                             pigtail_copper(c.plan, c.catalogue, hub.id));
            const bool carries_all =
                other && std::all_of(p.ends.begin(), p.ends.end(), [&](const auto& e) {
                    return raw(other->rated) <= 0 || c.figures.protection[e.feed].rating <= other->rated;
                });
            if (carries_all && takes(*other, pigtail_copper(c.plan, c.catalogue, hub.id)))
                x.fixes.push_back({say("Use a {part}", other->name),
                                   [catalogue = &c.catalogue, id = hub.id](const Plan& q) {
                                       return set_pigtail(q, *catalogue, id);
                                   }});
        }
        out.push_back(std::move(x));
    }
}

/// Branch upon branch where all could meet at once.
void many_branches(const Context& c, std::vector<Finding>& out) {
    for (const auto& hub : c.plan.hubs) {
        if (hub.kind != HubKind::splice) continue;
        size_t branches = 0;
        for (const auto& feed : c.plan.feeds())
            for (const bool source : {true, false}) {
                if ((source ? feed.from : feed.to) != hub.id || !feed.cores.empty()) continue;
                const auto* kind = find(c.catalogue.joints, source ? feed.joint_from : feed.joint_to);
                branches += kind && kind->end == JointEnd::branch;
            }
        if (branches < 3) continue;
        const auto copper = pigtail_copper(c.plan, c.catalogue, hub.id);
        const auto* kind = choose_joint(c.catalogue, c.plan.practices, JointEnd::pigtail, copper);
        if (!kind || !takes(*kind, copper)) continue;
        Finding x{Severity::note,
                  {},
                  {hub.id},
                  say("{hub}: {branches} branches on one another; one pigtail would hold all of them.",
                      hub.name, branches),
                  {},
                  {}};
        x.why.add(
            say("A pigtail is one joint to make, cover and test; a branch leaves the through wire uncut, "
                "which some builders prefer."));
        x.fixes.push_back(
            {say("Use a {part}", kind->name), [catalogue = &c.catalogue, id = hub.id](const Plan& q) {
                 return set_pigtail(q, *catalogue, id);
             }});
        out.push_back(std::move(x));
    }
}

/// A forked lead is thin, and its plugs are small.
void fork_current(const Context& c, std::vector<Finding>& out) {
    for (const auto& hub : c.plan.hubs) {
        if (hub.kind != HubKind::fork) continue;
        for (const auto f : c.index().into(hub.id)) {
            const auto most = c.figures.worst.feeds[f].continuous;
            if (most <= fork_carries) continue;
            Finding x{Severity::danger,
                      {},
                      {hub.id},
                      say("{hub} is a forked barrel lead: it carries {fork_carries}; {most} is drawn.",
                          hub.name, format(fork_carries), format(most)),
                      {},
                      {}};
            x.why.add(
                say("One barrel plug feeds all its branches through wire that is seldom thicker than 20 "
                    "AWG."));
            x.fixes.push_back(
                {say("A strip of screws instead"), [catalogue = &c.catalogue, id = hub.id](const Plan& p) {
                     return set_hub_kind(p, *catalogue, id, HubKind::strip);
                 }});
            out.push_back(std::move(x));
        }
    }
}

/// The first lead that leaves a block otherwise than through a way; empty where all go through one.
Words past_the_ways(const Context& c, const std::vector<size_t>& leaving) {
    for (const auto f : leaving) {
        const auto* fuse = device(c.plan.feeds()[f], DeviceKind::fuse);
        if (!fuse || !in_block(c.catalogue, *fuse)) return c.index().feed_name(c.plan.feeds()[f]);
    }
    return {};
}

/// As many ways as leads, and a bar that carries what the fuse before it lets through.
void block_ways(const Context& c, std::vector<Finding>& out) {
    for (const auto& hub : c.plan.hubs) {
        if (hub.kind != HubKind::block) continue;
        const auto* block = block_of(c.catalogue, hub);
        const auto leaving = feeds_from(c.plan, hub.id);
        Ampere before(0);
        for (const auto f : c.index().into(hub.id))
            before = std::max(before, c.figures.protection[f].family ? c.figures.protection[f].rating
                                                                     : c.figures.worst.feeds[f].continuous);
        Words sentence;
        if (!block)
            sentence = say("{hub}: which fuse block it is, is not said.", hub.name);
        else if (static_cast<int>(leaving.size()) > block->ways)
            sentence = say("{hub}: {count} leads leave a block of {ways} ways.", hub.name, leaving.size(),
                           block->ways);
        else if (before > block->all)
            sentence = say("{hub}: the bar of the {block} carries {all}, and {before} are let through to it.",
                           hub.name, block->name, format(block->all), format(before));
        else if (const auto past = past_the_ways(c, leaving); !past.empty())
            sentence = say("{hub}: {past} leaves the block, and not through a fuse in one of its ways.",
                           hub.name, past);
        else
            continue;
        Finding x{block ? Severity::caution : Severity::note, {}, {hub.id}, std::move(sentence), {}, {}};
        x.why.add(
            say("Each lead that leaves a block has a way with a fuse of its own; all that they take "
                "goes through its bar."));
        if (const auto* other = suiting_block(c.plan, c.catalogue, hub.id); other && other != block)
            x.fixes.push_back({say("Use a {part}", other->name),
                               [catalogue = &c.catalogue, id = hub.id, type = other->id](Plan p) {
                                   if (auto* h = by_id(p.hubs, id)) h->block = type;
                                   return seat_in_blocks(std::move(p), *catalogue);
                               }});
        x.fixes.push_back({say("Their fuses in its ways"), [catalogue = &c.catalogue](const Plan& p) {
                               return seat_in_blocks(p, *catalogue);
                           }});
        x.fixes.push_back({say("A stud or bus bar, and a holder in each lead"),
                           [catalogue = &c.catalogue, id = hub.id](const Plan& p) {
                               return set_hub_kind(p, *catalogue, id, HubKind::stud);
                           }});
        out.push_back(std::move(x));
    }
}

}  // namespace

const std::vector<Rule> rules_of::hubs{
    {"hub-fork", to_say("A forked barrel lead carries the current of its branches"), fork_current},
    {"hub-block", to_say("A fuse block has a way for each lead, and its bar carries them all"), block_ways},
    {"joint-pigtail", to_say("A pigtail takes the copper of all its wires, and its tube goes over them"),
     pigtail_misfit},
    {"joint-many-branches", to_say("Many branches at one splice are made as one pigtail"), many_branches},
};

}  // namespace sangre
