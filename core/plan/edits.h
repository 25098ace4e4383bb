#pragma once
// Edits: functions from a plan to the next plan. An edit about an id that the plan does not hold returns it
// unchanged.
#include <functional>
#include <tl/expected.hpp>

#include "plan/machine_edits.h"
#include "plan/plan.h"
#include "plan/removal.h"

namespace sangre {

/// Something that can be done to a plan, kept as a value: a fix, a school to follow, an undoable gesture.
using Edit = std::function<Plan(const Plan&)>;

Plan put_load(Plan plan, Load load);  ///< adds it, or replaces the one with its id
/// Has a load of the plan run in the phases that do not charge and in which at least half of the others run,
/// else in those where most do; where it is the first, in all of them.
void run_with_the_others(Plan& plan, const Id& load);
Plan add_load(Plan plan, Load load);  ///< a new one, with an id of its own, that runs with the others
Plan add_phase(Plan plan);            ///< half an hour of everything at work
Plan move_load(Plan plan, const Id& load, size_t index);  ///< to another line of the list
Plan put_source(Plan plan, Source source);                ///< adds it, or replaces the one with its id
Plan set_converter_voltage(Plan plan, const Id& converter, Volt set);
Plan set_converter_type(Plan plan, const Id& converter, const Id& type);
/// Fits a fuse of this family and rating, first in the feed; replaces the one that is there.
Plan set_fuse(Plan plan, const Id& feed, const Id& family, Ampere rating);
Plan add_switch(Plan plan, const Id& feed, const Id& type, const std::string& name);
Plan set_device_type(Plan plan, const Id& device, const Id& type);  ///< of its own kind
/// Puts a device last into a feed; its id is made from the feed's and the type's.
Plan add_device(Plan plan, const Id& feed, DeviceKind kind, const Id& type, const std::string& name = {});
Plan remove_device(Plan plan, const Id& device);  ///< out of its feed
/// Changes a device of any feed.
Plan with_device(Plan plan, const Id& device, const std::function<void(Device&)>& change);
Plan set_wire(Plan plan, const Id& feed, const Id& wire);
Plan set_length(Plan plan, const Id& feed, std::optional<Metre> length);
Plan set_return(Plan plan, const Id& feed, Return ret);
Plan set_joint(Plan plan, const Id& feed, bool at_source, const Id& kind);
/// Feeds a part from another source part. Refused where that would make a loop or the source has no outlet.
tl::expected<Plan, std::string> reroute_feed(Plan plan, const Id& feed, const Id& new_source);

/// Adds it, or replaces the lead with its id; settle_leads() says whether it then feeds.
Plan put_cable(Plan plan, Lead cable);

Plan set_phase_duration(Plan plan, const Id& phase, Second duration);
Plan set_state(Plan plan, const Id& phase, const Id& load, LoadState state);
/// Runs at this share of its typical draw, held to 0 – 1; 0 is off.
Plan set_share(Plan plan, const Id& phase, const Id& load, double share);
Plan put_phase(Plan plan, Phase phase);
Plan set_repeats(Plan plan, int times_a_day);  ///< held to 1 – 1000

/// Adds it, with an id of its own where it has none, or replaces the one with its id.
Plan put_passive(Plan plan, Passive passive);

Plan put_own_step(Plan plan, OwnStep step);  ///< adds it, or replaces the one with its id
Plan put_at_hand(Plan plan, AtHand hand);    ///< adds it, or replaces the one with its id
/// How many minutes there are on that day, ISO 8601.
Plan set_evening(Plan plan, const std::string& date, double minutes);

/// Covers the bare board of a module with a wide tube, or leaves it bare.
Plan set_in_tube(Plan plan, const Id& converter, bool in_tube);

Plan set_practices(Plan plan, Practices practices);
Plan set_flies(Plan plan, bool flies);

/// Marks a build step done or not and writes the log line.
Plan mark_step(Plan plan, const std::string& key, const std::string& title, bool done,
               const std::string& when);
/// Records a meter reading and writes the log line.
Plan record_reading(Plan plan, const std::string& key, Measured value, const std::string& log_text);
Plan add_note(Plan plan, const std::string& about, const std::string& text, const std::string& when);

}  // namespace sangre
