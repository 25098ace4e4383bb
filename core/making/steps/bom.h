#pragma once
// What to buy or take from the shelf.
#include <string>
#include <vector>

#include "harness/harness.h"

namespace sangre {

/// What it is bought as: alone, in packs, by length.
enum class Goods { part, fuse, small, wire, cable, tube, sleeve };

struct BomLine {
    Words item;
    double amount = 0;
    std::string unit;  ///< "pcs", "m", "mm"
    Words used_for;
    Goods goods = Goods::part;
    double each = 0;       ///< price of one, or of a metre, in the catalogue's typical money; 0: not known
    Id entry{};            ///< of the catalogue; empty: none
    std::string colour{};  ///< of a wire
    std::vector<Id> of{};  ///< parts, leads and items that cannot be built before it is here
    /// The item in English, whatever is spoken: orders, dates and what lies at hand are kept by it.
    std::string key{};
};

/// Every part, device, metre of wire by size and colour, tube and terminal of the plan. Loads are not listed:
/// they are there.
std::vector<BomLine> bill_of_materials(const Plan& plan, const Catalogue& catalogue, const Harness& harness);

/// "item,amount,unit,used for" with a header line.
std::string bom_to_csv(const std::vector<BomLine>& lines);

}  // namespace sangre
