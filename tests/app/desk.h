#pragma once
// A window on a plan, as a builder has it before him: what the suites of the app drive.
#include <QApplication>
#include <QTemporaryDir>
#include <QTest>

#include "fixtures.h"
#include "shell/window.h"

namespace sangre::test {

using namespace app;

struct Desk {
    QTemporaryDir folder;
    Document document;
    Window window{document};

    /// On a file.
    explicit Desk(const QString& file = QString::fromStdString(demo_file()))
        : document(std::make_shared<const Catalogue>(parts()), folder.filePath("recovery")) {
        document.open(file);
        show();
    }
    /// On a plan that has no file yet.
    explicit Desk(const Plan& plan,
                  std::shared_ptr<const Catalogue> catalogue = std::make_shared<const Catalogue>(parts()))
        : document(std::move(catalogue), folder.filePath("recovery")) {
        document.apply([plan](const Plan&) { return plan; }, "Begin");
        show();
    }
    static void settle() {
        for (int i = 0; i < 5; ++i) QApplication::processEvents();
    }
    void click(Canvas* canvas, const QString& key, Qt::MouseButton button = Qt::LeftButton) {
        canvas->repaint();
        const auto at = canvas->spot_centre(key);
        QVERIFY2(!at.isNull(), qPrintable("no spot " + key));
        QTest::mouseClick(canvas, button, {}, at);
        settle();
    }
    void type_into_editor(Canvas* canvas, const QString& text) {
        QVERIFY(canvas->editor());
        canvas->editor()->setText(text);
        QTest::keyClick(canvas->editor(), Qt::Key_Return);
        settle();
    }
    /// Every drawing of the station that is open.
    QList<Canvas*> canvases() {
        QList<Canvas*> all;
        for (auto* c : window.findChildren<Canvas*>())
            if (c->isVisible()) all << c;
        return all;
    }

  private:
    void show() {
        window.resize(1280, 800);
        window.show();
        QApplication::setActiveWindow(&window);       // no window manager does under a virtual display
        (void)QTest::qWaitForWindowExposed(&window);  // what is not exposed paints nothing, and has no spots
        settle();
    }
};

/// Gives a plan another name: the least there is to undo and to save.
inline Edit renamed(const std::string& name) {
    return [name](const Plan& p) {
        auto next = p;
        next.name = name;
        return next;
    };
}

}  // namespace sangre::test
