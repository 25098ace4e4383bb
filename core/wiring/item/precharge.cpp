#include <fmt/format.h>

#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {
namespace {

/// Its switch bridges it: it adds no ohms in use.
std::optional<ItemValues> precharge_values(const Catalogue& catalogue, const Device& d) {
    auto v = inline_values(catalogue, d);
    if (v) v->supply = v->own_leads = Ohm(0);
    return v;
}

ItemWork precharge_work(const ItemPlace& p) {
    auto w = inline_work(p);
    w.actions = {say("Resistor and button in series, across the switch or the plug that makes the spark."),
                 say("Button held before the switch is closed: then there is no spark.")};
    w.minutes = 12;
    return w;
}

std::vector<SignStroke> precharge_sign(bool) {
    return {{StrokeKind::box, -2.4, -4, 2.4, -2.4},
            {StrokeKind::line, -3.6, 0, -2.4, -3.2},
            {StrokeKind::line, 2.4, -3.2, 3.6, 0}};
}

}  // namespace

const ItemKindRow item_kinds::precharge{DeviceKind::precharge, "pre-charge",  false,   false,
                                        precharge_values,      inline_name,   nullptr, nullptr,
                                        precharge_work,        precharge_sign};

}  // namespace sangre
