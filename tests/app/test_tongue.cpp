// Other languages: nothing English is left on screen when a made-up one is spoken, and German is what a
// builder sees.
#include <QAbstractButton>
#include <QAccessible>
#include <QLabel>
#include <QMenu>
#include <QSettings>
#include <QSignalSpy>
#include <QTranslator>

#include "base/words/reader.h"
#include "base/words/say.h"
#include "base/words/term.h"
#include "catalogue/catalogue.h"
#include "desk.h"
#include "making/shopping.h"
#include "making/steps/steps.h"
#include "other_words.h"
#include "output/files/plan_file.h"
#include "output/files/plan_text.h"
#include "plan/load_text.h"
#include "plan/typed_words.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/settings_page.h"
#include "shell/tongue.h"
#include "widgets/toggle.h"
#include "wiring/wiring_station.h"

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
        QVERIFY(!build_steps(plan, *catalogue_now(), s).front().title.str().compare("Alles bereitlegen"));
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
    void a_language_is_spoken_at_once_and_nothing_is_studied_anew() {
        auto plan = test::demo();
        plan.converters.front().set = Volt(3);  // something to say
        Desk d(plan);
        d.settle();
        const auto answers = d.document.study().answers;
        QVERIFY(!d.document.study().findings.empty());
        const auto& sentence = d.document.study().findings.front().sentence;
        QSignalSpy changed(&d.document, &Document::changed);
        d.window.show_settings();
        auto* box = d.window.settings()->language();
        const int german = box->findData("de");
        box->setCurrentIndex(german);
        emit box->activated(german);
        d.settle();
        QVERIFY(sentence.str() != sentence.english());
        QTRY_VERIFY(std::ranges::any_of(d.window.findings()->drawn_words(), [&](const auto& drawn) {
            return drawn.words == QString::fromStdString(sentence);
        }));
        QVERIFY(answers && d.document.study().answers == answers);
        QCOMPARE(changed.count(), 0);
    }

    void german_words_are_understood_when_typed() {
        speak_language("de");
        const auto read =
            parse_load("Teichpumpe 12 V 2 A Spitze 5 A 2 s Leerlauf 80 mA störend kritisch immer an");
        QVERIFY2(read.problems.empty(), read.problems.empty() ? "" : read.problems[0].message.str().c_str());
        QCOMPARE(read.load.name, std::string("Teichpumpe"));
        QVERIFY(read.load.noisy && read.load.vital && read.load.always_on && !read.load.sensitive);
        QCOMPARE(raw(read.load.peak), 5.0);
        QCOMPARE(raw(read.load.idle), 0.08);
        QStringList chips;
        for (const auto& c : read.chips) chips << QString::fromStdString(chip_words(c));
        QVERIFY2(chips.contains("störend") && chips.contains("immer an"), qPrintable(chips.join('|')));
        // English is understood all the same, and a file stays English.
        QVERIFY(parse_load("Pump 12 V 2 A noisy always on").load.always_on);
        const auto plan = plan_from_text(
            "plan Teich\nsource Akku: 4S LFP 10 Ah\nload Pumpe 11–14.6 V 2 A störend\n"
            "lead Akku → Pumpe, 20 AWG silikonkautschuk, 1 m, supply gelb\n"
            "item fuse, Standard-Flachsicherung, 5 A\n",
            test::parts());
        QVERIFY2(plan.has_value(), plan ? "" : error_text(plan.error()).c_str());
        QCOMPARE(plan->feeds()[0].supply_colour, std::string("yellow"));
        QCOMPARE(plan->feeds()[0].devices[0].type, Id("standard-blade"));
        const auto text = plan_to_text(*plan, test::parts());
        QVERIFY2(
            text.find("standard blade fuse") != std::string::npos && text.find("noisy") != std::string::npos,
            text.c_str());
        speak_language("en");
        const auto again = plan_from_text(text, test::parts());
        QVERIFY(again && again->leads == plan->leads && again->loads == plan->loads);
    }
    /// What was ordered in one language is ordered in the other.
    void goods_keep_their_keys() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto english = shopping(plan, test::parts(), s);
        speak_language("de");
        const auto german = shopping(plan, test::parts(), s);
        QCOMPARE(german.lines.size(), english.lines.size());
        size_t other = 0;
        for (size_t i = 0; i < german.lines.size(); ++i) {
            QCOMPARE(german.lines[i].need.key, english.lines[i].need.item.english());
            other += english.lines[i].need.item.str() != english.lines[i].need.key;
        }
        QVERIFY(other > german.lines.size() * 3 / 4);
        const auto ordered = set_order(plan, german.lines[0].need.key, OrderState::ordered);
        QVERIFY(shopping(ordered, test::parts(), s).lines[0].state == OrderState::ordered);
        auto there = plan;
        there.at_hand.push_back(enough_at_hand(plan, german.lines[0]));
        speak_language("en");
        QVERIFY(shopping(ordered, test::parts(), s).lines[0].state == OrderState::ordered);
        const auto lines = shopping(there, test::parts(), s).lines;
        const auto at = std::find_if(lines.begin(), lines.end(),
                                     [&](const auto& l) { return l.need.key == english.lines[0].need.key; });
        QVERIFY(at != lines.end() && at->to_buy == 0);
    }
    void names_of_the_catalogue_are_said_piece_by_piece() {
        const Term plug("two-pole 2.5 A plug with anti-spark pin"), odd("my own plug 3 A, sealed");
        QCOMPARE(plug.spoken(), plug.english());
        speak_language("de");
        QCOMPARE(QString::fromStdString(plug.spoken()).left(20), QString("zweipoliger Stecker "));
        QVERIFY(plug.spoken().find("2,5 A") != std::string::npos ||
                plug.spoken().find("2.5 A") != std::string::npos);
        // Of the builder's own entries what is known is said.
        QCOMPARE(odd.spoken(), std::string("my own plug 3 A, abgedichtet"));
        QVERIFY(plug.is_called("TWO-POLE 2.5 A plug with anti-spark pin") && plug.is_called(plug.spoken()));
        {
            const ReadBy english;
            QCOMPARE(plug.spoken(), plug.english());
        }
        // All that ships is translated, whole.
        const auto known = [](const auto& list) {
            for (const auto& x : list) {
                const auto words = x.name.spoken();
                QVERIFY2(words.find("sealed") == std::string::npos &&
                             words.find(" with ") == std::string::npos &&
                             words.find("soldered") == std::string::npos,
                         words.c_str());
            }
        };
        known(test::parts().joints), known(test::parts().connectors), known(test::parts().switches);
    }
};

SANGRE_SUITE(TestTongue);
#include "test_tongue.moc"
