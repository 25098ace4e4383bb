#include "harness/circles.h"

#include <algorithm>
#include <cmath>
#include <map>
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
                const double gap = c[i].radius + c[j].radius,
                             d = std::max(std::sqrt(dx * dx + dy * dy), 1e-9);
                if (d >= gap) continue;
                worst = std::max(worst, gap - d);
                const double push = (gap - d) / d;
                const double share = c[j].radius / gap;  // the smaller one moves more
                c[i].x -= dx * push * share, c[i].y -= dy * push * share;
                c[j].x += dx * push * (1 - share), c[j].y += dy * push * (1 - share);
            }
            const double d = std::sqrt(c[i].x * c[i].x + c[i].y * c[i].y), room = bound - c[i].radius;
            if (d > room) {
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

static std::vector<Circle> pack_anew(const std::vector<double>& radii) {
    if (radii.empty()) return {};
    if (radii.size() == 1) return {{0, 0, radii[0]}};
    double area = 0, total = 0, smallest = radii[0], largest = 0;
    for (const double r : radii)
        area += r * r, total += r, smallest = std::min(smallest, r), largest = std::max(largest, r);
    std::mt19937 random(7);
    std::uniform_real_distribution<double> spread(-1, 1);
    std::vector<Circle> best;
    for (int start = 0; start < 6; ++start) {
        std::vector<Circle> seed;
        for (const double r : radii)
            seed.push_back({spread(random) * total / 2, spread(random) * total / 2, r});
        double low = std::max(std::sqrt(area), largest), high = total;
        std::vector<Circle> fit;
        for (int i = 0; i < 12; ++i) {
            const double bound = fit.empty() ? high : (low + high) / 2;
            auto attempt = fit.empty() ? seed : fit;
            if (relax(attempt, bound, 400) < 0.005 * smallest) {
                fit = attempt;
                high = bound;
            } else if (fit.empty())
                break;
            else
                low = bound;
        }
        if (!fit.empty() && (best.empty() || enclosing_radius(fit) < enclosing_radius(best))) best = fit;
    }
    if (best.empty()) {
        double x = -total;
        for (const double r : radii) best.push_back({x + r, 0, r}), x += 2 * r;
    }
    return best;
}

std::vector<Circle> pack_circles(const std::vector<double>& radii) {
    // Bundles change far more seldom than plans are studied; packing is the dearest thing in a study.
    thread_local std::map<std::vector<double>, std::vector<Circle>> known;
    if (known.size() > 4096) known.clear();
    const auto found = known.find(radii);
    return found != known.end() ? found->second : known.emplace(radii, pack_anew(radii)).first->second;
}

}  // namespace sangre
