#pragma once
// The words of an enumeration, listed once beside it by names(E): in files, in typed lines and on screen.
#include <optional>
#include <string>
#include <string_view>
#include "base/words/say.h"

namespace sangre {

/// Its word; empty for a value that has none.
template <class E>
std::string word_of(E value) {
    for (const auto& [one, word] : names(value))
        if (one == value) return std::string(word);
    return {};
}

/// Its word in the reader's language, where a sentence is about it; files and lines have the word itself.
template <class E>
Words said_word(E value) {
    return said(word_of(value));
}

/// The value of that word, exactly as it is written.
template <class E>
std::optional<E> by_word(std::string_view wanted) {
    for (const auto& [one, word] : names(E{}))
        if (word == wanted) return one;
    return {};
}

/// "hole, grommet, gland".
template <class E>
std::string all_words() {
    std::string all;
    for (const auto& [one, word] : names(E{})) all += (all.empty() ? "" : ", ") + std::string(word);
    return all;
}

}  // namespace sangre
