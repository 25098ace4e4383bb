#include "output/files/report.h"

#include <cmath>
#include <nlohmann/json.hpp>

namespace sangre {
namespace {

using ordered = nlohmann::ordered_json;

const char* word(Severity s) {
    return s == Severity::danger ? "danger" : s == Severity::caution ? "caution" : "note";
}
const char* word(FaultOutcome o) {
    switch (o) {
        case FaultOutcome::opens:
            return "opens";
        case FaultOutcome::hurts:
            return "hurts";
        case FaultOutcome::never_opens:
            return "never-opens";
        case FaultOutcome::limited:
            return "limited";
        case FaultOutcome::unknown:
            break;
    }
    return "unknown";
}

/// JSON has no infinity and no NaN: what never happens, and what is not known, is null.
ordered finite(double v) { return std::isfinite(v) ? ordered(v) : ordered(); }
template <class Quantity>
ordered number(Quantity q) {
    return finite(raw(q));
}

ordered network(const Plan& plan, const Study& s) {
    const auto& p = s.now;
    const auto& c = s.solver->circuit();
    ordered n{{"found", p.found},
              {"iterations", p.iterations},
              {"residual_A", finite(p.residual)},
              {"scale_A", p.scale}};
    for (size_t i = 0; i < c.nodes.size(); ++i)
        n["nodes"].push_back({{"name", c.nodes[i]}, {"V", finite(p.node_volts[i])}});
    n["elements"] = ordered::array();
    const auto element = [&](const std::string& id, int from, int to, double amps) {
        n["elements"].push_back({{"of", id}, {"from", from}, {"to", to}, {"A", finite(amps)}});
    };
    for (size_t b = 0; b < c.branches.size(); ++b)
        element(c.branches[b].feed < plan.feeds().size() ? plan.feeds()[c.branches[b].feed].id : "frame",
                c.branches[b].a, c.branches[b].b, p.branch_amps[b]);
    for (size_t i = 0; i < c.sources.size(); ++i)
        element(plan.sources[i].id, c.sources[i].negative, c.sources[i].positive, raw(p.sources[i].amps));
    for (size_t i = 0; i < c.loads.size(); ++i)
        element(plan.loads[i].id, c.loads[i].positive, c.loads[i].negative, raw(p.loads[i].amps));
    for (size_t i = 0; i < c.converter_in.size(); ++i) {
        element(plan.converters[i].id, c.converter_in[i].positive, c.converter_in[i].negative,
                raw(p.converters[i].in_amps));
        element(plan.converters[i].id, c.converter_out[i].negative, c.converter_out[i].positive,
                raw(p.converters[i].out_amps));
    }
    for (size_t i = 0; i < c.coils.size(); ++i)
        element(c.coils[i].device, c.coils[i].across.positive, c.coils[i].across.negative, raw(p.coils[i]));
    for (const auto& b : p.brown_outs)
        n["brown_outs"].push_back(
            {{"load", plan.loads[b.load].id}, {"gets_V", number(b.gets)}, {"needs_V", number(b.needs)}});
    return n;
}

}  // namespace

std::string study_to_json(const Plan& plan, const Study& s) {
    const auto* phase = phase_of(plan, s.conditions);
    ordered out{{"format", "sangre-study"}, {"version", 1}, {"plan", plan.name}};
    out["conditions"] = {{"phase", phase ? ordered(phase->id) : ordered()},
                         {"charge", s.conditions.charge},
                         {"air_C", number(s.conditions.air)},
                         {"worst", s.conditions.worst}};
    out["network"] = network(plan, s);
    if (const auto missing = unknown_figures(plan, s); !missing.empty()) out["error"] = missing;
    out["feeds"] = ordered::array();
    for (size_t i = 0; i < plan.feeds().size(); ++i) {
        const auto& f = s.now.feeds[i];
        const auto& x = s.worst.feeds[i];
        const auto& p = s.protection[i];
        out["feeds"].push_back({{"id", plan.feeds()[i].id},
                                {"wire", plan.feeds()[i].wire},
                                {"length_m", number(s.harness.routes[i].length)},
                                {"cut_m", number(s.harness.routes[i].cut)},
                                {"fuse_A", p.inherited || !p.family ? ordered() : number(p.rating)},
                                {"now",
                                 {{"A", number(f.supply)},
                                  {"V_end", number(f.at_end)},
                                  {"drop_V", number(f.drop)},
                                  {"heat_W", number(f.heat)}}},
                                {"worst",
                                 {{"continuous_A", number(x.continuous)},
                                  {"peak_A", number(x.peak)},
                                  {"drop_share", x.drop_share},
                                  {"warmest_C", number(p.warmest)},
                                  {"day_warmest_C", number(s.wire_day()[i].hottest)},
                                  {"ampacity_A", number(p.ampacity)}}},
                                {"short",
                                 {{"outcome", word(p.fault.outcome)},
                                  {"A", number(p.fault.current)},
                                  {"s", number(p.fault.time)},
                                  {"wire_C", number(p.fault.wire)}}}});
    }
    out["loads"] = ordered::array();
    for (size_t i = 0; i < plan.loads.size(); ++i) {
        const auto& l = s.now.loads[i];
        out["loads"].push_back(
            {{"id", plan.loads[i].id},
             {"V", number(l.volts)},
             {"A", number(l.amps)},
             {"W", number(l.watts)},
             {"lowest_V", number(s.worst.loads[i].lowest)},
             {"highest_V", number(s.worst.loads[i].highest)},
             {"Wh_per_day",
              i < s.mission.load_energy.size() ? number(s.mission.load_energy[i]) : ordered()}});
    }
    out["converters"] = ordered::array();
    for (size_t i = 0; i < plan.converters.size(); ++i) {
        const auto& k = s.now.converters[i];
        out["converters"].push_back({{"id", plan.converters[i].id},
                                     {"in_V", number(k.in)},
                                     {"in_A", number(k.in_amps)},
                                     {"out_V", number(k.out)},
                                     {"out_A", number(k.out_amps)},
                                     {"heat_W", number(k.heat)},
                                     {"window_low_V", number(s.windows[i].low)},
                                     {"window_high_V", number(s.windows[i].high)}});
    }
    out["mission"] = {{"run_time_s", number(s.mission.run_time)},
                      {"lasts_the_day", s.mission.lasts},
                      {"lowest_charge", s.mission.lowest_charge},
                      {"day_Wh", number(s.mission.day_energy)},
                      {"standby_days", s.mission.standby_days}};
    out["totals"] = {{"drawn_W", number(s.now.drawn)},
                     {"wire_heat_W", number(s.now.wire_heat)},
                     {"converter_heat_W", number(s.now.converter_heat)},
                     {"coil_heat_W", number(s.now.coil_heat)},
                     {"mass_g", number(s.mass)},
                     {"worst_drop_share", s.worst.worst_drop_share}};
    out["findings"] = ordered::array();
    for (const auto& f : s.findings) {
        ordered fixes = ordered::array();
        for (const auto& x : f.fixes) fixes.push_back(x.label);
        out["findings"].push_back({{"severity", word(f.severity)},
                                   {"rule", f.rule},
                                   {"about", f.about},
                                   {"sentence", f.sentence},
                                   {"fixes", fixes}});
    }
    return out.dump(1) + "\n";
}

std::string tolerance_to_json(const Plan& plan, const Phase& phase, const ToleranceStudy& t) {
    const auto range = [](const Range& r) {
        return ordered{
            {"p5", r.low}, {"p50", r.middle}, {"p95", r.high}, {"moved_most_by", spread_name(r.most())}};
    };
    ordered out{{"format", "sangre-tolerance"},
                {"version", 1},
                {"plan", plan.name},
                {"phase", phase.id},
                {"draws", t.draws},
                {"failed", t.failed}};
    out["battery_A"] = range(t.battery_amps), out["battery_V"] = range(t.battery_volts);
    // What does not run empty has none.
    out["run_time_h"] = has_packs(plan) ? range(t.run_hours) : ordered();
    out["loads"] = ordered::array(), out["feeds"] = ordered::array();
    for (size_t i = 0; i < t.load_volts.size(); ++i)
        out["loads"].push_back(
            {{"id", plan.loads[i].id}, {"V", range(t.load_volts[i])}, {"browns_out_share", t.browns_out[i]}});
    for (size_t i = 0; i < t.feed_drop.size(); ++i)
        out["feeds"].push_back({{"id", plan.feeds()[i].id}, {"drop_V", range(t.feed_drop[i])}});
    return out.dump(2) + "\n";
}

}  // namespace sangre
