// Supplies in cables: where two meet, and what a core is asked to carry.
#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <optional>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/thermal.h"
#include "plan/lead_edits.h"
#include "rules/review/review.h"
#include "wiring/cable/cable.h"

namespace sangre {
namespace {

bool supplies(const Lead& k) {
    return std::any_of(k.cores.begin(), k.cores.end(),
                       [](const auto& core) { return core.role == CoreRole::supply; });
}

/// The end that a cable's supply suits: the far one, or, drawn the other way, the near one.
const Id& supplied_end(const Plan& plan, const Lead& cable) {
    const auto suits = [&](const Id& part) {
        const auto* load = by_id(plan.loads, part);
        return load && cable.volts >= load->v_min * 0.9 && cable.volts <= load->v_max * 1.1;
    };
    return !suits(cable.to) && suits(cable.from) ? cable.from : cable.to;
}

/// True where a part has a feed of its own at the voltage that a cable brings as well, or may bring where
/// nobody has said which.
bool fed_alike(const Plan& plan, const Id& part, Volt volts) {
    const auto* load = by_id(plan.loads, part);
    if (load && raw(volts) <= 0) return !feeds_into(plan, part).empty();
    return load && volts >= load->v_min * 0.9 && volts <= load->v_max * 1.1 &&
           !feeds_into(plan, part).empty();
}

Edit red_wires_pulled(const std::vector<Id>& cables) {
    return [cables](const Plan& p) {
        auto next = p;
        for (const auto& id : cables)
            if (auto* k = by_id(next.leads, id))
                for (auto& core : k->cores)
                    if (core.role == CoreRole::supply)
                        core.role = CoreRole::unused, core.cut_back = true, core.to_pin.clear();
        return next;
    };
}

/// Takes the feed of its own away and lets the cable feed, with what sat in that feed; nothing where the
/// cable cannot.
std::optional<Edit> through_the_cable(const Plan& plan, const Lead& cable, const Id& part) {
    const Edit edit = [id = cable.id, part](const Plan& p) {
        auto next = p;
        std::vector<Device> items;
        for (const auto& f : next.feeds())
            if (f.to == part) items.insert(items.end(), f.devices.begin(), f.devices.end());
        next.erase_feeds([&](const auto& f) { return f.to == part; });
        own_returns(next);
        next = settle_leads(std::move(next));
        auto* now = by_id(next.feeds(), id);
        if (!now) return p;
        if (now->devices.empty()) now->devices = items;
        return next;
    };
    const auto after = edit(plan);
    return by_id(after.feeds(), cable.id) ? std::optional(edit) : std::nullopt;
}

/// Several regulators on one rail through servo leads: only one red wire may stay, and none where the board
/// has a feed of its own.
void two_supplies(const Context& c, std::vector<Finding>& out) {
    std::map<Id, std::vector<const Lead*>> into;
    for (const auto& k : c.plan.signal_leads())
        if (supplies(k)) into[supplied_end(c.plan, k)].push_back(&k);
    for (const auto& [part, giving] : into) {
        const bool own = std::any_of(giving.begin(), giving.end(),
                                     [&, p = part](const auto* k) { return fed_alike(c.plan, p, k->volts); });
        if (giving.size() + own < 2) continue;
        std::vector<Id> others;
        for (size_t i = own ? 0 : 1; i < giving.size(); ++i) others.push_back(giving[i]->id);
        Finding f{Severity::danger,
                  {},
                  {others.front(), part},
                  say("{count} supplies meet at {part}: pull the red wire of {others}.", giving.size() + own,
                      name_of(c.plan, part),
                      own && others.size() == 1 ? say("its lead")
                      : own                     ? say("every lead")
                                                : say("all but one")),
                  {},
                  {}};
        f.why.add(
            say("Regulators on one rail drive each other: the highest carries all the load and back-feeds "
                "the others until one fails."));
        f.why.add(
            own ? say("It has a feed of its own: only signal and ground are needed.")
                : say("Leave it in {lead}; pull and insulate it in the rest.", lead_name(c.plan, *giving[0])),
            Tone::good);
        for (const auto& id : others) f.why.add(say("Pull: {part}", name_of(c.plan, id)), Tone::caution);
        f.fixes.push_back(
            {say("Pull {count} red {count|wire|wires}", others.size()), red_wires_pulled(others)});
        if (own && giving.size() == 1)
            if (auto through = through_the_cable(c.plan, *giving.front(), part))
                f.fixes.push_back({say("The cable is its feed"), std::move(*through)});
        out.push_back(std::move(f));
    }
}

void core_overloaded(const Context& c, std::vector<Finding>& out) {
    // Of one that feeds, the rules about feeds say so.
    for (const auto& k : c.plan.signal_leads()) {
        const auto* wire = find(c.catalogue.wires, k.wire);
        const auto* insulation = wire ? find(c.catalogue.insulations, wire->insulation) : nullptr;
        if (!insulation || raw(k.amps) <= 0) continue;
        const auto bunch = bunching_factor(static_cast<int>(k.cores.size()));
        const auto each = ampacity(*wire, *insulation, c.plan.hottest_air) * bunch;
        for (size_t i = 0; i < k.cores.size(); ++i) {
            if (k.cores[i].role != CoreRole::supply) continue;
            const auto sharing = together_with(k, i).size();
            if (each * static_cast<double>(sharing) >= k.amps) break;
            Finding f{Severity::danger,
                      {},
                      {k.id},
                      say("{lead}: {cores} {cores|core of {wire} carries|cores of {wire} carry} {rated}; "
                          "{amps} is drawn.",
                          lead_name(c.plan, k), sharing, size_words(*wire),
                          format(each * static_cast<double>(sharing)), format(k.amps)),
                      {},
                      {}};
            f.why.add(say("{each} alone in {hottest}, × {bunch} with {count} cores together.",
                          format(each / bunch), format(c.plan.hottest_air), format_percent(bunch),
                          k.cores.size()));
            f.why.add(say("Thin cores joined at both ends carry together, if both are whole."));
            std::vector<const WireType*> thicker;
            for (const auto& w : c.catalogue.wires)
                if (w.insulation == wire->insulation && w.metric == wire->metric && w.usual &&
                    w.area > wire->area &&
                    ampacity(w, *insulation, c.plan.hottest_air) * bunch * static_cast<double>(sharing) >=
                        k.amps)
                    thicker.push_back(&w);
            if (!thicker.empty()) {
                const auto* best =
                    *std::min_element(thicker.begin(), thicker.end(),
                                      [](const auto* a, const auto* b) { return a->area < b->area; });
                f.fixes.push_back({say("Use {size}", size_words(*best)),
                                   lead_changed(k.id, [id = best->id](Lead& x) { x.wire = id; })});
            }
            out.push_back(std::move(f));
            break;
        }
    }
}

}  // namespace

const std::vector<Rule> rules_of::cable_supplies{
    {"cable-two-supplies", to_say("One supply through all leads of a board"), two_supplies},
    {"cable-core-overloaded", to_say("A core carries its current"), core_overloaded},
};

}  // namespace sangre
