#include "proposal/there.h"

#include <algorithm>

#include "base/units/number.h"
#include "plan/source_text.h"
#include "wiring/index/index.h"

namespace sangre {

ModulesThere::ModulesThere(const Plan& plan, const Catalogue& catalogue) : plan_(plan) {
    const PlanIndex index(plan);
    for (const auto& load : plan.loads)
        for (const auto f : index.upstream(load.id))
            if (const auto* module = by_id(plan.converters, plan.feeds()[f].from)) {
                of_load_.emplace(load.id, module->type);
                break;
            }
    for (const auto& hand : plan.at_hand)
        for (const auto& type : catalogue.converters)
            if (type.name.is_called(hand.name)) drawer_[type.id] += std::max(hand.pieces, 1);
}

std::map<Id, Id>::const_iterator ModulesThere::own(const RailGroup& group) const {
    for (const auto l : group.loads)
        if (const auto at = of_load_.find(plan_.loads[l].id); at != of_load_.end()) return at;
    return of_load_.end();
}

std::vector<Id> ModulesThere::first(const RailGroup& group) const {
    std::vector<Id> all;
    if (const auto at = own(group); at != of_load_.end()) all.push_back(at->second);
    for (const auto& [type, pieces] : drawer_)
        if (pieces > 0) all.push_back(type);
    return all;
}

bool ModulesThere::use(const RailGroup& group, const Id& type) {
    if (const auto at = own(group); at != of_load_.end() && at->second == type) {
        // It serves these now, and no others.
        const auto gone = at->second;
        std::erase_if(of_load_, [&](const auto& x) {
            return x.second == gone && std::any_of(group.loads.begin(), group.loads.end(),
                                                   [&](size_t l) { return plan_.loads[l].id == x.first; });
        });
        return true;
    }
    const auto at = drawer_.find(type);
    if (at == drawer_.end() || at->second <= 0) return false;
    --at->second;
    return true;
}

std::vector<Source> packs_there(const Plan& plan, const Catalogue& catalogue) {
    std::vector<Source> all;
    for (const auto& hand : plan.at_hand) {
        if (!hand.wire.empty()) continue;
        std::string_view words = hand.name;
        constexpr std::string_view shopping = "battery: ";
        if (words.starts_with(shopping)) words.remove_prefix(shopping.size());
        const auto pack = parse_source(catalogue, Source{}, words);
        if (!pack || pack->kind != SourceKind::pack || pack->chemistry.empty() ||
            raw(pack->cell_capacity) <= 0)
            continue;
        all.push_back(*pack);
        all.back().id = "battery", all.back().name = "Battery";
    }
    return all;
}

}  // namespace sangre
