// Symbols and words of units, as people write them.
#include <array>

#include "base/units/parse.h"

namespace sangre {
namespace {

struct Base {
    std::string_view symbol;
    Dimension dimension;
    double factor;
    bool prefixes;
};

constexpr std::array bases{
    Base{"V", Dimension::voltage, 1, true},
    Base{"A", Dimension::current, 1, true},
    Base{"W", Dimension::power, 1, true},
    Base{"Ω", Dimension::resistance, 1, true},
    Base{"ohm", Dimension::resistance, 1, true},
    Base{"ohms", Dimension::resistance, 1, false},
    Base{"R", Dimension::resistance, 1, false},
    Base{"m", Dimension::length, 1, true},
    Base{"cm", Dimension::length, 0.01, false},
    Base{"in", Dimension::length, 0.0254, false},
    Base{"\"", Dimension::length, 0.0254, false},
    Base{"ft", Dimension::length, 0.3048, false},
    Base{"'", Dimension::length, 0.3048, false},
    Base{"s", Dimension::time, 1, true},
    Base{"sec", Dimension::time, 1, false},
    Base{"min", Dimension::time, 60, false},
    Base{"h", Dimension::time, 3600, false},
    Base{"hr", Dimension::time, 3600, false},
    Base{"hours", Dimension::time, 3600, false},
    Base{"d", Dimension::time, 86400, false},
    Base{"days", Dimension::time, 86400, false},
    Base{"day", Dimension::time, 86400, false},
    Base{"Ah", Dimension::charge, 1, true},
    Base{"Wh", Dimension::energy, 1, true},
    Base{"°C", Dimension::temperature, 1, false},
    Base{"℃", Dimension::temperature, 1, false},
    Base{"C", Dimension::temperature, 1, false},
    Base{"degC", Dimension::temperature, 1, false},
    Base{"%", Dimension::ratio, 0.01, false},
    Base{"F", Dimension::capacitance, 1, true},
    Base{"H", Dimension::inductance, 1, true},
    Base{"Hz", Dimension::frequency, 1, true},
    Base{"\xE2\x84\xA6", Dimension::resistance, 1, true},
};

/// Written out, with a small or a capital letter, or as hurried fingers type it.
struct Spelling {
    std::string_view word, symbol;
};
constexpr std::array spellings{
    Spelling{"amp", "A"},
    Spelling{"amps", "A"},
    Spelling{"ampere", "A"},
    Spelling{"amperes", "A"},
    Spelling{"volt", "V"},
    Spelling{"volts", "V"},
    Spelling{"vdc", "V"},
    Spelling{"watt", "W"},
    Spelling{"watts", "W"},
    Spelling{"ohm", "Ω"},
    Spelling{"secs", "s"},
    Spelling{"second", "s"},
    Spelling{"seconds", "s"},
    Spelling{"mins", "min"},
    Spelling{"minute", "min"},
    Spelling{"minutes", "min"},
    Spelling{"hour", "h"},
    Spelling{"hours", "h"},
    Spelling{"hrs", "h"},
    Spelling{"v", "V"},
    Spelling{"a", "A"},
    Spelling{"w", "W"},
    Spelling{"ma", "mA"},
    Spelling{"ah", "Ah"},
    Spelling{"mah", "mAh"},
    Spelling{"wh", "Wh"},
    Spelling{"metre", "m"},
    Spelling{"metres", "m"},
    Spelling{"percent", "%"},
    Spelling{"milliamps", "mA"},
    // Letters of another alphabet that look alike, from a keyboard that was not switched over.
    Spelling{"А", "A"},
    Spelling{"В", "V"},
    Spelling{"мА", "mA"},
    Spelling{"Вт", "W"},
};

struct Prefix {
    std::string_view symbol;
    double factor;
};
constexpr std::array prefixes{Prefix{"k", 1e3},  Prefix{"M", 1e6},  Prefix{"m", 1e-3}, Prefix{"µ", 1e-6},
                              Prefix{"μ", 1e-6}, Prefix{"u", 1e-6}, Prefix{"n", 1e-9}, Prefix{"p", 1e-12}};

}  // namespace

double largest_meant(Dimension d) {
    switch (d) {
        case Dimension::voltage:
            return 100;
        case Dimension::current:
        case Dimension::length:
        case Dimension::charge:
            return 1000;
        case Dimension::power:
            return 20e3;
        case Dimension::temperature:
            return 1000;
        case Dimension::ratio:
            return 10;
        default:
            return 1e12;
    }
}

std::optional<double> si_prefix(std::string_view symbol) {
    for (const auto& p : prefixes)
        if (p.symbol == symbol) return p.factor;
    return std::nullopt;
}

std::optional<UnitSymbol> unit_symbol(std::string_view symbol) {
    for (const auto& b : bases)
        if (b.symbol == symbol) return UnitSymbol{b.dimension, b.factor};
    if (symbol == "°F") return UnitSymbol{Dimension::temperature, 5.0 / 9, -32 * 5.0 / 9};
    for (const auto& p : prefixes) {
        if (symbol.substr(0, p.symbol.size()) != p.symbol) continue;
        const auto tail = symbol.substr(p.symbol.size());
        if (tail.empty() && p.symbol == "k") return UnitSymbol{Dimension::resistance, 1e3};
        for (const auto& b : bases)
            if (b.prefixes && b.symbol == tail) return UnitSymbol{b.dimension, b.factor * p.factor};
    }
    const auto small = lower(symbol);
    for (const auto& spelling : spellings)
        if (small == spelling.word && symbol != spelling.symbol) return unit_symbol(spelling.symbol);
    return std::nullopt;
}

}  // namespace sangre
