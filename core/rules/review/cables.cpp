// Signal cables: what is crossed, what looks alike, what is left over, what carries too much.
#include <fmt/format.h>

#include <algorithm>
#include <map>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "plan/lead_edits.h"
#include "rules/review/review.h"
#include "wiring/cable/bus.h"
#include "wiring/cable/cable.h"
#include "wiring/cable/supplied.h"

namespace sangre {
namespace {

constexpr Volt servo_stands(8.4);  // two lithium cells, full

/// Both its ends in one part: it joins nothing.
void to_itself(const Context& c, std::vector<Finding>& out) {
    for (const auto& k : c.plan.signal_leads()) {
        if (k.from != k.to) continue;
        Finding f{Severity::caution,
                  {},
                  {k.id},
                  say("{lead} ends at {part} twice: it joins nothing.", lead_name(c.plan, k),
                      name_of(c.plan, k.to)),
                  {},
                  {}};
        f.why.add(say("Choose another part for one of its ends, in the drawing of the cable."));
        f.fixes.push_back({say("Remove it"), [id = k.id](const Plan& p) { return remove_cable(p, id); }});
        out.push_back(std::move(f));
    }
}

void mirrored(const Context& c, std::vector<Finding>& out) {
    for (const auto* lead : cabled_leads(c.plan)) {
        const auto& k = *lead;
        if (!is_mirrored(k)) continue;
        Finding f{Severity::danger,
                  {},
                  {k.id},
                  say("{lead}: its pins run the other way at the far end.", lead_name(c.plan, k)),
                  {},
                  {}};
        f.why.add(
            say("Right seen from behind is left: a plug drawn from the wire side is the mirror image of its "
                "face."));
        for (const auto& core : k.cores)
            if (core.role != CoreRole::unused)
                f.why.add(say("{colour} {signal}: pin {from_pin} to pin {to_pin}", said(core.colour),
                              core.signal, core.from_pin, core.to_pin),
                          core.role == CoreRole::supply || core.role == CoreRole::ground ? Tone::danger
                                                                                         : Tone::plain);
        f.fixes.push_back({say("Pin to the same pin"), lead_changed(k.id, [](Lead& x) {
                               for (auto& core : x.cores)
                                   if (core.role != CoreRole::unused) core.to_pin = core.from_pin;
                           })});
        out.push_back(std::move(f));
    }
}

/// "+" into "−", or a supply onto a pin named as ground.
void crossed(const Context& c, std::vector<Finding>& out) {
    const auto plus = [](const std::string& pin) { return pin == "+" || lower(pin) == "vcc"; };
    const auto minus = [](const std::string& pin) { return pin == "−" || pin == "-" || lower(pin) == "gnd"; };
    for (const auto* lead : cabled_leads(c.plan))
        for (const auto& k = *lead; const auto& core : k.cores) {
            const bool wrong =
                (plus(core.from_pin) && minus(core.to_pin)) || (minus(core.from_pin) && plus(core.to_pin));
            if (!wrong) continue;
            Finding f{Severity::danger,
                      {},
                      {k.id},
                      say("{lead}: the {colour} core joins {from_pin} with {to_pin}.", lead_name(c.plan, k),
                          said(core.colour), core.from_pin, core.to_pin),
                      {},
                      {}};
            f.why.add(say("Reversed polarity: whatever it feeds is destroyed when it is plugged in."),
                      Tone::danger);
            f.fixes.push_back({say("Plus to plus"), lead_changed(k.id, [](Lead& x) {
                                   for (auto& one : x.cores) one.to_pin = one.from_pin;
                               })});
            out.push_back(std::move(f));
            break;
        }
}

/// Colours that say the opposite of what a core does.
bool lies(CoreRole role, const std::string& colour) {
    if (role == CoreRole::supply) return colour == "black" || colour == "brown";
    return role == CoreRole::ground && colour == "red";
}

/// A colour for a core of that role that no core of the cable has; empty where none is left.
std::string free_colour(const Lead& k, CoreRole role) {
    for (const auto& colour : core_colours())
        if (!lies(role, colour) &&
            std::none_of(k.cores.begin(), k.cores.end(), [&](const auto& c) { return c.colour == colour; }))
            return colour;
    return {};
}

/// Gives a core a colour that does not lie: the usual one or a free one, or that of a core that may have its
/// own.
void recolour(Lead& k, size_t i) {
    auto& core = k.cores[i];
    const std::string usual = core.role == CoreRole::supply ? "red" : "black";
    const auto owner =
        std::find_if(k.cores.begin(), k.cores.end(), [&](const auto& c) { return c.colour == usual; });
    if (owner == k.cores.end()) {
        core.colour = usual;
        return;
    }
    // Two that lie about each other change places.
    if (lies(owner->role, usual)) {
        std::swap(core.colour, owner->colour);
        return;
    }
    if (const auto other = free_colour(k, core.role); !other.empty()) {
        core.colour = other;
        return;
    }
    for (auto& other : k.cores)
        if (!lies(core.role, other.colour) && !lies(other.role, core.colour)) {
            std::swap(core.colour, other.colour);
            return;
        }
}

void colours_alike(const Context& c, std::vector<Finding>& out) {
    for (const auto* lead : cabled_leads(c.plan)) {
        const auto& k = *lead;
        std::map<std::string, std::vector<size_t>> by_colour;
        for (size_t i = 0; i < k.cores.size(); ++i)
            if (k.cores[i].role != CoreRole::unused) by_colour[k.cores[i].colour].push_back(i);
        for (const auto& entry : by_colour) {
            const auto& colour = entry.first;
            const auto& cores = entry.second;
            if (cores.size() < 2 || together_with(k, cores[0]).size() == cores.size()) continue;
            Finding f{Severity::caution,
                      {},
                      {k.id},
                      say("{lead}: {count} cores are {colour}.", lead_name(c.plan, k), cores.size(), colour),
                      {},
                      {}};
            f.why.add(say("One colour for every signal makes it impossible to see what is what."));
            if (!free_colour(k, k.cores[cores[1]].role).empty())
                f.fixes.push_back({say("A colour each"), lead_changed(k.id, [cores](Lead& x) {
                                       for (size_t i = 1; i < cores.size(); ++i) {
                                           auto& core = x.cores[cores[i]];
                                           if (const auto other = free_colour(x, core.role); !other.empty())
                                               core.colour = other;
                                       }
                                   })});
            out.push_back(std::move(f));
        }
    }
}

void colour_lies(const Context& c, std::vector<Finding>& out) {
    for (const auto* lead : cabled_leads(c.plan))
        for (size_t i = 0; i < lead->cores.size(); ++i) {
            const auto& k = *lead;
            const auto& core = k.cores[i];
            if (!lies(core.role, core.colour)) continue;
            const bool supply = core.role == CoreRole::supply;
            Finding f{Severity::danger,
                      {},
                      {k.id},
                      say("{lead}: its {supply|supply|ground} is {colour}.", lead_name(c.plan, k), supply,
                          said(core.colour)),
                      {},
                      {}};
            f.why.add(
                say("Colours are relied on: red is plus, black is minus; in brown/red/orange leads brown is "
                    "minus."));
            auto after = k;
            recolour(after, i);
            if (after.cores[i].colour != core.colour)
                f.fixes.push_back({say("Make it {colour}", said(after.cores[i].colour)),
                                   lead_changed(k.id, [i](Lead& x) { recolour(x, i); })});
            out.push_back(std::move(f));
            break;
        }
}

/// As said; of a cable that feeds, what it comes to.
Volt highest_on(const Context& c, const Lead& cable) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f)
        if (&c.plan.feeds()[f] == &cable) return c.figures.worst.feeds[f].highest_end;
    return cable.volts;
}

void servo_overvolted(const Context& c, std::vector<Finding>& out) {
    for (const auto* lead : cabled_leads(c.plan)) {
        const auto& k = *lead;
        const auto carries = highest_on(c, k);
        if (k.kind != CableKind::servo || carries <= servo_stands || !k.label.empty()) continue;
        Finding f{Severity::danger,
                  {},
                  {k.id},
                  say("{lead}: a servo plug that carries {carries} destroys a servo plugged into it.",
                      lead_name(c.plan, k), format(carries)),
                  {},
                  {}};
        f.why.add(
            say("Servos are rated for {servo_stands} at most; the plug is the same.", format(servo_stands)));
        f.fixes.push_back({say("Label both ends"), lead_changed(k.id, [volts = carries](Lead& x) {
                               x.label = as_name(say("{volts}, no servo", format(volts)));
                           })});
        f.fixes.push_back(
            {say("Another plug"), lead_changed(k.id, [](Lead& x) { x.kind = CableKind::other; })});
        out.push_back(std::move(f));
    }
}

void pair_untwisted(const Context& c, std::vector<Finding>& out) {
    for (const auto* lead : cabled_leads(c.plan)) {
        const auto& k = *lead;
        if (k.kind != CableKind::data) continue;
        std::vector<size_t> signals;
        for (size_t i = 0; i < k.cores.size(); ++i)
            if (k.cores[i].role == CoreRole::signal) signals.push_back(i);
        if (signals.size() < 2 || k.cores[signals[0]].twist > 0) continue;
        Finding f{Severity::caution,
                  {},
                  {k.id},
                  say("{lead}: its data pair is not twisted.", lead_name(c.plan, k)),
                  {},
                  {}};
        f.why.add(
            say("Both cores of a twisted pair pick up the same noise, and the difference stays clean."));
        f.fixes.push_back({say("Twist them"), lead_changed(k.id, [signals](Lead& x) {
                               x.cores[signals[0]].twist = x.cores[signals[1]].twist = 1;
                           })});
        out.push_back(std::move(f));
    }
}

void unterminated(const Context& c, std::vector<Finding>& out) {
    for (const auto& bus : data_buses(c.plan)) {
        if (bus.terminated) continue;
        const auto& first = *bus.leads.front();
        std::vector<Id> ids;
        for (const auto* lead : bus.leads) ids.push_back(lead->id);
        std::vector<Words> where;
        for (const auto& end : bus.ends) where.push_back(name_of(c.plan, end));
        Finding f{Severity::note,
                  {},
                  ids,
                  say("{lead}: a bus needs a resistor across the pair at both ends{several|, at {where}|}.",
                      first.name, bus.leads.size() > 1 && !where.empty(), listed(where)),
                  {},
                  {}};
        f.why.add(say(
            "120 Ω at each end, or what its boards say: 60 Ω across the pair with everything off. Short slow "
            "links do without."));
        if (bus.leads.size() > 1)
            f.why.add(say("None at the boards between: each more pulls the pair down."));
        f.fixes.push_back({say("It has them"), [ids](const Plan& p) {
                               auto next = p;
                               for (const auto& id : ids)
                                   if (auto* lead = by_id(next.leads, id)) lead->terminated = true;
                               return next;
                           }});
        out.push_back(std::move(f));
    }
}

void unused_bare(const Context& c, std::vector<Finding>& out) {
    for (const auto* lead : cabled_leads(c.plan)) {
        const auto& k = *lead;
        size_t bare = 0;
        for (const auto& core : k.cores) bare += core.role == CoreRole::unused && !core.cut_back;
        // In plugs that stay on, it is insulated.
        if (bare == 0 || keeps_both_plugs(c.catalogue, k)) continue;
        Finding f{
            Severity::caution,
            {},
            {k.id},
            say("{lead}: {bare} unused {bare|core is|cores are} not cut back.", lead_name(c.plan, k), bare),
            {},
            {}};
        f.why.add(
            say("A bare end finds something to touch: cut it back at both ends, a tube over it, and write it "
                "down."));
        f.fixes.push_back({say("Cut back and insulated"), lead_changed(k.id, [](Lead& x) {
                               for (auto& core : x.cores)
                                   if (core.role == CoreRole::unused) core.cut_back = true;
                           })});
        out.push_back(std::move(f));
    }
}

void families_mixed(const Context& c, std::vector<Finding>& out) {
    const Lead *black = nullptr, *brown = nullptr;
    for (const auto* lead : cabled_leads(c.plan))
        for (const auto& k = *lead; const auto& core : k.cores)
            if (k.kind == CableKind::servo && core.role == CoreRole::ground && k.label.empty())
                (core.colour == "brown" ? brown : black) = &k;
    if (!black || !brown) return;
    Finding f{Severity::note,
              {},
              {brown->id, black->id},
              say("Servo leads of both colour families: in one black is minus, in the other brown."),
              {},
              {}};
    f.why.add(say("red/white/black: plus red, signal white, minus black."));
    f.why.add(say("brown/red/orange: minus brown, plus red, signal orange."));
    f.fixes.push_back({say("Label the brown ones"), [](const Plan& p) {
                           auto next = p;
                           for (auto& k : next.leads)
                               for (const auto& core : k.cores)
                                   if (k.kind == CableKind::servo && core.role == CoreRole::ground &&
                                       core.colour == "brown")
                                       k.label = as_name(say("brown is minus"));
                           return next;
                       }});
    out.push_back(std::move(f));
}

}  // namespace

const std::vector<Rule> rules_of::cables{
    {"cable-to-itself", to_say("A cable joins two parts"), to_itself},
    {"cable-mirrored", to_say("No cable is mirrored from plug to plug"), mirrored},
    {"cable-crossed", to_say("Plus goes to plus"), crossed},
    {"cable-colours-alike", to_say("Every core of a cable can be told by its colour"), colours_alike},
    {"cable-colour-lies", to_say("Red is plus and black is minus in every cable"), colour_lies},
    {"cable-servo-overvolted", to_say("A servo plug carries no more volts than a servo is rated for"),
     servo_overvolted},
    {"cable-pair-untwisted", to_say("Data pairs are twisted"), pair_untwisted},
    {"cable-unterminated", to_say("A data bus has its resistors"), unterminated},
    {"cable-unused-bare", to_say("Unused cores are cut back and insulated"), unused_bare},
    {"cable-families-mixed", to_say("Leads of two colour families are labelled"), families_mixed},
};

}  // namespace sangre
