// What was measured against what was expected: in words, judged, and what a wrong one means.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/units/number.h"
#include "base/units/parse.h"
#include "base/words/say.h"
#include "bench/readings.h"

namespace sangre {
namespace {

Words amount(ReadingUnit unit, double v) {
    switch (unit) {
        case ReadingUnit::ohm:
            return format(Ohm(v));
        case ReadingUnit::volt:
            return compose("{} V", format_number(v, v >= 10 ? 4 : 3));
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

tl::expected<Measured, Words> read_meter(const Reading& r, const std::string& typed,
                                         const std::string& when) {
    Measured m;
    m.when = when;
    const auto words = lower(typed);
    m.open = words == "ol" || words == "open" || words == "o.l" || words == "∞";
    if (m.open) return m;
    const auto [dimension, unit] = r.unit == ReadingUnit::ohm    ? std::pair{Dimension::resistance, "Ω"}
                                   : r.unit == ReadingUnit::volt ? std::pair{Dimension::voltage, "V"}
                                                                 : std::pair{Dimension::current, "A"};
    const auto value = parse_value(typed, dimension, unit);
    if (!value) return tl::unexpected(value.error().message);
    m.value = *value;
    return m;
}

Words record_text(const Reading& r, const Measured& m) {
    const auto verdict = judge(r, m);
    if (verdict == Verdict::missing)
        return say("{title} ({state}): {value}, nothing to hold it against", r.title, r.state,
                   value_text(r, m));
    return say("{title} ({state}): {value}, {inside|inside|outside} {window}", r.title, r.state,
               value_text(r, m), verdict == Verdict::pass, window_text(r));
}

Words window_text(const Reading& r) {
    if (std::isnan(r.low)) return "—";
    if (std::isinf(r.high)) return "> " + amount(r.unit, r.low);
    if (r.low <= 0) return "< " + amount(r.unit, r.high);
    return format_range(amount(r.unit, r.low), amount(r.unit, r.high));
}

Words value_text(const Reading& r, const Measured& m) { return m.open ? "open" : amount(r.unit, m.value); }

namespace {

using Suspects = std::vector<Words>;

bool charged(const Catalogue& catalogue, const Source& pack) {
    const auto* c = find(catalogue.chemistries, pack.chemistry);
    return !c || c->charge_c > 0;
}

Suspects of_source(const Plan& plan, const Catalogue& catalogue, const Reading& r, bool low) {
    const auto* source = by_id(plan.sources, r.about);
    const Words meter = say("The meter's range or its battery");
    switch (source ? source->kind : SourceKind::pack) {
        case SourceKind::circuit:
            return low ? Suspects{say("The other contact of the slot is the live side"),
                                  say("The key is off, or it is another circuit"),
                                  say("The black probe is not on bare metal")}
                       : Suspects{say("The engine runs and charges: see again with it off"), meter};
        case SourceKind::supply:
            return low ? Suspects{say("It is not plugged in, or in current limit: disconnect everything from "
                                      "it"),
                                  say("Another supply than the plan's: read its plate")}
                       : Suspects{say("Another supply than the plan's: read its plate"), meter};
        case SourceKind::panel:
            return low ? Suspects{say("It is in the shade, or not square to the light"),
                                  say("A plug of its lead that is not pushed home")}
                       : Suspects{say("Another panel than the plan's: read its plate"),
                                  say("It is cold and in full sun: that adds a tenth")};
        case SourceKind::pack:
            break;
    }
    const bool cells = source && !charged(catalogue, *source);
    if (low)
        return {cells ? say("Spent cells: fit fresh ones, all of one kind")
                      : say("The pack is empty: charge it first"),
                cells ? say("A cell the wrong way round, or a contact that does not touch")
                      : say("A fuse open inside it, or a poor plug")};
    return {cells ? say("Fresh cells: they fall in the first minutes of work")
                  : say("Just off the charger: it falls within the hour"),
            meter};
}

/// What feeds the plan may itself be low, each kind of source in its words.
void add_sources(const Plan& plan, const Catalogue& catalogue, Suspects& list) {
    const auto words = [&](const Source& s) -> Words {
        switch (s.kind) {
            case SourceKind::circuit:
                return say("The tapped circuit is off or low: measure it first");
            case SourceKind::supply:
                return say("The supply is off or in current limit: measure it first");
            case SourceKind::panel:
                return say("Too little light on the panel: measure it first");
            case SourceKind::pack:
                break;
        }
        return charged(catalogue, s) ? say("The pack is empty: measure its rest voltage first")
                                     : say("Spent cells: measure their rest voltage first");
    };
    for (const auto& s : plan.sources)
        if (auto w = words(s); std::find(list.begin(), list.end(), w) == list.end())
            list.push_back(std::move(w));
}

Suspects of_module(const Plan& plan, const Catalogue& catalogue, bool low) {
    if (!low)
        return {say("The module is set too high: stop before connecting its loads"),
                say("The meter's range or its battery")};
    Suspects list{say("The module is set too low, or not fed"), say("A fuse open or left out on the way")};
    add_sources(plan, catalogue, list);
    return list;
}

Suspects of_plug(const Plan& plan, const Catalogue& catalogue, bool running, bool low) {
    if (!low) return {say("The wrong rail here"), say("The meter's range or its battery")};
    Suspects list;
    if (running) list.emplace_back(say("A poor joint or too thin a wire: compare empty and running"));
    list.emplace_back(say("A fuse open or left out on the way"));
    list.emplace_back(say("An open return: measure from its − to the hub's −"));
    add_sources(plan, catalogue, list);
    return list;
}

}  // namespace

std::vector<Words> suspects(const Plan& plan, const Catalogue& catalogue, const Reading& r, Verdict verdict) {
    if (!outside(verdict)) return {};
    const bool low = verdict == Verdict::low;
    switch (r.of) {
        case ReadingOf::lead:
            return {say("A joint that does not conduct: cold, or insulation under the screw"),
                    say("A clip left out, or a switch off"), say("A pin pushed back in its housing")};
        case ReadingOf::core:
            return {say("A pin that did not latch, pushed back by its partner"),
                    say("The cores are in another order at the far end")};
        case ReadingOf::core_out:
            return {say("The core is still in: pull its contact out of both housings")};
        case ReadingOf::bus_pair:
            return low ? Suspects{say("A third resistor somewhere: boards often have their own"),
                                  say("H and L touch each other")}
                       : Suspects{say("One of the two resistors is missing: 120 Ω"),
                                  say("A core of the pair does not reach the far end")};
        case ReadingOf::short_closed:
        case ReadingOf::short_open:
            return {say("A short: bare strands, a solder bridge or swapped leads"),
                    say("A capacitor is still charging: wait and measure again")};
        case ReadingOf::source:
            return of_source(plan, catalogue, r, low);
        case ReadingOf::source_off:
            return {say("It is live without the key: tap another, or say that it always is"),
                    say("Some circuits stay live for minutes after the key is off: wait and measure again")};
        case ReadingOf::module:
            return of_module(plan, catalogue, low);
        case ReadingOf::plug_empty:
        case ReadingOf::plug_running:
            return of_plug(plan, catalogue, r.of == ReadingOf::plug_running, low);
        case ReadingOf::behind_switch:
            return {say("A switch or relay that does not open"),
                    say("Another way round it: a second feed, or a bridge")};
        case ReadingOf::standing:
            return low ? Suspects{say("An always-on load is not connected or its fuse is out")}
                       : Suspects{say("A load that should be off is on"),
                                  say("A module that draws more at rest than its sheet says"),
                                  say("A reversed part leaking")};
        case ReadingOf::thermal:
            return low ? Suspects{say("The other kind: one that closes where this one opens"),
                                  say("Something else joins its two contacts: open its feed")}
                       : Suspects{say("The other kind: one that opens where this one closes"),
                                  say("It has not reached its temperature yet: go on slowly, it lags by a "
                                      "minute")};
        case ReadingOf::igniter:
            return low ? Suspects{say("A short in it or in its leads: it will not fire"),
                                  say("Another one than the plan's: read its sheet")}
                       : Suspects{say("Its bridge wire is broken: take another"),
                                  say("Another one than the plan's: read its sheet")};
        case ReadingOf::passive:
            return low ? Suspects{say("A short in its lead, or a strand across two terminals"),
                                  say("Another part than the plan's: read its sheet")}
                       : Suspects{say("A core of its lead that does not reach it: beep the lead alone"),
                                  say("It is the other way round, or not pressed home"),
                                  say("Another part than the plan's: read its sheet")};
        case ReadingOf::own:
            return {low ? say("Lower than expected") : say("Higher than expected"),
                    say("The meter's range or its battery")};
    }
    return {};
}

}  // namespace sangre
