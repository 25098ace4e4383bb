#pragma once
// The core's words and quantities as the strings that widgets show.
#include <QString>
#include <string>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre::app {

inline QString words_of(const std::string& s) { return QString::fromStdString(s); }
inline QString words_of(const Words& words) { return words_of(words.str()); }

namespace words_detail {
inline Words plain(const QString& words) { return words.toStdString(); }
inline Words plain(QChar letter) { return QString(letter).toStdString(); }
/// Numbers with a fraction are printed before: "3.50" or "3.5" is the view's choice.
template <class Value>
requires(std::is_integral_v<Value> ||
         std::is_convertible_v<const Value&, Words>) const Value& plain(const Value& value) {
    return value;
}
}  // namespace words_detail

/// A sentence with named places in the reader's language, as the core says it, for what widgets show.
template <class... Args>
QString tell(Sentence<std::type_identity_t<Args>...> english, const Args&... args) {
    const std::array<sangre::words_detail::Value, sizeof...(Args)> values{
        sangre::words_detail::value_of(words_detail::plain(args))...};
    return words_of(sangre::words_detail::filled(english.english(), values));
}
/// Somebody's words in a menu or on a button, where & would mark a key.
inline QString menu_words(QString s) { return s.replace('&', QStringLiteral("&&")); }
/// A quantity as the core prints it.
QString said(auto quantity) { return words_of(format(quantity)); }

}  // namespace sangre::app
