#pragma once
// What one kind of joint asks on the copper that it takes: strip, overlap, heat, tug.
#include "catalogue/catalogue.h"

namespace sangre {

struct JointSize {
    Millimetre strip{}, overlap{};
    Celsius iron{};  ///< tip temperature, 0 where no iron is used
    Second dwell{};
    Millimetre burn_back{};  ///< of the insulation, where a torch heats it
    std::string heat;        ///< what makes it hot: thick copper wants more than a tip
    double tug_newton = 0;  ///< a quarter of what the wire stands pulled out, never more than the kind allows
    bool operator==(const JointSize&) const = default;
};

/// On so much copper, that of all conductors together, `bared` across. Strip grows with the conductor, the
/// dwell with the root of its area beyond 1 mm²; from 2.5 mm² a big tip at 380 °C or more, from 10 mm² a
/// torch, from which PVC shrinks back some 5 mm (typical workmanship).
JointSize joint_size(const JointKind& kind, SquareMillimetre copper, Millimetre bared);

/// Pull a sound crimp of that area stands, N; log-log between 22 AWG 36, 18 AWG 89, 14 AWG 223, 10 AWG 356.
/// Sources: UL 486A, IEC 60352-2.
double pull_out_force(SquareMillimetre area);

/// Diameter of so many circles of one diameter, packed.
Millimetre bundled(Millimetre one, int n);

}  // namespace sangre
