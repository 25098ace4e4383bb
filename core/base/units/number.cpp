#include "base/units/number.h"
#include "base/words/say.h"

#include <fmt/format.h>

#include <array>
#include <charconv>
#include <cmath>

namespace sangre {
namespace {

constexpr size_t quoted_most = 24;  // characters of what is repeated in a message

struct Fraction {
    std::string_view sign;
    double value;
};
constexpr std::array fractions{Fraction{"½", 1.0 / 2}, Fraction{"¼", 1.0 / 4}, Fraction{"¾", 3.0 / 4},
                               Fraction{"⅓", 1.0 / 3}, Fraction{"⅔", 2.0 / 3}, Fraction{"⅛", 1.0 / 8},
                               Fraction{"⅜", 3.0 / 8}, Fraction{"⅝", 5.0 / 8}, Fraction{"⅞", 7.0 / 8}};

std::optional<Fraction> fraction_at(std::string_view text, size_t at) {
    for (const auto& f : fractions)
        if (text.substr(at, f.sign.size()) == f.sign) return f;
    return std::nullopt;
}

/// Digits and marks as from_chars wants them; empty where the marks make no sense.
struct Marks {
    std::string plain;
    std::optional<std::string> grouped;  // the same without its only mark
};
Marks without_groups(std::string_view run) {
    const auto count = [&](char mark) { return std::count(run.begin(), run.end(), mark); };
    const auto points = count('.'), commas = count(',');
    if (points + commas == 0) return {std::string(run), {}};
    // Whole groups of three behind the first, of one to three digits.
    const auto groups = [](std::string_view part, char mark) {
        const size_t first = part.find(mark);
        if (first == 0 || first > 3) return false;
        for (size_t at = first; at < part.size(); at += 4) {
            if (part[at] != mark || at + 4 > part.size()) return false;
            for (size_t k = 1; k < 4; ++k)
                if (!is_digit(part[at + k])) return false;
        }
        return true;
    };
    const auto only_digits = [](std::string_view part, char mark) {
        std::string digits;
        for (const char c : part)
            if (c != mark) digits += c;
        return digits;
    };
    if (points + commas == 1) {
        const char mark = points ? '.' : ',';
        std::string plain(run);
        plain[plain.find(mark)] = '.';
        const bool ambiguous = groups(run, mark) && run[0] != '0';
        return {plain, ambiguous ? std::optional(only_digits(run, mark)) : std::nullopt};
    }
    if (points == 0 || commas == 0) {
        const char mark = points ? '.' : ',';
        return groups(run, mark) ? Marks{only_digits(run, mark), {}} : Marks{};
    }
    // Both: the one that comes last is the decimal mark and stands once.
    const char last = run[run.find_last_of(".,")], other = last == '.' ? ',' : '.';
    if (count(last) != 1) return {};
    const auto at = run.find(last);
    if (!groups(run.substr(0, at), other)) return {};
    return {only_digits(run.substr(0, at), other) + "." + std::string(run.substr(at + 1)), {}};
}

std::optional<double> read(const std::string& digits) {
    double v = 0;
    const auto [end, code] = std::from_chars(digits.data(), digits.data() + digits.size(), v);
    if (digits.empty() || code != std::errc{} || end != digits.data() + digits.size() || !std::isfinite(v))
        return std::nullopt;
    return v;
}

std::string quoted(std::string_view text) {
    return text.size() <= quoted_most ? std::string(text) : std::string(text.substr(0, quoted_most)) + "…";
}

}  // namespace

tl::expected<NumberText, ParseError> scan_number(std::string_view text, size_t begin) {
    size_t at = begin;
    const auto mark = [&](size_t i) { return i < text.size() && (text[i] == '.' || text[i] == ','); };
    // Two points part a range; a mark that no digit follows belongs to the sentence.
    while (at < text.size() && (is_digit(text[at]) || (mark(at) && !mark(at + 1) && at + 1 < text.size() &&
                                                       is_digit(text[at + 1]))))
        ++at;
    const auto run = text.substr(begin, at - begin);
    NumberText number;
    number.whole = run.find_first_of(".,") == std::string_view::npos;
    if (run.empty()) {
        const auto f = fraction_at(text, begin);
        if (!f)
            return tl::unexpected(
                ParseError{begin, std::min(begin + 1, text.size()), say("A number is expected here.")});
        return NumberText{f->value, begin + f->sign.size(), {}, false};
    }
    auto [plain, grouped] = without_groups(run);
    size_t exponent = at;
    if (exponent < text.size() && (text[exponent] == 'e' || text[exponent] == 'E')) {
        ++exponent;
        if (exponent < text.size() && (text[exponent] == '-' || text[exponent] == '+')) ++exponent;
        if (exponent < text.size() && is_digit(text[exponent])) {
            while (exponent < text.size() && is_digit(text[exponent])) ++exponent;
            auto power = std::string(text.substr(at, exponent - at));
            std::erase(power, '+');
            plain += power, grouped.reset(), number.whole = false;
            at = exponent;
        }
    }
    const auto value = read(plain);
    if (!value)
        return tl::unexpected(ParseError{begin, at,
                                         say("“{text}” is not a number{plain||, or one too large}.",
                                             quoted(text.substr(begin, at - begin)), plain.empty())});
    number.value = *value, number.end = at;
    if (grouped) number.grouped = read(*grouped);
    if (const auto f = fraction_at(text, at); f && number.whole)
        number.value += f->value, number.end = at + f->sign.size(), number.whole = false,
                                  number.grouped.reset();
    return number;
}

std::optional<double> plain_number(std::string_view text) {
    double sign = 1;
    if (text.starts_with("−"))
        sign = -1, text.remove_prefix(std::string_view("−").size());
    else if (text.starts_with("-"))
        sign = -1, text.remove_prefix(1);
    else if (text.starts_with("+"))
        text.remove_prefix(1);
    const auto number = scan_number(text);
    if (!number || number->end != text.size()) return std::nullopt;
    return sign * number->value;
}

std::string exact_number(double value) {
    auto text = fmt::format("{}", value);
    if (text.ends_with(".0")) text.resize(text.size() - 2);
    const auto digits = text.starts_with('-') ? std::string_view(text).substr(1) : std::string_view(text);
    // A fourth digit makes it plain that the point is no thousands' mark.
    if (const auto read_back = scan_number(digits); read_back && read_back->grouped) text += '0';
    return text;
}

}  // namespace sangre
