// Nothing is lost: unsaved work, other programs, copies of demos, half-typed words.
#include <QProcess>
#include <QSignalSpy>
#include <csignal>
#include <random>

#include "desk.h"
#include "loads/loads_station.h"

using namespace sangre;
using namespace sangre::app;
using test::Desk;

namespace {

std::shared_ptr<const Catalogue> all_parts() { return std::make_shared<const Catalogue>(test::parts()); }
/// Programs of the same machine, one after the other or side by side, share this.
struct Home {
    QTemporaryDir folder;
    QString recovery() const { return folder.filePath("recovery"); }
    QString plan(const QString& name = "plan.json") const { return folder.filePath(name); }
    Home() { (void)save_plan(test::demo(), plan().toStdString()); }
};

}  // namespace

class TestKept : public QObject {
    Q_OBJECT
  private slots:
    void steady_editing_is_never_far_behind() {
        Home home;
        Document d(all_parts(), home.recovery());
        QVERIFY(d.open(home.plan()));
        // An edit every tenth of a second for three seconds: a timer begun anew each time would never come
        // due.
        int kept = 0;
        for (int i = 0; i < 30; ++i) {
            d.apply(test::renamed("Edit " + std::to_string(i)), "edit");
            QTest::qWait(100);
            if (const auto plan = load_plan(d.recovery_file().toStdString()))
                kept = std::stoi(plan->name.substr(5));
            QVERIFY2(i - kept <= 20, "more than two seconds behind");
        }
        QVERIFY(kept >= 10);
    }
    void never_saved_plans_come_back_each_its_own() {
        Home home;
        {
            Document a(all_parts(), home.recovery()), b(all_parts(), home.recovery());
            a.apply(test::renamed("First of A"), "x");
            a.new_plan();
            a.apply(test::renamed("Second of A"), "x");
            b.apply(test::renamed("Only of B"), "x");
            a.write_recovery(), b.write_recovery();
            QCOMPARE(a.left_behind().size(), size_t{1});  // what runs is not left behind
            QCOMPARE(b.left_behind().size(), size_t{0});
        }
        Document later(all_parts(), home.recovery());
        QStringList names;
        for (const auto& left : later.left_behind()) names << left.about.name;
        names.sort();
        QCOMPARE(names, (QStringList{"First of A", "Only of B", "Second of A"}));
        later.take_up_newest();
        QVERIFY(later.can_undo() && later.modified());
        QCOMPARE(later.left_behind().size(), size_t{2});
        for (const auto& left : later.left_behind())
            if (left.about.name == "First of A") QVERIFY(later.take_up(left));
        QCOMPARE(later.plan().name, std::string("First of A"));
        QCOMPARE(later.left_behind().size(), size_t{2});  // what was on screen before stays
    }
    void what_cannot_be_read_is_said_and_stays() {
        Home home;
        QString kept;
        {
            Document d(all_parts(), home.recovery());
            QVERIFY(d.open(home.plan()));
            d.apply(test::renamed("Work"), "x");
            d.write_recovery();
            kept = d.recovery_file();
        }
        QFile f(kept);
        QVERIFY(f.open(QIODevice::WriteOnly));
        f.write("rubbish"), f.close();
        Document d(all_parts(), home.recovery());
        QSignalSpy said(&d, &Document::said);
        QVERIFY(d.open(home.plan()));
        QVERIFY(said.last()[0].toString().contains("cannot be read") && said.last()[1].toBool());
        d.apply(test::renamed("More"), "x");
        d.write_recovery();
        QVERIFY(f.open(QIODevice::ReadOnly) && f.readAll() == "rubbish");
    }
    void another_program_is_noticed_and_neither_loses() {
        Home home;
        Document d(all_parts(), home.recovery());
        QVERIFY(d.open(home.plan()));
        QSignalSpy said(&d, &Document::said);
        auto theirs = test::demo();
        theirs.name = "Theirs";
        QVERIFY(save_plan(theirs, home.plan().toStdString()));
        d.check_disk();
        QCOMPARE(d.plan().name, std::string("Theirs"));  // nothing unsaved: it is taken, and can be undone
        QVERIFY(!d.modified() && d.can_undo());
        d.apply(test::renamed("Mine"), "x");
        theirs.name = "Theirs again";
        QVERIFY(save_plan(theirs, home.plan().toStdString()));
        d.check_disk();
        QVERIFY(said.last()[1].toBool());
        QCOMPARE(d.plan().name, std::string("Mine"));
        QVERIFY(d.save());
        QCOMPARE(load_plan(home.plan().toStdString())->name, std::string("Mine"));
        QCOMPARE(load_plan(home.plan("plan (changed elsewhere).json").toStdString())->name,
                 std::string("Theirs again"));
    }
    void work_on_a_file_that_changed_meanwhile_waits() {
        Home home;
        {
            Document d(all_parts(), home.recovery());
            QVERIFY(d.open(home.plan()));
            d.apply(test::renamed("Unsaved"), "x");
            d.write_recovery();
        }
        auto theirs = test::demo();
        theirs.name = "Newer";
        QVERIFY(save_plan(theirs, home.plan().toStdString()));
        Document d(all_parts(), home.recovery());
        QSignalSpy said(&d, &Document::said);
        QVERIFY(d.open(home.plan()));
        QCOMPARE(d.plan().name, std::string("Newer"));
        QVERIFY(said.last()[0].toString().contains("Both are kept"));
        QVERIFY(d.take_up(d.left_behind().at(0)));
        QCOMPARE(d.plan().name, std::string("Unsaved"));
    }
    void saving_keeps_the_version_before_and_adds_the_ending() {
        Home home;
        Document d(all_parts(), home.recovery());
        QVERIFY(d.open(home.plan()));
        d.apply(test::renamed("Second"), "x");
        QVERIFY(d.save());
        QVERIFY(!d.version_before().isEmpty());
        d.back_to_version_before();
        QCOMPARE(d.plan().name, test::demo().name);
        d.undo();
        QCOMPARE(d.plan().name, std::string("Second"));
        Document fresh(all_parts(), home.recovery());
        fresh.apply([](const Plan& p) { return put_load(p, test::simple_load("x", 12, 1)); }, "x");
        QVERIFY(fresh.save_as(home.plan("Hedge pump")));
        QCOMPARE(fresh.file(), home.plan("Hedge pump.json"));
        QCOMPARE(fresh.plan().name, std::string("Hedge pump"));  // as its first file
    }
    void a_demo_opens_as_a_copy() {
        Home home;
        const auto demo = QString::fromStdString(test::demo_file());
        const auto before = fingerprint(demo);
        {
            Document d(all_parts(), home.recovery());
            QVERIFY(d.open(demo));
            QVERIFY(d.file().isEmpty() && !d.save());
            d.apply(test::renamed("My rover"), "x");
            d.write_recovery();
        }
        Document again(all_parts(), home.recovery());
        QVERIFY(again.open(demo));
        QCOMPARE(again.plan().name, std::string("My rover"));
        QCOMPARE(fingerprint(demo), before);
    }
    void what_could_not_be_saved_is_not_done() {
        Home home;
        Document d(all_parts(), home.recovery());
        QVERIFY(d.open(home.plan()));
        QSignalSpy said(&d, &Document::said);
        const auto before = d.plan();
        d.apply(
            [](const Plan& p) {
                auto n = p;
                n.loads[0].peak = Ampere(5e9);
                return n;
            },
            "x");
        QVERIFY(d.plan() == before && said.last()[1].toBool());
        d.apply([](const Plan& p) { return remove_load(p, p.loads[0].id); }, "x");
        QVERIFY(d.plan() != before);
    }
    void half_typed_words_survive_theme_and_size() {
        Desk b;
        auto* entry = b.window.loads()->entry();
        entry->setFocus();
        QTest::keyClicks(entry, "Hedge pump 12V 3");
        b.window.restyle(Appearance::dark, 1.5);
        b.settle();
        QCOMPARE(b.window.loads()->entry()->text(), QStringLiteral("Hedge pump 12V 3"));
        // And over a drawing.
        auto* list = b.window.loads()->list();
        list->repaint();
        list->focus_spot("load:load-fog-pump");
        QTest::keyClick(list, Qt::Key_Return);
        if (!list->editor()) QTest::keyClick(list, Qt::Key_Return);
        QVERIFY(list->editor());
        list->editor()->setText("Fog pump 12V 99");
        b.window.restyle(Appearance::light, 1);
        b.settle();
        QVERIFY(b.window.loads()->list()->editor());
        QCOMPARE(b.window.loads()->list()->editor()->text(), QStringLiteral("Fog pump 12V 99"));
    }
    void undo_is_the_plans_unless_the_field_has_its_own() {
        Desk b;
        auto* entry = b.window.loads()->entry();
        entry->setFocus();
        QTest::keyClicks(entry, "Hedge pump 12V 3A");
        QTest::keyClick(entry, Qt::Key_Return);
        b.settle();
        const auto loads = b.document.plan().loads.size();
        entry->setFocus();
        QTest::keyClicks(entry, "Half");
        QTest::keyClick(entry, Qt::Key_Z, Qt::ControlModifier);  // takes the typing back
        QCOMPARE(b.document.plan().loads.size(), loads);
        entry->clear();
        entry->setText({});
        for (int i = 0; i < 3 && b.document.plan().loads.size() == loads; ++i)
            QTest::keyClick(entry, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(b.document.plan().loads.size(), loads - 1);
        for (int i = 0; i < station_count; ++i) {
            b.document.apply(test::renamed("Named " + std::to_string(i)), "rename");
            b.window.go(static_cast<Station>(i));
            b.settle();
            auto* at = QApplication::focusWidget() ? QApplication::focusWidget() : &b.window;
            QTest::keyClick(at, Qt::Key_Z, Qt::ControlModifier);
            QVERIFY2(b.document.plan().name != "Named " + std::to_string(i), qPrintable(QString::number(i)));
        }
    }
    void names_are_plain_text() {
        Desk b;
        b.document.apply(test::renamed("<h1>Big</h1> & <img src=\"/nowhere\">"), "x");
        b.window.show_banner("<b>bold</b>", false, false);
        b.settle();
        for (auto* label : b.window.findChildren<QLabel*>())
            if (label->isVisible()) QCOMPARE(label->textFormat(), Qt::PlainText);
    }
    /// Another process edits without a pause and is killed at any moment.
    void killed_while_editing() {
        std::mt19937 random(11);
        for (int round = 0; round < 4; ++round) {
            Home home;
            QProcess victim;
            victim.setProcessEnvironment([&] {
                auto e = QProcessEnvironment::systemEnvironment();
                e.insert("SANGRE_KILL_HOME", home.folder.path());
                return e;
            }());
            victim.start(QCoreApplication::applicationFilePath(), {"KillVictim"});
            QVERIFY(victim.waitForStarted());
            QByteArray printed;
            QVERIFY(QTest::qWaitFor(
                [&] {
                    printed += victim.readAllStandardOutput();
                    return printed.count(10) > 30;
                },
                20000));
            QTest::qWait(static_cast<int>(random() % 2000));
            ::kill(static_cast<pid_t>(victim.processId()), SIGKILL);
            victim.waitForFinished();
            printed += victim.readAllStandardOutput();
            const auto lines = printed.split('\n');
            const int done = lines.size() > 1 ? lines[lines.size() - 2].toInt() : 0;
            QVERIFY(done > 10);
            const auto on_disk = load_plan(home.plan().toStdString());
            QVERIFY2(on_disk, on_disk ? "" : on_disk.error().c_str());
            Document after(all_parts(), home.recovery());
            QVERIFY(after.open(home.plan()));
            const auto name = QString::fromStdString(after.plan().name);
            const int kept = name.startsWith("Edit ") ? name.mid(5).toInt() : 0;
            QVERIFY2(done - kept <= 40, qPrintable(QString("%1 of %2").arg(kept).arg(done)));  // 50 ms each
        }
    }
};

/// What the test above kills: run by itself, it does nothing.
class KillVictim : public QObject {
    Q_OBJECT
  private slots:
    void edits() {
        const auto home = qEnvironmentVariable("SANGRE_KILL_HOME");
        if (home.isEmpty()) return;
        Document d(all_parts(), home + "/recovery");
        QVERIFY(d.open(home + "/plan.json"));
        for (int i = 1; i < 2000; ++i) {
            d.apply(test::renamed("Edit " + std::to_string(i)), "edit");
            if (i % 37 == 0) d.save();
            std::printf("%d\n", i), std::fflush(stdout);
            QTest::qWait(50);
        }
    }
};

SANGRE_SUITE(TestKept);
static const bool registered_victim =
    test::suites().emplace("KillVictim", [] { return std::make_unique<KillVictim>(); }).second;
#include "test_kept.moc"
