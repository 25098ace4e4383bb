// The selected lead on the map, and taking it to another way.
#include <QPainterPath>
#include <cmath>

#include "making/alternatives.h"
#include "plan/lead_edits.h"
#include "routing/machine_map.h"
#include "widgets/words.h"

namespace sangre::app {

std::optional<size_t> MachineMap::selected_lead() const {
    const auto& plan = document_.plan();
    for (size_t i = 0; i < plan.leads.size(); ++i)
        if (plan.leads[i].id == document_.selection()) return i;
    return {};
}

std::optional<size_t> MachineMap::way_near(QPointF at) const {
    std::optional<size_t> nearest;
    double least = u(14);
    const auto& ways = document_.plan().ways;
    for (size_t w = 0; w < ways.size(); ++w) {
        const auto path = path_of(ways[w]);
        if (path.isEmpty()) continue;
        for (int i = 0; i <= 40; ++i) {
            const auto off = path.pointAtPercent(i / 40.0) - at;
            if (const double d = std::hypot(off.x(), off.y()); d < least) least = d, nearest = w;
        }
    }
    return nearest;
}

void MachineMap::paint_lead(QPainter& p) {
    const auto lead = selected_lead();
    if (!lead) return;
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto colour = wire_colour(words_of(plan.leads[*lead].supply_colour));
    const auto along = [&](const std::vector<size_t>& ways, const QPen& pen) {
        p.setPen(pen);
        p.setBrush(Qt::NoBrush);
        for (const auto w : ways)
            if (const auto path = path_of(plan.ways[w]); !path.isEmpty()) p.drawPath(path);
    };
    const auto& now = document_.study().harness.routes[*lead].ways;
    along(now, QPen(t.card, u(7), Qt::SolidLine, Qt::RoundCap));
    along(now, QPen(colour, u(4), Qt::SolidLine, Qt::RoundCap));
    if (held_.what != Held::What::lead) return;
    if (would_go_.found) along(would_go_.ways, QPen(t.accent, u(4), Qt::DashLine, Qt::FlatCap));
    if (price_.isEmpty()) return;
    const double wide = std::min<double>(text_width(price_, face(12)) + u(16), width() - u(16));
    QRectF label(held_.at.x() - wide / 2, held_.at.y() - u(46), wide, u(34));
    label.moveLeft(std::clamp(label.left(), double(u(6)), width() - wide - u(6)));
    label.moveTop(std::max(label.top(), double(u(6))));
    p.setPen(QPen(t.accent, 1));
    p.setBrush(t.card);
    p.drawRoundedRect(label, 5, 5);
    text(p, label.adjusted(u(6), 0, -u(6), 0), price_, t.ink, face(12), Qt::AlignCenter);
}

bool MachineMap::press_on_lead(QPointF at) {
    const auto lead = selected_lead();
    if (!lead || spot_under(at)) return false;
    const auto near = way_near(at);
    const auto& now = document_.study().harness.routes[*lead].ways;
    if (!near || std::find(now.begin(), now.end(), *near) == now.end()) return false;
    held_.what = Held::What::lead, held_.id = document_.selection(), held_.at = at;
    over_way_ = near, would_go_ = {}, price_ = tr("Drop it on another way.");
    return true;
}

void MachineMap::drag_lead(QPointF at) {
    const auto lead = selected_lead();
    const auto over = way_near(at);
    if (!lead || over == over_way_) return;
    over_way_ = over;
    const auto& plan = document_.plan();
    would_go_ = over ? lead_along(plan, document_.catalogue(), *lead, *over) : Path{};
    if (!over)
        price_ = tr("Drop it on another way.");
    else if (!would_go_.found)
        price_ = tr("It does not get there by this way.");
    else {
        const auto& route = document_.study().harness.routes[*lead];
        double length = 0;
        for (const auto w : route.ways) length += raw(plan.ways[w].length);
        const auto now = alternative_by(plan, document_.catalogue(), document_.study(), *lead,
                                        Path{route.ways, length, true});
        auto then = alternative_by(plan, document_.catalogue(), document_.study(), *lead, would_go_);
        then.now = would_go_.ways == route.ways;
        price_ = words_of(alternative_words(plan, now, then, *lead));
    }
}

void MachineMap::drop_lead() {
    const auto path = std::exchange(would_go_, {});
    price_.clear(), over_way_.reset();
    const auto lead = selected_lead();
    if (!path.found || !lead || path.ways == document_.study().harness.routes[*lead].ways) return;
    std::vector<Id> by;
    for (const auto w : path.ways) by.push_back(document_.plan().ways[w].id);
    document_.apply_and_tell([id = document_.selection(), by](const Plan& p) { return pin_lead(p, id, by); },
                             tr("Lead by other ways"));
}

}  // namespace sangre::app
