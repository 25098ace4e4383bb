#pragma once
// A plan is a value: what the builder has decided, and nothing that can be computed from it.
//
// Parts (sources, hubs, converters, loads) stand in places. A feed is the pair of conductors from one
// part's outlet to another's inlet with its in-line devices. Parts refer to each other by id only; ids stay
// stable. `extra` keeps the keys of a file that this version does not know, as JSON text, so that they
// survive a round trip.
#include <array>
#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "base/units/quantity.h"
#include "base/words/say.h"
#include "physics/parts/fixing.h"
#include "physics/parts/load.h"
#include "physics/parts/source.h"
#include "plan/evenings.h"
#include "plan/lead.h"
#include "plan/machine.h"
#include "plan/practices.h"
#include "plan/seat.h"
#include "plan/signal.h"
#include "plan/terminal.h"

namespace sangre {

/// How feeds meet in a hub: on a threaded stud, in a strip of screws, on pads of a board, twisted and
/// soldered, or in a ready-made lead that forks.
enum class HubKind { stud, strip, board, splice, fork, block };
constexpr auto names(HubKind) {
    return std::to_array<std::pair<HubKind, std::string_view>>({{HubKind::stud, "stud"},
                                                                {HubKind::strip, "strip"},
                                                                {HubKind::board, "board"},
                                                                {HubKind::splice, "splice"},
                                                                {HubKind::fork, "fork"},
                                                                {HubKind::block, "block"}});
}

/// A point where feeds meet: a stud, a bus bar, a terminal block.
struct Hub {
    Id id;
    std::string name;
    Id place;
    std::string extra;
    HubKind kind = HubKind::stud;
    Id block{};  ///< of a fuse block: which of the catalogue
    bool operator==(const Hub&) const = default;
};

struct Converter {
    Id id;
    std::string name;
    Id type;
    Volt set{};
    Id place;
    std::string extra;
    bool in_tube = false;  ///< its bare board is covered by a wide tube, glued at both ends
    Fixing fixing{};
    bool operator==(const Converter&) const = default;
};

enum class PassiveKind { button, lamp, aerial, sensor, motor, sounder };
constexpr auto names(PassiveKind) {
    return std::to_array<std::pair<PassiveKind, std::string_view>>(
        {{PassiveKind::button, to_say("button")},
         {PassiveKind::lamp, to_say("lamp")},
         {PassiveKind::aerial, to_say("aerial")},
         {PassiveKind::sensor, to_say("sensor")},
         {PassiveKind::motor, to_say("motor")},
         {PassiveKind::sounder, to_say("sounder")}});
}

/// What draws nothing itself and yet ends leads: a button, an indicator lamp, an aerial, a sensor, a motor
/// behind its controller, a sounder. It may sit in an opening of its own and is tested on the bench.
struct Passive {
    Id id;
    std::string name;
    PassiveKind kind = PassiveKind::button;
    Id place{};
    std::string extra{};
    Ohm ohm{};           ///< that a meter shows across it; 0: not known
    bool polar = false;  ///< it minds which way round it is
    Seat seat{};
    Fixing fixing{};
    bool operator==(const Passive&) const = default;
};

struct Phase {
    Id id;
    std::string name;
    Second duration{};
    bool charging = false;
    Ampere charge_current{};
    std::map<Id, LoadState> states;  ///< by load; absent is off
    std::string extra;
    std::map<Id, double> shares;  ///< by load, of its typical draw, 0 to 1; absent is 1
    bool indoors = false;         ///< at room temperature, whatever the air outside
    bool operator==(const Phase&) const = default;
};

struct Measured {
    double value = 0;   ///< in the reading's unit
    bool open = false;  ///< the meter showed an open circuit
    std::string when;
    bool operator==(const Measured&) const = default;
};

struct LogEntry {
    std::string when;   ///< ISO 8601, local
    std::string kind;   ///< "step", "reading", "change", "note"
    std::string about;  ///< key of the step or reading, or id of a part
    std::string text;
    bool operator==(const LogEntry&) const = default;
};

/// A step of the builder's own among those that Sangre finds: taking apart, programming, waiting for glue.
struct OwnStep {
    Id id;
    std::string title;
    std::vector<std::string> actions, tools;
    std::string caution;
    std::vector<std::string> after, before;  ///< keys of steps; one that is not there counts as met
    double minutes = 5, wait_minutes = 0;
    std::string extra;
    Id undoes{};            ///< the own step that this takes back: a lid on that was taken off
    std::string picture{};  ///< name of a file beside the plan
    bool operator==(const OwnStep&) const = default;
};

enum class OwnUnit { volt, ampere, ohm };
constexpr auto names(OwnUnit) {
    return std::to_array<std::pair<OwnUnit, std::string_view>>(
        {{OwnUnit::volt, "V"}, {OwnUnit::ampere, "A"}, {OwnUnit::ohm, "ohm"}});
}

/// A reading of the builder's own, with the window it has to fall into.
struct OwnReading {
    Id id;
    std::string title, state, red, black;
    OwnUnit unit = OwnUnit::volt;
    double low = 0, high = 0;  ///< V, A or Ω
    bool dead = false;         ///< with power off
    std::string extra;
    bool operator==(const OwnReading&) const = default;
};

/// Voltage above which this tool does not go.
inline constexpr Volt highest_voltage{60};

/// The air that is taken where nobody has said one.
inline constexpr Celsius usual_hottest_air{40}, usual_coldest_air{0};

/// How roughly the machine is handled: what stands, what rolls or walks, what flies, falls or is driven hard.
enum class Shaking { still, moves, hard };
constexpr auto names(Shaking) {
    return std::to_array<std::pair<Shaking, std::string_view>>(
        {{Shaking::still, "still"}, {Shaking::moves, "moves"}, {Shaking::hard, "hard"}});
}

struct Plan {
    std::string name = "New plan";
    bool metal_frame = false;
    Celsius hottest_air{usual_hottest_air};
    Celsius coldest_air{usual_coldest_air};
    std::vector<Source> sources;
    std::vector<Hub> hubs;
    std::vector<Converter> converters;
    std::vector<Load> loads;
    std::vector<Passive> passives;
    std::vector<Lead> leads;  ///< those that feed first, then those that only carry signals
    std::vector<Body> bodies;
    std::vector<Place> places;
    std::vector<Opening> openings;
    std::vector<Way> ways;
    std::vector<Side> sides;
    std::vector<Zone> zones;
    std::vector<Phase> phases;
    Practices practices;
    std::map<std::string, std::string> done;   ///< step key → when
    std::map<std::string, Measured> measured;  ///< reading key → value
    std::vector<LogEntry> log;
    std::string extra;
    int repeats_per_day = 1;  ///< how often the phases are gone through in a day
    std::vector<OwnStep> own_steps;
    std::vector<OwnReading> own_readings;
    std::map<Id, std::vector<Terminal>> terminals;  ///< by part; those of others are + and −
    bool flies = false;  ///< it is carried by what it powers, so that mass counts and a loss is a crash
    Shaking shaking = Shaking::moves;
    std::vector<AtHand> at_hand;
    std::map<std::string, double> evenings;      ///< date, ISO 8601 → minutes that there are
    std::map<std::string, OrderState> orders;    ///< line of the shopping list → how far it has come
    std::map<std::string, std::string> arrives;  ///< line of the shopping list → date on which it is expected
    std::map<std::string, double> took;          ///< step key → minutes that it took
    std::map<std::string, std::string> done_as;  ///< step key → what was done, in a line
    std::vector<std::string> rather;             ///< steps that are to come as early as they can
    bool operator==(const Plan&) const = default;

    /// Leads that feed what they end at; a lead's place here is its place in `leads`.
    std::span<Lead> feeds() & { return std::span(leads).first(feed_count()); }
    std::span<const Lead> feeds() const& { return std::span(leads).first(feed_count()); }
    std::span<const Lead> feeds() const&& = delete;  // of a plan that is gone at once
    /// Leads that only carry signals.
    std::span<Lead> signal_leads() & { return std::span(leads).subspan(feed_count()); }
    std::span<const Lead> signal_leads() const& { return std::span(leads).subspan(feed_count()); }
    std::span<const Lead> signal_leads() const&& = delete;
    /// Behind the last of what carries the same. The lead as it stands there.
    Lead& add_feed(Lead lead);
    Lead& add_signal_lead(Lead lead);
    /// All that carry the same are replaced by those.
    void replace_feeds(const std::vector<Lead>& by);
    void replace_signal_leads(const std::vector<Lead>& by);
    template <class Gone>
    void erase_feeds(Gone gone) {
        std::erase_if(leads, [&](const Lead& l) { return l.carries == Carries::supply && gone(l); });
    }

  private:
    size_t feed_count() const;
};

enum class PartKind { none, source, hub, converter, load };

/// Where a part stands in its list; `kind` none when there is no part of that id.
struct PartRef {
    PartKind kind = PartKind::none;
    size_t index = 0;
    bool operator==(const PartRef&) const = default;
};
PartRef find_part(const Plan& plan, const Id& id);

/// The element of that id, or null.
template <class List>
auto* by_id(List&& list, const Id& id) {
    for (auto& e : list)
        if (e.id == id) return &e;
    return static_cast<decltype(&list.front())>(nullptr);
}

/// Every lead with cores: those that only carry signals first, then the cables that feed.
std::vector<const Lead*> cabled_leads(const Plan& plan);
/// Cores of that role, by index.
std::vector<size_t> cores_of_role(const Lead& lead, CoreRole role);

/// What the builder calls a part, feed, body, place, opening, way or phase; the id itself when there is none.
std::string name_of(const Plan& plan, const Id& id);
/// "Hub → Fog pump".
std::string feed_name(const Plan& plan, const Lead& feed);
/// What the builder calls a lead, else as feed_name() has it.
std::string lead_name(const Plan& plan, const Lead& lead);
/// What is written on both its ends: its label, else its name, else the part that it goes to.
std::string lead_label(const Plan& plan, const Lead& lead);
/// The place a part stands in, or "".
Id place_of(const Plan& plan, const Id& part);
/// The body a part stands in, or null where nobody has said one.
const Body* body_of(const Plan& plan, const Id& part);
/// True where a part reaches metal to return its current by: its body's, or the frame's where no body is
/// said.
bool on_metal(const Plan& plan, const Id& part);
/// The bodies whose walls a way passes: those that hold one of its ends and not the other.
std::vector<const Body*> walls_passed(const Plan& plan, const Way& way);
/// "gland Deck hole", "gland between Hub board – Pump well".
Words opening_name(const Plan& plan, const Opening& opening);
/// The feeds that end at this part, in plan order; by index.
std::vector<size_t> feeds_into(const Plan& plan, const Id& part);
/// The feeds that start at this part, in plan order; by index.
std::vector<size_t> feeds_from(const Plan& plan, const Id& part);
/// The first device of that kind in a feed, or null.
const Device* device(const Lead& feed, DeviceKind kind);
/// The feeds from a source to this part, nearest first; stops at a loop.
std::vector<size_t> upstream_feeds(const Plan& plan, const Id& part);
/// The state of a load in a phase; an always-on load is never off.
LoadState state_in(const Phase& phase, const Load& load);
/// The share of its typical draw that a load runs at in a phase; 1 in every other state.
double share_in(const Phase& phase, const Load& load);
/// What it draws in a phase, at nominal voltage.
Ampere draw_in(const Phase& phase, const Load& load);
/// True where some phase has the load work, which idling is not; true of all in a plan without phases.
bool ever_works(const Plan& plan, const Load& load);
/// What modules and wires are chosen for, over what is asked of them: 1, or 1.5 where the builder sizes
/// generously.
double sizing_margin(const Practices& practices);
/// A new id "prefix-words-of-the-name", made unique in the plan by a number.
Id fresh_id(const Plan& plan, const std::string& prefix, const std::string& name);

}  // namespace sangre
