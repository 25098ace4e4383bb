#pragma once
// What edits do to the lists of a plan.
#include <utility>

#include "plan/plan.h"

namespace sangre {

/// Adds it, or replaces the one with its id.
template <class List, class Item>
void put(List& list, Item item) {
    if (auto* there = by_id(list, item.id))
        *there = std::move(item);
    else
        list.push_back(std::move(item));
}

/// Applies a change to the element of that id, if there is one.
template <class List, class Change>
void change(List& list, const Id& id, Change apply) {
    if (auto* item = by_id(list, id)) apply(*item);
}

}  // namespace sangre
