#pragma once
// A short anywhere along a feed: what flows, which fuse opens and when, how warm every wire on the way gets,
// what goes dark.
#include "base/why.h"
#include "electrical/protection/protection.h"

namespace sangre {

struct ExploredFault {
    Fault fault;         ///< as the fault study judges one at the end
    FaultCourse course;  ///< with its moments
    double along = 1;    ///< share of the wire's length from the source
    Why why;             ///< the story: current, opener, temperatures, what is dark
};

/// A bolted short across a feed at a share of its wire's length, 0 right behind its devices, 1 at its end. At
/// 1 it is what the fault study says of that feed, to the last digit: both run the same course. `protection`,
/// `shorts` and `lengths` are the plan's.
ExploredFault explore_fault(const Plan& plan, const Catalogue& catalogue,
                            const std::vector<FeedProtection>& protection,
                            const std::vector<ShortCircuit>& shorts, const Solver& solver,
                            const std::vector<Metre>& lengths, size_t feed, double along);

}  // namespace sangre
