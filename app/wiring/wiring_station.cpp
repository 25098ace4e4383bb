#include "wiring/wiring_station.h"

#include <QMenu>
#include <QVBoxLayout>

#include "base/units/format.h"
#include "electrical/protection/curves.h"
#include "physics/parts/wire_size.h"
#include "widgets/chart.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {

WiringStation::WiringStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(u(18), u(12), u(14), u(8));
    whole->setSpacing(u(6));
    auto* heading = new Heading({}, {}, this);
    heading->say_next(document_, Stage::wiring);
    diagram_toggle_ = new Toggle(tr("Diagram"), this);
    diagram_toggle_->setToolTip(tr("The whole plan as a wiring diagram, to print"));
    cables_toggle_ = new Toggle(tr("Cables"), this);
    cables_toggle_->setToolTip(tr("Servo leads, data pairs, motor phases: core by core"));
    heading->add(cables_toggle_);
    heading->add(diagram_toggle_);
    whole->addWidget(heading);
    pages_ = new QStackedWidget(this);
    whole->addWidget(pages_, 1);
    auto* feeds = new QWidget(pages_);
    make_feeds_page(*feeds);
    feeds->setMinimumWidth(u(660));  // narrower, its strip and its joint say nothing
    pages_->addWidget(scrolled_page(feeds, pages_));
    diagram_ = new DiagramView(document_);
    diagram_->setObjectName("drawing");
    auto* sheets = scrolled(diagram_, pages_, true);
    pages_->addWidget(sheets);
    cables_ = new CablesView(document_);
    cables_->setObjectName("drawing");
    auto* cores = scrolled(cables_, pages_, true);
    pages_->addWidget(cores);
    const auto turn = [this, heading] {
        const int page = diagram_toggle_->isChecked() ? 1 : cables_toggle_->isChecked() ? 2 : 0;
        pages_->setCurrentIndex(page);
        const std::array titles{tr("Every feed, from fuse to load"), tr("Wiring diagram"),
                                tr("Cables, core by core")};
        const std::array hints{tr("Worst of mission, charge and heat. Click or drag a size."),
                               tr("Click a part or a wire; + and − zoom; the plan menu writes it to a file."),
                               tr("Click a core, an end or a label to change it; right-click for more.")};
        heading->set_title(titles[static_cast<size_t>(page)]);
        heading->set_hint(hints[static_cast<size_t>(page)]);
        if (page == 0) draw_chart();
    };
    for (auto* on : {diagram_toggle_, cables_toggle_})
        connect(on, &Toggle::toggled, this, [this, on, turn](bool checked) {
            for (auto* other : {diagram_toggle_, cables_toggle_})
                if (checked && other != on) other->setChecked(false);
            turn();
        });
    turn();
    connect(&document_, &Document::changed, this, &WiringStation::draw_chart);
    connect(&document_, &Document::selection_changed, this, &WiringStation::draw_chart);
}

void WiringStation::make_feeds_page(QWidget& page) {
    auto* column = new QVBoxLayout(&page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(u(6));
    list_ = new FeedList(document_, &page);
    list_->setObjectName("drawing");
    auto* area = scrolled(list_, &page, true);
    area->setMinimumHeight(u(80));  // its head and two rows
    column->addWidget(area, 3);
    strip_ = new StripView(document_, this);
    column->addWidget(strip_);
    connect(strip_, &StripView::fuse_asked, this, [this](size_t feed, QPoint at) {
        QMenu menu(this);
        list_->fill_fuse_menu(menu, feed);
        menu.exec(at);
    });
    connect(strip_, &StripView::wire_asked, this, [this](size_t feed, QPoint at) {
        QMenu menu(this);
        list_->fill_wire_menu(menu, feed);
        menu.exec(at);
    });
    connect(strip_, &StripView::length_asked, this, [this](size_t feed) { list_->edit_length(feed); });
    auto* below = new QHBoxLayout;
    below->setSpacing(u(10));
    auto* chart_card = new QWidget(this);
    chart_card->setObjectName("chart");
    chart_card->setStyleSheet(
        QStringLiteral("QWidget#chart{background:%1;border:1px solid %2;border-radius:6px}")
            .arg(theme().card.name(), theme().line.name()));
    auto* chart_column = new QVBoxLayout(chart_card);
    chart_column->setContentsMargins(u(10), u(6), u(8), u(4));
    chart_column->setSpacing(0);
    chart_column->addWidget(new Heading(tr("Which fails first: fuse or wire?"), {}, this, 14));
    chart_words_ = new QLabel(this);
    chart_words_->setWordWrap(true);
    chart_words_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    chart_column->addWidget(chart_words_);
    chart_ = new QCustomPlot(this);
    chart_->setAccessibleName(tr("Fuse against wire"));
    chart_column->addWidget(chart_, 1);
    below->addWidget(chart_card, 1);
    joint_ = new JointPanel(document_, this);
    below->addWidget(joint_, 1);
    column->addLayout(below, 2);
}

void WiringStation::draw_chart() {
    const auto& t = theme();
    chart_->clearItems();
    chart_->clearGraphs();
    if (!isVisible() || pages_->currentIndex() != 0) return;
    dress(*chart_);
    const auto at = JointPanel::feed_of(document_);
    chart_->setVisible(at.has_value());
    chart_words_->clear();
    if (!at) return;
    const auto& protection = document_.study().protection[*at];
    const auto& s = document_.study();
    const auto up = fuse_before(document_.plan(), s.solver->index(), s.protection, *at);
    const auto curves = feed_curves(protection, up && !protection.inherited ? &s.protection[*up] : nullptr);
    chart_words_->setText(QString::fromStdString((curves.sound ? "✓ " : "× ") + curves.words));
    chart_words_->setStyleSheet(
        QStringLiteral("color:%1;font-size:%2px").arg((curves.sound ? t.good : t.danger).name()).arg(u(12)));
    for (auto* axis : {chart_->xAxis, chart_->yAxis}) {
        axis->setScaleType(QCPAxis::stLogarithmic);
        const QSharedPointer<QCPAxisTickerLog> ticks(new QCPAxisTickerLog);
        // Its seven decades of seconds are named one by one only where their names have room.
        if (axis == chart_->yAxis && chart_->height() < u(140)) ticks->setLogBase(1000);
        axis->setTicker(ticks);
        axis->setNumberFormat("gb");
        axis->setNumberPrecision(0);
    }
    chart_->xAxis->setLabel(tr("amperes"));
    chart_->yAxis->setLabel(tr("seconds"));
    chart_->xAxis->setRange(curves.least_amps, curves.most_amps);
    chart_->yAxis->setRange(1e-3, 1e3);
    const auto draw = [&](const std::vector<CurrentTime>& points, const QPen& pen) {
        // A staircase goes back and forth in current: drawn as a curve, which keeps the order of its points.
        auto* line = new QCPCurve(chart_->xAxis, chart_->yAxis);
        QVector<double> x, y;
        for (const auto& p : points) x << p.amps, y << p.seconds;
        line->setData(x, y);
        line->setPen(pen);
    };
    chart_->clearPlottables();
    draw(curves.wire, QPen(t.ink, 2.2));
    draw(curves.slow, QPen(t.accent, 2.2));
    draw(curves.fast, QPen(t.accent, 1.4, Qt::DashLine));
    draw(curves.before, QPen(t.muted, 1.4, Qt::DotLine));
    draw(curves.load, QPen(t.cool, 2));
    const auto mark = [&](const std::vector<CurrentTime>& points, size_t i, const QString& words,
                          const QColor& c, Qt::Alignment side) {
        if (!points.empty())
            note(*chart_, points[std::min(i, points.size() - 1)].amps,
                 points[std::min(i, points.size() - 1)].seconds, words, c, side);
    };
    mark(curves.wire, curves.wire.size() * 2 / 3,
         protection.wire ? tell("{wire} is damaged", QString::fromStdString(size_words(*protection.wire)))
                         : QString(),
         t.ink, Qt::AlignRight | Qt::AlignBottom);
    // Beside the point of a curve that is nearest to that many seconds.
    const auto near = [](const std::vector<CurrentTime>& points, double seconds) {
        size_t best = 0;
        for (size_t i = 0; i < points.size(); ++i)
            if (std::abs(std::log(points[i].seconds / seconds)) <
                std::abs(std::log(points[best].seconds / seconds)))
                best = i;
        return best;
    };
    mark(curves.slow, near(curves.slow, 0.03),
         tell("{rating} fuse, latest", QString::fromStdString(format(protection.rating))), t.accent,
         Qt::AlignRight | Qt::AlignTop);
    if (chart_->height() > u(120))  // in less there is room for what matters more
        mark(
            curves.before, near(curves.before, 60),
            tell("{before_rating} before it, earliest", QString::fromStdString(format(curves.before_rating))),
            t.muted, Qt::AlignRight | Qt::AlignTop);
    mark(curves.load, curves.load.size() - 1, tr("load"), t.cool, Qt::AlignLeft | Qt::AlignBottom);
    if (curves.prospective > 0) {
        auto* line = new QCPItemStraightLine(chart_);
        line->point1->setCoords(curves.prospective, 1e-3);
        line->point2->setCoords(curves.prospective, 1e3);
        line->setPen(QPen(t.heat, 1.2, Qt::DotLine));
        note(*chart_, curves.prospective, 700,
             tell("short {prospective}", QString::fromStdString(format(Ampere(curves.prospective)))), t.heat,
             Qt::AlignRight | Qt::AlignTop);
    }
    if (chart_->viewport().width() > 40 && chart_->viewport().height() > 40)
        chart_->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace sangre::app
