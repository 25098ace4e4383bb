#include "lines/clauses.h"

#include <algorithm>

#include "base/units/words.h"
#include "base/words/say.h"

namespace sangre {

size_t quote_end(std::string_view text) {
    for (size_t i = 1; i < text.size(); ++i) {
        if (text[i] == '\\')
            ++i;
        else if (text[i] == '"')
            return i + 1;
    }
    return text.size();
}

tl::expected<std::vector<Clause>, ParseError> line_clauses(std::string_view line) {
    std::vector<Clause> all;
    size_t begin = 0, opened = 0;
    bool inside = false;
    const auto take = [&](size_t end) {
        const auto t = trimmed(line, begin, end);
        if (!t.text.empty()) all.push_back({t.text, t.begin, t.end});
    };
    for (size_t i = 0; i < line.size(); ++i) {
        const char c = line[i];
        if (inside && c == '\\') {
            ++i;
            continue;
        }
        if (c == '"') {
            inside = !inside;
            opened = i;
        }
        if (inside || (c != ',' && c != ';') || (c == ',' && is_decimal_comma(line, i))) continue;
        take(i);
        begin = i + 1;
    }
    if (inside) return tl::unexpected(ParseError{opened, line.size(), say("this quote is not closed")});
    take(line.size());
    return all;
}

std::string clause_text(std::string_view text) {
    const auto plain = [](unsigned char c) {
        return c >= 0x20 && c != ',' && c != ';' && c != '"' && c != '\\';
    };
    const bool arrow = text.find("→") != text.npos || text.find("->") != text.npos;
    if (!arrow && !text.empty() && text.front() != ' ' && text.back() != ' ' && text.front() != '#' &&
        std::all_of(text.begin(), text.end(), plain))
        return std::string(text);
    return in_quotes(text);
}

std::string in_quotes(std::string_view text) {
    std::string out = "\"";
    for (const char c : text) {
        if (c == '"' || c == '\\')
            out += '\\', out += c;
        else if (c == '\n')
            out += "\\n";
        else if (c == '\r')
            out += "\\r";
        else if (c == '\t')
            out += "\\t";
        else
            out += c;
    }
    return out + "\"";
}

std::string unquoted(std::string_view text) {
    if (text.size() < 2 || text.front() != '"' || text.back() != '"') return std::string(text);
    std::string out;
    for (size_t i = 1; i + 1 < text.size(); ++i) {
        if (text[i] != '\\' || i + 2 >= text.size()) {
            out += text[i];
            continue;
        }
        const char c = text[++i];
        out += c == 'n' ? '\n' : c == 'r' ? '\r' : c == 't' ? '\t' : c;
    }
    return out;
}

}  // namespace sangre
