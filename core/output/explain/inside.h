#pragma once
// What the reasons of a selection are put together from: only for the files that make them.
#include "rules/study.h"

namespace sangre {

/// What is found about a subject, first.
void add_findings(Why& why, const Study& study, const Id& subject);

Why of_way(const Plan& plan, const Study& study, size_t way);
Why of_opening(const Plan& plan, const Study& study, size_t opening);
Why of_body(const Plan& plan, const Study& study, const Body& body);
Why of_side(const Plan& plan, const Side& side);
Why of_zone(const Plan& plan, const Zone& zone);
/// Where it runs, what it lies beside, which other ways it could go; by its place among all leads.
void add_lead_route(Why& why, const Plan& plan, const Catalogue& catalogue, const Study& study, size_t lead);
Why of_passive(const Plan& plan, const Study& study, const Passive& passive);
Why of_cable(const Plan& plan, const Catalogue& catalogue, const Study& study, const Lead& cable);

}  // namespace sangre
