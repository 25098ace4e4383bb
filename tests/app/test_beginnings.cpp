// How one begins, is led on, and takes records out.
#include <QClipboard>
#include <QSettings>

#include "base/units/format.h"
#include "base/words/reader.h"
#include "bench/bench_station.h"
#include "comparison/next.h"
#include "desk.h"
#include "lines/csv.h"
#include "loads/loads_station.h"
#include "making/steps/steps.h"
#include "output/files/tables.h"
#include "power/power_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestBeginnings : public QObject {
    Q_OBJECT
    QTemporaryDir home_;

    static LoadList* list(Desk& d) { return d.window.loads()->list(); }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void three_ways_to_begin() {
        Desk d{Plan{}};
        d.window.go(Station::loads);
        Desk::settle();
        list(d)->setFocus();
        d.click(list(d), "begin:type");
        QVERIFY(d.window.loads()->entry()->hasFocus());
        QApplication::clipboard()->setText("Horn 12 V 2 A\nWork lamp 12 V 1.5 A\n");
        d.click(list(d), "begin:paste");
        QCOMPARE(d.document.plan().loads.size(), size_t(2));
        d.document.undo();
        Desk::settle();
        // A demo, by keys alone.
        bool offered = false;
        QTimer::singleShot(100, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu) return;
            offered = true;
            QTest::keyClick(menu, Qt::Key_Down);
            QTest::keyClick(menu, Qt::Key_Return);
        });
        list(d)->repaint();
        list(d)->setFocus();
        list(d)->focus_spot("begin:demo");
        QTest::keyClick(list(d), Qt::Key_Return);
        Desk::settle();
        QVERIFY(offered);
        QVERIFY(!d.document.plan().loads.empty());
        QVERIFY(d.document.file().isEmpty());  // a copy
    }
    void propose_ends_on_power_and_says_what_it_assumed() {
        Desk d{Plan{}};
        d.window.go(Station::loads);
        d.window.loads()->entry()->setText("Work lamp 12 V 1.5 A");
        QTest::keyClick(d.window.loads()->entry(), Qt::Key_Return);
        QTest::keyClick(&d.window, Qt::Key_Return, Qt::ControlModifier);
        Desk::settle();
        QCOMPARE(d.window.station(), Station::power);
        const auto said = d.window.banner_words()->text();
        QVERIFY2(said.startsWith("✓ Assumed: "), qPrintable(said));
        QVERIFY2(said.contains("guessed at") && said.contains("air is taken as"), qPrintable(said));
        // Nothing turns in it: no propellers to take off.
        for (const auto& step : d.document.study().steps())
            QVERIFY2(step.caution.str().find("ropeller") == std::string::npos, step.caution.str().c_str());
        // What was assumed and then said is not assumed any more.
        const auto before = assumptions(d.document.plan(), d.document.study()).size();
        d.document.apply(
            [](const Plan& p) {
                auto next = p;
                for (auto& f : next.feeds()) f.length = Metre(0.4);
                return next;
            },
            "Measure");
        QCOMPARE(assumptions(d.document.plan(), d.document.study()).size(), before - 1);
    }
    void each_station_says_what_is_next() {
        const Plan none;
        const auto nothing = study(none, test::parts(), usual_conditions(none));
        QCOMPARE(next_thing(Stage::loads, none, nothing), std::string("type what must run."));
        QVERIFY(next_thing(Stage::wiring, none, nothing).str().find("Loads") != std::string::npos);
        auto plan = test::demo();
        const auto s = study(plan, test::parts(), usual_conditions(plan));
        QCOMPARE(next_thing(Stage::wiring, plan, s), std::string("mend 1 danger (F8)."));
        // The first step that nothing stands before; once it is done, another.
        const auto first = next_thing(Stage::build, plan, s);
        for (const auto& step : s.steps()) plan.done[step.key] = "2026-01-01";
        QVERIFY(next_thing(Stage::build, plan, s).str().find("all is built") != std::string::npos);
        QVERIFY(first.str().find("to do") != std::string::npos);
        for (const auto& r : s.readings())
            plan.measured[r.key].value = (r.low + std::min(r.high, r.low + 1)) / 2;
        const auto& r = s.readings().front();
        plan.measured[r.key].value = 1e6;
        QVERIFY(next_thing(Stage::bench, plan, s).str().find(r.title) == 0);
    }
    void the_length_that_decides_is_asked_for_first() {
        auto plan = test::demo();
        for (auto& f : plan.feeds()) f.length.reset();
        plan.ways.clear();
        // Thin and far: twice as long it would starve what hangs on it.
        for (auto& f : plan.feeds())
            if (f.to == "load-steering") f.wire = "awg26-silicone";
        const auto s = study(plan, test::parts(), usual_conditions(plan));
        const auto order = lengths_to_measure(plan, s);
        QVERIFY(order.size() > 5);
        for (size_t i = 0; i + 1 < order.size(); ++i) {
            QVERIFY(order[i].decides >= order[i + 1].decides);
            if (order[i].decides == order[i + 1].decides)
                QVERIFY(order[i].lost_if_double >= order[i + 1].lost_if_double);
        }
        QCOMPARE(plan.feeds()[order.front().feed].to, Id("load-steering"));
        QVERIFY(next_thing(Stage::routing, plan, s).str().find("Steering, which decides its wire") !=
                std::string::npos);
        // What is measured is not asked for again.
        plan.feeds()[order.front().feed].length = Metre(0.4);
        const auto after = study(plan, test::parts(), usual_conditions(plan));
        QCOMPARE(lengths_to_measure(plan, after).size(), order.size() - 1);
    }
    void numbers_are_pasted_into_the_bench() {
        Desk d;
        d.window.go(Station::bench);
        Desk::settle();
        auto* bench = d.window.bench();
        const auto readings = d.document.study().readings();
        bench->go_to(readings[0].key);
        const auto before = d.document.plan();
        QApplication::clipboard()->setText("0.2\n0.1 Ω\n\nopen\n");
        bench->field()->setFocus();
        QTest::keyClick(bench->field(), Qt::Key_V, Qt::ControlModifier);
        Desk::settle();
        const auto& measured = d.document.plan().measured;
        QCOMPARE(measured.at(readings[0].key).value, 0.2);
        QCOMPARE(measured.at(readings[1].key).value, 0.1);
        QVERIFY(measured.at(readings[2].key).open);
        QCOMPARE(bench->current()->key, readings[3].key);
        d.document.undo();
        QVERIFY(d.document.plan() == before);
        // One that cannot be read: which, and nothing is taken.
        bench->go_to(readings[0].key);
        QApplication::clipboard()->setText("0.2\n12 V\n");
        QTest::keyClick(bench->field(), Qt::Key_V, Qt::ControlModifier);
        QVERIFY2(bench->verdict()->text().startsWith(QString::fromStdString(readings[1].title)),
                 qPrintable(bench->verdict()->text()));
        QVERIFY(d.document.plan() == before);
    }
    void records_go_out_as_tables() {
        auto plan = test::demo();
        const auto s = study(plan, test::parts(), usual_conditions(plan));
        const auto& r = s.readings().front();
        plan = record_reading(plan, r.key, *read_meter(r, "0.25", "2026-05-01T20:00:00"),
                              "text, with \"quotes\"");
        set_presentation({',', true});
        const auto table = readings_to_csv(plan, s.readings()), log = log_to_csv(plan, '\t');
        set_presentation({});
        const auto rows = parse_csv(table);
        QCOMPARE(rows.size(), s.readings().size() + 1);
        QCOMPARE(rows[1].cells[7], std::string("0.25"));
        QCOMPARE(rows[1].cells[9], std::string("inside"));
        for (const auto& row : rows) QCOMPARE(row.cells.size(), rows[0].cells.size());
        const auto entries = parse_csv(log);
        QCOMPARE(entries.size(), plan.log.size() + 1);
        QCOMPARE(entries.back().cells[3], std::string("text, with \"quotes\""));
    }
    void a_load_is_hung_on_another_rail_by_keys() {
        Desk d;
        d.window.go(Station::power);
        Desk::settle();
        auto* map = d.window.power()->map();
        map->repaint();
        map->setFocus();
        map->focus_spot("part:load-night-camera");
        const auto from =
            d.document.plan().feeds()[feeds_into(d.document.plan(), "load-night-camera").front()].from;
        QTimer::singleShot(100, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu) return;
            for (auto* a : menu->actions())
                if (a->menu() && a->text() == "Feed it from") {
                    for (auto* b : a->menu()->actions())
                        if (b->text() == "Hub") b->trigger();
                }
            menu->close();
        });
        QTest::keyClick(map, Qt::Key_F10, Qt::ShiftModifier);
        Desk::settle();
        QCOMPARE(d.document.plan().feeds()[feeds_into(d.document.plan(), "load-night-camera").front()].from,
                 Id("hub"));
        QVERIFY(from != Id("hub"));
    }
};

SANGRE_SUITE(TestBeginnings);
#include "test_beginnings.moc"
