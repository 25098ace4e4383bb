#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <optional>
#include <set>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/network/elements.h"
#include "plan/module_choice.h"
#include "proposal/rail_edits.h"
#include "rules/review/deep_only.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

template <class Check>
void each_module(const Context& c, Check check) {
    for (size_t i = 0; i < c.plan.converters.size(); ++i)
        if (const auto* type = find(c.catalogue.converters, c.plan.converters[i].type))
            check(i, c.plan.converters[i], *type);
}

/// A fix that exchanges the module for the cheapest one that serves what this one does.
std::vector<Fix> exchange(const Context& c, size_t i) {
    const auto& k = c.plan.converters[i];
    const auto& x = c.figures.worst.converters[i];
    // The charger's voltage counts even where it was not part of a corner.
    const auto type = choose_converter(c.catalogue, {x.in_lowest, x.in_highest}, k.set, x.continuous, x.peak);
    if (!type || (*type)->id == k.type) return {};
    return {{say("Use a {part}", (*type)->name),
             [id = k.id, to = (*type)->id](const Plan& p) { return set_converter_type(p, id, to); }}};
}

void unknown_module(const Context& c, std::vector<Finding>& out) {
    for (const auto& k : c.plan.converters)
        if (!find(c.catalogue.converters, k.type))
            out.push_back(
                {Severity::danger,
                 {},
                 {k.id},
                 say("{converter} names a module “{type}” that the catalogue does not hold.", k.name, k.type),
                 {},
                 {}});
}

/// The feed by which a part is fed from itself in the end, or none.
std::optional<size_t> fed_round_by(const Context& c, const Id& part) {
    std::set<Id> seen;
    std::vector<Id> todo{part};
    while (!todo.empty()) {
        const Id at = todo.back();
        todo.pop_back();
        for (const auto f : c.index().from(at)) {
            const auto& to = c.plan.feeds()[f].to;
            if (to == part) return f;
            if (seen.insert(to).second) todo.push_back(to);
        }
    }
    return {};
}

void loop(const Context& c, std::vector<Finding>& out) {
    std::set<size_t> said;  // a ring is said once, at its module where it has one
    const auto look = [&](const auto& parts, const Words& how) {
        for (const auto& part : parts) {
            const auto by = fed_round_by(c, part.id);
            if (!by) continue;
            const bool module = find_part(c.plan, part.id).kind == PartKind::converter;
            if (!module && !said.empty()) continue;
            said.insert(*by);
            out.push_back({Severity::danger,
                           {},
                           {part.id, c.plan.feeds()[*by].id},
                           say("{part} is fed from {how}, through {lead}: a loop has no source.", part.name,
                               how, c.index().feed_name(c.plan.feeds()[*by])),
                           {},
                           {}});
        }
    };
    look(c.plan.converters, say("its own output"));
    look(c.plan.hubs, say("itself"));
}

void input_high(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const Volt highest = c.figures.worst.converters[i].in_highest;
        const double spare = input_spare(t, highest);
        if (raw(highest) <= 0 || spare >= 0.25) return;
        Finding f{
            spare < 0.05 ? Severity::danger : Severity::caution,
            {},
            {k.id},
            spare < 0
                ? say("{converter} is fed up to {highest} and is rated for {in_max}.", k.name,
                      format(highest), format(t.in_max))
                : say("{converter} is fed up to {highest} of its {in_max}: {spare} margin, 25 % recommended.",
                      k.name, format(highest), format(t.in_max), format_percent(spare)),
            {},
            exchange(c, i)};
        f.why.add(compose("({} − {}) ÷ {} = {}", format(t.in_max), format(highest), format(highest),
                          format_percent(spare)));
        f.why.add(say(
            "Ringing at plug-in exceeds what the meter shows: converters run at their maximum input fail."));
        out.push_back(std::move(f));
    });
}

void drops_out(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        if (!x.dropout || x.in_lowest - t.dropout >= k.set) return;
        out.push_back({x.usual_in_lowest - t.dropout >= k.set ? Severity::note : Severity::caution,
                       {},
                       {k.id},
                       say("{converter} cannot hold {setting} on an empty pack: {in_lowest} in less "
                           "{dropout} leaves {in_lowest_2}.",
                           k.name, format(k.set), format(x.in_lowest), format(t.dropout),
                           format(x.in_lowest - t.dropout)),
                       {},
                       exchange(c, i)});
    });
}

void input_low(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        if (raw(x.in_lowest) <= 0 || x.in_lowest >= t.in_min) return;
        const bool usual = x.usual_in_lowest < t.in_min || !runs_from_packs(c, k.id);
        Finding f{usual ? Severity::danger : Severity::note,
                  {},
                  {k.id},
                  say("{converter} is fed {in_lowest} at the lowest and needs {in_min}: it locks out.",
                      k.name, format(x.in_lowest), format(t.in_min)),
                  {},
                  {}};
        if (!usual) deep_only(c, f, k.id, x.usual_in_lowest, t.in_min - x.in_lowest);
        out.push_back(std::move(f));
    });
}

void over_trusted(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        const Ampere trusted = t.rated * t.trusted;
        if (x.continuous <= trusted * 1.005 && x.peak <= t.rated * 1.001 && !x.limiting) return;
        const bool beyond = x.continuous > t.rated || x.limiting;
        Finding f{beyond ? Severity::danger : Severity::caution,
                  {},
                  {k.id},
                  say("{converter} supplies {continuous} (peak {peak}); rated {rated}, derated {derating}.",
                      k.name, format(x.continuous), format(x.peak), format(t.rated), format(trusted)),
                  {},
                  exchange(c, i)};
        f.why.add(compose("{} × {} = {}", format(t.rated), format_percent(t.trusted), format(trusted)));
        f.why.add(say("Small modules seldom carry their printed current for long."));
        out.push_back(std::move(f));
    });
}

void set_outside(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType&) {
        const auto& w = c.figures.windows[i];
        if (c.index().from(k.id).empty()) return;
        if (w.empty()) {
            out.push_back({Severity::danger,
                           {},
                           {k.id},
                           say("{converter} has no voltage that suits all: {part} needs at least {low}, "
                               "{part_2} at most {high}.",
                               k.name, c.index().name(w.low_by), format(w.low), c.index().name(w.high_by),
                               format(w.high)),
                           w.why,
                           {}});
            return;
        }
        if (k.set >= w.low - Volt(0.001) && k.set <= w.high + Volt(0.001)) return;
        const bool high = k.set > w.high;
        out.push_back(
            {Severity::danger,
             {},
             {k.id},
             say("{converter} is set to {setting}, {high|more|less} than {part} {high|stands|needs}: window "
                 "{low} – {high_2}.",
                 k.name, format(k.set), high, c.index().name(high ? w.high_by : w.low_by), format(w.low),
                 format(w.high)),
             w.why,
             {{say("Set {proposed}", format(w.proposed)),
               [id = k.id, v = w.proposed](const Plan& p) { return set_converter_voltage(p, id, v); }}}});
    });
}

void too_hot(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        const auto air = air_round(c.plan, c.figures.boxes, k.id);
        const Celsius part(raw(air) + temperature_rise(t, x.heat));
        if (part <= t.hottest) return;
        Finding f{raw(part) > raw(t.hottest) + 25 ? Severity::danger : Severity::caution,
                  {},
                  {k.id},
                  say("{converter} reaches {part} in {air} air; its rating is {hottest}.", k.name,
                      format(part), format(air), format(t.hottest)),
                  {},
                  {}};
        f.why.add(say("{heat} of heat × {thermal} K/W + {air} = {part}", format(x.heat),
                      format_number(t.thermal), format(air), format(part)));
        // One with less loss or more metal.
        for (const auto& other : c.catalogue.converters) {
            const double watts =
                raw(x.heat) * (1 / other.efficiency - 1) / std::max(1 / t.efficiency - 1, 1e-3);
            const bool cooler =
                t.kind == ConverterKind::linear
                    ? other.kind == ConverterKind::buck &&
                          raw(k.set) * raw(x.continuous) * (1 / other.efficiency - 1) * other.thermal < 30
                    : other.kind == t.kind && watts * other.thermal + raw(air) < raw(other.hottest);
            if (!cooler || other.in_max < x.in_highest * 1.25 || other.in_min > x.in_lowest ||
                k.set < other.out_min || k.set > other.out_max ||
                other.rated * other.trusted < x.continuous || other.rated < x.peak ||
                x.in_lowest - other.dropout < k.set * (1 + other.tolerance) ||
                other.tolerance > t.tolerance || raw(other.mass) <= 0)
                continue;
            f.fixes.push_back({say("Use a {part}", other.name), [id = k.id, type = other.id](const Plan& p) {
                                   return set_converter_type(p, id, type);
                               }});
            break;
        }
        out.push_back(std::move(f));
    });
}

void limits_at_start(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        if (x.limits_at_start.empty() || x.limiting) return;
        Finding f{Severity::note,
                  {},
                  {k.id},
                  say("{converter} goes into current limit for a moment ({limits_at_start}): what it feeds "
                      "starts slower.",
                      k.name, x.limits_at_start),
                  {},
                  {}};
        f.why.add(say("It gives {brief} for that moment, 1.25 × its printed {rated}.", format(t.rated * 1.25),
                      format(t.rated)));
        out.push_back(std::move(f));
    });
}

void cycles(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.figures.now.converters.size() && i < c.plan.converters.size(); ++i)
        if (c.figures.now.converters[i].cycling)
            out.push_back({Severity::danger,
                           {},
                           {c.plan.converters[i].id},
                           say("{converters} switches off and restarts repeatedly: its input stays at {in}.",
                               c.plan.converters[i].name, format(c.figures.now.converters[i].in)),
                           {},
                           {}});
}

void two_regulators(const Context& c, std::vector<Finding>& out) {
    for (const auto& list : {&c.plan.hubs})
        for (const auto& hub : *list) {
            std::vector<Words> names;
            for (const auto f : c.index().into(hub.id))
                if (c.index().source_of(f).kind == PartKind::converter &&
                    std::none_of(c.plan.feeds()[f].devices.begin(), c.plan.feeds()[f].devices.end(),
                                 [](const auto& d) { return d.kind == DeviceKind::diode; }))
                    names.push_back(c.index().name(c.plan.feeds()[f].from));
            if (names.size() < 2) continue;
            Finding x{Severity::caution,
                      {},
                      {hub.id},
                      say("{names} and {names_2} both feed {hub}: the higher one carries all.", names[0],
                          names[1], hub.name),
                      {},
                      {}};
            x.why.add(say(
                "Converters do not share current by themselves. Diodes keep one from driving the other."));
            x.fixes.push_back(
                {say("A diode in each"), [id = hub.id](const Plan& p) {
                     auto next = p;
                     for (auto& f : next.feeds())
                         if (f.to == id && find_part(next, f.from).kind == PartKind::converter)
                             f.devices.push_back(
                                 {f.id + "-diode", DeviceKind::diode, "ideal-diode-20a", Ampere(0), {}, {}});
                     return next;
                 }});
            out.push_back(std::move(x));
        }
}

void out_of_range(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t, const Converter& k, const ConverterType& t) {
        if (k.set >= t.out_min * 0.995 && k.set <= t.out_max * 1.005) return;
        Finding f{Severity::danger,
                  {},
                  {k.id},
                  say("{converter} cannot be set to {setting}: it makes {out_min} – {out_max}.", k.name,
                      format(k.set), format(t.out_min), format(t.out_max)),
                  {},
                  {}};
        for (const auto& other : c.catalogue.converters)
            if (other.kind == t.kind && k.set >= other.out_min && k.set <= other.out_max &&
                other.in_max >= t.in_max && other.in_min <= t.in_min * 1.5 && other.rated >= t.rated &&
                other.tolerance <= t.tolerance && raw(other.mass) > 0) {
                f.fixes.push_back(
                    {say("Use a {part}", other.name), [id = k.id, type = other.id](const Plan& p) {
                         return set_converter_type(p, id, type);
                     }});
                break;
            }
        out.push_back(std::move(f));
    });
}

}  // namespace

const std::vector<Rule> rules_of::rails{
    {"rail-unknown-module", to_say("Every module is in the catalogue"), unknown_module},
    {"rail-limits-at-start", to_say("No converter goes into current limit while something starts"),
     limits_at_start},
    {"rail-loop", to_say("No module feeds itself"), loop},
    {"rail-input-spare", to_say("A module's input has 25 % spare above the full pack"), input_high},
    {"rail-input-low", to_say("A converter's input stays above its minimum voltage"), input_low},
    {"rail-dropout", to_say("A converter holds its output on an empty pack"), drops_out},
    {"rail-over-trusted", to_say("Converters stay within their derated current"), over_trusted},
    {"rail-set-voltage", to_say("A rail is set inside the window its loads leave"), set_outside},
    {"rail-too-hot", to_say("A converter's hottest part stays below its rated temperature"), too_hot},
    {"rail-cycles", to_say("A module has an input it can hold"), cycles},
    {"rail-two-regulators", to_say("Modules in parallel are kept apart"), two_regulators},
    {"rail-out-of-range", to_say("A module can be set to its voltage"), out_of_range},
};

}  // namespace sangre
