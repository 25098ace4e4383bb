// A builder's evening through the real widgets.
#include <qcustomplot.h>
#include <QApplication>
#include <QClipboard>
#include <QDir>
#include <QMenu>
#include <QSettings>
#include <QTimer>

#include "bench/bench_station.h"
#include "build/build_station.h"
#include "desk.h"
#include "loads/loads_station.h"
#include "log/log_station.h"
#include "plan/air.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/opening.h"
#include "shell/window.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestWindow : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    /// Tried beside the window, they are there again after an edit was undone and the finding shown once
    /// more.
    void mends_come_back() {
        Desk b;
        auto* bar = b.window.findings();
        QTRY_VERIFY(bar->tried());
        const auto there = bar->mends().size();
        QVERIFY(there > 0);
        b.document.apply(
            [](const Plan& p) {
                return set_air(p, {p.coldest_air, p.hottest_air + Celsius(1)});
            },
            "warmer");
        b.document.undo();
        QTRY_VERIFY(bar->tried());
        QCOMPARE(bar->mends().size(), there);
        const auto all = b.document.study().findings.size();
        for (size_t i = 0; i < all; ++i) bar->next();
        QVERIFY(!bar->tried());
        QTRY_VERIFY(bar->tried());
        QCOMPARE(bar->mends().size(), there);
    }

    /// Edited while its mends are being tried, and undone at once: they are tried once more.
    void mends_of_a_plan_edited_meanwhile() {
        Desk b;
        auto* bar = b.window.findings();
        const auto all = b.document.study().findings.size();
        std::vector<size_t> there;
        for (size_t i = 0; i < all; ++i) {
            bar->next();
            QTRY_VERIFY(bar->tried());
            there.push_back(bar->mends().size());
        }
        const auto mendable = std::find_if(there.begin(), there.end(), [](size_t n) { return n > 0; });
        QVERIFY(mendable != there.end());
        for (auto i = there.begin(); i < mendable; ++i) {
            bar->next();
            QTRY_VERIFY(bar->tried());
        }
        bar->next();  // its trial begins at once
        b.document.apply(
            [](const Plan& p) {
                return set_air(p, {p.coldest_air, p.hottest_air + Celsius(1)});
            },
            "warmer");
        QTest::qSleep(1500);  // and ends, unheard
        QCoreApplication::sendPostedEvents();
        b.document.undo();
        QTRY_VERIFY(bar->tried());
        QCOMPARE(bar->mends().size(), *mendable);
    }

    // Open, edit, propose, mend, tick, record, save, reopen: all through the widgets.
    void evening() {
        Desk b;
        auto& w = b.window;
        QVERIFY(w.windowTitle().contains("Orchard frost rover"));
        QTest::keyClick(&w, Qt::Key_1, Qt::AltModifier);
        QCOMPARE(w.station(), Station::loads);
        QTest::keyClicks(w.loads()->entry(), "Siren 12V 2A peak 3,5A noisy");
        QVERIFY(w.loads()->echo()->text().contains("Siren"));
        QTest::keyClick(w.loads()->entry(), Qt::Key_Return);
        QVERIFY(by_id(b.document.plan().loads, Id("load-siren")));
        QVERIFY(test::has(b.document.study(), "load-not-fed", Severity::danger));
        QTest::mouseClick(w.loads()->propose_button(), Qt::LeftButton);
        QVERIFY(!feeds_into(b.document.plan(), "load-siren").empty());
        QCOMPARE(count(b.document.study().findings, Severity::danger), size_t{0});

        // Mend the finding that is left, from the bar.
        const auto siren = b.document.plan().feeds()[feeds_into(b.document.plan(), "load-siren").front()].id;
        b.document.apply([siren](const Plan& p) { return set_fuse(p, siren, "standard-blade", Ampere(40)); },
                         "too much");
        QVERIFY(test::has(b.document.study(), "fuse-too-big"));
        QTest::keyClick(&w, Qt::Key_F8);
        while (b.document.study().findings[w.findings()->current()].rule != "fuse-too-big")
            QTest::keyClick(&w, Qt::Key_F8);
        QTRY_VERIFY(w.findings()->tried());
        b.click(w.findings(), "fix0");
        QVERIFY(!test::has(b.document.study(), "fuse-too-big"));
        QCOMPARE(count(b.document.study().findings, Severity::danger), size_t{0});

        QTest::keyClick(&w, Qt::Key_5, Qt::AltModifier);
        QCOMPARE(w.station(), Station::build);
        const auto step = w.build()->current()->key;
        QVERIFY(!b.document.plan().done.contains(step));
        QTest::keyClick(w.build(), Qt::Key_Space);
        QVERIFY(b.document.plan().done.contains(step));
        QVERIFY(w.build()->current()->key != step);
        QTest::keyClick(w.build(), Qt::Key_N);
        QTest::keyClicks(w.build()->note_field(), "used the long ferrules");
        QTest::keyClick(w.build()->note_field(), Qt::Key_Return);
        QCOMPARE(b.document.plan().log.back().text, std::string("used the long ferrules"));

        QTest::keyClick(&w, Qt::Key_6, Qt::AltModifier);
        QCOMPARE(w.station(), Station::bench);
        const auto reading = w.bench()->current()->key;
        QTest::keyClicks(w.bench()->field(), "OL");
        QTest::keyClick(w.bench()->field(), Qt::Key_Return);
        QVERIFY(b.document.plan().measured.at(reading).open);
        QCOMPARE(w.bench()->current()->key, reading);  // a lead that does not beep is looked at again
        QTest::keyClicks(w.bench()->field(), "0.2");
        QTest::keyClick(w.bench()->field(), Qt::Key_Return);
        QVERIFY(!b.document.plan().measured.at(reading).open);
        QVERIFY(w.bench()->current()->key != reading);

        const auto file = b.folder.filePath("evening.json");
        QVERIFY(b.document.save_as(file));
        const auto saved = b.document.plan();
        w.close();
        Desk next{Plan{}};
        QVERIFY(next.document.open(file));
        QVERIFY(next.document.plan() == saved);
        QVERIFY(next.window.grab().width() >= 1200);
    }

    void every_station_is_alive_and_painted() {
        Desk b;
        for (int i = 0; i < station_count; ++i) {
            b.window.go(static_cast<Station>(i));
            b.settle();
            const auto picture = b.window.grab().toImage();
            QSet<QRgb> colours;
            for (int x = 110; x < 980; x += 7)
                for (int y = 60; y < 750; y += 5) colours.insert(picture.pixel(x, y));
            QVERIFY2(colours.size() > 15, qPrintable(StationBar::station_name(static_cast<Station>(i))));
        }
    }
    void nothing_is_wider_than_the_window_data() {
        QTest::addColumn<double>("scale");
        QTest::newRow("as it comes") << 1.0;
        QTest::newRow("1.5×") << 1.5;
    }
    void nothing_is_wider_than_the_window() {
        QFETCH(double, scale);
        Desk b;
        b.window.restyle(Appearance::dark, scale);
        b.settle();
        QVERIFY2(b.window.minimumSizeHint().width() <= 1280,
                 qPrintable(QString::number(b.window.minimumSizeHint().width())));
        b.window.restyle(Appearance::light, 1);
    }

    void a_load_is_edited_where_it_stands() {
        Desk b;
        auto* list = b.window.loads()->list();
        b.click(list, "load:load-fog-pump");
        QCOMPARE(b.document.selection(), Id("load-fog-pump"));
        b.click(list, "load:load-fog-pump");
        b.type_into_editor(list, "Fog pump 26-7 V 4 A");
        QVERIFY(list->editor());  // refused, with the reason, and nothing lost
        QCOMPARE(raw(by_id(b.document.plan().loads, Id("load-fog-pump"))->typical), 4.6);
        b.type_into_editor(list, "Fog pump 11.4-14 V 5 A noisy");
        QVERIFY(!list->editor());
        QCOMPARE(raw(by_id(b.document.plan().loads, Id("load-fog-pump"))->typical), 5.0);
        QCOMPARE(by_id(b.document.plan().loads, Id("load-fog-pump"))->place, Id("pump-well"));
        list->focus_spot("load:load-fog-pump");
        QTest::keyClick(list, Qt::Key_Delete);
        QVERIFY(!by_id(b.document.plan().loads, Id("load-fog-pump")));
        QTest::keyClick(&b.window, Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(by_id(b.document.plan().loads, Id("load-fog-pump")));
    }
    void a_start_opens_the_plan_or_says_why_not() {
        QTemporaryDir folder;
        const auto said = [](Window& window) {
            const auto* words = window.banner_words();
            return words->parentWidget()->isHidden() ? QString() : words->text();
        };
        {
            app::Opening opening(test::demo_file());
            QVERIFY(opening.problem().empty());
            auto& window = opening.window(folder.filePath("a"));
            window.show();
            QVERIFY(window.windowTitle().contains("Orchard frost rover"));
            QVERIFY(!window.document().modified());
            QVERIFY2(said(window).isEmpty(), qPrintable(said(window)));
            QCOMPARE(window.document().study().findings.size(), test::studied(test::demo()).findings.size());
        }
        QFile broken(folder.filePath("broken.json"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("{\"format\": ");
        broken.close();
        for (const auto& file : {broken.fileName(), folder.filePath("nowhere.json")}) {
            app::Opening opening(file.toStdString());
            auto& window = opening.window(folder.filePath("b"));
            window.show();
            QVERIFY2(said(window).contains(file), qPrintable(said(window)));
            QVERIFY(window.document().plan().loads.empty());
            QVERIFY(window.document().file().isEmpty());
        }
        app::Opening nothing("");
        QVERIFY(nothing.window(folder.filePath("c")).document().plan().loads.empty());
    }
    void typing_on_the_list_begins_a_load() {
        Desk b;
        auto* loads = b.window.loads();
        loads->list()->setFocus();
        loads->list()->focus_spot("load:load-fog-pump");
        QTest::keyClicks(loads->list(), "S");
        QVERIFY(loads->entry()->hasFocus());
        QTest::keyClicks(loads->entry(), "iren 12V 2A");
        QCOMPARE(loads->entry()->text(), QStringLiteral("Siren 12V 2A"));
        QTest::keyClick(loads->entry(), Qt::Key_Return);
        QVERIFY(by_id(b.document.plan().loads, Id("load-siren")));
        // What the list has keys for stays with it.
        loads->list()->setFocus();
        QTest::keyClick(loads->list(), Qt::Key_Space);
        QCOMPARE(b.document.selection(), Id("load-fog-pump"));
        QVERIFY(loads->entry()->text().isEmpty());
        const auto before = b.document.plan().loads.size();
        QApplication::clipboard()->setText("Bell\t12 V\t1 A\nGong\t12 V\t2 A");
        QTest::keyClick(loads->list(), Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(b.document.plan().loads.size(), before + 2);
    }
    void what_is_not_understood_is_marked() {
        Desk b{Plan{}};
        auto* entry = b.window.loads()->entry();
        QTest::keyClicks(entry, "Pump 12V 1A blue");
        QCOMPARE(b.window.loads()->echo()->apart(), QStringLiteral("blue"));
        QTest::keyClick(entry, Qt::Key_Return);
        QCOMPARE(entry->selectedText(), QStringLiteral("blue"));
        QVERIFY(b.document.plan().loads.empty());
    }
    void a_spreadsheet_is_pasted_and_copied() {
        Desk b{Plan{}};
        QApplication::clipboard()->setText("Pump\t12 V\t3 A\nLamp\t12 V\t1 A\n");
        QTest::keyClick(b.window.loads()->entry(), Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(b.document.plan().loads.size(), size_t{2});
        b.window.loads()->paste("Pump\t12 V\t3 A\nLamp\toops\t1 A\n");
        QCOMPARE(b.document.plan().loads.size(), size_t{2});
        QVERIFY(b.window.banner_words()->text().contains("Line 2"));
        QTest::keyClick(&b.window, Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(!b.document.plan().feeds().empty());
        // What is pasted into a plan that has its day runs in it.
        b.window.loads()->paste("Horn\t12 V\t2 A\nBell\t12 V\t0.5 A\n");
        const auto& plan = b.document.plan();
        QCOMPARE(plan.loads.size(), size_t{4});
        for (const auto& phase : plan.phases)
            for (const size_t l : {2, 3})
                QVERIFY(phase.charging || state_in(phase, plan.loads[l]) == LoadState::typical);
    }
    void a_typical_load_is_taken_and_then_measured() {
        Desk b{Plan{}};
        auto* loads = b.window.loads();
        emit loads->ready_button()->menu()->aboutToShow();
        QVERIFY(loads->ready_button()->menu()->actions().size() >= 6);
        auto* pumps = loads->ready_button()->menu()->actions().at(6)->menu();
        QVERIFY(pumps && !pumps->actions().isEmpty());
        pumps->actions().front()->trigger();
        QVERIFY(loads->echo()->text().contains("assumed"));
        QTest::keyClick(loads->entry(), Qt::Key_Return);
        QCOMPARE(b.document.plan().loads.size(), size_t{1});
        const auto guessed = b.document.plan().loads[0];
        QVERIFY(guessed.assumed);

        QFile log(b.folder.filePath("log.csv"));
        QVERIFY(log.open(QIODevice::WriteOnly));
        log.write("time_s,volts,amps\n");
        for (int i = 0; i < 100; ++i)
            log.write(QByteArray::number(i) + ",12.4," + (i < 20 ? "0.02" : "3.9") + "\n");
        log.close();
        loads->list()->measure_load(guessed.id, log.fileName());
        const auto& measured = b.document.plan().loads[0];
        QVERIFY(!measured.assumed);
        CLOSE(raw(measured.typical), 3.9, 1e-6);
        QVERIFY(b.document.shown_why() && b.window.banner_words()->text().contains("3.9 A"));
        loads->list()->measure_load(guessed.id, b.folder.filePath("nowhere.csv"));
        QVERIFY(b.window.banner_words()->text().contains("Nothing was changed"));
        b.document.undo();
        QVERIFY(b.document.plan().loads[0].assumed);
    }
    void the_day_is_gone_through_more_than_once() {
        Desk b;
        auto* button = b.window.loads()->repeats_button();
        QCOMPARE(button->text(), QStringLiteral("once a day"));
        const auto once = b.document.study().mission.day_energy;
        button->menu()->actions().at(1)->trigger();
        QCOMPARE(b.document.plan().repeats_per_day, 2);
        QCOMPARE(button->text(), QStringLiteral("2 times a day"));
        QVERIFY(raw(b.document.study().mission.day_energy) > 1.5 * raw(once));
        b.document.undo();
        QCOMPARE(button->text(), QStringLiteral("once a day"));
        QCOMPARE(set_repeats(b.document.plan(), -4).repeats_per_day, 1);
    }
    void the_day_is_painted_and_dragged() {
        Desk b;
        auto* day = b.window.loads()->mission();
        const auto state = [&] { return state_in(b.document.plan().phases[1], b.document.plan().loads[4]); };
        QCOMPARE(state(), LoadState::off);
        b.click(day, "cell4/1");
        QCOMPARE(state(), LoadState::idle);
        day->focus_spot("cell4/1");
        QTest::keyClicks(day, "4");
        QVERIFY(day->editor());
        QTest::keyClicks(day->editor(), "0 %");
        QTest::keyClick(day->editor(), Qt::Key_Return);
        QCOMPARE(share_in(b.document.plan().phases[1], b.document.plan().loads[4]), 0.4);
        b.document.undo();
        QCOMPARE(state(), LoadState::idle);
        b.click(day, "cell4/1");
        QCOMPARE(state(), LoadState::typical);
        b.click(day, "duration2");
        b.type_into_editor(day, "4h15");
        QCOMPARE(raw(b.document.plan().phases[2].duration), 15300.0);
        b.click(day, "phase3");
        QCOMPARE(b.document.conditions().phase, Id("phase-fog"));
        // The border after the third phase, dragged to the right, makes it longer.
        const auto before = b.document.plan().phases[2].duration;
        day->repaint();
        const auto head = day->spot_centre("phase3");
        int border = head.x();
        for (const auto& s : day->spots())
            if (s.key == "phase3") border = static_cast<int>(s.area.left()) - u(2);
        QTest::mousePress(day, Qt::LeftButton, {}, QPoint(border, head.y()));
        QMouseEvent move(QEvent::MouseMove, QPointF(border + 30, head.y()),
                         day->mapToGlobal(QPointF(border + 30, head.y())), Qt::LeftButton, Qt::LeftButton,
                         Qt::NoModifier);
        QApplication::sendEvent(day, &move);
        QTest::mouseRelease(day, Qt::LeftButton, {}, QPoint(border + 30, head.y()));
        QVERIFY(b.document.plan().phases[2].duration > before);
    }
    void the_flow_map_selects_sets_and_reroutes() {
        Desk b;
        b.window.go(Station::power);
        b.settle();
        auto* map = b.window.power()->map();
        b.click(map, "part:load-computer");
        QCOMPARE(b.document.selection(), Id("load-computer"));
        const auto rail = b.document.plan().converters[0].id;
        b.click(map, "set:" + QString::fromStdString(rail));
        b.type_into_editor(map, "7 V");
        QVERIFY(test::has(b.document.study(), "rail-set-voltage", Severity::danger));
        QTest::keyClick(&b.window, Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!test::has(b.document.study(), "rail-set-voltage"));
        map->focus_spot("part:battery");
        map->setFocus();
        QTest::keyClick(map, Qt::Key_Return);
        QCOMPARE(b.document.selection(), Id("battery"));
    }
    void the_flow_map_is_exported() {
        Desk b;
        b.window.go(Station::power);
        b.settle();
        auto* map = b.window.power()->map();
        const auto written = [&](const char* name) {
            const auto file = b.folder.filePath(name);
            const auto wrong = map->export_picture(file);
            if (!wrong.isEmpty()) qWarning("%s", qPrintable(wrong));
            QFile f(file);
            return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
        };
        QVERIFY(written("map.svg").contains("Work lamp"));
        QVERIFY(written("map.pdf").startsWith("%PDF"));
        QVERIFY(QImage::fromData(written("map.png")).width() == map->width() * 2);
        QVERIFY(map->export_picture(b.folder.filePath("map.xyz")).contains(".svg, .pdf or .png"));
        QVERIFY(map->export_picture("/no/such/folder/map.png").contains("cannot be written"));
    }
    void every_demo_opens_whole_data() {
        QTest::addColumn<QString>("file");
        for (const auto& f :
             QDir(QString::fromStdString((data_directory() / "demos").string())).entryInfoList({"*.json"}))
            QTest::newRow(qPrintable(f.baseName())) << f.absoluteFilePath();
    }
    void every_demo_opens_whole() {
        QFETCH(QString, file);
        Desk b{Plan{}};
        QVERIFY(b.document.open(file));
        const auto s = b.document.study();
        QVERIFY(s.now.found && s.mission.lasts && !s.steps().empty() && !s.readings().empty());
        QVERIFY(count(s.findings, Severity::danger) + count(s.findings, Severity::caution) >=
                1);  // something to decide
        // The first fix of each finding, one after another, leaves nothing dangerous.
        for (int round = 0; round < 4; ++round)
            for (const auto& f : b.document.study().findings)
                if (f.severity != Severity::note && !f.fixes.empty()) {
                    b.document.apply(f.fixes.front().edit, "mended");
                    break;
                }
        QCOMPARE(count(b.document.study().findings, Severity::danger), size_t{0});
        for (int i = 0; i < station_count; ++i) {
            b.window.go(static_cast<Station>(i));
            b.settle();
            QVERIFY(!b.window.grab().isNull());
        }
        QVERIFY(b.document.propose_wiring());
        QCOMPARE(count(b.document.study().findings, Severity::danger), size_t{0});
    }
    void the_feed_list_changes_fuse_wire_and_length() {
        Desk b;
        b.window.go(Station::wiring);
        b.settle();
        auto* list = b.window.wiring()->list();
        const auto lamp = feeds_into(b.document.plan(), "load-work-lamp").front();
        QVERIFY(test::has(b.document.study(), "fuse-too-big", Severity::danger));
        QMenu fuses;
        list->fill_fuse_menu(fuses, lamp);
        QAction* fitting = nullptr;
        for (auto* a : fuses.actions())
            if (!fitting && a->text().contains("carries and protects")) fitting = a;
        QVERIFY(fitting);
        fitting->trigger();
        QVERIFY(!test::has(b.document.study(), "fuse-too-big"));
        QMenu wires;
        list->fill_wire_menu(wires, lamp);
        QVERIFY(wires.actions().size() > 8);
        wires.actions().at(0)->trigger();
        QVERIFY(b.document.plan().feeds()[lamp].wire != test::demo().leads[lamp].wire);
        b.click(list, "length:" + QString::fromStdString(b.document.plan().feeds()[lamp].id));
        b.type_into_editor(list, "2*0.4m+10%");
        QCOMPARE(raw(*b.document.plan().feeds()[lamp].length), 0.88);
        b.click(list, "length:" + QString::fromStdString(b.document.plan().feeds()[lamp].id));
        b.type_into_editor(list, "0");
        QCOMPARE(raw(*b.document.plan().feeds()[lamp].length), 0.88);
        QTest::keyClick(list->editor(), Qt::Key_Escape);
        QVERIFY(!list->editor());
        QVERIFY(b.window.wiring()->chart()->plottableCount() == 5);
    }
    void places_are_dragged_and_ways_measured() {
        Desk b;
        b.window.go(Station::routing);
        b.settle();
        auto* map = b.window.routing()->map();
        map->repaint();
        const auto from = map->spot_centre("place:tail");
        const auto x = by_id(b.document.plan().places, Id("tail"))->x;
        QTest::mousePress(map, Qt::LeftButton, {}, from);
        for (int i = 1; i < 5; ++i) {
            const QPointF to = from - QPointF(15 * i, 4 * i);
            QMouseEvent move(QEvent::MouseMove, to, map->mapToGlobal(to), Qt::LeftButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(map, &move);
        }
        QTest::mouseRelease(map, Qt::LeftButton, {}, from - QPoint(60, 16));
        QVERIFY(by_id(b.document.plan().places, Id("tail"))->x < x - 0.05);
        map->edit_length("way-hub-pump");
        b.type_into_editor(map, "3 ft 2 in");
        CLOSE(raw(by_id(b.document.plan().ways, Id("way-hub-pump"))->length), 0.9652, 1e-6);
        map->add_place();
        b.type_into_editor(map, "Cargo hatch");
        QCOMPARE(b.document.plan().places.back().name, std::string("Cargo hatch"));
    }
    void bodies_and_openings_are_typed_on_the_map() {
        Desk b;
        b.window.go(Station::routing);
        b.settle();
        auto* map = b.window.routing()->map();
        const auto before = b.document.plan();
        map->add_body();
        b.type_into_editor(map, "Mast box, glass");
        QVERIFY(map->editor());  // it stays, and says why
        b.type_into_editor(map, "Mast box, metal, sealed, wall 2 mm");
        QVERIFY(!map->editor());
        QCOMPARE(b.document.plan().bodies.back().name, std::string("Mast box"));
        const auto body = b.document.plan().bodies.back().id;
        // Nothing stands in it yet: it waits at the foot of the map, and is typed anew there.
        b.click(map, "body:" + QString::fromStdString(body));
        QVERIFY(map->editor());
        QCOMPARE(map->editor()->text(), QString("Mast box, metal, sealed, wall 2 mm"));
        b.type_into_editor(map, "Mast box, plastic, sealed");
        QVERIFY(b.document.plan().bodies.back().material == BodyMaterial::plastic);
        // A place is put into it by its menu, and its way then wants a gland.
        const auto choose = [&](const QString& spot, const QStringList& path) {
            map->repaint();
            QTimer::singleShot(200, [&] {
                auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
                if (!menu) return;
                QList<QAction*> level = menu->actions();
                for (const auto& words : path)
                    for (auto* a : level)
                        if (a->text().startsWith(words)) {
                            if (a->menu())
                                level = a->menu()->actions();
                            else
                                a->trigger();
                            break;
                        }
                menu->close();
            });
            QTest::mouseClick(map, Qt::RightButton, {}, map->spot_centre(spot));
            b.settle();
        };
        choose("place:mast-foot", {"It is in", "Mast box"});
        QCOMPARE(by_id(b.document.plan().places, Id("mast-foot"))->body, body);
        QVERIFY(test::has(b.document.study(), "wall-no-opening"));
        choose("way:way-front-mast", {"It meets", "An opening"});
        b.type_into_editor(map, "0 mm gland");
        QVERIFY(map->editor());
        b.type_into_editor(map, "Mast gland, 12 mm gland, in Mast box");
        QVERIFY(!test::has(b.document.study(), "wall-no-opening"));
        choose("way:way-front-mast", {"Mast gland", "Type its distance"});
        b.type_into_editor(map, "9 m");
        QVERIFY(map->editor());
        b.type_into_editor(map, "0.3 m");
        QCOMPARE(raw(*by_id(b.document.plan().ways, Id("way-front-mast"))->on_it.back().at), 0.3);
        choose("way:way-front-mast", {"Mast gland", "Take it off"});
        QVERIFY(test::has(b.document.study(), "wall-no-opening"));
        while (b.document.can_undo()) b.document.undo();
        QVERIFY(b.document.plan() == before);
    }
    void a_wrong_reading_stays_with_its_suspects() {
        Desk b;
        b.window.go(Station::bench);
        b.window.bench()->go_to("plug/load-computer/running");
        QTest::keyClicks(b.window.bench()->field(), "0.3");
        QTest::keyClick(b.window.bench()->field(), Qt::Key_Return);
        QCOMPARE(b.window.bench()->current()->key, std::string("plug/load-computer/running"));
        QVERIFY(b.window.bench()->verdict()->text().contains("too low"));
        b.window.bench()->field()->setText("lots");
        b.window.bench()->record();
        QVERIFY(b.window.bench()->verdict()->text().contains("not a number"));
        QCOMPARE(b.document.plan().measured.at("plug/load-computer/running").value, 0.3);
        QVERIFY(b.document.plan().log.back().text.find("outside") != std::string::npos);
    }
    void notes_go_to_the_log() {
        Desk b;
        b.window.go(Station::log);
        QTest::keyClicks(b.window.log()->note_field(), "spare fuses in the lid");
        QTest::keyClick(b.window.log()->note_field(), Qt::Key_Return);
        QCOMPARE(b.document.plan().log.back().kind, std::string("note"));
    }
    void what_if_drives_everything() {
        Desk b;
        auto* bar = b.window.what_if();
        const auto before = b.document.study().now.sources[0].volts;
        bar->charge_slider()->setValue(10);
        QVERIFY(b.document.study().now.sources[0].volts < before);
        bar->air_field()->setText("-5 °C");
        QTest::keyClick(bar->air_field(), Qt::Key_Return);
        QCOMPARE(raw(b.document.conditions().air), -5.0);
        bar->air_field()->setText("cold");
        QTest::keyClick(bar->air_field(), Qt::Key_Return);
        QCOMPARE(raw(b.document.conditions().air), -5.0);
        QVERIFY(b.window.banner_words()->text().contains("Air"));
    }
    void empty_and_crowded_plans_are_shown() {
        Desk empty{Plan{}};
        for (int i = 0; i < station_count; ++i) {
            empty.window.go(static_cast<Station>(i));
            empty.settle();
            QVERIFY(!empty.window.grab().isNull());
        }
        Desk crowded{Plan{}};
        crowded.document.apply(
            [](const Plan& p) {
                auto next = p;
                for (int i = 0; i < 60; ++i)
                    next = put_load(next, test::simple_load("load-" + std::to_string(i), 12, 0.2));
                return next;
            },
            "sixty");
        QVERIFY(crowded.document.propose_wiring());
        QCOMPARE(crowded.document.plan().loads.size(), size_t{60});
        for (int i = 0; i < station_count; ++i) {
            crowded.window.go(static_cast<Station>(i));
            crowded.settle();
            QVERIFY(!crowded.window.grab().isNull());
        }
    }
    void the_window_comes_back_where_it_was() {
        {
            Desk b;
            b.window.go(Station::routing);
            QVERIFY(b.document.save_as(b.folder.filePath("mine.json")));
            b.settle();
            b.window.restyle(Appearance::dark, 1.25);
            b.window.close();
        }
        Desk again;
        QCOMPARE(again.window.station(), Station::routing);
        QCOMPARE(appearance(), Appearance::dark);
        QCOMPARE(text_scale(), 1.25);
        again.window.restyle(Appearance::light, 1);
        QVERIFY(!QSettings().value("recent").toStringList().filter("mine.json").isEmpty());
    }
    void themes_have_contrast() {
        const auto luminance = [](const QColor& c) {
            const auto f = [](double v) {
                return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * f(c.redF()) + 0.7152 * f(c.greenF()) + 0.0722 * f(c.blueF());
        };
        for (const auto a : {Appearance::light, Appearance::dark}) {
            set_appearance(a);
            const auto& t = theme();
            for (const auto& ink : {t.ink, t.muted, t.accent, t.good, t.caution, t.danger, t.heat, t.cool})
                for (const auto& ground : {t.paper, t.card}) {
                    const double l = luminance(ink), g = luminance(ground);
                    QVERIFY2((std::max(l, g) + 0.05) / (std::min(l, g) + 0.05) >= 4.5,
                             qPrintable(ink.name() + " on " + ground.name()));
                }
        }
        set_appearance(Appearance::light);
    }
    void a_school_is_followed_from_its_reason() {
        Desk e;
        e.document.select("feed-hub-load-work-lamp");
        auto* page = e.window.why()->page();
        QVERIFY(page->words().contains("How builders size the wire"));
        // Found by keyboard as well as by mouse, and undone like any edit.
        page->resize(282, 1600);
        page->grab();
        const auto before = e.document.plan();
        const Spot* other = nullptr;
        for (const auto& s : page->spots())
            if (s.activate) other = &s;
        QVERIFY(other);
        page->focus_spot(other->key);
        QTest::keyClick(page, Qt::Key_Return);
        QVERIFY(e.document.plan() != before);
        QVERIFY(e.document.undo_text().startsWith("Follow"));
        e.document.undo();
        QCOMPARE(e.document.plan(), before);
        QTest::keyClick(page, Qt::Key_C, Qt::ControlModifier);
        QCOMPARE(QApplication::clipboard()->text(), page->words());
        QVERIFY(page->accessibleDescription().contains("Wire"));
    }
};

SANGRE_SUITE(TestWindow);
#include "test_window.moc"
