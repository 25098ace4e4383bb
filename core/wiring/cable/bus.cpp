#include "wiring/cable/bus.h"

#include <algorithm>
#include <map>

namespace sangre {

namespace {
/// A pair that reflects at its ends; what is short, slow or of one direction does without.
bool wants_resistors(SignalKind signal) { return signal == SignalKind::unsaid || signal == SignalKind::can; }
}  // namespace

std::vector<DataBus> data_buses(const Plan& plan) {
    std::vector<DataBus> buses;
    std::vector<std::vector<Id>> parts;  // of each
    for (const auto* lead : cabled_leads(plan)) {
        if (lead->kind != CableKind::data || (!wants_resistors(lead->signal) && !lead->terminated)) continue;
        // It joins every bus that one of its parts is on.
        DataBus bus{{lead}, {}, lead->terminated};
        std::vector<Id> its{lead->from, lead->to};
        for (size_t b = 0; b < buses.size();) {
            const bool meets = std::any_of(its.begin(), its.end(), [&](const auto& part) {
                return std::find(parts[b].begin(), parts[b].end(), part) != parts[b].end();
            });
            if (!meets) {
                ++b;
                continue;
            }
            bus.leads.insert(bus.leads.begin(), buses[b].leads.begin(), buses[b].leads.end());
            bus.terminated = bus.terminated && buses[b].terminated;
            its.insert(its.end(), parts[b].begin(), parts[b].end());
            buses.erase(buses.begin() + static_cast<std::ptrdiff_t>(b));
            parts.erase(parts.begin() + static_cast<std::ptrdiff_t>(b));
        }
        buses.push_back(std::move(bus));
        parts.push_back(std::move(its));
    }
    for (auto& bus : buses) {
        std::map<Id, int> touched;
        for (const auto* lead : bus.leads) ++touched[lead->from], ++touched[lead->to];
        for (const auto& [part, times] : touched)
            if (times == 1) bus.ends.push_back(part);
    }
    return buses;
}

std::vector<Id> bus_ends_of(const std::vector<DataBus>& buses, const Lead& lead) {
    std::vector<Id> all;
    for (const auto& bus : buses) {
        if (std::none_of(bus.leads.begin(), bus.leads.end(), [&](const auto* l) { return l->id == lead.id; }))
            continue;
        for (const auto& end : bus.ends)
            if (end == lead.from || end == lead.to) all.push_back(end);
    }
    return all;
}

}  // namespace sangre
