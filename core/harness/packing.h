#pragma once
// What a lead takes in a bundle or an opening: loose wires, twisted ones in the round that they turn in,
// cores in what closes round them.
#include <vector>

#include "catalogue/catalogue.h"
#include "physics/wire/circles.h"
#include "plan/plan.h"

namespace sangre {

/// Wall of an expandable braid that lies on what it covers. Typical.
inline constexpr Millimetre braid_wall{0.5};

/// Usual wall of what goes round wires that are so thick together, mm. A sheath by IEC 60227-5: 0.6 mm on
/// the light cords, 0.8 mm from 5 mm of cores on, 1 mm from 8 mm; a shrunk 2:1 tube 0.6 mm, a braid as above,
/// both typical.
Millimetre jacket_wall(Jacket jacket, Millimetre inside);

/// Over its sheath where nobody has measured a coax: the thin one of instruments and cameras. Typical.
inline constexpr Millimetre usual_coax{2.8};

/// A wire in a round, about its middle.
struct StrandWire {
    Circle at;
    size_t core = 0;  ///< of the lead
};

/// One round in a bundle.
struct Strand {
    double radius = 0;    ///< mm
    bool jacket = false;  ///< something closes round its wires; between those that are twisted it is empty
    double wall = 0;      ///< of what closes round its wires, on either side
    size_t core = 0;      ///< of the lead, where it is one wire and no more
    std::vector<StrandWire> in{};  ///< the wires in it; none where it is one wire and no more
};

/// How many wires a lead has: its cores, or what it goes and comes back by.
size_t wires_of(const Lead& lead);

/// Rounds that a lead of `wires` wires of that outer diameter takes, in the order of its wires. Twisted cores
/// of one number turn in a round of their own. In a jacket all are one; where a measured outside is less than
/// what is in it, what is in it counts.
std::vector<Strand> strands_of(const Lead& lead, Millimetre outer, size_t wires);
/// The same of a lead of the plan; none where the catalogue does not hold its wire.
std::vector<Strand> strands_of(const Catalogue& catalogue, const Lead& lead);

/// What all wires of a jacketed lead are together, without what is round them, mm.
Millimetre inside_jacket(const Lead& lead, Millimetre outer, size_t wires);

/// Where something lies on a way: as said, or in its middle.
Metre place_on(const Way& way, const OnWay& thing);
/// To either side of what moves, a braid's length. Typical.
inline constexpr Metre braid_reach{0.06};
/// Stretches of a way over which a braid lies, past all that moves, from its first end; none overlap.
std::vector<std::pair<Metre, Metre>> braided(const Way& way);
bool is_braided(const Way& way, Metre at);

/// True where rounds of these radii, mm, pass an opening with all that is in it beside them; one that nobody
/// has measured passes all.
bool pass_through(const Opening& opening, std::vector<double> radii);

/// Grams a metre of what is round the wires of a lead: its wall by the density of a PVC sheath, 1.35 g/cm³, a
/// polyolefin tube, 1.1, an open polyester braid, 0.6; typical.
double jacket_gram_per_m(const Catalogue& catalogue, const Lead& lead);

/// The radii of its rounds, as a packing takes them.
std::vector<double> radii_of(const Catalogue& catalogue, const Lead& lead);
/// Diameter of the widest of them, mm; 0 where its wire is not known.
double widest_of(const Catalogue& catalogue, const Lead& lead);
/// Their radii, as a packing takes them.
std::vector<double> radii_of(const std::vector<Strand>& strands);

}  // namespace sangre
