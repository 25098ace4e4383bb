#include "wiring/joint/crimp.h"

#include <algorithm>
#include <tuple>

#include "plan/landing.h"

namespace sangre {

CrimpChoice choose_crimp(const Catalogue& catalogue, const JointKind& kind, SquareMillimetre copper,
                         Millimetre outer, Millimetre stud) {
    CrimpChoice best;
    if (kind.part.empty() || raw(copper) <= 0) return best;
    const auto worth = [&](const CrimpChoice& c) {
        return std::tuple{c.part != nullptr, c.on_stud, c.grips, c.part ? -raw(c.part->most) : 0.0};
    };
    for (const auto& part : catalogue.crimps) {
        if (part.part != kind.part || copper < part.least || copper > part.most) continue;
        CrimpChoice c{&part};
        c.grips = raw(part.grip_most) <= 0 || (outer >= part.grip_least && outer <= part.grip_most);
        c.on_stud = raw(stud) <= 0 || part.studs.empty() ||
                    std::find(part.studs.begin(), part.studs.end(), stud) != part.studs.end();
        if (worth(c) > worth(best)) best = c;
    }
    return best;
}

Millimetre stud_at(const Plan& plan, const Lead& feed, bool at_source, bool minus) {
    const auto* terminal = lands_on(plan, feed, {at_source, minus});
    return terminal && terminal->takes == TerminalTakes::stud ? terminal->size : Millimetre(0);
}

CrimpChoice feed_crimp(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source,
                       const JointKind& kind) {
    const auto* wire = find(catalogue.wires, feed.wire);
    if (!wire) return {};
    const int n = std::max(feed.conductors, 1);
    CrimpChoice worst;
    for (const bool minus : {false, true}) {
        if (minus && feed.ret != Return::own) continue;
        const auto c = choose_crimp(catalogue, kind, wire->area * n, bundled(wire->outer, n),
                                    stud_at(plan, feed, at_source, minus));
        if (!minus || !c.on_stud) worst = c;
    }
    return worst;
}

}  // namespace sangre
