#include "electrical/set_window.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "wiring/conductors/resistances.h"

namespace sangre {
namespace {

Ohm path_ohm(const Plan& plan, const Catalogue& catalogue, size_t feed, Metre length) {
    // Of a wire on a regulated rail: as warm as the hottest air and half of what a wire may warm beyond it.
    const auto ohms =
        feed_ohms(plan, plan.feeds()[feed], catalogue, length, Celsius(raw(plan.hottest_air) + 15));
    return ohms.copper + ohms.rest;
}

/// The loads behind a part up to the next modules, blocks between them passed through.
void add_users(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue, const Id& part,
               const std::vector<Metre>& lengths, Volt before, std::vector<RailUser>& users, int depth = 0) {
    for (const auto f : index.from(part)) {
        const auto ref = index.end_of(f);
        if (ref.kind != PartKind::load && ref.kind != PartKind::hub) continue;
        const Ohm path = path_ohm(plan, catalogue, f, lengths[f]);
        if (ref.kind == PartKind::load) {
            users.push_back({&plan.loads[ref.index], path, before});
            if (index.from(plan.loads[ref.index].id).empty()) continue;
        }
        if (depth > 16) continue;  // a ring of blocks
        double amps = 0;
        for (const auto l : index.loads_behind(f)) amps += raw(draw(plan.loads[l], LoadState::peak));
        const auto& next = ref.kind == PartKind::load ? plan.loads[ref.index].id : plan.hubs[ref.index].id;
        add_users(plan, index, catalogue, next, lengths, before + Volt(amps * raw(path)), users, depth + 1);
    }
}

/// What a module is fed with at the most: another module's voltage, or a pack on its charger; 0 where nothing
/// feeds it.
Volt highest_input(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue, const Id& module) {
    for (const auto f : index.upstream(module)) {
        const auto source = index.source_of(f);
        if (source.kind == PartKind::converter) return plan.converters[source.index].set;
        if (source.kind != PartKind::source) continue;
        if (const auto range = source_range(plan.sources[source.index], catalogue)) return range->high;
    }
    return Volt(0);
}

}  // namespace

Words window_words(const SetWindow& window) {
    return window.empty() ? say("no voltage suits all")
                          : format_range(format(window.low), format(window.high));
}

SetWindow set_window(const std::vector<RailUser>& users, const ConverterType& type, SetSchool school,
                     Volt highest_input) {
    SetWindow w;
    w.high = Volt(1e9);
    for (const auto& u : users) {
        const auto peak = draw(*u.load, LoadState::peak);
        const Volt low = (u.load->v_min + Volt(raw(peak) * raw(u.path)) + u.before) / (1 - type.tolerance);
        const Volt high = u.load->v_max / (1 + type.tolerance);
        if (low > w.low) w.low = low, w.low_by = u.load->id;
        if (high < w.high) w.high = high, w.high_by = u.load->id;
    }
    w.why.title = say("Set voltage");
    if (users.empty()) {
        w.low = type.out_min, w.high = type.out_max, w.proposed = type.out_min;
        w.why.add(say("Nothing is connected to this rail."));
        return w;
    }
    for (const auto& u : users) {
        const auto peak = draw(*u.load, LoadState::peak);
        w.why.add(
            say("{load} needs ≥ {lowest} at its end: ({lowest} + {peak} × {path}{behind| + {before}|}) ÷ "
                "{tolerance} = {least}",
                u.load->name, format(u.load->v_min), format(peak), format(u.path), raw(u.before) > 0,
                format(u.before), format_number(1 - type.tolerance, 3),
                format((u.load->v_min + Volt(raw(peak) * raw(u.path)) + u.before) / (1 - type.tolerance))));
        w.why.add(say("{load} allows ≤ {highest} ÷ {tolerance} = {highest_2}", u.load->name,
                      format(u.load->v_max), format_number(1 + type.tolerance, 4),
                      format(u.load->v_max / (1 + type.tolerance))));
    }
    // A boost passes its input: it gives no less, whatever it is set to.
    if (highest_input > w.low && type.kind == ConverterKind::boost) {
        w.low = highest_input;
        w.why.add(say("A boost gives no less than its input, which reaches {highest_input}.",
                      format(highest_input)));
    }
    // The voltage that most of the load is made for, not that of whoever stands most.
    double nominal = 0, heaviest = 0;
    for (const auto& u : users) {
        const double watts = raw(u.load->typical) * raw(nominal_of(*u.load));
        if (watts > heaviest) heaviest = watts, nominal = raw(rail_voltage_of(*u.load));
    }
    const double span = raw(w.high) - raw(w.low);
    const double wish = school == SetSchool::nominal ? nominal
                        : school == SetSchool::high  ? raw(w.high) - 0.1 * span
                                                     : raw(w.low) + 0.5 * span;
    // Wide windows leave the choice to the loads' own nominal voltage; narrow ones are what the schools are
    // about.
    const double target = span > 0.15 * nominal ? std::clamp(nominal * 1.01, raw(w.low), raw(w.high)) : wish;
    double rounded = std::round(target * 20) / 20;
    if (rounded < raw(w.low) || rounded > raw(w.high)) rounded = std::round(target * 100) / 100;
    w.proposed = Volt(span >= 0 ? std::clamp(rounded, raw(w.low), raw(w.high)) : target);
    if (w.empty())
        w.why.add(say("The window is empty: {low_by} needs at least {low}, {high_by} at most {high}.",
                      w.low_by, format(w.low), w.high_by, format(w.high)),
                  Tone::danger);
    else
        w.why.add(
            say("Window {low} – {high} → set {proposed}", format(w.low), format(w.high), format(w.proposed)),
            Tone::good);
    return w;
}

SetWindow rail_window(const Plan& plan, const Catalogue& catalogue, size_t converter,
                      const std::vector<Metre>& lengths) {
    return rail_window(plan, PlanIndex(plan), catalogue, converter, lengths);
}

SetWindow rail_window(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue, size_t converter,
                      const std::vector<Metre>& lengths) {
    const auto& c = plan.converters[converter];
    std::vector<RailUser> users;
    add_users(plan, index, catalogue, c.id, lengths, Volt(0), users);
    const auto* type = find(catalogue.converters, c.type);
    return set_window(users, type ? *type : ConverterType{}, plan.practices.set,
                      highest_input(plan, index, catalogue, c.id));
}

}  // namespace sangre
