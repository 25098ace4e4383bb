// The blocks of the flow map: the battery as a vessel, modules with their windows, loads with what they get.
#include "physics/battery/pack.h"
#include "physics/network/elements.h"
#include "plan/source.h"
#include "power/flow_map.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

/// Yes and no, as a part of what a stamp shows.
QString marks(std::initializer_list<bool> all) {
    QString said;
    for (const bool mark : all) said += mark ? '1' : '0';
    return said;
}

}  // namespace

QString FlowMap::lasts(size_t battery) const {
    const auto& m = document_.study().mission;
    for (const auto& pack : m.packs)
        if (std::find(pack.sources.begin(), pack.sources.end(), battery) != pack.sources.end())
            return pack.run_time_capped ? tr("> 1 year") : said(pack.run_time);
    return tr("—");
}

/// Of what is no pack: how much of what it has left continuously is asked of it.
void FlowMap::paint_source(QPainter& p, const Block& b, const Source& source, const QRectF& area) {
    const auto& t = theme();
    const auto& worst = document_.study().worst.packs[b.index];
    QString words;
    if (source.kind == SourceKind::panel) {
        const auto day = sun_day(source);
        words = tell("{poor} – {good} a day", said(day.poor), said(day.good));
    } else if (const auto left = left_for_good(source)) {
        const double share = raw(*left) > 0 ? raw(worst.continuous) / raw(*left) : 1;
        const QRectF bar(area.left(), area.top(), area.width(), u(6));
        p.setPen(Qt::NoPen);
        p.setBrush(t.sunken);
        p.drawRoundedRect(bar, 3, 3);
        p.setBrush(share > 1 ? t.danger : t.good);
        p.drawRoundedRect(QRectF(bar.left(), bar.top(), bar.width() * std::clamp(share, 0.0, 1.0), u(6)), 3,
                          3);
        words = tell("{continuous} of the {left} left for it", said(worst.continuous), said(*left));
    } else
        words = tell("{continuous} continuously", said(worst.continuous));
    p.setFont(face(11));
    p.setPen(t.muted);
    p.drawText(QRectF(area.left(), area.top() + u(10), area.width(), area.height() - u(10)),
               Qt::TextWordWrap | Qt::AlignTop, words);
}

void FlowMap::paint_battery(QPainter& p, const Block& b) {
    const auto& t = theme();
    const auto& s = document_.study();
    const auto& battery = document_.plan().sources[b.index];
    const auto* chemistry = sangre::find(document_.catalogue().chemistries, battery.chemistry);
    card(p, b.area, document_.selects(b.id));
    const double x = b.area.left() + u(10), w = b.area.width() - u(20);
    double y = b.area.top() + u(6);
    const auto line = [&](const QString& words, const QColor& c, const QFont& f) {
        text(p, QRectF(x, y, w, u(18)), words, c, f);
        y += u(17);
    };
    line(QString::fromStdString(battery.name), t.ink, face(14, true));
    const bool pack = battery.kind == SourceKind::pack;
    if (pack && chemistry)
        line(tell("{cells} {cells|cell|cells} · {capacity}", battery.series,
                  said(battery.cell_capacity * battery.parallel)),
             t.muted, face(12));
    if (!pack) line(words_of(source_volts(battery)), t.muted, face(12));
    if (!pack) line(words_of(source_more(battery)), t.muted, face(12));
    // A panel is looked at over the day, not at this instant.
    if (battery.kind != SourceKind::panel) {
        line(said(s.now.sources[b.index].volts), t.ink, face(13));
        line(said(s.now.sources[b.index].amps) + QStringLiteral("  ") + said(s.now.sources[b.index].watts),
             t.ink, face(12));
    }
    const auto tip = words_of(source_summary(battery, document_.catalogue()));
    auto& spot = add_spot({b.area, "part:" + QString::fromStdString(b.id), tip,
                           [this, id = b.id] { document_.select(id); },
                           [this, id = b.id, at = b.area.topRight()] { battery_menu(id, at); }});
    spot.name = QString::fromStdString(battery.name), spot.selected = document_.selects(b.id);
    if (battery.kind != SourceKind::panel)
        spot.value =
            tell("{volts}, {amps}", said(s.now.sources[b.index].volts), said(s.now.sources[b.index].amps));
    spot.how = pack ? tr("Right-click to type another pack or fit an old one to its measured discharge.")
                    : tr("Right-click to type it anew.");
    if (!pack) {
        paint_source(p, b, battery, QRectF(x, y + u(6), w, b.area.bottom() - y - u(14)));
        return;
    }
    const QRectF vessel(x, y + u(6), w, b.area.bottom() - y - u(32));
    const double charge = s.conditions.worst ? nearly_empty : s.conditions.charge;
    p.setPen(QPen(t.line, 1));
    p.setBrush(t.sunken);
    p.drawRoundedRect(vessel, 4, 4);
    p.setPen(Qt::NoPen);
    p.setBrush(t.accent);
    const double level = vessel.height() * charge;
    p.drawRoundedRect(QRectF(vessel.left(), vessel.bottom() - level, vessel.width(), level), 4, 4);
    const bool on_fill = charge > 0.5;
    text(p, vessel, QString::fromStdString(format_percent(charge)), on_fill ? t.accent_ink : t.ink,
         face(16, true), Qt::AlignCenter);
    text(p, QRectF(x, b.area.bottom() - u(22), w, u(18)), tell("lasts {lasts}", lasts(b.index)), t.muted,
         face(11), Qt::AlignCenter);
    const QRectF dial = vessel;
    add_spot({dial, "charge", tr("Charge"), {}, {}, Qt::PointingHandCursor, false}).how =
        tr("Click a level to look at that charge");
}

void FlowMap::paint_converter(QPainter& p, const Block& b) {
    const auto& t = theme();
    const auto& s = document_.study();
    const auto& c = document_.plan().converters[b.index];
    const auto* type = sangre::find(document_.catalogue().converters, c.type);
    const auto& now = s.now.converters[b.index];
    const auto& window = s.windows[b.index];
    const bool wrong = !window.holds(c.set), selected = document_.selects(b.id);
    const double x = b.area.left() + u(8), w = b.area.width() - u(14);
    const QRectF set(x, b.area.top() + u(20), w, u(16));
    const auto name = words_of(c.name);
    const auto setting = tell("set {setting}  ({window_words})", said(c.set), words_of(window_words(window)));
    const auto rise = type ? words_of(format_number(temperature_rise(*type, now.heat), 2)) : QString();
    const auto output =
        type ? tell("{out_amps} of {rated}", said(now.out_amps), said(type->rated * type->trusted))
             : QString();
    const auto heat = said(now.heat);
    const auto draw = [&](QPainter& to) {
        card(to, b.area, selected, wrong ? t.danger : QColor());
        text(to, QRectF(x, b.area.top() + u(3), w, u(17)), name, t.ink, face(12, true));
        text(to, set, setting, wrong ? t.danger : t.good, face(11));
        if (!type) return;
        // Output current against what the module is trusted with and what is printed on it.
        const QRectF bar(x, b.area.top() + u(40), w - u(4), u(5));
        const double used = std::clamp(raw(now.out_amps) / raw(type->rated), 0.0, 1.0);
        to.setPen(Qt::NoPen);
        to.setBrush(t.sunken);
        to.drawRoundedRect(bar, 2, 2);
        to.setBrush(used > type->trusted ? t.caution : t.good);
        to.drawRoundedRect(QRectF(bar.left(), bar.top(), bar.width() * used, bar.height()), 2, 2);
        to.setPen(QPen(t.ink, 1.4));
        to.drawLine(QPointF(bar.left() + bar.width() * type->trusted, bar.top() - 2),
                    QPointF(bar.left() + bar.width() * type->trusted, bar.bottom() + 2));
        const QRectF foot(x, b.area.top() + u(46), w - u(4), u(16));
        const auto warmer = tell("{heat}  +{rise} K", heat, rise);
        const bool fits = text_width(output, face(11)) + text_width(warmer, face(11)) + u(8) < foot.width();
        text(to, foot, output, t.muted, face(11));
        text(to, foot, fits ? warmer : heat, t.heat, face(11), Qt::AlignRight | Qt::AlignVCenter);
    };
    stamp(p, b.area, words_of(b.id),
          QStringList{name, setting, output, heat, rise, type ? words_of(type->id) : QString(),
                      marks({wrong, selected})}
              .join('\n'),
          draw);
    const auto in = said(now.in), out = said(now.out), kind = type ? words_of(type->name) + "\n" : QString();
    const Tip tip([=] {
        return kind + tell(
                          "In {volts_in}, out {volts_out}. The mark is its derated current; at the right its "
                          "dissipation{warm|, which makes it {rise} K warmer than the air|}.",
                          in, out, !rise.isEmpty(), rise);
    });
    auto& module = add_spot({b.area, "part:" + QString::fromStdString(b.id), tip,
                             [this, id = b.id] { document_.select(id); },
                             [this, id = b.id, at = b.area.bottomLeft()] { rail_menu(id, at); }});
    module.name = name, module.value = tell("{volts}, {amps}", output, heat), module.selected = selected;
    module.how = tr("Right-click, or drag it, to split, merge or feed it from elsewhere.");
    add_spot({set,
              "set:" + QString::fromStdString(b.id),
              tr("Type another set voltage"),
              [this, id = c.id, set] { set_voltage(id, set); },
              {},
              Qt::IBeamCursor,
              true,
              tell("Set voltage of {name}", name),
              setting});
}

void FlowMap::paint_load(QPainter& p, const Block& b) {
    const auto& t = theme();
    const auto& l = document_.plan().loads[b.index];
    const auto& now = document_.study().now.loads[b.index];
    const auto& worst = document_.study().worst.loads[b.index];
    const bool starved = raw(worst.lowest) > 0 && worst.lowest<l.v_min, over = worst.highest> l.v_max;
    const bool wrong = starved || over, selected = document_.selects(b.id);
    const bool off = raw(now.amps) < 1e-6;
    const auto name = QString::fromStdString(l.name);
    const auto figures = off         ? tr("off")
                         : grouped() ? said(now.watts)
                                     : said(now.volts) + "  " + said(now.amps);
    const auto watts = said(now.watts);
    const bool tall = b.area.height() >= u(34), peaky = b.area.height() > u(58) && l.peak > l.typical;
    const auto peak =
        peaky ? tell("peak {peak} for {peak_time}", said(l.peak), said(l.peak_time)) : QString();
    const auto draw = [&](QPainter& to) {
        card(to, b.area, selected, wrong ? t.danger : QColor());
        const QRectF inner = b.area.adjusted(u(9), u(3), -u(6), -u(3));
        if (!tall) {
            // The figures stand whole; the name gives way.
            const double needed = text_width(figures, face(11)) + u(6);
            text(to, QRectF(inner.left(), inner.top(), inner.width() - needed, inner.height()), name, t.ink,
                 face(12, true));
            text(to, QRectF(inner.right() - needed, inner.top(), needed, inner.height()), figures, t.muted,
                 face(11), Qt::AlignRight | Qt::AlignVCenter);
            return;
        }
        text(to, QRectF(inner.left(), inner.top(), inner.width(), u(18)), name, t.ink, face(13, true));
        text(to, QRectF(inner.left(), inner.top() + u(17), inner.width(), u(17)),
             off ? figures : figures + "  " + watts, off ? t.muted : t.ink, face(12));
        text(to, QRectF(inner.left(), inner.top() + u(33), inner.width(), u(17)), peak, t.muted, face(11));
    };
    stamp(p, b.area, QString::fromStdString(b.id),
          QStringList{name, figures, watts, peak, marks({off, selected, wrong})}.join('\n'), draw);
    auto& spot = add_spot({b.area, "part:" + QString::fromStdString(b.id), name,
                           [this, id = b.id] { document_.select(id); },
                           [this, id = b.id, at = b.area.bottomLeft()] {
                               const auto into = feeds_into(document_.plan(), id);
                               if (!into.empty()) feed_menu(document_.plan().feeds()[into.front()].id, at);
                           }});
    spot.name = name, spot.value = off ? figures : tell("{volts}, {amps}", figures, watts),
    spot.selected = selected;
    spot.how = tr("Drag it onto another rail to feed it from there; right-click for its feed.");
}

}  // namespace sangre::app
