#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/drop_limit.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/conductor.h"
#include "plan/wire_choice.h"
#include "rules/review/review.h"
#include "wiring/conductors/resistances.h"

namespace sangre {
namespace {

constexpr double fix_share = 0.97;  // of the limit: a mend that just meets it is found again

Fix use_wire(const Lead& feed, const WireType& wire) {
    return {say("Use {size}", size_words(wire)),
            [id = feed.id, to = wire.id](const Plan& p) { return set_wire(p, id, to); }};
}

void unknown_wire(const Context& c, std::vector<Finding>& out) {
    for (const auto& f : c.plan.feeds())
        if (!find(c.catalogue.wires, f.wire))
            out.push_back({Severity::danger,
                           {},
                           {f.id},
                           f.wire.empty()
                               ? say("{lead} has no wire chosen.", c.index().feed_name(f))
                               : say("{lead} names a wire “{wire}” that the catalogue does not hold.",
                                     c.index().feed_name(f), f.wire),
                           {},
                           {}});
}

void no_length(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i)
        if (raw(c.figures.harness.routes[i].length) <= 0)
            out.push_back({Severity::caution,
                           {},
                           {c.plan.feeds()[i].id},
                           say("{lead} has a length of zero: measure the path and type it.",
                               c.index().feed_name(c.plan.feeds()[i])),
                           {},
                           {{say("Take it from the route"), [id = c.plan.feeds()[i].id](const Plan& p) {
                                 return set_length(p, id, std::nullopt);
                             }}}});
}

void guessed(const Context& c, std::vector<Finding>& out) {
    std::vector<Id> about;
    for (size_t i = 0; i < c.plan.feeds().size(); ++i)
        if (c.figures.harness.routes[i].basis == LengthBasis::guessed) about.push_back(c.plan.feeds()[i].id);
    if (about.empty()) return;
    const auto n = about.size();
    out.push_back({Severity::note,
                   {},
                   about,
                   say("{size} {size|length is|lengths are} a guess of {guessed_length}. Measure along the "
                       "path, not straight across.",
                       n, format(guessed_length)),
                   {},
                   {}});
}

/// The drop as it would be on another wire of the same feed. A thicker one is cooler as well: what is counted
/// on it is the least it gains.
double drop_on(const Context& c, size_t feed, const WireType& other) {
    const auto& x = c.figures.worst.feeds[feed];
    const auto ohms = feed_ohms(c.figures.harness.wiring, feed, x.drop_copper);
    const double per_metre = other.ohm_per_m / c.figures.protection[feed].wire->ohm_per_m;
    return x.drop_share * raw(ohms.rest + ohms.copper * per_metre) / raw(ohms.rest + ohms.copper);
}

void too_warm(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const auto& p = c.figures.protection[i];
        if (!p.thermal || p.warmest <= p.insulation->max) continue;
        Finding f{Severity::danger,
                  {},
                  {c.plan.feeds()[i].id},
                  say("{lead}: {wire} reaches {warmest}; {insulation} is rated for {most}.",
                      c.index().feed_name(c.plan.feeds()[i]), size_words(*p.wire), format(p.warmest),
                      p.insulation->name, format(p.insulation->max)),
                  {},
                  {}};
        f.why.add(say("{continuous} continuously, {peak} for {peak_time}; the wire carries {ampacity}.",
                      format(p.need.continuous), format(p.need.peak), format(p.need.peak_time),
                      format(p.ampacity)));
        f.why.source =
            say("Heat balance in still air, Churchill & Chu 1975; bunching IEC 60364-5-52 B.52.17");
        const WireType* enough = nullptr;
        for (const auto* w = next_thicker(c.catalogue, *p.wire); w; w = next_thicker(c.catalogue, *w)) {
            const auto& thermal = *thermal_of(*w, *p.insulation, p.air, p.bunched);
            const auto warm = thermal.steady(p.need.continuous);
            if (std::max(warm, thermal.after(p.need.peak, p.need.peak_time, warm)) > p.insulation->max)
                continue;
            // The thinnest that is cool enough may still starve what hangs on it: then one that does not.
            if (!enough) enough = w;
            if (drop_on(c, i, *w) > drop_limit(c.plan, c.index(), i) * fix_share) continue;
            enough = w;
            break;
        }
        if (enough) f.fixes.push_back(use_wire(c.plan.feeds()[i], *enough));
        out.push_back(std::move(f));
    }
}

void drops(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i) {
        const double limit = drop_limit(c.plan, c.index(), i);
        const auto& x = c.figures.worst.feeds[i];
        const auto& p = c.figures.protection[i];
        if (x.drop_share <= limit || !p.wire) continue;
        const auto& feed = c.plan.feeds()[i];
        Finding f{Severity::caution,
                  {},
                  {feed.id},
                  say("{lead} drops {drop} ({drop_share}), limit {limit}.", c.index().feed_name(feed),
                      format(x.drop), format_percent(x.drop_share), format_percent(limit)),
                  {},
                  {}};
        f.why.add(say("{continuous} × (out and back) at {drop_where}.", format(x.continuous), x.drop_where));
        const auto parts = feed_resistances(feed, c.catalogue, c.figures.harness.wiring, i, x.drop_copper);
        for (const auto& r : parts) f.why.add(compose("{}: {}", r.what, format(r.value)));
        for (const auto* w = next_thicker(c.catalogue, *p.wire);
             w && raw(feed_ohms(c.figures.harness.wiring, i).copper) > 0; w = next_thicker(c.catalogue, *w)) {
            if (drop_on(c, i, *w) > limit * fix_share) continue;
            f.fixes.push_back(use_wire(feed, *w));
            break;
        }
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::wires{
    {"wire-unknown", to_say("Every feed has a wire from the catalogue"), unknown_wire},
    {"wire-zero-length", to_say("Every feed has a length"), no_length},
    {"wire-length-guessed", to_say("Lengths are measured, not guessed"), guessed},
    {"wire-too-warm", to_say("No wire is hotter than its insulation is rated for"), too_warm},
    {"wire-drop", to_say("No lead drops more than the drop limit"), drops},
};

}  // namespace sangre
