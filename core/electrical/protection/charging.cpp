#include "electrical/protection/charging.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/battery/pack.h"
#include "physics/network/sources.h"
#include "plan/source.h"

namespace sangre {
namespace {

constexpr double module_limit = 1.25;  // of its printed current, as converter_currents has it
constexpr size_t deepest = 64;         // a ring of hubs ends somewhere

/// Capacitors behind a feed and the conductance of the ways to them, the feed's own resistance left out.
struct Behind {
    double farad = 0, siemens = 0;
};

class Walk {
  public:
    Walk(const Plan& plan, const Catalogue& catalogue, const Solver& solver)
        : plan_(plan), catalogue_(catalogue), solver_(solver), known_(plan.feeds().size()) {}

    double ohm(size_t feed) const {
        const auto& branches = solver_.circuit().branches;
        return branches[2 * feed].ohm + branches[2 * feed + 1].ohm;
    }
    Behind behind(size_t feed, size_t depth = 0) {
        if (known_[feed] || depth > deepest) return known_[feed].value_or(Behind{});
        const auto end = solver_.index().end_of(feed);
        Behind b;
        for (const auto& d : plan_.feeds()[feed].devices)
            if (const auto* part = find(catalogue_.inlines, d.type); part && d.kind == DeviceKind::filter)
                b.farad += raw(part->capacitance);
        if (end.kind == PartKind::load) b.farad += raw(plan_.loads[end.index].capacitance);
        if (end.kind == PartKind::converter)
            if (const auto* type = find(catalogue_.converters, plan_.converters[end.index].type))
                b.farad += raw(type->input_capacitance);
        if (end.kind == PartKind::hub)
            for (const auto f : solver_.index().from(plan_.feeds()[feed].to)) {
                const auto next = behind(f, depth + 1);
                if (next.farad <= 0) continue;
                b.farad += next.farad;
                b.siemens += 1 / (ohm(f) + (next.siemens > 0 ? 1 / next.siemens : 0));
            }
        known_[feed] = b;
        return b;
    }

  private:
    const Plan& plan_;
    const Catalogue& catalogue_;
    const Solver& solver_;
    std::vector<std::optional<Behind>> known_;
};

}  // namespace

Ampere Charging::square() const { return raw(limit) > 0 ? limit : peak / std::sqrt(2.0); }

Words charging_words(const Charging& c) {
    const auto farad = format(c.capacitance);
    const auto time = raw(c.lasts) < 1e-3 ? format_number(raw(c.lasts) * 1e6) + " µs"
                      : raw(c.lasts) < 1  ? format_number(raw(c.lasts) * 1e3) + " ms"
                                          : format(c.lasts);
    if (raw(c.limit) > 0)
        return say("{farad} × {volts} ÷ {limit} = {time} of charging, at what its source gives at most.",
                   farad, format(c.volts), format(c.limit), time);
    return say("{volts} ÷ {loop} = {peak} at first into {farad}, {loop} × {farad} = {time} long.",
               format(c.volts), format(c.loop), format(c.peak), farad, time);
}

std::vector<Charging> charging_currents(const Plan& plan, const Catalogue& catalogue, const Solver& solver) {
    std::vector<Charging> all(plan.feeds().size());
    Walk walk(plan, catalogue, solver);
    const auto& index = solver.index();
    for (size_t f = 0; f < all.size(); ++f) {
        auto& c = all[f];
        const auto behind = walk.behind(f);
        if (behind.farad <= 0) continue;
        double ohm = walk.ohm(f) + (behind.siemens > 0 ? 1 / behind.siemens : 0);
        size_t top = f;
        for (size_t depth = 0; index.source_of(top).kind == PartKind::hub && depth < deepest; ++depth) {
            const auto& into = index.into(plan.feeds()[top].from);
            if (into.empty()) break;
            top = into.front();
            ohm += walk.ohm(top);
        }
        const auto source = index.source_of(top);
        c.capacitance = Farad(behind.farad);
        if (source.kind == PartKind::converter) {
            const auto* type = find(catalogue.converters, plan.converters[source.index].type);
            if (!type) continue;
            c.volts = plan.converters[source.index].set;
            c.limit = c.peak = type->rated * module_limit;
            c.lasts = Second(behind.farad * raw(c.volts) / raw(c.limit));
        } else if (source.kind == PartKind::source) {
            const auto& from = plan.sources[source.index];
            const auto* chemistry = find(catalogue.chemistries, from.chemistry);
            const auto range = source_range(from, catalogue);
            if (!range || from.kind == SourceKind::panel) continue;
            Demand full;
            full.air = plan.hottest_air, full.battery_scale = ohmic_share;
            const auto law = source_law(from, chemistry, full);
            c.volts = range->high;
            c.loop = Ohm(ohm + law.ohms);
            c.peak = Ampere(raw(c.volts) / raw(c.loop));
            c.lasts = Second(raw(c.loop) * behind.farad);
            if (law.limit <= 0 || law.limit >= raw(c.peak)) continue;
            c.limit = c.peak = Ampere(law.limit);
            c.lasts = Second(behind.farad * raw(c.volts) / law.limit);
        } else
            c = {};
    }
    return all;
}

}  // namespace sangre
