#include "shell/station_bar.h"
#include "widgets/words.h"

namespace sangre::app {

StationBar::StationBar(QWidget* parent) : Canvas(tr("Stations"), parent) { setFixedWidth(u(92)); }

QString StationBar::station_name(Station s) {
    switch (s) {
        case Station::loads:
            return tr("Loads");
        case Station::power:
            return tr("Power");
        case Station::wiring:
            return tr("Wiring");
        case Station::routing:
            return tr("Routing");
        case Station::build:
            return tr("Build");
        case Station::bench:
            return tr("Bench");
        case Station::log:
            return tr("Log");
    }
    return {};
}

QSize StationBar::sizeHint() const { return {u(92), u(64) * station_count}; }

void StationBar::set_badges(const std::array<Badge, station_count>& badges) {
    if (badges == badges_) return;
    badges_ = badges;
    update();
}

void StationBar::set_current(Station station) {
    current_ = station;
    setFixedWidth(u(92));
    update();
}

void StationBar::paint(QPainter& p) {
    const auto& t = theme();
    for (int i = 0; i < station_count; ++i) {
        const auto station = static_cast<Station>(i);
        // Closer where text is large and the window low: all of them are always there.
        const double step = std::min<double>(u(62), (height() - u(8)) / double(station_count));
        const QRectF area(0, u(8) + i * step, width(), step - u(6));
        const bool here = station == current_;
        if (here) {
            p.fillRect(area, t.paper);
            p.fillRect(QRectF(0, area.top(), u(4), area.height()), t.accent);
        }
        text(p, area.adjusted(u(4), step < u(50) ? u(16) : 0, 0, 0), station_name(station),
             here ? t.accent : t.ink, face(14, here), Qt::AlignCenter);
        const auto& badge = badges_[static_cast<size_t>(i)];
        if (badge.count > 0) {
            const QString words = badge.count > 99 ? QStringLiteral("99+") : QString::number(badge.count);
            const double w = std::max<double>(u(22), text_width(words, face(11, true)) + u(12));
            const QRectF pill(width() - w - u(6), area.top() + u(4), w, u(16));
            p.setPen(Qt::NoPen);
            p.setBrush(badge.urgent ? t.caution : t.line);
            p.drawRoundedRect(pill, pill.height() / 2, pill.height() / 2);
            text(p, pill, words, badge.urgent ? t.accent_ink : t.ink, face(11, true), Qt::AlignCenter);
        }
        auto& spot =
            add_spot({area, station_name(station), badge.tip, [this, station] { emit chosen(station); }, {}});
        spot.name = station_name(station), spot.selected = here;
        spot.how = tell("{station_name} (Alt+{number})", station_name(station), i + 1);
        if (badge.count > 0) spot.value = QString::number(badge.count);
    }
}

}  // namespace sangre::app
