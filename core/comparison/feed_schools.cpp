#include "comparison/feed_schools.h"

#include <memory>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "plan/wire_choice.h"

namespace sangre {
namespace {

WireNeed need_of(const Plan& plan, const Study& s, size_t i) {
    const auto& feed = plan.feeds()[i];
    const auto& p = s.protection[i];
    return {s.worst.feeds[i].continuous,
            s.worst.feeds[i].highest_end,
            s.harness.routes[i].length,
            feed.ret == Return::own,
            plan.practices.drop_limit,
            p.air,
            p.bunched,
            p.wire->insulation,
            p.wire->metric};
}

using Needs = std::vector<std::pair<Id, WireNeed>>;

/// What every feed with a wire asks of it, once for all edits that choose all of them.
std::shared_ptr<const Needs> all_needs(const Plan& plan, const Study& s) {
    auto needs = std::make_shared<Needs>();
    for (size_t i = 0; i < plan.feeds().size(); ++i)
        if (s.protection[i].wire) needs->emplace_back(plan.feeds()[i].id, need_of(plan, s, i));
    return needs;
}

/// Gives every feed the wire of a school; those for which none is thick enough keep theirs.
Edit all_wires(const std::shared_ptr<const Needs>& needs, const Catalogue& catalogue, WireSchool school,
               bool metric) {
    return [needs, &catalogue, school, metric](const Plan& p) {
        auto next = p;
        next.practices.wire = school, next.practices.metric = metric;
        for (auto [id, need] : *needs) {
            need.metric = metric;
            if (const auto* wire = choose_wire(catalogue, need, school))
                next = set_wire(std::move(next), id, wire->id);
        }
        return next;
    };
}

struct FuseOf {
    Id feed, family;
    Ampere rating{};
};

/// The fuse of a school for a feed with one of its own; nothing where there is none such.
std::optional<FuseOf> fuse_by(const Plan& plan, const Study& s, size_t i, FuseSchool school) {
    const auto& p = s.protection[i];
    if (p.inherited || !p.family) return {};
    if (school == FuseSchool::smallest_that_carries) {
        if (!p.smallest) return {};
        return FuseOf{plan.feeds()[i].id, p.smallest->family->id, p.smallest->rating};
    }
    // One that protects but does not carry is no choice.
    if (!p.largest || (p.smallest && *p.largest < p.smallest->rating)) return {};
    return FuseOf{plan.feeds()[i].id, p.family->id, *p.largest};
}

void add(Explained& to, School school, Follow follow) {
    to.why.schools.push_back(std::move(school));
    to.follow.push_back(std::move(follow));
}

void fuses(Explained& to, const Plan& plan, const Study& s, size_t i) {
    const auto& p = s.protection[i];
    if (p.inherited || !p.family) return;
    for (const auto way : {FuseSchool::smallest_that_carries, FuseSchool::largest_that_protects}) {
        const bool small = way == FuseSchool::smallest_that_carries;
        const auto here = fuse_by(plan, s, i, way);
        School school{small ? say("Smallest that carries") : say("Largest that protects"),
                      here ? format(here->rating) : say("none does both"),
                      small ? say("opens soonest, and tells when a load draws more than it should")
                            : say("no nuisance opening; the wire is still protected"),
                      here && here->rating == p.rating && here->family == p.family->id};
        school.about = say("How builders choose the fuse");
        Follow follow;
        if (here)
            follow.here = [to = *here](const Plan& q) { return set_fuse(q, to.feed, to.family, to.rating); };
        std::vector<FuseOf> all;
        for (size_t f = 0; f < plan.feeds().size(); ++f)
            if (const auto one = fuse_by(plan, s, f, way)) all.push_back(*one);
        follow.everywhere = [all, way](const Plan& q) {
            auto next = q;
            next.practices.fuse = way;
            for (const auto& f : all) next = set_fuse(std::move(next), f.feed, f.family, f.rating);
            return next;
        };
        add(to, std::move(school), std::move(follow));
    }
}

void schools_of(Explained& to, const Plan& plan, const Catalogue& catalogue, const Study& s, size_t i) {
    const auto& feed = plan.feeds()[i];
    const auto needs = all_needs(plan, s);
    const auto offer = [&](const Words& about, const Words& name, const Words& purpose, WireSchool way,
                           bool metric, bool metric_for_all) {
        auto need = need_of(plan, s, i);
        need.metric = metric;
        const auto* wire = choose_wire(catalogue, need, way);
        School school{name, wire ? size_words(*wire) : say("none thick enough"), purpose,
                      wire && wire->id == feed.wire};
        school.about = about;
        Follow follow;
        if (wire) follow.here = [id = feed.id, to = wire->id](const Plan& q) { return set_wire(q, id, to); };
        follow.everywhere = all_wires(needs, catalogue, way, metric_for_all);
        add(to, std::move(school), std::move(follow));
    };
    const auto sizing = say("How builders size the wire");
    const bool here = s.protection[i].wire->metric, all = plan.practices.metric;
    offer(sizing, say("By its temperature"), say("short leads with little drop"), WireSchool::temperature,
          here, all);
    offer(sizing, say("By voltage drop, {drop_limit}", format_percent(plan.practices.drop_limit)),
          say("long and thin wire drops too much at the far end"), WireSchool::drop, here, all);
    offer(sizing, say("By 700 circ mil/A"), say("cautious: enclosed, warm, for years"), WireSchool::cautious,
          here, all);
    offer(sizing, say("By chassis wiring"), say("bold: free air, about 50 K of rise"), WireSchool::bold, here,
          all);
    fuses(to, plan, s, i);
    const auto sizes = say("AWG or mm²");
    offer(sizes, say("In AWG"), say("silicone wire for models usually comes in AWG"), plan.practices.wire,
          false, false);
    offer(sizes, say("In mm²"), say("a vehicle's own harness is usually metric"), plan.practices.wire, true,
          true);
}

}  // namespace

void add_feed_schools(Explained& to, const Plan& plan, const Catalogue& catalogue, const Study& study,
                      size_t feed) {
    if (!study.protection[feed].wire) return;
    schools_of(to, plan, catalogue, study, feed);
}

}  // namespace sangre
