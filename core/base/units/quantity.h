#pragma once
// The physical quantities that Sangre computes with, as strong types: a volt cannot be passed for an ampere.
// They are the unit containers of the units library (2.3); products and quotients convert where dimensions
// agree.
#include <units.h>

namespace sangre {

using Volt = units::voltage::volt_t;
using Ampere = units::current::ampere_t;
using Ohm = units::impedance::ohm_t;
using Watt = units::power::watt_t;
using Metre = units::length::meter_t;
using Millimetre = units::length::millimeter_t;
using SquareMillimetre = units::unit_t<units::squared<units::length::millimeter>>;
using Second = units::time::second_t;
using AmpereHour = units::charge::ampere_hour_t;
using WattHour = units::energy::watt_hour_t;
using Celsius = units::temperature::celsius_t;
using Gram = units::mass::gram_t;
using Farad = units::capacitance::farad_t;
using Henry = units::inductance::henry_t;
using Hertz = units::frequency::hertz_t;
using Joule = units::energy::joule_t;

/// The number of a quantity in its own unit, for numeric loops and for printing.
template <class Quantity>
constexpr double raw(Quantity q) {
    return q.template to<double>();
}

}  // namespace sangre
