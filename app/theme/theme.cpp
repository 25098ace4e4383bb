#include "theme/theme.h"

#include <fontconfig/fontconfig.h>
#include <QApplication>
#include <QFontDatabase>
#include <QPalette>
#include <QRawFont>
#include <QToolTip>
#include <future>

#include "catalogue/catalogue.h"

namespace sangre::app {
namespace {

Appearance current = Appearance::light;
double scale = 1;
std::future<void> installed_fonts;

const Theme light{QColor("#F6F2EC"), QColor("#FFFDF9"), QColor("#ECE5DA"), QColor("#231F1C"),
                  QColor("#655D55"), QColor("#DDD3C6"), QColor("#7B1E2B"), QColor("#FFFDF9"),
                  QColor("#F2E0DF"), QColor("#94424C"), QColor("#C9A09F"), QColor("#4F6478"),
                  QColor("#8A5A0B"), QColor("#E3B45A"), QColor("#1E6B4F"), QColor("#8F5406"),
                  QColor("#A91E1E"), QColor("#26211E"), QColor("#F3E9DC")};

const Theme dark{QColor("#1B1816"), QColor("#262220"), QColor("#332D2A"), QColor("#F1E9DF"),
                 QColor("#B4A99D"), QColor("#463E39"), QColor("#E08A92"), QColor("#1B1816"),
                 QColor("#47282B"), QColor("#B05C66"), QColor("#6E4347"), QColor("#93AAC0"),
                 QColor("#E0AE55"), QColor("#8A6A2C"), QColor("#6CC7A0"), QColor("#E7A94C"),
                 QColor("#F08A80"), QColor("#0F0D0C"), QColor("#F3E9DC")};

QString style_sheet() {
    const auto& t = theme();
    return QStringLiteral(R"(
        QWidget#window, QStackedWidget, QScrollArea, QScrollArea > QWidget > QWidget { background: %2; }
        QWidget#whatif { background: %3; border-bottom: 1px solid %4; }
        QLabel[caption="true"] { color: %7; }
        QToolTip { background: %3; color: %1; border: 1px solid %4; padding: 4px 6px; }
        QLineEdit, QComboBox, QPlainTextEdit { background: %3; border: 1px solid %4; border-radius: 6px; padding: 4px 8px;
            selection-background-color: %5; selection-color: %6; }
        QLineEdit:focus, QComboBox:focus, QPlainTextEdit:focus { border: 2px solid %5; padding: 3px 7px; }
        QComboBox::drop-down { border: none; width: 18px; }
        QComboBox::down-arrow { image: none; }
        QComboBox QAbstractItemView { background: %3; border: 1px solid %4; selection-background-color: %8; selection-color: %1; }
        QMenu { background: %3; border: 1px solid %4; padding: 4px; }
        QMenu::item { padding: 5px 24px 5px 14px; border-radius: 4px; }
        QMenu::item:selected { background: %8; }
        QMenu::item:disabled { color: %7; }
        QMenu::separator { height: 1px; background: %4; margin: 4px 8px; }
        QPushButton { background: %3; border: 1px solid %5; border-radius: 6px; padding: 5px 12px; color: %5; font-weight: bold; }
        QPushButton:hover { background: %8; }
        QPushButton:focus { border: 2px solid %5; padding: 4px 11px; }
        QPushButton:disabled { color: %7; border-color: %4; }
        QPushButton[primary="true"] { background: %5; color: %6; }
        QPushButton[primary="true"]:disabled { background: %4; color: %7; }
        QPushButton[flat="true"] { border: 1px solid transparent; background: transparent; text-align: left; }
        QPushButton[flat="true"]:hover { background: %8; }
        QPushButton[flat="true"]:focus { border: 1px solid %5; }
        QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
        QScrollBar::handle:vertical { background: %4; border-radius: 5px; min-height: 30px; }
        QScrollBar:horizontal { background: transparent; height: 10px; margin: 0; }
        QScrollBar::handle:horizontal { background: %4; border-radius: 5px; min-width: 30px; }
        QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
        QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
        QSlider::groove:horizontal { height: 6px; border-radius: 3px; background: %9; }
        QSlider::sub-page:horizontal { height: 6px; border-radius: 3px; background: %5; }
        QSlider::handle:horizontal { width: 14px; height: 14px; margin: -6px 0; border-radius: 8px; background: %3; border: 2px solid %5; }
        QSlider:focus { border: 1px solid %5; border-radius: 6px; }
    )")
        .arg(t.ink.name(), t.paper.name(), t.card.name(), t.line.name(), t.accent.name(), t.accent_ink.name(),
             t.muted.name(), t.accent_soft.name())
        .arg(t.sunken.name());
}

}  // namespace

const Theme& theme() { return current == Appearance::light ? light : dark; }
Appearance appearance() { return current; }
void set_appearance(Appearance wanted) { current = wanted; }
Appearance system_appearance() {
    static const auto found = QGuiApplication::palette().color(QPalette::Window).lightness() < 128
                                  ? Appearance::dark
                                  : Appearance::light;
    return found;
}

double system_text_scale() {
    // Desktops set 9 to 11 points where nobody has asked for larger letters.
    static const double found = [] {
        const double points = QGuiApplication::font().pointSizeF();
        return points <= 11.5 ? 1 : std::clamp(std::round(points / 10 * 4) / 4, 1.0, 2.0);
    }();
    return found;
}

double text_scale() { return scale; }
void set_text_scale(double wanted) { scale = std::clamp(wanted, 1.0, 2.0); }
int u(double pixels) { return static_cast<int>(std::lround(pixels * scale)); }

QFont face(double pixels, bool bold) {
    QFont f(QStringLiteral("B612"));
    f.setPixelSize(std::max(8, u(pixels)));
    f.setBold(bold);
    // Whole pixels: digits line up, and each glyph is drawn once instead of once a fraction.
    f.setHintingPreference(QFont::PreferFullHinting);
    return f;
}

void prepare_fonts() {
    if (!qEnvironmentVariableIsEmpty("FONTCONFIG_FILE")) return;
    const auto rules = (data_directory() / "fonts" / "fonts.conf").string();
    qputenv("FONTCONFIG_FILE", rules.c_str());
    // Read while Qt starts, and by hand: left to itself the library also reads every rule the machine could
    // have.
    installed_fonts = std::async(std::launch::async, [rules] {
        auto* fonts = FcConfigCreate();
        if (!fonts) return;
        // Should it fail, the library finds its own way.
        if (FcConfigParseAndLoad(fonts, reinterpret_cast<const FcChar8*>(rules.c_str()), FcTrue))
            FcConfigSetCurrent(fonts);
        FcConfigDestroy(fonts);  // the one in use is held by the library
    });
}

void load_fonts() {
    static bool loaded = false;
    if (loaded) return;
    loaded = true;
    if (installed_fonts.valid()) installed_fonts.get();
    for (const char* face : {"Regular", "Bold"})
        QFontDatabase::addApplicationFont(QString::fromStdString((data_directory() / "fonts").string()) +
                                          "/B612-" + face + ".ttf");
}

void apply_theme() {
    load_fonts();
    const auto& t = theme();
    QPalette p;
    p.setColor(QPalette::Window, t.paper);
    p.setColor(QPalette::Base, t.card);
    p.setColor(QPalette::Text, t.ink);
    p.setColor(QPalette::WindowText, t.ink);
    p.setColor(QPalette::ButtonText, t.ink);
    p.setColor(QPalette::Button, t.card);
    p.setColor(QPalette::Highlight, t.accent);
    p.setColor(QPalette::HighlightedText, t.accent_ink);
    p.setColor(QPalette::PlaceholderText, t.muted);
    p.setColor(QPalette::ToolTipBase, t.card);
    p.setColor(QPalette::ToolTipText, t.ink);
    QApplication::setPalette(p);
    QApplication::setFont(face());
    // Setting the same one again would style every widget anew.
    if (const auto sheet = style_sheet(); sheet != qApp->styleSheet()) qApp->setStyleSheet(sheet);
    QToolTip::setFont(face(13));
}

void warm_up() {
    apply_theme();
    // Every size that pages are set in, with the signs that most words are made of. Asked for as pictures
    // first: a sign that is measured before it is drawn is worked out twice.
    const auto ready = [](const QFont& f, const QString& signs) {
        const auto letters = QRawFont::fromFont(f);
        for (const auto sign : letters.glyphIndexesForString(signs))
            (void)letters.alphaMapForGlyph(sign, QRawFont::PixelAntialiasing);
    };
    const auto words = QStringLiteral("abcdefghiklmnoprstuvwxyACDFHLMPSTVW0123456789.,:%–");
    for (const int pixels : {13, 14})
        for (const bool bold : {false, true}) ready(face(pixels, bold), words);
    ready(face(12), words);
    ready(face(11), words);
    for (const int pixels : {11, 12, 15, 18}) ready(face(pixels, true), QStringLiteral("aeinort"));
}

QColor wire_colour(const QString& name) {
    static const std::map<QString, QColor> known{{"red", QColor("#B3261E")},    {"black", QColor("#2A2727")},
                                                 {"yellow", QColor("#DDB321")}, {"orange", QColor("#D9782B")},
                                                 {"blue", QColor("#2D5F8F")},   {"green", QColor("#2E7D4F")},
                                                 {"white", QColor("#EFEBE4")},  {"brown", QColor("#6B4429")},
                                                 {"violet", QColor("#6C4A8C")}, {"grey", QColor("#8A8580")}};
    const auto found = known.find(name);
    return found == known.end() ? theme().ink : found->second;
}

}  // namespace sangre::app
