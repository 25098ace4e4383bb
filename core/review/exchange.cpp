#include "review/exchange.h"

namespace sangre {

Edit exchanged(const Id& feed, const Id& device, const Id& type) {
    return [feed, device, type](const Plan& p) {
        auto next = p;
        if (auto* f = by_id(next.feeds, feed))
            if (auto* d = by_id(f->devices, device)) d->type = type;
        return next;
    };
}

const ConnectorType* fitting_plug(const Context& c, size_t f, const PlugWish& wish) {
    const auto& p = c.figures.protection[f];
    return p.wire ? cheapest_plug(c.catalogue, item_need(p, c.figures.worst.feeds[f]), wish) : nullptr;
}

}  // namespace sangre
