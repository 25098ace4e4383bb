#pragma once
// How wide a bundle is: circles packed into the smallest circle that holds them.
#include <vector>

namespace sangre {

struct Circle {
    double x = 0, y = 0, radius = 0;
};

/// Packs circles of these radii (> 0) round the origin, in their order; none overlap. The same radii always
/// give the same picture, whatever else was packed before. Equal circles come within 1 % of the published
/// records to n = 60, mixes within 1 % of what long searches find.
std::vector<Circle> pack_circles(const std::vector<double>& radii);

/// True where enclosing_radius(pack_circles(radii)) is at most `bound`; mostly found much sooner.
bool circles_pass(const std::vector<double>& radii, double bound);

/// True where they were soon found to pass; false says nothing. For many questions one after the other, where
/// a careful answer does: it takes a fifth of the time.
bool circles_soon_pass(const std::vector<double>& radii, double bound);

/// Radius round the origin that holds them all.
double enclosing_radius(const std::vector<Circle>& circles);

}  // namespace sangre
