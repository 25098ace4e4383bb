#include "widgets/free_room.h"

namespace sangre::app {

double FreeRoom::crowded(const QRectF& area) const {
    const auto size = [](const QRectF& r) { return r.width() * r.height(); };
    double crowd = size(area) - size(area.intersected(bounds_));
    for (const auto& other : taken_)
        if (const auto both = area.intersected(other); !both.isEmpty()) crowd += size(both);
    return crowd;
}

QRectF FreeRoom::find(const std::vector<QRectF>& candidates) {
    QRectF best;
    double least = 0;
    for (const auto& area : candidates) {
        const double crowd = crowded(area);
        if (!best.isNull() && crowd >= least) continue;
        best = area, least = crowd;
        if (least <= 0) break;
    }
    if (!best.isNull()) take(best);
    return best;
}

}  // namespace sangre::app
