// A pack's own charger suits its cells.
#include <fmt/format.h>

#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/each_pack.h"

namespace sangre {
namespace {

constexpr double over = 1.005, under = 0.97;  // of the cells' charge voltage; a charger's own ±0.5 %, typical
constexpr double most_share = 2.01;           // of the usual charging current, as for a charging phase

Edit with_charger(Source b, Volt volts, Ampere amps) {
    b.charger = volts, b.charger_current = amps;
    return [b](const Plan& p) { return put_source(p, b); };
}

void charger_volts(const Context& c, std::vector<Finding>& out) {
    each_pack(c, [&](const Source& b, const Chemistry& k) {
        if (raw(b.charger) <= 0) return;
        const Volt right = k.charge * b.series;
        const double share = raw(b.charger) / raw(right);
        if (share <= over && share >= under) return;
        Finding f{share > over ? Severity::danger : Severity::caution,
                  {},
                  {b.id},
                  share > over ? say("{source}'s charger goes up to {charger}; its cells end at {right}.",
                                     b.name, format(b.charger), format(right))
                               : say("{source}'s charger ends at {charger}: it is never full, at {right}.",
                                     b.name, format(b.charger), format(right)),
                  {},
                  {}};
        f.why.add(compose("{} × {} = {}", b.series, format(k.charge), format(right)));
        if (share > over)
            f.why.caution = say("An overcharged pack vents or burns. Never leave one charging unattended.");
        f.fixes.push_back(
            {say("A charger of {right}", format(right)), with_charger(b, right, b.charger_current)});
        out.push_back(std::move(f));
    });
}

void charger_amps(const Context& c, std::vector<Finding>& out) {
    each_pack(c, [&](const Source& b, const Chemistry& k) {
        if (raw(b.charger_current) <= 0) return;
        const Ampere liked(k.charge_c * raw(b.cell_capacity) * b.parallel);
        if (k.charge_c <= 0 || b.charger_current > liked * most_share) {
            Finding f{k.charge_c <= 0 ? Severity::danger : Severity::caution,
                      {},
                      {b.id},
                      k.charge_c <= 0
                          ? say("{source} is {chemistry} and has a charger; such cells cannot be charged.",
                                b.name, k.name)
                          : say("{source}'s charger gives {charger_current}; {usual} is recommended.", b.name,
                                format(b.charger_current), format(liked)),
                      {},
                      {}};
            f.fixes.push_back(k.charge_c <= 0 ? Fix{say("No charger"), with_charger(b, Volt(0), Ampere(0))}
                                              : Fix{say("One of {usual}", format(liked)),
                                                    with_charger(b, b.charger, liked)});
            out.push_back(std::move(f));
        }
        for (const auto& phase : c.plan.phases) {
            if (!phase.charging || c.plan.sources.size() != 1 ||
                phase.charge_current <= b.charger_current * 1.01)
                continue;
            auto next = phase;
            next.charge_current = b.charger_current;
            Finding f{
                Severity::caution,
                {},
                {b.id},
                say("{phase} charges {source} with {charge_current}; its charger gives {charger_current}.",
                    phase.name, b.name, format(phase.charge_current), format(b.charger_current)),
                {},
                {}};
            f.fixes.push_back({say("Charge with {current}", format(b.charger_current)),
                               [next](const Plan& p) { return put_phase(p, next); }});
            out.push_back(std::move(f));
        }
    });
}

}  // namespace

const std::vector<Rule> rules_of::chargers{
    {"charger-volts", to_say("A charger ends at its cells' charge voltage"), charger_volts},
    {"charger-current",
     to_say("A charger gives the current recommended for its pack, and a charging phase no more than the "
            "charger gives"),
     charger_amps},
};

}  // namespace sangre
