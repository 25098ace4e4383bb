// Keys that do what they do elsewhere, and finding every view, setting, export and part by common words.
#include <QMenu>
#include <QSettings>
#include <QTimer>

#include "build/build_station.h"
#include "desk.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/palette.h"
#include "shell/parts_page.h"
#include "shell/settings_page.h"
#include "shell/tongue.h"
#include "widgets/toggle.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestFinding : public QObject {
    Q_OBJECT
    QTemporaryDir home_;

    static void press(Desk& d, int key, Qt::KeyboardModifiers with = {}) {
        QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : &d.window,
                        static_cast<Qt::Key>(key), with);
        Desk::settle();
    }
    /// The first that is found by these words.
    static QString first(Desk& d, const QString& words) {
        press(d, Qt::Key_F, Qt::ControlModifier);
        auto* box = d.window.palette_box();
        if (!box->isVisible()) return QStringLiteral("no palette");
        box->field()->setText(words);
        const auto said = box->list()->item(0)->text();
        QTest::keyClick(box->field(), Qt::Key_Escape);
        Desk::settle();
        return said;
    }
    static void pick(Desk& d, const QString& words) {
        press(d, Qt::Key_F, Qt::ControlModifier);
        auto* box = d.window.palette_box();
        QVERIFY(box->isVisible());
        box->field()->setText(words);
        QTest::keyClick(box->field(), Qt::Key_Return);
        Desk::settle();
        QVERIFY(!box->isVisible());
    }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }
    void cleanup() {
        speak_language("en");
        QSettings().clear();
    }

    void what_everything_is_called_elsewhere_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("found");
        const auto row = [](const char* typed, const char* found) { QTest::newRow(typed) << typed << found; };
        row("bus bar", "hub"), row("preferences", "Settings"), row("currency", "Sign of money");
        row("deutsch", "Language"), row("schematic", "diagram"), row("bom", "Shopping"),
            row("font", "Size of letters");
        row("imperial", "Lengths"), row("optimize", "Search"), row("awg units", "Sizes of wire");
        row("dark theme", "Look"), row("battery pack", "source"), row("ics", "calendar"), row("exit", "Quit");
        row("mini blade fuse", "mini blade fuse"), row("toggle switch", "toggle");
    }
    void what_everything_is_called_elsewhere() {
        QFETCH(QString, typed);
        QFETCH(QString, found);
        Desk d;
        const auto said = first(d, typed);
        QVERIFY2(said.contains(found, Qt::CaseInsensitive), qPrintable(typed + " finds " + said));
    }
    void views_settings_and_parts_are_gone_to() {
        Desk d;
        pick(d, "compare batteries");
        QVERIFY(d.window.station() == Station::power && d.window.power()->compare_toggle()->isChecked());
        pick(d, "cables, core by core");
        QVERIFY(d.window.station() == Station::wiring && d.window.wiring()->cables_toggle()->isChecked());
        pick(d, "leads laid straight routing");
        QVERIFY(d.window.station() == Station::routing && d.window.routing()->cards_toggle()->isChecked());
        pick(d, "currency");
        QVERIFY(d.window.settings()->isVisible() && d.window.settings()->money_sign()->hasFocus());
        pick(d, "language setting");
        QVERIFY(d.window.settings()->isVisible() && d.window.settings()->language()->hasFocus());
        pick(d, "large blade fuse catalogue");
        QVERIFY(d.window.parts()->isVisible() && d.window.parts()->filter()->text().contains("large blade"));
    }
    void keys_do_what_they_do_elsewhere() {
        Desk d;
        d.window.go(Station::power);
        press(d, Qt::Key_A, Qt::ControlModifier);
        const auto& plan = d.document.plan();
        QCOMPARE(d.document.selected().size(),
                 plan.sources.size() + plan.hubs.size() + plan.converters.size() + plan.loads.size());
        d.window.go(Station::wiring);
        press(d, Qt::Key_A, Qt::ControlModifier);
        QCOMPARE(d.document.selected().size(), plan.feeds().size() + plan.signal_leads().size());
        // A new plan begins with what must run.
        press(d, Qt::Key_N, Qt::ControlModifier);
        QCOMPARE(d.window.station(), Station::loads);
        QVERIFY(d.document.plan().loads.empty());
        for (const auto key : {Qt::Key_W, Qt::Key_Q}) {
            d.window.show();
            Desk::settle();
            press(d, key, Qt::ControlModifier);
            QVERIFY(!d.window.isVisible());
        }
    }
    void all_that_is_selected_is_placed_at_once() {
        Desk d;
        const auto place = d.document.plan().places.front().id;
        d.window.go(Station::routing);
        press(d, Qt::Key_A, Qt::ControlModifier);
        const auto chosen = d.document.selected();
        QVERIFY(chosen.size() > 3);
        bool offered = false;
        QTimer::singleShot(0, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu) return;
            for (auto* a : menu->findChildren<QAction*>())
                if (a->text().contains("that are selected")) offered = true, a->trigger();
            menu->close();
        });
        auto* map = d.window.routing()->map();
        map->repaint();
        const auto at = map->spot_centre("place:" + QString::fromStdString(place));
        QTest::mouseClick(map, Qt::RightButton, {}, at);
        Desk::settle();
        QVERIFY(offered);
        for (const auto& l : d.document.plan().loads) QCOMPARE(l.place, place);
        d.document.undo();
        QVERIFY(d.document.plan().loads[0].place != place || d.document.plan().loads[1].place != place);
    }
    void a_language_is_spoken_at_once() {
        Desk d;
        d.window.show_settings();
        auto* box = d.window.settings()->language();
        for (int i = 0; i < box->count(); ++i)
            if (box->itemData(i) == "de") box->setCurrentIndex(i), emit box->activated(i);
        Desk::settle();
        QVERIFY(d.window.settings()->isVisible());
        QVERIFY(SettingsPage::names().contains("Sprache"));
        const auto& steps = d.document.study().steps();
        QVERIFY(std::any_of(steps.begin(), steps.end(), [](const auto& s) {
            return s.title.str().find("bschneiden") != std::string::npos ||
                   s.title.str().find("uschneiden") != std::string::npos ||
                   s.title.str().find("bereit") != std::string::npos;
        }));
        bool german = false;
        for (auto* label : d.window.findChildren<QLabel*>())
            german = german || (label->isVisible() && label->text().contains("Einstellungen"));
        QVERIFY(german);
    }
    void a_file_is_looked_for_beside_the_plan() {
        Desk d;
        const QTemporaryDir folder;
        QVERIFY(d.document.save_as(folder.filePath("x.json")));
        QCOMPARE(d.document.folder(), QFileInfo(folder.filePath("x.json")).absolutePath());
    }
};

SANGRE_SUITE(TestFinding);
#include "test_finding.moc"
