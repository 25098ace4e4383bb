// Plugs, diodes and where a fuse sits: what fits where it must not, what is the wrong way round.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "base/units/format.h"
#include "base/units/parse.h"
#include "base/words/say.h"
#include "plan/edits.h"
#include "rules/review/exchange.h"
#include "rules/review/review.h"
#include "wiring/item/item.h"

namespace sangre {
namespace {

constexpr Metre unfused_lead(0.18);  // 7 in, what boat and vehicle builders allow
constexpr double other_voltage = 1.3;

Edit device_changed(const Id& feed, const Id& device, const std::function<void(Device&)>& change) {
    return [feed, device, change](const Plan& p) {
        auto next = p;
        if (auto* f = by_id(next.feeds(), feed))
            if (auto* d = by_id(f->devices, device)) change(*d);
        return next;
    };
}

/// The fuse's own lead is what nothing protects.
void fuse_far(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& feed = c.plan.feeds()[i];
        if (c.index().source_of(i).kind == PartKind::converter) continue;
        for (const auto& d : feed.devices) {
            if (d.kind != DeviceKind::fuse || !d.at || *d.at <= unfused_lead) continue;
            Finding f{
                Severity::caution,
                {},
                {feed.id},
                say("{lead}: {at} of wire lie before its fuse.", c.index().feed_name(feed), format(*d.at)),
                {},
                {}};
            f.why.add(say(
                "No fuse protects this stretch. As close to the source as practical; {unfused_lead} at most.",
                format(unfused_lead)));
            f.fixes.push_back(
                {say("Right at the source"), device_changed(feed.id, d.id, [](Device& x) { x.at.reset(); })});
            out.push_back(std::move(f));
        }
    }
}

void diode_reversed(const Context& c, std::vector<Finding>& out) {
    for (const auto& feed : c.plan.feeds())
        for (const auto& d : feed.devices) {
            if (!d.reversed || d.kind != DeviceKind::diode) continue;
            Finding f{Severity::danger,
                      {},
                      {feed.id},
                      say("{lead}: its diode is the wrong way round and lets nothing through.",
                          c.index().feed_name(feed)),
                      {},
                      {}};
            f.why.add(say("The band is the end that current leaves by: it looks towards the load."));
            f.fixes.push_back(
                {say("Turn it round"), device_changed(feed.id, d.id, [](Device& x) { x.reversed = false; })});
            out.push_back(std::move(f));
        }
}

struct Plug {
    size_t feed;
    const Device* device;
    const ConnectorType* type;
};

std::vector<Plug> plugs_of(const Context& c) {
    std::vector<Plug> all;
    for (size_t f = 0; f < c.plan.feeds().size(); ++f)
        for (const auto& d : c.plan.feeds()[f].devices)
            if (d.kind == DeviceKind::connector)
                if (const auto* t = find(c.catalogue.connectors, d.type)) all.push_back({f, &d, t});
    return all;
}

const ConnectorType* another_plug(const Context& c, const Plug& p, const std::vector<Plug>& all) {
    PlugWish wish;
    for (const auto& other : all) wish.but.push_back(other.type->id);
    return fitting_plug(c, p.feed, wish);
}

void two_voltages(const Context& c, std::vector<Finding>& out) {
    const auto all = plugs_of(c);
    std::map<Id, std::vector<Plug>> by_type;
    for (const auto& p : all)
        if (p.type->plug) by_type[p.type->id].push_back(p);
    for (const auto& [type, plugs] : by_type) {
        const auto volts = [&](const Plug& p) { return c.figures.worst.feeds[p.feed].highest_end; };
        const auto [low, high] = std::minmax_element(
            plugs.begin(), plugs.end(), [&](const auto& a, const auto& b) { return volts(a) < volts(b); });
        if (raw(volts(*low)) < 0.5 || raw(volts(*high)) / raw(volts(*low)) < other_voltage) continue;
        const auto low_name = c.index().feed_name(c.plan.feeds()[low->feed]),
                   high_name = c.index().feed_name(c.plan.feeds()[high->feed]);
        Finding f{Severity::caution,
                  {},
                  {c.plan.feeds()[low->feed].id, c.plan.feeds()[high->feed].id},
                  say("{lower} and {higher} have plugs of one kind at {volts} and {volts_2}: one fits the "
                      "other's socket.",
                      low_name, high_name, format(volts(*low)), format(volts(*high))),
                  {},
                  {}};
        f.why.add(
            say("Sooner or later the wrong one is plugged in. Use another kind, or at least label both."));
        if (const auto* other = another_plug(c, *low, all))
            f.fixes.push_back({say("Use a {part}", other->name),
                               exchanged(c.plan.feeds()[low->feed].id, low->device->id, other->id)});
        out.push_back(std::move(f));
    }
}

void not_keyed(const Context& c, std::vector<Finding>& out) {
    const auto all = plugs_of(c);
    for (const auto& p : all) {
        if (p.type->keyed || p.type->poles < 2 || !p.type->plug) continue;
        Finding f{Severity::danger,
                  {},
                  {c.plan.feeds()[p.feed].id},
                  say("{lead}: a {type} goes in either way round.",
                      c.index().feed_name(c.plan.feeds()[p.feed]), p.type->name),
                  {},
                  {}};
        f.why.add(say("Plus and minus swapped once is enough. A keyed plug cannot be."));
        if (const auto* other = another_plug(c, p, all))
            f.fixes.push_back({say("Use a {part}", other->name),
                               exchanged(c.plan.feeds()[p.feed].id, p.device->id, other->id)});
        out.push_back(std::move(f));
    }
}

/// A pack's plug is pulled with every charge.
void worn_out(const Context& c, std::vector<Finding>& out) {
    bool charged = false;
    for (const auto& phase : c.plan.phases) charged = charged || phase.charging;
    const auto all = plugs_of(c);
    for (const auto& p : all) {
        if (c.index().source_of(p.feed).kind != PartKind::source || !p.type->plug || !charged) continue;
        const double years = p.type->mating_cycles / (365.0 * std::max(c.plan.repeats_per_day, 1));
        if (years >= 0.25) continue;
        Finding f{Severity::note,
                  {},
                  {c.plan.feeds()[p.feed].id},
                  say("{lead}: pulled {often} a day, its plug is worn after {days} days.",
                      c.index().feed_name(c.plan.feeds()[p.feed]),
                      c.plan.repeats_per_day == 1 ? say("once")
                                                  : say("{repeats_per_day} times", c.plan.repeats_per_day),
                      format_number(years * 365, 2)),
                  {},
                  {}};
        f.why.add(say("{type}: {mating_cycles} matings. Worn contacts heat up and weld.", p.type->name,
                      p.type->mating_cycles));
        const int enough = static_cast<int>(std::ceil(0.25 * 365 * std::max(c.plan.repeats_per_day, 1)));
        const auto* best =
            fitting_plug(c, p.feed, {.anti_spark = p.type->anti_spark, .mating_cycles = enough});
        if (best)
            f.fixes.push_back({say("Use a {part}", best->name),
                               exchanged(c.plan.feeds()[p.feed].id, p.device->id, best->id)});
        out.push_back(std::move(f));
    }
}

/// Mains in a machine of low voltage: by its voltage, or by its name.
bool names_mains(const std::string& called) {
    const auto name = lower(called);
    return has_word(name, "mains") || name.find("230 v") != std::string::npos ||
           name.find("230v") != std::string::npos || name.find("120 v ac") != std::string::npos ||
           name.find("wall socket") != std::string::npos;
}

void mains(const Context& c, std::vector<Finding>& out) {
    for (const auto& s : c.plan.sources) {
        // A brick stands in its wall socket; what is tapped or stands for a pack does not.
        if (s.kind == SourceKind::supply || !names_mains(s.name)) continue;
        Finding f{Severity::danger,
                  {},
                  {s.id},
                  say("{source}: mains is no source of this machine. Stop: a licensed person, under the "
                      "local code.",
                      s.name),
                  {},
                  {}};
        f.why.caution = say("Mains kills. This tool neither plans nor checks it.");
        f.why.add(say("A supply outside, a brick with a low-voltage lead, is said as one: brick 12 V 5 A."));
        out.push_back(std::move(f));
    }
    for (const auto& l : c.plan.loads) {
        const bool said = names_mains(l.name);
        if (!said && l.v_max < Volt(90)) continue;
        Finding f{
            Severity::danger,
            {},
            {l.id},
            say("{load}: mains inside the machine. Stop: a licensed person, under the local code.", l.name),
            {},
            {}};
        f.why.caution = say("Mains kills. This tool neither plans nor checks it.");
        f.why.add(
            say("A charger outside, with a low-voltage plug to the machine, keeps mains out of the box."));
        f.fixes.push_back(
            {say("Leave it out of the plan"), [id = l.id](const Plan& p) { return remove_load(p, id); }});
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::plugs{
    {"mains-inside", to_say("No mains inside the machine"), mains},
    {"fuse-far", to_say("A fuse sits close to its source"), fuse_far},
    {"diode-reversed", to_say("A diode lets the current through"), diode_reversed},
    {"connector-two-voltages", to_say("Plugs of one kind carry one voltage"), two_voltages},
    {"connector-not-keyed", to_say("A plug goes in one way only"), not_keyed},
    {"connector-worn", to_say("A pack's plug is rated for its number of matings"), worn_out},
};

}  // namespace sangre
