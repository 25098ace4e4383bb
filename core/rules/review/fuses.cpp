#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "plan/wire_choice.h"
#include "rules/review/exchange.h"
#include "rules/review/review.h"
#include "wiring/index/flight.h"

namespace sangre {
namespace {

/// The rating to fit: the smallest that carries when that protects the wire, else nothing.
std::optional<FuseChoice> right_fuse(const Context& c, size_t i) {
    const auto& p = c.figures.protection[i];
    if (!p.smallest || !p.thermal) return std::nullopt;
    if (!protects(*p.smallest->family, p.smallest->rating, *p.thermal, *p.insulation, p.warm,
                  p.fault.current))
        return std::nullopt;
    return p.smallest;
}

/// The thinnest wire that the fitted fuse protects, as a fix.
std::optional<Fix> thicker_wire(const Context& c, size_t i) {
    const auto& p = c.figures.protection[i];
    if (!p.wire || !p.family) return std::nullopt;
    for (const auto* w = next_thicker(c.catalogue, *p.wire); w; w = next_thicker(c.catalogue, *w)) {
        const auto& thermal = *thermal_of(*w, *p.insulation, p.air, p.bunched);
        // A thicker wire lets more current into a short: twice the present one bounds what a gauge step adds.
        if (!protects(*p.family, p.rating, thermal, *p.insulation, thermal.steady(p.need.continuous),
                      p.fault.current * 2))
            continue;
        return Fix{
            say("Use {size}", size_words(*w)),
            [id = c.plan.feeds()[i].id, to = w->id](const Plan& plan) { return set_wire(plan, id, to); }};
    }
    return std::nullopt;
}

/// The least rating of the upper fuse's family that is selective to the one below and still protects its own
/// wire.
std::optional<Ampere> selective_above(const Context& c, size_t below, size_t up) {
    const auto &p = c.figures.protection[below], &upper = c.figures.protection[up];
    if (!upper.thermal) return std::nullopt;
    const auto latest = slow_edge(*p.family, p.rating, p.fault.current);
    for (const auto rating : upper.family->ratings)
        if (rating > upper.rating && fast_edge(*upper.family, rating, p.fault.current) > latest &&
            protects(*upper.family, rating, *upper.thermal, *upper.insulation, upper.warm,
                     upper.fault.current))
            return rating;
    return std::nullopt;
}

void unfused(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& feed = c.plan.feeds()[i];
        const auto& p = c.figures.protection[i];
        if (device(feed, DeviceKind::fuse) || (p.inherited && p.protects)) continue;
        // A brick gives no more than it is made for, as a module does.
        const auto* source = by_id(c.plan.sources, feed.from);
        const bool from_pack = source && source->kind != SourceKind::supply;
        const bool harmless = !from_pack && p.fault.outcome == FaultOutcome::limited;
        // Behind a module whose limit the wire withstands continuously there is nothing to say.
        if (harmless && p.warm <= p.hottest && p.fault.wire <= p.insulation->max) continue;
        // Nor behind one that passes a short on, where the fuse before the module opens in time.
        if (!from_pack && p.fault.outcome == FaultOutcome::opens &&
            c.index().source_of(i).kind == PartKind::converter)
            continue;
        const auto* load = by_id(c.plan.loads, feed.to);
        if (from_pack && load && cranks(*load)) {
            out.push_back({Severity::note,
                           {},
                           {feed.id},
                           say("{load} is a starter and has no fuse, as is usual: keep its lead short, "
                               "sleeved and tied.",
                               load->name),
                           {},
                           {}});
            continue;
        }
        if (flies_unfused(c.plan, c.index(), i)) {
            Finding f{Severity::note,
                      {},
                      {feed.id},
                      say("{lead} flies without a fuse, by your school: a short there draws {current} until "
                          "something burns.",
                          c.index().feed_name(feed), format(p.fault.current)),
                      {},
                      {}};
            f.why.add(
                say("A fuse there may open in flight, by inrush, by an overload or by age: then the craft "
                    "falls."));
            f.why.add(
                say("Without one a chafed wire or a failed controller is a fire in flight: route and secure "
                    "the lead with care."));
            if (const auto fit = right_fuse(c, i)) f.fixes.push_back(use_fuse(feed.id, *fit));
            out.push_back(std::move(f));
            continue;
        }
        Finding f{harmless ? Severity::note : Severity::danger,
                  {},
                  {feed.id},
                  p.inherited ? say("{lead} is thinner than the upstream {rating} fuse protects, and has no "
                                    "fuse of its own.",
                                    c.index().feed_name(feed), format(p.rating))
                  : harmless && source
                      ? say("{lead} has no fuse; the supply's own limit keeps the wire whole.",
                            c.index().feed_name(feed))
                  : harmless ? say("{lead} has no fuse; the module's own limit keeps the wire whole.",
                                   c.index().feed_name(feed))
                             : say("{lead} has no fuse.", c.index().feed_name(feed)),
                  {},
                  {}};
        f.why.add(
            say("A fuse in the positive, as close to the battery as practical: it protects the wire, not the "
                "load."));
        const auto& into = c.index().into(feed.from);
        const auto* above = into.empty() ? nullptr : c.figures.protection[into.front()].wire;
        if (p.inherited && above && p.wire && above->area > p.wire->area)
            f.why.add(say("{wire} goes on as {wire_2} there: a thinner wire begins with a fuse.",
                          size_words(*above), size_words(*p.wire)));
        if (const auto fit = right_fuse(c, i)) f.fixes.push_back(use_fuse(feed.id, *fit));
        out.push_back(std::move(f));
    }
}

void fuse_too_big(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& feed = c.plan.feeds()[i];
        const auto& p = c.figures.protection[i];
        if (!p.family || p.inherited || p.protects || !p.thermal) continue;
        const auto crossing =
            first_crossing(*p.family, p.rating, *p.thermal, *p.insulation, p.warm, p.fault.current);
        Finding f{Severity::danger,
                  {},
                  {feed.id},
                  say("{lead}: the {rating} fuse does not protect {wire}.", c.index().feed_name(feed),
                      format(p.rating), size_words(*p.wire)),
                  {},
                  {}};
        if (p.fault.outcome == FaultOutcome::hurts)
            f.sentence =
                say("{lead}: the {rating} fuse lets {wire} reach {wire_2} before it opens in {time}.",
                    c.index().feed_name(feed), format(p.rating), size_words(*p.wire), format(p.fault.wire),
                    format(p.fault.time));
        if (crossing)
            f.why.add(say("At {crossing} the fuse may take {slow_edge}; the wire withstands that for "
                          "{damage_time}.",
                          format(*crossing), format(slow_edge(*p.family, p.rating, *crossing)),
                          format(damage_time(*p.thermal, *p.insulation, *crossing, p.warm))),
                      Tone::danger);
        f.why.add(say("The wire carries {ampacity} continuously, bunched and in {air}.", format(p.ampacity),
                      format(p.air)));
        if (p.largest) f.why.add(say("Largest that protects it: {most}.", format(*p.largest)), Tone::good);
        f.why.source = p.family->source;
        if (const auto fit = right_fuse(c, i)) f.fixes.push_back(use_fuse(feed.id, *fit));
        if (auto wire = thicker_wire(c, i)) f.fixes.push_back(std::move(*wire));
        out.push_back(std::move(f));
    }
}

void fuse_too_small(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& feed = c.plan.feeds()[i];
        const auto& p = c.figures.protection[i];
        if (!p.family || p.inherited || p.carries || !suits(*p.family, p.rating, p.need)) continue;
        Finding f{Severity::caution,
                  {},
                  {feed.id},
                  say("{lead}: the {rating} fuse will open in normal use.", c.index().feed_name(feed),
                      format(p.rating)),
                  {},
                  {}};
        f.why.add(say("Carries continuously: {continuous_words}; drawn: {continuous}.",
                      continuous_words(*p.family, p.rating, p.need.air), format(p.need.continuous)));
        if (raw(p.need.peak_time) > 0)
            f.why.add(say("Peak {peak} for {peak_time}.", format(p.need.peak), format(p.need.peak_time)));
        if (raw(p.need.start_time) > 0)
            f.why.add(
                say("Start-up {start} for {start_time}.", format(p.need.start), format(p.need.start_time)));
        if (raw(p.need.inrush) > 0) f.why.add(charging_words(p.charging));
        if (const auto fit = right_fuse(c, i)) f.fixes.push_back(use_fuse(feed.id, *fit));
        out.push_back(std::move(f));
    }
}

void wrong_kind(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& feed = c.plan.feeds()[i];
        const auto& p = c.figures.protection[i];
        const auto* fuse = device(feed, DeviceKind::fuse);
        if (fuse && !find(c.catalogue.fuses, fuse->type))
            out.push_back({Severity::danger,
                           {},
                           {feed.id},
                           say("{lead} names a fuse “{type}” that the catalogue does not hold.",
                               c.index().feed_name(feed), fuse->type),
                           {},
                           {}});
        if (!p.family || p.inherited || suits(*p.family, p.rating, p.need)) continue;
        const bool volts = p.family->voltage < p.need.volts;
        Finding f{Severity::danger,
                  {},
                  {feed.id},
                  volts ? say("{lead}: a {voltage} V fuse on {volts}: the arc may not go out.",
                              c.index().feed_name(feed), format_number(raw(p.family->voltage)),
                              format(p.need.volts))
                        : say("{lead}: the fuse breaks {breaking}; a short draws {breaking_current}.",
                              c.index().feed_name(feed), format(p.family->breaking),
                              format(breaking_current(*p.family, p.rating, p.need))),
                  {},
                  {}};
        f.why.source = p.family->source;
        if (const auto fit = right_fuse(c, i); fit && suits(*fit->family, fit->rating, p.need))
            f.fixes.push_back({say("Use a {part}", fit->family->name),
                               [id = feed.id, family = fit->family->id, rating = fit->rating](
                                   const Plan& plan) { return set_fuse(plan, id, family, rating); }});
        out.push_back(std::move(f));
    }
}

void never_opens(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& p = c.figures.protection[i];
        if (p.fault.outcome != FaultOutcome::never_opens || !p.family) continue;
        if (p.inherited && flies_unfused(c.plan, c.index(), i)) continue;  // that is said of it already
        Finding f{Severity::danger,
                  {},
                  {c.plan.feeds()[i].id},
                  say("{lead}: a short draws only {current}; no fuse opens, and the wire reaches {wire}.",
                      c.index().feed_name(c.plan.feeds()[i]), format(p.fault.current), format(p.fault.wire)),
                  {},
                  {}};
        if (const auto fit = right_fuse(c, i); fit && fit->rating < p.rating)
            f.fixes.push_back(use_fuse(c.plan.feeds()[i].id, *fit));
        out.push_back(std::move(f));
    }
}

/// The fuses above a feed's own, up to the module or pack it hangs on.
std::vector<size_t> fuses_above(const Context& c, size_t feed) {
    std::vector<size_t> above;
    if (c.index().source_of(feed).kind == PartKind::converter) return above;
    for (const auto up : c.index().upstream(c.plan.feeds()[feed].from)) {
        const auto& p = c.figures.protection[up];
        if (p.family && !p.inherited) above.push_back(up);
        if (c.index().source_of(up).kind == PartKind::converter) break;
    }
    return above;
}

/// The earliest that the upper may open against the latest that the lower does: two fuses alike are not
/// selective.
void upstream_first(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& p = c.figures.protection[i];
        if (!p.family || p.inherited || raw(p.fault.current) <= 0) continue;
        for (const auto up : fuses_above(c, i)) {
            const auto& upper = c.figures.protection[up];
            const auto earliest = fast_edge(*upper.family, upper.rating, p.fault.current);
            const auto latest = slow_edge(*p.family, p.rating, p.fault.current);
            if (!std::isfinite(raw(earliest)) || earliest > latest) continue;
            const auto& feed = c.plan.feeds()[up];
            const auto dark = c.index().loads_behind(up).size();
            Finding f{
                upper.rating <= p.rating ? Severity::caution : Severity::note,
                {},
                {c.plan.feeds()[i].id, feed.id},
                say("A short at {part} may open {lead}'s fuse first and turn off {dark} {dark|load|loads}.",
                    c.index().name(c.plan.feeds()[i].to), c.index().feed_name(feed), dark),
                {},
                {}};
            f.why.add(
                say("At {current} the {rating} above may open after {earliest}, the {rating_2} here as late "
                    "as {latest}.",
                    format(p.fault.current), format(upper.rating), format(earliest), format(p.rating),
                    format(latest)));
            f.why.add(say("Selective is what opens at the latest before the other at its earliest."));
            if (const auto higher = selective_above(c, i, up))
                f.fixes.push_back(use_fuse(feed.id, {upper.family, *higher}));
            out.push_back(std::move(f));
            break;
        }
    }
}

}  // namespace

const std::vector<Rule> rules_of::fuses{
    {"fuse-missing", to_say("Every feed has a fuse, or one before it that protects it"), unfused},
    {"fuse-too-big", to_say("A fuse opens before its wire is damaged"), fuse_too_big},
    {"fuse-too-small", to_say("A fuse carries its load, its peak and its start-up"), fuse_too_small},
    {"fuse-wrong-kind", to_say("A fuse's voltage and breaking capacity suffice"), wrong_kind},
    {"fuse-never-opens", to_say("A short at the end of a feed opens something"), never_opens},
    {"fuse-selectivity", to_say("The fuse nearest to a short opens first"), upstream_first},
};

}  // namespace sangre
