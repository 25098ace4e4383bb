#include "wire/circles.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <mutex>
#include <random>

namespace sangre {
namespace {

/// Pushes overlapping circles apart and all of them inside `bound`; the largest overlap left over.
double relax(std::vector<Circle>& c, double bound, int rounds) {
    double worst = 0;
    for (int round = 0; round < rounds; ++round) {
        worst = 0;
        for (size_t i = 0; i < c.size(); ++i) {
            for (size_t j = i + 1; j < c.size(); ++j) {
                double dx = c[j].x - c[i].x, dy = c[j].y - c[i].y;
                const double gap = c[i].radius + c[j].radius, squared = dx * dx + dy * dy;
                if (squared >= gap * gap) continue;
                const double d = std::max(std::sqrt(squared), 1e-9);
                worst = std::max(worst, gap - d);
                const double push = (gap - d) / d;
                const double share = c[j].radius / gap;  // the smaller one moves more
                c[i].x -= dx * push * share, c[i].y -= dy * push * share;
                c[j].x += dx * push * (1 - share), c[j].y += dy * push * (1 - share);
            }
            const double squared = c[i].x * c[i].x + c[i].y * c[i].y, room = bound - c[i].radius;
            if (squared > room * room) {  // no bound is smaller than the largest of them
                const double d = std::sqrt(squared);
                worst = std::max(worst, d - room);
                c[i].x *= room / d, c[i].y *= room / d;
            }
        }
        if (worst < 1e-4 * bound) break;
    }
    return worst;
}

}  // namespace

double enclosing_radius(const std::vector<Circle>& circles) {
    double r = 0;
    for (const auto& c : circles) r = std::max(r, std::hypot(c.x, c.y) + c.radius);
    return r;
}

namespace {

struct Sizes {
    double area = 0, total = 0, smallest = 0, largest = 0;
    explicit Sizes(const std::vector<double>& radii) : smallest(radii[0]) {
        for (const double r : radii)
            area += r * r, total += r, smallest = std::min(smallest, r), largest = std::max(largest, r);
    }
};

/// Places to begin from: the first a sunflower's, whose seeds lie nearly as dense as they can; others at
/// random.
std::vector<Circle> seeded(const std::vector<double>& radii, double within, int start) {
    constexpr double golden_angle = 2.399963229728653;
    std::mt19937 random(static_cast<unsigned>(7 + start));
    std::uniform_real_distribution<double> spread(-1, 1);
    std::vector<Circle> circles;
    for (size_t i = 0; i < radii.size(); ++i) {
        const double at = static_cast<double>(i), share = (at + 0.5) / static_cast<double>(radii.size());
        if (start == 0)
            circles.push_back({within * std::sqrt(share) * std::cos(golden_angle * at),
                               within * std::sqrt(share) * std::sin(golden_angle * at), radii[i]});
        else
            circles.push_back({spread(random) * within, spread(random) * within, radii[i]});
    }
    return circles;
}

/// Into the smallest bound that this start leads to, below `beat`; empty where it does not get there.
std::vector<Circle> pack_from(std::vector<Circle> circles, const Sizes& sizes, double beat) {
    const double slack = 0.005 * sizes.smallest;
    double low = std::max(std::sqrt(sizes.area), sizes.largest);
    double high = std::min(beat, 1.3 * std::sqrt(sizes.area) + sizes.largest);
    while (relax(circles, high, 250) >= slack) {
        if (high >= beat || high > 2 * sizes.total) return {};
        high = std::min(beat, 1.25 * high);
    }
    auto fit = circles;
    high = std::min(high, enclosing_radius(fit));
    for (int i = 0; i < 9 && high - low > 0.002 * high; ++i) {
        const double bound = std::lerp(high, low, i < 2 ? 0.2 : 0.5);
        auto attempt = fit;
        if (relax(attempt, bound, 250) < slack)
            fit = attempt, high = bound;
        else
            low = bound;
    }
    return fit;
}

std::vector<Circle> pack_anew(const std::vector<double>& radii) {
    if (radii.empty()) return {};
    if (radii.size() == 1) return {{0, 0, radii[0]}};
    if (radii.size() == 2) return {{-radii[1], 0, radii[0]}, {radii[0], 0, radii[1]}};
    const Sizes sizes(radii);
    std::vector<Circle> best;
    double least = 2 * sizes.total;
    for (int start = 0; start < 6; ++start) {
        // A start that does not soon do better than what there is goes no further.
        auto fit = pack_from(seeded(radii, 1.2 * std::sqrt(sizes.area), start), sizes,
                             best.empty() ? least : 0.995 * least);
        if (fit.empty()) continue;
        best = std::move(fit), least = enclosing_radius(best);
    }
    if (best.empty()) {
        double x = -sizes.total;
        for (const double r : radii) best.push_back({x + r, 0, r}), x += 2 * r;
    }
    return best;
}

}  // namespace

std::vector<Circle> pack_circles(const std::vector<double>& radii) {
    // Bundles change far more seldom than plans are studied; packing is the dearest thing in a study.
    static std::mutex alone;
    static std::map<std::vector<double>, std::vector<Circle>> known;
    const std::scoped_lock hold(alone);
    if (known.size() > 4096) known.clear();
    const auto found = known.find(radii);
    return found != known.end() ? found->second : known.emplace(radii, pack_anew(radii)).first->second;
}

}  // namespace sangre
