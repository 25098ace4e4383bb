#include "widgets/chart.h"

namespace sangre::app {

void dress(QCustomPlot& plot) {
    const auto& t = theme();
    plot.setBackground(t.card);
    for (auto* axis : {plot.xAxis, plot.yAxis, plot.xAxis2, plot.yAxis2}) {
        axis->setBasePen(QPen(t.line));
        axis->setTickPen(QPen(t.line));
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelColor(t.muted);
        axis->setLabelColor(t.muted);
        axis->setTickLabelFont(face(11));
        axis->setLabelFont(face(11));
        axis->grid()->setPen(QPen(t.sunken));
        axis->grid()->setZeroLinePen(Qt::NoPen);
    }
    plot.setNoAntialiasingOnDrag(true);
}

QCPItemText* note(QCustomPlot& plot, double x, double y, const QString& words, const QColor& colour,
                  Qt::Alignment anchor) {
    auto* item = new QCPItemText(&plot);
    item->position->setCoords(x, y);
    item->setPositionAlignment(anchor);
    item->setText(words);
    item->setColor(colour);
    // Readable where it lies over a curve.
    QColor ground = theme().card;
    ground.setAlpha(200);
    item->setBrush(ground);
    item->setFont(face(11));
    item->setPadding(QMargins(3, 1, 3, 1));
    return item;
}

QCPGraph* curve(QCustomPlot& plot, const QVector<double>& x, const QVector<double>& y, const QPen& pen) {
    auto* g = plot.addGraph();
    g->setData(x, y);
    g->setPen(pen);
    return g;
}

}  // namespace sangre::app
