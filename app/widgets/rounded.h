#pragma once
// Filled boxes with round corners and an edge: what a page has most of.
#include <QColor>
#include <QPainter>

namespace sangre::app {

/// Draws one, its edge inside the area. On a screen its corners are pictures kept from the first of their
/// kind and its sides stand on whole pixels: a tenth of the time of filling its outline.
void draw_rounded(QPainter& p, const QRectF& area, double radius, const QColor& fill, const QColor& edge,
                  double edge_width = 1);

}  // namespace sangre::app
