#pragma once
// For what words words, and for what reads typed ones; everything else says().
#include <string>
#include <string_view>

namespace sangre {

/// The sentence or word in the reader's language, as it is now.
std::string looked_up(std::string_view english);

}  // namespace sangre
