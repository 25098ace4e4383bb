// The builder's own ways through the menu: every school followed and undone, tools and tubes owned, the plan
// menu's way in.
#include <QInputDialog>
#include <QMenu>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>

#include "desk.h"
#include "fixtures.h"
#include "shell/practices_menu.h"
#include "shell/window.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using namespace sangre::app;

namespace {

struct Workshop {
    QTemporaryDir folder;
    Document document{std::make_shared<const Catalogue>(test::parts()), folder.filePath("recovery")};
    Workshop() { document.open(QString::fromStdString(test::demo_file())); }

    /// The menu as it stands now; it is made anew each time it is opened.
    std::unique_ptr<QMenu> menu() {
        auto made = std::make_unique<QMenu>();
        fill_practices_menu(document, *made);
        return made;
    }
    static QMenu* below(QMenu& menu, const QString& title) {
        for (auto* a : menu.actions())
            if (a->menu() && a->text() == title) return a->menu();
        return nullptr;
    }
    static QAction* entry(QMenu& menu, const QString& text) {
        for (auto* a : menu.actions())
            if (a->text() == text) return a;
        return nullptr;
    }
    const Practices& practices() { return document.plan().practices; }
};

}  // namespace

class TestSchoolsMenu : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void every_school_is_followed_and_undone() {
        Workshop w;
        const auto before = w.document.plan();
        size_t followed = 0;
        QStringList titles;
        const auto first = w.menu();
        for (auto* a : first->actions()) titles << a->text();
        QVERIFY(titles.size() >= 13);
        for (const auto& title : titles) {
            if (title == "Tools you own" || title == "Tubes at hand") continue;
            const auto count = Workshop::below(*w.menu(), title)->actions().size();
            QVERIFY2(count >= 2, qPrintable(title));
            int ticked = 0;
            for (int i = 0; i < count; ++i) {
                const auto menu = w.menu();
                auto* a = Workshop::below(*menu, title)->actions().at(i);
                QVERIFY(a->isCheckable());
                ticked += a->isChecked();
                const bool already = a->isChecked();
                a->trigger();
                // It is ticked the next time the menu opens, and alone.
                const auto after = w.menu();
                for (int k = 0; k < count; ++k)
                    QCOMPARE(Workshop::below(*after, title)->actions().at(k)->isChecked(), k == i);
                if (w.document.plan() == before) {
                    QVERIFY2(already, qPrintable(title + ": " + a->text()));
                    continue;
                }
                ++followed;
                w.document.undo();
                QVERIFY2(w.document.plan() == before, qPrintable(title));
            }
            QCOMPARE(ticked, 1);
        }
        QVERIFY(followed > 20);
    }
    void the_air_is_typed_again_until_it_is_one() {
        test::Desk desk;
        QStringList seen;
        // Twice asked: what is not understood stays to be mended, with what is wrong.
        int asked = 0;
        const auto answer = [&] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            seen << dialog->labelText() << dialog->textValue();
            dialog->setTextValue(asked++ == 0 ? "five volts" : "-15 to 35");
            dialog->accept();
        };
        QTimer timer;
        connect(&timer, &QTimer::timeout, answer);
        timer.start(20);
        desk.window.ask_air();
        timer.stop();
        QCOMPARE(asked, 2);
        QVERIFY(seen[2].contains("five volts") && seen[3] == "five volts");
        QCOMPARE(raw(desk.document.plan().coldest_air), -15.0);
        QCOMPARE(raw(desk.document.plan().hottest_air), 35.0);
        desk.document.undo();
        QVERIFY(raw(desk.document.plan().coldest_air) != -15.0);
    }
    void a_school_of_joints_changes_the_joints() {
        Workshop w;
        Workshop::entry(*Workshop::below(*w.menu(), "Joints"), "no solder at all")->trigger();
        QCOMPARE(w.practices().joint, JointSchool::no_solder);
        // Only where nothing else holds is there solder left: on a board's pad, a switch's lug.
        for (const auto& f : w.document.plan().feeds())
            for (const auto& id : {f.joint_from, f.joint_to}) {
                const auto* kind = find(test::parts().joints, id);
                QVERIFY2(kind->method != JointMethod::solder || kind->end == JointEnd::pad ||
                             kind->end == JointEnd::lug,
                         id.c_str());
            }
        // Each says what speaks for it.
        const auto again = w.menu();
        for (auto* a : Workshop::below(*again, "Joints")->actions()) QVERIFY(a->toolTip().size() > 20);
    }
    void a_tool_less_is_found_in_the_plan() {
        Workshop w;
        const auto tools = joint_tools(test::parts());
        const auto menu = w.menu();
        auto* owned = Workshop::below(*menu, "Tools you own");
        QCOMPARE(static_cast<size_t>(owned->actions().size()), tools.size());
        for (auto* a : owned->actions()) QVERIFY2(a->isChecked(), qPrintable(a->text()));
        Workshop::entry(*owned, "ferrule pliers")->trigger();
        QCOMPARE(w.practices().missing_tools, std::vector<std::string>{"ferrule pliers"});
        const auto* found = test::finding(w.document.study(), "joint-no-tool");
        QVERIFY(found && found->sentence.str().find("ferrule pliers") != std::string::npos);
        // Said once for all joints that are alike, not once for each.
        const auto& all = w.document.study().findings;
        QVERIFY(std::count_if(all.begin(), all.end(),
                              [](const auto& f) { return f.rule == "joint-no-tool"; }) <= 3);
        QVERIFY(found->about.size() > 1);
        // Mended one by one until none is left.
        for (int i = 0; i < 100 && test::has(w.document.study(), "joint-no-tool"); ++i)
            w.document.apply(test::finding(w.document.study(), "joint-no-tool")->fixes.at(0).edit, "Mend");
        QVERIFY(!test::has(w.document.study(), "joint-no-tool"));
        const auto again = w.menu();
        auto* a = Workshop::entry(*Workshop::below(*again, "Tools you own"), "ferrule pliers");
        QVERIFY(!a->isChecked());
        a->trigger();
        QVERIFY(w.practices().missing_tools.empty());
    }
    void tubes_at_hand_are_ticked_one_by_one() {
        Workshop w;
        const auto menu = w.menu();
        auto* tubes = Workshop::below(*menu, "Tubes at hand");
        QVERIFY(Workshop::entry(*tubes, "any size of the catalogue")->isChecked());
        QMenu* series = nullptr;
        for (auto* a : tubes->actions())
            if (a->menu()) series = a->menu();
        QVERIFY(series && series->actions().size() >= 3);
        const auto size = series->actions().first()->text();
        const auto title = series->title();
        QVERIFY(series->actions().first()->isChecked());
        series->actions().first()->trigger();
        QCOMPARE(w.practices().tubes_at_hand.size(), test::parts().tubes.size() - 1);
        // Ticked again, all are there and any will do.
        const auto again = w.menu();
        auto* back =
            Workshop::entry(*Workshop::below(*Workshop::below(*again, "Tubes at hand"), title), size);
        QVERIFY(!back->isChecked());
        back->trigger();
        QVERIFY(w.practices().tubes_at_hand.empty());
        w.document.undo();
        Workshop::entry(*Workshop::below(*w.menu(), "Tubes at hand"), "any size of the catalogue")->trigger();
        QVERIFY(w.practices().tubes_at_hand.empty());
    }
    void schools_are_kept_in_the_file() {
        Workshop w;
        for (const auto& [title, way] : {std::pair{"Joints", "crimp"},
                                         {"Cover joints with", "polyimide tape"},
                                         {"Wire sizes", "mm²"},
                                         {"Set rails", "high, against the drop"},
                                         {"Fuses", "largest that protects"},
                                         {"Tools you own", "hot glue gun"},
                                         {"Tools you own", "iron"}}) {
            const auto menu = w.menu();
            auto* a = Workshop::entry(*Workshop::below(*menu, title), way);
            if (a) a->trigger();
        }
        const auto file = w.folder.filePath("ways.json");
        QVERIFY(w.document.save_as(file));
        Document other(std::make_shared<const Catalogue>(test::parts()), w.folder.filePath("other"));
        QVERIFY(other.open(file));
        QVERIFY(other.plan().practices == w.practices());
        QCOMPARE(other.plan().practices.joint, JointSchool::crimp);
        QCOMPARE(other.plan().practices.insulation, InsulationSchool::polyimide);
        QVERIFY(other.plan().practices.metric);
        QCOMPARE(other.plan().practices.missing_tools, (std::vector<std::string>{"hot glue gun", "iron"}));
    }
    void an_older_file_follows_what_was_usual() {
        // A file from before these schools says nothing of them.
        auto text = plan_to_json(test::demo());
        QVERIFY(text.find("\"joint\":") == std::string::npos || !text.empty());
        const auto plan = plan_from_json(text, "old");
        QVERIFY(plan.has_value());
        QCOMPARE(plan->practices.joint, JointSchool::by_place);
        QVERIFY(plan->practices.missing_tools.empty() && plan->practices.tubes_at_hand.empty());
    }
    void the_plan_menu_has_it() {
        Workshop w;
        Window window(w.document);
        window.show();
        QApplication::processEvents();
        QStringList all;
        for (auto* menu : window.findChildren<QMenu*>())
            for (auto* a : menu->actions()) all << a->text();
        // Made when it is opened: pressed by keyboard, looked at, closed.
        QTimer::singleShot(300, [&] {
            if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
                for (auto* a : menu->actions()) all << a->text();
                menu->close();
            }
        });
        QTest::keyClick(&window, Qt::Key_M, Qt::AltModifier);
        QTRY_VERIFY_WITH_TIMEOUT(all.contains("Schools to follow"), 20000);
    }
};

SANGRE_SUITE(TestSchoolsMenu);
#include "test_schools_menu.moc"
