#include "harness/feed_strip.h"

#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "wiring/conductors/resistances.h"

namespace sangre {
namespace {

/// The joint of each role at one end of the feed, as one.
StripItem joint_item(const Wiring& wiring, size_t feed, JointAt end) {
    StripItem item{StripKind::joint, {}, {}, say("no joint chosen"), {}, {}, {}, {}, {}};
    for (const auto& j : wiring.joints_of(feed)) {
        if (j.at != end || !j.kind) continue;
        item.name = j.kind->name;
        (j.role == WireRole::supply ? item.supply : item.back) = j.ohm;
    }
    return item;
}

}  // namespace

FeedStrip feed_strip(const Plan& plan, const Catalogue& catalogue, const OperatingPoint& point,
                     const Wiring& wiring, size_t feed) {
    const auto& f = plan.feeds()[feed];
    const auto& at = point.feeds[feed];
    FeedStrip strip;
    strip.amps = at.supply;
    strip.items.push_back({StripKind::source, {}, {}, name_of(plan, f.from), {}, {}, {}, {}, {}});
    strip.items.push_back(joint_item(wiring, feed, JointAt::source));
    for (const auto& item : wiring.items_of(feed)) {
        const auto& d = f.devices[item.device];
        strip.items.push_back({StripKind::device,
                               d.id,
                               d.kind,
                               item_name(catalogue, d),
                               item.values.supply,
                               item.values.back,
                               {},
                               {},
                               {}});
    }
    const auto& core = wiring.cores_of(feed).front();
    const auto out = feed_ohms(wiring, feed, at.copper);
    Ohm back = feed_ohms(wiring, feed, at.copper_back).back_copper;
    for (const auto& j : wiring.joints_of(feed))
        if (j.at == JointAt::frame || j.at == JointAt::other_return) back += j.ohm;
    strip.items.push_back(
        {StripKind::wire,
         {},
         {},
         core.wire ? say("{length} of {wire}", format(core.length), size_words(*core.wire)) : say("no wire"),
         out.supply_copper,
         back,
         {},
         {},
         {}});
    strip.items.push_back(joint_item(wiring, feed, JointAt::end));
    strip.items.push_back({StripKind::end, {}, {}, name_of(plan, f.to), {}, {}, {}, {}, {}});

    // Ohm's law along both conductors; what it leaves open, such as a switch or a diode in its own way,
    // stands at the first device that can.
    const auto drop_of = [&](const StripItem& i) {
        return Volt(raw(i.supply) * raw(at.supply) + raw(i.back) * raw(at.back));
    };
    Volt sum(0);
    for (auto& i : strip.items) i.drop = drop_of(i), sum += i.drop;
    const Volt left = at.at_source - at.at_end - sum;
    for (const auto kind : {DeviceKind::diode, DeviceKind::power_switch, DeviceKind::fuse}) {
        const auto found = std::find_if(strip.items.begin(), strip.items.end(), [&](const auto& i) {
            return i.kind == StripKind::device && i.is == kind;
        });
        if (found == strip.items.end() || (kind == DeviceKind::diode && raw(out.forward) <= 0)) continue;
        if (std::abs(raw(left)) > 1e-6) found->drop += left;
        break;
    }
    Volt volts = at.at_source;
    for (auto& i : strip.items) {
        i.before = volts;
        volts -= i.drop;
        i.after = volts;
    }
    return strip;
}

}  // namespace sangre
