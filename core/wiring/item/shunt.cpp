#include <fmt/format.h>

#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {
namespace {

ItemWork meter_work(const ItemPlace& p) {
    auto w = inline_work(p);
    w.actions.push_back(
        say("Thick leads through it, its thin ones to the display; + of the display from before it."));
    return w;
}

std::vector<SignStroke> meter_sign(bool) {
    return {{StrokeKind::dot, 0, 0, 1.9, 0, 0.25, true}, {StrokeKind::letter, 0, 0.9, 0, 0, 0, false, 'A'}};
}

}  // namespace

const ItemKindRow item_kinds::shunt{DeviceKind::shunt, "meter",     true,          false,      inline_values,
                                    inline_name,       inline_ends, inline_stands, meter_work, meter_sign};

}  // namespace sangre
