#include "plan/outline.h"

#include <algorithm>

#include "plan/bodies.h"

namespace sangre {
std::optional<SideRect> outline_on(const Plan& plan, const Side& side, const Body& body) {
    if (raw(side.across) <= 0 || raw(body.length) <= 0 || raw(body.width) <= 0) return {};
    double left = 1, right = 0, top = 1, bottom = 0;
    for (const auto& place : plan.places) {
        if (side_of(plan, place) != &side || !is_inside(plan, place.body, body.id)) continue;
        left = std::min(left, place.x), right = std::max(right, place.x);
        top = std::min(top, place.y), bottom = std::max(bottom, place.y);
    }
    if (right < left) return {};
    const double across = raw(side.across), along = across * side.tall;
    const double spread_x = (right - left) * across, spread_y = (bottom - top) * along;
    double wide = raw(body.width) / 1e3, tall = raw(body.length) / 1e3;
    if ((wide > tall) != (spread_x > spread_y)) std::swap(wide, tall);
    if (wide < spread_x || tall < spread_y) std::swap(wide, tall);
    if (wide < spread_x || tall < spread_y) return {};
    const double x = (left + right) / 2, y = (top + bottom) / 2, w = wide / across / 2, h = tall / along / 2;
    return SideRect{{std::max(x - w, 0.0), std::max(y - h, 0.0)},
                    {std::min(x + w, 1.0), std::min(y + h, 1.0)}};
}

}  // namespace sangre
