// Below the cables: the parts that draw nothing, which they may end at.
#include <QLineEdit>
#include <QMenu>

#include "base/enum_words.h"
#include "plan/edits.h"
#include "plan/passive_text.h"
#include "widgets/words.h"
#include "wiring/cables_view.h"

namespace sangre::app {
namespace {

double passive_tall() { return u(54); }
constexpr size_t passives_a_row = 3;

}  // namespace

double CablesView::passives_tall() const {
    const size_t rows = (document_.plan().passives.size() + passives_a_row - 1) / passives_a_row;
    return u(40) + static_cast<double>(rows) * (passive_tall() + u(8));
}

void CablesView::paint_passives(QPainter& p) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    passive_cards_.clear();
    const double top = passives_top();
    text(p, QRectF(0, top, u(240), u(30)), tr("Parts that draw nothing"), t.ink, face(14, true));
    const QRectF button(width() - u(150), top, u(149), u(28));
    p.setPen(QPen(t.accent, 1));
    p.setBrush(t.card);
    p.drawRoundedRect(button, 6, 6);
    text(p, button, tr("Add a part"), t.accent, face(13, true), Qt::AlignCenter);
    add_spot(
        {button,
         "add part",
         tr("A button, lamp, aerial, sensor, motor behind its controller or sounder that a lead ends at"),
         [this] { edit_passive({}); },
         {}});
    if (plan.passives.empty())
        text(p, QRectF(u(200), top, width() - u(360), u(30)),
             tr("None yet: buttons, lamps, aerials, sensors that a lead ends at."), t.muted, face(12));
    const double gap = u(8), wide = (width() - gap * (passives_a_row - 1)) / passives_a_row;
    for (size_t i = 0; i < plan.passives.size(); ++i) {
        const auto& part = plan.passives[i];
        const size_t line = i / passives_a_row;
        const QRectF area(static_cast<double>(i % passives_a_row) * (wide + gap),
                          top + u(36) + static_cast<double>(line) * (passive_tall() + gap), wide - 1,
                          passive_tall());
        passive_cards_[i] = area;
        card(p, area, document_.selects(part.id));
        text(p, QRectF(area.left() + u(10), area.top() + u(4), wide - u(20), u(18)), words_of(part.name),
             t.ink, face(13, true));
        auto words = words_of(said_word(part.kind));
        if (raw(part.seat.cutout) > 0)
            words += QStringLiteral(" · ") + tell("hole {cutout}", said(part.seat.cutout));
        if (raw(part.ohm) > 0) words += QStringLiteral(" · ") + said(part.ohm);
        if (part.polar) words += QStringLiteral(" · ") + tr("polarised");
        if (!part.place.empty()) words += QStringLiteral(" · ") + words_of(name_of(plan, part.place));
        text(p, QRectF(area.left() + u(10), area.top() + u(22), wide - u(20), u(28)), words, t.muted,
             face(12));
        const auto menu_of = [this, i, area] {
            QMenu menu(this);
            menu.addAction(tr("Type it anew…"), this, [this, i] { edit_passive(i); });
            menu.addAction(tr("Remove it, with its leads"), this,
                           [this, id = document_.plan().passives[i].id] {
                               document_.apply([id](const Plan& q) { return remove_passive(q, id); },
                                               tr("Remove a part"));
                           });
            menu.exec(mapToGlobal(area.bottomLeft().toPoint()));
        };
        add_spot({area, QStringLiteral("part %1").arg(i),
                  tell("{part}, {words}; its menu changes or removes it", words_of(part.name), words),
                  [this, id = part.id, i] {
                      if (document_.selection() == id)
                          edit_passive(i);
                      else
                          document_.select(id);
                  },
                  menu_of});
    }
}

void CablesView::edit_passive(std::optional<size_t> passive) {
    const auto& plan = document_.plan();
    const auto found = passive ? passive_cards_.find(*passive) : passive_cards_.end();
    const QRectF at = found != passive_cards_.end() ? QRectF(found->second.topLeft(), QSizeF(u(360), u(30)))
                                                    : QRectF(0, passives_top(), u(400), u(30));
    const auto now = passive ? words_of(passive_line(plan, plan.passives[*passive])) : QString();
    const auto id = passive ? plan.passives[*passive].id : Id();
    edit_at(at, now, [this, id](const QString& typed) -> QString {
        const auto& as_it_is = document_.plan();
        const auto* before = by_id(as_it_is.passives, id);
        const auto parsed = parse_passive(as_it_is, before ? *before : Passive(), typed.toStdString());
        if (!parsed) return words_of(parsed.error().message);
        close_editor();
        document_.apply([part = *parsed](const Plan& p) { return put_passive(p, part); },
                        before ? tr("Change a part") : tr("Add a part"));
        return {};
    });
    if (editor()) editor()->setPlaceholderText(tr("Arm button, 16 mm hole, at a place"));
}

}  // namespace sangre::app
