// A plan without an operating point, on every screen: said, dashed, and never a number.
#include <QFile>
#include <QLabel>
#include <QRegularExpression>

#include "desk.h"

using namespace sangre;
using namespace sangre::app;
using test::Desk;

class TestUnfound : public QObject {
    Q_OBJECT
    /// A wire of no measure in it, so that no search can find an operating point: no plan that is known does
    /// that.
    static Plan beyond_all_measure() {
        auto p = test::one_feed();
        p.feeds()[0].wire = "immeasurable";
        return p;
    }
    static std::shared_ptr<const Catalogue> with_an_immeasurable_wire() {
        auto all = test::parts();
        auto wire = *find(all.wires, "awg12-silicone");
        wire.id = "immeasurable", wire.ohm_per_m *= std::numeric_limits<double>::quiet_NaN();
        all.wires.push_back(wire);
        return std::make_shared<const Catalogue>(std::move(all));
    }
    /// What is drawn and written where the window stands, coordinates included.
    static QString shown(Desk& d) {
        QString all;
        for (auto* c : d.canvases()) {
            const auto file = d.folder.filePath("drawn.svg");
            if (!c->export_picture(file).isEmpty()) continue;
            QFile f(file);
            if (f.open(QIODevice::ReadOnly)) all += QString::fromUtf8(f.readAll());
            for (const auto& s : c->spots()) all += s.tip.words() + "\n";
        }
        for (auto* l : d.window.findChildren<QLabel*>())
            if (l->isVisible()) all += l->text() + "\n";
        return all;
    }

  private slots:
    void every_station_stands_and_shows_no_number() {
        Desk d(beyond_all_measure(), with_an_immeasurable_wire());
        QVERIFY(!d.document.study().now.found);
        const QRegularExpression not_a_number("\\b(nan|inf)\\b", QRegularExpression::CaseInsensitiveOption);
        QStringList wrong;
        for (int i = 0; i < station_count; ++i) {
            d.window.go(static_cast<Station>(i));
            d.settle();
            for (const Id id : {"", "battery", "feed", "lamp"}) {
                d.document.select(id);
                d.settle();
                const auto all = shown(d);
                QVERIFY(!all.isEmpty());
                for (auto matches = not_a_number.globalMatch(all); matches.hasNext();) {
                    const auto at = static_cast<int>(matches.next().capturedStart());
                    wrong << QString("station %1, %2: …%3…")
                                 .arg(i)
                                 .arg(id.c_str())
                                 .arg(all.mid(std::max(0, at - 120), 160));
                }
            }
        }
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n---\n")));
    }
    void the_danger_is_said_and_goes_with_the_edit() {
        Desk d(beyond_all_measure(), with_an_immeasurable_wire());
        d.window.go(Station::power);
        d.settle();
        QVERIFY(test::has(d.document.study(), "network-not-solved", Severity::danger));
        QVERIFY(shown(d).contains(QString::fromUtf8("—")));
        d.document.apply([](const Plan& p) { return set_wire(p, p.feeds()[0].id, "awg12-silicone"); },
                         "A wire that is known");
        d.settle();
        QVERIFY(d.document.study().now.found);
        QVERIFY(!test::has(d.document.study(), "network-not-solved"));
    }
};

SANGRE_SUITE(TestUnfound);
#include "test_unfound.moc"
