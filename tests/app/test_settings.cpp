// What is set once for all plans: looks, numbers, schools.
#include <QSettings>

#include "base/words/reader.h"
#include "desk.h"
#include "shell/parts_page.h"
#include "shell/settings.h"
#include "shell/settings_page.h"
#include "theme/theme.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestSettings : public QObject {
    Q_OBJECT
    QTemporaryDir home_;

    static void choose(Choice* box, const QVariant& value) {
        for (int i = 0; i < box->count(); ++i)
            if (box->itemData(i) == value) {
                box->setCurrentIndex(i);
                emit box->activated(i);
                return Desk::settle();
            }
        QFAIL("no such choice");
    }
    static bool says(Desk& d, const QString& words) {
        for (const auto& drawn : d.window.wiring()->list()->drawn_words())
            if (drawn.words == words) return true;
        return false;
    }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }
    void cleanup() {
        QSettings().clear();
        set_presentation({});
        set_text_scale(1), set_appearance(Appearance::light);
    }

    void looks_follow_the_desktop_until_chosen() {
        Desk d;
        QCOMPARE(appearance(), system_appearance());
        QVERIFY(!QSettings().contains("appearance"));
        d.window.show_settings();
        choose(d.window.settings()->look(), "dark");
        QCOMPARE(appearance(), Appearance::dark);
        QVERIFY(d.window.settings()->isVisible());
        choose(d.window.settings()->text_size(), 1.5);
        QCOMPARE(text_scale(), 1.5);
        choose(d.window.settings()->look(), {});
        choose(d.window.settings()->text_size(), {});
        QCOMPARE(appearance(), system_appearance());
        QCOMPARE(text_scale(), system_text_scale());
        QVERIFY(!QSettings().contains("appearance"));
        // The same keys lead back to the station.
        d.window.show_settings();
        QVERIFY(!d.window.settings()->isVisible());
    }
    void numbers_look_as_set_and_files_never_change() {
        Desk d;
        const auto file = d.folder.filePath("a.json"), again = d.folder.filePath("b.json");
        QVERIFY(d.document.save_as(file));
        d.window.show_settings();
        choose(d.window.settings()->decimal(), ",");
        d.window.go(Station::wiring);
        Desk::settle();
        QVERIFY(says(d, "0,30 m"));
        QVERIFY(!says(d, "0.30 m"));
        d.window.show_settings();
        choose(d.window.settings()->lengths(), "inches");
        d.window.go(Station::wiring);
        Desk::settle();
        QVERIFY(says(d, "11,8 in"));
        QVERIFY(d.document.save_as(again));
        QFile a(file), b(again);
        QVERIFY(a.open(QIODevice::ReadOnly) && b.open(QIODevice::ReadOnly));
        QCOMPARE(a.readAll(), b.readAll());
        // What is shown can be typed again.
        d.window.wiring()->list()->repaint();
        d.click(d.window.wiring()->list(), "length:feed-hub-load-work-lamp");
        d.type_into_editor(d.window.wiring()->list(), "29,5 in");
        const auto* feed = by_id(d.document.plan().feeds(), Id("feed-hub-load-work-lamp"));
        QVERIFY(std::abs(raw(*feed->length) - 0.7493) < 1e-9);
    }
    void new_plans_begin_with_the_schools_set() {
        Desk d;
        d.window.show_settings();
        auto* line = d.window.settings()->practices();
        line->setText("drop limit 0.05, meter off by 0.005, metric");
        emit line->editingFinished();
        d.document.new_plan();
        QCOMPARE(d.document.plan().practices.drop_limit, 0.05);
        QCOMPARE(d.document.plan().practices.meter_share, 0.005);
        QVERIFY(d.document.plan().practices.metric);
        QVERIFY(!d.document.modified());
        // What is not understood is said, and the last that was stays.
        d.window.show_settings(), d.window.show_settings();
        line = d.window.settings()->practices();
        line->setText("drop limit of plenty");
        emit line->editingFinished();
        QVERIFY(d.window.settings()->problem().startsWith("!"));
        QCOMPARE(new_plan_practices(d.document.catalogue()).drop_limit, 0.05);
    }
    void parts_of_ones_own_are_lines() {
        QTemporaryDir home;
        qputenv("XDG_DATA_HOME", home.path().toUtf8());
        Desk d;
        d.window.show_parts();
        auto* page = d.window.parts();
        page->filter()->setText("toggle-6a");
        QCOMPARE(page->list()->count(), 1);
        QVERIFY(page->line()->text().startsWith("toggle switch 6 A, id toggle-6a"));
        QVERIFY(!page->drop_button()->isEnabled());
        // Copied under an id of its own, with another figure.
        auto line = page->line()->text();
        line.replace("toggle switch 6 A, id toggle-6a", "Shed toggle").replace("rated 6 A", "rated 8 A");
        page->line()->setText(line);
        QTest::keyClick(page->line(), Qt::Key_Return);
        QVERIFY2(page->said().startsWith("✓"), qPrintable(page->said()));
        QCOMPARE(raw(find(d.document.catalogue().switches, "shed-toggle")->rated), 8.0);
        page->filter()->setText("shed");
        QCOMPARE(page->list()->count(), 1);
        // What is wrong is marked, and nothing is written.
        page->line()->setText(page->line()->text().replace("rated 8 A", "rated 8 V"));
        QTest::keyClick(page->line(), Qt::Key_Return);
        QVERIFY2(page->said().startsWith("!"), qPrintable(page->said()));
        QCOMPARE(page->line()->selectedText(), QString("rated 8 V"));
        QCOMPARE(raw(find(d.document.catalogue().switches, "shed-toggle")->rated), 8.0);
        QTest::mouseClick(page->drop_button(), Qt::LeftButton);
        QVERIFY(!find(d.document.catalogue().switches, "shed-toggle"));
        qunsetenv("XDG_DATA_HOME");
    }
    void money_has_its_sign() {
        QSettings().setValue("money", "kr");
        QCOMPARE(money(12), QString("12\u00a0kr"));
        QSettings().remove("money");
        QCOMPARE(money(12), QString("12"));
    }
};

SANGRE_SUITE(TestSettings);
#include "test_settings.moc"
