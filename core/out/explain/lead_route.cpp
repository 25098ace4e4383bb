// Where a lead runs, what it lies beside, and which other ways it could go.
#include <fmt/format.h>

#include <map>
#include <utility>

#include "alternatives/alternatives.h"
#include "beside/beside.h"
#include "explain/inside.h"
#include "units/format.h"
#include "words/say.h"

namespace sangre {
namespace {

void add_beside(Why& why, const Plan& plan, const Study& s, size_t lead) {
    bool any = false;
    const auto& index = s.solver->index();
    std::map<size_t, std::vector<size_t>> beside;
    for (const auto w : s.harness.routes[lead].ways)
        for (const auto* on : {&s.harness.feeds_on_way[w], &s.harness.cables_on_way[w]})
            for (const auto other : *on)
                if (other != lead) beside[other].push_back(w);
    for (const auto& [other, ways] : beside)
        for (const bool noisy : {true, false}) {
            const size_t from = noisy ? lead : other, into = noisy ? other : lead;
            if (!can_disturb(plan, index, from) || !can_be_disturbed(plan, index, into)) continue;
            const auto x = coupling(plan, index, s.harness, from, into, ways);
            if (!x) continue;
            if (!std::exchange(any, true)) why.heading(say("Beside it"));
            const auto& o = lead_at(plan, other);
            const auto name = o.name.empty() ? feed_name(plan, o) : o.name;
            const auto amount = x->twisted ? say("{}, twisted", format(x->couples)) : format(x->couples);
            why.add(noisy ? say("Into {}, over {}: about {}", name, format(x->along), amount)
                          : say("From {}, over {}: about {}", name, format(x->along), amount),
                    raw(x->bears) <= 0      ? Tone::plain
                    : x->couples > x->bears ? Tone::caution
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
