#include "proposal/sizing.h"

#include <cmath>

#include "electrical/drop_limit.h"
#include "electrical/protection/fuse_kinds.h"
#include "electrical/protection/protection.h"
#include "electrical/protection/suiting.h"
#include "electrical/set_window.h"
#include "physics/battery/pack.h"
#include "physics/protection/fuse_curve.h"
#include "physics/protection/inrush.h"
#include "physics/wire/conductor.h"
#include "physics/wire/rules_of_thumb.h"
#include "plan/wire_choice.h"
#include "wiring/conductors/resistances.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/choose.h"

namespace sangre {
namespace {

constexpr int most_rounds = 24, settling = 8;
constexpr Ampere handled{3.5};               // what the thinnest wire that is handled carries anyway
constexpr double drop_that_starves = 0.004;  // a feed that loses less is not what starves a load: the pack is

/// What a feed is given beyond what school and load ask, because a load behind it would starve.
struct Spare {
    SquareMillimetre least{};  ///< of its wire
    SquareMillimetre plug{};   ///< that its plug asks for, anew each round
    size_t fuse_steps = 0;     ///< ratings above the smallest that carries: a small fuse is a resistor
    Ampere last{};             ///< the rating when that was last raised
    bool settled = false;      ///< the fuse stays where it does
    Ampere least_fuse{};       ///< so that it opens after those behind it
    Ampere most{1e9};          ///< a bigger fuse lets more through and no longer protects: no further up
};

/// What each feed may lose of the copper's part of the limit, so that the copper of the whole way is least:
/// its volume is least where each loses in proportion to L·√I (Lagrange, of ΣA·L under ΣI·L/A). Of the ways
/// through a feed, the one that leaves it least counts.
std::vector<double> drop_shares(const Plan& plan, const PlanIndex& index, const Harness& harness,
                                const WorstCase& worst) {
    std::vector<double> weight(plan.feeds().size()), whole(plan.feeds().size());
    for (size_t f = 0; f < plan.feeds().size(); ++f)
        weight[f] = std::max(raw(harness.routes[f].length), 0.01) *
                    std::sqrt(std::max(raw(worst.feeds[f].continuous), 1e-3));
    for (const auto& load : plan.loads) {
        std::vector<size_t> way;
        double sum = 0;
        for (const auto f : index.upstream(load.id)) {
            way.push_back(f), sum += weight[f];
            if (index.source_of(f).kind == PartKind::converter) break;
        }
        for (const auto f : way) whole[f] = std::max(whole[f], sum);
    }
    std::vector<double> shares(plan.feeds().size(), 1);
    for (size_t f = 0; f < shares.size(); ++f)
        if (whole[f] > 0) shares[f] = weight[f] / whole[f];
    return shares;
}

WireNeed wire_need(const Plan& plan, const PlanIndex& index, const Harness& harness, const WorstCase& worst,
                   const FeedProtection& known, size_t f, double share) {
    const auto& feed = plan.feeds()[f];
    WireNeed need;
    need.continuous = worst.feeds[f].continuous * sizing_margin(plan.practices);
    need.volts = worst.feeds[f].highest_end;
    need.length = harness.routes[f].length;
    need.own_return = feed.ret == Return::own;
    need.drop_limit = drop_limit(plan, index, f) * share;
    need.air = known.air;
    need.bunched = known.bunched;
    need.insulation = plan.practices.wire_insulation;
    need.metric = plan.practices.metric;
    return need;
}

const WireType* thickest(const Catalogue& catalogue, const WireNeed& need) {
    const WireType* last = nullptr;
    for (const auto& w : catalogue.wires)
        if (w.insulation == need.insulation && w.metric == need.metric) last = &w;
    return last;
}

/// True when a load behind the feed is starved and this feed is where most of its path's drop is made.
bool starves(const Plan& plan, const PlanIndex& index, const WorstCase& worst, size_t f) {
    for (const auto l : index.loads_behind(f)) {
        const auto& x = worst.loads[l];
        // What fails only nearly empty or in the coldest air is not mended by copper.
        if (!starves_usually(x, plan.loads[l]) && !restarts_usually(x, plan.loads[l])) continue;
        size_t most = f;
        for (const auto up : index.upstream(plan.loads[l].id)) {
            if (worst.feeds[up].drop_share > worst.feeds[most].drop_share) most = up;
            if (index.source_of(up).kind == PartKind::converter) break;
        }
        if (most == f && worst.feeds[f].drop_share > drop_that_starves) return true;
    }
    return false;
}

void fit(Plan& plan, const PlanIndex& index, const Catalogue& catalogue, const Harness& harness,
         const WorstCase& worst, const FeedProtection& known, const std::vector<Id>& kinds, size_t f,
         const Spare& spare, double share) {
    auto& feed = plan.feeds()[f];
    const auto need = wire_need(plan, index, harness, worst, known, f, share);
    // A cable's cores are what they are.
    const bool given = !feed.cores.empty() && find(catalogue.wires, feed.wire);
    const WireType* wire =
        given ? find(catalogue.wires, feed.wire) : choose_wire(catalogue, need, plan.practices.wire);
    if (!wire) wire = thickest(catalogue, need);
    if (!wire) return;
    while (!given && wire->area < std::max(spare.least, spare.plug)) {
        const auto* thicker = next_thicker(catalogue, *wire);
        if (!thicker) break;
        wire = thicker;
    }

    // A tenth of spare on the short-circuit current: the next round's wires may let a little more through.
    auto asked = known.need;
    asked.prospective = asked.prospective * 1.1;
    const auto fuse_at = std::find_if(feed.devices.begin(), feed.devices.end(),
                                      [](const auto& d) { return d.kind == DeviceKind::fuse; });
    auto* fuse = fuse_at == feed.devices.end() ? nullptr : &*fuse_at;
    for (;; wire = given ? nullptr : next_thicker(catalogue, *wire)) {
        if (!wire) return;
        feed.wire = wire->id;
        const auto* insulation = find(catalogue.insulations, wire->insulation);
        const auto thermal = thermal_of(*wire, *insulation, need.air, need.bunched);
        const auto warm = thermal->steady(need.continuous);
        // By what it ends in, whatever its insulation stands; and by the peak as long as that lasts.
        const auto& x = worst.feeds[f];
        const Celsius ends = raw(known.hottest) > 0 ? known.hottest : insulation->max;
        constexpr double peak_share = 1.5;  // of what builders let it carry, for seconds
        const Ampere usual = usual_carry(*wire, feed.conductors);
        // What the wire ends in stands no more than builders let such a wire carry.
        const Ampere carried = usual * fuse_over_carry;
        const bool cool = carried >= need.continuous && usual * peak_share >= x.peak && warm <= ends &&
                          thermal->after(x.peak, x.peak_time, warm) <= insulation->max;
        if (!cool && !given && next_thicker(catalogue, *wire)) continue;
        if (!fuse) {
            // What stands upstream is held to the same as a fuse of its own.
            const bool held = !known.family ||
                              (known.rating <= carried && protects(*known.family, known.rating, *thermal,
                                                                   *insulation, warm, known.fault.current));
            if (held || !next_thicker(catalogue, *wire)) return;
            continue;
        }
        auto smallest = smallest_that_carries(catalogue, asked, kinds, spare.least_fuse);
        if (!smallest) smallest = smallest_that_carries(catalogue, asked, kinds);
        if (!smallest) {
            // Nothing in the catalogue breaks such a short: fit what carries, and let the finding say so.
            asked.prospective = Ampere(0);
            smallest = smallest_that_carries(catalogue, asked, kinds);
        }
        if (!smallest) return;
        const bool thickest_there = !next_thicker(catalogue, *wire);
        const auto holds = [&](const FuseFamily& family, Ampere rating) {
            return (given || thickest_there || rating <= carried) &&
                   protects(family, rating, *thermal, *insulation, warm, known.fault.current) &&
                   protects(family, rating, *thermal, *insulation, warm, known.fault.current * 1.1);
        };
        // Late rounds keep a fuse that does all that is asked: so the rounds come to an end.
        if (const auto* family = find(catalogue.fuses, fuse->type);
            spare.settled && family && fuse->rating >= spare.least_fuse && family == smallest->family &&
            carries(*family, fuse->rating, asked) && suits(*family, fuse->rating, asked) &&
            holds(*family, fuse->rating))
            return;
        const bool held = holds(*smallest->family, smallest->rating);
        if (!held && next_thicker(catalogue, *wire)) continue;
        fuse->type = smallest->family->id;
        fuse->rating = smallest->rating;
        // Behind a circuit's own fuse a larger one protects nothing.
        if (const auto* tapped = by_id(plan.sources, feed.from);
            tapped && tapped->kind == SourceKind::circuit && raw(tapped->fuse) > 0 &&
            fuse->rating > tapped->fuse) {
            for (const auto rating : smallest->family->ratings)
                if (rating <= tapped->fuse) fuse->rating = rating;
            return;
        }
        const size_t steps =
            plan.practices.fuse == FuseSchool::largest_that_protects ? SIZE_MAX : spare.fuse_steps;
        size_t taken = 0;
        for (const auto rating : smallest->family->ratings)
            if (held && taken < steps && rating > fuse->rating && rating <= spare.most &&
                suits(*smallest->family, rating, asked) && holds(*smallest->family, rating))
                fuse->rating = rating, ++taken;
        return;
    }
}

/// Marks the feeds whose resistance is what leaves their rail no voltage that suits all: of the way to the
/// load that wants the most, the one that loses the most.
std::vector<bool> closing_windows(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue,
                                  const WorstCase& worst, const std::vector<Metre>& lengths) {
    std::vector<bool> closing(plan.feeds().size());
    for (size_t c = 0; c < plan.converters.size(); ++c) {
        const auto window = rail_window(plan, index, catalogue, c, lengths);
        if (!window.empty() || window.low_by.empty()) continue;
        std::optional<size_t> most;
        for (const auto f : index.upstream(window.low_by)) {
            if (!most || worst.feeds[f].drop_share > worst.feeds[*most].drop_share) most = f;
            if (plan.feeds()[f].from == plan.converters[c].id) break;
        }
        if (most) closing[*most] = true;
    }
    return closing;
}

/// The least rating that is likely to open after every fuse behind it: 1.6 × the largest, the ratio at which
/// fuses of one kind are selective (IEC 60269); 0 where there is none.
std::vector<Ampere> fuses_wanted_above(const Plan& plan, const PlanIndex& index) {
    constexpr double selective = 1.6;
    std::vector<Ampere> wanted(plan.feeds().size(), Ampere(0));
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
        if (!fuse || index.source_of(f).kind != PartKind::hub) continue;
        for (const auto up : index.upstream(plan.feeds()[f].from)) {
            if (device(plan.feeds()[up], DeviceKind::fuse)) {
                wanted[up] = std::max(wanted[up], fuse->rating * selective * 0.999);
                break;
            }
            if (index.source_of(up).kind == PartKind::converter) break;
        }
    }
    return wanted;
}

/// Lowers the larger of a feed's two resistances: a bigger fuse, or a thicker wire where the fuse is small
/// already or grew no more.
void give_more(const Plan& plan, const Catalogue& catalogue, size_t f, Metre length, Ampere continuous,
               bool by_drop, const WireType& fitted, Spare& spare) {
    const auto copper = feed_ohms(plan, plan.feeds()[f], catalogue, length).copper;
    const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
    const auto* family = fuse ? find(catalogue.fuses, fuse->type) : nullptr;
    if (family && fuse_resistance(*family, fuse->rating) > copper && fuse->rating != spare.last) {
        spare.last = fuse->rating, ++spare.fuse_steps;
        return;
    }
    const auto* thicker = next_thicker(catalogue, fitted);
    // Copper out of all proportion to what flows in it is no mend.
    constexpr double most_times = 6;
    if (thicker &&
        (by_drop || usual_carry(*thicker, plan.feeds()[f].conductors) <=
                        std::max({continuous, fuse ? fuse->rating : Ampere(0), handled}) * most_times))
        spare.least = thicker->area;
}

/// The cheapest that carries its fuse too; where none does, the cheapest that carries what is asked. A key
/// that is pulled isolates what must be safe, and is no switch for every day.
const SwitchType* suiting_switch(const Catalogue& catalogue, ItemNeed need, bool of_one_load) {
    constexpr Ampere isolated(40);
    need.of_load = of_one_load;
    need.everyday = of_one_load || std::max(need.fuse, need.continuous) <= isolated;
    if (const auto* type = cheapest_switch(catalogue, need)) return type;
    need.everyday = false;
    if (const auto* type = cheapest_switch(catalogue, need)) return type;
    need.fuse = Ampere(0);
    return cheapest_switch(catalogue, need);
}

/// The cheapest switch and plug that carry what their fuse lets through. Where no plug takes so thin a wire
/// the wire is made to fit the plug.
void fit_items(Plan& plan, const PlanIndex& index, const Catalogue& catalogue, const WorstCase& worst,
               const std::vector<FeedProtection>& known, std::vector<Spare>& spare) {
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto& feed = plan.feeds()[f];
        auto need = item_need(known[f], worst.feeds[f]);
        if (const auto* fuse = device(feed, DeviceKind::fuse)) need.fuse = fuse->rating;
        // Without a fuse a brick's own limit is what may flow.
        if (const auto* brick = by_id(plan.sources, feed.from); brick && brick->kind == SourceKind::supply)
            need.fuse = std::max(need.fuse, brick->rated);
        const auto* wire = find(catalogue.wires, feed.wire);
        need.wire = wire ? wire->area : SquareMillimetre(0);
        bool bolted = false;
        for (auto& d : plan.feeds()[f].devices) {
            if (d.kind == DeviceKind::power_switch)
                if (const auto* type = suiting_switch(catalogue, need, by_id(plan.loads, feed.to) != nullptr))
                    d.type = type->id;
            if (d.kind == DeviceKind::filter) {
                // Its capacitors ask for a fuse that rides them, and that fuse for a larger filter: no
                // further than a fuse may stand over what its load draws.
                auto own = need;
                if (device(feed, DeviceKind::fuse))
                    own.fuse = std::min(need.fuse, std::max(need.peak, need.continuous) * fuse_over_draw);
                if (const auto* type = suiting_filter(catalogue, own)) d.type = type->id;
            }
            if (d.kind != DeviceKind::connector || !wire) continue;
            const auto& spark = known[f].charging;
            const auto from = index.source_of(f);
            const bool pack =
                from.kind == PartKind::source && plan.sources[from.index].kind == SourceKind::pack;
            PlugWish wish{.pack = pack,
                          .anti_spark = pack && raw(spark.capacitance) > 0 && raw(spark.loop) > 0 &&
                                        inrush(spark.volts, spark.capacitance, spark.loop).wants_precharge};
            auto thick = need;
            thick.wire = SquareMillimetre(0);
            // One that asks for wire out of all proportion to its fuse is none: then a resistor and a button.
            constexpr double most_times = 8;
            constexpr double one_size_up = 1.4;  // of copper: wire comes in gauges
            const auto* sparkless = wish.anti_spark ? cheapest_plug(catalogue, thick, wish) : nullptr;
            if (wish.anti_spark && (!sparkless || bold_current(sparkless->smallest * one_size_up) >
                                                      std::max(need.fuse, handled) * most_times))
                wish.anti_spark = false;
            spare[f].plug = SquareMillimetre(0);
            if (const auto* plug = cheapest_plug(catalogue, need, wish)) {
                d.type = plug->id;
                if (wish.anti_spark) spare[f].plug = plug->smallest;
                continue;
            }
            auto any = need;
            any.wire = SquareMillimetre(0);
            const auto* coarser = cheapest_plug(catalogue, any, wish);
            if (!coarser || coarser->largest < need.wire) {
                if (wish.pack) bolted = true;
                continue;
            }
            spare[f].plug = coarser->smallest;
            if (coarser->smallest > need.wire) d.type = coarser->id;
        }
        const auto& spark = known[f].charging;
        const bool sparks = index.source_of(f).kind == PartKind::source && raw(spark.capacitance) > 0 &&
                            inrush(spark.volts, spark.capacitance, spark.loop).wants_precharge;
        const auto* plug = device(plan.feeds()[f], DeviceKind::connector);
        const auto* plug_type = plug && !bolted ? find(catalogue.connectors, plug->type) : nullptr;
        if (sparks && !(plug_type && plug_type->anti_spark) &&
            !device(plan.feeds()[f], DeviceKind::precharge))
            if (const auto* resistor = suiting_precharge(catalogue, spark.volts, spark.capacitance))
                plan.feeds()[f].devices.push_back(
                    {feed.id + "-precharge", DeviceKind::precharge, resistor->id, Ampere(0), {}, {}});
        // Beyond any plug a pack is bolted on, with rings.
        if (bolted)
            std::erase_if(plan.feeds()[f].devices,
                          [](const auto& d) { return d.kind == DeviceKind::connector; });
    }
}

}  // namespace

Plan size_feeds(Plan plan, const Catalogue& catalogue) {
    // Something to begin the rounds with: without a wire there is no current to size by.
    for (auto& f : plan.feeds())
        for (const auto& w : catalogue.wires)
            if (f.wire.empty() && w.insulation == plan.practices.wire_insulation && raw(w.area) >= 2)
                f.wire = w.id;
    plan = fit_item_joints(fit_joints(std::move(plan), catalogue), catalogue);
    std::vector<Spare> spare(plan.feeds().size());
    const auto habit = fuse_habit(plan, catalogue);
    for (int round = 0; round < most_rounds; ++round) {
        const Plan before = plan;
        const auto harness = lay_routes(plan, catalogue);
        const auto lengths = feed_lengths(harness);
        const Solver solver(plan, catalogue, harness.wiring);
        const auto worst = worst_case(plan, solver);
        const auto known =
            study_protection(plan, catalogue, harness, solver, worst, short_circuits(plan, catalogue, solver),
                             warm_bodies(plan, worst));
        const auto closing = closing_windows(plan, solver.index(), catalogue, worst, lengths);
        const auto shares = drop_shares(plan, solver.index(), harness, worst);
        const auto above = fuses_wanted_above(plan, solver.index());
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            const auto* fitted = find(catalogue.wires, plan.feeds()[f].wire);
            // What was once too thin stays thicker, and late rounds thin nothing: so the rounds come to an
            // end.
            spare[f].least_fuse = above[f];
            const bool loses = plan.practices.wire == WireSchool::drop &&
                               worst.feeds[f].drop_share > drop_limit(plan, solver.index(), f);
            if (round > 0 && fitted && (starves(plan, solver.index(), worst, f) || closing[f] || loses))
                give_more(plan, catalogue, f, lengths[f],
                          closing[f] ? std::max(worst.feeds[f].continuous, worst.feeds[f].peak / 1.5)
                                     : worst.feeds[f].continuous,
                          loses, *fitted, spare[f]);
            if (round >= settling && fitted) spare[f].least = std::max(spare[f].least, fitted->area);
            spare[f].settled = round >= settling;
            if (const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse); fuse && round >= settling)
                spare[f].most = std::min(spare[f].most, fuse->rating);
            fit(plan, solver.index(), catalogue, harness, worst, known[f],
                usual_fuses(plan, catalogue, solver.index(), f, habit), f, spare[f], shares[f]);
        }
        fit_items(plan, solver.index(), catalogue, worst, known, spare);
        // Another joint is another resistance, so within the round.
        plan = fit_item_joints(fit_joints(std::move(plan), catalogue), catalogue);
        for (size_t c = 0; c < plan.converters.size(); ++c)
            plan.converters[c].set = rail_window(plan, solver.index(), catalogue, c, lengths).proposed;
        if (round > 0 && plan == before) break;
    }
    return plan;
}

}  // namespace sangre
