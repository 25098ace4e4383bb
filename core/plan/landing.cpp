#include "plan/landing.h"

#include <algorithm>
#include <utility>

namespace sangre {
namespace {

/// The one list for what is read and what is changed.
auto& terminal_of(auto& lead, const LeadEnd& end) {
    if (end.minus) return end.at_source ? lead.return_from : lead.return_to;
    return end.at_source ? lead.terminal_from : lead.terminal_to;
}

}  // namespace

TerminalRole role_at(const Plan& plan, const Lead& lead, const LeadEnd& end) {
    if (end.minus) return TerminalRole::minus;
    const bool module = end.at_source && find_part(plan, lead.from).kind == PartKind::converter;
    return module ? TerminalRole::out : TerminalRole::plus;
}

const std::string& said_terminal(const Lead& lead, const LeadEnd& end) { return terminal_of(lead, end); }

std::string& said_terminal(Lead& lead, const LeadEnd& end) { return terminal_of(lead, end); }

std::vector<const Terminal*> terminals_for(const Plan& plan, const Lead& lead, const LeadEnd& end) {
    std::vector<const Terminal*> all;
    const auto found = plan.terminals.find(end.at_source ? lead.from : lead.to);
    if (found == plan.terminals.end()) return all;
    const auto role = role_at(plan, lead, end);
    for (const auto& t : found->second)
        if (t.role == role) all.push_back(&t);
    return all;
}

const Terminal* lands_on(const Plan& plan, const Lead& lead, const LeadEnd& end) {
    const auto all = terminals_for(plan, lead, end);
    const auto& said = said_terminal(lead, end);
    if (said.empty()) return all.size() == 1 ? all.front() : nullptr;
    const auto it = std::find_if(all.begin(), all.end(), [&](const auto* t) { return t->name == said; });
    return it == all.end() ? nullptr : *it;
}

std::string landing_sign(const Plan& plan, const Lead& lead, const LeadEnd& end) {
    const auto* t = lands_on(plan, lead, end);
    if (!t) return end.minus ? "−" : "+";
    return t->name + (t->where.empty() ? "" : " (" + t->where + ")");
}

Plan set_terminals(Plan plan, const Id& part, std::vector<Terminal> terminals) {
    if (terminals.empty())
        plan.terminals.erase(part);
    else
        plan.terminals[part] = std::move(terminals);
    for (auto& lead : plan.leads)
        for (const bool at_source : {true, false})
            for (const bool minus : {true, false}) {
                const LeadEnd end{at_source, minus};
                if ((at_source ? lead.from : lead.to) == part && !lands_on(plan, lead, end))
                    said_terminal(lead, end).clear();
            }
    return plan;
}

Plan without_strays(Plan plan) {
    const auto there = [&](const Id& id) {
        return find_part(plan, id).kind != PartKind::none || by_id(plan.passives, id);
    };
    std::erase_if(plan.terminals, [&](const auto& of) { return !there(of.first); });
    for (auto& f : plan.feeds())
        for (auto& d : f.devices)
            for (auto* id : {&d.coil_from, &d.control, &d.sits_on})
                if (!id->empty() && !there(*id)) id->clear();
    return plan;
}

Plan land_on(Plan plan, const Id& lead, const LeadEnd& end, const std::string& terminal) {
    if (auto* found = by_id(plan.leads, lead)) said_terminal(*found, end) = terminal;
    return plan;
}

}  // namespace sangre
