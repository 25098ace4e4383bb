// What must not be lost: work that cannot be kept, files that go, files that stand where something is
// written, and what is not on screen.
#include <QAbstractButton>
#include <QFileDialog>
#include <QLineEdit>
#include <QMessageBox>
#include <QSignalSpy>

#include "build/build_station.h"
#include "desk.h"
#include "power/power_station.h"
#include "power/search_view.h"
#include "shell/papers.h"

using namespace sangre;
using test::Desk;

namespace {

/// A recovery folder in which nothing can be written, whoever asks.
struct NoHome {
    QTemporaryDir folder;
    Document document;
    explicit NoHome() : document(std::make_shared<const Catalogue>(test::parts()), blocked()) {}
    QString blocked() {
        QFile file(folder.filePath("recovery"));
        if (file.open(QIODevice::WriteOnly)) file.write("a file where a folder is wanted");
        return file.fileName() + "/inside";
    }
};

/// Answers the question that comes up next; what it asked.
struct Answer {
    QString asked;
    Answer(QWidget* window, QMessageBox::ButtonRole role) {
        QTimer::singleShot(50, window, [this, role] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box) return;
            asked = box->text();
            for (auto* b : box->buttons())
                if (box->buttonRole(b) == role) return b->click();
            box->reject();
        });
    }
};

}  // namespace

class TestNotLost : public QObject {
    Q_OBJECT
  private slots:
    void saving_goes_on_where_the_version_before_cannot_be_kept() {
        NoHome n;
        const auto file = n.folder.filePath("plan.json");
        QVERIFY(save_plan(test::demo(), file.toStdString()));
        QVERIFY(n.document.open(file));
        QSignalSpy said(&n.document, &Document::said);
        n.document.apply(test::renamed("Changed"), "rename");
        QVERIFY(n.document.save());
        QVERIFY(!n.document.modified());
        QCOMPARE(load_plan(file.toStdString())->name, std::string("Changed"));
        bool told = false;
        for (const auto& s : said)
            told = told || s[0].toString().contains("version before could not be kept");
        QVERIFY(told);
    }
    void what_cannot_be_kept_is_said_at_once_and_asked_before_it_goes() {
        NoHome n;
        QSignalSpy said(&n.document, &Document::said);
        n.document.apply(test::renamed("Nowhere"), "rename");
        QVERIFY(QTest::qWaitFor([&] { return !said.isEmpty(); }, 5000));
        QVERIFY2(said[0][0].toString().contains("cannot be kept"), qPrintable(said[0][0].toString()));
        // Nobody to ask: it stays.
        QVERIFY(!n.document.new_plan());
        QCOMPARE(n.document.plan().name, std::string("Nowhere"));
        QVERIFY(!n.document.open(QString::fromStdString(test::demo_file())) ||
                n.document.plan().name == "Nowhere");
        QString why;
        n.document.ask_before_losing([&](const QString& reason) { return why = reason, false; });
        QVERIFY(!n.document.new_plan() && !why.isEmpty());
        n.document.ask_before_losing([](const QString&) { return true; });
        QVERIFY(n.document.new_plan());
        QVERIFY(n.document.plan().name != "Nowhere");
    }
    void closing_asks_where_work_would_be_lost() {
        NoHome n;
        Window window(n.document);
        window.show();
        n.document.apply(test::renamed("Nowhere"), "rename");
        {
            Answer stay(&window, QMessageBox::RejectRole);
            QVERIFY(!window.close());
            QVERIFY2(stay.asked.contains("Nowhere"), qPrintable(stay.asked));
        }
        Answer lose(&window, QMessageBox::DestructiveRole);
        QVERIFY(window.close());
    }
    void a_plan_that_goes_from_disk_is_kept() {
        QTemporaryDir folder;
        const auto file = folder.filePath("plan.json");
        QVERIFY(save_plan(test::demo(), file.toStdString()));
        const auto parts = std::make_shared<const Catalogue>(test::parts());
        {
            Document d(parts, folder.filePath("recovery"));
            QVERIFY(d.open(file) && !d.modified());
            QSignalSpy said(&d, &Document::said);
            QVERIFY(QFile::remove(file));
            d.check_disk();
            QVERIFY(d.modified());
            QVERIFY2(said.last()[0].toString().contains("gone from disk"),
                     qPrintable(said.last()[0].toString()));
            QVERIFY(d.may_leave());
        }
        Document later(parts, folder.filePath("recovery"));
        later.take_up_newest();
        QCOMPARE(later.plan().name, test::demo().name);
        // Written again, it is whole.
        QVERIFY(later.save_as(file));
        QVERIFY(!later.modified());
    }
    void save_as_asks_before_it_replaces() {
        Desk d;
        const auto there = d.folder.filePath("precious.json");
        QFile file(there);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("precious");
        file.close();
        QString asked;
        QTimer::singleShot(100, &d.window, [&] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            auto* field = dialog->findChild<QLineEdit*>("fileNameEdit");
            QVERIFY(field);
            field->setText(d.folder.filePath("precious"));  // the ending is added by the dialog
            QTimer::singleShot(100, &d.window, [&] {
                auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
                if (box) asked = box->text(), box->button(QMessageBox::No)->click();
                QTimer::singleShot(50, dialog, &QDialog::reject);
            });
            QMetaObject::invokeMethod(dialog, "accept");
        });
        QTest::keyClick(&d.window, Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY2(asked.contains("precious.json"), qPrintable(asked));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll(), QByteArray("precious"));
    }
    void a_drawing_of_several_sheets_names_its_files() {
        QCOMPARE(sheet_files(1, "/a/b.svg"), QStringList{"/a/b.svg"});
        QCOMPARE(sheet_files(3, "/a/b.pdf"), QStringList{"/a/b.pdf"});
        QCOMPARE(sheet_files(2, "/a/b.svg"), (QStringList{"/a/b-1.svg", "/a/b-2.svg"}));
    }
    void keys_act_on_what_is_shown() {
        Desk d;
        d.window.go(Station::build);
        auto* build = d.window.build();
        build->show_page(BuildStation::Page::shop);
        const auto before = d.document.plan().done;
        for (const auto key : {Qt::Key_Space, Qt::Key_P, Qt::Key_N}) QTest::keyClick(build, key);
        QVERIFY(d.document.plan().done == before);
        QTest::keyClick(build, Qt::Key_Escape);
        QTest::keyClick(build, Qt::Key_Space);
        QVERIFY(d.document.plan().done.size() == before.size() + 1);
        // Nor is what is selected removed while help stands before it.
        d.window.go(Station::power);
        d.document.select(d.document.plan().loads.front().id);
        const auto loads = d.document.plan().loads.size();
        d.window.show_help();
        QTest::keyClick(&d.window, Qt::Key_Delete);
        QTest::keyClick(&d.window, Qt::Key_D, Qt::ControlModifier);
        QCOMPARE(d.document.plan().loads.size(), loads);
    }
    void a_search_outlives_the_catalogue_it_began_with() {
        Desk d(test::demo("bat-detector"));
        d.window.go(Station::power);
        SearchView search(d.document);
        search.start();
        for (int i = 0; i < 3; ++i)
            d.document.set_catalogue(std::make_shared<const Catalogue>(test::parts()));
        QVERIFY(QTest::qWaitFor([&] { return search.searched(); }, 120000));
    }
};

SANGRE_SUITE(TestNotLost);
#include "test_not_lost.moc"
