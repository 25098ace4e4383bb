#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <set>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/say.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

Fix own_return(const Id& feed) {
    return {say("Give it its own return wire"),
            [feed](const Plan& p) { return set_return(p, feed, Return::own); }};
}

void frame_not_metal(const Context& c, std::vector<Finding>& out) {
    for (const auto& f : c.plan.feeds()) {
        if (f.ret != Return::frame || on_metal(c.plan, f.to)) continue;
        const auto* body = body_of(c.plan, f.to);
        out.push_back(
            {Severity::danger,
             {},
             {f.id},
             say("{lead} returns through {body}, which is {word}: no current flows.", c.index().feed_name(f),
                 body ? body->name : say("the frame"), body ? said_word(body->material) : say("not metal")),
             {},
             {own_return(f.id)}});
    }
}

void sensitive_frame(const Context& c, std::vector<Finding>& out) {
    for (const auto& f : c.plan.feeds()) {
        const auto ref = c.index().part(f.to);
        if (f.ret != Return::frame || !on_metal(c.plan, f.to) || ref.kind != PartKind::load ||
            !c.plan.loads[ref.index].sensitive)
            continue;
        out.push_back(
            {Severity::caution,
             {},
             {f.id},
             say("{loads} is sensitive and returns through the frame, which carries the noise of every "
                 "other load.",
                 c.plan.loads[ref.index].name),
             {},
             {own_return(f.id)}});
    }
}

void shared_noise(const Context& c, std::vector<Finding>& out) {
    for (const auto& f : c.plan.feeds()) {
        if (f.ret != Return::shared) continue;
        const auto* other = by_id(c.plan.feeds(), f.shared_with);
        const auto a = c.index().part(f.to), b = other ? c.index().part(other->to) : PartRef{};
        if (a.kind != PartKind::load || b.kind != PartKind::load) continue;
        const auto &x = c.plan.loads[a.index], &y = c.plan.loads[b.index];
        if (!((x.noisy && y.sensitive) || (y.noisy && x.sensitive))) continue;
        const auto index = static_cast<size_t>(other - c.plan.feeds().data());
        Finding found{Severity::caution,
                      {},
                      {f.id, other->id},
                      say("{lead} and {lead_2} share a return: {lift} of ground shift now.", x.name, y.name,
                          format(Volt(std::abs(raw(c.figures.now.feeds[index].lift))))),
                      {},
                      {own_return(f.id)}};
        found.why.add(
            say("The noisy load's current shifts the other's ground by the drop of the shared wire."));
        out.push_back(std::move(found));
    }
}

/// True where each of these feeds comes from packs of its own with nothing but hubs between: packs joined on
/// purpose, which other rules compare.
bool packs_joined(const Context& c, const std::vector<Id>& feeds) {
    std::set<Id> packs;
    for (const auto& id : feeds) {
        const auto* feed = by_id(c.plan.feeds(), id);
        const auto from = c.index().part(feed->from);
        if (from.kind == PartKind::source) {
            if (!packs.insert(feed->from).second) return false;
            continue;
        }
        if (from.kind != PartKind::hub) return false;
        const auto above = c.index().upstream(feed->from);
        if (above.empty()) return false;
        for (const auto f : above) {
            const auto kind = c.index().source_of(f).kind;
            if (kind == PartKind::converter) return false;
            if (kind == PartKind::source && !packs.insert(c.plan.feeds()[f].from).second) return false;
        }
    }
    return true;
}

void two_sources(const Context& c, std::vector<Finding>& out) {
    std::map<Id, std::vector<Id>> into;
    for (const auto& f : c.plan.feeds()) into[f.to].push_back(f.id);
    for (const auto& [part, feeds] : into)
        if (feeds.size() > 1 && !packs_joined(c, feeds))
            out.push_back(
                {Severity::caution,
                 {},
                 feeds,
                 say("{part} is fed by {count} sources at one input: they drive each other. Keep one.",
                     c.index().name(part), feeds.size()),
                 {},
                 {}});
}

}  // namespace

const std::vector<Rule> rules_of::returns{
    {"return-frame-not-metal", to_say("A frame return needs a metal frame"), frame_not_metal},
    {"return-frame-sensitive", to_say("Sensitive loads do not return through the frame"), sensitive_frame},
    {"return-shared-noise", to_say("Noisy and sensitive loads do not share a return"), shared_noise},
    {"return-two-sources", to_say("Each input has one source"), two_sources},
};

}  // namespace sangre
