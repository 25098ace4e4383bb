#include "proposal/battery_comparison.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/mission.h"
#include "physics/battery/pack.h"
#include "plan/air.h"
#include "proposal/battery_choice.h"
#include "proposal/battery_front.h"
#include "proposal/pack_practice.h"
#include "proposal/propose.h"
#include "proposal/rails.h"
#include "proposal/sold_packs.h"

namespace sangre {
namespace {

constexpr double enough_days = 3;          // of work on one charge; more is only weight
constexpr double build_share = 1.1;        // holders, straps and wrap around single cells
constexpr double charge_tail_hours = 0.5;  // at falling current, typical

/// What is taken from the terminals: at constant power, and as constant current by what hangs on the pack
/// itself.
struct Drain {
    double watts = 0, amps = 0;
    bool operator<(const Drain& o) const { return watts + amps * 12 < o.watts + o.amps * 12; }
};

/// What the loads drains of a pack of one voltage.
struct Drains {
    Words impossible;  ///< why they cannot be fed from it
    size_t rails = 0;
    std::vector<Drain> phases;
    Drain peak;
};

/// What each load takes out of the pack per watt at its own terminals.
std::vector<double> losses_of(const Plan& plan, const Catalogue& catalogue, SourceRange range,
                              Drains& drains) {
    std::vector<double> losses(plan.loads.size(), wire_losses);
    for (const auto& group : group_rails(plan, range)) {
        const auto modules = modules_for(plan, catalogue, range, group);
        if (!modules) {
            const auto& r = modules.error().front();
            drains.impossible = r.load.empty() ? r.reason : name_of(plan, r.load) + ": " + r.reason;
            return losses;
        }
        drains.rails += modules->size();
        for (const auto& m : *modules)
            for (const auto l : m.group.loads) {
                const double share = m.type->kind == ConverterKind::linear
                                         ? raw(m.group.volts) / raw((range.low + range.high) / 2)
                                         : m.type->efficiency;
                losses[l] /= std::max(share, 0.05);
            }
    }
    return losses;
}

Drains drains_of(const Plan& plan, const Catalogue& catalogue, SourceRange range) {
    Drains drains;
    const auto losses = losses_of(plan, catalogue, range, drains);
    if (!drains.impossible.empty()) return drains;
    const auto sum = [&](const Phase& phase, bool peak) {
        Drain drain;
        for (size_t l = 0; l < plan.loads.size(); ++l) {
            const auto& load = plan.loads[l];
            auto state = state_in(phase, load);
            if (peak && (state == LoadState::typical || state == LoadState::peak)) state = LoadState::peak;
            const double amps = raw(state == LoadState::typical ? draw_in(phase, load) : draw(load, state));
            const bool holds_current = load.kind == LoadKind::current || load.kind == LoadKind::motor;
            if (holds_current && accepts(load, range))
                drain.amps += amps;
            else
                drain.watts += raw(load.nominal) * amps * losses[l];
        }
        return drain;
    };
    for (const auto& phase : plan.phases) {
        drains.phases.push_back(phase.charging ? Drain{} : sum(phase, false));
        if (!phase.charging) drains.peak = std::max(drains.peak, sum(phase, true));
    }
    return drains;
}

/// A pack on the bench.
struct Bench {
    const Source& battery;
    const Chemistry& chemistry;
    Celsius air;
    double amp_hours, cutoff, leak;

    Bench(const Source& b, const Chemistry& c, Celsius at)
        : battery(b),
          chemistry(c),
          air(at),
          amp_hours(raw(pack_capacity(b, c, at))),
          cutoff(raw(pack_cutoff_voltage(b, c))),
          leak(raw(self_discharge(b, c, at))) {}

    /// Terminal voltage under `drain`; 0 where it cannot give that.
    double volts(const Drain& drain, double charge) const {
        const double rest = raw(pack_rest_voltage(battery, chemistry, charge)),
                     ohm = raw(pack_resistance(battery, chemistry, charge, air));
        const double left = rest - ohm * drain.amps, under_root = left * left - 4 * drain.watts * ohm;
        return left < 0 || under_root < 0 ? 0 : (left + std::sqrt(under_root)) / 2;
    }
    /// Seconds that this can be taken from `charge` on, at most `seconds`; the charge falls with it.
    double run(const Drain& taken, double& charge, double seconds) const {
        double time = 0;
        while (time < seconds) {
            const double v = volts(taken, charge);
            if (charge <= 0 || v <= cutoff) return time;
            const double amps = taken.watts / v + taken.amps;
            const double drain = amps * peukert_factor(chemistry, AmpereHour(amp_hours), Ampere(amps)) + leak;
            const double to_next =
                std::min(0.02, std::max(charge, 1e-6)) * amp_hours * 3600 / std::max(drain, 1e-9);
            const double dt = std::min(seconds - time, to_next);
            charge -= drain * dt / 3600 / amp_hours;
            time += dt;
        }
        return time;
    }
};

double first_time_flat(const Plan& plan, const Drains& drains, const Bench& bench, BatteryCandidate& c) {
    double charge = 1, clock = 0;
    c.charge_left = 1;
    for (int round = 0; round < std::max(plan.repeats_per_day, 1); ++round)
        for (size_t i = 0; i < plan.phases.size(); ++i) {
            const auto& phase = plan.phases[i];
            const double span = raw(phase.duration);
            if (phase.charging)
                charge = std::min(1.0, charge + raw(phase.charge_current) * span / 3600 / bench.amp_hours);
            else if (const double ran = bench.run(drains.phases[i], charge, span); ran < span)
                return clock + ran;
            c.charge_left = std::min(c.charge_left, charge);
            clock += span;
        }
    return -1;
}

std::vector<size_t> lasting(const Plan& plan, const Drains& drains, const Bench& bench) {
    std::vector<double> taken(plan.phases.size());
    for (size_t i = 0; i < taken.size(); ++i)
        taken[i] = (drains.phases[i].watts + drains.phases[i].amps * bench.volts(drains.phases[i], 0.5)) *
                   raw(plan.phases[i].duration);
    return lasting_phases(plan, taken).phases;
}

/// From full, the phases that count over and over.
double run_time(const Plan& plan, const Drains& drains, const Bench& bench) {
    constexpr double year = 365 * 86400.0;
    const auto counted = lasting(plan, drains, bench);
    double charge = 1, total = 0;
    while (total < year) {
        const double before = total;
        for (const auto i : counted) {
            const auto& phase = plan.phases[i];
            const double ran = bench.run(drains.phases[i], charge, raw(phase.duration));
            total += ran;
            if (ran < raw(phase.duration)) return total;
        }
        if (total == before) break;
    }
    return total;
}

void judge(BatteryCandidate& c, const Plan& plan, const Catalogue& catalogue, const CellType& cell,
           const Drains& drains) {
    const auto& chemistry = *find(catalogue.chemistries, cell.chemistry);
    const Bench bench(c.battery, chemistry, usual_air(plan));
    c.rails = drains.rails;
    const int count = c.blocks * c.battery.parallel;
    c.mass = cell.mass * count * (cell.series == 1 ? build_share : 1.0);
    c.cost = cell.cost * count;
    c.charger = pack_charge_voltage(c.battery, chemistry);
    c.nominal = chemistry.nominal * c.battery.series;
    if (chemistry.charge_c > 0) c.charging = Second((0.9 / chemistry.charge_c + charge_tail_hours) * 3600);
    const double volts = bench.volts(drains.peak, usual_charge);
    c.at_worst = Volt(volts);
    c.peak = Ampere(volts > 0 ? drains.peak.watts / volts + drains.peak.amps : 0);
    c.strongest =
        Watt(volts > 0 ? raw(c.peak) * volts
                       : drains.peak.watts + drains.peak.amps * raw(chemistry.nominal) * c.battery.series);
    const double stands = raw(cell.burst) * c.battery.parallel;
    c.share_of_limit = raw(c.peak) / stands;
    const bool charges =
        std::any_of(plan.phases.begin(), plan.phases.end(), [](const auto& p) { return p.charging; });
    if (chemistry.charge_c <= 0 && charges) {
        c.why_not = say("cannot be recharged");
        return;
    }
    if (volts < bench.cutoff) {
        c.why_not = volts > 0
                        ? say("sags to {at_worst} in the one-second peak, below its cut-off of {cutoff}",
                              format(c.at_worst), format(Volt(bench.cutoff)))
                        : say("cannot give {strongest} at {charge} charge in {ambient}", format(c.strongest),
                              format_percent(usual_charge), format(usual_air(plan)));
        return;
    }
    if (c.share_of_limit > 1) {
        c.why_not = say("{peak} in the one-second peak; its cells are rated for {rating}", format(c.peak),
                        format(Ampere(stands)));
        return;
    }
    if (const double flat = first_time_flat(plan, drains, bench, c); flat >= 0) {
        c.why_not =
            say("empty after {flat} of the day, in {ambient}", format(Second(flat)), format(usual_air(plan)));
        return;
    }
    c.run_time = Second(run_time(plan, drains, bench));
    double work = 0;
    for (const auto i : lasting(plan, drains, bench)) work += raw(plan.phases[i].duration);
    c.useful_time = std::min(c.run_time, Second(work * std::max(plan.repeats_per_day, 1) * enough_days));
    double quietest = 1e18;  // A
    const double rest = std::max(raw(pack_rest_voltage(c.battery, chemistry, 0.5)), 0.1);
    for (size_t i = 0; i < plan.phases.size(); ++i)
        if (!plan.phases[i].charging)
            quietest = std::min(quietest, drains.phases[i].watts / rest + drains.phases[i].amps);
    const double drain = quietest + bench.leak;
    c.standby_days = std::min(bench.amp_hours / std::max(drain, 1e-9) / 24, 9999.0);
    c.serves = true;
}

/// Worked flat every day a pack ages fast, and nothing is left for the day that lasts longer: none is bought
/// for that, though one that is there may be worked so.
void keep_reserve(BatteryCandidate& c, const Chemistry& chemistry, const Plan& plan) {
    const double kept = 1 - chemistry.usable;
    if (!c.serves || c.charge_left >= kept) return;
    c.serves = false;
    c.why_not = say("ends the day at {charge_left}; {short_name} needs {kept} in reserve, in {ambient}",
                    format_percent(c.charge_left), chemistry.short_name, format_percent(kept),
                    format(usual_air(plan)));
}

BatteryCandidate candidate(const Catalogue& catalogue, const CellType& cell, int blocks, int strings) {
    BatteryCandidate c;
    c.cell = cell.id;
    c.blocks = blocks;
    c.battery = pack_of(catalogue, cell, blocks, strings);
    return c;
}

/// The plan's own first pack, judged by the same measure; as its chemistry has it, for its cells are not
/// known.
void judge_present(BatteryComparison& all, const Plan& plan, const Catalogue& catalogue) {
    if (plan.sources.empty()) return;
    BatteryCandidate c;
    c.battery = plan.sources.front();
    const auto* chemistry = find(catalogue.chemistries, c.battery.chemistry);
    if (!chemistry || c.battery.kind != SourceKind::pack) return;
    auto one = c.battery;
    one.parallel = 1;
    CellType cell;
    cell.chemistry = c.battery.chemistry, cell.series = c.battery.series, cell.capacity = one.cell_capacity;
    cell.max = pack_max_current(one, *chemistry), cell.burst = pack_burst_current(one, *chemistry);
    cell.mass = pack_mass(one, *chemistry);
    cell.cost = raw(pack_energy(one, *chemistry)) / 1e3 * chemistry->cost_per_kwh;
    c.charger = pack_charge_voltage(c.battery, *chemistry);
    const auto drains = drains_of(plan, catalogue, pack_range(*chemistry, c.battery.series));
    c.why_not = drains.impossible;
    if (drains.impossible.empty()) judge(c, plan, catalogue, cell, drains);
    all.present = std::move(c);
}

}  // namespace

BatteryComparison compare_batteries(const Plan& plan, const Catalogue& catalogue) {
    BatteryComparison all;
    all.why.title = say("Batteries compared");
    if (plan.loads.empty() || plan.phases.empty()) {
        all.why.add(say("Nothing to compare for yet: type loads, and paint when they run."));
        return all;
    }
    std::map<std::pair<Id, int>, Drains> asks;
    for (const auto& sold : sold_packs(catalogue)) {
        const auto [known, is_new] = asks.try_emplace({sold.cell->chemistry, sold.series});
        if (is_new) known->second = drains_of(plan, catalogue, pack_range(*sold.chemistry, sold.series));
        const auto& drains = known->second;
        BatteryCandidate c;
        for (int strings = 1; strings <= sold.most_strings; ++strings) {
            c = candidate(catalogue, *sold.cell, sold.blocks, strings);
            ++all.tried;
            if (!drains.impossible.empty()) {
                c.why_not = drains.impossible;
                break;
            }
            judge(c, plan, catalogue, *sold.cell, drains);
            keep_reserve(c, *sold.chemistry, plan);
            if (c.serves || c.why_not == "cannot be recharged") break;
        }
        if (!c.serves && drains.impossible.empty() && c.battery.parallel == sold.most_strings &&
            sold.most_strings > 1)
            c.why_not = say("even {most_strings} in parallel: {why_not}", sold.most_strings, c.why_not);
        all.candidates.push_back(std::move(c));
    }
    find_front(all.candidates, catalogue);
    judge_present(all, plan, catalogue);
    const auto serving =
        std::count_if(all.candidates.begin(), all.candidates.end(), [](const auto& c) { return c.serves; });
    const auto front =
        std::count_if(all.candidates.begin(), all.candidates.end(), [](const auto& c) { return c.front; });
    all.why.add(say("{tried} packs tried; {serving} of {count} kinds and voltages meet the mission, {front} "
                    "of them worth comparing.",
                    all.tried, serving, all.candidates.size(), front),
                front > 0 ? Tone::good : Tone::danger);
    all.why.add(say(
        "Each with the fewest parallel strings that last the day at {ambient} and carry the one-second peak.",
        format(usual_air(plan))));
    all.why.add(
        say("Best in mass, cost, run time and rails to be made; up to {no_matter} is no difference, and more "
            "than "
            "{enough_days} days of work on one charge count no more.",
            format_percent(no_matter), enough_days));
    all.why.source =
        say("Cells of the catalogue (typical); constant power, modules' losses and 3 % for wires.");
    return all;
}

Edit take_battery(const Source& battery, const Catalogue& catalogue) {
    return [battery, &catalogue](const Plan& plan) {
        Plan next = plan;
        auto taken = battery;
        if (!plan.sources.empty()) {
            taken.id = plan.sources.front().id;
            // "AGM block" is no name for what takes its place.
            if (plan.sources.front().chemistry == battery.chemistry) taken.name = plan.sources.front().name;
            taken.place = plan.sources.front().place, taken.extra = plan.sources.front().extra;
        }
        next.sources = {taken};
        const auto wired = propose(next, catalogue);
        return wired ? wired->plan : next;
    };
}

}  // namespace sangre
