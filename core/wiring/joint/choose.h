#pragma once
// Which kind of joint goes where: by what it is made at, by school, by the tools at hand, by the wire.
#include "catalogue/catalogue.h"
#include "plan/plan.h"
#include "wiring/joint/size.h"

namespace sangre {

/// What a joint of this kind is made with by this builder: a heat source only where tube is shrunk over it.
std::vector<std::string> tools_of(const JointKind& kind, const Practices& practices);
/// The same on copper of that size: thick copper is heated by a torch instead of an iron.
std::vector<std::string> tools_of(const JointKind& kind, const JointSize& size, const Practices& practices);

/// Tools that this kind wants and the builder does not own.
std::vector<std::string> missing_tools_of(const JointKind& kind, const Practices& practices);

/// Every tool that some kind of joint wants, each once, in alphabetical order.
std::vector<std::string> joint_tools(const Catalogue& catalogue);

/// Copper of this feed's conductors together; 0 without a wire.
SquareMillimetre lead_copper(const Catalogue& catalogue, const Lead& feed);

/// Copper that the joint at an end of this feed must take: its conductors', or in a pigtail that of all that
/// meet there.
SquareMillimetre joint_copper(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source);

/// True where a kind takes so much copper; 0 mm² stands for any.
bool takes(const JointKind& kind, SquareMillimetre copper);

/// What a wire is joined at where a terminal takes it so; nothing where that is unsaid.
std::optional<JointEnd> end_of(TerminalTakes takes);

/// What a wire is joined at there: the cup of a pack's plug, the stud of a hub, the screw of a module, the
/// lead of a load.
JointEnd usual_end(const Plan& plan, const Lead& feed, bool at_source);

/// The first kind of the school for that end that takes the copper and can be made with the tools owned.
/// Where none can, tools are let go first, then the copper: the rules say so. Null where the catalogue has
/// none.
const JointKind* choose_joint(const Catalogue& catalogue, const Practices& practices, JointEnd end,
                              SquareMillimetre copper);

/// Chooses where an end has no joint, or one that does not take its copper.
Plan fit_joints(Plan plan, const Catalogue& catalogue);

/// Makes a hub of another kind, and chooses the joints at it anew; of a fuse block the one that suits.
Plan set_hub_kind(Plan plan, const Catalogue& catalogue, const Id& hub, HubKind kind);

/// Chooses every joint anew, each for the end it is made at, after this school.
Plan follow_joint_school(Plan plan, const Catalogue& catalogue, JointSchool school);

/// All of them, the default first.
const std::vector<JointSchool>& joint_schools();
/// "solder", "crimp", … and what speaks for it.
Words school_name(JointSchool school);
Words school_purpose(JointSchool school);

}  // namespace sangre
