#pragma once
// Paths through the measured ways: the least costly one, and the next ones after it.
#include <functional>
#include <limits>
#include <vector>

#include "plan/plan.h"

namespace sangre {

struct Path {
    std::vector<size_t> ways;  ///< in order from the first place
    double length = 0;         ///< m
    bool found = false;
    bool operator==(const Path&) const = default;
};

/// What a way counts as, m; infinite where it is closed.
using WayCost = std::function<double(size_t way)>;
inline constexpr double closed_way = std::numeric_limits<double>::infinity();

/// As long as it is.
WayCost plain_cost(const Plan& plan);

/// The path of least cost (Dijkstra); between a place and itself one of no ways.
Path shortest_path(const Plan& plan, const Id& from, const Id& to, const WayCost& cost);

/// The `most` least costly paths that meet no place twice, the least first; of equal ones the earlier ways
/// first. Yen 1971.
std::vector<Path> shortest_paths(const Plan& plan, const Id& from, const Id& to, const WayCost& cost,
                                 size_t most);

/// What a path costs.
double cost_of(const Path& path, const WayCost& cost);

/// The least costly path that goes along that way, in either direction, and meets no place twice.
Path path_along(const Plan& plan, const Id& from, const Id& to, const WayCost& cost, size_t way);

/// The ways of these ids, where they join the two ends one after the other.
Path path_by(const Plan& plan, const std::vector<Id>& ways, const Id& from, const Id& to);

}  // namespace sangre
