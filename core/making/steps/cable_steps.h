#pragma once
// What the hands do with cables that carry signals: twist, pull, cut back, double, terminate, label.
#include "making/steps/steps.h"

namespace sangre {

/// One step a cable, "cable/<id>", each after everything is laid out.
std::vector<Step> cable_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures);

}  // namespace sangre
