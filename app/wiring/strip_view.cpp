#include "wiring/strip_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainterPath>

#include "widgets/words.h"
#include "wiring/item_symbol.h"
#include "wiring/wiring_station.h"

namespace sangre::app {
namespace {

/// Room each kind takes along the strip; the wire takes what is left.
double room(const StripItem& item) { return item.kind == StripKind::joint ? u(54) : u(74); }

/// What there is room for over its sign; the tip has the whole name.
QString short_name(const Catalogue& catalogue, const Lead& feed, const StripItem& item) {
    const auto* d = by_id(feed.devices, item.device);
    if (!d) return {};
    if (d->kind == DeviceKind::fuse) return said(d->rating);
    if (!d->name.empty()) return words_of(d->name);
    if (const auto* plug = find(catalogue.connectors, d->type))
        return tell("{rated} plug", said(plug->rated));
    return words_of(item.name);
}

}  // namespace

StripView::StripView(Document& document, QWidget* parent)
    : Canvas(tr("The feed as a strip"), parent), document_(document) {
    setFixedHeight(u(142));
    connect(&document_, &Document::changed, this, &StripView::renew);
    connect(&document_, &Document::selection_changed, this, &StripView::renew);
    renew();
}

void StripView::renew() {
    const auto before = feed_;
    feed_ = JointPanel::feed_of(document_);
    if (feed_ != before) explored_.reset();
    if (feed_) {
        const auto& s = document_.study();
        strip_ = feed_strip(document_.plan(), document_.catalogue(), s.now, s.harness.wiring, *feed_);
        if (explored_)
            explored_ = explore_fault(document_.plan(), document_.catalogue(), s.protection, s.shorts,
                                      *s.solver, feed_lengths(s.harness), *feed_, along_);
    }
    update();
}

void StripView::set_shorting(bool on) {
    shorting_ = on;
    hover_ = -1;
    if (!on) explored_.reset();
    update();
}

void StripView::short_at(double along) {
    if (!feed_) return;
    const auto& s = document_.study();
    along_ = std::clamp(along, 0.0, 1.0);
    explored_ = explore_fault(document_.plan(), document_.catalogue(), s.protection, s.shorts, *s.solver,
                              feed_lengths(s.harness), *feed_, along_);
    const auto kept = explored_;
    // Selecting nothing for the Why must not take the feed from under the strip.
    const auto feed = *feed_;
    document_.show_why(explored_->why);
    feed_ = feed, explored_ = kept;
    update();
}

void StripView::lay_out(double left, double right) {
    double taken = 0;
    for (const auto& i : strip_.items)
        if (i.kind == StripKind::joint || i.kind == StripKind::device) taken += room(i);
    const double wide = right - left, squeeze = std::min(1.0, (wide - u(90)) / std::max(taken, 1.0));
    areas_.clear();
    double x = left;
    for (const auto& i : strip_.items) {
        double w = 0;
        if (i.kind == StripKind::joint || i.kind == StripKind::device) w = room(i) * squeeze;
        if (i.kind == StripKind::wire) w = wide - taken * squeeze;
        areas_.emplace_back(x, u(30), w, u(94));
        if (i.kind == StripKind::wire) wire_ = areas_.back();
        x += w;
    }
}

void StripView::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    if (!feed_ || strip_.items.empty()) {
        text(p, QRectF(u(14), u(10), width() - u(28), u(22)),
             tr("Select a feed: it is drawn here from source to end."), t.muted, face(13));
        return;
    }
    const auto& feed = document_.plan().feeds()[*feed_];
    const auto now = tell("{amps} flow", said(strip_.amps));
    text(p, QRectF(u(14), u(6), width() - u(180), u(20)),
         tell("{lead}   {now}", words_of(feed_name(document_.plan(), feed)), now), t.ink, face(13, true));
    const QRectF button(width() - u(150), u(6), u(138), u(22));
    p.setPen(QPen(shorting_ ? t.danger : t.line, 1));
    p.setBrush(shorting_ ? t.accent_soft : t.card);
    p.drawRoundedRect(button, u(11), u(11));
    text(p, button, shorting_ ? tr("Point at the wire") : tr("What if it shorts?"),
         shorting_ ? t.danger : t.accent, face(12, true), Qt::AlignCenter);
    auto& spot = add_spot({button,
                           "short",
                           tr("Which fuse opens, when, how hot, what loses power"),
                           [this] {
                               set_shorting(!shorting_);
                               if (shorting_) short_at(along_);
                           },
                           {}});
    spot.name = tr("What if it shorts?"), spot.checked = shorting_;
    spot.how = tr("Then click anywhere on the wire.");
    const double block = u(112);
    const QRectF source(u(12), u(50), block, u(72)), end(width() - block - u(12), u(50), block, u(72));
    lay_out(source.right(), end.left());
    for (size_t i = 0; i < strip_.items.size(); ++i)
        if (strip_.items[i].kind != StripKind::source && strip_.items[i].kind != StripKind::end)
            paint_item(p, strip_.items[i], areas_[i]);
    paint_end(p, strip_.items.front(), source);
    paint_end(p, strip_.items.back(), end);
    paint_short(p);
}

void StripView::paint_end(QPainter& p, const StripItem& item, const QRectF& area) {
    const auto& t = theme();
    card(p, area);
    const QRectF inner = area.adjusted(u(8), u(4), -u(6), -u(4));
    text(p, QRectF(inner.left(), inner.top(), inner.width(), u(20)), words_of(item.name), t.ink,
         face(13, true));
    text(p, QRectF(inner.left(), inner.top() + u(20), inner.width(), u(20)), said(item.before), t.ink,
         face(14, true));
    const auto& plan = document_.plan();
    const auto& feed = plan.feeds()[*feed_];
    const auto signs = item.kind == StripKind::source ? tr("+ above, − below")
                       : feed.ret == Return::frame    ? tr("returns by the frame")
                       : feed.ret == Return::shared   ? tr("shares a return")
                                                      : tr("own return");
    text(p, QRectF(inner.left(), inner.top() + u(42), inner.width(), u(18)), signs, t.muted, face(11));
}

void StripView::paint_item(QPainter& p, const StripItem& item, const QRectF& area) {
    const auto& t = theme();
    const auto& feed = document_.plan().feeds()[*feed_];
    const bool wire = item.kind == StripKind::wire;
    const double thick = wire ? u(6) : u(3);
    const auto line = [&](double y, const QPen& pen) {
        p.setPen(pen);
        p.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    };
    const auto insulated = [&](double y, const std::string& colour) {
        // A thin edge keeps white on paper and black at night visible.
        line(y, QPen(t.muted, thick + u(1), Qt::SolidLine, Qt::FlatCap));
        line(y, QPen(wire_colour(words_of(colour)), thick, Qt::SolidLine, Qt::FlatCap));
    };
    insulated(supply_y(), feed.supply_colour);
    const bool own = feed.ret == Return::own;
    if (own)
        insulated(return_y(), feed.return_colour);
    else
        line(return_y(), QPen(t.muted, u(2), Qt::DashLine, Qt::FlatCap));
    const QPointF middle(area.center().x(), supply_y()), below(area.center().x(), return_y());
    if (!wire) paint_symbol(p, item, middle, below);
    const auto drop = raw(item.drop) < 9.5e-4 ? QString() : said(item.drop);
    const auto name = wire                             ? words_of(item.name)
                      : item.kind == StripKind::device ? short_name(document_.catalogue(), feed, item)
                                                       : QString();
    text(p, QRectF(area.left() - u(4), u(28), area.width() + u(8), u(32)), name, t.ink, face(12, wire),
         Qt::AlignCenter);
    text(p, QRectF(area.left(), u(79), area.width(), u(17)), drop, t.heat, face(11), Qt::AlignCenter);
    const auto tip = tell("{item}\n{before} in, {after} out: drops {drop}", words_of(item.name),
                          said(item.before), said(item.after), said(item.drop));
    const auto key =
        wire ? QStringLiteral("wire") : QStringLiteral("item %1").arg(&item - strip_.items.data());
    Spot spot{area.adjusted(1, 0, -1, 0), key, tip, {}, {}};
    if (wire) {
        spot.cursor = shorting_ ? Qt::CrossCursor : Qt::PointingHandCursor;
        if (!shorting_)
            spot.activate = [this, area] {
                emit wire_asked(*feed_, mapToGlobal(area.bottomLeft().toPoint()));
            };
        spot.secondary = [this] { emit length_asked(*feed_); };
    } else if (item.kind == StripKind::device && item.is == DeviceKind::fuse)
        spot.activate = [this, area] { emit fuse_asked(*feed_, mapToGlobal(area.bottomLeft().toPoint())); };
    else
        spot.cursor = Qt::ArrowCursor;
    add_spot(spot);
}

void StripView::paint_symbol(QPainter& p, const StripItem& item, QPointF on, QPointF back) {
    const auto& t = theme();
    p.setPen(QPen(t.ink, 1.5));
    p.setBrush(t.card);
    if (item.kind == StripKind::joint) {
        for (const auto at : {on, back}) p.drawEllipse(at, u(4), u(4));
        return;
    }
    draw_item(p, item.is, on, back, document_.study().open[*feed_]);
}

void StripView::paint_short(QPainter& p) {
    if (!shorting_) return;
    const auto& t = theme();
    const auto bolt = [&](double along, const QColor& colour) {
        const double x = wire_.left() + along * wire_.width();
        QPainterPath path(QPointF(x, supply_y()));
        path.lineTo(x + u(6), supply_y() + u(12));
        path.lineTo(x - u(6), supply_y() + u(20));
        path.lineTo(x, return_y());
        p.setPen(QPen(colour, 2.4));
        p.setBrush(Qt::NoBrush);
        p.drawPath(path);
    };
    if (hover_ >= 0) bolt(hover_, t.heat_soft);
    if (!explored_) return;
    bolt(along_, t.danger);
    const auto& run = explored_->course.run;
    const auto words = run.opener
                           ? tell("{at_first}: the {rating} fuse opens in {time}, the wire reaches {wire}",
                                  said(run.at_first), said(document_.study().protection[*run.opener].rating),
                                  said(run.time), said(explored_->fault.wire))
                           : tell("{at_first}: no fuse opens, the wire reaches {wire}", said(run.at_first),
                                  said(explored_->fault.wire));
    const bool bad = explored_->fault.outcome == FaultOutcome::hurts ||
                     explored_->fault.outcome == FaultOutcome::never_opens;
    text(p, QRectF(wire_.left() - u(140), u(121), wire_.width() + u(280), u(18)),
         (bad ? QStringLiteral("× ") : QStringLiteral("✓ ")) + words, bad ? t.danger : t.good, face(12, true),
         Qt::AlignCenter);
}

void StripView::mousePressEvent(QMouseEvent* e) {
    if (shorting_ && wire_.contains(e->position()) && e->button() == Qt::LeftButton) {
        setFocus();
        return short_at((e->position().x() - wire_.left()) / wire_.width());
    }
    Canvas::mousePressEvent(e);
}

void StripView::mouseMoveEvent(QMouseEvent* e) {
    const bool on = shorting_ && wire_.contains(e->position());
    hover_ = on ? (e->position().x() - wire_.left()) / wire_.width() : -1;
    if (on && (e->buttons() & Qt::LeftButton)) return short_at(hover_);
    Canvas::mouseMoveEvent(e);
    if (shorting_) update();
}

void StripView::keyPressEvent(QKeyEvent* e) {
    if (shorting_ && (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right))
        return short_at(along_ + (e->key() == Qt::Key_Right ? 0.05 : -0.05));
    if (shorting_ && e->key() == Qt::Key_Escape) return set_shorting(false);
    Canvas::keyPressEvent(e);
}

}  // namespace sangre::app
