#pragma once
// How this plan is built: the schools to follow, as a menu.
#include <QMenu>

#include "shell/document.h"

namespace sangre::app {

void fill_practices_menu(Document& document, QMenu& menu);
/// Ways to join, to follow in the whole plan.
void fill_joint_schools(Document& document, QMenu& menu);
/// Ways to cover joints, in the whole plan.
void fill_coverings(Document& document, QMenu& menu);

}  // namespace sangre::app
