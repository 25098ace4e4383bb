#include "build/cut_view.h"

#include "widgets/words.h"

namespace sangre::app {

CutView::CutView(Document& document, QWidget* parent) : Canvas(tr("Cut list"), parent), document_(document) {
    connect(&document_, &Document::changed, this, [this] {
        if (isVisible()) renew();
    });
}

void CutView::showEvent(QShowEvent* e) {
    Canvas::showEvent(e);
    renew();
}

void CutView::renew() {
    if (of_ == document_.kept_plan()) return;
    of_ = document_.kept_plan();
    list_ = cut_list(document_.plan(), document_.catalogue(), document_.study());
    fit_height();
}

QSize CutView::sizeHint() const {
    double tall = u(70);
    for (const auto& g : list_.groups) tall += u(28) + u(44) * static_cast<double>(g.from.size());
    return {u(420), static_cast<int>(tall)};
}

double CutView::paint_group(QPainter& p, const CutGroup& g, double y, double per_metre) {
    const auto& t = theme();
    text(p, QRectF(u(14), y, width() * 0.6, u(22)), words_of(g.what), t.ink, face(13, true));
    if (raw(g.bought) > 0)
        text(p, QRectF(width() * 0.6, y, width() * 0.4 - u(14), u(22)),
             g.exact ? tell("{length} new", app::said(g.bought))
                     : tell("{length} new, at least {least}", app::said(g.bought), app::said(g.least_bought)),
             t.muted, face(12), Qt::AlignRight | Qt::AlignVCenter);
    y += u(24);
    const auto colour = g.colour.empty() ? t.cool : wire_colour(words_of(g.colour));
    for (const auto& from : g.from) {
        double x = u(24);
        const double whole = raw(from.length) * per_metre;
        p.setPen(QPen(t.line, 1));
        p.setBrush(t.paper);
        p.drawRoundedRect(QRectF(x, y, std::max(whole, 4.0), u(16)), 3, 3);
        for (size_t i = 0; i < from.pieces.size(); ++i) {
            const auto& piece = from.pieces[i];
            const double wide = std::max(raw(piece.length) * per_metre, 3.0);
            p.setPen(QPen(t.card, 1));
            p.setBrush(colour);
            const QRectF area(x, y, wide, u(16));
            p.drawRect(area);
            const auto mark = words_of(cut_words(piece)), length = app::said(piece.length);
            if (text_width(mark, face(10, true)) + u(4) < wide) {
                auto ink = colour.lightness() < 128 ? QColor(Qt::white) : QColor("#231F1C");
                text(p, area, mark, ink, face(10, true), Qt::AlignCenter);
            }
            if (text_width(length, face(10)) + u(2) < wide)
                text(p, QRectF(x, y + u(17), wide, u(14)), length, t.muted, face(10), Qt::AlignCenter);
            add_spot(
                {area,
                 QStringLiteral("cut:%1:%2:%3")
                     .arg(QString::fromStdString(g.key))
                     .arg(QString::fromStdString(from.at_hand.empty() ? from.of.english() : from.at_hand))
                     .arg(mark + QString::number(i)),
                 tell("{mark}, {length}, for {part}", mark, length,
                      words_of(name_of(document_.plan(), piece.lead))),
                 [this, step = words_of(piece.step)] { emit chosen(step); },
                 {}});
            x += wide;
        }
        x = std::max(x, u(24) + whole);
        text(
            p, QRectF(x + u(6), y - u(2), width() - x - u(18), u(20)),
            from.of.empty() ? QString() : tell("{of} · {rest} left", words_of(from.of), app::said(from.left)),
            t.good, face(11));
        y += u(40);
    }
    return y + u(4);
}

void CutView::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    if (list_.groups.empty())
        return text(p, QRectF(u(14), u(16), width() - u(28), u(24)), tr("Nothing to cut before it is wired."),
                    t.muted, face(13));
    text(p, QRectF(u(14), u(8), width() - u(28), u(22)),
         tell("{pieces} pieces from {offcuts} offcuts and {length} of new wire, {rest} left over.",
              list_.pieces, list_.offcuts, app::said(list_.bought), app::said(list_.left)),
         t.ink, face(14, true));
    double longest = 0.1;
    for (const auto& g : list_.groups)
        for (const auto& from : g.from) longest = std::max(longest, raw(from.length));
    double y = u(38);
    for (const auto& g : list_.groups) y = paint_group(p, g, y, (width() - u(190)) / longest);
}

}  // namespace sangre::app
