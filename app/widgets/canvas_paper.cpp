// A drawing into a file or onto paper.
#include <QPdfWriter>
#include <QSvgGenerator>

#include "widgets/canvas.h"
#include "words.h"

namespace sangre::app {

bool Canvas::draw_into(QPaintDevice& device, double scale) {
    QPainter p;
    if (!p.begin(&device)) return false;
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(scale, scale);
    p.fillRect(rect(), ground());
    spots_.clear();
    p.scale(zoom_, zoom_);
    direct_ = true;
    paint(p);
    direct_ = false;
    update();
    return p.end();
}

std::vector<Canvas::Drawn>* Canvas::noted_ = nullptr;

void Canvas::note_words(const QPainter& p, const QString& words, const QRectF& area, bool cut) {
    if (!words.trimmed().isEmpty()) noted_->push_back({words, p.transform().mapRect(area), cut});
}

std::vector<Canvas::Drawn> Canvas::drawn_words() {
    std::vector<Drawn> words;
    QImage page(size(), QImage::Format_RGB32);
    noted_ = &words;
    draw_into(page, 1);
    noted_ = nullptr;
    return words;
}

bool Canvas::print_on(QPagedPaintDevice& paper) {
    if (width() > height()) paper.setPageOrientation(QPageLayout::Landscape);
    const double wide = paper.width(), tall = paper.height();
    return draw_into(paper, std::min(wide / width(), tall / height()));
}

QString Canvas::export_picture(const QString& file) {
    bool done = false;
    if (file.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive)) {
        QSvgGenerator svg;
        svg.setFileName(file), svg.setSize(size()), svg.setViewBox(rect());
        svg.setTitle(accessibleName());
        done = draw_into(svg, 1);
    } else if (file.endsWith(QLatin1String(".pdf"), Qt::CaseInsensitive)) {
        QPdfWriter pdf(file);
        pdf.setResolution(96);
        pdf.setPageSize(QPageSize(QSizeF(width(), height()) * 0.75, QPageSize::Point));
        pdf.setPageMargins({});
        done = draw_into(pdf, 1);
    } else if (file.endsWith(QLatin1String(".png"), Qt::CaseInsensitive)) {
        QImage image(size() * 2, QImage::Format_RGB32);
        done = draw_into(image, 2) && image.save(file);
    } else
        return tell("{file}: a picture ends in .svg, .pdf or .png", file);
    update();
    return done ? QString() : tell("{file} cannot be written", file);
}

}  // namespace sangre::app
