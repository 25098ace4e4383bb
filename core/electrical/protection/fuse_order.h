#pragma once
// When each fuse goes into its holder: once, and after what it lets power into has been proved without.
#include "catalogue/catalogue.h"
#include "wiring/index/index.h"

namespace sangre {

/// True for a fuse that goes into its holder when all is proved, and is left out until then.
bool fitted_last(const Catalogue& catalogue, const Device& fuse);
/// The first such fuse of a feed, or null.
const Device* fitted_fuse(const Catalogue& catalogue, const Lead& feed);

enum class FuseTurn {
    modules,  ///< on the way from a pack to a module's input: before first power
    rail,     ///< behind a module: once its output has been read without them
    direct,   ///< in what runs from the pack itself: once the rails are proved
    pack      ///< at the pack: last of all
};

struct FuseFitting {
    size_t feed = 0;
    FuseTurn turn = FuseTurn::direct;
    size_t converter = 0;  ///< behind which, for FuseTurn::rail
};

/// Every feed with such a fuse, in plan order.
std::vector<FuseFitting> fuse_order(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue);

/// Converters by index, each after what feeds it.
std::vector<size_t> modules_in_order(const Plan& plan, const PlanIndex& index);

}  // namespace sangre
