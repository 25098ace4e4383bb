// Amounts as they stand in a line of text: read from a place on, up to where they end.
#include <fmt/format.h>

#include <array>
#include <cmath>

#include "base/units/parse.h"
#include "base/words/say.h"

namespace sangre {
namespace {

using Failed = tl::unexpected<ParseError>;

constexpr std::string_view understood = "V, A, mA, W, Ω, ms, s and min are";

/// Reads on from a place; every step leaves it where it was when it does not apply.
class Amounts {
  public:
    Amounts(std::string_view line, size_t begin) : line_(line), begin_(begin), at_(begin) {}

    tl::expected<Amount, ParseError> read() {
        double times = 1;
        const size_t counted = at_;
        if (const auto count = scan_number(line_, at_); count && count->whole && multiplied(count->end))
            times = count->value;
        else
            at_ = counted;
        auto first = number();
        if (!first) return Failed(first.error());
        auto unit = unit_behind();
        if (!unit && failed_) return Failed(*failed_);
        if (unit && first->whole) decimals(*first);
        if (failed_) return Failed(*failed_);
        const size_t after_first = at_;
        std::optional<NumberText> second;
        std::optional<UnitSymbol> second_unit;
        if (range_follows()) {
            auto next = number();
            if (!next) return Failed(next.error());
            second = *next;
            second_unit = unit_behind();
            if (failed_) return Failed(*failed_);
            if (!second_unit && !unit) return no_unit();
            if (second_unit && unit && second_unit->dimension != unit->dimension)
                return Failed(ParseError{
                    begin_, at_,
                    say("“{text}” reads as a range whose ends are of two kinds: leave out what joins them.",
                        said())});
        }
        if (!unit && !second_unit) return at_ = after_first, no_unit();
        const auto low_unit = unit ? *unit : *second_unit, high_unit = second_unit ? *second_unit : low_unit;
        for (const auto& [n, u] : {std::pair{*first, low_unit}, {second.value_or(*first), high_unit}})
            if (n.grouped && std::abs(*n.grouped * u.factor) <= largest_meant(u.dimension))
                return Failed(ParseError{
                    begin_, at_,
                    say("“{text}” could be {count} or {grouped}: write one of them, without a mark for "
                        "thousands.",
                        said(), exact_number(n.value), exact_number(*n.grouped))});
        Amount a;
        a.dimension = low_unit.dimension;
        a.low = times * (first->value * low_unit.factor + low_unit.offset);
        a.high = second ? times * (second->value * high_unit.factor + high_unit.offset) : a.low;
        if (times != 1 && a.dimension != Dimension::current && a.dimension != Dimension::power)
            return Failed(ParseError{begin_, at_, say("“{text}”: only currents and powers add up.", said())});
        a.end = at_;
        if (auto wrong = tolerance(a)) return Failed(*wrong);
        return a;
    }

  private:
    std::string said() const {
        const auto text = line_.substr(begin_, at_ - begin_);
        return text.size() <= 32 ? std::string(text) : std::string(text.substr(0, 32)) + "…";
    }
    Failed no_unit() const {
        if (!behind_.empty())
            return Failed(ParseError{begin_, behind_end_,
                                     say("“{text}” has no unit, and “{behind}” is none; {understood}.",
                                         said(), behind_.substr(0, 24), understood)});
        return Failed(
            ParseError{begin_, at_, say("“{text}” has no unit; type V, A, W or s after it.", said())});
    }
    size_t past_spaces(size_t at) const {
        while (at < line_.size() && (line_[at] == ' ' || line_[at] == '\t')) ++at;
        if (line_.substr(at, 2) == "\xC2\xA0") return past_spaces(at + 2);
        return at;
    }
    bool multiplied(size_t at) {
        at = past_spaces(at);
        for (const std::string_view times : {"×", "x", "X", "*"})
            if (line_.substr(at, times.size()) == times) {
                const size_t next = past_spaces(at + times.size());
                if (next < line_.size() && is_digit(line_[next])) return at_ = next, true;
            }
        return false;
    }
    tl::expected<NumberText, ParseError> number() {
        auto n = scan_number(line_, at_);
        if (n) at_ = n->end;
        return n;
    }
    /// The word of a unit right here or behind a space. Without one nothing is taken.
    std::optional<UnitSymbol> unit_behind() {
        const size_t from = past_spaces(at_);
        size_t end = from;
        while (end < line_.size()) {
            const auto rest = line_.substr(end);
            if (rest.starts_with("×") || rest.starts_with("–") || rest.starts_with("—") ||
                rest.starts_with("…") || rest.starts_with("±") || rest.starts_with("−") ||
                rest.starts_with("\xC2\xA0"))
                break;
            const auto c = static_cast<unsigned char>(line_[end]);
            if (!is_letter(line_[end]) && c < 0x80 && c != '%' && c != '"' && c != '\'') break;
            ++end;
        }
        const auto symbol = line_.substr(from, end - from);
        if (symbol.empty()) return std::nullopt;
        if (const auto unit = unit_symbol(symbol)) {
            at_ = end;
            return unit;
        }
        if (from == at_) {  // joined to the number, so it was meant as one
            at_ = end;
            failed_ = ParseError{
                begin_, at_,
                say("“{symbol}” is no unit of a load; {understood}.", symbol.substr(0, 24), understood)};
        } else
            behind_ = symbol, behind_end_ = end;
        return std::nullopt;
    }
    /// Digits right behind a unit: 1A5.
    void decimals(NumberText& n) {
        const size_t from = at_;
        if (from >= line_.size() || !is_digit(line_[from])) return;
        auto tail = number();
        if (!tail || !tail->whole) {
            at_ = tail ? tail->end : at_;
            failed_ = ParseError{begin_, at_, say("“{text}” has two decimal marks.", said())};
            return;
        }
        n.value += tail->value * std::pow(10, -static_cast<double>(at_ - from));
        n.whole = false;
    }
    bool range_follows() {
        const size_t spaced = past_spaces(at_);
        for (const std::string_view dash : {"-", "–", "—", "−", "...", "..", "…", "to "}) {
            if (line_.substr(spaced, dash.size()) != dash) continue;
            const size_t next = past_spaces(spaced + dash.size());
            if (next < line_.size() && is_digit(line_[next])) return at_ = next, true;
        }
        return false;
    }
    /// "±10 %", "+-10%", joined or apart.
    std::optional<ParseError> tolerance(Amount& a) {
        const size_t spaced = past_spaces(at_);
        for (const std::string_view sign : {"±", "+-", "+/-"}) {
            if (line_.substr(spaced, sign.size()) != sign) continue;
            at_ = past_spaces(spaced + sign.size());
            const auto share = scan_number(line_, at_);
            if (share) at_ = past_spaces(share->end);
            const bool percent = share && at_ < line_.size() && line_[at_] == '%';
            if (percent) ++at_;
            a.end = at_ = std::max(at_, spaced + sign.size());
            if (!percent || share->value > 90)
                return ParseError{begin_, at_, say("After ± a percentage is expected, such as ±10 %.")};
            a.tolerance = share->value / 100;
            return std::nullopt;
        }
        return std::nullopt;
    }

    std::string_view line_;
    size_t begin_, at_;
    std::optional<ParseError> failed_;
    std::string_view behind_;  ///< a word behind the number that is no unit
    size_t behind_end_ = 0;
};

}  // namespace

tl::expected<Amount, ParseError> read_amount(std::string_view line, size_t begin) {
    return Amounts(line, begin).read();
}

}  // namespace sangre
