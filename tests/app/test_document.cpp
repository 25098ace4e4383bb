// The open plan: history, files, recovery.
#include <QSignalSpy>

#include "fixtures.h"
#include "shell/document.h"

using namespace sangre;
using namespace sangre::app;

namespace {
std::shared_ptr<const Catalogue> parts() { return std::make_shared<const Catalogue>(test::parts()); }
Edit rename(const std::string& name) {
    return [name](const Plan& p) {
        auto next = p;
        next.name = name;
        return next;
    };
}
}  // namespace

class TestDocument : public QObject {
    Q_OBJECT
  private slots:
    void undo_and_redo() {
        QTemporaryDir folder;
        Document d(parts(), folder.path());
        QVERIFY(!d.can_undo() && !d.can_redo() && !d.modified());
        d.apply(rename("A"), "a"), d.apply(rename("B"), "b");
        d.apply(rename("B"), "nothing changes");
        QCOMPARE(d.undo_text(), QStringLiteral("b"));
        d.undo();
        QCOMPARE(d.plan().name, std::string("A"));
        d.redo();
        QCOMPARE(d.plan().name, std::string("B"));
        d.undo(), d.undo(), d.undo();
        QVERIFY(!d.modified());
        d.redo();
        d.apply(rename("C"), "c");
        QVERIFY(!d.can_redo());
        QCOMPARE(d.plan().name, std::string("C"));
    }
    void open_save_and_reopen() {
        QTemporaryDir folder;
        Document d(parts(), folder.filePath("recovery"));
        QVERIFY(d.open(QString::fromStdString(test::demo_file())));
        QVERIFY(!d.modified());
        d.apply(rename("Mine"), "rename");
        const auto file = folder.filePath("mine.json");
        QVERIFY(d.save_as(file));
        QVERIFY(!d.modified());
        Document again(parts(), folder.filePath("recovery"));
        QVERIFY(again.open(file));
        QVERIFY(again.plan() == d.plan());
    }
    void errors_keep_the_plan() {
        QTemporaryDir folder;
        Document d(parts(), folder.path());
        QVERIFY(d.open(QString::fromStdString(test::demo_file())));
        QSignalSpy said(&d, &Document::said);
        const auto before = d.plan();
        QFile bad(folder.filePath("bad.json"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("{\"format\": \"sangre-plan\", \"version\": 2, \"loads\": 3}");
        bad.close();
        QVERIFY(!d.open(bad.fileName()));
        QVERIFY(said.last()[0].toString().contains("/loads") && said.last()[1].toBool());
        QVERIFY(!d.save_as("/no/such/folder/plan.json"));
        QVERIFY(said.last()[1].toBool());
        QVERIFY(d.plan() == before);
    }
    void a_crash_loses_nothing() {
        QTemporaryDir folder;
        const auto file = folder.filePath("plan.json");
        QVERIFY(save_plan(test::demo(), file.toStdString()));
        {
            Document d(parts(), folder.filePath("recovery"));
            QVERIFY(d.open(file));
            d.apply(rename("Half done"), "rename");
            QVERIFY(QTest::qWaitFor([&] { return QFile::exists(d.recovery_file()); }, 10000));
            // No save: the process ends here.
        }
        Document d(parts(), folder.filePath("recovery"));
        QSignalSpy said(&d, &Document::said);
        QVERIFY(d.open(file));
        QCOMPARE(d.plan().name, std::string("Half done"));
        QVERIFY(d.modified());
        QVERIFY(said.last()[2].toBool());
        d.undo();
        QCOMPARE(d.plan().name, test::demo().name);
        d.redo();
        QVERIFY(d.save());
        QVERIFY(!QFile::exists(d.recovery_file()));
    }
    void recovery_that_cannot_be_read_does_no_harm() {
        QTemporaryDir folder;
        const auto file = folder.filePath("plan.json");
        QVERIFY(save_plan(test::demo(), file.toStdString()));
        Document d(parts(), folder.path());
        QVERIFY(d.open(file));
        QFile left(d.recovery_file());
        QVERIFY(left.open(QIODevice::WriteOnly));
        left.write("rubbish");
        left.close();
        Document again(parts(), folder.path());
        QVERIFY(again.open(file));
        QVERIFY(again.plan() == test::demo());
    }
    void recovery_that_cannot_be_written_is_said() {
        Document d(parts(), "/proc/no/such");
        QSignalSpy said(&d, &Document::said);
        d.apply(rename("X"), "x");
        d.write_recovery();
        QVERIFY(said.count() == 1 && said.last()[1].toBool());
    }
    void proposing_says_why_not() {
        QTemporaryDir folder;
        Document d(parts(), folder.path());
        QSignalSpy said(&d, &Document::said);
        QVERIFY(!d.propose_wiring());
        QVERIFY(said.last()[0].toString().contains("no loads"));
        d.apply([](const Plan& p) { return put_load(p, test::simple_load("kiln", 12, 500)); }, "add");
        QVERIFY(!d.propose_wiring());
        QVERIFY(said.last()[0].toString().contains("kiln"));
        QCOMPARE(d.selection(), Id("kiln"));
        QVERIFY(d.plan().feeds().empty());
    }
    void conditions_drive_the_numbers() {
        QTemporaryDir folder;
        Document d(parts(), folder.path());
        QVERIFY(d.open(QString::fromStdString(test::demo_file())));
        auto c = d.conditions();
        c.phase = "phase-fog";
        d.set_conditions(c);
        const auto fog = d.study().now.drawn;
        c.phase = "phase-parked";
        d.set_conditions(c);
        QVERIFY(d.study().now.drawn < fog);
        c.worst = true;
        d.set_conditions(c);
        QVERIFY(d.study().now.drawn > fog);
    }
};

SANGRE_SUITE(TestDocument);
#include "test_document.moc"
