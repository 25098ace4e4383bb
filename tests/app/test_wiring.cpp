// The third station through its widgets: sizes dragged, a short pointed at, the diagram looked at and
// written.
#include <QBuffer>
#include <QLineEdit>
#include <QMenu>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <set>

#include "desk.h"
#include "shell/papers.h"
#include "shell/practices_menu.h"
#include "shell/window.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

namespace {

struct WiringEvening : Desk {
    WiringEvening() {
        window.go(Station::wiring);
        document.select("feed-hub-load-work-lamp");
        settle();
    }
    const Lead& lamp() { return *by_id(document.plan().feeds(), "feed-hub-load-work-lamp"); }
};

}  // namespace

class TestWiring : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void a_fuse_is_dragged_and_undone_at_once() {
        WiringEvening e;
        auto* list = e.window.wiring()->list();
        list->repaint();
        const auto before = e.document.plan();
        const auto at = list->spot_centre("fuse:feed-hub-load-work-lamp");
        QTest::mousePress(list, Qt::LeftButton, {}, at);
        QMouseEvent down(QEvent::MouseMove, at + QPointF(0, 14), list->mapToGlobal(at + QPointF(0, 14)),
                         Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(list, &down);
        QCOMPARE(raw(device(e.lamp(), DeviceKind::fuse)->rating), 5.0);
        QMouseEvent further(QEvent::MouseMove, at + QPointF(0, 42), list->mapToGlobal(at + QPointF(0, 42)),
                            Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(list, &further);
        QCOMPARE(raw(device(e.lamp(), DeviceKind::fuse)->rating), 3.0);
        QTest::mouseRelease(list, Qt::LeftButton, {}, at + QPoint(0, 42));
        // No menu came up, the finding is gone, and the whole drag is one step back.
        QVERIFY(!QApplication::activePopupWidget());
        QVERIFY(!test::has(e.document.study(), "fuse-too-big"));
        e.document.undo();
        QVERIFY(e.document.plan() == before);
    }
    void sizes_by_keyboard_and_wheel() {
        WiringEvening e;
        auto* list = e.window.wiring()->list();
        list->setFocus();
        list->focus_spot("wire:feed-hub-load-work-lamp");
        list->repaint();
        const auto area = [&] { return raw(find(test::parts().wires, e.lamp().wire)->area); };
        const double before = area();
        QTest::keyClick(list, Qt::Key_Plus);
        QVERIFY(area() > before);
        QTest::keyClick(list, Qt::Key_Minus);
        QCOMPARE(area(), before);
        list->focus_spot("length:feed-hub-load-work-lamp");
        list->repaint();
        QTest::keyClick(list, Qt::Key_Plus);
        CLOSE(raw(*e.lamp().length), 0.8, 1e-9);
    }
    void a_short_is_pointed_at() {
        WiringEvening e;
        auto* strip = e.window.wiring()->strip();
        strip->repaint();
        QTest::mouseClick(strip, Qt::LeftButton, {}, strip->spot_centre("short"));
        QVERIFY(strip->shorting() && strip->explored());
        strip->repaint();
        const auto at = strip->spot_centre("wire");
        QTest::mouseClick(strip, Qt::LeftButton, {}, at);
        QVERIFY(std::abs(strip->explored()->along - 0.5) < 0.02);
        const auto halfway = strip->explored()->fault.current;
        QVERIFY(e.window.why()->page()->words().contains("Dark from then on"));
        QTest::keyClick(strip, Qt::Key_Left);
        QVERIFY(strip->explored()->fault.current > halfway);
        for (int i = 0; i < 30; ++i) QTest::keyClick(strip, Qt::Key_Right);
        const auto index = static_cast<size_t>(&e.lamp() - e.document.plan().feeds().data());
        QCOMPARE(raw(strip->explored()->fault.time), raw(e.document.study().protection[index].fault.time));
        // It follows the plan: a smaller fuse opens sooner.
        const auto before = strip->explored()->fault.time;
        e.document.select("feed-hub-load-work-lamp");
        strip->short_at(1);
        e.document.apply(
            [](const Plan& p) { return set_fuse(p, "feed-hub-load-work-lamp", "standard-blade", Ampere(3)); },
            "Smaller");
        e.document.select("feed-hub-load-work-lamp");
        strip->short_at(1);
        QVERIFY(strip->explored()->fault.time < before);
        QTest::keyClick(strip, Qt::Key_Escape);
        QVERIFY(!strip->shorting() && !strip->explored());
    }
    void the_strip_offers_the_lists_menus() {
        WiringEvening e;
        auto* strip = e.window.wiring()->strip();
        strip->repaint();
        QStringList offered;
        QTimer::singleShot(200, [&] {
            if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
                for (const auto* a : menu->actions()) offered << a->text();
                menu->close();
            }
        });
        QTest::mouseClick(strip, Qt::LeftButton, {}, strip->spot_centre("item 2"));
        QVERIFY(!offered.filter("carries and protects").empty());
    }
    void cables_start_from_a_ready_made_one() {
        WiringEvening e;
        e.document.apply(
            [](const Plan& p) {
                auto next = p;
                next.replace_signal_leads({});
                return next;
            },
            "None");
        e.document.select("load-night-camera");
        e.window.wiring()->cables_toggle()->setChecked(true);
        WiringEvening::settle();
        auto* view = e.window.wiring()->cables();
        view->grab();
        // Nothing yet: the six of them are there to take.
        for (int i = 0; i < 6; ++i) QVERIFY(!view->spot_centre(QStringLiteral("offer %1").arg(i)).isNull());
        QTest::mouseClick(view, Qt::LeftButton, {}, view->spot_centre("offer 2"));
        const auto& cables = e.document.plan().signal_leads();
        QCOMPARE(cables.size(), size_t{1});
        QCOMPARE(cables[0].kind, CableKind::data);
        QCOMPARE(cables[0].from, Id("load-night-camera"));
        QCOMPARE(e.document.selection(), cables[0].id);
        view->grab();
        QVERIFY(view->spot_centre("offer 2").isNull() && !view->spot_centre("core 0 1").isNull());
        e.document.undo();
        QVERIFY(e.document.plan().signal_leads().empty());
    }
    void a_core_is_typed_anew() {
        WiringEvening e;
        e.window.wiring()->cables_toggle()->setChecked(true);
        WiringEvening::settle();
        auto* view = e.window.wiring()->cables();
        view->grab();
        const auto core = [&]() -> const Core& { return e.document.plan().signal_leads()[3].cores[0]; };
        QTest::mouseClick(view, Qt::LeftButton, {}, view->spot_centre("core 3 0"));
        QVERIFY(view->editor());
        QCOMPARE(view->editor()->text(), QString("1 yellow H > 1 twisted 1"));
        // What is wrong stays open, and nothing is changed.
        view->editor()->setText("1 pink H > 1");
        QTest::keyClick(view->editor(), Qt::Key_Return);
        QVERIFY(view->editor() && view->editor()->isVisible());
        QCOMPARE(core().colour, std::string("yellow"));
        view->editor()->setText("1 white H > 3 twisted 1");
        QTest::keyClick(view->editor(), Qt::Key_Return);
        QCOMPARE(core().colour, std::string("white"));
        QCOMPARE(core().to_pin, std::string("3"));
        e.document.undo();
        QCOMPARE(core().colour, std::string("yellow"));
        // Emptied, it goes.
        view->grab();
        view->edit_core(3, 2);
        view->editor()->clear();
        QTest::keyClick(view->editor(), Qt::Key_Return);
        QCOMPARE(e.document.plan().signal_leads()[3].cores.size(), size_t{2});
    }
    void a_mirrored_cable_is_found_and_mended() {
        WiringEvening e;
        e.window.wiring()->cables_toggle()->setChecked(true);
        WiringEvening::settle();
        auto* view = e.window.wiring()->cables();
        for (const auto& [core, line] : {std::pair{0, "1 yellow H > 3 twisted 1"},
                                         {1, "2 green L > 2 twisted 1"},
                                         {2, "3 black GND > 1"}}) {
            view->grab();
            view->edit_core(3, static_cast<size_t>(core));
            view->editor()->setText(line);
            QTest::keyClick(view->editor(), Qt::Key_Return);
        }
        const auto* found = test::finding(e.document.study(), "cable-mirrored");
        QVERIFY(found && !found->fixes.empty());
        e.document.apply(found->fixes[0].edit, "Mend");
        QVERIFY(!test::has(e.document.study(), "cable-mirrored"));
    }
    void a_part_that_draws_nothing_is_typed_ended_at_and_undone() {
        WiringEvening e;
        e.window.wiring()->cables_toggle()->setChecked(true);
        WiringEvening::settle();
        auto* view = e.window.wiring()->cables();
        view->grab();
        QTest::mouseClick(view, Qt::LeftButton, {}, view->spot_centre("add part"));
        QVERIFY(view->editor());
        // What is wrong stays open with the reason; nothing is added.
        view->editor()->setText("Arm button 12 V");
        QTest::keyClick(view->editor(), Qt::Key_Return);
        QVERIFY(view->editor() && view->editor()->isVisible());
        QVERIFY(e.document.plan().passives.empty());
        view->editor()->setText("Arm button 16 mm hole");
        QTest::keyClick(view->editor(), Qt::Key_Return);
        const auto& all = e.document.plan().passives;
        QCOMPARE(all.size(), size_t{1});
        QVERIFY(test::has(e.document.study(), "passive-no-lead"));
        // Selected by a click, typed anew by the next.
        view->grab();
        QTest::mouseClick(view, Qt::LeftButton, {}, view->spot_centre("part 0"));
        QCOMPARE(e.document.selection(), all[0].id);
        const auto id = all[0].id;
        view->grab();
        QTest::mouseClick(view, Qt::LeftButton, {}, view->spot_centre("part 0"));
        QVERIFY(view->editor());
        QCOMPARE(view->editor()->text(), QString("Arm button, button, 16 mm hole"));
        view->editor()->setText("Arm button, 22 mm hole");
        QTest::keyClick(view->editor(), Qt::Key_Return);
        QCOMPARE(raw(e.document.plan().passives[0].seat.cutout), 22.0);
        QCOMPARE(e.document.plan().passives[0].id, id);
        // A lead may end at it; removed, it takes that lead along, and undo brings both back.
        e.document.apply(
            [id](const Plan& p) {
                auto lead = p.signal_leads()[3];
                lead.to = id;
                return put_cable(p, lead);
            },
            "End");
        QVERIFY(!test::has(e.document.study(), "passive-no-lead"));
        const auto before = e.document.plan();
        e.document.apply([id](const Plan& p) { return remove_passive(p, id); }, "Remove a part");
        QCOMPARE(e.document.plan().signal_leads().size() + 1, before.signal_leads().size());
        e.document.undo();
        QVERIFY(e.document.plan() == before);
    }
    void a_cables_label_and_menu() {
        WiringEvening e;
        e.window.wiring()->cables_toggle()->setChecked(true);
        WiringEvening::settle();
        auto* view = e.window.wiring()->cables();
        view->grab();
        QTest::mouseClick(view, Qt::LeftButton, {}, view->spot_centre("label 0"));
        QVERIFY(view->editor());
        view->editor()->setText("left wheel");
        QTest::keyClick(view->editor(), Qt::Key_Return);
        QCOMPARE(e.document.plan().signal_leads()[0].label, std::string("left wheel"));
        QMenu menu;
        view->fill_cable_menu(menu, 0);
        const auto trigger = [](QMenu& in, const char* words) {
            for (auto* a : in.actions())
                if (a->text() == words) return a->trigger(), true;
            return false;
        };
        const auto cores = e.document.plan().signal_leads()[0].cores.size();
        QVERIFY(trigger(menu, "Add a core"));
        QCOMPARE(e.document.plan().signal_leads()[0].cores.size(), cores + 1);
        QVERIFY(trigger(menu, "Resistors across the pair at both ends"));
        QVERIFY(e.document.plan().signal_leads()[0].terminated);
        const auto cables = e.document.plan().signal_leads().size();
        QVERIFY(trigger(menu, "Remove the cable"));
        QCOMPARE(e.document.plan().signal_leads().size(), cables - 1);
        e.document.undo();
        QCOMPARE(e.document.plan().signal_leads().size(), cables);
    }
    void terminals_are_typed_and_landed_on() {
        WiringEvening e;
        auto* panel = e.window.wiring()->joint();
        e.document.select("feed-hub-load-work-lamp");
        panel->show_end(false);
        const auto f = *JointPanel::feed_of(e.document);
        const auto trigger = [&](const QStringList& path) {
            QMenu menu;
            panel->fill_kind_menu(menu, f);
            QList<QAction*> level = menu.actions();
            for (const auto& words : path)
                for (auto* a : level)
                    if (a->text().startsWith(words)) {
                        if (!a->menu()) return a->trigger(), true;
                        level = a->menu()->actions();
                        break;
                    }
            return false;
        };
        QVERIFY(trigger({"Terminals of Work lamp"}));
        QVERIFY(panel->editor());
        panel->editor()->setText("L1 glued");
        QTest::keyClick(panel->editor(), Qt::Key_Return);
        QVERIFY(panel->editor());
        panel->editor()->setText("L1 + blade, left; L2 + blade, right; GND blade");
        QTest::keyClick(panel->editor(), Qt::Key_Return);
        QVERIFY(!panel->editor());
        QVERIFY(test::has(e.document.study(), "terminal-unsaid"));
        QVERIFY(trigger({"The supply lands on", "L2, right"}));
        QCOMPARE(e.lamp().terminal_to, std::string("L2"));
        QVERIFY(!test::has(e.document.study(), "terminal-unsaid"));
        e.document.undo(), e.document.undo();
        QVERIFY(e.document.plan().terminals.find("load-work-lamp") == e.document.plan().terminals.end());
    }
    void a_joint_follows_school_and_tools() {
        WiringEvening e;
        auto* panel = e.window.wiring()->joint();
        const auto f = *JointPanel::feed_of(e.document);
        panel->grab();
        QTest::mouseClick(panel, Qt::LeftButton, {}, panel->spot_centre("source"));
        e.document.apply(
            [](const Plan& p) {
                auto practices = p.practices;
                practices.missing_tools = {"crimping tool with the right die"};
                return set_practices(p, practices);
            },
            "No crimper");
        QVERIFY(test::has(e.document.study(), "joint-no-tool"));
        e.document.select("feed-hub-load-work-lamp");
        QMenu kinds;
        panel->fill_kind_menu(kinds, f);
        const auto offered = [&](const QString& begins) -> QAction* {
            for (auto* a : kinds.actions())
                if (a->text().startsWith(begins)) return a;
            return nullptr;
        };
        QVERIFY(offered("crimped ring terminal") && offered("crimped ring terminal")->isChecked());
        QVERIFY(offered("crimped ring terminal")->text().contains("you have no crimping tool"));
        QVERIFY(offered("Joined at something else") && !offered("soldered lap splice"));
        offered("soldered ring terminal")->trigger();
        QCOMPARE(e.lamp().joint_from, Id("ring-solder"));
        for (auto* a : offered("In the whole plan")->menu()->actions())
            if (a->text() == "solder") a->trigger();
        QVERIFY(!test::has(e.document.study(), "joint-no-tool"));
        QMenu coverings;
        fill_coverings(e.document, coverings);
        QCOMPARE(coverings.actions().size(), 6);
        for (auto* a : coverings.actions()) {
            a->trigger();
            QVERIFY(!panel->grab().isNull());
        }
        QCOMPARE(e.document.plan().practices.insulation, InsulationSchool::polyimide);
    }
    void every_kind_of_joint_is_drawn() {
        WiringEvening e;
        auto* panel = e.window.wiring()->joint();
        panel->show_end(false);
        std::set<QByteArray> pictures;
        for (const auto& kind : test::parts().joints) {
            e.document.apply(
                [&](const Plan& p) { return set_joint(p, "feed-hub-load-work-lamp", false, kind.id); },
                "Kind");
            e.document.select("feed-hub-load-work-lamp");
            QByteArray bytes;
            QBuffer buffer(&bytes);
            buffer.open(QIODevice::WriteOnly);
            panel->grab().save(&buffer, "PNG");
            QVERIFY2(pictures.insert(bytes).second, kind.id.c_str());
        }
    }
    void a_school_is_followed_here_and_everywhere() {
        WiringEvening e;
        e.document.select("feed-hub-load-work-lamp");
        WiringEvening::settle();
        auto* page = e.window.why()->page();
        page->grab();
        QVERIFY(page->words().contains("How builders choose the fuse"));
        QTest::mouseClick(page, Qt::LeftButton, {}, page->spot_centre("school 4"));
        QCOMPARE(raw(device(e.lamp(), DeviceKind::fuse)->rating), 3.0);
        QVERIFY(!e.document.plan().practices.metric);
        page->grab();
        QTest::mouseClick(page, Qt::LeftButton, {}, page->spot_centre("everywhere 7"));
        QVERIFY(e.document.plan().practices.metric);
        for (const auto& f : e.document.plan().feeds()) QVERIFY(find(test::parts().wires, f.wire)->metric);
        e.document.undo();
        QVERIFY(!e.document.plan().practices.metric);
    }
    void the_diagram_is_looked_at_and_written() {
        WiringEvening e;
        auto* station = e.window.wiring();
        station->diagram_toggle()->setChecked(true);
        WiringEvening::settle();
        auto* view = station->diagram();
        QCOMPARE(view->diagram().sheets.size(), size_t{2});
        view->grab();
        const auto at = view->spot_centre("0 load-computer");
        QVERIFY(!at.isNull());
        QTest::mouseClick(view, Qt::LeftButton, {}, at);
        QCOMPARE(e.document.selection(), Id("load-computer"));
        const auto small = view->minimumHeight();
        QTest::keyClick(view, Qt::Key_Plus);
        QVERIFY(view->minimumHeight() > small);
        QTest::keyClick(view, Qt::Key_0);
        QCOMPARE(view->zoom(), 1.0);
        const auto paper = [&](const char* name) {
            const auto all = papers();
            return *std::find_if(all.begin(), all.end(), [&](const auto& p) { return p.file == name; });
        };
        const auto write = [&](const char* of, const QString& file) {
            return write_paper(e.document, paper(of), file);
        };
        for (const char* name : {"a.svg", "a.pdf", "a.png"})
            QCOMPARE(write("wiring diagram.pdf", e.folder.filePath(name)), QString());
        for (const char* name : {"a-1.svg", "a-2.svg", "a.pdf", "a-1.png", "a-2.png"})
            QVERIFY2(QFileInfo(e.folder.filePath(name)).size() > 2000, name);
        QVERIFY(write("wiring diagram.pdf", e.folder.filePath("a.docx")).contains(".svg, .pdf or .png"));
        for (const auto& one : papers()) {
            const auto file = e.folder.filePath(one.file);
            QVERIFY2(write_paper(e.document, one, file).isEmpty(), qPrintable(one.title));
            QVERIFY2(QFileInfo(file).size() > 2000, qPrintable(one.title));
        }
        QVERIFY(write("wiring diagram.pdf", "/nowhere/a.svg").contains("cannot be written"));
        // It follows the plan.
        e.document.apply([](const Plan& p) { return remove_load(p, "load-computer"); }, "Remove");
        WiringEvening::settle();
        view->grab();
        QVERIFY(view->spot_centre("0 load-computer").isNull());
        e.document.new_plan();
        WiringEvening::settle();
        for (const auto& one : papers())
            QVERIFY(!write_paper(e.document, one, e.folder.filePath("b.svg")).isEmpty());
    }
};

SANGRE_SUITE(TestWiring);
#include "test_wiring.moc"
