// Sangre: plans, wires and proves low-voltage DC power.
#include <QApplication>
#include <QStandardPaths>
#include <cstdio>

#include "shell/opening.h"

int main(int argc, char** argv) {
    sangre::app::prepare_fonts();
    auto opening = std::make_unique<sangre::app::Opening>(argc > 1 ? argv[1] : "");
    QApplication app(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("sangre"));
    QApplication::setApplicationName(QStringLiteral("sangre"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    if (const auto problem = opening->problem(); !problem.empty()) {
        std::fprintf(stderr, "sangre: %s\n", problem.c_str());
        return 2;
    }
    opening->window(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery").show();
    const int result = QApplication::exec();
    opening.reset();  // widgets do not outlive the application
    return result;
}
