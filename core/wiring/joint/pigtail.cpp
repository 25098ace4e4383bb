#include "wiring/joint/pigtail.h"

#include <algorithm>

#include "physics/wire/circles.h"
#include "plan/edits.h"
#include "wiring/joint/choose.h"

namespace sangre {
namespace {

constexpr double closed_share = 4.0 / 3;  // of a tube: a third more is pinched shut while it is hot
constexpr double over_insulation_mm = 8;  // that the tube reaches back
constexpr size_t least_ends = 2;

std::vector<PigtailEnd> ends_at(const Plan& plan, const Catalogue& catalogue, const Id& hub, bool minus) {
    std::vector<PigtailEnd> ends;
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto& feed = plan.feeds()[f];
        if (minus && feed.ret != Return::own) continue;
        const auto* wire = find(catalogue.wires, feed.wire);
        if (!wire) continue;
        // Of a cable its cores of that polarity, of plain wires those in parallel.
        const int n =
            feed.cores.empty()
                ? std::max(feed.conductors, 1)
                : static_cast<int>(cores_of_role(feed, minus ? CoreRole::ground : CoreRole::supply).size());
        if (n == 0) continue;
        if (feed.to == hub) ends.push_back({f, false, wire, n});
        if (feed.from == hub) ends.push_back({f, true, wire, n});
    }
    return ends;
}

SquareMillimetre copper_of(const std::vector<PigtailEnd>& ends) {
    SquareMillimetre sum(0);
    for (const auto& e : ends) sum += e.wire->area * e.conductors;
    return sum;
}

Millimetre across(const std::vector<PigtailEnd>& ends, Millimetre WireType::*diameter) {
    std::vector<double> radii;
    for (const auto& e : ends)
        radii.insert(radii.end(), static_cast<size_t>(e.conductors), raw(e.wire->*diameter) / 2);
    return Millimetre(2 * enclosing_radius(pack_circles(radii)));
}

const JointKind* kind_at(const Plan& plan, const Catalogue& catalogue, const PigtailEnd& end) {
    const auto& feed = plan.feeds()[end.feed];
    return find(catalogue.joints, end.at_source ? feed.joint_from : feed.joint_to);
}

/// Of those the ones whose joint kind is a pigtail.
std::vector<PigtailEnd> twisted_at(const Plan& plan, const Catalogue& catalogue, const Id& hub, bool minus) {
    auto ends = ends_at(plan, catalogue, hub, minus);
    std::erase_if(ends, [&](const auto& e) {
        const auto* kind = kind_at(plan, catalogue, e);
        return !kind || !is_pigtail(*kind);
    });
    return ends;
}

Pigtail worked(const Plan& plan, const Catalogue& catalogue, size_t hub, bool minus,
               std::vector<PigtailEnd> ends, const JointKind& kind) {
    Pigtail p;
    p.hub = hub, p.minus = minus, p.kind = &kind;
    for (const auto& e : ends) p.wires += e.conductors;
    p.copper = copper_of(ends);
    p.over = across(ends, &WireType::outer), p.bared = across(ends, &WireType::conductor);
    p.size = joint_size(kind, p.copper, p.bared);
    if (kind.tube && tube_school(plan.practices.insulation)) {
        const bool adhesive = plan.practices.insulation == InsulationSchool::adhesive_tube;
        // It slips over all of them and grips the joint, which is no thicker than the bared bundle.
        p.tube = choose_tube(catalogue, p.over, p.bared, adhesive, plan.practices.tubes_at_hand);
        p.tube_missing = !p.tube;
        p.tube_cut = Millimetre(std::ceil((raw(p.size.strip) + over_insulation_mm) * closed_share));
    }
    p.ends = std::move(ends);
    return p;
}

}  // namespace

bool is_pigtail(const JointKind& kind) { return kind.end == JointEnd::pigtail; }

bool in_pigtail(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source) {
    const auto* kind = find(catalogue.joints, at_source ? feed.joint_from : feed.joint_to);
    if (!kind || !is_pigtail(*kind)) return false;
    const auto* hub = by_id(plan.hubs, at_source ? feed.from : feed.to);
    return hub && hub->kind == HubKind::splice && find(catalogue.wires, feed.wire) &&
           twisted_at(plan, catalogue, hub->id, false).size() >= least_ends;
}

std::vector<Pigtail> pigtails(const Plan& plan, const Catalogue& catalogue) {
    std::vector<Pigtail> all;
    for (size_t h = 0; h < plan.hubs.size(); ++h) {
        if (plan.hubs[h].kind != HubKind::splice) continue;
        for (const bool minus : {false, true}) {
            auto ends = twisted_at(plan, catalogue, plan.hubs[h].id, minus);
            if (ends.size() < least_ends) continue;
            const auto& kind = *kind_at(plan, catalogue, ends.front());
            all.push_back(worked(plan, catalogue, h, minus, std::move(ends), kind));
        }
    }
    return all;
}

SquareMillimetre pigtail_copper(const Plan& plan, const Catalogue& catalogue, const Id& hub) {
    return std::max(copper_of(ends_at(plan, catalogue, hub, false)),
                    copper_of(ends_at(plan, catalogue, hub, true)));
}

Plan set_end_joint(Plan plan, const Catalogue& catalogue, const Id& feed, bool at_source, const Id& kind) {
    const auto* lead = by_id(plan.feeds(), feed);
    const auto* joint = find(catalogue.joints, kind);
    const auto* hub = lead ? by_id(plan.hubs, at_source ? lead->from : lead->to) : nullptr;
    if (!joint || !is_pigtail(*joint) || !hub || hub->kind != HubKind::splice)
        return set_joint(std::move(plan), feed, at_source, kind);
    for (const auto& e : ends_at(plan, catalogue, hub->id, false))
        (e.at_source ? plan.feeds()[e.feed].joint_from : plan.feeds()[e.feed].joint_to) = kind;
    return plan;
}

Plan set_pigtail(Plan plan, const Catalogue& catalogue, const Id& hub) {
    const auto* h = by_id(plan.hubs, hub);
    if (!h || h->kind != HubKind::splice) return plan;
    const auto plus = ends_at(plan, catalogue, hub, false);
    if (plus.size() < least_ends) return plan;
    const auto* kind =
        choose_joint(catalogue, plan.practices, JointEnd::pigtail, pigtail_copper(plan, catalogue, hub));
    if (!kind) return plan;
    const auto feed = plan.feeds()[plus.front().feed].id;
    return set_end_joint(std::move(plan), catalogue, feed, plus.front().at_source, kind->id);
}

}  // namespace sangre
