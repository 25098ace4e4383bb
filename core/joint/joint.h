#pragma once
// A joint to make: strip, overlap, the tube that covers it, where that tube waits, heat and tug.
#include "catalogue/catalogue.h"
#include "why.h"

namespace sangre {

struct JointWork {
    const JointKind* kind = nullptr;
    const WireType* wire = nullptr;
    const TubeSize* tube = nullptr;  ///< null where none is used, or none on the list fits
    bool tape = false;               ///< covered with tape or glue instead of a tube, by practice
    bool tube_missing = false;       ///< wants a tube that the catalogue does not hold
    Millimetre joint_length{};       ///< bare metal to cover
    Millimetre widest{};             ///< what the tube must pass
    Millimetre tube_cut{};
    Millimetre parking{};  ///< least distance of the waiting tube from the heat
    double pull_newton = 0;
    Why why;
};

/// True where joints are covered with tube; with anything else no tube is cut.
bool tube_school(InsulationSchool school);
/// What a way of covering is for, in a sentence.
std::string covering_words(InsulationSchool school);

/// Works a joint of this kind on this wire out.
JointWork work_joint(const Catalogue& catalogue, const JointKind& kind, const WireType& wire,
                     InsulationSchool school);

/// The smallest tube that slips over `pass` (expanded ≥ 1.1 ×) and grips `hold` (recovered ≤ 0.9 ×); null if
/// none.
const TubeSize* choose_tube(const Catalogue& catalogue, Millimetre pass, Millimetre hold, bool adhesive);

/// How far from the heat copper stays below the tubing's 90 °C: the lesser of three fin lengths λ =
/// √(kA/(hP)) and the diffusion length 2√(αt), as a share of the tip's rise. Plus 10 mm for the hand.
Millimetre parking_distance(const WireType& wire, Celsius tip, Second dwell);

/// Pull a sound crimp of that area stands, N; log-log between 22 AWG 36, 18 AWG 89, 14 AWG 223, 10 AWG 356.
/// Sources: UL 486A, IEC 60352-2.
double pull_out_force(SquareMillimetre area);

}  // namespace sangre
