#pragma once
// What is wrong with a plan, why, and the edits that mend it. One rule, one function.
#include "electrical/figures.h"
#include "plan/edits.h"

namespace sangre {

enum class Severity { note, caution, danger };

struct Fix {
    Words label;  ///< "Use 7.5 A"
    Edit edit;
};

struct Finding {
    Severity severity = Severity::note;
    std::string rule;       ///< stable name of the rule, "fuse-too-big"
    std::vector<Id> about;  ///< the first is what to select
    Words sentence;
    Why why;
    std::vector<Fix> fixes;  ///< each clears it; the first is the plainest
};

/// What a rule sees.
struct Context {
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    const PlanIndex& index() const { return figures.solver->index(); }
};

struct Rule {
    std::string name;
    std::string what;  ///< one line, for the list of rules
    void (*check)(const Context&, std::vector<Finding>&);
};

/// Every rule, in the order of the work.
const std::vector<Rule>& rules();

/// All findings, dangers first, within one severity in the order of the work.
std::vector<Finding> review(const Context& context);

namespace rules_of {
extern const std::vector<Rule> loads, battery, packs, sources, rails, fuses, wires, feed_items, feeds,
    switches, plugs, returns, cables, cable_supplies, passives, hubs, joints, crimps, routing, vital,
    supplied, item_ends, thermal, terminals, chargers, bridges, boxes, beside, seats, elsewhere, bends,
    openings, own_steps, noise, igniters;
}

}  // namespace sangre
