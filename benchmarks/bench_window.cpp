// How long until the window is ready, and what memory it holds: started as its own process, "empty" or with a
// plan.
#include <QApplication>
#include <QMainWindow>
#include <QTemporaryDir>
#include <fstream>
#include <iostream>

#include "files/plan_file.h"
#include "plans.h"
#include "shell/opening.h"

int main(int argc, char** argv) {
    using namespace sangre;
    const std::string what = argc > 1 ? argv[1] : "empty";
    app::prepare_fonts();
    QTemporaryDir folder;
    auto file = folder.filePath("plan.json").toStdString();
    if (what == "demo")
        file = (data_directory() / "demos" / "orchard-frost-rover.json").string();
    else if (what != "empty" && !save_plan(bench::plan_of(static_cast<size_t>(std::stoul(what))), file))
        return 1;
    std::optional<app::Opening> opening;
    if (what != "empty") opening.emplace(file);
    QApplication application(argc, argv);
    QApplication::setStyle(QStringLiteral("Fusion"));
    const auto settle = [] {
        for (int i = 0; i < 5; ++i) QApplication::processEvents();
    };
    if (what == "empty") {
        QMainWindow window;
        window.resize(1280, 800);
        window.show();
        settle();
        return 0;
    }
    app::load_fonts();
    opening->window(folder.filePath("recovery")).show();
    settle();
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmRSS")) std::cout << line << "\n";
    opening.reset();
}
