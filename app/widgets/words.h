#pragma once
// The core's words and quantities as the strings that widgets show.
#include <QString>
#include <string>

#include "units/format.h"
#include "words/say.h"

namespace sangre::app {

inline QString words_of(const std::string& s) { return QString::fromStdString(s); }

namespace words_detail {
inline std::string plain(const QString& words) { return words.toStdString(); }
inline std::string plain(QChar letter) { return QString(letter).toStdString(); }
/// Numbers with a fraction are printed before: "3.50" or "3.5" is the view's choice.
template <class Value>
requires(std::is_integral_v<Value> ||
         std::is_convertible_v<const Value&, std::string>) const Value& plain(const Value& value) {
    return value;
}
}  // namespace words_detail

/// A sentence with named places in the reader's language, as the core says it, for what widgets show.
template <class... Args>
QString tell(Sentence<std::type_identity_t<Args>...> english, const Args&... args) {
    const auto filled = [&](const auto&... values) {
        return sangre::words_detail::filled(english.english(), english.pieces(),
                                            fmt::make_format_args(values...));
    };
    return words_of(filled(words_detail::plain(args)...));
}
/// Somebody's words in a menu or on a button, where & would mark a key.
inline QString menu_words(QString s) { return s.replace('&', QStringLiteral("&&")); }
/// A quantity as the core prints it.
QString said(auto quantity) { return QString::fromStdString(format(quantity)); }

}  // namespace sangre::app
