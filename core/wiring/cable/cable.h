#pragma once
// Cables that carry signals: ready-made ones to start from, cores as people type them, what they should be
// checked for.
#include <tl/expected.hpp>

#include "base/units/parse.h"
#include "plan/plan.h"

namespace sangre {

enum class CablePreset {
    servo_red_white_black,   ///< signal white, supply red, ground black
    servo_brown_red_orange,  ///< signal orange, supply red, ground brown
    data_pair,               ///< a twisted pair and its ground
    motor_phases,            ///< three, to a brushless motor
    ribbon,                  ///< ten cores, each in a colour of its own
    four_core,               ///< two used, two left over
    coax                     ///< one core in a shield that is its ground
};

/// All of them, in the order in which they are offered.
const std::vector<CablePreset>& cable_presets();
/// "servo lead, red/white/black".
Words preset_name(CablePreset preset);
/// What it is for, in a line.
Words preset_use(CablePreset preset);

/// A cable of that kind between two parts, pin to pin, unused cores not yet cut back. Its id is still empty.
Lead make_cable(const Plan& plan, CablePreset preset, const Id& from, const Id& to);

/// The colours that insulation comes in, by name.
const std::vector<std::string>& core_colours();

/// Of a cable, as many as a plan file holds.
inline constexpr size_t most_cores = 100;

/// Reads a core as it is typed: "1 white PWM > 1", "2 red 5 V > 2 doubled 1", "4 yellow CAN H > 7 twisted 1",
/// "3 blue unused cut back". The role follows from the signal. Pins are short, signals
/// at most a few words. The error says where and what would be right.
tl::expected<Core, ParseError> parse_core(std::string_view text);

/// The same back.
std::string core_line(const Core& core);

/// True where the pins run the other way at the far end: 1 to n, 2 to n−1. At least two numbered cores.
bool is_mirrored(const Lead& cable);

/// Cores that carry together with this one, itself included, by index.
std::vector<size_t> together_with(const Lead& cable, size_t core);

}  // namespace sangre
