#include "physics/wire/circle_search.h"

#include <lbfgs.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

namespace sangre {
namespace {

// Shared among the circles: many are begun with and shaken less often, each takes longer.
constexpr double work = 1200;
constexpr double most_starts = 20, least_tries = 4;
constexpr double worth_going_on = 1.05, worth_finishing = 1.01;  // times the best bound, squeezed so far

}  // namespace

/// What is made least: the bound's radius and the squares of all overlaps at a price.
struct CircleSearch::Squeeze {
    const std::vector<double>& radii;
    double reach;  ///< circles closer than that to one another may come to overlap before it is looked again
    double price = 1;
    std::vector<std::pair<size_t, size_t>> near{};
    Places looked{};

    void look(const double* at) {
        const size_t n = radii.size();
        if (!looked.empty()) {
            bool strayed = false;
            for (size_t i = 0; i < n && !strayed; ++i) {
                const double dx = at[2 * i] - looked[2 * i], dy = at[2 * i + 1] - looked[2 * i + 1];
                strayed = dx * dx + dy * dy > reach * reach;
            }
            if (!strayed) return;
        }
        looked.assign(at, at + 2 * n);
        near.clear();
        for (size_t i = 0; i < n; ++i)
            for (size_t j = i + 1; j < n; ++j) {
                const double dx = at[2 * j] - at[2 * i], dy = at[2 * j + 1] - at[2 * i + 1];
                const double gap = radii[i] + radii[j] + 2 * reach;
                if (dx * dx + dy * dy < gap * gap) near.emplace_back(i, j);
            }
    }
    double value(const double* at, double* slope) {
        const size_t n = radii.size();
        look(at);
        std::fill(slope, slope + 2 * n, 0.0);
        double squares = 0, outwards = 0;
        for (const auto& [i, j] : near) {
            const double dx = at[2 * j] - at[2 * i], dy = at[2 * j + 1] - at[2 * i + 1];
            const double gap = radii[i] + radii[j], squared = dx * dx + dy * dy;
            if (squared >= gap * gap) continue;
            const double d = std::max(std::sqrt(squared), 1e-9), over = gap - d, pull = 2 * price * over / d;
            squares += over * over;
            slope[2 * i] += pull * dx, slope[2 * i + 1] += pull * dy;
            slope[2 * j] -= pull * dx, slope[2 * j + 1] -= pull * dy;
        }
        for (size_t i = 0; i < n; ++i) {
            const double x = at[2 * i], y = at[2 * i + 1], d = std::max(std::sqrt(x * x + y * y), 1e-9);
            const double over = d - (at[2 * n] - radii[i]);
            if (over <= 0) continue;
            squares += over * over, outwards += over;
            slope[2 * i] += 2 * price * over * x / d, slope[2 * i + 1] += 2 * price * over * y / d;
        }
        slope[2 * n] = 1 - 2 * price * outwards;
        return at[2 * n] + price * squares;
    }
};

CircleSearch::CircleSearch(std::vector<double> radii)
    : radii_(std::move(radii)), bound_(std::numeric_limits<double>::infinity()) {
    scale_ = *std::max_element(radii_.begin(), radii_.end());
    for (double& r : radii_) {
        r /= scale_;
        area_ += r * r;
        alike_ = alike_ && r == radii_.front();
    }
}

void CircleSearch::descend(Places& at, double price) {
    Squeeze squeeze{radii_, 0.3 * std::sqrt(area_ / static_cast<double>(radii_.size())), price};
    lbfgs_parameter_t how;
    lbfgs_parameter_init(&how);
    how.linesearch = LBFGS_LINESEARCH_MORETHUENTE;
    how.m = 4, how.gtol = 0.5;
    how.max_iterations = 80, how.max_linesearch = 40;
    how.epsilon = 1e-5, how.past = 3, how.delta = 1e-6;
    const auto value = [](void* of, const double* x, double* slope, int, double) {
        return static_cast<Squeeze*>(of)->value(x, slope);
    };
    // Wherever it stops, the best it found stands in `at`.
    lbfgs(static_cast<int>(at.size()), at.data(), nullptr, value, nullptr, &squeeze, &how);
}

/// Apart until nothing overlaps; the bound that holds them then.
double CircleSearch::spread(Places& at) const {
    const size_t n = radii_.size();
    double larger = 1;
    for (size_t i = 0; i < n; ++i)
        for (size_t j = i + 1; j < n; ++j) {
            const double dx = at[2 * j] - at[2 * i], dy = at[2 * j + 1] - at[2 * i + 1];
            const double gap = radii_[i] + radii_[j], squared = dx * dx + dy * dy;
            if (squared < gap * gap) larger = std::max(larger, gap / std::max(std::sqrt(squared), 1e-9));
        }
    double bound = 0;
    for (size_t i = 0; i < n; ++i) {
        at[2 * i] *= larger, at[2 * i + 1] *= larger;
        bound = std::max(bound, std::hypot(at[2 * i], at[2 * i + 1]) + radii_[i]);
    }
    return bound;
}

void CircleSearch::squeeze(Places at) {
    at.back() = std::max(at.back(), 1.0);
    // Ever dearer overlaps; what does not come near the best one is left where it is.
    for (const auto& [price, enough] : {std::pair{1.0, worth_going_on}, {30.0, worth_finishing}}) {
        descend(at, price);
        auto apart = at;
        if (spread(apart) > enough * bound_) return;
    }
    descend(at, 1e3);
    const double bound = spread(at);
    if (bound < bound_) bound_ = bound, best_ = std::move(at);
}

/// One after the other, the large ones first, each as near the middle of those that lie as it touches two of
/// them; `mixed`: by how much their order is shaken, as a share of their size.
void CircleSearch::lay_one_by_one(Places& at, double mixed) {
    const size_t n = radii_.size();
    std::vector<std::pair<double, size_t>> order;
    for (size_t i = 0; i < n; ++i) order.emplace_back(-radii_[i] * (1 + mixed * any()), i);
    std::sort(order.begin(), order.end());
    std::vector<size_t> laid;
    double mass = 0, sum_x = 0, sum_y = 0;
    for (const auto& [key, i] : order) {
        const double r = radii_[i];
        double least = std::numeric_limits<double>::infinity(), to_x = 0, to_y = 0;
        const double middle_x = mass > 0 ? sum_x / mass : 0, middle_y = mass > 0 ? sum_y / mass : 0;
        if (laid.size() == 1) to_x = radii_[laid[0]] + r;
        const auto consider = [&](double x, double y) {
            const double far =
                std::sqrt((x - middle_x) * (x - middle_x) + (y - middle_y) * (y - middle_y)) + r;
            if (far >= least) return;
            for (const auto k : laid) {
                const double dx = at[2 * k] - x, dy = at[2 * k + 1] - y, gap = (radii_[k] + r) * (1 - 1e-9);
                if (dx * dx + dy * dy < gap * gap) return;
            }
            least = far, to_x = x, to_y = y;
        };
        for (size_t p = 0; p < laid.size(); ++p)
            for (size_t q = 0; q < p; ++q) {
                const double x = at[2 * laid[p]], y = at[2 * laid[p] + 1];
                const double dx = at[2 * laid[q]] - x, dy = at[2 * laid[q] + 1] - y;
                const double a = radii_[laid[p]] + r, b = radii_[laid[q]] + r,
                             d = std::sqrt(dx * dx + dy * dy);
                if (d > a + b || d < 1e-9) continue;
                const double along = (a * a - b * b + d * d) / (2 * d), up = a * a - along * along;
                if (up < 0) continue;
                for (const double side : {-std::sqrt(up), std::sqrt(up)})
                    consider(x + (dx * along - dy * side) / d, y + (dy * along + dx * side) / d);
            }
        at[2 * i] = to_x, at[2 * i + 1] = to_y;
        laid.push_back(i);
        mass += r * r, sum_x += r * r * to_x, sum_y += r * r * to_y;
    }
    for (size_t i = 0; i < n; ++i) at[2 * i] -= sum_x / mass, at[2 * i + 1] -= sum_y / mass;
}

/// A sunflower, whose seeds lie nearly as dense as they can; three pieces of a honeycomb; one by one.
CircleSearch::Places CircleSearch::start(int which) {
    constexpr double golden_angle = 2.399963229728653;
    const size_t n = radii_.size();
    const double within = 1.1 * std::sqrt(area_);
    Places at(2 * n + 1);
    at.back() = within;
    const auto put = [&](size_t i, double x, double y) { at[2 * i] = x, at[2 * i + 1] = y; };
    if (which == 0)
        for (size_t i = 0; i < n; ++i) {
            const double share = std::sqrt((static_cast<double>(i) + 0.5) / static_cast<double>(n));
            const double angle = golden_angle * static_cast<double>(i);
            put(i, within * share * std::cos(angle), within * share * std::sin(angle));
        }
    else if (which <= 3) {
        const double apart = 2 * std::sqrt(area_ / static_cast<double>(n));
        // About a cell, between two, between three.
        const double off_x = which == 1 ? 0 : apart / 2, off_y = which == 3 ? apart / std::sqrt(12.0) : 0;
        std::vector<std::pair<double, std::pair<double, double>>> cells;
        const int around = static_cast<int>(std::sqrt(static_cast<double>(n))) + 2;
        for (int row = -around; row <= around; ++row)
            for (int k = -2 * around; k <= 2 * around; ++k) {
                const double x = apart * (k + (row % 2 == 0 ? 0 : 0.5)) - off_x;
                const double y = apart * row * std::sqrt(0.75) - off_y;
                cells.push_back({x * x + y * y, {x, y}});
            }
        std::sort(cells.begin(), cells.end());
        // A hair off, or forces that cancel would hold them where they are.
        for (size_t i = 0; i < n; ++i)
            put(i, cells[i].second.first + 0.01 * apart * any(),
                cells[i].second.second + 0.01 * apart * any());
    } else
        lay_one_by_one(at, which == 4 ? 0 : 0.35);
    return at;
}

CircleSearch::Places CircleSearch::shaken(int hop) {
    const size_t n = radii_.size();
    auto at = best_;
    const auto one = [&] { return static_cast<size_t>(random_() % n); };
    if (!alike_ && hop % 3 != 0) {
        // With one of the next size: what is changed less is more often better.
        const auto a = one();
        double least = std::numeric_limits<double>::infinity();
        std::vector<size_t> next;
        for (size_t i = 0; i < n; ++i) {
            const double off = std::abs(radii_[i] - radii_[a]);
            if (off == 0 || off > least) continue;
            if (off < least) least = off, next.clear();
            next.push_back(i);
        }
        const auto b = next[random_() % next.size()];
        std::swap(at[2 * a], at[2 * b]), std::swap(at[2 * a + 1], at[2 * b + 1]);
        return at;
    }
    if (hop % 2 == 1) {
        for (size_t i = 0; i < n; ++i)
            at[2 * i] += 0.8 * radii_[i] * any(), at[2 * i + 1] += 0.8 * radii_[i] * any();
        return at;
    }
    for (int moved = 0; moved <= hop / 2 % 2; ++moved) {
        const auto which = one();
        double most = -std::numeric_limits<double>::infinity(), to_x = 0, to_y = 0;
        for (int tries = 0; tries < 20; ++tries) {
            const double angle = std::numbers::pi * any();
            const double off = (bound_ - radii_[which]) * std::sqrt(std::abs(any()));
            const double x = off * std::cos(angle), y = off * std::sin(angle);
            double room = std::numeric_limits<double>::infinity();
            for (size_t j = 0; j < n; ++j)
                if (j != which)
                    room = std::min(room, std::hypot(at[2 * j] - x, at[2 * j + 1] - y) - radii_[j]);
            if (room > most) most = room, to_x = x, to_y = y;
        }
        at[2 * which] = to_x, at[2 * which + 1] = to_y;
    }
    return at;
}

void CircleSearch::run(double until) {
    const double n = static_cast<double>(radii_.size());
    const auto starts = std::clamp(work / n, least_tries, std::min(most_starts, n + 4));
    const auto hops = std::clamp(work / n, least_tries, std::max(6 * n - 12, least_tries));
    for (int k = 0; k < starts && bound_ > until / scale_; ++k) squeeze(start(k));
    for (int h = 0; h < hops && bound_ > until / scale_; ++h) squeeze(shaken(h));
}

void CircleSearch::begin(double until) {
    const auto starts = std::clamp(work / static_cast<double>(radii_.size()), least_tries, most_starts) / 2;
    for (int k = 0; k < starts && bound_ > until / scale_; ++k) squeeze(start(k));
}

std::vector<Circle> CircleSearch::circles() const {
    std::vector<Circle> all;
    for (size_t i = 0; i < radii_.size(); ++i)
        all.push_back({best_[2 * i] * scale_, best_[2 * i + 1] * scale_, radii_[i] * scale_});
    return all;
}

}  // namespace sangre
