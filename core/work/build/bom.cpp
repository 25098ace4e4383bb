#include "build/bom.h"

#include "cable/supplied.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "battery/pack.h"
#include "cable/bus.h"
#include "enum_words.h"
#include "files/csv.h"
#include "harness/fittings.h"
#include "joint/covers.h"
#include "joint/crimp.h"
#include "joint/fuse_block.h"
#include "joint/item_joint.h"
#include "joint/pigtail.h"
#include "panel/sealing.h"
#include "parts/wire_size.h"
#include "plan/passive_text.h"
#include "source/source.h"
#include "units/format.h"
#include "words/say.h"

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

void add(std::vector<BomLine>& lines, const std::string& item, double amount, const std::string& unit,
         const std::string& used_for, const As& as = {}) {
    for (auto& l : lines)
        if (l.item == item && l.unit == unit) {
            l.amount += amount;
            if (!as.of.empty()) l.of.push_back(as.of);
            if (!used_for.empty() && l.used_for.find(used_for) == std::string::npos)
                l.used_for += (l.used_for.empty() ? "" : "; ") + used_for;
            return;
        }
    lines.push_back({item, amount, unit, used_for, as.goods, as.each, as.entry, as.colour, {}});
    if (!as.of.empty()) lines.back().of.push_back(as.of);
}

void add_tube(std::vector<BomLine>& lines, const TubeSize& tube, double metres,
              const std::string& used_for = {}) {
    add(lines, tube.name, metres, "m", used_for, {Goods::tube, tube.cost, tube.id, {}});
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
std::string hub_part(HubKind kind) {
    return kind == HubKind::block   ? say("fuse block")
           : kind == HubKind::strip ? say("two-pole screw terminal strip")
           : kind == HubKind::board ? say("small distribution board")
           : kind == HubKind::fork  ? say("forked barrel lead")
                                    : say("two-rail stud or bus bar");
}

std::string held_part(Held held) {
    return held == Held::strap     ? say("hook-and-loop strap with buckle, 20 mm")
           : held == Held::bracket ? say("battery bracket with its screws")
           : held == Held::tray    ? say("battery tray with hold-down")
                                   : std::string();
}

/// Tape or film for the joints of those who use no tube: a roll.
void add_wrapping(std::vector<BomLine>& lines, const Plan& plan, const Catalogue& catalogue) {
    if (plan.feeds().empty()) return;
    if (plan.practices.insulation == InsulationSchool::tape)
        add(lines, say("electrical tape, 20 m roll"), 1, "pcs", say("joints"),
            {Goods::part, sundry_price(catalogue, "tape-roll")});
    if (plan.practices.insulation == InsulationSchool::polyimide)
        add(lines, say("polyimide film tape, 12 mm, 33 m roll"), 1, "pcs", say("joints"),
            {Goods::part, sundry_price(catalogue, "film-roll")});
}

/// What keeps water out of a sealed body and of the plugs outside of it.
void add_seals(std::vector<BomLine>& lines, const Plan& plan, const Catalogue& catalogue) {
    const auto seals = sealing(plan, catalogue);
    for (size_t i = 0; i < seals.seats.size(); ++i)
        add(lines, say("seal ring for an opening of {rings}", format(seals.rings[i])), 1, "pcs",
            name_of(plan, seals.seats[i]), {Goods::small, sundry_price(catalogue, "seal-ring")});
    if (!seals.to_fill.empty())
        add(lines, say("neutral-cure silicone sealant, small tube"), 1, "pcs", say("openings"),
            {Goods::part, sundry_price(catalogue, "sealant")});
    if (!seals.to_grease.empty())
        add(lines, say("dielectric grease, small tube"), 1, "pcs", say("plugs"),
            {Goods::part, sundry_price(catalogue, "grease")});
}

/// So many ends made alike: their tube, and what is pressed on.
void add_joints(std::vector<BomLine>& lines, const Lead& lead, const WireType& wire,
                const std::optional<JointWork>& work, int ends, const std::string& stud = {}) {
    if (!work || ends <= 0) return;
    if (const auto* tube = work->tube ? work->tube : work->to_buy)
        add_tube(lines, *tube, raw(work->tube_cut) * ends / 1e3);
    if (work->crimp)
        add(lines, work->crimp->name + stud, ends, "pcs", "",
            {Goods::small, work->crimp->cost, work->crimp->id, {}});
    else if (!work->kind->part.empty())
        add(lines,
            say("{part} for {warm}{size}", said(work->kind->part),
                lead.conductors > 1 ? fmt::format("{} × ", lead.conductors) : "", wire.size),
            ends, "pcs", "", {Goods::small});
}

/// What the joints of a lead take: those at its ends, and before and behind each thing in it. What meets in
/// a pigtail is left out: that comes once for all of it.
void add_lead_joints(std::vector<BomLine>& lines, const Plan& plan, const Catalogue& catalogue, size_t i) {
    const auto& lead = plan.leads[i];
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire) return;
    for (const bool source : {true, false}) {
        if (!in_pigtail(plan, catalogue, lead, source)) {
            const auto stud = stud_at(plan, lead, source, false);
            const bool alone = source && begins_in_tap(catalogue, lead);
            const auto ends = alone ? 1 : static_cast<int>(used_wires(lead));
            add_joints(lines, lead, *wire, feed_joint(plan, catalogue, i, source), ends,
                       raw(stud) > 0 ? fmt::format(", M{:g}", raw(stud)) : "");
        }
        if (const auto over = over_tube(plan, catalogue, i, source); over && over->tube)
            add_tube(lines, *over->tube, raw(over->cut) / 1e3);
    }
    for (const auto& d : lead.devices)
        for (const bool before : {true, false})
            add_joints(lines, lead, *wire, item_joint(plan, catalogue, lead, d, before),
                       static_cast<int>(crossing_wires(lead, d.kind)));
    for (const auto& d : lead.devices)
        if (const auto over = splice_tube(plan, catalogue, lead, d); over && over->tube)
            add_tube(lines, *over->tube, raw(over->cut) / 1e3);
}

/// Cut-back cores are covered at both ends.
void add_cut_back(std::vector<BomLine>& lines, const Plan& plan, const Catalogue& catalogue,
                  const Lead& lead) {
    const auto unused = std::count_if(lead.cores.begin(), lead.cores.end(),
                                      [](const auto& c) { return c.role == CoreRole::unused; });
    if (const auto* tube = cut_back_tube(plan, catalogue, lead); tube && unused > 0)
        add_tube(lines, *tube, raw(cut_back_cover) * 2 * static_cast<double>(unused) / 1e3);
}

void add_devices(std::vector<BomLine>& lines, const Catalogue& catalogue, const Lead& feed,
                 const std::string& target) {
    for (const auto& d : feed.devices) {
        if (d.kind == DeviceKind::splice) continue;  // a joint: what it takes is among the joints'
        const auto name = item_name(catalogue, d);
        if (const auto* holder = holder_of(catalogue, d); holder && !in_block(catalogue, d)) {
            add(lines, holder->name, 1, "pcs", target, {Goods::part, holder->cost, holder->id, {}, d.id});
            add(lines, name, 1, "pcs", target, {Goods::fuse, price_of(catalogue, d.type), d.type, {}, {}});
            continue;
        }
        const auto* family = d.kind == DeviceKind::fuse ? find(catalogue.fuses, d.type) : nullptr;
        // A fuse blows and is replaced, its holder stays: two things.
        if (family && has_holder(*family) && family->action == FuseAction::fuse && !in_block(catalogue, d))
            add(lines, say("holder for a {family}", family->name), 1, "pcs", target,
                {Goods::part, holder_price(catalogue, *family), {}, {}, d.id});
        add(lines, d.kind == DeviceKind::connector ? say("{plug}, pair", name) : std::string(name), 1, "pcs",
            d.name.empty() ? target : d.name,
            {family && family->action == FuseAction::fuse ? Goods::fuse : Goods::part,
             price_of(catalogue, d.type),
             d.type,
             {},
             d.id});
    }
}

}  // namespace

namespace {
std::vector<BomLine> listed(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    std::vector<BomLine> lines;
    for (const auto& b : plan.sources)
        if (const auto* c = find(catalogue.chemistries, b.chemistry))
            add(lines, say("battery: {pack_summary}", pack_summary(b, *c)), 1, "pcs", b.name,
                {Goods::part, pack_price(catalogue, b, *c), {}, {}, b.id});
        else if (b.kind == SourceKind::supply || b.kind == SourceKind::panel)
            add(lines, source_summary(b, catalogue), 1, "pcs", b.name, part(b.id));
        else if (b.kind == SourceKind::circuit && !tapped_by_adapter(plan, catalogue, b.id))
            add(lines, say("add-a-circuit tap for a second fuse"), 1, "pcs", b.name,
                {Goods::part, cheapest_tap(catalogue), {}, {}, b.id});
    for (const auto& b : plan.sources)
        if (const auto held = held_part(b.held); !held.empty())
            add(lines, held, 1, "pcs", b.name,
                {Goods::part, sundry_price(catalogue, "held-" + std::string(word_of(b.held))), {}, {}, {}});
    for (const auto& h : plan.hubs)
        if (const auto* block = block_of(catalogue, h))
            add(lines, block->name, 1, "pcs", h.name, {Goods::part, block->cost, block->id, {}, h.id});
        else if (h.kind != HubKind::splice)
            add(lines, hub_part(h.kind), 1, "pcs", h.name,
                {Goods::part, sundry_price(catalogue, "hub-" + std::string(word_of(h.kind))), {}, {}, h.id});
    add_wrapping(lines, plan, catalogue);
    for (const auto& c : plan.converters) {
        const auto* t = find(catalogue.converters, c.type);
        add(lines, t ? t->name : c.type, 1, "pcs", c.name, {Goods::part, t ? t->cost : 0, c.type, {}, c.id});
        if (const auto over = board_tube(plan, catalogue, c); over && over->tube)
            add_tube(lines, *over->tube, raw(over->cut) / 1e3, c.name);
    }
    for (const auto& p : plan.passives)
        add(lines,
            raw(p.seat.cutout) > 0
                ? say("{word}, for an opening of {cutout}", said_word(p.kind), format(p.seat.cutout))
                : said_word(p.kind),
            1, "pcs", p.name, part(p.id));
    for (size_t i = 0; i < plan.leads.size(); ++i)
        add_devices(lines, catalogue, plan.leads[i], name_of(plan, plan.leads[i].to));
    for (size_t i = 0; i < plan.feeds().size(); ++i) {
        const auto& f = plan.feeds()[i];
        const auto* w = find(catalogue.wires, f.wire);
        if (!w) continue;
        const auto* insulation = find(catalogue.insulations, w->insulation);
        const auto supplied = use_of_supplied(catalogue, f, harness.routes[i].cut);
        for (const auto& core : harness.wiring.cores_of(i))
            if (core.of_cable < 0 && !(supplied && raw(supplied->bought) <= 0))
                add(lines,
                    say("wire {wire} {core_colour}, {insulation}", size_words(*w),
                        said(core_colour(plan, core)), insulation ? insulation->name : w->insulation),
                    raw(supplied ? supplied->bought : core.cut), "m", name_of(plan, f.to),
                    {Goods::wire, w->cost, w->id, core_colour(plan, core), f.id});
        for (const auto& joint : harness.wiring.joints_of(i))
            if (joint.at == JointAt::frame)
                add(lines, say("ring, bolt and serrated washer to the frame, for {wire}", size_words(*w)), 1,
                    "pcs", name_of(plan, f.to), {Goods::part, sundry_price(catalogue, "frame-ring")});
        add_lead_joints(lines, plan, catalogue, i);
    }
    for (size_t i = 0; i < harness.routes.size(); ++i)
        if (const auto* tube = jacket_tube(catalogue, plan.leads[i]))
            add_tube(lines, *tube, raw(jacket_length(plan.leads[i], harness.routes[i])),
                     lead_name(plan, plan.leads[i]));
    add_seals(lines, plan, catalogue);
    for (const auto& f : fittings_wanted(plan, catalogue, harness))
        add(lines, f.fitting->name, f.amount, by_the_metre(f.fitting->kind) ? "m" : "pcs", f.used_for,
            {goods_of(f.fitting->kind), f.fitting->cost, f.fitting->id, {}});
    for (const auto& p : pigtails(plan, catalogue)) {
        if (p.tube) add_tube(lines, *p.tube, raw(p.tube_cut) / 1e3);
        if (const auto cap = choose_crimp(catalogue, *p.kind, p.copper, p.over); cap.part)
            add(lines, cap.part->name, 1, "pcs", plan.hubs[p.hub].name,
                {Goods::small, cap.part->cost, cap.part->id, {}});
        else if (!p.kind->part.empty())
            add(lines, say("{part} for {use}", said(p.kind->part), format(p.copper)), 1, "pcs",
                plan.hubs[p.hub].name);
    }
    for (size_t i = 0; i < plan.leads.size(); ++i) {
        const auto& c = plan.leads[i];
        if (c.cores.empty()) continue;
        const auto* w = find(catalogue.wires, c.wire);
        // What feeds has its joints among those of the feeds.
        if (i >= plan.feeds().size()) add_lead_joints(lines, plan, catalogue, i);
        add_cut_back(lines, plan, catalogue, c);
        const auto supplied = use_of_supplied(catalogue, c, harness.routes[i].cut);
        const auto bought = supplied ? supplied->bought : harness.routes[i].cut;
        if (raw(bought) <= 0) continue;
        add(lines, say("cable, {count} × {size}", c.cores.size(), w ? w->size : c.wire), raw(bought), "m",
            c.name.empty() ? name_of(plan, c.to) : c.name,
            {Goods::cable,
             w ? w->cost * static_cast<double>(c.cores.size()) + sundry_price(catalogue, "cable-sheath") : 0,
             c.wire,
             {},
             c.id});
    }
    for (const auto& bus : data_buses(plan))
        if (bus.terminated && !bus.ends.empty())
            add(lines, say("resistor 120 Ω, or what the boards of the bus say"),
                static_cast<double>(bus.ends.size()), "pcs", bus.leads.front()->name,
                {Goods::small, sundry_price(catalogue, "resistor-120")});
    for (auto& l : lines)
        if (l.unit == "m") l.amount = std::ceil(l.amount * 100) / 100;
    return lines;
}
}  // namespace

std::vector<BomLine> bill_of_materials(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    auto lines = listed(plan, catalogue, harness);
    if (!speaks_another()) {
        for (auto& l : lines) l.key = l.item;
        return lines;
    }
    const InEnglish here;
    const auto english = listed(plan, catalogue, harness);
    for (size_t i = 0; i < lines.size(); ++i)
        lines[i].key = i < english.size() ? english[i].item : lines[i].item;
    return lines;
}

std::string bom_to_csv(const std::vector<BomLine>& lines) {
    std::string text = "item,amount,unit,used for\n";
    for (const auto& l : lines)
        text += fmt::format("{},{:g},{},{}\n", csv_cell(l.item), l.amount, l.unit, csv_cell(l.used_for));
    return text;
}

}  // namespace sangre
