#pragma once
// Where the wires run: the way through the measured ways, cut lengths, and what must go through each
// hole.
#include <vector>

#include "catalogue/catalogue.h"
#include "why.h"
#include "wire/circles.h"
#include "wiring/wiring.h"

namespace sangre {

enum class LengthBasis { measured, routed, guessed };

struct FeedRoute {
    Metre length{};  ///< one way, along the path
    std::vector<size_t>
        ways;  ///< in order from the source; empty when both ends share a place or none is known
    LengthBasis basis = LengthBasis::guessed;
    std::string
        went_round;       ///< what a shorter way leads past, and this does not; empty: this is the shortest
    bool pinned = false;  ///< it goes by the ways that were said
    Metre cut{};          ///< what to cut, each conductor
    Metre end_from{}, end_to{};  ///< of that, what each end takes for its joint and a trim
    int bunched = 1;             ///< circuits lying together with it, itself included, loaded or not
    Why why;
};

/// What goes through an opening: the leads of every way through it.
struct HoleFill {
    size_t opening = 0;
    std::vector<size_t> leads;      ///< as the wiring counts them, each once
    std::vector<Circle> wires;      ///< millimetres, one for each wire and core
    std::vector<size_t> wire_lead;  ///< whose each circle is
    std::vector<size_t> wire_core;  ///< and which core of the wiring
    Millimetre needed{};            ///< diameter of the packed bundle
    double fill = 0;                ///< share of the hole's area
    bool fits = true;
    Millimetre largest_end{};  ///< the bulkiest plug or fuse holder that would have to pass
    std::vector<size_t>
        to_open;            ///< items of the wiring that pass only taken apart; those count with what is left
    bool ends_pass = true;  ///< otherwise: thread first, then terminate
};

struct Harness {
    std::vector<FeedRoute> routes;                   ///< by lead, the feeds first
    Wiring wiring;                                   ///< what runs along them
    std::vector<std::vector<size_t>> feeds_on_way;   ///< by way
    std::vector<std::vector<size_t>> cables_on_way;  ///< by way, leads that only carry signals
    std::vector<HoleFill> holes;                     ///< by opening
    std::vector<Millimetre> bundle;                  ///< by way, diameter of what lies in it
};

/// Length assumed for a feed whose ends have no measured way between them.
inline constexpr Metre guessed_length{0.5};
/// Length of a feed between two parts in one place.
inline constexpr Metre same_place_length{0.15};

Harness lay_harness(const Plan& plan, const Catalogue& catalogue);
/// The same without its bundles, which are most of the work: enough for lengths and for what lies bunched.
Harness lay_routes(const Plan& plan, const Catalogue& catalogue);
/// One lead by itself, by the ways that it is pinned to where it is.
FeedRoute route_of(const Plan& plan, const Catalogue& catalogue, const Lead& lead);
/// Adds the bundles to routes laid by that: its holes and its bundles, nothing else.
void lay_bundles(const Plan& plan, Harness& laid);

/// All wires of a lead together, as what closes round them finds them.
Millimetre lead_thickness(const Harness& harness, size_t lead);

/// One-way lengths by lead, the feeds first.
std::vector<Metre> feed_lengths(const Harness& harness);

}  // namespace sangre
