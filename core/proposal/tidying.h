#pragma once
// What a proposal is cleared of before it is shown.
#include "plan/plan.h"

namespace sangre {

/// A lead or an item that an older plan called otherwise may have the id that a new one gets: the later of
/// the two gets another.
void give_ids_of_their_own(Plan& next);

/// A hub that one lead comes into and one leaves is no hub: the two are one lead. Those of the old plan stay.
void without_idle_hubs(Plan& plan, const Plan& old);

}  // namespace sangre
