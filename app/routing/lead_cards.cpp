#include "routing/lead_cards.h"

#include <QMouseEvent>

#include "physics/parts/wire_size.h"
#include "widgets/words.h"

namespace sangre::app {

namespace {
double order_row() { return u(24); }
}  // namespace

LeadCards::LeadCards(Document& document, QWidget* parent)
    : Canvas(tr("Leads laid straight"), parent), document_(document) {
    connect(&document_, &Document::changed, this, [this] {
        laid_.clear();
        if (isVisible()) fit_height();
    });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
}

void LeadCards::showEvent(QShowEvent* e) {
    Canvas::showEvent(e);
    fit_height();
}

QSize LeadCards::sizeHint() const {
    double tall = u(8);
    for (size_t f = 0; f < document_.plan().leads.size(); ++f) tall += card_tall(f) + u(8);
    return {u(500), static_cast<int>(std::max<double>(tall, u(80)))};
}

/// Of the order: two where there is the width for them.
size_t LeadCards::columns() const { return width() < u(700) ? 1 : 2; }

void LeadCards::resizeEvent(QResizeEvent* e) {
    Canvas::resizeEvent(e);
    if (e->size().width() != e->oldSize().width()) fit_height();
}

/// The lead, and its order beneath.
double LeadCards::card_tall(size_t feed) const {
    const auto rows = (laid(feed).order.size() + columns() - 1) / columns();
    return u(146) + static_cast<double>(rows) * order_row();
}

const LaidStraight& LeadCards::laid(size_t feed) const {
    laid_.resize(document_.plan().leads.size());
    auto& one = laid_[feed];
    if (!one)
        one = lay_straight(document_.plan(), document_.catalogue(), document_.study(), feed,
                           document_.study().steps());
    return *one;
}

void LeadCards::paint(QPainter& p) {
    if (document_.plan().leads.size() == 0) {
        card(p, QRectF(0, 0, width() - 1, u(60)));
        return text(p, QRectF(u(14), u(18), width() - u(28), u(22)),
                    tr("Leads are drawn here once the plan is wired: press Propose (Ctrl+Enter)."),
                    theme().muted, face(13));
    }
    double y = 0;
    for (size_t f = 0; f < document_.plan().leads.size(); ++f) {
        const QRectF area(0, y, width() - 1, card_tall(f));
        y += area.height() + u(8);
        card(p, area, document_.selects(document_.plan().leads[f].id));
        paint_card(p, area, f);
    }
}

void LeadCards::paint_card(QPainter& p, const QRectF& area, size_t f) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& feed = plan.leads[f];
    const auto& laid = this->laid(f);
    const auto* wire = sangre::find(document_.catalogue().wires, feed.wire);
    const auto size = wire ? words_of(size_words(*wire)) : words_of(feed.wire);
    const auto title =
        !feed.cores.empty()
            ? tell("{lead}   cut {cut} of {cores} {cores|core|cores}, {size}",
                   words_of(lead_name(plan, feed)), said(laid.cut), feed.cores.size(), size)
            : tell("{lead}   cut {own_return|2 × |}{cut} of {size}", words_of(feed_name(plan, feed)),
                   feed.ret == Return::own, said(laid.cut), size);
    const QRectF head(area.left() + u(14), area.top() + u(6), area.width() - u(28), u(20));
    text(p, head, title, t.ink, face(13, true));
    auto& spot =
        add_spot({area, "card:" + words_of(feed.id), title, [this, id = feed.id] { document_.select(id); },
                  [this, f] { document_.show_why(this->laid(f).why); }, Qt::PointingHandCursor, true, title});
    spot.selected = document_.selects(feed.id);
    spot.how = tr("Click to select it; right-click for why it goes on in this order.");
    const double foot =
        paint_lead(p, QRectF(area.left() + u(20), area.top() + u(30), area.width() - u(40), u(92)), laid, f);
    paint_order(p, QRectF(area.left() + u(14), foot, area.width() - u(28), area.bottom() - foot - u(6)),
                laid);
}

/// Where its picture ends.
double LeadCards::paint_lead(QPainter& p, const QRectF& area, const LaidStraight& laid, size_t f) {
    const auto& t = theme();
    const auto& feed = document_.plan().leads[f];
    const double y = area.top() + u(44), scale = area.width() / std::max(raw(laid.cut), 1e-3);
    const auto x_of = [&](Metre at) { return area.left() + raw(at) * scale; };
    p.setPen(QPen(t.muted, u(7), Qt::SolidLine, Qt::FlatCap));
    p.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    // A cable as its sheath, plain wires in the supply's colour.
    p.setPen(QPen(feed.cores.empty() ? wire_colour(words_of(feed.supply_colour)) : t.line, u(5),
                  Qt::SolidLine, Qt::FlatCap));
    p.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    if (f == 0) grips_.clear();
    room_.begin(QRectF(area.left() - u(16), area.top() - u(4), area.width() + u(32), area.height() + u(8)));
    room_.take(QRectF(area.left(), y - u(6), area.width(), u(12)));
    for (const auto& hold : laid.holds) {
        const double x = x_of(hold.at);
        paint_thing(p, hold, x, y, u(2.0));
        add_spot({QRectF(x - u(3), y - u(8), u(6), u(16)),
                  QStringLiteral("hold:%1:%2").arg(f).arg(&hold - laid.holds.data()),
                  tell("{hold}, {at} from {part}", words_of(hold.name), said(hold.at),
                       words_of(name_of(document_.plan(), feed.from))),
                  {},
                  {}});
    }
    for (size_t i = 0; i < laid.things.size(); ++i) {
        const auto& thing = laid.things[i];
        const double x = x_of(thing.at), wide = std::max<double>(raw(thing.length) * scale, u(10));
        paint_thing(p, thing, held_ && held_->feed == f && held_->thing == i ? held_->x : x, y, wide);
        if (thing.what == LaidKind::label || thing.what == LaidKind::end || thing.what == LaidKind::braid)
            continue;
        const auto words = thing.what == LaidKind::tube ? said(thing.length) : words_of(thing.name);
        const auto both = words + QStringLiteral(" · ") + said(thing.at);
        const double w = text_width(both, face(11)) + u(4);
        std::vector<QRectF> candidates;
        for (const int row : {0, 1, 2})
            for (const bool above : {true, false})
                for (const double shift : {0.5, 0.2, 0.8, 0.0, 1.0})
                    candidates.emplace_back(x - w * shift,
                                            above ? y - u(29 + 15 * row) : y + u(15 + 15 * row), w, u(14));
        const auto at = room_.find(candidates);
        text(p, at, both, thing.what == LaidKind::hazard ? t.caution : t.ink, face(11), Qt::AlignCenter);
        auto& on =
            add_spot({QRectF(x - u(8), y - u(10), u(16), u(20)).united(at),
                      QStringLiteral("on:%1:%2").arg(f).arg(i),
                      tell("{hold}, {at} from {part}", words_of(thing.name), said(thing.at),
                           words_of(name_of(document_.plan(), feed.from))),
                      [this, id = thing.about.empty() ? feed.id : thing.about] { document_.select(id); },
                      {},
                      movable(thing) ? Qt::SizeHorCursor : Qt::PointingHandCursor,
                      true,
                      words_of(thing.name)});
        if (movable(thing)) on.how = tr("Drag it along the lead, or type its distance on its line.");
        if (movable(thing))
            grips_.push_back(
                {QRectF(x - u(8), y - u(12), u(16), u(24)), {f, i, x, area.left(), area.width()}});
    }
    const auto ends = std::pair{words_of(name_of(document_.plan(), feed.from)),
                                words_of(name_of(document_.plan(), feed.to))};
    text(p, QRectF(area.left() - u(6), area.bottom() - u(4), area.width() / 2, u(16)), ends.first, t.ink,
         face(12, true));
    text(p, QRectF(area.center().x(), area.bottom() - u(4), area.width() / 2 + u(6), u(16)), ends.second,
         t.ink, face(12, true), Qt::AlignRight | Qt::AlignVCenter);
    return area.bottom() + u(16);
}

void LeadCards::paint_thing(QPainter& p, const LaidThing& thing, double x, double y, double wide) {
    const auto& t = theme();
    p.setPen(QPen(t.ink, 1.4));
    p.setBrush(t.card);
    switch (thing.what) {
        case LaidKind::end:
            p.setBrush(t.ink);
            p.drawEllipse(QPointF(x, y), u(4), u(4));
            break;
        case LaidKind::tube:
        case LaidKind::braid: {
            auto skin = t.cool;
            skin.setAlpha(thing.what == LaidKind::tube ? 110 : 60);
            p.setBrush(skin);
            p.drawRoundedRect(QRectF(x - (thing.source_side ? 0 : wide), y - u(6), wide, u(12)), 3, 3);
            break;
        }
        case LaidKind::item:
            p.drawRoundedRect(QRectF(x - u(8), y - u(6), u(16), u(12)), 3, 3);
            break;
        case LaidKind::opening:
            p.setPen(QPen(t.ink, 3));
            p.drawLine(QPointF(x, y - u(13)), QPointF(x, y - u(5)));
            p.drawLine(QPointF(x, y + u(5)), QPointF(x, y + u(13)));
            break;
        case LaidKind::hazard:
            p.setPen(Qt::NoPen);
            p.setBrush(t.caution);
            p.drawPolygon(
                QPolygonF{QPointF(x, y - u(9)), QPointF(x + u(6), y + u(4)), QPointF(x - u(6), y + u(4))});
            break;
        case LaidKind::boot: {
            auto skin = t.ink;
            skin.setAlpha(150);
            p.setBrush(skin);
            p.drawRoundedRect(QRectF(x - u(9), y - u(7), u(18), u(14)), 6, 6);
            break;
        }
        case LaidKind::slid:
            p.setBrush(t.line);
            p.drawRect(QRectF(x - u(2.5), y - u(8), u(5.0), u(16)));
            break;
        case LaidKind::hold:
            p.setPen(QPen(t.ink, 2));
            p.drawLine(QPointF(x, y - u(7)), QPointF(x, y + u(7)));
            break;
        case LaidKind::label:
            p.drawRect(QRectF(x - u(5), y - u(5), u(10), u(10)));
            break;
    }
}

/// In columns, numbered.
void LeadCards::paint_order(QPainter& p, const QRectF& area, const LaidStraight& laid) {
    const double tall = order_row(), wide = area.width() / static_cast<double>(columns());
    const auto rows = std::max<size_t>(1, (laid.order.size() + columns() - 1) / columns());
    for (size_t i = 0; i < laid.order.size(); ++i)
        text(p,
             QRectF(area.left() + static_cast<double>(i / rows) * wide,
                    area.top() + static_cast<double>(i % rows) * tall, wide - u(10), tall),
             QStringLiteral("%1  %2").arg(i + 1).arg(words_of(laid.order[i].words)), theme().ink, face(12));
}

/// What lies somewhere by the builder's word: items, and what is on a way at a distance of its own.
bool LeadCards::movable(const LaidThing& thing) const {
    if (thing.what == LaidKind::item) return true;
    if (thing.what != LaidKind::opening && thing.what != LaidKind::hazard) return false;
    return thing.way >= 0 &&
           document_.plan().ways[static_cast<size_t>(thing.way)].on_it[thing.on_it].zone.empty();
}

void LeadCards::mousePressEvent(QMouseEvent* e) {
    held_.reset();
    if (e->button() == Qt::LeftButton)
        for (const auto& [area, grip] : grips_)
            if (area.contains(in_drawing(e->position())))
                held_ = grip, grabbed_at_ = in_drawing(e->position());
    Canvas::mousePressEvent(e);
}

void LeadCards::mouseMoveEvent(QMouseEvent* e) {
    const auto at = in_drawing(e->position());
    if (held_ && (e->buttons() & Qt::LeftButton) && (moved_ || std::abs(at.x() - grabbed_at_.x()) > u(4))) {
        moved_ = true;
        held_->x = std::clamp(at.x(), held_->left, held_->left + held_->wide);
        return update();
    }
    Canvas::mouseMoveEvent(e);
}

void LeadCards::mouseReleaseEvent(QMouseEvent* e) {
    const auto held = std::exchange(held_, {});
    if (!std::exchange(moved_, false) || !held || held->feed >= document_.plan().leads.size())
        return Canvas::mouseReleaseEvent(e);
    const auto& on = laid(held->feed);
    if (held->thing >= on.things.size()) return;
    const Metre at(raw(on.cut) * (held->x - held->left) / held->wide);
    const auto next =
        move_on_lead(document_.plan(), document_.study(), held->feed, on.things[held->thing], at);
    document_.apply([next](const Plan&) { return next; }, tr("Move it along the lead"));
    update();
}

}  // namespace sangre::app
