#include "bench/cable_readings.h"

#include <fmt/format.h>

#include <algorithm>
#include <limits>

#include "base/words/say.h"
#include "wiring/cable/bus.h"
#include "wiring/cable/cable.h"

namespace sangre {
namespace {

constexpr double core_ohm = 1;           // metres of the thinnest core, and a cheap meter's leads
constexpr double open_ohm = 1e6;         // nothing but air
constexpr double pair_ohm = 60;          // two of 120 Ω side by side
constexpr double resistor_share = 0.05;  // of their nominal value

/// By its pin, and by its colour too where cores share one.
std::string key_of(const Lead& cable, const Core& core) {
    const auto alike = std::count_if(cable.cores.begin(), cable.cores.end(),
                                     [&](const auto& c) { return c.from_pin == core.from_pin; });
    return alike > 1 ? core.from_pin + "-" + core.colour : core.from_pin;
}

/// "pin 3 at Hub", "white at Hub" of a core whose pin is not said.
Words end_of(const Plan& plan, const Lead& cable, const Core& core, bool at_source) {
    const auto& pin = at_source ? core.from_pin : core.to_pin;
    const auto part = name_of(plan, at_source ? cable.from : cable.to);
    return pin.empty() ? say("{thing} at {part}", said(core.colour), part)
                       : say("pin {pin} at {part}", pin, part);
}

Reading ohms(const Plan& plan, const Lead& cable, const std::string& key, const Core& core) {
    Reading r;
    r.key = fmt::format("cable/{}/{}", cable.id, key);
    r.unit = ReadingUnit::ohm;
    r.about = cable.id;
    r.state = say("unplugged at both ends");
    r.red = end_of(plan, cable, core, true);
    return r;
}

Words words(const Core& c) { return c.signal.empty() ? said(c.colour) : said(c.colour) + " " + c.signal; }

Reading through(const Plan& plan, const Lead& cable, const Core& core, size_t together) {
    auto r = ohms(plan, cable, key_of(cable, core), core);
    r.of = ReadingOf::core;
    r.title = say("{lead}: {words} from end to end", lead_name(plan, cable), words(core));
    r.black = end_of(plan, cable, core, false);
    r.high = core_ohm;
    r.why.title = say("End to end");
    r.why.add(say("Thin cores have tenths of an ohm; a pin that did not latch has none of them."));
    if (together > 1)
        r.why.add(say("{together} cores in parallel: the reading is theirs together.", together));
    return r;
}

Reading left_out(const Plan& plan, const Lead& cable, const Core& core) {
    auto r = ohms(plan, cable, key_of(cable, core) + "/open", core);
    r.of = ReadingOf::core_out;
    r.title = say("{lead}: {words} is out", lead_name(plan, cable), words(core));
    r.black = say("the same pin at {part}", name_of(plan, cable.to));
    r.low = open_ohm, r.high = std::numeric_limits<double>::infinity();
    r.why.title = say("Left out");
    r.why.add(say("A supply core left connected ties two regulators together: the stronger one back-feeds "
                  "the other."),
              Tone::caution);
    return r;
}

Reading resistors(const Plan& plan, const Lead& cable, const Core& one, const Core& other) {
    auto r = ohms(plan, cable, "pair", one);
    r.of = ReadingOf::bus_pair;
    r.title = say("{lead}: across the pair", lead_name(plan, cable));
    r.state = say("plugged in at both ends, everything off");
    r.black = end_of(plan, cable, other, true);
    r.low = pair_ohm * (1 - resistor_share), r.high = pair_ohm * (1 + resistor_share);
    r.why.title = say("Two resistors side by side");
    r.why.add(
        say("120 Ω at each end: 120 ÷ 2 = 60 Ω. With 120 Ω one is missing, with 40 Ω there are three."));
    return r;
}

}  // namespace

std::vector<Reading> cable_readings(const Plan& plan) {
    std::vector<Reading> all;
    const auto buses = data_buses(plan);
    for (const auto* lead : cabled_leads(plan)) {
        const auto& cable = *lead;
        const bool feeds = by_id(plan.feeds(), cable.id) != nullptr;
        std::vector<const Core*> signals;
        for (size_t i = 0; i < cable.cores.size(); ++i) {
            const auto& core = cable.cores[i];
            if (core.role == CoreRole::unused) {
                if (!core.signal.empty()) all.push_back(left_out(plan, cable, core));
                continue;
            }
            // Its supply and return are beeped with what sits in them.
            if (feeds && (core.role == CoreRole::supply || core.role == CoreRole::ground)) continue;
            if (core.role == CoreRole::signal) signals.push_back(&core);
            const auto together = together_with(cable, i);
            bool seen = false;
            for (const auto k : together) seen = seen || k < i;
            if (!seen) all.push_back(through(plan, cable, core, together.size()));
        }
        // Once a bus: its leads share the pair.
        const bool first = std::any_of(buses.begin(), buses.end(), [&](const auto& bus) {
            return bus.terminated && bus.leads.front()->id == cable.id;
        });
        if (first && signals.size() >= 2) all.push_back(resistors(plan, cable, *signals[0], *signals[1]));
    }
    return all;
}

}  // namespace sangre
