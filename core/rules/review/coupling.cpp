// What lies beside what: coupling, signals that go too far, leads that ring, fields that turn a needle.
#include "harness/coupling.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/battery/pack.h"
#include "plan/on_way.h"
#include "plan/source.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

constexpr double earth_tesla = 20e-6;  // horizontal part of the Earth's field, middle latitudes
constexpr double needle_degrees = 2;   // that a heading may be off
constexpr Millimetre usual_off{30};    // taken where nobody has said how far
constexpr Metre free_lead{0.2};        // of a controller's supply lead, from the pack; typical
constexpr double farad_per_m = 220e-6 / 0.1;

void couples(const Context& c, std::vector<Finding>& out) {
    for (const auto& x : all_couplings(c.plan, c.index(), c.figures.harness)) {
        if (!x.too_much()) continue;
        const auto &noisy = c.plan.leads[x.noisy], &quiet = c.plan.leads[x.quiet];
        Finding f{Severity::caution,
                  {},
                  {quiet.id, noisy.id},
                  say("{lead} runs beside {lead_2} for {along}: about {couples} is coupled in, {tolerated} "
                      "is tolerated.",
                      lead_name(c.plan, quiet), lead_name(c.plan, noisy), format(x.along), format(x.couples),
                      format(x.bears)),
                  {},
                  {}};
        f.why.add(say(
            "{ripple} of ripple within {ripple_rise}, {apart} between the pairs: {henry_per_m} nH a metre.",
            format(x.ripple), format(ripple_rise), format(x.apart), format_number(x.henry_per_m * 1e9)));
        if (x.shielded)
            f.why.add(
                say("Its shield carries that current; the braid's transfer impedance couples 20 mΩ a metre "
                    "of it inside."));
        else
            f.why.add(x.twisted
                          ? say("One of them is twisted; with untwisted pairs it would be {untwisted}.",
                                format(x.untwisted))
                          : say("Twisted it would be {untwisted}.", format(x.untwisted * left_by_twist)));
        f.why.add(say("At twice the distance it is a quarter; crossing at right angles it is nothing."));
        f.why.source =
            say("Paul, Introduction to Electromagnetic Compatibility: mutual inductance of pairs; 20 dB for "
                "a twist; ripple typical");
        if (!x.shielded && !x.twisted && x.untwisted * left_by_twist <= x.bears && !quiet.cores.empty())
            f.fixes.push_back(
                {say("Twist the pair of {lead}", lead_name(c.plan, quiet)), [id = quiet.id](const Plan& p) {
                     auto next = p;
                     if (auto* lead = by_id(next.leads, id))
                         for (auto& core : lead->cores)
                             if (core.role == CoreRole::signal || core.role == CoreRole::ground)
                                 core.twist = 1;
                     return next;
                 }});
        out.push_back(std::move(f));
    }
}

void too_long(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.leads.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        if (lead.signal == SignalKind::unsaid) continue;
        const auto& limits = limits_of(lead.signal);
        const auto length = c.figures.harness.routes[i].length;
        if (raw(limits.most) <= 0 || length <= limits.most) continue;
        Finding f{Severity::caution,
                  {},
                  {lead.id},
                  say("{lead} is {length} long; a {word} goes {most}.", lead_name(c.plan, lead),
                      format(length), said(limits.word), format(limits.most)),
                  {},
                  {}};
        f.why.add(say("Further: {further}.", said(limits.further)));
        f.why.source = said(limits.source);
        out.push_back(std::move(f));
    }
}

/// From the source to the controller, along every feed between.
Metre supply_length(const Context& c, const Id& part) {
    Metre sum{};
    for (const auto f : c.index().upstream(part)) sum += c.figures.harness.routes[f].length;
    return sum;
}

void long_controller_leads(const Context& c, std::vector<Finding>& out) {
    for (const auto& load : c.plan.loads) {
        if (load.kind != LoadKind::motor || (raw(load.bridge) <= 0 && raw(load.bridge_drop) <= 0)) continue;
        if (c.index().into(load.id).empty()) continue;
        const auto length = supply_length(c, load.id);
        if (length <= free_lead) continue;
        const Farad wanted(farad_per_m * raw(length - free_lead));
        if (load.capacitance >= wanted * 0.99) continue;
        Volt full{};
        for (const auto& s : c.plan.sources)
            if (const auto range = source_range(s, c.catalogue)) full = std::max(full, range->high);
        auto mended = load;
        mended.capacitance = Farad(std::ceil(raw(wanted) * 1e6 / 10) * 10e-6);
        const bool more = raw(load.capacitance) > 0;
        Finding f{Severity::caution,
                  {},
                  {load.id},
                  say("{length} of lead feed the controller of {load}: {capacitance} across its input, "
                      "{capacitor}.",
                      format(length), load.name, format(mended.capacitance),
                      more ? say("it has {capacitance}", format(load.capacitance)) : say("none is given")),
                  {},
                  {}};
        f.why.add(
            say("Each time its bridge opens, the lead's inductance drives a voltage spike; beyond "
                "{free_lead} typical "
                "controllers need {farad_per_m} more for every 10 cm.",
                format(free_lead), format(Farad(farad_per_m * 0.1))));
        f.why.add(say(
            "Low-resistance electrolytic for {volts} or more, at the controller, its leads short, plus to "
            "plus.",
            format(full * 1.25)));
        f.why.source = say("typical 220 µF per 10 cm beyond 20 cm");
        f.fixes.push_back({say("Add capacitors to {capacitance}", format(mended.capacitance)),
                           [mended](const Plan& p) { return put_load(p, mended); }});
        out.push_back(std::move(f));
    }
}

void near_magnetic(const Context& c, std::vector<Finding>& out) {
    for (size_t w = 0; w < c.plan.ways.size(); ++w) {
        const auto& way = c.plan.ways[w];
        for (const auto& thing : way.on_it) {
            if (thing.kind != OnWayKind::compass) continue;
            const bool said_off = raw(thing.off) > 0;
            const Metre off(raw(said_off ? thing.off : usual_off) / 1e3);
            double tesla = 0;
            size_t worst = 0;
            double most = -1;
            for (const auto f : c.figures.harness.feeds_on_way[w]) {
                const auto& feed = c.plan.feeds()[f];
                const auto& p = c.figures.protection[f];
                if (!p.wire) continue;
                const auto amps = p.need.continuous;
                const double by =
                    feed.ret != Return::own
                        ? field_of_one(amps, off)
                        : field_of_pair(amps, Metre(raw(p.wire->outer) / 1e3), off) *
                              (is_twisted(feed, c.figures.harness.routes[f].length) ? left_by_twist : 1);
                tesla += by;
                if (by > most) most = by, worst = f;
            }
            const double degrees = std::atan(tesla / earth_tesla) * 180 / std::numbers::pi;
            if (most <= 0 || degrees <= needle_degrees) continue;
            const double allowed = earth_tesla * std::tan(needle_degrees * std::numbers::pi / 180);
            const bool single = c.plan.feeds()[worst].ret != Return::own;
            const Millimetre enough(
                std::ceil(raw(off) * 1e3 * (single ? tesla / allowed : std::sqrt(tesla / allowed))));
            Finding f{
                Severity::caution,
                {},
                {way.id, c.plan.feeds()[worst].id},
                say("What runs past the magnetic sensor at {part} turns it by up to {degrees}°: keep it "
                    "{enough} off.",
                    name_of(c.plan, way.id), format_number(std::round(degrees * 10) / 10), format(enough)),
                {},
                {}};
            f.why.add(
                say("{tesla} µT at {off}, most of it from {lead}; the Earth's field lies at {earth_tesla} µT "
                    "across.",
                    format_number(std::round(tesla * 1e7) / 10), format(said_off ? thing.off : usual_off),
                    c.index().feed_name(c.plan.feeds()[worst]), format_number(earth_tesla * 1e6)));
            if (!said_off)
                f.why.add(say("Its distance is not given; {usual_off} is assumed.", format(usual_off)));
            f.why.add(say("A return beside its supply cancels most of it; twisted, nearly all."));
            f.why.source = say("Biot and Savart for long straight conductors");
            out.push_back(std::move(f));
        }
    }
}

}  // namespace

const std::vector<Rule> rules_of::beside{
    {"beside-couples", to_say("Coupled noise stays below what the neighbouring signal tolerates"), couples},
    {"signal-too-long", to_say("Signals go no further than what they speak reaches"), too_long},
    {"controller-lead-long", to_say("Long leads to motor controllers end in capacitors"),
     long_controller_leads},
    {"magnetic-near", to_say("Heavy currents keep away from magnetic sensors"), near_magnetic},
};

}  // namespace sangre
