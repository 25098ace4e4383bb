#include <fmt/format.h>

#include <cmath>

#include "review/review.h"
#include "units/format.h"

namespace sangre {
namespace {

void hole_full(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        if (h.fits) continue;
        auto wider = c.plan.passages[h.passage];
        Finding f{Severity::danger,
                  {},
                  {wider.id},
                  fmt::format("{} wires need {} and the {} between {} is {}.", h.wires.size(),
                              format(h.needed), wider.kind == PassageKind::gland ? "gland" : "hole",
                              name_of(c.plan, wider.id), format(wider.hole)),
                  {},
                  {}};
        wider.hole = Millimetre(std::ceil(raw(h.needed) + 0.5));
        f.why.add("Circles packed into the smallest circle that holds them.");
        f.fixes.push_back(
            {"Drill it to " + format(wider.hole), [wider](const Plan& p) { return put_passage(p, wider); }});
        out.push_back(std::move(f));
    }
}

void past_moving(const Context& c, std::vector<Finding>& out) {
    for (size_t p = 0; p < c.plan.passages.size(); ++p) {
        const auto& way = c.plan.passages[p];
        const auto n = c.figures.harness.feeds_in_passage[p].size();
        if (n == 0 || way.kind == PassageKind::open || way.kind == PassageKind::hole ||
            way.kind == PassageKind::gland)
            continue;
        const std::string where = name_of(c.plan, way.id);
        const auto& first = c.plan.feeds[c.figures.harness.feeds_in_passage[p].front()];
        if (way.kind == PassageKind::hinge)
            out.push_back(
                {Severity::note,
                 {},
                 {way.id},
                 fmt::format("{} a moving part at {}: braid, strain relief and a loop.",
                             n == 1 ? feed_name(c.plan, first) + " passes" : fmt::format("{} feeds pass", n),
                             where),
                 {},
                 {}});
        else
            out.push_back(
                {Severity::caution,
                 {},
                 {way.id},
                 fmt::format("{} {} at {}: {}", n == 1 ? "A feed runs" : fmt::format("{} feeds run", n),
                             way.kind == PassageKind::heat ? "by something hot" : "over a sharp edge", where,
                             way.kind == PassageKind::heat ? "hold it off or sleeve it."
                                                           : "fit a grommet or edging."),
                 {},
                 {}});
    }
}

void dangling(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads)
        if (!l.place.empty() && !by_id(c.plan.places, l.place))
            out.push_back(
                {Severity::caution,
                 {},
                 {l.id},
                 fmt::format("{} stands in a place that is not on the machine.", l.name),
                 {},
                 {{"Forget the place", [id = l.id](const Plan& p) { return set_part_place(p, id, {}); }}}});
}

}  // namespace

const std::vector<Rule> rules_of::routing{
    {"hole-full", "What runs through a hole fits through it", hole_full},
    {"route-hazard", "Wires keep clear of moving, hot and sharp parts", past_moving},
    {"place-unknown", "Every part stands in a place of the machine", dangling},
};

}  // namespace sangre
