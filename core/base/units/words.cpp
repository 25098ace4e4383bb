#include "base/units/words.h"

#include <vector>

#include <numeric>

#include <algorithm>

#include "base/units/number.h"

namespace sangre {
namespace {

bool blank(char c) { return c == ' ' || c == '\t' || c == '\n' || c == '\r'; }

}  // namespace

bool is_decimal_comma(std::string_view text, size_t at) {
    return at > 0 && at + 1 < text.size() && text[at] == ',' && is_digit(text[at - 1]) &&
           is_digit(text[at + 1]);
}

size_t find_comma(std::string_view text, size_t from) {
    size_t at = text.find(',', from);
    while (at != std::string_view::npos && is_decimal_comma(text, at)) at = text.find(',', at + 1);
    return at;
}

TextWord trimmed(std::string_view text, size_t begin, size_t end) {
    while (begin < end && blank(text[begin])) ++begin;
    while (end > begin && blank(text[end - 1])) --end;
    return {text.substr(begin, end - begin), begin, end};
}

std::vector<TextWord> split_words(std::string_view text, std::string_view apart, size_t begin, size_t end) {
    end = std::min(end, text.size());
    std::vector<TextWord> words;
    const auto parts = [&](size_t at) {
        return blank(text[at]) ||
               (apart.find(text[at]) != std::string_view::npos && !is_decimal_comma(text, at));
    };
    for (size_t at = begin; at < end;) {
        while (at < end && parts(at)) ++at;
        const size_t from = at;
        while (at < end && !parts(at)) ++at;
        if (at > from) words.push_back({text.substr(from, at - from), from, at});
    }
    return words;
}

std::vector<TextWord> split_clauses(std::string_view text) {
    std::vector<TextWord> clauses;
    size_t begin = 0;
    for (size_t i = 0; i <= text.size(); ++i) {
        const bool parts =
            i == text.size() || text[i] == ';' || (text[i] == ',' && !is_decimal_comma(text, i));
        if (!parts) continue;
        if (const auto clause = trimmed(text, begin, i); !clause.text.empty()) clauses.push_back(clause);
        begin = i + 1;
    }
    return clauses;
}

size_t letters_apart(std::string_view a, std::string_view b) {
    std::vector<size_t> row(b.size() + 1);
    for (size_t j = 0; j <= b.size(); ++j) row[j] = j;
    for (size_t i = 1; i <= a.size(); ++i) {
        size_t corner = row[0];
        row[0] = i;
        for (size_t j = 1; j <= b.size(); ++j) {
            const size_t up = row[j];
            row[j] = std::min({up + 1, row[j - 1] + 1, corner + (a[i - 1] == b[j - 1] ? 0 : 1)});
            corner = up;
        }
    }
    return row[b.size()];
}

}  // namespace sangre
