// Where everything stands in the flow map: loads at the right in the order the bands leave, everything else
// so that its thickest band runs straight.
#include "power/flow_map.h"

namespace sangre::app {
namespace {

constexpr double least_band = 1.6;

/// Room a load's card needs: two lines while there are few, one when they are more.
double load_height(size_t loads) { return loads <= 9 ? u(42) : loads <= 13 ? u(38) : u(24); }

double load_width() { return u(164); }
double converter_width(bool many) { return many ? u(150) : u(168); }

}  // namespace

bool FlowMap::grouped() const { return document_.plan().loads.size() > 24; }

QSize FlowMap::minimumSizeHint() const {
    const auto& plan = document_.plan();
    const auto n = static_cast<double>(plan.loads.size());
    double tall = u(16);
    if (!grouped())
        tall += (load_height(plan.loads.size()) + u(4)) * n;
    else {
        size_t sources = 0;
        for (const auto* id : ids_with_loads()) sources += id != nullptr;
        // Three in a row at the usual width.
        tall +=
            (std::ceil(n / 3) + static_cast<double>(sources)) * u(18) + static_cast<double>(sources) * u(8);
        tall = std::max(tall, static_cast<double>(plan.converters.size()) * u(62));
    }
    // Sources and modules stand one below the other as well.
    tall = std::max({tall, static_cast<double>(plan.sources.size()) * u(160) + u(8),
                     static_cast<double>(plan.converters.size()) * u(68) + u(8)});
    return {u(640), static_cast<int>(std::max<double>(u(300), tall) * zoom())};
}

std::vector<const Id*> FlowMap::ids_with_loads() const {
    const auto& plan = document_.plan();
    std::vector<const Id*> sources;
    for (const auto& f : plan.feeds()) {
        if (!by_id(plan.loads, f.to)) continue;
        if (std::none_of(sources.begin(), sources.end(), [&](const auto* s) { return *s == f.from; }))
            sources.push_back(&f.from);
    }
    return sources;
}

FlowMap::Block* FlowMap::block(const Id& id) {
    const auto at = block_of_.find(id);
    return at == block_of_.end() ? nullptr : &blocks_[at->second];
}

const FlowMap::Block* FlowMap::block_at(QPointF at, PartKind kind) const {
    for (const auto& b : blocks_)
        if (b.kind == kind && b.area.contains(at)) return &b;
    return nullptr;
}

const std::vector<size_t>& FlowMap::fed_from(const Id& part) const {
    return document_.study().solver->index().from(part);
}

void FlowMap::order(const Id& part, int column, std::unordered_set<Id>& seen) {
    if (!seen.insert(part).second) return;
    const auto ref = document_.study().solver->index().part(part);
    block_of_.emplace(part, blocks_.size());
    blocks_.push_back({part, ref.kind, ref.index, column, {}, 0});
    for (const auto f : fed_from(part)) order(document_.plan().feeds()[f].to, column + 1, seen);
}

double FlowMap::band_height(Watt power) const {
    return std::max(least_band, std::abs(raw(power)) * pixels_per_watt_);
}

double FlowMap::sent_height(const Id& part) const {
    double sent = 0;
    for (const auto f : fed_from(part)) sent += band_height(document_.study().now.feeds[f].sent);
    return sent;
}

void FlowMap::lay_out() {
    const auto& plan = document_.plan();
    blocks_.clear(), groups_.clear(), block_of_.clear();
    std::unordered_set<Id> seen;
    for (const auto& b : plan.sources) order(b.id, 0, seen);
    for (const auto& c : plan.converters) order(c.id, 2, seen);
    for (const auto& l : plan.loads) order(l.id, 3, seen);
    double drawn = 1;
    for (const auto& b : document_.study().now.sources) drawn += std::abs(raw(b.watts));
    grouped() ? lay_groups(drawn) : lay_loads(drawn);
    lay_modules();
    lay_trunk();
    // Whole pixels: edges are crisp, and what moved by less need not be drawn anew.
    for (auto& b : blocks_)
        b.area = QRectF(std::round(b.area.left()), std::round(b.area.top()), std::round(b.area.width()),
                        std::round(b.area.height()));
    for (auto& b : blocks_) b.out_y = b.area.center().y() - sent_height(b.id) / 2;
}

/// Each load in a row of its own, as tall as its share of the power.
void FlowMap::lay_loads(double drawn) {
    const double h = paint_height(), gap = u(4), load_h = load_height(document_.plan().loads.size());
    const double spare = h - u(10) - (load_h + gap) * static_cast<double>(document_.plan().loads.size());
    const auto& now = document_.study().now;
    double y = u(4);
    for (auto& b : blocks_) {
        if (b.kind != PartKind::load) continue;
        const double share =
            b.index < now.loads.size() ? raw(now.loads[b.index].watts) / std::max(1.0, raw(now.drawn)) : 0;
        const double tall = load_h + std::max(0.0, spare) * 0.9 * std::max(0.0, share);
        b.area = QRectF(paint_width() - load_width() - u(4), y, load_width(), tall);
        y += tall + gap;
    }
    pixels_per_watt_ = std::max(20.0, std::min(spare * 0.9 + load_h * 2, h * 0.55)) / drawn;
}

/// Many loads: those of one source together in a block of rows, so that one band goes to all of them.
void FlowMap::lay_groups(double drawn) {
    const double left = first_column() + columns() * u(52) + converter_width(true) + u(64);
    const double wide = std::max<double>(u(120), paint_width() - left - u(4));
    const auto across = std::max<size_t>(1, static_cast<size_t>(wide / u(116)));
    size_t rows = 0;
    for (const auto& b : blocks_) {
        Group g{b.id, {}, {}};
        for (const auto f : fed_from(b.id))
            if (const auto* to = block(document_.plan().feeds()[f].to); to && to->kind == PartKind::load)
                g.feeds.push_back(f);
        if (g.feeds.empty()) continue;
        rows += (g.feeds.size() + across - 1) / across;
        groups_.push_back(std::move(g));
    }
    const double gaps = u(9) * static_cast<double>(groups_.size());
    const double cell = std::clamp((paint_height() - u(8) - gaps) / std::max(1.0, static_cast<double>(rows)),
                                   static_cast<double>(u(17)), static_cast<double>(u(26)));
    double y = u(4);
    for (auto& g : groups_) {
        const size_t lines = (g.feeds.size() + across - 1) / across;
        const double tall = static_cast<double>(lines) * cell;
        g.area = QRectF(left, y, wide, tall);
        for (size_t i = 0; i < g.feeds.size(); ++i)
            if (auto* to = block(document_.plan().feeds()[g.feeds[i]].to)) {
                const size_t line = i / across;
                to->area = QRectF(left + static_cast<double>(i % across) * wide / static_cast<double>(across),
                                  y + static_cast<double>(line) * cell,
                                  wide / static_cast<double>(across) - u(3), cell - u(2));
            }
        y += tall + u(9);
    }
    pixels_per_watt_ = paint_height() * 0.33 / drawn;
}

double FlowMap::first_column() const { return u(118) + u(58); }

/// How many columns of hubs stand between the packs and the modules.
double FlowMap::columns() const {
    int most = 0;
    for (const auto& b : blocks_)
        if (b.kind == PartKind::hub) most = std::max(most, b.column);
    return most;
}

void FlowMap::lay_modules() {
    const bool many = grouped();
    const double wide = converter_width(many), h = paint_height();
    const double x = many ? first_column() + columns() * u(52) : paint_width() - load_width() - wide - u(104);
    for (auto& b : blocks_) {
        if (b.kind != PartKind::converter) continue;
        double top = 1e9, bottom = -1e9;
        for (const auto f : fed_from(b.id))
            if (const auto* to = block(document_.plan().feeds()[f].to); to && to->kind == PartKind::load)
                top = std::min(top, to->area.top()), bottom = std::max(bottom, to->area.bottom());
        const double tall = std::max<double>(u(64), sent_height(b.id) + 4);
        const double middle = top > bottom ? h / 2 : (top + bottom) / 2;
        b.area =
            QRectF(x, std::clamp<double>(middle - tall / 2, u(4), std::max<double>(u(4), h - tall - u(4))),
                   wide, tall);
    }
    // Modules must not cover each other.
    std::vector<Block*> modules;
    for (auto& b : blocks_)
        if (b.kind == PartKind::converter) modules.push_back(&b);
    std::stable_sort(modules.begin(), modules.end(), [](const auto* a, const auto* b) {
        return a->area.center().y() < b->area.center().y();
    });
    double low = u(4);
    for (auto* b : modules) {
        if (b->area.top() < low) b->area.moveTop(low);
        low = b->area.bottom() + u(8);
    }
    double ceiling = h - u(4);
    for (auto b = modules.rbegin(); b != modules.rend(); ++b) {
        if ((*b)->area.bottom() > ceiling) (*b)->area.moveBottom(ceiling);
        ceiling = (*b)->area.top() - u(8);
    }
}

/// Hubs and packs, from the far end back: each where its main band leaves level with where it arrives.
void FlowMap::lay_trunk() {
    const double h = paint_height();
    for (auto b = blocks_.rbegin(); b != blocks_.rend(); ++b) {
        if (b->kind != PartKind::hub && b->kind != PartKind::source) continue;
        const bool battery = b->kind == PartKind::source;
        const double sent = sent_height(b->id);
        const double tall =
            battery ? std::max<double>(u(210), sent + u(20)) : std::max<double>(u(40), sent + u(8));
        double thickest = 0, before = 0, middle = h / 2, mean = 0;
        for (const auto f : fed_from(b->id)) {
            const double band = band_height(document_.study().now.feeds[f].sent);
            const auto* to = block(document_.plan().feeds()[f].to);
            if (to) {
                const double level = arrival(*to, f).y() - before - band / 2 + sent / 2;
                mean += level * band / sent;
                if (band > thickest) thickest = band, middle = level;
            }
            before += band;
        }
        // Where none is the main one, where they all together leave least slanted.
        if (thickest < 0.4 * sent) middle = mean;
        const double x = battery ? u(4) : first_column() + (b->column - 1) * (grouped() ? u(52) : u(84));
        b->area =
            QRectF(x, std::clamp<double>(middle - tall / 2, u(4), std::max<double>(u(4), h - tall - u(4))),
                   battery ? u(118) : u(16), tall);
    }
    spread_packs();
}

/// Two packs stand one below the other.
void FlowMap::spread_packs() {
    double low = u(4);
    std::vector<Block*> packs;
    for (auto& b : blocks_)
        if (b.kind == PartKind::source) packs.push_back(&b);
    if (packs.size() < 2) return;
    const double each = (paint_height() - u(8)) / static_cast<double>(packs.size()) - u(10);
    std::stable_sort(packs.begin(), packs.end(), [](const auto* a, const auto* b) {
        return a->area.center().y() < b->area.center().y();
    });
    for (auto* b : packs) {
        b->area.setHeight(std::min(b->area.height(), std::max<double>(each, u(140))));
        if (b->area.top() < low) b->area.moveTop(low);
        low = b->area.bottom() + u(10);
    }
    double ceiling = paint_height() - u(4);
    for (auto b = packs.rbegin(); b != packs.rend(); ++b) {
        if ((*b)->area.bottom() > ceiling)
            (*b)->area.moveBottom(std::max(ceiling, (*b)->area.height() + u(4)));
        ceiling = (*b)->area.top() - u(10);
    }
}

QPointF FlowMap::arrival(const Block& to, size_t feed) const {
    if (to.kind == PartKind::load)
        for (const auto& g : groups_)
            if (std::find(g.feeds.begin(), g.feeds.end(), feed) != g.feeds.end())
                return {g.area.left(), g.area.center().y()};
    return {to.area.left(), to.area.center().y()};
}

}  // namespace sangre::app
