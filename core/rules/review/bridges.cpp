// What a motor's bridge takes between its supply and the motor.
#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

constexpr Watt without_sink(1.5);  // some 50 K/W of a bare package: 75 K over the air; typical
constexpr double much = 0.1;       // of the motor's volts

void bridge(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.loads.size(); ++i) {
        const auto& l = c.plan.loads[i];
        if (l.kind != LoadKind::motor) continue;
        const auto volts = bridge_volts(l, l.typical);
        const auto loss = bridge_loss(l, l.typical);
        if (raw(volts) <= 0) continue;
        // What it really gets where it hangs: of a low pack or a thin lead the same drop is more.
        const auto& fed = c.figures.worst.loads[i];
        const Volt supply = fed.usual_lowest < Volt(1e8) ? fed.usual_lowest
                            : fed.lowest < Volt(1e8)     ? fed.lowest
                                                         : l.nominal;
        const double share = raw(supply) > 0 ? raw(volts) / raw(supply) : 0;
        if (loss < without_sink && share < much) continue;
        Finding f{loss >= without_sink ? Severity::caution : Severity::note,
                  {},
                  {l.id},
                  loss >= without_sink ? say("The bridge of {load} dissipates {loss} at {typical}: it needs "
                                             "a heat sink and air flow.",
                                             l.name, format(loss), format(l.typical))
                                       : say("The bridge of {load} drops {volts}, {share} of its supply.",
                                             l.name, format(volts), format_percent(share)),
                  {},
                  {}};
        f.why.add(compose("{} × {} = {}", format(volts), format(l.typical), format(loss)));
        f.why.add(say("Of its supply of {supply} the motor gets {left}.", format(supply),
                      format(std::max(supply - volts, Volt(0)))));
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::bridges{
    {"motor-bridge", to_say("A motor's bridge stays cool and its drop is small"), bridge},
};

}  // namespace sangre
