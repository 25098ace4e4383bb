#include "build/shopping_view.h"

#include <QInputDialog>
#include <QMenu>

#include "base/enum_words.h"
#include "plan/edits.h"
#include "widgets/dates.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

double line_tall() { return u(46); }

QString amount(double n, const std::string& unit) {
    return words_of(format_number(n, 4)) + QLatin1Char(' ') +
           (unit == "pcs" ? QObject::tr("pcs") : words_of(unit));
}

/// The first few of what it is used for.
QString uses(const QString& all) {
    const auto each = all.split(QStringLiteral("; "));
    constexpr int most = 2;
    if (each.size() <= most + 1) return all;
    return tell("{list} and {count} more", each.mid(0, most).join(QStringLiteral(", ")), each.size() - most);
}

}  // namespace

ShoppingView::ShoppingView(Document& document, QWidget* parent)
    : Canvas(tr("Shopping list"), parent), document_(document) {
    connect(&document_, &Document::changed, this, [this] {
        if (isVisible()) renew();
    });
}

void ShoppingView::showEvent(QShowEvent* e) {
    Canvas::showEvent(e);
    renew();
}

void ShoppingView::renew() {
    if (of_ == document_.kept_plan()) return;
    of_ = document_.kept_plan();
    list_ = shopping(document_.plan(), document_.catalogue(), document_.study());
    fit_height();
}

QSize ShoppingView::sizeHint() const {
    return {u(600), u(48) + static_cast<int>(static_cast<double>(list_.lines.size()) * line_tall()) + u(8)};
}

void ShoppingView::next_state(const ShoppingLine& line) {
    document_.apply([item = line.need.key,
                     next = next_order_state(line.state)](const Plan& p) { return set_order(p, item, next); },
                    tr("Tick what is bought"));
}

void ShoppingView::say_at_hand(const ShoppingLine& line) {
    const auto hand = enough_at_hand(document_.plan(), line);
    document_.apply([hand](const Plan& p) { return put_at_hand(p, hand); }, tr("Say what is at hand"));
    document_.select(hand.id);
}

void ShoppingView::ask_arrival(const ShoppingLine& line) {
    bool ok = false;
    const auto date = QInputDialog::getText(this, tr("When it is expected"),
                                            tell("The day on which {item} should be here, such as "
                                                 "{days_after}. What needs it waits till then.",
                                                 words_of(line.need.item), words_of(days_after(today(), 7))),
                                            QLineEdit::Normal, words_of(line.arrives), &ok)
                          .trimmed();
    if (!ok) return;
    const auto next = set_arrival(document_.plan(), line.need.key, date.toStdString());
    if (!next) return void(emit document_.said(words_of(next.error()), true, false));
    document_.apply([next = *next](const Plan&) { return next; }, tr("Say when a part is expected"));
}

void ShoppingView::state_menu(const ShoppingLine& line) {
    QMenu menu(this);
    const auto offer = [&](const QString& words, std::optional<OrderState> state) {
        auto* a = menu.addAction(words, this, [this, item = line.need.key, state] {
            document_.apply([=](const Plan& p) { return set_order(p, item, state); },
                            tr("Tick what is bought"));
        });
        a->setCheckable(true);
        a->setChecked(line.state == state);
    };
    offer(tr("To buy"), {});
    offer(tr("Ordered"), OrderState::ordered);
    offer(tr("On its way"), OrderState::on_its_way);
    offer(tr("Arrived"), OrderState::arrived);
    menu.addAction(line.arrives.empty() ? tr("Say when it is expected…")
                                        : tell("Expected on {arrives}…", words_of(line.arrives)),
                   this, [this, line] { ask_arrival(line); });
    menu.addSeparator();
    menu.addAction(tr("At hand: so much of it lies in a drawer…"), this, [this, line] { say_at_hand(line); });
    menu.exec(mapToGlobal(spot_centre("buy:" + words_of(line.need.item))));
}

void ShoppingView::paint_row(QPainter& p, const ShoppingLine& l, const QRectF& area) {
    const auto& t = theme();
    const bool buys = l.to_buy > 0, here = !buys;
    draw_box(p, area, l, here);
    // From the right: price, what is bought, what is needed; names have the rest.
    const double price = u(66), buy = u(74), need = u(70), left = area.left() + u(34);
    const double names = area.width() - u(34) - price - buy - need - u(12);
    text(p, QRectF(left, area.top(), names, u(28)), words_of(l.need.item), here ? t.muted : t.ink,
         face(12, buys));
    const auto below = l.cheaper.empty() ? uses(words_of(l.need.used_for))
                                         : tell("as good for {cheaper_each} instead of {each}: {cheaper}",
                                                QString::number(l.cheaper_each, 'f', 2),
                                                QString::number(l.need.each, 'f', 2), words_of(l.cheaper));
    text(p, QRectF(left, area.top() + u(27), names, u(16)), below, l.cheaper.empty() ? t.muted : t.good,
         face(11));
    const int right = Qt::AlignRight | Qt::AlignVCenter;
    const double x = left + names;
    text(p, QRectF(x, area.top(), need, area.height()), amount(l.need.amount, l.need.unit), t.muted, face(12),
         right);
    text(p, QRectF(x + need, area.top(), buy, area.height()),
         here                ? tr("at hand")
         : l.arrives.empty() ? amount(l.to_buy, l.need.unit)
                             : day_words(QDate::fromString(words_of(l.arrives), Qt::ISODate)),
         here ? t.good : t.ink, face(12, true), right);
    text(p, QRectF(x + need + buy, area.top(), price, area.height()),
         l.price ? QString::number(*l.price, 'f', 2)
         : buys  ? tr("no price")
                 : QString(),
         l.price ? t.ink : t.muted, face(12), right);
    auto& spot = add_spot(
        {area, "buy:" + words_of(l.need.item),
         tell("{item}: needs {amount}, at hand {amount_2}, spare {amount_3}, sold in {amount_4}{word}",
              words_of(l.need.item), amount(l.need.amount, l.need.unit), amount(l.at_hand, l.need.unit),
              amount(l.spare, l.need.unit), amount(l.pack, l.need.unit),
              l.state ? QStringLiteral(" · ") + words_of(said_word(*l.state)) +
                            (l.arrives.empty() ? QString() : QStringLiteral(", ") + words_of(l.arrives))
                      : QString()),
         [this, line = l] { next_state(line); }, [this, line = l] { state_menu(line); },
         Qt::PointingHandCursor, true, words_of(l.need.item),
         here      ? tr("at hand")
         : l.state ? words_of(said_word(*l.state))
                   : tr("to buy")});
    spot.checked = here;
    spot.how = tr("Click: ordered, on its way, arrived; right-click for more.");
}

void ShoppingView::draw_box(QPainter& p, const QRectF& area, const ShoppingLine& l, bool here) {
    const auto& t = theme();
    const QRectF box(area.left() + u(8), area.center().y() - u(8), u(16), u(16));
    p.setPen(QPen(here ? t.good : t.muted, 1.4));
    p.setBrush(here ? QBrush(t.good) : Qt::NoBrush);
    p.drawRoundedRect(box, 3, 3);
    // One stroke ordered, two on its way, a hook arrived.
    p.setPen(QPen(here ? t.card : t.accent, 2));
    if (here)
        p.drawPolyline(QPolygonF{box.center() + QPointF(-u(4), 0), box.center() + QPointF(-u(1), u(3)),
                                 box.center() + QPointF(u(5), -u(4))});
    if (l.state && l.state != OrderState::arrived)
        p.drawLine(box.center() + QPointF(-u(4), u(4)), box.center() + QPointF(u(4), -u(4)));
    if (l.state == OrderState::on_its_way)
        p.drawLine(box.center() + QPointF(-u(4), -u(4)), box.center() + QPointF(u(4), u(4)));
}

void ShoppingView::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    if (list_.lines.empty())
        return text(p, QRectF(u(14), u(16), width() - u(28), u(24)), tr("Nothing to buy before it is wired."),
                    t.muted, face(13));

    text(p, QRectF(u(14), u(8), width() - u(28), u(22)),
         tell("{to_buy} {to_buy|thing|things} to buy, {price}{some| and {unpriced} without a price|}; "
              "{at_hand} at hand.",
              list_.to_buy, QString::number(list_.price, 'f', 2), list_.unpriced > 0, list_.unpriced,
              list_.at_hand),
         t.ink, face(14, true));
    double y = u(40);
    for (const auto& l : list_.lines) {
        const QRectF area(u(6), y, width() - u(12), line_tall() - u(2));
        if (exposed(area)) {
            p.setPen(QPen(t.line, 1));
            p.drawLine(area.bottomLeft(), area.bottomRight());
        }
        paint_row(p, l, area);
        y += line_tall();
    }
}

}  // namespace sangre::app
