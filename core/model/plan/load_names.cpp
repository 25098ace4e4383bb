#include "plan/load_names.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "units/format.h"
#include "units/words.h"
#include "words/say.h"

namespace sangre {

Volt about(double volts, double more) { return Volt(std::round(volts * (1 + more) * 1e9) / 1e9); }

std::optional<LoadKind> kind_said_by_name(const std::string& name) {
    struct KindWord {
        const char* word;
        LoadKind kind;
    };
    constexpr std::array kinds{
        KindWord{"motor", LoadKind::motor},       KindWord{"motors", LoadKind::motor},
        KindWord{"led", LoadKind::led},           KindWord{"leds", LoadKind::led},
        KindWord{"heater", LoadKind::resistance}, KindWord{"heaters", LoadKind::resistance},
        KindWord{"heating", LoadKind::resistance}};
    constexpr std::array belongings{"controller", "controllers", "control", "driver",  "drivers",
                                    "drive",      "board",       "relay",   "starter", "sensor",
                                    "encoder",    "supply",      "switch",  "monitor", "logic"};
    std::optional<LoadKind> found;
    for (const auto& w : split_words(name, ",;")) {
        const auto word = lower(w.text);
        if (std::any_of(belongings.begin(), belongings.end(), [&](const char* b) { return word == b; }) &&
            found)
            return std::nullopt;
        for (const auto& k : kinds)
            if (word == k.word) found = k.kind;
    }
    return found;
}

std::vector<OtherWay> other_ways(const Load& load) {
    std::vector<OtherWay> ways;
    const double nominal = raw(load.nominal);
    const auto label = [&](const Load& l, const char* how) {
        return fmt::format("{} is {}: {} – {}", format(load.nominal), how, format_number(raw(l.v_min)),
                           format(l.v_max));
    };
    auto other = load;
    for (const auto& b : battery_names) {
        if (nominal != b.volts) continue;
        if (load.range_assumed) {
            other.v_min = about(nominal, -lone_voltage_tolerance),
            other.v_max = about(nominal, lone_voltage_tolerance);
            other.range_assumed = false;
            ways.push_back({label(other, "regulated"), other});
        } else {
            other.v_min = Volt(b.low), other.v_max = Volt(b.high), other.range_assumed = true;
            ways.push_back({label(other, "a battery's"), other});
        }
    }
    const auto named = kind_said_by_name(load.name);
    if (named && *named == load.kind) {
        other = load, other.kind = LoadKind::current;
        ways.push_back({say("It is none, whatever its name: it draws the same at any voltage"), other});
    }
    return ways;
}

}  // namespace sangre
