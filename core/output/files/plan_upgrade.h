#pragma once
// Plans of earlier versions, made this version's before they are read.
#include <nlohmann/json_fwd.hpp>

namespace sangre {

/// Version 1 to 2, which is checked against its own schema before it goes on. Throws BadPlace.
void upgrade_from_1(nlohmann::json& document);
/// Version 2 to 3. Throws BadPlace.
void upgrade_from_2(nlohmann::json& document);
/// Passages, as version 2 and the first files of version 3 have them, to ways and openings. Throws BadPlace.
void upgrade_passages(nlohmann::json& document);

}  // namespace sangre
