// What somebody hears who does not see the window: every spot of every drawing has a name, a role and its
// actions, and every action is reached by keyboard.
#include <QAccessible>
#include <QRegularExpression>
#include <QSettings>
#include <QStackedWidget>
#include <set>

#include "base/units/format.h"
#include "desk.h"
#include "output/files/plan_file.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/line_bar.h"
#include "widgets/canvas_access.h"
#include "widgets/toggle.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

namespace {

struct Walk {
    int nodes = 0, spots = 0, actions = 0;
    QStringList wrong;
};

QString place_of(QAccessibleInterface* node) {
    QStringList path;
    for (auto* n = node; n && path.size() < 6; n = n->parent()) path.prepend(n->text(QAccessible::Name));
    return path.join(QStringLiteral(" › "));
}

/// Children are asked for by index, as a reader does.
void go_through(QAccessibleInterface* node, Walk& walk, int depth = 0) {
    if (!node || depth > 40) return;
    const auto state = node->state();
    if (state.invisible) return;
    ++walk.nodes;
    auto* spot = dynamic_cast<SpotAccess*>(node);
    const auto name = node->text(QAccessible::Name);
    const bool said = state.focusable || spot || node->role() == QAccessible::Button;
    if (said && name.trimmed().isEmpty())
        walk.wrong << QStringLiteral("nameless: role %1 in %2 %3")
                          .arg(node->role())
                          .arg(place_of(node), spot ? spot->key() : QString());
    if (spot) {
        ++walk.spots;
        const auto actions = spot->actionNames();
        walk.actions += static_cast<int>(actions.size());
        if (node->role() == QAccessible::Button && !state.focusable)
            walk.wrong << QStringLiteral("no key reaches: %1 %2").arg(place_of(node), spot->key());
        if (node->parent()->indexOfChild(node) < 0) walk.wrong << "no child of its parent: " + spot->key();
    }
    std::set<QString> keys;
    for (int i = 0; i < node->childCount(); ++i) {
        auto* child = node->child(i);
        if (auto* s = dynamic_cast<SpotAccess*>(child); s && !keys.insert(s->key()).second)
            walk.wrong << QStringLiteral("two spots of the key “%1” in %2").arg(s->key(), name);
        go_through(child, walk, depth + 1);
    }
}

}  // namespace

class TestAccessibility : public QObject {
    Q_OBJECT
    QTemporaryDir home_;

    static void look(Desk& d, Walk& walk) {
        Desk::settle();
        for (auto* c : d.canvases()) c->repaint();
        go_through(QAccessible::queryAccessibleInterface(&d.window), walk);
    }

  private slots:
    void initTestCase() {
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path());
        QAccessible::setActive(true);
    }
    void init() { QSettings().clear(); }

    void every_station_is_heard_data() {
        QTest::addColumn<QString>("file");
        const QDir demos(QString::fromStdString((data_directory() / "demos").string()));
        for (const auto& file : demos.entryInfoList({"*.json"}, QDir::Files))
            QTest::newRow(qPrintable(file.completeBaseName())) << file.absoluteFilePath();
        QTest::newRow("empty") << QString();
    }
    void every_station_is_heard() {
        QFETCH(QString, file);
        auto d = file.isEmpty() ? std::make_unique<Desk>(Plan{}) : std::make_unique<Desk>(file);
        for (int i = 0; i < station_count; ++i) {
            const auto station = static_cast<Station>(i);
            d->window.go(station);
            Walk walk;
            look(*d, walk);
            if (station == Station::power)
                for (auto* on : {d->window.power()->compare_toggle(), d->window.power()->schools_toggle()}) {
                    on->setChecked(true);
                    look(*d, walk);
                    on->setChecked(false);
                }
            if (station == Station::routing) {
                d->window.routing()->cards_toggle()->setChecked(true);
                look(*d, walk);
                d->window.routing()->cards_toggle()->setChecked(false);
            }
            if (station == Station::wiring)
                for (auto* on : {d->window.wiring()->diagram_toggle(), d->window.wiring()->cables_toggle()}) {
                    on->setChecked(true);
                    look(*d, walk);
                    on->setChecked(false);
                }
            qInfo("%s: %d nodes, %d spots, %d actions", qPrintable(StationBar::station_name(station)),
                  walk.nodes, walk.spots, walk.actions);
            walk.wrong.removeDuplicates();
            QVERIFY2(walk.wrong.isEmpty(), qPrintable(walk.wrong.mid(0, 60).join('\n')));
            QVERIFY(walk.spots > 8);
        }
    }
    /// The mouse has its words in the tip alone; a description adds to the name and does not repeat it.
    void what_is_said_is_what_is_drawn() {
        Desk d;
        const QRegularExpression mouse(QStringLiteral("\\b([Cc]lick|[Dd]rag|mouse)"));
        size_t heard = 0;
        QStringList wrong;
        for (int i = 0; i < station_count; ++i) {
            d.window.go(static_cast<Station>(i));
            Desk::settle();
            for (auto* c : d.canvases()) {
                if (!c->isVisible()) continue;
                c->repaint();
                auto* whole = QAccessible::queryAccessibleInterface(c);
                for (const auto& s : c->spots()) {
                    auto* spot = dynamic_cast<CanvasAccess*>(whole)->of_spot(s.key);
                    const auto name = spot->text(QAccessible::Name),
                               more = spot->text(QAccessible::Description);
                    ++heard;
                    if (name.contains(mouse) || spot->text(QAccessible::Value).contains(mouse))
                        wrong << s.key + ": " + name;
                    QVERIFY2(more.isEmpty() || !more.startsWith(name), qPrintable(s.key + ": " + more));
                }
            }
        }
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join('\n')));
        QVERIFY(heard > 200);
        // What it holds is its value: fuse, size, length, drop and warmth of a lead; draw of a load.
        const auto value = [&](Canvas* canvas, const QString& key) {
            canvas->repaint();
            return dynamic_cast<CanvasAccess*>(QAccessible::queryAccessibleInterface(canvas))
                ->of_spot(key)
                ->text(QAccessible::Value);
        };
        d.window.go(Station::wiring);
        Desk::settle();
        const auto& plan = d.document.plan();
        const auto& s = d.document.study();
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            const auto said =
                value(d.window.wiring()->list(), "feed:" + QString::fromStdString(plan.feeds()[f].id));
            if (const auto& p = s.protection[f]; p.family && !p.inherited)
                QVERIFY2(said.contains(QString::fromStdString(format(p.rating))), qPrintable(said));
            QVERIFY2(said.contains(QString::fromStdString(format(s.harness.routes[f].length))),
                     qPrintable(said));
            QVERIFY2(said.contains(QString::fromStdString(format_percent(s.worst.feeds[f].drop_share))),
                     qPrintable(said));
        }
    }
    void states_are_states() {
        Desk d;
        d.window.go(Station::wiring);
        Desk::settle();
        auto* list = d.window.wiring()->list();
        const auto state = [&](Canvas* canvas, const QString& key) {
            canvas->repaint();
            return dynamic_cast<CanvasAccess*>(QAccessible::queryAccessibleInterface(canvas))
                ->of_spot(key)
                ->state();
        };
        const auto& feeds = d.document.plan().feeds();
        const auto key = [&](size_t f) { return "feed:" + QString::fromStdString(feeds[f].id); };
        d.document.select(feeds[0].id);
        QVERIFY(state(list, key(0)).selectable && state(list, key(0)).selected);
        QVERIFY(state(list, key(1)).selectable && !state(list, key(1)).selected);
        d.document.select(feeds[1].id);
        QVERIFY(!state(list, key(0)).selected && state(list, key(1)).selected);
        d.window.go(Station::build);
        Desk::settle();
        for (auto* c : d.canvases())
            if (c->isVisible() && c->spot("action:0")) {
                QVERIFY(state(c, "action:0").checkable && !state(c, "action:0").checked);
                c->spot("action:0")->activate();
                QVERIFY(state(c, "action:0").checked);
                return;
            }
        QFAIL("no step is shown");
    }
    void what_is_pressed_by_voice_happens() {
        Desk d;
        d.window.go(Station::wiring);
        Desk::settle();
        auto* list = d.window.wiring()->list();
        list->repaint();
        auto* whole = dynamic_cast<CanvasAccess*>(QAccessible::queryAccessibleInterface(list));
        QVERIFY(whole);
        auto* row = whole->of_spot("feed:feed-hub-load-work-lamp");
        QVERIFY(row->isValid());
        QCOMPARE(row->parent(), static_cast<QAccessibleInterface*>(whole));
        QVERIFY2(row->text(QAccessible::Name).contains("Work lamp"),
                 qPrintable(row->text(QAccessible::Name)));
        QVERIFY(list->rect().contains(list->mapFromGlobal(row->rect().center())));
        row->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
        QCOMPARE(d.document.selection(), Id("feed-hub-load-work-lamp"));
        QCOMPARE(whole->childAt(row->rect().left() + 4, row->rect().center().y()), row);
    }
    void focus_is_where_the_keys_are() {
        Desk d;
        d.window.go(Station::wiring);
        Desk::settle();
        auto* list = d.window.wiring()->list();
        QVERIFY(list->hasFocus());
        QVERIFY(!list->focused_spot().isEmpty());
        auto* whole = dynamic_cast<CanvasAccess*>(QAccessible::queryAccessibleInterface(list));
        const auto first = whole->focusChild();
        QVERIFY(first && first->state().focused);
        QTest::keyClick(list, Qt::Key_Down);
        QVERIFY(whole->focusChild() != first);
        QVERIFY(!first->state().focused);
        // What is gone is no longer an object.
        d.document.apply([](const Plan& p) { return remove_load(p, p.loads.front().id); }, "Remove");
        Desk::settle();
        list->repaint();
        QCOMPARE(whole->child(whole->childCount()), nullptr);
    }
    void shift_f10_opens_what_a_right_click_does() {
        Desk d;
        d.window.go(Station::loads);
        Desk::settle();
        auto* list = d.window.findChild<Canvas*>("drawing");
        list->setFocus();
        list->focus_spot("load:load-work-lamp");
        bool opened = false;
        QTimer::singleShot(100, [&] {
            if (auto* menu = QApplication::activePopupWidget()) opened = true, menu->close();
        });
        QTest::keyClick(list, Qt::Key_F10, Qt::ShiftModifier);
        Desk::settle();
        QVERIFY(opened);
    }
    void contrast_holds_in_both_appearances() {
        const auto luminance = [](const QColor& c) {
            const auto part = [](double v) {
                return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
        };
        const auto contrast = [&](const QColor& a, const QColor& b) {
            const double x = luminance(a) + 0.05, y = luminance(b) + 0.05;
            return std::max(x, y) / std::min(x, y);
        };
        for (const auto look : {Appearance::light, Appearance::dark}) {
            set_appearance(look);
            const auto& t = theme();
            for (const auto& ground : {t.paper, t.card, t.sunken, t.accent_soft}) {
                for (const auto& ink : {t.ink, t.muted, t.accent, t.good, t.caution, t.danger})
                    QVERIFY2(contrast(ink, ground) >= 4.5, qPrintable(QString("%1 on %2: %3")
                                                                          .arg(ink.name(), ground.name())
                                                                          .arg(contrast(ink, ground))));
                // The ring around what has the focus.
                QVERIFY(contrast(t.accent, ground) >= 3);
            }
        }
        set_appearance(Appearance::light);
    }
};

SANGRE_SUITE(TestAccessibility);
#include "test_accessibility.moc"
