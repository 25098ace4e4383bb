#pragma once
// Following a path of answers: from a network without load, where the answer is plain, to the full load.
#include <Eigen/SparseCore>
#include <functional>

namespace sangre {

/// A system F(v, share) = 0 with its Jacobian by v. F(v, 0) = 0 must hold at the start of the path.
struct LoadedSystem {
    std::function<Eigen::VectorXd(const Eigen::VectorXd&, double share)> residual;
    std::function<Eigen::SparseMatrix<double>(const Eigen::VectorXd&, double share)> jacobian;
};

/// Pseudo-arclength continuation (Keller 1977) from (v, 0) to share 1. Where a load pulls its supply over the
/// edge the path folds back; it is followed round the fold to the answer beyond, which Newton's method alone
/// does not reach. `iterations` counts the factorisations.
/// True when v then solves F(v, 1) = 0; false when twice `most` factorisations did not suffice.
bool follow_load(const LoadedSystem& system, Eigen::VectorXd& v, int& iterations, int most = 2000);

}  // namespace sangre
