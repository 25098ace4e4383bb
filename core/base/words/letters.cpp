#include "base/words/letters.h"

namespace sangre {

std::string lower(std::string_view text) {
    std::string small(text);
    for (auto& c : small) c = lower(c);
    return small;
}

bool has_word(std::string_view text, std::string_view word) {
    const auto letter = [](char c) { return is_letter(c) || is_digit(c) || (c & 0x80); };
    for (size_t at = text.find(word); at != std::string_view::npos; at = text.find(word, at + 1))
        if ((at == 0 || !letter(text[at - 1])) &&
            (at + word.size() == text.size() || !letter(text[at + word.size()])))
            return true;
    return false;
}

}  // namespace sangre
