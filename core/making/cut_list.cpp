#include "making/cut_list.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "harness/fittings.h"
#include "lines/csv.h"
#include "making/fill_offcuts.h"
#include "making/steps/steps.h"
#include "physics/parts/wire_size.h"
#include "wiring/cable/supplied.h"
#include "wiring/conductors/marks.h"
#include "wiring/item/covers.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

long to_mm(Metre m) { return std::lround(raw(m) * 1e3); }

struct Lister {
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    std::map<std::string, size_t> at{};
    std::vector<CutGroup> groups{};
    std::vector<std::vector<CutPiece>> pieces{};
    std::vector<CutGroup> supplied{};  ///< one for each lead that came with a part

    void add(CutKind kind, const Words& what, const Id& wire, const std::string& colour, CutPiece piece) {
        if (raw(piece.length) <= 0) return;
        const auto key = fmt::format("{}|{}|{}", static_cast<int>(kind), what.english(), colour);
        const auto [found, made] = at.emplace(key, groups.size());
        if (made) {
            CutGroup g;
            g.kind = kind, g.what = what, g.key = what.english(), g.wire = wire, g.colour = colour;
            groups.push_back(std::move(g));
            pieces.emplace_back();
        }
        pieces[found->second].push_back(std::move(piece));
    }
    /// From what the lead came with, and from the spool what lengthens it.
    void add_of(const Lead& lead, CutKind kind, const Words& what, const std::string& colour,
                CutPiece piece) {
        const auto use = use_of_supplied(catalogue, lead, piece.length);
        if (!use) return add(kind, what, lead.wire, colour, std::move(piece));
        if (use->is_cut) {
            CutFrom from;
            from.of = say("the lead that {lead} came with", lead_name(plan, lead));
            from.length = *lead.supplied, from.left = use->left;
            auto own = piece;
            own.length = use->used;
            own.plug = keeps_plug(catalogue, lead, true) || keeps_plug(catalogue, lead, false);
            from.pieces.push_back(std::move(own));
            supplied.push_back({kind, what, what.english(), lead.wire, colour, {std::move(from)}});
            supplied.back().left = use->left;
        }
        piece.length = use->bought;
        add(kind, what, lead.wire, colour, std::move(piece));
    }
    void wires() {
        const auto cabled = cabled_leads(plan);
        for (const auto& core : figures.harness.wiring.cores) {
            if (core.of_cable >= 0 || !core.wire) continue;
            const auto& feed = plan.feeds()[core.lead];
            const auto* insulation = find(catalogue.insulations, core.wire->insulation);
            const auto& colour = core_colour(plan, core);
            auto mark = wire_label(core.lead, core.role == WireRole::back, core.number, core.alike);
            add_of(feed, CutKind::wire,
                   // Of a wire what lies at hand is known by its id and colour.
                   compose("{} {}, {}", size_words(*core.wire), said(colour),
                           insulation ? Words(insulation->name) : Words(core.wire->insulation)),
                   colour, {std::move(mark), feed.id, core.cut, "cut/" + feed.id});
        }
        for (size_t c = 0; c < cabled.size(); ++c) {
            const auto& lead = *cabled[c];
            const auto* wire = find(catalogue.wires, lead.wire);
            for (size_t i = 0; i < figures.harness.routes.size(); ++i)
                if (plan.leads[i].id == lead.id)
                    add_of(lead, CutKind::cable, cable_words(lead, wire ? wire->size : lead.wire), {},
                           {cable_label(c), lead.id, figures.harness.routes[i].cut, cut_step_key(lead.id)});
        }
    }
    static Words cable_words(const Lead& lead, const std::string& size) {
        return say("cable, {count} × {size}", lead.cores.size(), size);
    }
    void tube(const TubeSize* size, Millimetre length, double count, const Id& lead, const Words& where,
              const std::string& step = {}) {
        if (!size) return;
        for (int i = 0; i < static_cast<int>(std::lround(count)); ++i)
            add(CutKind::tube, size->name, {}, {},
                {where, lead, Metre(raw(length) / 1e3), step.empty() ? "sleeve/" + lead : step});
    }
    void tubes() {
        for (size_t i = 0; i < figures.harness.routes.size(); ++i) {
            const auto& lead = plan.leads[i];
            tube(jacket_tube(catalogue, lead),
                 Millimetre(raw(jacket_length(lead, figures.harness.routes[i])) * 1e3), 1, lead.id,
                 say("over the whole lead"), cut_step_key(lead.id));
        }
        for (size_t f = 0; f < plan.leads.size(); ++f) {
            const auto& feed = plan.leads[f];
            const auto ends = static_cast<double>(used_wires(feed));
            for (const bool source : {true, false}) {
                const auto part = name_of(plan, source ? feed.from : feed.to);
                if (!in_pigtail(plan, catalogue, feed, source))
                    if (const auto work = feed_joint(plan, catalogue, f, source))
                        tube(work->tube ? work->tube : work->to_buy, work->tube_cut, ends, feed.id, part);
                if (const auto over = over_tube(plan, catalogue, f, source))
                    tube(over->tube, over->cut, 1, feed.id, say("over both at {part}", part));
            }
            for (const auto& d : feed.devices)
                for (const bool before : {true, false})
                    if (const auto work = item_joint(plan, catalogue, feed, d, before))
                        tube(work->tube ? work->tube : work->to_buy, work->tube_cut,
                             static_cast<double>(crossing_wires(feed, d.kind)), feed.id,
                             said(kind_word(d.kind)), "item/" + d.id);
            for (const auto& d : feed.devices)
                if (const auto over = splice_tube(plan, catalogue, feed, d))
                    tube(over->tube, over->cut, 1, feed.id, say("over the whole splice"), "item/" + d.id);
        }
    }
    void fill(CutGroup& g, std::vector<CutPiece> all) {
        struct Offcut {
            const AtHand* of;
            int number;
        };
        std::vector<Offcut> offcuts;
        std::vector<long> lengths, wanted;
        for (const auto& h : plan.at_hand) {
            const bool same = g.kind == CutKind::wire ? h.wire == g.wire && h.colour == g.colour
                                                      : h.name == g.key || h.name == g.what;
            if (!same || raw(h.length) <= 0) continue;
            for (int n = 1; n <= h.pieces; ++n)
                offcuts.push_back({&h, n}), lengths.push_back(to_mm(h.length));
        }
        std::stable_sort(all.begin(), all.end(),
                         [](const auto& a, const auto& b) { return a.length > b.length; });
        for (const auto& p : all) wanted.push_back(to_mm(p.length));
        const auto found = fill_offcuts(wanted, lengths);
        std::vector<CutFrom> from(offcuts.size() + 1);
        for (size_t o = 0; o < offcuts.size(); ++o)
            from[o].at_hand = offcuts[o].of->id, from[o].piece_no = offcuts[o].number,
            from[o].of = offcuts[o].of->name, from[o].length = offcuts[o].of->length,
            from[o].left = from[o].length;
        for (size_t i = 0; i < all.size(); ++i) {
            auto& cut = from[found.from[i] < 0 ? offcuts.size() : static_cast<size_t>(found.from[i])];
            if (found.from[i] < 0)
                cut.length += all[i].length;
            else
                cut.left -= all[i].length;
            cut.pieces.push_back(std::move(all[i]));
        }
        for (auto& cut : from)
            if (!cut.pieces.empty()) {
                // A lead cut in half leaves a plug on either piece.
                const auto* of = by_id(plan.at_hand, cut.at_hand);
                if (of && g.kind == CutKind::cable && of->plugs > 0) cut.pieces.front().plug = true;
                if (of && g.kind == CutKind::cable && of->plugs > 1 && cut.pieces.size() > 1)
                    cut.pieces.back().plug = true;
                if (!cut.at_hand.empty()) g.left += cut.left;
                g.from.push_back(std::move(cut));
            }
        g.bought = Metre(static_cast<double>(found.bought) / 1e3),
        g.least_bought = Metre(static_cast<double>(found.least_bought) / 1e3);
        g.exact = found.exact;
    }
};

}  // namespace

CutList cut_list(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    Lister lister{plan, catalogue, figures};
    lister.wires();
    lister.tubes();
    CutList list;
    for (size_t i = 0; i < lister.groups.size(); ++i)
        lister.fill(lister.groups[i], std::move(lister.pieces[i]));
    list.groups = std::move(lister.groups);
    for (auto& g : lister.supplied) list.groups.push_back(std::move(g));
    std::stable_sort(list.groups.begin(), list.groups.end(),
                     [](const auto& a, const auto& b) { return a.kind < b.kind; });
    for (const auto& g : list.groups)
        for (const auto& from : g.from) {
            list.pieces += from.pieces.size(), list.offcuts += !from.of.empty();
            if (g.kind == CutKind::tube) continue;
            (from.of.empty() ? list.bought : list.left) += from.of.empty() ? from.length : from.left;
        }
    return list;
}

Words cut_words(const CutPiece& piece) {
    return piece.plug ? say("{mark}, with its plug", piece.mark) : piece.mark;
}

std::string cut_list_to_csv(const Plan& plan, const CutList& list) {
    std::string text = "what,cut from,length m,mark,for,left m\n";
    for (const auto& g : list.groups)
        for (const auto& from : g.from) {
            const bool bought = from.of.empty();
            for (const auto& p : from.pieces)
                text += fmt::format(
                    "{},{},{:g},{},{},{}\n", csv_cell(g.what.str()),
                    csv_cell(bought ? "new" : fmt::format("{} {:g} m", from.of.str(), raw(from.length))),
                    raw(p.length), csv_cell(cut_words(p).str()), csv_cell(name_of(plan, p.lead)),
                    bought ? "" : fmt::format("{:g}", raw(from.left)));
        }
    return text;
}

}  // namespace sangre
