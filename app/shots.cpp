// sangre-shots PLAN FOLDER [--dark] [--scale 1.5]: one picture of each station, without a monitor.
#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QKeyEvent>
#include <QSettings>
#include <QTemporaryDir>
#include <QThread>
#include <cstdio>

#include "build/build_station.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/line_bar.h"
#include "shell/palette.h"
#include "shell/tongue.h"
#include "shell/window.h"
#include "wiring/wiring_station.h"

namespace {

void settle() {
    for (int i = 0; i < 10; ++i) QApplication::processEvents();
}

/// A dozen joints of the catalogue on the feed of the work lamp, three across.
QPixmap joints_side_by_side(sangre::app::Document& document, sangre::app::JointPanel& panel) {
    const sangre::Id feed = "feed-hub-load-work-lamp", load = "load-work-lamp";
    if (!by_id(document.plan().feeds(), feed) || !by_id(document.plan().loads, load)) return {};
    panel.show_end(false);
    QPixmap sheet(panel.width() * 3 + 32, panel.height() * 4 + 40);
    sheet.fill(sangre::app::theme().paper);
    QPainter p(&sheet);
    int n = 0;
    for (const char* kind :
         {"soldered-cup", "ring-crimp", "lap-splice", "western-splice", "butt-crimp", "ferrule-screw",
          "crimped-contact", "soldered-pad", "tee-splice", "blade-crimp", "lever-clamp", "branch-clamp"}) {
        document.apply(
            [&](const sangre::Plan& plan) {
                auto next = set_joint(plan, feed, false, kind);
                // One of them against a lead that is thinner than the feed.
                by_id(next.leads, feed)->wire = "awg16-silicone";
                if (std::string_view(kind) == "lap-splice") by_id(next.loads, load)->lead = "awg22-silicone";
                return next;
            },
            "Another joint");
        document.select(feed);
        settle();
        p.drawPixmap(8 + (n % 3) * (panel.width() + 8), 8 + (n / 3) * (panel.height() + 8), panel.grab());
        document.undo();
        ++n;
    }
    return sheet.scaledToWidth(1280, Qt::SmoothTransformation);
}

}  // namespace

int main(int argc, char** argv) {
    using namespace sangre::app;
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    QTemporaryDir home;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home.path());
    prepare_fonts();
    QApplication app(argc, argv);
    QApplication::setOrganizationName("sangre");
    QApplication::setApplicationName("shots");
    QApplication::setStyle(QStringLiteral("Fusion"));
    QCommandLineParser options;
    options.addPositionalArgument("PLAN", "the plan to show");
    options.addPositionalArgument("FOLDER", "where the pictures go");
    options.addOption({"dark", "the dark theme"});
    options.addOption({"scale", "text size", "factor", "1"});
    options.addOption({"size", "size of the window", "WIDTHxHEIGHT", "1280x800"});
    options.addOption({"only", "one station's name", "name", ""});
    options.addOption({"language", "what is spoken, such as de", "language", "en"});
    options.addOption({"select", "id of what is selected", "id", ""});
    options.process(app);
    const auto arguments = options.positionalArguments();
    speak_language(options.value("language"));
    auto catalogue = sangre::load_catalogue(sangre::data_directory(), sangre::own_catalogue());
    if (!catalogue || arguments.size() != 2) {
        std::fprintf(stderr, "sangre-shots: %s\n",
                     catalogue ? "PLAN and FOLDER are expected" : catalogue.error().c_str());
        return 2;
    }
    Document document(std::make_shared<const sangre::Catalogue>(std::move(*catalogue)), home.path());
    Window window(document);
    if (!document.open(arguments[0])) return 2;
    if (options.isSet("dark") || options.isSet("scale"))
        window.restyle(options.isSet("dark") ? Appearance::dark : Appearance::light,
                       options.value("scale").toDouble());
    const auto size = options.value("size").split(QLatin1Char('x'));
    window.resize(size.value(0).toInt(), size.value(1).toInt());
    window.show();
    QDir().mkpath(arguments[1]);
    const auto save = [&](const QString& name) {
        // What is drawn in the background belongs to the picture.
        for (int waits = 0; waits < 150 && !document.plan().sources.empty() &&
                            window.why()->certainty().of(document.plan().sources[0].id).lines.empty();
             ++waits) {
            QThread::msleep(20);
            settle();
        }
        for (int waits = 0; waits < 500 && !window.findings()->tried(); ++waits) {
            QThread::msleep(20);
            settle();
        }
        const auto file = arguments[1] + "/" + name + ".png";
        const bool saved = window.grab().save(file);
        if (!saved) std::fprintf(stderr, "sangre-shots: %s cannot be written\n", qPrintable(file));
        return saved;
    };
    const char* names[] = {"loads", "power", "wiring", "routing", "build", "bench", "log"};
    // What each station is best looked at with.
    const sangre::Id subjects[] = {
        "load-fog-pump", "rail-12-0v", "feed-hub-load-work-lamp", "way-hub-pump", "", "", ""};
    for (int i = 0; i < station_count; ++i) {
        if (options.isSet("only") && options.value("only") != names[i]) continue;
        window.go(static_cast<Station>(i));
        document.select(options.value("select").isEmpty() ? subjects[i]
                                                          : options.value("select").toStdString());
        settle();
        if (i == static_cast<int>(Station::build) || i == static_cast<int>(Station::bench)) {
            const auto* step = document.study().steps().empty() ? nullptr : &document.study().steps().front();
            for (const auto& s : document.study().steps())
                if (!is_done(document.plan(), s)) {
                    step = &s;
                    break;
                }
            if (step && i == static_cast<int>(Station::build)) document.select(step->key);
            for (const auto& r : document.study().readings())
                if (i == static_cast<int>(Station::bench) && !document.plan().measured.contains(r.key)) {
                    document.select(r.key);
                    break;
                }
            settle();
        }
        if (!save(names[i])) return 1;
        // Its two lists, where it alone is asked for.
        if (i == static_cast<int>(Station::build) && options.isSet("only")) {
            for (const auto& [page, name] : {std::pair{BuildStation::Page::cuts, "build-cuts"},
                                             {BuildStation::Page::shop, "build-shop"}}) {
                window.build()->show_page(page);
                settle();
                if (!save(name)) return 1;
            }
            window.build()->show_page(BuildStation::Page::steps);
        }
        if (i == static_cast<int>(Station::routing)) {
            window.routing()->cards_toggle()->setChecked(true);
            settle();
            if (!save("straight")) return 1;
            window.routing()->cards_toggle()->setChecked(false);
        }
        if (i == static_cast<int>(Station::wiring)) {
            window.wiring()->diagram_toggle()->setChecked(true);
            settle();
            if (!save("diagram")) return 1;
            window.wiring()->cables_toggle()->setChecked(true);
            settle();
            if (!save("cables")) return 1;
            window.wiring()->cables_toggle()->setChecked(false);
            settle();
            const auto joints = joints_side_by_side(document, *window.wiring()->joint());
            if (!joints.isNull() && !joints.save(arguments[1] + "/joints.png")) return 1;
        }
        if (i != static_cast<int>(Station::power)) continue;
        // A line being typed, with what is not understood in it.
        window.line()->change(subjects[i]);
        window.line()->field()->setText(window.line()->field()->text() + ", at Hub bord");
        QKeyEvent enter(QEvent::KeyPress, Qt::Key_Return, Qt::NoModifier);
        QApplication::sendEvent(window.line()->field(), &enter);
        settle();
        if (!save("lines")) return 1;
        window.line()->leave();
        window.find_anything();
        window.palette_box()->field()->setText("fog");
        settle();
        if (!save("palette")) return 1;
        QKeyEvent escape(QEvent::KeyPress, Qt::Key_Escape, Qt::NoModifier);
        QApplication::sendEvent(window.palette_box()->field(), &escape);
        window.show_help();
        settle();
        if (!save("help")) return 1;
        window.show_help();
        settle();
        window.show_parts();
        settle();
        if (!save("parts")) return 1;
        window.show_parts();
        settle();
        // The same station's other page.
        window.power()->compare_toggle()->setChecked(true);
        for (int waits = 0; waits < 500 && !window.power()->batteries()->ready(); ++waits) {
            QThread::msleep(20);
            settle();
        }
        window.power()->batteries()->focus_spot("pack0");
        document.show_why(explain_battery(window.power()->batteries()->comparison().candidates.front(),
                                          document.plan(), document.catalogue()));
        settle();
        if (!save("batteries")) return 1;
        window.power()->schools_toggle()->setChecked(true);
        for (int waits = 0; waits < 500 && window.power()->schools()->result().questions.empty(); ++waits) {
            QThread::msleep(20);
            settle();
        }
        settle();
        if (!save("schools")) return 1;
        window.power()->search_toggle()->setChecked(true);
        window.power()->search()->start();
        while (window.power()->search()->busy()) {
            QThread::msleep(20);
            settle();
        }
        settle();
        if (!save("search")) return 1;
        window.power()->search_toggle()->setChecked(false);
        // And against plan A.
        document.keep_variant();
        window.power()->batteries()->take(1);
        window.power()->compare_toggle()->setChecked(false);
        document.select(subjects[i]);
        settle();
        if (!save("variants")) return 1;
        document.undo();
        document.forget_variant();
    }
    return 0;
}
