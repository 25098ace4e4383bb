// Where a lead runs, what it lies beside, and which other ways it could go.
#include <fmt/format.h>

#include <map>
#include <utility>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/coupling.h"
#include "making/alternatives.h"
#include "output/explain/inside.h"

namespace sangre {
namespace {

void add_beside(Why& why, const Plan& plan, const Study& s, size_t lead) {
    bool any = false;
    for (const auto& x :
         couplings_along(plan, s.solver->index(), s.harness, lead, s.harness.routes[lead].ways)) {
        if (!std::exchange(any, true)) why.heading(say("Beside it"));
        const auto name = lead_name(plan, plan.leads[x.other(lead)]);
        const auto amount = x.twisted ? say("{couples}, twisted", format(x.couples)) : format(x.couples);
        why.add(x.noisy == lead
                    ? say("Into {name}, over {along}: about {amount}", name, format(x.along), amount)
                    : say("From {name}, over {along}: about {amount}", name, format(x.along), amount),
                raw(x.bears) <= 0 ? Tone::plain
                : x.too_much()    ? Tone::caution
                                  : Tone::good);
    }
}

}  // namespace

void add_lead_route(Why& why, const Plan& plan, const Catalogue& catalogue, const Study& s, size_t lead) {
    const auto& route = s.harness.routes[lead];
    why.heading(say("The way"));
    for (const auto& line : route.why.lines) why.lines.push_back(line);
    if (!route.ways.empty()) {
        const auto others = alternatives(plan, catalogue, s, lead);
        const Alternative* now = nullptr;
        for (const auto& a : others)
            if (a.now) now = &a;
        if (now && others.size() > 1) {
            why.heading(say("Other ways"));
            for (const auto& a : others)
                if (!a.now)
                    why.add(alternative_words(plan, *now, a, lead),
                            a.against.empty() ? Tone::plain : Tone::caution);
        }
    }
    add_beside(why, plan, s, lead);
}

}  // namespace sangre
