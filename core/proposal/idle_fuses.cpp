#include "proposal/idle_fuses.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "electrical/protection/protection.h"
#include "plan/landing.h"
#include "plan/lead_edits.h"
#include "proposal/sizing.h"
#include "wiring/index/flight.h"

namespace sangre {
namespace {

constexpr int most_returns = 4;

/// A brick gives no more than it is made for.
bool from_brick(const PlanIndex& index, const Plan& plan, size_t feed) {
    const auto from = index.source_of(feed);
    return from.kind == PartKind::source && plan.sources[from.index].kind == SourceKind::supply;
}

/// Behind a module or a brick at any distance: its limit is what may flow.
bool behind_limit(const PlanIndex& index, const Plan& plan, size_t feed) {
    for (const auto up : index.upstream(plan.feeds()[feed].from))
        if (index.source_of(up).kind == PartKind::converter || from_brick(index, plan, up)) return true;
    return false;
}

/// Behind a module that passes a short on, the fuse before the module is what opens.
bool opened_before_a_module(const PlanIndex& index, const FeedProtection& p, size_t feed) {
    return index.source_of(feed).kind == PartKind::converter && p.fault.outcome == FaultOutcome::opens;
}

}  // namespace

bool has_fuse(const Lead& feed) { return device(feed, DeviceKind::fuse) != nullptr; }

void take_fuse_out(Lead& feed) {
    std::erase_if(feed.devices, [](const auto& d) { return d.kind == DeviceKind::fuse; });
}

void spare_the_strongest(Plan& plan, Why& why) {
    constexpr double most_of_it = 0.6, worth_it = 30;  // share, A
    for (const auto& hub : plan.hubs) {
        double sum = 0, most = 0;
        Lead* strongest = nullptr;
        for (const auto f : feeds_from(plan, hub.id)) {
            double watts = 0;
            for (const auto l : loads_behind(plan, f))
                watts += raw(plan.loads[l].nominal) *
                         std::max(raw(draw(plan.loads[l], LoadState::peak)), raw(plan.loads[l].start));
            sum += watts;
            if (const auto* load = by_id(plan.loads, plan.feeds()[f].to); load && watts > most)
                most = watts, strongest = &plan.feeds()[f];
        }
        const auto into = feeds_into(plan, hub.id);
        const auto* load = strongest ? by_id(plan.loads, strongest->to) : nullptr;
        if (!load || into.size() != 1 || !has_fuse(plan.feeds()[into.front()]) || !has_fuse(*strongest))
            continue;
        if (most < most_of_it * sum || most / std::max(raw(load->nominal), 1.0) < worth_it) continue;
        take_fuse_out(*strongest);
        why.add(say("{load} takes most of what the main fuse lets through: that fuse is its own, too.",
                    load->name));
    }
}

Plan sized_without_idle_fuses(Plan plan, const Catalogue& catalogue, Why& why) {
    double watts = 0;
    for (const auto& l : plan.loads) watts += raw(l.nominal) * raw(draw(l, LoadState::peak));
    const bool small = watts <= small_watts;
    std::vector<std::string> out, bare;
    const PlanIndex index(plan);
    for (size_t f = 0; f < plan.feeds().size(); ++f)
        if (has_fuse(plan.feeds()[f]) && flies_unfused(plan, index, f))
            take_fuse_out(plan.feeds()[f]), bare.push_back(index.feed_name(plan.feeds()[f]));
    const auto before = plan;
    std::vector<size_t> taken;
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto source = index.source_of(f).kind;
        const bool brick = from_brick(index, plan, f);
        if (!has_fuse(plan.feeds()[f]) || (source == PartKind::source && !brick)) continue;
        if (brick || source == PartKind::converter || small || behind_limit(index, plan, f))
            take_fuse_out(plan.feeds()[f]), taken.push_back(f);
    }
    // Back where the wire turns out to need it, sized as it is without.
    for (int round = 0; round < most_returns; ++round) {
        plan = size_feeds(std::move(plan), catalogue);
        const auto harness = lay_routes(plan, catalogue);
        const Solver solver(plan, catalogue, harness.wiring);
        const auto worst = worst_case(plan, solver);
        const auto protection =
            study_protection(plan, catalogue, harness, solver, worst, short_circuits(plan, catalogue, solver),
                             warm_bodies(plan, worst));
        bool back = false;
        for (const auto f : taken) {
            const auto& p = protection[f];
            const bool held = p.fault.outcome == FaultOutcome::limited || (p.inherited && p.protects) ||
                              opened_before_a_module(index, p, f);
            if (has_fuse(plan.feeds()[f]) || held) continue;
            plan.feeds()[f].devices.insert(plan.feeds()[f].devices.begin(),
                                           *device(before.feeds()[f], DeviceKind::fuse));
            back = true;
        }
        if (!back) break;
    }
    for (const auto f : taken)
        if (!has_fuse(plan.feeds()[f])) out.push_back(index.feed_name(plan.feeds()[f]));

    if (!out.empty())
        why.add(say("No fuse of their own, since a fuse or a current limit upstream protects them: {list}.",
                    first_few(out)));
    if (!bare.empty())
        why.add(
            say("Unfused, since losing it means a crash: {list}. A short there is not interrupted; a fuse "
                "there may open in flight.",
                first_few(bare)),
            Tone::caution);
    return plan;
}

}  // namespace sangre
