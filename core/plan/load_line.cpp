#include <fmt/format.h>

#include "plan/load_text.h"
#include "units/format.h"

namespace sangre {
namespace {

std::string short_amount(const Load& l, Ampere amps) {
    return l.kind == LoadKind::power ? format(Watt(raw(amps) * raw(l.nominal))) : format(amps);
}

}  // namespace

std::vector<LoadChip> load_chips(const Load& l) {
    std::vector<LoadChip> chips;
    using Kind = LoadChip::Kind;
    chips.push_back({Kind::voltage, fmt::format("{} – {}", format_number(raw(l.v_min)), format(l.v_max))});
    if (l.kind == LoadKind::resistance)
        chips.push_back({Kind::current, format(Ohm(raw(l.nominal) / std::max(raw(l.typical), 1e-9)))});
    else
        chips.push_back({Kind::current, short_amount(l, l.typical)});
    if (l.peak > l.typical)
        chips.push_back(
            {Kind::pulse, fmt::format("peak {} {}", short_amount(l, l.peak), format(l.peak_time))});
    if (raw(l.start) > 0)
        chips.push_back({Kind::pulse, fmt::format("{} {} {}", l.kind == LoadKind::motor ? "stall" : "start",
                                                  short_amount(l, l.start), format(l.start_time))});
    if (raw(l.idle) > 0 && l.idle != l.typical)
        chips.push_back({Kind::pulse, "idle " + short_amount(l, l.idle)});
    const auto manner = [&](bool flag, const char* word) {
        if (flag) chips.push_back({Kind::manner, word});
    };
    manner(l.kind == LoadKind::motor, "motor"), manner(l.kind == LoadKind::led, "LED"),
        manner(l.starter, "starter");
    manner(l.always_on, "always on"), manner(l.vital, "vital"), manner(l.noisy, "noisy"),
        manner(l.sensitive, "sensitive");
    manner(l.transmitter, "transmitter"), manner(l.own_switch, "switched"), manner(l.assumed, "assumed");
    return chips;
}

std::string load_line(const Load& load) {
    std::string line = load.name;
    // What it is comes first: it decides how the rest is read.
    for (const char* kind : {"motor", "LED"})
        for (const auto& c : load_chips(load))
            if (c.kind == LoadChip::Kind::manner && c.text == kind)
                line += fmt::format(" {}–{} V {}", format_number(raw(load.v_min), 4),
                                    format_number(raw(load.v_max), 4), kind);
    for (const auto& c : load_chips(load)) {
        if (c.text == "motor" || c.text == "LED" ||
            (c.kind == LoadChip::Kind::voltage &&
             (load.kind == LoadKind::motor || load.kind == LoadKind::led)))
            continue;
        std::string word = c.text;
        if (c.kind == LoadChip::Kind::voltage)
            word =
                fmt::format("{}–{} V", format_number(raw(load.v_min), 4), format_number(raw(load.v_max), 4));
        for (auto minus = word.find("−"); minus != std::string::npos; minus = word.find("−"))
            word.replace(minus, std::string("−").size(), "-");
        line += " " + word;
    }
    return line;
}

}  // namespace sangre
