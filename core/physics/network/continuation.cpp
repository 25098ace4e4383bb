#include "physics/network/continuation.h"

#include "physics/network/sparse_lu.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace sangre {
namespace {

using Matrix = Eigen::SparseMatrix<double>;
using Vector = Eigen::VectorXd;

constexpr double share_volts = 10;  // the whole load weighs as much along the path as 10 V at a node

constexpr double least_cosine = 0.8;    // between the path's directions at both ends of a step
constexpr double smallest_turn = 1e-3;  // V: corners are rounded over more than this

/// A point of the path, and a direction: voltages with the share as the last entry, in volts.
struct Along {
    const LoadedSystem& system;
    int& iterations;
    mutable SparseLu lu{};

    static double share(const Vector& x) { return x[x.size() - 1] / share_volts; }
    static Vector volts(const Vector& x) { return x.head(x.size() - 1); }
    Vector residual(const Vector& x) const { return system.residual(volts(x), share(x)); }

    /// Solves [F_v F_share; row] d = (f, last).
    std::optional<Vector> solve(const Vector& x, const Vector& row, const Vector& f, double last) const {
        ++iterations;
        const auto n = x.size() - 1;
        const Vector v = volts(x);
        const Matrix inner = system.jacobian(v, share(x));
        // Load currents are proportional to the share.
        const Vector by_share = (system.residual(v, 1) - system.residual(v, 0)) / share_volts;
        std::vector<Eigen::Triplet<double>> entries;
        entries.reserve(static_cast<size_t>(inner.nonZeros() + 3 * n));
        for (int k = 0; k < inner.outerSize(); ++k)
            for (Matrix::InnerIterator it(inner, k); it; ++it)
                entries.emplace_back(it.row(), it.col(), it.value());
        for (int i = 0; i < n; ++i) {
            // Zeros too, so that the pattern stays.
            entries.emplace_back(i, n, by_share[i]);
            entries.emplace_back(n, i, row[i]);
        }
        entries.emplace_back(n, n, row[n]);
        Matrix whole(n + 1, n + 1);
        whole.setFromTriplets(entries.begin(), entries.end());
        if (!lu.factorize(whole)) return {};
        Vector right(n + 1);
        right << f, last;
        Vector d = lu.solve(right);
        if (!d.allFinite()) return {};
        return d;
    }

    /// The unit direction of the path at x, onwards from `before`.
    std::optional<Vector> tangent(const Vector& x, const Vector& before) const {
        auto t = solve(x, before, Vector::Zero(x.size() - 1), 1);
        if (t) t->normalize();
        return t;
    }

    /// Newton in the plane through `guess` across `t`; gives up when it leaves the guess further than
    /// `reach`.
    std::optional<Vector> corrected(const Vector& guess, const Vector& t, double reach, int& took) const {
        Vector x = guess;
        for (took = 0; took < 20; ++took) {
            const Vector f = residual(x);
            const auto d = solve(x, t, f, t.dot(x - guess));
            if (!d) return {};
            x -= *d;
            if ((x - guess).norm() > reach) return {};
            if (d->cwiseAbs().maxCoeff() < 1e-8 && residual(x).cwiseAbs().maxCoeff() < 1e-6) return x;
        }
        return {};
    }

    /// The end of the path: the share is held at 1.
    std::optional<Vector> arrived(Vector x) const {
        Vector hold = Vector::Zero(x.size());
        hold[x.size() - 1] = 1;
        x[x.size() - 1] = share_volts;
        for (int i = 0; i < 30; ++i) {
            const auto d = solve(x, hold, residual(x), 0);
            if (!d) return {};
            x -= *d;
            if (d->cwiseAbs().maxCoeff() < 1e-10 && residual(x).cwiseAbs().maxCoeff() < 1e-7) return x;
        }
        return {};
    }
};

}  // namespace

namespace {

/// Step by step along the path; `wary` steps back where the path turned sharply under a step.
std::optional<Vector> followed(const Along& along, const Vector& from, int most, bool wary) {
    const auto n = from.size();
    const int end = along.iterations + most;
    Vector x(n + 1), onwards = Vector::Zero(n + 1);
    x << from, 0;
    onwards[n] = 1;
    auto t = along.tangent(x, onwards);
    double step = 1;
    while (t && along.iterations < end && step > 1e-10) {
        int took = 0;
        const auto next = along.corrected(x + step * *t, *t, step, took);
        if (!next) {
            step /= 4;
            continue;
        }
        if (Along::share(*next) >= 1) {
            const double share = Along::share(x), part = (1 - share) / (Along::share(*next) - share);
            if (const auto last = along.arrived(x + part * (*next - x))) return Along::volts(*last);
            step /= 4;
            continue;
        }
        const auto turned = along.tangent(*next, *t);
        const bool jumped = turned && (turned->dot(*t) < least_cosine || Along::share(*next) < -1e-6);
        if (wary && jumped && step > smallest_turn) {
            step /= 4;
            continue;
        }
        x = *next;
        t = turned;
        step *= took <= 6 ? 2 : took >= 12 ? 0.5 : 1;
    }
    return {};
}

}  // namespace

bool follow_load(const LoadedSystem& system, Eigen::VectorXd& v, int& iterations, int most) {
    const Along along{system, iterations};
    // A path that turned sharply, or left what loads can be, may have been jumped off rather than followed;
    // one with many corners is not got through with steps so short.
    for (const bool wary : {true, false})
        if (const auto found = followed(along, v, most, wary)) {
            v = *found;
            return true;
        }
    return false;
}

}  // namespace sangre
