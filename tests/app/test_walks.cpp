// The whole window by keyboard, with every demo, and with foolish things typed into it.
#include <QApplication>
#include <QDir>
#include <QLineEdit>
#include <QMenu>
#include <QSettings>
#include <set>

#include "bench/bench_station.h"
#include "build/build_station.h"
#include "desk.h"
#include "loads/loads_station.h"
#include "log/log_station.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/window.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestWalks : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
    static void walk(Desk& d) {
        for (auto* canvas : d.canvases()) {
            QVERIFY2(!canvas->accessibleName().isEmpty(), canvas->metaObject()->className());
            canvas->setFocus();
            canvas->repaint();
            if (!canvas->spots().empty()) canvas->focus_spot(canvas->spots().front().key);
            std::set<QString> walked;
            for (int i = 0; i < 40; ++i) {
                QTest::keyClick(canvas, i % 2 ? Qt::Key_Down : Qt::Key_Right);
                if (!canvas->focused_spot().isEmpty()) walked.insert(canvas->focused_spot());
            }
            const auto reachable = std::count_if(canvas->spots().begin(), canvas->spots().end(),
                                                 [](const auto& s) { return s.focusable; });
            if (reachable > 1) QVERIFY2(walked.size() > 1, canvas->metaObject()->className());
            for (const auto& s : canvas->spots())
                if (s.activate)
                    QVERIFY2(!s.tip.words().isEmpty() || !s.key.isEmpty(), canvas->metaObject()->className());
        }
    }
  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void every_drawing_is_walked_by_keyboard_data() {
        QTest::addColumn<int>("station");
        for (int i = 0; i < station_count; ++i)
            QTest::newRow(qPrintable(StationBar::station_name(static_cast<Station>(i)))) << i;
    }
    void every_drawing_is_walked_by_keyboard() {
        QFETCH(int, station);
        Desk d;
        d.window.go(static_cast<Station>(station));
        Desk::settle();
        const auto plan = d.document.plan();
        walk(d);
        if (static_cast<Station>(station) == Station::wiring)
            for (auto* page : {d.window.wiring()->cables_toggle(), d.window.wiring()->diagram_toggle()}) {
                page->setChecked(true);
                Desk::settle();
                walk(d);
            }
        QVERIFY(d.document.plan() == plan);  // walking changes nothing
    }
    void foolish_things_are_refused_where_they_are_typed_data() {
        QTest::addColumn<QString>("what");
        for (const char* text :
             {"", " ", "abc", "-5", "1e999", "∞", "0x10", "12 parsecs", "'; drop", "NaN", "99999999 km"})
            QTest::newRow(qPrintable(QString("“%1”").arg(text))) << QString::fromUtf8(text);
    }
    void foolish_things_are_refused_where_they_are_typed() {
        QFETCH(QString, what);
        Desk d;
        const auto plan = d.document.plan();
        auto* bar = d.window.what_if();
        bar->air_field()->setText(what);
        QTest::keyClick(bar->air_field(), Qt::Key_Return);
        QVERIFY(std::isfinite(raw(d.document.conditions().air)) &&
                std::abs(raw(d.document.conditions().air)) < 200);
        d.window.go(Station::wiring);
        Desk::settle();
        auto* list = d.window.wiring()->list();
        list->repaint();
        const auto spot = "length:" + QString::fromStdString(plan.feeds()[2].id);
        QTest::mouseClick(list, Qt::LeftButton, {}, list->spot_centre(spot));
        QVERIFY(list->editor());
        list->editor()->setText(what);
        QTest::keyClick(list->editor(), Qt::Key_Return);
        if (list->editor()) QTest::keyClick(list->editor(), Qt::Key_Escape);
        const auto& length = d.document.plan().feeds()[2].length;
        QVERIFY(!length || (raw(*length) > 0 && raw(*length) <= 1000));
        d.window.go(Station::bench);
        d.window.bench()->field()->setText(what);
        d.window.bench()->record();
        for (const auto& [key, m] : d.document.plan().measured)
            QVERIFY2(m.open || std::isfinite(m.value), key.c_str());
        d.window.go(Station::loads);
        d.window.loads()->entry()->setText(what);
        QTest::keyClick(d.window.loads()->entry(), Qt::Key_Return);
        QCOMPARE(d.document.plan().loads.size(), plan.loads.size());
        QVERIFY(d.document.study().now.found);
    }
    void foolish_cores_are_refused_where_they_are_typed_data() {
        QTest::addColumn<QString>("what");
        for (const char* text : {"1", "white", "1 pink PWM > 1", "1 white PWM >", "1 white PWM > 1 > 2",
                                 "1 white PWM > 1 twisted -3", "> > >", "1 white '; drop > 1234567890123",
                                 "1 white PWM twisted 1e999"})
            QTest::newRow(text) << QString::fromUtf8(text);
        QTest::newRow("very long") << "1 white " + QString(4000, 'x') + " > 1";
    }
    void foolish_cores_are_refused_where_they_are_typed() {
        QFETCH(QString, what);
        Desk d;
        const auto plan = d.document.plan();
        d.window.go(Station::wiring);
        d.window.wiring()->cables_toggle()->setChecked(true);
        Desk::settle();
        auto* view = d.window.wiring()->cables();
        view->grab();
        QTest::mouseClick(view, Qt::LeftButton, {}, view->spot_centre("core 0 2"));
        QVERIFY(view->editor());
        view->editor()->setText(what);
        QTest::keyClick(view->editor(), Qt::Key_Return);
        // It stays open with what was typed, and the plan is as it was.
        QVERIFY(view->editor() && view->editor()->text() == what);
        QVERIFY(d.document.plan() == plan);
        QTest::keyClick(view->editor(), Qt::Key_Escape);
        QVERIFY(d.document.plan() == plan);
    }
    void a_cable_without_cores_is_drawn_and_filled_again() {
        Desk d;
        d.window.go(Station::wiring);
        d.window.wiring()->cables_toggle()->setChecked(true);
        d.document.apply(
            [](const Plan& p) {
                auto next = p;
                for (auto& c : next.signal_leads()) c.cores.clear();
                return next;
            },
            "Emptied");
        Desk::settle();
        auto* view = d.window.wiring()->cables();
        view->grab();
        QMenu menu;
        view->fill_cable_menu(menu, 3);
        QAction* rename = nullptr;
        QAction* more = nullptr;
        for (auto* a : menu.actions()) {
            if (a->text() == "Rename…") rename = a;
            if (a->text() == "Add a core") more = a;
        }
        rename->trigger();
        QVERIFY(view->editor() && view->rect().contains(view->editor()->geometry()));
        QTest::keyClick(view->editor(), Qt::Key_Escape);
        for (size_t i = 0; i < most_cores; ++i) more->trigger();
        QCOMPARE(d.document.plan().signal_leads()[3].cores.size(), most_cores);
        QMenu full;
        view->fill_cable_menu(full, 3);
        for (auto* a : full.actions())
            if (a->text() == "Add a core") QVERIFY(!a->isEnabled());
        // What fits the drawing fits the file.
        QVERIFY(plan_from_json(plan_to_json(d.document.plan()), "x").has_value());
    }
    void an_evening_is_undone_and_redone() {
        Desk d;
        const auto start = d.document.plan();
        for (int i = 0; i < 25; ++i) {
            d.document.apply(
                [i](const Plan& p) {
                    return set_converter_voltage(p, p.converters[0].id, Volt(5 + 0.01 * i));
                },
                "set");
            QTest::keyClick(&d.window, Qt::Key_F8);
        }
        const auto end = d.document.plan();
        for (int i = 0; i < 100 && d.document.can_undo(); ++i)
            QTest::keyClick(&d.window, Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(d.document.plan() == start);
        QVERIFY(!d.document.modified());
        for (int i = 0; i < 100 && d.document.can_redo(); ++i)
            QTest::keyClick(&d.window, i % 2 ? Qt::Key_Y : Qt::Key_Z,
                            i % 2 ? Qt::ControlModifier : Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(d.document.plan() == end);
    }
    void every_step_is_done_and_every_reading_taken() {
        Desk d;
        d.document.propose_wiring();
        d.window.go(Station::build);
        const auto to_do = d.document.study().steps().size() -
                           static_cast<size_t>(std::count_if(
                               d.document.study().steps().begin(), d.document.study().steps().end(),
                               [&](const auto& s) { return d.document.plan().done.contains(s.key); }));
        for (size_t i = 0; i < to_do; ++i) QTest::keyClick(d.window.build(), Qt::Key_Space);
        for (const auto& s : d.document.study().steps())
            QVERIFY2(d.document.plan().done.contains(s.key), s.key.c_str());
        QCOMPARE(minutes_left(d.document.plan(), d.document.study().steps()), 0.0);
        d.window.go(Station::bench);
        const auto readings = d.document.study().readings();  // recording one makes a new study
        for (const auto& r : readings) {
            d.window.bench()->go_to(r.key);
            d.window.bench()->field()->setText(
                std::isinf(r.high) ? QStringLiteral("OL") : QString::number((r.low + r.high) / 2, 'f', 4));
            d.window.bench()->record();
        }
        for (const auto& r : d.document.study().readings()) {
            const auto m = d.document.plan().measured.find(r.key);
            QVERIFY2(m != d.document.plan().measured.end() && judge(r, m->second) == Verdict::pass,
                     r.key.c_str());
        }
        QVERIFY(d.document.plan().log.size() >=
                d.document.study().steps().size() + d.document.study().readings().size());
        const auto file = d.folder.filePath("done.json");
        QVERIFY(d.document.save_as(file));
        QVERIFY(load_plan(file.toStdString())->done == d.document.plan().done);
    }
    void demos_fit_light_dark_and_large_data() {
        QTest::addColumn<QString>("file");
        QTest::addColumn<bool>("dark");
        QTest::addColumn<double>("scale");
        for (const auto& f :
             QDir(QString::fromStdString((data_directory() / "demos").string())).entryInfoList({"*.json"}))
            for (const auto& [dark, scale] : {std::pair{false, 1.0}, {true, 1.5}})
                QTest::addRow("%s %s %.1f", qPrintable(f.baseName()), dark ? "dark" : "light", scale)
                    << f.absoluteFilePath() << dark << scale;
    }
    void demos_fit_light_dark_and_large() {
        QFETCH(QString, file);
        QFETCH(bool, dark);
        QFETCH(double, scale);
        Desk d(file);
        d.window.restyle(dark ? Appearance::dark : Appearance::light, scale);
        for (int i = 0; i < station_count; ++i) {
            d.window.go(static_cast<Station>(i));
            Desk::settle();
            QVERIFY(d.window.minimumSizeHint().width() <= 1280);
            for (auto* canvas : d.canvases())
                for (const auto& s : canvas->spots())
                    QVERIFY2(s.area.right() <= canvas->width() + 2 && s.area.left() >= -2, qPrintable(s.key));
        }
        d.window.restyle(Appearance::light, 1);
    }
    void a_plan_is_emptied_to_nothing() {
        Desk d;
        while (!d.document.plan().loads.empty())
            d.document.apply([](const Plan& p) { return remove_load(p, p.loads.back().id); }, "remove");
        for (int i = 0; i < station_count; ++i) {
            d.window.go(static_cast<Station>(i));
            Desk::settle();
            QVERIFY(!d.window.grab().isNull());
        }
        QVERIFY(!d.document.propose_wiring());  // nothing to wire, and it says so
        QVERIFY(!d.window.banner_words()->text().isEmpty());
    }
};

SANGRE_SUITE(TestWalks);
#include "test_walks.moc"
