#include "calc.h"

#include <fmt/format.h>

#include <iostream>
#include <nlohmann/json.hpp>

#include "base/units/parse.h"
#include "output/calc/calc.h"

namespace {

using namespace sangre;

constexpr double most_asked = 1e6;  // of any unit: beyond is a slip of the hand

/// Takes what is typed for an option into a quantity. F, H and Hz are no dimensions of the parser: prefixes
/// alone.
struct Values {
    CLI::App* app;

    template <class Set>
    void text(const char* name, const char* what, Set set) {
        app->add_option_function<std::string>(name, set, what);
    }
    template <class Q>
    void quantity(const char* name, Q& into, Dimension dimension, const char* unit, const char* what) {
        text(name, what, [&into, dimension, unit, name](const std::string& typed) {
            const auto v = parse_value(typed, dimension, unit);
            if (!v) throw BadOption{fmt::format("{} {}: {}", name, typed, v.error().message)};
            if (dimension != Dimension::temperature && (*v < 0 || *v > most_asked))
                throw BadOption{
                    fmt::format("{} {}: from 0 to {} {} is expected", name, typed, most_asked, unit)};
            if constexpr (std::is_same_v<Q, Millimetre>)
                into = Metre(*v);
            else
                into = Q(*v);
        });
    }
};

int print(const Answer& answer, bool json, const std::string& question) {
    if (!answer) {
        fmt::print(stderr, "sangre-cli: {}\n", answer.error());
        return 2;
    }
    if (json) {
        nlohmann::ordered_json out{{"question", question}, {"answer", answer->answer}};
        for (const auto& [name, value] : answer->values) out["values"][name] = value;
        for (const auto& line : answer->why.lines) out["arithmetic"].push_back(line.text);
        out["source"] = answer->why.source;
        std::cout << out.dump(2) << "\n";
        return 0;
    }
    fmt::print("{}\n", answer->answer);
    for (const auto& line : answer->why.lines) fmt::print("  {}\n", line.text);
    if (!answer->why.source.empty()) fmt::print("  source: {}\n", answer->why.source);
    if (!answer->why.caution.empty()) fmt::print("  ! {}\n", answer->why.caution);
    return 0;
}

}  // namespace

void add_calc(CLI::App& app, std::function<int()>& run, const std::function<Catalogue()>& catalogue) {
    auto* calc = app.add_subcommand("calc", "one question: answer first, then the arithmetic");
    calc->require_subcommand(1);
    // The questions outlive this function: the callbacks of their options fill them.
    struct Questions {
        WireQuestion wire;
        FuseQuestion fuse;
        ShortQuestion bolted;
        TubeQuestion tube;
        BatteryQuestion battery;
        FilterQuestion filter;
        std::vector<std::string> bundles;
        Volt volts{};
        Farad capacitance{};
        Ohm loop{0.02};
        Second within{2};
        bool json = false;
    };
    auto q = std::make_shared<Questions>();
    const auto question = [&](const char* name, const char* what, const std::function<Answer()>& ask) {
        auto* sub = calc->add_subcommand(name, what);
        sub->add_flag("--json", q->json, "for scripts");
        sub->callback([&run, q, ask, name = std::string(name)] {
            run = [q, ask, name] { return print(ask(), q->json, name); };
        });
        return Values{sub};
    };

    auto wire = question("wire", "what a wire carries, how warm it gets, what it drops",
                         [q, catalogue] { return calc_wire(catalogue(), q->wire); });
    wire.app->add_option("--size", q->wire.size, "such as \"14 AWG\" or \"1.5 mm2\"")->required();
    wire.app->add_option("--insulation", q->wire.insulation,
                         "pvc-80, pvc-105, silicone-200, xlpe-125, ptfe-200");
    wire.app->add_option("--material", q->wire.material, "copper, tinned, copper-clad-aluminium");
    wire.app->add_flag("--solid", q->wire.solid, "one strand");
    wire.quantity("--ambient", q->wire.air, Dimension::temperature, "°C", "air temperature");
    wire.quantity("--altitude", q->wire.altitude, Dimension::length, "m", "above the sea");
    wire.quantity("--sleeve", q->wire.sleeve, Dimension::length, "mm", "wall of a sleeve over it");
    wire.app->add_option("--bunch", q->wire.bunch, "circuits lying together");
    wire.app->add_option("--conductors", q->wire.conductors, "alike, in parallel");
    wire.quantity("--current", q->wire.current, Dimension::current, "A", "through it");
    wire.quantity("--length", q->wire.length, Dimension::length, "m", "one way");
    wire.quantity("--volts", q->wire.volts, Dimension::voltage, "V", "at its source");

    auto fuse = question("fuse", "when a fuse opens and what it carries",
                         [q, catalogue] { return calc_fuse(catalogue(), q->fuse); });
    fuse.app->add_option("--family", q->fuse.family, "such as standard-blade");
    fuse.quantity("--rating", q->fuse.rating, Dimension::current, "A", "printed on it");
    fuse.quantity("--current", q->fuse.current, Dimension::current, "A", "through it");
    fuse.quantity("--ambient", q->fuse.air, Dimension::temperature, "°C", "air temperature");
    fuse.quantity("--pulse", q->fuse.pulse, Dimension::time, "s", "how long the current lasts");

    auto bolted = question("short", "what a short at the far end does",
                           [q, catalogue] { return calc_short(catalogue(), q->bolted); });
    bolted.quantity("--volts", q->bolted.volts, Dimension::voltage, "V", "of the full pack");
    bolted.quantity("--source", q->bolted.source, Dimension::resistance, "Ω",
                    "resistance of the pack and what precedes");
    bolted.app->add_option("--size", q->bolted.size, "of the wire");
    bolted.app->add_option("--insulation", q->bolted.insulation, "of the wire");
    bolted.quantity("--length", q->bolted.length, Dimension::length, "m", "one way");
    bolted.app->add_option("--family", q->bolted.family, "of the fuse");
    bolted.quantity("--rating", q->bolted.rating, Dimension::current, "A", "of the fuse");
    bolted.quantity("--start", q->bolted.start, Dimension::temperature, "°C", "the wire before");

    auto tube = question("tube", "the tube that slips over and grips",
                         [q, catalogue] { return calc_tube(catalogue(), q->tube); });
    tube.quantity("--pass", q->tube.pass, Dimension::length, "mm", "the widest it must slip over");
    tube.quantity("--hold", q->tube.hold, Dimension::length, "mm", "the narrowest it must grip");
    tube.quantity("--joint", q->tube.joint, Dimension::length, "mm", "bare length to cover");
    tube.app->add_flag("--adhesive", q->tube.adhesive, "lined with glue");

    auto hole = question("hole", "the hole that a bundle passes", [q] { return calc_hole(q->bundles); });
    hole.app->add_option("BUNDLE", q->bundles, "such as 3x2.1mm 1x4.8mm")->required();

    auto battery = question("battery", "voltages, sag and run time of a pack",
                            [q, catalogue] { return calc_battery(catalogue(), q->battery); });
    battery.app->add_option("--chemistry", q->battery.chemistry,
                            "lfp, nmc, nmc-power, lipo, agm, nimh, alkaline");
    battery.app->add_option("--series", q->battery.series, "cells in series");
    battery.app->add_option("--parallel", q->battery.parallel, "strings in parallel");
    battery.quantity("--capacity", q->battery.capacity, Dimension::charge, "Ah", "of one string");
    battery.quantity("--current", q->battery.current, Dimension::current, "A", "drawn");
    battery.quantity("--ambient", q->battery.air, Dimension::temperature, "°C", "air temperature");
    battery.quantity("--charge", q->battery.charge, Dimension::ratio, "%", "state of charge");

    auto filter = question("filter", "what an LC filter keeps away", [q] { return calc_filter(q->filter); });
    filter.quantity("--inductance", q->filter.inductance, Dimension::inductance, "H", "such as 47uH");
    filter.quantity("--capacitance", q->filter.capacitance, Dimension::capacitance, "F", "such as 1000uF");
    filter.quantity("--noise", q->filter.noise, Dimension::frequency, "Hz",
                    "frequency to keep away, such as 300kHz");
    filter.quantity("--resistance", q->filter.resistance, Dimension::resistance, "Ω", "of the coil");
    filter.quantity("--esr", q->filter.esr, Dimension::resistance, "Ω", "of the capacitor");
    filter.quantity("--current", q->filter.current, Dimension::current, "A", "of the load");
    filter.quantity("--peak", q->filter.peak, Dimension::current, "A", "of the load");
    filter.quantity("--saturation", q->filter.saturation, Dimension::current, "A", "of the coil");

    auto pre = question("precharge", "the spark of plugging in, and the resistor against it",
                        [q] { return calc_precharge(q->volts, q->capacitance, q->loop, q->within); });
    pre.quantity("--volts", q->volts, Dimension::voltage, "V", "of the full pack");
    pre.quantity("--capacitance", q->capacitance, Dimension::capacitance, "F", "of all that is joined");
    pre.quantity("--loop", q->loop, Dimension::resistance, "Ω", "of pack, plug and wires");
    pre.quantity("--within", q->within, Dimension::time, "s", "how long one is willing to wait");
}
