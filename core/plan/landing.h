#pragma once
// Which terminal of a part the ends of a lead land on.
#include "plan/plan.h"

namespace sangre {

/// The supply's or the return's end of a lead, at the part it comes from or at the one it goes to.
struct LeadEnd {
    bool at_source = true;
    bool minus = false;
    bool operator==(const LeadEnd&) const = default;
};

/// What a supply or a return lands on there: a module's output where it feeds from it.
TerminalRole role_at(const Plan& plan, const Lead& lead, const LeadEnd& end);
/// The name of the terminal that was said for that end; empty where none was.
const std::string& said_terminal(const Lead& lead, const LeadEnd& end);
std::string& said_terminal(Lead& lead, const LeadEnd& end);
/// The terminals of the part there that are of the end's role.
std::vector<const Terminal*> terminals_for(const Plan& plan, const Lead& lead, const LeadEnd& end);
/// The one that was said, or the part's only one of that role; null where neither is there.
const Terminal* lands_on(const Plan& plan, const Lead& lead, const LeadEnd& end);
/// How the point there is called on its part: "V+ (left)", and of a part without terminals of its own "+".
std::string landing_sign(const Plan& plan, const Lead& lead, const LeadEnd& end);

/// Gives a part these terminals; none: it has + and − alone. What leads said of names that are gone is
/// forgotten.
Plan set_terminals(Plan plan, const Id& part, std::vector<Terminal> terminals);
/// Without the terminals, coils and controls of parts that are not there.
Plan without_strays(Plan plan);
/// Lands a lead's end on a terminal of that name.
Plan land_on(Plan plan, const Id& lead, const LeadEnd& end, const std::string& terminal);

}  // namespace sangre
