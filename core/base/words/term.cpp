#include "base/words/term.h"

#include <cctype>
#include <vector>

#include "base/words/letters.h"
#include "base/words/look_up.h"
#include "base/words/reader.h"

namespace sangre {
namespace {

struct Pattern {
    std::string text;
    std::vector<std::string> numbers;
};

bool is_digit_at(std::string_view s, size_t i) { return i < s.size() && s[i] >= '0' && s[i] <= '9'; }

/// "ring terminal on M5 stud" keeps its 5: a letter before it makes it part of a word.
Pattern taken_apart(std::string_view piece) {
    Pattern p;
    for (size_t i = 0; i < piece.size();) {
        const bool in_word =
            i > 0 && (std::isalpha(static_cast<unsigned char>(piece[i - 1])) || is_digit_at(piece, i - 1));
        if (!is_digit_at(piece, i) || in_word) {
            p.text += piece[i++];
            continue;
        }
        size_t end = i;
        while (is_digit_at(piece, end) || ((piece[end] == '.') && is_digit_at(piece, end + 1))) ++end;
        p.numbers.emplace_back(piece.substr(i, end - i));
        p.text += "{}";
        i = end;
    }
    return p;
}

/// The numbers in their places, as the reader writes them; nothing where there are other places than numbers.
std::string put_together(const std::string& words, const std::vector<std::string>& numbers, char decimal) {
    std::string out;
    size_t n = 0;
    for (size_t i = 0; i < words.size(); ++i) {
        if (words[i] != '{' || i + 1 >= words.size() || words[i + 1] != '}') {
            out += words[i];
            continue;
        }
        if (n == numbers.size()) return {};
        auto number = numbers[n++];
        if (const auto point = number.find('.'); point != std::string::npos) number[point] = decimal;
        out += number;
        ++i;
    }
    return n == numbers.size() ? out : std::string();
}

std::string said_piece(std::string_view piece, char decimal) {
    const auto p = taken_apart(piece);
    const auto words = put_together(looked_up(p.text), p.numbers, decimal);
    return words.empty() ? std::string(piece) : words;
}

}  // namespace

std::string Term::spoken() const {
    if (english_.empty() || !speaks_another()) return english_;
    const char decimal = presentation().decimal;
    std::string all;
    for (size_t from = 0; from <= english_.size();) {
        const auto comma = english_.find(", ", from);
        const auto end = comma == std::string::npos ? english_.size() : comma;
        if (!all.empty()) all += ", ";
        all += said_piece(std::string_view(english_).substr(from, end - from), decimal);
        from = end + 2;
    }
    return all;
}

Term::operator Words() const {
    if (english_.empty()) return {};
    return later([term = *this] { return term.spoken(); });
}

bool Term::is_called(std::string_view typed) const {
    const auto wanted = lower(typed);
    return lower(english_) == wanted || lower(spoken()) == wanted;
}

}  // namespace sangre
