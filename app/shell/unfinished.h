#pragma once
// What somebody is typing while the window is laid out anew: theme and text size must not lose it.
#include <QString>
#include <vector>

class QWidget;

namespace sangre::app {

/// A field with text in it, by its number among those of its kind in the window.
struct Typed {
    int number = 0;
    bool in_drawing = false;  ///< opened over a drawing, at a spot
    QString spot, text;
    int cursor = 0;
    bool focused = false;
};

std::vector<Typed> unfinished(const QWidget& window);
/// Puts it back where the same fields and drawings stand now.
void take_up_again(QWidget& window, const std::vector<Typed>& typed);

}  // namespace sangre::app
