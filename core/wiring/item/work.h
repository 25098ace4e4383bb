#pragma once
// What the hands do with an item in a lead.
#include "item/item.h"

namespace sangre {

struct ItemWork {
    std::string title, subtitle;
    std::vector<std::string> actions, tools;
    std::string caution;
    double minutes = 8;
};

/// An item where it sits, and how that is said.
struct ItemPlace {
    const Plan& plan;
    const Catalogue& catalogue;
    const Lead& feed;
    const Device& device;
    /// "Fog pump lead".
    std::string lead() const;
    /// "60 mm from Hub", "as close to Hub as it goes", "where it is to sit".
    std::string where() const;
};

/// Fitted in its lead, without the joints on either side of it, which are told apart.
ItemWork item_work(const ItemPlace& place);

}  // namespace sangre
