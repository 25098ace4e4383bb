#include "rules/review/exchange.h"

#include "base/units/format.h"
#include "base/words/say.h"
#include "plan/edits.h"

namespace sangre {

Edit exchanged(const Id& feed, const Id& device, const Id& type) {
    return [feed, device, type](const Plan& p) {
        auto next = p;
        if (auto* f = by_id(next.feeds(), feed))
            if (auto* d = by_id(f->devices, device)) d->type = type;
        return next;
    };
}

Fix use_fuse(const Id& feed, const FuseChoice& fuse) {
    return {say("Fit a {rating} {family}", format(fuse.rating), fuse.family->name),
            [feed, family = fuse.family->id, rating = fuse.rating](const Plan& p) {
                return set_fuse(p, feed, family, rating);
            }};
}

const ConnectorType* fitting_plug(const Context& c, size_t f, const PlugWish& wish) {
    const auto& p = c.figures.protection[f];
    return p.wire ? cheapest_plug(c.catalogue, item_need(p, c.figures.worst.feeds[f]), wish) : nullptr;
}

}  // namespace sangre
