#include "making/steps/joined_late.h"

#include <set>

#include "base/words/say.h"
#include "physics/parts/load.h"
#include "wiring/item/item.h"

namespace sangre {
namespace {

/// A joint for good at a bare motor: one that a plug, a screw or a blade undoes can change its two leads at
/// any time, and one behind a controller of its own turns as that says.
bool motor_joined_for_good(const Plan& plan, const Catalogue& catalogue, const Step& step) {
    if (step.kind != StepKind::join || !step.joint || step.joint->at_source) return false;
    const auto& feed = plan.feeds()[step.joint->feed];
    const auto* load = by_id(plan.loads, feed.to);
    const auto* kind = find(catalogue.joints, feed.joint_to);
    if (!load || load->kind != LoadKind::motor || has_controller(*load) || !kind) return false;
    return kind->end == JointEnd::splice || kind->end == JointEnd::pad || kind->end == JointEnd::lug ||
           kind->end == JointEnd::cup;
}

}  // namespace

bool at_live_source(const Plan& plan, const Catalogue& catalogue, const Step& step) {
    if (!step.joint || !step.joint->at_source) return false;
    const auto& feed = plan.feeds()[step.joint->feed];
    const auto* source = by_id(plan.sources, feed.from);
    return source && source->kind == SourceKind::circuit && !begins_in_tap(catalogue, feed);
}

std::string proved_in(const Plan& plan, const PlanIndex& index, const Id& load) {
    for (const auto f : index.upstream(load))
        if (index.source_of(f).kind == PartKind::converter) return "live/" + plan.feeds()[f].from;
    return "live/direct";
}

std::vector<std::string> make_motors_turn_first(const Plan& plan, const Catalogue& catalogue,
                                                const PlanIndex& index, std::vector<Step>& steps) {
    std::set<std::string> built_over;
    for (const auto& s : steps)
        if (is_joint(s.kind)) built_over.insert(s.after.begin(), s.after.end());
    std::vector<std::string> keys;
    for (auto& s : steps) {
        if (!motor_joined_for_good(plan, catalogue, s) || built_over.contains(s.key)) continue;
        s.after.push_back(proved_in(plan, index, plan.feeds()[s.joint->feed].to));
        s.actions.insert(
            s.actions.begin(),
            say("No power anywhere, the source unplugged. Has it turned the wrong way, its two leads change "
                "places."));
        s.why.add(say("After it has been seen to turn: until then clips hold it."));
        keys.push_back(s.key);
    }
    return keys;
}

void make_live_ends_last(const Plan& plan, const Catalogue& catalogue, std::vector<Step>& steps) {
    for (auto& s : steps) {
        if (!at_live_source(plan, catalogue, s)) continue;
        s.after.emplace_back("test/shorts");
        s.caution = say("The circuit's own fuse is out until this joint is made and covered.") +
                    (s.caution.empty() ? "" : " " + s.caution);
        s.why.add(say("The end at the live side is made last: until then nothing of this can become live."));
        const auto key = s.key;
        for (auto& later : steps)
            if (later.kind == StepKind::first_power) later.after.push_back(key);
    }
}

}  // namespace sangre
