#include "routing/machine_map.h"

#include <QMenu>
#include <QMouseEvent>
#include <QPainterPath>

#include "widgets/words.h"

namespace sangre::app {
namespace {

QString hazard_word(PassageKind k) {
    switch (k) {
        case PassageKind::open:
            return MachineMap::tr("open");
        case PassageKind::hole:
            return MachineMap::tr("hole with grommet");
        case PassageKind::gland:
            return MachineMap::tr("gland");
        case PassageKind::hinge:
            return MachineMap::tr("moving part");
        case PassageKind::heat:
            return MachineMap::tr("heat");
        case PassageKind::edge:
            return MachineMap::tr("sharp edge");
    }
    return {};
}

}  // namespace

MachineMap::MachineMap(Document& document, QWidget* parent)
    : Canvas(tr("Machine from above"), parent), document_(document) {
    setMinimumSize(u(420), u(360));
    connect(&document_, &Document::changed, this, [this] { update(); });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
}

QRectF MachineMap::machine() const { return QRectF(u(46), u(34), width() - u(92), height() - u(62)); }

QPointF MachineMap::at(const Place& place) const {
    const auto m = machine();
    if (place.id == dragged_ && moved_) return drag_at_;
    return {m.left() + m.width() * place.x, m.top() + m.height() * place.y};
}

QRectF MachineMap::box(const Place& place) const {
    const double w = text_width(QString::fromStdString(place.name), face(13, true)) + u(24);
    const auto c = at(place);
    QRectF b(c.x() - w / 2, c.y() - u(15), w, u(30));
    b.moveLeft(std::clamp(b.left(), 4.0, std::max(4.0, width() - w - 4)));
    return b;
}

void MachineMap::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    p.setPen(QPen(t.line, 1.5));
    p.setBrush(t.paper);
    const auto outline = machine().adjusted(-u(30), -u(14), u(30), u(14));
    p.drawRoundedRect(outline, u(44), u(44));
    text(p, QRectF(outline.left(), outline.top() - u(19), outline.width(), u(17)), tr("front"), t.muted,
         face(11), Qt::AlignCenter);
    if (document_.plan().places.empty()) {
        text(p, QRectF(u(30), height() / 2.0 - u(30), width() - u(60), u(26)), tr("No places yet."), t.ink,
             face(16, true), Qt::AlignCenter);
        text(p, QRectF(u(30), height() / 2.0, width() - u(60), u(20)),
             tr("Press + Place, then right-click a place to measure a way to the next."), t.muted, face(13),
             Qt::AlignCenter);
        return;
    }
    for (size_t i = 0; i < document_.plan().passages.size(); ++i) paint_passage(p, i);
    for (const auto& place : document_.plan().places) paint_place(p, place);
}

void MachineMap::paint_passage(QPainter& p, size_t i) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& way = plan.passages[i];
    const auto *from = by_id(plan.places, way.from), *to = by_id(plan.places, way.to);
    if (!from || !to) return;
    const auto& s = document_.study();
    const auto a = at(*from), b = at(*to);
    const QPointF middle = (a + b) / 2;
    // A slight bow tells two ways between the same region apart.
    const QPointF normal(-(b - a).y() * 0.08, (b - a).x() * 0.08);
    QPainterPath path(a);
    path.quadTo(middle + normal, b);
    const bool used = !s.harness.feeds_in_passage[i].empty(), selected = document_.selection() == way.id;
    // Bundles are drawn at three pixels to the millimetre, so that thick tells from thin.
    const double thick = used ? std::clamp(raw(s.harness.bundle[i]) * 1.1, 2.0, 22.0) * text_scale() : 1.4;
    p.setPen(QPen(selected ? t.accent
                  : used   ? t.flow
                           : t.line,
                  thick, used ? Qt::SolidLine : Qt::DashLine, Qt::RoundCap));
    p.setBrush(Qt::NoBrush);
    p.drawPath(path);
    const auto centre = path.pointAtPercent(0.5);
    const QString length = said(way.length);
    const double w = text_width(length, face(12)) + u(14);
    const QRectF label(centre.x() - w / 2, centre.y() - u(10), w, u(20));
    p.setPen(QPen(selected ? t.accent : t.line, 1));
    p.setBrush(t.card);
    p.drawRoundedRect(label, 4, 4);
    text(p, label, length, t.ink, face(12), Qt::AlignCenter);
    const auto key = QString::fromStdString(way.id);
    const auto tip =
        tr("%1: %2, %3, %4 feeds, bundle %5. Double-click types the length; right-click for more.")
            .arg(QString::fromStdString(name_of(plan, way.id)), length, hazard_word(way.kind))
            .arg(s.harness.feeds_in_passage[i].size())
            .arg(said(s.harness.bundle[i]));
    add_spot({label, "way:" + key, tip,
              [this, id = way.id] {
                  if (document_.selection() == id)
                      edit_length(id);
                  else
                      document_.select(id);
              },
              [this, id = way.id] { passage_menu(id); }});
    if (way.kind == PassageKind::open) return;
    bool full = false;
    for (const auto& h : s.harness.holes) full = full || (h.passage == i && !h.fits);
    const auto sign = path.pointAtPercent(0.74);
    const bool hole = way.kind == PassageKind::hole || way.kind == PassageKind::gland;
    p.setPen(QPen(full ? t.danger : hole ? t.ink : t.caution, 2));
    if (hole) {
        p.setBrush(t.card);
        p.drawEllipse(sign, u(9), u(9));
    } else {
        p.setPen(Qt::NoPen);
        p.setBrush(t.caution);
        p.drawPolygon(
            QPolygonF{sign + QPointF(0, -u(9)), sign + QPointF(u(9), u(7)), sign + QPointF(-u(9), u(7))});
    }
    const QString words = hole ? said(way.hole) : hazard_word(way.kind);
    const double ww = text_width(words, face(11)) + u(6);
    const double left = sign.x() + u(12) + ww < width() - u(6) ? sign.x() + u(12) : sign.x() - u(12) - ww;
    text(p, QRectF(left, sign.y() - u(8), ww, u(16)), words,
         full   ? t.danger
         : hole ? t.ink
                : t.caution,
         face(11, true));
    add_spot({QRectF(sign - QPointF(u(9), u(9)), QSizeF(u(18), u(18))), "sign:" + key, tip,
              [this, id = way.id] { document_.select(id); }, [this, id = way.id] { passage_menu(id); },
              Qt::PointingHandCursor, false});
}

void MachineMap::paint_place(QPainter& p, const Place& place) {
    const auto& t = theme();
    const auto area = box(place);
    QStringList here;
    const auto& plan = document_.plan();
    const auto collect = [&](const auto& parts) {
        for (const auto& part : parts)
            if (part.place == place.id) here << QString::fromStdString(part.name);
    };
    collect(plan.sources), collect(plan.hubs), collect(plan.converters), collect(plan.loads);
    const bool selected = document_.selection() == place.id;
    p.setPen(QPen(selected ? t.accent : t.ink, selected ? 2 : 1.2));
    p.setBrush(t.card);
    p.drawRoundedRect(area, 6, 6);
    text(p, area, QString::fromStdString(place.name), t.ink, face(13, true), Qt::AlignCenter);
    add_spot({area, "place:" + QString::fromStdString(place.id),
              tr("%1\nDrag it where it is; right-click for a way to another place.")
                  .arg(here.isEmpty() ? tr("Nothing stands here yet") : here.join(QStringLiteral(", "))),
              [this, id = place.id] { document_.select(id); }, [this, id = place.id] { place_menu(id); },
              Qt::OpenHandCursor});
}

void MachineMap::mousePressEvent(QMouseEvent* e) {
    moved_ = false;
    dragged_.clear();
    if (e->button() == Qt::LeftButton)
        for (const auto& place : document_.plan().places)
            if (box(place).contains(e->position())) dragged_ = place.id, grab_ = e->position();
    Canvas::mousePressEvent(e);
}

void MachineMap::mouseMoveEvent(QMouseEvent* e) {
    if (!dragged_.empty() && (e->buttons() & Qt::LeftButton) &&
        (moved_ || (e->position() - grab_).manhattanLength() > u(6))) {
        moved_ = true;
        const auto m = machine();
        drag_at_ = {std::clamp(e->position().x(), m.left(), m.right()),
                    std::clamp(e->position().y(), m.top(), m.bottom())};
        return update();
    }
    Canvas::mouseMoveEvent(e);
}

void MachineMap::mouseReleaseEvent(QMouseEvent* e) {
    const Id id = std::exchange(dragged_, {});
    if (std::exchange(moved_, false)) {
        const auto m = machine();
        const double x = (drag_at_.x() - m.left()) / m.width(), y = (drag_at_.y() - m.top()) / m.height();
        document_.apply([=](const Plan& p) { return move_place(p, id, x, y); }, tr("Move a place"));
    }
    Canvas::mouseReleaseEvent(e);
}

void MachineMap::edit_length(const Id& id) {
    const auto* way = by_id(document_.plan().passages, id);
    if (!way) return;
    const auto centre = spot_centre("way:" + QString::fromStdString(id));
    edit_value_at(QRectF(centre.x() - u(55), centre.y() - u(15), u(110), u(30)),
                  QString::number(raw(way->length)) + " m", Dimension::length, "m",
                  [this, way = *way](double metres) -> QString {
                      if (metres <= 0 || metres > 100)
                          return tr("A length above zero, up to 100 m, is expected.");
                      auto next = way;
                      next.length = Metre(metres);
                      close_editor();
                      document_.apply([next](const Plan& p) { return put_passage(p, next); },
                                      tr("Measure a way"));
                      return {};
                  });
}

void MachineMap::passage_menu(const Id& id) {
    document_.select(id);
    const auto* found = by_id(document_.plan().passages, id);
    if (!found) return;
    const auto way = *found;
    QMenu menu(this);
    menu.addAction(tr("Type its length"), [this, id] { edit_length(id); });
    auto* kinds = menu.addMenu(tr("What is there"));
    for (const auto kind : {PassageKind::open, PassageKind::hole, PassageKind::gland, PassageKind::hinge,
                            PassageKind::heat, PassageKind::edge}) {
        auto* a = kinds->addAction(hazard_word(kind), [this, way, kind] {
            auto next = way;
            next.kind = kind;
            const bool hole = kind == PassageKind::hole || kind == PassageKind::gland;
            if (hole && raw(next.hole) <= 0) next.hole = Millimetre(12);
            document_.apply([next](const Plan& p) { return put_passage(p, next); },
                            tr("Say what is on the way"));
        });
        a->setCheckable(true);
        a->setChecked(kind == way.kind);
    }
    if (way.kind == PassageKind::hole || way.kind == PassageKind::gland)
        menu.addAction(tr("Type the hole's diameter"), [this, way] {
            const auto centre = spot_centre("way:" + QString::fromStdString(way.id));
            edit_value_at(QRectF(centre.x() - u(55), centre.y() - u(15), u(110), u(30)), said(way.hole),
                          Dimension::length, "mm", [this, way](double metres) -> QString {
                              if (metres <= 0 || metres > 0.5)
                                  return tr("A diameter above zero, up to 500 mm, is expected.");
                              auto next = way;
                              next.hole = Millimetre(metres * 1e3);
                              close_editor();
                              document_.apply([next](const Plan& p) { return put_passage(p, next); },
                                              tr("Measure a hole"));
                              return {};
                          });
        });
    menu.addSeparator();
    menu.addAction(tr("Remove"), [this, id] {
        document_.apply([id](const Plan& p) { return remove_passage(p, id); }, tr("Remove a way"));
    });
    menu.exec(mapToGlobal(spot_centre("way:" + QString::fromStdString(id))));
}

void MachineMap::rename_place(const Id& id) {
    const auto* place = by_id(document_.plan().places, id);
    if (!place) return;
    edit_at(box(*place), QString::fromStdString(place->name),
            [this, place = *place](const QString& typed) -> QString {
                if (typed.trimmed().isEmpty()) return tr("A place needs a name.");
                auto next = place;
                next.name = typed.trimmed().toStdString();
                close_editor();
                document_.apply([next](const Plan& p) { return put_place(p, next); }, tr("Name a place"));
                return {};
            });
}

void MachineMap::add_place() {
    Place place;
    place.name = "Place " + std::to_string(document_.plan().places.size() + 1);
    place.id = fresh_id(document_.plan(), "place", place.name);
    document_.apply([place](const Plan& p) { return put_place(p, place); }, tr("Add a place"));
    document_.select(place.id);
    rename_place(place.id);
}

void MachineMap::place_menu(const Id& id) {
    document_.select(id);
    QMenu menu(this);
    menu.addAction(tr("Rename"), [this, id] { rename_place(id); });
    auto* ways = menu.addMenu(tr("Measure a way to"));
    for (const auto& other : document_.plan().places) {
        if (other.id == id) continue;
        ways->addAction(menu_words(QString::fromStdString(other.name)), [this, id, to = other.id] {
            Passage way;
            way.from = id, way.to = to, way.length = Metre(0.5);
            way.id = fresh_id(document_.plan(), "way",
                              name_of(document_.plan(), id) + " " + name_of(document_.plan(), to));
            document_.apply([way](const Plan& p) { return put_passage(p, way); }, tr("Add a way"));
            document_.select(way.id);
            repaint();
            edit_length(way.id);
        });
    }
    auto* parts = menu.addMenu(tr("Put here"));
    const auto offer = [&](const auto& list) {
        for (const auto& part : list) {
            auto* a = parts->addAction(
                menu_words(QString::fromStdString(part.name)), [this, part_id = part.id, id] {
                    document_.apply([=](const Plan& p) { return set_part_place(p, part_id, id); },
                                    tr("Place a part"));
                });
            a->setCheckable(true);
            a->setChecked(part.place == id);
        }
    };
    offer(document_.plan().sources), offer(document_.plan().hubs), offer(document_.plan().converters),
        offer(document_.plan().loads);
    menu.exec(mapToGlobal(spot_centre("place:" + QString::fromStdString(id))));
}

}  // namespace sangre::app
