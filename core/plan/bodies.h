#pragma once
// Which body is inside of which.
#include "plan/plan.h"

namespace sangre {

/// True where the body `inner` is that body, or lies in it over any number of others.
bool is_inside(const Plan& plan, const Id& inner, const Id& body);

}  // namespace sangre
