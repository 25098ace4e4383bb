#include "electrical/mission/start_up.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <optional>

#include "base/words/say.h"
#include "physics/network/elements.h"

namespace sangre {
namespace {

double hardness(const Load& load) { return raw(start_current(load)) * raw(load.nominal); }

bool is_on(const Phase& phase, const Load& load) { return raw(draw_in(phase, load)) > 0; }

/// Off before, or starting from rest whenever it likes.
bool starts(const Phase& phase, const Load& load) {
    return is_on(phase, load) && start_current(load) > draw_in(phase, load);
}

/// What a load starts on: the nearest module before it, or the pack.
Id rail_before(const Plan& plan, const PlanIndex& index, const Id& load) {
    Id rail;
    for (const auto f : index.upstream(load)) {
        rail = plan.feeds()[f].from;
        if (index.source_of(f).kind == PartKind::converter) break;
    }
    return rail;
}

SwitchingInstant instant_with(const Plan& plan, Words what, const std::vector<size_t>& loads) {
    SwitchingInstant s{std::move(what), std::vector<bool>(plan.loads.size()), {}};
    for (const auto l : loads) {
        s.starting[l] = true;
        s.lasts = std::max(s.lasts, start_duration(plan.loads[l]));
    }
    return s;
}

Words switch_name(const Lead& feed) {
    const auto* d = device(feed, DeviceKind::power_switch);
    return d && !d->name.empty() ? d->name : say("a switch");
}

}  // namespace

bool restarts(const Load& load) { return load.kind == LoadKind::current || load.kind == LoadKind::power; }

std::vector<SwitchingInstant> switching_instants(const Plan& plan, const PlanIndex& index, const Phase& phase,
                                                 const Phase* before, size_t most) {
    std::vector<SwitchingInstant> all;
    std::map<Id, size_t> hardest;  // by rail
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        if (!starts(phase, plan.loads[l])) continue;
        const auto [slot, fresh] = hardest.try_emplace(rail_before(plan, index, plan.loads[l].id), l);
        if (!fresh && hardness(plan.loads[l]) > hardness(plan.loads[slot->second])) slot->second = l;
    }
    if (hardest.empty()) return all;
    if (hardest.size() <= most)
        for (const auto& [rail, l] : hardest)
            all.push_back(instant_with(plan, say("{loads} starts", plan.loads[l].name), {l}));
    else {
        std::vector<size_t> loads;
        loads.reserve(hardest.size());
        for (const auto& [rail, l] : hardest) loads.push_back(l);
        all.push_back(instant_with(plan, say("the hardest of every rail start"), loads));
    }
    const auto now = open_feeds(plan, index, phase);
    const auto then =
        before ? open_feeds(plan, index, *before) : std::vector<bool>(plan.feeds().size(), true);
    for (const auto f : index.switched()) {
        if (now[f] || !then[f]) continue;
        std::vector<size_t> loads;
        for (const auto l : index.loads_behind(f))
            if (starts(phase, plan.loads[l])) loads.push_back(l);
        if (loads.size() > 1)
            all.push_back(
                instant_with(plan, say("{switch_name} is closed", switch_name(plan.feeds()[f])), loads));
    }
    return all;
}

}  // namespace sangre
