#include "wiring/diagram_view.h"

#include <QKeyEvent>
#include <QWheelEvent>

#include "widgets/words.h"
#include "wiring/shapes.h"

namespace sangre::app {
DiagramView::DiagramView(Document& document, QWidget* parent)
    : Canvas(tr("Wiring diagram"), parent), document_(document) {
    connect(&document_, &Document::changed, this, [this] {
        if (isVisible()) renew();
    });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
}

void DiagramView::showEvent(QShowEvent* e) {
    Canvas::showEvent(e);
    renew();
}

void DiagramView::renew() {
    if (of_ == document_.kept_plan()) return;
    of_ = document_.kept_plan();
    diagram_ = draw_diagram(document_.plan(), document_.catalogue(), document_.study().harness);
    setMinimumSize(sizeHint());
    updateGeometry();
    update();
}

double DiagramView::pixels() const {
    const double across = parentWidget() ? parentWidget()->width() : u(860);
    return std::max(across - u(14), static_cast<double>(u(400))) / 297;
}

QSize DiagramView::sizeHint() const {
    const double n = static_cast<double>(std::max<size_t>(1, diagram_.sheets.size()));
    return {static_cast<int>(297 * (zoom() > 1 ? pixels() * zoom() : 1)),
            static_cast<int>((210 * pixels() + u(12)) * n * zoom())};
}

void DiagramView::paint(QPainter& p) {
    const auto& t = theme();
    if (diagram_.sheets.empty()) {
        card(p, QRectF(0, 0, paint_width() - u(2), u(72)));
        text(p, QRectF(u(14), u(10), paint_width() - u(28), u(26)), tr("Nothing is wired yet."), t.ink,
             face(15, true));
        text(p, QRectF(u(14), u(38), paint_width() - u(28), u(20)),
             tr("Propose (Ctrl+Enter) wires it; the diagram is then shown here."), t.muted, face(13));
        return;
    }
    const double k = pixels();
    double top = 0;
    for (size_t i = 0; i < diagram_.sheets.size(); ++i, top += 210 * k + u(12)) {
        const auto& sheet = diagram_.sheets[i];
        card(p, QRectF(0, top, 297 * k, 210 * k));
        p.save();
        p.translate(0, top);
        p.scale(k * sheet.scale, k * sheet.scale);
        draw_shapes(p, sheet.shapes, false);
        for (const auto& s : sheet.spots)
            if (s.subject == document_.selection()) {
                p.setPen(QPen(t.accent, 0.6));
                p.setBrush(Qt::NoBrush);
                p.drawRoundedRect(QRectF(QPointF(s.from.x, s.from.y), QPointF(s.to.x, s.to.y))
                                      .adjusted(-0.8, -0.8, 0.8, 0.8),
                                  1, 1);
            }
        p.restore();
        for (const auto& s : sheet.spots) {
            const double m = k * sheet.scale;
            add_spot(
                {QRectF(s.from.x * m, top + s.from.y * m, (s.to.x - s.from.x) * m, (s.to.y - s.from.y) * m),
                 QStringLiteral("%1 %2").arg(i).arg(words_of(s.subject)),
                 words_of(by_id(document_.plan().feeds(), s.subject)
                              ? feed_name(document_.plan(), *by_id(document_.plan().feeds(), s.subject))
                              : name_of(document_.plan(), s.subject)),
                 [this, id = s.subject] { document_.select(id); },
                 {}});
        }
    }
}

void DiagramView::wheelEvent(QWheelEvent* e) {
    if (!(e->modifiers() & Qt::ControlModifier)) return Canvas::wheelEvent(e);
    set_zoom(zoom() * (e->angleDelta().y() > 0 ? 1.15 : 1 / 1.15));
    setMinimumSize(sizeHint());
    e->accept();
}

void DiagramView::keyPressEvent(QKeyEvent* e) {
    const bool larger = e->key() == Qt::Key_Plus, smaller = e->key() == Qt::Key_Minus,
               whole = e->key() == Qt::Key_0;
    if (!larger && !smaller && !whole) return Canvas::keyPressEvent(e);
    set_zoom(whole ? 1 : zoom() * (larger ? 1.25 : 0.8));
    setMinimumSize(sizeHint());
}

}  // namespace sangre::app
