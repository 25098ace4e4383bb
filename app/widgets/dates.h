#pragma once
// Days as people say them, in the language of the window whatever the machine's is.
#include <QDate>
#include <QString>

namespace sangre::app {

/// "Mon 30".
QString day_words(const QDate& day);

}  // namespace sangre::app
