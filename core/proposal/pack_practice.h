#pragma once
// What builders of small machines choose packs by. One place, each row with its reason; source: practice.
#include <algorithm>
#include <array>
#include <string_view>
#include <vector>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// How large a machine is, by what it takes from its pack.
enum class Scale { tiny, small, medium, large };
inline constexpr double tiny_average = 1, tiny_peak = 15;  ///< W; a pocket thing of one cell
inline constexpr double small_peak = 40;                   ///< W; in the hand or on the desk
inline constexpr double medium_peak = 400;                 ///< W; what rolls beside its builder

inline Scale scale_of(double average_watts, double peak_watts) {
    if (average_watts <= tiny_average && peak_watts <= tiny_peak) return Scale::tiny;
    return peak_watts <= small_peak ? Scale::small : peak_watts <= medium_peak ? Scale::medium : Scale::large;
}

/// How gladly a kind of cell is taken: 0 best; 20 never where anything else does.
struct PackLiking {
    std::string_view chemistry;
    std::array<double, 4> by_scale;
    double flies;
};
inline constexpr std::array pack_likings{
    PackLiking{"lfp", {3, 1, 0, 0}, 7},      // tame, long-lived, heavy
    PackLiking{"nmc", {0, 0.5, 1, 1.5}, 2},  // most energy for its mass
    PackLiking{"nmc-power", {1.5, 1, 0.8, 1}, 1},
    PackLiking{"lipo", {0.3, 1.5, 3, 4}, 0},   // the most current for its mass; wants care
    PackLiking{"agm", {20, 4, 2.5, 2.5}, 20},  // cheap, heavy, half of it usable
    PackLiking{"nimh", {1.5, 1.2, 4, 8}, 20},  // small round cells
    PackLiking{"alkaline", {0.5, 3, 20, 20}, 20}};

/// Cells in series that a form is put together of or sold with.
inline bool sold_in_series(const CellType& cell, int blocks) {
    const auto among = [&](std::initializer_list<int> counts) {
        return std::find(counts.begin(), counts.end(), blocks) != counts.end();
    };
    switch (cell.form) {
        case CellForm::board:
            return blocks == 1;
        case CellForm::pouch:
            return blocks <= 2;
        case CellForm::block:
            return blocks <= 4;
        case CellForm::round:
        case CellForm::prismatic:
            break;
    }
    if (cell.chemistry == "lfp") return among({1, 2, 4, 8, 12, 15, 16});
    if (cell.chemistry == "nimh") return among({3, 4, 5, 6, 8, 10, 20});
    if (cell.chemistry == "alkaline") return among({2, 3, 4, 6, 8});
    return among({1, 2, 3, 4, 5, 6, 7, 8, 10, 12, 13, 14});
}

/// Strings that are put side by side at the most: a second board, pouch or block is as far as it goes.
inline int most_strings_of(const CellType& cell) {
    switch (cell.form) {
        case CellForm::board:
            return 1;
        case CellForm::pouch:
        case CellForm::block:
        case CellForm::prismatic:
            return 2;
        case CellForm::round:
            break;
    }
    return cell.chemistry == "alkaline" || cell.chemistry == "nimh" ? 2 : 10;
}
inline constexpr int most_round_cells = 80;  ///< that are still put into holders by hand

/// What wires lose on the way to the loads, over what those take. Typical.
inline constexpr double wire_losses = 1.03;

}  // namespace sangre
