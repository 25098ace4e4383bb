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

const ConnectorType* fitting_plug(const Context& c, size_t f, bool anti_spark) {
    const auto& p = c.figures.protection[f];
    const auto& x = c.figures.worst.feeds[f];
    const ConnectorType* best = nullptr;
    for (const auto& t : c.catalogue.connectors)
        if (p.wire && t.poles == 2 && t.keyed && t.smallest <= p.wire->area && t.largest >= p.wire->area &&
            t.rated >= x.continuous && t.rated * 1.5 >= x.peak && t.voltage >= x.highest_end &&
            (t.anti_spark || !anti_spark) && (!best || t.cost < best->cost))
            best = &t;
    return best;
}

}  // namespace sangre
