#pragma once
// A joint to make: strip, overlap, the tube that covers it, where that tube waits, heat and tug.
#include <compare>
#include <optional>

#include "base/why.h"
#include "plan/plan.h"
#include "wiring/joint/size.h"

namespace sangre {

/// What meets at a joint.
struct JointWires {
    const WireType* wire = nullptr;
    int conductors = 1;               ///< of that wire in parallel, joined together
    const WireType* other = nullptr;  ///< at the far side, where it is another wire
    Landing landing{};                ///< what this side lands on, where that is named
    auto operator<=>(const JointWires&) const = default;
};

struct JointWork {
    const JointKind* kind = nullptr;
    JointWires wires;
    JointSize size;
    Millimetre bundle{};  ///< all conductors of this side together, over their insulation
    Millimetre copper{};  ///< the same, bared
    Millimetre far{};     ///< the far side over its insulation; as thick as this one where it is alike
    const TubeSize* tube = nullptr;    ///< null where none is used, or none on the list fits
    bool tape = false;                 ///< covered with tape or glue instead of a tube, by practice
    bool tube_missing = false;         ///< wants a tube that is not at hand
    const TubeSize* to_buy = nullptr;  ///< that would do, where it is not at hand
    Millimetre joint_length{};         ///< bare metal to cover
    Millimetre widest{};               ///< what the tube must pass
    Millimetre thinnest{};             ///< what it must grip
    Millimetre tube_cut{};
    Millimetre parking{};              ///< least distance of the waiting tube from the heat
    const CrimpPart* crimp = nullptr;  ///< pressed on; null where none is, or none of the catalogue's fits
    Ohm most{};                        ///< that a sound one shows
    Why why;
};

/// True where joints are covered with tube; with anything else no tube is cut.
bool tube_school(InsulationSchool school);
/// All of them, the default first.
const std::vector<InsulationSchool>& coverings();
/// "adhesive tube".
Words covering_name(InsulationSchool school);
/// What a way of covering is for, in a sentence.
Words covering_words(InsulationSchool school);
/// What the hands do at the joint.
Words covering_action(InsulationSchool school);

/// Works a joint of this kind on these wires out; the wire must not be null.
JointWork work_joint(const Catalogue& catalogue, const JointKind& kind, const JointWires& wires,
                     InsulationSchool school, const std::vector<Id>& tubes_at_hand = {});

/// What meets at one end of a feed; its wire is null where none is chosen.
JointWires wires_of(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source);

/// The joint at one end of a lead, by its index among all: its conductors, or each of its cores, against the
/// load's own lead where it has one. Nothing where no joint or no wire is chosen.
std::optional<JointWork> feed_joint(const Plan& plan, const Catalogue& catalogue, size_t feed,
                                    bool at_source);

/// True where two wires end in each other, each bared.
bool is_splice(const JointKind& kind);
/// True where the strands are pressed into a ferrule first.
bool has_ferrule(const JointKind& kind);

/// The smallest tube that slips over `pass` (expanded ≥ 1.1 ×) and grips `hold` (recovered ≤ 0.9 ×), of those
/// at hand, or of the whole catalogue where none are named; null if none.
const TubeSize* choose_tube(const Catalogue& catalogue, Millimetre pass, Millimetre hold, bool adhesive,
                            const std::vector<Id>& at_hand = {});

/// How far from the heat copper stays below the tubing's 90 °C: the lesser of three fin lengths λ =
/// √(kA/(hP)) and the diffusion length 2√(αt), as a share of the tip's rise. Plus 10 mm for the hand.
Millimetre parking_distance(const WireType& wire, Celsius tip, Second dwell);

}  // namespace sangre
