#include "harness/room.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace sangre {
namespace {

constexpr size_t most_more = 99;
constexpr double usual_density = 0.8;  // of packed rounds

bool one_fits(std::vector<double> radii, double radius, double bore) {
    radii.push_back(radius);
    return circles_pass(radii, bore / 2);
}

bool so_many_fit(std::vector<double> radii, size_t more, double radius, double bore) {
    radii.insert(radii.end(), more, radius);
    return circles_soon_pass(radii, bore / 2);
}

}  // namespace

std::optional<RoomLeft> room_left(const Opening& opening, const HoleFill& fill) {
    const double bore = raw(opening.bore - fill.braid * 2);
    if (bore <= 0) return {};
    RoomLeft left;
    std::vector<double> radii;
    std::map<double, size_t> kinds;
    for (const auto& r : fill.rounds) {
        radii.push_back(r.at.radius);
        if (r.what != RoundOf::already && r.what != RoundOf::later) ++kinds[r.at.radius];
    }
    if (!fill.fits) return left;
    double low = 0, high = bore / 2;
    if (radii.empty()) low = high;
    while (high - low > 0.025) {
        const double mid = (low + high) / 2;
        (one_fits(radii, mid, bore) ? low : high) = mid;
    }
    left.one = Millimetre(std::floor(2 * low * 10 + 1e-9) / 10);
    if (kinds.empty()) return left;
    const auto usual = std::max_element(kinds.begin(), kinds.end(),
                                        [](const auto& a, const auto& b) { return a.second < b.second; });
    left.alike = Millimetre(2 * usual->first);
    // The least number that no longer fits: from what usually goes into so much area in ever longer steps,
    // then by halves. What does not fit takes long to find out.
    double area = 0;
    for (const double r : radii) area += r * r;
    const double each = usual->first * usual->first, whole = bore * bore / 4;
    size_t yes = 0, no = std::min(static_cast<size_t>(whole / each) + 1, most_more + 1);
    const double likely = std::max((usual_density * whole - area) / each, 1.0);
    size_t next = std::min(static_cast<size_t>(likely), no - 1), step = 1;
    while (no - yes > 1 && next > yes && next < no) {
        const bool more = so_many_fit(radii, next, usual->first, bore);
        (more ? yes : no) = next;
        next = more ? next + step : next > step ? next - step : 0;
        step *= 2;
    }
    while (no - yes > 1) {
        const auto mid = (yes + no) / 2;
        (so_many_fit(radii, mid, usual->first, bore) ? yes : no) = mid;
    }
    left.more_alike = yes;
    return left;
}

}  // namespace sangre
