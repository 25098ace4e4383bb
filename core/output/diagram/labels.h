#pragma once
// Labels for both ends of every wire and cable, to print, cut and fold round.
#include "output/diagram/diagram.h"

namespace sangre {

struct WireLabel {
    std::string title;   ///< "W3+"
    std::string detail;  ///< "Hub → Work lamp"
    std::string more;    ///< "22 AWG red 0.75 m"
    Id subject;
};

/// Two of each: supply, and return where it is a wire of its own; then the cables, with what is written on
/// them.
std::vector<WireLabel> wire_labels(const Plan& plan, const Harness& harness);

/// On A4 sheets, upright, each label twice above itself so that it reads from both sides once folded.
std::vector<DiagramSheet> label_sheets(const std::vector<WireLabel>& labels);

}  // namespace sangre
