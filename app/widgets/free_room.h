#pragma once
// Room for labels on the screen, in pixels.
#include <QRectF>
#include <algorithm>
#include <cmath>
#include <vector>

#include "output/diagram/paper_room.h"

namespace sangre::app {

class FreeRoom {
  public:
    /// Everything has to stay inside `bounds`.
    void begin(const QRectF& bounds) { room_ = PaperRoom(box(bounds)); }
    void take(const QRectF& area) { room_.take(box(area)); }
    /// The first candidate that is clear, else the one that least is; it is taken then. Empty without any.
    QRectF find(const std::vector<QRectF>& candidates) {
        std::vector<PaperBox> boxes;
        for (const auto& area : candidates) boxes.push_back(box(area));
        const auto found = room_.find(boxes);
        return found < candidates.size() ? candidates[found] : QRectF();
    }

    /// Areas of that size round a point, ever farther off, between two distances: where it is crowded.
    static void around(std::vector<QRectF>& candidates, QPointF middle, QSizeF size, double from, double to) {
        constexpr int ways = 16;
        for (double far = from; far <= to; far += size.height())
            for (int k = 0; k < ways; ++k) {
                const double angle = 2 * M_PI * k / ways;
                const QPointF off(std::cos(angle) * (far + size.width() / 2), std::sin(angle) * far);
                candidates.emplace_back(middle + off - QPointF(size.width(), size.height()) / 2, size);
            }
    }

    /// The first candidate that is clear, else one round a point, as around() has them.
    QRectF find_near(std::vector<QRectF> candidates, QPointF middle, double from, double to) {
        const bool crowded = std::all_of(candidates.begin(), candidates.end(),
                                         [&](const auto& area) { return room_.crowded(box(area)) > 0; });
        if (crowded && !candidates.empty()) around(candidates, middle, candidates.front().size(), from, to);
        return find(candidates);
    }

  private:
    static PaperBox box(const QRectF& r) { return {r.left(), r.top(), r.right(), r.bottom()}; }
    PaperRoom room_;
};

}  // namespace sangre::app
