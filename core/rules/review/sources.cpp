// What is not a pack: bricks, circuits that are there already, panels, and what they can still give.
#include <fmt/format.h>

#include <algorithm>
#include <optional>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/network/sources.h"
#include "physics/wire/thermal.h"
#include "plan/edits.h"
#include "plan/source.h"
#include "rules/review/review.h"
#include "wiring/packs/pack_groups.h"

namespace sangre {
namespace {

template <class Check>
void each_of(const Context& c, SourceKind kind, Check check) {
    for (size_t i = 0; i < c.plan.sources.size(); ++i)
        if (c.plan.sources[i].kind == kind) check(c.plan.sources[i], c.figures.worst.packs[i]);
}

Fix changed(Words says, Source source, void (*change)(Source&)) {
    change(source);
    return {std::move(says), [source](const Plan& p) { return put_source(p, source); }};
}

void idle(const Context& c, std::vector<Finding>& out) {
    if (c.plan.feeds().empty()) return;
    for (const auto& s : c.plan.sources) {
        if (!c.index().from(s.id).empty() || !c.index().into(s.id).empty()) continue;
        out.push_back({Severity::caution,
                       {},
                       {s.id},
                       say("{source} feeds nothing.", s.name),
                       {},
                       {{say("Remove it"), [id = s.id](const Plan& p) { return remove_source(p, id); }}}});
    }
}

void range(const Context& c, std::vector<Finding>& out) {
    for (const auto& s : c.plan.sources) {
        if (s.kind == SourceKind::pack || (s.v_min <= s.v_max && raw(s.v_max) > 0)) continue;
        Finding f{Severity::danger,
                  {},
                  {s.id},
                  raw(s.v_max) > 0
                      ? say("{source} moves from {lowest} down to {highest}: the two are swapped.", s.name,
                            format(s.v_min), format(s.v_max))
                      : say("{source} has no voltage: say it, such as 12 V.", s.name),
                  {},
                  {}};
        if (raw(s.v_max) > 0)
            f.fixes.push_back(changed("Swap the two", s, [](Source& x) { std::swap(x.v_min, x.v_max); }));
        out.push_back(std::move(f));
    }
}

/// The smallest of the usual sizes that gives what is asked continuously and at the worst instant. One that
/// lets go hides what is asked of it: that is read with one in its place that does not.
std::optional<Source> large_enough(const Context& c, const Source& s) {
    auto larger = s;
    larger.rated = Ampere(1000);
    const auto plan = put_source(c.plan, larger);
    const Solver solver(plan, c.catalogue, c.figures.harness.wiring);
    const auto worst = worst_case(plan, solver);
    const auto& pack = worst.packs[static_cast<size_t>(by_id(plan.sources, s.id) - plan.sources.data())];
    Ampere start(0);
    for (const auto f : solver.index().from(s.id)) start += worst.feeds[f].start;
    const auto all = pack.continuous + s.already, most = std::max(pack.peak, start) + s.already;
    for (const double amps : {0.5, 1.0, 1.5, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 12.5, 15.0, 20.0, 30.0}) {
        larger.rated = Ampere(amps);
        // Its volts fall a little on the way to its limit, so that a load asks for more there.
        if (larger.rated > s.rated && larger.rated * supply_share >= all &&
            larger.rated * supply_limit * 0.97 >= most)
            return larger;
    }
    return {};
}

/// What a supply is asked for against what is printed on it, what it feeds already taken off.
void supply_asked(const Context& c, std::vector<Finding>& out) {
    each_of(c, SourceKind::supply, [&](const Source& s, const PackExtremes& worst) {
        const auto all = worst.continuous + s.already, most = worst.peak + s.already;
        const bool too_much = all > s.rated || !worst.limits_at.empty();
        if (!too_much && all <= s.rated * supply_share) return;
        Finding f{too_much ? Severity::danger : Severity::caution, {}, {s.id}, {}, {}, {}};
        if (!worst.limits_at.empty())
            f.sentence = say("{source} cannot supply the current of {limits_at}: it folds back and restarts.",
                             s.name, worst.limits_at);
        else
            f.sentence = say("{source} is rated for {rated}; {all} is drawn continuously.", s.name,
                             format(s.rated), format(all));
        f.why.add(say("{continuous} here{feeds| + {already} that it feeds already|} = {all} of the {rated} "
                      "printed on it",
                      format(worst.continuous), raw(s.already) > 0, format(s.already), format(all),
                      format(s.rated)),
                  all > s.rated ? Tone::danger : Tone::caution);
        f.why.add(
            say("Peak {peak}; it limits at about {limit}.", format(most), format(s.rated * supply_limit)));
        f.why.add(say("Bricks are loaded to 80 % of their rating; everything on one resets together."));
        const auto larger = large_enough(c, s);
        if (larger)
            f.fixes.push_back({say("A supply of {rated}", format(larger->rated)),
                               [to = *larger](const Plan& p) { return put_source(p, to); }});
        out.push_back(std::move(f));
    });
}

void circuit_asked(const Context& c, std::vector<Finding>& out) {
    each_of(c, SourceKind::circuit, [&](const Source& s, const PackExtremes& worst) {
        if (raw(s.fuse) <= 0) {
            out.push_back(
                {Severity::caution,
                 {},
                 {s.id},
                 say("{source}: the fuse of its circuit is not given; look in the fuse box.", s.name),
                 {},
                 {}});
            return;
        }
        const auto all = worst.continuous + s.already;
        if (all <= s.fuse * fuse_share) return;
        Finding f{all > s.fuse ? Severity::danger : Severity::caution,
                  {},
                  {s.id},
                  say("{source}'s {fuse} fuse carries {continuous} continuously; {all} is drawn through it.",
                      s.name, format(s.fuse), format(s.fuse * fuse_share), format(all)),
                  {},
                  {}};
        f.why.add(say("{continuous} here{feeds| + {already} that it feeds already|} = {all}",
                      format(worst.continuous), raw(s.already) > 0, format(s.already), format(all)));
        f.why.add(say("A larger fuse is no remedy: it protects the vehicle's wire."));
        f.why.add(say("A fused line of one's own from the vehicle's battery has room for it."), Tone::good);
        out.push_back(std::move(f));
    });
}

void circuit_wire(const Context& c, std::vector<Finding>& out) {
    each_of(c, SourceKind::circuit, [&](const Source& s, const PackExtremes&) {
        if (raw(s.fuse) <= 0 || raw(s.wire_area) <= 0) return;
        // The vehicle's wire, as the catalogue's of that copper.
        const WireType* like = nullptr;
        for (const auto& w : c.catalogue.wires)
            if (!like || std::abs(raw(w.area - s.wire_area)) < std::abs(raw(like->area - s.wire_area)))
                like = &w;
        const auto* insulation = find(c.catalogue.insulations, Id("pvc-80"));
        if (!like || !insulation) return;
        const auto carries = ampacity(*like, *insulation, c.plan.hottest_air) * (s.wire_area / like->area);
        if (s.fuse <= carries) return;
        Finding f{Severity::danger,
                  {},
                  {s.id},
                  say("{source}: its {fuse} fuse is larger than its {wire_area} wire carries.", s.name,
                      format(s.fuse), format(s.wire_area)),
                  {},
                  {}};
        f.why.add(say("{wire_area} in PVC carries {carries} in {hottest}.", format(s.wire_area),
                      format(carries), format(c.plan.hottest_air)));
        f.why.add(say("Somebody fitted a larger fuse, or it is another circuit's: find out before anything "
                      "is connected to it."),
                  Tone::caution);
        out.push_back(std::move(f));
    });
}

/// A fuse of one's own that is larger than the circuit's protects nothing.
void tap_fuse(const Context& c, std::vector<Finding>& out) {
    for (const auto& f : c.plan.feeds()) {
        const auto* tapped = by_id(c.plan.sources, f.from);
        const auto* fuse = device(f, DeviceKind::fuse);
        if (!tapped || tapped->kind != SourceKind::circuit || !fuse || raw(tapped->fuse) <= 0 ||
            fuse->rating <= tapped->fuse)
            continue;
        Finding x{Severity::caution,
                  {},
                  {f.id, tapped->id},
                  say("{lead}: its {rating} fuse is larger than the {fuse} of the circuit it is tapped from.",
                      c.index().feed_name(f), format(fuse->rating), format(tapped->fuse)),
                  {},
                  {}};
        x.why.add(
            say("The circuit's own fuse opens first, and everything else on that circuit loses power."));
        const auto* family = find(c.catalogue.fuses, fuse->type);
        Ampere best(0);
        if (family)
            for (const auto rating : family->ratings)
                if (rating <= tapped->fuse) best = rating;
        if (raw(best) > 0)
            x.fixes.push_back({say("Fit a {best} fuse", format(best)),
                               [feed = f.id, type = fuse->type, best](const Plan& p) {
                                   return set_fuse(p, feed, type, best);
                               }});
        out.push_back(std::move(x));
    }
}

void with_key(const Context& c, std::vector<Finding>& out) {
    each_of(c, SourceKind::circuit, [&](const Source& s, const PackExtremes&) {
        if (!s.with_key) return;
        for (const auto& l : c.plan.loads) {
            if (!l.always_on) continue;
            const auto way = c.index().upstream(l.id);
            if (way.empty() || c.plan.feeds()[way.back()].from != s.id) continue;
            Finding f{Severity::danger,
                      {},
                      {l.id, s.id},
                      say("{load} must stay on, but {source} is dead without the key.", l.name, s.name),
                      {},
                      {}};
            f.fixes.push_back(
                changed("Tap one that is always live", s, [](Source& x) { x.with_key = false; }));
            out.push_back(std::move(f));
        }
    });
}

/// What always stays on empties the vehicle's battery while it stands.
void standing(const Context& c, std::vector<Finding>& out) {
    constexpr double usual_Ah = 50, spare_share = 0.5, worth_saying_A = 0.005;
    const auto& m = c.figures.mission;
    if (m.standby_phase.empty()) return;
    each_of(c, SourceKind::circuit, [&](const Source& s, const PackExtremes&) {
        if (s.with_key) return;
        double amps = 0;
        for (const auto& l : c.plan.loads)
            if (const auto way = c.index().upstream(l.id);
                l.always_on && !way.empty() && c.plan.feeds()[way.back()].from == s.id)
                amps += raw(l.typical) * raw(l.nominal) / std::max(raw(s.v_min), 1.0);
        if (amps < worth_saying_A) return;
        const double days = usual_Ah * spare_share / amps / 24;
        Finding f{days < 14 ? Severity::caution : Severity::note,
                  {},
                  {s.id},
                  say("Parked, {source} supplies {amps} to what stays on: half of a 50 Ah battery in {days}.",
                      s.name, format(Ampere(amps)), days_words(days)),
                  {},
                  {}};
        f.why.add(compose("50 Ah × 50 % ÷ {} ÷ 24 h", format(Ampere(amps))));
        out.push_back(std::move(f));
    });
}

/// A supply or circuit on the same studs as cells: nothing ends their charge.
void beside_a_pack(const Context& c, std::vector<Finding>& out) {
    for (const auto& group : pack_groups(c.plan, c.index())) {
        const Source *pack = nullptr, *other = nullptr;
        for (const auto i : group.sources) {
            const auto& s = c.plan.sources[i];
            if (s.kind == SourceKind::pack) pack = &s;
            if (is_endless(s)) other = &s;
        }
        if (!pack || !other) continue;
        Finding f{Severity::danger,
                  {},
                  {other->id, pack->id},
                  say("{other} is joined to {pack} without a charger between them.", other->name, pack->name),
                  {},
                  {}};
        f.why.add(
            say("Cells need a charger that limits the current and stops at their voltage; a supply does "
                "neither."));
        f.why.add(say("A module between them, or one of the two at a time."));
        out.push_back(std::move(f));
    }
}

/// A panel gives a few amperes, the pack it charges hundreds: the fuse of its lead belongs to the pack's end.
void panel_lead(const Context& c, std::vector<Finding>& out) {
    for (const auto& f : c.plan.feeds()) {
        const auto* panel = by_id(c.plan.sources, f.from);
        if (!panel || panel->kind != SourceKind::panel) continue;
        Finding x{Severity::caution,
                  {},
                  {f.id, panel->id},
                  say("{lead}: its fuse is at the panel; a short in the lead is fed from the pack.",
                      c.index().feed_name(f)),
                  {},
                  {}};
        x.why.add(say(
            "{panel} gives {current} at the most; the pack it charges feeds far more back through this lead.",
            panel->name, format(Ampere(raw(panel->power) / std::max(raw(panel->v_max), 1.0)))));
        x.fixes.push_back({say("Turn the lead: its fuse at the hub"), [id = f.id](const Plan& p) {
                               auto next = p;
                               if (auto* lead = by_id(next.feeds(), id)) {
                                   std::swap(lead->from, lead->to);
                                   std::swap(lead->joint_from, lead->joint_to);
                               }
                               return next;
                           }});
        out.push_back(std::move(x));
    }
}

void sun_too_little(const Context& c, std::vector<Finding>& out) {
    for (const auto& day : c.figures.mission.packs) {
        if (!day.has_sun || day.sun.poor >= day.used) continue;
        const Source* panel = nullptr;
        for (const auto i : day.sources)
            if (c.plan.sources[i].kind == SourceKind::panel) panel = &c.plan.sources[i];
        if (!panel) continue;
        const bool never = day.sun.good < day.used;
        Finding f{never ? Severity::danger : Severity::caution,
                  {},
                  {panel->id},
                  say("{panel} yields {good} on a {never|good|poor} day; {used} is used.", panel->name,
                      format(never ? day.sun.good : day.sun.poor), never, format(day.used)),
                  {},
                  {}};
        f.why.add(say("{power} × {sun_low} h × 75 % × 90 % = {poor} on a poor day", format(panel->power),
                      format_number(panel->sun_low), format(sun_day(*panel).poor)));
        f.why.add(say("{power} × {sun_high} h × 75 % × 90 % = {good} on a good one", format(panel->power),
                      format_number(panel->sun_high), format(sun_day(*panel).good)));
        f.why.add(say("Without any sun it lasts {days}.", days_words(day.grey_days)));
        f.why.add(weeks_words(day));
        if (const double hours = panel->sun_low; hours > 0) {
            auto larger = *panel;
            const double more = raw(day.used) - raw(day.sun.poor);
            larger.power =
                Watt(std::ceil((raw(panel->power) + more / (hours * sun_share * sun_controller)) / 5) * 5);
            f.fixes.push_back({say("A panel of {power}", format(larger.power)),
                               [larger](const Plan& p) { return put_source(p, larger); }});
        }
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::sources{
    {"source-idle", to_say("Every source feeds something"), idle},
    {"source-range", to_say("Every source has its voltage, the lower one first"), range},
    {"source-supply-asked",
     to_say("A supply is loaded to 80 % of its rating at most, existing loads included"), supply_asked},
    {"source-circuit-asked", to_say("A tapped circuit's fuse carries the added load"), circuit_asked},
    {"source-circuit-wire", to_say("A tapped circuit's fuse is no larger than its wire"), circuit_wire},
    {"source-tap-fuse", to_say("A tap's fuse is no larger than the circuit's"), tap_fuse},
    {"source-with-key", to_say("An always-on load does not depend on the ignition key"), with_key},
    {"source-standing", to_say("Standing current leaves charge in the vehicle's battery"), standing},
    {"source-beside-pack", to_say("Packs are charged by a charger"), beside_a_pack},
    {"source-panel-lead", to_say("A panel's lead is fused where the pack feeds it"), panel_lead},
    {"source-sun", to_say("The panel replaces the energy used each day"), sun_too_little},
};

}  // namespace sangre
