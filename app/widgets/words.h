#pragma once
// The core's words and quantities as the strings that widgets show.
#include <QString>
#include <string>

#include "units/format.h"

namespace sangre::app {

inline QString words_of(const std::string& s) { return QString::fromStdString(s); }
/// "1 step", "3 steps": each said whole, so that both can be translated.
inline QString counted(qsizetype n, const QString& one, const QString& many) {
    return n == 1 ? one : many.arg(n);
}
/// Somebody's words in a menu or on a button, where & would mark a key.
inline QString menu_words(QString s) { return s.replace('&', QStringLiteral("&&")); }
/// A quantity as the core prints it.
QString said(auto quantity) { return QString::fromStdString(format(quantity)); }

}  // namespace sangre::app
