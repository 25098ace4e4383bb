#include "loads/load_list.h"

#include <QAccessible>
#include <QFile>
#include <QFileDialog>
#include <QKeyEvent>
#include <QMenu>

#include "base/units/format.h"
#include "output/files/measured_log.h"
#include "plan/load_profile.h"
#include "plan/load_text.h"
#include "plan/typed_words.h"
#include "widgets/rounded.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

/// Where the bar of a load's share in the day's energy starts.
double share_left(const QRectF& row) { return row.right() - u(138); }

}  // namespace

LoadList::LoadList(Document& document, QWidget* parent) : Canvas(tr("Loads"), parent), document_(document) {
    connect(&document_, &Document::changed, this, &Canvas::fit_height);
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
    fit_height();
}

QSize LoadList::sizeHint() const {
    return {u(600), std::max<int>(u(122), static_cast<int>(document_.plan().loads.size()) * u(33) + u(2))};
}

QRectF LoadList::row(size_t i) const {
    return {0, static_cast<double>(i) * u(33), static_cast<double>(width()) - u(2),
            static_cast<double>(u(30))};
}

void LoadList::paint(QPainter& p) {
    const auto& loads = document_.plan().loads;
    if (loads.empty()) {
        paint_beginnings(p);
        return;
    }
    for (size_t i = 0; i < loads.size(); ++i) paint_row(p, i);
}

/// Three ways to begin, where nothing is there yet.
void LoadList::paint_beginnings(QPainter& p) {
    const auto& t = theme();
    struct Way {
        const char* key;
        QString title, words;
        std::function<void()> act;
    };
    const std::array ways{
        Way{"begin:type", tr("Type what must run"),
            tr("As you would say it: “Fog pump 12 V 4.6 A start 14 A 0.4 s noisy”, then Enter. Propose wires "
               "it."),
            [this] { emit typing_asked(); }},
        Way{"begin:demo", tr("Open a demo"), tr("A whole machine to look at and change; it opens as a copy."),
            [this] { emit demo_asked(); }},
        Way{"begin:paste", tr("Paste"),
            tr("Rows of a spreadsheet, or the lines of a plan that someone sent you."),
            [this] { emit paste_asked(); }}};
    const double gap = u(8), wide = (width() - u(2) - 2 * gap) / 3;
    for (size_t i = 0; i < ways.size(); ++i) {
        const QRectF area(static_cast<double>(i) * (wide + gap), 0, wide, u(118));
        card(p, area, hovered() == ways[i].key);
        text(p, QRectF(area.left() + u(14), u(10), wide - u(24), u(26)), ways[i].title, t.accent,
             face(15, true));
        paragraph(p, QRectF(area.left() + u(14), u(40), wide - u(24), u(74)), ways[i].words, t.muted,
                  face(12));
        add_spot(
            {area, ways[i].key, ways[i].words, ways[i].act, {}, Qt::PointingHandCursor, true, ways[i].title});
    }
}

void LoadList::paint_row(QPainter& p, size_t i) {
    const auto& load = document_.plan().loads[i];
    const auto area = row(i);
    const Id id = load.id;
    const auto name = QString::fromStdString(load.name);
    const bool selected = document_.selects(id);
    auto& spot = add_spot({area, "load:" + QString::fromStdString(id), Tip([this, id] {
                               const auto* now = by_id(document_.plan().loads, id);
                               if (!now) return QString();
                               QStringList taken;
                               for (const auto& c : load_chips(*now))
                                   if (c.assumed) taken << words_of(chip_words(c));
                               const auto assumed =
                                   taken.isEmpty() ? QString()
                                                   : tell("\nAssumed: {list}. Its menu has the other way.",
                                                          taken.join(", "));
                               QStringList figures;
                               for (const auto& c : load_chips(*now)) figures << words_of(chip_words(c));
                               return tell("{now}: {list}", QString::fromStdString(now->name),
                                           figures.join(QStringLiteral(", "))) +
                                      assumed;
                           }),
                           [this, id] {
                               if (document_.selection() == id)
                                   edit_load(id);
                               else
                                   document_.select(id);
                           },
                           [this, id] { menu(id); }});
    spot.name = name, spot.selected = selected;
    spot.how = tr("Select; double-click or Enter edits its line");
    if (!exposed(area) && !QAccessible::isActive()) return;
    const auto chips = load_chips(load);
    QStringList figures;
    for (const auto& chip : chips) figures << words_of(chip_words(chip));
    spot.value = figures.join(QStringLiteral(", "));
    if (!exposed(area)) return;
    const auto& m = document_.study().mission;
    std::optional<double> share;  // of the day's energy, in steps that show
    QString energy;
    if (i < m.load_energy.size() && raw(m.day_energy) > 0) {
        share = std::round(std::clamp(raw(m.load_energy[i]) / raw(m.day_energy), 0.0, 1.0) * 500) / 500;
        energy = said(m.load_energy[i]);
    }
    QStringList shows{name, energy, QString::number(share.value_or(-1)), selected ? "selected" : ""};
    for (const auto& chip : chips) shows << words_of(chip_words(chip)) << (chip.assumed ? "assumed" : "");
    stamp(p, area, words_of(id), shows.join('\n'), [&](QPainter& to) {
        card(to, area, selected);
        text(to, QRectF(u(12), area.top(), u(128), area.height()), name, theme().ink, face(14, true));
        paint_chips(to, area, chips);
        if (share) paint_share(to, area, *share, energy);
    });
}

void LoadList::paint_chips(QPainter& p, const QRectF& area, const std::vector<LoadChip>& chips) {
    const auto& t = theme();
    const double end = share_left(area) - u(10);
    double x = u(146);
    for (const auto& chip : chips) {
        const auto words = words_of(chip_words(chip));
        const double w = text_width(words, face(13)) + u(18);
        if (x + w > end)
            return text(p, QRectF(x, area.top(), u(20), area.height()), QStringLiteral("…"), t.muted,
                        face(13));
        const QRectF pill(x, area.top() + u(4), w, area.height() - u(8));
        const bool warm = chip.text == "noisy", cold = chip.text == "sensitive",
                   grave = chip.text == "vital" || chip.text == "always on",
                   guess = chip.assumed || chip.text == "assumed";
        const auto ground = grave ? t.accent_soft : t.paper;
        if (guess) {
            p.setPen(QPen(t.muted, 1, Qt::DashLine));
            p.setBrush(ground);
            p.drawRoundedRect(pill, pill.height() / 2, pill.height() / 2);
        } else
            draw_rounded(p, pill, pill.height() / 2, ground,
                         warm    ? t.heat_soft
                         : cold  ? t.cool
                         : grave ? t.flow
                                 : t.line);
        text(p, pill, words, t.ink, face(13), Qt::AlignCenter);
        x += w + u(6);
    }
}

void LoadList::paint_share(QPainter& p, const QRectF& area, double share, const QString& energy) {
    const auto& t = theme();
    const QRectF bar(share_left(area), area.center().y() - u(3), u(60), u(6));
    p.setPen(Qt::NoPen);
    p.setBrush(t.sunken);
    p.drawRoundedRect(bar, 3, 3);
    p.setBrush(t.accent);
    p.drawRoundedRect(QRectF(bar.left(), bar.top(), std::max(3.0, bar.width() * share), bar.height()), 3, 3);
    text(p, QRectF(bar.right() + u(6), area.top(), u(66), area.height()), energy, t.muted, face(12),
         Qt::AlignRight | Qt::AlignVCenter);
}

void LoadList::edit_load(const Id& id) {
    const auto& loads = document_.plan().loads;
    const auto* load = by_id(loads, id);
    if (!load) return;
    const auto area = row(static_cast<size_t>(load - loads.data()));
    edit_at(area.adjusted(u(4), 0, -u(180), 0), QString::fromStdString(load_line(*load)),
            [this, id](const QString& typed) -> QString {
                auto read = parse_load(typed.toStdString());
                if (!read.complete()) return QString::fromStdString(read.problems.front().message);
                if (read.how_many.count > 1)
                    return tr("This is one load: type more of them in the line above.");
                const auto* before = by_id(document_.plan().loads, id);
                if (!before) return {};
                const auto edited = with_line(*before, std::move(read.load));
                close_editor();
                document_.apply([load = edited](const Plan& p) { return put_load(p, load); },
                                tell("Change {edited}", QString::fromStdString(edited.name)));
                return {};
            });
}

void LoadList::remove_load(const Id& id) {
    const auto name = QString::fromStdString(name_of(document_.plan(), id));
    document_.apply([id](const Plan& p) { return sangre::remove_load(p, id); }, tell("Remove {name}", name));
    emit document_.said(tell("{name} is removed, with its feed.", name), false, true);
}

void LoadList::measure_load(const Id& id, const QString& log_file) {
    const auto* load = by_id(document_.plan().loads, id);
    if (!load) return;
    const auto refuse = [&](const std::string& why) {
        emit document_.said(
            tell("{log_file}: {why}. Nothing was changed.", log_file, QString::fromStdString(why)), true,
            false);
    };
    QFile f(log_file);
    if (!f.open(QIODevice::ReadOnly)) return refuse(f.errorString().toStdString());
    const auto log = measured_log_from_csv(f.readAll().toStdString());
    if (!log) return refuse(log.error());
    const auto profile = profile_from_log(*load, *log);
    if (!profile) return refuse(profile.error());
    const auto name = QString::fromStdString(load->name);
    document_.apply([measured = profile->load](const Plan& p) { return put_load(p, measured); },
                    tell("Measure {name}", name));
    document_.show_why(profile->why);
    emit document_.said(tell("{name} now has measured figures: {typical} typical, {peak} peak.", name,
                             QString::fromStdString(format(profile->load.typical)),
                             QString::fromStdString(format(profile->load.peak))),
                        false, true);
}

void LoadList::menu(const Id& id) {
    document_.select(id);
    QMenu m(this);
    const auto& loads = document_.plan().loads;
    const auto* load = by_id(loads, id);
    if (!load) return;
    const auto at = static_cast<size_t>(load - loads.data());
    m.addAction(tr("Edit its line\tEnter"), [this, id] { edit_load(id); });
    m.addAction(tr("Move up\tAlt+Up"), [this, id, at] {
         document_.apply([=](const Plan& p) { return move_load(p, id, at ? at - 1 : 0); }, tr("Move a load"));
     })->setEnabled(at > 0);
    m.addAction(tr("Move down\tAlt+Down"), [this, id, at] {
         document_.apply([=](const Plan& p) { return move_load(p, id, at + 1); }, tr("Move a load"));
     })->setEnabled(at + 1 < loads.size());
    for (const auto& way : other_ways(*load))
        m.addAction(menu_words(words_of(way.label)), [this, other = way.load] {
            document_.apply([other](const Plan& p) { return put_load(p, other); },
                            tell("Take {other} otherwise", words_of(other.name)));
        });
    auto* places = m.addMenu(tr("Located in"));
    for (const auto& place : document_.plan().places) {
        auto* a =
            places->addAction(menu_words(QString::fromStdString(place.name)), [this, id, to = place.id] {
                document_.apply([=](const Plan& p) { return set_part_place(p, id, to); }, tr("Place a load"));
            });
        a->setCheckable(true);
        a->setChecked(place.id == load->place);
    }
    places->setEnabled(!document_.plan().places.empty());
    m.addAction(tr("Figures from a measured log…"), [this, id] {
        const auto file = QFileDialog::getOpenFileName(this, tr("A log of time, volts and amperes"),
                                                       document_.folder(), tr("Tables (*.csv *.tsv *.txt)"));
        if (!file.isEmpty()) measure_load(id, file);
    });
    m.addSeparator();
    m.addAction(tr("Remove\tDel"), [this, id] { remove_load(id); });
    m.exec(mapToGlobal(row(at).bottomLeft().toPoint() + QPoint(u(12), 0)));
}

void LoadList::keyPressEvent(QKeyEvent* e) {
    const auto key = focused_spot();
    const Id id = key.startsWith("load:") ? key.mid(5).toStdString() : Id();
    const auto& loads = document_.plan().loads;
    const auto* load = by_id(loads, id);
    if (load && e->key() == Qt::Key_Delete) return remove_load(id);
    if (load && e->modifiers() == Qt::AltModifier && (e->key() == Qt::Key_Up || e->key() == Qt::Key_Down)) {
        const auto at = static_cast<size_t>(load - loads.data());
        const size_t to = e->key() == Qt::Key_Up ? (at ? at - 1 : 0) : at + 1;
        return document_.apply([=](const Plan& p) { return move_load(p, id, to); }, tr("Move a load"));
    }
    Canvas::keyPressEvent(e);
}

}  // namespace sangre::app
