#pragma once
// What inks are on white paper.
#include "output/diagram/diagram.h"

namespace sangre {

/// "#231F1C"; that of "ink" for one that is not known. Empty for an empty ink, which draws nothing.
std::string paper_colour(const Ink& ink);
/// How much of it covers what lies beneath: "glass" lets it be seen.
double ink_cover(const Ink& ink);

}  // namespace sangre
