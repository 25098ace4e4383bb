#pragma once
// The keys of a plan file, each listed once for reading and writing alike.
#include <concepts>
#include <type_traits>

#include "plan/plan.h"

namespace sangre::plan_fields {

/// That struct, to be read into or to be written as it is.
template <class T, class Struct>
concept Fields = std::same_as<std::remove_const_t<T>, Struct>;

template <class V, Fields<Seat> T>
void visit_seat(V& v, T& s) {
    v("cutout_mm", s.cutout), v("behind_mm", s.behind), v("held_by", s.hold), v("proud_mm", s.proud);
    v("points", s.points);
}
template <class V, Fields<Terminal> T>
void visit(V& v, T& t) {
    v("name", t.name), v("role", t.role), v("takes", t.takes), v("size_mm", t.size), v("along_mm", t.along);
    v("where", t.where), v("wires", t.wires);
}
template <class V, Fields<Passive> T>
void visit(V& v, T& p) {
    v("id", p.id), v("name", p.name), v("kind", p.kind), v("place", p.place);
    v("ohm", p.ohm), v("polar", p.polar), visit_seat(v, p.seat);
    v("reach", p.fixing.reach), v("stuck", p.fixing.stuck);
}
template <class V, Fields<OwnStep> T>
void visit(V& v, T& s) {
    v("id", s.id), v("title", s.title), v("actions", s.actions), v("tools", s.tools), v("caution", s.caution);
    v("after", s.after), v("before", s.before), v("minutes", s.minutes), v("wait_minutes", s.wait_minutes);
    v("undoes", s.undoes), v("picture", s.picture);
}
template <class V, Fields<AtHand> T>
void visit(V& v, T& h) {
    v("id", h.id), v("name", h.name), v("wire", h.wire), v("colour", h.colour);
    v("length_m", h.length), v("pieces", h.pieces), v("plugs", h.plugs);
}
template <class V, Fields<OwnReading> T>
void visit(V& v, T& r) {
    v("id", r.id), v("title", r.title), v("state", r.state), v("red", r.red), v("black", r.black);
    v("unit", r.unit), v("low", r.low), v("high", r.high), v("dead", r.dead);
}
template <class V, Fields<Body> T>
void visit(V& v, T& b) {
    v("id", b.id), v("name", b.name), v("material", b.material), v("sealed", b.sealed), v("in", b.in);
    v("length_mm", b.length), v("width_mm", b.width), v("height_mm", b.height), v("wall_mm", b.wall);
    v("sun", b.sun), v("vents_mm2", b.vents), v("fan_m3_h", b.fan), v("open", b.open);
}
template <class V, Fields<Place> T>
void visit(V& v, T& p) {
    v("id", p.id), v("name", p.name), v("body", p.body), v("side", p.side), v("x", p.x), v("y", p.y);
    v("under", p.under), v("tall_mm", p.tall);
}
template <class V, Fields<Opening> T>
void visit(V& v, T& o) {
    v("id", o.id), v("name", o.name), v("body", o.body), v("kind", o.kind), v("bore_mm", o.bore),
        v("already_mm", o.already), v("later_mm", o.later);
}
template <class V, Fields<OnWay> T>
void visit(V& v, T& o) {
    v("kind", o.kind), v("at_m", o.at), v("opening", o.opening), v("hot_C", o.hot);
    v("turn_deg", o.degrees), v("zone", o.zone), v("off_mm", o.off), v("radius_mm", o.radius);
}
template <class V, Fields<Side> T>
void visit(V& v, T& s) {
    v("id", s.id), v("name", s.name), v("picture", s.picture), v("across_m", s.across), v("tall", s.tall);
}
template <class V, Fields<Zone> T>
void visit(V& v, T& z) {
    v("id", z.id), v("name", z.name), v("kind", z.kind), v("side", z.side);
    v("left", z.left), v("top", z.top), v("wide", z.width), v("high", z.height);
    v("hot_C", z.hot), v("turn_deg", z.degrees);
}
template <class V, Fields<Way> T>
void visit(V& v, T& w) {
    v("id", w.id), v("from", w.from), v("to", w.to), v("length_m", w.length), v("on_it", w.on_it);
    v("drawn", w.drawn), v("bends", w.bends), v("rise_m", w.rise);
}
template <class V, Fields<Source> T>
void visit(V& v, T& b) {
    v("id", b.id), v("name", b.name), v("kind", b.kind);
    switch (b.kind) {
        case SourceKind::pack:
            v("chemistry", b.chemistry), v("series", b.series), v("parallel", b.parallel);
            v("cell_capacity_Ah", b.cell_capacity), v("cell_ohm", b.cell_resistance),
                v("max_C_rate", b.c_rate), v("burst_C_rate", b.burst_c), v("health", b.health),
                v("resistance_factor", b.resistance_factor), v("weakest_cell", b.weakest_cell),
                v("charge_behind", b.charge_behind);
            v("charger_V", b.charger), v("charger_A", b.charger_current), v("held", b.held);
            break;
        case SourceKind::supply:
            v("min_V", b.v_min), v("max_V", b.v_max), v("rated_A", b.rated), v("already_A", b.already);
            break;
        case SourceKind::circuit:
            v("min_V", b.v_min), v("max_V", b.v_max), v("fuse_A", b.fuse), v("fuse_type", b.fuse_type),
                v("already_A", b.already), v("wire_mm2", b.wire_area), v("wire_m", b.wire_length),
                v("with_key", b.with_key);
            break;
        case SourceKind::panel:
            v("min_V", b.v_min), v("max_V", b.v_max), v("power_W", b.power), v("sun_poor_h", b.sun_low),
                v("sun_good_h", b.sun_high);
            break;
    }
    v("place", b.place);
}
template <class V, Fields<Hub> T>
void visit(V& v, T& h) {
    v("id", h.id), v("name", h.name), v("kind", h.kind), v("block", h.block), v("place", h.place);
}
template <class V, Fields<Converter> T>
void visit(V& v, T& c) {
    v("id", c.id), v("name", c.name), v("type", c.type), v("set_V", c.set), v("place", c.place);
    v("in_tube", c.in_tube), v("reach", c.fixing.reach), v("stuck", c.fixing.stuck);
}
template <class V, Fields<Load> T>
void visit(V& v, T& l) {
    v("id", l.id), v("name", l.name), v("kind", l.kind), v("min_V", l.v_min), v("max_V", l.v_max);
    v("nominal_V", l.nominal), v("idle_A", l.idle), v("typical_A", l.typical), v("peak_A", l.peak);
    v("peak_s", l.peak_time), v("start_A", l.start), v("start_s", l.start_time), v("always_on", l.always_on);
    v("vital", l.vital), v("noisy", l.noisy), v("sensitive", l.sensitive), v("transmitter", l.transmitter);
    v("own_switch", l.own_switch), v("starter", l.starter), v("igniter", l.igniter),
        v("heat_elsewhere", l.heat_elsewhere), v("capacitance_F", l.capacitance), v("assumed", l.assumed),
        v("range_assumed", l.range_assumed), v("bridge_ohm", l.bridge), v("bridge_V", l.bridge_drop),
        v("place", l.place), v("lead", l.lead), v("reach", l.fixing.reach), v("stuck", l.fixing.stuck);
}
template <class V, Fields<Device> T>
void visit(V& v, T& d) {
    v("id", d.id), v("kind", d.kind), v("type", d.type), v("rating_A", d.rating), v("name", d.name);
    v("at_m", d.at), v("reversed", d.reversed);
    v("holder", d.holder), v("own_lead_m", d.own_lead);
    v("joint_in", d.joint_in), v("joint_out", d.joint_out);
    v("coil_from", d.coil_from), v("control", d.control);
    v("sits_on", d.sits_on), v("warmer_K", d.warmer_k);
    v("panel", d.panel), visit_seat(v, d.seat), v("reach", d.reach);
}
template <class V, Fields<Core> T>
void visit(V& v, T& c) {
    v("signal", c.signal), v("role", c.role), v("from_pin", c.from_pin), v("to_pin", c.to_pin),
        v("colour", c.colour);
    v("twist", c.twist), v("doubled", c.doubled), v("cut_back", c.cut_back);
}
template <class V, Fields<Lead> T>
void visit(V& v, T& l) {
    v("id", l.id), v("name", l.name), v("from", l.from), v("to", l.to), v("cores", l.cores),
        v("wire", l.wire), v("length_m", l.length);
    v("return", l.ret), v("shared_with", l.shared_with), v("joint_from", l.joint_from),
        v("joint_to", l.joint_to), v("items", l.devices);
    v("terminal_from", l.terminal_from), v("terminal_to", l.terminal_to);
    v("return_from", l.return_from), v("return_to", l.return_to);
    v("by", l.by), v("loop_m", l.loop), v("trim_m", l.trim), v("slack", l.slack), v("signal", l.signal);
    v("jacket", l.jacket), v("across_mm", l.across), v("supplied_m", l.supplied), v("plug_mm", l.plug);
    // What is said of a cable by its cores is not said again, nor of plain wires what only cables have.
    if (v.either() || l.cores.empty())
        v("conductors", l.conductors), v("supply_colour", l.supply_colour),
            v("return_colour", l.return_colour);
    if (v.either() || !l.cores.empty() || l.kind != CableKind::plain)
        v("kind", l.kind), v("volts_V", l.volts), v("amps_A", l.amps), v("label", l.label),
            v("terminated", l.terminated);
}
template <class V, Fields<Phase> T>
void visit(V& v, T& p) {
    v("id", p.id), v("name", p.name), v("duration_s", p.duration), v("charging", p.charging);
    v("charge_A", p.charge_current), v("indoors", p.indoors), v("states", p.states), v("shares", p.shares);
}
template <class V, Fields<Practices> T>
void visit(V& v, T& p) {
    v("wire", p.wire), v("drop_limit", p.drop_limit), v("fuse", p.fuse), v("set", p.set),
        v("terminal", p.terminal);
    v("supply", p.supply), v("sizing", p.sizing), v("feeds", p.feeds), v("flight", p.flight);
    v("joint", p.joint), v("missing_tools", p.missing_tools), v("tubes_at_hand", p.tubes_at_hand),
        v("over_tube", p.over_tube), v("heat", p.heat), v("hold", p.hold), v("meter_share", p.meter_share);
    v("insulation", p.insulation), v("noise", p.noise), v("wire_insulation", p.wire_insulation),
        v("metric", p.metric);
}
template <class V, Fields<Measured> T>
void visit(V& v, T& m) {
    v("value", m.value), v("open", m.open), v("when", m.when);
}
template <class V, Fields<LogEntry> T>
void visit(V& v, T& e) {
    v("when", e.when), v("kind", e.kind), v("about", e.about), v("text", e.text);
}
template <class V, Fields<Plan> T>
void visit(V& v, T& p) {
    v("name", p.name), v("metal_frame", p.metal_frame), v("flies", p.flies), v("shaking", p.shaking),
        v("hottest_air_C", p.hottest_air);
    v("coldest_air_C", p.coldest_air), v("sources", p.sources), v("hubs", p.hubs),
        v("converters", p.converters);
    v("loads", p.loads), v.leads(p.leads), v("bodies", p.bodies), v("sides", p.sides), v("zones", p.zones),
        v("places", p.places), v("openings", p.openings), v("ways", p.ways), v("phases", p.phases),
        v("repeats_per_day", p.repeats_per_day);
    v("passives", p.passives), v("terminals", p.terminals), v("own_steps", p.own_steps),
        v("own_readings", p.own_readings);
    v("practices", p.practices), v("done", p.done), v("measured", p.measured), v("log", p.log);
    v("at_hand", p.at_hand), v("evenings", p.evenings), v("orders", p.orders), v("took", p.took);
    v("arrives", p.arrives);
    v("done_as", p.done_as), v("rather", p.rather);
}

}  // namespace sangre::plan_fields
