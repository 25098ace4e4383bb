#include "wiring/item/covers.h"

#include <algorithm>

#include <cmath>

#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

constexpr double tube_wall_mm = 0.8;   // of a shrunk tube, typical
constexpr Millimetre usual_board(80);  // with what is glued at both ends, typical
constexpr double beyond_mm = 10;       // over the inner tubes on either side

}  // namespace

std::optional<WideTube> over_tube(const Plan& plan, const Catalogue& catalogue, size_t f, bool at_source) {
    const auto& feed = plan.leads[f];
    if (!plan.practices.over_tube || !tube_school(plan.practices.insulation) || feed.ret != Return::own ||
        !feed.cores.empty() || in_pigtail(plan, catalogue, feed, at_source))
        return {};
    const auto work = feed_joint(plan, catalogue, f, at_source);
    if (!work || !work->kind->tube) return {};
    WideTube w;
    w.pass = (work->widest + Millimetre(2 * tube_wall_mm)) * 2;
    w.hold = work->bundle * 2;  // two wires side by side
    w.cut = Millimetre(std::ceil(raw(work->tube_cut) + 2 * beyond_mm));
    for (const bool adhesive : {true, false})
        if (!w.tube) w.tube = choose_tube(catalogue, w.pass, w.hold, adhesive, plan.practices.tubes_at_hand);
    return w;
}

std::optional<WideTube> board_tube(const Plan& plan, const Catalogue& catalogue, const Converter& converter) {
    if (!converter.in_tube) return {};
    WideTube w;
    w.cut = usual_board;
    const auto* type = find(catalogue.converters, converter.type);
    if (!type || raw(type->width) <= 0) return w;
    w.pass = w.hold = Millimetre(2 * raw(type->width + type->height) / M_PI);
    for (const bool adhesive : {false, true})
        if (!w.tube) w.tube = choose_tube(catalogue, w.pass, w.hold, adhesive, plan.practices.tubes_at_hand);
    return w;
}

std::optional<WideTube> splice_tube(const Plan& plan, const Catalogue& catalogue, const Lead& lead,
                                    const Device& splice) {
    const auto wires = used_wires(lead);
    if (splice.kind != DeviceKind::splice || wires < 2 || !tube_school(plan.practices.insulation)) return {};
    const auto work = item_joint(plan, catalogue, lead, splice, true);
    if (!work || !work->kind->tube) return {};
    // Staggered, one joint in its tube lies beside the other wires.
    const auto together = std::max(bundled(work->wires.wire->outer, static_cast<int>(wires)), lead.across);
    WideTube w;
    w.pass = together + (work->widest - work->wires.wire->outer) + Millimetre(2 * tube_wall_mm);
    w.hold = together;
    w.cut = Millimetre(std::ceil(raw(splice_stagger) * static_cast<double>(wires - 1) + raw(work->tube_cut) +
                                 2 * beyond_mm));
    for (const bool adhesive : {true, false})
        if (!w.tube) w.tube = choose_tube(catalogue, w.pass, w.hold, adhesive, plan.practices.tubes_at_hand);
    return w;
}

const TubeSize* cut_back_tube(const Plan& plan, const Catalogue& catalogue, const Lead& lead) {
    const auto* wire = find(catalogue.wires, lead.wire);
    const bool unused = std::any_of(lead.cores.begin(), lead.cores.end(),
                                    [](const auto& c) { return c.role == CoreRole::unused; });
    if (!wire || !unused || !tube_school(plan.practices.insulation)) return nullptr;
    return choose_tube(catalogue, wire->outer, wire->outer,
                       plan.practices.insulation == InsulationSchool::adhesive_tube,
                       plan.practices.tubes_at_hand);
}

}  // namespace sangre
