#pragma once
// What draws, as physics takes it.
#include <array>
#include <string>
#include <string_view>
#include <utility>

#include "base/units/quantity.h"
#include "physics/parts/fixing.h"
#include "physics/parts/id.h"

namespace sangre {

enum class LoadKind { current, power, resistance, motor, led };
constexpr auto names(LoadKind) {
    return std::to_array<std::pair<LoadKind, std::string_view>>({{LoadKind::current, "current"},
                                                                 {LoadKind::power, "power"},
                                                                 {LoadKind::resistance, "resistance"},
                                                                 {LoadKind::motor, "motor"},
                                                                 {LoadKind::led, "led"}});
}
enum class LoadState { off, idle, typical, peak, stall };
constexpr auto names(LoadState) {
    return std::to_array<std::pair<LoadState, std::string_view>>({{LoadState::off, "off"},
                                                                  {LoadState::idle, "idle"},
                                                                  {LoadState::typical, "typical"},
                                                                  {LoadState::peak, "peak"},
                                                                  {LoadState::stall, "stall"}});
}

/// What must run. Currents are at `nominal`; a power load draws nominal × current, a resistance is nominal ÷
/// current. A motor draws what its torque asks, and nominal ÷ `start` is its winding; an LED string lights
/// above three quarters of nominal.
struct Load {
    Id id;
    std::string name;
    LoadKind kind = LoadKind::current;
    Volt v_min{}, v_max{};
    Volt nominal{};
    Ampere idle{}, typical{}, peak{};
    Second peak_time{};
    Ampere start{};
    Second start_time{};
    Farad capacitance{};  ///< across its input; charges with a spark when plugged in
    bool always_on = false;
    bool vital = false;
    bool noisy = false;
    bool sensitive = false;
    bool transmitter = false;
    bool own_switch = false;  ///< the builder wants to switch it alone
    bool starter = false;     ///< starts the vehicle: the pack is spent when this no longer turns
    bool igniter = false;     ///< fires once: an ohm or two that must not see a volt before it is meant to
    bool heat_elsewhere = false;  ///< its watts go where it leads: a socket's into what is plugged in
    Id place;
    std::string extra;
    bool assumed = false;  ///< its figures are typical of such parts, not measured
    Id lead;               ///< the wire it comes with; empty: it takes the feed's wire itself
    /// Only a nominal voltage was said, such as 12 V: its range is that of a battery of that name.
    bool range_assumed = false;
    // Of a motor: what stands between it and its supply.
    Ohm bridge{};        ///< both closed switches of its bridge together
    Volt bridge_drop{};  ///< of a bridge that takes so much whatever the current
    Fixing fixing{};
    bool operator==(const Load&) const = default;
};

/// Its nominal voltage, or the middle of its range where none is said.
Volt nominal_of(const Load& load);
/// What a rail for it is made to give: its nominal voltage; of one that only says a wide range, the usual
/// rail voltage nearest its middle. Source: practice.
Volt rail_voltage_of(const Load& load);
/// What is lost in the bridge between a motor and its supply at a current: I²R + I·U. 0 without one.
Watt bridge_loss(const Load& load, Ampere amps);
/// What that bridge keeps from the motor at a current.
Volt bridge_volts(const Load& load, Ampere amps);
/// True of a starter, whatever it is called: a motor that for a moment draws what nothing else of such a
/// machine does, 80 A and twenty times what it runs with. Typical.
bool cranks(const Load& load);
/// True of a motor that something electronic drives: a bridge is said, or a peak or standby current that only
/// a controller has. Without supply its transistors block, and a meter sees its capacitors alone.
bool has_controller(const Load& load);
/// The current a load asks for in a state, at its nominal voltage.
Ampere draw(const Load& load, LoadState state);

}  // namespace sangre
