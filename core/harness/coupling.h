#pragma once
// What leads do to one another where they run side by side, and how far the fields of heavy ones reach.
#include "harness/harness.h"
#include "plan/signal_limits.h"
#include "wiring/index/index.h"

namespace sangre {

/// True where the Build twists a plain lead's supply and return: it has a return of its own and is longer
/// than 0.2 m. A cable is twisted where its cores say so.
bool is_twisted(const Lead& lead, Metre length);

/// Mutual inductance of two pairs in one plane, per metre: μ0/2π · |ln(D14·D23/(D13·D24))|, `gap` between
/// the nearest conductors of each, `spread` from one conductor to the other of a pair, centre to centre;
/// all over 0. Source: Paul, Introduction to Electromagnetic Compatibility, thin wires.
double mutual_inductance(Metre spread_a, Metre spread_b, Metre gap);
/// Of a pair by itself, per metre: μ0/π · arccosh(spread/diameter), the diameter below the spread.
double pair_inductance(Metre spread, Metre conductor);

/// Magnetic field, tesla, that far from a pair with `spread` between its conductors: μ0·I·s/(2π·d²); of one
/// conductor alone (no pair) μ0·I/(2π·d).
double field_of_pair(Ampere current, Metre spread, Metre off);
double field_of_one(Ampere current, Metre off);

/// What twisting leaves of what a pair makes or picks up: 20 dB less.
inline constexpr double left_by_twist = 0.1;
/// What is taken of what disturbs: this share of its highest draw changes within this time. Typical of
/// brushed motors, their controllers and switching inputs.
inline constexpr double ripple_share = 0.2;
inline constexpr Second ripple_rise{1e-6};
/// Within which a motor's phase goes from 0 to the supply's voltage, typical.
inline constexpr Second phase_rise{1e-7};

/// A lead that disturbs beside one that is disturbed.
struct Coupling {
    size_t noisy = 0, quiet = 0;  ///< leads, the feeds first
    std::vector<size_t> ways;     ///< that both run along
    Metre along{};                ///< those together
    Millimetre apart{};           ///< centre to centre of the nearest conductors, one beside the other
    double henry_per_m = 0;
    Ampere ripple{};
    bool twisted = false;   ///< one of them is
    bool shielded = false;  ///< the quiet one is a coax
    Volt untwisted{};       ///< that couples in where neither is
    Volt couples{};         ///< as they are built
    Volt bears{};           ///< what the quiet one stands; 0: not known

    /// More than the quiet one stands, where that is known.
    bool too_much() const { return bears > Volt(0) && couples > bears; }
    /// The one that this lead lies beside.
    size_t other(size_t lead) const { return lead == noisy ? quiet : noisy; }
};

/// It carries what disturbs others: the ripple of noisy loads and motors, or a motor's phases.
bool can_disturb(const Plan& plan, const PlanIndex& index, size_t lead);
/// It carries signals, or feeds what is sensitive and nothing noisy.
bool can_be_disturbed(const Plan& plan, const PlanIndex& index, size_t lead);
/// What one couples into the other along these ways; nothing where a wire is not known. Into a coax by the
/// transfer impedance of its braid, 20 mΩ a metre, typical of a single one below 1 MHz, from what the ripple
/// drives round its shield and the frame. Source: Vance, Coupling to Shielded Cables.
std::optional<Coupling> coupling(const Plan& plan, const PlanIndex& index, const Harness& harness,
                                 size_t noisy, size_t quiet, const std::vector<size_t>& ways);
/// What one lead would disturb, and be disturbed by, along these ways, of all that lies on them; in the order
/// of the others, what it disturbs first.
std::vector<Coupling> couplings_along(const Plan& plan, const PlanIndex& index, const Harness& harness,
                                      size_t lead, const std::vector<size_t>& ways);
/// Every such pair that shares a way, in the order of the leads.
std::vector<Coupling> all_couplings(const Plan& plan, const PlanIndex& index, const Harness& harness);

/// What a lead feeds that disturbs: the sum of the highest draws behind it of what is noisy or a motor.
Ampere noisy_current(const Plan& plan, const PlanIndex& index, size_t lead);

/// What a lead that carries signals, or feeds what is sensitive, stands between its conductors.
Volt noise_borne(const Plan& plan, size_t lead);

}  // namespace sangre
