#pragma once
// Conductors: area, resistance and resistance with temperature.
#include "physics/parts/types.h"

namespace sangre {

enum class Stranding { solid, stranded };

/// Area of an AWG conductor; gauge −3 … 0 are 4/0 … 1/0. d = 0.127 mm · 92^((36−n)/39). Source: ASTM B258.
SquareMillimetre awg_area(int gauge);

/// Diameter of the solid conductor of that area.
Millimetre solid_diameter(SquareMillimetre area);

/// Ω/m of annealed copper at 20 °C: ρ/A with ρ = 1.7241e-8 Ω·m (100 % IACS), stranded × 1.02.
/// Area must be positive. Sources: IEC 60028, ASTM B8.
double resistance_per_metre(SquareMillimetre area, Stranding stranding);

/// The same for a material: tinned × 1.03, copper-clad aluminium × 1.6. Source: ASTM B33, ASTM B566.
double resistance_per_metre(SquareMillimetre area, Stranding stranding, Conductor material);

/// g/cm³ of the conductor: copper 8.96, tinned 8.94, copper-clad aluminium (15 % copper) 3.63.
double conductor_density(Conductor material);

/// Factor on a 20 °C resistance at conductor temperature `t`: 1 + 0.00393 (t − 20). Source: IEC 60028.
/// Held at 0.1 below −209 °C, where the line has left its range.
double temperature_factor(Celsius t);

}  // namespace sangre
