#include "bench/shorts.h"

#include <fmt/format.h>

#include <algorithm>
#include <limits>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "electrical/protection/fuse_order.h"
#include "physics/network/elements.h"
#include "wiring/conductors/resistances.h"

namespace sangre {
namespace {

constexpr double electronics_ohm = 1000;      // what capacitors climb past within a few seconds
constexpr double module_ohm = 100;            // a module's own divider and bleeder across its output
constexpr double scale_share = 0.1;           // a cheap meter at the end of its scale
constexpr double own_leads = 0.3;             // the meter's own leads, with which a dead short reads
constexpr std::string_view whole = "closed";  // of the key, with every switch closed
constexpr size_t named = 4;                   // loads or switches said by name before they are counted

/// The switch of a feed that is open, or can be, while nothing is warm; null without one.
const Device* opened_cold(const Catalogue& catalogue, const Lead& feed) {
    for (const auto& d : feed.devices)
        if (d.kind == DeviceKind::power_switch && !is_cut_out(catalogue, d)) return &d;
    return nullptr;
}

/// Where the probes go.
struct Mouth {
    std::string id;  ///< of the reading's key
    Words title;
    Words red, black;
    Words state;                ///< what has to be done besides the switches
    std::vector<size_t> feeds;  ///< that begin there, entered past their own fuse
    bool past_fuse = true;
    double own_ohm = electronics_ohm;
    Id about;
};

/// What a meter sees from a mouth.
struct Sight {
    double siemens = 0;                         ///< of what conducts at rest, behind its leads
    std::vector<Words> seen;                    ///< by name
    bool igniter = false;                       ///< hangs there, and must not while it is measured
    std::vector<std::vector<size_t>> switches;  ///< the way to each, by feed, itself last
};

struct Looking {
    const Plan& plan;
    const Catalogue& catalogue;
    const PlanIndex& index;
    std::vector<double> ohms;  ///< of each feed, out and back

    bool driven(const Load& load) const;
    Sight look(const Mouth& mouth, const std::vector<bool>& closed) const;
    std::vector<Mouth> mouths() const;
    Words switch_words(const std::vector<size_t>& on, size_t of) const;
    void read(const Mouth& mouth, std::vector<Reading>& out) const;
    Reading reading(const Mouth& mouth, std::string_view key, const Words& switches,
                    const std::vector<bool>& closed) const;
};

/// A motor behind a controller: of the motor's own cable its supply sees nothing.
bool Looking::driven(const Load& load) const {
    return std::any_of(plan.signal_leads().begin(), plan.signal_leads().end(), [&](const auto& cable) {
        return cable.from == load.id &&
               std::any_of(cable.cores.begin(), cable.cores.end(),
                           [](const auto& core) { return core.role == CoreRole::phase; });
    });
}

bool blocks(const Lead& feed) { return device(feed, DeviceKind::diode) != nullptr; }

Sight Looking::look(const Mouth& mouth, const std::vector<bool>& closed) const {
    Sight sight;
    struct Way {
        size_t feed;
        double ohm;
        std::vector<size_t> switches;
        bool first;
    };
    std::vector<Way> todo;
    std::vector<bool> been(plan.feeds().size());
    for (const auto f : mouth.feeds) todo.push_back({f, 0, {}, mouth.past_fuse});
    for (size_t at = 0; at < todo.size(); ++at) {
        auto way = todo[at];
        const auto& feed = plan.feeds()[way.feed];
        if (been[way.feed] || (!way.first && fitted_fuse(catalogue, feed)) || blocks(feed)) continue;
        been[way.feed] = true;
        if (opened_cold(catalogue, feed)) {
            way.switches.push_back(way.feed);
            sight.switches.push_back(way.switches);
            if (!closed[way.feed]) continue;
        }
        way.ohm += ohms[way.feed];
        const auto end = index.end_of(way.feed);
        if (end.kind == PartKind::load) {
            const auto& load = plan.loads[end.index];
            const double rest = raw(resistance_at_rest(load));
            if (load.igniter) sight.igniter = true;  // unplugged until all is proved
            if (rest <= 0 || load.igniter || driven(load)) continue;
            sight.siemens += 1 / (rest + way.ohm);
            sight.seen.push_back(load.name);
        } else if (end.kind == PartKind::hub)
            for (const auto next : index.from(feed.to)) todo.push_back({next, way.ohm, way.switches, false});
    }
    return sight;
}

std::vector<Mouth> Looking::mouths() const {
    std::vector<Mouth> all;
    for (const auto& b : plan.sources) {
        const auto& feeds = index.from(b.id);
        if (feeds.empty()) continue;
        const bool clip = std::any_of(feeds.begin(), feeds.end(),
                                      [&](size_t f) { return fitted_fuse(catalogue, plan.feeds()[f]); });
        const bool pack = b.kind == SourceKind::pack;
        const Words plug = !pack                      ? say("lead of {source}", b.name)
                           : plan.sources.size() == 1 ? say("pack plug")
                                                      : say("{source} plug", b.name);
        all.push_back({b.id,
                       pack && plan.sources.size() == 1
                           ? say("Pack plug + to −")
                           : say("{source} {pack|plug|lead} + to −", b.name, pack),
                       plug + " +", plug + " −", clip ? say("a clip on its fuse holder") : "", feeds, true,
                       electronics_ohm, b.id});
    }
    for (const auto& c : plan.converters) {
        const auto& feeds = index.from(c.id);
        if (feeds.empty()) continue;
        all.push_back({c.id, say("{converter} output + to −", c.name), say("{converter} output +", c.name),
                       say("{converter} output −", c.name), "", feeds, false, module_ohm, c.id});
    }
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto& feed = plan.feeds()[f];
        if (index.source_of(f).kind == PartKind::source || !fitted_fuse(catalogue, feed)) continue;
        all.push_back({feed.id,
                       say("{lead} + to −", index.feed_name(feed)),
                       say("{block|empty way of the fuse block|empty fuse holder}, contact towards {part}",
                           in_block(catalogue, *device(feed, DeviceKind::fuse)), index.name(feed.to)),
                       index.name(feed.to) + " −",
                       "",
                       {f},
                       true,
                       electronics_ohm,
                       feed.id});
    }
    return all;
}

Words Looking::switch_words(const std::vector<size_t>& on, size_t of) const {
    if (of == 0) return "";
    if (on.empty()) return of == 1 ? say("its switch open") : say("all switches open");
    if (on.size() == of && of > named) return say("every switch closed");
    std::vector<Words> closed;
    for (const auto f : on)
        closed.push_back(closed_words(catalogue, *opened_cold(catalogue, plan.feeds()[f])));
    return joined(closed, ", ");
}

Reading Looking::reading(const Mouth& mouth, std::string_view key, const Words& switches,
                         const std::vector<bool>& closed) const {
    const auto sight = look(mouth, closed);
    Reading r;
    r.of = key == whole ? ReadingOf::short_closed : ReadingOf::short_open;
    r.key = fmt::format("shorts/{}/{}", mouth.id, key);
    r.title = mouth.title;
    r.state = mouth.state + (mouth.state.empty() || switches.empty() ? "" : ", ") + switches;
    if (sight.igniter) r.state += (r.state.empty() ? "" : ", ") + say("igniters unplugged");
    r.red = mouth.red, r.black = mouth.black;
    r.unit = ReadingUnit::ohm;
    r.about = mouth.about;
    r.high = std::numeric_limits<double>::infinity();
    r.why.title = say("Short or no short");
    if (sight.siemens <= 0) {
        r.low = mouth.own_ohm;
        r.why.add(mouth.own_ohm < electronics_ohm
                      ? say("The module's own divider is across its output: a few hundred ohms and more.")
                      : say("Only electronics on this path: their capacitors charge, the reading climbs past "
                            "1 kΩ."));
        return r;
    }
    const double rest = 1 / sight.siemens;
    r.low = std::min(mouth.own_ohm, rest * (1 - scale_share));

    r.why.add(
        say("At rest {who} {count|is|are together} {rest}, windings and cold filaments behind their leads.",
            first_few(sight.seen, named), sight.seen.size(), format(Ohm(rest))));
    r.why.add(say("Less a tenth for the meter: {rest}.", format(Ohm(rest * (1 - scale_share)))));
    if (r.low < 2 * own_leads)
        r.why.add(
            say("A dead short reads like the meter's own leads, some {own_leads}, and cannot be told apart. "
                "Unplug the motors and measure again: the reading must rise.",
                format(Ohm(own_leads))),
            Tone::caution);
    return r;
}

void Looking::read(const Mouth& mouth, std::vector<Reading>& out) const {
    std::vector<bool> closed(plan.feeds().size(), true);
    const auto ways = look(mouth, closed).switches;
    std::vector<size_t> every;
    for (const auto& way : ways) every.push_back(way.back());
    const auto is_last = [&](size_t f) {
        return std::none_of(ways.begin(), ways.end(), [&](const auto& w) {
            return w.back() != f && std::find(w.begin(), w.end(), f) != w.end();
        });
    };
    if (!ways.empty()) {
        closed.assign(plan.feeds().size(), false);
        out.push_back(reading(mouth, "open", switch_words({}, every.size()), closed));
    }
    size_t lasts = 0;
    for (const auto& way : ways) lasts += is_last(way.back());
    for (const auto& way : ways) {
        if (lasts < 2 || !is_last(way.back())) continue;
        closed.assign(plan.feeds().size(), false);
        for (const auto f : way) closed[f] = true;
        out.push_back(reading(mouth, plan.feeds()[way.back()].id, switch_words(way, every.size()), closed));
    }
    closed.assign(plan.feeds().size(), true);
    out.push_back(reading(mouth, whole, switch_words(every, every.size()), closed));
}

}  // namespace

Words closed_words(const Catalogue& catalogue, const Device& power_switch) {
    const auto* type = find(catalogue.switches, power_switch.type);
    const auto name = !power_switch.name.empty() ? Words(power_switch.name)
                      : type                     ? Words(type->name)
                                                 : Words(power_switch.type);
    return type && type->kind != SwitchKind::manual ? say("a clip across {name}", name)
                                                    : say("{name} on", name);
}

std::vector<Reading> short_readings(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    const auto& index = figures.solver->index();
    Looking looking{plan, catalogue, index, {}};
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto ohms = feed_ohms(figures.harness.wiring, f);
        looking.ohms.push_back(raw(ohms.supply) + raw(ohms.back));
    }
    std::vector<Reading> all;
    for (const auto& mouth : looking.mouths()) looking.read(mouth, all);
    return all;
}

}  // namespace sangre
