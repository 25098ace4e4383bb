#pragma once
// Lines of a plan on the clipboard, added wherever they are pasted.
#include "shell/document.h"

namespace sangre::app {

/// Adds what the text says as lines of a plan, and says so, or what is wrong with it; false, and nothing
/// done, where it is no such text.
bool add_lines(Document& document, const QString& text);

}  // namespace sangre::app
