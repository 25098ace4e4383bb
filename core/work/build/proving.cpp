#include "build/proving.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

#include "append.h"
#include "battery/pack.h"
#include "bench/shorts.h"
#include "build/igniter_steps.h"
#include "build/joint_words.h"
#include "panel/sealing.h"
#include "protection/fuse_order.h"
#include "source/source.h"
#include "units/format.h"
#include "units/number.h"
#include "wiring/single_points.h"
#include "words/say.h"

namespace sangre {
namespace {

/// Something in it turns, grips or drives off once it has power.
bool turns(const Plan& plan) {
    const auto any = [](const auto& list, auto which) {
        return std::any_of(list.begin(), list.end(), which);
    };
    return plan.flies ||
           any(plan.loads,
               [](const Load& l) {
                   return l.kind == LoadKind::motor || has_word(lower(l.name), "servo") ||
                          has_word(lower(l.name), "servos");
               }) ||
           any(plan.passives, [](const Passive& p) { return p.kind == PassiveKind::motor; }) ||
           any(plan.signal_leads(),
               [](const Lead& c) { return c.kind == CableKind::motor || c.kind == CableKind::servo; });
}

constexpr size_t told = 6;  // windows said on the step itself; the rest are on the Bench

struct Prover {
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    const PlanIndex& index;
    std::vector<FuseFitting> fuses;
    std::vector<Step> steps;
    IgniterSteps igniters{};

    Step& add(std::string key, StepKind kind, std::string title, std::string subtitle = {}) {
        return add_step(steps, std::move(key), kind, std::move(title), std::move(subtitle));
    }
    /// "Fit Hub → Fog pump: 7.5 A", one for each fuse whose turn it is.
    std::vector<std::string> fittings_of(size_t feed) const {
        std::vector<std::string> all;
        for (const auto& d : plan.feeds()[feed].devices)
            if (d.kind == DeviceKind::fuse && fitted_last(catalogue, d))
                all.push_back(
                    say("Fit {lead}: {rating}", index.feed_name(plan.feeds()[feed]), format(d.rating)));
        return all;
    }
    std::vector<std::string> fittings(FuseTurn turn, size_t converter = 0) const;

    void dead(const std::vector<std::string>& joints);
    /// What stands in for the source at first, so that a mistake costs nothing.
    std::string test_supply() const;
    /// No larger than the fuse that it stands for.
    Ampere test_fuse() const {
        Ampere amps(2);
        for (size_t f = 0; f < plan.feeds().size(); ++f)
            if (const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
                fuse && index.source_of(f).kind == PartKind::source && raw(fuse->rating) > 0)
                amps = std::min(amps, fuse->rating);
        return amps;
    }
    /// What a hand moves or pulls on any way.
    bool switched() const {
        return std::any_of(plan.feeds().begin(), plan.feeds().end(),
                           [&](const auto& f) { return hand_switch(catalogue, f) != nullptr; });
    }
    /// A fuse that is still out while all is measured dead.
    bool fused() const {
        return std::any_of(plan.feeds().begin(), plan.feeds().end(),
                           [&](const auto& f) { return fitted_fuse(catalogue, f) != nullptr; });
    }
    std::string ready_for_power();
    std::vector<std::string> rails();
    void direct(const std::vector<std::string>& after);
    /// The step that looks again at what alone stops a vital load; false where nothing is to be looked at.
    bool second_look();
    void close();
};

std::vector<std::string> Prover::fittings(FuseTurn turn, size_t converter) const {
    std::vector<std::string> all;
    for (const auto& fit : fuses)
        if (fit.turn == turn && (turn != FuseTurn::rail || fit.converter == converter))
            append(all, fittings_of(fit.feed));
    return all;
}

void Prover::dead(const std::vector<std::string>& joints) {
    igniters = add_igniter_steps(steps, plan, joints, "live/direct");
    auto& beep = add("test/beep", StepKind::beep, say("Beep every lead end to end"),
                     say("nothing connected; then to its neighbours"));
    beep.actions = {say("Meter on continuity, one probe at each end of the lead."),
                    say("What each end to end should read is on the Bench; nothing to the neighbour.")};
    const auto bridged = fused() && switched()
                             ? say("A clip lead across every empty fuse holder on its way, its switch on.")
                         : fused()    ? say("A clip lead across every empty fuse holder on its way.")
                         : switched() ? say("Its switch on.")
                                      : std::string();
    if (!bridged.empty()) beep.actions.insert(beep.actions.begin() + 1, bridged);
    beep.tools = {to_say("meter")};
    if (fused()) {
        beep.tools.emplace_back(to_say("clip lead"));
        beep.why.add(say("An empty holder has no continuity; the clip lead takes the place of the fuse."));
    }
    beep.minutes = 10;
    beep.after = joints;
    beep.after.push_back("prepare");
    if (!igniters.before_measuring.empty()) beep.after.push_back(igniters.before_measuring);
    for (const auto& s : plan.sources) beep.after.push_back("find/" + s.id);
    beep.why.add(say("Unpowered tests first: a swapped pair is harmless only while nothing is powered."));

    auto& shorts =
        add("test/shorts", StepKind::shorts, say("Look for shorts"),
            fused() ? say("at the source's end, at every empty fuse holder, at every module's output")
                    : say("at the source's end, at every module's output"));
    shorts.actions = {
        fused() ? say("Nothing connected. Fuses still out: each holder shows what lies behind "
                      "it, and nothing else.")
                : say("Nothing connected."),
        switched() ? say("Plus to minus, with the switches as the Bench says.") : say("Plus to minus.")};
    const auto readings = short_readings(plan, catalogue, figures);
    size_t said = 0, closed = 0;
    for (const auto& r : readings) {
        if (r.of != ReadingOf::short_closed) continue;
        if (++closed <= told) {
            ++said;
            shorts.actions.push_back(
                fmt::format("{}{}: {}", r.title, r.state.empty() ? "" : ", " + r.state, window_text(r)));
        }
    }
    if (readings.size() > said)
        shorts.actions.push_back(say("{count} more on the Bench.", readings.size() - said));
    shorts.actions.push_back(say("Less than that: stop and find it."));
    shorts.tools = {to_say("meter"), to_say("clip lead")};
    shorts.minutes = 3 + std::min(0.5 * static_cast<double>(readings.size()), 30.0);
    shorts.after = {"test/beep"};
    shorts.why.add(say("Shorts before volts."));
    shorts.why.add(say("Motors and lamps read as their windings and filaments, not as open."));
}

std::string Prover::test_supply() const {
    constexpr double cell = 1.5,
                     most_cells = 16;  // V of a small alkaline one; more of them is no longer small
    const auto& s = plan.sources.empty() ? Source{} : plan.sources.front();
    const auto* chemistry = find(catalogue.chemistries, s.chemistry);
    const auto range = source_range(s, catalogue);
    if (!range) return say("Or from a bench supply limited to {test_fuse}.", format(test_fuse()));
    const Volt volts = chemistry && s.kind == SourceKind::pack ? pack_rest_voltage(s, *chemistry, 0.5)
                                                               : (range->low + range->high) / 2;
    const double cells = std::ceil(raw(volts) / cell - 1e-9);
    return say(
        "Or from a bench supply at {volts} limited to {test_fuse}{few|, or {cells} small alkaline cells in "
        "series: they give a few amperes into a short and no more|}.",
        format(volts), format(test_fuse()), cells <= most_cells, format_number(cells));
}

std::string Prover::ready_for_power() {
    std::string last = "test/shorts";
    if (auto first = fittings(FuseTurn::modules); !first.empty()) {
        auto& fit = add("fit/fuses", StepKind::fit_fuses, say("Fit the fuses before the modules"),
                        say("all others stay out"));
        fit.actions = std::move(first);
        fit.minutes = 4;
        fit.after = {last};
        fit.why.add(
            say("After the shorts test. Those behind the modules wait until the outputs have been read."));
        last = fit.key;
    }
    for (const auto& l : plan.loads) {
        if (!l.transmitter) continue;
        auto& a = add("antenna/" + l.id, StepKind::antenna, say("Antenna on {load}", l.name));
        a.about = l.id;
        a.actions = {say("Screw the antenna on finger-tight."),
                     say("Never power it without, even for setup.")};
        a.caution = say("A transmitter without its antenna sends its power back into itself.");
        a.minutes = 2;
        a.after = {last};
        a.why.add(say("Before first power."));
        last = a.key;
    }
    const auto test = format(test_fuse());
    auto& first = add("test/first-power", StepKind::first_power, say("First power, small and limited"),
                      plan.sources.empty() || plan.sources.front().kind == SourceKind::pack
                          ? say("a {test} fuse or a lamp in series instead of the battery fuse", test)
                          : say("a {test} fuse or a lamp in series", test));
    const auto kind = plan.sources.empty() ? SourceKind::pack : plan.sources.front().kind;
    if (switched()) first.actions.push_back(say("Every switch off."));
    first.actions.push_back(
        kind == SourceKind::supply ? say("Plug the supply into the wall last; say the polarity aloud first.")
        : kind == SourceKind::circuit && raw(plan.sources.front().fuse) <= 0
            ? say("Its ring on the + stud through the {test} test lead; say the polarity aloud first.", test)
        : kind == SourceKind::circuit
            ? say("Tap in with a {test} fuse in the new slot; say the polarity aloud first.", test)
            : say("Connect the pack through the {test} test lead; say the polarity aloud first.", test));
    first.actions.push_back(test_supply());
    first.actions.push_back(
        switched() ? say("Main switch on: the test fuse must hold, nothing may get warm or smell.")
                   : say("The test fuse must hold, nothing may get warm or smell."));
    first.actions.push_back(say("Current with everything off as the Bench says."));
    first.actions.push_back(say("Power off at once if anything is unexpected."));
    if (plan.sources.size() > 1)
        first.actions.insert(first.actions.begin() + (switched() ? 2 : 1),
                             say("One source after the other, the others out."));
    first.tools = {to_say("meter"), to_say("test lead with a small fuse")};
    first.caution = !turns(plan) ? say("Rings and watches off your hands.")
                    : plan.flies ? say("Propellers off. Rings and watches off your hands.")
                                 : say("Wheels, arms and propellers off the ground or off the machine. Rings "
                                       "and watches off your hands.");
    first.minutes = 8;
    first.after = {last};
    first.why.add(
        say("Test with limited current before the pack can deliver its full short-circuit current."));
    return first.key;
}

std::vector<std::string> Prover::rails() {
    std::vector<std::string> before{ready_for_power()};
    for (const auto c : modules_in_order(plan, index)) {
        const auto& module = plan.converters[c];
        auto behind = fittings(FuseTurn::rail, c);
        auto& s = add("live/" + module.id, StepKind::prove, say("Prove {module}", module.name),
                      behind.empty() ? say("its loads off, then one after the other")
                                     : say("output without its fuses, then each load"));
        s.about = module.id;
        s.actions = {behind.empty() ? say("Volts at its output, its loads off.")
                                    : say("Volts at its output, its fuses still out.")};
        if (!behind.empty()) {
            s.actions.push_back(say("Right? Power off and fit what lies behind it."));
            append(s.actions, std::move(behind));
            s.actions.push_back(say("Power on."));
        }
        s.actions.push_back(say("One load at a time: volts at its plug, empty and running."));
        s.actions.push_back(say("Type the readings on the Bench."));
        s.tools = {to_say("meter")};
        s.minutes = 5;
        s.after = before;
        s.why.add(say("One rail at a time: if something is wrong, the last change is the cause."));
        s.why.add(say("A converter set too high damages nothing while its fuses are out."));
        before = {s.key};
    }
    return before;
}

void Prover::direct(const std::vector<std::string>& after) {
    const bool pack = plan.sources.empty() || plan.sources.front().kind == SourceKind::pack;
    const std::string source = pack ? say("the battery") : plan.sources.front().name;
    auto& direct =
        add("live/direct", StepKind::prove, say("Prove the loads fed directly from {source}", source),
            turns(plan) ? say("motors without load, then loaded") : say("one load after the other"));
    if (auto fit = fittings(FuseTurn::direct); !fit.empty()) {
        direct.actions.push_back(say("Power off."));
        append(direct.actions, std::move(fit));
        direct.actions.push_back(
            say("Power on, still through the test lead, with a fuse sized for the load."));
    }
    if (switched())
        direct.actions.push_back(say("Each switch alone: 0 V behind it open, full volts closed."));
    if (turns(plan)) {
        direct.actions.push_back(
            say("Motors: joined by clips or plugs until each turns the right way; then permanently."));
        direct.caution = say("Keep hands, hair and sleeves out of what turns.");
    }
    if (direct.actions.empty()) direct.actions.push_back(say("Volts at each load, empty and running."));
    direct.minutes = 8;
    direct.after = after;
    direct.why.add(turns(plan) ? say("After the rails, because motors draw the most current.")
                               : say("After the rails: one thing more at a time."));
}

bool Prover::second_look() {
    std::vector<std::string> looks;
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
        std::string all;
        for (const auto& id : ids) all += (all.empty() ? "" : ", ") + name_of(plan, id);
        return all;
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

}  // namespace

std::vector<Step> proving_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                                const std::vector<std::string>& joints) {
    const auto& index = figures.solver->index();
    Prover prover{plan, catalogue, figures, index, fuse_order(plan, index, catalogue), {}};
    prover.dead(joints);
    prover.direct(prover.rails());
    prover.close();
    return std::move(prover.steps);
}

}  // namespace sangre
