#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/tolerance.h"
#include "plan/source.h"

namespace sangre {
namespace {

template <class Quantity>
void add_range(Why& why, const Words& what, const Range& r, Quantity) {
    why.add(say("{figure} {low} – {high} in nine draws of ten; moved most by {spread_name}.", what,
                format(Quantity(r.low)), format(Quantity(r.high)), said(spread_name(r.most()))));
}

}  // namespace

Why explain_tolerance(const Plan& plan, const ToleranceStudy& t, const Phase& phase, const Id& subject) {
    Why why;
    for (size_t l = 0; l < plan.loads.size() && l < t.load_volts.size(); ++l) {
        if (plan.loads[l].id != subject || state_in(phase, plan.loads[l]) == LoadState::off) continue;
        if (t.load_volts[l].high <= 0) continue;  // fed by nothing: there is nothing to be sure of
        add_range(why, say("Gets"), t.load_volts[l], Volt());
        if (t.browns_out[l] > 0)
            why.add(say("Browns out in {browns_out} of them.", format_percent(t.browns_out[l])),
                    Tone::caution);
    }
    for (size_t f = 0; f < plan.feeds().size() && f < t.feed_drop.size(); ++f)
        if (plan.feeds()[f].id == subject && t.feed_drop[f].high > 1e-4)
            add_range(why, say("Drops"), t.feed_drop[f], Volt());
    if (const auto* source = by_id(plan.sources, subject)) {
        const bool packs = has_packs(plan), pack = source->kind == SourceKind::pack;
        const bool meant = packs ? pack : is_endless(*source);
        if (meant) {
            add_range(why, packs ? say("All packs give") : say("It gives"), t.battery_amps, Ampere());
            add_range(why, packs ? say("Their voltage") : say("Its voltage"), t.battery_volts, Volt());
        }
        if (meant && packs)
            add_range(why, say("The phase could last"),
                      Range{t.run_hours.low * 3600, t.run_hours.middle * 3600, t.run_hours.high * 3600,
                            t.run_hours.moved_by},
                      Second());
    }
    if (why.lines.empty()) return why;
    why.title = say("How sure, in {phase}", phase.name);
    why.source =
        say("{draws} seeded draws over tolerances of parts, loads and lengths, charge and air", t.draws);
    return why;
}

}  // namespace sangre
