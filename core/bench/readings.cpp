#include "bench/readings.h"

#include "bench/cable_readings.h"
#include "bench/dead_ohms.h"
#include "bench/passive_readings.h"
#include "bench/shorts.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <set>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/fuse_order.h"
#include "physics/battery/pack.h"
#include "plan/landing.h"
#include "plan/source.h"
#include "wiring/cable/supplied.h"

namespace sangre {
namespace {

constexpr double unknown = std::numeric_limits<double>::quiet_NaN();

/// Calls `read` with the operating point at each corner of charge and tolerances.
template <class Read>
void each_corner(const Figures& figures, Demand demand, Read read) {
    for (const double tolerance : {-1.0, 1.0}) {
        OperatingPoint near;  // of the same set voltages
        for (const double charge : {1.0, nearly_empty}) {
            demand.charge = charge;
            demand.converter_offset = tolerance;
            demand.wire_scale = 1 - 0.02 * tolerance;
            near = figures.solver->solve(demand, near);
            if (near.found) read(near);
        }
    }
}

using Span = std::pair<double, double>;
constexpr Span not_known{unknown, unknown};

void widen(Span& span, double value) {
    span = span.first > span.second ? Span{value, value}
                                    : Span{std::min(span.first, value), std::max(span.second, value)};
}

/// Lowest and highest of something over the corners.
template <class Read>
Span span(const Figures& figures, const Demand& demand, Read read) {
    Span s{1, 0};
    each_corner(figures, demand, [&](const OperatingPoint& p) { widen(s, read(p)); });
    return s.first > s.second ? not_known : s;
}

/// The same for the volts of every load at once.
std::vector<Span> spans(const Figures& figures, const Demand& demand) {
    std::vector<Span> all(demand.states.size(), Span{1, 0});
    each_corner(figures, demand, [&](const OperatingPoint& p) {
        for (size_t l = 0; l < all.size(); ++l) widen(all[l], raw(p.loads[l].volts));
    });
    for (auto& s : all)
        if (s.first > s.second) s = not_known;
    return all;
}

Demand quiet(const Plan& plan) {
    Demand d;
    d.states.assign(plan.loads.size(), LoadState::off);
    d.open.assign(plan.feeds().size(), false);
    return d;
}

/// What is connected there stands no more and needs no less.
struct Borne {
    double low = 0, high = std::numeric_limits<double>::infinity();
    void also(const Load& l) { low = std::max(low, raw(l.v_min)), high = std::min(high, raw(l.v_max)); }
};

Reading volts(const Plan& plan, ReadingOf of, std::string key, Words title, Words state, const Words& part,
              Span window, const Borne& borne = {}) {
    Reading r;
    r.of = of;
    r.key = std::move(key), r.title = std::move(title), r.state = std::move(state);
    r.live = true;
    r.red = part + " +", r.black = part + " −";
    r.why.title = say("Expected window");
    if (!std::isfinite(window.first)) {
        r.low = r.high = unknown;
        r.why.add(say("No operating point was found for this state: nothing to expect."), Tone::danger);
        return r;
    }
    const double meter = plan.practices.meter_share;
    r.low = window.first * (1 - meter) - 0.02, r.high = window.second * (1 + meter) + 0.02;
    r.why.add(
        say("Solved {first} – {second} over 10 – 100 % charge, module tolerance and ±2 % copper; the meter "
            "adds ±{meter}.",
            format(Volt(window.first)), format(Volt(window.second)), format_percent(meter)));
    if (r.high > borne.high)
        r.why.add(
            say("No more than {high}: the connected loads are rated for no more.", format(Volt(borne.high))));
    if (r.low < borne.low)
        r.why.add(say("No less than {low}: what is connected needs it.", format(Volt(borne.low))));
    r.low = std::max({0.0, r.low, borne.low}), r.high = std::min(r.high, borne.high);
    if (r.low > r.high) {
        r.low = r.high = unknown;
        r.why.add(say("So no value is right: correct the plan first."), Tone::danger);
    }
    return r;
}

void live_supply(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                 std::vector<Reading>& out) {
    const auto& index = figures.solver->index();
    for (size_t b = 0; b < plan.sources.size(); ++b)
        if (is_endless(plan.sources[b])) {
            const auto& s = plan.sources[b];
            auto r = volts(plan, ReadingOf::source, "rest/" + s.id,
                           s.kind == SourceKind::circuit ? say("{source}, at the slot to be tapped", s.name)
                                                         : say("{source} output", s.name),
                           s.kind == SourceKind::circuit
                               ? (s.with_key ? say("key on, its fuse out") : say("key off, its fuse out"))
                               : say("nothing connected"),
                           s.name, {raw(s.v_min), raw(s.v_max)});
            r.why.lines.resize(1);
            r.why.lines[0].text =
                say("Expected {lowest} to {highest}; the meter adds ±{meter_share}.", format(s.v_min),
                    format(s.v_max), format_percent(plan.practices.meter_share));
            if (s.kind == SourceKind::circuit) r.black = say("bare metal of the vehicle, its −");
            r.about = s.id;
            out.push_back(r);
            if (s.kind != SourceKind::circuit || !s.with_key) continue;
            r.of = ReadingOf::source_off;
            r.key += "/key-off", r.state = say("key off, its fuse out");
            r.low = 0, r.high = 0.5;
            r.why.lines[0].text = say("It is live with the key alone: without it, nothing.");
            out.push_back(std::move(r));
        } else if (const auto* k = find(catalogue.chemistries, plan.sources[b].chemistry)) {
            auto r = volts(plan, ReadingOf::source, "rest/" + plan.sources[b].id,
                           say("{source} at rest", plan.sources[b].name), say("nothing connected"),
                           plan.sources[b].name,
                           {raw(pack_rest_voltage(plan.sources[b], *k, nearly_empty)),
                            raw(pack_rest_voltage(plan.sources[b], *k, 1))});
            r.about = plan.sources[b].id;
            out.push_back(std::move(r));
        }
    std::vector<Span> outputs(plan.converters.size(), Span{1, 0});
    each_corner(figures, quiet(plan), [&](const OperatingPoint& p) {
        for (size_t c = 0; c < outputs.size(); ++c) widen(outputs[c], raw(p.converters[c].out));
    });
    std::vector<Borne> borne(plan.converters.size());
    for (const auto& load : plan.loads)
        for (const auto f : index.upstream(load.id))
            if (const auto& from = index.source_of(f); from.kind == PartKind::converter) {
                // Nothing is on it yet: what it needs when it runs is not asked, what it stands is.
                borne[from.index].high = std::min(borne[from.index].high, raw(load.v_max));
                break;
            }
    for (size_t c = 0; c < plan.converters.size(); ++c) {
        const auto w = outputs[c].first > outputs[c].second ? not_known : outputs[c];
        auto r = volts(plan, ReadingOf::module, "module/" + plan.converters[c].id,
                       say("{source} output", plan.converters[c].name), say("nothing on it"),
                       say("{source} output", plan.converters[c].name), w, borne[c]);
        r.about = plan.converters[c].id;
        if (const auto& on_it = index.from(plan.converters[c].id); !on_it.empty()) {
            const auto& feed = plan.feeds()[on_it.front()];
            r.red = say("{source} output", plan.converters[c].name) + " " +
                    landing_sign(plan, feed, {true, false});
            if (feed.ret == Return::own)
                r.black = say("{source} output", plan.converters[c].name) + " " +
                          landing_sign(plan, feed, {true, true});
        }
        out.push_back(std::move(r));
    }
}

/// Whether a load's lead is plugged in there: by its end, by a plug it came with or by one in the lead.
bool ends_in_plug(const Catalogue& catalogue, const Lead& feed) {
    const auto* joint = find(catalogue.joints, feed.joint_to);
    const bool by_hand = joint && (joint->end == JointEnd::housing || joint->end == JointEnd::plug);
    return by_hand || keeps_plug(catalogue, feed, false) || device(feed, DeviceKind::connector);
}

void live_plugs(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                std::vector<Reading>& out) {
    auto busy = quiet(plan);
    for (size_t l = 0; l < plan.loads.size(); ++l)
        busy.states[l] = plan.loads[l].igniter ? LoadState::off : LoadState::typical;
    const auto empty_windows = spans(figures, quiet(plan)), busy_windows = spans(figures, busy);
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        const auto& load = plan.loads[l];
        if (figures.solver->index().into(load.id).empty()) continue;
        Borne borne;
        borne.also(load);
        const auto& feed = plan.feeds()[figures.solver->index().into(load.id).front()];
        const auto at = ends_in_plug(catalogue, feed) ? say("{load} plug", load.name) : Words(load.name);
        auto empty = volts(plan, ReadingOf::plug_empty, "plug/" + load.id + "/empty", at,
                           fitted_fuse(catalogue, feed) ? say("its fuse in, load off") : say("load off"), at,
                           empty_windows[l], borne);
        // Running: no lower than with everything else running too, no higher than with nothing running at
        // all.
        auto loaded = volts(plan, ReadingOf::plug_running, "plug/" + load.id + "/running", at, say("running"),
                            at, {busy_windows[l].first, empty_windows[l].second}, borne);
        loaded.why.add(say("It needs {lowest} – {highest}.", format(load.v_min), format(load.v_max)));
        empty.about = loaded.about = load.id;
        const bool own = feed.ret == Return::own;
        for (auto* r : {&empty, &loaded}) {
            r->red = at + " " + landing_sign(plan, feed, {false, false});
            if (own) r->black = at + " " + landing_sign(plan, feed, {false, true});
        }
        if (load.igniter) {
            empty.state = say("igniter unplugged, a lamp in its place, armed and fired");
            out.push_back(std::move(empty));
            continue;
        }
        out.push_back(std::move(empty));
        out.push_back(std::move(loaded));
    }
}

void live_switches(const Plan& plan, const Catalogue& catalogue, const PlanIndex& index,
                   std::vector<Reading>& out) {
    for (const auto f : index.switched()) {
        const auto& feed = plan.feeds()[f];
        const auto* by_hand = hand_switch(catalogue, feed);
        if (!by_hand) continue;
        const auto& name = by_hand->name;
        // Behind a switch that is dead itself, nothing would be proved.
        std::string before;
        for (const auto u : index.upstream(feed.from))
            if (const auto* d = hand_switch(catalogue, plan.feeds()[u]))
                before.append(before.empty() ? "" : " + ").append(d->name);
        auto r =
            volts(plan, ReadingOf::behind_switch, "open/" + feed.id, say("Behind the {name} switch", name),
                  say("{alone||{before} on, }{name} off", before.empty(), before, name), index.name(feed.to),
                  {0, 0});
        r.high = 0.3;
        r.about = feed.id;
        r.why.lines.clear();
        r.why.add(say("Open means 0 V; a few tenths are stored in capacitors and fall away."));
        out.push_back(std::move(r));
    }
}

void standing_current(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                      std::vector<Reading>& out) {
    if (plan.sources.empty()) return;
    auto d = quiet(plan);
    for (size_t l = 0; l < plan.loads.size(); ++l)
        if (plan.loads[l].always_on) d.states[l] = LoadState::idle;
    for (const auto f : figures.solver->index().switched())
        d.open[f] = hand_switch(catalogue, plan.feeds()[f]) != nullptr;
    d = at_temperature(plan, *figures.solver, std::move(d));
    const auto amps = [](const OperatingPoint& p) {
        double total = 0;
        for (const auto& b : p.sources) total += raw(b.amps);
        return total;
    };
    const auto idle = span(figures, d, amps);
    for (size_t l = 0; l < plan.loads.size(); ++l)
        if (plan.loads[l].always_on) d.states[l] = LoadState::typical;
    const auto busy = span(figures, d, amps);
    Reading r;
    r.of = ReadingOf::standing;
    r.key = "standing-current";
    r.live = true;
    r.title = plan.sources.front().kind == SourceKind::pack ? say("Pack current") : say("Standing current");
    r.state = say("every switch off");
    r.red = plan.sources.front().name + " +",
    r.black = say("feed of {source} +, meter in series", plan.sources.front().name);
    r.unit = ReadingUnit::ampere;
    r.low = idle.first * 0.7;
    r.high = busy.second * 1.3 + 0.002;
    r.why.title = say("What empties the pack in storage");
    r.why.add(say("Always-on loads and modules: {first} idle to {second} working; modules differ by a third.",
                  format(Ampere(idle.first)), format(Ampere(busy.second))));
    out.push_back(std::move(r));
}

}  // namespace

namespace {

void own_readings(const Plan& plan, bool live, std::vector<Reading>& out) {
    for (const auto& own : plan.own_readings) {
        if (own.dead == live) continue;
        Reading r;
        r.key = "own/" + own.id, r.live = live, r.about = own.id;
        r.title = own.title, r.state = own.state, r.red = own.red, r.black = own.black;
        r.unit = own.unit == OwnUnit::volt     ? ReadingUnit::volt
                 : own.unit == OwnUnit::ampere ? ReadingUnit::ampere
                                               : ReadingUnit::ohm;
        r.low = own.low, r.high = own.high;
        r.why.title = say("Of your own");
        r.why.add(say("The window is what you said."));
        out.push_back(std::move(r));
    }
}

}  // namespace

std::vector<Reading> bench_readings(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    std::vector<Reading> all;
    if (plan.feeds().empty()) return all;
    const auto& index = figures.solver->index();
    continuity(plan, catalogue, figures, all);
    const auto cables = cable_readings(plan);
    all.insert(all.end(), cables.begin(), cables.end());
    const auto passives = passive_readings(plan);
    all.insert(all.end(), passives.begin(), passives.end());
    thermal_contacts(plan, catalogue, all);
    for (const auto& load : plan.loads) igniter_ohms(load, all);
    auto shorts = short_readings(plan, catalogue, figures);
    std::move(shorts.begin(), shorts.end(), std::back_inserter(all));
    own_readings(plan, false, all);
    live_supply(plan, catalogue, figures, all);
    standing_current(plan, catalogue, figures, all);
    live_switches(plan, catalogue, index, all);
    live_plugs(plan, catalogue, figures, all);
    own_readings(plan, true, all);
    return all;
}

}  // namespace sangre
