#include "base/words/words.h"

#include "base/words/reader.h"

namespace sangre {

std::string Words::str() const {
    if (const auto* text = std::get_if<std::string>(&words_)) return *text;
    return std::get<1>(words_)->worded();
}

std::string Words::english() const {
    if (const auto* text = std::get_if<std::string>(&words_)) return *text;
    const ReadBy english;
    return str();
}

Words operator+(const Words& begin, const Words& rest) {
    const auto* a = std::get_if<std::string>(&begin.words_);
    const auto* b = std::get_if<std::string>(&rest.words_);
    if (a && a->empty()) return rest;
    if (b && b->empty()) return begin;
    if (a && b) return *a + *b;
    return later([begin, rest] { return begin.str() + rest.str(); });
}

}  // namespace sangre
