// Sides of the machine on its map: the picture behind, the scale by two points, lines drawn point by point.
#include <QFileDialog>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "base/units/number.h"
#include "base/words/say.h"
#include "plan/edits.h"
#include "plan/machine_edits.h"
#include "plan/on_way.h"
#include "routing/machine_map.h"
#include "shell/pictures.h"
#include "widgets/words.h"

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

void MachineMap::take_picture(const QImage& picture) { put_behind(side() ? side()->id : Id(), picture); }

void MachineMap::put_behind(const Id& side_id, const QImage& picture) {
    const auto kept = keep_picture(picture, document_.pictures_pool());
    if (!kept) return emit document_.said(kept.error(), true, false);
    document_.apply([id = side_id, name = kept->toStdString(),
                     tall = static_cast<double>(picture.height()) /
                            picture.width()](const Plan& p) { return put_picture(p, id, name, tall); },
                    tr("Put a picture behind"));
    if (side() && raw(side()->across) <= 0) begin_scale();
}

void MachineMap::take_picture_file(const QString& file) {
    // Behind the side that is shown now, whichever is when it has been read.
    pictures_.read(
        file, [this, id = side() ? side()->id : Id()](const QImage& picture) { put_behind(id, picture); });
}

void MachineMap::ask_picture() {
    const auto file = QFileDialog::getOpenFileName(this, tr("A picture of the machine"), document_.folder(),
                                                   tr("Pictures (*.png *.jpg *.jpeg)"));
    if (!file.isEmpty()) take_picture_file(file);
}

void MachineMap::add_side() {
    const auto next = another_side(document_.plan());
    document_.apply([next](const Plan& p) { return put_side(p, next); }, tr("Add a side"));
    show_side(next.id);
    repaint();
    edit_side_name(next.id);
}

void MachineMap::leave_what_is_gone() {
    held_ = {};
    if (mode_ == Mode::usual) return;
    const auto* way = by_id(document_.plan().ways, drawing_);
    const bool drawable = way && !line_of_way(document_.plan(), *way).empty();
    if (!side() || (mode_ == Mode::line && !drawable)) mode_ = Mode::usual, marks_.clear(), close_editor();
}

QString MachineMap::hint() const {
    if (mode_ == Mode::scale)
        return marks_.empty() ? tr("Click two points whose distance you know. Escape leaves it.")
                              : tr("Now the other point.");
    if (mode_ == Mode::line)
        return tell(
            "Click point by point from {part}; Enter ends at {part_2}, Backspace takes one back, Escape "
            "leaves it.",
            words_of(name_of(document_.plan(), by_id(document_.plan().ways, drawing_)->from)),
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
    if (mode_ == Mode::scale && marks_.size() > 1) marks_.clear();  // left without a distance: begun anew
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
    // Looked for at each painting: it may come back, or lie elsewhere once the plan is saved.
    const auto file = find_picture(name, document_.origin(), document_.pictures_pool());
    if (file != picture_file_) {
        picture_file_ = file;
        const auto read = read_picture(file);
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
    double x = std::min<double>(m.left(), u(12));
    const auto tab = [&](const QString& words, const QString& key, bool on, const QString& tip,
                         std::function<void()> act, const QString& how = {}) {
        const double wide = text_width(words, face(12, on)) + u(18);
        const QRectF area(x, u(3), wide, u(20));
        p.setPen(QPen(on ? t.accent : t.line, 1));
        p.setBrush(on ? t.flow_soft : t.card);
        p.drawRoundedRect(area, 5, 5);
        text(p, area, words, on ? t.accent : t.ink, face(12, on), Qt::AlignCenter);
        auto& spot = add_spot(
            {area, key, tip, std::move(act), [this, area] { side_menu(area.bottomLeft().toPoint()); }});
        spot.name = words, spot.selected = on, spot.how = how;
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
            tell("The picture {name} is not beside the plan: put it back, or drop it here again.", name),
            [this] { ask_picture(); });
    const auto scale =
        raw(shown->across) > 0 ? tell("{size} across", app::said(shown->across)) : tr("! scale not set");
    tab(
        scale, QStringLiteral("scale"), false, {}, [this] { begin_scale(); },
        tr("Click two points whose distance you know; right-click types how wide it is"));
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
    const bool long_hint = text_width(hint(), face(13, true)) > width() - u(40);
    const QRectF bar(u(10), height() - u(long_hint ? 48 : 34), width() - u(20), u(long_hint ? 40 : 26));
    p.setPen(Qt::NoPen);
    p.setBrush(t.accent);
    p.drawRoundedRect(bar, 5, 5);
    text(p, bar.adjusted(u(10), 0, -u(10), 0), hint(), t.card, face(13, true));
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
            document_.apply([](const Plan& p) { return measure_by_lines(p); },
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

}  // namespace sangre::app
