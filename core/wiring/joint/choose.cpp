#include "wiring/joint/choose.h"

#include <algorithm>
#include <set>
#include <tuple>

#include "base/words/say.h"
#include "plan/landing.h"
#include "wiring/joint/fuse_block.h"
#include "wiring/joint/joint.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

bool soldered(const JointKind& k) { return k.method == JointMethod::solder || !k.solder.empty(); }
bool crimped(const JointKind& k) { return k.method == JointMethod::crimp; }

/// How far down a school's list a kind stands; 0 first.
int rank(const JointKind& k, const Practices& practices) {
    if (k.end == JointEnd::screw) {
        const bool ferrule = has_ferrule(k), tinned = soldered(k);
        switch (practices.terminal) {
            case TerminalSchool::ferrule:
                return ferrule ? 0 : tinned ? 2 : 1;
            case TerminalSchool::twist:
                return !ferrule && !tinned ? 0 : ferrule ? 1 : 2;
            case TerminalSchool::tin:
                return tinned ? 0 : ferrule ? 1 : 2;
        }
    }
    switch (practices.joint) {
        case JointSchool::by_place:
            return 0;
        case JointSchool::solder:
            return soldered(k) && !crimped(k) ? 0 : soldered(k) ? 1 : 2;
        case JointSchool::crimp:
            return crimped(k) && !soldered(k) ? 0 : !soldered(k) ? 1 : crimped(k) ? 2 : 3;
        case JointSchool::crimp_and_solder:
            return crimped(k) && soldered(k) ? 0 : crimped(k) ? 1 : soldered(k) ? 2 : 3;
        case JointSchool::no_solder:
            return k.method == JointMethod::lever || k.method == JointMethod::screw ? 0 : soldered(k) ? 2 : 1;
    }
    return 0;
}

/// Chooses anew, each for the end it is made at, where `wanted` says so of the kind that is there.
template <class Wanted>
Plan joints_where(Plan plan, const Catalogue& catalogue, Wanted wanted) {
    for (auto& feed : plan.leads) {
        for (const bool source : {true, false}) {
            auto& id = source ? feed.joint_from : feed.joint_to;
            const auto* now = find(catalogue.joints, id);
            const auto copper = joint_copper(plan, catalogue, feed, source);
            if (!wanted(now, copper)) continue;
            // A kind that was chosen stays at its end, unless its end is no longer there.
            const auto usual = usual_end(plan, feed, source);
            const bool moved = now && find_part(plan, source ? feed.from : feed.to).kind != PartKind::load &&
                               now->end != usual && (now->end == JointEnd::cup || usual == JointEnd::cup);
            const auto end = now && !moved ? now->end : usual;
            if (const auto* better = choose_joint(catalogue, plan.practices, end, copper)) id = better->id;
        }
    }
    return plan;
}

}  // namespace

std::optional<JointEnd> end_of(TerminalTakes takes) {
    switch (takes) {
        case TerminalTakes::unsaid:
            return {};
        case TerminalTakes::screw:
        case TerminalTakes::lever:
            return JointEnd::screw;
        case TerminalTakes::pad:
            return JointEnd::pad;
        case TerminalTakes::stud:
            return JointEnd::stud;
        case TerminalTakes::blade:
            return JointEnd::blade;
        case TerminalTakes::plug:
            return JointEnd::cup;
        case TerminalTakes::lead:
            return JointEnd::splice;
    }
    return {};
}

namespace {
/// What shrinks a tube; of use for nothing else at a joint that is covered otherwise.
constexpr std::string_view tube_shrinker = to_say("heat source");
bool wanted(const JointKind& kind, const std::string& tool, const Practices& practices) {
    return tool != tube_shrinker || !kind.tube || tube_school(practices.insulation);
}
}  // namespace

std::vector<std::string> tools_of(const JointKind& kind, const Practices& practices) {
    std::vector<std::string> all;
    const bool lighter = practices.heat == HeatSchool::lighter;
    for (const auto& t : kind.tools)
        if (wanted(kind, t, practices)) all.push_back(lighter && t == tube_shrinker ? to_say("lighter") : t);
    if (!kind.tube) return all;
    if (practices.insulation == InsulationSchool::tape) all.emplace_back("tape");
    if (practices.insulation == InsulationSchool::polyimide) all.emplace_back(to_say("polyimide tape"));
    return all;
}

std::vector<std::string> tools_of(const JointKind& kind, const JointSize& size, const Practices& practices) {
    auto all = tools_of(kind, practices);
    if (raw(size.burn_back) <= 0) return all;
    std::erase_if(all, [](const auto& tool) { return tool.starts_with("iron"); });
    all.emplace_back(to_say("small torch")), all.emplace_back(to_say("wet cloth"));
    return all;
}

std::vector<std::string> missing_tools_of(const JointKind& kind, const Practices& practices) {
    const auto& without = practices.missing_tools;
    std::vector<std::string> lacking;
    for (const auto& t : kind.tools)
        if (std::find(without.begin(), without.end(), t) != without.end() && wanted(kind, t, practices))
            lacking.push_back(t);
    return lacking;
}

std::vector<std::string> joint_tools(const Catalogue& catalogue) {
    std::set<std::string> all;
    for (const auto& k : catalogue.joints) all.insert(k.tools.begin(), k.tools.end());
    return {all.begin(), all.end()};
}

SquareMillimetre lead_copper(const Catalogue& catalogue, const Lead& feed) {
    const auto* wire = find(catalogue.wires, feed.wire);
    return wire ? wire->area * std::max(feed.conductors, 1) : SquareMillimetre(0);
}

SquareMillimetre joint_copper(const Plan& plan, const Catalogue& catalogue, const Lead& feed,
                              bool at_source) {
    return in_pigtail(plan, catalogue, feed, at_source)
               ? pigtail_copper(plan, catalogue, at_source ? feed.from : feed.to)
               : lead_copper(catalogue, feed);
}

bool takes(const JointKind& kind, SquareMillimetre copper) {
    return raw(copper) <= 0 || (copper >= kind.least && copper <= kind.most);
}

namespace {
JointEnd passive_end(PassiveKind kind) {
    switch (kind) {
        case PassiveKind::button:
        case PassiveKind::lamp:
        case PassiveKind::sounder:
            return JointEnd::lug;
        case PassiveKind::aerial:
            return JointEnd::housing;
        case PassiveKind::sensor:
        case PassiveKind::motor:
            break;
    }
    return JointEnd::splice;
}
}  // namespace

JointEnd usual_end(const Plan& plan, const Lead& feed, bool at_source) {
    const auto& id = at_source ? feed.from : feed.to;
    const auto part = find_part(plan, id);
    if (const auto* terminal = lands_on(plan, feed, {at_source, false}))
        if (const auto end = end_of(terminal->takes)) return *end;
    // What draws nothing has lugs, or leads of its own.
    if (const auto* passive = by_id(plan.passives, id)) return passive_end(passive->kind);
    // A cable ends pin by pin, in a housing.
    if (!feed.cores.empty()) return JointEnd::housing;
    switch (part.kind) {
        case PartKind::source:
            // A battery that is there already has studs, and what is tapped at its fuse returns to a bolt.
            if (plan.sources[part.index].kind == SourceKind::circuit) return JointEnd::stud;
            // What is there already comes with a lead of its own.
            if (plan.sources[part.index].kind != SourceKind::pack) return JointEnd::splice;
            // Without a plug it is bolted to the cells or the block.
            return device(feed, DeviceKind::connector) ? JointEnd::cup : JointEnd::stud;
        case PartKind::converter:
            return JointEnd::screw;
        case PartKind::hub:
            switch (plan.hubs[part.index].kind) {
                case HubKind::stud:
                    return JointEnd::stud;
                case HubKind::strip:
                    return JointEnd::screw;
                case HubKind::board:
                    return JointEnd::pad;
                case HubKind::splice:
                    return JointEnd::branch;
                case HubKind::fork:
                    return JointEnd::cup;
                case HubKind::block:
                    return JointEnd::screw;
            }
            break;
        case PartKind::load:
            // Nothing is soldered to what fires: its own leads go into a clamp, last.
            return plan.loads[part.index].igniter ? JointEnd::screw : JointEnd::splice;
        case PartKind::none:
            break;
    }
    return JointEnd::splice;
}

const JointKind* choose_joint(const Catalogue& catalogue, const Practices& practices, JointEnd end,
                              SquareMillimetre copper) {
    const JointKind* best = nullptr;
    std::tuple<bool, bool, int> least;
    for (const auto& k : catalogue.joints) {
        if (k.end != end) continue;
        const std::tuple place{!takes(k, copper), !missing_tools_of(k, practices).empty(),
                               rank(k, practices)};
        if (!best || place < least) best = &k, least = place;
    }
    return best;
}

Plan fit_joints(Plan plan, const Catalogue& catalogue) {
    return joints_where(std::move(plan), catalogue, [](const JointKind* now, SquareMillimetre copper) {
        return !now || !takes(*now, copper);
    });
}

Plan set_hub_kind(Plan plan, const Catalogue& catalogue, const Id& id, HubKind kind) {
    auto* hub = by_id(plan.hubs, id);
    if (!hub || hub->kind == kind) return plan;
    hub->kind = kind;
    for (auto& feed : plan.feeds())
        for (const bool source : {true, false}) {
            if ((source ? feed.from : feed.to) != id) continue;
            const auto* joint = choose_joint(catalogue, plan.practices, usual_end(plan, feed, source),
                                             lead_copper(catalogue, feed));
            (source ? feed.joint_from : feed.joint_to) = joint ? joint->id : Id();
        }
    return seat_in_blocks(std::move(plan), catalogue);
}

Plan follow_joint_school(Plan plan, const Catalogue& catalogue, JointSchool school) {
    plan.practices.joint = school;
    return joints_where(std::move(plan), catalogue, [](const JointKind*, SquareMillimetre) { return true; });
}

const std::vector<JointSchool>& joint_schools() {
    static const std::vector<JointSchool> all{JointSchool::by_place, JointSchool::solder, JointSchool::crimp,
                                              JointSchool::crimp_and_solder, JointSchool::no_solder};
    return all;
}

Words school_name(JointSchool school) {
    switch (school) {
        case JointSchool::by_place:
            return say("each its usual way");
        case JointSchool::solder:
            return "solder";
        case JointSchool::crimp:
            return "crimp";
        case JointSchool::crimp_and_solder:
            return say("crimp, then solder");
        case JointSchool::no_solder:
            return say("no solder at all");
    }
    return {};
}

Words school_purpose(JointSchool school) {
    switch (school) {
        case JointSchool::by_place:
            return say("wires soldered to wires, rings crimped, modules screwed");
        case JointSchool::solder:
            return say("one tool for everything; stiff behind the joint, so the wire needs strain relief");
        case JointSchool::crimp:
            return say("quick and repeatable; withstands vibration; each size needs its die");
        case JointSchool::crimp_and_solder:
            return say("lowest resistance at high current; twice the work, and stiff behind the barrel");
        case JointSchool::no_solder:
            return say("lever and screw terminals: quick to undo, bulkier, loosen under vibration");
    }
    return {};
}

}  // namespace sangre
