#include "power/flow_map.h"

#include <QMouseEvent>
#include <QPainterPath>

#include "widgets/words.h"

namespace sangre::app {
namespace {

constexpr double least_band = 1.6;

/// Room a load's card needs: two lines while there are few, one when they are many.
double load_height(size_t loads) { return loads <= 12 ? u(42) : loads <= 24 ? u(24) : u(19); }

}  // namespace

FlowMap::FlowMap(Document& document, QWidget* parent) : Canvas(tr("Flow map"), parent), document_(document) {
    connect(&document_, &Document::changed, this, [this] {
        setMinimumHeight(minimumSizeHint().height());
        update();
    });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
    setMinimumHeight(minimumSizeHint().height());
}

QSize FlowMap::minimumSizeHint() const {
    const auto n = document_.plan().loads.size();
    return {u(500), std::max<int>(
                        u(300), static_cast<int>((load_height(n) + u(4)) * static_cast<double>(n)) + u(16))};
}

FlowMap::Block* FlowMap::block(const Id& id) {
    for (auto& b : blocks_)
        if (b.id == id) return &b;
    return nullptr;
}

const FlowMap::Block* FlowMap::block_at(QPointF at, PartKind kind) const {
    for (const auto& b : blocks_)
        if (b.kind == kind && b.area.contains(at)) return &b;
    return nullptr;
}

void FlowMap::order(const Id& part, int column, std::vector<Id>& seen) {
    if (std::find(seen.begin(), seen.end(), part) != seen.end()) return;
    seen.push_back(part);
    const auto ref = find_part(document_.plan(), part);
    blocks_.push_back({part, ref.kind, ref.index, column, {}, 0, false});
    for (const auto f : feeds_from(document_.plan(), part))
        order(document_.plan().feeds[f].to, column + 1, seen);
}

double FlowMap::band_height(Watt power) const {
    return std::max(least_band, std::abs(raw(power)) * pixels_per_watt_);
}

void FlowMap::lay_out() {
    const auto& plan = document_.plan();
    blocks_.clear();
    std::vector<Id> seen;
    for (const auto& b : plan.batteries) order(b.id, 0, seen);
    for (const auto& c : plan.converters) order(c.id, 2, seen);
    for (const auto& l : plan.loads) order(l.id, 3, seen);

    // Loads stand in a column at the right in the order the bands leave, so that bands do not cross.
    const double h = height(), gap = u(4);
    double y = u(4), total = std::max(1.0, raw(document_.study().now.drawn));
    const double load_h = load_height(plan.loads.size());
    const double load_w = u(164), load_x = width() - load_w - u(4);
    const double spare = h - u(10) - (load_h + gap) * static_cast<double>(plan.loads.size());
    for (auto& b : blocks_) {
        if (b.kind != PartKind::load) continue;
        const auto& now = document_.study().now.loads;
        const double share = b.index < now.size() ? raw(now[b.index].watts) / total : 0;
        const double height_here = load_h + std::max(0.0, spare) * 0.9 * std::max(0.0, share);
        b.area = QRectF(load_x, y, load_w, height_here);
        y += height_here + gap;
    }
    double drawn = 1;
    for (const auto& b : document_.study().now.batteries) drawn = std::max(drawn, std::abs(raw(b.watts)));
    pixels_per_watt_ = std::max(20.0, std::min(spare * 0.9 + load_h * 2, h * 0.55)) / drawn;

    // Everything else stands at the middle of what it feeds.
    for (auto b = blocks_.rbegin(); b != blocks_.rend(); ++b) {
        if (b->kind == PartKind::load) continue;
        double top = 1e9, bottom = -1e9, sent = 0;
        for (const auto f : feeds_from(plan, b->id)) {
            sent += band_height(document_.study().now.feeds[f].sent);
            if (const auto* to = block(plan.feeds[f].to))
                top = std::min(top, to->area.top()), bottom = std::max(bottom, to->area.bottom());
        }
        const double middle = top > bottom ? h / 2 : (top + bottom) / 2;
        const bool converter = b->kind == PartKind::converter, battery = b->kind == PartKind::battery;
        const double tall = battery     ? std::max<double>(u(210), sent + u(20))
                            : converter ? std::max<double>(u(64), sent + 4)
                                        : std::max<double>(u(40), sent + u(8));
        const double wide = battery ? u(118) : converter ? u(168) : u(16);
        const double x = battery     ? u(4)
                         : converter ? width() - load_w - wide - u(104)
                                     : u(118) + u(58) + (b->column - 1) * u(84);
        b->area = QRectF(
            x,
            std::clamp(middle - tall / 2, static_cast<double>(u(4)), std::max<double>(u(4), h - tall - u(4))),
            wide, tall);
    }
    // Modules must not cover each other.
    double low = u(4);
    for (auto& b : blocks_) {
        if (b.kind != PartKind::converter) continue;
        if (b.area.top() < low) b.area.moveTop(low);
        low = b.area.bottom() + u(8);
    }
    if (low - u(8) > h - u(4)) {
        double shift = low - u(8) - (h - u(4)), ceiling = h - u(4);
        for (auto b = blocks_.rbegin(); b != blocks_.rend() && shift > 0; ++b)
            if (b->kind == PartKind::converter)
                b->area.moveBottom(std::min(b->area.bottom(), ceiling)), ceiling = b->area.top() - u(8);
    }
    for (auto& b : blocks_) {
        double sent = 0;
        for (const auto f : feeds_from(plan, b.id)) sent += band_height(document_.study().now.feeds[f].sent);
        b.out_y = b.area.center().y() - sent / 2;
    }
}

void FlowMap::paint(QPainter& p) {
    if (document_.plan().feeds.empty()) {
        card(p, QRectF(0, 0, width() - u(2), u(92)));
        text(p, QRectF(u(16), u(12), width() - u(30), u(28)), tr("No power flows yet."), theme().ink,
             face(16, true));
        text(p, QRectF(u(16), u(42), width() - u(30), u(20)),
             document_.plan().loads.empty()
                 ? tr("List what must run on Loads, then press Propose (Ctrl+P).")
                 : tr("Press Propose (Ctrl+P): it chooses battery, rails, fuses and wires, and says why."),
             theme().muted, face(13));
        return;
    }
    lay_out();
    paint_bands(p);
    paint_heat(p);
    for (const auto& b : blocks_) paint_block(p, b);
    if (dragging_) {
        p.setPen(QPen(theme().accent, 2, Qt::DashLine));
        if (const auto* from = block(dragged_)) p.drawLine(from->area.center(), drag_at_);
    }
}

void FlowMap::paint_bands(QPainter& p) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto open = demand_for(plan, document_.conditions()).open;
    for (auto& from : blocks_)
        for (const auto f : feeds_from(plan, from.id)) {
            const auto& feed = plan.feeds[f];
            const auto& now = document_.study().now.feeds[f];
            auto* to = block(feed.to);
            if (!to) continue;
            const double h = band_height(now.sent), y0 = from.out_y + h / 2, y1 = to->area.center().y();
            from.out_y += h;
            const double x0 = from.area.right(), x1 = to->area.left(), bend = (x1 - x0) * 0.5;
            const bool off = open[f] || std::abs(raw(now.sent)) < 0.005,
                       selected = document_.selection() == feed.id;
            QPainterPath path(QPointF(x0, y0));
            path.cubicTo(x0 + bend, y0, x1 - bend, y1, x1, y1);
            const bool after_module = from.kind == PartKind::converter;
            QColor colour = after_module && raw(now.at_source) < 6 ? t.cool : t.flow;
            if (selected || hovered() == "feed:" + QString::fromStdString(feed.id)) colour = t.accent;
            if (off)
                p.setPen(QPen(selected ? t.accent : t.flow_soft, 1.6, Qt::DashLine));
            else
                p.setPen(QPen(colour, h, Qt::SolidLine, Qt::FlatCap));
            p.setBrush(Qt::NoBrush);
            p.drawPath(path);
            const auto middle = path.pointAtPercent(0.52);
            const auto key = "feed:" + QString::fromStdString(feed.id);
            const auto tip =
                tr("%1\n%2 · %3 · %4\n%5, drop %6")
                    .arg(QString::fromStdString(feed_name(plan, feed)), said(now.at_source), said(now.supply),
                         said(now.sent), said(document_.study().harness.routes[f].length),
                         QString::fromStdString(format_percent(document_.study().worst.feeds[f].drop_share)));
            const double grab = std::clamp(h, static_cast<double>(u(12)), static_cast<double>(u(46)));
            add_spot({QRectF(middle.x() - u(20), middle.y() - grab / 2, u(40), grab),
                      key,
                      tip,
                      [this, id = feed.id] { document_.select(id); },
                      {}});
            const auto* fuse = device(feed, DeviceKind::fuse);
            if (!fuse || (off && h < u(4)) || plan.loads.size() > 24) continue;
            const QString rating = format_number(raw(fuse->rating)).c_str() + QStringLiteral(" A");
            const double w = text_width(rating, face(11, true)) + u(12);
            const QRectF pill(middle.x() - w / 2, middle.y() - u(8), w, u(16));
            const bool bad = !document_.study().protection[f].protects;
            p.setPen(QPen(bad ? t.danger : t.accent, bad ? 2 : 1));
            p.setBrush(t.card);
            p.drawRoundedRect(pill, u(8), u(8));
            text(p, pill, rating, bad ? t.danger : t.accent, face(11, true), Qt::AlignCenter);
        }
}

void FlowMap::paint_heat(QPainter& p) {
    const auto& t = theme();
    const auto& s = document_.study();
    const Block* battery = nullptr;
    for (const auto& b : blocks_)
        if (b.kind == PartKind::battery) battery = &b;
    if (!battery || raw(s.now.wire_heat) < 0.005) return;
    // What the wires lose falls out beside the battery, to the scale of the bands.
    const double h = std::clamp(raw(s.now.wire_heat) * pixels_per_watt_, 2.0, static_cast<double>(u(14)));
    const double x = battery->area.right() + u(9),
                 y = std::min(battery->area.bottom() + u(26), static_cast<double>(height() - u(26)));
    QPainterPath path(QPointF(battery->area.right(), battery->out_y - h / 2));
    path.quadTo(x, battery->out_y - h / 2, x, y);
    p.setPen(QPen(t.heat_soft, h, Qt::SolidLine, Qt::FlatCap));
    p.setBrush(Qt::NoBrush);
    p.drawPath(path);
    text(p, QRectF(battery->area.left(), y + u(4), u(190), u(16)),
         tr("%1 heat in wires").arg(said(s.now.wire_heat)), t.heat, face(12));
}

void FlowMap::paint_block(QPainter& p, const Block& b) {
    const auto& plan = document_.plan();
    const auto key = "part:" + QString::fromStdString(b.id);
    switch (b.kind) {
        case PartKind::battery:
            paint_battery(p, b);
            break;
        case PartKind::converter:
            paint_converter(p, b);
            break;
        case PartKind::load:
            paint_load(p, b);
            break;
        case PartKind::hub: {
            p.setPen(Qt::NoPen);
            p.setBrush(document_.selection() == b.id ? theme().accent : theme().ink);
            p.drawRoundedRect(b.area, 3, 3);
            const QString name = QString::fromStdString(name_of(plan, b.id));
            const auto volts = said(document_.study().now.hubs[b.index].volts);
            // Two hubs side by side write on alternate sides, so that their names do not meet.
            const bool above = b.column % 2 == 0 || b.area.top() < u(60);
            const double y = above && b.area.top() > u(40) ? b.area.top() - u(36) : b.area.bottom() + u(2);
            if (b.area.top() > u(40)) {
                const double level = b.column % 2 == 0 ? 0 : -u(34);
                const double left = std::max<double>(b.area.center().x() - u(56), u(142));
                text(p, QRectF(left, y + (above ? level : 0), u(112), u(17)), name, theme().ink,
                     face(13, true), Qt::AlignCenter);
                text(p, QRectF(left, y + u(16) + (above ? level : 0), u(112), u(16)), volts, theme().muted,
                     face(12), Qt::AlignCenter);
            }
            add_spot({b.area.adjusted(-u(6), 0, u(6), 0),
                      key,
                      name + "\n" + volts,
                      [this, id = b.id] { document_.select(id); },
                      {}});
            break;
        }
        case PartKind::none:
            break;
    }
}

void FlowMap::set_voltage(const Id& id, const QRectF& area) {
    document_.select(id);
    const auto* c = by_id(document_.plan().converters, id);
    if (!c) return;
    edit_value_at(area, said(c->set), Dimension::voltage, "V", [this, id](double v) -> QString {
        if (v < 0.5 || v >= 60) return tr("A voltage from 0.5 to 60 V is expected.");
        close_editor();
        document_.apply([id, v](const Plan& p) { return set_converter_voltage(p, id, Volt(v)); },
                        tr("Set a rail"));
        return {};
    });
}

}  // namespace sangre::app
