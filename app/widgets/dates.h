#pragma once
// Days as people say them, in the language of the window whatever the machine's is.
#include <QDate>
#include <QString>

#include <string>

namespace sangre::app {

/// The machine's day as a plan writes it, ISO 8601.
std::string today();
/// "Mon 30".
QString day_words(const QDate& day);

}  // namespace sangre::app
