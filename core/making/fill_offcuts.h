#pragma once
// Pieces into offcuts: least that has to be bought, then least left over of what is cut.
#include <cstddef>
#include <optional>
#include <vector>

namespace sangre {

struct OffcutFill {
    std::vector<int> from;  ///< by piece: which offcut, −1: bought
    long bought = 0;        ///< of pieces that no offcut holds, in the unit of the lengths
    long left = 0;          ///< over of the offcuts that are begun
    long least_bought = 0;  ///< no way of cutting buys less
    bool exact = false;     ///< bought == least_bought, and left is the least of all that buy as little
};

/// Lengths in whole units (millimetres), above 0; saw loss 0. Branch and bound over what each offcut holds,
/// the best filling first (dynamic programming over lengths, Gilmore & Gomory 1961 for its columns); after
/// `most_tries` the best that was found, with its bound.
OffcutFill fill_offcuts(const std::vector<long>& pieces, const std::vector<long>& offcuts,
                        size_t most_tries = 60000);

}  // namespace sangre
