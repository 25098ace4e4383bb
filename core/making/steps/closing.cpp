// From the proved rails to the closed lid: ties, the second look, the battery last.
#include "making/steps/prover.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

#include "base/append.h"
#include "base/units/format.h"
#include "base/units/number.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "bench/shorts.h"
#include "electrical/protection/fuse_order.h"
#include "making/steps/igniter_steps.h"
#include "making/steps/joint_words.h"
#include "physics/battery/pack.h"
#include "plan/source.h"
#include "wiring/conductors/single_points.h"
#include "wiring/panel/sealing.h"

namespace sangre {

bool Prover::second_look() {
    std::vector<Words> looks;
    std::set<Id> seen;
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        if (!plan.loads[l].vital) continue;
        for (const auto& p : single_points(plan, index, l)) {
            if (!seen.insert(p.id).second) continue;
            if (p.kind == SinglePointKind::plug)
                looks.push_back(say("{single_point}: home, latched, tied; tug it.", capital(p.name)));
            if (p.kind == SinglePointKind::power_switch)
                looks.push_back(say("{single_point}: guarded, or locked on.", capital(p.name)));
            if (p.kind == SinglePointKind::hub)
                looks.push_back(
                    say("{single_point}: check every nut and screw by hand and mark it with a line of paint.",
                        p.name));
        }
    }
    if (looks.empty()) return false;
    auto& s = add("check/vital", StepKind::recheck, say("A second look at what is vital"),
                  say("by somebody else, or by you on another day"));
    constexpr size_t most = 8;
    const size_t more = looks.size() > most ? looks.size() - most : 0;
    looks.resize(looks.size() - more);
    append(s.actions, std::move(looks));
    if (more > 0)
        s.actions.push_back(say("{more} more, as the finding of each vital load names them.", more));
    s.minutes = 6;
    s.after = {"close/tie"};
    s.why.add(
        say("Each of these alone can stop a vital load; whoever built it sees what was intended, not what is "
            "there."));
    return true;
}

void Prover::close() {
    std::vector<std::string> before_lid{"live/direct"};
    if (!igniters.before_closing.empty()) before_lid.push_back(igniters.before_closing);
    if (plan.practices.insulation == InsulationSchool::hot_glue) {
        auto& s =
            add("glue/joints", StepKind::glue, say("Glue over the joints"), say("once each has been proved"));
        s.actions = {say("Dry and free of flux, or it does not hold."),
                     say("A drop all round each joint and a finger's width of its wire."),
                     say("Hands off until it has set.")};
        s.tools = {to_say("hot glue gun")};
        s.caution = say("Molten glue sticks to skin and burns.");
        s.minutes = 10, s.wait_minutes = 5;
        s.after = {"live/direct"};
        s.why.add(say("Glue over a cold joint hides it: test first, then glue."));
        before_lid.push_back(s.key);
    }
    const auto of_kind = [&](SourceKind kind) {
        return std::any_of(plan.sources.begin(), plan.sources.end(),
                           [&](const auto& s) { return s.kind == kind; });
    };
    const bool pack = of_kind(SourceKind::pack), tapped = of_kind(SourceKind::circuit);
    std::string closed;
    for (const auto& b : plan.bodies)
        if (!b.open) closed += (closed.empty() ? "" : ", ") + b.name;
    auto& tie = add("close/tie", StepKind::close_up,
                    tapped || !closed.empty() ? say("Tie it down and close up") : say("Tie it down"),
                    tapped ? say("in the reverse of how it was opened") : "");
    for (const auto& s : plan.sources)
        if (s.kind == SourceKind::pack && s.held != Held::unsaid)
            tie.actions.push_back(
                s.held == Held::strap ? say("{source}: its strap tight; shaken by hand it stays.", s.name)
                : s.held == Held::bracket
                    ? say("{source}: screwed into its bracket; shaken by hand it stays.", s.name)
                    : say("{source}: its hold-down tight; shaken by hand it stays.", s.name));
    if (pack)
        tie.actions.push_back(say("Tie the battery lead so that the tie, not the solder, takes the pull."));
    tie.actions.push_back(turns(plan)
                              ? say("Loops where a part comes out, nothing near what turns; tug each lead "
                                    "once more.")
                              : say("Loops where a part comes out; tug each lead once more."));
    const auto seals = sealing(plan, catalogue);
    const auto named = [&](const std::vector<Id>& ids) {
        std::vector<Words> all;
        for (const auto& id : ids) all.push_back(name_of(plan, id));
        return joined(all, ", ");
    };
    if (!seals.glands.empty())
        tie.actions.push_back(
            say("{named}: dome nut tight until the lead no longer turns in its seal.", named(seals.glands)));
    if (!seals.to_fill.empty()) {
        tie.actions.push_back(
            say("{named}: sealant round each wire and between them, from both sides; a day to cure.",
                named(seals.to_fill)));
        tie.wait_minutes = std::max(tie.wait_minutes, 24 * 60.0);
        tie.tools.push_back(to_say("sealant"));
    }
    if (!seals.to_grease.empty())
        tie.actions.push_back(say("Grease into the plugs that lie outside before they are mated for good."));
    if (tapped)
        tie.actions.push_back(
            say("Put the lid on without pinching a wire; test once more before the trim goes back."));
    else if (!closed.empty())
        tie.actions.push_back(
            say("Put the lid of {closed} on without pinching a wire; test once more.", closed));
    tie.tools.insert(tie.tools.begin(), {to_say("cable ties"), to_say("side cutters")});
    tie.minutes = 20;
    tie.after = before_lid;
    tie.why.add(say("After it has been tested: a tied harness is slow to open again."));
    auto before_power = second_look() ? std::string("check/vital") : std::string("close/tie");
    if (!igniters.before_power.empty()) {
        for (auto& s : steps)
            if (s.key == igniters.before_power) s.after = {before_power};
        before_power = igniters.before_power;
    }
    std::vector<size_t> from_packs;
    for (size_t i = 0; i < plan.feeds().size(); ++i)
        if (const auto from = index.source_of(i);
            from.kind == PartKind::source &&
            (device(plan.feeds()[i], DeviceKind::fuse) || plan.sources[from.index].kind == SourceKind::pack))
            from_packs.push_back(i);
    const bool only = from_packs.size() == 1;
    const auto alone = [&](size_t feed) {
        return std::count_if(from_packs.begin(), from_packs.end(),
                             [&](size_t i) { return plan.feeds()[i].from == plan.feeds()[feed].from; }) == 1;
    };
    for (const auto i : from_packs) {
        const auto& f = plan.feeds()[i];
        const auto* fuse = device(f, DeviceKind::fuse);
        const bool fitted = fitted_fuse(catalogue, f) != nullptr;
        const auto kind = plan.sources[index.source_of(i).index].kind;
        const auto who = only && kind == SourceKind::pack ? say("Battery")
                         : alone(i)                       ? index.name(f.from)
                                                          : index.feed_name(f);
        const auto title = fitted ? say("{source} fuse, {rating}", who, format(fuse->rating))
                           : kind == SourceKind::pack ? say("{source} plugged in", who)
                                                      : say("{source} connected", who);
        auto& last = add(only ? "fit/battery-fuse" : "fit/battery-fuse/" + f.id, StepKind::last_fuse,
                         say("{title}: last of all", title));
        last.about = f.id;
        last.actions = {switched() ? say("Every switch off, nothing plugged in.")
                                   : say("Nothing plugged in.")};
        const auto& b = plan.sources[index.source_of(i).index];
        const bool tapped_in = begins_in_tap(catalogue, f);
        if (tapped_in)
            last.actions = {
                b.with_key ? say("Key off. Pull the circuit's fuse.") : say("Pull the circuit's fuse."),
                say("The meter says which side of its slot is live."),
                raw(b.fuse) > 0
                    ? say("That fuse, {fuse}, into the tap's lower place, nearest its blades; ours, "
                          "{rating}, above.",
                          format(b.fuse), format(fuse->rating))
                    : say("That fuse into the tap's lower place, nearest its blades; ours, {rating}, above.",
                          format(fuse->rating)),
                say("Push the tap in with its lead on the dead side: the other way round one fuse carries "
                    "both. Check that the cover closes.")};
        else if (fitted)
            append(last.actions, fittings_of(i));
        else
            last.actions.push_back(say("Nothing in series any more, the pack's own lead as it is."));
        if (!tapped_in)
            last.actions.push_back(
                b.kind == SourceKind::circuit && raw(b.fuse) <= 0
                    ? say("Minus off its stud; the ring on +, nut tight, boot over it; minus on again.")
                : b.kind == SourceKind::circuit ? say("Its fuse in; key on.")
                : b.kind == SourceKind::supply
                    ? switched() ? say("Plug it in, main switch on.") : say("Plug it in.")
                : b.kind == SourceKind::panel ? say("Cover off the panel: it is live from now on.")
                : switched()                  ? say("Plug the pack in, main switch on.")
                                              : say("Plug the pack in."));
        last.minutes = 2;
        last.after = {before_power};
        last.why.add(say("From here on the pack can deliver its full short-circuit current into a mistake."));
        if (const auto* c = find(catalogue.chemistries, b.chemistry)) last.caution = c->caution;
    }
}

}  // namespace sangre
