// Each demo made from nothing, by keys alone.
#include <QClipboard>
#include <QSettings>

#include "desk.h"
#include "output/files/plan_file.h"
#include "output/files/plan_text.h"
#include "shell/line_bar.h"
#include "shell/palette.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

class TestByKeyboard : public QObject {
    Q_OBJECT
    QTemporaryDir home_;

    static void press(int key, Qt::KeyboardModifiers with = {}) {
        auto* at = QApplication::focusWidget();
        QVERIFY(at);
        QTest::keyClick(at, static_cast<Qt::Key>(key), with);
        QApplication::processEvents();
    }
    static void say(const QString& line, bool letter_by_letter) {
        const bool typeable = std::all_of(line.begin(), line.end(),
                                          [](QChar c) { return c.unicode() >= 32 && c.unicode() < 127; });
        if (letter_by_letter && typeable) return QTest::keyClicks(QApplication::focusWidget(), line);
        QApplication::clipboard()->setText(line);
        press(Qt::Key_V, Qt::ControlModifier);
    }

  private slots:
    void initTestCase() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path()); }
    void init() { QSettings().clear(); }

    void a_demo_is_typed_data() {
        QTest::addColumn<QString>("demo");
        for (const auto* demo : {"apiary-trailer", "bat-detector", "book-trike", "moss-wall",
                                 "orchard-frost-rover", "seed-hexacopter"})
            QTest::newRow(demo) << QString(demo);
    }
    void a_demo_is_typed() {
        QFETCH(QString, demo);
        const auto wanted = test::demo(demo);
        const auto text = plan_to_text(wanted, test::parts());
        Desk d{Plan{}};
        // Where nothing is drawn anew at each line, it goes faster.
        d.window.go(Station::log);
        int n = 0;
        for (const auto& line : QString::fromStdString(text).split('\n', Qt::SkipEmptyParts)) {
            auto said = line.trimmed();
            if (said.startsWith("terminals ")) {
                // The part that they are of is found by its name.
                press(Qt::Key_Space, Qt::ControlModifier);
                said = said.mid(10);
                if (said.startsWith('"')) said = said.mid(1, said.size() - 2);
                say(said, true);
                press(Qt::Key_Return);
                QCOMPARE(QString::fromStdString(name_of(d.document.plan(), d.document.selection())), said);
                continue;
            }

            press(Qt::Key_Insert);
            QVERIFY(d.window.line()->isVisible());
            say(said, ++n % 20 == 0);
            press(Qt::Key_Escape, {});  // the list of what may follow, or nothing
            if (!d.window.line()->isVisible()) {
                press(Qt::Key_Insert);
                say(said, false);
            }
            press(Qt::Key_Return);
            QVERIFY2(!d.window.line()->isVisible(), qPrintable(said + ": " + d.window.line()->problem()));
        }
        // A cable that feeds stands among the leads from its last core on: in what order, nobody asks.
        const auto in_order = [](Plan p) {
            const auto by_id = [](const auto& a, const auto& b) { return a.id < b.id; };
            std::sort(p.feeds().begin(), p.feeds().end(), by_id),
                std::sort(p.signal_leads().begin(), p.signal_leads().end(), by_id);
            return QString::fromStdString(plan_to_json(p));
        };
        QCOMPARE(in_order(d.document.plan()), in_order(wanted));
    }
};

SANGRE_SUITE(TestByKeyboard);
#include "test_by_keyboard.moc"
