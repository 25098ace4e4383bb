#pragma once
// A drawing that may be taller than there is room for.
#include <QScrollArea>

namespace sangre::app {

/// Holds `content`, as wide as itself; no key stops at it, only at what is inside. `parent` owns it.
QScrollArea* scrolled(QWidget* content, QWidget* parent, bool sideways = false);

/// A whole page, scrolled once it is smaller than it needs to be at least.
QScrollArea* scrolled_page(QWidget* page, QWidget* parent);

}  // namespace sangre::app
