#include "catalogue/entries.h"

#include <fmt/format.h>

#include <algorithm>
#include <stdexcept>

#include "base/words/say.h"
#include "physics/wire/conductor.h"

namespace sangre {
namespace {

template <class Quantity>
Quantity as(const Value& j, const char* key) {
    return Quantity(j.at(key).get<double>());
}
Term term(const Value& j, const char* key) { return Term(j.at(key).get<std::string>()); }
std::string text(const Value& j, const char* key) { return j.value(key, std::string()); }

/// One of the words a key may have; the schema has seen to it that it is one.
template <class Word>
Word one_of(const Value& j, const char* key, std::initializer_list<std::pair<const char*, Word>> words) {
    const auto said = j.value(key, std::string(words.begin()->first));
    for (const auto& [name, word] : words)
        if (said == name) return word;
    throw std::runtime_error(say("{key}: “{word}” is not known", key, said));
}

std::string gauge_name(int gauge) {
    return gauge > 0 ? fmt::format("{} AWG", gauge) : fmt::format("{}/0 AWG", 1 - gauge);
}

JointEnd joint_end(const Value& j, const char* key) {
    return one_of<JointEnd>(j, key,
                            {{"splice", JointEnd::splice},
                             {"branch", JointEnd::branch},
                             {"pigtail", JointEnd::pigtail},
                             {"stud", JointEnd::stud},
                             {"cup", JointEnd::cup},
                             {"pad", JointEnd::pad},
                             {"lug", JointEnd::lug},
                             {"housing", JointEnd::housing},
                             {"screw", JointEnd::screw},
                             {"blade", JointEnd::blade},
                             {"plug", JointEnd::plug}});
}

}  // namespace

void read(const Value& j, Insulation& i) {
    i.name = term(j, "name");
    i.max = as<Celsius>(j, "max_C"), i.damage = as<Celsius>(j, "damage_C");
    i.conductivity = j.at("conductivity_W_per_mK"), i.density = j.at("density_g_per_cm3");
}

void read(const Value& j, WireType& w) {
    w.insulation = j.at("insulation");
    w.conductor = as<Millimetre>(j, "conductor_mm"), w.outer = as<Millimetre>(j, "outer_mm");
    w.strands = j.at("strands"), w.gram_per_m = j.at("mass_g_per_m");
    w.cost = j.value("cost_per_m", 0.0);
    w.material = one_of<Conductor>(j, "material",
                                   {{"copper", Conductor::copper},
                                    {"tinned", Conductor::tinned},
                                    {"copper-clad-aluminium", Conductor::copper_clad_aluminium}});
    w.metric = j.contains("area_mm2");
    // PTFE comes tinned; odd gauges are rare.
    w.usual = w.strands > 1 && (w.material == Conductor::copper || w.insulation == "ptfe-200") &&
              (w.metric || j.at("awg").get<int>() <= 0 || j.at("awg").get<int>() % 2 == 0);
    if (w.outer <= w.conductor) throw std::runtime_error("/outer_mm: not larger than conductor_mm");
    if (w.metric) {
        w.area = as<SquareMillimetre>(j, "area_mm2");
        w.size = fmt::format("{} mm²", j.at("area_mm2").get<double>());
        w.ohm_per_m = j.at("max_resistance_ohm_per_km").get<double>() / 1e3;
        return;
    }
    const int gauge = j.at("awg");
    w.area = awg_area(gauge);
    w.size = gauge_name(gauge);
    w.ohm_per_m =
        resistance_per_metre(w.area, w.strands == 1 ? Stranding::solid : Stranding::stranded, w.material);
}

void read(const Value& j, FuseFamily& f) {
    f.name = term(j, "name");
    for (const double r : j.at("ratings_A")) f.ratings.emplace_back(r);
    std::sort(f.ratings.begin(), f.ratings.end());
    f.voltage = as<Volt>(j, "voltage_V"), f.breaking = as<Ampere>(j, "breaking_A");
    for (const auto& g : j.at("gates")) {
        f.gates.push_back({g.at("multiple"), as<Second>(g, "fastest_s"), as<Second>(g, "slowest_s")});
        const auto& gate = f.gates.back();
        if (gate.fastest > gate.slowest)
            throw std::runtime_error(
                fmt::format("/gates/{}: fastest_s is over slowest_s", f.gates.size() - 1));
        if (f.gates.size() > 1 && gate.multiple <= f.gates[f.gates.size() - 2].multiple)
            throw std::runtime_error(fmt::format("/gates/{}: multiples must rise", f.gates.size() - 1));
    }
    f.action = one_of<FuseAction>(j, "action",
                                  {{"fuse", FuseAction::fuse},
                                   {"breaker", FuseAction::breaker},
                                   {"resettable", FuseAction::resettable}});
    f.mount = one_of<FuseMount>(j, "mount",
                                {{"holder", FuseMount::holder},
                                 {"bolted", FuseMount::bolted},
                                 {"leads", FuseMount::leads},
                                 {"panel", FuseMount::panel}});
    f.continuous_share = j.at("continuous_share"), f.derate_per_kelvin = j.at("derate_per_K");
    f.cold_ohm = j.value("cold_ohm_at_1A", f.cold_ohm);
    f.cold_exponent = j.value("cold_exponent", f.cold_exponent);
    f.hottest = Celsius(j.value("hottest_C", raw(f.hottest)));
    f.passes = as<Millimetre>(j, "passes_mm"), f.mass = as<Gram>(j, "mass_g"), f.cost = j.at("cost");
}

void read(const Value& j, HolderType& h) {
    h.name = term(j, "name"), h.takes = j.at("takes");
    h.ways = j.value("ways", 0);
    if (h.ways > 0)
        h.each = as<Ampere>(j, "each_A"), h.all = as<Ampere>(j, "all_A"),
        h.voltage = as<Volt>(j, "voltage_V");
    else
        h.lead = j.at("lead"), h.lead_length = as<Metre>(j, "lead_m");
    h.passes = as<Millimetre>(j, "passes_mm"), h.opened = Millimetre(j.value("opened_mm", 0.0));
    h.tap = j.value("tap", false);
    if (h.opened > h.passes) throw std::runtime_error("/opened_mm: over passes_mm");
    h.mass = as<Gram>(j, "mass_g"), h.cost = j.at("cost");
}

void read(const Value& j, Chemistry& c) {
    c.short_name = Term(j.value("short", j.at("name").get<std::string>()));
    c.name = term(j, "name");
    c.full = as<Volt>(j, "full_V"), c.nominal = as<Volt>(j, "nominal_V");
    c.cutoff = as<Volt>(j, "cutoff_V"), c.charge = as<Volt>(j, "charge_V");
    c.mohm_ah = j.at("resistance_mohm_Ah"), c.max_c = j.at("max_C_rate");
    c.burst_c = j.value("burst_C_rate", 1.5 * c.max_c), c.usable = j.value("usable_share", c.usable);
    c.cold_factor = j.at("resistance_factor_0C"), c.cold_capacity = j.at("capacity_factor_0C");
    c.wh_per_kg = j.at("specific_energy_Wh_per_kg");
    c.peukert = j.at("peukert"), c.rated_hours = j.at("rated_hours");
    c.self_discharge = j.at("self_discharge_per_month"), c.growth_empty = j.at("resistance_growth_empty");
    c.charge_c = j.at("charge_C_rate"), c.cost_per_kwh = j.at("cost_per_kWh"), c.cycles = j.at("cycles");
    for (size_t i = 0; i < c.rest.size(); ++i) {
        c.rest[i] = Volt(j.at("rest_V_by_10_percent").at(i).get<double>());
        if (i > 0 && c.rest[i] < c.rest[i - 1])
            throw std::runtime_error(fmt::format("/rest_V_by_10_percent/{}: falls as charge grows", i));
    }
    c.plates_when_cold = j.value("plates_when_cold", false);
    c.caution = said(text(j, "caution"));
}

void read(const Value& j, CellType& c) {
    c.name = term(j, "name"), c.chemistry = j.at("chemistry"), c.series = j.at("series");
    c.capacity = as<AmpereHour>(j, "capacity_Ah"), c.max = as<Ampere>(j, "max_A");
    c.resistance = Ohm(j.at("resistance_mohm").get<double>() / 1e3);
    c.burst = Ampere(j.value("burst_A", 1.5 * raw(c.max)));
    c.form = one_of<CellForm>(j, "form",
                              {{"round", CellForm::round},
                               {"pouch", CellForm::pouch},
                               {"prismatic", CellForm::prismatic},
                               {"block", CellForm::block},
                               {"board", CellForm::board}});
    c.mass = as<Gram>(j, "mass_g"), c.cost = j.at("cost");
}

void read(const Value& j, ConverterType& c) {
    c.name = term(j, "name");
    c.kind = one_of<ConverterKind>(j, "kind",
                                   {{"buck", ConverterKind::buck},
                                    {"boost", ConverterKind::boost},
                                    {"buck-boost", ConverterKind::buck_boost},
                                    {"linear", ConverterKind::linear}});
    c.in_min = as<Volt>(j, "in_min_V"), c.in_max = as<Volt>(j, "in_max_V");
    c.out_min = as<Volt>(j, "out_min_V"), c.out_max = as<Volt>(j, "out_max_V");
    if (c.in_min > c.in_max) throw std::runtime_error("/in_min_V: over in_max_V");
    if (c.out_min > c.out_max) throw std::runtime_error("/out_min_V: over out_max_V");
    c.rated = as<Ampere>(j, "rated_A"), c.trusted = j.at("trusted_share");
    c.efficiency = j.at("efficiency"), c.quiescent = as<Ampere>(j, "quiescent_A");
    c.dropout = as<Volt>(j, "dropout_V"), c.tolerance = j.at("tolerance");
    c.thermal = j.at("thermal_K_per_W"), c.hottest = as<Celsius>(j, "hottest_C");
    c.restart = j.at("restart_share"), c.input_capacitance = Farad(j.value("input_F", 0.0));
    c.module = j.value("module", true);
    c.width = Millimetre(j.value("width_mm", 0.0)), c.height = Millimetre(j.value("height_mm", 0.0));
    c.mass = as<Gram>(j, "mass_g"), c.cost = j.at("cost");
}

void read(const Value& j, ConnectorType& c) {
    c.name = term(j, "name"), c.rated = as<Ampere>(j, "rated_A"), c.voltage = as<Volt>(j, "voltage_V");
    c.smallest = as<SquareMillimetre>(j, "smallest_mm2"), c.largest = as<SquareMillimetre>(j, "largest_mm2");
    c.contact = as<Ohm>(j, "contact_ohm"), c.passes = as<Millimetre>(j, "passes_mm");
    c.width = as<Millimetre>(j, "width_mm"), c.poles = j.at("poles"), c.mating_cycles = j.at("mating_cycles");
    c.keyed = j.at("keyed"), c.sealed = j.at("sealed"), c.anti_spark = j.at("anti_spark");
    c.breaks = as<Ampere>(j, "breaks_A"), c.hottest = Celsius(j.value("hottest_C", raw(c.hottest)));
    c.plug = j.value("plug", true), c.pack = j.value("pack", false);
    c.mass = as<Gram>(j, "mass_g"), c.cost = j.at("cost");
}

void read(const Value& j, SwitchType& s) {
    s.name = term(j, "name"), s.rated = as<Ampere>(j, "rated_A"), s.breaks = as<Volt>(j, "breaks_V");
    s.contact = as<Ohm>(j, "contact_ohm"), s.hottest = Celsius(j.value("hottest_C", raw(s.hottest)));
    s.kind = one_of<SwitchKind>(j, "kind",
                                {{"switch", SwitchKind::manual},
                                 {"relay", SwitchKind::relay},
                                 {"loop", SwitchKind::loop},
                                 {"isolator", SwitchKind::isolator},
                                 {"electronic", SwitchKind::electronic},
                                 {"thermal", SwitchKind::thermal}});
    s.cutout = Millimetre(j.value("cutout_mm", 0.0)), s.behind = Millimetre(j.value("behind_mm", 0.0));
    if (j.contains("coil_V")) s.coil = as<Volt>(j, "coil_V"), s.coil_current = Ampere(j.value("coil_A", 0.0));
    if (j.contains("opens_above_C")) s.opens_above = as<Celsius>(j, "opens_above_C");
    if (j.contains("closes_above_C")) s.closes_above = as<Celsius>(j, "closes_above_C");
    if (j.contains("ends")) s.ends = joint_end(j, "ends");
    s.live_case = j.value("live_case", false);
    s.mass = as<Gram>(j, "mass_g"), s.cost = j.at("cost");
}

void read(const Value& j, Sundry& s) { s.name = term(j, "name"), s.cost = j.at("cost"); }

void read(const Value& j, TubeSize& t) {
    t.name = term(j, "name"), t.adhesive = j.at("adhesive"), t.cost = j.value("cost_per_m", 0.0);
    t.expanded = as<Millimetre>(j, "expanded_mm"), t.recovered = as<Millimetre>(j, "recovered_mm");
    if (t.recovered >= t.expanded) throw std::runtime_error("/recovered_mm: not smaller than expanded_mm");
}

void read(const Value& j, JointKind& k) {
    k.name = term(j, "name");
    k.method = one_of<JointMethod>(j, "method",
                                   {{"solder", JointMethod::solder},
                                    {"crimp", JointMethod::crimp},
                                    {"screw", JointMethod::screw},
                                    {"lever", JointMethod::lever},
                                    {"plugged", JointMethod::plugged}});
    k.end = joint_end(j, "end");
    k.strip = as<Millimetre>(j, "strip_mm"), k.overlap = as<Millimetre>(j, "overlap_mm");
    k.strip_conductors = j.value("strip_conductors", 0.0), k.tug_newton = j.value("tug_N", k.tug_newton);
    k.tug_after = j.value("tug_after", -1), k.tip = Millimetre(j.value("tip_mm", 0.0));
    k.iron = as<Celsius>(j, "iron_C"), k.dwell = as<Second>(j, "dwell_s");
    k.least = SquareMillimetre(j.value("least_mm2", raw(k.least)));
    k.most = SquareMillimetre(j.value("most_mm2", raw(k.most)));
    if (k.least > k.most) throw std::runtime_error("/least_mm2: larger than most_mm2");
    k.rated = Ampere(j.value("rated_A", 0.0)), k.hottest = Celsius(j.value("hottest_C", raw(k.hottest)));
    k.part = text(j, "part"), k.heat = said(text(j, "heat")), k.flux = said(text(j, "flux")),
    k.solder = said(text(j, "solder"));
    k.resistance = as<Ohm>(j, "resistance_ohm"), k.tube = j.at("tube"), k.minutes = j.at("minutes");
    k.tools = j.at("tools").get<std::vector<std::string>>();
    k.actions = said_each(j.at("actions").get<std::vector<std::string>>());
    k.caution = said(text(j, "caution"));
}

void read(const Value& j, InlinePart& p) {
    p.name = term(j, "name");
    p.kind = one_of<InlineKind>(j, "kind",
                                {{"diode", InlineKind::diode},
                                 {"filter", InlineKind::filter},
                                 {"shunt", InlineKind::shunt},
                                 {"meter", InlineKind::meter},
                                 {"precharge", InlineKind::precharge}});
    p.resistance = as<Ohm>(j, "resistance_ohm"), p.rated = as<Ampere>(j, "rated_A");
    p.voltage = as<Volt>(j, "voltage_V"), p.forward = Volt(j.value("forward_V", 0.0));
    p.inductance = Henry(j.value("inductance_H", 0.0)), p.capacitance = Farad(j.value("capacitance_F", 0.0));
    p.saturation = Ampere(j.value("saturation_A", 0.0));
    if (j.contains("ends")) p.ends = joint_end(j, "ends");
    p.lead = text(j, "lead"), p.lead_length = Metre(j.value("lead_m", 0.0));
    p.bore = Millimetre(j.value("bore_mm", 0.0));
    p.mass = as<Gram>(j, "mass_g"), p.cost = j.at("cost");
}

void read(const Value& j, FittingType& f) {
    f.name = term(j, "name");
    f.kind = one_of<FittingKind>(j, "kind",
                                 {{"grommet", FittingKind::grommet},
                                  {"gland", FittingKind::gland},
                                  {"braid", FittingKind::braid},
                                  {"tie", FittingKind::tie},
                                  {"spacer", FittingKind::spacer},
                                  {"clamp", FittingKind::clamp},
                                  {"comb", FittingKind::comb},
                                  {"cord", FittingKind::cord},
                                  {"glue", FittingKind::glue},
                                  {"boot", FittingKind::boot}});
    f.least = Millimetre(j.value("least_mm", 0.0)), f.most = as<Millimetre>(j, "most_mm");
    if (f.least > f.most) throw std::runtime_error("/least_mm: larger than most_mm");
    f.hole = Millimetre(j.value("hole_mm", 0.0)), f.thread = Millimetre(j.value("thread_mm", 0.0)),
    f.wall = Millimetre(j.value("wall_mm", 0.0));
    f.hottest = Celsius(j.value("hottest_C", raw(f.hottest)));
    f.mass = as<Gram>(j, "mass_g"), f.cost = j.at("cost");
}

void read(const Value& j, CrimpPart& c) {
    c.name = term(j, "name"), c.part = j.at("part");
    c.least = as<SquareMillimetre>(j, "least_mm2"), c.most = as<SquareMillimetre>(j, "most_mm2");
    if (c.least > c.most) throw std::runtime_error("/least_mm2: larger than most_mm2");
    c.grip_least = Millimetre(j.value("grip_least_mm", 0.0));
    c.grip_most = Millimetre(j.value("grip_most_mm", 0.0));
    if (c.grip_least > c.grip_most) throw std::runtime_error("/grip_least_mm: larger than grip_most_mm");
    if (j.contains("studs_mm"))
        for (const auto& stud : j.at("studs_mm")) c.studs.emplace_back(static_cast<double>(stud));
    c.hottest = Celsius(j.value("hottest_C", raw(c.hottest)));
    c.mass = as<Gram>(j, "mass_g"), c.cost = j.at("cost");
}

void read(const Value& j, SupplyType& s) {
    s.name = term(j, "name"), s.panel = j.value("panel", false);
    s.v_min = Volt(j.value("min_V", 0.0)), s.v_max = Volt(j.value("max_V", 0.0));
    s.rated = Ampere(j.value("rated_A", 0.0)), s.power = Watt(j.value("power_W", 0.0));
    if (s.v_min > s.v_max) throw std::runtime_error("/min_V: over max_V");
    if (s.panel ? raw(s.power) <= 0 : raw(s.v_max) <= 0 || raw(s.rated) <= 0)
        throw std::runtime_error(s.panel ? "/power_W: missing" : "/max_V and /rated_A: missing");
    s.mass = as<Gram>(j, "mass_g"), s.cost = j.at("cost");
}

}  // namespace sangre
