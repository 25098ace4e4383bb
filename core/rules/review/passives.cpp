// Parts that draw nothing: reached by a lead, and no short when pressed.
#include <fmt/format.h>

#include <algorithm>

#include "base/words/say.h"
#include "plan/lead_edits.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

bool ends_at(const Lead& lead, const Passive& p) { return lead.from == p.id || lead.to == p.id; }

void no_lead(const Context& c, std::vector<Finding>& out) {
    const auto leads = cabled_leads(c.plan);
    for (const auto& p : c.plan.passives) {
        if (std::any_of(leads.begin(), leads.end(), [&](const auto* l) { return ends_at(*l, p); })) continue;
        Finding f{Severity::note, {}, {p.id}, say("No lead ends at {passive}.", p.name), {}, {}};
        f.why.add(say("Without one it is neither cut nor made up, and its reading proves it alone."));
        out.push_back(std::move(f));
    }
}

/// A contact across a supply is a short as soon as it closes.
void button_shorts(const Context& c, std::vector<Finding>& out) {
    for (const auto& p : c.plan.passives) {
        if (p.kind != PassiveKind::button) continue;
        for (const auto* lead : cabled_leads(c.plan)) {
            if (!ends_at(*lead, p) || cores_of_role(*lead, CoreRole::supply).empty() ||
                cores_of_role(*lead, CoreRole::ground).empty())
                continue;
            const auto signals = cores_of_role(*lead, CoreRole::signal).size();
            if (signals > 0) continue;  // a lit one, or one with a circuit of its own
            Finding f{Severity::danger,
                      {},
                      {lead->id, p.id},
                      say("{lead}: pressing {passive} joins its supply with its ground.",
                          lead_name(c.plan, *lead), p.name),
                      {},
                      {}};
            f.why.add(
                say("A button bridges a signal and ground, or a signal and a supply, never both rails."));
            f.fixes.push_back({say("Its supply core carries a signal"), lead_changed(lead->id, [](Lead& l) {
                                   for (auto& core : l.cores)
                                       if (core.role == CoreRole::supply) core.role = CoreRole::signal;
                               })});
            out.push_back(std::move(f));
        }
    }
}

}  // namespace

const std::vector<Rule> rules_of::passives{
    {"passive-no-lead", to_say("A lead ends at every part that draws nothing"), no_lead},
    {"passive-button-shorts", to_say("No button joins a supply with its ground"), button_shorts},
};

}  // namespace sangre
