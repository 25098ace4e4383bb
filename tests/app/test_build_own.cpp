// Steps of one's own: a board from its parts, sets that ship and sets that are kept, parts on order; and a
// large picture that is read aside.
#include <QDir>
#include <QImage>
#include <QInputDialog>
#include <QMenu>
#include <QPushButton>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTimer>

#include "build/build_station.h"
#include "desk.h"
#include "plan/plan_pictures.h"
#include "shell/picture_reader.h"

using namespace sangre;
using namespace sangre::app;

class TestBuildOwn : public QObject {
    Q_OBJECT
    static BuildStation* at_work(Desk& d) {
        d.window.go(Station::build);
        d.settle();
        return d.window.build();
    }
    /// The menu under + Step of your own, filled as when it is opened.
    static QMenu* menu(BuildStation* b) {
        for (auto* button : b->findChildren<QPushButton*>())
            if (button->menu()) {
                emit button->menu()->aboutToShow();
                return button->menu();
            }
        return nullptr;
    }
    static QAction* action(QMenu* menu, const QString& begins) {
        for (auto* a : menu->actions()) {
            if (a->text().startsWith(begins)) return a;
            if (a->menu())
                if (auto* inner = action(a->menu(), begins)) return inner;
        }
        return nullptr;
    }
    /// Triggers what asks for a line, and types it.
    static void answer(QAction* action, const QString& typed) {
        QTimer timer;
        bool done = false;
        connect(&timer, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            if (!dialog || done) return;
            done = true;
            dialog->setTextValue(typed);
            dialog->accept();
        });
        timer.start(5);
        action->trigger();
        QVERIFY(done);
    }

  private slots:
    void init() {
        QStandardPaths::setTestModeEnabled(true);
        QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/templates")
            .removeRecursively();
    }
    void a_board_is_put_in_from_its_parts() {
        Desk d;
        auto* b = at_work(d);
        const auto before = d.document.plan().own_steps.size();
        const auto at = b->current()->key;
        answer(action(menu(b), "Work on a board"), "Lamp board: header, resistor 10k, LED green");
        QCOMPARE(d.document.plan().own_steps.size(), before + 5);
        QCOMPARE(b->current()->title, std::string("Lamp board: parts laid out"));
        QVERIFY(std::find(b->current()->after.begin(), b->current()->after.end(), at) ==
                b->current()->after.end());
        d.document.undo();
        QCOMPARE(d.document.plan().own_steps.size(), before);
        // Without parts nothing is put in, and it is said.
        QSignalSpy said(&d.document, &Document::said);
        answer(action(menu(b), "Work on a board"), "Lamp board:");
        QCOMPARE(d.document.plan().own_steps.size(), before);
        QVERIFY(said.size() == 1 && said[0][0].toString().contains("Which parts"));
    }
    void a_set_is_kept_used_elsewhere_and_forgotten() {
        {
            Desk d;
            auto* b = at_work(d);
            action(menu(b), "Take apart")->trigger();
            const auto& own = d.document.plan().own_steps;
            QVERIFY(own.size() >= 2 && own.back().undoes == own[own.size() - 2].id);
            answer(action(menu(b), "Keep the steps"), "My / bench");
            // What is kept is not written over by another of that name.
            QSignalSpy said(&d.document, &Document::said);
            answer(action(menu(b), "Keep the steps"), "My _ bench");
            QVERIFY(said.size() == 1 && said[0][1].toBool());
        }
        Desk d;
        auto* b = at_work(d);
        const auto before = d.document.plan().own_steps.size();
        auto* mine = action(menu(b), "My _ bench");
        QVERIFY(mine);
        mine->trigger();
        QVERIFY(d.document.plan().own_steps.size() > before + 1);
        // A set that is broken says so and changes nothing.
        const auto now = d.document.plan();
        const auto folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/templates/";
        QFile broken(folder + "Broken.json");
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("{\"format\": ");
        broken.close();
        QSignalSpy said(&d.document, &Document::said);
        action(menu(b), "Broken")->trigger();
        QVERIFY(said.size() == 1 && said[0][1].toBool());
        QCOMPARE(d.document.plan(), now);
        auto* forget = action(menu(b), "Forget a set")->menu();
        QCOMPARE(forget->actions().size(), 2);
    }
    void a_part_on_order_moves_what_needs_it() {
        Desk d;
        auto* b = at_work(d);
        b->show_page(BuildStation::Page::shop);
        d.settle();
        const auto& lines = b->shop()->list().lines;
        const auto line =
            std::find_if(lines.begin(), lines.end(), [](const auto& l) { return !l.need.of.empty(); });
        QVERIFY(line != lines.end());
        const auto item = line->need.item;
        const auto first = b->evenings().front().steps;
        d.click(b->shop(), "buy:" + QString::fromStdString(item));
        const auto held = held_back(d.document.plan(), d.document.catalogue(), d.document.study(),
                                    d.document.study().steps());
        QVERIFY(!held.empty());
        for (const auto& e : b->evenings())
            for (const auto i : e.steps)
                for (const auto& h : held) QVERIFY(h.step != i);
    }
    void a_large_picture_is_read_aside() {
        Desk d;
        QTemporaryDir folder;
        const auto file = folder.filePath("large.png");
        QImage large(5000, 3000, QImage::Format_RGB32);
        large.fill(Qt::darkGreen);
        QVERIFY(large.save(file));
        PictureReader reader(d.document);
        int given = 0;
        QSize size;
        reader.read(file, [&](const QImage& picture) { ++given, size = picture.size(); });
        QCOMPARE(given, 0);  // the window goes on meanwhile
        QTRY_COMPARE_WITH_TIMEOUT(given, 1, 20000);
        QCOMPARE(size.width(), 2048);
        // What is asked for last counts; a small one comes at once.
        const auto small = folder.filePath("small.png");
        QVERIFY(large.scaled(50, 30).save(small));
        reader.read(file, [&](const QImage&) { given += 100; });
        reader.read(small, [&](const QImage&) { given += 10; });
        QCOMPARE(given, 11);
        QTest::qWait(50);
        QTRY_VERIFY_WITH_TIMEOUT(given < 100, 2000);
        // Another plan is open by the time that it has been read: it is not that one's.
        reader.read(file, [&](const QImage&) { given += 1000; });
        d.document.new_plan();
        QTest::qWait(1500);
        QCOMPARE(given, 11);
        // One that is gone is said at once.
        QSignalSpy said(&d.document, &Document::said);
        reader.read(folder.filePath("none.png"), [&](const QImage&) { given = -1; });
        QCOMPARE(said.size(), 1);
        QVERIFY(given > 0);
    }
};

SANGRE_SUITE(TestBuildOwn);
#include "test_build_own.moc"
