#pragma once
// The façade: everything computed about a plan at one set of conditions.
#include "base/lazy.h"
#include "bench/readings.h"
#include "electrical/protection/wire_heat.h"
#include "making/steps/done.h"
#include "making/steps/steps.h"
#include "rules/review/review.h"

namespace sangre {

struct Study : Figures {
    Conditions conditions;
    std::vector<bool> open;  ///< by feed: its switch is open under these conditions
    std::vector<Finding> findings;
    Lazy<std::vector<Step>> steps;        ///< worked out when first asked for: no other number needs them
    Lazy<std::vector<Reading>> readings;  ///< likewise
    Lazy<std::vector<WireDay>> wire_day;  ///< likewise, by feed
    Gram mass{};  ///< battery, wires, modules, fuses, switches and plugs; loads not included
    std::shared_ptr<const Plan> plan;        ///< of which it is
    std::shared_ptr<const Answers> answers;  ///< of the network, for the study after the next edit
    double cost = 0;  ///< of the catalogue's parts, in its typical money; the battery is not included
};

/// Pure: same plan, catalogue and conditions give the same study, on any thread. Never throws for what a user
/// typed: what cannot be computed is a finding. The study points into the catalogue, which must outlive it.
Study study(const Plan& plan, const Catalogue& catalogue, const Conditions& conditions);

/// The same, sooner: what the edit that lies between did not touch is taken from the earlier study, and the
/// rest is sought from where it was. The same findings, and numbers alike to the tolerance of the network.
Study study(const Plan& plan, const Catalogue& catalogue, const Conditions& conditions, const Study& earlier);

/// The same plan at other conditions, from its earlier study: only the operating point and, where the air
/// changed, the mission are computed anew.
Study at_conditions(const Plan& plan, const Catalogue& catalogue, const Study& earlier,
                    const Conditions& conditions);

/// Findings of a severity.
size_t count(const std::vector<Finding>& findings, Severity severity);

}  // namespace sangre
