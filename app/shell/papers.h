#pragma once
// What a plan gives on paper, and how it gets there.
#include <QStringList>

#include "output/diagram/diagram.h"
#include "shell/document.h"

namespace sangre::app {

struct Paper {
    QString title;  ///< "Labels"
    QString file;   ///< that is offered for it
    std::vector<DiagramSheet> (*sheets)(const Plan&, const Catalogue&, const Study&);
    QString nothing;        ///< said where there are no sheets
    bool to_scale = false;  ///< it is to be printed at 100 %
};

/// All of them, in the order of the work.
std::vector<Paper> papers();

/// The files that so many sheets become when `file` is asked for: itself, or one a sheet numbered beside it.
QStringList sheet_files(size_t sheets, const QString& file);
/// Into a .pdf of all sheets, or an .svg or .png for each; what went wrong, or nothing.
QString write_sheets(const std::vector<DiagramSheet>& sheets, const QString& title, const QString& file);
QString write_paper(const Document& document, const Paper& paper, const QString& file);

}  // namespace sangre::app
