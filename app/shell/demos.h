#pragma once
// The demos that ship, as a menu; each opens as a copy.
#include <QMenu>

#include "shell/document.h"

namespace sangre::app {

void fill_demos_menu(Document& document, QMenu& menu);

}  // namespace sangre::app
