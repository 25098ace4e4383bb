#include "wiring/cables_view.h"

#include <QMenu>

#include "physics/parts/wire_size.h"
#include "plan/edits.h"
#include "widgets/words.h"
#include "wiring/cable/cable.h"
#include "wiring/cable/supplied.h"
#include "wiring/core_drawing.h"

namespace sangre::app {
namespace {

double head_tall() { return u(46); }
double core_tall() { return u(26); }
double bar_tall() { return u(44); }
double offer_tall() { return u(124); }

}  // namespace

CablesView::CablesView(Document& document, QWidget* parent)
    : Canvas(tr("Cables"), parent), document_(document) {
    connect(&document_, &Document::changed, this, &Canvas::fit_height);
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
    fit_height();
}

double CablesView::card_height(const Lead& cable) const {
    return head_tall() + core_tall() * static_cast<double>(cable.cores.size()) + u(14);
}

double CablesView::top_of(size_t cable) const {
    double top = bar_tall();
    const auto all = cabled_leads(document_.plan());
    for (size_t c = 0; c < cable; ++c) top += card_height(*all[c]) + u(8);
    return top;
}

QSize CablesView::sizeHint() const { return {u(640), static_cast<int>(passives_top() + passives_tall())}; }

double CablesView::passives_top() const {
    double tall = top_of(cabled_leads(document_.plan()).size());
    if (cabled_leads(document_.plan()).empty()) tall += 3 * (offer_tall() + u(10)) + u(10);
    return tall;
}

void CablesView::change(size_t cable, const std::function<void(Lead&)>& how, const QString& what) {
    auto next = *cabled_leads(document_.plan())[cable];
    how(next);
    document_.apply([next](const Plan& p) { return put_cable(p, next); }, what);
}

void CablesView::add_cable(CablePreset preset) {
    const auto& plan = document_.plan();
    if (plan.loads.empty()) return;
    // Between the selected load and what carries most signals, or the first two.
    const auto* chosen = by_id(plan.loads, document_.selection());
    const auto& from = chosen ? chosen->id : plan.loads.front().id;
    const auto& to = plan.loads.back().id == from ? plan.loads.front().id : plan.loads.back().id;
    auto cable = make_cable(plan, preset, from, to);
    cable.id = fresh_id(plan, "cable", cable.name);
    document_.apply([cable](const Plan& p) { return put_cable(p, cable); },
                    tell("Add a {word}", words_of(preset_name(preset))));
    document_.select(cable.id);
}

void CablesView::paint(QPainter& p) {
    const auto& t = theme();
    core_rows_.clear();
    const auto cables = cabled_leads(document_.plan());
    const QRectF button(0, u(4), u(150), u(30));
    p.setPen(QPen(t.accent, 1));
    p.setBrush(t.card);
    p.drawRoundedRect(button, 6, 6);
    text(p, button, tr("Add a cable  ▾"), t.accent, face(13, true), Qt::AlignCenter);
    add_spot({button,
              "add",
              tr("A ready-made one to start from; its ends and cores are changed where they stand"),
              [this, button] {
                  QMenu menu(this);
                  for (const auto preset : cable_presets())
                      menu.addAction(menu_words(words_of(preset_name(preset))), this,
                                     [this, preset] { add_cable(preset); });
                  menu.setEnabled(!document_.plan().loads.empty());
                  menu.exec(mapToGlobal(button.bottomLeft().toPoint()));
              },
              {}});
    paint_passives(p);
    if (cables.empty()) return paint_offers(p);
    for (size_t c = 0; c < cables.size(); ++c) paint_cable(p, c, top_of(c));
}

void CablesView::paint_offers(QPainter& p) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    text(p, QRectF(u(166), u(4), width() - u(170), u(30)),
         plan.loads.empty()
             ? tr("List loads first: a cable joins two of them.")
             : tr("No cables yet. Take one to start from; its ends and cores change where they "
                  "stand."),
         t.muted, face(13));
    if (plan.loads.empty()) return;
    const double gap = u(10), wide = (width() - gap) / 2.0;
    size_t n = 0;
    for (const auto preset : cable_presets()) {
        const auto example = make_cable(plan, preset, plan.loads.front().id, plan.loads.back().id);
        const size_t line = n / 2;
        const QRectF area(static_cast<double>(n % 2) * (wide + gap),
                          bar_tall() + u(6) + static_cast<double>(line) * (offer_tall() + gap), wide - 1,
                          offer_tall());
        card(p, area);
        text(p, QRectF(area.left() + u(12), area.top() + u(7), wide - u(24), u(20)),
             words_of(preset_name(preset)), t.ink, face(13, true));
        text(p, QRectF(area.left() + u(12), area.top() + u(26), wide - u(24), u(18)),
             words_of(preset_use(preset)), t.muted, face(12));
        const double top = area.top() + u(50),
                     tall = (area.bottom() - u(10) - top) /
                            static_cast<double>(std::max<size_t>(example.cores.size(), 4));
        for (size_t i = 0; i < example.cores.size(); ++i)
            draw_core(p, example, i, area.left() + u(14), area.right() - u(14),
                      top + tall * (static_cast<double>(i) + 0.5), tall, std::min<double>(u(4), tall * 0.5));
        add_spot({area,
                  QStringLiteral("offer %1").arg(n),
                  tell("Add a {word}", words_of(preset_name(preset))),
                  [this, preset] { add_cable(preset); },
                  {}});
        ++n;
    }
}

void CablesView::paint_cable(QPainter& p, size_t cable, double top) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& c = *cabled_leads(plan)[cable];
    const QRectF area(0, top, width() - 1, card_height(c));
    bool bad = false;
    for (const auto& f : document_.study().findings)
        bad = bad || (f.severity == Severity::danger &&
                      std::find(f.about.begin(), f.about.end(), c.id) != f.about.end());
    card(p, area, document_.selects(c.id), bad ? t.danger : QColor());
    const auto key = QString::number(cable);
    auto& whole = add_spot({area, "cable " + key, words_of(lead_name(plan, c)),
                            [this, id = c.id] { document_.select(id); },
                            [this, cable, area] {
                                QMenu menu(this);
                                fill_cable_menu(menu, cable);
                                menu.exec(mapToGlobal(area.topLeft().toPoint() + QPoint(u(20), u(20))));
                            }});
    text(p, QRectF(u(12), top + u(5), width() * 0.45, u(19)),
         tell("C{cable}  {lead}", cable + 1, words_of(lead_name(plan, c))), t.ink, face(13, true));
    const auto* wire = sangre::find(document_.catalogue().wires, c.wire);
    // Of one that feeds, what it comes to.
    const auto& feeds = plan.feeds();
    const auto fed = std::find_if(feeds.begin(), feeds.end(), [&](const auto& f) { return f.id == c.id; });
    const auto* worst = fed == feeds.end()
                            ? nullptr
                            : &document_.study().worst.feeds[static_cast<size_t>(fed - feeds.begin())];
    auto figures = tell("{cores} {cores|core|cores} of {wire}", c.cores.size(),
                        wire ? words_of(size_words(*wire)) : tr("no wire"));
    // What nobody has said is no 0 V.
    if (const auto volts = worst ? worst->highest_end : c.volts; raw(volts) > 0)
        figures = said(volts) + QStringLiteral(" · ") + figures;
    if (worst)
        figures += QStringLiteral(" · ") + tell("feeds {part} with {continuous}",
                                                words_of(name_of(plan, c.to)), said(worst->continuous));
    else if (raw(c.amps) > 0)
        figures += QStringLiteral(" · ") + tell("{amps} through its supply", said(c.amps));
    if (c.terminated) figures += QStringLiteral(" · ") + tr("a resistor at both ends");
    if (const auto words = supplied_words(plan, document_.catalogue(), c); !words.empty())
        figures += QStringLiteral(" · ") + words_of(words);
    whole.value = figures, whole.selected = document_.selects(c.id);
    text(p, QRectF(u(12), top + u(23), width() - u(250), u(18)), figures, t.muted, face(12));
    const QRectF label(width() - u(230), top + u(8), u(188), u(22));
    p.setPen(QPen(t.line, 1, c.label.empty() ? Qt::DashLine : Qt::SolidLine));
    p.setBrush(t.paper);
    p.drawRoundedRect(label, 4, 4);
    text(p, label.adjusted(u(6), 0, -u(6), 0), c.label.empty() ? tr("no label") : words_of(c.label),
         c.label.empty() ? t.muted : t.ink, face(12, !c.label.empty()), Qt::AlignCenter);
    add_spot({label,
              "label " + key,
              tr("What is written on both ends"),
              [this, cable, label] {
                  ask_text(
                      cable, label, words_of(cabled_leads(document_.plan())[cable]->label),
                      [](Lead& k, const QString& typed) {
                          k.label = typed.trimmed().toStdString();
                          return QString();
                      },
                      tr("Label a cable"));
              },
              {},
              Qt::IBeamCursor});
    const QRectF more(width() - u(34), top + u(8), u(24), u(22));
    text(p, more, QStringLiteral("▾"), t.accent, face(14, true), Qt::AlignCenter);
    add_spot({more,
              "more " + key,
              tr("Kind, ends, volts, wire, cores"),
              [this, cable, more] {
                  QMenu menu(this);
                  fill_cable_menu(menu, cable);
                  menu.exec(mapToGlobal(more.bottomLeft().toPoint()));
              },
              {}});
    double y = top + head_tall();
    for (size_t i = 0; i < c.cores.size(); ++i, y += core_tall())
        paint_core(p, cable, i, QRectF(u(12), y, width() - u(25), core_tall()));
    for (const bool source : {true, false}) {
        const QRectF end(source ? u(12.0) : width() - u(154.0), top + head_tall(), u(140),
                         y - top - head_tall());
        const auto name = words_of(name_of(plan, source ? c.from : c.to));
        p.setPen(QPen(t.line, 1));
        p.setBrush(t.sunken);
        const QRectF body = source ? end.adjusted(0, 0, -u(34), 0) : end.adjusted(u(34), 0, 0, 0);
        p.drawRoundedRect(body, 5, 5);
        text(p, body.adjusted(u(6), 0, -u(6), 0), name, t.ink, face(12, true), Qt::AlignCenter);
        add_spot({body,
                  (source ? "from " : "to ") + key,
                  tr("Choose another part"),
                  [this, cable, source, body] { choose_end(cable, source, body.bottomLeft()); },
                  {}});
    }
}

void CablesView::paint_core(QPainter& p, size_t cable, size_t core, const QRectF& row) {
    const auto& t = theme();
    const auto& c = *cabled_leads(document_.plan())[cable];
    const auto& k = c.cores[core];
    const double left = row.left() + u(106), right = row.right() - u(107), y = row.center().y();
    const QRectF pin_from(left, y - u(9), u(34), u(18)), pin_to(right - u(34), y - u(9), u(34), u(18));
    const auto pin = [&](const QRectF& at, const std::string& name) {
        p.setPen(QPen(t.line, 1));
        p.setBrush(t.card);
        p.drawRoundedRect(at, 3, 3);
        text(p, at, words_of(name), t.ink, face(12, true), Qt::AlignCenter);
    };
    const double x0 = pin_from.right(), x1 = pin_to.left();
    const bool loose = k.role == CoreRole::unused;
    draw_core(p, c, core, x0, x1, y, core_tall(), u(4));
    pin(pin_from, k.from_pin);
    pin(pin_to, loose && k.to_pin.empty() ? std::string("–") : k.to_pin);
    auto words = words_of(sangre::said(k.colour)) +
                 (k.signal.empty() ? QString() : QStringLiteral("  ") + words_of(k.signal));
    if (loose) words += QStringLiteral("  ") + (k.cut_back ? tr("unused, cut back") : tr("unused"));
    if (k.doubled > 0) words += QStringLiteral("  ") + tell("doubled {doubled}", k.doubled);
    if (k.twist > 0 && !loose) words += QStringLiteral("  ") + tell("twisted {twist}", k.twist);
    const double wide = std::min(text_width(words, face(12, true)) + u(16), x1 - x0);
    const QRectF tag((x0 + x1 - wide) / 2, y - core_tall() / 2, wide, core_tall());
    p.setPen(Qt::NoPen);
    p.setBrush(document_.selects(c.id) ? t.accent_soft : t.card);
    p.drawRoundedRect(tag, 4, 4);
    text(p, tag, words, t.ink, face(12, true), Qt::AlignCenter);
    const auto key = QStringLiteral("core %1 %2").arg(cable).arg(core);
    core_rows_[key] = QRectF(x0, row.top(), x1 - x0, row.height());
    auto& spot = add_spot({core_rows_[key],
                           key,
                           tr("Typed as: pin colour signal > pin, twisted 1, doubled 1, unused, cut back"),
                           [this, cable, core] { edit_core(cable, core); },
                           {},
                           Qt::IBeamCursor});
    spot.name = tell("Core {core}", core + 1), spot.value = words_of(core_line(k));
}

void CablesView::edit_core(size_t cable, size_t core) {
    const auto& c = *cabled_leads(document_.plan())[cable];
    document_.select(c.id);
    const auto row = core_rows_[QStringLiteral("core %1 %2").arg(cable).arg(core)];
    edit_at(
        QRectF(row.left(), row.top(), std::min<double>(row.width(), u(330)), row.height()),
        words_of(core_line(c.cores[core])), [this, cable, core](const QString& typed) -> QString {
            if (cable >= cabled_leads(document_.plan()).size() ||
                core >= cabled_leads(document_.plan())[cable]->cores.size())
                return {};
            if (typed.trimmed().isEmpty()) {
                close_editor();
                change(
                    cable,
                    [core](Lead& k) { k.cores.erase(k.cores.begin() + static_cast<std::ptrdiff_t>(core)); },
                    tr("Remove a core"));
                return {};
            }
            const auto parsed = parse_core(typed.toStdString());
            if (!parsed) return words_of(parsed.error().message);
            close_editor();
            change(
                cable, [core, to = *parsed](Lead& k) { k.cores[core] = to; }, tr("Change a core"));
            return {};
        });
}

void CablesView::choose_end(size_t cable, bool source, QPointF at) {
    QMenu menu(this);
    const auto& plan = document_.plan();
    const auto& other = source ? cabled_leads(plan)[cable]->to : cabled_leads(plan)[cable]->from;
    const auto offer = [&](const auto& list) {
        for (const auto& part : list)
            if (part.id != other)  // a cable joins two
                menu.addAction(menu_words(words_of(part.name)), this, [this, cable, source, id = part.id] {
                    change(
                        cable, [source, id](Lead& k) { (source ? k.from : k.to) = id; }, tr("Another end"));
                });
    };
    offer(plan.loads), offer(plan.converters), offer(plan.hubs), offer(plan.sources), offer(plan.passives);
    menu.exec(mapToGlobal(at.toPoint()));
}

void CablesView::ask_text(size_t cable, const QRectF& at, const QString& now,
                          const std::function<QString(Lead&, const QString&)>& take, const QString& what) {
    document_.select(cabled_leads(document_.plan())[cable]->id);
    edit_at(at, now, [this, cable, take, what](const QString& typed) -> QString {
        if (cable >= cabled_leads(document_.plan()).size()) return {};
        auto next = *cabled_leads(document_.plan())[cable];
        auto problem = take(next, typed);
        if (!problem.isEmpty()) return problem;
        close_editor();
        document_.apply([next](const Plan& p) { return put_cable(p, next); }, what);
        return {};
    });
}

void CablesView::fill_cable_menu(QMenu& menu, size_t cable) {
    const auto& c = *cabled_leads(document_.plan())[cable];
    const QRectF field(u(12), top_of(cable) + u(4), u(240), u(28));
    menu.addAction(tr("Rename…"), this, [this, cable, field, now = words_of(c.name)] {
        ask_text(
            cable, field, now,
            [](Lead& k, const QString& typed) {
                if (typed.trimmed().isEmpty()) return tr("A name is expected.");
                k.name = typed.trimmed().toStdString();
                return QString();
            },
            tr("Rename a cable"));
    });
    const auto quantity = [&](const QString& title, Dimension dimension, const char* unit, const QString& now,
                              auto set) {
        menu.addAction(title, this, [this, cable, field, dimension, unit, now, set, title] {
            ask_text(
                cable, field, now,
                [dimension, unit, set](Lead& k, const QString& typed) {
                    const auto value = parse_value(typed.toStdString(), dimension, unit);
                    if (!value) return words_of(value.error().message);
                    if (*value < 0 || *value > 1000) return tr("A value from 0 to 1000 is expected.");
                    set(k, *value);
                    return QString();
                },
                title);
        });
    };
    quantity(tr("Highest voltage…"), Dimension::voltage, "V", said(c.volts),
             [](Lead& k, double v) { k.volts = Volt(v); });
    quantity(tr("Current on its supply…"), Dimension::current, "A", said(c.amps),
             [](Lead& k, double a) { k.amps = Ampere(a); });
    auto* kinds = menu.addMenu(tr("Kind"));
    for (const auto& [kind, words] : {std::pair{CableKind::servo, tr("servo lead")},
                                      {CableKind::data, tr("data pair")},
                                      {CableKind::motor, tr("motor phases")},
                                      {CableKind::ribbon, tr("ribbon")},
                                      {CableKind::coax, tr("coax")},
                                      {CableKind::other, tr("other")}}) {
        auto* a = kinds->addAction(words, this, [this, cable, kind = kind] {
            change(
                cable, [kind](Lead& k) { k.kind = kind; }, tr("Another kind of cable"));
        });
        a->setCheckable(true);
        a->setChecked(kind == c.kind);
    }
    auto* sizes = menu.addMenu(tr("Wire"));
    const auto* wire = sangre::find(document_.catalogue().wires, c.wire);
    for (const auto& w : document_.catalogue().wires)
        if (wire && w.insulation == wire->insulation && w.metric == wire->metric && w.usual)
            sizes->addAction(menu_words(words_of(size_words(w))), this, [this, cable, id = w.id] {
                change(
                    cable, [id](Lead& k) { k.wire = id; }, tr("Another wire"));
            });
    auto* ends = menu.addAction(tr("Resistors across the pair at both ends"), this, [this, cable] {
        change(
            cable, [](Lead& k) { k.terminated = !k.terminated; }, tr("Terminate a bus"));
    });
    ends->setCheckable(true);
    ends->setChecked(c.terminated);
    auto* more = menu.addAction(tr("Add a core"), this, [this, cable] {
        change(
            cable,
            [](Lead& k) {
                Core fresh;
                fresh.from_pin = fresh.to_pin = std::to_string(k.cores.size() + 1);
                fresh.signal = "S" + fresh.from_pin;
                for (const auto& colour : core_colours())
                    if (fresh.colour.empty() &&
                        std::none_of(k.cores.begin(), k.cores.end(),
                                     [&](const auto& x) { return x.colour == colour; }))
                        fresh.colour = colour;
                if (fresh.colour.empty()) fresh.colour = "grey";
                k.cores.push_back(fresh);
            },
            tr("Add a core"));
    });
    more->setEnabled(c.cores.size() < most_cores);
    menu.addSeparator();
    menu.addAction(tr("Remove the cable"), this, [this, id = c.id] {
        document_.apply([id](const Plan& p) { return remove_cable(p, id); }, tr("Remove a cable"));
    });
}

}  // namespace sangre::app
