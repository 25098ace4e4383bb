#pragma once
// Tubes over more than one joint: over both tubes where a pair ends, over a whole bare board.
#include <optional>

#include "wiring/joint/joint.h"

namespace sangre {

struct WideTube {
    const TubeSize* tube = nullptr;  ///< null where none of those to be had fits
    Millimetre pass{};               ///< what it must slip over
    Millimetre hold{};               ///< what it must grip
    Millimetre cut{};                ///< of a board's, whose length nobody says: for a usual one
};

/// The tube over both joints at one end of a feed, each covered by a tube of its own. Nothing where that is
/// not the practice, or there are no two such joints.
std::optional<WideTube> over_tube(const Plan& plan, const Catalogue& catalogue, size_t feed, bool at_source);

/// The tube over a module's bare board, laid flat: its width and height round are π/2 of it. Nothing where
/// none is wanted; without a tube where the board's size is not known or nothing fits.
std::optional<WideTube> board_tube(const Plan& plan, const Catalogue& catalogue, const Converter& converter);

/// From one joint of a splice to the next, so that no two lie side by side: about a tube's length.
inline constexpr Millimetre splice_stagger{20};
/// The tube over all joints of a splice and the sheath on either side, each joint covered by its own; nothing
/// where one wire alone is spliced or tubes are not used.
std::optional<WideTube> splice_tube(const Plan& plan, const Catalogue& catalogue, const Lead& lead,
                                    const Device& splice);

/// Length of tube over the end of a core that is cut back.
inline constexpr Millimetre cut_back_cover{15};
/// The tube that closes over the ends of a lead's unused cores; null where it has none, tubes are not used,
/// or none fits.
const TubeSize* cut_back_tube(const Plan& plan, const Catalogue& catalogue, const Lead& lead);

}  // namespace sangre
