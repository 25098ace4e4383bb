#include <fmt/format.h>

#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {
namespace {

std::optional<ItemValues> diode_values(const Catalogue& catalogue, const Device& d) {
    auto v = inline_values(catalogue, d);
    if (v) v->forward = find(catalogue.inlines, d.type)->forward;
    return v;
}

ItemWork diode_work(const ItemPlace& p) {
    auto w = inline_work(p);
    w.actions.push_back(say("The band of a diode, or its OUT, towards {part}.", name_of(p.plan, p.feed.to)));
    w.actions.push_back(say("Meter on diode test before it is covered: one way only."));
    return w;
}

std::vector<SignStroke> diode_sign(bool) {
    return {{StrokeKind::line, -1.8, -1.6, -1.8, 1.6},
            {StrokeKind::line, -1.8, -1.6, 1.6, 0},
            {StrokeKind::line, -1.8, 1.6, 1.6, 0},
            {StrokeKind::line, 1.6, -1.6, 1.6, 1.6, 0.5}};
}

}  // namespace

const ItemKindRow item_kinds::diode{DeviceKind::diode, "diode",     true,          false,      diode_values,
                                    inline_name,       inline_ends, inline_stands, diode_work, diode_sign};

}  // namespace sangre
