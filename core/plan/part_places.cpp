#include "plan/part_places.h"

namespace sangre {

PartPlaces::PartPlaces(const Plan& plan) {
    std::unordered_map<std::string_view, const Body*> bodies, of_place;
    for (const auto& b : plan.bodies) bodies.emplace(b.id, &b);
    for (const auto& p : plan.places)
        if (const auto at = bodies.find(p.body); at != bodies.end()) of_place.emplace(p.id, at->second);
    const auto take = [&](const auto& parts) {
        for (const auto& p : parts) {
            const auto at = of_place.find(p.place);
            stands_.emplace(p.id, Stand{&p.place, at == of_place.end() ? nullptr : at->second});
        }
    };
    take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.loads), take(plan.passives);
}

const Id& PartPlaces::place(const Id& part) const {
    static const Id nowhere;
    const auto at = stands_.find(part);
    return at == stands_.end() ? nowhere : *at->second.place;
}

const Body* PartPlaces::body(const Id& part) const {
    const auto at = stands_.find(part);
    return at == stands_.end() ? nullptr : at->second.body;
}

}  // namespace sangre
