#include <fmt/format.h>

#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {
namespace {

ItemWork filter_work(const ItemPlace& p) {
    auto w = inline_work(p);
    if (const auto values = inline_values(p.catalogue, p.device); values && raw(values->bore) > 0) {
        w.title = say("Round the {lead}: {inline_name}", p.lead(), inline_name(p.catalogue, p.device));
        w.actions = {say("Clip it round all its wires together, close to what is noisy."),
                     say("A tie on either side, or a tube over it: it must not slide.")};
        w.minutes = 2;
        return w;
    }
    w.actions.push_back(say("IN towards {part}, OUT towards {part_2}; its − to the return.",
                            name_of(p.plan, p.feed.from), name_of(p.plan, p.feed.to)));
    return w;
}

std::vector<SignStroke> filter_sign(bool) {
    std::vector<SignStroke> sign{{StrokeKind::box, -3.2, -1.3, 3.2, 1.3}};
    for (const double k : {-2.1, 0.0, 2.1}) {
        sign.push_back({StrokeKind::line, k - 0.9, 0.5, k, -0.7});
        sign.push_back({StrokeKind::line, k, -0.7, k + 0.9, 0.5});
    }
    return sign;
}

}  // namespace

const ItemKindRow item_kinds::filter{DeviceKind::filter, "filter",    true,        false,
                                     inline_values,      inline_name, inline_ends, inline_stands,
                                     filter_work,        filter_sign};

}  // namespace sangre
