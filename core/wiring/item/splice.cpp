#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "wiring/item/covers.h"
#include "wiring/item/kinds.h"

namespace sangre {
namespace {

// What it takes is that of its joint, which the wiring adds.
std::optional<ItemValues> splice_values(const Catalogue&, const Device&) { return ItemValues{}; }

Words splice_name(const Catalogue& catalogue, const Device& d) {
    const auto* kind = find(catalogue.joints, d.joint_in);
    return kind ? kind->name : say("splice");
}

std::optional<ItemEnds> splice_ends(const Catalogue&, const Device&) {
    return ItemEnds{JointEnd::splice, nullptr, {}};
}

ItemWork splice_work(const ItemPlace& p) {
    ItemWork work;
    work.title = say("Lengthen the {lead}", p.lead());
    work.subtitle = compose("{}, {}", item_name(p.catalogue, p.device), p.where());
    const auto wires = crossing_wires(p.feed, DeviceKind::splice);
    if (wires > 1)
        work.actions = {
            say("Same colour to same colour, one after the other."),
            say("Cut them to different lengths, each {splice_stagger} shorter than the one before, the other "
                "piece the "
                "other "
                "way round: no two joints lie side by side.",
                format(splice_stagger)),
        };
    work.tools = {"cutters", "strippers"};
    work.minutes = 4;
    return work;
}

std::vector<SignStroke> splice_sign(bool) { return {{StrokeKind::dot, 0, 0, 0.9, 0}}; }

}  // namespace

const ItemKindRow item_kinds::splice{DeviceKind::splice, "splice",    false,   true,        splice_values,
                                     splice_name,        splice_ends, nullptr, splice_work, splice_sign};

}  // namespace sangre
