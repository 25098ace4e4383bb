// Leads land on terminals that are there, that take them, and that have room.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/say.h"
#include "plan/landing.h"
#include "rules/review/review.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/size.h"

namespace sangre {
namespace {

/// Every end of every feed whose part has terminals of its own.
template <class Check>
void each_landing(const Context& c, Check check) {
    if (c.plan.terminals.empty()) return;
    for (const auto& feed : c.plan.feeds())
        for (const bool at_source : {true, false})
            for (const bool minus : {false, true}) {
                if (minus && feed.ret != Return::own) continue;
                if (c.plan.terminals.contains(at_source ? feed.from : feed.to))
                    check(feed, LeadEnd{at_source, minus});
            }
}

Words end_words(const Context& c, const Lead& feed, const LeadEnd& end) {
    return say("{lead}, its {minus|return|supply} at {part}", c.index().feed_name(feed), end.minus,
               c.index().name(end.at_source ? feed.from : feed.to));
}

void add_choices(const Context& c, const Lead& feed, const LeadEnd& end, Finding& x) {
    for (const auto* t : terminals_for(c.plan, feed, end))
        x.fixes.push_back(
            {say("Land it on {terminals_for}", t->name),
             [id = feed.id, end, name = t->name](const Plan& p) { return land_on(p, id, end, name); }});
}

void terminal_unknown(const Context& c, std::vector<Finding>& out) {
    each_landing(c, [&](const Lead& feed, const LeadEnd& end) {
        const auto& said = said_terminal(feed, end);
        if (said.empty() || lands_on(c.plan, feed, end)) return;
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("{end}: there is no terminal “{terminal}” for it.", end_words(c, feed, end), said),
                  {},
                  {}};
        add_choices(c, feed, end, x);
        out.push_back(std::move(x));
    });
}

void terminal_unsaid(const Context& c, std::vector<Finding>& out) {
    each_landing(c, [&](const Lead& feed, const LeadEnd& end) {
        const auto all = terminals_for(c.plan, feed, end);
        if (!said_terminal(feed, end).empty() || all.size() == 1) return;
        Finding x{Severity::note,
                  {},
                  {feed.id},
                  all.empty()
                      ? say("{end}: no terminal there is for it.", end_words(c, feed, end))
                      : say("{end}: on which of its {count} terminals?", end_words(c, feed, end), all.size()),
                  {},
                  {}};
        if (all.empty())
            x.why.add(say("Where a part's terminals are named, each lead lands on one of its role."));
        add_choices(c, feed, end, x);
        out.push_back(std::move(x));
    });
}

void terminal_crowded(const Context& c, std::vector<Finding>& out) {
    struct Landed {
        const Terminal* terminal = nullptr;
        Id part;
        int wires = 0;
        std::vector<Id> feeds;
    };
    std::map<std::pair<Id, std::string>, Landed> all;
    each_landing(c, [&](const Lead& feed, const LeadEnd& end) {
        const auto* t = lands_on(c.plan, feed, end);
        if (!t) return;
        const auto& part = end.at_source ? feed.from : feed.to;
        auto& there = all[{part, t->name}];
        there.terminal = t, there.part = part;
        there.wires += std::max(feed.conductors, 1);
        there.feeds.push_back(feed.id);
    });
    for (const auto& [key, there] : all) {
        if (there.wires <= there.terminal->wires) continue;
        Finding x{
            Severity::caution,
            {},
            {there.part, there.feeds.back()},
            say("{part} {terminal} takes {room} and {wires} land on it.", c.index().name(there.part),
                there.terminal->name,
                there.terminal->wires == 1 ? say("one wire") : say("{count} wires", there.terminal->wires),
                there.wires),
            {},
            {}};
        x.why.add(say("Of two wires under a screw made for one, only one is clamped."));
        x.why.add(say("A pigtail before it, or a hub of its own, leaves one wire for it."));
        out.push_back(std::move(x));
    }
}

void terminal_too_small(const Context& c, std::vector<Finding>& out) {
    each_landing(c, [&](const Lead& feed, const LeadEnd& end) {
        const auto* t = lands_on(c.plan, feed, end);
        const auto* wire = find(c.catalogue.wires, feed.wire);
        const bool holds = t && (t->takes == TerminalTakes::screw || t->takes == TerminalTakes::lever ||
                                 t->takes == TerminalTakes::pad);
        if (!holds || !wire || raw(t->size) <= 0) return;
        const auto copper = bundled(wire->conductor, std::max(feed.conductors, 1));
        if (copper <= t->size) return;
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("{end}: {lands_on} is {size} wide and its copper {copper}.", end_words(c, feed, end),
                      t->name, format(t->size), format(copper)),
                  {},
                  {}};
        x.why.add(
            say("Strands cut off to make it fit carry no current; join a thinner tail before the terminal "
                "instead."));
        out.push_back(std::move(x));
    });
}

/// A ferrule on a pad, or a drop of solder in a screw.
void terminal_joint(const Context& c, std::vector<Finding>& out) {
    each_landing(c, [&](const Lead& feed, const LeadEnd& end) {
        const auto* t = lands_on(c.plan, feed, end);
        const auto* joint = find(c.catalogue.joints, end.at_source ? feed.joint_from : feed.joint_to);
        if (!t) return;
        const auto takes = end_of(t->takes);
        const auto wanted = takes.value_or(JointEnd::splice);
        if (end.minus || !feed.cores.empty() || !joint || !takes.has_value() || joint->end == wanted) return;
        Finding x{Severity::note,
                  {},
                  {feed.id},
                  say("{end}: {lands_on} is a {word}, and the joint there is a {joint}.",
                      end_words(c, feed, end), t->name, said_word(t->takes), joint->name),
                  {},
                  {}};
        const auto* better = choose_joint(c.catalogue, c.plan.practices, wanted,
                                          joint_copper(c.plan, c.catalogue, feed, end.at_source));
        if (better)
            x.fixes.push_back({say("Use a {part}", better->name),
                               [id = feed.id, at = end.at_source, to = better->id](const Plan& p) {
                                   return set_joint(p, id, at, to);
                               }});
        out.push_back(std::move(x));
    });
}

}  // namespace

const std::vector<Rule> rules_of::terminals{
    {"terminal-unknown", to_say("A lead lands on a terminal that is there"), terminal_unknown},
    {"terminal-unsaid", to_say("Where several terminals would do, one is chosen"), terminal_unsaid},
    {"terminal-crowded", to_say("No terminal has more wires than it takes"), terminal_crowded},
    {"terminal-joint", to_say("A joint is of the kind that its terminal takes"), terminal_joint},
    {"terminal-too-small", to_say("The copper goes into its terminal"), terminal_too_small},
};

}  // namespace sangre
