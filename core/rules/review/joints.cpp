// Joints: chosen, covered, makeable with the tools at hand, and tested before they are glued over.
#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <set>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "bench/readings.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/thermal.h"
#include "plan/edits.h"
#include "rules/review/joint_places.h"
#include "rules/review/review.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/joint.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

void no_joint(const Context& c, std::vector<Finding>& out) {
    each_joint(c, [&](size_t f, bool source, const JointKind* kind) {
        if (kind) return;
        const auto& feed = c.plan.leads[f];
        Finding x{Severity::note,
                  {},
                  {feed.id},
                  say("{place}: no joint is chosen.", joint_place(c, f, source)),
                  {},
                  {}};
        x.why.add(say("Without a joint there is no strip length, no tube and no step for it."));
        const auto* usual = choose_joint(c.catalogue, c.plan.practices, usual_end(c.plan, feed, source),
                                         joint_copper(c.plan, c.catalogue, feed, source));
        if (usual)
            x.fixes.push_back({say("Use a {part}", usual->name), joint_set(feed.id, source, usual->id)});
        out.push_back(std::move(x));
    });
}

struct JointPlace {
    size_t feed = 0;
    bool source = false;
};

/// "Hub → Pump, at Hub" for one, "9 joints" for more: what they have in common is said once.
Words where(const Context& c, const std::vector<JointPlace>& places) {
    return places.size() == 1 ? joint_place(c, places[0].feed, places[0].source)
                              : say("{count} joints", places.size());
}

std::vector<Id> feeds_of(const Context& c, const std::vector<JointPlace>& places) {
    std::vector<Id> feeds;
    for (const auto& at : places)
        if (const auto& id = c.plan.leads[at.feed].id; feeds.empty() || feeds.back() != id)
            feeds.push_back(id);
    return feeds;
}

void list_places(const Context& c, const std::vector<JointPlace>& places, Why& why) {
    if (places.size() > 1)
        for (const auto& at : places) why.add(joint_place(c, at.feed, at.source));
}

void bare(const Context& c, std::vector<Finding>& out) {
    std::map<const TubeSize*, std::vector<JointPlace>> by_tube;
    struct Cover {
        bool missing = false;
        const TubeSize* to_buy = nullptr;
    };
    // Most joints of a plan are alike: each sort is worked out once.
    std::map<std::pair<const JointKind*, JointWires>, Cover> known;
    each_joint(c, [&](size_t f, bool source, const JointKind* kind) {
        const auto wires = wires_of(c.plan, c.catalogue, c.plan.leads[f], source);
        // What meets in a pigtail is judged with all that meet there.
        if (!kind || !wires.wire || in_pigtail(c.plan, c.catalogue, c.plan.leads[f], source)) return;
        const auto [at, fresh] = known.try_emplace({kind, wires});
        if (fresh) {
            const auto& practices = c.plan.practices;
            const auto work =
                work_joint(c.catalogue, *kind, wires, practices.insulation, practices.tubes_at_hand);
            at->second = {work.tube_missing, work.to_buy};
        }
        if (at->second.missing) by_tube[at->second.to_buy].push_back({f, source});
    });
    for (const auto& [tube, places] : by_tube) {
        const bool one = places.size() == 1;
        Finding x{
            Severity::caution,
            {},
            feeds_of(c, places),
            say("{place}: no tube {at_hand|at hand|in the list} covers {one|it|them}; {one|it|they} would "
                "stay bare.",
                where(c, places), tube != nullptr, one),
            {},
            {}};
        x.why = feed_joint(c.plan, c.catalogue, places[0].feed, places[0].source)->why;
        list_places(c, places, x.why);
        if (tube)
            x.fixes.push_back({say("Get {tube}", tube->name), [id = tube->id](const Plan& p) {
                                   auto practices = p.practices;
                                   practices.tubes_at_hand.push_back(id);
                                   return set_practices(p, practices);
                               }});
        x.fixes.push_back({say("Tape all joints"), [](const Plan& p) {
                               auto practices = p.practices;
                               practices.insulation = InsulationSchool::tape;
                               return set_practices(p, practices);
                           }});
        out.push_back(std::move(x));
    }
}

/// What holds at a place as well and can be made; null where nothing can.
const JointKind* makeable(const Context& c, const JointPlace& at, JointEnd end) {
    const auto copper = joint_copper(c.plan, c.catalogue, c.plan.leads[at.feed], at.source);
    const auto* best = choose_joint(c.catalogue, c.plan.practices, end, copper);
    return best && takes(*best, copper) && missing_tools_of(*best, c.plan.practices).empty() ? best : nullptr;
}

void no_tool(const Context& c, std::vector<Finding>& out) {
    if (c.plan.practices.missing_tools.empty()) return;
    // By the kind and what can stand for it: one mend for all that are alike.
    std::map<std::pair<const JointKind*, const JointKind*>, std::vector<JointPlace>> alike;
    each_joint(c, [&](size_t f, bool source, const JointKind* kind) {
        if (kind && !missing_tools_of(*kind, c.plan.practices).empty())
            alike[{kind, makeable(c, {f, source}, kind->end)}].push_back({f, source});
    });
    for (const auto& [kinds, places] : alike) {
        const auto& [kind, best] = kinds;
        Finding x{Severity::caution,
                  {},
                  feeds_of(c, places),
                  say("{place}: a {kind} needs a tool you do not have: {first}.", where(c, places),
                      kind->name, said(missing_tools_of(*kind, c.plan.practices).front())),
                  {},
                  {}};
        if (best) {
            x.why.add(say("A {best} is strong enough there too and needs only: {list}.", best->name,
                          joined(said_each(tools_of(*best, c.plan.practices)), ", ")),
                      Tone::good);
            std::vector<std::pair<Id, bool>> ends;
            for (const auto& at : places) ends.emplace_back(c.plan.leads[at.feed].id, at.source);
            x.fixes.push_back({say("Use a {part}", best->name),
                               [ends, to = best->id, catalogue = &c.catalogue](const Plan& p) {
                                   auto next = p;
                                   for (const auto& [feed, source] : ends)
                                       next = set_end_joint(std::move(next), *catalogue, feed, source, to);
                                   return next;
                               }});
        }
        // Where only the tube wants heat, another covering does without.
        auto taped = c.plan.practices;
        taped.insulation = InsulationSchool::tape;
        if (kind->tube && missing_tools_of(*kind, taped).empty())
            x.fixes.push_back({say("Cover joints with tape"), [](const Plan& p) {
                                   auto practices = p.practices;
                                   practices.insulation = InsulationSchool::tape;
                                   return set_practices(p, practices);
                               }});
        else if (!best)
            x.why.add(say("No other joint in the catalogue is strong enough here: borrow the tool."),
                      Tone::caution);
        list_places(c, places, x.why);
        out.push_back(std::move(x));
    }
}

/// A barrel too wide for a thin wire, a cup too narrow for a thick one.
void wire_range(const Context& c, std::vector<Finding>& out) {
    each_joint(c, [&](size_t f, bool source, const JointKind* kind) {
        const auto& feed = c.plan.leads[f];
        const auto copper = joint_copper(c.plan, c.catalogue, feed, source);
        if (!kind || takes(*kind, copper) || in_pigtail(c.plan, c.catalogue, feed, source)) return;
        const bool thin = copper < kind->least;
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("{place}: a {kind} takes {least} to {most}; the wire here has {copper}.",
                      joint_place(c, f, source), kind->name, format(kind->least), format(kind->most),
                      format(copper)),
                  {},
                  {}};
        x.why.add(thin ? say("Too thin a wire is not gripped: it pulls out of a crimp that looks good.")
                       : say("Too thick a wire loses strands on the way in, or does not reach soldering "
                             "temperature."));
        const auto* best = choose_joint(c.catalogue, c.plan.practices, kind->end, copper);
        if (best && takes(*best, copper)) {
            x.why.add(
                say("A {best} takes {least} to {most}.", best->name, format(best->least), format(best->most)),
                Tone::good);
            x.fixes.push_back({say("Use a {part}", best->name), joint_set(feed.id, source, best->id)});
        } else
            x.why.add(say("No kind of that sort takes it: bring the conductors to two places."),
                      Tone::caution);
        out.push_back(std::move(x));
    });
}

/// A load's own thin lead behind a thick feed.
void lead_too_thin(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto end = c.index().end_of(f);
        if (end.kind != PartKind::load) continue;
        const auto& load = c.plan.loads[end.index];
        const auto* lead = find(c.catalogue.wires, load.lead);
        const auto* insulation = lead ? find(c.catalogue.insulations, lead->insulation) : nullptr;
        if (!insulation) continue;
        const auto stands = ampacity(*lead, *insulation, c.plan.hottest_air);
        const auto asked = c.figures.worst.feeds[f].continuous;
        const auto& p = c.figures.protection[f];
        const bool guarded = p.family && p.rating <= stands * 1.35;
        if (asked <= stands && guarded) continue;
        Finding x{
            asked > stands ? Severity::danger : Severity::caution,
            {},
            {load.id, c.plan.feeds()[f].id},
            asked > stands
                ? say("{load}: its own lead, {wire}, carries {rating}; {asked} is drawn.", load.name,
                      size_words(*lead), format(stands), format(asked))
                : say("{load}: its own lead, {wire}, is thinner than its fuse protects: it carries {rating}.",
                      load.name, size_words(*lead), format(stands)),
            {},
            {}};
        x.why.add(
            say("Hair-thin leads fit small terminals; what they carry is what the fuse must be chosen for."));
        for (const auto& w : c.catalogue.wires) {
            if (w.insulation != lead->insulation || w.metric != lead->metric || !w.usual ||
                w.area <= lead->area)
                continue;
            const auto better = ampacity(w, *insulation, c.plan.hottest_air);
            if (better < asked || (p.family && p.rating > better * 1.35)) continue;
            x.fixes.push_back(
                {say("A lead of {wire}", size_words(w)), [id = load.id, to = w.id](const Plan& plan) {
                     auto l = *by_id(plan.loads, id);
                     l.lead = to;
                     return put_load(plan, l);
                 }});
            break;
        }
        out.push_back(std::move(x));
    }
}

/// Glue goes over what is tested: glued joints of feeds that have no reading yet.
void glue_before_test(const Context& c, std::vector<Finding>& out) {
    if (c.plan.practices.insulation != InsulationSchool::hot_glue || !c.plan.done.contains("glue/joints"))
        return;
    std::vector<Id> unmeasured;
    for (const auto& feed : c.plan.feeds())
        if (std::none_of(c.plan.measured.begin(), c.plan.measured.end(), [&](const auto& m) {
                return m.first.find(feed.id) != std::string::npos ||
                       m.first.find(feed.to) != std::string::npos;
            }))
            unmeasured.push_back(feed.id);
    if (unmeasured.empty()) return;
    Finding x{Severity::caution,
              {},
              unmeasured,
              say("{count} {count|feed was|feeds were} glued over before {count|it was|they were} measured.",
                  unmeasured.size()),
              {},
              {}};
    x.why.add(say(
        "Glue over a cold joint hides it: test continuity first, then glue, then wait until it has set."));
    for (const auto& id : unmeasured)
        x.why.add(say("Not measured: {part}", name_of(c.plan, id)), Tone::caution);
    x.fixes.push_back({say("Not glued until it is measured"), [](const Plan& p) {
                           auto next = p;
                           next.done.erase("glue/joints");
                           return next;
                       }});
    out.push_back(std::move(x));
}

void tinned_creeps(const Context& c, std::vector<Finding>& out) {
    size_t n = 0;
    std::vector<Id> feeds;
    each_joint(c, [&](size_t f, bool, const JointKind* kind) {
        if (kind && kind->id == "tinned-screw") ++n, feeds.push_back(c.plan.leads[f].id);
    });
    if (n == 0) return;
    Finding x{Severity::note,
              {},
              feeds,
              say("{count} tinned {count|end|ends} under screws: tighten them again after a week.", n),
              {},
              {}};
    x.why.add(
        say("Solder creeps under pressure: the screw loosens and the joint heats up. A ferrule does not."));
    x.fixes.push_back({say("Ferrules instead"), [](const Plan& p) {
                           auto next = p;
                           for (auto& f : next.feeds())
                               for (auto* joint : {&f.joint_from, &f.joint_to})
                                   if (*joint == "tinned-screw") *joint = "ferrule-screw";
                           next.practices.terminal = TerminalSchool::ferrule;
                           return next;
                       }});
    out.push_back(std::move(x));
}

}  // namespace

const std::vector<Rule> rules_of::joints{
    {"joint-missing", to_say("Both ends of every feed have a joint"), no_joint},
    {"joint-bare", to_say("No joint stays bare"), bare},
    {"joint-no-tool", to_say("Every joint can be made with the tools at hand"), no_tool},
    {"joint-wire-range", to_say("Every joint is of a kind that takes its wire"), wire_range},
    {"joint-lead-too-thin", to_say("A load's own lead carries its current, and its fuse protects it"),
     lead_too_thin},
    {"joint-glued-untested", to_say("What is glued over was measured before"), glue_before_test},
    {"joint-tinned-creeps", to_say("Tinned ends under screws are tightened again"), tinned_creeps},
};

}  // namespace sangre
