#pragma once
// The build as ordered steps, from the plan's own dependencies.
#include "electrical/figures.h"
#include "making/steps/order.h"
#include "wiring/joint/joint.h"

namespace sangre {

/// What is done: one kind for each that is drawn, ordered or timed in a way of its own.
enum class StepKind {
    prepare,
    drill,        ///< holes and their fittings, before the first wire
    find_source,  ///< a live one, measured before anything hangs on it
    set_module,   ///< set and measured with nothing on its output
    cut,          ///< and labelled
    thread,       ///< through openings, past what it meets
    sleeve,       ///< tubes on
    item,         ///< a fuse holder, a switch … into its lead
    seat,         ///< in a wall or where it stands
    join,         ///< one end of a lead
    cable,        ///< both ends of a lead with cores
    pigtail,      ///< leads and a tail in one joint
    join_return,  ///< to the frame or to another's return
    cover,        ///< a board in its tube
    beep,
    shorts,
    glue,       ///< over the joints
    fit_fuses,  ///< all but those of the packs
    antenna,
    first_power,
    prove,    ///< under power
    recheck,  ///< what is vital
    stick,    ///< a part on its tape
    hold,     ///< the leads of a way, tied
    close_up,
    last_fuse,  ///< of a pack
    own,        ///< the builder's
    undo        ///< what was done and is asked no more
};
/// Of two conductors, or of one and a board: it is beeped afterwards.
bool is_joint(StepKind kind);
/// Something is live while it is done.
bool is_live(StepKind kind);

/// One end of one feed, as something to join.
struct StepJoint {
    size_t feed = 0;
    bool at_source = false;
};

/// What a meter should show, large.
struct StepTarget {
    Words value, note;
};

struct Step {
    std::string key;  ///< stable under edits elsewhere: "join/feed-hub-pump/source"
    StepKind kind = StepKind::prepare;
    Words title;
    Words subtitle;
    std::vector<Words> actions;  ///< what the hands do, in order
    std::vector<std::string> tools;
    Words caution;
    std::string picture{};  ///< name of a file beside the plan
    double minutes = 5;
    double wait_minutes = 0;           ///< afterwards, before what depends on it
    double count_s = 0;                ///< seconds to count while it is done: heat on a joint; 0: none
    std::vector<std::string> after;    ///< keys that must be done first
    std::optional<StepJoint> joint;    ///< to draw
    std::optional<StepTarget> target;  ///< of a module that is set or measured
    Id item;                           ///< that it puts into its lead
    /// Part, feed or way; of one of the builder's own its id; of what is undone that step's key.
    Id about;
    Why why;              ///< why here, and not earlier or later
    std::string stamp{};  ///< what is done, in ids and figures, the same in every language; empty: nothing
                          ///< that an edit could overtake. A length stands last: ", 1.14 m"
    std::vector<AtHand> leaves{};  ///< for the drawer, once it is done
    size_t rank = 0;               ///< where it was thought of, among all
    size_t depth = 0;              ///< how much comes off before hands get there: deeper first
};

/// Adds a step to a list, its reason begun.
Step& add_step(std::vector<Step>& steps, std::string key, StepKind kind, Words title, Words subtitle = {});

/// Steps in an order that respects every dependency: tube before solder, module set before its loads are
/// connected, thread before terminate, shorts before volts, battery fuse last; of those one with the fewest
/// changes of tools.
std::vector<Step> build_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures);

/// The same steps as least_changes() has them.
std::vector<Step> order_steps(std::vector<Step> steps, const std::vector<std::string>& rather = {});

/// Key of the step in which a lead is cut.
std::string cut_step_key(const Id& lead);

/// Minutes of hand work still to do.
double minutes_left(const Plan& plan, const std::vector<Step>& steps);

}  // namespace sangre
