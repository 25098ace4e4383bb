// Parts with their leads are copied, cut, pasted, duplicated and removed by keys, one or several at once.
#include <QClipboard>
#include <QSettings>

#include "desk.h"
#include "power/power_station.h"
#include "shell/line_chips.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestThings : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
    static void press(Desk& d, int key, Qt::KeyboardModifiers with = {}) {
        d.window.setFocus();
        QTest::keyClick(&d.window, static_cast<Qt::Key>(key), with);
        Desk::settle();
    }
    static size_t leads_to(const Plan& p, const Id& id) { return feeds_into(p, id).size(); }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void a_part_is_copied_with_its_lead() {
        Desk d;
        d.window.go(Station::power);
        const auto before = d.document.plan();
        d.document.select("load-fog-pump");
        press(d, Qt::Key_C, Qt::ControlModifier);
        const auto text = QApplication::clipboard()->text();
        QVERIFY2(text.startsWith("load Fog pump") && text.contains("\nlead ") && text.contains("\n  item"),
                 qPrintable(text));
        press(d, Qt::Key_V, Qt::ControlModifier);
        const auto& after = d.document.plan();
        QCOMPARE(after.loads.size(), before.loads.size() + 1);
        QCOMPARE(after.loads.back().name, std::string("Fog pump 2"));
        QCOMPARE(leads_to(after, after.loads.back().id), leads_to(before, "load-fog-pump"));
        QCOMPARE(leads_to(after, "load-fog-pump"), leads_to(before, "load-fog-pump"));
        // The copy and nothing else, though Ctrl was held: Delete takes it away alone.
        QCOMPARE(d.document.selected(), std::vector<Id>{after.loads.back().id});
        d.document.undo();
        QVERIFY(d.document.plan() == before);
    }
    void cut_and_paste_brings_it_back() {
        Desk d;
        d.window.go(Station::power);
        const auto before = d.document.plan();
        d.document.select("load-fog-pump");
        press(d, Qt::Key_X, Qt::ControlModifier);
        QVERIFY(!by_id(d.document.plan().loads, Id("load-fog-pump")));
        QVERIFY(d.document.selection().empty());
        press(d, Qt::Key_V, Qt::ControlModifier);
        const auto& after = d.document.plan();
        QCOMPARE(after.loads.back().name, std::string("Fog pump"));
        QCOMPARE(after.feeds().size(), before.feeds().size());
    }
    void ctrl_d_doubles_and_delete_removes() {
        Desk d;
        d.window.go(Station::power);
        const auto before = d.document.plan();
        d.document.select("rail-5-1v");
        press(d, Qt::Key_D, Qt::ControlModifier);
        QCOMPARE(d.document.plan().converters.size(), before.converters.size() + 1);
        QVERIFY(d.document.selection() != Id("rail-5-1v"));
        press(d, Qt::Key_Delete);
        QCOMPARE(d.document.plan().converters.size(), before.converters.size());
        // Nothing selected: nothing happens.
        const auto now = d.document.plan();
        press(d, Qt::Key_Delete), press(d, Qt::Key_D, Qt::ControlModifier);
        QVERIFY(d.document.plan() == now);
    }
    void an_item_goes_into_the_selected_lead() {
        Desk d;
        d.window.go(Station::wiring);
        const Id lead = "feed-hub-load-work-lamp";
        const auto before = by_id(d.document.plan().feeds(), lead)->devices.size();
        d.document.select(lead);
        QApplication::clipboard()->setText("item diode, type Schottky diode 10 A\n");
        QString said;
        connect(&d.document, &Document::said, this, [&](const QString& words) { said = words; });
        press(d, Qt::Key_V, Qt::ControlModifier);
        QVERIFY2(by_id(d.document.plan().feeds(), lead)->devices.size() == before + 1, qPrintable(said));
    }
    void several_are_chosen_with_ctrl_and_say_what_they_share() {
        Desk d;
        d.window.go(Station::loads);
        Desk::settle();
        auto* list = d.window.findChild<Canvas*>("drawing");
        list->repaint();
        const auto at = [&](const char* key) {
            return list->spot_centre(key) - QPoint(list->width() / 4, 0);
        };
        QTest::mouseClick(list, Qt::LeftButton, {}, at("load:load-fog-pump"));
        QTest::mouseClick(list, Qt::LeftButton, Qt::ControlModifier, at("load:load-work-lamp"));
        QCOMPARE(d.document.selected().size(), size_t(2));
        auto* chips = d.window.why()->chips();
        Desk::settle();
        chips->repaint();
        // A word for both of them, by “+”; both say it then, and one undo takes it from both.
        const auto before = d.document.plan();
        const LineContext context(before, d.document.catalogue());
        const auto shared = shared_line(context, d.document.selected());
        QVERIFY(shared);
        auto next = with_shared_chip(context, d.document.selected(), {}, "vital");
        QVERIFY2(next.has_value(), next ? "" : next.error().message.str().c_str());
        d.document.apply([&](const Plan&) { return *next; }, "Both vital");
        Desk::settle();
        chips->repaint();
        QVERIFY(by_id(d.document.plan().loads, Id("load-fog-pump"))->vital);
        QVERIFY(by_id(d.document.plan().loads, Id("load-work-lamp"))->vital);
        const LineContext now(d.document.plan(), d.document.catalogue());
        const auto shares = shared_line(now, d.document.selected());
        size_t vital = 0;
        while (vital < shares->chips.size() && shares->chips[vital].text != "vital") ++vital;
        QVERIFY(vital < shares->chips.size());
        d.click(chips, QStringLiteral("chip %1").arg(vital));
        d.type_into_editor(chips, "");
        QVERIFY(!by_id(d.document.plan().loads, Id("load-fog-pump"))->vital);
        QVERIFY(!by_id(d.document.plan().loads, Id("load-work-lamp"))->vital);
        press(d, Qt::Key_Delete);
        QCOMPARE(d.document.plan().loads.size(), before.loads.size() - 2);
        d.document.undo();
        // A click without Ctrl chooses one.
        list->repaint();
        QTest::mouseClick(list, Qt::LeftButton, {}, at("load:load-work-lamp"));
        QCOMPARE(d.document.selected().size(), size_t(1));
    }
};

SANGRE_SUITE(TestThings);
#include "test_things.moc"
