#pragma once
// Several things said in one sentence.
#include <concepts>
#include <cstddef>
#include <string>
#include <vector>

#include "base/words/words.h"

namespace sangre {

/// "Pump", "Pump and Lamp", "Pump, Lamp and Fan"; empty for none.
Words listed(const std::vector<Words>& things);
/// "brass or steel", "brass, steel or wood"; empty for none.
Words either(const std::vector<Words>& things);
/// The first of them: "Pump, Lamp and 3 more"; all of them by commas where they are no more than `most`.
Words first_few(const std::vector<Words>& things, std::size_t most = 4);
/// One behind the other, with that between them: ", ".
Words joined(const std::vector<Words>& things, std::string_view between);

// Of names likewise.
template <std::same_as<std::string> Name>
Words listed(const std::vector<Name>& names) {
    return listed(std::vector<Words>(names.begin(), names.end()));
}
template <std::same_as<std::string> Name>
Words either(const std::vector<Name>& names) {
    return either(std::vector<Words>(names.begin(), names.end()));
}
template <std::same_as<std::string> Name>
Words first_few(const std::vector<Name>& names, std::size_t most = 4) {
    return first_few(std::vector<Words>(names.begin(), names.end()), most);
}

}  // namespace sangre
