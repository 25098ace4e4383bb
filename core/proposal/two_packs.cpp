#include "proposal/two_packs.h"

#include <algorithm>

#include "base/append.h"
#include "base/words/say.h"
#include "proposal/sides.h"

namespace sangre {
namespace {

bool goes_quiet(const Load& l) { return l.sensitive && !l.noisy; }

bool is_quiet(const Id& id) { return id.ends_with(quiet_suffix); }

Id bare(const Id& id) {
    return is_quiet(id) ? id.substr(0, id.size() - std::string(quiet_suffix).size()) : id;
}

/// One side of the plan as a plan of its own.
Plan side_of(const Plan& plan, bool quiet) {
    Plan side = plan;
    side.practices.supply = SupplySchool::one;
    const auto other = [&](const auto& part) { return is_quiet(part.id) != quiet; };
    std::erase_if(side.sources, other), std::erase_if(side.hubs, other);
    std::erase_if(side.converters, other), side.erase_feeds(other);
    std::erase_if(side.loads, [&](const auto& l) { return goes_quiet(l) != quiet; });
    if (quiet) rename_parts(side, bare);
    return side;
}

}  // namespace

bool wants_two_packs(const Plan& plan) {
    return plan.practices.supply == SupplySchool::two &&
           std::any_of(plan.loads.begin(), plan.loads.end(), goes_quiet) &&
           !std::all_of(plan.loads.begin(), plan.loads.end(), goes_quiet);
}

Plan without_quiet_side(Plan plan) {
    const auto quiet = [](const auto& part) { return is_quiet(part.id); };
    std::erase_if(plan.sources, quiet), std::erase_if(plan.hubs, quiet);
    std::erase_if(plan.converters, quiet), plan.erase_feeds(quiet);
    return plan;
}

tl::expected<Proposal, Refusals> propose_two_packs(const Plan& old, const Catalogue& catalogue) {
    auto main = propose(side_of(old, false), catalogue);
    auto quiet = propose(side_of(old, true), catalogue);
    if (!main || !quiet) {
        Refusals all = main ? Refusals{} : main.error();
        if (!quiet) append(all, quiet.error());
        return tl::unexpected(all);
    }
    auto& apart = quiet->plan;
    rename_parts(apart, [](const Id& id) { return id + quiet_suffix; });
    for (auto& b : apart.sources)
        if (b.name.empty() || b.name == "Battery") b.name = "Quiet pack";
    for (auto& h : apart.hubs)
        if (!h.name.starts_with("Quiet")) h.name = "Quiet " + h.name;
    for (auto& c : apart.converters)
        if (!c.name.starts_with("Quiet")) c.name = "Quiet " + c.name;
    for (auto& f : apart.feeds())
        for (auto& d : f.devices)
            if (d.name == "Main") d.name = "Quiet main";
    Proposal both{old, {}};
    auto& next = both.plan;
    next.sources = main->plan.sources, next.hubs = main->plan.hubs;
    next.converters = main->plan.converters;
    next.replace_feeds({main->plan.feeds().begin(), main->plan.feeds().end()});
    append(next.sources, apart.sources), append(next.hubs, apart.hubs);
    append(next.converters, apart.converters);
    for (const auto& f : apart.feeds()) next.add_feed(f);
    both.why.title = say("The proposal");
    tell_side(both.why, say("Main pack"), main->why);
    tell_side(both.why, say("Quiet pack"), quiet->why);
    both.why.add(
        say("Two packs to charge and to watch; signals between the sides still need a ground between them."),
        Tone::caution);
    return both;
}

}  // namespace sangre
