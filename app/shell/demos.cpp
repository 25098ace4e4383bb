#include "shell/demos.h"

#include <QDir>

namespace sangre::app {

void fill_demos_menu(Document& document, QMenu& menu) {
    const QDir shipped(QString::fromStdString((data_directory() / "demos").string()));
    for (const auto& file : shipped.entryInfoList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        auto name = file.completeBaseName().replace(QLatin1Char('-'), QLatin1Char(' '));
        name[0] = name[0].toUpper();
        menu.addAction(name, &document, [&document, file] { document.open(file.absoluteFilePath()); });
    }
}

}  // namespace sangre::app
