#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/conditions.h"
#include "physics/battery/pack.h"
#include "plan/air.h"
#include "proposal/battery_comparison.h"

namespace sangre {

Why explain_battery(const BatteryCandidate& c, const Plan& plan, const Catalogue& catalogue) {
    Why why;
    const auto* cell = find(catalogue.cells, c.cell);
    const auto* chemistry = find(catalogue.chemistries, c.battery.chemistry);
    if (!cell || !chemistry) return why;
    const int count = c.blocks * c.battery.parallel;
    why.title = pack_summary(c.battery, *chemistry);
    why.source = cell->source + "; " + chemistry->source;
    why.caution = chemistry->caution;
    why.add(say("{blocks} in series × {parallel} in parallel of: {cell}.", c.blocks, c.battery.parallel,
                cell->name));
    if (!c.why_not.empty())
        why.add(say("Ruled out: {reason}.", c.why_not), c.serves ? Tone::caution : Tone::danger);
    if (raw(c.strongest) > 0) {
        why.heading(say("The one-second peak"));
        why.add(say("At {charge} charge, in {ambient}: {strongest} ÷ {at_worst} = {peak}",
                    format_percent(usual_charge), format(usual_air(plan)), format(c.strongest),
                    format(c.at_worst), format(c.peak)),
                c.serves ? Tone::good : Tone::plain);
        why.add(say("Its cells are rated for {parallel} × {burst} = {together}: {share_of_limit} of that",
                    c.battery.parallel, format(cell->burst), format(cell->burst * c.battery.parallel),
                    format_percent(c.share_of_limit)),
                c.share_of_limit > 1 ? Tone::danger : Tone::good);
        why.add(say("Cut-off {cutoff}", format(pack_cutoff_voltage(c.battery, *chemistry))));
    }
    if (!c.serves) return why;
    why.heading(say("The day"));
    why.add(say("Lowest charge {charge_left}; from full, working without a pause, {run_time}.",
                format_percent(c.charge_left), format(c.run_time)),
            Tone::good);
    why.add(say("Left standing: {days}.", days_words(c.standby_days)));
    why.heading(say("What it takes"));
    why.add(say("{count} × {cell}{loose| × 1.1 for holders and wrap|} = {mass}", count, format(cell->mass),
                cell->series == 1, format(c.mass)));
    why.add(say("{count} × {cost} = {cost_2} in the catalogue's typical money", count,
                format_number(cell->cost), format_number(c.cost)));
    why.add(say("{rails} {rails|rail|rails} to be made from it.", c.rails));
    if (raw(c.charging) > 0)
        why.add(say("Charger of {charger} at {current}: full in {charging}.", format(c.charger),
                    format(Ampere(chemistry->charge_c * raw(c.battery.cell_capacity) * c.battery.parallel)),
                    format(c.charging)));
    else
        why.add(say("Not rechargeable."));
    return why;
}

}  // namespace sangre
