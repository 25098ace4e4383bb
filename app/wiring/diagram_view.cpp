#include "wiring/diagram_view.h"

#include <QFileInfo>
#include <QKeyEvent>
#include <QPdfWriter>
#include <QSaveFile>
#include <QWheelEvent>

#include "diagram/drill_template.h"
#include "diagram/labels.h"
#include "files/diagram_svg.h"
#include "widgets/words.h"
#include "wiring/shapes.h"

namespace sangre::app {
namespace {

constexpr double dots_per_mm = 8;  // of a picture

}  // namespace

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
             tr("Propose (Ctrl+Enter) wires it; then the diagram stands here."), t.muted, face(13));
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
                 words_of(by_id(document_.plan().feeds, s.subject)
                              ? feed_name(document_.plan(), *by_id(document_.plan().feeds, s.subject))
                              : name_of(document_.plan(), s.subject)),
                 [this, id = s.subject] { document_.select(id); },
                 {}});
        }
    }
}

QString DiagramView::export_sheets(const QString& file) const {
    const auto diagram = draw_diagram(document_.plan(), document_.catalogue(), document_.study().harness);
    return diagram.sheets.empty() ? tr("Nothing is wired yet.")
                                  : write_sheets(diagram.sheets, words_of(document_.plan().name), file);
}

QString DiagramView::export_labels(const QString& file) const {
    const auto labels = wire_labels(document_.plan(), document_.study().harness);
    return labels.empty() ? tr("Nothing is wired yet.")
                          : write_sheets(label_sheets(labels), words_of(document_.plan().name), file);
}

QString DiagramView::export_template(const QString& file) const {
    const auto holes = drill_holes(document_.plan(), document_.catalogue(), document_.study().harness);
    return holes.empty() ? tr("There is nothing to drill: no opening's width is known.")
                         : write_sheets(drill_sheets(holes), words_of(document_.plan().name), file);
}

QString DiagramView::write_sheets(const std::vector<DiagramSheet>& sheets, const QString& title,
                                  const QString& file) {
    const QFileInfo info(file);
    const auto kind = info.suffix().toLower();
    const auto cannot = [&](const QString& name) { return tr("%1 cannot be written").arg(name); };
    if (kind == "pdf") {
        QPdfWriter pdf(file);
        pdf.setPageSize(
            QPageSize(QSizeF(sheets.front().width, sheets.front().height), QPageSize::Millimeter));
        pdf.setPageMargins({});
        pdf.setTitle(title);
        QPainter p;
        if (!p.begin(&pdf)) return cannot(file);
        for (size_t i = 0; i < sheets.size(); ++i) {
            if (i > 0) pdf.newPage();
            const double k = pdf.logicalDpiX() / 25.4 * sheets[i].scale;
            p.save();
            p.scale(k, k);
            draw_shapes(p, sheets[i].shapes, true);
            p.restore();
        }
        return p.end() ? QString() : cannot(file);
    }
    if (kind != "svg" && kind != "png") return tr("%1: a drawing ends in .svg, .pdf or .png").arg(file);
    for (size_t i = 0; i < sheets.size(); ++i) {
        const auto& sheet = sheets[i];
        const auto name = sheets.size() == 1 ? file
                                             : QStringLiteral("%1/%2-%3.%4")
                                                   .arg(info.path(), info.completeBaseName())
                                                   .arg(i + 1)
                                                   .arg(kind);
        if (kind == "png") {
            QImage image(QSizeF(sheet.width * dots_per_mm, sheet.height * dots_per_mm).toSize(),
                         QImage::Format_RGB32);
            image.fill(Qt::white);
            QPainter p(&image);
            p.setRenderHint(QPainter::Antialiasing);
            p.scale(dots_per_mm * sheet.scale, dots_per_mm * sheet.scale);
            draw_shapes(p, sheet.shapes, true);
            p.end();
            if (!image.save(name)) return cannot(name);
        } else {
            QSaveFile out(name);
            if (!out.open(QIODevice::WriteOnly)) return cannot(name);
            out.write(QByteArray::fromStdString(diagram_to_svg(sheet)));
            if (!out.commit()) return cannot(name);
        }
    }
    return {};
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
