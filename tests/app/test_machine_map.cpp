// The machine on its picture: dropped, scaled by two clicks, ways drawn point by point, zones, parts that
// have no place yet.
#include <QBuffer>
#include <QClipboard>
#include <QDropEvent>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QSettings>
#include <QSignalSpy>
#include <QTimer>

#include "desk.h"
#include "plan/drawn.h"
#include "plan/placing.h"
#include "routing/routing_station.h"
#include "shell/pictures.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

namespace {

/// What somebody might have photographed: a tub, a mast, shadows.
QImage photograph(int wide, int tall) {
    QImage picture(wide, tall, QImage::Format_RGB32);
    picture.fill(QColor("#8c8a80"));
    QPainter p(&picture);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor("#4a5a48"));
    p.drawRoundedRect(wide / 10, tall / 6, wide * 8 / 10, tall * 4 / 6, wide / 20.0, wide / 20.0);
    p.setBrush(QColor("#c9c2a8"));
    p.drawEllipse(wide * 6 / 10, tall / 3, wide / 8, wide / 8);
    return picture;
}

}  // namespace

class TestMachineMap : public QObject {
    Q_OBJECT
    QTemporaryDir home_, files_;

    QString file(const QString& name) const { return files_.filePath(name); }
    static void drop(Desk& d, const QString& path) {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(path)});
        QDragEnterEvent enter({300, 300}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&d.window, &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent e(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&d.window, &e);
        Desk::settle();
    }
    static MachineMap* map(Desk& d) {
        d.window.go(Station::routing);
        Desk::settle();
        auto* m = d.window.routing()->map();
        m->repaint();
        return m;
    }
    /// A point of the side that is shown, found by where two places are drawn.
    static QPoint at(Desk& d, double x, double y) {
        auto* m = map(d);
        const auto& places = d.document.plan().places;
        QPointF origin, scale;
        const auto &a = places[0], &b = places[1];
        const QPointF pa = m->spot_centre("place:" + QString::fromStdString(a.id)),
                      pb = m->spot_centre("place:" + QString::fromStdString(b.id));
        scale = {(pb.x() - pa.x()) / (b.x - a.x), (pb.y() - pa.y()) / (b.y - a.y)};
        origin = {pa.x() - a.x * scale.x(), pa.y() - a.y * scale.y()};
        return QPointF(origin.x() + x * scale.x(), origin.y() + y * scale.y()).toPoint();
    }
    /// Two places far apart and a way between them.
    static Plan two_places() {
        Plan plan = test::one_feed();
        plan.places = {{"a", "A", 0.2, 0.3}, {"b", "B", 0.8, 0.7}};
        plan.ways = {{"w", "a", "b", Metre(5)}};
        plan.sources[0].place = "a", plan.loads[0].place = "b";
        return plan;
    }

  private slots:
    void initTestCase() {
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path());
        QVERIFY(photograph(1600, 900).save(file("rover.jpg")));
        QFile broken(file("broken.png"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        QVERIFY(broken.write("\x89PNG\r\n\x1a\nand no more") > 0);
    }

    void a_dropped_picture_stands_behind_and_is_kept_beside_the_plan() {
        Desk d(two_places());
        drop(d, file("rover.jpg"));
        QCOMPARE(d.document.plan().sides.size(), size_t{1});
        const auto side = d.document.plan().sides[0];
        QVERIFY(!side.picture.empty());
        QVERIFY(std::abs(side.tall - 900.0 / 1600) < 1e-9);
        QVERIFY(QFile::exists(d.document.pictures_pool() + "/" + QString::fromStdString(side.picture)));
        QTemporaryDir there;
        QVERIFY(d.document.save_as(there.filePath("plan.json")));
        QVERIFY(QFile::exists(there.filePath(QString::fromStdString(side.picture))));
        // Elsewhere, from there.
        QTemporaryDir else_where;
        QVERIFY(d.document.save_as(else_where.filePath("plan.json")));
        QVERIFY(QFile::exists(else_where.filePath(QString::fromStdString(side.picture))));
        d.document.undo();  // the name that it was saved under
        d.document.undo();
        QVERIFY(d.document.plan().sides.empty());
    }

    void a_pasted_picture_does_too() {
        Desk d(two_places());
        auto* data = new QMimeData;
        data->setImageData(photograph(400, 300));
        QApplication::clipboard()->setMimeData(data);
        QTest::keySequence(&d.window, QKeySequence::Paste);
        Desk::settle();
        QCOMPARE(d.document.plan().sides.size(), size_t{1});
    }

    void two_clicks_and_a_distance_give_the_scale() {
        Desk d(two_places());
        drop(d, file("rover.jpg"));
        auto* m = map(d);
        QVERIFY(m->hint().contains("two points"));
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.25, 0.5));
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.75, 0.5));
        d.type_into_editor(m, "1.2 m");
        QVERIFY(std::abs(raw(d.document.plan().sides[0].across) - 2.4) < 0.03);
        QVERIFY(m->hint().isEmpty());
        // Both on one spot: said, and nothing is changed.
        m->begin_scale();
        QSignalSpy said(&d.document, &Document::said);
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.5, 0.5));
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.5, 0.5));
        QCOMPARE(said.size(), 1);
        QVERIFY(said[0][0].toString().contains("one spot"));
        QVERIFY(std::abs(raw(d.document.plan().sides[0].across) - 2.4) < 0.03);
        QTest::keyClick(m, Qt::Key_Escape);
        QVERIFY(m->hint().isEmpty());
    }

    void a_way_is_drawn_point_by_point_and_measures_itself() {
        auto plan = put_side(two_places(), {"top", "Above", "", Metre(2), 0.5});
        Desk d(plan);
        auto* m = map(d);
        m->begin_line("w");
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.8, 0.3));
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.5, 0.5));
        QTest::keyClick(m, Qt::Key_Backspace);
        QTest::keyClick(m, Qt::Key_Return);
        const auto& way = d.document.plan().ways[0];
        QVERIFY(way.drawn);
        QCOMPARE(bends_of(way)->size(), size_t{1});
        // 1.2 m across and 0.4 m down.
        QVERIFY2(std::abs(raw(way.length) - 1.6) < 0.03, qPrintable(QString::number(raw(way.length))));
        // A bend is dragged, and taken away again.
        const auto before = raw(way.length);
        m->repaint();
        const auto bend = m->spot_centre("bend:w:0");
        QVERIFY(!bend.isNull());
        QTest::mousePress(m, Qt::LeftButton, {}, bend);
        QTest::mouseMove(m, bend + QPoint(-60, 40));
        QMouseEvent move(QEvent::MouseMove, QPointF(bend + QPoint(-80, 60)),
                         m->mapToGlobal(QPointF(bend + QPoint(-80, 60))), Qt::NoButton, Qt::LeftButton,
                         Qt::NoModifier);
        QApplication::sendEvent(m, &move);
        QTest::mouseRelease(m, Qt::LeftButton, {}, bend + QPoint(-80, 60));
        QVERIFY(raw(d.document.plan().ways[0].length) < before);
        m->focus_spot("bend:w:0");
        QTest::keyClick(m, Qt::Key_Menu);
        QVERIFY(bends_of(d.document.plan().ways[0])->empty());
        // A typed length stays as it was typed.
        m->edit_length("w");
        d.type_into_editor(m, "3 m");
        QVERIFY(!d.document.plan().ways[0].drawn);
        QCOMPARE(raw(d.document.plan().ways[0].length), 3.0);
    }

    void a_zone_is_met_where_it_lies() {
        auto plan = put_side(two_places(), {"top", "Above", "", Metre(2), 0.5});
        Desk d(plan);
        auto* m = map(d);
        m->add_zone(OnWayKind::heat);
        QCOMPARE(d.document.plan().zones.size(), size_t{1});
        QCOMPARE(d.document.plan().ways[0].on_it.size(), size_t{1});
        m->repaint();
        const auto id = d.document.plan().zones[0].id;
        const auto label = m->spot_centre("zone:" + QString::fromStdString(id));
        QTest::mousePress(m, Qt::LeftButton, {}, label);
        const auto to = label + QPoint(-200, 150);
        QMouseEvent move(QEvent::MouseMove, QPointF(to), m->mapToGlobal(QPointF(to)), Qt::NoButton,
                         Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(m, &move);
        QTest::mouseRelease(m, Qt::LeftButton, {}, to);
        QVERIFY(d.document.plan().zones[0].left < 0.3);
        QVERIFY(d.document.plan().ways[0].on_it.empty());
    }

    void parts_wait_until_they_have_a_place() {
        auto plan = two_places();
        plan.loads[0].place.clear(), plan.sources[0].place.clear();
        Desk d(plan);
        auto* m = map(d);
        const auto chip = m->spot_centre("tray:" + QString::fromStdString(plan.loads[0].id));
        QVERIFY(!chip.isNull());
        const auto to = m->spot_centre("place:b");
        QTest::mousePress(m, Qt::LeftButton, {}, chip);
        QMouseEvent move(QEvent::MouseMove, QPointF(to), m->mapToGlobal(QPointF(to)), Qt::NoButton,
                         Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(m, &move);
        QTest::mouseRelease(m, Qt::LeftButton, {}, to);
        QCOMPARE(d.document.plan().loads[0].place, Id("b"));
        m->repaint();
        m->focus_spot("place all");
        QTest::keyClick(m, Qt::Key_Return);
        QVERIFY(unplaced(d.document.plan()).empty());
        d.document.undo();
        QCOMPARE(unplaced(d.document.plan()).size(), size_t{1});
    }

    void what_is_drawn_on_may_go_meanwhile() {
        auto plan = put_side(two_places(), {"top", "Above", "", Metre(2), 0.5});
        Desk d(plan);
        auto* m = map(d);
        m->begin_line("w");
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.5, 0.4));
        d.document.apply([](const Plan& p) { return remove_way(p, "w"); }, "Gone");
        m->repaint();
        QVERIFY(m->hint().isEmpty());
        d.document.undo();
        m->begin_scale();
        QTest::mouseClick(m, Qt::LeftButton, {}, at(d, 0.5, 0.4));
        d.document.apply([](const Plan& p) { return remove_side(p, "top"); }, "Gone");
        QTest::mouseClick(m, Qt::LeftButton, {}, QPoint(300, 300));
        m->repaint();
        QVERIFY(m->hint().isEmpty());
        // A distance that is not typed: two more clicks begin anew.
        d.document.undo();
        m->begin_scale();
        for (const double x : {0.3, 0.6}) QTest::mouseClick(m, Qt::LeftButton, {}, at(d, x, 0.5));
        m->close_editor();
        for (const double x : {0.25, 0.75}) QTest::mouseClick(m, Qt::LeftButton, {}, at(d, x, 0.5));
        d.type_into_editor(m, "4 m");
        QVERIFY(std::abs(raw(d.document.plan().sides[0].across) - 8) < 0.1);
    }

    void what_cannot_be_read_is_said_and_nothing_is_lost() {
        Desk d(two_places());
        QSignalSpy said(&d.document, &Document::said);
        drop(d, file("broken.png"));
        QCOMPARE(said.size(), 1);
        QVERIFY(said.takeFirst()[0].toString().contains("broken.png"));
        d.window.routing()->map()->take_picture_file(file("gone.png"));
        QVERIFY(said.takeFirst()[0].toString().contains("gone.png"));
        QVERIFY(d.document.plan().sides.empty());
        // A picture whose header alone says 400 megapixels is not read.
        QImage tiny(1, 1, QImage::Format_Grayscale8);
        QByteArray bytes;
        QBuffer buffer(&bytes);
        buffer.open(QIODevice::WriteOnly);
        tiny.save(&buffer, "PNG");
        // Width and height stand in the header, and its sum behind them.
        const auto put = [&](int where, quint32 value) {
            for (int i = 0; i < 4; ++i) bytes[where + i] = static_cast<char>(value >> (24 - 8 * i));
        };
        put(16, 20000), put(20, 20000);
        quint32 sum = 0xFFFFFFFFU;
        for (int i = 12; i < 29; ++i) {
            sum ^= static_cast<quint8>(bytes[i]);
            for (int k = 0; k < 8; ++k) sum = sum & 1 ? (sum >> 1) ^ 0xEDB88320U : sum >> 1;
        }
        put(29, ~sum);
        QFile huge(file("huge.png"));
        QVERIFY(huge.open(QIODevice::WriteOnly));
        huge.write(bytes);
        huge.close();
        d.window.routing()->map()->take_picture_file(file("huge.png"));
        QVERIFY2(said.size() == 1 && said[0][0].toString().contains("megapixels"),
                 said.isEmpty() ? "" : qPrintable(said[0][0].toString()));
        // A name that leads elsewhere is no name.
        QVERIFY(find_picture("../rover.jpg", file("x/plan.json"), files_.path()).isEmpty());
        QVERIFY(!find_picture("rover.jpg", {}, files_.path()).isEmpty());
    }

    void a_large_picture_is_kept_small() {
        QVERIFY(photograph(5000, 3000).save(file("large.jpg")));
        const auto read = read_picture(file("large.jpg"));
        QVERIFY(read);
        QVERIFY(read->width() <= 2048 && read->height() <= 2048);
        const auto name = keep_picture(*read, file("kept"));
        QVERIFY(name);
        QVERIFY(QFileInfo(file("kept/" + *name)).size() < 2'000'000);
        QCOMPARE(*keep_picture(*read, file("kept")), *name);
    }

    void what_is_on_a_way_is_not_behind_a_place_data() { test::demo_rows(); }
    void what_is_on_a_way_is_not_behind_a_place() {
        QFETCH(QString, demo);
        for (const double scale : {1.0, 1.5}) {
            set_text_scale(scale);
            Desk d(test::demo(demo));
            auto* m = map(d);
            std::vector<QRectF> places, signs;
            for (const auto& s : m->spots()) {
                if (s.key.startsWith("place:")) places.push_back(s.area);
                if (s.key.startsWith("sign:")) signs.push_back(s.area);
            }
            QVERIFY(!places.empty());
            int hidden = 0;
            for (const auto& sign : signs)
                hidden += std::any_of(places.begin(), places.end(),
                                      [&](const auto& box) { return box.intersects(sign); });
            const auto size = m->size();
            set_text_scale(1);
            QVERIFY2(
                hidden == 0,
                qPrintable(QStringLiteral("%1 at %2, %3 wide").arg(hidden).arg(scale).arg(size.width())));
        }
    }
    void what_is_over_a_lead_is_chosen_and_measured_by_its_row() {
        Desk d;
        d.window.go(Station::routing);
        Desk::settle();
        auto* cuts = d.window.routing()->findChild<CutPanel*>();
        QVERIFY(cuts);
        const auto lead = [&](const char* id) {
            const Id wanted(id);
            const auto* cable = by_id(d.document.plan().signal_leads(), wanted);
            return cable ? *cable : *by_id(d.document.plan().feeds(), wanted);
        };
        // The menu stands open until something of it is chosen.
        const auto choose = [&](const QString& row, const QString& words, bool there = true) {
            bool found = false;
            QTimer::singleShot(0, [&] {
                auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
                if (!menu) return;
                for (auto* below : menu->findChildren<QMenu*>())
                    for (auto* action : below->actions())
                        if (action->text() == words) found = true, action->trigger();
                menu->close();
            });
            d.click(cuts, row, Qt::RightButton);
            QCOMPARE(found, there);
        };
        const auto row = QStringLiteral("cut:feed-hub-load-drive-left");
        choose(row, "A sheath", false);  // over plain wires there is none
        choose(row, "Type how thick it is over all…", false);
        choose(row, "A braid");
        QCOMPARE(lead("feed-hub-load-drive-left").jacket, Jacket::braid);
        choose(row, "Type how thick it is over all…");
        d.type_into_editor(cuts, "2 m");
        QVERIFY(cuts->editor());  // said what is expected, nothing lost
        cuts->close_editor();
        choose(row, "Type how thick it is over all…");
        d.type_into_editor(cuts, "11.5 mm");
        QCOMPARE(raw(lead("feed-hub-load-drive-left").across), 11.5);
        d.document.undo(), d.document.undo();
        QCOMPARE(lead("feed-hub-load-drive-left").jacket, Jacket::none);
        // A cable's sheath is there; what is drawn of its opening is one round and its cores.
        d.document.select("deck-mast");
        Desk::settle();
        cuts->repaint();
        int later = 0;
        for (const auto& s : cuts->spots()) later += s.key.startsWith("round") ? 1 : 0;
        QCOMPARE(later, 1);
        choose("cut:cable-mast", "Nothing: they lie loose");
        QCOMPARE(lead("cable-mast").jacket, Jacket::none);
    }
    void a_picture_that_is_gone_is_said() {
        auto plan = put_side(two_places(), {"top", "Above", "nowhere.jpg", Metre(2), 0.5});
        Desk d(plan);
        auto* m = map(d);
        const auto* gone = m->spot("picture gone");
        QVERIFY(gone && gone->tip.words().contains("nowhere.jpg"));
        // Put back, it is there at the next look.
        QVERIFY(QDir().mkpath(d.document.pictures_pool()));
        QVERIFY(photograph(80, 40).save(d.document.pictures_pool() + "/nowhere.jpg"));
        m->repaint();
        QVERIFY(!m->spot("picture gone"));
    }
};

SANGRE_SUITE(TestMachineMap);
#include "test_machine_map.moc"
