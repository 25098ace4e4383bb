#include "wiring/joint/joint.h"
#include "wiring/joint/crimp.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/conductor.h"

namespace sangre {

const TubeSize* choose_tube(const Catalogue& catalogue, Millimetre pass, Millimetre hold, bool adhesive,
                            const std::vector<Id>& at_hand) {
    const TubeSize* best = nullptr;
    const auto have = [&](const TubeSize& t) {
        return at_hand.empty() || std::find(at_hand.begin(), at_hand.end(), t.id) != at_hand.end();
    };
    for (const auto& t : catalogue.tubes)
        if (t.adhesive == adhesive && have(t) && t.expanded >= pass * 1.1 && t.recovered <= hold * 0.9 &&
            (!best || t.expanded < best->expanded))
            best = &t;
    return best;
}

Millimetre parking_distance(const WireType& wire, Celsius tip, Second dwell) {
    constexpr double least_tip = 91;  // cooler than what the tube shrinks at, nothing need be parked
    if (raw(tip) < least_tip) return Millimetre(0);
    constexpr double copper_k = 390, film_h = 15, diffusivity = 1.1e-4, tube_limit = 90, room = 23;
    const double area = raw(wire.area) * 1e-6, round = M_PI * raw(wire.outer) / 1e3;
    const double fin = std::sqrt(copper_k * area / (film_h * round));
    const double ratio = (raw(tip) - room) / (tube_limit - room);
    const double steady = fin * std::log(ratio);
    const double diffusion = 2 * std::sqrt(diffusivity * raw(dwell));
    // erfc(x) = 1/ratio gives how many diffusion lengths the 90 °C front has come.
    double x = 0;
    while (std::erfc(x) > 1 / ratio) x += 0.01;
    return Millimetre(std::ceil(std::min(steady, x * diffusion) * 1e3 + 10));
}

bool tube_school(InsulationSchool school) {
    return school == InsulationSchool::adhesive_tube || school == InsulationSchool::plain_tube ||
           school == InsulationSchool::sealant;
}

const std::vector<InsulationSchool>& coverings() {
    static const std::vector<InsulationSchool> all{
        InsulationSchool::adhesive_tube, InsulationSchool::plain_tube, InsulationSchool::sealant,
        InsulationSchool::tape,          InsulationSchool::hot_glue,   InsulationSchool::polyimide};
    return all;
}

Words covering_name(InsulationSchool school) {
    switch (school) {
        case InsulationSchool::adhesive_tube:
            return say("adhesive tube");
        case InsulationSchool::plain_tube:
            return say("plain tube");
        case InsulationSchool::sealant:
            return say("plain tube and sealant");
        case InsulationSchool::tape:
            return "tape";
        case InsulationSchool::hot_glue:
            return say("hot glue");
        case InsulationSchool::polyimide:
            return say("polyimide tape");
    }
    return {};
}

Words covering_words(InsulationSchool school) {
    switch (school) {
        case InsulationSchool::tape:
            return say("Tape, by practice: no heat gun needed, but tape creeps.");
        case InsulationSchool::hot_glue:
            return say(
                "Hot glue, by practice, once it is measured: it also holds the wire. Not where it gets "
                "hot.");
        case InsulationSchool::polyimide:
            return say("Polyimide tape, by practice: flat pads, and where it gets hot.");
        case InsulationSchool::sealant:
            return say("Plain tube with liquid sealant under its ends: sealed; an hour a coat.");
        case InsulationSchool::adhesive_tube:
            return say("Adhesive tube: sealed; for wet and shaken places.");
        case InsulationSchool::plain_tube:
            return say("Plain tube: quick and thin; for dry places.");
    }
    return {};
}

Words covering_action(InsulationSchool school) {
    switch (school) {
        case InsulationSchool::tape:
            return say("Wrap it with tape, half overlapped, stretched, the last turn slack.");
        case InsulationSchool::hot_glue:
            return say("Leave it bare for now: it is glued once it has been beeped.");
        case InsulationSchool::polyimide:
            return say("Two layers of polyimide tape, a finger's width beyond the bare metal.");
        case InsulationSchool::sealant:
            return say("Shrink the tube, then sealant under both its ends; leave it an hour.");
        case InsulationSchool::adhesive_tube:
            return say("Tube over the joint, shrink from the middle outwards until glue shows at both ends.");
        case InsulationSchool::plain_tube:
            return say("Tube over the joint, shrink from the middle outwards.");
    }
    return {};
}

bool is_splice(const JointKind& kind) { return kind.end == JointEnd::splice; }
bool has_ferrule(const JointKind& kind) { return kind.part == "ferrule"; }

namespace {

/// What the hands must know of the wires.
void measure(JointWork& w) {
    const auto& wire = *w.wires.wire;
    const auto& far = w.wires.other ? *w.wires.other : wire;
    const auto far_copper = w.wires.other ? far.conductor : bundled(wire.conductor, w.wires.conductors);
    w.bundle = bundled(wire.outer, w.wires.conductors);
    w.copper = bundled(wire.conductor, w.wires.conductors);
    w.far = w.wires.other ? far.outer : w.bundle;
    // A tug tests; it does not tear: a quarter of what the thinner side stands.
    const auto this_side = wire.area * w.wires.conductors;
    const bool thinner = is_splice(*w.kind) && w.wires.other && far.area < this_side;
    w.size = joint_size(*w.kind, this_side, w.copper, w.wires.landing);
    if (thinner) w.size.tug_newton = joint_size(*w.kind, far.area, far.conductor).tug_newton;
    w.joint_length = w.size.strip + w.size.overlap;
    if (is_splice(*w.kind)) w.joint_length = Millimetre(2 * raw(w.size.strip) - raw(w.size.overlap));
    // Laid side by side, two conductors are as wide as both; a barrel or cup about as wide as the insulation.
    const bool laid = is_splice(*w.kind) && raw(w.size.overlap) > 0;
    w.widest = std::max({laid ? w.copper + far_copper : std::max(w.copper, far_copper) * 1.6, w.bundle,
                         is_splice(*w.kind) ? w.far : w.bundle});
    w.thinnest = is_splice(*w.kind) ? std::min(w.bundle, w.far) : w.bundle;
    w.parking = parking_distance(wire, w.size.iron, w.size.dwell);
}

void cover(JointWork& w, const Catalogue& catalogue, InsulationSchool school,
           const std::vector<Id>& at_hand) {
    if (!w.kind->tube) return;
    if (!tube_school(school)) {
        w.tape = true;
        w.why.add(covering_words(school), Tone::caution);
        return;
    }
    const Millimetre overlap(std::max(6.0, 2 * raw(w.bundle)));
    const bool adhesive = school == InsulationSchool::adhesive_tube;
    w.tube = choose_tube(catalogue, w.widest, w.thinnest, adhesive, at_hand);
    w.tube_missing = !w.tube;
    if (w.tube_missing) w.to_buy = choose_tube(catalogue, w.widest, w.thinnest, adhesive);
    // Tube shrinks 5–10 % in length, so it is cut longer.
    const Millimetre exact((raw(w.joint_length) + 2 * raw(overlap) + raw(w.size.burn_back)) / 0.93);
    w.tube_cut = Millimetre(std::ceil(raw(exact)));
    w.why.heading(say("Tube"));
    w.why.add(say("Must pass {widest} (expanded ≥ 1.1 ×) and grip {thinnest} (recovered ≤ 0.9 ×)",
                  format(w.widest), format(w.thinnest)));
    if (w.tube)
        w.why.add(say("{tube} does both.", w.tube->name), Tone::good);
    else if (w.to_buy)
        w.why.add(say("None of the tubes at hand does both; {tube} would.", w.to_buy->name), Tone::caution);
    else
        w.why.add(say("No tube in the catalogue does both."), Tone::caution);
    w.why.add(
        say("Cut = ({joint_length} joint + 2 × {overlap}{burns| + {burn_back}|}) ÷ 0.93 = {exact}, rounded "
            "up to {cut}",
            format(w.joint_length), format(overlap), raw(w.size.burn_back) > 0, format(w.size.burn_back),
            format(exact), format(w.tube_cut)));
    if (raw(w.size.burn_back) > 0)
        w.why.add(
            say("Under a torch the insulation shrinks back by about {burn_back}.", format(w.size.burn_back)));
    if (raw(w.parking) > 0)
        w.why.add(
            say("Tip {iron}, about {dwell}: the 90 °C front stays within {parking}. Park the tube beyond.",
                format(w.size.iron), format(w.size.dwell), format(w.parking)));
}

}  // namespace

JointWork work_joint(const Catalogue& catalogue, const JointKind& kind, const JointWires& wires,
                     InsulationSchool school, const std::vector<Id>& tubes_at_hand) {
    JointWork w;
    w.kind = &kind;
    w.wires = wires;
    w.wires.conductors = std::max(wires.conductors, 1);
    if (wires.other == wires.wire && w.wires.conductors == 1) w.wires.other = nullptr;
    measure(w);
    const auto& wire = *wires.wire;
    const auto* insulation = find(catalogue.insulations, wire.insulation);
    w.why.title = kind.name;
    w.why.add(say("{wire} {insulation}: conductor {conductor}, over insulation {outer}", size_words(wire),
                  insulation ? Words(insulation->name) : Words(wire.insulation), format(wire.conductor),
                  format(wire.outer)));
    if (w.wires.conductors > 1)
        w.why.add(say("{conductors} together: {copper} bared, {bundle} over insulation", w.wires.conductors,
                      format(w.copper), format(w.bundle)));
    if (w.wires.other) {
        w.why.add(say("Against a lead of {wire}: conductor {conductor}, over insulation {outer}",
                      size_words(*w.wires.other), format(w.wires.other->conductor),
                      format(w.wires.other->outer)));
        if (is_splice(kind) && w.wires.other->area * 2 < wire.area * w.wires.conductors)
            w.why.add(
                say("The thin one is wrapped round the thick one, which is tinned first: it takes the heat."),
                Tone::caution);
    }
    if (const auto& on = wires.landing; on.takes == TerminalTakes::pad && raw(on.size) > 0)
        w.why.add(
            say("On a pad of {size}: strip {strip}, so that the insulation ends at its edge; a tip no wider "
                "than it.",
                raw(on.along) > 0 ? format(on.size) + " × " + format(on.along) : format(on.size),
                format(w.size.strip)));
    else if (on.takes == TerminalTakes::screw && raw(on.size) > 0)
        w.why.add(say("In a bore of {size}: strip {strip}.", format(on.size), format(w.size.strip)));
    else
        w.why.add(w.size.strip > kind.strip
                      ? say("Strip {strip}: {strip_conductors} × the bared {copper}, rounded up.",
                            format(w.size.strip), format_number(kind.strip_conductors), format(w.copper))
                      : say("Strip {strip}.", format(w.size.strip)));
    if (const auto crimp =
            choose_crimp(catalogue, kind, wire.area * w.wires.conductors, w.bundle,
                         wires.landing.takes == TerminalTakes::stud ? wires.landing.size : Millimetre(0));
        crimp.part) {
        w.crimp = crimp.part;
        w.why.add(
            say("{part}: {area} of copper{wings|, wings for {grip_least} to {grip_most} of insulation; here "
                "are {bundle}|}.",
                crimp.part->name, format(wire.area * w.wires.conductors), raw(crimp.part->grip_most) > 0,
                format(crimp.part->grip_least), format(crimp.part->grip_most), format(w.bundle)));
    }
    cover(w, catalogue, school, tubes_at_hand);
    w.why.heading(say("Expect"));
    w.most = kind.resistance * 2;
    w.why.add(say("Below {most}; tug with {tug_newton:.0f} N.", format(w.most), w.size.tug_newton));
    w.why.source = kind.source;
    w.why.caution = kind.caution;
    return w;
}

JointWires wires_of(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source) {
    JointWires wires{find(catalogue.wires, feed.wire), feed.conductors, nullptr};
    if (const auto* load = at_source ? nullptr : by_id(plan.loads, feed.to))
        wires.other = find(catalogue.wires, load->lead);
    wires.landing = landing_of(plan, feed, at_source);
    return wires;
}

std::optional<JointWork> feed_joint(const Plan& plan, const Catalogue& catalogue, size_t feed,
                                    bool at_source) {
    const auto& f = plan.leads[feed];
    const auto* kind = find(catalogue.joints, at_source ? f.joint_from : f.joint_to);
    const auto wires = wires_of(plan, catalogue, f, at_source);
    if (!kind || !wires.wire) return {};
    return work_joint(catalogue, *kind, wires, plan.practices.insulation, plan.practices.tubes_at_hand);
}

}  // namespace sangre
