#include "propose/rails.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "battery/pack.h"
#include "mission/start_up.h"
#include "network/elements.h"
#include "units/format.h"

namespace sangre {
namespace {

constexpr double wanted_spare = 0.25;
constexpr double sag_share = 0.97;     // of the lowest voltage, at a module's input
constexpr double thrifty_share = 0.1;  // of what is drawn, that a module may take for itself

Volt nominal_of(const Load& l) { return raw(l.nominal) > 0 ? l.nominal : (l.v_min + l.v_max) / 2; }

/// The nominal voltage of the load that stands least, within what all of the group take.
Volt volts_for(const Plan& plan, const std::vector<size_t>& loads) {
    const auto least = *std::min_element(loads.begin(), loads.end(), [&](size_t a, size_t b) {
        return plan.loads[a].v_max < plan.loads[b].v_max;
    });
    Volt low(0);
    for (const auto l : loads) low = std::max(low, plan.loads[l].v_min);
    const auto top = plan.loads[least].v_max;
    return std::clamp(nominal_of(plan.loads[least]), std::min(low, top), top);
}

/// Splits one class of loads into the fewest voltages: take the lowest upper bound, give it to all who accept
/// it.
void stab(const Plan& plan, std::vector<size_t> loads, bool always_on, std::vector<RailGroup>& groups) {
    std::sort(loads.begin(), loads.end(),
              [&](size_t a, size_t b) { return plan.loads[a].v_max < plan.loads[b].v_max; });
    while (!loads.empty()) {
        const Volt lowest_top = plan.loads[loads.front()].v_max;
        RailGroup g;
        g.always_on = always_on;
        for (const auto l : loads) {
            // Room for the module’s tolerance on both sides and the drop to the far end.
            if (plan.loads[l].v_min * 1.06 > lowest_top && l != loads.front()) continue;
            g.loads.push_back(l);
        }
        std::erase_if(
            loads, [&](size_t l) { return std::find(g.loads.begin(), g.loads.end(), l) != g.loads.end(); });
        g.volts = volts_for(plan, g.loads);
        std::sort(g.loads.begin(), g.loads.end());
        groups.push_back(std::move(g));
    }
}

/// Takes the noisy loads of a group that also holds sensitive ones into a group of their own.
void part_noise(const Plan& plan, std::vector<RailGroup>& groups) {
    for (size_t i = 0; i < groups.size(); ++i) {
        // What is both noisy and sensitive stays with the quiet ones: it would suffer from the loud.
        const auto noisy = [&](size_t l) { return plan.loads[l].noisy && !plan.loads[l].sensitive; };
        const bool sensitive = std::any_of(groups[i].loads.begin(), groups[i].loads.end(),
                                           [&](size_t l) { return plan.loads[l].sensitive; });
        if (!sensitive || std::none_of(groups[i].loads.begin(), groups[i].loads.end(), noisy)) continue;
        RailGroup loud = groups[i];
        std::erase_if(loud.loads, [&](size_t l) { return !noisy(l); });
        std::erase_if(groups[i].loads, noisy);
        loud.volts = volts_for(plan, loud.loads);
        groups[i].volts = volts_for(plan, groups[i].loads);
        groups.insert(groups.begin() + static_cast<std::ptrdiff_t>(i), std::move(loud));
        ++i;
    }
}

bool makes(const ConverterType& t, SourceRange source, Volt volts, double share) {
    // Room above, to make up for what the wires drop; and below, for what the pack sags.
    const Volt sagged = source.low * share;
    if (volts < t.out_min || volts * 1.05 > t.out_max || sagged < t.in_min || source.high > t.in_max)
        return false;
    switch (t.kind) {
        case ConverterKind::buck:
        case ConverterKind::linear:
            return sagged - t.dropout >= volts * ((share < 1 ? 1.02 : 1) + t.tolerance);
        case ConverterKind::boost:
            return source.high < volts;
        case ConverterKind::buck_boost:
            return true;
    }
    return false;
}

/// A linear regulator is worth it only for small steps at small current.
bool cool_enough(const ConverterType& t, SourceRange source, Volt volts, Ampere amps) {
    return t.kind != ConverterKind::linear || raw(source.high - volts) * raw(amps) < 1.0;
}

}  // namespace

bool accepts(const Load& load, SourceRange source) {
    return load.v_min <= source.low && load.v_max >= source.high;
}

std::vector<RailGroup> group_rails(const Plan& plan, SourceRange source) {
    std::vector<RailGroup> groups;
    for (const bool always_on : {false, true}) {
        std::vector<size_t> loads;
        for (size_t l = 0; l < plan.loads.size(); ++l)
            if (plan.loads[l].always_on == always_on && !accepts(plan.loads[l], source)) loads.push_back(l);
        stab(plan, loads, always_on, groups);
    }
    if (plan.practices.noise == NoiseSchool::own_converter) part_noise(plan, groups);
    return groups;
}

double input_spare(const ConverterType& type, Volt highest) {
    return raw(highest) > 0 ? raw(type.in_max - highest) / raw(highest) : 0;
}

tl::expected<const ConverterType*, std::string> choose_converter(const Catalogue& catalogue,
                                                                 SourceRange source, Volt volts,
                                                                 Ampere continuous, Ampere peak,
                                                                 double window) {
    const ConverterType* best = nullptr;
    bool any_makes = false;
    Ampere strongest(0);
    const auto better = [&](const ConverterType& t) {
        if (!best) return true;
        // Its own tolerance, either way, must leave room for what the wires drop.
        const auto precise = [&](const ConverterType& c) { return 2 * c.tolerance + 0.025 <= window; };
        if (precise(t) != precise(*best)) return precise(t);
        const bool spare = input_spare(t, source.high) >= wanted_spare,
                   best_spare = input_spare(*best, source.high) >= wanted_spare;
        if (spare != best_spare) return spare;
        // Milliamperes for a load of milliamperes: of those, the one that takes least for itself.
        const auto thrifty = [&](const ConverterType& c) {
            return raw(c.quiescent) * raw(source.low) <= thrifty_share * raw(volts) * raw(continuous);
        };
        if (thrifty(t) != thrifty(*best)) return thrifty(t);
        if (!thrifty(t) && t.quiescent != best->quiescent) return t.quiescent < best->quiescent;
        return t.cost < best->cost;
    };
    // Where none has room for the pack's sag, one that does without.
    for (const double share : {sag_share, 1.0})
        for (const auto& t : catalogue.converters) {
            if (best && share == 1) break;
            if (!t.module || !makes(t, source, volts, share)) continue;
            any_makes = true;
            strongest = std::max(strongest, t.rated * t.trusted);
            if (t.rated * t.trusted < continuous || t.rated < peak * 1.05 ||
                !cool_enough(t, source, volts, continuous))
                continue;
            if (better(t)) best = &t;
        }
    if (best) return best;
    if (!any_makes)
        return tl::unexpected(fmt::format("no module in the catalogue makes {} from {} – {}", format(volts),
                                          format(source.low), format(source.high)));
    return tl::unexpected(
        fmt::format("it needs {} (peak {}) at {}, and the strongest module is trusted with {}",
                    format(continuous), format(peak), format(volts), format(strongest)));
}

RailCurrent rail_current(const Plan& plan, const RailGroup& g) {
    RailCurrent sum;
    Ampere surge(0);
    for (const auto l : g.loads) {
        const auto& load = plan.loads[l];
        const double scale =
            load.kind == LoadKind::power && raw(g.volts) > 0 ? raw(load.nominal) / raw(g.volts) : 1;
        sum.typical += load.typical * scale;
        sum.peak += draw(load, LoadState::peak) * scale;
        // What starts alone only starts slower; beside what would restart it must not pull the rail down.
        const bool beside = std::any_of(g.loads.begin(), g.loads.end(), [&](size_t other) {
            return other != l && restarts(plan.loads[other]);
        });
        if (beside) surge = std::max(surge, (start_current(load) - load.typical) * scale);
    }
    // A module gives a quarter more than printed for a moment.
    sum.peak = std::max(sum.peak, (sum.typical + surge) / 1.2);
    return sum;
}

tl::expected<std::vector<RailModule>, Refusals> modules_for(const Plan& plan, const Catalogue& catalogue,
                                                            SourceRange source, const RailGroup& group) {
    const auto [typical, peak] = rail_current(plan, group);
    Volt least(0), most(1e9);
    for (const auto l : group.loads)
        least = std::max(least, plan.loads[l].v_min), most = std::min(most, plan.loads[l].v_max);
    const double window = raw(group.volts) > 0 ? raw(most - least) / raw(group.volts) : 1;
    // Generous where there is something stronger; where there is not, what carries it.
    const double margin = sizing_margin(plan.practices);
    auto chosen = choose_converter(catalogue, source, group.volts, typical * margin, peak * margin, window);
    if (!chosen) chosen = choose_converter(catalogue, source, group.volts, typical, peak, window);
    if (chosen) return std::vector<RailModule>{{group, *chosen}};
    if (group.loads.size() == 1)
        return tl::unexpected(Refusals{{plan.loads[group.loads.front()].id, chosen.error()}});
    // Dealt out by size, so that the two halves ask about the same; a hard starter goes apart from what would
    // restart.
    const auto hard = [&](size_t l) { return start_current(plan.loads[l]) > plan.loads[l].typical; };
    if (const auto starters = std::count_if(group.loads.begin(), group.loads.end(), hard);
        starters > 0 && starters < static_cast<std::ptrdiff_t>(group.loads.size())) {
        RailGroup calm = group, loud = group;
        std::erase_if(calm.loads, hard);
        std::erase_if(loud.loads, [&](size_t l) { return !hard(l); });
        auto first = modules_for(plan, catalogue, source, calm),
             others = modules_for(plan, catalogue, source, loud);
        if (first && others) {
            first->insert(first->end(), others->begin(), others->end());
            return first;
        }
    }
    auto by_size = group.loads;
    std::sort(by_size.begin(), by_size.end(),
              [&](size_t a, size_t b) { return plan.loads[a].typical > plan.loads[b].typical; });
    RailGroup half = group, rest = group;
    half.loads.clear(), rest.loads.clear();
    for (size_t i = 0; i < by_size.size(); ++i) (i % 2 == 0 ? half : rest).loads.push_back(by_size[i]);
    std::sort(half.loads.begin(), half.loads.end());
    std::sort(rest.loads.begin(), rest.loads.end());
    auto first = modules_for(plan, catalogue, source, half);
    auto others = modules_for(plan, catalogue, source, rest);
    if (!first || !others) {
        Refusals all = first ? Refusals{} : first.error();
        if (!others) all.insert(all.end(), others.error().begin(), others.error().end());
        return tl::unexpected(all);
    }
    first->insert(first->end(), others->begin(), others->end());
    return first;
}

std::string window_words(const SetWindow& window) {
    return window.empty() ? "no voltage suits all" : format_range(format(window.low), format(window.high));
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
    w.why.title = "Set voltage";
    if (users.empty()) {
        w.low = type.out_min, w.high = type.out_max, w.proposed = type.out_min;
        w.why.add("Nothing hangs on this rail.");
        return w;
    }
    for (const auto& u : users) {
        const auto peak = draw(*u.load, LoadState::peak);
        w.why.add(fmt::format(
            "{} needs ≥ {} at its end: ({} + {} × {}{}) ÷ {} = {}", u.load->name, format(u.load->v_min),
            format(u.load->v_min), format(peak), format(u.path),
            raw(u.before) > 0 ? " + " + format(u.before) : "", format_number(1 - type.tolerance, 3),
            format((u.load->v_min + Volt(raw(peak) * raw(u.path)) + u.before) / (1 - type.tolerance))));
        w.why.add(fmt::format("{} allows ≤ {} ÷ {} = {}", u.load->name, format(u.load->v_max),
                              format_number(1 + type.tolerance, 4),
                              format(u.load->v_max / (1 + type.tolerance))));
    }
    // A boost passes its input: it gives no less, whatever it is set to.
    if (highest_input > w.low && type.kind == ConverterKind::boost) {
        w.low = highest_input;
        w.why.add(
            fmt::format("A boost gives no less than its input, which reaches {}.", format(highest_input)));
    }
    // The voltage that most of the load is made for, not that of whoever stands most.
    double nominal = 0, heaviest = 0;
    for (const auto& u : users) {
        const double watts = raw(u.load->typical) * raw(nominal_of(*u.load));
        if (watts > heaviest) heaviest = watts, nominal = raw(nominal_of(*u.load));
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
        w.why.add(fmt::format("The window is empty: {} wants at least {}, {} at most {}.", w.low_by,
                              format(w.low), w.high_by, format(w.high)),
                  Tone::danger);
    else
        w.why.add(fmt::format("Window {} – {} → set {}", format(w.low), format(w.high), format(w.proposed)),
                  Tone::good);
    return w;
}

}  // namespace sangre
