// The flow map under the hand: what is dragged, dropped and asked of a rail.
#include <QMenu>
#include <QMouseEvent>

#include "power/flow_map.h"
#include "propose/rail_edits.h"

namespace sangre::app {

void FlowMap::split(const Id& rail, const std::vector<Id>& loads) {
    document_.apply_and_tell(split_rail(document_.plan(), document_.catalogue(), rail, loads),
                             tr("Split a rail"));
}

void FlowMap::merge(const Id& stays, const Id& gone) {
    if (document_.apply_and_tell(merge_rails(document_.plan(), document_.catalogue(), stays, gone),
                                 tr("Merge two rails")))
        document_.select(stays);
}

void FlowMap::feed_from(const Id& rail, const Id& source) {
    if (document_.apply_and_tell(feed_rail_from(document_.plan(), document_.catalogue(), rail, source),
                                 tr("Feed a rail from elsewhere")))
        document_.select(rail);
}

void FlowMap::rail_menu(const Id& rail, QPointF at) {
    document_.select(rail);
    const auto& plan = document_.plan();
    const auto name = [&](const Id& id) { return QString::fromStdString(name_of(plan, id)); };
    QMenu m(this);
    const auto on = loads_on(plan, rail), noisy = noisy_on(plan, rail);
    auto* apart = m.addMenu(tr("Give a module of its own to"));
    if (noisy.size() > 1 && noisy.size() < on.size())
        apart->addAction(tr("all that is noisy"), this, [=, this] { split(rail, noisy); });
    for (const auto& load : on) apart->addAction(name(load), this, [=, this] { split(rail, {load}); });
    apart->setEnabled(on.size() > 1);
    auto* merged = m.addMenu(tr("Take over everything of"));
    auto* from = m.addMenu(tr("Feed it from"));
    for (const auto& c : plan.converters) {
        if (c.id == rail) continue;
        merged->addAction(name(c.id), this, [=, this, id = c.id] { merge(rail, id); });
        from->addAction(name(c.id), this, [=, this, id = c.id] { feed_from(rail, id); });
    }
    for (const auto& h : plan.hubs)
        from->addAction(name(h.id), this, [=, this, id = h.id] { feed_from(rail, id); });
    merged->setEnabled(!merged->isEmpty());
    from->setEnabled(!from->isEmpty());
    m.exec(mapToGlobal(at.toPoint()));
}

void FlowMap::drop_load(const Id& load, const Id& source) {
    const auto into = feeds_into(document_.plan(), load);
    if (into.empty()) return;
    if (document_.apply_and_tell(
            reroute_feed(document_.plan(), document_.plan().feeds[into.front()].id, source),
            tr("Feed a load from another rail")))
        document_.select(load);
}

void FlowMap::drop_rail(const Id& rail, const Block& onto, QPoint at) {
    if (onto.id == rail) return;
    if (onto.kind == PartKind::hub) return feed_from(rail, onto.id);
    // On another rail both make sense: ask.
    QMenu m(this);
    const auto there = QString::fromStdString(name_of(document_.plan(), onto.id));
    m.addAction(tr("Merge into %1").arg(there), this, [this, rail, id = onto.id] { merge(id, rail); });
    m.addAction(tr("Feed it from %1").arg(there), this, [this, rail, id = onto.id] { feed_from(rail, id); });
    m.exec(mapToGlobal(at));
}

void FlowMap::mousePressEvent(QMouseEvent* e) {
    for (const auto kind : {PartKind::load, PartKind::converter})
        if (const auto* b = block_at(e->position(), kind); b && e->button() == Qt::LeftButton)
            dragged_ = b->id, drag_at_ = e->position();
    if (const auto* s = spot_at(e->position()); s && s->key == "charge") {
        auto c = document_.conditions();
        c.charge = std::clamp((s->area.bottom() - e->position().y()) / s->area.height(), 0.0, 1.0);
        return document_.set_conditions(c);
    }
    Canvas::mousePressEvent(e);
}

void FlowMap::mouseMoveEvent(QMouseEvent* e) {
    if (!dragged_.empty() && (e->buttons() & Qt::LeftButton) &&
        (dragging_ || (e->position() - drag_at_).manhattanLength() > u(12))) {
        dragging_ = true;
        drag_at_ = e->position();
        return update();
    }
    Canvas::mouseMoveEvent(e);
}

void FlowMap::mouseReleaseEvent(QMouseEvent* e) {
    const Id dragged = std::exchange(dragged_, {});
    if (!std::exchange(dragging_, false)) return Canvas::mouseReleaseEvent(e);
    update();
    const auto* onto = block_at(e->position(), PartKind::converter);
    if (!onto) onto = block_at(e->position(), PartKind::hub);
    if (!onto) return;
    if (by_id(document_.plan().converters, dragged)) return drop_rail(dragged, Block(*onto), e->pos());
    drop_load(dragged, onto->id);
}

}  // namespace sangre::app
