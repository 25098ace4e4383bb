#include "power/power_station.h"

#include <QVBoxLayout>

#include "units/format.h"
#include "widgets/chart.h"
#include "widgets/heading.h"

namespace sangre::app {

PowerStation::PowerStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    column->addWidget(new Heading(tr("Where the power goes"),
                                  tr("Band height is watts now. Click a band or a block for its arithmetic; "
                                     "drag a load to another rail."),
                                  this));
    map_ = new FlowMap(document_, this);
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setWidget(map_);
    column->addWidget(area, 4);
    chart_ = new QCustomPlot(this);
    chart_->setAccessibleName(tr("Charge and voltage over the day"));
    chart_->setMinimumHeight(u(120));
    column->addWidget(chart_, 1);
    connect(chart_, &QCustomPlot::mousePress, this, [this](QMouseEvent* e) {
        const double hours = chart_->xAxis->pixelToCoord(e->pos().x());
        const auto& points = document_.study().mission.points;
        const MissionPoint* nearest = nullptr;
        for (const auto& p : points)
            if (!nearest ||
                std::abs(raw(p.time) / 3600 - hours) < std::abs(raw(nearest->time) / 3600 - hours))
                nearest = &p;
        if (!nearest) return;
        auto c = document_.conditions();
        c.phase = document_.plan().phases[nearest->phase].id;
        c.charge = nearest->charge;
        c.switches.clear();
        document_.set_conditions(c);
    });
    connect(&document_, &Document::changed, this, &PowerStation::draw_mission);
    draw_mission();
}

void PowerStation::draw_mission() {
    const auto& t = theme();
    const auto& m = document_.study().mission;
    const auto& phases = document_.plan().phases;
    chart_->clearItems();
    chart_->clearGraphs();
    if (!isVisible()) return;
    dress(*chart_);
    chart_->setVisible(!m.points.empty());
    if (m.points.empty()) return;
    QVector<double> hours, charge, volts;
    double lowest = 1e9, highest = 0;
    for (const auto& p : m.points) {
        hours << raw(p.time) / 3600;
        charge << p.charge * 100;
        volts << raw(p.volts);
        lowest = std::min(lowest, volts.back()), highest = std::max(highest, volts.back());
    }
    auto* fill = curve(*chart_, hours, charge, QPen(t.accent, 1.5));
    fill->setBrush(t.accent_soft);
    auto* line = chart_->addGraph(chart_->xAxis, chart_->yAxis2);
    line->setData(hours, volts);
    line->setPen(QPen(t.cool, 1.5));
    chart_->xAxis->setLabel(tr("hours"));
    chart_->yAxis->setLabel(tr("charge %"));
    chart_->yAxis2->setLabel(tr("pack V"));
    chart_->yAxis2->setVisible(true);
    chart_->yAxis2->setTickLabels(true);
    chart_->xAxis->setRange(0, hours.back());
    chart_->yAxis->setRange(0, 135);  // room for the phases' names above the full pack
    const QSharedPointer<QCPAxisTickerText> quarters(new QCPAxisTickerText);
    for (const int percent : {0, 25, 50, 75, 100}) quarters->addTick(percent, QString::number(percent));
    chart_->yAxis->setTicker(quarters);
    chart_->yAxis2->setRange(lowest - 1, highest + 3);
    // Phase borders, and names where they fit.
    double at = 0, free_from = -1;
    for (size_t i = 0; i < phases.size(); ++i) {
        const double span = raw(phases[i].duration) / 3600;
        auto* border = new QCPItemStraightLine(chart_);
        border->point1->setCoords(at, 0);
        border->point2->setCoords(at, 1);
        border->setPen(QPen(t.line, 1, Qt::DashLine));
        const QString name = QString::fromStdString(phases[i].name);
        const double needed = QFontMetricsF(face(11)).horizontalAdvance(name) /
                              std::max(1.0, chart_->width() - 120.0) * hours.back();
        if (at >= free_from && span > needed * 0.6) {
            note(*chart_, at, 134, name, phases[i].id == document_.conditions().phase ? t.accent : t.muted,
                 Qt::AlignLeft | Qt::AlignTop);
            free_from = at + needed;
        }
        at += span;
    }
    if (chart_->width() > 40 && chart_->height() > 40) chart_->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace sangre::app
