#include "physics/network/answers.h"

#include <algorithm>

namespace sangre {
namespace {

void stir(size_t& hash, size_t value) { hash ^= value + 0x9e3779b97f4a7c15ULL + (hash << 6) + (hash >> 2); }

}  // namespace

size_t DemandHash::operator()(const Demand& d) const {
    size_t hash = std::hash<double>()(d.charge);
    stir(hash, std::hash<double>()(raw(d.air)));
    stir(hash, std::hash<double>()(d.sun));
    stir(hash, std::hash<std::vector<bool>>()(d.open));
    size_t states = 0;
    for (const auto s : d.states) states = states * 7 + static_cast<size_t>(s);
    stir(hash, states);
    stir(hash, d.short_at.value_or(0));
    return hash;
}

bool answers(const Answer& kept, const Network& network, bool same_circuit, const Instant& now) {
    if (!same_circuit || !(kept.instant == now) || kept.network->types != network.types) return false;
    const auto& laws = kept.network->laws;
    if (laws.size() != network.laws.size()) return false;
    for (size_t l = 0; l < laws.size(); ++l)
        if (now.load_amps[l] != 0 && !(laws[l] == network.laws[l])) return false;
    return true;
}

bool sound(const OperatingPoint& point) {
    return point.found && point.brown_outs.empty() &&
           std::none_of(point.sources.begin(), point.sources.end(),
                        [](const auto& s) { return s.limiting; }) &&
           std::none_of(point.converters.begin(), point.converters.end(),
                        [](const auto& c) { return c.locked_out || c.cycling || c.limiting; });
}

std::shared_ptr<const Answers> merged(const std::shared_ptr<const Answers>& first, const Answers& second) {
    auto both = std::make_shared<Answers>(*first);
    both->by_demand.insert(second.by_demand.begin(), second.by_demand.end());
    return both;
}

}  // namespace sangre
