#include "line/names.h"

#include <algorithm>

#include "line/clauses.h"
#include "units/number.h"

namespace sangre {
namespace {

/// Letters that one of two words has and the other has not, roughly: how far apart they are.
size_t apart(std::string_view a, std::string_view b) {
    std::vector<size_t> row(b.size() + 1);
    for (size_t j = 0; j <= b.size(); ++j) row[j] = j;
    for (size_t i = 1; i <= a.size(); ++i) {
        size_t corner = row[0];
        row[0] = i;
        for (size_t j = 1; j <= b.size(); ++j) {
            const size_t up = row[j];
            row[j] = std::min({up + 1, row[j - 1] + 1, corner + (a[i - 1] == b[j - 1] ? 0 : 1)});
            corner = up;
        }
    }
    return row[b.size()];
}

}  // namespace

void LineNames::add(ThingSort sort, const Id& id, const std::string& name) {
    auto& s = sorts_[sort];
    s.by_id.emplace(id, name);
    if (name.empty()) return;
    s.by_name[name].push_back(id);
    s.by_lower[lower(name)].push_back(id);
}

LineNames::LineNames(const Plan& plan, const Catalogue& catalogue) {
    const auto take = [&](ThingSort sort, const auto& list) {
        for (const auto& x : list) add(sort, x.id, x.name);
    };
    take(ThingSort::part, plan.sources), take(ThingSort::part, plan.hubs);
    take(ThingSort::part, plan.converters), take(ThingSort::part, plan.loads);
    take(ThingSort::part, plan.passives), take(ThingSort::place, plan.places);
    take(ThingSort::body, plan.bodies), take(ThingSort::opening, plan.openings);
    for (const auto* list : {&plan.feeds, &plan.cables})
        for (const auto& lead : *list) add(ThingSort::lead, lead.id, feed_name(plan, lead));
    const auto entries = [&](const auto& list) { take(ThingSort::entry, list); };
    entries(catalogue.insulations), entries(catalogue.fuses), entries(catalogue.holders);
    entries(catalogue.chemistries), entries(catalogue.cells), entries(catalogue.converters);
    entries(catalogue.connectors), entries(catalogue.switches), entries(catalogue.tubes);
    entries(catalogue.joints), entries(catalogue.inlines);
    // Of wires those that shops keep by size and insulation; the others by their ids.
    for (const auto& w : catalogue.wires) {
        const auto* insulation = find(catalogue.insulations, w.insulation);
        auto kind = insulation ? insulation->name : w.insulation;
        std::erase(kind, ',');
        add(ThingSort::entry, w.id, w.usual ? w.size + " " + kind : std::string());
    }
}

std::string LineNames::said(ThingSort sort, const Id& id) const {
    const auto s = sorts_.find(sort);
    if (s != sorts_.end())
        if (const auto at = s->second.by_id.find(id); at != s->second.by_id.end() && !at->second.empty())
            if (s->second.by_name.at(at->second).size() == 1 &&
                s->second.by_lower.at(lower(at->second)).size() == 1)
                return clause_text(at->second);
    if (sort == ThingSort::entry && s != sorts_.end() && s->second.by_id.contains(id) &&
        !s->second.by_lower.contains(lower(id)) && clause_text(id) == id)
        return id;
    return "#" + (clause_text(id).front() == '"' ? clause_text(id) : id);
}

std::optional<Id> LineNames::meant(ThingSort sort, std::string_view text) const {
    if (text.starts_with('#')) {
        const auto id = unquoted(text.substr(1));
        return id.empty() ? std::nullopt : std::optional(id);
    }
    const auto s = sorts_.find(sort);
    if (s == sorts_.end()) return {};
    const auto name = unquoted(text);
    if (const auto at = s->second.by_name.find(name); at != s->second.by_name.end() && at->second.size() == 1)
        return at->second.front();
    if (const auto at = s->second.by_lower.find(lower(name));
        at != s->second.by_lower.end() && at->second.size() == 1)
        return at->second.front();
    // An entry's id is a word of its own that a file would hold.
    if (sort == ThingSort::entry && s->second.by_id.contains(name)) return name;
    return {};
}

std::vector<std::string> LineNames::all(ThingSort sort) const {
    std::vector<std::string> names;
    if (const auto s = sorts_.find(sort); s != sorts_.end())
        for (const auto& [id, name] : s->second.by_id) names.push_back(said(sort, id));
    std::sort(names.begin(), names.end());
    return names;
}

std::string LineNames::nearest(ThingSort sort, std::string_view text) const {
    const auto wanted = lower(text);
    std::string best;
    size_t least = 0;
    for (const auto& name : all(sort)) {
        const auto far = apart(wanted, lower(name));
        if (best.empty() || far < least) best = name, least = far;
    }
    return best;
}

}  // namespace sangre
