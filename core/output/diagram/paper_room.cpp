#include "output/diagram/paper_room.h"

#include <algorithm>

namespace sangre {

double PaperBox::shared(const PaperBox& o) const {
    return std::max(0.0, std::min(right, o.right) - std::max(left, o.left)) *
           std::max(0.0, std::min(bottom, o.bottom) - std::max(top, o.top));
}

double PaperRoom::crowded(const PaperBox& box) const {
    double crowd = box.area() - box.shared(bounds_);
    for (const auto& other : taken_) crowd += box.shared(other);
    return crowd;
}

size_t PaperRoom::find(const std::vector<PaperBox>& candidates) {
    size_t best = candidates.size();
    double least = 0;
    for (size_t i = 0; i < candidates.size(); ++i) {
        const double crowd = crowded(candidates[i]);
        if (best < candidates.size() && crowd >= least) continue;
        best = i, least = crowd;
        if (least <= 1e-9) break;
    }
    if (best < candidates.size()) take(candidates[best]);
    return best;
}

}  // namespace sangre
