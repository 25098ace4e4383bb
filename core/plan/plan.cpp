#include "plan/plan.h"
#include "base/enum_words.h"
#include "base/units/number.h"
#include "base/words/say.h"

#include <algorithm>

namespace sangre {

PartRef find_part(const Plan& plan, const Id& id) {
    const auto look = [&](const auto& list, PartKind kind) -> PartRef {
        for (size_t i = 0; i < list.size(); ++i)
            if (list[i].id == id) return {kind, i};
        return {};
    };
    for (const auto found : {look(plan.loads, PartKind::load), look(plan.converters, PartKind::converter),
                             look(plan.hubs, PartKind::hub), look(plan.sources, PartKind::source)})
        if (found.kind != PartKind::none) return found;
    return {};
}

std::string name_of(const Plan& plan, const Id& id) {
    const auto look = [&](const auto& list) -> const std::string* {
        const auto* found = by_id(list, id);
        return found ? &found->name : nullptr;
    };
    for (const auto* name :
         {look(plan.loads), look(plan.converters), look(plan.hubs), look(plan.sources), look(plan.passives),
          look(plan.bodies), look(plan.sides), look(plan.zones), look(plan.places), look(plan.phases)})
        if (name) return *name;
    if (const auto* lead = by_id(plan.leads, id))
        return lead->carries == Carries::signal ? lead_name(plan, *lead) : feed_name(plan, *lead);
    if (const auto* way = by_id(plan.ways, id))
        return name_of(plan, way->from) + " – " + name_of(plan, way->to);
    if (const auto* opening = by_id(plan.openings, id)) {
        if (!opening->name.empty()) return opening->name;
        for (const auto& way : plan.ways)
            for (const auto& thing : way.on_it)
                if (thing.opening == id) return name_of(plan, way.id);
    }
    return id;
}

size_t Plan::feed_count() const {
    // Asked for in every loop over feeds; most plans have few leads that only carry signals, or none.
    if (leads.empty() || leads.back().carries == Carries::supply) return leads.size();
    const auto signals = std::partition_point(leads.begin(), leads.end(),
                                              [](const Lead& l) { return l.carries == Carries::supply; });
    return static_cast<size_t>(signals - leads.begin());
}

Lead& Plan::add_feed(Lead lead) {
    lead.carries = Carries::supply;
    return *leads.insert(leads.begin() + static_cast<std::ptrdiff_t>(feed_count()), std::move(lead));
}

Lead& Plan::add_signal_lead(Lead lead) {
    lead.carries = Carries::signal;
    return leads.emplace_back(std::move(lead));
}

void Plan::replace_feeds(const std::vector<Lead>& by) {
    leads.erase(leads.begin(), leads.begin() + static_cast<std::ptrdiff_t>(feed_count()));
    for (const auto& lead : by) add_feed(lead);
}

void Plan::replace_signal_leads(const std::vector<Lead>& by) {
    leads.resize(feed_count());
    for (const auto& lead : by) add_signal_lead(lead);
}

std::vector<const Lead*> cabled_leads(const Plan& plan) {
    std::vector<const Lead*> all;
    for (const auto& c : plan.signal_leads()) all.push_back(&c);
    for (const auto& f : plan.feeds())
        if (!f.cores.empty()) all.push_back(&f);
    return all;
}

std::vector<size_t> cores_of_role(const Lead& lead, CoreRole role) {
    std::vector<size_t> all;
    for (size_t i = 0; i < lead.cores.size(); ++i)
        if (lead.cores[i].role == role) all.push_back(i);
    return all;
}

std::string feed_name(const Plan& plan, const Lead& feed) {
    return name_of(plan, feed.from) + " → " + name_of(plan, feed.to);
}

std::string lead_name(const Plan& plan, const Lead& lead) {
    return lead.name.empty() ? feed_name(plan, lead) : lead.name;
}

std::string lead_label(const Plan& plan, const Lead& lead) {
    if (!lead.label.empty()) return lead.label;
    return lead.name.empty() ? name_of(plan, lead.to) : lead.name;
}

Id place_of(const Plan& plan, const Id& part) {
    const auto ref = find_part(plan, part);
    switch (ref.kind) {
        case PartKind::source:
            return plan.sources[ref.index].place;
        case PartKind::hub:
            return plan.hubs[ref.index].place;
        case PartKind::converter:
            return plan.converters[ref.index].place;
        case PartKind::load:
            return plan.loads[ref.index].place;
        case PartKind::none:
            break;
    }
    if (const auto* passive = by_id(plan.passives, part)) return passive->place;
    return {};
}

const Body* body_of(const Plan& plan, const Id& part) {
    const auto* place = by_id(plan.places, place_of(plan, part));
    return place ? by_id(plan.bodies, place->body) : nullptr;
}

bool on_metal(const Plan& plan, const Id& part) {
    if (plan.bodies.empty()) return plan.metal_frame;  // most plans; and where a part stands is searched for
    const auto* body = body_of(plan, part);
    return body ? body->material == BodyMaterial::metal : plan.metal_frame;
}

std::vector<const Body*> walls_passed(const Plan& plan, const Way& way) {
    // Outwards from each end; a ring of bodies is no plan that opens, and is not followed for ever either.
    const auto around = [&](const Id& end) {
        std::vector<const Body*> all;
        const auto* place = by_id(plan.places, end);
        const auto* body = place ? by_id(plan.bodies, place->body) : nullptr;
        for (; body && all.size() <= plan.bodies.size(); body = by_id(plan.bodies, body->in))
            all.push_back(body);
        return all;
    };
    const auto *from = by_id(plan.places, way.from), *to = by_id(plan.places, way.to);
    // Where nobody has said what one end is in, no wall is known to be between.
    if (!from || !to || (from->body.empty() && to->body.empty())) return {};
    const auto a = around(way.from), b = around(way.to);
    std::vector<const Body*> passed;
    for (const auto& [one, other] : {std::pair{&a, &b}, {&b, &a}})
        for (const auto* body : *one)
            if (std::find(other->begin(), other->end(), body) == other->end()) passed.push_back(body);
    return passed;
}

Words opening_name(const Plan& plan, const Opening& opening) {
    const auto kind = said_word(opening.kind);
    const auto name = name_of(plan, opening.id);
    if (opening.name.empty()) return say("{kind} between {name}", kind, name);
    // "Probe gland" says what it is.
    return later([kind, name] {
        const auto word = kind.str();
        return lower(name).find(lower(word)) != std::string::npos ? name : word + " " + name;
    });
}

std::vector<size_t> feeds_into(const Plan& plan, const Id& part) {
    std::vector<size_t> found;
    for (size_t i = 0; i < plan.feeds().size(); ++i)
        if (plan.feeds()[i].to == part) found.push_back(i);
    return found;
}

std::vector<size_t> feeds_from(const Plan& plan, const Id& part) {
    std::vector<size_t> found;
    for (size_t i = 0; i < plan.feeds().size(); ++i)
        if (plan.feeds()[i].from == part) found.push_back(i);
    return found;
}

const Device* device(const Lead& feed, DeviceKind kind) {
    for (const auto& d : feed.devices)
        if (d.kind == kind) return &d;
    return nullptr;
}

std::vector<size_t> upstream_feeds(const Plan& plan, const Id& part) {
    std::vector<size_t> chain;
    Id at = part;
    for (;;) {
        const auto into = feeds_into(plan, at);
        if (into.empty() || std::find(chain.begin(), chain.end(), into.front()) != chain.end()) return chain;
        chain.push_back(into.front());
        at = plan.feeds()[into.front()].from;
    }
}

LoadState state_in(const Phase& phase, const Load& load) {
    const auto found = phase.states.find(load.id);
    const auto state = found == phase.states.end() ? LoadState::off : found->second;
    if (load.always_on && state == LoadState::off) return LoadState::idle;
    return state;
}

double share_in(const Phase& phase, const Load& load) {
    const auto found = phase.shares.find(load.id);
    return found == phase.shares.end() || state_in(phase, load) != LoadState::typical ? 1 : found->second;
}

Ampere draw_in(const Phase& phase, const Load& load) {
    return draw(load, state_in(phase, load)) * share_in(phase, load);
}

bool ever_works(const Plan& plan, const Load& load) {
    return plan.phases.empty() || std::any_of(plan.phases.begin(), plan.phases.end(), [&](const auto& p) {
               const auto state = state_in(p, load);
               return state != LoadState::off && state != LoadState::idle;
           });
}

Id fresh_id(const Plan& plan, const std::string& prefix, const std::string& name) {
    std::string slug = prefix + "-";
    for (const char c : name) {
        const auto u = static_cast<unsigned char>(c);
        if (u < 0x80 && std::isalnum(u))
            slug += static_cast<char>(std::tolower(u));
        else if (slug.back() != '-')
            slug += '-';
    }
    while (!slug.empty() && slug.back() == '-') slug.pop_back();
    const auto taken = [&](const Id& id) {
        return find_part(plan, id).kind != PartKind::none || by_id(plan.leads, id) ||
               by_id(plan.places, id) || by_id(plan.bodies, id) || by_id(plan.openings, id) ||
               by_id(plan.sides, id) || by_id(plan.zones, id) || by_id(plan.ways, id) ||
               by_id(plan.phases, id) || by_id(plan.passives, id) || by_id(plan.own_steps, id) ||
               by_id(plan.own_readings, id) || by_id(plan.at_hand, id);
    };
    Id id = slug;
    for (int n = 2; taken(id); ++n) id = slug + "-" + std::to_string(n);
    return id;
}

double sizing_margin(const Practices& practices) {
    return practices.sizing == SizingSchool::generous ? 1.5 : 1;
}

}  // namespace sangre
