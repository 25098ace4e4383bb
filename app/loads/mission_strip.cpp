#include "loads/mission_strip.h"

#include <QMenu>
#include <QMouseEvent>

#include "base/units/format.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

double left_edge() { return u(118); }
/// Of a phase, however short it is.
double phase_least() { return u(74); }
double current_height() { return u(62); }
double head_height() { return u(38); }
double strip_height() { return u(15); }

QString state_word(LoadState s) {
    switch (s) {
        case LoadState::off:
            return MissionStrip::tr("off");
        case LoadState::idle:
            return MissionStrip::tr("idle");
        case LoadState::typical:
            return MissionStrip::tr("typical");
        case LoadState::peak:
            return MissionStrip::tr("peak");
        case LoadState::stall:
            return MissionStrip::tr("stalled");
    }
    return {};
}

/// Only a motor can stall.
LoadState next_state(LoadState s, const Load& load) {
    const auto quiet = load.always_on ? LoadState::idle : LoadState::off;
    switch (s) {
        case LoadState::off:
            return LoadState::idle;
        case LoadState::idle:
            return LoadState::typical;
        case LoadState::typical:
            return LoadState::peak;
        case LoadState::peak:
            return load.kind == LoadKind::motor ? LoadState::stall : quiet;
        case LoadState::stall:
            return quiet;
    }
    return LoadState::off;
}

/// Phases from minutes to days share one strip: widths grow with a root of the duration.
double stretch(Second duration) { return std::pow(std::max(raw(duration), 60.0), 0.4); }
Second unstretch(double width) { return Second(std::pow(std::max(width, 1e-9), 1 / 0.4)); }

}  // namespace

MissionStrip::MissionStrip(Document& document, QWidget* parent)
    : Canvas(tr("The day"), parent), document_(document) {
    connect(&document_, &Document::changed, this, &Canvas::fit_height);
    fit_height();
}

QSize MissionStrip::sizeHint() const {
    const auto rows = static_cast<double>(document_.plan().loads.size());
    return {u(600), static_cast<int>(u(6) + current_height() + head_height() + rows * strip_height() + u(8))};
}

QSize MissionStrip::minimumSizeHint() const {
    const auto phases = static_cast<double>(document_.plan().phases.size());
    return {static_cast<int>(std::max<double>(u(400), left_edge() + u(14) + phases * phase_least())),
            sizeHint().height()};
}

void MissionStrip::lay_out() {
    const auto& phases = document_.plan().phases;
    double total = 0;
    std::vector<double> widths;
    for (size_t i = 0; i < phases.size(); ++i) {
        widths.push_back(stretch(i < shown_.size() ? shown_[i] : phases[i].duration));
        total += widths.back();
    }
    const double least = phase_least(),
                 room = width() - left_edge() - u(10) - least * static_cast<double>(phases.size());
    edges_ = {left_edge()};
    for (const double w : widths) edges_.push_back(edges_.back() + least + std::max(0.0, room) * w / total);
}

void MissionStrip::paint(QPainter& p) {
    card(p, QRectF(0, 0, width() - u(2), height()));
    if (document_.plan().phases.empty()) {
        text(p, QRectF(u(14), u(12), width() - u(28), u(24)),
             tr("No phases yet. Press + Phase to say how long what runs; Propose assumes an hour with "
                "everything on."),
             theme().muted, face(13));
        return;
    }
    lay_out();
    paint_current(p);
    paint_heads(p);
    paint_states(p);
}

void MissionStrip::paint_current(QPainter& p) {
    const auto& t = theme();
    const auto& m = document_.study().mission;
    const auto& phases = document_.plan().phases;
    const double base = u(6) + current_height();
    double top = 1e-9;
    size_t busiest = 0;
    for (size_t i = 0; i < m.phases.size(); ++i)
        if (raw(m.phases[i].peak) > top && !phases[i].charging) top = raw(m.phases[i].peak), busiest = i;
    text(p, QRectF(u(12), u(12), left_edge() - u(16), u(18)), tr("Current"), t.muted, face(12));
    if (m.phases.size() != phases.size()) return;
    const bool known = m.not_found_in.empty();
    text(p, QRectF(u(12), u(28), left_edge() - u(16), u(18)),
         tell("peak {top}", known ? QString::fromStdString(format(Ampere(top))) : QStringLiteral("—")), t.ink,
         face(13, true));
    if (!known) return;
    for (size_t i = 0; i < phases.size(); ++i) {
        const double w = edges_[i + 1] - edges_[i], room = current_height() - u(18);
        if (phases[i].charging) continue;
        const double peak = room * std::clamp(raw(m.phases[i].peak) / top, 0.0, 1.0),
                     typical = std::max(1.5, room * std::clamp(raw(m.phases[i].current) / top, 0.0, 1.0));
        p.setPen(Qt::NoPen);
        p.setBrush(t.flow_soft);
        p.drawRect(QRectF(edges_[i] + 1, base - peak, w - 2, peak));
        p.setBrush(t.flow);
        p.drawRect(QRectF(edges_[i] + 1, base - typical, w - 2, typical));
        const auto tip =
            tell("{phases}: {current} on average, {peak} with all that runs at its peak together",
                 QString::fromStdString(phases[i].name), QString::fromStdString(format(m.phases[i].current)),
                 QString::fromStdString(format(m.phases[i].peak)));
        add_spot({QRectF(edges_[i], u(6), w, current_height()),
                  "current" + QString::number(i),
                  tip,
                  {},
                  {},
                  Qt::ArrowCursor,
                  false});
        const auto words = QString::fromStdString(format(m.phases[i].current));
        text(p, QRectF(edges_[i] + u(4), base - typical - u(17), w - u(8), u(16)), words, t.ink, face(11));
        if (i == busiest && peak > typical + u(30))
            text(p, QRectF(edges_[i] + u(4), base - peak + u(1), w - u(8), u(16)),
                 QString::fromStdString(format(m.phases[i].peak)), t.ink, face(11, true));
    }
}

void MissionStrip::paint_heads(QPainter& p) {
    const auto& t = theme();
    const auto& phases = document_.plan().phases;
    const double top = u(6) + current_height();
    for (size_t i = 0; i < phases.size(); ++i) {
        const double w = edges_[i + 1] - edges_[i];
        const bool here = phases[i].id == document_.conditions().phase && !document_.conditions().worst;
        if (here) p.fillRect(QRectF(edges_[i] + 1, top + 1, w - 2, head_height() - 2), t.accent_soft);
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(edges_[i], u(6)), QPointF(edges_[i], height() - u(6)));
        const QRectF name(edges_[i] + u(2), top + u(3), w - u(4), u(17)),
            time(edges_[i] + u(2), top + u(19), w - u(4), u(16));
        text(p, name, QString::fromStdString(phases[i].name), here ? t.accent : t.ink, face(13, true),
             Qt::AlignCenter);
        const auto duration = i < shown_.size() ? shown_[i] : phases[i].duration;
        // Where there is room for it: its strip shows it, too.
        const auto lasts = QString::fromStdString(format(duration)),
                   both = lasts + QStringLiteral(" · ") + tr("charging");
        const bool said = phases[i].charging && text_width(both, face(11)) <= time.width();
        text(p, time, said ? both : lasts, t.muted, face(11), Qt::AlignCenter);
        auto& head = add_spot({name, "phase" + QString::number(i),
                               tell("Look at {phases}.", QString::fromStdString(phases[i].name)),
                               [this, i] {
                                   auto c = document_.conditions();
                                   c.phase = document_.plan().phases[i].id;
                                   c.switches.clear();
                                   document_.set_conditions(c);
                               },
                               [this, i] { phase_menu(i); }});
        head.name = QString::fromStdString(phases[i].name), head.value = lasts, head.selected = here;
        head.how = tr("Right-click for more.");
        auto& length =
            add_spot({time, "duration" + QString::number(i), tr("Type how long, such as 2h30"),
                      [this, i] { edit_duration(i); }, [this, i] { phase_menu(i); }, Qt::IBeamCursor});
        length.name = tell("Length of {phases}", QString::fromStdString(phases[i].name)),
        length.value = lasts;
        length.how = tr("Or drag the border.");
    }
}

void MissionStrip::paint_states(QPainter& p) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const double top = u(6) + current_height() + head_height();
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        const double y = top + static_cast<double>(l) * strip_height();
        const bool selected = document_.selects(plan.loads[l].id);
        const bool shown = exposed(QRectF(0, y, width(), strip_height()));
        if (shown)
            text(p, QRectF(u(12), y, left_edge() - u(16), strip_height()),
                 QString::fromStdString(plan.loads[l].name), selected ? t.accent : t.ink, face(11, selected));
        for (size_t i = 0; i < plan.phases.size(); ++i) {
            const auto state = state_in(plan.phases[i], plan.loads[l]);
            const QRectF cell(edges_[i] + 1, y, edges_[i + 1] - edges_[i] - 2, strip_height());
            const double share = share_in(plan.phases[i], plan.loads[l]);
            const QString percent = share < 1 ? QString::fromStdString(format_percent(share)) : QString();
            const Tip tip([this, l, i] { return cell_tip({i, l}); });
            const auto menu = [this, l, i] { state_menu({i, l}); };
            auto& spot = add_spot({cell, QStringLiteral("cell%1/%2").arg(l).arg(i), tip,
                                   [this, l, i, state] {
                                       set_cell({i, l}, next_state(state, document_.plan().loads[l]));
                                   },
                                   menu});
            spot.name =
                tell("{loads} in {phases}", words_of(plan.loads[l].name), words_of(plan.phases[i].name));
            spot.value = share < 1 ? percent : state_word(state);
            spot.how = tr("Click changes it, drag paints it on.");
            if (!shown) continue;
            p.setPen(Qt::NoPen);
            const double h = state == LoadState::idle      ? 0.3
                             : state == LoadState::typical ? 0.3 + 0.3 * share
                             : state == LoadState::off     ? 0
                                                           : 0.9;
            p.setBrush(state == LoadState::idle      ? t.flow_soft
                       : state == LoadState::typical ? t.flow
                       : state == LoadState::stall   ? t.danger
                                                     : t.accent);
            if (h > 0)
                p.drawRoundedRect(QRectF(cell.left() + 1, cell.center().y() - cell.height() * h / 2,
                                         cell.width() - 2, cell.height() * h),
                                  2, 2);
            if (!percent.isEmpty()) {
                const double w = text_width(percent, face(10)) + u(6);
                const QRectF tag(cell.center().x() - w / 2, cell.top() + 1, w, cell.height() - 2);
                p.setBrush(t.card);
                p.drawRoundedRect(tag, 3, 3);
                text(p, tag, percent, t.ink, face(10), Qt::AlignCenter);
            }
        }
    }
}

QString MissionStrip::cell_tip(Cell cell) const {
    if (cell.phase >= document_.plan().phases.size() || cell.load >= document_.plan().loads.size()) return {};
    const auto& phase = document_.plan().phases[cell.phase];
    const auto& load = document_.plan().loads[cell.load];
    const double share = share_in(phase, load);
    return tell(
        "{load} in {phase}: {share}\nA percentage can be typed.", QString::fromStdString(load.name),
        QString::fromStdString(phase.name),
        share < 1 ? QString::fromStdString(format_percent(share)) : state_word(state_in(phase, load)));
}

std::optional<MissionStrip::Cell> MissionStrip::cell_at(QPointF at) const {
    const auto& plan = document_.plan();
    const double top = u(6) + current_height() + head_height();
    const auto row = std::floor((at.y() - top) / strip_height());
    if (row < 0 || row >= static_cast<double>(plan.loads.size())) return std::nullopt;
    for (size_t i = 0; i + 1 < edges_.size(); ++i)
        if (at.x() > edges_[i] && at.x() < edges_[i + 1]) return Cell{i, static_cast<size_t>(row)};
    return std::nullopt;
}

std::optional<size_t> MissionStrip::border_at(QPointF at) const {
    if (at.y() > u(6) + current_height() + head_height()) return std::nullopt;
    for (size_t i = 1; i + 1 < edges_.size(); ++i)
        if (std::abs(at.x() - edges_[i]) < u(5)) return i - 1;
    return std::nullopt;
}

void MissionStrip::set_cell(Cell cell, LoadState state) {
    const auto& plan = document_.plan();
    if (state_in(plan.phases[cell.phase], plan.loads[cell.load]) == state &&
        share_in(plan.phases[cell.phase], plan.loads[cell.load]) == 1)
        return;
    const Id phase = plan.phases[cell.phase].id, load = plan.loads[cell.load].id;
    document_.apply(
        [=](const Plan& p) { return set_state(p, phase, load, state); },
        tell("{loads} {state_word}", QString::fromStdString(plan.loads[cell.load].name), state_word(state)));
}

void MissionStrip::edit_share(Cell cell, const QString& typed) {
    const auto& plan = document_.plan();
    const double top = u(6) + current_height() + head_height();
    const QRectF area(edges_[cell.phase] + u(2), top + static_cast<double>(cell.load) * strip_height() - u(5),
                      u(96), u(26));
    edit_value_at(
        area, typed, Dimension::ratio, "%",
        [this, phase = plan.phases[cell.phase].id, load = plan.loads[cell.load].id](double share) -> QString {
            if (share < 0 || share > 1) return tr("0 to 100 % of its typical draw is expected.");
            close_editor();
            document_.apply([=](const Plan& p) { return set_share(p, phase, load, share); },
                            tr("Run at a share"));
            return {};
        });
}

void MissionStrip::state_menu(Cell cell) {
    const auto& load = document_.plan().loads[cell.load];
    const auto& phase = document_.plan().phases[cell.phase];
    const auto now = state_in(phase, load);
    const double share = share_in(phase, load);
    QMenu m(this);
    for (const auto state :
         {LoadState::off, LoadState::idle, LoadState::typical, LoadState::peak, LoadState::stall}) {
        if (state == LoadState::stall && load.kind != LoadKind::motor) continue;
        auto* a = m.addAction(state_word(state), this, [this, cell, state] { set_cell(cell, state); });
        a->setCheckable(true);
        a->setChecked(state == now && share == 1);
        a->setEnabled(state != LoadState::off || !load.always_on);
    }
    m.addAction(tr("A percentage of typical…"), this,
                [this, cell, share] { edit_share(cell, QString::fromStdString(format_percent(share))); });
    const double top =
        u(6) + current_height() + head_height() + static_cast<double>(cell.load + 1) * strip_height();
    m.exec(mapToGlobal(QPoint(static_cast<int>(edges_[cell.phase]), static_cast<int>(top))));
}

void MissionStrip::keyPressEvent(QKeyEvent* e) {
    // Digits on a cell are the percentage it runs at.
    const auto parts = focused_spot().startsWith("cell") ? focused_spot().mid(4).split('/') : QStringList();
    const auto typed = e->text();
    if (parts.size() == 2 && typed.size() == 1 && typed[0].isDigit()) {
        edit_share({parts[1].toUInt(), parts[0].toUInt()}, typed);
        if (editor()) editor()->deselect(), editor()->setCursorPosition(1);
        return;
    }
    Canvas::keyPressEvent(e);
}

void MissionStrip::mousePressEvent(QMouseEvent* e) {
    if (const auto border = border_at(e->position()); border && e->button() == Qt::LeftButton) {
        dragged_ = border;
        drag_from_ = e->position().x();
        shown_.clear();
        for (const auto& phase : document_.plan().phases) shown_.push_back(phase.duration);
        return;
    }
    const auto cell = cell_at(e->position());
    Canvas::mousePressEvent(e);
    if (cell && e->button() == Qt::LeftButton)
        painting_ = state_in(document_.plan().phases[cell->phase], document_.plan().loads[cell->load]);
}

void MissionStrip::mouseMoveEvent(QMouseEvent* e) {
    if (dragged_) {
        const auto& phases = document_.plan().phases;
        // A border's place is a root of the time: dragging by a tenth of a column changes the time by about a
        // quarter.
        const double wide = std::max(edges_[*dragged_ + 1] - edges_[*dragged_], static_cast<double>(u(74)));
        const double ratio = std::max(0.1, 1 + (e->position().x() - drag_from_) / wide);
        const auto raw_time = unstretch(stretch(phases[*dragged_].duration) * ratio);
        const double grain = raw(raw_time) < 3600 ? 60 : raw(raw_time) < 6 * 3600 ? 300 : 900;
        shown_[*dragged_] = Second(std::max(grain, std::round(raw(raw_time) / grain) * grain));
        update();
        return;
    }
    if (painting_ && (e->buttons() & Qt::LeftButton)) {
        if (const auto cell = cell_at(e->position())) set_cell(*cell, *painting_);
        return;
    }
    Canvas::mouseMoveEvent(e);
    if (border_at(e->position())) setCursor(Qt::SplitHCursor);
}

void MissionStrip::mouseReleaseEvent(QMouseEvent* e) {
    painting_.reset();
    if (dragged_) {
        const auto phase = document_.plan().phases[*dragged_];
        const auto wanted = shown_[*dragged_];
        dragged_.reset();
        shown_.clear();
        document_.apply([id = phase.id, wanted](const Plan& p) { return set_phase_duration(p, id, wanted); },
                        tell("{phase} lasts {wanted}", QString::fromStdString(phase.name),
                             QString::fromStdString(format(wanted))));
        update();
    }
    Canvas::mouseReleaseEvent(e);
}

void MissionStrip::edit_duration(size_t i) {
    const auto& phase = document_.plan().phases[i];
    const QRectF area(edges_[i] + u(2), u(6) + current_height() + u(12),
                      std::max(edges_[i + 1] - edges_[i] - u(4), static_cast<double>(u(90))), u(26));
    edit_value_at(area, QString::fromStdString(format(phase.duration)), Dimension::time, "min",
                  [this, id = phase.id](double seconds) -> QString {
                      if (seconds <= 0) return tr("A time above zero is expected, such as 25 min.");
                      if (seconds > 365 * 86400.0) return tr("A year is the longest phase.");
                      close_editor();
                      document_.apply(
                          [id, seconds](const Plan& p) { return set_phase_duration(p, id, Second(seconds)); },
                          tr("Change a phase's length"));
                      return {};
                  });
}

void MissionStrip::phase_menu(size_t i) {
    const auto phase = document_.plan().phases[i];
    QMenu m(this);
    m.addAction(tr("Rename"), [this, i, phase] {
        edit_at(QRectF(edges_[i], u(6) + current_height(), u(120), u(26)), QString::fromStdString(phase.name),
                [this, phase](const QString& typed) -> QString {
                    if (typed.trimmed().isEmpty()) return tr("A phase needs a name.");
                    auto renamed = phase;
                    renamed.name = typed.trimmed().toStdString();
                    close_editor();
                    document_.apply([renamed](const Plan& p) { return put_phase(p, renamed); },
                                    tr("Rename a phase"));
                    return {};
                });
    });
    m.addAction(phase.charging ? tr("Not charging") : tr("Charging, 10 A"), [this, phase] {
        auto next = phase;
        next.charging = !phase.charging;
        next.charge_current = Ampere(next.charging ? 10 : 0);
        document_.apply([next](const Plan& p) { return put_phase(p, next); }, tr("Change charging"));
    });
    m.addAction(tr("Remove"), [this, phase] {
        document_.apply([id = phase.id](const Plan& p) { return remove_phase(p, id); },
                        tell("Remove {name}", QString::fromStdString(phase.name)));
    });
    m.exec(mapToGlobal(
        QPoint(static_cast<int>(edges_[i]), u(6) + static_cast<int>(current_height() + head_height()))));
}

}  // namespace sangre::app
