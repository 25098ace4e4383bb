#pragma once
// How this plan is built: the schools to follow, as a menu.
#include <QMenu>

#include "shell/document.h"

namespace sangre::app {

void fill_practices_menu(Document& document, QMenu& menu);

}  // namespace sangre::app
