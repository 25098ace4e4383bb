#pragma once
// What parts, and the types that they are of, are referred to by.
#include <string>

namespace sangre {

/// Stable: a name may change, an id stays.
using Id = std::string;

}  // namespace sangre
