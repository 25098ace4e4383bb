#pragma once
// Several things said in one sentence.
#include <cstddef>
#include <string>
#include <vector>

namespace sangre {

/// "Pump", "Pump and Lamp", "Pump, Lamp and Fan"; empty for none.
std::string listed(const std::vector<std::string>& things);
/// "brass or steel", "brass, steel or wood"; empty for none.
std::string either(const std::vector<std::string>& things);
/// The first of them: "Pump, Lamp and 3 more"; all of them by commas where they are no more than `most`.
std::string first_few(const std::vector<std::string>& things, std::size_t most = 4);

}  // namespace sangre
