#include "making/steps/proving.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

#include "base/append.h"
#include "base/units/format.h"
#include "base/units/number.h"
#include "base/words/say.h"
#include "bench/shorts.h"
#include "electrical/protection/fuse_order.h"
#include "making/steps/igniter_steps.h"
#include "making/steps/joined_late.h"
#include "making/steps/joint_words.h"
#include "making/steps/prover.h"
#include "physics/battery/pack.h"
#include "plan/source.h"
#include "wiring/conductors/single_points.h"
#include "wiring/panel/sealing.h"

namespace sangre {
namespace {

Words on_clips() {
    return say("Motors: joined by clips or plugs until each turns the right way; then for good.");
}

constexpr size_t told = 6;  // windows said on the step itself; the rest are on the Bench

}  // namespace

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

std::vector<Words> Prover::fittings(FuseTurn turn, size_t converter) const {
    std::vector<Words> all;
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
                compose("{}{}: {}", r.title, r.state.empty() ? "" : ", " + r.state, window_text(r)));
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

Words Prover::test_supply() const {
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
        if (std::any_of(plan.loads.begin(), plan.loads.end(), [&](const Load& l) {
                return l.kind == LoadKind::motor && proved_in(plan, index, l.id) == s.key;
            }))
            s.actions.push_back(on_clips());
        s.actions.push_back(say("One load at a time: volts where its lead ends, empty and running."));
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
    const Words source = pack ? say("the battery") : plan.sources.front().name;
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
        direct.actions.push_back(on_clips());
        direct.caution = say("Keep hands, hair and sleeves out of what turns.");
    }
    if (direct.actions.empty()) direct.actions.push_back(say("Volts at each load, empty and running."));
    direct.minutes = 8;
    direct.after = after;
    direct.why.add(turns(plan) ? say("After the rails, because motors draw the most current.")
                               : say("After the rails: one thing more at a time."));
}

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
