#pragma once
// LU of matrices that keep their pattern: analysed once, pivoted when new or when the old pivots fail,
// refactored in between. KLU, which is made for circuits.
#include <Eigen/SparseCore>
#include <memory>

namespace sangre {

class SparseLu {
  public:
    SparseLu();
    ~SparseLu();
    SparseLu(const SparseLu&) = delete;
    SparseLu& operator=(const SparseLu&) = delete;

    /// A compressed square matrix. Its pattern is analysed anew where it differs in size or count from the
    /// last one's, or where `new_pattern` says so. False where it is singular.
    bool factorize(const Eigen::SparseMatrix<double>& matrix, bool new_pattern = false);
    /// Solves with the last factorisation; only after factorize returned true.
    Eigen::VectorXd solve(const Eigen::VectorXd& right) const;

  private:
    struct Inside;
    std::unique_ptr<Inside> inside_;
};

}  // namespace sangre
