// The window's suites, through real widgets.
#include <QApplication>

#include "suite.h"
#include "theme/theme.h"

int main(int argc, char** argv) {
    sangre::app::prepare_fonts();
    QApplication app(argc, argv);
    QApplication::setOrganizationName("sangre-test");
    // Suites run side by side; each keeps its own settings.
    QApplication::setApplicationName(QStringLiteral("sangre-%1").arg(argc > 1 ? argv[1] : "tests"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    return sangre::test::run_suites(argc, argv);
}
