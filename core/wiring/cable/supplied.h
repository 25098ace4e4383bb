#pragma once
// A lead that came with a part: which plugs it keeps, how much of it is used, what is left.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// True where that end stays in the plug that it came with: nothing is made there.
bool keeps_plug(const Catalogue& catalogue, const Lead& lead, bool at_source);
/// True where both do.
bool keeps_both_plugs(const Catalogue& catalogue, const Lead& lead);

/// "came with 0.60 m, its plug kept at Logger, spliced at 0.57 m"; empty where nothing of that is so.
Words supplied_words(const Plan& plan, const Catalogue& catalogue, const Lead& lead);

/// What becomes of a supplied lead.
struct SuppliedUse {
    Metre used{};        ///< of what it came with
    Metre bought{};      ///< of the same wire, to lengthen it
    Metre left{};        ///< back into the drawer
    Metre spare{};       ///< beyond what the way needs, of one that is not cut: it is coiled and tied
    bool is_cut = true;  ///< false: it keeps both plugs and is laid as it is
    bool reaches = true;
};

/// Nothing where the lead is not a supplied one. `needed`: as it would be cut. It is lengthened where it has
/// a splice: the supplied part is the one with the plug, else the one at its beginning.
std::optional<SuppliedUse> use_of_supplied(const Catalogue& catalogue, const Lead& lead, Metre needed);

}  // namespace sangre
