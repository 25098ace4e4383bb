#include "power/power_station.h"

#include <QDataStream>
#include <QVBoxLayout>

#include "plan/source.h"
#include "widgets/chart.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {

PowerStation::PowerStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading = new Heading(tr("Where the power goes"), QString(), this);
    heading->say_next(document_, Stage::power);
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
    auto* flow = new QWidget(pages_);
    auto* flow_column = new QVBoxLayout(flow);
    flow_column->setContentsMargins(0, 0, 0, 0);
    flow_column->setSpacing(u(6));
    map_ = new FlowMap(document_, flow);
    map_->setObjectName("drawing");
    flow_column->addWidget(scrolled(map_, pages_, true), 4);
    chart_ = new QCustomPlot(flow);
    chart_->setAccessibleName(tr("Charge and voltage over the day"));
    chart_->setMinimumHeight(u(120));
    flow_column->addWidget(chart_, 1);
    pages_->addWidget(flow);
    batteries_ = new BatteryView(document_, pages_);
    batteries_->setObjectName("drawing");
    pages_->addWidget(scrolled(batteries_, pages_, true));
    found_ = new SearchView(document_, pages_);
    found_->setObjectName("drawing");
    pages_->addWidget(scrolled(found_, pages_, true));
    disagree_ = new SchoolsView(document_, pages_);
    disagree_->setObjectName("drawing");
    pages_->addWidget(scrolled(disagree_, pages_, true));
    const auto turn = [this, heading] {
        const int page = compare_->isChecked() ? 1 : search_->isChecked() ? 2 : schools_->isChecked() ? 3 : 0;
        pages_->setCurrentIndex(page);
        const std::array titles{tr("Where the power goes"), tr("Which battery"), tr("Which plan"),
                                tr("Where builders disagree")};
        const std::array hints{tr("Drag to rearrange, right-click for more."),
                               tr("Those that no other beats in everything. Take one; Ctrl+Z takes it back."),
                               tr("Take one and see what changed; Ctrl+Z takes it back."),
                               tr("Click one to build it so; Ctrl+Z takes it back.")};
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

/// Where the What-if bar stands in the day: at the moment last pointed at, if it still is that phase's.
const MissionPoint* PowerStation::cursor_point() const {
    const auto& now = document_.conditions();
    const auto fits = [&](const MissionPoint& p) {
        return document_.plan().phases[p.phase].id == now.phase && std::abs(p.charge - now.charge) < 0.02;
    };
    const MissionPoint* at = nullptr;
    for (const auto& p : document_.study().mission.points)
        if (fits(p) && (!at || std::abs(raw(p.time - moment_)) < std::abs(raw(at->time - moment_)))) at = &p;
    return at;
}

QString PowerStation::words_at(const MissionPoint& at) {
    return QStringList{said(at.time), words_of(format_percent(at.charge)), said(at.volts), said(at.amps)}
        .join(QStringLiteral(" · "));
}

/// A thin upright there, with what the pack does then.
void PowerStation::draw_cursor() {
    const auto* at = cursor_point();
    if (!at) return;
    const double hours = raw(at->time) / 3600;
    auto* line = new QCPItemLine(chart_);
    line->start->setCoords(hours, 0);
    line->end->setCoords(hours, 100);
    line->setPen(QPen(theme().ink, 1.5));
    const bool late = hours > raw(document_.study().mission.points.back().time) / 7200;
    note(*chart_, hours, 4, words_at(*at), theme().ink,
         (late ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignBottom);
}

/// All that shows of the day. Where a later one differs by less than half a pixel, the chart stands as it is.
PowerStation::Picture PowerStation::picture_of_day() const {
    const auto& points = document_.study().mission.points;
    Picture picture;
    QDataStream words(&picture.words, QIODevice::WriteOnly);
    words << chart_->size() << theme().card << text_scale();
    if (points.empty()) return picture;
    const auto [low, high] = std::minmax_element(
        points.begin(), points.end(), [](const auto& a, const auto& b) { return a.volts < b.volts; });
    const double wide = chart_->width(), tall = chart_->height(), end = raw(points.back().time),
                 span = raw(high->volts - low->volts) + 4;
    words << said(points.back().time) << said(low->volts) << said(high->volts);
    for (const auto& p : points)
        picture.pixels << raw(p.time) / end * wide << p.charge * tall
                       << raw(p.volts - low->volts) / span * tall;
    for (const auto& phase : document_.plan().phases)
        words << words_of(phase.name) << raw(phase.duration) << (phase.id == document_.conditions().phase);
    if (const auto* at = cursor_point()) {
        picture.pixels << raw(at->time) / end * wide;
        words << words_at(*at);
    }
    return picture;
}

bool PowerStation::Picture::looks_like(const Picture& other) const {
    return words == other.words &&
           std::equal(pixels.begin(), pixels.end(), other.pixels.begin(), other.pixels.end(),
                      [](double a, double b) { return std::abs(a - b) < 0.5; });
}

void PowerStation::draw_mission() {
    const auto& t = theme();
    const auto& m = document_.study().mission;
    const auto& phases = document_.plan().phases;
    if (!isVisible() || pages_->currentIndex() != 0) return drawn_.words.clear();
    auto picture = picture_of_day();
    if (picture.looks_like(drawn_)) return;
    drawn_ = std::move(picture);
    chart_->clearItems();
    chart_->clearGraphs();
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
    chart_->yAxis2->setLabel(has_packs(document_.plan()) ? tr("pack V") : tr("source V"));
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
