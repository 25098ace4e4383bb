#include "random_plans.h"

#include "plan/bare_volts.h"

#include <cmath>

namespace sangre::test {

Source RandomPlans::pack(const Id& id) {
    static const std::vector<Id> chemistries{"nmc", "lfp", "lipo", "agm", "alkaline", "nimh"};
    Source b{id, id, any_of(chemistries), whole(1, 13), 1, AmpereHour(real(0.3, 30)), {}, {}};
    if (one_in(3)) b.charge_behind = real(0, 0.5);
    return b;
}

Lead& RandomPlans::feed(Plan& plan, const Id& from, const Id& to) {
    static const std::vector<Id> wires{"awg10-silicone", "awg14-pvc", "awg18-xlpe", "awg22-pvc",
                                       "awg26-silicone"};
    Lead f;
    f.id = "feed" + std::to_string(plan.feeds().size());
    f.from = from, f.to = to;
    f.wire = any_of(wires), f.length = Metre(real(0.05, 3));
    plan.add_feed(std::move(f));
    return plan.feeds().back();
}

void RandomPlans::module(Plan& plan, const Id& id, const Id& from) {
    const auto& type = any_of(parts().converters);
    plan.converters.push_back({id, id, type.id, Volt(real(raw(type.out_min), raw(type.out_max))), {}, {}});
    feed(plan, from, id);
}

void RandomPlans::load(Plan& plan, const Id& id, const Id& from, double volts) {
    Load l;
    l.id = l.name = id;
    l.kind = static_cast<LoadKind>(whole(0, 5));
    l.nominal = Volt(volts), l.v_min = Volt(volts * real(0.6, 0.95)), l.v_max = Volt(volts * 1.1);
    l.typical = Ampere(std::pow(10, real(-3, 1.3))), l.peak = l.typical * real(1, 3);
    plan.loads.push_back(std::move(l));
    feed(plan, from, id);
}

Load RandomPlans::any_load() {
    static const std::vector<std::string> names{
        "Pump",   "Drive motor left", "LED strip", "Camera 2", "Motor controller",
        "Heater", "Radio 868",        "Lamps"};
    Load l;
    l.name = any_of(names);
    l.kind = static_cast<LoadKind>(whole(0, 5));
    l.v_min = Volt(real(1, 25)), l.v_max = l.v_min + Volt(real(0.1, 20));
    l.nominal = Volt((raw(l.v_min) + raw(l.v_max)) / 2);
    if (one_in(5)) {
        const bool large = one_in(2);
        l.range_assumed = true, l.nominal = Volt(large ? 24 : 12);
        const auto range = bare_range(raw(l.nominal), l.kind);
        l.v_min = Volt(range->low), l.v_max = Volt(range->high);
    }
    l.typical = l.peak = Ampere(std::pow(10, real(-4, 2)));
    if (l.kind != LoadKind::resistance) {
        if (one_in(2)) l.peak = l.typical * real(1.01, 4), l.peak_time = Second(real(0.05, 30));
        if (one_in(3)) l.start = l.typical * real(1.5, 8), l.start_time = Second(real(0.05, 3));
        if (one_in(3)) l.idle = l.typical * real(0.01, 0.9);
    }
    l.always_on = one_in(4), l.vital = one_in(5), l.noisy = one_in(3), l.sensitive = one_in(4);
    if (l.always_on && (raw(l.idle) <= 0)) l.idle = l.typical;
    l.own_switch = one_in(4), l.transmitter = one_in(6), l.starter = one_in(9), l.assumed = one_in(4);
    return l;
}

Plan RandomPlans::cascade() {
    Plan p;
    p.sources.push_back(pack("pack"));
    module(p, "first", "pack");
    const int modules = whole(2, 4);
    for (int m = 0; m < modules; ++m) {
        const Id id = "module" + std::to_string(m);
        module(p, id, "first");
        const int loads = whole(0, 3);
        for (int l = 0; l < loads; ++l)
            load(p, id + "-load" + std::to_string(l), id, raw(by_id(p.converters, id)->set));
    }
    load(p, "load", "first", raw(p.converters.front().set));
    return p;
}

Plan RandomPlans::network() {
    Plan p;
    p.metal_frame = one_in(2);
    std::map<Id, double> volts;  // of what feeds, where it is known
    std::vector<Id> sources;
    const auto joined = [&](const Id& from, const Id& to) {
        auto& f = feed(p, from, to);
        if (one_in(6)) f.conductors = 2;
        if (one_in(8))
            f.devices.push_back({f.id + "-diode", DeviceKind::diode, "diode-schottky-10a", {}, {}, {}});
        if (one_in(4))
            f.devices.push_back({f.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(5), {}, {}});
        if (p.metal_frame && one_in(8)) f.ret = Return::frame;
        if (p.feeds().size() > 1 && f.ret == Return::own && one_in(8))
            f.ret = Return::shared,
            f.shared_with =
                p.feeds()[static_cast<size_t>(whole(0, static_cast<int>(p.feeds().size()) - 1))].id;
    };
    const int packs = whole(1, 4), hubs = whole(0, 4), modules = whole(0, 6), loads = whole(1, 12);
    for (int i = 0; i < packs; ++i)
        p.sources.push_back(pack("pack" + std::to_string(i))), sources.push_back(p.sources.back().id);
    for (int i = 0; i < hubs; ++i) {
        const Id id = "hub" + std::to_string(i);
        p.hubs.push_back({id, id, {}, {}});
        for (int k = whole(1, 3); k > 0; --k) joined(any_of(sources), id);
        sources.push_back(id);
    }
    for (int i = 0; i < modules; ++i) {
        const Id id = "module" + std::to_string(i), from = any_of(sources);
        module(p, id, from);
        volts[id] = raw(p.converters.back().set);
        sources.push_back(id);
        if (!one_in(6)) continue;
        const Id block = "block" + std::to_string(i);
        p.hubs.push_back({block, block, {}, {}});
        joined(id, block);
        if (i > 0 && one_in(2)) joined(p.converters[static_cast<size_t>(i) - 1].id, block);
        volts[block] = volts[id];
        sources.push_back(block);
    }
    for (int i = 0; i < loads; ++i) {
        const Id from = any_of(sources);
        const auto known = volts.find(from);
        load(p, "load" + std::to_string(i), from, known == volts.end() ? real(4, 30) : known->second);
    }
    return p;
}

Id RandomPlans::place_of(const Plan& plan) {
    return plan.places.empty() || one_in(6) ? Id() : any_of(plan.places).id;
}

void RandomPlans::lead(Plan& plan, const Id& from, const Id& to) {
    auto& f = feed(plan, from, to);
    f.wire = any_of(parts().wires).id;
    if (!one_in(4)) f.length.reset();
    // A pigtail is nothing that one lead has alone, and a plug that stays on is none that is made.
    static const auto single = [] {
        auto kinds = parts().joints;
        std::erase_if(kinds,
                      [](const auto& k) { return k.end == JointEnd::pigtail || k.end == JointEnd::plug; });
        return kinds;
    }();
    f.joint_from = any_of(single).id, f.joint_to = any_of(single).id;
    if (one_in(5)) f.conductors = whole(2, 4);
    const auto add = [&](DeviceKind kind, const Id& type, Ampere rating = Ampere(0)) {
        f.devices.push_back({f.id + "-" + std::to_string(f.devices.size()), kind, type, rating, {}, {}});
    };
    if (one_in(2)) {
        const auto& family = any_of(parts().fuses);
        add(DeviceKind::fuse, family.id, any_of(family.ratings));
        if (one_in(3)) f.devices.back().at = Metre(real(0.02, 0.3));
    }
    if (one_in(4))
        add(DeviceKind::power_switch, any_of(parts().switches).id), f.devices.back().name = f.id + " switch";
    if (one_in(3)) add(DeviceKind::connector, any_of(parts().connectors).id);
    if (one_in(6)) {
        const auto& type = any_of(parts().inlines);
        if (type.kind == InlineKind::diode)
            add(DeviceKind::diode, type.id), f.devices.back().reversed = one_in(8);
        if (type.kind == InlineKind::filter) add(DeviceKind::filter, type.id);
        if (type.kind == InlineKind::meter) add(DeviceKind::shunt, type.id);
    }
    if (plan.metal_frame && one_in(6)) f.ret = Return::frame;
    if (plan.feeds().size() > 1 && one_in(10)) {
        const auto& other =
            plan.feeds()[static_cast<size_t>(whole(0, static_cast<int>(plan.feeds().size()) - 1))];
        if (other.ret == Return::own) f.ret = Return::shared, f.shared_with = other.id;
    }
}

Plan RandomPlans::built() {
    Plan p;
    p.name = "Built";
    p.metal_frame = one_in(2);
    const int places = whole(0, 6);
    for (int i = 0; i < places; ++i) {
        const Id id = "place" + std::to_string(i);
        p.places.push_back({id, id, real(0, 1), real(0, 1), {}});
        if (i == 0) continue;
        const auto kind = whole(0, 6);
        const Id way = "way" + std::to_string(i);
        p.ways.push_back({way, p.places[static_cast<size_t>(whole(0, i))].id, id, Metre(real(0.1, 1.5))});
        const Millimetre bore(real(4, 30));
        if (kind == 1 || kind == 2) {
            p.openings.push_back(
                {way + "-opening", {}, {}, kind == 1 ? OpeningKind::grommet : OpeningKind::gland, bore});
            p.ways.back().on_it.push_back({OnWayKind::opening, {}, way + "-opening"});
        } else if (kind > 2)
            p.ways.back().on_it.push_back({static_cast<OnWayKind>(kind - 2), {}, {}});
    }
    p.sources.push_back({"pack", "Pack", "lfp", whole(4, 9), 1, AmpereHour(real(4, 60)), {}, {}});
    p.sources[0].place = place_of(p);
    const double volts = 3.25 * p.sources[0].series;
    std::vector<std::pair<Id, double>> sources{{"pack", volts}};
    for (int i = whole(0, 3); i > 0; --i) {
        const Id id = "hub" + std::to_string(i);
        p.hubs.push_back({id, id, place_of(p), {}});
        lead(p, any_of(sources).first, id);
        sources.emplace_back(id, volts);
    }
    const size_t of_the_pack = sources.size();
    for (int i = whole(0, 4); i > 0; --i) {
        const Id id = "module" + std::to_string(i);
        const double set = real(3.3, 11);
        p.converters.push_back(
            {id, id, one_in(2) ? "buck-5a-40v" : "buck-15a-75v", Volt(set), place_of(p), {}});
        lead(p, sources[static_cast<size_t>(whole(0, static_cast<int>(of_the_pack)))].first, id);
        sources.emplace_back(id, set);
    }
    Phase work{"work", "Work", Second(3600), false, {}, {}, {}, {}},
        rest{"rest", "Rest", Second(7200), false, {}, {}, {}, {}};
    for (int i = whole(1, 10); i > 0; --i) {
        const auto [from, at] = any_of(sources);
        Load l;
        l.id = l.name = "load" + std::to_string(i);
        l.kind = static_cast<LoadKind>(whole(0, 5));
        l.nominal = Volt(at), l.v_min = Volt(at * 0.8), l.v_max = Volt(at * 1.25);
        l.typical = Ampere(std::pow(10, real(-2, 0.5))), l.peak = l.typical * real(1, 2.5),
        l.peak_time = Second(real(0.1, 5));
        l.idle = l.typical * 0.1, l.place = place_of(p);
        l.noisy = one_in(4), l.sensitive = one_in(5), l.always_on = one_in(6);
        if (one_in(5)) l.lead = any_of(parts().wires).id;
        p.loads.push_back(l);
        work.states[l.id] = one_in(4) ? LoadState::peak : LoadState::typical;
        rest.states[l.id] = one_in(2) ? LoadState::idle : LoadState::off;
        lead(p, from, l.id);
    }
    p.phases = {work, rest};
    return p;
}

Demand RandomPlans::demand(const Plan& plan) {
    Demand d;
    d.states.assign(plan.loads.size(), LoadState::typical);
    for (auto& s : d.states)
        if (one_in(3)) s = one_in(2) ? LoadState::off : LoadState::peak;
    d.open.assign(plan.feeds().size(), false);
    for (size_t f = 0; f < d.open.size(); ++f) d.open[f] = one_in(12);
    d.charge = real(0, 1), d.air = Celsius(real(-20, 50));
    return d;
}

}  // namespace sangre::test
