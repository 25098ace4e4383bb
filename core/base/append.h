#pragma once

namespace sangre {

/// Puts one list's entries behind another's.
template <class List>
void append(List& all, const List& more) {
    all.insert(all.end(), more.begin(), more.end());
}

}  // namespace sangre
