#pragma once
// What the hands do with an item in a lead.
#include "wiring/item/item.h"

namespace sangre {

struct ItemWork {
    Words title, subtitle;
    std::vector<Words> actions;
    std::vector<std::string> tools;
    Words caution;
    double minutes = 8;
};

/// An item where it sits, and how that is said.
struct ItemPlace {
    const Plan& plan;
    const Catalogue& catalogue;
    const Lead& feed;
    const Device& device;
    /// "Fog pump lead".
    Words lead() const;
    /// "60 mm from Hub", "as close to Hub as it goes", "where it is to sit".
    Words where() const;
};

/// Fitted in its lead, without the joints on either side of it, which are told apart.
ItemWork item_work(const ItemPlace& place);

}  // namespace sangre
