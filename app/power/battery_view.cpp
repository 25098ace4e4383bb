#include "power/battery_view.h"

#include <QPainterPath>
#include <cmath>

#include "physics/battery/pack.h"
#include "shell/settings.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

double pack_height() { return u(30); }
double picture_height() { return u(236); }

/// A scale by ratio, with room at both ends.
struct Logarithmic {
    double low, high, from, to;
    double at(double value) const {
        return from + (std::log(std::max(value, low)) - std::log(low)) / (std::log(high) - std::log(low)) *
                          (to - from);
    }
    /// 1, 2 and 5 of every decade.
    std::vector<double> ticks() const {
        std::vector<double> all;
        const int first = static_cast<int>(std::floor(std::log10(low))),
                  last = static_cast<int>(std::log10(high)) + 1;
        for (int decade = first; decade <= last; ++decade)
            for (const double step : {1.0, 2.0, 5.0})
                if (const double tick = step * std::pow(10, decade); tick >= low && tick <= high)
                    all.push_back(tick);
        return all;
    }
};

/// Each chemistry has its own shape, so that it does not rest on colour.
void draw_mark(QPainter& p, QPointF at, double r, size_t shape) {
    QPolygonF outline;
    const int corners[] = {0, 4, 3, 6, 5, 8};
    const int n = corners[shape % 6];
    if (n == 0) return p.drawEllipse(at, r, r);
    for (int i = 0; i < n; ++i) {
        const double angle = 2 * M_PI * i / n - M_PI / 2 + (n == 4 ? M_PI / 4 : 0);
        outline << at + QPointF(std::cos(angle), std::sin(angle)) * r * 1.2;
    }
    p.drawPolygon(outline);
}

/// A cell that the catalogue has lost since is called by its id.
QString cell_name(const Catalogue& catalogue, const Id& cell) {
    const auto* type = sangre::find(catalogue.cells, cell);
    return type ? words_of(type->name) : QString::fromStdString(cell);
}

size_t shape_of(const Catalogue& catalogue, const Id& chemistry) {
    for (size_t i = 0; i < catalogue.chemistries.size(); ++i)
        if (catalogue.chemistries[i].id == chemistry) return i;
    return 0;
}

}  // namespace

BatteryView::BatteryView(Document& document, QWidget* parent)
    : Canvas(tr("Batteries compared"), parent), document_(document) {
    pause_.setSingleShot(true);
    pause_.setInterval(200);
    connect(&pause_, &QTimer::timeout, this, &BatteryView::compare);
    connect(&document_, &Document::changed, this, [this] {
        if (isVisible() && !ready()) pause_.start();
    });
    work_.setMaxThreadCount(1);
}

void BatteryView::showEvent(QShowEvent* e) {
    Canvas::showEvent(e);
    if (!ready()) compare();
}

void BatteryView::compare() {
    if (busy_) return pause_.start();
    busy_ = true;
    update();
    work_.start([this, plan = document_.kept_plan(), parts = document_.kept_catalogue()] {
        auto found = std::make_shared<BatteryComparison>(compare_batteries(*plan, *parts));
        QMetaObject::invokeMethod(
            this,
            [this, plan, found] {
                busy_ = false;
                comparison_ = std::move(*found);
                of_ = plan;
                chosen_ = 0;
                setMinimumHeight(minimumSizeHint().height());
                update();
                if (!ready()) pause_.start();
            },
            Qt::QueuedConnection);
    });
}

size_t BatteryView::front_size() const {
    return static_cast<size_t>(std::count_if(comparison_.candidates.begin(), comparison_.candidates.end(),
                                             [](const auto& c) { return c.front; }));
}

QSize BatteryView::minimumSizeHint() const {
    const double rows = static_cast<double>(comparison_.candidates.size() - front_size());
    return {u(560), static_cast<int>(picture_height() + u(96) +
                                     pack_height() * static_cast<double>(front_size()) + u(27) * rows)};
}

void BatteryView::point_at(size_t candidate) {
    chosen_ = candidate;
    document_.show_why(
        explain_battery(comparison_.candidates[candidate], document_.plan(), document_.catalogue()));
    update();
}

QString BatteryView::name_of_pack(const Source& battery) const {
    const auto* chemistry = sangre::find(document_.catalogue().chemistries, battery.chemistry);
    return chemistry ? words_of(pack_short(battery, *chemistry)) : QString::fromStdString(battery.chemistry);
}

void BatteryView::take(size_t candidate) {
    if (candidate >= comparison_.candidates.size()) return;
    const auto battery = comparison_.candidates[candidate].battery;
    const auto name = name_of_pack(battery);
    document_.apply_and_tell(take_battery(battery, document_.catalogue()), name);
}

void BatteryView::paint(QPainter& p) {
    const auto& t = theme();
    if (comparison_.candidates.empty()) {
        card(p, QRectF(0, 0, width() - 1, u(96)));
        const bool nothing = document_.plan().loads.empty() || document_.plan().phases.empty();
        text(p, QRectF(u(18), u(16), width() - u(36), u(28)),
             busy_     ? tr("Comparing packs …")
             : nothing ? tr("No mission to choose a battery for yet.")
                       : QString(),
             t.ink, face(16, true));
        if (nothing && !busy_)
            text(p, QRectF(u(18), u(46), width() - u(36), u(22)),
                 tr("Type loads at the first station (Alt+1) and paint when they run."), t.muted, face(13));
        return;
    }
    double y = draw_picture(p, 0);
    y = draw_rows(p, y + u(8));
    draw_fallen(p, y + u(14));
}

double BatteryView::draw_picture(QPainter& p, double top) {
    const auto& t = theme();
    const QRectF area(0, top, width() - 1, picture_height());
    card(p, area);
    const auto& all = comparison_.candidates;
    double least_kg = 1e9, most_kg = 0, least_h = 1e9, most_h = 0;
    for (const auto& c : all) {
        if (!c.front) continue;
        least_kg = std::min(least_kg, raw(c.mass) / 1e3), most_kg = std::max(most_kg, raw(c.mass) / 1e3);
        least_h = std::min(least_h, raw(c.run_time) / 3600),
        most_h = std::max(most_h, raw(c.run_time) / 3600);
    }
    if (const auto& now = comparison_.present; now && now->serves) {
        least_kg = std::min(least_kg, raw(now->mass) / 1e3),
        most_kg = std::max(most_kg, raw(now->mass) / 1e3);
        least_h = std::min(least_h, raw(now->run_time) / 3600),
        most_h = std::max(most_h, raw(now->run_time) / 3600);
    }
    if (front_size() == 0) {
        text(p, area.adjusted(u(18), 0, -u(18), 0),
             tr("No pack of the catalogue's cells serves this mission; the "
                "reasons stand below."),
             t.ink, face(15, true), Qt::AlignCenter);
        return area.bottom();
    }
    const Logarithmic x{least_kg / 1.35, most_kg * 1.9, area.left() + u(58), area.right() - u(16)};
    const Logarithmic y{least_h / 1.5, most_h * 1.35, area.bottom() - u(34), area.top() + u(30)};
    text(p, QRectF(area.left() + u(14), area.top() + u(6), width() - u(28), u(20)),
         tr("Run time against mass: light is left, lasting is up"), t.muted, face(12));
    for (const double kg : x.ticks()) {
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(x.at(kg), y.from), QPointF(x.at(kg), y.to));
        text(p, QRectF(x.at(kg) - u(34), y.from + u(4), u(68), u(16)), said(Gram(kg * 1e3)), t.muted,
             face(11), Qt::AlignCenter);
    }
    for (const double h : y.ticks()) {
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(x.from, y.at(h)), QPointF(x.to, y.at(h)));
        text(p, QRectF(area.left() + u(2), y.at(h) - u(8), u(60), u(16)), said(Second(h * 3600)), t.muted,
             face(11), Qt::AlignRight | Qt::AlignVCenter);
    }
    p.save();
    p.setClipRect(QRectF(QPointF(x.from, y.to), QPointF(x.to, y.from)).normalized());
    for (const auto& c : all) {
        if (c.front || !c.serves) continue;
        p.setPen(Qt::NoPen);
        p.setBrush(t.line);
        p.drawEllipse(QPointF(x.at(raw(c.mass) / 1e3), y.at(raw(c.run_time) / 3600)), u(2.5), u(2.5));
    }
    p.restore();
    std::vector<QRectF> taken;
    if (const auto& now = comparison_.present; now && now->serves) {
        const QPointF at(x.at(raw(now->mass) / 1e3), y.at(raw(now->run_time) / 3600));
        p.setPen(QPen(t.accent, 1.5, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(at, u(9), u(9));
        const QRectF words(at.x() + u(12), at.y() + u(4), u(80), u(16));
        taken.push_back(words);
        text(p, words, tr("now"), t.accent, face(12, true));
        add_spot({QRectF(at - QPointF(u(10), u(10)), QSizeF(u(20), u(20))),
                  "now",
                  tell("The plan's own: {name_of_pack}, {mass}, {run_time}", name_of_pack(now->battery),
                       said(now->mass), said(now->run_time)),
                  {},
                  {},
                  Qt::WhatsThisCursor,
                  false});
    }
    for (size_t i = 0; i < all.size() && all[i].front; ++i) {
        const auto& c = all[i];
        const QPointF at(x.at(raw(c.mass) / 1e3), y.at(raw(c.run_time) / 3600));
        const bool here = i == chosen_;
        p.setPen(QPen(here ? t.accent : t.ink, here ? 2 : 1));
        p.setBrush(here ? t.accent : t.flow_soft);
        draw_mark(p, at, u(6), shape_of(document_.catalogue(), c.battery.chemistry));
        const auto label = QStringLiteral("%1 · %2").arg(i + 1).arg(said(c.nominal));
        QRectF words(at.x() + u(10), at.y() - u(8), text_width(label, face(12, here)) + u(4), u(16));
        if (words.right() > area.right() - u(6)) words.moveRight(at.x() - u(10));
        for (int tries = 0; tries < 4; ++tries)
            for (const auto& other : taken)
                if (other.intersects(words)) words.moveTop(other.bottom());
        taken.push_back(words);
        text(p, words, label, here ? t.accent : t.ink, face(12, here));
        add_spot({QRectF(at - QPointF(u(10), u(10)), QSizeF(u(20), u(20))),
                  QStringLiteral("mark%1").arg(i),
                  tell("{name_of_pack}: {mass}, {run_time}", name_of_pack(c.battery), said(c.mass),
                       said(c.run_time)),
                  [this, i] { point_at(i); },
                  {},
                  Qt::PointingHandCursor,
                  false});
    }
    return area.bottom();
}

double BatteryView::draw_rows(QPainter& p, double top) {
    const auto& t = theme();
    struct Column {
        QString title, tip;
        double width;
    };
    std::array columns{Column{tr("runs"), tr("From full, working without a pause, in the coldest air"), 104},
                       Column{tr("mass"), tr("Cells, holders and wrap"), 56},
                       Column{tr("cost"), tr("In the catalogue's typical money"), 56},
                       Column{tr("at worst"), tr("Pack voltage in the one-second peak, nearly empty"), 60},
                       Column{tr("of limit"), tr("One-second peak exceeds the cells' rating"), 54},
                       Column{tr("rails"), tr("Modules that its voltage forces"), 40},
                       Column{tr("stands"), tr("Full to empty in the quietest phase"), 66},
                       Column{tr("charges"), tr("Empty to full at the usual current"), 78}};
    // Titles in other languages are longer.
    for (auto& c : columns)
        c.width = std::max(c.width, QFontMetricsF(face(11)).horizontalAdvance(c.title) * 100 / u(100) + 8);
    // In a narrow window the name comes before what can be read in the Why panel.
    if (width() < u(760)) columns[4].width = columns[6].width = 0;
    const double take_width = u(52);
    double columns_left = width() - take_width - u(10);
    for (const auto& c : columns) columns_left -= u(c.width);
    const auto cells = [&](double y, const std::array<QString, 8>& words, const QColor& colour,
                           const QFont& f) {
        double x = columns_left;
        for (size_t i = 0; i < columns.size(); ++i) {
            if (columns[i].width == 0) continue;
            text(p, QRectF(x, y, u(columns[i].width) - u(6), pack_height()), words[i], colour, f,
                 Qt::AlignRight | Qt::AlignVCenter);
            x += u(columns[i].width);
        }
    };
    std::array<QString, 8> titles;
    double x = columns_left;
    for (size_t i = 0; i < columns.size(); ++i) {
        titles[i] = columns[i].title;
        if (columns[i].width == 0) continue;
        add_spot({QRectF(x, top, u(columns[i].width), u(22)),
                  "title:" + columns[i].title,
                  columns[i].tip,
                  {},
                  {},
                  Qt::WhatsThisCursor,
                  false});
        x += u(columns[i].width);
    }
    cells(top - u(4), titles, t.muted, face(12));
    double y = top + u(22);
    const auto& all = comparison_.candidates;
    for (size_t i = 0; i < all.size() && all[i].front; ++i, y += pack_height()) {
        const auto& c = all[i];
        const QRectF row(0, y, width() - 1, pack_height() - 2);
        const bool here = i == chosen_;
        card(p, row, here);
        p.setPen(QPen(here ? t.accent : t.ink, 1));
        p.setBrush(here ? t.accent : t.flow_soft);
        draw_mark(p, QPointF(u(32), row.center().y()), u(5),
                  shape_of(document_.catalogue(), c.battery.chemistry));
        text(p, QRectF(0, y, u(20), pack_height() - 2), QString::number(i + 1), t.muted, face(12),
             Qt::AlignRight | Qt::AlignVCenter);
        const auto name = name_of_pack(c.battery);
        text(p, QRectF(u(44), y, columns_left - u(46), pack_height() - 2), name, t.ink, face(13, here));
        cells(y - 1,
              {said(c.run_time), said(c.mass), money(std::round(c.cost)), said(c.at_worst),
               words_of(format_percent(c.share_of_limit)), QString::number(c.rails),
               c.standby_days >= 730 ? tr("years")
                                     : tell("{days} d", static_cast<int>(std::round(c.standby_days))),
               said(c.charging)},
              t.ink, face(12));
        add_spot({row.adjusted(0, 0, -take_width - u(6), 0),
                  QStringLiteral("pack%1").arg(i),
                  name + "\n" + cell_name(document_.catalogue(), c.cell),
                  [this, i] { point_at(i); },
                  {}});
        const QRectF take_area(width() - take_width - u(5), y + u(3), take_width, pack_height() - u(8));
        p.setPen(Qt::NoPen);
        p.setBrush(here ? t.accent : t.sunken);
        p.drawRoundedRect(take_area, u(5), u(5));
        text(p, take_area, tr("Take"), here ? t.accent_ink : t.ink, face(12, true), Qt::AlignCenter);
        add_spot({take_area,
                  QStringLiteral("take%1").arg(i),
                  tr("Put it into the plan and wire the plan for it"),
                  [this, i] { take(i); },
                  {}});
    }
    return y;
}

void BatteryView::draw_fallen(QPainter& p, double top) {
    const auto& t = theme();
    const auto& all = comparison_.candidates;
    const auto from = front_size();
    text(p, QRectF(u(4), top, width() - u(8), u(22)),
         tell("{fails|The plan's own pack does not serve: {why_not}.  |}{count|Another ruled out:|{count} "
              "others ruled out, the lightest first:}",
              comparison_.present && !comparison_.present->serves,
              comparison_.present ? words_of(comparison_.present->why_not) : QString(), all.size() - from),
         t.muted, face(13, true));
    double y = top + u(24);
    const auto seen = visibleRegion().boundingRect();
    for (size_t i = from; i < all.size(); ++i, y += u(27)) {
        if (y + u(27) < seen.top() || y > seen.bottom()) continue;
        const auto& c = all[i];
        const auto name = name_of_pack(c.battery);
        const double split = width() * 0.42;
        text(p, QRectF(u(8), y, split - u(12), u(27)), name, c.serves ? t.ink : t.muted, face(12));
        text(p, QRectF(split, y, width() - split - u(8), u(27)), words_of(c.why_not), t.muted, face(12));
        add_spot({QRectF(u(4), y, width() - u(8), u(27)),
                  QStringLiteral("fallen%1").arg(i),
                  name + ": " + words_of(c.why_not),
                  [this, i] { point_at(i); },
                  {},
                  Qt::PointingHandCursor});
    }
}

}  // namespace sangre::app
