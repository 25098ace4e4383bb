#include "power/flow_map.h"

#include <QMouseEvent>
#include <QPainterPath>

#include "widgets/words.h"

namespace sangre::app {
namespace {

constexpr int glow_ms = 150;

constexpr double unseen = 0.3;  ///< pixels that a band may be off from one drawing to the next

}  // namespace

FlowMap::FlowMap(Document& document, QWidget* parent) : Canvas(tr("Flow map"), parent), document_(document) {
    glow_.setDuration(glow_ms);
    glow_.setStartValue(1.0);
    glow_.setEndValue(0.0);
    connect(&glow_, &QVariantAnimation::valueChanged, this, &FlowMap::glow_on);
    connect(&document_, &Document::changed, this, [this] {
        setMinimumHeight(minimumSizeHint().height());
        note_changes();
        update();
    });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
    setMinimumHeight(FlowMap::minimumSizeHint().height());
    note_changes();
}

/// Which parts carry another power than a moment ago: they glow briefly.
void FlowMap::note_changes() {
    const auto& plan = document_.plan();
    const auto& now = document_.study().now;
    std::map<Id, double> watts;
    for (size_t i = 0; i < plan.loads.size(); ++i) watts[plan.loads[i].id] = raw(now.loads[i].watts);
    for (size_t i = 0; i < plan.sources.size(); ++i) watts[plan.sources[i].id] = raw(now.sources[i].watts);
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

/// Another frame of the glow: only what glows is painted.
void FlowMap::glow_on() {
    for (const auto& b : blocks_)
        if (changed_.contains(b.id))
            update(QRectF(b.area.topLeft() * zoom(), b.area.size() * zoom())
                       .toAlignedRect()
                       .adjusted(-u(5), -u(5), u(5), u(5)));
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
    if (document_.plan().feeds().empty()) {
        card(p, QRectF(0, 0, paint_width() - u(2), u(92)));
        text(p, QRectF(u(16), u(12), paint_width() - u(30), u(28)), tr("No power flows yet."), theme().ink,
             face(16, true));
        text(
            p, QRectF(u(16), u(42), paint_width() - u(30), u(20)),
            document_.plan().loads.empty()
                ? tr("List what must run on Loads, then press Propose (Ctrl+Enter).")
                : tr("Press Propose (Ctrl+Enter): it chooses battery, rails, fuses and wires, and says why."),
            theme().muted, face(13));
        return;
    }
    lay_out();
    place_names();
    paint_bands(p);
    paint_heat(p);
    for (const auto& b : blocks_) paint_block(p, b);
    paint_glow(p);
    if (dragging_) {
        p.setPen(QPen(theme().accent, 2, Qt::DashLine));
        if (const auto* from = block(dragged_)) p.drawLine(from->area.center(), drag_at_);
    }
}

/// Hubs' names find room first, above or beneath them; what else is written finds what is left.
void FlowMap::place_names() {
    room_.begin(QRectF(0, 0, paint_width(), paint_height()));
    for (const auto& b : blocks_) room_.take(b.area);
    hub_names_.clear();
    if (grouped()) return;
    for (const auto& b : blocks_) {
        if (b.kind != PartKind::hub) continue;
        const auto name = words_of(name_of(document_.plan(), b.id));
        const double wide = std::max(text_width(name, face(13, true)),
                                     text_width(said(document_.study().now.hubs[b.index].volts), face(12))) +
                            u(6);
        std::vector<QRectF> candidates;
        for (const int off : {0, u(20), u(38), u(56)})
            for (const bool above : {b.column % 2 == 0, b.column % 2 != 0})
                for (const int aside : {0, u(24), -u(24), u(46), -u(46)})
                    candidates.emplace_back(b.area.center().x() - wide / 2 + aside,
                                            above ? b.area.top() - u(36) - off : b.area.bottom() + u(2) + off,
                                            wide, u(32));
        hub_names_[b.id] = room_.find(candidates);
    }
}

void FlowMap::paint_bands(QPainter& p) {
    const auto& plan = document_.plan();
    std::vector<Band> bands;
    std::vector<std::pair<size_t, Band>> fused;
    for (auto& from : blocks_) {
        // Many loads of one source: one band to all of them, drawn where the first would leave.
        const auto group =
            std::find_if(groups_.begin(), groups_.end(), [&](const auto& g) { return g.source == from.id; });
        double together = 0;
        if (group != groups_.end())
            for (const auto f : group->feeds) together += band_height(document_.study().now.feeds[f].sent);
        bool drawn = false;
        for (const auto f : fed_from(from.id)) {
            auto* to = block(plan.feeds()[f].to);
            if (!to) continue;
            // Feeds leave a part in plan order, here as in its group.
            const bool in_group =
                group != groups_.end() && std::binary_search(group->feeds.begin(), group->feeds.end(), f);
            if (in_group && drawn) continue;
            drawn = drawn || in_group;
            const double h = in_group ? together : band_height(document_.study().now.feeds[f].sent);
            // What a load passes on goes round its left, to its own column.
            const bool passed_on = from.kind == PartKind::load;
            const QPointF start = passed_on ? QPointF(from.area.left(), from.area.center().y())
                                            : QPointF(from.area.right(), from.out_y + h / 2);
            from.out_y += h;
            // To a panel or another source: between their near sides.
            const bool back = to->kind == PartKind::source;
            const auto band = bands.emplace_back(
                back ? band_of(from, f, QPointF(to->area.right(), to->area.center().y()),
                               QPointF(from.area.left(), from.area.center().y()), h, in_group)
                     : band_of(from, f, start, arrival(*to, f), h, in_group));
            if (in_group) continue;
            answer_band(band, f, h);
            if (band.tall > 0 || h >= u(4)) fused.emplace_back(f, band);
        }
    }
    const bool same = std::equal(bands.begin(), bands.end(), drawn_.begin(), drawn_.end(),
                                 [](const Band& a, const Band& b) { return a.looks_like(b); });
    if (!same) drawn_ = bands, ++drawings_;
    const auto draw = [&](QPainter& to) {
        for (const auto& b : drawn_) draw_band(to, b);
    };
    stamp(p, QRectF(0, 0, paint_width(), paint_height()), QStringLiteral("bands"), QString::number(drawings_),
          draw, ground());
    for (const auto& [feed, band] : fused) paint_rating(p, band, feed);
}

FlowMap::Band FlowMap::band_of(const Block& from, size_t f, QPointF start, QPointF end, double h,
                               bool many) const {
    const auto& t = theme();
    const auto& feed = document_.plan().feeds()[f];
    const auto& now = document_.study().now.feeds[f];
    const bool off = !many && (document_.study().open[f] || std::abs(raw(now.sent)) < 0.005);
    const bool pointed_at = !off && !many && hovered() == "feed:" + words_of(feed.id);
    QColor colour = from.kind == PartKind::converter && raw(now.at_source) < 6 ? t.cool : t.flow;
    if (off) colour = t.flow_soft;
    if (pointed_at || (!many && document_.selects(feed.id))) colour = t.accent;
    return {start, end, off ? 0 : h, colour};
}

bool FlowMap::Band::looks_like(const Band& other) const {
    const auto near = [](QPointF a, QPointF b) { return (a - b).manhattanLength() < unseen; };
    return near(start, other.start) && near(end, other.end) && std::abs(tall - other.tall) < unseen &&
           (tall > 0) == (other.tall > 0) && colour == other.colour;
}

QPointF FlowMap::Band::out() const {
    // Round the left side of what it leaves and comes back to.
    return std::abs(end.x() - start.x()) < 1 ? QPointF(-u(24), 0) : QPointF((end.x() - start.x()) * 0.5, 0);
}

QPointF FlowMap::Band::point(double t) const {
    const double s = 1 - t;
    const bool round = std::abs(end.x() - start.x()) < 1;
    const auto leave = start + out(), come = end + (round ? out() : -out());
    return start * (s * s * s) + leave * (3 * s * s * t) + come * (3 * s * t * t) + end * (t * t * t);
}

/// As tall everywhere as its watts, which a stroke is not where it slopes; a dashed line where it carries
/// none.
void FlowMap::draw_band(QPainter& p, const Band& b) {
    const QPointF up(0, -b.tall / 2), down(0, b.tall / 2);
    const bool round = std::abs(b.end.x() - b.start.x()) < 1;
    const QPointF out = b.out(), in = round ? out : -out;
    QPainterPath path(b.start + up);
    path.cubicTo(b.start + up + out, b.end + up + in, b.end + up);
    if (b.tall <= 0) {
        p.setPen(QPen(b.colour, 1.6, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        return p.drawPath(path);
    }
    path.lineTo(b.end + down);
    path.cubicTo(b.end + down + in, b.start + down + out, b.start + down);
    p.fillPath(path, b.colour);
}

void FlowMap::answer_band(const Band& band, size_t f, double h) {
    const auto middle = (band.start + band.end) / 2;
    const Tip tip([this, f] {
        if (f >= document_.plan().feeds().size()) return QString();
        const auto& flow = document_.study().now.feeds[f];
        return tell("{lead}\n{at_source} · {supply} · {sent}\n{length}, drop {drop_share}",
                    words_of(feed_name(document_.plan(), document_.plan().feeds()[f])), said(flow.at_source),
                    said(flow.supply), said(flow.sent), said(document_.study().harness.routes[f].length),
                    words_of(format_percent(document_.study().worst.feeds[f].drop_share)));
    });
    const double grab = std::clamp(h, static_cast<double>(u(12)), static_cast<double>(u(46)));
    const auto id = document_.plan().feeds()[f].id;
    auto& spot =
        add_spot({QRectF(middle.x() - u(20), middle.y() - grab / 2, u(40), grab), "feed:" + words_of(id), tip,
                  [this, id] { document_.select(id); }, [this, id, middle] { feed_menu(id, middle); }});
    spot.selected = document_.selects(id);
    spot.how = tr("Right-click: fuse, switch, filter, meter …");
}

/// The fuse of a feed, half-way along its band.
void FlowMap::paint_rating(QPainter& p, const Band& band, size_t f) {
    const auto& t = theme();
    const auto& feed = document_.plan().feeds()[f];
    const auto* fuse = device(feed, DeviceKind::fuse);
    if (!fuse) return;
    const auto rating = words_of(format_number(raw(fuse->rating))) + QStringLiteral(" A");
    const double w = text_width(rating, face(11, true)) + u(12);
    std::vector<QRectF> candidates;
    for (const double share : {0.5, 0.42, 0.58, 0.34, 0.66, 0.27, 0.73, 0.2, 0.8}) {
        const auto at = band.point(share);
        candidates.emplace_back(at.x() - w / 2, at.y() - u(8), w, u(16));
    }
    const auto pill = room_.find(candidates);
    const bool bad = !document_.study().protection[f].protects;
    stamp(p, pill, "fuse:" + words_of(feed.id), rating + (bad ? "!" : ""), [&](QPainter& to) {
        to.setPen(QPen(bad ? t.danger : t.accent, bad ? 2 : 1));
        to.setBrush(t.card);
        to.drawRoundedRect(pill, u(8), u(8));
        text(to, pill, rating, bad ? t.danger : t.accent, face(11, true), Qt::AlignCenter);
    });
}

void FlowMap::paint_heat(QPainter& p) {
    const auto& t = theme();
    const auto& s = document_.study();
    const Block* battery = nullptr;
    for (const auto& b : blocks_)
        if (b.kind == PartKind::source) battery = &b;
    if (!battery || !(raw(s.now.wire_heat) >= 0.005)) return;
    // What the wires lose falls out beside the battery, to the scale of the bands.
    const double h = std::clamp(raw(s.now.wire_heat) * pixels_per_watt_, 2.0, static_cast<double>(u(14)));
    const double x = battery->area.right() + u(9),
                 y = std::min<double>(battery->area.bottom() + u(26), paint_height() - u(26));
    QPainterPath path(QPointF(battery->area.right(), battery->out_y - h / 2));
    path.quadTo(x, battery->out_y - h / 2, x, y);
    p.setPen(QPen(t.heat_soft, h, Qt::SolidLine, Qt::FlatCap));
    p.setBrush(Qt::NoBrush);
    p.drawPath(path);
    const auto words = tell("{wire_heat} heat in wires", said(s.now.wire_heat));
    const double wide = text_width(words, face(12)) + u(2), left = battery->area.left();
    std::vector<QRectF> candidates{QRectF(left, y + u(4), wide, u(16))};
    for (const int rise : {0, u(18), u(36), u(54), u(80)})
        for (const double at : {x + u(8), x + u(40), x + u(90), left})
            candidates.emplace_back(at, paint_height() - u(20) - rise, wide, u(16));
    text(p, room_.find(candidates), words, t.heat, face(12));
}

void FlowMap::paint_block(QPainter& p, const Block& b) {
    switch (b.kind) {
        case PartKind::source:
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
    p.setBrush(document_.selects(b.id) ? theme().accent : theme().ink);
    p.drawRoundedRect(b.area, 3, 3);
    const QString name = QString::fromStdString(name_of(document_.plan(), b.id));
    const auto volts = said(document_.study().now.hubs[b.index].volts);
    if (const auto at = hub_names_.find(b.id); at != hub_names_.end()) {
        const auto& area = at->second;
        // A band may pass behind.
        auto veil = theme().paper;
        veil.setAlpha(215);
        p.fillRect(area, veil);
        text(p, QRectF(area.left(), area.top(), area.width(), u(16)), name, theme().ink, face(13, true),
             Qt::AlignCenter);
        text(p, QRectF(area.left(), area.top() + u(16), area.width(), u(16)), volts, theme().muted, face(12),
             Qt::AlignCenter);
    }
    auto& spot = add_spot({b.area.adjusted(-u(6), 0, u(6), 0), "part:" + QString::fromStdString(b.id), name,
                           [this, id = b.id] { document_.select(id); },
                           [this, id = b.id, at = b.area.topRight()] { hub_menu(id, at); }});
    spot.name = name, spot.value = volts, spot.selected = document_.selects(b.id);
    spot.how = tr("Right-click for how wires meet there.");
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
