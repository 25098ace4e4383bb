// The third station through its widgets: sizes dragged, a short pointed at, the diagram looked at and
// written.
#include <QMenu>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>

#include "fixtures.h"
#include "shell/window.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;

namespace {

struct WiringEvening {
    QTemporaryDir folder;
    Document document{std::make_shared<const Catalogue>(test::parts()), folder.filePath("recovery")};
    Window window{document};
    WiringEvening() {
        document.open(QString::fromStdString(test::demo_file()));
        window.resize(1280, 800);
        window.show();
        window.go(Station::wiring);
        document.select("feed-hub-load-work-lamp");
        settle();
    }
    static void settle() {
        for (int i = 0; i < 5; ++i) QApplication::processEvents();
    }
    const Feed& lamp() { return *by_id(document.plan().feeds, "feed-hub-load-work-lamp"); }
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
        QCOMPARE(raw(device(e.lamp(), DeviceKind::fuse)->rating), 7.5);
        QMouseEvent further(QEvent::MouseMove, at + QPointF(0, 42), list->mapToGlobal(at + QPointF(0, 42)),
                            Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(list, &further);
        QCOMPARE(raw(device(e.lamp(), DeviceKind::fuse)->rating), 4.0);
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
        const auto index = static_cast<size_t>(&e.lamp() - e.document.plan().feeds.data());
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
    void the_diagram_is_looked_at_and_written() {
        WiringEvening e;
        auto* station = e.window.wiring();
        station->diagram_toggle()->setChecked(true);
        WiringEvening::settle();
        auto* view = station->diagram();
        QCOMPARE(view->diagram().sheets.size(), size_t{1});
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
        for (const char* name : {"a.svg", "a.pdf", "a.png"}) {
            const auto file = e.folder.filePath(name);
            QCOMPARE(view->export_sheets(file), QString());
            QVERIFY2(QFileInfo(file).size() > 2000, name);
        }
        QVERIFY(view->export_sheets(e.folder.filePath("a.docx")).contains(".svg, .pdf or .png"));
        QCOMPARE(view->export_labels(e.folder.filePath("labels.pdf")), QString());
        QVERIFY(QFileInfo(e.folder.filePath("labels.pdf")).size() > 2000);
        QVERIFY(view->export_sheets("/nowhere/a.svg").contains("cannot be written"));
        // It follows the plan.
        e.document.apply([](const Plan& p) { return remove_load(p, "load-computer"); }, "Remove");
        WiringEvening::settle();
        view->grab();
        QVERIFY(view->spot_centre("0 load-computer").isNull());
        e.document.new_plan();
        WiringEvening::settle();
        QVERIFY(!view->export_sheets(e.folder.filePath("b.svg")).isEmpty());
    }
};

SANGRE_SUITE(TestWiring);
#include "test_wiring.moc"
