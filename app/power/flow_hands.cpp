// The flow map under the hand: what is dragged, dropped and asked of a rail.
#include <QFile>
#include <QFileDialog>
#include <QMenu>
#include <QMouseEvent>

#include "base/units/format.h"
#include "base/words/say.h"
#include "comparison/device_offers.h"
#include "output/files/measured_log.h"
#include "physics/battery/fit.h"
#include "plan/source.h"
#include "plan/source_text.h"
#include "power/flow_map.h"
#include "proposal/rail_edits.h"
#include "proposal/source_edits.h"
#include "widgets/words.h"
#include "wiring/joint/choose.h"

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
    if (const auto* module = by_id(plan.converters, rail)) {
        auto* covered = m.addAction(tr("Its bare board in a wide tube"), this, [this, rail](bool wanted) {
            document_.apply([=](const Plan& p) { return set_in_tube(p, rail, wanted); },
                            wanted ? tr("Cover a board with a tube") : tr("Leave a board bare"));
        });
        covered->setCheckable(true);
        covered->setChecked(module->in_tube);
    }
    m.exec(mapToGlobal((at * zoom()).toPoint()));
}

void FlowMap::hub_menu(const Id& hub, QPointF at) {
    document_.select(hub);
    const auto* now = by_id(document_.plan().hubs, hub);
    if (!now) return;
    QMenu m(this);
    for (const auto& [kind, words] : {std::pair{HubKind::stud, tr("Rings on a stud or bus bar")},
                                      {HubKind::strip, tr("Ends in a strip of screws")},
                                      {HubKind::board, tr("On the pads of a board")},
                                      {HubKind::splice, tr("Joined to one another, no part at all")},
                                      {HubKind::fork, tr("Plugs of a forked barrel lead")},
                                      {HubKind::block, tr("In the ways of a fuse block")}}) {
        auto* a = m.addAction(words, this, [this, hub, kind = kind] {
            document_.apply_and_tell(Edit([hub, kind, &catalogue = document_.catalogue()](const Plan& p) {
                                         return set_hub_kind(p, catalogue, hub, kind);
                                     }),
                                     tr("Join wires at a hub in another way"));
        });
        a->setCheckable(true);
        a->setChecked(now->kind == kind);
    }
    m.exec(mapToGlobal((at * zoom()).toPoint()));
}

void FlowMap::feed_menu(const Id& feed, QPointF at) {
    document_.select(feed);
    using Kind = DeviceOffer::Group;
    QMenu m(this);
    m.setToolTipsVisible(true);
    const auto offers = device_offers(document_.plan(), document_.catalogue(), document_.study(), feed);
    for (const auto& [group, title] : {std::pair{Kind::protect, tr("Protect")},
                                       {Kind::turn_off, tr("Turn off")},
                                       {Kind::quieten, tr("Quieten")},
                                       {Kind::watch, tr("Watch")},
                                       {Kind::seat, tr("Seat the fuse in")},
                                       {Kind::coil, tr("Its relay")},
                                       {Kind::warmth, tr("Its thermal switch sits")},
                                       {Kind::take_out, tr("Take out")}}) {
        auto* sub = m.addMenu(title);
        sub->setToolTipsVisible(true);
        for (const auto& o : offers) {
            if (o.group != group) continue;
            const auto name = QString::fromStdString(o.name);
            auto* a = sub->addAction(
                o.purpose.empty() ? name : tell("{now}: {list}", name, QString::fromStdString(o.purpose)),
                this,
                [this, edit = o.edit,
                 words = group == Kind::take_out ? tell("Take out {name}", name)
                         : group == Kind::seat   ? tell("Seat the fuse in: {name}", name)
                         : group == Kind::coil   ? tell("Relay: {name}", name)
                         : group == Kind::warmth
                             ? tell("Thermal switch sits {name}", name)
                             : tell("Put in {name}", name)] { document_.apply_and_tell(edit, words); });
            a->setToolTip(QString::fromStdString(o.purpose));
        }
        sub->setEnabled(!sub->isEmpty());
    }
    // What a drag does, by keys.
    const auto& plan = document_.plan();
    const auto* lead = by_id(plan.feeds(), feed);
    auto* from = m.addMenu(tr("Feed it from"));
    const auto offer = [&](const auto& parts) {
        for (const auto& part : parts)
            if (lead && part.id != lead->from && reroute_feed(plan, feed, part.id))
                from->addAction(menu_words(words_of(part.name)), this, [this, feed, id = part.id] {
                    document_.apply_and_tell(reroute_feed(document_.plan(), feed, id),
                                             tr("Feed it from another rail"));
                });
    };
    offer(plan.converters), offer(plan.hubs), offer(plan.sources);
    from->setEnabled(!from->isEmpty());
    m.exec(mapToGlobal((at * zoom()).toPoint()));
}

/// What another source beside this one would be begun with.
void FlowMap::add_source_actions(QMenu& menu, const Id& id) {
    auto* more = menu.addMenu(tr("Another source"));
    for (const auto& offer : source_offers(document_.plan(), document_.catalogue()))
        more->addAction(
            menu_words(words_of(source_summary(offer, document_.catalogue()))), this, [this, offer] {
                document_.apply_and_tell(Edit([offer, &catalogue = document_.catalogue()](const Plan& p) {
                                             return add_source(p, catalogue, offer);
                                         }),
                                         tell("Added a {source}", words_of(source_said(offer.kind))));
                document_.select(document_.plan().sources.back().id);
            });
    auto* gone = menu.addAction(tr("Remove it"), this, [this, id] {
        document_.apply_and_tell(Edit([id](const Plan& p) { return remove_source(p, id); }),
                                 tr("Removed a source"));
    });
    gone->setEnabled(document_.plan().sources.size() > 1);
}

void FlowMap::battery_menu(const Id& id, QPointF at) {
    document_.select(id);
    const auto* battery = by_id(document_.plan().sources, id);
    if (!battery) return;
    QMenu m(this);
    const bool pack = battery->kind == SourceKind::pack;
    m.addAction(pack ? tr("Type another pack\tEnter") : tr("Type it anew\tEnter"), this, [this, id] {
        if (const auto* b = block(id)) edit_battery(id, b->area);
    });
    add_source_actions(m, id);
    if (!pack) {
        m.exec(mapToGlobal((at * zoom()).toPoint()));
        return;
    }
    m.addSeparator();
    m.addAction(tr("Old? Fit it to a measured discharge…"), this, [this, id] {
        const auto file = QFileDialog::getOpenFileName(this, tr("A log of time, volts and amperes"),
                                                       document_.folder(), tr("Tables (*.csv *.tsv *.txt)"));
        if (!file.isEmpty()) fit_battery(id, file);
    });
    m.addAction(tr("As new again"), this, [this, b = *battery]() mutable {
         b.health = b.resistance_factor = b.weakest_cell = 1;
         document_.apply_and_tell(Edit([b](const Plan& p) { return put_source(p, b); }), tr("A pack as new"));
     })->setEnabled(battery->health != 1 || battery->resistance_factor != 1 || battery->weakest_cell != 1);
    m.exec(mapToGlobal((at * zoom()).toPoint()));
}

void FlowMap::edit_battery(const Id& id, const QRectF& area) {
    const auto* b = by_id(document_.plan().sources, id);
    if (!b) return;
    const QRectF field(area.left() + u(4), area.top() + u(4), u(b->kind == SourceKind::pack ? 190 : 380),
                       u(28));
    edit_at(field, QString::fromStdString(source_line(*b, document_.catalogue())),
            [this, id](const QString& typed) -> QString {
                const auto* now = by_id(document_.plan().sources, id);
                if (!now) return {};
                const auto next = parse_source(document_.catalogue(), *now, typed.toStdString());
                if (!next) return QString::fromStdString(next.error().message);
                close_editor();
                document_.apply_and_tell(Edit([b = *next](const Plan& p) { return put_source(p, b); }),
                                         tr("Another source"));
                return {};
            });
}

void FlowMap::fit_battery(const Id& id, const QString& log_file) {
    const auto* battery = by_id(document_.plan().sources, id);
    const auto* chemistry =
        battery ? sangre::find(document_.catalogue().chemistries, battery->chemistry) : nullptr;
    const auto refuse = [&](const std::string& why) {
        emit document_.said(
            tell("{log_file}: {why}. Nothing was changed.", log_file, QString::fromStdString(why)), true,
            false);
    };
    if (!chemistry) return refuse("the pack's chemistry is not in the catalogue");
    QFile f(log_file);
    if (!f.open(QIODevice::ReadOnly)) return refuse(f.errorString().toStdString());
    const auto log = measured_log_from_csv(f.readAll().toStdString());
    if (!log) return refuse(log.error());
    const auto fit = fit_discharge(*battery, *chemistry, *log);
    if (!fit) return refuse(fit.error());
    auto fitted = *battery;
    fitted.health = fit->health, fitted.resistance_factor = fit->resistance_factor;
    document_.apply_and_tell(
        Edit([fitted](const Plan& p) { return put_source(p, fitted); }),
        tell("Fit {pack}: {capacity} left, {resistance} inside", QString::fromStdString(battery->name),
             QString::fromStdString(format(fit->capacity)), QString::fromStdString(format(fit->resistance))));
    document_.show_why(fit->why);
}

void FlowMap::zoom_to_fit() {
    const auto* view = parentWidget();
    if (!view) return;
    const auto whole = minimumSizeHint();
    set_zoom(std::min(1.0, zoom() * view->height() / std::max(1, whole.height())));
    setMinimumHeight(minimumSizeHint().height());
}

void FlowMap::wheelEvent(QWheelEvent* e) {
    if (!(e->modifiers() & Qt::ControlModifier)) return Canvas::wheelEvent(e);
    set_zoom(zoom() * (e->angleDelta().y() > 0 ? 1.1 : 1 / 1.1));
    setMinimumHeight(minimumSizeHint().height());
    e->accept();
}

void FlowMap::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_0) return zoom_to_fit();
    if (e->key() == Qt::Key_1 && e->modifiers() == Qt::NoModifier) {
        set_zoom(1);
        return setMinimumHeight(minimumSizeHint().height());
    }
    const auto key = focused_spot();
    if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) && key.startsWith("part:")) {
        const Id id = key.mid(5).toStdString();
        const auto* b = block(id);
        // A second Enter on a selected pack opens its line.
        if (b && b->kind == PartKind::source && document_.selection() == id) return edit_battery(id, b->area);
    }
    Canvas::keyPressEvent(e);
}

void FlowMap::drop_load(const Id& load, const Id& source) {
    const auto into = feeds_into(document_.plan(), load);
    if (into.empty()) return;
    if (document_.apply_and_tell(
            reroute_feed(document_.plan(), document_.plan().feeds()[into.front()].id, source),
            tr("Feed a load from another rail")))
        document_.select(load);
}

void FlowMap::drop_rail(const Id& rail, const Block& onto, QPoint at) {
    if (onto.id == rail) return;
    if (onto.kind == PartKind::hub) return feed_from(rail, onto.id);
    // On another rail both make sense: ask.
    QMenu m(this);
    const auto there = QString::fromStdString(name_of(document_.plan(), onto.id));
    m.addAction(tell("Merge into {there}", there), this, [this, rail, id = onto.id] { merge(id, rail); });
    m.addAction(tell("Feed it from {there}", there), this,
                [this, rail, id = onto.id] { feed_from(rail, id); });
    m.exec(mapToGlobal(at));
}

void FlowMap::mousePressEvent(QMouseEvent* e) {
    for (const auto kind : {PartKind::load, PartKind::converter})
        if (const auto* b = block_at(in_drawing(e->position()), kind); b && e->button() == Qt::LeftButton)
            dragged_ = b->id, drag_at_ = in_drawing(e->position());
    if (const auto* s = spot_at(e->position()); s && s->key == "charge") {
        auto c = document_.conditions();
        c.charge = std::clamp((s->area.bottom() - e->position().y()) / s->area.height(), 0.0, 1.0);
        return document_.set_conditions(c);
    }
    Canvas::mousePressEvent(e);
}

void FlowMap::mouseMoveEvent(QMouseEvent* e) {
    if (!dragged_.empty() && (e->buttons() & Qt::LeftButton) &&
        (dragging_ || (in_drawing(e->position()) - drag_at_).manhattanLength() > u(12))) {
        dragging_ = true;
        drag_at_ = in_drawing(e->position());
        return update();
    }
    Canvas::mouseMoveEvent(e);
}

void FlowMap::mouseReleaseEvent(QMouseEvent* e) {
    const Id dragged = std::exchange(dragged_, {});
    if (!std::exchange(dragging_, false)) return Canvas::mouseReleaseEvent(e);
    update();
    const auto* onto = block_at(in_drawing(e->position()), PartKind::converter);
    if (!onto) onto = block_at(in_drawing(e->position()), PartKind::hub);
    if (!onto) return;
    if (by_id(document_.plan().converters, dragged)) return drop_rail(dragged, Block(*onto), e->pos());
    drop_load(dragged, onto->id);
}

}  // namespace sangre::app
