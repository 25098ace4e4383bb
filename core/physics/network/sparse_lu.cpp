#include "physics/network/sparse_lu.h"

#include <klu.h>

namespace sangre {

struct SparseLu::Inside {
    klu_common common{};
    klu_symbolic* symbolic = nullptr;
    klu_numeric* numeric = nullptr;
    int size = 0, entries = 0;

    Inside() { klu_defaults(&common); }
    ~Inside() { forget(); }
    Inside(const Inside&) = delete;
    Inside& operator=(const Inside&) = delete;
    void forget() {
        klu_free_numeric(&numeric, &common);
        klu_free_symbolic(&symbolic, &common);
    }
};

SparseLu::SparseLu() : inside_(std::make_unique<Inside>()) {}
SparseLu::~SparseLu() = default;

bool SparseLu::factorize(const Eigen::SparseMatrix<double>& matrix, bool new_pattern) {
    constexpr double least_pivot_ratio = 1e-18;  // leaks of 1e-12 S stand beside bolted joints of 1e5 S
    auto& k = *inside_;
    // KLU reads and never writes these.
    auto* columns = const_cast<int*>(matrix.outerIndexPtr());
    auto* rows = const_cast<int*>(matrix.innerIndexPtr());
    auto* values = const_cast<double*>(matrix.valuePtr());
    const int n = static_cast<int>(matrix.cols()), entries = static_cast<int>(matrix.nonZeros());
    if (new_pattern || !k.symbolic || n != k.size || entries != k.entries) {
        k.forget();
        k.size = n, k.entries = entries;
        k.symbolic = klu_analyze(n, columns, rows, &k.common);
        if (!k.symbolic) return false;
    }
    if (k.numeric && klu_refactor(columns, rows, values, k.symbolic, k.numeric, &k.common) &&
        klu_rcond(k.symbolic, k.numeric, &k.common) && k.common.rcond > least_pivot_ratio)
        return true;
    klu_free_numeric(&k.numeric, &k.common);
    k.numeric = klu_factor(columns, rows, values, k.symbolic, &k.common);
    return k.numeric != nullptr;
}

Eigen::VectorXd SparseLu::solve(const Eigen::VectorXd& right) const {
    Eigen::VectorXd x = right;
    klu_solve(inside_->symbolic, inside_->numeric, inside_->size, 1, x.data(), &inside_->common);
    return x;
}

}  // namespace sangre
