#include "proposal/battery_choice.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/conditions.h"
#include "electrical/mission/start_up.h"
#include "physics/battery/pack.h"
#include "physics/network/elements.h"
#include "plan/air.h"
#include "plan/bare_volts.h"
#include "proposal/pack_practice.h"
#include "proposal/rails.h"
#include "proposal/sold_packs.h"

namespace sangre {
namespace {

constexpr Celsius flight_pack_air{10};  // what flies warms its pack before it leaves the ground
constexpr double low_share = 1.05;      // what converters draw more of a pack that sags
constexpr double floor_share = 1.06;    // over the least voltage of what hangs on the pack, for wires

/// What the loads take while a phase runs.
struct Taken {
    std::vector<double> watts, peak;  ///< by load
    std::vector<double> on;           ///< likewise, as long as it is on
    double hours = 0;
};

/// The day as it is lived: its phases, with what no phase has at work added to each peak.
struct Day {
    std::vector<Taken> phases;
    double rounds = 1;
    bool long_peak = false;  ///< it lasts longer than a burst
    double start_extra = 0;  ///< W that the hardest start takes over what it runs with
    Celsius air{20};
    double energy = 0, average = 0, strongest = 0;  ///< Wh, W, W at the loads
};

double watts(const Load& load, Ampere amps) { return raw(load.nominal) * raw(amps); }

Day day_of(const Plan& plan) {
    Day day;
    day.air = usual_air(plan);
    if (plan.flies) day.air = std::max(day.air, flight_pack_air);
    auto phases = plan.phases;
    if (phases.empty()) {
        phases.push_back({"all", {}, Second(3600), false, {}, {}, {}, {}});
        for (const auto& l : plan.loads)
            if (!l.starter) phases[0].states[l.id] = LoadState::typical;
    }
    bool charges = false;
    double hours = 0;
    for (const auto& phase : phases) {
        charges = charges || phase.charging;
        if (phase.charging) continue;
        Taken taken;
        taken.hours = raw(phase.duration) / 3600;
        double sum = 0, peak = 0;
        for (const auto& load : plan.loads) {
            const auto state = state_in(phase, load);
            const bool works =
                state == LoadState::typical || state == LoadState::peak || !ever_works(plan, load);
            taken.watts.push_back(watts(load, draw_in(phase, load)));
            taken.on.push_back(
                watts(load, draw(load, works && state != LoadState::peak ? LoadState::typical : state)));
            taken.peak.push_back(works ? watts(load, draw(load, LoadState::peak))
                                       : watts(load, draw(load, state)));
            sum += taken.watts.back(), peak += taken.peak.back();
            if (works && load.peak > load.typical && load.peak_time > burst_time) day.long_peak = true;
        }
        day.energy += sum * taken.hours, hours += taken.hours;
        day.strongest = std::max(day.strongest, peak);
        day.phases.push_back(std::move(taken));
    }
    if (!charges) day.rounds = std::max(plan.repeats_per_day, 1);
    day.energy *= day.rounds;
    day.average = hours > 0 ? day.energy / (hours * day.rounds) : 0;
    for (const auto& l : plan.loads)
        day.start_extra = std::max(day.start_extra, watts(l, start_current(l)) - watts(l, l.typical));
    return day;
}

/// What a pack's voltage makes of the loads.
struct Fit {
    bool possible = false;
    size_t modules = 0;
    double direct = 0;                ///< share of the energy that needs no module
    double energy = 0;                ///< Wh out of the pack for the day
    double continuous = 0, peak = 0;  ///< W out of the pack
    double beside_name =
        0;  ///< share of the energy of what is named after another battery and runs all the same
    double floor = 0, start_floor = 0;  ///< V that must stand
};

Fit fit_of(const Plan& plan, const Catalogue& catalogue, const Day& day, const Chemistry& c, int series) {
    const auto range = pack_range(c, series);
    Fit fit;
    std::vector<double> losses(plan.loads.size(), wire_losses);
    for (const auto& g : group_rails(plan, range)) {
        const auto made = modules_for(plan, catalogue, range, g);
        if (!made) return fit;
        fit.modules += made->size();
        for (const auto& m : *made)
            for (const auto l : m.group.loads)
                losses[l] /= m.type->kind == ConverterKind::linear
                                 ? std::clamp(raw(m.group.volts) / raw(c.nominal * series), 0.05, 1.0)
                                 : m.type->efficiency;
    }
    fit.possible = true;
    fit.floor = raw(range.low) * 1.01;
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        if (!accepts(plan.loads[l], range)) continue;
        fit.floor = std::max(fit.floor, raw(plan.loads[l].v_min) * floor_share);
        if (restarts(plan.loads[l]))
            fit.start_floor = std::max(fit.start_floor, raw(plan.loads[l].v_min) * floor_share);
    }
    double at_loads = 0;
    for (const auto& phase : day.phases) {
        double sum = 0, peak = 0, on = 0;
        for (size_t l = 0; l < losses.size(); ++l) {
            sum += phase.watts[l] * losses[l], peak += phase.peak[l] * losses[l];
            on += phase.on[l] * losses[l];
            at_loads += phase.watts[l] * phase.hours;
            if (!accepts(plan.loads[l], range)) continue;
            fit.direct += phase.watts[l] * phase.hours;
            fit.beside_name +=
                (1 - named_after(plan.loads[l], c.id, series, range.low)) * phase.watts[l] * phase.hours;
        }
        fit.energy += sum * phase.hours * day.rounds;
        fit.continuous = std::max(fit.continuous, on), fit.peak = std::max(fit.peak, peak);
    }
    fit.beside_name = at_loads > 0 ? fit.beside_name / at_loads : 0;
    // Without a day to count by, by what is strongest.
    fit.direct = at_loads > 0 ? fit.direct / at_loads : fit.modules == 0 ? 1 : 0;
    return fit;
}

/// Volts that are left of `rest` behind `ohm` when `watts` are taken, whatever the volts: what a converter
/// takes grows as the pack sags. 0 where that much cannot be had at all.
double under_power(double rest, double ohm, double watts) {
    const double left = rest * rest - 4 * watts * ohm;
    return left < 0 ? 0 : (rest + std::sqrt(left)) / 2;
}

/// Why a pack is too small, in a word for its reasons; nothing where it does.
enum class Short { nothing, energy, continuous, peak, sags };

Short short_of(const Source& b, const Chemistry& c, const Day& day, const Fit& fit) {
    const double nominal = raw(c.nominal) * b.series;
    const double usable = raw(pack_capacity(b, c, day.air)) * c.usable * nominal;
    if (usable < fit.energy) return Short::energy;
    const double volts = std::max(raw(pack_rest_voltage(b, c, usual_charge)), 0.1);
    const double nearly_flat = std::max(raw(pack_rest_voltage(b, c, nearly_empty)), 0.1);
    if (raw(pack_max_current(b, c)) < (day.long_peak ? fit.peak : fit.continuous) / nearly_flat * low_share)
        return Short::continuous;
    if (raw(pack_burst_current(b, c)) < std::max(fit.peak, fit.continuous + day.start_extra) / volts)
        return Short::peak;
    const double ohm = raw(pack_resistance(b, c, usual_charge, day.air));
    const double rest = raw(pack_rest_voltage(b, c, usual_charge));
    if (under_power(rest, ohm, fit.peak) < fit.floor) return Short::sags;
    const double at_start = under_power(rest, ohm * ohmic_share, fit.continuous + day.start_extra);
    return day.start_extra > 0 && at_start < fit.start_floor ? Short::sags : Short::nothing;
}

struct Candidate {
    Source battery;
    const CellType* cell = nullptr;
    const Chemistry* chemistry = nullptr;
    const Fit* fit = nullptr;
    double mass = 0, cost = 0, wh = 0, score = 0;
};

/// A pack that was tried and is too small.
struct TooSmall {
    Source battery;
    double wh = 0;
    Short what = Short::nothing;
};

double liking(const Plan& plan, const Chemistry& c, Scale scale) {
    for (const auto& row : pack_likings)
        if (row.chemistry == c.id) return plan.flies ? row.flies : row.by_scale[static_cast<size_t>(scale)];
    return 2;
}

/// Volts that a machine of that size runs from when nothing in it says otherwise.
double usual_volts(Scale scale) {
    switch (scale) {
        case Scale::tiny:
            return 3.7;
        case Scale::small:
            return 7.4;
        case Scale::medium:
            return 14.8;
        case Scale::large:
            return 29.6;
    }
    return 14.8;
}

/// How much a doubling of the pack's mass matters.
double mass_weight(const Plan& plan) {
    if (plan.flies) return 6;
    return plan.shaking == Shaking::hard ? 1.5 : plan.shaking == Shaking::moves ? 0.4 : 0.2;
}

double score(const Plan& plan, const Candidate& c, const Day& day, double lightest) {
    const auto scale = scale_of(day.average, day.strongest);
    const double volts = raw(c.chemistry->nominal) * c.battery.series;
    double s = 12 * (1 - c.fit->direct) + 2.5 * static_cast<double>(c.fit->modules);
    s += liking(plan, *c.chemistry, scale) + 4 * c.fit->beside_name;
    s += 1.2 * std::max(0.0, std::log2(volts / usual_volts(scale)));
    s += c.fit->peak / volts / 20;
    s += mass_weight(plan) * std::log2(c.mass / lightest);
    const double needed = std::max(c.fit->energy / c.chemistry->usable, 0.1);
    s += 0.8 * std::max(0.0, std::log2(c.wh / needed) - 0.5);
    s += 0.3 * std::log2(1 + c.cost / 10);
    // Holders, nickel and a board to fit; LFP is sold ready in blocks.
    if (c.cell->form == CellForm::round)
        s += (c.cell->chemistry == "lfp" ? 0.06 : 0.03) * c.battery.series * c.battery.parallel;
    if (c.cell->form == CellForm::pouch && c.cell->series != c.battery.series)
        s += 0.7;  // two packs in series
    if (c.cell->form != CellForm::round && c.battery.parallel > 1) s += 0.7;
    return s;
}

Words form_words(const CellType& cell) {
    switch (cell.form) {
        case CellForm::round:
            return say("round cells in holders");
        case CellForm::pouch:
            return say("a pouch pack");
        case CellForm::prismatic:
            return say("prismatic cells");
        case CellForm::block:
            return say("a block in its case");
        case CellForm::board:
            return say("one cell with its protection board");
    }
    return {};
}

Words short_words(Short what, const Source& b, const Day& day) {
    const auto size = format(b.cell_capacity * b.parallel);
    switch (what) {
        case Short::energy:
            return say("{size} would not last the day in {air}.", size, format(day.air));
        case Short::continuous:
            return say("{size} is not rated for the current that flows continuously.", size);
        case Short::peak:
            return say("{size} is not rated for the peak.", size);
        case Short::sags:
            return say("{size} would sag below its cut-off at its peak, at {charge} charge.", size,
                       format_percent(usual_charge));
        case Short::nothing:
            break;
    }
    return {};
}

/// Of the same cells in series, the largest that was not enough; null where none is smaller.
const TooSmall* next_smaller(const std::vector<TooSmall>& refused, const Candidate& best) {
    const TooSmall* next = nullptr;
    for (const auto& r : refused)
        if (r.battery.chemistry == best.battery.chemistry && r.battery.series == best.battery.series &&
            r.wh < best.wh && (!next || r.wh > next->wh))
            next = &r;
    return next;
}

Why why_chosen(const Plan& plan, const Candidate& best, const TooSmall* smaller, const Day& day, size_t tried,
               WattHour least) {
    Why why;
    const auto& c = *best.chemistry;
    const auto& fit = *best.fit;
    why.title = say("Battery");
    why.add(say("{tried} packs compared that the catalogue's cells make in forms that are sold.", tried));
    why.add(
        say("{pack_summary}, {form_words}: {direct} of the energy needs no converter; {modules} "
            "{modules|rail|rails} to be made.",
            pack_summary(best.battery, c), form_words(*best.cell), format_percent(fit.direct), fit.modules),
        Tone::good);
    const double volts = raw(c.nominal) * best.battery.series;
    why.add(say("The day takes {energy} out of it; ÷ {usable} usable ÷ {volts} = {charge}.",
                format(WattHour(fit.energy)), format_percent(c.usable), format(Volt(volts)),
                format(AmpereHour(fit.energy / c.usable / volts))));
    why.add(
        say("It is rated for {pack_max_current} continuously and {pack_burst_current} for {burst_time}; "
            "{continuous} and {peak} are drawn.",
            format(pack_max_current(best.battery, c)), format(pack_burst_current(best.battery, c)),
            format(burst_time), format(Ampere(fit.continuous / volts)), format(Ampere(fit.peak / volts))));
    why.add(
        say("Chosen for {air}, the usual air between {coldest} and {hottest}{coldest_2|, which is assumed "
            "(plan menu: Ambient temperature)|}; peaks are met at {charge} charge.",
            format(day.air), format_number(raw(plan.coldest_air)), format(plan.hottest_air),
            plan.coldest_air == usual_coldest_air && plan.hottest_air == usual_hottest_air,
            format_percent(usual_charge)));
    if (plan.flies) why.add(say("It flies: the lightest pack that lasts the flight."));
    if (raw(least) > 0)
        why.add(say("At least {least}, so that what was found too small is not.", format(least)));
    if (smaller) why.add(short_words(smaller->what, smaller->battery, day));
    why.caution = c.caution;
    why.source = best.cell->source + "; " + c.source;
    return why;
}

}  // namespace

Source pack_of(const Catalogue& catalogue, const CellType& cell, int blocks, int strings) {
    Source b;
    b.id = "battery", b.name = "Battery", b.chemistry = cell.chemistry;
    b.series = cell.series * blocks, b.parallel = strings, b.cell_capacity = cell.capacity;
    const auto* c = find(catalogue.chemistries, cell.chemistry);
    if (!c || raw(cell.capacity) <= 0) return b;
    // The chemistry says what such a cell usually has; this one has its own.
    const auto rounded = [](double x) { return std::round(x * 1e5) / 1e5; };
    constexpr double alike = 0.05;
    const double usual = c->mohm_ah / 1e3 / raw(cell.capacity), own = raw(cell.resistance) / cell.series;
    if (own > 0 && std::abs(own / usual - 1) > alike) b.cell_resistance = Ohm(rounded(own));
    const double rate = raw(cell.max) / raw(cell.capacity), burst = raw(cell.burst) / raw(cell.capacity);
    if (std::abs(rate / c->max_c - 1) > alike || std::abs(burst / c->burst_c - 1) > alike)
        b.c_rate = rounded(rate), b.burst_c = rounded(burst);
    return b;
}

tl::expected<BatteryChoice, Words> choose_battery(const Plan& plan, const Catalogue& catalogue,
                                                  WattHour least) {
    const auto day = day_of(plan);
    std::map<std::pair<Id, int>, Fit> fits;
    std::vector<Candidate> candidates;
    std::vector<TooSmall> refused;
    size_t tried = 0;
    bool any_possible = false;
    double most_wh = 0;
    for (const auto& sold : sold_packs(catalogue)) {
        const auto& cell = *sold.cell;
        const auto [known, is_new] = fits.try_emplace({cell.chemistry, sold.series});
        if (is_new) known->second = fit_of(plan, catalogue, day, *sold.chemistry, sold.series);
        const auto& fit = known->second;
        if (!fit.possible) continue;
        any_possible = true;
        for (int strings = 1; strings <= sold.most_strings; ++strings) {
            ++tried;
            const auto pack = pack_of(catalogue, cell, sold.blocks, strings);
            const double wh = raw(pack_energy(pack, *sold.chemistry));
            most_wh = std::max(most_wh, wh);
            const auto lacks = wh < raw(least) ? Short::energy : short_of(pack, *sold.chemistry, day, fit);
            if (lacks != Short::nothing) {
                refused.push_back({pack, wh, lacks});
                continue;
            }
            Candidate c{pack, &cell, sold.chemistry, &fit};
            c.wh = wh;
            c.mass = raw(cell.mass) * sold.blocks * strings * (cell.series == 1 ? 1.1 : 1);
            c.cost = cell.cost * sold.blocks * strings;
            candidates.push_back(std::move(c));
            break;
        }
    }
    if (!any_possible)
        return tl::unexpected(
            Words(say("no battery below 60 V lets every rail be made from the catalogue's modules")));
    if (candidates.empty())
        return tl::unexpected(
            say("the day needs {energy} and a peak of {strongest}, more than the largest pack of the "
                "catalogue's cells "
                "gives (up to {most}); use two packs, or charge in between",
                format(WattHour(day.energy)), format(Watt(day.strongest)), format(WattHour(most_wh))));
    double lightest = 1e18;
    for (const auto& c : candidates) lightest = std::min(lightest, c.mass);
    for (auto& c : candidates) c.score = score(plan, c, day, lightest);
    const auto& best = *std::min_element(candidates.begin(), candidates.end(),
                                         [](const auto& a, const auto& b) { return a.score < b.score; });
    return BatteryChoice{best.battery,
                         why_chosen(plan, best, next_smaller(refused, best), day, tried, least)};
}

}  // namespace sangre
