#pragma once
// Things and lines taken along and put in.
#include "shell/document.h"

namespace sangre::app {

/// Adds what the lines of a plan say, beneath what is selected where they belong beneath something, and says
/// so, or what is wrong with them. False for any other text.
bool add_lines(Document& document, const QString& text);
/// The lines of what is selected, and of what goes with it, onto the clipboard. False where nothing is.
bool copy_selected(Document& document);
bool cut_selected(Document& document);
bool remove_selected(Document& document);
bool duplicate_selected(Document& document);

}  // namespace sangre::app
