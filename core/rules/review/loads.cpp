#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/deep_only.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

void window_reversed(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads) {
        if (l.v_min <= l.v_max) continue;
        auto swapped = l;
        std::swap(swapped.v_min, swapped.v_max);
        out.push_back({Severity::danger,
                       {},
                       {l.id},
                       say("{load}: its minimum voltage, {lowest}, is above its maximum, {highest}.", l.name,
                           format(l.v_min), format(l.v_max)),
                       {},
                       {{say("Swap the two"), [swapped](const Plan& p) { return put_load(p, swapped); }}}});
    }
}

void outside_tool(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads)
        if (l.v_min >= highest_voltage)
            out.push_back(
                {Severity::danger,
                 {},
                 {l.id},
                 say("{load} needs {lowest}. Mains and everything from 60 V DC up is outside this tool: "
                     "stop, and ask a qualified person under the local code.",
                     l.name, format(l.v_min)),
                 {},
                 {}});
    for (size_t b = 0; b < c.plan.sources.size(); ++b)
        if (const auto reaches = c.figures.worst.packs[b].highest; reaches >= highest_voltage)
            out.push_back(
                {Severity::danger,
                 {},
                 {c.plan.sources[b].id},
                 say("{sources} reaches {reaches}. Everything from 60 V DC up is outside this tool: "
                     "{kind|use fewer cells in series|stop, and ask a qualified person under the local "
                     "code}.",
                     c.plan.sources[b].name, format(reaches), c.plan.sources[b].kind == SourceKind::pack),
                 {},
                 {}});
    for (const auto& k : c.plan.signal_leads())
        if (k.volts >= highest_voltage)
            out.push_back(
                {Severity::danger,
                 {},
                 {k.id},
                 say("{signal_lead} carries {volts}. Mains and everything from 60 V DC up is outside this "
                     "tool: stop, and ask a qualified person under the local code.",
                     k.name, format(k.volts)),
                 {},
                 {}});
    for (const auto& k : c.plan.converters)
        if (k.set >= highest_voltage)
            out.push_back(
                {Severity::danger,
                 {},
                 {k.id},
                 say("{converter} is set to {setting}. Everything from 60 V DC up is outside this tool.",
                     k.name, format(k.set)),
                 {},
                 {}});
}

/// A network that was not solved is not a network in which all is well.
void not_solved(const Context& c, std::vector<Finding>& out) {
    const auto missing = unknown_figures(c.plan, c.figures);
    if (missing.empty()) return;
    Finding f{Severity::danger, {}, {}, missing.front(), {}, {}};
    for (size_t i = 1; i < missing.size(); ++i) f.why.add(missing[i]);
    f.why.add(
        say("Correct what the other findings name: open returns, loops, loads far beyond their supply."));
    out.push_back(std::move(f));
}

void not_fed(const Context& c, std::vector<Finding>& out) {
    if (c.plan.feeds().empty()) return;
    for (const auto& l : c.plan.loads) {
        const auto chain = c.index().upstream(l.id);
        const bool fed =
            !chain.empty() && c.index().part(c.plan.feeds()[chain.back()].from).kind == PartKind::source;
        if (fed || l.v_min > l.v_max) continue;
        out.push_back({Severity::danger,
                       {},
                       {l.id},
                       say("{load} is not fed from any source. Propose wires it.", l.name),
                       {},
                       {}});
    }
}

void starves(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.loads.size(); ++i) {
        const auto& l = c.plan.loads[i];
        const auto& x = c.figures.worst.loads[i];
        if (raw(x.lowest) <= 0 || x.lowest >= l.v_min - Volt(0.005)) continue;
        const bool usual = starves_usually(x, l) || !runs_from_packs(c, l.id);
        Finding f{usual ? Severity::danger : Severity::note,
                  {},
                  {l.id},
                  say("{load} browns out: {lowest} at its terminals, {lowest_2} needed ({lowest_where}).",
                      l.name, format(x.lowest), format(l.v_min), x.lowest_where),
                  {},
                  {}};
        if (!usual) deep_only(c, f, l.id, x.usual_lowest, l.v_min - x.lowest);
        f.why.add(say("Short by {volts}.", format(l.v_min - x.lowest)), Tone::danger);
        for (const auto up : c.index().upstream(l.id))
            f.why.add(say("{lead} drops {drop} ({drop_share})", c.index().feed_name(c.plan.feeds()[up]),
                          format(c.figures.worst.feeds[up].drop),
                          format_percent(c.figures.worst.feeds[up].drop_share)));
        out.push_back(std::move(f));
    }
}

/// A start of a moment is as bad for what restarts as a peak that lasts.
void resets_at_start(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.loads.size(); ++i) {
        const auto& l = c.plan.loads[i];
        const auto& x = c.figures.worst.loads[i];
        if (!restarts(x, l)) continue;
        const bool usual = restarts_usually(x, l) || starves_usually(x, l) || !runs_from_packs(c, l.id);
        Finding f{usual ? Severity::danger : Severity::note,
                  {},
                  {l.id},
                  say("{load} resets: {lowest_at_start} at its terminals for a moment, {lowest} needed "
                      "({start_where}).",
                      l.name, format(x.lowest_at_start), format(l.v_min), x.start_where),
                  {},
                  {}};
        if (!usual) deep_only(c, f, l.id, x.usual_lowest_at_start, l.v_min - x.lowest_at_start);
        f.why.add(say("What starts draws many times what it runs with; a motor at rest is its winding."));
        f.why.add(
            say("For less than a second the pack sags by its ohmic part alone; the wires drop in full."));
        f.why.schools = {
            {say("Its own line from the pack"), "", say("the start loads only the pack"), false},
            {say("A soft start in the controller"), "", say("no surge at all"), false},
            {say("A larger capacitor before it"), "", say("bridges milliseconds, no more"), false}};
        out.push_back(std::move(f));
    }
}

void too_high(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.loads.size(); ++i) {
        const auto& l = c.plan.loads[i];
        const auto& x = c.figures.worst.loads[i];
        if (l.v_min > l.v_max || x.highest <= l.v_max + Volt(0.005)) continue;
        Finding f{Severity::danger,
                  {},
                  {l.id},
                  say("{load} can be exposed to {highest} and is rated for {highest_2}.", l.name,
                      format(x.highest), format(l.v_max)),
                  {},
                  {}};
        f.why.add(say("The highest comes with the pack full or on its charger and little current flowing."));
        out.push_back(std::move(f));
    }
}

void antenna(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads)
        if (l.transmitter)
            out.push_back(
                {Severity::note,
                 {},
                 {l.id},
                 say("{load}: antenna on before it is powered, even for setup. The build has a step for it.",
                     l.name),
                 {},
                 {}});
}

void assumed(const Context& c, std::vector<Finding>& out) {
    std::vector<Id> ids;
    Words names;
    for (const auto& l : c.plan.loads)
        if (l.assumed) ids.push_back(l.id), names += (names.empty() ? "" : ", ") + l.name;
    if (ids.empty()) return;
    Finding f{
        Severity::note,
        {},
        ids,
        ids.size() == 1
            ? say("{names} rests on typical figures: measure it before you buy for it.", names)
            : say("{count} loads rest on typical figures: measure them before you buy for them.", ids.size()),
        {},
        {}};
    f.why.add(names + ".");
    f.why.add(say(
        "A meter in series, or a log of it working, replaces the guess; edit the line or import the log."));
    out.push_back(std::move(f));
}

/// A day in which a load never runs says nothing of what it costs.
void never_on(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads) {
        if (l.igniter || ever_works(c.plan, l)) continue;  // what fires once takes no energy to speak of
        const bool idles = std::any_of(c.plan.phases.begin(), c.plan.phases.end(), [&](const auto& phase) {
            return state_in(phase, l) == LoadState::idle;
        });
        Finding f{Severity::note,
                  {},
                  {l.id},
                  idles ? say("{load} does no more than idle in any phase: its work counts for no run time.",
                              l.name)
                        : say("{load} is off in every phase: it counts for no run time.", l.name),
                  {},
                  {}};
        f.why.add(say("Its wire and fuse are sized as if it ran in any of them."));
        for (const auto& phase : c.plan.phases)
            if (!phase.charging) {
                f.fixes.push_back(
                    {say("On in {phase}", phase.name), [load = l.id, at = phase.id](const Plan& p) {
                         return set_state(p, at, load, LoadState::typical);
                     }});
                break;
            }
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::loads{
    {"load-window-reversed", to_say("A load's minimum voltage is below its maximum"), window_reversed},
    {"outside-this-tool", to_say("Nothing reaches 60 V DC"), outside_tool},
    {"network-not-solved", to_say("Every number of the network is known"), not_solved},
    {"load-not-fed", to_say("Every load is fed from a battery"), not_fed},
    {"load-browns-out", to_say("Every load has its minimum voltage in the worst case"), starves},
    {"load-resets-at-start", to_say("No load resets when another one starts"), resets_at_start},
    {"load-over-voltage", to_say("No load is fed more than its maximum voltage"), too_high},
    {"load-assumed", to_say("Loads with typical, not measured, figures"), assumed},
    {"load-never-on", to_say("Every load runs in some phase"), never_on},
    {"antenna-first", to_say("A transmitter is powered only with its antenna on"), antenna},
};

}  // namespace sangre
