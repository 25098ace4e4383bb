#pragma once
// How warm a wire gets: steady, with time, and in the instant of a short circuit.
#include <memory>
#include <vector>

#include "physics/parts/types.h"

namespace sangre {

/// Heat leaving one metre of a horizontal cylinder of diameter `outer` in still air: natural convection and
/// radiation. Churchill & Chu (1975) for Nu, air properties at film temperature (Sutherland), emissivity 0.9.
/// W/m; surface and air from −60 to 500 °C; `pressure` in atmospheres.
double surface_loss(double surface_c, double air_c, double outer_m, double pressure = 1);

/// What a wire lies in.
struct Surroundings {
    Celsius air{20};
    Metre altitude{};     ///< 0 to 11 000 m; thinner air cools less
    Millimetre sleeve{};  ///< wall of a braided or corrugated sleeve over the wire; 0: none
};

/// Air pressure over that at sea level, standard atmosphere. Source: ISO 2533. Below 0 m counts as 0, above
/// 11 000 m as 11 000.
double pressure_at(Metre altitude);

/// The current that holds a wire's conductor at `conductor` in still air at `air`. Heat balance
/// I²R(Tc) = (Tc−Ts)·2πk/ln(Do/Di) = surface loss(Ts). Zero where the conductor is not warmer than the air.
Ampere current_at_temperature(const WireType& wire, const Insulation& insulation, Celsius conductor,
                              Celsius air);
Ampere current_at_temperature(const WireType& wire, const Insulation& insulation, Celsius conductor,
                              const Surroundings& around);

/// The continuous current at which the insulation reaches its maximum temperature, one circuit in free air.
Ampere ampacity(const WireType& wire, const Insulation& insulation, Celsius air);
Ampere ampacity(const WireType& wire, const Insulation& insulation, const Surroundings& around);

/// Factor on ampacity where n circuits lie touching in one bundle: 1 → 1, 2 → 0.8 … 20 → 0.38, between by
/// line. Source: IEC 60364-5-52 table B.52.17. n below 1 counts as 1, above 20 as 20.
double bunching_factor(int circuits);

/// Short-circuit constant k = 226·√ln((234.5+Tf)/(234.5+Ti)), A·√s/mm²; copper. Source: IEC 60949.
double adiabatic_k(Celsius initial, Celsius final);

/// The current that takes the conductor from `initial` to `final` in that time without losing heat:
/// I = k·S/√t. For up to 5 s. Source: IEC 60949.
Ampere adiabatic_current(SquareMillimetre area, Second time, Celsius initial, Celsius final);

/// The heat balance of one wire in one air temperature, tabulated once and then read many times.
class WireThermal {
  public:
    /// `bunch` divides the steady heating current as bunching_factor does; `conductors` alike in parallel
    /// share every current asked about.
    WireThermal(const WireType& wire, const Insulation& insulation, Celsius air, double bunch = 1,
                int conductors = 1);

    /// Conductor temperature after a long time at this current; held at 1000 °C.
    Celsius steady(Ampere current) const;
    /// Conductor temperature after `time` at `current`, from `start`. Lumped heat capacity of conductor and
    /// insulation; adiabatic for short times by construction. Integrated in steps of at most 10 K.
    Celsius after(Ampere current, Second time, Celsius start) const;
    /// How fast the conductor warms at this current and temperature, K/s; negative where it cools.
    double rate(Ampere current, Celsius conductor) const;
    /// How long `current` may flow, from `start`, until the conductor reaches `limit`; infinite where it
    /// never does.
    Second time_to(Ampere current, Celsius limit, Celsius start) const;
    /// I²t, A²·s, that takes the conductor from `start` to `limit` where all heat stays in the metal; 0 where
    /// it is there. The k²S² of IEC 60949; its non-adiabatic factor, never below 1, allows more.
    double adiabatic_heat(Celsius limit, Celsius start) const;
    /// The conductor temperature that so much I²t, A²·s, leaves where all heat stays in the metal.
    Celsius after_adiabatic(double square_seconds, Celsius start) const;
    Celsius air() const { return air_; }
    /// What one such conductor alone in this air carries at its insulation's maximum, as ampacity() says.
    Ampere free_ampacity() const { return free_ampacity_; }

  private:
    double loss(double conductor_c) const;        ///< W/m at a conductor temperature
    double heating(double amps, double c) const;  ///< W/m
    double air_c_ = 20;
    Celsius air_{20};
    Ampere free_ampacity_{};
    double resistance20_ = 0;         ///< Ω/m
    double heat_capacity_ = 1;        ///< J/(K·m)
    double metal_heat_capacity_ = 1;  ///< of that, the conductor's
    double bunch_ = 1;
    double conductors_ = 1;
    std::vector<double> loss_;         ///< at air + i·step
    std::vector<double> steady_heat_;  ///< W/m, made at 20 °C by the current that holds each of these; rising
    static constexpr double step = 10;
};

/// The thermal table of a wire in this air and bunch. Tables cost more than all the rest of a study and
/// depend on nothing else, so those made are kept, for all threads.
std::shared_ptr<const WireThermal> thermal_of(const WireType& wire, const Insulation& insulation, Celsius air,
                                              int bunched, int conductors = 1);

}  // namespace sangre
