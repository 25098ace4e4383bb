#include "plans.h"

#include <random>

namespace sangre::bench {

const Catalogue& parts() {
    static const Catalogue catalogue = *load_catalogue(data_directory());
    return catalogue;
}

Plan plan_of(size_t feeds) {
    std::mt19937 random(42);
    const auto pick = [&](int low, int high) {
        return std::uniform_int_distribution<int>(low, high)(random);
    };
    Plan p;
    p.name = "Measured";
    const double amp_hours = 20 + static_cast<double>(feeds);
    p.sources.push_back({"battery", "Battery", "lfp", 8, 1, AmpereHour(amp_hours), {}, {}});
    p.hubs.push_back({"hub", "Hub", {}, {}});
    const auto feed = [&](const Id& from, const Id& to, const char* wire, double rating) {
        Lead f;
        f.id = "feed-" + to, f.from = from, f.to = to, f.wire = wire, f.length = Metre(pick(10, 150) / 100.0);
        f.joint_from = f.joint_to = "ring-crimp";
        if (rating > 0)
            f.devices = {{f.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(rating), {}, {}}};
        p.add_feed(f);
    };
    feed("battery", "hub", "awg2_0-silicone", 0);
    p.feeds().back().devices = {
        {"main-fuse", DeviceKind::fuse, "bolt-down-51", Ampere(300), {}, {}},
        {"main-switch", DeviceKind::power_switch, "isolator-300a", Ampere(0), "Main", {}}};
    std::vector<Id> sources{"hub"};
    for (size_t i = 0; p.feeds().size() < feeds; ++i) {
        const Id id = "part" + std::to_string(i);
        const bool room = feeds - p.feeds().size() > 2;
        if (i % 8 == 0 && room) {
            p.converters.push_back(
                {id, "Rail " + std::to_string(i), "buck-15a-75v", Volt(pick(5, 12)), {}, {}});
            feed("hub", id, "awg14-silicone", 15);
            sources.push_back(id);
        } else if (i % 20 == 5 && room) {
            p.hubs.push_back({id, id, {}, {}});
            feed("hub", id, "awg6-silicone", 0);
            sources.push_back(id);
        } else {
            const auto& from = sources[static_cast<size_t>(pick(0, static_cast<int>(sources.size()) - 1))];
            Load l;
            l.id = id, l.name = "Load " + std::to_string(i);
            const auto* rail = by_id(p.converters, from);
            const double volts = rail ? raw(rail->set) : 25.6;
            l.nominal = Volt(volts), l.v_min = Volt(volts * 0.8), l.v_max = Volt(volts * 1.2);
            l.typical = Ampere(pick(1, 60) / 100.0), l.peak = l.typical * 1.5, l.peak_time = Second(2);
            l.idle = l.typical * 0.1;
            l.kind = static_cast<LoadKind>(pick(0, 2));
            p.loads.push_back(l);
            feed(from, id, "awg20-silicone", 3);
        }
    }
    for (int k = 0; k < 6; ++k) {
        Phase phase;
        phase.id = "phase" + std::to_string(k), phase.name = "Phase " + std::to_string(k);
        phase.duration = Second(4 * 3600), phase.charging = k == 0, phase.charge_current = Ampere(20);
        for (const auto& l : p.loads)
            if (k > 0) phase.states[l.id] = static_cast<LoadState>(pick(0, 3));
        p.phases.push_back(phase);
    }
    return p;
}

Plan wish_of(size_t loads) {
    const auto wired = plan_of(loads + loads / 4 + 8);
    Plan p;
    p.name = "Wished";
    p.loads.assign(wired.loads.begin(), wired.loads.begin() + static_cast<std::ptrdiff_t>(loads));
    // However many there are, one pack carries them.
    const double share = std::min(1.0, 250.0 / static_cast<double>(loads));
    for (auto& l : p.loads) l.typical *= share, l.peak *= share, l.idle *= share;
    return p;
}

Plan days_of(Plan plan, int days) {
    const auto day = plan.phases;
    plan.phases.clear();
    for (int d = 0; d < days; ++d)
        for (auto phase : day) {
            phase.id += "-" + std::to_string(d);
            plan.phases.push_back(std::move(phase));
        }
    return plan;
}

Plan laid_out(Plan plan) {
    constexpr size_t side = 4;
    const auto id = [](size_t n) { return "place-" + std::to_string(n); };
    Side above;
    above.id = "above", above.name = "Above", above.across = Metre(1);
    plan.sides = {above};
    for (size_t n = 0; n < side * side; ++n) {
        Place place{id(n), "Place " + std::to_string(n)};
        place.x = 0.1 + 0.27 * static_cast<double>(n % side),
        place.y = 0.1 + 0.27 * static_cast<double>(n / side);
        plan.places.push_back(place);
    }
    const auto join = [&](size_t a, size_t b) {
        Way way{"way-" + std::to_string(plan.ways.size()), id(a), id(b), Metre(0.3)};
        const auto &from = plan.places[a], &to = plan.places[b];
        way.bends =
            std::to_string((from.x + to.x) / 2 + 0.02) + "," + std::to_string((from.y + to.y) / 2 + 0.02);
        if (plan.ways.size() % 3 == 0) {
            Opening opening{"opening-" + std::to_string(plan.ways.size()), "", ""};
            opening.bore = Millimetre(25);
            way.on_it = {{OnWayKind::opening, Metre(0.15), opening.id}};
            plan.openings.push_back(opening);
        }
        plan.ways.push_back(way);
    };
    for (size_t n = 0; n < side * side; ++n) {
        if (n % side + 1 < side) join(n, n + 1);
        if (n + side < side * side) join(n, n + side);
    }
    size_t n = 0;
    const auto spread = [&](auto& parts) {
        for (auto& part : parts) part.place = id(n++ * 7 % (side * side));
    };
    spread(plan.sources), spread(plan.hubs), spread(plan.converters), spread(plan.loads);
    return plan;
}

std::vector<Metre> lengths_of(const Plan& plan) { return feed_lengths(lay_harness(plan, parts())); }

Demand all_on(const Plan& plan) {
    Demand d;
    d.states.assign(plan.loads.size(), LoadState::typical);
    d.open.assign(plan.feeds().size(), false);
    d.charge = 0.7;
    return d;
}

}  // namespace sangre::bench
