#include "rules/review/review.h"

#include <algorithm>

#include "base/words/say.h"

namespace sangre {

const std::vector<Rule>& rules() {
    static const std::vector<Rule> all = [] {
        std::vector<Rule> list;
        for (const auto* group :
             {&rules_of::loads,     &rules_of::battery,    &rules_of::packs,   &rules_of::chargers,
              &rules_of::bridges,   &rules_of::sources,    &rules_of::rails,   &rules_of::fuses,
              &rules_of::wires,     &rules_of::feed_items, &rules_of::feeds,   &rules_of::switches,
              &rules_of::plugs,     &rules_of::returns,    &rules_of::cables,  &rules_of::cable_supplies,
              &rules_of::passives,  &rules_of::item_ends,  &rules_of::thermal, &rules_of::terminals,
              &rules_of::hubs,      &rules_of::crimps,     &rules_of::joints,  &rules_of::routing,
              &rules_of::openings,  &rules_of::bends,      &rules_of::beside,  &rules_of::seats,
              &rules_of::elsewhere, &rules_of::boxes,      &rules_of::vital,   &rules_of::own_steps,
              &rules_of::noise,     &rules_of::igniters,   &rules_of::supplied})
            list.insert(list.end(), group->begin(), group->end());
        return list;
    }();
    return all;
}

std::vector<Finding> review(const Context& context) {
    std::vector<Finding> findings;
    for (const auto& rule : rules()) {
        const auto before = findings.size();
        rule.check(context, findings);
        for (size_t i = before; i < findings.size(); ++i) {
            findings[i].rule = rule.name;
            if (findings[i].why.title.empty()) findings[i].why.title = said(rule.what);
        }
    }
    std::stable_sort(findings.begin(), findings.end(),
                     [](const auto& a, const auto& b) { return a.severity > b.severity; });
    return findings;
}

}  // namespace sangre
