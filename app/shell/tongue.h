#pragma once
// Which language is spoken: on screen, on paper and in sentences of the core. Plans, tables and lines stay as
// they are.
#include <QLocale>
#include <QString>
#include <vector>

namespace sangre::app {

/// Those that ship, as settings keep them ("en", "de") and as they call themselves ("English", "Deutsch").
std::vector<std::pair<QString, QString>> languages();

/// Speaks the language that settings ask for, else the desktop's, else English. Words that are on screen
/// already stay as they are until they are laid out anew, and what the catalogue calls things until it is
/// read anew.
void speak_as_set();
/// Speaks that one from now on; an unknown one is English. Needs no application: the core's sentences are
/// made before there is one.
void speak_language(const QString& language);
/// Windows and dialogs speak it, too: called once the application is there, where it was chosen before.
void speak_in_windows();

/// Of what is spoken: names of days and months.
QLocale spoken_locale();

}  // namespace sangre::app
