#pragma once
// What a builder sets once for all plans: how numbers look, and the schools that a new plan begins with.
#include <QString>

#include "base/units/format.h"
#include "lines/line.h"

namespace sangre::app {

/// As it was set last; numbers are shown so from then on. The decimal mark is the desktop's where none was
/// chosen.
void recall_settings();

/// The line of practices that new plans begin with; empty: the usual ones.
std::string practices_for_new_plans();
/// Keeps such a line; what is wrong with it, or nothing.
std::string keep_practices_for_new_plans(const LineContext& context, const std::string& line);
/// Those practices. A line that is no longer understood counts as none.
Practices new_plan_practices(const Catalogue& catalogue);

/// A cost with the sign that was set for money.
QString money(double amount);

}  // namespace sangre::app
