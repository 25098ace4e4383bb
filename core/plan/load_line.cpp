#include <fmt/format.h>

#include <cmath>

#include "base/units/format.h"
#include "plan/bare_volts.h"
#include "plan/load_text.h"

namespace sangre {
namespace {

std::string short_amount(const Load& l, Ampere amps) {
    return l.kind == LoadKind::power ? format(Watt(raw(amps) * raw(l.nominal))) : format(amps);
}

/// So that it reads back as the very same number.
std::string exact(double value, const char* unit) { return exact_number(value) + " " + unit; }

const char* kind_word(LoadKind kind) {
    switch (kind) {
        case LoadKind::current:
            return "constant-current";
        case LoadKind::power:
            return "constant-power";
        case LoadKind::resistance:
            return "resistive";
        case LoadKind::motor:
            return "motor";
        case LoadKind::led:
            return "LED";
    }
    return "";
}

/// What the kind is taken for where the line does not say it.
LoadKind unsaid_kind(const Load& l) { return kind_said_by_name(l.name).value_or(LoadKind::current); }

}  // namespace

std::vector<LoadChip> load_chips(const Load& l) {
    std::vector<LoadChip> chips;
    using Kind = LoadChip::Kind;
    chips.push_back({Kind::voltage, fmt::format("{} – {}", format_number(raw(l.v_min)), format(l.v_max))});
    chips.back().assumed = l.range_assumed;
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
    if (raw(l.bridge) > 0) chips.push_back({Kind::pulse, "bridge " + format(l.bridge)});
    if (raw(l.bridge_drop) > 0) chips.push_back({Kind::pulse, "bridge " + format(l.bridge_drop)});
    const auto manner = [&](bool flag, const char* word) {
        if (flag) chips.push_back({Kind::manner, word});
    };
    manner(l.kind == LoadKind::motor || l.kind == LoadKind::led, kind_word(l.kind));
    if (l.kind == LoadKind::motor || l.kind == LoadKind::led) chips.back().assumed = unsaid_kind(l) == l.kind;
    manner(l.starter, "starter"), manner(l.igniter, "igniter");
    manner(l.always_on, "always on"), manner(l.vital, "vital"), manner(l.noisy, "noisy"),
        manner(l.sensitive, "sensitive");
    manner(l.transmitter, "transmitter"), manner(l.own_switch, "switched"), manner(l.assumed, "assumed");
    manner(l.heat_elsewhere, "heat elsewhere");
    return chips;
}

std::string load_line(const Load& l) {
    std::string line = l.name;
    const auto add = [&](const std::string& word) { line += " " + word; };
    const bool watts = l.kind == LoadKind::power;
    const auto amount = [&](Ampere amps) {
        return watts ? exact(raw(amps) * raw(l.nominal), "W") : exact(raw(amps), "A");
    };
    const double low = raw(l.v_min), high = raw(l.v_max), nominal = raw(l.nominal);
    if (l.range_assumed && has_bare_range(l))
        add(exact(nominal, "V"));
    else
        add(fmt::format("{}–{}", exact_number(low), exact(high, "V")));
    // The kind comes first: it decides how the rest is read.
    const auto unsaid = unsaid_kind(l);
    // What is resistive by its ohms, or by its amperes where those are the rounder figure.
    const auto ohms = exact(nominal / std::max(raw(l.typical), 1e-9), "Ω"), amps = amount(l.typical);
    // Amperes are those at the nominal voltage, which of a range is its middle.
    const bool at_nominal =
        (l.range_assumed && has_bare_range(l)) || std::abs(nominal - (low + high) / 2) < 1e-9 * nominal;
    const bool by_ohms = l.kind == LoadKind::resistance && (!at_nominal || ohms.size() < amps.size() + 1);
    const bool by_unit = (watts && unsaid == LoadKind::current) || by_ohms;
    if (l.kind != unsaid && !by_unit) add(kind_word(l.kind));
    add(by_ohms ? ohms : amps);
    if (l.peak > l.typical) add(fmt::format("peak {} {}", amount(l.peak), exact(raw(l.peak_time), "s")));
    if (raw(l.start) > 0)
        add(fmt::format("{} {} {}", l.kind == LoadKind::motor ? "stall" : "start", amount(l.start),
                        exact(raw(l.start_time), "s")));
    if (l.always_on ? l.idle != l.typical : raw(l.idle) > 0) add("idle " + amount(l.idle));
    if (raw(l.bridge) > 0) add("bridge " + exact(raw(l.bridge), "Ω"));
    if (raw(l.bridge_drop) > 0) add("bridge " + exact(raw(l.bridge_drop), "V"));
    for (const auto& c : load_chips(l))
        if (c.kind == LoadChip::Kind::manner && c.text != "motor" && c.text != "LED") add(c.text);
    return line;
}

}  // namespace sangre
