#pragma once
// What closes round the leads: glands and grommets in openings, braid where they move, ties along the way.
#include "catalogue/catalogue.h"
#include "harness/harness.h"

namespace sangre {

/// Sold and counted by length: braid and cord.
constexpr bool by_the_metre(FittingKind kind) {
    return kind == FittingKind::braid || kind == FittingKind::cord;
}

/// The cheapest fitting of a kind that a bundle of that thickness goes into, or null.
const FittingType* suiting_fitting(const Catalogue& catalogue, FittingKind kind, Millimetre bundle);

/// What an opening of that kind holds; of a bare hole a grommet, which it does not.
FittingKind fitting_kind(OpeningKind kind);

/// The same for what an opening of that kind holds: none in a bare hole.
const FittingType* suiting_fitting(const Catalogue& catalogue, OpeningKind kind, Millimetre bundle);

/// The gland or grommet that an opening of that bore is: the widest that lets through no more than its bore;
/// of one not measured yet the one that suits what goes through. Null for a bare hole, and where none is
/// known.
const FittingType* fitting_of(const Catalogue& catalogue, const Opening& opening, Millimetre bundle);

/// The tube and the braid that go over all wires of a lead which is to have one, and how long either is: its
/// way, without what its ends take; a braid shortens as it widens and is cut that much longer. Null where it
/// is to have none, or none is known.
const TubeSize* jacket_tube(const Catalogue& catalogue, const Lead& lead);
const FittingType* jacket_braid(const Catalogue& catalogue, const Lead& lead);
Metre jacket_length(const Lead& lead, const FeedRoute& route);

/// What holds a module's board 5 mm off the metal that it stands on, four of them; null where it stands on
/// none, or lies in a tube.
const FittingType* board_spacer(const Plan& plan, const Catalogue& catalogue, const Converter& converter);

/// What is bought for the ways and openings of a harness that anything runs through: item and pieces or
/// metres.
struct FittingCount {
    const FittingType* fitting = nullptr;
    double amount = 0;  ///< pieces; of braid metres
    Words used_for;
};
std::vector<FittingCount> fittings_wanted(const Plan& plan, const Catalogue& catalogue,
                                          const Harness& harness);

}  // namespace sangre
