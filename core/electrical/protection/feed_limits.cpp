#include "electrical/protection/feed_limits.h"

#include <fmt/format.h>

#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "wiring/item/item.h"

namespace sangre {
namespace {

void add_joint(std::vector<ItemLimit>& all, const Catalogue& catalogue, const Id& kind) {
    if (const auto* joint = find(catalogue.joints, kind))
        all.push_back({{}, joint->name, joint->rated, {}, joint->hottest});
}

void add_own_leads(std::vector<ItemLimit>& all, const Catalogue& catalogue, const Device& d) {
    const auto ends = item_ends(catalogue, d);
    if (!ends || !ends->lead) return;
    const auto* holder = holder_of(catalogue, d);
    ItemLimit own{d.id, say("leads of the {holder}", holder ? holder->name : item_name(catalogue, d))};
    own.lead = ends->lead;
    all.push_back(own);
}

}  // namespace

std::vector<ItemLimit> item_limits(const Plan& plan, const Lead& feed, const Catalogue& catalogue) {
    std::vector<ItemLimit> all;
    add_joint(all, catalogue, feed.joint_from);
    for (const auto& d : feed.devices) {
        add_joint(all, catalogue, d.joint_in);
        if (d.joint_out != d.joint_in) add_joint(all, catalogue, d.joint_out);  // of one kind, one limit
    }
    for (const auto& d : feed.devices) {
        if (auto stands = item_stands(catalogue, d))
            all.push_back({d.id, std::move(stands->name), stands->rated, stands->voltage, stands->hottest});
        add_own_leads(all, catalogue, d);
    }
    add_joint(all, catalogue, feed.joint_to);
    const auto* load = by_id(plan.loads, feed.to);
    if (const auto* lead = load ? find(catalogue.wires, load->lead) : nullptr) {
        ItemLimit own{{}, say("own lead of {load}, {wire}", load->name, size_words(*lead))};
        own.lead = lead;
        all.push_back(own);
    }
    return all;
}

}  // namespace sangre
