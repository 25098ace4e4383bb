#include "power/power_station.h"

#include <QVBoxLayout>

#include "widgets/chart.h"
#include "widgets/heading.h"
#include "widgets/words.h"

namespace sangre::app {

PowerStation::PowerStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading = new Heading(tr("Where the power goes"), QString(), this);
    compare_ = new Toggle(tr("Compare batteries"), this);
    compare_->setToolTip(tr("Every pack that the catalogue's cells make, held against the mission"));
    heading->add(compare_);
    schools_ = new Toggle(tr("Schools"), this);
    schools_->setToolTip(tr("Where builders disagree, and what each way would change here"));
    heading->add(schools_);
    search_ = new Toggle(tr("Search"), this);
    search_->setToolTip(tr("The best whole plan for mass, cost or loss"));
    heading->add(search_);
    column->addWidget(heading);
    pages_ = new QStackedWidget(this);
    column->addWidget(pages_, 1);
    const auto scrolled = [&](QWidget* w) {
        auto* area = new QScrollArea(pages_);
        area->setWidgetResizable(true);
        area->setFrameShape(QFrame::NoFrame);
        area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        area->setWidget(w);
        return area;
    };
    auto* flow = new QWidget(pages_);
    auto* flow_column = new QVBoxLayout(flow);
    flow_column->setContentsMargins(0, 0, 0, 0);
    flow_column->setSpacing(u(6));
    map_ = new FlowMap(document_, flow);
    flow_column->addWidget(scrolled(map_), 4);
    chart_ = new QCustomPlot(flow);
    chart_->setAccessibleName(tr("Charge and voltage over the day"));
    chart_->setMinimumHeight(u(120));
    flow_column->addWidget(chart_, 1);
    pages_->addWidget(flow);
    batteries_ = new BatteryView(document_, pages_);
    pages_->addWidget(scrolled(batteries_));
    found_ = new SearchView(document_, pages_);
    pages_->addWidget(scrolled(found_));
    disagree_ = new SchoolsView(document_, pages_);
    pages_->addWidget(scrolled(disagree_));
    const auto turn = [this, heading] {
        const int page = compare_->isChecked() ? 1 : search_->isChecked() ? 2 : schools_->isChecked() ? 3 : 0;
        pages_->setCurrentIndex(page);
        const std::array titles{tr("Where the power goes"), tr("Which battery"), tr("Which plan"),
                                tr("Where builders disagree")};
        const std::array hints{tr("Drag to rearrange, right-click for more."),
                               tr("The few worth having. Take one; Ctrl+Z."),
                               tr("Take one and see what changed; Ctrl+Z."),
                               tr("Click a way to build it so; Ctrl+Z.")};
        heading->set_title(titles[static_cast<size_t>(page)]);
        heading->set_hint(hints[static_cast<size_t>(page)]);
        if (page == 0) draw_mission();
    };
    // One page at a time; with none on, the flow map.
    for (auto* on : {compare_, schools_, search_})
        connect(on, &Toggle::toggled, this, [this, on, turn](bool checked) {
            for (auto* other : {compare_, schools_, search_})
                if (checked && other != on) other->setChecked(false);
            turn();
        });
    turn();
    // A press or a drag along the day takes every number to that moment.
    connect(chart_, &QCustomPlot::mousePress, this, [this](QMouseEvent* e) { go_to_moment(e->pos().x()); });
    connect(chart_, &QCustomPlot::mouseMove, this, [this](QMouseEvent* e) {
        if (e->buttons() & Qt::LeftButton) go_to_moment(e->pos().x());
    });
    connect(&document_, &Document::changed, this, &PowerStation::draw_mission);
    draw_mission();
}

void PowerStation::go_to_moment(double x) {
    const double hours = chart_->xAxis->pixelToCoord(x);
    const auto& points = document_.study().mission.points;
    const auto away = [&](const MissionPoint& p) { return std::abs(raw(p.time) / 3600 - hours); };
    const auto nearest = std::min_element(points.begin(), points.end(),
                                          [&](const auto& a, const auto& b) { return away(a) < away(b); });
    if (nearest == points.end()) return;
    auto c = document_.conditions();
    c.phase = document_.plan().phases[nearest->phase].id;
    c.charge = nearest->charge;
    c.switches.clear();
    moment_ = nearest->time;
    document_.set_conditions(c);
}

/// A thin upright where the What-if bar stands: at the moment last pointed at, if it still is that phase's.
void PowerStation::draw_cursor() {
    const auto& m = document_.study().mission;
    const auto& now = document_.conditions();
    const auto fits = [&](const MissionPoint& p) {
        return document_.plan().phases[p.phase].id == now.phase && std::abs(p.charge - now.charge) < 0.02;
    };
    const MissionPoint* at = nullptr;
    for (const auto& p : m.points)
        if (fits(p) && (!at || std::abs(raw(p.time - moment_)) < std::abs(raw(at->time - moment_)))) at = &p;
    if (!at) return;
    const double hours = raw(at->time) / 3600;
    auto* line = new QCPItemLine(chart_);
    line->start->setCoords(hours, 0);
    line->end->setCoords(hours, 100);
    line->setPen(QPen(theme().ink, 1.5));
    const bool late = hours > raw(m.points.back().time) / 7200;
    note(*chart_, hours, 4,
         tr(" %1 · %2 · %3 · %4 ")
             .arg(said(at->time), words_of(format_percent(at->charge)), said(at->volts), said(at->amps)),
         theme().ink, (late ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignBottom);
}

void PowerStation::draw_mission() {
    const auto& t = theme();
    const auto& m = document_.study().mission;
    const auto& phases = document_.plan().phases;
    chart_->clearItems();
    chart_->clearGraphs();
    if (!isVisible() || pages_->currentIndex() != 0) return;
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
    chart_->yAxis2->ticker()->setTickCount(3);
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
    draw_cursor();
    if (chart_->viewport().width() > 40 && chart_->viewport().height() > 40)
        chart_->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace sangre::app
