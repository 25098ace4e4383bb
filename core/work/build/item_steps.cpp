#include "build/item_steps.h"

#include <fmt/format.h>

#include "build/joint_words.h"
#include "joint/item_joint.h"
#include "units/format.h"

namespace sangre {
namespace {

/// What is done with one kind of item.
struct ItemWork {
    std::string title, subtitle;
    std::vector<std::string> actions, tools;
    std::string caution;
    double minutes = 8;
};

struct ItemPlace {
    const Plan& plan;
    const Catalogue& catalogue;
    const Lead& feed;
    const Device& device;
    std::string lead() const { return name_of(plan, feed.to) + " lead"; }
    std::string where() const {
        const auto from = name_of(plan, feed.from);
        if (device.at && raw(*device.at) >= 0.005) return format(*device.at) + " from " + from;
        return device.at || device.kind == DeviceKind::fuse ? "as close to " + from + " as it goes"
                                                            : "where it is to sit";
    }
};

/// Both fuses side by side in the slot of the circuit's own.
ItemWork tap_work(const ItemPlace& p, const HolderType& tap) {
    const auto* circuit = by_id(p.plan.sources, p.feed.from);
    return {fmt::format("Fuse tap in the slot of {}", name_of(p.plan, p.feed.from)),
            tap.name,
            {"Pull the fuse that is there, and find with the meter which side of its slot is live.",
             circuit && raw(circuit->fuse) > 0
                 ? fmt::format("That fuse, {}, into the tap's lower place, nearest its blades.",
                               format(circuit->fuse))
                 : "That fuse into the tap's lower place, nearest its blades.",
             fmt::format("The upper place stays empty: the {} one goes in last.", format(p.device.rating)),
             "Push the tap in with its lead on the dead side: the other way round one fuse carries both.",
             "See that the cover of the fuse box still closes."},
            {"meter", "fuse puller"},
            "A vehicle's battery can weld a spanner: disconnect it first where its manual says so.",
            10};
}

ItemWork holder_work(const ItemPlace& p, const HolderType& holder) {
    if (holder.tap) return tap_work(p, holder);
    const auto* wire = find(p.catalogue.wires, holder.lead);
    ItemWork w{fmt::format("Fuse holder in the {}", p.lead()),
               holder.name,
               {fmt::format("Cut the {} lead {}.", p.feed.supply_colour, p.where()),
                fmt::format("Shorten each lead of the holder to {}{}.", format(own_lead(holder, p.device)),
                            wire ? " (" + wire->size + ")" : "")},
               {"cutters", "strippers"},
               {},
               12};
    const auto work = item_joint(p.plan, p.catalogue, p.feed, p.device, true);
    if (work && work->kind->tube && tube_school(p.plan.practices.insulation))
        w.actions.push_back(fmt::format("2 × {} of {} on first, one for each joint, parked {} away.",
                                        format(work->tube_cut),
                                        work->tube     ? work->tube->name
                                        : work->to_buy ? work->to_buy->name
                                                       : "tube that fits",
                                        format(work->parking)));
    return w;
}

ItemWork fuse_work(const ItemPlace& p) {
    if (const auto* holder = holder_of(p.catalogue, p.device)) return holder_work(p, *holder);
    const auto* family = find(p.catalogue.fuses, p.device.type);
    const auto mount = family ? family->mount : FuseMount::holder;
    const auto name = item_name(p.catalogue, p.device);
    const auto cut = fmt::format("Cut the {} lead {}", p.feed.supply_colour, p.where());
    if (mount == FuseMount::leads)
        return {
            fmt::format("Fuse in the {}", p.lead()),
            name,
            {cut + " and solder the fuse in by its own leads.", "A tube over all of it: its leads are bare."},
            {"soldering iron", "cutters", "strippers"},
            {},
            8};
    if (mount == FuseMount::panel)
        return {fmt::format("Breaker in the {}", p.lead()),
                name,
                {cut + "; a lug on each of its studs, the side marked LINE or BAT towards the source.",
                 "Leave it open."},
                {"crimping pliers", "spanner"},
                {},
                10};
    if (mount == FuseMount::bolted)
        return {fmt::format("Fuse holder in the {}", p.lead()),
                name,
                {cut + "; a lug of the bolts' size on both ends, tube over their barrels.",
                 fmt::format("Both under the nuts of the holder for the {} fuse. Leave the link out.",
                             format(p.device.rating))},
                {"cutters", "crimping pliers", "spanner"},
                {},
                15};
    return {fmt::format("Fuse holder in the {}", p.lead()),
            name,
            {cut + fmt::format(" and fit the holder for the {} fuse there.", format(p.device.rating)),
             "Both its leads joined and covered. Leave the fuse out."},
            {"cutters", "strippers"},
            {},
            8};
}

ItemWork switch_work(const ItemPlace& p) {
    const auto* type = find(p.catalogue.switches, p.device.type);
    const auto kind = type ? type->kind : SwitchKind::manual;
    ItemWork w{fmt::format("{} switch in the {}", p.device.name.empty() ? "A" : p.device.name, p.lead()),
               item_name(p.catalogue, p.device),
               {fmt::format("Cut the {} lead {}; one end on each contact, a tube over both.",
                            p.feed.supply_colour, p.where())},
               {"cutters", "strippers"},
               {},
               8};
    if (kind == SwitchKind::relay) {
        w.actions.push_back(fmt::format(
            "Its coil: + {}, − {} to the return.",
            p.device.coil_from.empty() ? "from before its contact"
                                       : "from the supply of " + name_of(p.plan, p.device.coil_from),
            p.device.control.empty() ? "through what switches it"
                                     : "through " + name_of(p.plan, p.device.control)));
        w.actions.push_back("Across the coil a diode, its band to the coil's +, unless it has one inside.");
    }
    if (kind == SwitchKind::thermal) {
        w.actions.push_back(
            p.device.sits_on.empty()
                ? "Hang it in the air that it watches, its leads short, nothing warm beside it."
                : fmt::format(
                      "Fasten it flat on {}, a smear of thermal paste between, where that is warmest.",
                      name_of(p.plan, p.device.sits_on)));
        w.caution =
            "The metal case of a thermal switch may be live: keep it from the frame with film or tube.";
    }
    return w;
}

ItemWork plug_work(const ItemPlace& p) {
    return {
        fmt::format("Plug in the {}", p.lead()),
        item_name(p.catalogue, p.device),
        {fmt::format("The half with covered contacts towards {}, which stays live when it is open.",
                     name_of(p.plan, p.feed.from)),
         fmt::format(
             "The {} wire to the pin marked +, the {} one to the other; check both halves before they meet.",
             p.feed.supply_colour, p.feed.ret == Return::own ? p.feed.return_colour : "return"),
         "Tug each contact in its housing."},
        {"cutters", "strippers"},
        {},
        10};
}

ItemWork inline_work(const ItemPlace& p) {
    const auto name = item_name(p.catalogue, p.device);
    ItemWork w{fmt::format("In the {}: {}", p.lead(), name),
               p.where(),
               {fmt::format("Cut the {} lead {} and join both ends.", p.feed.supply_colour, p.where())},
               {"cutters", "strippers"},
               {},
               8};
    switch (p.device.kind) {
        case DeviceKind::diode:
            w.actions.push_back(
                fmt::format("The band of a diode, or its OUT, towards {}.", name_of(p.plan, p.feed.to)));
            w.actions.push_back("Meter on diode test before it is covered: one way only.");
            break;
        case DeviceKind::filter:
            if (const auto values = item_values(p.catalogue, p.device); values && raw(values->bore) > 0) {
                w.title = fmt::format("Round the {}: {}", p.lead(), name);
                w.actions = {"Clip it round all its wires together, close to what is noisy.",
                             "A tie on either side, or a tube over it: it must not slide."};
                w.minutes = 2;
                break;
            }
            w.actions.push_back(fmt::format("IN towards {}, OUT towards {}; its − to the return.",
                                            name_of(p.plan, p.feed.from), name_of(p.plan, p.feed.to)));
            break;
        case DeviceKind::shunt:
            w.actions.push_back(
                "Thick leads through it, its thin ones to the display; + of the display from before it.");
            break;
        case DeviceKind::precharge:
            w.actions = {"Resistor and button in series, across the switch or the plug that makes the spark.",
                         "Button held before the switch is closed: then there is no spark."};
            w.minutes = 12;
            break;
        default:
            break;
    }
    return w;
}

ItemWork work_of(const ItemPlace& p) {
    switch (p.device.kind) {
        case DeviceKind::fuse:
            return fuse_work(p);
        case DeviceKind::power_switch:
            return switch_work(p);
        case DeviceKind::connector:
            return plug_work(p);
        default:
            return inline_work(p);
    }
}

Step return_step(const Plan& plan, const WireJoint& joint) {
    const auto& feed = plan.feeds[joint.lead];
    const auto part = name_of(plan, feed.to);
    Step s;
    s.key = "return/" + feed.id, s.kind = StepKind::join, s.about = feed.id;
    s.after = {"cut/" + feed.id};
    s.why.title = "Why here, and not later";
    if (joint.at == JointAt::frame) {
        s.title = fmt::format("Bolt {} − to the frame", part);
        s.subtitle = "a ring on bare metal";
        s.actions = {"Scrape the spot bare, as wide as the ring.",
                     "Ring, serrated washer, bolt; tight enough that the ring does not turn by hand.",
                     "Grease or paint over it once it has been measured."};
        s.tools = {"file or scraper", "spanner", "crimping pliers"};
        s.minutes = 10;
        s.why.add("Paint under a ring is an open return that passes a glance.");
        return s;
    }
    const auto* other = by_id(plan.feeds, feed.shared_with);
    s.title =
        fmt::format("Join {} − to the return of {}", part, other ? name_of(plan, other->to) : "another");
    s.subtitle = "one return for both";
    s.actions = {fmt::format("At {}: its − and that of {} in one joint.",
                             other ? name_of(plan, other->to) : "the other", part),
                 "Covered as every other joint."};
    s.tools = {"strippers"};
    s.minutes = 8;
    s.why.add("Both come back through one wire: what it loses lifts both.");
    return s;
}

}  // namespace

std::vector<Step> item_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                             size_t of) {
    const auto& wiring = figures.harness.wiring;
    const auto& feed = plan.feeds[of];
    std::vector<Step> all;
    for (const auto& item : wiring.items_of(of)) {
        const auto& device = feed.devices[item.device];
        auto work = work_of({plan, catalogue, feed, device});
        Step s;
        s.key = "item/" + device.id, s.kind = StepKind::fit, s.about = feed.id, s.item = device.id;
        s.title = std::move(work.title), s.subtitle = std::move(work.subtitle);
        s.actions = std::move(work.actions), s.tools = std::move(work.tools);
        s.caution = std::move(work.caution);
        s.minutes = work.minutes;
        s.after = {"cut/" + feed.id, "thread/" + feed.id, "sleeve/" + feed.id};
        s.why.title = "Why here, and not later";
        if (const auto joint = item_joint(plan, catalogue, feed, device, true)) {
            s.actions.push_back("Then on either side of it:");
            tell_joint(s, *joint, plan.practices);
            s.minutes += 2 * joint->kind->minutes;
        } else if (const auto behind = item_joint(plan, catalogue, feed, device, false)) {
            s.actions.push_back("Its lead to the wire:");
            tell_joint(s, *behind, plan.practices);
            s.minutes += behind->kind->minutes;
        }
        if (device.kind == DeviceKind::fuse && holder_of(catalogue, device))
            s.actions.push_back("Leave the fuse out.");
        s.why.add(
            "On the bench, before the ends are fast: a lead that is joined at both ends is not cut gladly.");
        all.push_back(std::move(s));
    }
    for (const auto& joint : wiring.joints_of(of))
        if (joint.at == JointAt::frame || joint.at == JointAt::other_return)
            all.push_back(return_step(plan, joint));
    return all;
}

}  // namespace sangre
