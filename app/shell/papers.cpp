#include "shell/papers.h"

#include <QBuffer>
#include <QFileInfo>
#include <QImage>
#include <QObject>
#include <QPainter>

#include "base/files/safe_write.h"
#include "output/book/book.h"
#include "output/diagram/drill_template.h"
#include "output/diagram/labels.h"
#include "output/diagram/lead_sheets.h"
#include "output/diagram/machine_sheets.h"
#include "output/files/diagram_svg.h"
#include "output/files/sheets_pdf.h"
#include "widgets/words.h"
#include "wiring/shapes.h"

namespace sangre::app {
namespace {

constexpr double dots_per_mm = 8;  // of a picture

QString written(const std::string& content, const QString& file) {
    const auto done = write_whole(content, file.toStdString());
    return done ? QString() : words_of(done.error());
}

}  // namespace

std::vector<Paper> papers() {
    const auto unwired = QObject::tr("Nothing is wired yet.");
    return {{QObject::tr("Wiring diagram"), QStringLiteral("wiring diagram.pdf"),
             [](const Plan& p, const Catalogue& c, const Study& s) {
                 return draw_diagram(p, c, s.harness).sheets;
             },
             unwired},
            {QObject::tr("Machine plan"), QStringLiteral("machine plan.pdf"),
             [](const Plan& p, const Catalogue&, const Study& s) { return machine_sheets(p, s); },
             QObject::tr("No places are known yet.")},
            {QObject::tr("Openings in section"), QStringLiteral("openings.pdf"),
             [](const Plan& p, const Catalogue& c, const Study& s) { return section_sheets(p, c, s); },
             QObject::tr("Nothing goes through an opening."), true},
            {QObject::tr("Drilling template"), QStringLiteral("drilling template.pdf"),
             [](const Plan& p, const Catalogue& c, const Study& s) {
                 return drill_sheets(drill_holes(p, c, s.harness));
             },
             QObject::tr("There is nothing to drill: no opening's width is known."), true},
            {QObject::tr("Cutting cards"), QStringLiteral("cutting cards.pdf"),
             [](const Plan& p, const Catalogue& c, const Study& s) { return lead_sheets(p, c, s); }, unwired},
            {QObject::tr("Labels"), QStringLiteral("labels.pdf"),
             [](const Plan& p, const Catalogue&, const Study& s) {
                 return label_sheets(wire_labels(p, s.harness));
             },
             unwired},
            {QObject::tr("Build book"), QStringLiteral("build book.pdf"),
             [](const Plan& p, const Catalogue& c, const Study& s) {
                 return p.feeds().empty() ? std::vector<DiagramSheet>() : book_sheets(p, c, s);
             },
             unwired, true}};
}

QStringList sheet_files(size_t sheets, const QString& file) {
    const QFileInfo info(file);
    if (sheets < 2 || info.suffix().toLower() == QLatin1String("pdf")) return {file};
    QStringList all;
    for (size_t i = 1; i <= sheets; ++i)
        all << QStringLiteral("%1/%2-%3.%4")
                   .arg(info.path(), info.completeBaseName())
                   .arg(i)
                   .arg(info.suffix().toLower());
    return all;
}

QString write_sheets(const std::vector<DiagramSheet>& sheets, const QString& title, const QString& file) {
    const auto kind = QFileInfo(file).suffix().toLower();
    if (kind == "pdf") {
        const auto pdf = sheets_to_pdf(sheets, title.toStdString(), data_directory());
        return pdf ? written(*pdf, file) : words_of(pdf.error());
    }
    if (kind != "svg" && kind != "png") return tell("{file}: a drawing ends in .svg, .pdf or .png", file);
    const auto names = sheet_files(sheets.size(), file);
    for (size_t i = 0; i < sheets.size(); ++i) {
        const auto& sheet = sheets[i];
        const auto& name = names[static_cast<qsizetype>(i)];
        if (kind == "svg") {
            if (const auto wrong = written(diagram_to_svg(sheet), name); !wrong.isEmpty()) return wrong;
            continue;
        }
        QImage image(QSizeF(sheet.width * dots_per_mm, sheet.height * dots_per_mm).toSize(),
                     QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter p(&image);
        p.setRenderHint(QPainter::Antialiasing);
        p.scale(dots_per_mm * sheet.scale, dots_per_mm * sheet.scale);
        draw_shapes(p, sheet.shapes, true);
        p.end();
        QBuffer bytes;
        image.save(&bytes, "PNG");
        if (const auto wrong = written(bytes.data().toStdString(), name); !wrong.isEmpty()) return wrong;
    }
    return {};
}

QString write_paper(const Document& document, const Paper& paper, const QString& file) {
    const auto sheets = paper.sheets(document.plan(), document.catalogue(), document.study());
    return sheets.empty() ? paper.nothing : write_sheets(sheets, words_of(document.plan().name), file);
}

}  // namespace sangre::app
