// Other languages: nothing English is left on screen when a made-up one is spoken, and German is what a
// builder sees.
#include <QAbstractButton>
#include <QAccessible>
#include <QLabel>
#include <QMenu>
#include <QSettings>
#include <QTranslator>

#include "build/steps.h"
#include "catalogue/catalogue.h"
#include "desk.h"
#include "files/plan_file.h"
#include "other_words.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/settings_page.h"
#include "shell/tongue.h"
#include "widgets/toggle.h"
#include "wiring/wiring_station.h"
#include "words/say.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

namespace {

class Circled : public QTranslator {
  public:
    bool isEmpty() const override { return false; }
    QString translate(const char*, const char* english, const char*, int) const override {
        return QString::fromStdString(test::circled(english));
    }
};

void read_out(QAccessibleInterface* node, QStringList& said, int depth = 0) {
    if (!node || depth > 40 || node->state().invisible) return;
    said << node->text(QAccessible::Name) << node->text(QAccessible::Description);
    for (int i = 0; i < node->childCount(); ++i) read_out(node->child(i), said, depth + 1);
}

}  // namespace

class TestTongue : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
    Circled circled_;

    static void see(Desk& d, QStringList& said) {
        Desk::settle();
        for (auto* canvas : d.canvases()) {
            for (const auto& w : canvas->drawn_words()) said << w.words;
            read_out(QAccessible::queryAccessibleInterface(canvas), said);
        }
        for (auto* label : d.window.findChildren<QLabel*>())
            if (label->isVisible()) said << label->text() << label->toolTip();
        for (auto* button : d.window.findChildren<QAbstractButton*>())
            if (button->isVisible()) said << button->text() << button->toolTip() << button->accessibleName();
    }
    static std::shared_ptr<const Catalogue> catalogue_now() {
        return std::make_shared<const Catalogue>(*load_catalogue(SANGRE_SOURCE_DATA));
    }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }
    void cleanup() {
        QCoreApplication::removeTranslator(&circled_);
        speak_language("en");
        QSettings().clear();
    }

    void nothing_english_is_left_on_screen_data() { test::demo_rows(); }
    void nothing_english_is_left_on_screen() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        const auto data = test::data_words(plan);
        QCoreApplication::installTranslator(&circled_);
        speak(test::circled);
        Desk d(plan, catalogue_now());
        QStringList said;
        for (int i = 0; i < station_count; ++i) {
            const auto station = static_cast<Station>(i);
            d.window.go(station);
            see(d, said);
            const auto page = [&](Toggle* on) {
                on->setChecked(true);
                see(d, said);
                on->setChecked(false);
            };
            if (station == Station::power) page(d.window.power()->schools_toggle());
            if (station == Station::routing) page(d.window.routing()->cards_toggle());
            if (station == Station::wiring)
                page(d.window.wiring()->diagram_toggle()), page(d.window.wiring()->cables_toggle());
        }
        for (const auto& list : {plan.loads.front().id, plan.feeds().front().id, plan.sources.front().id}) {
            d.document.select(list);
            see(d, said);
        }
        d.window.show_settings();
        see(d, said);
        QStringList left;
        said.removeDuplicates();
        for (const auto& text : said) left << test::english_in(text, data);
        left.removeDuplicates();
        QVERIFY2(left.isEmpty(),
                 qPrintable(QString::number(left.size()) + ":\n" + left.mid(0, 60).join('\n')));
    }

    void german_is_spoken_and_files_stay_as_they_are() {
        const auto plan = test::demo();
        const auto before = plan_to_json(plan);
        speak_language("de");
        Desk d(plan, catalogue_now());
        d.window.go(Station::build);
        QStringList said;
        see(d, said);
        QVERIFY(said.contains("Bauen"));
        const auto s = test::studied(plan);
        QVERIFY(!build_steps(plan, *catalogue_now(), s).front().title.compare("Alles bereitlegen"));
        QCOMPARE(plan_to_json(d.document.plan()), before);
        QVERIFY(d.document.save_as(d.folder.filePath("plan.json")));
        QFile file(d.folder.filePath("plan.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll().toStdString(), before);
    }

    void the_language_is_chosen_in_the_settings() {
        Desk d;
        d.window.show_settings();
        auto* box = d.window.settings()->language();
        QVERIFY(box->count() == static_cast<int>(languages().size()) + 1);
        const int german = box->findData("de");
        QVERIFY(german > 0);
        box->setCurrentIndex(german);
        emit box->activated(german);
        QCOMPARE(QSettings().value("language").toString(), QString("de"));
        speak_as_set();
        QCOMPARE(sangre::said("feeds"), std::string("Zuleitungen"));
        QSettings().remove("language");
        speak_language("xx");
        QCOMPARE(sangre::said("feeds"), std::string("feeds"));
    }
};

SANGRE_SUITE(TestTongue);
#include "test_tongue.moc"
