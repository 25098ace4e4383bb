#include "output/diagram/arrangement.h"

#include <algorithm>
#include <functional>
#include <set>

namespace sangre {
namespace {

constexpr double load_row = 16, module_row = 22, pack_row = 30;
constexpr double device_room = 13, label_room = 34;
constexpr double letter = 1.9;  // of a name, in bold

class Arranger {
  public:
    Arranger(const Plan& plan, const PlanIndex& index, double stretch)
        : plan_(plan), index_(index), stretch_(stretch) {}

    Arrangement done() {
        for (const auto& b : plan_.sources) visit(b.id, {}, 0);
        // What nothing feeds still is on the sheet.
        for (const auto& h : plan_.hubs)
            if (index_.into(h.id).empty()) visit(h.id, {}, 1);
        for (const auto& c : plan_.converters) visit(c.id, {}, 1);
        for (const auto& h : plan_.hubs) visit(h.id, {}, 1);
        for (const auto& l : plan_.loads) visit(l.id, {}, 1);
        put_in_columns();
        size_columns();
        a_.height = next_row_;
        std::stable_sort(a_.cuts.begin(), a_.cuts.end());
        return std::move(a_);
    }

  private:
    static double least_height(PartKind kind) {
        return kind == PartKind::source      ? 24
               : kind == PartKind::converter ? 17
               : kind == PartKind::load      ? 11
                                             : 8;
    }
    double row_of(PartKind kind) const {
        return stretch_ * (kind == PartKind::source      ? pack_row
                           : kind == PartKind::converter ? module_row
                                                         : load_row);
    }

    void visit(const Id& id, std::optional<size_t> by, int column) {
        if (!seen_.insert(id).second) return;
        const auto at = a_.parts.size();
        a_.parts.push_back({id, index_.part(id), column, 0, 0, 0, by, {}});
        const auto kind = a_.parts[at].part.kind;
        const double begin = next_row_;
        double first = 0, last = 0;
        for (const auto f : index_.from(id)) {
            const auto& to = plan_.feeds()[f].to;
            if (seen_.contains(to) || index_.part(to).kind == PartKind::none) {
                if (index_.part(to).kind != PartKind::none) a_.extra.push_back(f);
                continue;
            }
            const auto child = a_.parts.size();
            visit(to, f, column + 1);
            if (a_.parts[at].feeds.empty()) first = a_.parts[child].level;
            last = a_.parts[child].level;
            a_.parts[at].feeds.push_back(f);
        }
        auto& p = a_.parts[at];
        const double tall = least_height(kind);
        if (p.feeds.empty()) {
            p.level = begin + row_of(kind) / 2;
            next_row_ = begin + row_of(kind);
            a_.cuts.push_back(next_row_);
            first = last = p.level;
        } else {
            p.level = (first + last) / 2;
            // A module or pack with one load is taller than the load's row.
            if (next_row_ - begin < row_of(kind)) {
                const double shift = (row_of(kind) - (next_row_ - begin)) / 2;
                for (size_t i = at; i < a_.parts.size(); ++i)
                    a_.parts[i].top += shift, a_.parts[i].bottom += shift, a_.parts[i].level += shift;
                first += shift, last += shift;
                next_row_ = begin + row_of(kind);
                a_.cuts.back() = next_row_;
            }
        }
        p.top = std::min(p.level - tall / 2, first - 5), p.bottom = std::max(p.level + tall / 2, last + 5);
    }

    /// Packs, then hubs, then modules and what hangs behind them, loads last.
    void put_in_columns() {
        int trunk = 0;
        std::set<Id> behind;
        for (auto& p : a_.parts) {
            const auto* from = p.fed_by ? &plan_.feeds()[*p.fed_by].from : nullptr;
            const bool after_module =
                from && (behind.contains(*from) || index_.part(*from).kind == PartKind::converter);
            if (after_module) behind.insert(p.id);
            if (p.part.kind == PartKind::hub && !after_module) trunk = std::max(trunk, p.column);
        }
        int last = 0;
        for (auto& p : a_.parts) {
            const auto* before = p.fed_by ? a_.find(plan_.feeds()[*p.fed_by].from) : nullptr;
            if (before) p.column = before->column + 1;
            if (p.part.kind == PartKind::converter) p.column = std::max(p.column, trunk + 1);
            if (p.part.kind != PartKind::load) last = std::max(last, p.column);
        }
        for (auto& p : a_.parts)
            if (p.part.kind == PartKind::load) p.column = last + 1;
        // One that another load passes its supply on to stands behind that.
        int deepest = last + 1;
        for (auto& p : a_.parts) {
            const auto* before = p.fed_by ? a_.find(plan_.feeds()[*p.fed_by].from) : nullptr;
            if (before && before->part.kind == PartKind::load) p.column = before->column + 1;
            deepest = std::max(deepest, p.column);
        }
        a_.wide.assign(static_cast<size_t>(deepest) + 1, 10);
    }

    void size_columns() {
        for (const auto& p : a_.parts) {
            auto& w = a_.wide[static_cast<size_t>(p.column)];
            // As wide as its name asks, within what leaves the wires room.
            const double asked = 12 + letter * static_cast<double>(name_of(plan_, p.id).size());
            const double for_name = std::clamp(asked, 36.0, 54.0);
            w = std::max(w, p.part.kind == PartKind::source      ? 36.0
                            : p.part.kind == PartKind::converter ? std::max(for_name, 42.0)
                            : p.part.kind == PartKind::load      ? for_name
                                                                 : 13.0);
        }
        // Between columns as much as the feeds from one to the next ask for their devices and labels.
        double x = 0;
        for (size_t c = 0; c < a_.wide.size(); ++c) {
            a_.left.push_back(x);
            size_t most = 0;
            bool any = false;
            for (const auto& p : a_.parts) {
                const auto* from = p.fed_by ? a_.find(plan_.feeds()[*p.fed_by].from) : nullptr;
                if (!from || from->column != static_cast<int>(c)) continue;
                if (p.column != from->column + 1 && c + 2 < a_.wide.size()) continue;
                any = true;
                most = std::max(most, plan_.feeds()[*p.fed_by].devices.size());
            }
            x += a_.wide[c] + (c + 1 < a_.wide.size()
                                   ? device_room * static_cast<double>(most) + (any ? label_room : 24)
                                   : 0);
        }
        a_.width = x;
    }

    const Plan& plan_;
    const PlanIndex& index_;
    Arrangement a_;
    std::set<Id> seen_;
    double next_row_ = 0, stretch_ = 1;
};

}  // namespace

const Placed* Arrangement::find(const Id& id) const {
    for (const auto& p : parts)
        if (p.id == id) return &p;
    return nullptr;
}

Arrangement arrange(const Plan& plan, const PlanIndex& index, double stretch) {
    return Arranger(plan, index, stretch).done();
}

}  // namespace sangre
