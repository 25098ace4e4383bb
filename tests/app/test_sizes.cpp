// Every station at every size of window and of text: nothing is cut, nothing lies on something else.
#include <QAbstractButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSettings>

#include "build/build_station.h"
#include "desk.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/tongue.h"
#include "widgets/toggle.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestSizes : public QObject {
    Q_OBJECT
    QTemporaryDir home_;

    static QString place(const Canvas& canvas, const Canvas::Drawn& d) {
        return QStringLiteral("%1: “%2”").arg(canvas.accessibleName(), d.words.left(60));
    }
    static void look_at(Desk& d, QStringList& wrong) {
        Desk::settle();
        for (auto* canvas : d.canvases()) {
            const auto words = canvas->drawn_words();
            const QRectF whole(canvas->rect());
            for (size_t i = 0; i < words.size(); ++i) {
                const auto& w = words[i];
                if (w.cut) wrong << "cut: " + place(*canvas, w);
                if (!whole.adjusted(-2, -2, 2, 2).contains(w.area)) wrong << "runs out: " + place(*canvas, w);
                for (size_t j = 0; j < i; ++j) {
                    const auto both = w.area.intersected(words[j].area);
                    // Letters reach nowhere near the edges of their line.
                    if (both.width() > 3 &&
                        both.height() > std::min(w.area.height(), words[j].area.height()) / 3 &&
                        w.words != words[j].words)
                        wrong << QStringLiteral("on one another: %1 and “%2”")
                                     .arg(place(*canvas, w), words[j].words.left(40));
                }
            }
        }
        for (auto* label : d.window.findChildren<QLabel*>()) {
            if (!label->isVisible() || label->wordWrap() || label->text().isEmpty()) continue;
            if (const auto cut = label->property("cut"); cut.isValid()) {
                if (cut.toBool()) wrong << "cut: label “" + label->text().left(70) + "”";
                continue;
            }
            if (label->fontMetrics().horizontalAdvance(label->text()) > label->width() + 2)
                wrong << "cut: label “" + label->text().left(70) + "”";
        }
        for (auto* button : d.window.findChildren<QAbstractButton*>())
            if (button->isVisible() && button->width() + 1 < button->sizeHint().width())
                wrong << "cut: button “" + button->text() + "”";
        for (auto* area : d.window.findChildren<QScrollArea*>())
            if (area->isVisible() && area->horizontalScrollBarPolicy() == Qt::ScrollBarAlwaysOff &&
                area->widget()->width() > area->viewport()->width() + 1)
                wrong << "wider than its room: " + area->widget()->accessibleName();
    }
    /// Where a page has room for its least, only what is inside it scrolls: two bars side by side tell nobody
    /// which is which.
    static void look_at_bars(Desk& d, QStringList& wrong) {
        for (auto* area : d.window.findChildren<QScrollArea*>()) {
            if (!area->isVisible() || !area->verticalScrollBar()->isVisible()) continue;
            for (auto* inner : area->widget()->findChildren<QScrollArea*>())
                if (inner->isVisible() && inner->verticalScrollBar()->isVisible())
                    wrong << "two bars: " + inner->widget()->accessibleName();
        }
    }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }
    void cleanup() { set_text_scale(1), speak_language("en"); }

    void nothing_is_cut_data() {
        QTest::addColumn<QString>("demo");
        QTest::addColumn<QSize>("size");
        QTest::addColumn<double>("text");
        QTest::addColumn<QString>("language");
        for (const auto* demo : {"orchard-frost-rover", "seed-hexacopter", "apiary-trailer", "bat-detector",
                                 "book-trike", "moss-wall"})
            for (const auto& [size, text] : std::vector<std::pair<QSize, double>>{{{1024, 640}, 1.0},
                                                                                  {{1280, 800}, 1.0},
                                                                                  {{1280, 800}, 1.5},
                                                                                  {{1280, 800}, 2.0},
                                                                                  {{1920, 1080}, 2.0},
                                                                                  {{2560, 1440}, 1.0},
                                                                                  {{3840, 2160}, 2.0}})
                QTest::newRow(qPrintable(QStringLiteral("%1 %2×%3 at %4")
                                             .arg(demo)
                                             .arg(size.width())
                                             .arg(size.height())
                                             .arg(text)))
                    << QString(demo) << size << text << "en";
        // Words of other languages are longer.
        for (const auto* demo : {"orchard-frost-rover", "moss-wall"})
            for (const auto& [size, text] : std::vector<std::pair<QSize, double>>{
                     {{1024, 640}, 1.0}, {{1280, 800}, 1.0}, {{1280, 800}, 1.5}})
                QTest::newRow(qPrintable(QStringLiteral("%1 %2×%3 at %4 in German")
                                             .arg(demo)
                                             .arg(size.width())
                                             .arg(size.height())
                                             .arg(text)))
                    << QString(demo) << size << text << "de";
    }
    void nothing_is_cut() {
        QFETCH(QString, demo);
        QFETCH(QSize, size);
        QFETCH(double, text);
        QFETCH(QString, language);
        speak_language(language);
        Desk d(test::demo(demo));
        d.window.restyle(Appearance::light, text);
        d.window.resize(size);
        for (int i = 0; i < station_count; ++i) {
            const auto station = static_cast<Station>(i);
            d.window.go(station);
            QStringList wrong;
            look_at(d, wrong);
            if (text <= 1) {
                d.document.select(d.document.plan().feeds()[0].id);
                Desk::settle();
                look_at_bars(d, wrong);
            }
            // Inside the screen: what has no room is wrapped or scrolled, and the window gets no larger by
            // it.
            const auto inside = [&] {
                if (d.window.size() != size)
                    wrong << QStringLiteral("station %1 is %2 × %3")
                                 .arg(i)
                                 .arg(d.window.width())
                                 .arg(d.window.height());
            };
            inside();
            const auto page = [&](Toggle* on) {
                on->setChecked(true);
                look_at(d, wrong);
                inside();
                on->setChecked(false);
            };
            // Batteries are compared in the background: looked at once they are, at the two narrowest.
            if (station == Station::power && (size.width() == 1024 || text == 1.5)) {
                d.window.power()->compare_toggle()->setChecked(true);
                QTRY_VERIFY_WITH_TIMEOUT(d.window.power()->batteries()->ready(), 60000);
                look_at(d, wrong);
                d.window.power()->compare_toggle()->setChecked(false);
            }
            if (station == Station::power) page(d.window.power()->schools_toggle());
            if (station == Station::routing) page(d.window.routing()->cards_toggle());
            if (station == Station::build)
                for (const auto list : {BuildStation::Page::cuts, BuildStation::Page::shop}) {
                    d.window.build()->show_page(list);
                    look_at(d, wrong);
                }
            if (station == Station::wiring)
                page(d.window.wiring()->diagram_toggle()), page(d.window.wiring()->cables_toggle());
            wrong.removeDuplicates();
            QVERIFY2(wrong.isEmpty(), qPrintable(wrong.mid(0, 20).join('\n')));
        }
    }
};

SANGRE_SUITE(TestSizes);
#include "test_sizes.moc"
