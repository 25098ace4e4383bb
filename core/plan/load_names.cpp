#include "plan/load_names.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/units/words.h"
#include "base/words/say.h"
#include "plan/bare_volts.h"

namespace sangre {

Volt about(double volts, double more) { return Volt(std::round(volts * (1 + more) * 1e9) / 1e9); }

std::optional<LoadKind> kind_said_by_name(const std::string& name) {
    struct KindWord {
        const char* word;
        LoadKind kind;
    };
    constexpr std::array kinds{KindWord{"motor", LoadKind::motor},
                               KindWord{"motors", LoadKind::motor},
                               KindWord{"led", LoadKind::led},
                               KindWord{"leds", LoadKind::led},
                               KindWord{"heater", LoadKind::resistance},
                               KindWord{"heaters", LoadKind::resistance},
                               KindWord{"heating", LoadKind::resistance},
                               KindWord{"coil", LoadKind::resistance},
                               KindWord{"coils", LoadKind::resistance},
                               KindWord{"solenoid", LoadKind::resistance},
                               KindWord{"solenoids", LoadKind::resistance},
                               KindWord{"electromagnet", LoadKind::resistance},
                               KindWord{"electromagnets", LoadKind::resistance}};
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
    const auto offer = [&](Load taken, const std::string& how) {
        if (taken.v_min == load.v_min && taken.v_max == load.v_max) return;
        ways.push_back({say("{nominal} is {how}: {lowest} – {highest}", format(load.nominal), how,
                            format_number(raw(taken.v_min)), format(taken.v_max)),
                        std::move(taken)});
    };
    auto other = load;
    if (const auto usual = bare_range(nominal, load.kind)) {
        other.v_min = Volt(usual->low), other.v_max = Volt(usual->high), other.range_assumed = true;
        offer(other, usual->taken_as);
        const auto readings = readings_of(nominal);
        for (size_t i = 1; i < readings.size(); ++i) {
            other.v_min = Volt(readings[i].low), other.v_max = Volt(readings[i].high);
            other.range_assumed = false;
            offer(other, said(readings[i].taken_as));
        }
        other.v_min = about(nominal, -lone_voltage_tolerance);
        other.v_max = about(nominal, lone_voltage_tolerance);
        other.range_assumed = false;
        offer(other, say("regulated"));
    }
    const auto named = kind_said_by_name(load.name);
    if (named && *named == load.kind) {
        other = load, other.kind = LoadKind::current;
        ways.push_back(
            {say("It is not one, whatever its name: it draws the same current at any voltage"), other});
    }
    return ways;
}

}  // namespace sangre
