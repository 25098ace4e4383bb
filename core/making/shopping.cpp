#include "making/shopping.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <unordered_map>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/units/number.h"
#include "base/words/say.h"
#include "lines/csv.h"

namespace sangre {
namespace {

constexpr double spare_fuses = 2, spare_tube = 0.2;
constexpr double dear = 2;  // of a fuse of which one is kept in spare: a bolted link

/// Typical of what shops keep.
double pack_of(Goods goods) {
    switch (goods) {
        case Goods::fuse:  // singly: an assortment of five of each rating is for a shop
            return 1;
        case Goods::small:
            return 10;
        case Goods::part:
            return 1;
        case Goods::wire:
        case Goods::cable:
        case Goods::tube:
        case Goods::sleeve:
            return 1;  // m
    }
    return 1;
}

/// As good as `now` by what is printed on it, of the same list; the cheapest that costs less.
template <class Entry, class AsGood>
const Entry* cheaper_of(const std::vector<Entry>& entries, const Id& id, AsGood as_good) {
    const auto* now = find(entries, id);
    const Entry* best = nullptr;
    if (!now || now->cost <= 0) return nullptr;
    for (const auto& e : entries)
        if (e.id != id && e.cost > 0 && e.cost < now->cost && as_good(e, *now) &&
            (!best || e.cost < best->cost))
            best = &e;
    return best;
}

void find_cheaper(const Catalogue& c, ShoppingLine& line) {
    const auto take = [&](const auto* entry) {
        if (entry && line.cheaper.empty()) line.cheaper = entry->name, line.cheaper_each = entry->cost;
    };
    const auto& id = line.need.entry;
    take(cheaper_of(c.converters, id, [](const auto& a, const auto& b) {
        return a.kind == b.kind && a.in_min <= b.in_min && a.in_max >= b.in_max && a.out_min <= b.out_min &&
               a.out_max >= b.out_max && a.rated * a.trusted >= b.rated * b.trusted &&
               a.tolerance <= b.tolerance && a.quiescent <= b.quiescent * 1.5 && a.module == b.module;
    }));
    take(cheaper_of(c.switches, id, [](const auto& a, const auto& b) {
        return a.kind == b.kind && a.rated >= b.rated && a.breaks >= b.breaks && a.ends == b.ends &&
               a.coil == b.coil && a.hottest >= b.hottest && a.opens_above == b.opens_above &&
               a.closes_above == b.closes_above && a.cutout == b.cutout;
    }));
    take(cheaper_of(c.connectors, id, [](const auto& a, const auto& b) {
        return a.rated >= b.rated && a.voltage >= b.voltage && a.poles == b.poles && a.keyed >= b.keyed &&
               a.sealed >= b.sealed && a.plug == b.plug && a.pack == b.pack && a.passes <= b.passes &&
               a.mating_cycles >= b.mating_cycles && a.smallest <= b.smallest && a.largest >= b.largest &&
               a.anti_spark >= b.anti_spark && a.breaks >= b.breaks;
    }));
}

/// Pieces or metres of it that lie in a drawer, called as the list calls it.
double lying_about(const Plan& plan, const BomLine& need) {
    if (plan.at_hand.empty()) return 0;
    double sum = 0;
    const auto key = lower(need.key), item = lower(as_name(need.item));
    for (const auto& h : plan.at_hand)
        if (const auto name = lower(h.name); name == key || name == item)
            sum += need.unit == "pcs" ? h.pieces : raw(h.length) * h.pieces;
    return sum;
}

const CutGroup* group_of(const CutList& cuts, const BomLine& need) {
    for (const auto& g : cuts.groups) {
        if (need.goods == Goods::wire && g.kind == CutKind::wire && g.wire == need.entry &&
            g.colour == need.colour)
            return &g;
        if (need.goods == Goods::cable && g.kind == CutKind::cable && g.key == need.key) return &g;
        if (need.goods == Goods::tube && g.kind == CutKind::tube && g.key == need.key) return &g;
    }
    return nullptr;
}

}  // namespace

Shopping shopping(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    Shopping list;
    const auto cuts = cut_list(plan, catalogue, figures);
    for (auto& need : bill_of_materials(plan, catalogue, figures.harness)) {
        ShoppingLine line;
        line.need = std::move(need);
        line.pack = pack_of(line.need.goods);
        double wanted = line.need.amount;
        if (const auto* group = group_of(cuts, line.need)) {
            // What is bought of it, whatever else lies about in pieces too short.
            wanted = std::min(wanted, raw(group->bought));
            line.at_hand = line.need.amount - wanted;
        } else {
            line.at_hand = std::min(lying_about(plan, line.need), wanted);
            wanted -= line.at_hand;
        }
        if (const auto state = plan.orders.find(line.need.key); state != plan.orders.end())
            line.state = state->second;
        if (const auto date = plan.arrives.find(line.need.key); date != plan.arrives.end())
            line.arrives = date->second;
        if (line.need.goods == Goods::fuse) line.spare = line.need.each > dear ? 1 : spare_fuses;
        if (line.need.goods == Goods::tube) line.spare = line.need.amount * spare_tube;
        if (line.state == OrderState::arrived) line.at_hand = line.need.amount, wanted = 0;
        // Spares alone are not worth an order.
        const double asked = wanted > 1e-9 ? wanted + line.spare : 0;
        line.to_buy = std::ceil(asked / line.pack - 1e-9) * line.pack;
        if (line.to_buy > 0) {
            ++list.to_buy;
            if (line.need.each > 0)
                line.price = line.to_buy * line.need.each, list.price += *line.price;
            else
                ++list.unpriced;
            find_cheaper(catalogue, line);
        } else
            ++list.at_hand;
        list.lines.push_back(std::move(line));
    }
    std::stable_sort(list.lines.begin(), list.lines.end(),
                     [](const auto& a, const auto& b) { return (a.to_buy > 0) > (b.to_buy > 0); });
    return list;
}

std::string shopping_to_csv(const Shopping& list) {
    std::string text = "item,needed,at hand,spare,to buy,unit,in packs of,price,state,used for\n";
    for (const auto& l : list.lines)
        text += fmt::format("{},{:g},{:g},{:g},{:g},{},{:g},{},{},{}\n", csv_cell(l.need.item.str()),
                            l.need.amount, l.at_hand, l.spare, l.to_buy, l.need.unit, l.pack,
                            l.price ? fmt::format("{:.2f}", *l.price) : "",
                            l.state ? std::string(word_of(*l.state)) : "", csv_cell(l.need.used_for.str()));
    return text;
}

std::string shopping_to_text(const Shopping& list) {
    std::string text;
    for (const auto& l : list.lines)
        if (l.to_buy > 0 && l.state != OrderState::arrived)
            text += compose("{} {} {}{}  {}\n", format_number(l.to_buy, 4), l.need.unit == "m" ? "m" : "×",
                            l.need.item, l.state ? compose(" ({})", said_word(*l.state)) : "",
                            l.price ? fmt::format("{:.2f}", *l.price) : "?")
                        .str();
    return text;
}

std::optional<OrderState> next_order_state(std::optional<OrderState> state) {
    if (!state) return OrderState::ordered;
    switch (*state) {
        case OrderState::ordered:
            return OrderState::on_its_way;
        case OrderState::on_its_way:
            return OrderState::arrived;
        case OrderState::arrived:
            break;
    }
    return {};
}

AtHand enough_at_hand(const Plan& plan, const ShoppingLine& line) {
    AtHand hand;
    hand.name = line.need.key;
    if (line.need.goods == Goods::wire) hand.wire = line.need.entry, hand.colour = line.need.colour;
    if (line.need.unit == "pcs")
        hand.pieces = static_cast<int>(std::ceil(line.need.amount));
    else
        hand.length = Metre(std::ceil(line.need.amount * 100) / 100);
    hand.id = fresh_id(plan, "hand", hand.name);
    return hand;
}

Plan set_order(Plan plan, const std::string& item, std::optional<OrderState> state) {
    if (!state || *state == OrderState::arrived) plan.arrives.erase(item);
    if (state)
        plan.orders[item] = *state;
    else
        plan.orders.erase(item);
    return plan;
}

tl::expected<Plan, Words> set_arrival(Plan plan, const std::string& item, const std::string& date) {
    const auto day = checked_date(date);
    if (!day) return tl::unexpected(say("“{value}” is no day: one such as 2026-12-05 is expected", date));
    if (const auto state = plan.orders.find(item);
        state == plan.orders.end() || state->second == OrderState::arrived)
        plan.orders[item] = OrderState::ordered;
    plan.arrives[item] = *day;
    return plan;
}

std::vector<HeldBack> held_back(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                                const std::vector<Step>& steps) {
    std::vector<HeldBack> held;
    const bool any = std::any_of(plan.orders.begin(), plan.orders.end(),
                                 [](const auto& o) { return o.second != OrderState::arrived; });
    if (!any) return held;
    std::unordered_map<Id, std::pair<Words, std::string>> waits;  // item and day; of several the last
    const auto lines = bill_of_materials(plan, catalogue, figures.harness);
    for (const auto& line : lines) {
        const auto state = plan.orders.find(line.key);
        if (state == plan.orders.end() || state->second == OrderState::arrived) continue;
        const auto known = plan.arrives.find(line.key);
        const auto until = known == plan.arrives.end() ? std::string() : known->second;
        for (const auto& id : line.of) {
            const auto [at, fresh] = waits.try_emplace(id, line.item, until);
            const auto& [item, day] = at->second;
            if (!fresh && !day.empty() && (until.empty() || until > day)) at->second = {line.item, until};
        }
    }
    for (size_t i = 0; i < steps.size(); ++i) {
        const auto& step = steps[i];
        if (is_done(plan, step)) continue;
        // What a lead is cut from holds its cutting back, and that all else of it.
        std::vector<Id> needs{step.item};
        const bool of_lead = by_id(plan.leads, step.about) != nullptr;
        if (!of_lead || step.kind == StepKind::cut || step.kind == StepKind::cable)
            needs.push_back(step.about);
        if (step.joint) {
            const auto& feed = plan.feeds()[step.joint->feed];
            needs.push_back(step.joint->at_source ? feed.from : feed.to);
        }
        for (const auto& id : needs)
            if (const auto line = waits.find(id); !id.empty() && line != waits.end()) {
                held.push_back({i, line->second.first, line->second.second});
                break;
            }
    }
    return held;
}

}  // namespace sangre
