#include "base/units/parse.h"
#include "base/words/look_up.h"
#include "base/words/reader.h"
#include "base/words/say.h"

#include <fmt/format.h>

#include <array>
#include <cmath>
#include <optional>

namespace sangre {
namespace {

std::string_view dimension_name(Dimension d) {
    switch (d) {
        case Dimension::voltage:
            return to_say("a voltage, such as 12 V");
        case Dimension::current:
            return to_say("a current, such as 2.4 A or 80 mA");
        case Dimension::power:
            return to_say("a power, such as 30 W");
        case Dimension::resistance:
            return to_say("a resistance, such as 4.7 Ω or 38 kΩ");
        case Dimension::length:
            return to_say("a length, such as 0.9 m or 3/32 in");
        case Dimension::time:
            return to_say("a time, such as 2h30 or 25 min");
        case Dimension::charge:
            return to_say("a charge, such as 30 Ah");
        case Dimension::energy:
            return to_say("an energy, such as 90 Wh");
        case Dimension::temperature:
            return to_say("a temperature, such as -5 °C");
        case Dimension::ratio:
            return to_say("a percentage, such as 68 %");
        case Dimension::capacitance:
            return to_say("a capacitance, such as 470 µF");
        case Dimension::inductance:
            return to_say("an inductance, such as 100 µH");
        case Dimension::frequency:
            return to_say("a frequency, such as 300 kHz");
    }
    return "a number";
}

/// A value on its way through the expression; without dimension it is a plain number.
struct Term {
    double value = 0;
    std::optional<Dimension> dimension;
    size_t begin = 0;
    size_t end = 0;
};

using Result = tl::expected<Term, ParseError>;

class Parser {
  public:
    Parser(std::string_view text, Dimension wanted, std::string_view default_unit)
        : text_(text), wanted_(wanted), default_unit_(default_unit) {}

    tl::expected<double, ParseError> run() {
        skip();
        if (at_ == text_.size())
            return tl::unexpected(
                ParseError{0, text_.size(), say("Type {dimension}.", said(dimension_name(wanted_)))});
        auto sum = expression();
        if (!sum) return tl::unexpected(sum.error());
        if (at_ != text_.size())
            return tl::unexpected(
                ParseError{at_, text_.size(), say("“{rest}” is not understood here.", rest())});
        auto done = with_default(*sum);
        if (!done) return tl::unexpected(done.error());
        if (!std::isfinite(done->value))
            return tl::unexpected(ParseError{0, text_.size(), say("The result is not a finite number.")});
        return done->value;
    }

  private:
    std::string_view rest() const { return text_.substr(at_); }
    void skip() {
        while (at_ < text_.size() && (text_[at_] == ' ' || text_[at_] == '\t')) ++at_;
        if (rest().substr(0, 2) == "\xC2\xA0") at_ += 2, skip();
    }
    bool take(std::string_view s) {
        skip();
        if (rest().substr(0, s.size()) != s) return false;
        at_ += s.size();
        return true;
    }
    static ParseError error(const Term& t, std::string message) {
        return {t.begin, t.end, std::move(message)};
    }

    Result with_default(Term t) const {
        if (t.dimension && *t.dimension != wanted_)
            return tl::unexpected(error(t, say("This needs {dimension}.", said(dimension_name(wanted_)))));
        if (!t.dimension) {
            if (default_unit_.empty() && wanted_ != Dimension::ratio)
                return tl::unexpected(
                    error(t, say("A unit is missing: type {dimension}.", said(dimension_name(wanted_)))));
            if (default_unit_ == "%" && t.value > 0 && t.value <= 1)
                return tl::unexpected(
                    error(t, say("“{term}” could be {term} % or {term_2} %: type it with the sign.",
                                 exact_number(t.value), exact_number(t.value * 100))));
            if (!default_unit_.empty()) {
                const auto unit = unit_symbol(default_unit_);
                if (unit) t.value = t.value * unit->factor + unit->offset;
            }
            t.dimension = wanted_;
        }
        return t;
    }

    /// A minus without any space between two numbers is a range to most readers, and a whole and a fraction
    /// to those who write "1-1/2 in": then the message is empty and the minus taken. Inside brackets it
    /// subtracts.
    std::optional<ParseError> tight_minus(const Term& left) {
        if (brackets_ > 0 || at_ == 0 || at_ >= text_.size()) return std::nullopt;
        for (const std::string_view dash : {"-", "–", "—", "..", "…"}) {
            if (text_.substr(at_, dash.size()) != dash || text_[at_ - 1] == ' ') continue;
            const size_t next = at_ + dash.size();
            if (next >= text_.size() || !is_digit(text_[next])) continue;
            size_t end = next;
            while (end < text_.size() && is_digit(text_[end])) ++end;
            const bool fraction = dash == "-" && !left.dimension && end + 1 < text_.size() &&
                                  text_[end] == '/' && is_digit(text_[end + 1]) &&
                                  left.value == std::floor(left.value);
            if (fraction) {
                at_ = next;
                return ParseError{};
            }
            return ParseError{
                left.begin, text_.size(),
                say("“{short_of}” looks like a range, and one value is wanted here: type {dimension}. To "
                    "subtract, put a space on both sides of the minus.",
                    short_of(text_.substr(left.begin)), said(dimension_name(wanted_)))};
        }
        return std::nullopt;
    }

    Result expression() {
        auto left = product();
        while (left) {
            double sign = 0;
            if (const auto range = tight_minus(*left)) {
                if (range->message.empty()) {
                    auto part = product();
                    if (!part) return part;
                    part->value += left->value * last_factor_, part->begin = left->begin;
                    left = part;
                    continue;
                }
                return tl::unexpected(*range);
            }
            if (take("+"))
                sign = 1;
            else if (take("-") || take("−"))
                sign = -1;
            else
                break;
            auto right = product();
            if (!right) return right;
            if (right->dimension == Dimension::ratio && wanted_ != Dimension::ratio) {
                left->value *= 1 + sign * right->value;
                left->end = right->end;
                continue;
            }
            if (left->dimension != right->dimension) {
                auto l = with_default(*left), r = with_default(*right);
                if (!l) return l;
                if (!r) return r;
                left = l, right = r;
            }
            left->value += sign * right->value;
            left->end = right->end;
        }
        return left;
    }

    Result product() {
        auto left = factor();
        while (left) {
            const bool times = take("*") || take("×") || (times_follows() && (take("x") || take("X")));
            if (!times && !take("/")) break;
            auto right = factor();
            if (!right) return right;
            const bool fraction = !times && !left->dimension && right->dimension;
            if (left->dimension && right->dimension)
                return tl::unexpected(error(*right, say("Only one side of × or / may carry a unit.")));
            if (!times && right->value == 0) return tl::unexpected(error(*right, say("Division by zero.")));
            // "3/32 in" is three thirty-seconds of an inch.
            if (fraction) {
                const double unit = last_factor_;
                left->value = left->value / (right->value / unit) * unit;
            } else {
                left->value = times ? left->value * right->value : left->value / right->value;
            }
            if (right->dimension) left->dimension = right->dimension;
            left->end = right->end;
        }
        return left;
    }

    Result factor() {
        skip();
        const size_t begin = at_;
        if (++depth_ > 50)
            return tl::unexpected(ParseError{begin, text_.size(), say("Too many nested brackets or signs.")});
        struct Leave {
            int& depth;
            ~Leave() { --depth; }
        } leave{depth_};
        if (take("(")) {
            ++brackets_;
            auto inner = expression();
            --brackets_;
            if (!inner) return inner;
            if (!take(")")) return tl::unexpected(ParseError{begin, at_, say("The bracket is not closed.")});
            whole_ = false, grouped_.reset();
            return inner->dimension ? inner : with_unit(*inner);
        }
        if (take("-") || take("−")) {
            auto inner = factor();
            if (inner) inner->value = -inner->value;
            return inner;
        }
        take("+");
        auto value = number();
        if (!value) return value;
        return with_unit(*value);
    }

    Result number() {
        skip();
        const size_t begin = at_;
        auto scanned = scan_number(text_, at_);
        if (!scanned) {
            auto e = scanned.error();
            // The whole word, not the first letter that makes it none.
            e.end = std::max(e.end, std::min(text_.find_first_of(" \t", begin), text_.size()));
            e.message = say("“{short_of}” is not a number; type {dimension}.",
                            short_of(text_.substr(begin, e.end - begin)), said(dimension_name(wanted_)));
            return tl::unexpected(e);
        }
        at_ = scanned->end;
        whole_ = scanned->whole, grouped_ = scanned->grouped;
        return Term{scanned->value, std::nullopt, begin, at_};
    }

    static std::string short_of(std::string_view text) {
        return text.size() <= 24 ? std::string(text) : std::string(text.substr(0, 24)) + "…";
    }

    /// "1.200 W" where both 1.2 and 1200 W are things people type.
    std::optional<ParseError> two_readings(const Term& t, double value, double grouped,
                                           const UnitSymbol& unit, std::string_view symbol) const {
        if (std::abs(grouped * unit.factor + unit.offset) > largest_meant(unit.dimension))
            return std::nullopt;
        return ParseError{
            t.begin, at_,
            say("“{text}” could be {value} {symbol} or {grouped} {symbol}: write {value}0 or {grouped} "
                "without a mark.",
                text_.substr(t.begin, t.end - t.begin), exact_number(value), symbol, exact_number(grouped))};
    }

    std::string_view word() {
        skip();
        const size_t begin = at_;
        while (at_ < text_.size()) {
            const auto c = static_cast<unsigned char>(text_[at_]);
            const bool times_sign = rest().substr(0, 2) == "×" || rest().substr(0, 3) == "−";
            if (times_sign || rest().substr(0, 2) == "\xC2\xA0") break;
            if (!(is_letter(text_[at_]) || c >= 0x80 || c == '%' || c == '"' || c == '\'')) break;
            ++at_;
        }
        return text_.substr(begin, at_ - begin);
    }

    /// An x between two numbers multiplies.
    bool times_follows() {
        const size_t keep = at_;
        bool found = take("x") || take("X");
        skip();
        found = found && at_ < text_.size() && is_digit(text_[at_]);
        at_ = keep;
        return found;
    }

    Result with_unit(Term t) {
        const bool whole = whole_;
        const auto grouped = grouped_;
        last_factor_ = 1;
        if (times_follows()) return t;
        const std::string_view symbol = word();
        if (symbol.empty()) {
            const auto unit = unit_symbol(default_unit_);
            if (grouped && unit)
                if (auto both = two_readings(t, t.value, *grouped, *unit, default_unit_))
                    return tl::unexpected(*both);
            return t;
        }
        // A prefix as decimal mark: 4k7, 4u7.
        if (whole && at_ < text_.size() && is_digit(text_[at_]))
            if (const auto factor = si_prefix(symbol))
                if (!(symbol == "m" && wanted_ == Dimension::length)) {
                    const size_t from = at_;
                    auto tail = number();
                    if (!tail) return tail;
                    t.value =
                        (t.value + tail->value * std::pow(10, -static_cast<double>(at_ - from))) * *factor;
                    t.end = at_;
                    const auto unit = unit_symbol(word());
                    if (unit) t.value *= unit->factor, t.dimension = unit->dimension;
                    return t;
                }
        // "3.4 days" is the one unit that is printed as a word.
        const bool days = speaks_another() && lower(symbol) == lower(looked_up("days"));
        const auto unit = unit_symbol(wanted_ == Dimension::temperature && symbol == "F" ? "°F"
                                      : days                                             ? "days"
                                                                                         : symbol);
        if (!unit)
            return tl::unexpected(ParseError{at_ - symbol.size(), at_,
                                             say("“{short_of}” is not a unit known here; type {dimension}.",
                                                 short_of(symbol), said(dimension_name(wanted_)))});
        if (grouped)
            if (auto both = two_readings(t, t.value, *grouped, *unit, symbol)) return tl::unexpected(*both);
        // A unit as decimal mark: 1A5; and 2h30 as hours and minutes.
        if (at_ < text_.size() && is_digit(text_[at_]) && whole) {
            const size_t from = at_;
            auto tail = number();
            if (!tail) return tail;
            const auto length = static_cast<int>(at_ - from);
            if (unit->dimension == Dimension::time && unit->factor == 3600 && word_follows())
                at_ = from;
            else if (unit->dimension == Dimension::time)
                t.value += tail->value / 60;
            else if (!whole_)
                return tl::unexpected(
                    ParseError{t.begin, at_,
                               say("“{text}” has two decimal marks.", text_.substr(t.begin, at_ - t.begin))});
            else
                t.value += tail->value * std::pow(10, -length);
        }
        t.value = t.value * unit->factor + unit->offset;
        t.dimension = unit->dimension;
        t.end = at_;
        last_factor_ = unit->factor;
        skip();
        if (at_ < text_.size() && is_digit(text_[at_]) && unit->dimension != Dimension::ratio) {
            auto more = factor();
            if (!more) return more;
            if (more->dimension != t.dimension)
                return tl::unexpected(
                    error(*more, say("An operator or the same kind of unit is missing here.")));
            t.value += more->value;
            t.end = more->end;
        }
        return t;
    }
    bool word_follows() {
        const size_t keep = at_;
        const bool found = !word().empty();
        at_ = keep;
        return found;
    }

    std::string_view text_;
    size_t at_ = 0;
    Dimension wanted_;
    std::string_view default_unit_;
    double last_factor_ = 1;
    int depth_ = 0, brackets_ = 0;
    bool whole_ = false;             ///< of the last number read
    std::optional<double> grouped_;  ///< likewise
};

}  // namespace

tl::expected<double, ParseError> parse_value(std::string_view text, Dimension dimension,
                                             std::string_view default_unit) {
    return Parser(text, dimension, default_unit).run();
}

}  // namespace sangre
