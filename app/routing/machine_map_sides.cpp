// Sides of the machine on its map: the picture behind, the scale by two points, lines drawn point by point,
// zones.
#include <QFileDialog>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "plan/edits.h"
#include "plan/machine_edits.h"
#include "plan/on_way.h"
#include "routing/machine_map.h"
#include "shell/pictures.h"
#include "units/number.h"
#include "widgets/words.h"
#include "words/say.h"

namespace sangre::app {

const Side* MachineMap::side() const {
    const auto& sides = document_.plan().sides;
    if (sides.empty()) return nullptr;
    const auto* shown = by_id(sides, side_);
    return shown ? shown : &sides.front();
}

bool MachineMap::on_side(const Place& place) const { return side_of(document_.plan(), place) == side(); }

QPointF MachineMap::to_map(SidePoint at) const {
    const auto m = machine();
    return {m.left() + m.width() * at.x, m.top() + m.height() * at.y};
}

SidePoint MachineMap::to_side(QPointF at) const {
    const auto m = machine();
    return {std::clamp((at.x() - m.left()) / m.width(), 0.0, 1.0),
            std::clamp((at.y() - m.top()) / m.height(), 0.0, 1.0)};
}

void MachineMap::show_side(const Id& id) {
    side_ = id, mode_ = Mode::usual, marks_.clear();
    close_editor();
    update();
}

void MachineMap::take_picture(const QImage& picture) {
    const auto kept = keep_picture(picture, document_.pictures_pool());
    if (!kept) return emit document_.said(kept.error(), true, false);
    const auto* shown = side();
    Side next = shown ? *shown : Side{};
    if (!shown) next.name = say("Above"), next.id = fresh_id(document_.plan(), "side", next.name);
    // Another picture of the same shape keeps its scale: it may only be sharper.
    const double tall = static_cast<double>(picture.height()) / picture.width();
    if (std::abs(tall - next.tall) > 0.01 * tall) next.across = Metre(0);
    next.tall = std::clamp(tall, 0.05, 20.0), next.picture = kept->toStdString();
    document_.apply([next](const Plan& p) { return put_side(p, next); }, tr("Put a picture behind"));
    side_ = next.id;
    if (raw(next.across) <= 0) begin_scale();
}

void MachineMap::take_picture_file(const QString& file) {
    const auto picture = read_picture(file);
    picture ? take_picture(*picture) : emit document_.said(picture.error(), true, false);
}

void MachineMap::ask_picture() {
    const auto file = QFileDialog::getOpenFileName(this, tr("A picture of the machine"), {},
                                                   tr("Pictures (*.png *.jpg *.jpeg)"));
    if (!file.isEmpty()) take_picture_file(file);
}

void MachineMap::add_side() {
    Side next;
    next.name = say("Side {}", document_.plan().sides.size() + 1),
    next.id = fresh_id(document_.plan(), "side", next.name);
    document_.apply([next](const Plan& p) { return put_side(p, next); }, tr("Add a side"));
    show_side(next.id);
    repaint();
    edit_side_name(next.id);
}

void MachineMap::add_zone(OnWayKind kind) {
    if (!side()) return;
    Zone zone;
    zone.kind = kind, zone.name = sangre::said(on_way_word(kind)), zone.side = side()->id;
    zone.id = fresh_id(document_.plan(), "zone", zone.name);
    document_.apply([zone](const Plan& p) { return put_zone(p, zone); }, tr("Add a zone"));
    document_.select(zone.id);
}

QString MachineMap::hint() const {
    if (mode_ == Mode::scale)
        return marks_.empty() ? tr("Click two points whose distance you know. Escape leaves it.")
                              : tr("Now the other point.");
    if (mode_ == Mode::line)
        return tr("Click point by point from %1; Enter ends at %2, Backspace takes one back, Escape leaves "
                  "it.")
            .arg(words_of(name_of(document_.plan(), by_id(document_.plan().ways, drawing_)->from)),
                 words_of(name_of(document_.plan(), by_id(document_.plan().ways, drawing_)->to)));
    return {};
}

void MachineMap::begin_scale() {
    if (!side()) return;
    close_editor();
    mode_ = Mode::scale, marks_.clear();
    setFocus();
    update();
}

void MachineMap::begin_line(const Id& way) {
    const auto* found = by_id(document_.plan().ways, way);
    if (!found || !side()) return;
    if (line_of_way(document_.plan(), *found).empty())
        return emit document_.said(tr("Its two ends are on different sides: type its length."), true, false);
    mode_ = Mode::line, drawing_ = way, marks_.clear();
    setFocus();
    update();
}

bool MachineMap::mark_at(QPointF at) {
    if (mode_ == Mode::usual || !machine().contains(at)) return false;
    marks_.push_back(to_side(at));
    if (mode_ == Mode::scale && marks_.size() == 2) edit_scale();
    update();
    return true;
}

void MachineMap::edit_scale() {
    const auto a = to_map(marks_[0]), b = to_map(marks_[1]);
    const auto* shown = side();
    const auto now = raw(shown->across) > 0
                         ? QString::number(raw(distance_on(*shown, marks_[0], marks_[1])), 'g', 4) + " m"
                         : QString();
    if (std::hypot(a.x() - b.x(), a.y() - b.y()) < 3) {
        marks_.clear();
        return emit document_.said(words_of(set_scale(document_.plan(), shown->id, {}, {}, Metre(1)).error()),
                                   true, false);
    }
    const auto middle = (a + b) / 2;
    edit_value_at(
        QRectF(std::clamp<double>(middle.x() - u(70), 4, width() - u(144)), middle.y() + u(8), u(140), u(30)),
        now, Dimension::length, "m", [this, id = shown->id, marks = marks_](double metres) -> QString {
            const auto scaled = set_scale(document_.plan(), id, marks[0], marks[1], Metre(metres));
            if (!scaled) return words_of(scaled.error());
            mode_ = Mode::usual, marks_.clear();
            close_editor();
            document_.apply(
                [=](const Plan& p) {
                    return set_scale(p, id, marks[0], marks[1], Metre(metres)).value_or(p);
                },
                tr("Set the scale"));
            return {};
        });
}

void MachineMap::end_line() {
    if (mode_ != Mode::line) return;
    const auto bends = std::exchange(marks_, {});
    mode_ = Mode::usual;
    document_.apply([id = drawing_, bends](const Plan& p) { return set_bends(p, id, bends); },
                    tr("Draw a way"));
    document_.select(drawing_);
    update();
}

void MachineMap::mouseDoubleClickEvent(QMouseEvent* e) {
    if (mode_ == Mode::line) {
        // The first of the two clicks was a point already.
        return end_line();
    }
    Canvas::mouseDoubleClickEvent(e);
}

void MachineMap::keyPressEvent(QKeyEvent* e) {
    if (mode_ != Mode::usual) {
        if (e->key() == Qt::Key_Escape) {
            mode_ = Mode::usual, marks_.clear();
            return update();
        }
        if (mode_ == Mode::line && (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter))
            return end_line();
        if (e->key() == Qt::Key_Backspace && !marks_.empty()) {
            marks_.pop_back();
            return update();
        }
    }
    Canvas::keyPressEvent(e);
}

void MachineMap::paint_side(QPainter& p) {
    const auto* shown = side();
    if (!shown) return;
    const auto& t = theme();
    const auto m = machine();
    const auto name = words_of(shown->picture);
    if (name != picture_name_) {
        picture_name_ = name;
        const auto file = find_picture(name, document_.origin(), document_.pictures_pool());
        const auto read =
            file.isEmpty() ? tl::expected<QImage, QString>(tl::unexpected(QString())) : read_picture(file);
        picture_ = read ? QPixmap::fromImage(*read) : QPixmap();
    }
    p.setPen(QPen(t.line, 1));
    p.setBrush(t.paper);
    p.drawRect(m);
    if (!picture_.isNull()) {
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.drawPixmap(m, picture_, QRectF(picture_.rect()));
        // Veiled, so that what is drawn over it stands out.
        auto veil = t.card;
        veil.setAlpha(110);
        p.fillRect(m, veil);
    }
    // Its name, its scale, and the other sides.
    double x = m.left();
    const auto tab = [&](const QString& words, const QString& key, bool on, const QString& tip,
                         std::function<void()> act) {
        const double wide = text_width(words, face(12, on)) + u(18);
        const QRectF area(x, u(8), wide, u(24));
        p.setPen(QPen(on ? t.accent : t.line, 1));
        p.setBrush(on ? t.flow_soft : t.card);
        p.drawRoundedRect(area, 5, 5);
        text(p, area, words, on ? t.accent : t.ink, face(12, on), Qt::AlignCenter);
        add_spot({area, key, tip, std::move(act), [this, area] { side_menu(area.bottomLeft().toPoint()); }});
        x += wide + u(6);
    };
    for (const auto& s : document_.plan().sides) {
        const bool here = &s == shown;
        tab(words_of(s.name), "side:" + words_of(s.id), here,
            here ? tr("Picture, scale, zones of this side") : tr("Show this side"),
            [this, id = s.id, here, at = QPointF(x, u(34))] {
                here ? side_menu(at.toPoint()) : show_side(id);
            });
    }
    if (picture_.isNull() && !name.isEmpty())
        tab(tr("! picture gone"), QStringLiteral("picture gone"), false,
            tr("The picture %1 is not beside the plan: put it back, or drop it here again.").arg(name),
            [this] { ask_picture(); });
    const auto scale =
        raw(shown->across) > 0 ? tr("%1 across").arg(app::said(shown->across)) : tr("! scale not set");
    tab(scale, QStringLiteral("scale"), false,
        tr("Click two points whose distance you know; right-click types how wide it is"),
        [this] { begin_scale(); });
}

void MachineMap::paint_zones(QPainter& p) {
    const auto* shown = side();
    if (!shown) return;
    const auto& t = theme();
    for (auto zone : document_.plan().zones) {
        const auto* on = by_id(document_.plan().sides, zone.side);
        if ((on ? on : &document_.plan().sides.front()) != shown) continue;
        if (held_.id == zone.id && held_.what == Held::What::zone)
            zone.left = std::clamp(zone.left + held_.now.x - held_.from.x, 0.0, 1 - zone.width),
            zone.top = std::clamp(zone.top + held_.now.y - held_.from.y, 0.0, 1 - zone.height);
        if (held_.id == zone.id && held_.what == Held::What::corner)
            zone.width = std::clamp(held_.now.x - zone.left, 0.02, 1 - zone.left),
            zone.height = std::clamp(held_.now.y - zone.top, 0.02, 1 - zone.top);
        const QRectF area(to_map({zone.left, zone.top}),
                          to_map({zone.left + zone.width, zone.top + zone.height}));
        auto fill = t.caution;
        fill.setAlpha(60);
        p.setPen(QPen(document_.selects(zone.id) ? t.accent : t.caution, document_.selects(zone.id) ? 2 : 1.2,
                      Qt::DashLine));
        p.setBrush(QBrush(fill, Qt::BDiagPattern));
        p.drawRect(area);
        p.setPen(Qt::NoPen);
        p.setBrush(t.caution);
        p.drawRect(QRectF(area.bottomRight() - QPointF(u(8), u(8)), QSizeF(u(8), u(8))));
        auto words = words_of(zone.name);
        if (zone.hot) words += QStringLiteral(" ") + app::said(*zone.hot);
        const QRectF label(area.left() + u(3), area.top() + u(2),
                           std::min(area.width() - u(6), text_width(words, face(11, true)) + u(6)), u(17));
        auto behind = t.paper;
        behind.setAlpha(210);
        p.fillRect(label, behind);
        text(p, label, words, t.caution, face(11, true), Qt::AlignCenter);
        room_.take(label);
        add_spot({label, "zone:" + words_of(zone.id),
                  tr("%1: ways drawn through it meet it there. Drag it, or its corner; right-click for more.")
                      .arg(words),
                  [this, id = zone.id] { document_.select(id); }, [this, id = zone.id] { zone_menu(id); }});
    }
}

/// Handles of the selected way's line.
void MachineMap::paint_bends(QPainter& p) {
    const auto& t = theme();
    for (const auto& way : document_.plan().ways) {
        if (!document_.selects(way.id) || path_of(way).isEmpty() || !side()) continue;
        const auto bends = bends_of(way).value_or(std::vector<SidePoint>{});
        for (size_t i = 0; i < bends.size(); ++i) {
            const bool moved = held_.what == Held::What::bend && held_.id == way.id && held_.bend == i;
            const auto at = to_map(moved ? held_.now : bends[i]);
            p.setPen(QPen(t.accent, 1.5));
            p.setBrush(t.card);
            p.drawEllipse(at, u(5), u(5));
            add_spot({QRectF(at.x() - u(7), at.y() - u(7), u(14), u(14)),
                      QStringLiteral("bend:%1:%2").arg(words_of(way.id)).arg(i),
                      tr("Bend %1: drag it; Enter or a click with the right button takes it away").arg(i + 1),
                      [this, id = way.id, i] {
                          auto less =
                              bends_of(*by_id(document_.plan().ways, id)).value_or(std::vector<SidePoint>{});
                          less.erase(less.begin() + static_cast<std::ptrdiff_t>(i));
                          document_.apply([=](const Plan& q) { return set_bends(q, id, less); },
                                          tr("Draw a way"));
                      },
                      {},
                      Qt::SizeAllCursor,
                      true,
                      tr("Bend %1").arg(i + 1)});
        }
    }
}

void MachineMap::paint_marks(QPainter& p) {
    const auto& t = theme();
    if (held_.what == Held::What::part && moved_) {
        const auto name = words_of(name_of(document_.plan(), held_.id));
        const double wide = text_width(name, face(12)) + u(18);
        const QRectF ghost(held_.at.x() - wide / 2, held_.at.y() - u(13), wide, u(26));
        p.setPen(QPen(t.accent, 1.5));
        p.setBrush(t.card);
        p.drawRoundedRect(ghost, u(13), u(13));
        text(p, ghost, name, t.accent, face(12), Qt::AlignCenter);
    }
    if (mode_ == Mode::usual) return;
    QPolygonF line;
    if (mode_ == Mode::line)
        line << box(*by_id(document_.plan().places, by_id(document_.plan().ways, drawing_)->from)).center();
    for (const auto& mark : marks_) line << to_map(mark);
    p.setPen(QPen(t.accent, 2, mode_ == Mode::scale ? Qt::DashLine : Qt::SolidLine));
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(line);
    for (const auto& mark : marks_) {
        const auto at = to_map(mark);
        p.drawLine(at - QPointF(u(7), 0), at + QPointF(u(7), 0));
        p.drawLine(at - QPointF(0, u(7)), at + QPointF(0, u(7)));
    }
    const QRectF bar(u(10), height() - u(34), width() - u(20), u(26));
    p.setPen(Qt::NoPen);
    p.setBrush(t.accent);
    p.drawRoundedRect(bar, 5, 5);
    text(p, bar.adjusted(u(10), 0, -u(10), 0), hint(), t.card, face(13, true));
}

bool MachineMap::press_on_drawing(QPointF at) {
    held_ = {};
    if (const auto* spot = spot_under(at); spot && spot->key.startsWith(QLatin1String("tray:"))) {
        held_.what = Held::What::part, held_.id = spot->key.mid(5).toStdString(), held_.at = at;
        return true;
    }
    if (!side()) return false;
    const auto near = [&](QPointF to) { return std::hypot(at.x() - to.x(), at.y() - to.y()) < u(9); };
    for (const auto& way : document_.plan().ways) {
        if (!document_.selects(way.id)) continue;
        const auto bends = bends_of(way).value_or(std::vector<SidePoint>{});
        for (size_t i = 0; i < bends.size(); ++i)
            if (near(to_map(bends[i]))) {
                held_.what = Held::What::bend, held_.id = way.id, held_.bend = i, held_.now = bends[i],
                held_.at = at;
                return true;
            }
    }
    for (const auto& zone : document_.plan().zones) {
        const auto* on = by_id(document_.plan().sides, zone.side);
        if ((on ? on : &document_.plan().sides.front()) != side()) continue;
        const QRectF area(to_map({zone.left, zone.top}),
                          to_map({zone.left + zone.width, zone.top + zone.height}));
        const bool corner =
            QRectF(area.bottomRight() - QPointF(u(10), u(10)), QSizeF(u(12), u(12))).contains(at);
        const bool label = spot_under(at) && spot_under(at)->key == "zone:" + words_of(zone.id);
        if (!corner && !label) continue;
        document_.select(zone.id);
        held_.what = corner ? Held::What::corner : Held::What::zone, held_.id = zone.id,
        held_.from = held_.now = to_side(at), held_.at = at;
        return true;
    }
    return false;
}

bool MachineMap::drag_on_drawing(QPointF at) {
    if (held_.what == Held::What::nothing) return false;
    held_.now = to_side(at), held_.at = at, moved_ = true;
    update();
    return true;
}

bool MachineMap::release_on_drawing() {
    const auto held = std::exchange(held_, {});
    if (held.what == Held::What::nothing) return false;
    if (!std::exchange(moved_, false)) {
        if (held.what == Held::What::part) tray_menu(held.id, held.at.toPoint());
        return update(), true;
    }
    if (held.what == Held::What::bend) {
        auto bends = bends_of(*by_id(document_.plan().ways, held.id)).value_or(std::vector<SidePoint>{});
        bends[held.bend] = held.now;
        document_.apply([id = held.id, bends](const Plan& p) { return set_bends(p, id, bends); },
                        tr("Draw a way"));
    } else if (held.what == Held::What::part) {
        for (const auto& place : document_.plan().places)
            if (on_side(place) && box(place).contains(held.at))
                document_.apply(
                    [part = held.id, to = place.id](const Plan& p) { return set_part_place(p, part, to); },
                    tr("Place a part"));
    } else if (const auto* zone = by_id(document_.plan().zones, held.id)) {
        auto next = *zone;
        if (held.what == Held::What::zone)
            next.left = std::clamp(next.left + held.now.x - held.from.x, 0.0, 1 - next.width),
            next.top = std::clamp(next.top + held.now.y - held.from.y, 0.0, 1 - next.height);
        else
            next.width = std::clamp(held.now.x - next.left, 0.02, 1 - next.left),
            next.height = std::clamp(held.now.y - next.top, 0.02, 1 - next.top);
        document_.apply([next](const Plan& p) { return put_zone(p, next); }, tr("Move a zone"));
    }
    update();
    return true;
}

void MachineMap::edit_side_name(const Id& id) {
    const auto* found = by_id(document_.plan().sides, id);
    if (!found) return;
    const auto centre = spot_centre("side:" + words_of(id));
    edit_at(QRectF(std::max<double>(4, centre.x() - u(70)), u(6), u(180), u(28)), words_of(found->name),
            [this, side = *found](const QString& typed) -> QString {
                if (typed.trimmed().isEmpty()) return tr("A side needs a name.");
                auto next = side;
                next.name = typed.trimmed().toStdString();
                close_editor();
                document_.apply([next](const Plan& p) { return put_side(p, next); }, tr("Name a side"));
                return {};
            });
}

void MachineMap::edit_across(const Id& id) {
    const auto* found = by_id(document_.plan().sides, id);
    if (!found) return;
    const auto centre = spot_centre(QStringLiteral("scale"));
    edit_value_at(QRectF(centre.x() - u(60), u(6), u(140), u(28)),
                  raw(found->across) > 0 ? QString::number(raw(found->across), 'g', 4) + " m" : QString(),
                  Dimension::length, "m", [this, side = *found](double metres) -> QString {
                      if (metres <= 0 || metres > 1000)
                          return tr("A length above zero, up to 1000 m, is expected.");
                      auto next = side;
                      next.across = Metre(metres);
                      close_editor();
                      document_.apply([next](const Plan& p) { return put_side(p, next); },
                                      tr("Set the scale"));
                      return {};
                  });
}

void MachineMap::side_menu(const QPoint& where) {
    QMenu menu(this);
    menu.addAction(tr("A picture of the machine…"), this, &MachineMap::ask_picture);
    if (const auto* shown = side()) {
        const Id id = shown->id;
        if (!shown->picture.empty())
            menu.addAction(tr("Take the picture away"), this, [this, side = *shown] {
                auto next = side;
                next.picture.clear();
                document_.apply([next](const Plan& p) { return put_side(p, next); },
                                tr("Take the picture away"));
            });
        menu.addAction(tr("Scale by two points…"), this, &MachineMap::begin_scale);
        menu.addAction(tr("Type how wide it is…"), this, [this, id] { edit_across(id); });
        auto* zones = menu.addMenu(tr("Add a zone"));
        for (const auto& role : on_way_roles())
            if (role.kind != OnWayKind::opening)
                zones->addAction(words_of(sangre::said(role.word)), this,
                                 [this, kind = role.kind] { add_zone(kind); });
        menu.addAction(tr("Measure every way by its line"), this, [this] {
            document_.apply(
                [](const Plan& p) {
                    auto next = p;
                    for (auto& way : next.ways)
                        if (drawn_length(p, way)) way.drawn = true;
                    return as_drawn(next);
                },
                tr("Measure every way by its line"));
        });
        menu.addSeparator();
        menu.addAction(tr("Rename"), this, [this, id] { edit_side_name(id); });
        menu.addAction(tr("Remove this side; its places go to the first"), this, [this, id] {
            document_.apply([id](const Plan& p) { return remove_side(p, id); }, tr("Remove a side"));
        });
    }
    menu.addAction(tr("Another side"), this, &MachineMap::add_side);
    menu.exec(mapToGlobal(where));
}

void MachineMap::zone_menu(const Id& id) {
    document_.select(id);
    QMenu menu(this);
    menu.addAction(tr("Remove"), this, [this, id] {
        document_.apply([id](const Plan& p) { return remove_zone(p, id); }, tr("Remove a zone"));
    });
    menu.exec(mapToGlobal(spot_centre("zone:" + words_of(id))));
}

/// What has no place yet waits at the foot: dragged to a place, or given one by its menu.
void MachineMap::paint_tray(QPainter& p) {
    const auto waiting = unplaced(document_.plan());
    if (waiting.empty()) return;
    const auto& t = theme();
    const double y = height() - u(40);
    double x = u(10);
    const auto chip = [&](const QString& words, const QString& key, const QString& tip, bool acts,
                          std::function<void()> act, std::function<void()> menu) {
        const double wide = text_width(words, face(12, acts)) + u(18);
        const QRectF area(x, y, wide, u(26));
        p.setPen(QPen(acts ? t.accent : t.line, 1));
        p.setBrush(t.card);
        p.drawRoundedRect(area, u(13), u(13));
        text(p, area, words, acts ? t.accent : t.ink, face(12, acts), Qt::AlignCenter);
        room_.take(area);
        add_spot({area, key, tip, std::move(act), std::move(menu),
                  acts ? Qt::PointingHandCursor : Qt::OpenHandCursor});
        x += wide + u(6);
    };
    chip(tr("Place all"), QStringLiteral("place all"),
         tr("A place for each of them, laid out by what is joined to what; drag them where they are"), true,
         [this] { document_.apply([](const Plan& q) { return place_all(q); }, tr("Place all")); }, {});
    for (size_t i = 0; i < waiting.size(); ++i) {
        const auto name = words_of(name_of(document_.plan(), waiting[i]));
        const double room = width() - x - u(70);
        if (text_width(name, face(12)) + u(18) > room) {
            text(p, QRectF(x, y, u(60), u(26)), tr("+ %1").arg(waiting.size() - i), t.muted, face(12));
            break;
        }
        chip(
            name, "tray:" + words_of(waiting[i]),
            tr("%1 has no place yet: drag it to one, or press Enter").arg(name), false,
            [this, id = waiting[i], at = QPoint(static_cast<int>(x), static_cast<int>(y))] {
                tray_menu(id, at);
            },
            [this, id = waiting[i], at = QPoint(static_cast<int>(x), static_cast<int>(y))] {
                tray_menu(id, at);
            });
    }
}

void MachineMap::tray_menu(const Id& part, const QPoint& where) {
    QMenu menu(this);
    for (const auto& place : document_.plan().places)
        menu.addAction(menu_words(words_of(place.name)), this, [this, part, to = place.id] {
            document_.apply([=](const Plan& p) { return set_part_place(p, part, to); }, tr("Place a part"));
        });
    menu.addAction(tr("A place of its own"), this, [this, part] {
        document_.apply(
            [part](const Plan& p) {
                Place place;
                place.name = name_of(p, part), place.id = fresh_id(p, "place", place.name);
                return set_part_place(put_place(p, place), part, place.id);
            },
            tr("Place a part"));
    });
    menu.exec(mapToGlobal(where));
}

}  // namespace sangre::app
