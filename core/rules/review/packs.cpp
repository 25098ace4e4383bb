// What packs do to each other, what age did to them, and how they are charged.
#include <fmt/format.h>

#include <cmath>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "physics/battery/pack.h"
#include "rules/review/each_pack.h"
#include "wiring/packs/pack_groups.h"

namespace sangre {
namespace {

constexpr double charger_ends_at = 20;  // hours: a twentieth of the capacity, typical

Edit changed(Source b, void (*change)(Source&)) {
    change(b);
    return [b](const Plan& p) { return put_source(p, b); };
}

void unequal(const Context& c, std::vector<Finding>& out) {
    if (c.plan.sources.size() < 2) return;
    Demand quiet;
    quiet.states.assign(c.plan.loads.size(), LoadState::off);
    quiet.open.assign(c.plan.feeds().size(), false);
    const auto p = c.figures.solver->solve(quiet);
    if (!p.found) return;
    for (size_t i = 0; i < p.sources.size(); ++i) {
        const auto& b = c.plan.sources[i];
        const auto* k = find(c.catalogue.chemistries, b.chemistry);
        if (!k || p.sources[i].amps > Ampere(-0.2)) continue;  // a pack that is being charged by the others
        const Volt behind = p.sources[i].volts - pack_rest_voltage(b, *k, 1 - b.charge_behind);
        const bool harm =
            p.sources[i].amps * -1 > Ampere(raw(pack_max_current(b, *k)) * k->charge_c / pack_c_rate(b, *k));
        Finding f{harm ? Severity::danger : Severity::caution,
                  {},
                  {b.id},
                  say("The other packs push {amps} into {source} when they are connected.",
                      format(p.sources[i].amps * -1), b.name),
                  {},
                  {}};
        f.why.add(say("It rests {behind} below them; packs join within 0.05 V per cell.", format(behind)));
        f.why.add(say("Recommended charging current: {current}.",
                      format(Ampere(k->charge_c * raw(b.cell_capacity) * b.parallel))));
        if (b.charge_behind > 0)
            f.fixes.push_back({say("Charge it first"), changed(b, [](Source& x) { x.charge_behind = 0; })});
        out.push_back(std::move(f));
    }
}

/// Packs that are joined share every volt for good: kind and count decide whether they can, age how evenly.
void of_kinds(const Context& c, std::vector<Finding>& out) {
    constexpr double ages_apart = 0.15;  // of the capacity that is left
    for (const auto& group : pack_groups(c.plan, c.index()))
        for (size_t i = 1; i < group.sources.size(); ++i) {
            const auto& first = c.plan.sources[group.sources.front()];
            const auto& b = c.plan.sources[group.sources[i]];
            const auto *k = find(c.catalogue.chemistries, first.chemistry),
                       *other = find(c.catalogue.chemistries, b.chemistry);
            if (!k || !other) continue;
            auto alike = b;
            alike.chemistry = first.chemistry, alike.series = first.series;
            const auto use = [&](const Words& says) {
                return std::vector<Fix>{{says, [alike](const Plan& p) { return put_source(p, alike); }}};
            };
            Finding f{Severity::danger, {}, {b.id, first.id}, {}, {}, {}};
            if (k->id != other->id) {
                f.sentence = say("{first} and {source} are joined: {chemistry} beside {other}.", first.name,
                                 b.name, k->name, other->name);
                f.why.add(say("Their discharge curves differ, so one charges the other all the time."));
                f.why.add(say("And no charger suits both."));
                f.fixes = use(say("Make it {chemistry} too", k->name));
            } else if (first.series != b.series) {
                f.sentence =
                    say("{first} and {source} are joined: {series} cells in series beside {series_2}.",
                        first.name, b.name, first.series, b.series);
                f.why.add(say("The pack with fewer cells is charged far above its limit."));
                f.fixes = use(say("Make it {series} in series too", first.series));
            } else if (std::abs(first.health - b.health) > ages_apart) {
                f.severity = Severity::caution;
                f.sentence =
                    say("{first} and {source} are joined: one has {health} of its capacity left, the other "
                        "{health_2}.",
                        first.name, b.name, format_percent(first.health), format_percent(b.health));
                f.why.add(
                    say("The older one's higher resistance leaves most of the current to the newer, which "
                        "ages faster."));
                alike.health = first.health, alike.resistance_factor = first.resistance_factor;
                f.fixes = use(say("A pack of the same age"));
            } else {
                continue;
            }
            out.push_back(std::move(f));
        }
}

void old(const Context& c, std::vector<Finding>& out) {
    each_pack(c, [&](const Source& b, const Chemistry&) {
        if (b.health >= 0.8 && ageing_factor(b) <= 2) return;
        Finding f{Severity::caution,
                  {},
                  {b.id},
                  say("{source} is worn: {health} of its capacity, {ageing_factor} × its resistance.", b.name,
                      format_percent(b.health), format_number(ageing_factor(b), 2)),
                  {},
                  {}};
        f.why.add(say("At 80 % of its capacity a pack counts as worn; from there it fades faster."));
        f.fixes.push_back(
            {say("A new pack"), changed(b, [](Source& x) { x.health = x.resistance_factor = 1; })});
        out.push_back(std::move(f));
    });
}

void weak_cell(const Context& c, std::vector<Finding>& out) {
    each_pack(c, [&](const Source& b, const Chemistry& k) {
        if (b.weakest_cell >= 0.95) return;
        Finding f{b.weakest_cell < 0.8 ? Severity::danger : Severity::caution,
                  {},
                  {b.id},
                  say("{source} has a cell that holds {weakest_cell} of the others: it is empty first and "
                      "can be reversed.",
                      b.name, format_percent(b.weakest_cell)),
                  {},
                  {}};
        f.why.add(say("With the weak cell at {cutoff} the pack still shows {pack_rest_voltage}.",
                      format(k.cutoff), format(pack_rest_voltage(b, k, 0))));
        f.why.caution = say("Do not open a pack to exchange a cell unless you build packs: replace it.");
        f.fixes.push_back({say("A pack of even cells"), changed(b, [](Source& x) { x.weakest_cell = 1; })});
        out.push_back(std::move(f));
    });
}

void charging(const Context& c, std::vector<Finding>& out) {
    for (const auto& phase : c.plan.phases) {
        if (!phase.charging) continue;
        each_pack(c, [&](const Source& b, const Chemistry& k) {
            const Ampere liked(k.charge_c * raw(b.cell_capacity) * b.parallel);
            if (k.charge_c <= 0)
                out.push_back({Severity::danger,
                               {},
                               {b.id},
                               say("{source} is {chemistry} and cannot be charged, yet {phase} charges it.",
                                   b.name, k.name, phase.name),
                               {},
                               {}});
            else if (phase.charge_current > liked * 2.01) {
                Finding f{Severity::caution,
                          {},
                          {b.id},
                          say("{phase} charges {source} with {charge_current}; {usual} is recommended.",
                              phase.name, b.name, format(phase.charge_current), format(liked)),
                          {},
                          {}};
                f.why.add(compose("{} C × {} = {}", format_number(k.charge_c),
                                  format(b.cell_capacity * b.parallel), format(liked)));
                auto gentler = phase;
                gentler.charge_current = liked;
                f.fixes.push_back({say("Charge with {current}", format(liked)),
                                   [gentler](const Plan& p) { return put_phase(p, gentler); }});
                out.push_back(std::move(f));
            }
        });
    }
}

/// Lithium plates out on the anode where a cell is charged below freezing: it is damaged for ever.
void charging_cold(const Context& c, std::vector<Finding>& out) {
    if (c.plan.coldest_air >= Celsius(0)) return;
    for (const auto& phase : c.plan.phases) {
        if (!phase.charging || phase.indoors) continue;
        each_pack(c, [&](const Source& b, const Chemistry& k) {
            if (!k.plates_when_cold) return;
            Finding f{Severity::caution,
                      {},
                      {b.id},
                      say("{phase} charges {source} in air down to {coldest}: below 0 °C lithium plating "
                          "damages the cells.",
                          phase.name, b.name, format(c.plan.coldest_air)),
                      {},
                      {}};
            f.why.add(say("Charge it where it is warm, and let it warm through first; up to 10 °C slowly."));
            auto inside = phase;
            inside.indoors = true;
            f.fixes.push_back(
                {say("Charge indoors"), [inside](const Plan& p) { return put_phase(p, inside); }});
            out.push_back(std::move(f));
        });
    }
}

/// What runs on while the charger works hides the end of the charge from it.
void charged_while_used(const Context& c, std::vector<Finding>& out) {
    const auto groups = pack_groups(c.plan, c.index());
    for (const auto& phase : c.plan.phases) {
        if (!phase.charging) continue;
        for (const auto& group : groups) {
            double amp_hours = 0, volts = 0;
            const Source* pack = nullptr;
            for (const auto i : group.sources) {
                const auto& b = c.plan.sources[i];
                const auto* k = find(c.catalogue.chemistries, b.chemistry);
                if (b.kind != SourceKind::pack || !k) continue;
                pack = pack ? pack : &b;
                amp_hours += raw(b.cell_capacity) * b.parallel, volts = raw(pack_charge_voltage(b, *k));
            }
            if (!pack || volts <= 0) continue;
            double watts = 0;
            std::vector<Id> off;
            std::vector<std::string> names;
            for (const auto l : group.loads) {
                const auto& load = c.plan.loads[l];
                const double takes = raw(draw_in(phase, load)) * raw(nominal_of(load));
                if (takes <= 0) continue;
                watts += takes;
                names.push_back(load.name);
                if (!load.always_on) off.push_back(load.id);
            }
            const Ampere amps(watts / volts), ends(amp_hours / charger_ends_at);
            if (amps <= ends) continue;
            Finding f{
                Severity::note,
                {},
                {pack->id},
                say("While {phase} charges {pack}, {names} {one|goes|go} on taking {amps}: a charger that "
                    "ends at "
                    "{ends} does not end.",
                    phase.name, pack->name, listed(names), names.size() == 1, format(amps), format(ends)),
                {},
                {}};
            f.why.add(say("Many chargers stop at C/20: {amp_hours} ÷ 20 h = {ends}.",
                          format(AmpereHour(amp_hours)), format(ends)));
            f.why.add(say("Off while it charges, or a charger that ends by time or floats."));
            if (!off.empty())
                f.fixes.push_back({say("Off while it charges"), [id = phase.id, off](const Plan& p) {
                                       auto next = p;
                                       for (const auto& load : off)
                                           next = set_state(std::move(next), id, load, LoadState::off);
                                       return next;
                                   }});
            out.push_back(std::move(f));
        }
    }
}

void starts(const Context& c, std::vector<Finding>& out) {
    const auto& m = c.figures.mission;
    if (!m.starts_for_days || *m.starts_for_days >= 3) return;
    Finding f{*m.starts_for_days <= 0 ? Severity::danger : Severity::caution,
              {},
              {},
              *m.starts_for_days <= 0 ? say("The starter does not turn even on a full battery.")
                                      : say("Left in {standby_phase}, it no longer starts after {days}.",
                                            m.standby_phase, days_words(*m.starts_for_days)),
              {},
              {}};
    if (!c.plan.sources.empty()) f.about = {c.plan.sources.front().id};
    f.why.add(say("The starter turns down to {starts_down_to} charge.", format_percent(m.starts_down_to)));
    out.push_back(std::move(f));
}

/// What moves throws its pack about, and the plug is what holds it then.
void not_held(const Context& c, std::vector<Finding>& out) {
    if (c.plan.shaking == Shaking::still && !c.plan.flies) return;
    each_pack(c, [&](const Source& b, const Chemistry&) {
        if (b.held != Held::unsaid) return;
        const bool much = c.plan.shaking == Shaking::hard || c.plan.flies;
        Finding f{
            much ? Severity::caution : Severity::note,
            {},
            {b.id},
            say("Nothing holds {source} in place: when the machine moves it is thrown against its own lead.",
                b.name),
            {},
            {}};
        f.why.add(
            say("A strap or bracket takes its weight; a tie behind its plug takes the pull of its lead."));
        for (const auto& [held, words] : {std::pair{Held::strap, say("A strap round it")},
                                          {Held::bracket, say("A bracket")},
                                          {Held::tray, say("A tray with a hold-down")}}) {
            auto kept = b;
            kept.held = held;
            f.fixes.push_back({words, [kept](const Plan& p) { return put_source(p, kept); }});
        }
        out.push_back(std::move(f));
    });
}

}  // namespace

const std::vector<Rule> rules_of::packs{
    {"battery-packs-unequal", to_say("Packs are joined at the same voltage"), unequal},
    {"battery-packs-differ", to_say("Packs that are joined are of one kind, count and age"), of_kinds},
    {"battery-old", to_say("A pack still holds most of its capacity"), old},
    {"battery-weak-cell", to_say("The cells of a pack are balanced"), weak_cell},
    {"battery-charging", to_say("A pack is charged at the current recommended for its chemistry"), charging},
    {"battery-charged-cold", to_say("Lithium cells are not charged below 0 °C"), charging_cold},
    {"battery-charged-while-used", to_say("A charger can tell when a pack is full"), charged_while_used},
    {"battery-held", to_say("The pack of a machine that moves is strapped down"), not_held},
    {"battery-starts", to_say("The starter still turns after days parked"), starts},
};

}  // namespace sangre
