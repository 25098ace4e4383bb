#include <fmt/format.h>

#include "battery/pack.h"
#include "propose/battery_comparison.h"
#include "units/format.h"

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
    why.add(fmt::format("{} in series × {} in parallel of: {}.", c.blocks, c.battery.parallel, cell->name));
    if (!c.why_not.empty()) why.add("Fell out: " + c.why_not + ".", c.serves ? Tone::caution : Tone::danger);
    if (raw(c.strongest) > 0) {
        why.heading("The strongest second");
        why.add(fmt::format("Nearly empty, in {}: {} ÷ {} = {}", format(plan.coldest_air),
                            format(c.strongest), format(c.at_worst), format(c.peak)),
                c.serves ? Tone::good : Tone::plain);
        why.add(
            fmt::format("Its cells withstand {} × {} = {}: {} of that", c.battery.parallel, format(cell->max),
                        format(cell->max * c.battery.parallel), format_percent(c.share_of_limit)),
            c.share_of_limit > 1 ? Tone::danger : Tone::good);
        why.add("Cut-off " + format(pack_cutoff_voltage(c.battery, *chemistry)));
    }
    if (!c.serves) return why;
    why.heading("The day");
    why.add(fmt::format("Lowest charge {}; from full, working without a pause, {}.",
                        format_percent(c.charge_left), format(c.run_time)),
            c.charge_left < 0.15 ? Tone::caution : Tone::good);
    why.add(fmt::format("Left standing: {}.", days_words(c.standby_days)));
    why.heading("What it takes");
    why.add(fmt::format("{} × {}{} = {}", count, format(cell->mass),
                        cell->series == 1 ? " × 1.1 for holders and wrap" : "", format(c.mass)));
    why.add(fmt::format("{} × {} = {} in the catalogue's typical money", count, format_number(cell->cost),
                        format_number(c.cost)));
    why.add(fmt::format("{} {} to be made from it.", c.rails, c.rails == 1 ? "rail" : "rails"));
    if (raw(c.charging) > 0)
        why.add(fmt::format(
            "Charger of {} at {}: full in {}.", format(c.charger),
            format(Ampere(chemistry->charge_c * raw(c.battery.cell_capacity) * c.battery.parallel)),
            format(c.charging)));
    else
        why.add("Not rechargeable.");
    return why;
}

}  // namespace sangre
