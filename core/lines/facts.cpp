#include "lines/facts.h"

#include <algorithm>
#include <array>

#include "base/units/number.h"
#include "base/words/say.h"

namespace sangre {
namespace {

using enum FactForm;

/// The words of an enumeration.
template <class E>
std::vector<std::string> words_of() {
    std::vector<std::string> all;
    for (const auto& [value, word] : names(E{})) all.emplace_back(word);
    return all;
}

constexpr Fact id_fact{"id", "id", unsaid,
                       to_say("what the file calls it; said only where the name does not tell")};

constexpr std::array plan_facts{
    Fact{"name", "", head, to_say("what the plan is called")},
    Fact{"metal_frame", "metal frame", plain, to_say("currents may come back through its frame")},
    Fact{"flies", "flies", plain, to_say("it flies: mass matters, and losing power means a crash")},
    Fact{"shaking", "shaken", plain, to_say("how much it is shaken"), false, words_of<Shaking>},
    Fact{"hottest_air_C", "up to", plain, to_say("highest ambient temperature")},
    Fact{"coldest_air_C", "from", plain, to_say("lowest ambient temperature")},
    Fact{"repeats_per_day", "times a day", plain, to_say("how often its phases are gone through in a day")},
    Fact{"sources", "", unsaid},
    Fact{"hubs", "", unsaid},
    Fact{"converters", "", unsaid},
    Fact{"loads", "", unsaid},
    Fact{"leads", "", unsaid},
    Fact{"bodies", "", unsaid},
    Fact{"sides", "", unsaid},
    Fact{"zones", "", unsaid},
    Fact{"places", "", unsaid},
    Fact{"openings", "", unsaid},
    Fact{"ways", "", unsaid},
    Fact{"phases", "", unsaid},
    Fact{"passives", "", unsaid},
    Fact{"terminals", "", unsaid},
    Fact{"own_steps", "", unsaid},
    Fact{"own_readings", "", unsaid},
    Fact{"practices", "", unsaid},
    Fact{"done", "", unsaid},
    Fact{"measured", "", unsaid},
    Fact{"log", "", unsaid},
    Fact{"at_hand", "", unsaid},
    Fact{"evenings", "", unsaid},
    Fact{"orders", "", unsaid},
    Fact{"arrives", "", unsaid},
    Fact{"took", "", unsaid},
    Fact{"done_as", "", unsaid},
    Fact{"rather", "", unsaid}};

constexpr std::array practice_facts{
    Fact{"wire", "wires by", plain, to_say("what wires are sized by"), false, words_of<WireSchool>},
    Fact{"drop_limit", "drop limit", plain, to_say("share of the voltage that a feed may lose: 0.03 is 3 %")},
    Fact{"fuse", "fuses", plain, to_say("how large they are chosen"), false, words_of<FuseSchool>},
    Fact{"set", "rails set", plain, to_say("where in its window a rail is set"), false, words_of<SetSchool>},
    Fact{"terminal", "strands", plain, to_say("under a screw"), false, words_of<TerminalSchool>},
    Fact{"supply", "packs", plain, to_say("one for all, or a second one for what is quiet"), false,
         words_of<SupplySchool>},
    Fact{"sizing", "sizing", plain, to_say("as computed, or with half as much again"), false,
         words_of<SizingSchool>},
    Fact{"feeds", "feeds", plain, to_say("for every load its own, or one for those that stand together"),
         false, words_of<FeedSchool>},
    Fact{"flight", "in flight", plain, to_say("whether leads whose loss means a crash have a fuse"), false,
         words_of<FlightSchool>},
    Fact{"joint", "joints", plain, to_say("how they are made"), false, words_of<JointSchool>},
    Fact{"missing_tools", "without tool", text, to_say("a tool that this builder does not own")},
    Fact{"tubes_at_hand", "tube at hand", entry, to_say("a size of tube in the drawer")},
    Fact{"meter_share", "meter off by", plain,
         to_say("share of the volts that the meter may be wrong by: 0.01 is 1 %")},
    Fact{"over_tube", "tube over both", plain, to_say("one more tube over both joints where a pair ends")},
    Fact{"hold", "held by", plain, to_say("what holds leads along their way"), false, words_of<HoldSchool>},
    Fact{"heat", "shrunk by", plain, to_say("what shrinks tube"), false, words_of<HeatSchool>},
    Fact{"insulation", "covered with", plain, to_say("what covers a joint"), false,
         words_of<InsulationSchool>},
    Fact{"noise", "noise", plain, to_say("a converter of its own for what is noisy, or not"), false,
         words_of<NoiseSchool>},
    Fact{"wire_insulation", "insulation", entry, to_say("of the wires that are chosen")},
    Fact{"metric", "metric", plain, to_say("wires in mm² instead of AWG")}};

constexpr std::array source_facts{
    id_fact,
    Fact{"name", "", head, to_say("“Battery: 8S LFP 35 Ah”: its name, a colon, what it is")},
    Fact{"kind", "kind", plain, to_say("what it is"), true, words_of<SourceKind>},
    Fact{"chemistry", "chemistry", entry, to_say("of a pack's cells")},
    Fact{"series", "cells in series", plain, to_say("in series")},
    Fact{"parallel", "cells in parallel", plain, to_say("in parallel")},
    Fact{"cell_capacity_Ah", "cell", plain, to_say("printed capacity of one cell")},
    Fact{"cell_ohm", "cell resistance", plain, to_say("of one new cell, charged, at 20 °C")},
    Fact{"max_C_rate", "discharge rate", plain,
         to_say("continuous discharge printed on it, multiples of its capacity per hour")},
    Fact{"burst_C_rate", "burst rate", plain, to_say("the same for ten seconds")},
    Fact{"health", "health", plain, to_say("share of the printed capacity that is left, 0 to 2")},
    Fact{"resistance_factor", "resistance factor", plain,
         to_say("internal resistance over that of a new pack")},
    Fact{"weakest_cell", "weakest cell", plain, to_say("its capacity over that of the others")},
    Fact{"charge_behind", "charge behind", plain, to_say("how far its charge lies below the plan's, 0 to 1")},
    Fact{"charger_V", "charger ends at", plain, to_say("volts at which its charger ends")},
    Fact{"charger_A", "charger gives", plain, to_say("amperes of its charger")},
    Fact{"held", "held by", plain, to_say("what keeps a pack where it is"), false, words_of<Held>},
    Fact{"min_V", "from", plain, to_say("its lowest voltage")},
    Fact{"max_V", "up to", plain, to_say("its highest voltage")},
    Fact{"rated_A", "rated", plain, to_say("amperes printed on a supply")},
    Fact{"already_A", "already feeds", plain, to_say("what else it feeds")},
    Fact{"fuse_A", "fuse", plain, to_say("of a circuit: the fuse that protects it")},
    Fact{"fuse_type", "fuse family", entry, to_say("of that fuse")},
    Fact{"wire_mm2", "copper", plain, to_say("cross-section of the circuit's wire")},
    Fact{"wire_m", "wire", plain, to_say("its length to the tap, one way")},
    Fact{"with_key", "with the key", plain, to_say("live with the key alone")},
    Fact{"power_W", "power", plain, to_say("of a panel in full sun")},
    Fact{"sun_poor_h", "sun on a poor day", plain, to_say("hours of full sun that a poor day is worth")},
    Fact{"sun_good_h", "sun on a good day", plain, to_say("hours of a good day")},
    Fact{"place", "at", place, to_say("where it stands")}};

constexpr std::array hub_facts{
    id_fact, Fact{"name", "", head, to_say("what it is called")},
    Fact{"kind", "kind", plain, to_say("how wires meet in it"), true, words_of<HubKind>},
    Fact{"block", "type", entry, to_say("which fuse block of the catalogue")},
    Fact{"place", "at", place, to_say("where it is")}};

constexpr std::array converter_facts{
    id_fact,
    Fact{"name", "", head, to_say("what its rail is called")},
    Fact{"type", "module", entry, to_say("which module of the catalogue"), true},
    Fact{"set_V", "set", plain, to_say("the voltage that it is set to")},
    Fact{"place", "at", place, to_say("where it is")},
    Fact{"in_tube", "in tube", plain, to_say("its bare board lies in a wide tube")},
    Fact{"reach", "reach", plain, to_say("from where hands must get at it"), false, words_of<Reach>},
    Fact{"stuck", "stuck down", plain, to_say("by adhesive: what plugs into it is plugged before")}};

constexpr std::array load_facts{
    id_fact,
    Fact{"name", "", head, to_say("“Fog pump 12 V 4 A motor noisy”: its name and what it draws")},
    Fact{"kind", "kind", plain, to_say("how it draws"), false, words_of<LoadKind>},
    Fact{"min_V", "from", plain, to_say("the minimum voltage it works at")},
    Fact{"max_V", "up to", plain, to_say("the maximum voltage it is rated for")},
    Fact{"nominal_V", "nominal", plain, to_say("voltage that its figures are for")},
    Fact{"idle_A", "idle", plain, to_say("what it draws at rest")},
    Fact{"typical_A", "draws", plain, to_say("at work")},
    Fact{"peak_A", "peak", plain, to_say("at the most")},
    Fact{"peak_s", "peak lasts", plain, to_say("how long")},
    Fact{"start_A", "start", plain, to_say("in the instant of starting")},
    Fact{"start_s", "start lasts", plain, to_say("how long that takes")},
    Fact{"always_on", "always on", plain, to_say("never behind a switch")},
    Fact{"vital", "vital", plain, to_say("losing it means a crash or worse")},
    Fact{"noisy", "noisy", plain, to_say("disturbs others")},
    Fact{"sensitive", "sensitive", plain, to_say("is disturbed")},
    Fact{"transmitter", "transmitter", plain, to_say("needs its aerial before power")},
    Fact{"own_switch", "switched", plain, to_say("has a switch of its own")},
    Fact{"starter", "starter", plain, to_say("starts the vehicle")},
    Fact{"igniter", "igniter", plain, to_say("fires once, by an ohm or two that glow")},
    Fact{"heat_elsewhere", "heat elsewhere", plain, to_say("what it draws warms something else: a socket's")},
    Fact{"capacitance_F", "capacitance", plain, to_say("across its input")},
    Fact{"assumed", "assumed", plain, to_say("its figures are typical, not measured")},
    Fact{"range_assumed", "range assumed", plain, to_say("only a nominal voltage was said")},
    Fact{"bridge_ohm", "bridge", plain, to_say("both closed switches of a motor's bridge")},
    Fact{"bridge_V", "bridge drop", plain, to_say("of a bridge that takes so much whatever flows")},
    Fact{"place", "at", place, to_say("where it is")},
    Fact{"lead", "own lead", wire, to_say("the wire that it comes with")},
    Fact{"reach", "reach", plain, to_say("from where hands must get at it"), false, words_of<Reach>},
    Fact{"stuck", "stuck down", plain, to_say("by adhesive: what plugs into it is plugged before")}};

constexpr std::array passive_facts{
    id_fact,
    Fact{"name", "", head, to_say("what it is called")},
    Fact{"kind", "kind", plain, to_say("what it is"), true, words_of<PassiveKind>},
    Fact{"place", "at", place, to_say("where it is")},
    Fact{"ohm", "shows", plain, to_say("ohms that a meter shows across it")},
    Fact{"polar", "polarised", plain, to_say("it minds which way round it is")},
    Fact{"cutout_mm", "in an opening of", plain, to_say("the opening that it sits in")},
    Fact{"behind_mm", "behind it", plain, to_say("free depth it needs behind its panel")},
    Fact{"held_by", "held by", plain, to_say("what holds it there"), false, words_of<SeatHold>},
    Fact{"proud_mm", "proud by", plain, to_say("how far it stands out in front of the wall")},
    Fact{"points", "points", text, to_say("which way its latch, key or mark is: “points latch up”")},
    Fact{"reach", "reach", plain, to_say("from where hands must get at it"), false, words_of<Reach>},
    Fact{"stuck", "stuck down", plain, to_say("by adhesive: what plugs into it is plugged before")}};

constexpr std::array lead_facts{
    id_fact,
    Fact{"from", "", head, to_say("“Hub → Fog pump”: what it runs between")},
    Fact{"to", "", head},
    Fact{"name", "called", text, to_say("a name of its own")},
    Fact{"cores", "core", unsaid, to_say("one line each: signal, role, pins, colour")},
    Fact{"wire", "wire", wire, to_say("of each conductor: size and insulation"), true},
    Fact{"length_m", "length", plain, to_say("measured, one way"), true},
    Fact{"return", "return", plain, to_say("what brings the current back"), false, words_of<Return>},
    Fact{"shared_with", "shared with", lead, to_say("the lead whose return it uses")},
    Fact{"joint_from", "begins with", joint, to_say("the joint at its beginning")},
    Fact{"joint_to", "ends with", joint, to_say("the joint at its end")},
    Fact{"items", "item", unsaid, to_say("one line each: what sits in it")},
    Fact{"terminal_from", "supply leaves", text, to_say("the terminal that its supply begins on")},
    Fact{"terminal_to", "supply lands on", text, to_say("the terminal that its supply ends on")},
    Fact{"return_from", "return leaves", text,
         to_say("the terminal at its beginning that the return ends on")},
    Fact{"return_to", "return lands on", text, to_say("the terminal at its end that the return begins on")},
    Fact{"conductors", "conductors", plain, to_say("alike, in parallel")},
    Fact{"supply_colour", "supply", text, to_say("colour of the supply")},
    Fact{"by", "by way", way, to_say("a way that it is to go by")},
    Fact{"loop_m", "loop", plain, to_say("wire for what is to be lifted out or to move")},
    Fact{"trim_m", "trim", plain, to_say("what is cut off at each end")},
    Fact{"slack", "slack", plain, to_say("share of the path that is added: 0.05 is 5 %")},
    Fact{"signal", "speaks", plain, to_say("what its signal cores carry"), false, words_of<SignalKind>},
    Fact{"jacket", "jacket", plain, to_say("what is over its wires"), false, words_of<Jacket>},
    Fact{"across_mm", "across", plain, to_say("its outer diameter over that, measured")},
    Fact{"supplied_m", "supplied", plain, to_say("length that it came with")},
    Fact{"plug_mm", "plug", plain, to_say("across the plug that it came with and keeps")},
    Fact{"return_colour", "return colour", text, to_say("colour of the return")},
    Fact{"kind", "cable", plain, to_say("what cable it is"), false, words_of<CableKind>},
    Fact{"volts_V", "volts", plain, to_say("highest on the supply core of a cable that does not feed")},
    Fact{"amps_A", "amperes", plain, to_say("that its supply core carries")},
    Fact{"label", "label", text, to_say("what is written on both ends")},
    Fact{"terminated", "terminated", plain, to_say("a resistor across the pair at its ends")}};

constexpr std::array device_facts{
    id_fact,
    Fact{"kind", "", head, to_say("what it is"), false, words_of<DeviceKind>},
    Fact{"type", "type", entry, to_say("which of the catalogue"), true},
    Fact{"rating_A", "rating", plain, to_say("of a fuse"), true},
    Fact{"name", "called", text, to_say("as you call a switch")},
    Fact{"at_m", "at", plain, to_say("along the lead, from its beginning")},
    Fact{"reversed", "the wrong way round", plain, to_say("a polarised one put in reversed")},
    Fact{"holder", "in", entry, to_say("the holder that a fuse sits in")},
    Fact{"own_lead_m", "own leads", plain, to_say("length of each of its own leads as cut")},
    Fact{"joint_in", "joined before by", joint, to_say("the joint on its side towards the source")},
    Fact{"joint_out", "joined behind by", joint, to_say("the joint on the other side")},
    Fact{"coil_from", "coil on", part, to_say("the part whose supply feeds a relay's coil")},
    Fact{"control", "closed by", part, to_say("the button or controller that closes a relay")},
    Fact{"sits_on", "sits on", part, to_say("what a thermal switch feels")},
    Fact{"warmer_K", "warmer by", plain, to_say("kelvin over the air that this gets at work")},
    Fact{"panel", "in the wall of", body, to_say("the body in whose wall it is seated")},
    Fact{"cutout_mm", "in an opening of", plain, to_say("the opening that it is seated in")},
    Fact{"behind_mm", "behind it", plain, to_say("free depth it needs behind that wall")},
    Fact{"held_by", "held by", plain, to_say("what holds it there"), false, words_of<SeatHold>},
    Fact{"proud_mm", "proud by", plain, to_say("how far it stands out in front of the wall")},
    Fact{"points", "points", text, to_say("which way its latch, key or mark is: “points latch up”")},
    Fact{"reach", "reach", plain, to_say("from where hands must get at it"), false, words_of<Reach>}};

constexpr std::array core_facts{
    Fact{"signal", "", head, to_say("what runs on it: 5 V, GND, PWM")},
    Fact{"role", "role", plain, to_say("what it does"), true, words_of<CoreRole>},
    Fact{"from_pin", "pin", text, to_say("at its beginning")},
    Fact{"to_pin", "to pin", text, to_say("at its end")},
    Fact{"colour", "colour", text, to_say("of its insulation")},
    Fact{"twist", "twist", plain, to_say("cores of one number are twisted together")},
    Fact{"doubled", "doubled", plain, to_say("cores of one number carry together")},
    Fact{"cut_back", "cut back", plain, to_say("unused, insulated at both ends")}};

constexpr std::array body_facts{
    id_fact,
    Fact{"name", "", head, to_say("what it is called")},
    Fact{"material", "material", plain, to_say("what it is made of"), true, words_of<BodyMaterial>},
    Fact{"sealed", "sealed", plain, to_say("against water and dust")},
    Fact{"in", "in", body, to_say("the body that it is inside of")},
    Fact{"length_mm", "length", plain, to_say("outside")},
    Fact{"width_mm", "width", plain, to_say("outside")},
    Fact{"height_mm", "height", plain, to_say("outside")},
    Fact{"wall_mm", "wall", plain, to_say("thickness of its wall")},
    Fact{"sun", "in the sun", plain, to_say("the sun shines on it")},
    Fact{"vents_mm2", "vents", plain, to_say("openings that let air in, and as much that let it out")},
    Fact{"fan_m3_h", "fan", plain, to_say("cubic metres an hour that a fan moves through it")},
    Fact{"open", "open", plain, to_say("a frame or an arm: no lid hides what is in it")}};

constexpr std::array place_facts{
    id_fact,
    Fact{"name", "", head, to_say("what it is called")},
    Fact{"body", "in", body, to_say("the body that it is in")},
    Fact{"side", "on", side, to_say("the side that it is drawn on")},
    Fact{"x", "across", plain, to_say("from above, 0 left to 1 right")},
    Fact{"y", "along", plain, to_say("from above, 0 front to 1 rear")},
    Fact{"under", "under", place, to_say("the place whose parts come off first")},
    Fact{"tall_mm", "tall", plain, to_say("of the tallest part there, its board included")}};

constexpr std::array side_facts{
    id_fact, Fact{"name", "", head, to_say("what it is called")},
    Fact{"picture", "picture", text, to_say("name of a file beside the plan")},
    Fact{"across_m", "across", plain, to_say("what lies between its left and right edge")},
    Fact{"tall", "tall", plain, to_say("its height over its width")}};

constexpr std::array zone_facts{
    id_fact,
    Fact{"name", "", head, to_say("what it is called")},
    Fact{"kind", "kind", plain, to_say("what ways meet in it"), true, words_of<OnWayKind>},
    Fact{"side", "on", side, to_say("the side that it is drawn on")},
    Fact{"left", "left", plain, to_say("its left edge, 0 left to 1 right")},
    Fact{"top", "top", plain, to_say("its upper edge, 0 to 1")},
    Fact{"wide", "wide", plain, to_say("its width, in shares of its side")},
    Fact{"high", "high", plain, to_say("its height, in shares of its side")},
    Fact{"hot_C", "hot", plain, to_say("how hot it gets there")},
    Fact{"turn_deg", "turns", plain, to_say("degrees that it turns through")}};

constexpr std::array opening_facts{
    id_fact,
    Fact{"name", "", head, to_say("what it is called")},
    Fact{"body", "in", body, to_say("whose wall it is in")},
    Fact{"kind", "kind", plain, to_say("what is in it"), true, words_of<OpeningKind>},
    Fact{"bore_mm", "bore", plain, to_say("that wires go through"), true},
    Fact{"already_mm", "already", plain, to_say("how thick a thing is that runs through it already")},
    Fact{"later_mm", "later", plain, to_say("how thick a thing is that room is kept for")}};

constexpr std::array way_facts{
    id_fact,
    Fact{"from", "", head, to_say("“Hub board → Pump well”: between which places")},
    Fact{"to", "", head},
    Fact{"length_m", "length", plain, to_say("measured"), true},
    Fact{"on_it", "meets", unsaid, to_say("one line each: what it meets")},
    Fact{"drawn", "as drawn", plain, to_say("its length is that of its line on the picture")},
    Fact{"bends", "bends", text, to_say("points of its line between its ends: 0.31,0.4 0.5,0.42")},
    Fact{"rise_m", "rise", plain, to_say("what it goes up or down besides")}};

constexpr std::array on_way_facts{Fact{"kind", "", head, to_say("what is met"), false, words_of<OnWayKind>},
                                  Fact{"at_m", "at", plain, to_say("from the way's beginning")},
                                  Fact{"opening", "through", opening, to_say("which opening")},
                                  Fact{"hot_C", "hot", plain, to_say("how hot it gets there")},
                                  Fact{"turn_deg", "turns", plain, to_say("degrees that it turns through")},
                                  Fact{"zone", "of zone", zone, to_say("the zone that it is met in")},
                                  Fact{"off_mm", "off", plain, to_say("how far off leads lie from it")},
                                  Fact{"radius_mm", "radius", plain, to_say("of a corner: its inside")}};

constexpr std::array terminal_facts{
    Fact{"name", "", head, to_say("as it is printed there")},
    Fact{"role", "role", plain, to_say("what it is for"), true, words_of<TerminalRole>},
    Fact{"takes", "takes", plain, to_say("what it takes a wire by"), true, words_of<TerminalTakes>},
    Fact{"size_mm", "size", plain, to_say("bore, width or thread"), true},
    Fact{"along_mm", "along", plain, to_say("of a pad: its other side, which the wire lies along")},
    Fact{"where", "where", text, to_say("in words")},
    Fact{"wires", "wires", plain, to_say("how many it takes at once")}};

constexpr std::array phase_facts{
    id_fact,
    Fact{"name", "", head, to_say("what it is called")},
    Fact{"duration_s", "lasts", plain, to_say("how long"), true},
    Fact{"charging", "charging", plain, to_say("packs are charged")},
    Fact{"charge_A", "charge", plain, to_say("amperes of charging")},
    Fact{"indoors", "indoors", plain, to_say("at room temperature")},
    Fact{"states", "runs", part,
         to_say("a load and how it runs, typical where it is not said: “runs Fog pump idle”"), false,
         words_of<LoadState>},
    Fact{"shares", "share", part, to_say("a load and the share of its draw: “share Fog pump 0.6”")}};

constexpr std::array step_facts{
    id_fact,
    Fact{"title", "", head, to_say("what is done")},
    Fact{"actions", "do", text, to_say("what the hands do")},
    Fact{"tools", "tool", text, to_say("what it is done with")},
    Fact{"caution", "caution", text, to_say("what can hurt")},
    Fact{"after", "after", text, to_say("key of a step that comes first")},
    Fact{"before", "before", text, to_say("key of a step that waits for it")},
    Fact{"minutes", "minutes", plain, to_say("how long it takes")},
    Fact{"wait_minutes", "wait", plain, to_say("minutes to wait after it")},
    Fact{"undoes", "takes back", text, to_say("the id of the own step that it takes back")},
    Fact{"picture", "picture", text, to_say("name of a file beside the plan")}};

constexpr std::array hand_facts{id_fact,
                                Fact{"name", "", head, to_say("as the shopping list calls it")},
                                Fact{"wire", "wire", wire, to_say("of a wire: size and insulation"), true},
                                Fact{"colour", "colour", text, to_say("of a wire")},
                                Fact{"length_m", "length", plain, to_say("of each piece"), true},
                                Fact{"pieces", "pieces", plain, to_say("how many there are")},
                                Fact{"plugs", "plugs", plain, to_say("of a cable: ends with their plug")}};

constexpr std::array reading_facts{
    id_fact,
    Fact{"title", "", head, to_say("what is measured")},
    Fact{"state", "state", text, to_say("switches and loads")},
    Fact{"red", "red", text, to_say("where the red probe goes")},
    Fact{"black", "black", text, to_say("where the black one goes")},
    Fact{"unit", "unit", plain, to_say("what it is measured in"), true, words_of<OwnUnit>},
    Fact{"low", "least", plain, to_say("of the window")},
    Fact{"high", "most", plain, to_say("of the window")},
    Fact{"dead", "dead", plain, to_say("with power off")}};

constexpr std::array measured_facts{Fact{"value", "value", plain, to_say("in the reading's unit")},
                                    Fact{"open", "open", plain, to_say("the meter showed an open circuit")},
                                    Fact{"when", "when", text, to_say("date and time")}};

constexpr std::array log_facts{Fact{"text", "", head, to_say("what was done or noticed")},
                               Fact{"when", "when", text, to_say("date and time")},
                               Fact{"kind", "kind", text, to_say("step, reading, change or note")},
                               Fact{"about", "about", text, to_say("key of the step or reading, or a part")}};

constexpr LineKind plan_kind{to_say("plan"), to_say("The plan itself: its air, its frame."), plan_facts,
                             false},
    practices_kind{to_say("practices"), to_say("The schools that a plan follows."), practice_facts, false},
    source_kind{to_say("source"), to_say("What power comes from."), source_facts},
    hub_kind{to_say("hub"), to_say("Where leads meet."), hub_facts},
    converter_kind{to_say("converter"), to_say("A module and the rail that it gives."), converter_facts},
    load_kind{to_say("load"), to_say("What must run."), load_facts},
    passive_kind{to_say("part"), to_say("What draws nothing itself."), passive_facts},
    lead_kind{to_say("lead"),
              to_say("What runs between two parts; its items and cores on lines of their own."), lead_facts},
    device_kind{to_say("item"), to_say("What sits in a lead."), device_facts, false},
    core_kind{to_say("core"), to_say("A conductor of a cable."), core_facts, false},
    body_kind{to_say("body"), to_say("A box, hull, frame or arm."), body_facts},
    place_kind{to_say("place"), to_say("A spot in the machine."), place_facts},
    side_kind{to_say("side"), to_say("The machine from one side, with its picture."), side_facts},
    zone_kind{to_say("zone"), to_say("An area of a side that ways meet something in."), zone_facts},
    opening_kind{to_say("opening"), to_say("Where a wall is passed."), opening_facts},
    way_kind{to_say("way"), to_say("A measured way between two places."), way_facts},
    on_way_kind{to_say("meets"), to_say("What a way meets."), on_way_facts, false},
    terminal_kind{to_say("terminal"), to_say("A named point of a part."), terminal_facts, false},
    phase_kind{to_say("phase"), to_say("A part of the day."), phase_facts},
    hand_kind{to_say("hand"), to_say("What is at hand and need not be bought."), hand_facts},
    step_kind{to_say("step"), to_say("A step of your own."), step_facts},
    reading_kind{to_say("reading"), to_say("A reading of your own."), reading_facts},
    measured_kind{to_say("measured"), to_say("What a reading was."), measured_facts, false},
    log_kind{to_say("log"), to_say("An entry of the log."), log_facts, false};

}  // namespace

const LineKind& line_kind(const Plan&) { return plan_kind; }
const LineKind& line_kind(const Practices&) { return practices_kind; }
const LineKind& line_kind(const Source&) { return source_kind; }
const LineKind& line_kind(const Hub&) { return hub_kind; }
const LineKind& line_kind(const Converter&) { return converter_kind; }
const LineKind& line_kind(const Load&) { return load_kind; }
const LineKind& line_kind(const Passive&) { return passive_kind; }
const LineKind& line_kind(const Lead&) { return lead_kind; }
const LineKind& line_kind(const Device&) { return device_kind; }
const LineKind& line_kind(const Core&) { return core_kind; }
const LineKind& line_kind(const Body&) { return body_kind; }
const LineKind& line_kind(const Place&) { return place_kind; }
const LineKind& line_kind(const Opening&) { return opening_kind; }
const LineKind& line_kind(const Side&) { return side_kind; }
const LineKind& line_kind(const Zone&) { return zone_kind; }
const LineKind& line_kind(const Way&) { return way_kind; }
const LineKind& line_kind(const OnWay&) { return on_way_kind; }
const LineKind& line_kind(const Terminal&) { return terminal_kind; }
const LineKind& line_kind(const Phase&) { return phase_kind; }
const LineKind& line_kind(const OwnStep&) { return step_kind; }
const LineKind& line_kind(const AtHand&) { return hand_kind; }
const LineKind& line_kind(const OwnReading&) { return reading_kind; }
const LineKind& line_kind(const Measured&) { return measured_kind; }
const LineKind& line_kind(const LogEntry&) { return log_kind; }

std::vector<const LineKind*> line_kinds() {
    return {&plan_kind,    &practices_kind, &body_kind,     &side_kind,   &zone_kind,     &place_kind,
            &opening_kind, &way_kind,       &on_way_kind,   &source_kind, &hub_kind,      &converter_kind,
            &load_kind,    &passive_kind,   &terminal_kind, &lead_kind,   &device_kind,   &core_kind,
            &phase_kind,   &step_kind,      &reading_kind,  &hand_kind,   &measured_kind, &log_kind};
}

}  // namespace sangre
