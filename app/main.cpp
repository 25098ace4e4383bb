// Sangre: plans, wires and proves low-voltage DC power.
#include <QApplication>
#include <QFileInfo>
#include <QStandardPaths>
#include <cstdio>

#include "shell/window.h"

int main(int argc, char** argv) {
    sangre::app::prepare_fonts();
    QApplication app(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("sangre"));
    QApplication::setApplicationName(QStringLiteral("sangre"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    auto catalogue = sangre::load_catalogue(sangre::data_directory(), sangre::own_catalogue());
    if (!catalogue) {
        std::fprintf(stderr, "sangre: %s\n", catalogue.error().c_str());
        return 2;
    }
    const auto recovery = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery";
    sangre::app::Document document(std::make_shared<const sangre::Catalogue>(std::move(*catalogue)),
                                   recovery);
    sangre::app::Window window(document);
    if (argc > 1) document.open(QFileInfo(QString::fromLocal8Bit(argv[1])).absoluteFilePath());
    window.show();
    return QApplication::exec();
}
