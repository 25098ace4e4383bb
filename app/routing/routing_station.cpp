#include "routing/routing_station.h"

#include <QMenu>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

#include "making/alternatives.h"
#include "physics/parts/wire_size.h"
#include "plan/lead_edits.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {
CutPanel::CutPanel(Document& document, QWidget* parent)
    : Canvas(tr("Holes and cut lengths"), parent), document_(document) {
    const auto renew = [this] {
        setMinimumHeight(CutPanel::minimumSizeHint().height());
        update();
    };
    connect(&document_, &Document::changed, this, renew);
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
    renew();
}

QSize CutPanel::minimumSizeHint() const {
    return {u(266), u(document_.study().harness.holes.empty() ? 90 : 288) +
                        static_cast<int>(document_.plan().leads.size()) * u(26) + u(44)};
}

const HoleFill* CutPanel::hole() const {
    const auto& plan = document_.plan();
    const auto& holes = document_.study().harness.holes;
    const auto* way = by_id(plan.ways, document_.selection());
    for (const auto& h : holes) {
        const auto& id = plan.openings[h.opening].id;
        if (id == document_.selection() ||
            (way && std::any_of(way->on_it.begin(), way->on_it.end(),
                                [&](const auto& thing) { return thing.opening == id; })))
            return &h;
    }
    for (const auto& h : holes)
        if (!h.wires.empty()) return &h;
    return holes.empty() ? nullptr : &holes.front();
}

/// What else goes through it; worked out once for what is there.
const RoomLeft* CutPanel::room(const HoleFill& h) {
    const auto& opening = document_.plan().openings[h.opening];
    QString key = words_of(opening.id) + QLatin1Char(' ') + QString::number(raw(opening.bore));
    key += QLatin1Char(' ') + QString::number(raw(h.braid));
    for (const auto& r : h.rounds) key += QLatin1Char(' ') + QString::number(r.at.radius);
    if (key != room_for_) room_for_ = key, room_ = room_left(opening, h);
    return room_ ? &*room_ : nullptr;
}

/// The other ways that a lead could go, each with its price.
void CutPanel::ways_menu(const Id& id) {
    document_.select(id);
    const auto& plan = document_.plan();
    size_t lead = 0;
    while (plan.leads[lead].id != id) ++lead;
    QMenu menu(this);
    const auto all = alternatives(plan, document_.catalogue(), document_.study(), lead);
    const auto now = std::find_if(all.begin(), all.end(), [](const auto& a) { return a.now; });
    for (const auto& a : all) {
        std::vector<Id> by;
        for (const auto w : a.ways) by.push_back(plan.ways[w].id);
        auto* action = menu.addAction(
            menu_words(words_of(alternative_words(plan, *now, a, lead))), this, [this, id, by] {
                document_.apply_and_tell([=](const Plan& p) { return pin_lead(p, id, by); },
                                         tr("Lead by other ways"));
            });
        action->setCheckable(true);
        action->setChecked(a.now);
    }
    if (all.empty()) menu.addAction(tr("No measured ways join its ends"))->setEnabled(false);
    if (!plan.leads[lead].by.empty()) {
        menu.addSeparator();
        menu.addAction(tr("Let it find its own way"), this, [this, id] {
            document_.apply_and_tell([=](const Plan& p) { return pin_lead(p, id, {}); },
                                     tr("Let a lead find its way"));
        });
    }
    jacket_menu(*menu.addMenu(tr("Over its wires")), plan.leads[lead]);
    menu.exec(mapToGlobal(spot_centre("cut:" + words_of(id))));
}

/// What is round all its wires, and how thick it is with that.
void CutPanel::jacket_menu(QMenu& menu, const Lead& lead) {
    for (const auto& [jacket, words] :
         {std::pair{Jacket::none, tr("Nothing: they lie loose")}, std::pair{Jacket::sheath, tr("A sheath")},
          std::pair{Jacket::braid, tr("A braid")}, std::pair{Jacket::tube, tr("A tube")}}) {
        if (jacket == Jacket::sheath && lead.cores.empty()) continue;
        auto* action = menu.addAction(words, this, [this, id = lead.id, to = jacket] {
            document_.apply_and_tell([=](const Plan& p) { return set_jacket(p, id, to); },
                                     tr("What is over its wires"));
        });
        action->setCheckable(true);
        action->setChecked(lead.jacket == jacket);
    }
    if (lead.jacket == Jacket::none && lead.kind != CableKind::coax) return;
    menu.addSeparator();
    menu.addAction(tr("Type how thick it is over all…"), this, [this, id = lead.id, now = lead.across] {
        const auto* row = spot("cut:" + words_of(id));
        edit_value_at(row ? row->area : QRectF(), raw(now) > 0 ? said(now) : QString(), Dimension::length,
                      "mm", [this, id](double metres) -> QString {
                          if (metres < 0 || metres > 1) return tr("0 (not measured) to 1000 mm is expected.");
                          close_editor();
                          document_.apply_and_tell(
                              [=](const Plan& p) { return set_across(p, id, Millimetre(metres * 1e3)); },
                              tr("How thick a lead is"));
                          return {};
                      });
    });
}

double CutPanel::paint_hole(QPainter& p, const HoleFill& h) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& opening = plan.openings[h.opening];
    const QRectF frame(0, 0, width() - u(2), u(278));
    card(p, frame);
    text(p, QRectF(u(12), u(8), width() - u(24), u(20)),
         tell("Through the {opening}", words_of(opening_size(opening))), t.ink, face(14, true));
    text(p, QRectF(u(12), u(27), width() - u(24), u(16)), words_of(name_of(plan, opening.id)), t.muted,
         face(11));
    const QPointF centre(frame.center().x(), u(126));
    const double radius = u(72), scale = radius / std::max(raw(opening.bore) / 2, raw(h.kept) / 2);
    p.setPen(QPen(h.fits ? t.ink : t.danger, 4));
    p.setBrush(t.paper);
    p.drawEllipse(centre, raw(opening.bore) / 2 * scale, raw(opening.bore) / 2 * scale);
    if (raw(h.braid) > 0) {
        p.setPen(QPen(t.muted, raw(h.braid) * scale, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(centre, raw(h.kept - h.braid) / 2 * scale, raw(h.kept - h.braid) / 2 * scale);
    }
    const auto box = [&](const Circle& c) {
        return QRectF(centre + QPointF(c.x - c.radius, c.y - c.radius) * scale,
                      QSizeF(2 * c.radius, 2 * c.radius) * scale);
    };
    for (size_t i = 0; i < h.rounds.size(); ++i) {
        const auto& r = h.rounds[i];
        if (r.what == RoundOf::wire) continue;
        const bool solid = r.what == RoundOf::jacket || r.what == RoundOf::already;
        p.setPen(QPen(t.muted, 1, r.what == RoundOf::later ? Qt::DashLine : Qt::SolidLine));
        p.setBrush(solid ? QBrush(t.sunken) : QBrush(Qt::NoBrush));
        p.drawEllipse(box(r.at));
        if (r.what == RoundOf::already || r.what == RoundOf::later)
            add_spot({box(r.at),
                      QStringLiteral("round%1").arg(i),
                      tell("{already|Through it already, {size} thick|Room is kept for one of {size}}",
                           r.what == RoundOf::already, said(Millimetre(2 * r.at.radius))),
                      [] {},
                      {}});
    }
    for (size_t i = 0; i < h.wires.size(); ++i) {
        const auto& w = h.wires[i];
        const auto& feed = plan.leads[w.lead];
        const auto colour = colour_of(plan, w);
        p.setPen(QPen(t.muted, 1));
        p.setBrush(wire_colour(words_of(colour)));
        p.drawEllipse(box(w.at));
        add_spot({box(w.at),
                  QStringLiteral("wire%1").arg(i),
                  tell("{lead}, {colour}, {size} thick",
                       QString::fromStdString(feed.name.empty() ? feed_name(plan, feed) : feed.name),
                       words_of(sangre::said(colour)), said(Millimetre(2 * w.at.radius))),
                  [this, id = feed.id] { document_.select(id); },
                  {}});
    }
    text(p, QRectF(u(12), u(206), width() - u(24), u(18)),
         tell("{packed} {one|fills|fill} {share}", words_of(packed_words(h)), packs_one(h),
              words_of(format_percent(h.fill))),
         t.ink, face(13, true), Qt::AlignCenter);
    text(p, QRectF(u(12), u(224), width() - u(24), u(18)),
         raw(opening.bore) > 0 ? tell("They need {kept}; it is {bore}.", said(h.kept), said(opening.bore))
                               : tell("They need {kept}; it is not measured yet.", said(h.kept)),
         h.fits ? t.good : t.danger, face(12), Qt::AlignCenter);
    if (!h.ends_pass)
        text(p, QRectF(u(8), u(242), width() - u(16), u(18)),
             tell("! The {largest_end} plug does not pass.", said(h.largest_end)), t.caution, face(12),
             Qt::AlignCenter);
    else if (const auto* left = h.fits ? room(h) : nullptr)
        text(p, QRectF(u(8), u(242), width() - u(16), u(18)),
             left->more_alike > 0 ? tell("room for {more_alike} more", left->more_alike)
                                  : tr("room for no more of these"),
             left->more_alike > 0 ? t.good : t.caution, face(12), Qt::AlignCenter);
    text(p, QRectF(u(8), u(258), width() - u(16), u(16)),
         !h.fits ? tr("Drill it wider, or lead some of them another way.")
         : h.ends_pass
             ? tell("Later: one of {one} at the most.", room(h) ? said(room(h)->one) : tr("not known"))
             : tr("Thread first, then terminate: the Build does."),
         t.muted, face(11), Qt::AlignCenter);
    return frame.bottom() + u(10);
}

void CutPanel::paint_cuts(QPainter& p, double y) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& s = document_.study();
    card(p, QRectF(0, y, width() - u(2), height() - y - 1));
    text(p, QRectF(u(12), y + u(6), width() - u(24), u(20)), tr("Cut lengths"), t.ink, face(14, true));
    y += u(28);
    if (plan.feeds().empty())
        text(p, QRectF(u(12), y, width() - u(24), u(20)), tr("Nothing to cut before it is wired."), t.muted,
             face(12));
    for (size_t i = 0; i < plan.leads.size(); ++i, y += u(26)) {
        const auto& f = plan.leads[i];
        const auto& route = s.harness.routes[i];
        const bool selected = document_.selects(f.id);
        if (selected) p.fillRect(QRectF(u(4), y, width() - u(10), u(25)), t.accent_soft);
        const auto* wire = sangre::find(document_.catalogue().wires, f.wire);
        const auto swatch = [&](double x, const std::string& colour) {
            p.setPen(QPen(t.line, 1));
            p.setBrush(wire_colour(QString::fromStdString(colour)));
            p.drawRoundedRect(QRectF(x, y + u(8), u(9), u(9)), 2, 2);
        };
        const bool cable = !f.cores.empty(), pair = !cable && f.ret == Return::own;
        if (!cable) swatch(u(12), f.supply_colour);
        if (pair) swatch(u(23), f.return_colour);
        const auto name = words_of(f.name.empty() ? name_of(plan, f.to) : f.name);
        const QString count = pair ? QStringLiteral("2 × ") : QString();
        text(p, QRectF(u(38), y, width() - u(182), u(25)), name,
             route.basis == LengthBasis::guessed ? t.caution : t.ink, face(12, selected));
        text(p, QRectF(width() - u(144), y, u(56), u(25)),
             !wire   ? QString()
             : cable ? tell("{cores} {cores|core|cores}, {wire}", f.cores.size(), words_of(size_words(*wire)))
                     : words_of(size_words(*wire)),
             t.muted, face(11), Qt::AlignRight | Qt::AlignVCenter);
        text(p, QRectF(width() - u(84), y, u(74), u(25)), count + said(route.cut), t.ink, face(12, true),
             Qt::AlignRight | Qt::AlignVCenter);
        const auto whole = words_of(lead_name(plan, f));
        auto& spot =
            add_spot({QRectF(u(4), y, width() - u(10), u(25)), "cut:" + QString::fromStdString(f.id),
                      tell("{whole}: path {length}, cut {cut}", whole, said(route.length), said(route.cut)),
                      [this, id = f.id] { document_.select(id); }, [this, id = f.id] { ways_menu(id); }});
        spot.name = whole, spot.value = tell("path {length}, cut {cut}", said(route.length), said(route.cut));
        spot.selected = selected, spot.how = tr("Right-click for the other ways that it could go.");
    }
}

void CutPanel::paint(QPainter& p) {
    double y = 0;
    if (const auto* h = hole(); h && !h->wires.empty()) y = paint_hole(p, *h);
    paint_cuts(p, y);
}

RoutingStation::RoutingStation(Document& document, QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading =
        new Heading(tr("How it gets there"),
                    tr("Places and the measured ways between them. A band is as thick as its wires."), this);
    heading->say_next(document, Stage::routing);
    auto* add = new QPushButton(tr("+ Place"), this);
    add->setToolTip(tr("A spot of the machine where parts stand"));
    auto* body = new QPushButton(tr("+ Body"), this);
    body->setToolTip(
        tr("A box, hull, frame or arm that places are in: its walls are passed through openings"));
    auto* picture = new QPushButton(tr("Picture"), this);
    picture->setToolTip(tr("A picture of the machine behind the map, its scale, other sides and zones"));
    heading->add(picture);
    heading->add(body);
    heading->add(add);
    column->addWidget(heading);
    straight_ = new Toggle(tr("Laid straight"), this);
    straight_->setToolTip(tr("Every lead from end to end: what is on it where, and what goes on first"));
    heading->add(straight_);
    auto* pages = new QStackedWidget(this);
    auto* machine = new QWidget(pages);
    auto* row = new QHBoxLayout(machine);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(u(10));
    map_ = new MachineMap(document, machine);
    map_->setObjectName("drawing");
    row->addWidget(scrolled(map_, machine, true), 1);
    auto* area = scrolled(new CutPanel(document, machine), machine);
    area->setFixedWidth(u(280));
    row->addWidget(area);
    pages->addWidget(machine);
    cards_ = new LeadCards(document, pages);
    cards_->setObjectName("drawing");
    pages->addWidget(scrolled(cards_, pages));
    column->addWidget(pages, 1);
    connect(straight_, &Toggle::toggled, this, [pages, heading](bool on) {
        pages->setCurrentIndex(on ? 1 : 0);
        heading->set_title(on ? tr("What is on each lead") : tr("How it gets there"));
    });
    connect(add, &QPushButton::clicked, map_, &MachineMap::add_place);
    connect(body, &QPushButton::clicked, map_, &MachineMap::add_body);
    connect(picture, &QPushButton::clicked, map_, [this, picture] {
        map_->side_menu(map_->mapFromGlobal(picture->mapToGlobal(QPoint(0, picture->height()))));
    });
}

}  // namespace sangre::app
