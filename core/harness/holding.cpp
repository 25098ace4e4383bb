#include "harness/holding.h"

#include <algorithm>
#include <cmath>

#include "plan/on_way.h"

namespace sangre {
namespace {

constexpr double before_joint_m = 0.03, pull_m = 0.06, before_opening_m = 0.03, merge_m = 0.015;
constexpr double beside_moving_m = 0.05;  // half of the loop that moves, and a hand's width off the axis
constexpr double light_g_m = 50, least_span_m = 0.04;

/// A pack stands at that end, or a load whose loss is a crash.
bool is_pulled(const Plan& plan, const Harness& harness, size_t way, const Id& place) {
    const auto here = [&](const Id& part) {
        const auto* source = by_id(plan.sources, part);
        const auto* load = by_id(plan.loads, part);
        const bool matters = (source && source->kind == SourceKind::pack) || (load && load->vital);
        return matters && place_of(plan, part) == place;
    };
    const auto& feeds = harness.feeds_on_way[way];
    return std::any_of(feeds.begin(), feeds.end(),
                       [&](size_t f) { return here(plan.feeds()[f].from) || here(plan.feeds()[f].to); });
}

/// Some lead of the way ends at that place.
bool ends_there(const Plan& plan, const Harness& harness, size_t way, const Id& place) {
    for (const auto* leads : {&harness.feeds_on_way[way], &harness.cables_on_way[way]})
        for (const auto l : *leads) {
            const auto& lead = plan.leads[l];
            if (place_of(plan, lead.from) == place || place_of(plan, lead.to) == place) return true;
        }
    return false;
}

struct Holder {
    double length;
    std::vector<Hold> holds{};

    void put(double at, HoldFor why) {
        at = std::clamp(at, 0.0, length);
        for (const auto& h : holds)
            if (std::abs(raw(h.at) - at) < merge_m) return;
        holds.push_back({Metre(at), why});
    }
    void fill(double span) {
        std::sort(holds.begin(), holds.end(), [](const auto& a, const auto& b) { return a.at < b.at; });
        std::vector<double> more;
        double last = 0;
        const auto between = [&](double to) {
            const auto gaps = static_cast<int>(std::ceil((to - last) / span - 1e-9));
            for (int i = 1; i < gaps; ++i) more.push_back(last + (to - last) * i / gaps);
            last = to;
        };
        for (const auto& h : holds) between(raw(h.at));
        between(length);
        for (const double at : more) put(at, HoldFor::spacing);
        std::sort(holds.begin(), holds.end(), [](const auto& a, const auto& b) { return a.at < b.at; });
    }
};

}  // namespace

Metre span_between_holds(Shaking shaking, double gram_per_m) {
    const double usual = shaking == Shaking::still ? 0.30 : shaking == Shaking::moves ? 0.20 : 0.10;
    return Metre(
        std::max(usual * std::min(1.0, std::sqrt(light_g_m / std::max(gram_per_m, 1e-9))), least_span_m));
}

WayHolds holds_on_way(const Plan& plan, const Harness& harness, size_t w) {
    const auto& way = plan.ways[w];
    WayHolds on;
    on.way = w;
    for (const auto* leads : {&harness.feeds_on_way[w], &harness.cables_on_way[w]})
        for (const auto l : *leads) {
            on.gram_per_m += harness.jacket_gram_per_m[l];
            for (const auto& core : harness.wiring.cores_of(l))
                if (core.wire) on.gram_per_m += core.wire->gram_per_m;
        }
    on.apart = span_between_holds(plan.shaking, on.gram_per_m);
    const double length = raw(way.length);
    Holder holder{length};
    // What is there is used first.
    for (const auto& thing : way.on_it)
        if (thing.kind == OnWayKind::clip || thing.kind == OnWayKind::knot)
            holder.put(thing.at ? raw(*thing.at) : length / 2,
                       thing.kind == OnWayKind::knot ? HoldFor::knot : HoldFor::there);
    for (const bool first : {true, false}) {
        const auto& place = first ? way.from : way.to;
        if (!ends_there(plan, harness, w, place)) continue;
        const auto at = [&](double off) { return first ? off : length - off; };
        holder.put(at(std::min(before_joint_m, length / 3)), HoldFor::end);
        if (is_pulled(plan, harness, w, place) && length > 2 * pull_m) holder.put(at(pull_m), HoldFor::pull);
    }
    for (const auto& thing : way.on_it) {
        const double at = thing.at ? raw(*thing.at) : length / 2;
        if (role_of(thing.kind).moves)
            for (const double side : {-beside_moving_m, beside_moving_m})
                holder.put(at + side, HoldFor::moving);
        const auto* opening = by_id(plan.openings, thing.opening);
        if (opening && opening->kind != OpeningKind::gland)
            holder.put(at - before_opening_m, HoldFor::opening);
    }
    holder.fill(raw(on.apart));
    on.holds = std::move(holder.holds);
    return on;
}

std::vector<WayHolds> holds_on_ways(const Plan& plan, const Harness& harness) {
    std::vector<WayHolds> all;
    for (size_t w = 0; w < plan.ways.size(); ++w)
        if (!harness.feeds_on_way[w].empty() || !harness.cables_on_way[w].empty())
            all.push_back(holds_on_way(plan, harness, w));
    return all;
}

const char* hold_word(HoldSchool school) {
    switch (school) {
        case HoldSchool::tie:
            return to_say("cable tie");
        case HoldSchool::clamp:
            return to_say("screwed clamp");
        case HoldSchool::knot:
            return to_say("knot of waxed cord");
        case HoldSchool::glue:
            return to_say("drop of hot glue");
        case HoldSchool::comb:
            return to_say("cable comb");
    }
    return "";
}

}  // namespace sangre
