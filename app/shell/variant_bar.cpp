#include "shell/variant_bar.h"

#include "widgets/words.h"

namespace sangre::app {

VariantBar::VariantBar(Document& document, QWidget* parent)
    : Canvas(tr("Plan A against this one"), parent), document_(document) {
    connect(&document_, &Document::changed, this, &VariantBar::refresh);
    connect(&document_, &Document::variant_changed, this, &VariantBar::refresh);
    refresh();
}

void VariantBar::refresh() {
    setFixedHeight(u(54));
    setVisible(document_.variant() != nullptr);
    figures_.clear();
    if (document_.variant())
        figures_ = compare_variants(*document_.variant(), document_.variant_study(), document_.plan(),
                                    document_.study());
    update();
}

void VariantBar::paint(QPainter& p) {
    const auto& t = theme();
    p.setPen(t.line);
    p.drawLine(0, height() - 1, width(), height() - 1);
    if (!document_.variant()) return;
    text(p, QRectF(u(14), u(6), u(70), u(18)), tr("A"), t.muted, face(13, true));
    text(p, QRectF(u(14), u(26), u(70), u(20)), tr("B, now"), t.ink, face(13, true));

    double right = width() - u(10);
    const auto button = [&](const QString& key, const QString& words, const QString& tip, bool strong,
                            std::function<void()> act) {
        const double w = text_width(words, face(13, true)) + u(20);
        const QRectF area(right - w, u(13), w, u(28));
        p.setPen(QPen(t.accent, 1));
        p.setBrush(strong ? t.accent : t.card);
        p.drawRoundedRect(area, u(5), u(5));
        text(p, area, words, strong ? t.accent_ink : t.accent, face(13, true), Qt::AlignCenter);
        add_spot({area, key, tip, std::move(act), {}});
        right -= w + u(6);
    };
    button("drop", tr("Forget A"), tr("Stop comparing; this plan stays as it is"), false,
           [this] { document_.forget_variant(); });
    button("back", tr("Back to A"), tr("A on screen, and this plan kept as A: press again to change back"),
           true, [this] { document_.swap_variants(); });

    bool same = true;
    for (const auto& f : figures_) same = same && f.change.empty();
    const double left = u(84), room = right - left - u(6);
    if (same) {
        text(
            p, QRectF(left, 0, room, height()),
            tr("No figure differs from A so far. Change something: what got better and worse is shown here."),
            t.muted, face(13));
        return;
    }
    // The figures that changed come first where there is no room for all.
    std::vector<const VariantFigure*> shown;
    for (const bool changed : {true, false})
        for (const auto& f : figures_)
            if (f.change.empty() != changed) shown.push_back(&f);
    double x = left;
    for (const auto* f : shown) {
        const QString mark = f->better > 0   ? QStringLiteral("✓ ")
                             : f->better < 0 ? QStringLiteral("! ")
                                             : QString();
        const QString now = words_of(f->b), change = mark + words_of(f->change);
        const double w = std::max({text_width(words_of(f->name) + " " + words_of(f->a), face(12)),
                                   text_width(now, face(13, true)) + text_width("  " + change, face(12))}) +
                         u(14);
        if (x + w > left + room) break;
        const auto colour = f->better > 0 ? t.good : f->better < 0 ? t.caution : t.muted;
        text(p, QRectF(x, u(6), w, u(18)), words_of(f->name) + " " + words_of(f->a), t.muted, face(12));
        text(p, QRectF(x, u(26), w, u(20)), now, t.ink, face(13, true));
        text(p, QRectF(x + text_width(now, face(13, true)) + u(6), u(26), w, u(20)), change, colour,
             face(12));
        add_spot({QRectF(x, 0, w, height()),
                  "figure:" + words_of(f->name),
                  tell("{meaning}\nA: {first}, now: {now}", words_of(f->meaning), words_of(f->a), now),
                  {},
                  {},
                  Qt::WhatsThisCursor,
                  false});
        x += w;
    }
}

}  // namespace sangre::app
