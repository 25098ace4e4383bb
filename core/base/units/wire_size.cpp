#include <cmath>

#include "base/units/parse.h"
#include "base/words/say.h"

namespace sangre {

tl::expected<SquareMillimetre, ParseError> parse_wire_size(std::string_view text) {
    std::string s;
    for (const char c : text)
        if (c != ' ') s += c >= 'a' && c <= 'z' ? static_cast<char>(c - 'a' + 'A') : c;
    const auto fail = [&] {
        return tl::unexpected(ParseError{
            0, text.size(),
            say("A wire size is a gauge such as 18 AWG or 2/0 AWG, or an area such as 0.75 mm².")});
    };
    const auto number = [](std::string_view digits) { return plain_number(digits); };
    if (const auto at = s.find("AWG"); at != std::string::npos) {
        std::string digits = s.substr(0, at) + s.substr(at + 3);
        double gauge = 0;
        if (const auto slash = digits.find("/0"); slash != std::string::npos && slash + 2 == digits.size()) {
            const auto n = number(digits.substr(0, slash));
            if (!n || *n < 1 || *n > 4) return fail();
            gauge = 1 - *n;
        } else {
            const auto n = number(digits);
            if (!n || *n < 0 || *n > 40 || *n != std::floor(*n)) return fail();
            gauge = *n;
        }
        const double d = 0.127 * std::pow(92.0, (36 - gauge) / 39);
        return SquareMillimetre(M_PI / 4 * d * d);
    }
    if (const auto at = s.find("KCMIL"); at != std::string::npos && at + 5 == s.size()) {
        constexpr double mm2_per_kcmil = 0.5067075;
        const auto n = number(s.substr(0, at));
        if (!n || *n <= 0 || *n > 2000) return fail();
        return SquareMillimetre(*n * mm2_per_kcmil);
    }
    if (const auto at = s.find("MM"); at != std::string::npos) {
        const auto tail = s.substr(at + 2);
        const auto n = number(s.substr(0, at));
        if (n && *n > 0 && *n <= 500 && (tail == "2" || tail == "²" || tail == "^2" || tail.empty()))
            return SquareMillimetre(*n);
    }
    return fail();
}

}  // namespace sangre
