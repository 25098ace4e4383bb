#include "lines/names.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/number.h"
#include "base/units/words.h"
#include "base/words/say.h"
#include "lines/clauses.h"
#include "lines/phrases.h"

namespace sangre {
namespace {

bool is_entry(ThingSort sort) {
    return sort == ThingSort::entry || sort == ThingSort::wire || sort == ThingSort::joint;
}

}  // namespace

void LineNames::Sort::add(const Id& id, const std::string& name) {
    by_id.emplace(id, name);
    if (name.empty()) return;
    by_name[name].push_back(id);
    by_lower[lower(name)].push_back(id);
}

void LineNames::Sort::add_also(const Id& id, const std::string& name) {
    // What a thing is called comes first: no other's second name takes it.
    if (!name.empty() && !by_name.contains(name) && !by_lower.contains(lower(name)))
        by_name[name].push_back(id), by_lower[lower(name)].push_back(id);
}

LineNames::LineNames(const Plan& plan, const Catalogue& catalogue) : plan_(&plan), catalogue_(&catalogue) {}

const LineNames::Sort& LineNames::of(ThingSort sort) const {
    const auto at = sorts_.find(sort);
    return at != sorts_.end() ? at->second : sorts_.emplace(sort, gather(sort)).first->second;
}

LineNames::Sort LineNames::gather(ThingSort sort) const {
    Sort s;
    const auto take = [&](const auto& list) {
        for (const auto& x : list)
            if constexpr (requires { x.name.english(); })
                s.add(x.id, x.name.english()), s.add_also(x.id, x.name.spoken());
            else
                s.add(x.id, x.name);
    };
    switch (sort) {
        case ThingSort::part:
            take(plan_->sources), take(plan_->hubs), take(plan_->converters), take(plan_->loads);
            take(plan_->passives);
            break;
        case ThingSort::place:
            take(plan_->places);
            break;
        case ThingSort::body:
            take(plan_->bodies);
            break;
        case ThingSort::side:
            take(plan_->sides);
            break;
        case ThingSort::zone:
            take(plan_->zones);
            break;
        case ThingSort::opening:
            take(plan_->openings);
            break;
        case ThingSort::way:
            for (const auto& way : plan_->ways) s.add(way.id, name_of(*plan_, way.id));
            break;
        case ThingSort::lead: {
            const auto& parts = of(ThingSort::part).by_id;
            const auto name = [&](const Id& id) {
                const auto at = parts.find(id);
                return at == parts.end() ? id : at->second;
            };
            for (const auto& lead : plan_->leads) s.add(lead.id, name(lead.from) + " → " + name(lead.to));
            break;
        }
        case ThingSort::entry: {
            const auto& c = *catalogue_;
            take(c.insulations), take(c.fuses), take(c.holders), take(c.chemistries), take(c.cells);
            take(c.converters), take(c.connectors), take(c.switches), take(c.tubes), take(c.inlines);
            break;
        }
        case ThingSort::joint:
            take(catalogue_->joints);
            break;
        case ThingSort::wire:
            // Those that shops keep by size and insulation; the others by their ids.
            for (const auto& w : catalogue_->wires) {
                const auto* insulation = find(catalogue_->insulations, w.insulation);
                const auto called = [&](std::string kind) {
                    std::erase(kind, ',');
                    return w.usual ? w.size + " " + kind : std::string();
                };
                s.add(w.id, called(insulation ? insulation->name.english() : w.insulation));
                if (insulation) s.add_also(w.id, called(insulation->name.spoken()));
            }
            break;
    }
    return s;
}

std::string LineNames::said(ThingSort sort, const Id& id) const {
    const auto& s = of(sort);
    const auto at = s.by_id.find(id);
    if (at != s.by_id.end() && !at->second.empty())
        if (s.by_name.at(at->second).size() == 1 && s.by_lower.at(lower(at->second)).size() == 1)
            return clause_text(at->second);
    if (is_entry(sort) && at != s.by_id.end() && !s.by_lower.contains(lower(id)) && clause_text(id) == id)
        return id;
    return "#" + clause_text(id);
}

std::optional<Id> LineNames::meant(ThingSort sort, std::string_view text) const {
    if (text.starts_with('#')) {
        const auto id = unquoted(text.substr(1));
        return id.empty() ? std::nullopt : std::optional(id);
    }
    const auto& s = of(sort);
    const auto name = unquoted(text);
    if (const auto at = s.by_name.find(name); at != s.by_name.end() && at->second.size() == 1)
        return at->second.front();
    if (const auto at = s.by_lower.find(lower(name)); at != s.by_lower.end() && at->second.size() == 1)
        return at->second.front();
    // An entry's id is a word of its own that a file would hold.
    if (is_entry(sort) && s.by_id.contains(name)) return name;
    // "by way Hub → Pump", in either direction.
    if (sort == ThingSort::way)
        for (const std::string_view mark : {" → ", " -> ", " – ", " - "})
            if (const auto split = name.find(mark); split != std::string::npos) {
                const auto one = name.substr(0, split), other = name.substr(split + mark.size());
                for (const auto& tried : {one + " – " + other, other + " – " + one})
                    if (const auto at = s.by_lower.find(lower(tried));
                        at != s.by_lower.end() && at->second.size() == 1)
                        return at->second.front();
            }
    if (sort == ThingSort::wire) return wire_said(*catalogue_, plan_->practices, name);
    return {};
}

size_t LineNames::count(ThingSort sort, std::string_view text) const {
    const auto& s = of(sort);
    const auto at = s.by_lower.find(lower(unquoted(text)));
    return at == s.by_lower.end() ? 0 : at->second.size();
}

std::vector<std::string> LineNames::all(ThingSort sort) const {
    std::vector<std::string> names;
    for (const auto& [id, name] : of(sort).by_id) names.push_back(said(sort, id));
    std::sort(names.begin(), names.end());
    return names;
}

std::string LineNames::nearest(ThingSort sort, std::string_view text) const {
    const auto wanted = lower(text);
    std::string best;
    size_t least = 0;
    for (const auto& name : all(sort)) {
        const auto far = letters_apart(wanted, lower(name));
        if (best.empty() || far < least) best = name, least = far;
    }
    return best;
}

std::string not_meant(const LineNames& names, ThingSort sort, const char* what, std::string_view said) {
    if (names.count(sort, said) > 1)
        return say("more than one {kind} is called “{name}”: say # and the id of the one", sangre::said(what),
                   said);
    const auto near = names.nearest(sort, said);
    return say("there is no {kind} “{name}”{alike|; “{nearest}” is there|}", sangre::said(what), said,
               !near.empty(), near);
}

}  // namespace sangre
