// The battery and the variants, decided as a builder does: look, take, compare, go back.
#include <qcustomplot.h>
#include <QFile>
#include <QMenu>
#include <QSettings>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "desk.h"
#include "physics/battery/pack.h"
#include "power/power_station.h"
#include "shell/badges.h"
#include "shell/variant_bar.h"
#include "shell/window.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

namespace {

struct Evening : Desk {
    Evening() {
        window.go(Station::power);
        settle();
    }
    BatteryView* compared() {
        window.power()->compare_toggle()->setChecked(true);
        auto* view = window.power()->batteries();
        [&] { QTRY_VERIFY_WITH_TIMEOUT(view->ready(), 90000); }();
        view->repaint();
        return view;
    }
};

}  // namespace

class TestPower : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void a_battery_is_taken_and_given_back() {
        Evening e;
        auto* view = e.compared();
        const auto before = e.document.plan();
        const auto& all = view->comparison().candidates;
        QVERIFY(all.size() > 50 && all[0].front && all[1].front);
        e.click(view, "pack1");
        QVERIFY(e.document.shown_why());
        QVERIFY(e.document.shown_why()->lines.size() > 5);
        QVERIFY(e.document.plan() == before);  // looking changes nothing
        const auto wanted = all[1].battery;
        e.click(view, "take1");
        QCOMPARE(e.document.plan().sources[0].series, wanted.series);
        QCOMPARE(e.document.plan().sources[0].chemistry, wanted.chemistry);
        QVERIFY(e.document.study().mission.lasts);
        QTRY_VERIFY_WITH_TIMEOUT(view->ready(), 90000);  // compared anew for the plan as it is now
        QVERIFY(view->comparison().present->serves);
        e.document.undo();
        QVERIFY(e.document.plan() == before);
    }
    void why_the_rest_fell_out_is_said() {
        Evening e;
        auto* view = e.compared();
        size_t fallen = 0;
        while (fallen < view->comparison().candidates.size() && view->comparison().candidates[fallen].front)
            ++fallen;
        const auto& c = view->comparison().candidates[fallen];
        e.click(view, QString("fallen%1").arg(fallen));
        QVERIFY(e.document.shown_why());
        bool said = false;
        for (const auto& line : e.document.shown_why()->lines)
            said = said || line.text.str().find(c.why_not) != std::string::npos;
        QVERIFY(said);
        e.document.select("load-fog-pump");  // a part of the plan takes the panel back
        QVERIFY(!e.document.shown_why());
    }
    void no_mission_no_comparison() {
        Evening e;
        auto* view = e.compared();
        e.document.new_plan();
        QTRY_VERIFY_WITH_TIMEOUT(view->ready(), 90000);
        QVERIFY(view->comparison().candidates.empty());
        view->repaint();
        view->take(0);  // nothing to take: nothing happens
        QVERIFY(e.document.plan().sources.empty());
    }
    void two_plans_are_compared_and_changed_over() {
        Evening e;
        auto* bar = e.window.variant();
        QVERIFY(!bar->isVisible());
        QTest::keyClick(&e.window, Qt::Key_K, Qt::ControlModifier);
        QVERIFY(bar->isVisible());
        const auto a = e.document.plan();
        for (const auto& f : bar->figures()) QVERIFY(f.change.empty());
        e.document.apply(
            [](const Plan& p) {
                auto b = p.sources[0];
                b.cell_capacity = b.cell_capacity * 2.0;
                return put_source(p, b);
            },
            "A bigger pack");
        const auto b = e.document.plan();
        const auto runs = std::find_if(bar->figures().begin(), bar->figures().end(),
                                       [](const auto& f) { return f.name == "runs"; });
        QCOMPARE(runs->better, 1);
        e.click(bar, "back");
        QVERIFY(e.document.plan() == a && *e.document.variant() == b);
        QCOMPARE(std::find_if(bar->figures().begin(), bar->figures().end(),
                              [](const auto& f) { return f.name == "runs"; })
                     ->better,
                 -1);
        e.document.undo();  // changing over is an edit like any other
        QVERIFY(e.document.plan() == b);
        e.click(bar, "drop");
        QVERIFY(!bar->isVisible() && !e.document.variant());
        QVERIFY(e.document.plan() == b);
    }
    void plan_a_is_there_the_next_evening() {
        QTemporaryDir folder;
        const auto file = folder.filePath("mine.json"), moved = folder.filePath("moved.json");
        const auto parts = std::make_shared<const Catalogue>(test::parts());
        Document first(parts, folder.filePath("recovery"));
        QVERIFY(first.open(QString::fromStdString(test::demo_file())));
        QVERIFY(first.save_as(file));
        first.keep_variant();
        first.apply([](const Plan& p) { return remove_load(p, "load-steering"); }, "Remove");
        QVERIFY(first.save());
        {
            Document next(parts, folder.filePath("recovery"));
            QVERIFY(next.open(file));
            QVERIFY(next.variant() && next.variant()->loads.size() == next.plan().loads.size() + 1);
            QVERIFY(next.save_as(moved));
            next.swap_variants();
            QCOMPARE(next.plan().loads.size(), next.variant()->loads.size() + 1);
        }
        Document again(parts, folder.filePath("recovery"));
        QVERIFY(again.open(moved));
        QVERIFY(again.variant());
        again.forget_variant();
        QVERIFY(again.open(moved));
        QVERIFY(!again.variant());
    }
    void rails_are_rearranged_and_the_change_is_told() {
        Evening e;
        auto* map = e.window.power()->map();
        const auto before = e.document.plan();
        const auto rail = before.feeds()[feeds_into(before, "load-fog-pump").front()].from;
        map->split(rail, {"load-fog-pump"});
        const auto& plan = e.document.plan();
        QCOMPARE(plan.converters.size(), before.converters.size() + 1);
        QVERIFY(e.window.banner_words()->text().contains("worse") &&
                e.window.banner_words()->text().contains("parts"));
        const auto fresh = plan.feeds()[feeds_into(plan, "load-fog-pump").front()].from;
        map->merge(rail, fresh);
        QCOMPARE(e.document.plan().converters.size(), before.converters.size());
        const auto five = before.feeds()[feeds_into(before, "load-computer").front()].from;
        map->merge(rail, five);  // 5 V and 12 V loads
        QVERIFY(e.window.banner_words()->text().contains("no voltage suits both"));
        map->feed_from(five, rail);
        QCOMPARE(e.document.plan().feeds()[feeds_into(e.document.plan(), five).front()].from, rail);
        QVERIFY(e.window.banner_words()->isVisible());
        e.document.undo(), e.document.undo(), e.document.undo();
        QVERIFY(e.document.plan() == before);
        // The banner's Undo would now take back something else: it is gone.
        QVERIFY(!e.window.banner_words()->isVisible());
    }
    void a_right_click_on_a_rail_offers_what_can_be_done_with_it() {
        Evening e;
        auto* map = e.window.power()->map();
        const auto before = e.document.plan().converters.size();
        const auto rail =
            e.document.plan().feeds()[feeds_into(e.document.plan(), "load-fog-pump").front()].from;
        map->repaint();
        const auto at = map->spot_centre(QString::fromStdString("part:" + rail)) - QPoint(0, 24);
        QStringList offered;
        QTimer::singleShot(200, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu) return;
            for (const auto* a : menu->actions()) offered << a->text();
            // The first submenu gives one of its loads a module of its own.
            for (auto* a : menu->actions().front()->menu()->actions())
                if (a->text().contains("Fog pump")) a->trigger();
            menu->close();
        });
        QTest::mouseClick(map, Qt::RightButton, {}, at);
        QCOMPARE(offered.size(), 4);
        QVERIFY(offered.back().contains("wide tube"));
        QCOMPARE(e.document.plan().converters.size(), before + 1);
    }
    void a_hub_is_made_another_way() {
        Evening e;
        auto* map = e.window.power()->map();
        map->repaint();
        const auto before = e.document.plan();
        QTimer::singleShot(200, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu) return;
            for (auto* a : menu->actions())
                if (a->text().contains("strip of screws")) a->trigger();
            menu->close();
        });
        QTest::mouseClick(map, Qt::RightButton, {}, map->spot_centre("part:hub"));
        QVERIFY(by_id(e.document.plan().hubs, Id("hub"))->kind == HubKind::strip);
        e.document.undo();
        QVERIFY(e.document.plan() == before);
    }
    void a_rail_is_dragged_onto_a_hub() {
        Evening e;
        auto* map = e.window.power()->map();
        const auto& plan = e.document.plan();
        const auto rail = plan.feeds()[feeds_into(plan, "load-computer").front()].from;
        const auto source = plan.feeds()[feeds_into(plan, rail).front()].from;
        const Id other = source == "hub" ? "hub-always" : "hub";
        map->repaint();
        const auto from = map->spot_centre(QString::fromStdString("part:" + rail)) - QPoint(0, 24),
                   to = map->spot_centre(QString::fromStdString("part:" + other));
        QTest::mousePress(map, Qt::LeftButton, {}, from);
        for (const auto& at : {from + QPoint(20, 20), to}) {
            QMouseEvent drag(QEvent::MouseMove, at, map->mapToGlobal(at), Qt::LeftButton, Qt::LeftButton, {});
            QApplication::sendEvent(map, &drag);
        }
        QTest::mouseRelease(map, Qt::LeftButton, {}, to);
        QCOMPARE(e.document.plan().feeds()[feeds_into(e.document.plan(), rail).front()].from, other);
        e.document.undo();
        QCOMPARE(e.document.plan().feeds()[feeds_into(e.document.plan(), rail).front()].from, source);
    }
    void the_best_plan_is_searched_for_and_taken() {
        Evening e;
        // Of a smaller rover: a search of the whole takes many seconds.
        for (const char* load :
             {"load-steering", "load-work-lamp", "load-night-camera", "load-drive-right", "load-fog-pump"})
            e.document.apply([load](const Plan& p) { return remove_load(p, load); }, "Remove");
        e.window.power()->search_toggle()->setChecked(true);
        auto* view = e.window.power()->search();
        const auto before = e.document.plan();
        e.click(view, "search");
        QTRY_VERIFY_WITH_TIMEOUT(!view->busy(), 600000);
        QVERIFY(view->result().complete && view->result().plans.size() > 2);
        QVERIFY(e.document.plan() == before);
        view->repaint();
        const auto wanted = view->result().plans[0].plan;
        e.click(view, "take0");
        QVERIFY(e.document.plan() == wanted);
        QVERIFY(e.window.banner_words()->text().contains("better"));
        e.document.undo();
        QVERIFY(e.document.plan() == before);
        // Stopped half way it says so, and keeps what it has.
        view->start();
        view->cancel();
        QTRY_VERIFY_WITH_TIMEOUT(!view->busy(), 600000);
        QVERIFY(!view->result().complete);
        // One page at a time.
        e.window.power()->compare_toggle()->setChecked(true);
        QVERIFY(!e.window.power()->search_toggle()->isChecked());
    }
    void a_moment_of_the_day_is_pointed_at() {
        Evening e;
        auto* chart = e.window.power()->findChild<QCustomPlot*>();
        QVERIFY(chart && chart->isVisible());
        const auto& points = e.document.study().mission.points;
        const auto to = [&](double hours) {
            return QPoint(static_cast<int>(chart->xAxis->coordToPixel(hours)), chart->height() / 2);
        };
        const double end = raw(points.back().time) / 3600;
        QTest::mousePress(chart, Qt::LeftButton, {}, to(end * 0.22));
        const auto first = e.document.conditions();
        QTest::mouseMove(chart, to(end * 0.9));
        QMouseEvent drag(QEvent::MouseMove, to(end * 0.9), chart->mapToGlobal(to(end * 0.9)), Qt::LeftButton,
                         Qt::LeftButton, {});
        QApplication::sendEvent(chart, &drag);
        const auto then = e.document.conditions();
        QVERIFY(then.charge < first.charge);
        QVERIFY(chart->itemCount() > 1);
    }
    void how_sure_the_numbers_are_is_drawn_after_a_pause() {
        Evening e;
        auto* why = e.window.why();
        const Id subject = e.document.plan().sources[0].id;
        QTRY_VERIFY_WITH_TIMEOUT(!why->certainty().of(subject).lines.empty(), 90000);
        e.document.select("load-work-lamp");
        QVERIFY(why->page()->words().contains("nine draws of ten"));
        // A plan that has changed is drawn anew; until then nothing old is shown.
        e.document.apply([](const Plan& p) { return set_wire(p, p.feeds()[3].id, "awg8-silicone"); },
                         "Thicker");
        QVERIFY(why->certainty().of(subject).lines.empty());
        QTRY_VERIFY_WITH_TIMEOUT(!why->certainty().of(subject).lines.empty(), 90000);
    }
    void badges_count_what_waits() {
        Evening e;
        const auto steps = e.document.study().steps().size();
        QVERIFY(steps > 20);
        QCOMPARE(stage_of("load-browns-out"), Station::loads);
        QCOMPARE(stage_of("battery-sags"), Station::power);
        QCOMPARE(stage_of("fuse-too-big"), Station::wiring);
        QCOMPARE(stage_of("route-hazard"), Station::routing);
        // A danger and a note of the wiring: one of them waits.
        e.document.apply(
            [](const Plan& p) {
                auto next = p;
                for (auto& f : next.feeds()) f.length.reset();
                by_id(next.feeds(), Id("feed-hub-load-drive-left"))->wire = "awg24-silicone";
                return next;
            },
            "Worse");
        const auto& bar = *e.window.findChild<StationBar*>();
        std::array<int, station_count> waits{};
        size_t notes = 0;
        for (const auto& f : e.document.study().findings)
            if (f.severity == Severity::note)
                ++notes;
            else
                ++waits[static_cast<size_t>(stage_of(f.rule))];
        QVERIFY(notes > 0 && waits[static_cast<size_t>(Station::wiring)] > 0);
        for (const auto s : {Station::loads, Station::power, Station::wiring, Station::routing})
            QCOMPARE(bar.badge(s).count, waits[static_cast<size_t>(s)]);
    }
    /// What a menu opened by `open` offers, by title of its submenus; triggers the first entry that holds
    /// `choose`.
    static QStringList menu_of(const std::function<void()>& open, const QString& choose) {
        QStringList offered;
        QTimer::singleShot(200, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu) return;
            QAction* wanted = nullptr;
            for (auto* a : menu->actions()) {
                offered << a->text();
                if (!wanted && a->text().contains(choose)) wanted = a;
                if (a->menu())
                    for (auto* b : a->menu()->actions()) {
                        offered << b->text();
                        if (!wanted && b->text().contains(choose)) wanted = b;
                    }
            }
            if (wanted) wanted->trigger();
            menu->close();
        });
        open();
        return offered;
    }
    void a_feed_is_given_a_meter_and_loses_it_again() {
        Evening e;
        auto* map = e.window.power()->map();
        const auto before = e.document.plan();
        const auto ask = [&](const QString& choose) {
            map->repaint();
            const auto at = map->spot_centre("feed:feed-hub-load-drive-left");
            return menu_of([&] { QTest::mouseClick(map, Qt::RightButton, {}, at); }, choose);
        };
        const auto offered = ask("volt and ampere meter");
        QVERIFY2(offered.contains("Turn off") && offered.contains("Take out"),
                 qPrintable(offered.join(" / ")));
        const auto* feed = by_id(e.document.plan().feeds(), "feed-hub-load-drive-left");
        QVERIFY(device(*feed, DeviceKind::shunt));
        QVERIFY(e.window.banner_words()->text().contains("Put in"));
        QVERIFY(!ask("nothing of the kind").filter("volt and ampere meter").empty());
        ask("remote switch");
        feed = by_id(e.document.plan().feeds(), "feed-hub-load-drive-left");
        QVERIFY(device(*feed, DeviceKind::power_switch));
        e.document.undo(), e.document.undo();
        QVERIFY(e.document.plan() == before);
    }
    void another_pack_is_typed_where_it_stands() {
        Evening e;
        auto* map = e.window.power()->map();
        const auto key = QString::fromStdString("part:" + e.document.plan().sources[0].id);
        map->setFocus();
        map->focus_spot(key);
        map->repaint();
        QTest::keyClick(map, Qt::Key_Return);
        map->repaint();
        QTest::keyClick(map, Qt::Key_Return);
        QVERIFY(map->editor());
        QCOMPARE(map->editor()->text(), QString("8S LFP 35 Ah charger 29.2 V 15 A"));
        map->editor()->setText("7S uranium");
        QTest::keyClick(map->editor(), Qt::Key_Return);
        QVERIFY(map->editor());  // it stays, and says why
        map->editor()->setText("8S LFP 50 Ah");
        QTest::keyClick(map->editor(), Qt::Key_Return);
        QVERIFY(!map->editor());
        CLOSE(raw(e.document.plan().sources[0].cell_capacity), 50.0, 1e-9);
        QVERIFY(e.window.banner_words()->text().contains("runs"));
    }
    /// A brick is typed where the pack stood; it is refused where it says too little, drawn, and undone.
    void a_brick_is_typed_where_the_pack_stood() {
        Evening e;
        const auto before = e.document.plan();
        auto* map = e.window.power()->map();
        map->setFocus();
        map->focus_spot(QString::fromStdString("part:" + before.sources[0].id));
        map->repaint();
        QTest::keyClick(map, Qt::Key_Return);
        map->repaint();
        QTest::keyClick(map, Qt::Key_Return);
        QVERIFY(map->editor());
        map->editor()->setText("brick 24 V");
        QTest::keyClick(map->editor(), Qt::Key_Return);
        QVERIFY(map->editor());
        map->editor()->setText("brick 24 V 15 A already 1 A");
        QTest::keyClick(map->editor(), Qt::Key_Return);
        QVERIFY(!map->editor());
        const auto& source = e.document.plan().sources[0];
        QVERIFY(source.kind == SourceKind::supply && source.id == before.sources[0].id);
        CLOSE(raw(source.rated), 15, 1e-9);
        CLOSE(raw(source.already), 1, 1e-9);
        map->repaint();
        QVERIFY(e.document.study().mission.packs[0].endless);
        e.document.undo();
        QVERIFY(e.document.plan() == before);
    }
    void an_old_pack_is_fitted_to_its_log() {
        Evening e;
        auto* map = e.window.power()->map();
        auto truth = e.document.plan().sources[0];
        truth.health = 0.75, truth.resistance_factor = 2;
        const auto& chemistry = *sangre::find(test::parts().chemistries, truth.chemistry);
        QFile log(e.folder.filePath("old.csv"));
        QVERIFY(log.open(QIODevice::WriteOnly));
        log.write("time,volts,amps\n");
        const double amp_hours = raw(pack_capacity(truth, chemistry, Celsius(20)));
        for (int i = 0; i <= 100; ++i) {
            const double amps = i % 2 ? 4 : 12, charge = 1 - 8.0 * i * 60 / 3600 / amp_hours;
            const double volts = raw(pack_rest_voltage(truth, chemistry, charge)) -
                                 amps * raw(pack_resistance(truth, chemistry, charge, Celsius(20)));
            log.write(QString("%1,%2,%3\n").arg(i * 60).arg(volts).arg(amps).toUtf8());
        }
        log.close();
        const auto before = e.document.plan();
        map->fit_battery(truth.id, e.folder.filePath("nowhere.csv"));
        QVERIFY(e.document.plan() == before);
        QVERIFY(e.window.banner_words()->text().contains("Nothing was changed"));
        map->fit_battery(truth.id, log.fileName());
        QVERIFY(e.document.plan().sources[0].resistance_factor > 1.3);
        QVERIFY(e.document.shown_why().has_value());
        e.document.undo();
        QVERIFY(e.document.plan() == before);
    }
    void the_map_is_zoomed_and_glows_where_something_changed() {
        Evening e;
        auto* map = e.window.power()->map();
        map->repaint();
        const auto key = QString::fromStdString("part:load-work-lamp");
        const auto at = map->spot_centre(key);
        map->set_zoom(1.5);
        map->repaint();
        QVERIFY(map->spot_centre(key) != at && map->rect().contains(map->spot_centre(key)));
        // A click still meets what is drawn there.
        e.document.select("");
        e.click(map, key);
        QCOMPARE(e.document.selection(), Id("load-work-lamp"));
        QTest::keyClick(map, Qt::Key_1);
        QCOMPARE(map->zoom(), 1.0);
        QTest::keyClick(map, Qt::Key_0);
        QVERIFY(map->zoom() <= 1.0);
        QTest::keyClick(map, Qt::Key_1);
        const auto still = map->grab().toImage();
        e.document.apply(
            [](const Plan& p) {
                auto l = *by_id(p.loads, "load-work-lamp");
                l.typical = Ampere(3);
                return put_load(p, l);
            },
            "Stronger");
        QVERIFY(map->glowing().contains("load-work-lamp"));
        QVERIFY(!map->glowing().contains("load-frost-mast"));
        QTRY_VERIFY(map->glowing().empty());
        QVERIFY(still != map->grab().toImage());
    }
    void a_school_is_taken_from_its_page() {
        Evening e;
        e.window.power()->schools_toggle()->setChecked(true);
        auto* view = e.window.power()->schools();
        QTRY_VERIFY_WITH_TIMEOUT(!view->result().questions.empty(), 90000);
        const auto before = e.document.plan();
        e.click(view, "way 0 1");
        QCOMPARE(e.document.plan().practices.supply, SupplySchool::two);
        QCOMPARE(e.document.plan().sources.size(), size_t{2});
        QVERIFY(e.window.banner_words()->text().contains("One pack or two"));
        // What is followed now is no button; the questions are asked anew for the plan as it is.
        QTRY_VERIFY_WITH_TIMEOUT(!view->busy() && view->result().questions[0].ways[1].followed, 90000);
        view->repaint();
        const auto two = e.document.plan();
        e.click(view, "way 0 1");
        QVERIFY(e.document.plan() == two);
        e.document.undo();
        QVERIFY(e.document.plan() == before);
        // One page at a time.
        e.window.power()->search_toggle()->setChecked(true);
        QVERIFY(!e.window.power()->schools_toggle()->isChecked());
    }
};

SANGRE_SUITE(TestPower);
#include "test_power.moc"
