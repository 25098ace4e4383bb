#pragma once
// A lead, its cores and what sits in it.
#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "base/units/quantity.h"
#include "base/words/say.h"
#include "physics/parts/fixing.h"
#include "plan/seat.h"
#include "plan/signal.h"

namespace sangre {

enum class DeviceKind { fuse, power_switch, connector, diode, filter, shunt, precharge, splice };
constexpr auto names(DeviceKind) {
    return std::to_array<std::pair<DeviceKind, std::string_view>>(
        {{DeviceKind::fuse, to_say("fuse")},
         {DeviceKind::power_switch, to_say("switch")},
         {DeviceKind::connector, to_say("connector")},
         {DeviceKind::diode, to_say("diode")},
         {DeviceKind::filter, to_say("filter")},
         {DeviceKind::shunt, to_say("shunt")},
         {DeviceKind::precharge, to_say("precharge")},
         {DeviceKind::splice, to_say("splice")}});
}
enum class Return { own, frame, shared };
constexpr auto names(Return) {
    return std::to_array<std::pair<Return, std::string_view>>(
        {{Return::own, "own"}, {Return::frame, "frame"}, {Return::shared, "shared"}});
}
/// What goes round the wires of a lead from end to end.
enum class Jacket { none, sheath, braid, tube };
constexpr auto names(Jacket) {
    return std::to_array<std::pair<Jacket, std::string_view>>({{Jacket::none, "none"},
                                                               {Jacket::sheath, "sheath"},
                                                               {Jacket::braid, "braid"},
                                                               {Jacket::tube, "tube"}});
}
enum class CableKind { plain, servo, data, motor, ribbon, other, coax };
constexpr auto names(CableKind) {
    return std::to_array<std::pair<CableKind, std::string_view>>({{CableKind::plain, "plain"},
                                                                  {CableKind::servo, "servo"},
                                                                  {CableKind::data, "data"},
                                                                  {CableKind::motor, "motor"},
                                                                  {CableKind::ribbon, "ribbon"},
                                                                  {CableKind::other, "other"},
                                                                  {CableKind::coax, "coax"}});
}
enum class CoreRole { supply, ground, signal, phase, unused };
constexpr auto names(CoreRole) {
    return std::to_array<std::pair<CoreRole, std::string_view>>({{CoreRole::supply, "supply"},
                                                                 {CoreRole::ground, "ground"},
                                                                 {CoreRole::signal, "signal"},
                                                                 {CoreRole::phase, "phase"},
                                                                 {CoreRole::unused, "unused"}});
}

/// Something in a feed's supply conductor.
struct Device {
    Id id;
    DeviceKind kind = DeviceKind::fuse;
    Id type;           ///< fuse family, switch, connector or inline part of the catalogue
    Ampere rating{};   ///< of a fuse
    std::string name;  ///< of a switch, as the builder calls it
    std::string extra;
    std::optional<Metre> at{};        ///< of a fuse: wire between it and its source; absent: right at it
    bool reversed = false;            ///< of a polarised one: put in the wrong way round
    Id holder{};                      ///< of a fuse: the in-line holder that it sits in; empty: any
    std::optional<Metre> own_lead{};  ///< of each of its holder's leads as they are cut; absent: as they come
    Id joint_in{},
        joint_out{};  ///< joint kinds on either side, where the wire meets leads or lugs of its own
    Id coil_from{};   ///< of a relay: the part whose supply its coil hangs on; empty: this feed's own
    Id control{};     ///< of a relay: the part that closes it: a button, a controller
    Id sits_on{};     ///< of a thermal switch: the module or load whose warmth it feels; empty: the air there
    std::optional<double> warmer_k{};  ///< K over the air that this gets while it works; absent: a module's
                                       ///< by its own heat, a load's is not known
    Id panel{};                        ///< the body in whose wall it is seated; empty: it lies in its lead
    Seat seat{};                       ///< there
    Reach reach = Reach::any;
    bool operator==(const Device&) const = default;
};

/// One conductor of a cable, from a pin at one end to a pin at the other.
struct Core {
    std::string signal;  ///< "5 V", "GND", "PWM", "CAN H"
    CoreRole role = CoreRole::signal;
    std::string from_pin, to_pin;
    std::string colour;
    int twist = 0;          ///< cores of one number are twisted together; 0: with none
    int doubled = 0;        ///< cores of one number are joined at both ends and carry together; 0: alone
    bool cut_back = false;  ///< of an unused one: cut back and insulated at both ends
    bool operator==(const Core&) const = default;
};

/// What a lead is for: it feeds what it ends at, or carries signals and at the most a supply that something
/// else feeds. It follows from its cores and from what else ends there; settle_leads() keeps it true.
enum class Carries { supply, signal };
constexpr auto names(Carries) {
    return std::to_array<std::pair<Carries, std::string_view>>(
        {{Carries::supply, "supply"}, {Carries::signal, "signals"}});
}

/// What runs between two parts. One that feeds has a supply and comes back by its return: two plain wires, or
/// where it is a cable those of its `cores` that do so. One that only carries signals has cores alone.
struct Lead {
    Id id;
    Id from, to;
    std::vector<Device> devices;
    Id wire;                      ///< of each conductor
    std::optional<Metre> length;  ///< measured on the machine; without it, from the ways
    Return ret = Return::own;
    Id shared_with;           ///< the feed whose return this one uses, for Return::shared
    Id joint_from, joint_to;  ///< joint kinds of the catalogue
    std::string supply_colour = "red";
    std::string return_colour = "black";
    std::string extra;
    int conductors = 1;  ///< alike, in parallel, in the supply and in the return
    // Of a cable:
    std::string name;  ///< empty: after what it joins
    CableKind kind = CableKind::plain;
    Volt volts{};             ///< highest on its supply core, of one that does not feed
    Ampere amps{};            ///< that its supply core carries, of one that does not feed
    std::string label;        ///< what is written on both ends; empty: only its name
    bool terminated = false;  ///< of a data bus: a resistor across the pair at its ends
    std::vector<Core> cores;
    // Names of the terminals that it lands on; empty: the part's only one of that role.
    std::string terminal_from{}, terminal_to{};  ///< of its supply
    std::string return_from{}, return_to{};      ///< of its return
    std::vector<Id> by{};                        ///< ways that it is to go by; empty: the least
    std::optional<Metre> loop{};    ///< what is to be lifted out or to move; absent: the usual service loop
    std::optional<Metre> trim{};    ///< cut off at each end; absent: as usual
    std::optional<double> slack{};  ///< share of the path that is added; absent: as usual
    SignalKind signal = SignalKind::unsaid;  ///< what its signal cores speak
    Jacket jacket =
        Jacket::none;     ///< of plain wires a braid or a tube; a sheath is over the cores of a cable
    Millimetre across{};  ///< over its jacket, or over a coax; 0: not measured
    std::optional<Metre> supplied{};  ///< length that it came with; absent: it is cut from what is bought
    Millimetre plug{};                ///< across the plug that it came with and keeps; 0: not measured
    Carries carries = Carries::supply;
    bool operator==(const Lead&) const = default;
};

}  // namespace sangre
