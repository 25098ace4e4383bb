#include "proposal/sold_packs.h"

#include <algorithm>

#include "plan/plan.h"
#include "proposal/pack_practice.h"

namespace sangre {

std::vector<SoldPack> sold_packs(const Catalogue& catalogue) {
    std::vector<SoldPack> all;
    for (const auto& cell : catalogue.cells) {
        const auto* chemistry = find(catalogue.chemistries, cell.chemistry);
        for (int blocks = 1; chemistry && chemistry->charge * cell.series * blocks < highest_voltage;
             ++blocks) {
            if (!sold_in_series(cell, blocks)) continue;
            const int series = cell.series * blocks;
            const int most = cell.form == CellForm::round
                                 ? std::min(most_strings_of(cell), std::max(1, most_round_cells / series))
                                 : most_strings_of(cell);
            all.push_back({&cell, chemistry, blocks, series, most});
        }
    }
    return all;
}

}  // namespace sangre
