#include "plan/module_choice.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double wanted_spare = 0.25;
constexpr double sag_share = 0.97;     // of the lowest voltage, at a module's input
constexpr double thrifty_share = 0.1;  // of what is drawn, that a module may take for itself

bool makes(const ConverterType& t, SourceRange source, Volt volts, double share) {
    // Room above, to make up for what the wires drop; and below, for what the pack sags.
    const Volt sagged = source.low * share;
    if (volts < t.out_min || volts * 1.05 > t.out_max || sagged < t.in_min || source.high > t.in_max)
        return false;
    switch (t.kind) {
        case ConverterKind::buck:
        case ConverterKind::linear:
            return sagged - t.dropout >= volts * ((share < 1 ? 1.02 : 1) + t.tolerance);
        case ConverterKind::boost:
            return source.high < volts;
        case ConverterKind::buck_boost:
            return true;
    }
    return false;
}

/// A linear regulator is worth it only for small steps at small current.
bool cool_enough(const ConverterType& t, SourceRange source, Volt volts, Ampere amps) {
    return t.kind != ConverterKind::linear || raw(source.high - volts) * raw(amps) < 1.0;
}

}  // namespace

double input_spare(const ConverterType& type, Volt highest) {
    return raw(highest) > 0 ? raw(type.in_max - highest) / raw(highest) : 0;
}

tl::expected<const ConverterType*, Words> choose_converter(const Catalogue& catalogue, SourceRange source,
                                                           Volt volts, Ampere continuous, Ampere peak,
                                                           double window, const std::vector<Id>& first) {
    const ConverterType* best = nullptr;
    bool any_makes = false;
    Ampere strongest(0);
    const auto better = [&](const ConverterType& t) {
        if (!best) return true;
        // Its own tolerance, either way, must leave room for what the wires drop.
        const auto precise = [&](const ConverterType& c) { return 2 * c.tolerance + 0.025 <= window; };
        if (precise(t) != precise(*best)) return precise(t);
        const bool spare = input_spare(t, source.high) >= wanted_spare,
                   best_spare = input_spare(*best, source.high) >= wanted_spare;
        if (spare != best_spare) return spare;
        // Milliamperes for a load of milliamperes: of those, the one that takes least for itself.
        const auto thrifty = [&](const ConverterType& c) {
            return raw(c.quiescent) * raw(source.low) <= thrifty_share * raw(volts) * raw(continuous);
        };
        if (thrifty(t) != thrifty(*best)) return thrifty(t);
        if (!thrifty(t) && t.quiescent != best->quiescent) return t.quiescent < best->quiescent;
        return t.cost < best->cost;
    };
    const auto strong = [&](const ConverterType& t) {
        return t.rated * t.trusted >= continuous && t.rated >= peak * 1.05 &&
               cool_enough(t, source, volts, continuous);
    };
    for (const auto& id : first)
        if (const auto* t = find(catalogue.converters, id);
            t && makes(*t, source, volts, 1) && strong(*t) && 2 * t->tolerance <= window && better(*t))
            best = t;
    if (best) return best;
    // Where none has room for the pack's sag, one that does without.
    for (const double share : {sag_share, 1.0})
        for (const auto& t : catalogue.converters) {
            if (best && share == 1) break;
            if (!t.module || !makes(t, source, volts, share)) continue;
            any_makes = true;
            strongest = std::max(strongest, t.rated * t.trusted);
            if (!strong(t)) continue;
            if (better(t)) best = &t;
        }
    if (best) return best;
    if (!any_makes)
        return tl::unexpected(say("no module in the catalogue makes {volts} from {low} – {high}",
                                  format(volts), format(source.low), format(source.high)));
    return tl::unexpected(
        say("it needs {continuous} (peak {peak}) at {volts}, and the strongest converter is derated to "
            "{strongest}",
            format(continuous), format(peak), format(volts), format(strongest)));
}

}  // namespace sangre
