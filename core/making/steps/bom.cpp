#include "making/steps/bom.h"

#include "wiring/cable/supplied.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "harness/fittings.h"
#include "lines/csv.h"
#include "physics/battery/pack.h"
#include "physics/parts/wire_size.h"
#include "plan/passive_text.h"
#include "plan/source.h"
#include "wiring/cable/bus.h"
#include "wiring/item/covers.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/crimp.h"
#include "wiring/joint/fuse_block.h"
#include "wiring/joint/pigtail.h"
#include "wiring/panel/sealing.h"

namespace sangre {
namespace {

/// What it is, as it is bought.
struct As {
    Goods goods = Goods::part;
    double each = 0;
    Id entry{};
    std::string colour{};
    Id of{};  ///< what waits for it
};

As part(const Id& id) {
    As as;
    as.of = id;
    return as;
}

/// What is bought so far: goods of one English name are one line, whatever it is called when it is read.
class Bill {
  public:
    void add(const Words& item, double amount, const std::string& unit, const Words& used_for, const As& as) {
        const auto key = item.english();
        const auto [at, fresh] = at_.try_emplace(key + '|' + unit, lines_.size());
        if (fresh) {
            lines_.push_back({item, 0, unit, {}, as.goods, as.each, as.entry, as.colour, {}, key});
            uses_.emplace_back();
        }
        auto& line = lines_[at->second];
        line.amount += amount;
        if (!as.of.empty()) line.of.push_back(as.of);
        if (!used_for.empty() && uses_[at->second].said.insert(used_for.english()).second)
            uses_[at->second].all.push_back(used_for);
    }
    std::vector<BomLine> lines() && {
        for (size_t i = 0; i < lines_.size(); ++i) {
            lines_[i].used_for = joined(uses_[i].all, "; ");
            if (lines_[i].unit == "m") lines_[i].amount = std::ceil(lines_[i].amount * 100) / 100;
        }
        return std::move(lines_);
    }

  private:
    struct Uses {
        std::set<std::string> said;
        std::vector<Words> all;
    };
    std::map<std::string, size_t> at_;
    std::vector<BomLine> lines_;
    std::vector<Uses> uses_;
};

void add(Bill& bill, const Words& item, double amount, const std::string& unit, const Words& used_for,
         const As& as = {}) {
    bill.add(item, amount, unit, used_for, as);
}

void add_tube(Bill& bill, const TubeSize& tube, double metres, const Words& used_for = {}) {
    add(bill, tube.name, metres, "m", used_for, {Goods::tube, tube.cost, tube.id, {}});
}

/// Ties and the like come by the bag, what sits in an opening alone.
Goods goods_of(FittingKind kind) {
    switch (kind) {
        case FittingKind::braid:
        case FittingKind::cord:
            return Goods::sleeve;
        case FittingKind::grommet:
        case FittingKind::gland:
        case FittingKind::boot:
        case FittingKind::clamp:
        case FittingKind::glue:
            return Goods::part;
        case FittingKind::tie:
        case FittingKind::spacer:
        case FittingKind::comb:
            return Goods::small;
    }
    return Goods::small;
}

/// What a catalogue's entry of that id costs, whichever list it is in.
double price_of(const Catalogue& catalogue, const Id& id) {
    const auto in = [&](const auto& list) {
        const auto* entry = find(list, id);
        return entry ? entry->cost : 0.0;
    };
    for (const double cost :
         {in(catalogue.fuses), in(catalogue.connectors), in(catalogue.switches), in(catalogue.inlines)})
        if (cost > 0) return cost;
    return 0;
}

/// Of the cheapest in-line holder that takes the family; as much as its fuse where the catalogue has none.
double holder_price(const Catalogue& catalogue, const FuseFamily& family) {
    double least = 0;
    for (const auto& h : catalogue.holders)
        if (!h.tap && h.ways == 0 && std::find(h.takes.begin(), h.takes.end(), family.id) != h.takes.end() &&
            (least <= 0 || h.cost < least))
            least = h.cost;
    return least > 0 ? least : family.cost;
}

/// Of what has no figures but its price; 0 where the catalogue has none.
double sundry_price(const Catalogue& catalogue, const Id& id) {
    const auto* sundry = find(catalogue.sundries, id);
    return sundry ? sundry->cost : 0;
}

/// Of its cells as they are sold; where the catalogue has none so large, by its watt-hours.
double pack_price(const Catalogue& catalogue, const Source& pack, const Chemistry& chemistry) {
    const CellType* nearest = nullptr;
    for (const auto& cell : catalogue.cells) {
        if (cell.chemistry != pack.chemistry || pack.series % std::max(cell.series, 1) != 0) continue;
        if (std::abs(raw(cell.capacity) - raw(pack.cell_capacity)) > 0.02 * raw(pack.cell_capacity)) continue;
        if (!nearest || cell.series > nearest->series) nearest = &cell;
    }
    if (nearest) return nearest->cost * pack.series / std::max(nearest->series, 1) * pack.parallel;
    return chemistry.cost_per_kwh * raw(pack_energy(pack, chemistry)) / 1000;
}

double cheapest_tap(const Catalogue& catalogue) {
    double least = 0;
    for (const auto& h : catalogue.holders)
        if (h.tap && (least <= 0 || h.cost < least)) least = h.cost;
    return least;
}

/// The adapter is one of the holders, then.
bool tapped_by_adapter(const Plan& plan, const Catalogue& catalogue, const Id& source) {
    return std::any_of(plan.feeds().begin(), plan.feeds().end(), [&](const auto& lead) {
        return lead.from == source && begins_in_tap(catalogue, lead);
    });
}

/// What is bought for a hub; a splice is made of its wires.
Words hub_part(HubKind kind) {
    return kind == HubKind::block   ? say("fuse block")
           : kind == HubKind::strip ? say("two-pole screw terminal strip")
           : kind == HubKind::board ? say("small distribution board")
           : kind == HubKind::fork  ? say("forked barrel lead")
                                    : say("two-rail stud or bus bar");
}

Words held_part(Held held) {
    return held == Held::strap     ? say("hook-and-loop strap with buckle, 20 mm")
           : held == Held::bracket ? say("battery bracket with its screws")
           : held == Held::tray    ? say("battery tray with hold-down")
                                   : std::string();
}

/// Tape or film for the joints of those who use no tube: a roll.
void add_wrapping(Bill& bill, const Plan& plan, const Catalogue& catalogue) {
    if (plan.feeds().empty()) return;
    if (plan.practices.insulation == InsulationSchool::tape)
        add(bill, say("electrical tape, 20 m roll"), 1, "pcs", say("joints"),
            {Goods::part, sundry_price(catalogue, "tape-roll")});
    if (plan.practices.insulation == InsulationSchool::polyimide)
        add(bill, say("polyimide film tape, 12 mm, 33 m roll"), 1, "pcs", say("joints"),
            {Goods::part, sundry_price(catalogue, "film-roll")});
}

/// What keeps water out of a sealed body and of the plugs outside of it.
void add_seals(Bill& bill, const Plan& plan, const Catalogue& catalogue) {
    const auto seals = sealing(plan, catalogue);
    for (size_t i = 0; i < seals.seats.size(); ++i)
        add(bill, say("seal ring for an opening of {rings}", format(seals.rings[i])), 1, "pcs",
            name_of(plan, seals.seats[i]), {Goods::small, sundry_price(catalogue, "seal-ring")});
    if (!seals.to_fill.empty())
        add(bill, say("neutral-cure silicone sealant, small tube"), 1, "pcs", say("openings"),
            {Goods::part, sundry_price(catalogue, "sealant")});
    if (!seals.to_grease.empty())
        add(bill, say("dielectric grease, small tube"), 1, "pcs", say("plugs"),
            {Goods::part, sundry_price(catalogue, "grease")});
}

/// So many ends made alike: their tube, and what is pressed on.
void add_joints(Bill& bill, const Lead& lead, const WireType& wire, const std::optional<JointWork>& work,
                int ends, const Words& stud = {}) {
    if (!work || ends <= 0) return;
    if (const auto* tube = work->tube ? work->tube : work->to_buy)
        add_tube(bill, *tube, raw(work->tube_cut) * ends / 1e3);
    if (work->crimp)
        add(bill, work->crimp->name + stud, ends, "pcs", "",
            {Goods::small, work->crimp->cost, work->crimp->id, {}});
    else if (!work->kind->part.empty())
        add(bill,
            say("{part} for {warm}{size}", said(work->kind->part),
                lead.conductors > 1 ? fmt::format("{} × ", lead.conductors) : "", wire.size),
            ends, "pcs", "", {Goods::small});
}

/// What the joints of a lead take: those at its ends, and before and behind each thing in it. What meets in
/// a pigtail is left out: that comes once for all of it.
void add_lead_joints(Bill& bill, const Plan& plan, const Catalogue& catalogue, size_t i) {
    const auto& lead = plan.leads[i];
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire) return;
    for (const bool source : {true, false}) {
        if (!in_pigtail(plan, catalogue, lead, source)) {
            const auto stud = stud_at(plan, lead, source, false);
            const bool alone = source && begins_in_tap(catalogue, lead);
            const auto ends = alone ? 1 : static_cast<int>(used_wires(lead));
            add_joints(bill, lead, *wire, feed_joint(plan, catalogue, i, source), ends,
                       raw(stud) > 0 ? fmt::format(", M{:g}", raw(stud)) : "");
        }
        if (const auto over = over_tube(plan, catalogue, i, source); over && over->tube)
            add_tube(bill, *over->tube, raw(over->cut) / 1e3);
    }
    for (const auto& d : lead.devices)
        for (const bool before : {true, false})
            add_joints(bill, lead, *wire, item_joint(plan, catalogue, lead, d, before),
                       static_cast<int>(crossing_wires(lead, d.kind)));
    for (const auto& d : lead.devices)
        if (const auto over = splice_tube(plan, catalogue, lead, d); over && over->tube)
            add_tube(bill, *over->tube, raw(over->cut) / 1e3);
}

/// Cut-back cores are covered at both ends.
void add_cut_back(Bill& bill, const Plan& plan, const Catalogue& catalogue, const Lead& lead) {
    const auto unused = std::count_if(lead.cores.begin(), lead.cores.end(),
                                      [](const auto& c) { return c.role == CoreRole::unused; });
    if (const auto* tube = cut_back_tube(plan, catalogue, lead); tube && unused > 0)
        add_tube(bill, *tube, raw(cut_back_cover) * 2 * static_cast<double>(unused) / 1e3);
}

void add_devices(Bill& bill, const Catalogue& catalogue, const Lead& feed, const Words& target) {
    for (const auto& d : feed.devices) {
        if (d.kind == DeviceKind::splice) continue;  // a joint: what it takes is among the joints'
        const auto name = item_name(catalogue, d);
        if (const auto* holder = holder_of(catalogue, d); holder && !in_block(catalogue, d)) {
            add(bill, holder->name, 1, "pcs", target, {Goods::part, holder->cost, holder->id, {}, d.id});
            add(bill, name, 1, "pcs", target, {Goods::fuse, price_of(catalogue, d.type), d.type, {}, {}});
            continue;
        }
        const auto* family = d.kind == DeviceKind::fuse ? find(catalogue.fuses, d.type) : nullptr;
        // A fuse blows and is replaced, its holder stays: two things.
        if (family && has_holder(*family) && family->action == FuseAction::fuse && !in_block(catalogue, d))
            add(bill, say("holder for a {family}", family->name), 1, "pcs", target,
                {Goods::part, holder_price(catalogue, *family), {}, {}, d.id});
        add(bill, d.kind == DeviceKind::connector ? say("{plug}, pair", name) : name, 1, "pcs",
            d.name.empty() ? target : d.name,
            {family && family->action == FuseAction::fuse ? Goods::fuse : Goods::part,
             price_of(catalogue, d.type),
             d.type,
             {},
             d.id});
    }
}

}  // namespace

std::vector<BomLine> bill_of_materials(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    Bill bill;
    for (const auto& b : plan.sources)
        if (const auto* c = find(catalogue.chemistries, b.chemistry))
            add(bill, say("battery: {pack_summary}", pack_summary(b, *c)), 1, "pcs", b.name,
                {Goods::part, pack_price(catalogue, b, *c), {}, {}, b.id});
        else if (b.kind == SourceKind::supply || b.kind == SourceKind::panel)
            add(bill, source_summary(b, catalogue), 1, "pcs", b.name, part(b.id));
        else if (b.kind == SourceKind::circuit && !tapped_by_adapter(plan, catalogue, b.id))
            add(bill, say("add-a-circuit tap for a second fuse"), 1, "pcs", b.name,
                {Goods::part, cheapest_tap(catalogue), {}, {}, b.id});
    for (const auto& b : plan.sources)
        if (const auto held = held_part(b.held); !held.empty())
            add(bill, held, 1, "pcs", b.name,
                {Goods::part, sundry_price(catalogue, "held-" + std::string(word_of(b.held))), {}, {}, {}});
    for (const auto& h : plan.hubs)
        if (const auto* block = block_of(catalogue, h))
            add(bill, block->name, 1, "pcs", h.name, {Goods::part, block->cost, block->id, {}, h.id});
        else if (h.kind != HubKind::splice)
            add(bill, hub_part(h.kind), 1, "pcs", h.name,
                {Goods::part, sundry_price(catalogue, "hub-" + std::string(word_of(h.kind))), {}, {}, h.id});
    add_wrapping(bill, plan, catalogue);
    for (const auto& c : plan.converters) {
        const auto* t = find(catalogue.converters, c.type);
        add(bill, t ? Words(t->name) : Words(c.type), 1, "pcs", c.name,
            {Goods::part, t ? t->cost : 0, c.type, {}, c.id});
        if (const auto over = board_tube(plan, catalogue, c); over && over->tube)
            add_tube(bill, *over->tube, raw(over->cut) / 1e3, c.name);
    }
    for (const auto& p : plan.passives)
        add(bill,
            raw(p.seat.cutout) > 0
                ? say("{word}, for an opening of {cutout}", said_word(p.kind), format(p.seat.cutout))
                : said_word(p.kind),
            1, "pcs", p.name, part(p.id));
    for (size_t i = 0; i < plan.leads.size(); ++i)
        add_devices(bill, catalogue, plan.leads[i], name_of(plan, plan.leads[i].to));
    for (size_t i = 0; i < plan.feeds().size(); ++i) {
        const auto& f = plan.feeds()[i];
        const auto* w = find(catalogue.wires, f.wire);
        if (!w) continue;
        const auto* insulation = find(catalogue.insulations, w->insulation);
        const auto supplied = use_of_supplied(catalogue, f, harness.routes[i].cut);
        for (const auto& core : harness.wiring.cores_of(i))
            if (core.of_cable < 0 && !(supplied && raw(supplied->bought) <= 0))
                add(bill,
                    say("wire {wire} {core_colour}, {insulation}", size_words(*w),
                        said(core_colour(plan, core)),
                        insulation ? Words(insulation->name) : Words(w->insulation)),
                    raw(supplied ? supplied->bought : core.cut), "m", name_of(plan, f.to),
                    {Goods::wire, w->cost, w->id, core_colour(plan, core), f.id});
        for (const auto& joint : harness.wiring.joints_of(i))
            if (joint.at == JointAt::frame)
                add(bill, say("ring, bolt and serrated washer to the frame, for {wire}", size_words(*w)), 1,
                    "pcs", name_of(plan, f.to), {Goods::part, sundry_price(catalogue, "frame-ring")});
        add_lead_joints(bill, plan, catalogue, i);
    }
    for (size_t i = 0; i < harness.routes.size(); ++i)
        if (const auto* tube = jacket_tube(catalogue, plan.leads[i]))
            add_tube(bill, *tube, raw(jacket_length(plan.leads[i], harness.routes[i])),
                     lead_name(plan, plan.leads[i]));
    add_seals(bill, plan, catalogue);
    for (const auto& f : fittings_wanted(plan, catalogue, harness))
        add(bill, f.fitting->name, f.amount, by_the_metre(f.fitting->kind) ? "m" : "pcs", f.used_for,
            {goods_of(f.fitting->kind), f.fitting->cost, f.fitting->id, {}});
    for (const auto& p : pigtails(plan, catalogue)) {
        if (p.tube) add_tube(bill, *p.tube, raw(p.tube_cut) / 1e3);
        if (const auto cap = choose_crimp(catalogue, *p.kind, p.copper, p.over); cap.part)
            add(bill, cap.part->name, 1, "pcs", plan.hubs[p.hub].name,
                {Goods::small, cap.part->cost, cap.part->id, {}});
        else if (!p.kind->part.empty())
            add(bill, say("{part} for {use}", said(p.kind->part), format(p.copper)), 1, "pcs",
                plan.hubs[p.hub].name);
    }
    for (size_t i = 0; i < plan.leads.size(); ++i) {
        const auto& c = plan.leads[i];
        if (c.cores.empty()) continue;
        const auto* w = find(catalogue.wires, c.wire);
        // What feeds has its joints among those of the feeds.
        if (i >= plan.feeds().size()) add_lead_joints(bill, plan, catalogue, i);
        add_cut_back(bill, plan, catalogue, c);
        const auto supplied = use_of_supplied(catalogue, c, harness.routes[i].cut);
        const auto bought = supplied ? supplied->bought : harness.routes[i].cut;
        if (raw(bought) <= 0) continue;
        add(bill, say("cable, {count} × {size}", c.cores.size(), w ? w->size : c.wire), raw(bought), "m",
            c.name.empty() ? name_of(plan, c.to) : c.name,
            {Goods::cable,
             w ? w->cost * static_cast<double>(c.cores.size()) + sundry_price(catalogue, "cable-sheath") : 0,
             c.wire,
             {},
             c.id});
    }
    for (const auto& bus : data_buses(plan))
        if (bus.terminated && !bus.ends.empty())
            add(bill, say("resistor 120 Ω, or what the boards of the bus say"),
                static_cast<double>(bus.ends.size()), "pcs", bus.leads.front()->name,
                {Goods::small, sundry_price(catalogue, "resistor-120")});
    return std::move(bill).lines();
}

std::string bom_to_csv(const std::vector<BomLine>& lines) {
    std::string text = "item,amount,unit,used for\n";
    for (const auto& l : lines)
        text += fmt::format("{},{:g},{},{}\n", csv_cell(l.item.str()), l.amount, l.unit,
                            csv_cell(l.used_for.str()));
    return text;
}

}  // namespace sangre
