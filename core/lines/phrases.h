#pragma once
// What people write beside the facts by name: "220 × 140 × 80 mm", "M20 gland", "vital sensitive",
// "24 AWG silicone".
#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// True of a clause that is no fact of its own but says something of such a thing all the same; false where
/// it does not, and the thing is as it was. The error, of what begins as a phrase, says what would be right.
using Phrase = tl::expected<bool, std::string>;
Phrase take_phrase(const Plan& plan, const Catalogue& catalogue, std::string_view text, Body& into);
Phrase take_phrase(const Plan& plan, const Catalogue& catalogue, std::string_view text, Opening& into);
Phrase take_phrase(const Plan& plan, const Catalogue& catalogue, std::string_view text, Load& into);
Phrase take_phrase(const Plan& plan, const Catalogue& catalogue, std::string_view text, Passive& into);
Phrase take_phrase(const Plan& plan, const Catalogue& catalogue, std::string_view text, Terminal& into);
template <class Thing>
Phrase take_phrase(const Plan&, const Catalogue&, std::string_view, Thing&) {
    return false;
}

/// The wire that a size and, where it is said, "solid" and an insulation name: "24 AWG", "18 AWG solid",
/// "1.5 mm² PVC". Without an insulation the plan's usual one where it is made in that size. Nothing for
/// anything else.
std::optional<Id> wire_said(const Catalogue& catalogue, const Practices& practices, std::string_view text);

/// "3 m 24 AWG silicone red": a wire at hand, its length and its colour; false, and nothing taken, where a
/// word is none of these.
bool take_wire_at_hand(const Catalogue& catalogue, const Practices& practices, std::string_view text,
                       AtHand& into);

}  // namespace sangre
