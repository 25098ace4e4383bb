#pragma once
// The worst each part sees over mission, charge and temperature.
#include "electrical/mission/conditions.h"

namespace sangre {

struct FeedExtremes {
    Ampere continuous{};  ///< largest with the states as painted
    Ampere peak{};        ///< largest with all that runs at its peak together
    Second
        peak_time{};  ///< longest peak behind it, of the loads that make at least a fifth of the largest rise
    Ampere start{};   ///< largest while something behind it starts; 0: nothing starts harder than it runs
    Second start_time{};
    Volt drop{};  ///< out and back, at the continuous current
    double drop_share = 0;
    Celsius drop_copper{20};  ///< of its copper then
    Volt lowest_end{1e9}, highest_end{0};
    Volt lowest_source{1e9}, highest_source{0};  ///< where it begins
    Words drop_where;
};

struct LoadExtremes {
    Volt lowest{1e9};  ///< while it runs
    Volt highest{0};   ///< at its terminals, at no load included
    Words lowest_where;
    double drop_share = 0;      ///< worst from its source rail to its terminals, continuous
    Volt lowest_at_start{1e9};  ///< while it runs and another starts, of what would restart
    Words start_where;
    // The same at 30 % charge in the usual air: what is met there and not at the corners fails only when
    // nearly empty or in the coldest air.
    Volt usual_lowest{1e9}, usual_lowest_at_start{1e9};
};

/// True where it gets too little to run on at the strongest second of a usual day; the same of a start.
bool starves_usually(const LoadExtremes& extremes, const Load& load);
bool restarts_usually(const LoadExtremes& extremes, const Load& load);
/// True where it gets too little to run on in the instant in which another starts, though it runs otherwise.
bool restarts(const LoadExtremes& extremes, const Load& load);

struct ConverterExtremes {
    Volt in_lowest{1e9}, in_highest{0};
    Volt usual_in_lowest{1e9};  ///< at 30 % charge in the usual air
    Ampere continuous{}, peak{};
    Watt heat{};
    bool dropout = false, limiting = false;
    Words where;
    Words limits_at_start;  ///< the instant in which something behind it starts and it limits; empty: none
};

struct PackExtremes {
    Ampere continuous{}, peak{};
    Volt lowest{1e9}, highest{0};
    Volt usual_lowest{1e9};  ///< at 30 % charge in the usual air
    Ampere at_lowest{};      ///< what it gives then
    double charge = 1;       ///< its state of charge then
    Celsius air{20};         ///< and the air's temperature
    Words where{};           ///< that is
    Words limits_at{};       ///< the first instant in which it is asked for more than it gives
};

struct WorstCase {
    std::vector<FeedExtremes> feeds;
    std::vector<LoadExtremes> loads;
    std::vector<ConverterExtremes> converters;
    std::vector<PackExtremes> packs;  ///< by battery
    Words not_found_at;               ///< the first corner at which no operating point was found; empty: none
    double worst_drop_share = 0;
    size_t worst_drop_feed = 0;
};

/// Solves every phase at full and nearly empty, hottest and coldest, as painted and all at peak for a moment,
/// and the instants in which something starts: at full and hottest for the current, nearly empty and coldest
/// for the voltage, where a start below a second meets only the ohmic part of the pack's resistance. The
/// corners bound the results, which are monotone in charge and temperature.
WorstCase worst_case(const Plan& plan, const Solver& solver);

/// The same with the work shared: what two threads found, each in some of the phases, is put together and
/// finished.
WorstCase worst_in_phases(const Plan& plan, const Solver& solver, size_t first, size_t last);
WorstCase finish_worst_case(const Plan& plan, const PlanIndex& index, WorstCase earlier,
                            const WorstCase& later);

}  // namespace sangre
