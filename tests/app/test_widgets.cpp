// The small things that pages are made of: words in a column, boxes with round corners, the fonts that ship.
#include <QApplication>
#include <QFontDatabase>
#include <QFontInfo>
#include <QImage>
#include <QPainter>
#include <QRawFont>
#include <QTest>

#include "fixtures.h"
#include "theme/theme.h"
#include "widgets/paragraph.h"
#include "widgets/rounded.h"

using namespace sangre;
using namespace sangre::app;

namespace {

constexpr auto ground = qRgb(240, 240, 240);

QImage drawn(const QSize& size, const std::function<void(QPainter&)>& draw) {
    QImage image(size, QImage::Format_RGB32);
    image.fill(ground);
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    draw(p);
    return image;
}

/// The largest difference of any colour of any pixel.
int difference(const QImage& a, const QImage& b) {
    int most = 0;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x) {
            const QColor one = a.pixelColor(x, y), other = b.pixelColor(x, y);
            most = std::max({most, std::abs(one.red() - other.red()), std::abs(one.green() - other.green()),
                             std::abs(one.blue() - other.blue())});
        }
    return most;
}

}  // namespace

class TestWidgets : public QObject {
    Q_OBJECT
  private slots:
    void initTestCase() { apply_theme(); }

    void boxes_look_like_their_outlines_data() {
        QTest::addColumn<QRectF>("area");
        QTest::addColumn<double>("radius");
        QTest::addColumn<double>("edge");
        QTest::newRow("a card") << QRectF(3, 2, 90, 30) << 6.0 << 1.0;
        QTest::newRow("a chosen card") << QRectF(3, 2, 90, 30) << 6.0 << 1.6;
        QTest::newRow("a chip") << QRectF(3, 2, 70, 22) << 11.0 << 1.0;
        QTest::newRow("a chip of odd height") << QRectF(3, 2, 70, 23) << 11.5 << 1.0;
        QTest::newRow("square corners") << QRectF(3, 2, 40, 30) << 0.0 << 1.0;
        QTest::newRow("no wider than its corners") << QRectF(3, 2, 12, 12) << 6.0 << 1.0;
        QTest::newRow("a radius larger than the box") << QRectF(3, 2, 20, 10) << 40.0 << 1.0;
        QTest::newRow("a thick edge") << QRectF(3, 2, 60, 30) << 2.0 << 4.0;
    }
    void boxes_look_like_their_outlines() {
        QFETCH(QRectF, area);
        QFETCH(double, radius);
        QFETCH(double, edge);
        const QColor fill(250, 200, 120), line(60, 20, 90);
        // Seen through a scale that is almost one, the outlines are filled.
        const auto outlines = drawn({100, 40}, [&](QPainter& p) {
            p.scale(1.0000001, 1.0000001);
            draw_rounded(p, area, radius, fill, line, edge);
        });
        const auto parts =
            drawn({100, 40}, [&](QPainter& p) { draw_rounded(p, area, radius, fill, line, edge); });
        QVERIFY2(difference(outlines, parts) <= 10, qPrintable(QString::number(difference(outlines, parts))));
        QVERIFY(difference(outlines, drawn({100, 40}, [](QPainter&) {})) > 100);
    }
    void a_box_leaves_the_painter_as_it_was() {
        drawn({100, 40}, [](QPainter& p) {
            p.translate(4, 5);
            draw_rounded(p, QRectF(3, 2, 60, 20), 6, Qt::white, Qt::black);
            QCOMPARE(p.transform(), QTransform::fromTranslate(4, 5));
            QVERIFY(p.testRenderHint(QPainter::Antialiasing));
        });
        const auto moved = drawn({100, 40}, [](QPainter& p) {
            p.translate(4, 5);
            draw_rounded(p, QRectF(3, 2, 60, 20), 6, Qt::white, Qt::black);
        });
        const auto there = drawn(
            {100, 40}, [](QPainter& p) { draw_rounded(p, QRectF(7, 7, 60, 20), 6, Qt::white, Qt::black); });
        QCOMPARE(moved, there);
    }
    void a_box_that_lets_the_ground_through_stays_so() {
        const auto seen = drawn({100, 40}, [](QPainter& p) {
            draw_rounded(p, QRectF(3, 2, 90, 30), 6, QColor(0, 0, 0, 0), QColor(0, 0, 0, 0));
        });
        QCOMPARE(seen, drawn({100, 40}, [](QPainter&) {}));
    }

    void words_take_the_lines_they_need() {
        Paragraph p(face(13));
        p.say("Understands volts, amperes, watts, peaks and starts, always on, vital and noisy.", Qt::black);
        const int one = p.heightForWidth(2000), narrow = p.heightForWidth(150);
        QVERIFY(one > 8 && one < 30);
        QVERIFY2(narrow >= 3 * one, qPrintable(QString::number(narrow)));
        QVERIFY(p.heightForWidth(90) > narrow);
        QCOMPARE(p.heightForWidth(2000), one);  // asked again in any order
        p.say("Short.", Qt::black);
        QCOMPARE(p.heightForWidth(150), one);
        p.say("", Qt::black);
        QVERIFY(p.heightForWidth(150) >= 0);
        p.say(QString(4000, 'x'), Qt::black);  // without a place to break
        QVERIFY(p.heightForWidth(150) > 20 * one);
    }
    void a_part_is_set_apart_and_read_aloud() {
        Paragraph p(face(13));
        p.say("! blue — not understood", Qt::red, {2, 4, Apart::How::underlined});
        QCOMPARE(p.apart(), QStringLiteral("blue"));
        QCOMPARE(p.accessibleName(), QStringLiteral("! blue — not understood"));
        p.say("Understands volts.", Qt::red);
        QVERIFY(p.apart().isEmpty());
    }
    void what_is_said_is_what_is_drawn() {
        const auto shot = [](const QString& words, const QColor& colour, const Apart& apart = {}) {
            Paragraph p(face(13));
            p.resize(200, 40);
            p.say("something before", Qt::black, {0, 9});
            p.grab();
            p.say(words, colour, apart);
            return p.grab().toImage();
        };
        const auto plain = shot("7 V is too little", Qt::black);
        QCOMPARE(plain, shot("7 V is too little", Qt::black));
        QVERIFY(plain != shot("8 V is too little", Qt::black));
        QVERIFY(plain != shot("7 V is too little", Qt::red));
        QVERIFY(plain != shot("7 V is too little", Qt::black, {0, 3}));
        QVERIFY(shot("7 V is too little", Qt::black, {0, 3}) !=
                shot("7 V is too little", Qt::black, {0, 3, Apart::How::underlined}));
    }

    void the_shipped_font_has_every_sign_that_is_used() {
        for (const bool bold : {false, true}) {
            const auto f = face(13, bold);
            QCOMPARE(QFontInfo(f).family(), QStringLiteral("B612"));
            QCOMPARE(QFontInfo(f).bold(), bold);
            const auto raw_font = QRawFont::fromFont(f);
            for (const auto sign : QStringLiteral("AZaz09ÄÖÜäöüßéñ°Ω±×−–—…·“”„≤≥µ✓!▾→²%()[]+•"))
                QVERIFY2(raw_font.supportsCharacter(sign), qPrintable(QString(sign)));
        }
    }
    void letters_missing_from_it_come_from_the_machine() {
        if (QFontDatabase::families(QFontDatabase::Cyrillic).isEmpty()) QSKIP("no font here has them");
        const auto shot = [](const QString& words) {
            return drawn({80, 30}, [&](QPainter& p) {
                p.setFont(face(16));
                p.drawText(QRect(0, 0, 80, 30), words);
            });
        };
        QVERIFY(shot(QStringLiteral("Ж")) != shot(QStringLiteral("Щ")));
    }
    void one_letter_takes_whole_pixels() {
        // Digits of a column stand below one another.
        const QFontMetricsF m(face(13));
        for (const auto digit : QStringLiteral("0123456789"))
            QCOMPARE(m.horizontalAdvance(digit), std::round(m.horizontalAdvance(digit)));
    }
};

SANGRE_SUITE(TestWidgets);
#include "test_widgets.moc"
