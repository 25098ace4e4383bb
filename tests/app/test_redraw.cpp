// What stands on the screen after edits is what a window that opens now would draw, however little was
// painted.
#include <QApplication>
#include <QScrollArea>
#include <QSettings>
#include <QTemporaryDir>

#include "desk.h"
#include "loads/loads_station.h"
#include "power/power_station.h"
#include "shell/window.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

namespace {

/// A plan at a station.
struct View : Desk {
    View(const Plan& plan, Station station) : Desk(plan) {
        // In which all runs that is looked at.
        auto c = document.conditions();
        for (const auto& phase : plan.phases)
            if (!plan.loads.empty() &&
                state_in(phase, plan.loads[std::min<size_t>(3, plan.loads.size() - 1)]) != LoadState::off)
                c.phase = phase.id;
        document.set_conditions(c);
        window.go(station);
        settle();
    }
    /// Every drawing on screen by its name, as it was painted last.
    std::map<QString, QImage> drawings() {
        // Past the glow of what changed.
        QTest::qWait(250);
        std::map<QString, QImage> all;
        const auto screen = window.grab().toImage();
        for (auto* c : canvases())
            if (!c->visibleRegion().isEmpty())
                all[c->accessibleName()] =
                    screen.copy(c->visibleRegion().boundingRect().translated(c->mapTo(&window, QPoint())));
        return all;
    }
};

int farthest(QRgb a, QRgb b) {
    return std::max(
        {std::abs(qRed(a) - qRed(b)), std::abs(qGreen(a) - qGreen(b)), std::abs(qBlue(a) - qBlue(b))});
}

/// How many pixels differ by more than `shade` of 255.
int differ(const QImage& a, const QImage& b, int shade) {
    int n = 0;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x) n += farthest(a.pixel(x, y), b.pixel(x, y)) > shade;
    return n;
}

}  // namespace

class TestRedraw : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void after_edits_it_is_drawn_as_if_anew_data() {
        QTest::addColumn<int>("station");
        for (int i = 0; i < station_count; ++i)
            QTest::newRow(qPrintable(StationBar::station_name(static_cast<Station>(i)))) << i;
    }
    void after_edits_it_is_drawn_as_if_anew() {
        QFETCH(int, station);
        View edited(test::demo(), static_cast<Station>(station));
        auto& d = edited.document;
        const auto id = d.plan().loads[3].id;
        const auto edit = [&](auto change) {
            d.apply(
                [&](const Plan& p) {
                    auto l = *by_id(p.loads, id);
                    change(l);
                    return put_load(p, l);
                },
                "A figure");
            View::settle();
        };
        edit([](Load& l) { l.name = "Mist pump"; });
        edit([](Load& l) { l.typical *= 2; });
        d.undo();
        View::settle();
        auto c = d.conditions();
        c.charge = 0.35;
        d.set_conditions(c);
        d.select(d.plan().loads[0].id);
        View::settle();
        // Last by so little at a time that nothing moves by a pixel, until it all has moved.
        for (int i = 0; i < 60; ++i) edit([](Load& l) { l.typical *= 1.004; });
        for (int i = 0; i < 5; ++i) {
            d.apply(
                [](const Plan& p) {
                    return set_phase_duration(p, p.phases[2].id, p.phases[2].duration * 1.002);
                },
                "A little longer");
            View::settle();
        }

        View fresh(d.plan(), static_cast<Station>(station));
        fresh.document.set_conditions(d.conditions());
        fresh.document.select(d.selection());
        View::settle();
        // How sure the figures are is drawn in the background.
        for (auto* view : {&edited, &fresh})
            QTRY_VERIFY_WITH_TIMEOUT(view->window.why()->page()->words().contains("How sure"), 60000);
        // The ring around what has the keys is where each was left.
        for (auto* view : {&edited, &fresh})
            if (auto* at = view->window.focusWidget()) at->clearFocus();
        View::settle();
        const auto seen = edited.drawings(), wanted = fresh.drawings();
        QCOMPARE(seen.size(), wanted.size());
        QVERIFY(seen.size() >= 3);
        for (const auto& [name, picture] : wanted) {
            QVERIFY2(seen.contains(name), qPrintable(name));
            QCOMPARE(seen.at(name).size(), picture.size());
            // A band's edge may be a third of a pixel off, which shades it; a letter or a colour may not be.
            const int shade = name == "Flow map" ? 110 : 2, odd = differ(seen.at(name), picture, shade);
            QVERIFY2(odd == 0, qPrintable(QStringLiteral("%1: %2 pixels are stale").arg(name).arg(odd)));
        }
    }

    void a_small_repaint_keeps_every_place_that_answers() {
        View v(test::star(60), Station::loads);
        auto* list = v.window.findChild<LoadList*>();
        list->repaint();
        const auto all = list->spots().size();
        QVERIFY(all >= 60);
        list->repaint(QRect(0, 0, 10, 10));
        QCOMPARE(list->spots().size(), all);
    }

    void the_keyboard_brings_into_view_what_it_walks_to() {
        View v(test::star(60), Station::loads);
        auto* list = v.window.findChild<LoadList*>();
        list->setFocus();
        list->repaint();
        for (const auto key : {Qt::Key_End, Qt::Key_Home, Qt::Key_End}) {
            QTest::keyClick(list, key);
            View::settle();
            const auto at = list->spot_centre(list->focused_spot());
            QVERIFY(!at.isNull());
            QVERIFY2(list->visibleRegion().contains(at), qPrintable(list->focused_spot()));
        }
        QVERIFY(list->spot_centre(list->focused_spot()).y() > 1000);
    }

    void a_picture_of_a_long_list_holds_its_last_row() {
        View v(test::star(60), Station::loads);
        auto* list = v.window.findChild<LoadList*>();
        const auto file = v.folder.filePath("loads.png");
        QCOMPARE(list->export_picture(file), QString());
        const QImage whole(file);
        QCOMPARE(whole.height(), list->height() * 2);
        const auto last =
            list->spot_centre("load:" + QString::fromStdString(v.document.plan().loads.back().id)) * 2;
        QCOMPARE(whole.pixelColor(QPoint(last.x(), last.y())), theme().card);
    }

    void saving_again_and_again_keeps_one_recent_entry() {
        View v(test::demo(), Station::loads);
        const auto file = v.folder.filePath("a.json"), other = v.folder.filePath("b.json");
        QVERIFY(v.document.save_as(file));
        QVERIFY(v.document.save_as(other));
        QVERIFY(v.document.save_as(file));
        v.document.apply(
            [](Plan p) {
                p.name = "Another name";
                return p;
            },
            "Rename");
        QTRY_COMPARE(QSettings().value("recent").toStringList(), QStringList({file, other}));
    }
};

SANGRE_SUITE(TestRedraw);
#include "test_redraw.moc"
