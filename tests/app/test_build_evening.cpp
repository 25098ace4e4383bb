// An evening at the table, by keys alone: from taking apart to the last fuse, with a photograph, a clock, a
// note, what is cut and what is bought.
#include <QApplication>
#include <QClipboard>
#include <QInputDialog>

#include "bench/bench_station.h"
#include "build/build_station.h"
#include "desk.h"
#include "plan/plan_pictures.h"
#include "routing/routing_station.h"

using namespace sangre;
using namespace sangre::app;

class TestBuildEvening : public QObject {
    Q_OBJECT
    static std::string today() { return QDate::currentDate().toString(Qt::ISODate).toStdString(); }
    static BuildStation* at_work(Desk& d) {
        d.window.go(Station::build);
        d.settle();
        return d.window.build();
    }

  private slots:
    void a_whole_demo_is_built_to_the_last_fuse() {
        Desk d;
        auto* b = at_work(d);
        std::vector<std::string> order;
        for (int guard = 0; guard < 300 && b->current() && !is_done(d.document.plan(), *b->current());
             ++guard) {
            order.push_back(b->current()->key);
            QTest::keyClick(b, Qt::Key_Space);
        }
        QVERIFY(order.size() > 80);
        QCOMPARE(minutes_left(d.document.plan(), d.document.study().steps()), 0.0);
        QCOMPARE(order.back(), std::string("fit/battery-fuse"));
        // Every step came after all that it waits for, evening by evening.
        const auto& steps = d.document.study().steps();
        for (size_t i = 0; i < order.size(); ++i)
            for (const auto& s : steps)
                if (s.key == order[i])
                    for (const auto& key : s.after)
                        QVERIFY2(std::find(order.begin() + static_cast<std::ptrdiff_t>(i) + 1, order.end(),
                                           key) == order.end(),
                                 (s.key + " before " + key).c_str());
        QVERIFY(b->evenings().empty());
        // One undo gives the last tick back.
        QTest::keyClick(&d.window, Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!d.document.plan().done.contains("fit/battery-fuse"));
    }
    void how_long_there_is_decides_what_is_done_tonight() {
        Desk d;
        auto* b = at_work(d);
        const auto usual = b->evenings().front().steps.size();
        QVERIFY(usual > 3);
        b->strip()->repaint();
        b->strip()->edit_minutes(today());
        d.type_into_editor(b->strip(), "3 h");
        QCOMPARE(d.document.plan().evenings.at(today()), 180.0);
        QVERIFY(b->evenings().front().steps.size() > usual);
        QVERIFY(b->evenings().front().used <= 180);
        b->strip()->edit_minutes(today());
        b->strip()->editor()->setText("40 h");
        QTest::keyClick(b->strip()->editor(), Qt::Key_Return);
        QVERIFY(b->strip()->editor());  // refused, and still there
        QTest::keyClick(b->strip()->editor(), Qt::Key_Escape);
        QCOMPARE(d.document.plan().evenings.at(today()), 180.0);
        d.document.undo();
        QVERIFY(d.document.plan().evenings.empty());
    }
    void the_edge_of_an_evening_is_dragged() {
        Desk d;
        auto* b = at_work(d);
        b->strip()->repaint();
        const auto* spot = b->strip()->spot("evening:" + QString::fromStdString(today()));
        QVERIFY(spot);
        const auto edge = QPoint(static_cast<int>(std::lround(spot->area.right())),
                                 static_cast<int>(spot->area.top()) + 10);
        QTest::mousePress(b->strip(), Qt::LeftButton, {}, edge);
        QTest::mouseMove(b->strip(), edge - QPoint(30, 0));
        QMouseEvent move(QEvent::MouseMove, QPointF(edge - QPoint(30, 0)), QPointF(edge), Qt::LeftButton,
                         Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(b->strip(), &move);
        QTest::mouseRelease(b->strip(), Qt::LeftButton, {}, edge - QPoint(30, 0));
        const double minutes = d.document.plan().evenings.at(today());
        QVERIFY2(minutes > 5 && minutes < 90, qPrintable(QString::number(minutes)));
    }
    void a_drawing_follows_its_window_both_ways() {
        Desk d;
        auto* b = at_work(d);
        const auto drawn = [&] {
            d.settle();
            b->card()->repaint();
            return b->card()->drawn_at();
        };
        d.window.resize(1280, 800);
        for (int i = 0; i < 200 && drawn().isEmpty(); ++i) QTest::keyClick(b, Qt::Key_Down);
        const auto before = drawn();
        QVERIFY2(before.height() >= 120, qPrintable(QString::number(before.height())));
        d.window.resize(1920, 1080);
        QVERIFY(drawn().height() >= before.height());
        d.window.resize(1280, 800);
        QCOMPARE(drawn(), before);
        QVERIFY(b->card()->rect().contains(before.toAlignedRect()));
    }
    void actions_are_ticked_alone() {
        Desk d;
        auto* b = at_work(d);
        b->card()->repaint();
        const auto key = b->current()->key;
        d.click(b->card(), "action:0");
        QVERIFY(d.document.plan().done.contains(key + "#0"));
        QVERIFY(!is_done(d.document.plan(), *b->current()));
        d.click(b->card(), "action:0");
        QVERIFY(!d.document.plan().done.contains(key + "#0"));
    }
    void the_clock_counts_what_is_to_be_counted() {
        Desk d;
        auto* b = at_work(d);
        for (const auto& s : d.document.study().steps())
            if (s.count_s > 0 && !is_done(d.document.plan(), s)) {
                d.document.select(s.key);
                break;
            }
        d.window.go(Station::loads);
        // The station looks for what is selected when what it showed is gone.
        auto* fresh = b;
        for (int i = 0; i < 200 && fresh->current() && fresh->current()->count_s <= 0; ++i)
            QTest::keyClick(fresh, Qt::Key_Down);
        QVERIFY(fresh->current() && fresh->current()->count_s > 0);
        QVERIFY(!fresh->card()->counting());
        QTest::keyClick(fresh, Qt::Key_T);
        QVERIFY(fresh->card()->counting());
        const double left = fresh->card()->seconds_left();
        QTest::qWait(300);
        QVERIFY(fresh->card()->seconds_left() < left);
        QTest::keyClick(fresh, Qt::Key_T);
        QVERIFY(!fresh->card()->counting());
    }
    void a_photograph_stays_with_its_step() {
        Desk d;
        auto* b = at_work(d);
        QImage picture(60, 40, QImage::Format_RGB32);
        picture.fill(Qt::darkGreen);
        const auto key = b->current()->key;
        b->keep_photo(picture);
        const auto name = photo_of(d.document.plan(), key);
        QVERIFY(!name.empty());
        QCOMPARE(pictures_of(d.document.plan()).back(), name);
        // Saved, it lies beside the plan.
        const auto file = d.folder.filePath("evening.json");
        QVERIFY(d.document.save_as(file));
        QVERIFY(QFileInfo::exists(d.folder.filePath(QString::fromStdString(name))));
        b->keep_photo(QImage());  // none: said, nothing kept
        QCOMPARE(photo_of(d.document.plan(), key), name);
    }
    void measuring_opens_the_reading_of_the_step() {
        Desk d;
        auto* b = at_work(d);
        for (int i = 0; i < 200 && b->current() && b->current()->key != "test/beep"; ++i)
            QTest::keyClick(b, Qt::Key_Down);
        QCOMPARE(b->current()->key, std::string("test/beep"));
        QTest::keyClick(b, Qt::Key_M);
        d.settle();
        QVERIFY(d.window.bench()->current() && d.window.bench()->current()->key.starts_with("beep/"));
    }
    void what_is_cut_and_what_is_bought_is_seen_and_ticked() {
        Desk d;
        auto* b = at_work(d);
        b->show_page(BuildStation::Page::cuts);
        d.settle();
        QVERIFY(b->cuts()->list().pieces > 20 && b->cuts()->list().offcuts > 0);
        b->show_page(BuildStation::Page::shop);
        d.settle();
        const auto& first = b->shop()->list().lines.front();
        const auto item = first.need.item;
        d.click(b->shop(), "buy:" + QString::fromStdString(item));
        QVERIFY(d.document.plan().orders.at(item) == OrderState::ordered);
        d.click(b->shop(), "buy:" + QString::fromStdString(item));
        d.click(b->shop(), "buy:" + QString::fromStdString(item));
        QVERIFY(d.document.plan().orders.at(item) == OrderState::arrived);
        d.click(b->shop(), "buy:" + QString::fromStdString(item));
        QVERIFY(!d.document.plan().orders.contains(item));
    }
    void an_edit_after_a_tick_asks_for_it_again() {
        Desk d;
        auto* b = at_work(d);
        while (b->current() && !b->current()->key.starts_with("cut/")) QTest::keyClick(b, Qt::Key_Down);
        const auto key = b->current()->key;
        const auto lead = b->current()->about;
        QTest::keyClick(b, Qt::Key_Space);
        QVERIFY(d.document.plan().done.contains(key));
        d.document.apply([lead](const Plan& p) { return set_wire(p, lead, "awg6-silicone"); },
                         "Another wire");
        d.settle();
        const auto touched = touched_work(d.document.plan(), d.document.study().steps());
        QVERIFY(std::any_of(touched.begin(), touched.end(), [&](const auto& t) { return t.key == key; }));
        QVERIFY(d.document.plan().done.contains(key));  // the tick is not dropped silently
    }
    void a_lead_is_dragged_to_another_way() {
        Desk d;
        d.window.go(Station::routing);
        d.document.select("feed-rail-12-0v-load-fog-pump");
        d.settle();
        auto* map = d.window.routing()->map();
        map->repaint();
        const auto at = [&](const char* way, double share) {
            const auto* w = by_id(d.document.plan().ways, Id(way));
            const auto a = map->spot_centre("place:" + QString::fromStdString(w->from)),
                       b = map->spot_centre("place:" + QString::fromStdString(w->to));
            return QPoint(static_cast<int>(a.x() + (b.x() - a.x()) * share),
                          static_cast<int>(a.y() + (b.y() - a.y()) * share));
        };
        const auto before = d.document.study().harness.routes;
        const auto from = at("way-hub-pump", 0.68), to = at("way-front-pump", 0.25);
        QTest::mousePress(map, Qt::LeftButton, {}, from);
        for (const double step : {0.3, 0.6, 1.0}) {
            const QPointF here = QPointF(from) + (QPointF(to) - from) * step;
            QMouseEvent move(QEvent::MouseMove, here, map->mapToGlobal(here), Qt::LeftButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(map, &move);
        }
        QTest::mouseRelease(map, Qt::LeftButton, {}, to);
        d.settle();
        const auto& lead = *by_id(d.document.plan().leads, "feed-rail-12-0v-load-fog-pump");
        QVERIFY(!lead.by.empty());
        QVERIFY(std::find(lead.by.begin(), lead.by.end(), "way-front-pump") != lead.by.end());
        d.document.undo();
        QVERIFY(by_id(d.document.plan().leads, "feed-rail-12-0v-load-fog-pump")->by.empty());
    }
    void each_cable_has_its_card() {
        Desk d(test::demo("moss-wall"));
        d.window.go(Station::routing);
        d.window.routing()->cards_toggle()->setChecked(true);
        d.settle();
        auto* cards = d.window.routing()->cards();
        cards->repaint();
        const auto& cables = d.document.plan().signal_leads();
        QVERIFY(!cables.empty());
        for (const auto& cable : cables) {
            const auto* card = cards->spot("card:" + QString::fromStdString(cable.id));
            QVERIFY2(card, cable.id.c_str());
            QVERIFY2(card->tip.words().contains("cores"), qPrintable(card->tip.words()));
        }
    }
    void an_item_is_dragged_along_its_lead() {
        Desk d;
        d.window.go(Station::routing);
        d.window.routing()->cards_toggle()->setChecked(true);
        d.settle();
        auto* cards = d.window.routing()->cards();
        cards->repaint();
        // The switch of the second card.
        const Spot* grip = nullptr;
        for (const auto& s : cards->spots())
            if (s.key.startsWith("on:1:") && s.tip.words().startsWith("Main switch")) grip = &s;
        QVERIFY(grip);
        const QPoint from(static_cast<int>(grip->area.center().x()),
                          static_cast<int>(grip->area.bottom()) - 8),
            to = from + QPoint(90, 0);
        QTest::mousePress(cards, Qt::LeftButton, {}, from);
        QMouseEvent move(QEvent::MouseMove, QPointF(to), cards->mapToGlobal(QPointF(to)), Qt::LeftButton,
                         Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(cards, &move);
        QTest::mouseRelease(cards, Qt::LeftButton, {}, to);
        d.settle();
        bool moved = false;
        for (const auto& f : d.document.plan().feeds())
            for (const auto& item : f.devices)
                moved = moved || (item.name == "Main" && item.at && raw(*item.at) > 0.08);
        QVERIFY(moved);
    }
};

SANGRE_SUITE(TestBuildEvening);
#include "test_build_evening.moc"
