#pragma once
// Every feed's protection: its fuse window, its warmest point, and what a short at its far end would do.
#include <map>

#include "electrical/mission/box_air.h"
#include "electrical/mission/worst.h"
#include "electrical/protection/charging.h"
#include "electrical/protection/coordination.h"
#include "electrical/protection/fault_run.h"
#include "electrical/protection/feed_limits.h"
#include "electrical/protection/prospective.h"
#include "harness/harness.h"

namespace sangre {

enum class FaultOutcome {
    opens,        ///< a fuse opens before the wire is hurt
    hurts,        ///< a fuse opens, but after the wire passed its damage temperature
    never_opens,  ///< no fuse opens
    limited,      ///< a module limits the current to what the wire stands
    unknown       ///< no operating point, or nothing to short
};

struct Fault {
    FaultOutcome outcome = FaultOutcome::unknown;
    Ampere current{};              ///< prospective, in this feed
    std::optional<size_t> opener;  ///< the feed whose fuse opens first
    Second time{};
    Celsius wire{};            ///< hottest on the way
    std::vector<size_t> dark;  ///< loads that lose power
};

struct FeedProtection {
    const WireType* wire = nullptr;
    const Insulation* insulation = nullptr;
    std::shared_ptr<const WireThermal> thermal;
    Celsius air{};      ///< the hottest round it: of the bodies that its ends stand in
    int bunched = 1;    ///< circuits that warm one another, itself and its parallel conductors included
    Celsius hottest{};  ///< that its conductor may be: the least of insulation, items and joints
    Words hottest_by;   ///< what sets that
    Ampere ampacity{};  ///< of the wire, up to that temperature, in its bundle and the hottest air
    std::vector<ItemLimit> items;
    Charging charging;
    Celsius warm{};     ///< steady at the continuous current
    Celsius warmest{};  ///< after the longest peak
    FuseNeed need;
    const FuseFamily* family = nullptr;
    Ampere rating{};
    bool inherited = false;   ///< has no fuse of its own; `family` and `rating` are the nearest upstream's
    bool of_circuit = false;  ///< the fuse is that of the circuit it is tapped from
    bool carries = true, protects = true;
    std::optional<FuseChoice> smallest;  ///< that carries, of the fitted family if it can
    std::optional<Ampere> largest;       ///< of the fitted (or smallest's) family that protects
    Fault fault;
};

/// `shorts`: short_circuits() of the plan; `boxes`: warm_bodies() of it.
std::vector<FeedProtection> study_protection(const Plan& plan, const Catalogue& catalogue,
                                             const Harness& harness, const Solver& solver,
                                             const WorstCase& worst, const std::vector<ShortCircuit>& shorts,
                                             const std::vector<BoxAir>& boxes);

/// The course of a short at a feed's far end: which wires and fuses it goes through and what becomes of them.
/// The wires stand in the order of the short's `through`, those without a known wire left out.
struct FaultCourse {
    FaultRun run;
    std::vector<size_t> feeds;  ///< of run.wires
};
FaultCourse fault_course(const Solver& solver, const std::vector<FeedProtection>& feeds, size_t feed,
                         const ShortCircuit& shorted, bool keep_moments = false);

/// What the course of a short comes to for the feed it is in.
Fault judge_fault(const Solver& solver, const std::vector<FeedProtection>& feeds, size_t feed,
                  const ShortCircuit& shorted, const FaultCourse& course);

}  // namespace sangre
