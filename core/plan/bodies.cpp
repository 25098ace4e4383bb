#include "plan/bodies.h"

namespace sangre {

bool is_inside(const Plan& plan, const Id& inner, const Id& body) {
    for (const auto* b = by_id(plan.bodies, inner); b; b = by_id(plan.bodies, b->in))
        if (b->id == body) return true;
    return false;
}

}  // namespace sangre
