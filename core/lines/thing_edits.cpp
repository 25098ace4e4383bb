#include "lines/thing_edits.h"

#include <algorithm>

#include "base/words/say.h"
#include "lines/clauses.h"
#include "plan/drawn.h"
#include "plan/landing.h"
#include "plan/lead_edits.h"

namespace sangre {
namespace {

/// Calls `with(thing)` for what has that id, whatever its kind; false where nothing has.
template <class AnyPlan, class With>
bool with_thing(AnyPlan& plan, const Id& id, With with) {
    if (id.empty()) return with(plan), true;
    const auto in = [&](auto& list) {
        const auto at = std::find_if(list.begin(), list.end(), [&](const auto& x) { return x.id == id; });
        if (at == list.end()) return false;
        with(*at);
        return true;
    };
    if (in(plan.sources) || in(plan.hubs) || in(plan.converters) || in(plan.loads) || in(plan.passives) ||
        in(plan.leads) || in(plan.bodies) || in(plan.places) || in(plan.openings) || in(plan.sides) ||
        in(plan.zones) || in(plan.ways) || in(plan.phases) || in(plan.own_steps) || in(plan.own_readings) ||
        in(plan.at_hand))
        return true;
    for (auto& lead : plan.leads)
        if (in(lead.devices)) return true;
    return false;
}

/// A lead that ends elsewhere may feed or not, and lands on other terminals.
Plan settled(Plan plan) { return as_drawn(without_strays(settle_leads(std::move(plan)))); }

}  // namespace

std::optional<ThingLine> line_of(const LineContext& context, const Id& id) {
    ThingLine line;
    const bool found = with_thing(context.plan, id, [&](const auto& thing) {
        line.kind = &line_kind(thing);
        line.chips = line_chips(context, thing);
        line.unsaid = sayable(context, thing);
        std::erase_if(line.unsaid, [&](const Fact* f) {
            return std::any_of(line.chips.begin(), line.chips.end(),
                               [&](const auto& chip) { return chip.fact == f; });
        });
        for (const auto& chip : line.chips) line.text += (line.text.empty() ? "" : ", ") + chip.text;
    });
    return found ? std::optional(std::move(line)) : std::nullopt;
}

tl::expected<Plan, ParseError> with_line(const LineContext& context, const Id& id, std::string_view line) {
    auto next = context.plan;
    std::optional<ParseError> error;
    const bool found = with_thing(next, id, [&](auto& thing) {
        auto read = read_thing(context, thing, line);
        if (const auto missing = read ? still_missing(*read) : std::string(); !missing.empty())
            error = ParseError{0, line.size(), missing};
        else if (read)
            thing = std::move(*read);
        else
            error = read.error();
    });
    if (!found) return tl::unexpected(ParseError{0, line.size(), say("what this was said of is gone")});
    if (error) return tl::unexpected(*error);
    return settled(std::move(next));
}

tl::expected<Plan, ParseError> with_chip(const LineContext& context, const Id& id, size_t chip,
                                         std::string_view text) {
    const auto line = line_of(context, id);
    if (!line || chip > line->chips.size())
        return tl::unexpected(ParseError{0, text.size(), say("what this was said of is gone")});
    std::string whole;
    size_t at = 0;
    const auto say = [&](std::string_view words) {
        if (words.empty()) return;
        if (!whole.empty()) whole += ", ";
        whole += words;
    };
    for (size_t i = 0; i <= line->chips.size(); ++i) {
        if (i == chip) {
            at = whole.size() + (whole.empty() || text.empty() ? 0 : 2);
            say(text);
        } else if (i < line->chips.size())
            say(line->chips[i].text);
    }
    auto next = with_line(context, id, whole);
    if (next) return next;
    auto error = next.error();
    const auto inside = [&](size_t place) { return std::clamp(place, at, at + text.size()) - at; };
    error.begin = inside(error.begin), error.end = inside(error.end);
    return tl::unexpected(error);
}

std::optional<ThingLine> shared_line(const LineContext& context, const std::vector<Id>& ids) {
    std::optional<ThingLine> all;
    for (const auto& id : ids) {
        auto line = line_of(context, id);
        if (!line || (all && line->kind != all->kind)) return {};
        line->text.clear();
        std::erase_if(line->chips, [](const auto& chip) { return !chip.fact; });
        if (!all) {
            all = std::move(line);
            continue;
        }
        std::erase_if(all->chips, [&](const auto& chip) {
            return std::none_of(line->chips.begin(), line->chips.end(),
                                [&](const auto& other) { return other.text == chip.text; });
        });
        std::erase_if(all->unsaid, [&](const Fact* f) {
            return std::find(line->unsaid.begin(), line->unsaid.end(), f) == line->unsaid.end();
        });
    }
    return all;
}

tl::expected<Plan, ParseError> with_shared_chip(const LineContext& context, const std::vector<Id>& ids,
                                                std::string_view was, std::string_view text) {
    auto next = context.plan;
    for (const auto& id : ids) {
        const auto now = next;
        const LineContext in(now, context.catalogue);
        const auto line = line_of(in, id);
        if (!line) continue;
        size_t chip = 0;
        while (chip < line->chips.size() && (was.empty() || line->chips[chip].text != was)) ++chip;
        auto changed = with_chip(in, id, chip, text);
        if (!changed) return changed;
        next = std::move(*changed);
    }
    return next;
}

}  // namespace sangre
