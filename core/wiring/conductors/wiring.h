#pragma once
// What there will physically be, resolved once from plan and catalogue: every wire and its stretches between
// joints, the joints, the items in it, the points of parts where it ends. The network, mass, cost, holes,
// cuts, the list, labels, strips and readings count these and nothing else.
#include <algorithm>
#include <span>
#include <vector>

#include "wiring/index/index.h"
#include "wiring/item/item.h"

namespace sangre {

/// Ohms of a clean, bare, bolted ground point: a load's on the frame, or a pack's.
inline constexpr double frame_bond_ohm = 0.001;

enum class WireRole { supply, back, signal, unused };
enum class Pole { plus, minus, out };  ///< out: the output + of a module, whose input is `plus`

/// A point of a part at which wires end.
struct WireTerminal {
    PartRef part;
    Pole pole = Pole::plus;
    bool operator==(const WireTerminal&) const = default;
};

/// One wire of a lead from end to end, as it is cut from the spool, or a core of its cable.
struct WireCore {
    size_t lead = 0;  ///< the feeds in plan order, then the leads that only carry signals
    WireRole role = WireRole::supply;
    int number = 1;  ///< among those alike, in parallel
    int alike = 1;
    const WireType* wire = nullptr;  ///< null where the catalogue does not hold it
    const Insulation* insulation = nullptr;
    Metre length{};  ///< along its way
    Metre cut{};     ///< with all that its ends and slack take; 0 where that is not known yet
    size_t conductors_begin = 0, conductors_end = 0;
    int of_cable = -1;  ///< which core of the plan's lead it is; −1: a plain wire
    bool operator==(const WireCore&) const = default;
};

/// What a joint is made at.
enum class JointAt { source, end, item_in, item_out, frame, other_return };

/// Where ends of wires meet: at a part, at an item, at the frame, or at another feed's return. Those alike,
/// in parallel, are made as one. A core that is not used is cut back and covered at each end.
struct WireJoint {
    size_t lead = 0;
    WireRole role = WireRole::supply;
    JointAt at = JointAt::source;
    const JointKind* kind = nullptr;  ///< null where none is chosen, or none of the catalogue's
    Ohm ohm{};
    int terminal = -1;  ///< by index; −1 at an item
    int item = -1;      ///< by index; −1 at a part
    int of_cable = -1;  ///< of a signal or an unused core: which of the plan's lead it is
    bool operator==(const WireJoint&) const = default;
};

/// A stretch of one wire between two joints.
struct WireConductor {
    size_t core = 0;
    Metre from{}, to{};  ///< along the core, from its source
    size_t joint_a = 0, joint_b = 0;
    bool operator==(const WireConductor&) const = default;
};

struct WireItem {
    size_t feed = 0;
    size_t device = 0;  ///< of the feed, by index
    DeviceKind kind = DeviceKind::fuse;
    bool known = false;  ///< the catalogue holds it; without, its values are nothing
    ItemValues values;
    bool blocks = false;  ///< a diode the wrong way round
    Metre at{};           ///< along the supply, from the source
    bool at_said =
        false;  ///< otherwise a fuse stands at its source, and what comes after it somewhere on the way
    int coil_plus = -1, coil_minus = -1;  ///< terminals that a relay's coil hangs on
    bool operator==(const WireItem&) const = default;
};

/// What is of one lead stands side by side in each list.
struct LeadWires {
    size_t cores = 0, conductors = 0, joints = 0, items = 0;       ///< where they begin
    int from_plus = 0, from_minus = 0, to_plus = 0, to_minus = 0;  ///< terminals by index
    int home = 0;  ///< where the return leads: the source's −, the frame, or what shares its return
    bool operator==(const LeadWires&) const = default;
};

struct Wiring {
    std::vector<WireTerminal> terminals;
    std::vector<WireCore> cores;
    std::vector<WireConductor> conductors;
    std::vector<WireJoint> joints;
    std::vector<WireItem> items;
    std::vector<LeadWires> leads;  ///< one more than there are, which is the end of the last
    size_t feeds = 0;              ///< of the leads, that feed; those come first
    int frame = -1;                ///< terminal of the metal frame, where something returns through it

    size_t lead_count() const { return leads.size() - 1; }
    std::span<const WireCore> cores_of(size_t lead) const { return part(cores, lead, &LeadWires::cores); }
    std::span<const WireConductor> conductors_of(size_t lead) const {
        return part(conductors, lead, &LeadWires::conductors);
    }
    std::span<const WireJoint> joints_of(size_t lead) const { return part(joints, lead, &LeadWires::joints); }
    std::span<const WireItem> items_of(size_t lead) const { return part(items, lead, &LeadWires::items); }
    bool has_own_return(size_t feed) const {
        const auto all = cores_of(feed);
        return std::any_of(all.begin(), all.end(), [](const auto& c) { return c.role == WireRole::back; });
    }

    bool operator==(const Wiring&) const = default;

  private:
    template <class T>
    std::span<const T> part(const std::vector<T>& list, size_t lead, size_t LeadWires::*begin) const {
        const size_t from = leads[lead].*begin;
        return std::span<const T>(list).subspan(from, leads[lead + 1].*begin - from);
    }
};

/// `lengths` and `cuts`: of each lead, one way, the feeds first; without cuts those of the cores are 0, and
/// leads beyond the lengths are left out. Ids
/// that the catalogue or the plan do not hold count as nothing; findings name them.
Wiring wire_up(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue,
               const std::vector<Metre>& lengths, const std::vector<Metre>& cuts = {});

/// One feed alone, as feed 0, its terminals left out.
Wiring wire_up_feed(const Plan& plan, const Catalogue& catalogue, const Lead& feed, Metre length);

/// Stable under edits elsewhere: "feed-hub-pump/+", with "/2" for the second of those in parallel.
std::string core_key(const Plan& plan, const WireCore& core);
/// "feed-hub-pump/+@source", "pump-fuse/in".
std::string joint_key(const Plan& plan, const Wiring& wiring, const WireJoint& joint);
/// As a builder says it: "Pump lead, −, at Hub", "Pump lead, +, before its fuse".
Words joint_name(const Plan& plan, const Wiring& wiring, const WireJoint& joint);
/// Red, black or what the builder chose.
const std::string& core_colour(const Plan& plan, const WireCore& core);
/// How many ends of wires meet there.
size_t ends_in(const Wiring& wiring, size_t joint);

}  // namespace sangre
