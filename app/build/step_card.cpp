// One step, large: its title, what is drawn of it, what the hands do, its caution and tools.
#include "build/step_card.h"

#include "joint/joint.h"
#include "shell/findings_bar.h"
#include "widgets/words.h"
#include "wiring/core_drawing.h"
#include "wiring/item_symbol.h"
#include "wiring/joint_drawing.h"
#include "words/say.h"

namespace sangre::app {

void draw_tick(QPainter& p, const QRectF& area, bool done) {
    p.setPen(done ? Qt::NoPen : QPen(theme().muted, 1.6));
    p.setBrush(done ? QBrush(theme().good) : Qt::NoBrush);
    p.drawEllipse(area);
    if (!done) return;
    p.setPen(QPen(theme().card, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const auto c = area.center();
    const double r = area.width() / 2;
    p.drawPolyline(
        QPolygonF{c + QPointF(-r * 0.45, 0), c + QPointF(-r * 0.1, r * 0.4), c + QPointF(r * 0.5, -r * 0.4)});
}

StepCard::StepCard(Document& document, QWidget* parent) : Canvas(tr("Step"), parent), document_(document) {
    setMinimumHeight(u(300));
}

void StepCard::show_step(const Step* step, size_t number, size_t of) {
    step_ = step, number_ = number, of_ = of;
    setAccessibleDescription(step ? words_of(step->title) : QString());
    update();
}

double StepCard::paint_joint(QPainter& p, double y) {
    const auto& feed = document_.plan().feeds[step_->joint->feed];
    const auto work =
        feed_joint(document_.plan(), document_.catalogue(), step_->joint->feed, step_->joint->at_source);
    if (!work) return y;
    draw_joint(p, QRectF(u(24), y, width() - u(48), u(150)), *work, wire_colour(words_of(feed.supply_colour)),
               true);
    return y + u(158);
}

double StepCard::paint_lead(QPainter& p, double y) {
    const auto& t = theme();
    const auto& feeds = document_.plan().feeds;
    const auto* feed = by_id(feeds, step_->about);
    if (!feed) return y;
    const auto& route = document_.study().harness.routes[static_cast<size_t>(feed - feeds.data())];
    const double left = u(40), right = width() - u(40);
    const auto lead = [&](double at, const std::string& colour) {
        // With an edge: black is no colour of its own on a dark card, nor white on a light one.
        p.setPen(QPen(t.muted, 1));
        p.setBrush(wire_colour(words_of(colour)));
        p.drawRect(QRectF(left, at - u(5.5), right - left, u(11)));
        p.setPen(Qt::NoPen);
        p.setBrush(t.card);
        p.drawRoundedRect(QRectF(left + u(26), at - u(9), u(96), u(18)), 3, 3);
        p.drawRoundedRect(QRectF(right - u(122), at - u(9), u(96), u(18)), 3, 3);
        for (const double x : {left + u(28.0), right - u(120.0)})
            text(p, QRectF(x, at - u(9), u(92), u(18)), words_of(name_of(document_.plan(), feed->to)), t.ink,
                 face(11), Qt::AlignCenter);
    };
    lead(y + u(44), feed->supply_colour);
    if (feed->ret == Return::own) lead(y + u(74), feed->return_colour);
    p.setPen(QPen(t.ink, 1));
    p.drawLine(QPointF(left, y + u(22)), QPointF(right, y + u(22)));
    for (const double x : {left, right}) p.drawLine(QPointF(x, y + u(17)), QPointF(x, y + u(27)));
    text(p, QRectF(left, y - u(4), right - left, u(24)), QString::fromStdString(format(route.cut)), t.accent,
         face(20, true), Qt::AlignCenter);
    return y + u(104);
}

double StepCard::paint_target(QPainter& p, double y) {
    const auto& t = theme();
    const QRectF meter(u(40), y, width() - u(80), u(110));
    p.setPen(Qt::NoPen);
    p.setBrush(t.meter);
    p.drawRoundedRect(meter, 8, 8);
    text(p, meter.adjusted(0, u(8), -u(20), -u(36)), words_of(step_->target->value), t.meter_ink,
         face(52, true), Qt::AlignRight | Qt::AlignVCenter);
    text(p, meter.adjusted(u(20), u(74), -u(20), -u(8)), words_of(step_->target->note), t.meter_ink, face(13),
         Qt::AlignRight | Qt::AlignVCenter);
    return meter.bottom() + u(16);
}

/// The lead with all that sits in it, in its order from the source; what this step puts in is marked.
double StepCard::paint_item(QPainter& p, double y) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto* feed = by_id(plan.feeds, step_->about);
    if (!feed) return y;
    const double left = u(40), right = width() - u(40), on = y + u(46), back = y + u(78);
    const auto name = [&](const Id& part, int side) {
        text(p, QRectF(left, y, right - left, u(18)), words_of(name_of(plan, part)), t.muted, face(12),
             side | Qt::AlignVCenter);
    };
    name(feed->from, Qt::AlignLeft), name(feed->to, Qt::AlignRight);
    const auto wire = [&](double at, const std::string& colour) {
        p.setPen(QPen(t.muted, 1));
        p.setBrush(wire_colour(words_of(colour)));
        p.drawRect(QRectF(left, at - u(2.5), right - left, u(5)));
    };
    wire(on, feed->supply_colour);
    const bool own = feed->ret == Return::own;
    if (own) wire(back, feed->return_colour);
    const double step = (right - left) / static_cast<double>(feed->devices.size() + 1);
    double x = left;
    for (const auto& d : feed->devices) {
        x += step;
        if (d.id == step_->item) {
            const double low = d.kind == DeviceKind::connector && own ? back : on;
            p.setPen(QPen(t.accent, 2));
            p.setBrush(t.accent_soft);
            p.drawRoundedRect(QRectF(QPointF(x - u(24), on - u(18)), QPointF(x + u(24), low + u(18))), 8, 8);
        }
        draw_item(p, d.kind, QPointF(x, on), QPointF(x, own ? back : on), true);
    }
    return y + u(112);
}

/// The cable that a step cuts or makes up; null for any other step.
const Lead* StepCard::cable() const {
    if (step_->kind != StepKind::cut && (step_->kind != StepKind::join || step_->joint)) return nullptr;
    const auto* lead = find_lead(document_.plan(), step_->about);
    return lead && !lead->cores.empty() ? lead : nullptr;
}

/// Every core from pin to pin in its colour, under the length it is cut to.
double StepCard::paint_cable(QPainter& p, const Lead& cable, double y) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const double left = u(70), right = width() - u(70);
    const double tall = (cable_height() - u(50)) / static_cast<double>(cable.cores.size());
    for (size_t i = 0; i < plan.feeds.size() + plan.cables.size(); ++i)
        if (&lead_at(plan, i) == &cable)
            text(p, QRectF(left, y - u(4), right - left, u(24)),
                 said(document_.study().harness.routes[i].cut), t.accent, face(20, true), Qt::AlignCenter);
    text(p, QRectF(u(24), y + u(18), width() / 2.0 - u(24), u(18)), words_of(name_of(plan, cable.from)),
         t.muted, face(12));
    text(p, QRectF(width() / 2.0, y + u(18), width() / 2.0 - u(24), u(18)), words_of(name_of(plan, cable.to)),
         t.muted, face(12), Qt::AlignRight | Qt::AlignVCenter);
    for (size_t i = 0; i < cable.cores.size(); ++i) {
        const double at = y + u(42) + tall * (static_cast<double>(i) + 0.5);
        draw_core(p, cable, i, left, right, at, tall, std::min<double>(u(6), tall * 0.5));
        const auto pin = [&](double x, const std::string& name, int side) {
            text(p, QRectF(x, at - u(9), u(42), u(18)), words_of(name), t.ink, face(12, true),
                 side | Qt::AlignVCenter);
        };
        pin(left - u(46), cable.cores[i].from_pin, Qt::AlignRight),
            pin(right + u(4), cable.cores[i].to_pin, Qt::AlignLeft);
    }
    return y + cable_height();
}

double StepCard::cable_height() const {
    const auto* c = cable();
    return c ? u(50) + std::min<double>(u(24) * static_cast<double>(c->cores.size()), u(220)) : 0;
}

double StepCard::figure_height() const {
    if (cable()) return cable_height();
    if (step_->joint) return u(158);
    if (!step_->item.empty()) return u(112);
    return step_->kind == StepKind::cut ? u(104) : step_->target ? u(126) : 0;
}

void StepCard::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1), false, t.accent);
    if (!step_) {
        text(p, QRectF(u(24), u(24), width() - u(48), u(30)), tr("Nothing to build yet."), t.ink,
             face(20, true));
        text(p, QRectF(u(24), u(58), width() - u(48), u(22)),
             tr("Wire the plan with Propose (Ctrl+Enter); the steps follow from it."), t.muted, face(14));
        return;
    }
    const bool done = document_.plan().done.contains(step_->key);
    const double w = width() - u(48);
    double y = u(14);
    text(p, QRectF(u(24), y, w, u(18)),
         tr("Step %1 of %2%3").arg(number_).arg(of_).arg(done ? tr(" · done") : QString()),
         done ? t.good : t.muted, face(13, done));
    y += u(20);
    // The title wraps to two lines rather than being cut.
    p.setFont(face(26, true));
    p.setPen(t.ink);
    const auto title_box =
        p.boundingRect(QRectF(u(24), y, w, u(76)), Qt::TextWordWrap, words_of(step_->title));
    p.drawText(QRectF(u(24), y, w, u(76)), Qt::TextWordWrap, words_of(step_->title));
    y += title_box.height() + u(2);
    p.setFont(face(15));
    p.setPen(t.muted);
    const auto sub = p.boundingRect(QRectF(u(24), y, w, u(44)), Qt::TextWordWrap, words_of(step_->subtitle));
    p.drawText(QRectF(u(24), y, w, u(44)), Qt::TextWordWrap, words_of(step_->subtitle));
    y += sub.height() + u(8);
    const double bottom = height() - (step_->caution.empty() ? u(40) : u(88));
    double need = 0;
    for (const auto& action : step_->actions)
        need += QFontMetricsF(face(17))
                    .boundingRect(QRectF(0, 0, w - u(34), 999), Qt::TextWordWrap, words_of(action))
                    .height() +
                u(7);
    if (y + figure_height() + need < bottom + u(24)) {
        if (const auto* c = cable())
            y = paint_cable(p, *c, y + u(10));
        else if (step_->joint)
            y = paint_joint(p, y);
        else if (step_->kind == StepKind::cut)
            y = paint_lead(p, y + u(10));
        else if (step_->target)
            y = paint_target(p, y);
        else if (!step_->item.empty())
            y = paint_item(p, y + u(8));
    }
    for (const auto& action : step_->actions) {
        p.setFont(face(17));
        const auto box = p.boundingRect(QRectF(u(58), y, w - u(34), 999), Qt::TextWordWrap, words_of(action));
        if (y + box.height() > bottom) {
            text(p, QRectF(u(58), y - u(4), w, u(18)), QStringLiteral("…"), t.muted, face(17));
            break;
        }
        draw_tick(p, QRectF(u(26), y + u(1), u(18), u(18)), done);
        p.setPen(done ? t.muted : t.ink);
        p.setFont(face(17));
        p.drawText(box, Qt::TextWordWrap, words_of(action));
        y += box.height() + u(7);
    }
    if (!step_->caution.empty()) {
        const QRectF box(u(20), height() - u(82), width() - u(40), u(44));
        p.setPen(QPen(t.heat_soft, 1));
        p.setBrush(t.paper);
        p.drawRoundedRect(box, 6, 6);
        draw_severity(p, QRectF(box.left() + u(10), box.center().y() - u(9), u(18), u(18)),
                      Severity::caution);
        p.setFont(face(13));
        p.setPen(t.ink);
        p.drawText(box.adjusted(u(38), u(2), -u(8), -u(2)), Qt::TextWordWrap | Qt::AlignVCenter,
                   words_of(step_->caution));
    }
    QStringList tools;
    for (const auto& tool : step_->tools) tools << words_of(sangre::said(tool));
    const QString foot =
        tr("about %1 min").arg(step_->minutes) +
        (tools.isEmpty() ? QString() : QStringLiteral(" · ") + tools.join(QStringLiteral(", ")));
    text(p, QRectF(u(24), height() - u(32), w, u(20)), foot, t.muted, face(12));
}

}  // namespace sangre::app
