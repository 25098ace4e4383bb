#pragma once
// What is bought to be pressed onto a wire's end, by its copper, its insulation and the stud it goes on.
#include "wiring/joint/joint.h"

namespace sangre {

struct CrimpChoice {
    const CrimpPart* part = nullptr;  ///< null where none takes that copper
    bool grips = true;                ///< its wings close on the insulation, or it has none
    bool on_stud = true;              ///< it is made for the stud, or none was said
};

/// The one that the joint kind names whose barrel takes `copper`, the least range first. Of several, one
/// whose wings close on `outer` and that is made for `stud` (0: not said).
CrimpChoice choose_crimp(const Catalogue& catalogue, const JointKind& kind, SquareMillimetre copper,
                         Millimetre outer, Millimetre stud = {});

/// The same at one end of a feed: its conductors together, the stud of the terminals that they land on.
CrimpChoice feed_crimp(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source,
                       const JointKind& kind);

/// Of the terminal that a feed's end lands on, where it takes a stud and that is said; else 0.
Millimetre stud_at(const Plan& plan, const Lead& feed, bool at_source, bool minus);

}  // namespace sangre
