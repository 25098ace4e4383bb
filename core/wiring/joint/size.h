#pragma once
// What one kind of joint asks on the copper that it takes: strip, overlap, heat, tug.
#include <compare>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// What the end of a wire is made for: the pad, screw or stud that it lands on.
struct Landing {
    TerminalTakes takes = TerminalTakes::unsaid;
    Millimetre size{};   ///< bore, width or thread; 0: not known
    Millimetre along{};  ///< of a pad: its other side, which the wire lies along; 0: not known
    bool operator==(const Landing&) const = default;
    std::partial_ordering operator<=>(const Landing& other) const {
        if (takes != other.takes) return takes <=> other.takes;
        if (size != other.size) return raw(size) <=> raw(other.size);
        return raw(along) <=> raw(other.along);
    }
};

struct JointSize {
    Millimetre strip{}, overlap{};
    Celsius iron{};            ///< tip temperature, 0 where no iron is used
    Millimetre tip{};          ///< width of its chisel; 0: `heat` says what it is
    Millimetre wire_solder{};  ///< thickness of the solder wire that suits it; 0: as the kind says
    Second dwell{};
    Millimetre burn_back{};  ///< of the insulation, where a torch heats it
    Words heat;              ///< what makes it hot: thick copper wants more than a tip
    double tug_newton = 0;  ///< a quarter of what the wire stands pulled out, never more than the kind allows
    bool operator==(const JointSize&) const = default;
};

/// On so much copper, that of all conductors together, `bared` across. Strip grows with the conductor, the
/// dwell with the root of its area beyond 1 mm²; from 2.5 mm² a big tip at 380 °C or more, from 10 mm² a
/// torch, from which PVC shrinks back some 5 mm (typical workmanship). On a pad whose size is known the tip
/// is no wider than it, the heat and the tug are what its copper bears, and the insulation ends at its edge;
/// in a screw's bore it is stripped as deep as that.
JointSize joint_size(const JointKind& kind, SquareMillimetre copper, Millimetre bared,
                     const Landing& landing = {});
/// The narrower of the terminals that both wires of a lead's end land on; unsaid where none is named.
Landing landing_of(const Plan& plan, const Lead& lead, bool at_source);

/// Pull a sound crimp of that area stands, N; log-log between 22 AWG 36, 18 AWG 89, 14 AWG 223, 10 AWG 356.
/// Sources: UL 486A, IEC 60352-2.
double pull_out_force(SquareMillimetre area);

/// Diameter of so many circles of one diameter, packed.
Millimetre bundled(Millimetre one, int n);

}  // namespace sangre
