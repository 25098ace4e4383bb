// What was measured against what was expected: in words, judged, and what a wrong one means.
#include <fmt/format.h>

#include <cmath>

#include "bench/readings.h"
#include "units/format.h"

namespace sangre {
namespace {

std::string amount(ReadingUnit unit, double v) {
    switch (unit) {
        case ReadingUnit::ohm:
            return format(Ohm(v));
        case ReadingUnit::volt:
            return fmt::format("{} V", format_number(v, v >= 10 ? 4 : 3));
        case ReadingUnit::ampere:
            return format(Ampere(v));
    }
    return {};
}

}  // namespace

Verdict judge(const Reading& reading, const Measured& measured) {
    if (std::isnan(reading.low)) return Verdict::missing;
    if (measured.open) return std::isinf(reading.high) ? Verdict::pass : Verdict::high;
    if (!std::isfinite(measured.value)) return Verdict::missing;
    if (measured.value < reading.low) return Verdict::low;
    return measured.value > reading.high ? Verdict::high : Verdict::pass;
}

std::string window_text(const Reading& r) {
    if (std::isnan(r.low)) return "—";
    if (std::isinf(r.high)) return "> " + amount(r.unit, r.low);
    if (r.low <= 0) return "< " + amount(r.unit, r.high);
    return format_range(amount(r.unit, r.low), amount(r.unit, r.high));
}

std::string value_text(const Reading& r, const Measured& m) {
    return m.open ? "open" : amount(r.unit, m.value);
}

std::vector<std::string> suspects(const Plan& plan, const Reading& r, Verdict verdict) {
    if (verdict != Verdict::low && verdict != Verdict::high) return {};
    const bool low = verdict == Verdict::low;
    if (r.key.starts_with("cable/")) {
        if (r.key.ends_with("/pair"))
            return low ? std::vector<std::string>{"A third resistor somewhere: boards often bring their own",
                                                  "H and L touch each other"}
                       : std::vector<std::string>{"One of the two resistors is missing: 120 Ω",
                                                  "A core of the pair does not reach the far end"};
        return low ? std::vector<std::string>{"The core is still in: pull its contact out of both housings"}
                   : std::vector<std::string>{"A pin that did not latch, pushed back by its partner",
                                              "The cores are in another order at the far end"};
    }
    if (r.unit == ReadingUnit::ohm && !r.live && std::isinf(r.high))
        return {"A short: bare strands, a solder bridge or swapped leads",
                "A capacitor still charging: wait and read again"};
    if (r.unit == ReadingUnit::ohm)
        return {"A joint that does not conduct: cold, or insulation under the screw",
                "A fuse left out, or a switch off", "A pin pushed back in its housing"};
    if (r.unit == ReadingUnit::ampere)
        return low ? std::vector<std::string>{"An always-on load is not connected or its fuse is out"}
                   : std::vector<std::string>{"A load that should be off is on",
                                              "A module that draws more at rest than its sheet says",
                                              "A reversed part leaking"};
    if (!low)
        return {find_part(plan, r.about).kind == PartKind::converter
                    ? "The module is set too high: stop before connecting its loads"
                    : "A switch or relay that does not open, or the wrong rail on this plug",
                "The meter's range or its battery"};
    std::vector<std::string> list;
    if (r.key.ends_with("/running"))
        list.push_back("A poor joint or too thin a wire: compare empty and running");
    list.push_back("A fuse open or left out on the way");
    list.push_back("An open return: measure from this plug's − to the hub's −");
    if (find_part(plan, r.about).kind == PartKind::converter)
        list.push_back("The module is set too low, or not fed");
    list.push_back("A flat pack: read its rest voltage first");
    return list;
}

}  // namespace sangre
