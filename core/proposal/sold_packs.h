#pragma once
// Every pack that the catalogue's cells make in forms that are sold.
#include "catalogue/catalogue.h"

namespace sangre {

struct SoldPack {
    const CellType* cell;
    const Chemistry* chemistry;
    int blocks;        ///< of that cell in series
    int series;        ///< cells in series
    int most_strings;  ///< side by side at the most
};

/// Below 60 V when charged, in the catalogue's order.
std::vector<SoldPack> sold_packs(const Catalogue& catalogue);

}  // namespace sangre
