// Sangre: plans, wires and proves low-voltage DC power.
#include <QApplication>
#include <QStandardPaths>
#include <cstdio>
#include <string_view>

#include "shell/opening.h"
#include "shell/tongue.h"

namespace {

/// Answered before anything that wants a display. True where that was all.
bool answered(int argc, char** argv) {
    const std::string_view asked = argc > 1 ? argv[1] : "";
    if (asked == "--version") return std::puts("sangre " SANGRE_VERSION), true;
    if (asked != "--help" && asked != "-h") return false;
    std::puts(
        "sangre [PLAN]\n\nPlans and wires low-voltage DC power. PLAN is a plan file; without one, what was "
        "left unsaved\n"
        "last time is back, or an empty plan.\n\n  --help     this\n  --version  the version\n\n"
        "sangre-cli has the same computation without a window.");
    return true;
}

}  // namespace

int main(int argc, char** argv) {
    if (answered(argc, argv)) return 0;
    QApplication::setOrganizationName(QStringLiteral("sangre"));
    QApplication::setApplicationName(QStringLiteral("sangre"));
    sangre::app::speak_as_set();  // the first sentences are made while the application gets ready
    sangre::app::prepare_fonts();
    auto opening = std::make_unique<sangre::app::Opening>(argc > 1 ? argv[1] : "");
    QApplication app(argc, argv);
    QApplication::setStyle(QStringLiteral("Fusion"));
    sangre::app::speak_in_windows();
    if (const auto problem = opening->problem(); !problem.empty()) {
        std::fprintf(stderr, "sangre: %s\n", problem.c_str());
        return 2;
    }
    opening->window(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery").show();
    const int result = QApplication::exec();
    opening.reset();  // widgets do not outlive the application
    return result;
}
