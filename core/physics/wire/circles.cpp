#include "physics/wire/circles.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <mutex>
#include <numbers>
#include <numeric>
#include <optional>

#include "physics/wire/circle_search.h"

namespace sangre {
namespace {

std::vector<Circle> pack_anew(const std::vector<double>& radii) {
    if (radii.empty()) return {};
    if (radii.size() == 1) return {{0, 0, radii[0]}};
    if (radii.size() == 2) return {{-radii[1], 0, radii[0]}, {radii[0], 0, radii[1]}};
    CircleSearch search(radii);
    search.run();
    return search.circles();
}

/// Bundles change far more seldom than plans are studied, and packing is the dearest thing in a study. The
/// lock is held to look up and to keep, never while packing: two threads may pack the same, and find the
/// same.
class Known {
  public:
    std::vector<Circle> packed(const std::vector<double>& radii) {
        if (auto known = kept(radii)) return *known;
        auto circles = pack_anew(radii);
        keep(radii, circles);
        return circles;
    }
    /// `soon`: by a few starts alone.
    bool pass(const std::vector<double>& radii, double bound, bool soon) {
        if (const auto known = kept(radii)) return enclosing_radius(*known) <= bound;
        if (found_to_pass(radii, bound)) return true;
        CircleSearch search(radii);
        soon ? search.begin(bound) : search.run(bound);
        const bool passes = search.bound() <= bound;
        if (passes)
            keep_bound(radii, search.bound());
        else if (!soon)  // the same search as a packing's, which has tried all
            keep(radii, search.circles());
        return passes;
    }

  private:
    std::optional<std::vector<Circle>> kept(const std::vector<double>& radii) {
        const std::scoped_lock hold(alone_);
        const auto found = packed_.find(radii);
        return found != packed_.end() ? std::optional(found->second) : std::nullopt;
    }
    void keep(const std::vector<double>& radii, const std::vector<Circle>& circles) {
        const std::scoped_lock hold(alone_);
        if (packed_.size() > most_kept) packed_.clear();
        packed_.emplace(radii, circles);
    }
    bool found_to_pass(const std::vector<double>& radii, double bound) {
        const std::scoped_lock hold(alone_);
        const auto found = passed_.find(radii);
        return found != passed_.end() && found->second <= bound;
    }
    void keep_bound(const std::vector<double>& radii, double bound) {
        const std::scoped_lock hold(alone_);
        if (passed_.size() > most_kept) passed_.clear();
        passed_[radii] = bound;
    }

    static constexpr size_t most_kept = 4096;
    std::mutex alone_;
    std::map<std::vector<double>, std::vector<Circle>> packed_;
    std::map<std::vector<double>, double> passed_;  ///< a bound that they were found to go into
};

Known& known() {
    static Known all;
    return all;
}

/// From the largest to the smallest: bundles of the same wires are the same bundle.
std::vector<size_t> by_size(const std::vector<double>& radii) {
    std::vector<size_t> order(radii.size());
    std::iota(order.begin(), order.end(), size_t{0});
    std::stable_sort(order.begin(), order.end(), [&](size_t a, size_t b) { return radii[a] > radii[b]; });
    return order;
}

std::vector<double> ordered(const std::vector<double>& radii, const std::vector<size_t>& order) {
    std::vector<double> sorted;
    for (const auto i : order) sorted.push_back(radii[i]);
    return sorted;
}

/// More of equal circles than this do not go into that bound, however they lie. Source: Groemer, “Über die
/// Einlagerung von Kreisen in einen konvexen Bereich”, 1960.
double most_alike(double radius, double bound) {
    const double centres =
        (bound - radius) / (2 * radius);  // of the circle that holds their middles, in distances
    return 2 / std::sqrt(3.0) * std::numbers::pi * centres * centres + std::numbers::pi * centres + 1;
}

/// Of circles by size: too wide, too many or too much area for that bound, however they lie.
bool cannot_pass(const std::vector<double>& sorted, double bound) {
    if (sorted.empty()) return false;
    double area = 0;
    for (const double r : sorted) area += r * r;
    return sorted.front() > bound || area > bound * bound ||
           static_cast<double>(sorted.size()) >
               most_alike(sorted.back(), bound) ||  // were all as the smallest
           (sorted.size() > 1 && sorted[0] + sorted[1] > bound);
}

bool pass(const std::vector<double>& radii, double bound, bool soon) {
    const auto sorted = ordered(radii, by_size(radii));
    // Two pass by their diameters.
    return !cannot_pass(sorted, bound) && (sorted.size() < 3 || known().pass(sorted, bound, soon));
}

}  // namespace

double enclosing_radius(const std::vector<Circle>& circles) {
    double r = 0;
    for (const auto& c : circles) r = std::max(r, std::hypot(c.x, c.y) + c.radius);
    return r;
}

std::vector<Circle> pack_circles(const std::vector<double>& radii) {
    const auto order = by_size(radii);
    const auto packed = known().packed(ordered(radii, order));
    std::vector<Circle> circles(radii.size());
    for (size_t i = 0; i < order.size(); ++i) circles[order[i]] = {packed[i].x, packed[i].y, radii[order[i]]};
    return circles;
}

bool circles_pass(const std::vector<double>& radii, double bound) { return pass(radii, bound, false); }

bool circles_soon_pass(const std::vector<double>& radii, double bound) { return pass(radii, bound, true); }

}  // namespace sangre
