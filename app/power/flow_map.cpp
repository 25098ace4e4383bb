#include "power/flow_map.h"

#include <QMouseEvent>
#include <QPainterPath>

#include "widgets/words.h"

namespace sangre::app {
namespace {

constexpr int glow_ms = 150;

}  // namespace

FlowMap::FlowMap(Document& document, QWidget* parent) : Canvas(tr("Flow map"), parent), document_(document) {
    glow_.setDuration(glow_ms);
    glow_.setStartValue(1.0);
    glow_.setEndValue(0.0);
    connect(&glow_, &QVariantAnimation::valueChanged, this, [this] { update(); });
    connect(&document_, &Document::changed, this, [this] {
        setMinimumHeight(minimumSizeHint().height());
        note_changes();
        update();
    });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
    setMinimumHeight(minimumSizeHint().height());
    note_changes();
}

/// Which parts carry another power than a moment ago: they glow briefly.
void FlowMap::note_changes() {
    const auto& plan = document_.plan();
    const auto& now = document_.study().now;
    std::map<Id, double> watts;
    for (size_t i = 0; i < plan.loads.size(); ++i) watts[plan.loads[i].id] = raw(now.loads[i].watts);
    for (size_t i = 0; i < plan.batteries.size(); ++i)
        watts[plan.batteries[i].id] = raw(now.batteries[i].watts);
    for (size_t i = 0; i < plan.converters.size(); ++i)
        watts[plan.converters[i].id] = raw(now.converters[i].in) * raw(now.converters[i].in_amps);
    changed_.clear();
    for (const auto& [id, w] : watts) {
        const auto before = shown_watts_.find(id);
        const double was = before == shown_watts_.end() ? 0 : before->second;
        if (std::abs(w - was) > 0.01 * std::max({std::abs(w), std::abs(was), 0.05})) changed_.insert(id);
    }
    const bool first = shown_watts_.empty();
    shown_watts_ = std::move(watts);
    if (first) changed_.clear();
    if (changed_.empty() || !isVisible()) return;
    glow_.stop();
    glow_.start();
}

std::set<Id> FlowMap::glowing() const {
    return glow_.state() == QAbstractAnimation::Running ? changed_ : std::set<Id>();
}

void FlowMap::paint_glow(QPainter& p) {
    if (glowing().empty()) return;
    auto colour = theme().accent;
    colour.setAlphaF(static_cast<float>(glow_.currentValue().toDouble()));
    p.setPen(QPen(colour, u(3)));
    p.setBrush(Qt::NoBrush);
    for (const auto& b : blocks_)
        if (changed_.contains(b.id)) p.drawRoundedRect(b.area.adjusted(-2, -2, 2, 2), 7, 7);
}

void FlowMap::paint(QPainter& p) {
    if (document_.plan().feeds.empty()) {
        card(p, QRectF(0, 0, paint_width() - u(2), u(92)));
        text(p, QRectF(u(16), u(12), paint_width() - u(30), u(28)), tr("No power flows yet."), theme().ink,
             face(16, true));
        text(p, QRectF(u(16), u(42), paint_width() - u(30), u(20)),
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
    paint_glow(p);
    if (dragging_) {
        p.setPen(QPen(theme().accent, 2, Qt::DashLine));
        if (const auto* from = block(dragged_)) p.drawLine(from->area.center(), drag_at_);
    }
}

void FlowMap::paint_bands(QPainter& p) {
    const auto& plan = document_.plan();
    const auto open = demand_for(plan, document_.conditions()).open;
    for (auto& from : blocks_) {
        // Many loads of one source: one band to all of them, drawn where the first would leave.
        const auto group =
            std::find_if(groups_.begin(), groups_.end(), [&](const auto& g) { return g.source == from.id; });
        double together = 0;
        if (group != groups_.end())
            for (const auto f : group->feeds) together += band_height(document_.study().now.feeds[f].sent);
        bool drawn = false;
        for (const auto f : feeds_from(plan, from.id)) {
            auto* to = block(plan.feeds[f].to);
            if (!to) continue;
            const bool in_group =
                group != groups_.end() &&
                std::find(group->feeds.begin(), group->feeds.end(), f) != group->feeds.end();
            if (in_group && drawn) continue;
            drawn = drawn || in_group;
            const double h = in_group ? together : band_height(document_.study().now.feeds[f].sent);
            const QPointF start(from.area.right(), from.out_y + h / 2);
            from.out_y += h;
            paint_band(p, from, f, start, arrival(*to, f), h, open[f], in_group);
        }
    }
}

void FlowMap::paint_band(QPainter& p, const Block& from, size_t f, QPointF start, QPointF end, double h,
                         bool open, bool many) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& feed = plan.feeds[f];
    const auto& now = document_.study().now.feeds[f];
    const double bend = (end.x() - start.x()) * 0.5;
    const auto key = "feed:" + QString::fromStdString(feed.id);
    const bool off = !many && (open || std::abs(raw(now.sent)) < 0.005);
    const bool selected = document_.selection() == feed.id && !many;
    QPainterPath path(start);
    path.cubicTo(start.x() + bend, start.y(), end.x() - bend, end.y(), end.x(), end.y());
    QColor colour = from.kind == PartKind::converter && raw(now.at_source) < 6 ? t.cool : t.flow;
    if (selected || (hovered() == key && !many)) colour = t.accent;
    if (off) {
        p.setPen(QPen(selected ? t.accent : t.flow_soft, 1.6, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawPath(path);
    } else {
        // As tall everywhere as its watts, which a stroke is not where it slopes.
        const QPointF up(0, -h / 2), down(0, h / 2), out(bend, 0);
        QPainterPath band(start + up);
        band.cubicTo(start + up + out, end + up - out, end + up);
        band.lineTo(end + down);
        band.cubicTo(end + down - out, start + down + out, start + down);
        p.fillPath(band, colour);
    }
    if (many) return;
    const auto middle = path.pointAtPercent(0.52);
    const auto tip =
        tr("%1\n%2 · %3 · %4\n%5, drop %6\nRight-click: fuse, switch, filter, meter …")
            .arg(QString::fromStdString(feed_name(plan, feed)), said(now.at_source), said(now.supply),
                 said(now.sent), said(document_.study().harness.routes[f].length),
                 QString::fromStdString(format_percent(document_.study().worst.feeds[f].drop_share)));
    const double grab = std::clamp(h, static_cast<double>(u(12)), static_cast<double>(u(46)));
    add_spot({QRectF(middle.x() - u(20), middle.y() - grab / 2, u(40), grab), key, tip,
              [this, id = feed.id] { document_.select(id); },
              [this, id = feed.id, middle] { feed_menu(id, middle); }});
    const auto* fuse = device(feed, DeviceKind::fuse);
    if (!fuse || (off && h < u(4))) return;
    const QString rating = format_number(raw(fuse->rating)).c_str() + QStringLiteral(" A");
    const double w = text_width(rating, face(11, true)) + u(12);
    const QRectF pill(middle.x() - w / 2, middle.y() - u(8), w, u(16));
    const bool bad = !document_.study().protection[f].protects;
    p.setPen(QPen(bad ? t.danger : t.accent, bad ? 2 : 1));
    p.setBrush(t.card);
    p.drawRoundedRect(pill, u(8), u(8));
    text(p, pill, rating, bad ? t.danger : t.accent, face(11, true), Qt::AlignCenter);
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
                 y = std::min<double>(battery->area.bottom() + u(26), paint_height() - u(26));
    QPainterPath path(QPointF(battery->area.right(), battery->out_y - h / 2));
    path.quadTo(x, battery->out_y - h / 2, x, y);
    p.setPen(QPen(t.heat_soft, h, Qt::SolidLine, Qt::FlatCap));
    p.setBrush(Qt::NoBrush);
    p.drawPath(path);
    text(p, QRectF(battery->area.left(), y + u(4), u(190), u(16)),
         tr("%1 heat in wires").arg(said(s.now.wire_heat)), t.heat, face(12));
}

void FlowMap::paint_block(QPainter& p, const Block& b) {
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
        case PartKind::hub:
            paint_hub(p, b);
            break;
        case PartKind::none:
            break;
    }
}

void FlowMap::paint_hub(QPainter& p, const Block& b) {
    p.setPen(Qt::NoPen);
    p.setBrush(document_.selection() == b.id ? theme().accent : theme().ink);
    p.drawRoundedRect(b.area, 3, 3);
    const QString name = QString::fromStdString(name_of(document_.plan(), b.id));
    const auto volts = said(document_.study().now.hubs[b.index].volts);
    // Hubs side by side write on alternate sides, so that their names do not meet; but where there is room.
    const bool room_above = b.area.top() > u(40), room_below = b.area.bottom() + u(36) < paint_height();
    const bool above = room_above && (b.column % 2 == 0 || !room_below);
    if ((room_above || room_below) && !grouped()) {
        const double y = above ? b.area.top() - u(36) : b.area.bottom() + u(2);
        const double left = std::max<double>(b.area.center().x() - u(56), u(142));
        text(p, QRectF(left, y, u(112), u(17)), name, theme().ink, face(13, true), Qt::AlignCenter);
        text(p, QRectF(left, y + u(16), u(112), u(16)), volts, theme().muted, face(12), Qt::AlignCenter);
    }
    add_spot({b.area.adjusted(-u(6), 0, u(6), 0),
              "part:" + QString::fromStdString(b.id),
              name + "\n" + volts,
              [this, id = b.id] { document_.select(id); },
              {}});
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
