#include "line/facts.h"

#include <algorithm>
#include <array>

#include "units/number.h"

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

constexpr Fact id_fact{"id", "id", unsaid, "what the file calls it; said only where the name does not tell"};

constexpr std::array plan_facts{
    Fact{"name", "", head, "what the plan is called"},
    Fact{"metal_frame", "metal frame", plain, "currents may come back through its frame"},
    Fact{"flies", "flies", plain, "mass counts, and a loss is a crash"},
    Fact{"hottest_air_C", "up to", plain, "the hottest air that it works in"},
    Fact{"coldest_air_C", "from", plain, "the coldest air"},
    Fact{"repeats_per_day", "times a day", plain, "how often its phases are gone through in a day"},
    Fact{"sources", "", unsaid},
    Fact{"hubs", "", unsaid},
    Fact{"converters", "", unsaid},
    Fact{"loads", "", unsaid},
    Fact{"leads", "", unsaid},
    Fact{"bodies", "", unsaid},
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
    Fact{"log", "", unsaid}};

constexpr std::array practice_facts{
    Fact{"wire", "wires by", plain, "what wires are sized by", false, words_of<WireSchool>},
    Fact{"drop_limit", "drop limit", plain, "share of the voltage that a feed may lose: 0.03 is 3 %"},
    Fact{"fuse", "fuses", plain, "how large they are chosen", false, words_of<FuseSchool>},
    Fact{"set", "rails set", plain, "where in its window a rail is set", false, words_of<SetSchool>},
    Fact{"terminal", "strands", plain, "under a screw", false, words_of<TerminalSchool>},
    Fact{"supply", "packs", plain, "one for all, or a second one for what is quiet", false,
         words_of<SupplySchool>},
    Fact{"sizing", "sizing", plain, "as computed, or half as much again", false, words_of<SizingSchool>},
    Fact{"feeds", "feeds", plain, "for every load its own, or one for those that stand together", false,
         words_of<FeedSchool>},
    Fact{"flight", "in flight", plain, "whether feeds whose loss is a crash have a fuse", false,
         words_of<FlightSchool>},
    Fact{"joint", "joints", plain, "how they are made", false, words_of<JointSchool>},
    Fact{"missing_tools", "without tool", text, "a tool that this builder does not own"},
    Fact{"tubes_at_hand", "tube at hand", entry, "a size of tube in the drawer"},
    Fact{"meter_share", "meter off by", plain,
         "share of the volts that the meter may be wrong by: 0.01 is 1 %"},
    Fact{"over_tube", "tube over both", plain, "one more tube over both joints where a pair ends"},
    Fact{"heat", "shrunk by", plain, "what shrinks tube", false, words_of<HeatSchool>},
    Fact{"insulation", "covered with", plain, "what covers a joint", false, words_of<InsulationSchool>},
    Fact{"noise", "noise", plain, "a converter of its own for what is noisy, or not", false,
         words_of<NoiseSchool>},
    Fact{"wire_insulation", "insulation", entry, "of the wires that are chosen"},
    Fact{"metric", "metric", plain, "wires in mm² instead of AWG"}};

constexpr std::array source_facts{
    id_fact,
    Fact{"name", "", head, "“Battery: 8S LFP 35 Ah”: its name, a colon, what it is"},
    Fact{"kind", "kind", plain, "what it is", true, words_of<SourceKind>},
    Fact{"chemistry", "chemistry", entry, "of a pack's cells"},
    Fact{"series", "cells in series", plain, "in series"},
    Fact{"parallel", "cells in parallel", plain, "in parallel"},
    Fact{"cell_capacity_Ah", "cell", plain, "printed capacity of one cell"},
    Fact{"health", "health", plain, "share of the printed capacity that is left, 0 to 2"},
    Fact{"resistance_factor", "resistance factor", plain, "internal resistance over that of a new pack"},
    Fact{"weakest_cell", "weakest cell", plain, "its capacity over that of the others"},
    Fact{"charge_behind", "charge behind", plain, "how far its charge lies below the plan's, 0 to 1"},
    Fact{"charger_V", "charger ends at", plain, "volts at which its charger ends"},
    Fact{"charger_A", "charger gives", plain, "amperes of its charger"},
    Fact{"min_V", "from", plain, "its lowest voltage"},
    Fact{"max_V", "up to", plain, "its highest voltage"},
    Fact{"rated_A", "rated", plain, "amperes printed on a supply"},
    Fact{"already_A", "already feeds", plain, "what else hangs on it"},
    Fact{"fuse_A", "fuse", plain, "of a circuit: that it hangs on"},
    Fact{"fuse_type", "fuse family", entry, "of that fuse"},
    Fact{"wire_mm2", "copper", plain, "cross-section of the circuit's wire"},
    Fact{"wire_m", "wire", plain, "its length to the tap, one way"},
    Fact{"with_key", "with the key", plain, "live with the key alone"},
    Fact{"power_W", "power", plain, "of a panel in full sun"},
    Fact{"sun_poor_h", "sun on a poor day", plain, "hours of full sun that a poor day is worth"},
    Fact{"sun_good_h", "sun on a good day", plain, "hours of a good day"},
    Fact{"place", "at", place, "where it stands"}};

constexpr std::array hub_facts{id_fact, Fact{"name", "", head, "what it is called"},
                               Fact{"kind", "kind", plain, "how wires meet in it", true, words_of<HubKind>},
                               Fact{"place", "at", place, "where it is"}};

constexpr std::array converter_facts{id_fact,
                                     Fact{"name", "", head, "what its rail is called"},
                                     Fact{"type", "module", entry, "which module of the catalogue", true},
                                     Fact{"set_V", "set", plain, "the voltage that it is set to"},
                                     Fact{"place", "at", place, "where it is"},
                                     Fact{"in_tube", "in tube", plain, "its bare board lies in a wide tube"}};

constexpr std::array load_facts{
    id_fact,
    Fact{"name", "", head, "“Fog pump 12 V 4 A motor noisy”: its name and what it draws"},
    Fact{"kind", "kind", plain, "how it draws", false, words_of<LoadKind>},
    Fact{"min_V", "from", plain, "the least voltage that it works at"},
    Fact{"max_V", "up to", plain, "the most that it withstands"},
    Fact{"nominal_V", "nominal", plain, "voltage that its figures are for"},
    Fact{"idle_A", "idle", plain, "what it draws at rest"},
    Fact{"typical_A", "draws", plain, "at work"},
    Fact{"peak_A", "peak", plain, "at the most"},
    Fact{"peak_s", "peak lasts", plain, "how long"},
    Fact{"start_A", "start", plain, "in the instant of starting"},
    Fact{"start_s", "start lasts", plain, "how long that takes"},
    Fact{"always_on", "always on", plain, "never behind a switch"},
    Fact{"vital", "vital", plain, "its loss is a crash or worse"},
    Fact{"noisy", "noisy", plain, "disturbs others"},
    Fact{"sensitive", "sensitive", plain, "is disturbed"},
    Fact{"transmitter", "transmitter", plain, "wants its aerial before power"},
    Fact{"own_switch", "switched", plain, "has a switch of its own"},
    Fact{"starter", "starter", plain, "starts the vehicle"},
    Fact{"capacitance_F", "capacitance", plain, "across its input"},
    Fact{"assumed", "assumed", plain, "its figures are typical, not measured"},
    Fact{"range_assumed", "range assumed", plain, "only a nominal voltage was said"},
    Fact{"bridge_ohm", "bridge", plain, "both closed switches of a motor's bridge"},
    Fact{"bridge_V", "bridge drop", plain, "of a bridge that takes so much whatever flows"},
    Fact{"place", "at", place, "where it is"},
    Fact{"lead", "own lead", wire, "the wire that it comes with"}};

constexpr std::array passive_facts{
    id_fact,
    Fact{"name", "", head, "what it is called"},
    Fact{"kind", "kind", plain, "what it is", true, words_of<PassiveKind>},
    Fact{"place", "at", place, "where it is"},
    Fact{"ohm", "shows", plain, "ohms that a meter shows across it"},
    Fact{"polar", "polarised", plain, "it minds which way round it is"},
    Fact{"cutout_mm", "in an opening of", plain, "the opening that it sits in"}};

constexpr std::array lead_facts{
    id_fact,
    Fact{"from", "", head, "“Hub → Fog pump”: what it runs between"},
    Fact{"to", "", head},
    Fact{"name", "called", text, "a name of its own"},
    Fact{"cores", "core", unsaid, "one line each: signal, role, pins, colour"},
    Fact{"wire", "wire", wire, "of each conductor: size and insulation", true},
    Fact{"length_m", "length", plain, "measured, one way", true},
    Fact{"return", "return", plain, "what brings the current back", false, words_of<Return>},
    Fact{"shared_with", "shared with", lead, "the lead whose return it uses"},
    Fact{"joint_from", "begins with", joint, "the joint at its beginning"},
    Fact{"joint_to", "ends with", joint, "the joint at its end"},
    Fact{"items", "item", unsaid, "one line each: what sits in it"},
    Fact{"terminal_from", "supply leaves", text, "the terminal that its supply begins on"},
    Fact{"terminal_to", "supply lands on", text, "the terminal that its supply ends on"},
    Fact{"return_from", "return leaves", text, "the terminal at its beginning that the return ends on"},
    Fact{"return_to", "return lands on", text, "the terminal at its end that the return begins on"},
    Fact{"conductors", "conductors", plain, "alike, in parallel"},
    Fact{"supply_colour", "supply", text, "colour of the supply"},
    Fact{"return_colour", "return colour", text, "colour of the return"},
    Fact{"kind", "cable", plain, "what cable it is", false, words_of<CableKind>},
    Fact{"volts_V", "volts", plain, "highest on the supply core of a cable that does not feed"},
    Fact{"amps_A", "amperes", plain, "that its supply core carries"},
    Fact{"label", "label", text, "what is written on both ends"},
    Fact{"terminated", "terminated", plain, "a resistor across the pair at its ends"}};

constexpr std::array device_facts{
    id_fact,
    Fact{"kind", "", head, "what it is", false, words_of<DeviceKind>},
    Fact{"type", "type", entry, "which of the catalogue", true},
    Fact{"rating_A", "rating", plain, "of a fuse", true},
    Fact{"name", "called", text, "as you call a switch"},
    Fact{"at_m", "at", plain, "along the lead, from its beginning"},
    Fact{"reversed", "the wrong way round", plain, "a polarised one put in reversed"},
    Fact{"holder", "in", entry, "the holder that a fuse sits in"},
    Fact{"own_lead_m", "own leads", plain, "length of each of its own leads as cut"},
    Fact{"joint_in", "joined before by", joint, "the joint on its side towards the source"},
    Fact{"joint_out", "joined behind by", joint, "the joint on the other side"},
    Fact{"coil_from", "coil on", part, "the part whose supply a relay's coil hangs on"},
    Fact{"control", "closed by", part, "the button or controller that closes a relay"},
    Fact{"sits_on", "sits on", part, "what a thermal switch feels"},
    Fact{"warmer_K", "warmer by", plain, "kelvin over the air that this gets at work"}};

constexpr std::array core_facts{Fact{"signal", "", head, "what runs on it: 5 V, GND, PWM"},
                                Fact{"role", "role", plain, "what it does", true, words_of<CoreRole>},
                                Fact{"from_pin", "pin", text, "at its beginning"},
                                Fact{"to_pin", "to pin", text, "at its end"},
                                Fact{"colour", "colour", text, "of its insulation"},
                                Fact{"twist", "twist", plain, "cores of one number are twisted together"},
                                Fact{"doubled", "doubled", plain, "cores of one number carry together"},
                                Fact{"cut_back", "cut back", plain, "unused, insulated at both ends"}};

constexpr std::array body_facts{
    id_fact,
    Fact{"name", "", head, "what it is called"},
    Fact{"material", "material", plain, "what it is made of", true, words_of<BodyMaterial>},
    Fact{"sealed", "sealed", plain, "against water and dust"},
    Fact{"in", "in", body, "the body that it is inside of"},
    Fact{"length_mm", "length", plain, "outside"},
    Fact{"width_mm", "width", plain, "outside"},
    Fact{"height_mm", "height", plain, "outside"},
    Fact{"wall_mm", "wall", plain, "thickness of its wall"}};

constexpr std::array place_facts{id_fact, Fact{"name", "", head, "what it is called"},
                                 Fact{"body", "in", body, "the body that it is in"},
                                 Fact{"x", "across", plain, "from above, 0 left to 1 right"},
                                 Fact{"y", "along", plain, "from above, 0 front to 1 rear"}};

constexpr std::array opening_facts{id_fact, Fact{"name", "", head, "what it is called"},
                                   Fact{"body", "in", body, "whose wall it is in"},
                                   Fact{"kind", "kind", plain, "what is in it", true, words_of<OpeningKind>},
                                   Fact{"bore_mm", "bore", plain, "that wires go through", true}};

constexpr std::array way_facts{id_fact,
                               Fact{"from", "", head, "“Hub board → Pump well”: between which places"},
                               Fact{"to", "", head}, Fact{"length_m", "length", plain, "measured", true},
                               Fact{"on_it", "meets", unsaid, "one line each: what it meets"}};

constexpr std::array on_way_facts{Fact{"kind", "", head, "what is met", false, words_of<OnWayKind>},
                                  Fact{"at_m", "at", plain, "from the way's beginning"},
                                  Fact{"opening", "through", opening, "which opening"},
                                  Fact{"hot_C", "hot", plain, "how hot it gets there"},
                                  Fact{"turn_deg", "turns", plain, "degrees that it turns through"}};

constexpr std::array terminal_facts{
    Fact{"name", "", head, "as it is printed there"},
    Fact{"role", "role", plain, "what it is for", true, words_of<TerminalRole>},
    Fact{"takes", "takes", plain, "what it takes a wire by", true, words_of<TerminalTakes>},
    Fact{"size_mm", "size", plain, "bore, width or thread", true},
    Fact{"where", "where", text, "in words"},
    Fact{"wires", "wires", plain, "how many it takes at once"}};

constexpr std::array phase_facts{
    id_fact,
    Fact{"name", "", head, "what it is called"},
    Fact{"duration_s", "lasts", plain, "how long", true},
    Fact{"charging", "charging", plain, "packs are charged"},
    Fact{"charge_A", "charge", plain, "amperes of charging"},
    Fact{"indoors", "indoors", plain, "at room temperature"},
    Fact{"states", "runs", part, "a load and how it runs: “runs Fog pump typical”", false,
         words_of<LoadState>},
    Fact{"shares", "share", part, "a load and the share of its draw: “share Fog pump 0.6”"}};

constexpr std::array step_facts{id_fact,
                                Fact{"title", "", head, "what is done"},
                                Fact{"actions", "do", text, "what the hands do"},
                                Fact{"tools", "tool", text, "what it is done with"},
                                Fact{"caution", "caution", text, "what can hurt"},
                                Fact{"after", "after", text, "key of a step that comes first"},
                                Fact{"before", "before", text, "key of a step that waits for it"},
                                Fact{"minutes", "minutes", plain, "how long it takes"},
                                Fact{"wait_minutes", "wait", plain, "minutes to wait after it"}};

constexpr std::array reading_facts{
    id_fact,
    Fact{"title", "", head, "what is measured"},
    Fact{"state", "state", text, "switches and loads"},
    Fact{"red", "red", text, "where the red probe goes"},
    Fact{"black", "black", text, "where the black one goes"},
    Fact{"unit", "unit", plain, "what it is measured in", true, words_of<OwnUnit>},
    Fact{"low", "least", plain, "of the window"},
    Fact{"high", "most", plain, "of the window"},
    Fact{"dead", "dead", plain, "with power off"}};

constexpr std::array measured_facts{Fact{"value", "value", plain, "in the reading's unit"},
                                    Fact{"open", "open", plain, "the meter showed an open circuit"},
                                    Fact{"when", "when", text, "date and time"}};

constexpr std::array log_facts{Fact{"text", "", head, "what was done or noticed"},
                               Fact{"when", "when", text, "date and time"},
                               Fact{"kind", "kind", text, "step, reading, change or note"},
                               Fact{"about", "about", text, "key of the step or reading, or a part"}};

constexpr LineKind plan_kind{"plan", "The plan itself: its air, its frame.", plan_facts, false},
    practices_kind{"practices", "The schools that a plan follows.", practice_facts, false},
    source_kind{"source", "What power comes from.", source_facts},
    hub_kind{"hub", "Where leads meet.", hub_facts},
    converter_kind{"converter", "A module and the rail that it gives.", converter_facts},
    load_kind{"load", "What must run.", load_facts},
    passive_kind{"part", "What draws nothing itself.", passive_facts},
    lead_kind{"lead", "What runs between two parts; its items and cores on lines of their own.", lead_facts},
    device_kind{"item", "What sits in a lead.", device_facts, false},
    core_kind{"core", "A conductor of a cable.", core_facts, false},
    body_kind{"body", "A box, hull, frame or arm.", body_facts},
    place_kind{"place", "A spot in the machine.", place_facts},
    opening_kind{"opening", "Where a wall is passed.", opening_facts},
    way_kind{"way", "A measured way between two places.", way_facts},
    on_way_kind{"meets", "What a way meets.", on_way_facts, false},
    terminal_kind{"terminal", "A named point of a part.", terminal_facts, false},
    phase_kind{"phase", "A part of the day.", phase_facts},
    step_kind{"step", "A step of your own.", step_facts},
    reading_kind{"reading", "A reading of your own.", reading_facts},
    measured_kind{"measured", "What a reading was.", measured_facts, false},
    log_kind{"log", "An entry of the log.", log_facts, false};

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
const LineKind& line_kind(const Way&) { return way_kind; }
const LineKind& line_kind(const OnWay&) { return on_way_kind; }
const LineKind& line_kind(const Terminal&) { return terminal_kind; }
const LineKind& line_kind(const Phase&) { return phase_kind; }
const LineKind& line_kind(const OwnStep&) { return step_kind; }
const LineKind& line_kind(const OwnReading&) { return reading_kind; }
const LineKind& line_kind(const Measured&) { return measured_kind; }
const LineKind& line_kind(const LogEntry&) { return log_kind; }

std::vector<const LineKind*> line_kinds() {
    return {&plan_kind,     &practices_kind, &body_kind,   &place_kind,     &opening_kind, &way_kind,
            &on_way_kind,   &source_kind,    &hub_kind,    &converter_kind, &load_kind,    &passive_kind,
            &terminal_kind, &lead_kind,      &device_kind, &core_kind,      &phase_kind,   &step_kind,
            &reading_kind,  &measured_kind,  &log_kind};
}

const Fact* fact_of(const LineKind& kind, std::string_view key) {
    const auto at =
        std::find_if(kind.facts.begin(), kind.facts.end(), [&](const auto& f) { return f.key == key; });
    return at == kind.facts.end() ? nullptr : &*at;
}

ThingSort sort_of(FactForm form) {
    switch (form) {
        case FactForm::place:
            return ThingSort::place;
        case FactForm::body:
            return ThingSort::body;
        case FactForm::opening:
            return ThingSort::opening;
        case FactForm::lead:
            return ThingSort::lead;
        case FactForm::wire:
            return ThingSort::wire;
        case FactForm::joint:
            return ThingSort::joint;
        case FactForm::entry:
            return ThingSort::entry;
        default:
            return ThingSort::part;
    }
}

const char* sort_word(FactForm form) {
    switch (form) {
        case FactForm::place:
            return "place";
        case FactForm::body:
            return "body";
        case FactForm::opening:
            return "opening";
        case FactForm::lead:
            return "lead";
        case FactForm::wire:
            return "wire";
        case FactForm::joint:
            return "kind of joint";
        case FactForm::entry:
            return "entry of the catalogue";
        default:
            return "part";
    }
}

bool is_said(const Fact& f) { return f.form != FactForm::head && f.form != FactForm::unsaid; }

bool begins_with(std::string_view text, std::string_view word) {
    if (word.empty() || text.size() < word.size()) return false;
    for (size_t i = 0; i < word.size(); ++i)
        if (lower(text[i]) != lower(word[i])) return false;
    return text.size() == word.size() || text[word.size()] == ' ';
}

const Fact* by_first_word(const LineKind& kind, std::string_view text) {
    const Fact* best = nullptr;
    for (const auto& f : kind.facts)
        if (is_said(f) && begins_with(text, f.word) &&
            (!best || std::string_view(f.word).size() > std::string_view(best->word).size()))
            best = &f;
    return best;
}

bool is_reference(FactForm form) {
    return form != FactForm::plain && form != FactForm::text && is_said({"", "", form});
}

}  // namespace sangre
