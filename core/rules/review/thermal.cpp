// Thermal switches act where they are meant to: in what warmth they sit, and what they guard.
#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/review.h"
#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"

namespace sangre {
namespace {

constexpr double spare_kelvin = 5;  // between the warmest of every day and where a cut-out opens: the
                                    // switches' own tolerance, typical

struct Placed {
    const ThermalItem& item;
    const Device& device;
    ThermalSpan span;
    const Id& feed;
};

/// The hottest air round what a switch sits on, or along its lead.
Celsius air_of(const Context& c, const Lead& feed, const Id& on) {
    return on.empty() ? air_along(c.plan, c.figures.boxes, feed) : air_round(c.plan, c.figures.boxes, on);
}

template <class Check>
void each_thermal(const Context& c, Check check) {
    for (const auto& item : c.figures.solver->thermal_items()) {
        const auto& feed = c.plan.feeds()[item.feed];
        check(Placed{
            item, feed.devices[item.device],
            thermal_span(c.plan, item, c.figures.worst, air_of(c, feed, feed.devices[item.device].sits_on)),
            feed.id});
    }
}

Words called(const Context& c, const Placed& p) {
    const auto name = item_name(c.catalogue, p.device);
    return p.device.name.empty() ? name : compose("{} ({})", p.device.name, name);
}

Words where(const Context& c, const Placed& p) {
    return p.device.sits_on.empty() ? say("in the air") : "on " + c.index().name(p.device.sits_on);
}

Edit seated(const Id& device, const Id& on) {
    return [device, on](const Plan& p) {
        return with_device(p, device, [&](Device& d) { d.sits_on = on, d.warmer_k.reset(); });
    };
}

/// One that never closes leaves what is behind it dead.
void never_closes(const Context& c, std::vector<Finding>& out) {
    each_thermal(c, [&](const Placed& p) {
        if (!p.item.closes_above || !p.span.known || p.span.hottest >= *p.item.closes_above) return;
        Finding x{Severity::caution,
                  {},
                  {p.feed},
                  say("{part} sits {place}, which only reaches {hottest}: it will never close.", called(c, p),
                      where(c, p), format(p.span.hottest)),
                  {},
                  {}};
        const auto air = air_of(c, *by_id(c.plan.feeds(), p.feed), p.device.sits_on);
        x.why.add(say("The hottest air is {air}; what it sits on adds {kelvin} K.", format(air),
                      format_number(raw(p.span.hottest) - raw(air))));
        for (size_t k = 0; k < c.plan.converters.size(); ++k) {
            auto there = p.item;
            there.on = {PartKind::converter, k}, there.warmer_k.reset();
            there.type = find(c.catalogue.converters, c.plan.converters[k].type);
            const auto there_air = air_round(c.plan, c.figures.boxes, c.plan.converters[k].id);
            if (!there.type ||
                thermal_span(c.plan, there, c.figures.worst, there_air).hottest < *p.item.closes_above)
                continue;
            x.fixes.push_back({say("Sit it on {converters}", c.plan.converters[k].name),
                               seated(p.device.id, c.plan.converters[k].id)});
        }
        out.push_back(std::move(x));
    });
}

/// The coolest cut-out that rides through every day, of what this one carries and breaks.
const SwitchType* later_cut_out(const Context& c, const Placed& p) {
    const auto* now = find(c.catalogue.switches, p.device.type);
    const SwitchType* best = nullptr;
    for (const auto& t : c.catalogue.switches)
        if (t.kind == SwitchKind::thermal && t.opens_above &&
            raw(*t.opens_above) >= raw(p.span.hottest) + spare_kelvin && t.rated >= now->rated &&
            t.breaks >= now->breaks && (!best || *t.opens_above < *best->opens_above))
            best = &t;
    return best;
}

/// What the module under a cut-out withstands; absent where it sits on none.
std::optional<Celsius> guarded(const Context& c, const Placed& p) {
    if (p.item.on.kind != PartKind::converter) return {};
    const auto* type = find(c.catalogue.converters, c.plan.converters[p.item.on.index].type);
    return type ? std::optional(type->hottest) : std::nullopt;
}

void opens_in_use(const Context& c, std::vector<Finding>& out) {
    each_thermal(c, [&](const Placed& p) {
        if (!p.item.opens_above || raw(p.span.hottest) + spare_kelvin <= raw(*p.item.opens_above)) return;
        Finding x{Severity::caution,
                  {},
                  {p.feed},
                  say("{part} sits {place}, which reaches {hottest} in normal use: it will cut out.",
                      called(c, p), where(c, p), format(p.span.hottest)),
                  {},
                  {}};
        x.why.add(say("In {hottest} of air; such switches are true to {spare_kelvin} K.",
                      format(c.plan.hottest_air), format_number(spare_kelvin)));
        const auto* later = later_cut_out(c, p);
        const auto most = guarded(c, p);
        if (later && (!most || *later->opens_above <= *most))
            x.fixes.push_back(
                {say("Use a {part}", later->name), [id = p.device.id, to = later->id](const Plan& plan) {
                     return set_device_type(plan, id, to);
                 }});
        out.push_back(std::move(x));
    });
}

void guards_too_late(const Context& c, std::vector<Finding>& out) {
    each_thermal(c, [&](const Placed& p) {
        const auto most = guarded(c, p);
        if (!p.item.opens_above || !most || *p.item.opens_above <= *most) return;
        Finding x{Severity::caution,
                  {},
                  {p.feed},
                  say("{part} opens after {part_2} is damaged: that is rated for {most}.", called(c, p),
                      c.index().name(p.device.sits_on), format(*most)),
                  {},
                  {}};
        if (const auto* later = later_cut_out(c, p); later && *later->opens_above <= *most)
            x.fixes.push_back(
                {say("Use a {part}", later->name), [id = p.device.id, to = later->id](const Plan& plan) {
                     return set_device_type(plan, id, to);
                 }});
        out.push_back(std::move(x));
    });
}

/// On a load whose warmth nobody has said, it is reckoned to feel the air alone.
void warmth_unsaid(const Context& c, std::vector<Finding>& out) {
    each_thermal(c, [&](const Placed& p) {
        if (p.span.known) return;
        const auto& on = c.index().name(p.device.sits_on);
        Finding x{
            Severity::note,
            {},
            {p.feed},
            say("{part} sits on {part_2}: how far above ambient does that get in use?", called(c, p), on),
            {},
            {}};
        x.why.add(
            say("Until it is given, the switch is assumed to be at ambient. A finger tolerates 25 K above a "
                "mild day; 40 K is too hot to touch."));
        for (const double kelvin : {25.0, 40.0})
            x.fixes.push_back(
                {compose("{} K", format_number(kelvin)), [id = p.device.id, kelvin](const Plan& plan) {
                     return with_device(plan, id, [&](Device& d) { d.warmer_k = kelvin; });
                 }});
        out.push_back(std::move(x));
    });
}

}  // namespace

const std::vector<Rule> rules_of::thermal{
    {"thermal-never-closes", to_say("A thermal switch sits where the temperature reaches its closing point"),
     never_closes},
    {"thermal-opens-in-use", to_say("A thermal cut-out stays closed in normal use"), opens_in_use},
    {"thermal-too-late", to_say("A thermal cut-out opens before the part it protects is damaged"),
     guards_too_late},
    {"thermal-unsaid", to_say("The temperature of a load under a thermal switch is known"), warmth_unsaid},
};

}  // namespace sangre
