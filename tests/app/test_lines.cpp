// Everything by its line: chips beside the drawing, the whole line by F2, new things by Insert, pasted text.
#include <QClipboard>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QMimeData>
#include <QSettings>

#include <QAbstractItemView>
#include <QCompleter>

#include "desk.h"
#include "output/files/plan_text.h"
#include "shell/help_page.h"
#include "shell/line_bar.h"
#include "shell/line_chips.h"
#include "shell/palette.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestLines : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
    static void press(Desk& d, int key, Qt::KeyboardModifiers with = {}) {
        auto* at = QApplication::focusWidget();
        QTest::keyClick(at ? at : &d.window, static_cast<Qt::Key>(key), with);
        Desk::settle();
    }
    static void type(Desk& d, const QString& line) {
        auto* field = d.window.line()->field();
        QVERIFY(field->isVisible());
        field->setText(line);
        QTest::keyClick(field, Qt::Key_Return);
        Desk::settle();
    }
    static LineChips* chips(Desk& d) { return d.window.why()->chips(); }
    /// Which chip begins so.
    static QString chip(Desk& d, const char* begins) {
        const LineContext c(d.document.plan(), d.document.catalogue());
        const auto line = line_of(c, d.document.selection());
        for (size_t i = 0; line && i < line->chips.size(); ++i)
            if (line->chips[i].text.starts_with(begins)) return QStringLiteral("chip %1").arg(i);
        return {};
    }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void a_chip_is_said_otherwise() {
        Desk d;
        d.document.select("rail-5-1v");
        Desk::settle();
        QVERIFY(!chip(d, "set 5").isEmpty());
        d.click(chips(d), chip(d, "set 5"));
        d.type_into_editor(chips(d), "set 5.05 V");
        QCOMPARE(raw(by_id(d.document.plan().converters, Id("rail-5-1v"))->set), 5.05);
        // What cannot be is said, and nothing changes.
        const auto before = d.document.plan();
        d.click(chips(d), chip(d, "set 5"));
        d.type_into_editor(chips(d), "set 5 A");
        QVERIFY(chips(d)->editor());
        QVERIFY(d.document.plan() == before);
        QTest::keyClick(chips(d)->editor(), Qt::Key_Escape);
        // Empty takes it off; one undo brings it back.
        d.click(chips(d), chip(d, "at Hub board"));
        d.type_into_editor(chips(d), "");
        QVERIFY(by_id(d.document.plan().converters, Id("rail-5-1v"))->place.empty());
        d.document.undo();
        QVERIFY(d.document.plan() == before);
    }
    void f2_types_the_whole_line() {
        Desk d;
        d.document.select("feed-hub-load-work-lamp");
        Desk::settle();
        press(d, Qt::Key_F2);
        const auto line = d.window.line()->field()->text();
        QVERIFY2(line.startsWith("Hub → Work lamp"), qPrintable(line));
        type(d, line + ", label L1, 0.8 m");
        const auto* feed = by_id(d.document.plan().feeds(), Id("feed-hub-load-work-lamp"));
        QCOMPARE(feed->label, std::string("L1"));
        QCOMPARE(raw(*feed->length), 0.8);
        QVERIFY(!feed->devices.empty());  // they have lines of their own
        QVERIFY(!d.window.line()->isVisible());
    }
    void what_is_wrong_is_marked_in_the_field() {
        Desk d;
        d.document.select("hub");
        Desk::settle();
        press(d, Qt::Key_F2);
        const auto before = d.document.plan();
        type(d, "Hub, at Nowhere");
        QVERIFY(d.window.line()->isVisible());
        QVERIFY2(d.window.line()->problem().contains("Nowhere"), qPrintable(d.window.line()->problem()));
        QCOMPARE(d.window.line()->field()->selectedText(), QString("Nowhere"));
        QVERIFY(d.document.plan() == before);
        QTest::keyClick(d.window.line()->field(), Qt::Key_Escape);
        QVERIFY(!d.window.line()->isVisible());
    }
    void nothing_selected_is_the_plan() {
        Desk d;
        d.document.select({});
        Desk::settle();
        press(d, Qt::Key_F2);
        QVERIFY(d.window.line()->field()->text().startsWith("Orchard frost rover"));
        type(d, "Orchard rover, up to 38 °C, from -10 °C");
        QCOMPARE(raw(d.document.plan().hottest_air), 38.0);
        QCOMPARE(d.document.plan().name, std::string("Orchard rover"));
        QVERIFY(!d.document.plan().loads.empty());
    }
    void insert_adds_anything() {
        Desk d;
        const auto before = d.document.plan();
        press(d, Qt::Key_Insert);
        type(d, "hub Tail studs, strip, at Tail bracket");
        QCOMPARE(d.document.plan().hubs.size(), before.hubs.size() + 1);
        QVERIFY(d.document.plan().hubs.back().kind == HubKind::strip);
        press(d, Qt::Key_Insert);
        type(d, "lead Hub → Tail studs, 0.8 m");
        QCOMPARE(d.document.plan().feeds().back().to, d.document.plan().hubs.back().id);
        press(d, Qt::Key_Insert);
        type(d, "lead Hub → Nobody");
        QVERIFY(d.window.line()->problem().contains("Nobody"));
        QTest::keyClick(d.window.line()->field(), Qt::Key_Escape);
        d.document.undo(), d.document.undo();
        QVERIFY(d.document.plan() == before);
    }
    void text_is_pasted_anywhere() {
        Desk d;
        for (const auto station : {Station::power, Station::loads}) {
            d.window.go(station);
            Desk::settle();
            const auto before = d.document.plan();
            QApplication::clipboard()->setText(
                "load Horn 12 V 2 A, at Mast foot\nhub Mast studs, at Mast foot\n");
            press(d, Qt::Key_V, Qt::ControlModifier);
            QCOMPARE(d.document.plan().loads.size(), before.loads.size() + 1);
            QCOMPARE(d.document.plan().hubs.size(), before.hubs.size() + 1);
            // What cannot be read changes nothing, and says which line.
            const auto now = d.document.plan();
            QApplication::clipboard()->setText("load Horn 12 V 2 A\nhub Studs, at Nowhere\n");
            press(d, Qt::Key_V, Qt::ControlModifier);
            QVERIFY(d.document.plan() == now);
            QVERIFY2(d.window.banner_words()->text().contains("line 2"),
                     qPrintable(d.window.banner_words()->text()));
        }
    }
    void the_palette_finds_actions_things_and_settings() {
        Desk d;
        const auto pick = [&](const QString& words) {
            press(d, Qt::Key_Space, Qt::ControlModifier);
            auto* box = d.window.palette_box();
            QVERIFY(box->isVisible());
            QTest::keyClicks(box->field(), words);
            QVERIFY2(box->list()->count() > 0, qPrintable(words));
            QTest::keyClick(box->field(), Qt::Key_Return);
            Desk::settle();
            QVERIFY(!box->isVisible());
        };
        pick("fog pump");
        QVERIFY(d.document.selection() == "load-fog-pump");
        QCOMPARE(d.window.station(), Station::loads);
        pick("place tail bracket");
        QCOMPARE(d.window.station(), Station::routing);
        pick("bench");
        QCOMPARE(d.window.station(), Station::bench);
        pick("it flies");
        QVERIFY(d.document.plan().flies);
        pick("add a hub");
        QCOMPARE(d.window.line()->field()->text(), QString("hub "));
        QTest::keyClick(d.window.line()->field(), Qt::Key_Escape);
        pick("schools joints crimp");
        // What nothing is called says so, and Escape leaves.
        press(d, Qt::Key_Space, Qt::ControlModifier);
        QTest::keyClicks(d.window.palette_box()->field(), "zzzz");
        QVERIFY(d.window.palette_box()->list()->item(0)->text().contains("Nothing"));
        QTest::keyClick(d.window.palette_box()->field(), Qt::Key_Return);
        QVERIFY(d.window.palette_box()->isVisible());
        QTest::keyClick(d.window.palette_box()->field(), Qt::Key_Escape);
        QVERIFY(!d.window.palette_box()->isVisible());
    }
    void help_is_one_key_away() {
        Desk d;
        d.window.go(Station::power);
        press(d, Qt::Key_F1);
        QVERIFY(d.window.help() && d.window.help()->isVisible());
        const auto words = d.window.help()->toPlainText();
        for (const char* said :
             {"A first plan in five minutes", "Ctrl+Space", "converter", "Lines", "begins with"})
            QVERIFY2(words.contains(said), said);
        press(d, Qt::Key_F1);
        QVERIFY(!d.window.help()->isVisible());
        QCOMPARE(d.window.station(), Station::power);
    }
    void files_are_dropped() {
        Desk d;
        const QTemporaryDir folder;
        const auto put = [&](const char* name, const QByteArray& text) {
            QFile file(folder.filePath(name));
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(text);
        };
        put("more.csv", "name,voltage,current\nHorn,12 V,2 A\n");
        put("more.txt", "hub Tail studs, strip\n");
        put("picture.bin", "x");
        const auto before = d.document.plan();
        const auto drop = [&](const char* name) {
            QMimeData data;
            data.setUrls({QUrl::fromLocalFile(folder.filePath(name))});
            QDragEnterEvent enter({100, 100}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(&d.window, &enter);
            QDropEvent e({100, 100}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(&d.window, &e);
            Desk::settle();
        };
        drop("more.csv");
        QVERIFY2(d.document.plan().loads.size() == before.loads.size() + 1,
                 qPrintable(d.window.banner_words()->text()));
        drop("more.txt");
        QCOMPARE(d.document.plan().hubs.size(), before.hubs.size() + 1);
        const auto now = d.document.plan();
        drop("picture.bin");
        QVERIFY(d.window.banner_words()->text().contains("picture.bin"));
        QVERIFY(d.document.plan() == now);
        d.window.take_file(folder.filePath("gone.csv"));
        QVERIFY(d.document.plan() == now && d.window.banner_words()->text().startsWith("!"));
    }
    void enter_takes_the_line_when_it_is_whole_and_the_completion_when_not() {
        Desk d;
        const auto before = d.document.plan();
        auto* field = d.window.line()->field();
        const auto enter = [&] {
            auto* list = field->parentWidget()->findChild<QCompleter*>()->popup();
            QTest::keyClick(list->isVisible() ? static_cast<QWidget*>(list) : field, Qt::Key_Return);
        };
        press(d, Qt::Key_Insert);
        field->insert("lead Hub → F"), QTest::keyClicks(field, "o");
        QVERIFY(field->parentWidget()->findChild<QCompleter*>()->popup()->isVisible());
        enter();
        QVERIFY(d.document.plan() == before);
        QCOMPARE(field->text(), QString("lead Hub → Fog pump "));
        QTest::keyClicks(field, ", len");
        enter();
        QCOMPARE(field->text(), QString("lead Hub → Fog pump , length "));
        QTest::keyClicks(field, "0.4 m, s");
        // Something is offered still, and the line is whole without it but for its last letter.
        QTest::keyClick(field, Qt::Key_Backspace), QTest::keyClick(field, Qt::Key_Backspace);
        QTest::keyClick(field, Qt::Key_Backspace);
        enter();
        QVERIFY(!d.window.line()->isVisible());
        QCOMPARE(d.document.plan().feeds().size(), before.feeds().size() + 1);
    }
    void history_is_gone_back_in() {
        Desk d;
        const auto before = d.document.plan();
        for (const auto* line : {"hub A", "hub B", "hub C"}) {
            press(d, Qt::Key_Insert);
            type(d, line);
        }
        const auto done = d.document.history();
        QCOMPARE(done.size(), size_t{3});
        QVERIFY2(done[1].contains("hub B"), qPrintable(done[1]));
        d.document.undo_to(1);
        QCOMPARE(d.document.plan().hubs.size(), before.hubs.size() + 1);
        d.document.redo(), d.document.redo();
        QCOMPARE(d.document.plan().hubs.size(), before.hubs.size() + 3);
        d.document.undo_to(0);
        QVERIFY(d.document.plan() == before);
        d.document.undo_to(7);
        QVERIFY(d.document.plan() == before);
    }
    void every_demo_shows_its_things() {
        Desk d;
        const auto& plan = d.document.plan();
        std::vector<Id> ids{{}};
        const auto take = [&](const auto& list) {
            for (const auto& x : list) ids.push_back(x.id);
        };
        take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.loads), take(plan.feeds());
        take(plan.signal_leads()), take(plan.places), take(plan.ways), take(plan.bodies), take(plan.openings),
            take(plan.phases);
        for (const auto& id : ids) {
            d.document.select(id);
            Desk::settle();
            chips(d)->repaint();
            QVERIFY2(!chips(d)->spot_centre("chip 0").isNull(), id.c_str());
        }
    }
};

SANGRE_SUITE(TestLines);
#include "test_lines.moc"
