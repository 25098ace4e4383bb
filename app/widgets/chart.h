#pragma once
// QCustomPlot dressed in the theme.
#include <qcustomplot.h>

#include "theme/theme.h"

namespace sangre::app {

/// Applies colours, fonts and light grid lines to a plot and all its axes.
void dress(QCustomPlot& plot);
/// Words at plot coordinates.
QCPItemText* note(QCustomPlot& plot, double x, double y, const QString& words, const QColor& colour,
                  Qt::Alignment anchor = Qt::AlignLeft | Qt::AlignBottom);
/// A graph with that pen.
QCPGraph* curve(QCustomPlot& plot, const QVector<double>& x, const QVector<double>& y, const QPen& pen);

}  // namespace sangre::app
