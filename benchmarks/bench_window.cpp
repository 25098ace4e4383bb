// How long until the window is ready, and what memory it holds: started as its own process, "empty" or with a
// plan.
#include <QApplication>
#include <QMainWindow>
#include <QMouseEvent>
#include <QTemporaryDir>
#include <algorithm>
#include <chrono>
#include <fstream>
#include <iostream>

#include "output/files/plan_file.h"
#include "plans.h"
#include "routing/machine_map.h"
#include "shell/opening.h"

namespace {

using namespace sangre;

double now_ms() {
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now().time_since_epoch())
        .count();
}

/// A figure of a load changes by as much as shows all the way back to the pack, and every number on the
/// station is drawn anew: median and worst.
void keystrokes(app::Window& window, app::Station station) {
    auto& document = window.document();
    window.go(station);
    QApplication::processEvents();
    std::vector<double> all;
    for (int i = 0; i < 41; ++i) {
        const double begin = now_ms();
        document.apply(
            [](const Plan& p) {
                auto l = p.loads[p.loads.size() / 2];
                l.typical *= 1.03;
                return put_load(p, l);
            },
            "A figure");
        QApplication::sendPostedEvents();
        QApplication::processEvents();
        all.push_back(now_ms() - begin);
    }
    std::sort(all.begin(), all.end());
    std::cout << all[all.size() / 2] << " " << all.back() << "\n";
}

/// A place is dragged over the machine, and then a hold of it let go: each frame, median and worst; and what
/// the drop costs.
void drags(app::Window& window) {
    window.go(app::Station::routing);
    QApplication::processEvents();
    auto* map = window.findChild<app::MachineMap*>();
    const auto from = map->spot_centre(QStringLiteral("place:place-5"));
    const auto send = [&](QEvent::Type type, QPoint at, Qt::MouseButton button, Qt::MouseButtons held) {
        QMouseEvent e(type, QPointF(at), map->mapToGlobal(QPointF(at)), button, held, Qt::NoModifier);
        const double begin = now_ms();
        QApplication::sendEvent(map, &e);
        QApplication::sendPostedEvents();
        QApplication::processEvents();
        return now_ms() - begin;
    };
    send(QEvent::MouseButtonPress, from, Qt::LeftButton, Qt::LeftButton);
    std::vector<double> all;
    for (int i = 0; i < 60; ++i)
        all.push_back(send(QEvent::MouseMove, from + QPoint(10 + i, i), Qt::NoButton, Qt::LeftButton));
    const double drop = send(QEvent::MouseButtonRelease, from + QPoint(69, 59), Qt::LeftButton, Qt::NoButton);
    std::sort(all.begin(), all.end());
    std::cout << all[all.size() / 2] << " " << all.back() << " " << drop << "\n";
}

}  // namespace

int main(int argc, char** argv) {
    const std::string what = argc > 1 ? argv[1] : "empty";
    QTemporaryDir folder;
    auto file = folder.filePath("plan.json").toStdString();
    if (what == "demo")
        file = (data_directory() / "demos" / "orchard-frost-rover.json").string();
    else if (what != "empty") {
        auto plan = bench::plan_of(static_cast<size_t>(std::stoul(what)));
        if (argc > 2 && std::string(argv[2]) == "drags") plan = bench::laid_out(std::move(plan));
        if (!save_plan(plan, file)) return 1;
    }
    // The anchor is a window of the library alone: its own fonts, none of what is Sangre's.
    if (what != "empty") app::prepare_fonts();
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
    auto& window = opening->window(folder.filePath("recovery"));
    window.show();
    settle();
    if (what == "demo" || (argc > 2 && std::string(argv[2]) == "opens")) {
        // Until it is ready is what is timed, not closing it again.
        folder.remove();
        std::_Exit(0);
    }
    if (argc > 2 && std::string(argv[2]) == "drags") {
        drags(window);
        opening.reset();
        return 0;
    }
    if (argc > 2) {
        for (int i = 0; i < app::station_count; ++i)
            if (app::StationBar::station_name(static_cast<app::Station>(i)).toLower() == argv[2])
                keystrokes(window, static_cast<app::Station>(i));
        opening.reset();
        return 0;
    }
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmRSS")) std::cout << line << "\n";
    opening.reset();
}
