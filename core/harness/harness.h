#pragma once
// Where the wires run: the way through the measured ways, cut lengths, and what must go through each
// hole.
#include <vector>

#include "base/why.h"
#include "catalogue/catalogue.h"
#include "harness/packing.h"
#include "physics/wire/circles.h"
#include "wiring/conductors/wiring.h"

namespace sangre {

enum class LengthBasis { measured, routed, guessed };

struct FeedRoute {
    Metre length{};  ///< one way, along the path
    std::vector<size_t>
        ways;  ///< in order from the source; empty when both ends share a place or none is known
    LengthBasis basis = LengthBasis::guessed;
    Words went_round;     ///< what a shorter way leads past, and this does not; empty: this is the shortest
    bool pinned = false;  ///< it goes by the ways that were said
    Metre cut{};          ///< what to cut, each conductor
    Metre end_from{}, end_to{};  ///< of that, what each end takes for its joint and a trim
    int bunched = 1;             ///< circuits lying together with it, itself included, loaded or not
    Why why;
};

/// Where a wire lies in a bundle, millimetres.
struct PackedWire {
    Circle at;
    size_t lead = 0;  ///< whose it is
    size_t core = 0;  ///< of a cable which core; of plain wires the supplies first, then the returns
};

enum class RoundOf { wire, twisted, jacket, already, later };

/// One of the rounds that a bundle is packed of.
struct PackedRound {
    Circle at;
    RoundOf what = RoundOf::wire;
};

/// What goes through an opening: the leads of every way through it, what runs there already, and what room is
/// kept for.
struct HoleFill {
    size_t opening = 0;
    std::vector<size_t> leads;        ///< as the wiring counts them, each once
    std::vector<PackedWire> wires;    ///< every wire and core of those
    std::vector<PackedRound> rounds;  ///< what those are packed in, and what else is
    Millimetre needed{};              ///< diameter of the packed bundle, braid over it included
    Millimetre kept{};                ///< and of that with what room is kept for
    Millimetre braid{};               ///< wall of a braid over it there; 0: none
    double fill = 0;                  ///< share of the hole's area
    bool fits = true;
    Millimetre largest_end{};  ///< the bulkiest plug or fuse holder that would have to pass
    std::vector<size_t>
        to_open;  ///< items of the wiring that pass only taken apart; those count with what is left
    std::vector<size_t> plugs_stuck{};  ///< leads that keep the plugs at both ends, and neither passes
    bool ends_pass = true;              ///< otherwise: thread first, then terminate
};

/// "7 wires", "7 wires and 2 more": what is packed there, what runs there already and what room is kept for
/// among it.
Words packed_words(const HoleFill& fill);
/// Of its insulation, by name.
const std::string& colour_of(const Plan& plan, const PackedWire& wire);
/// True where one thing alone is packed, for the verb.
bool packs_one(const HoleFill& fill);

struct Harness {
    std::vector<FeedRoute> routes;                   ///< by lead, the feeds first
    Wiring wiring;                                   ///< what runs along them
    std::vector<std::vector<Strand>> strands;        ///< by lead, what it takes in a bundle
    std::vector<double> jacket_gram_per_m;           ///< by lead, of what is round its wires
    std::vector<std::vector<size_t>> feeds_on_way;   ///< by way
    std::vector<std::vector<size_t>> cables_on_way;  ///< by way, leads that only carry signals
    std::vector<HoleFill> holes;                     ///< by opening
    std::vector<Millimetre> bundle;                  ///< by way, diameter of what lies in it
};

/// Length assumed for a feed whose ends have no measured way between them.
inline constexpr Metre guessed_length{0.5};
/// Length of a feed between two parts in one place.
inline constexpr Metre same_place_length{0.15};

/// True where both ends of a lead stay in the plugs that they came with.
bool keeps_plugs(const Wiring& wiring, size_t lead);

Harness lay_harness(const Plan& plan, const Catalogue& catalogue);
/// The same without its bundles, which are most of the work: enough for lengths and for what lies bunched.
Harness lay_routes(const Plan& plan, const Catalogue& catalogue);
/// One lead by itself, by the ways that it is pinned to where it is.
FeedRoute route_of(const Plan& plan, const Catalogue& catalogue, const Lead& lead);
/// Adds the bundles to routes laid by that: its holes and its bundles, nothing else.
void lay_bundles(const Plan& plan, Harness& laid);

/// All wires of a lead together with its jacket, as what closes round them finds them.
Millimetre lead_thickness(const Harness& harness, size_t lead);

/// One-way lengths by lead, the feeds first.
std::vector<Metre> feed_lengths(const Harness& harness);

}  // namespace sangre
