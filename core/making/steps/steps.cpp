#include "making/steps/steps.h"

#include "making/steps/drill_step.h"
#include "making/steps/supplied_steps.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <unordered_map>

#include "base/append.h"
#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "harness/coupling.h"
#include "harness/fittings.h"
#include "harness/reach.h"
#include "making/steps/cable_steps.h"
#include "making/steps/done.h"
#include "making/steps/hold_steps.h"
#include "making/steps/item_steps.h"
#include "making/steps/jacket_words.h"
#include "making/steps/joined_late.h"
#include "making/steps/joint_words.h"
#include "making/steps/own_steps.h"
#include "making/steps/passive_steps.h"
#include "making/steps/pigtail_steps.h"
#include "making/steps/proving.h"
#include "making/steps/thread_step.h"
#include "physics/parts/wire_size.h"
#include "plan/landing.h"
#include "plan/part_places.h"
#include "wiring/item/covers.h"
#include "wiring/item/item.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

struct Maker {
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    const PlanIndex& index;
    std::vector<Step> steps;

    Step& add(std::string key, StepKind kind, Words title, Words subtitle = {}) {
        return add_step(steps, std::move(key), kind, std::move(title), std::move(subtitle));
    }
    const WireType* wire(const Lead& f) const { return find(catalogue.wires, f.wire); }
    Words wire_name(const Lead& f) const { return wire(f) ? size_words(*wire(f)) : "wire"; }
    Words colours(const Lead& f) const {
        return f.ret == Return::own ? listed({said(f.supply_colour), said(f.return_colour)})
                                    : said(f.supply_colour);
    }
    const JointKind* joint_kind(const Lead& f, bool at_source) const {
        return find(catalogue.joints, at_source ? f.joint_from : f.joint_to);
    }
    bool any_tube(const Lead& f) const {
        for (const bool source : {true, false})
            if (const auto* k = joint_kind(f, source);
                k && k->tube && !in_pigtail(plan, catalogue, f, source))
                return true;
        return false;
    }

    void prepare();
    void set_modules();
    void cut(size_t f);
    void sleeve(size_t f);
    void join(size_t f, bool at_source);
    void cover_board(const Converter& c);
    void under_before_over();
};

void Maker::prepare() {
    auto& s = add("prepare", StepKind::prepare, say("Lay everything out"),
                  say("parts, tools, light, a bowl for screws"));
    s.actions = {say("Read the steps through once."),
                 say("Photograph the machine before anything comes apart."),
                 plan.sources.empty() || plan.sources.front().kind == SourceKind::pack
                     ? say("Take the battery out and put it aside.")
                     : say("Nothing is plugged in until a step says so.")};
    s.minutes = 15;
    s.why.add(say("Missing parts are found now, not with a hot iron in hand."));
    for (const auto& b : plan.sources)
        if (const auto* c = find(catalogue.chemistries, b.chemistry)) s.caution = c->caution;
}

void Maker::set_modules() {
    for (size_t i = 0; i < plan.converters.size(); ++i) {
        const auto& c = plan.converters[i];
        const auto* type = find(catalogue.converters, c.type);
        const bool fixed = type && type->out_min >= type->out_max;
        const auto& window = figures.windows[i];
        auto& s = add("set/" + c.id, StepKind::set_module,
                      fixed ? say("Measure {part}", c.name)
                            : say("Set {converter} to {setting}", c.name, format(c.set)),
                      say("{module}, nothing on its output", type ? type->name : Term(c.type)));
        s.about = c.id;
        s.actions = {say("Power its input alone, through a 1 A fuse or a current-limited supply."),
                     fixed ? say("Meter on the output: it cannot be set.")
                           : say("Meter on the output, turn the screw slowly.")};
        const auto words = window_words(window);
        if (window.empty())
            s.actions.push_back(
                say("No voltage suits all that it feeds: correct the plan before anything is connected."));
        else if (fixed)
            s.actions.push_back(say("It gives {setting}; its loads need {words}.", format(c.set), words));
        else
            s.actions.push_back(say("Stop at {setting}, as near as the screw goes; its loads stand {words}.",
                                    format(c.set), words));
        s.stamp = fmt::format("{} {:.2f} V", c.type, raw(c.set));
        s.target = {window.empty() ? "—" : format(c.set), say("{words}, nothing on the output", words)};
        s.actions.push_back(fixed ? say("Power off. Label the module.")
                                  : say("Power off. Mark the screw with paint and label the module."));
        if (const auto* spacer = board_spacer(plan, catalogue, c))
            s.actions.push_back(say("It stands on metal: four of {spacer} under its board.", spacer->name));
        s.tools = {to_say("meter"), to_say("fused test lead")};
        if (!fixed) s.tools.push_back(to_say("small screwdriver"));
        s.minutes = fixed ? 3 : 6;
        s.after = {"prepare"};
        s.why.add(
            fixed
                ? say("Before its loads: a wrong or defective converter is found while nothing is connected.")
                : say("Before its loads: an unset converter can put out far more than they are rated for."),
            Tone::caution);
        for (const auto& line : figures.windows[i].why.lines) s.why.lines.push_back(line);
    }
}

void Maker::cut(size_t f) {
    const auto& feed = plan.feeds()[f];
    const auto& route = figures.harness.routes[f];
    auto& s =
        add("cut/" + feed.id, StepKind::cut, say("Cut and label: {lead}", index.feed_name(feed)),
            compose("{} {}, {}", wire_name(feed), colours(feed),
                    feed.ret == Return::own ? say("{cut} each", format(route.cut)) : format(route.cut)));
    s.about = feed.id;
    s.stamp =
        fmt::format("{} × {} {} {}{}, {:.2f} m", std::max(feed.conductors, 1), feed.wire, feed.supply_colour,
                    feed.ret == Return::own ? feed.return_colour : "", jacket_stamp(feed), raw(route.cut));
    const int alike = std::max(feed.conductors, 1);
    const auto pieces =
        alike > 1 ? say("{alike} pieces of {cut}", alike, format(route.cut)) : format(route.cut);
    s.actions = {
        say("Cut {pieces} of {wire} {supply}{own_return| and the same of {return_wire}|}.", pieces,
            wire_name(feed), said(feed.supply_colour), feed.ret == Return::own, said(feed.return_colour)),
        say("Label both ends “{lead_label}”.", index.name(feed.to))};
    if (is_twisted(feed, route.length)) s.actions.push_back(say("Twist the pair, about a turn every 3 cm."));
    if (const auto words = jacket_action(plan, catalogue, figures, f); !words.empty())
        s.actions.push_back(words);
    s.tools = {to_say("cutters"), to_say("tape measure"), to_say("labels")};
    s.minutes = 3;
    s.after = {"prepare"};
    tell_supplied(s, plan, catalogue, figures, f);
    s.why.lines.insert(s.why.lines.end(), route.why.lines.begin(), route.why.lines.end());
}

void Maker::sleeve(size_t f) {
    const auto& feed = plan.feeds()[f];
    const auto* w = wire(feed);
    if (!w || !any_tube(feed) || !tube_school(plan.practices.insulation)) return;
    auto& s = add("sleeve/" + feed.id, StepKind::sleeve, say("Tubes on: {lead}", index.feed_name(feed)));
    s.about = feed.id;
    Millimetre parking(0);
    for (const bool source : {true, false}) {
        const auto* kind = joint_kind(feed, source);
        if (!kind || !kind->tube || in_pigtail(plan, catalogue, feed, source)) continue;
        const auto work = *feed_joint(plan, catalogue, f, source);
        if (const auto* tube = work.tube ? work.tube : work.to_buy)
            s.stamp +=
                fmt::format("{}{} {:.0f} mm", s.stamp.empty() ? "" : " ", tube->id, raw(work.tube_cut));
        const bool alone = source && begins_in_tap(catalogue, feed);
        s.actions.push_back(say("{count} × {cut} of {tube}, one on each lead, at {part}.",
                                feed.ret == Return::own && !alone ? 2 : 1, format(work.tube_cut),
                                work.tube     ? work.tube->name
                                : work.to_buy ? work.to_buy->name
                                              : say("tube that fits"),
                                index.name(source ? feed.from : feed.to)));
        parking = std::max(parking, work.parking);
        if (const auto over = over_tube(plan, catalogue, f, source))
            s.actions.push_back(
                over->tube
                    ? say("Before them, over both leads: {cut} of {tube}, for when each joint has its own.",
                          format(over->cut), over->tube->name)
                    : say("No tube goes over both joints, {pass}: leave them beside one another.",
                          format(over->pass)));
    }
    tell_parking(s, parking, feed.id);
}

void Maker::join(size_t f, bool at_source) {
    const auto& feed = plan.feeds()[f];
    const auto* kind = joint_kind(feed, at_source);
    const auto& part = index.name(at_source ? feed.from : feed.to);
    const std::string end = at_source ? "source" : "load";
    auto& s = add("join/" + feed.id + "/" + end, StepKind::join,
                  say("Join {lead} at {part}",
                      at_source ? say("{part} lead", index.name(feed.to)) : say("the lead"), part),
                  compose("{} {}, {}", wire_name(feed), colours(feed),
                          kind ? kind->name : say("its joint is not chosen yet")));
    s.about = feed.id;
    s.after = {"cut/" + feed.id, "thread/" + feed.id, "sleeve/" + feed.id};
    if (index.part(feed.from).kind == PartKind::converter) {
        s.after.push_back("set/" + feed.from);
        s.why.add(say("After the converter is set: an unset one can destroy what it feeds."));
    }
    for (const auto& d : feed.devices) s.after.push_back("item/" + d.id);
    if (!kind || !wire(feed)) return;
    const bool plugged = kind->method == JointMethod::plugged;
    if (plugged)
        s.title = say("Fit the plug of the {part} lead into {part_2}", index.name(feed.to), part);
    else
        s.joint = StepJoint{f, at_source};
    s.stamp = fmt::format("{} {} {}", kind->id, feed.wire, at_source ? feed.from : feed.to);
    const auto work = *feed_joint(plan, catalogue, f, at_source);
    if (plan.terminals.contains(at_source ? feed.from : feed.to))
        s.actions.push_back(feed.ret == Return::own
                                ? say("{supply} lands on {landing_sign}, {return_wire} on {landing_sign_2}.",
                                      capital(said(feed.supply_colour)),
                                      landing_sign(plan, feed, {at_source, false}), said(feed.return_colour),
                                      landing_sign(plan, feed, {at_source, true}))
                                : say("{supply} lands on {landing_sign}.", capital(said(feed.supply_colour)),
                                      landing_sign(plan, feed, {at_source, false})));
    const bool alone = at_source && begins_in_tap(catalogue, feed);
    if (alone) {
        s.title = say("Join the minus of the {part} lead at {part_2}", index.name(feed.to), part);
        s.actions.push_back(say(
            "{return_wire} alone: {supply} begins at the tap. Under a bolt of the frame, bare metal, as near "
            "as there is one.",
            capital(said(feed.return_colour)), said(feed.supply_colour)));
    }
    tell_joint(s, work, plan.practices);
    if (const auto over = over_tube(plan, catalogue, f, at_source); over && over->tube)
        s.actions.push_back(
            say("Both done: the wide tube over both, a finger's width beyond theirs, and shrink it."));
    s.minutes = kind->minutes * (feed.ret == Return::own && !alone ? 2 : 1);
    if (!plugged) s.why.add(say("After its tubes are on."));
    for (const auto& line : work.why.lines) s.why.lines.push_back(line);
}

/// What another place lies over is joined before anything there is.
void Maker::under_before_over() {
    std::map<Id, std::vector<size_t>> at;  // joints, by place
    const PartPlaces places(plan);
    for (size_t i = 0; i < steps.size(); ++i)
        if (const auto& joint = steps[i].joint; steps[i].kind == StepKind::join && joint) {
            const auto& feed = plan.feeds()[joint->feed];
            at[places.place(joint->at_source ? feed.from : feed.to)].push_back(i);
        }
    for (const auto& place : plan.places)
        for (const auto* over = by_id(plan.places, place.under); over; over = by_id(plan.places, over->under))
            for (const auto later : at[over->id])
                for (const auto first : at[place.id]) {
                    steps[later].after.push_back(steps[first].key);
                    if (first == at[place.id].front())
                        steps[later].why.add(say("After what lies beneath it, at {place}.", place.name));
                }
}

/// A bare board in a wide tube, glued shut at both ends.
void Maker::cover_board(const Converter& c) {
    const auto tube = board_tube(plan, catalogue, c);
    if (!tube) return;
    auto& s = add("cover/" + c.id, StepKind::cover, say("Tube over the board of {converter}", c.name),
                  tube->tube ? tube->tube->name : say("tube that goes over it flat"));
    s.about = c.id;
    s.actions = {
        say("Measured and marked already: its screw and its label end up under the tube."),
        say("The board's length and 2 cm more; slide it over from the side with fewer leads."),
        say("Hot glue into one end, press it flat with pliers; the same at the other once it has set."),
        say("Shrink it without lingering: the board does not like the heat.")};
    s.tools = {to_say("tube"), to_say("scissors"), to_say("hot glue gun"), to_say("heat source")};
    s.minutes = 6, s.wait_minutes = 1;
    s.after = {"set/" + c.id};
    for (const auto f : index.into(c.id)) s.after.push_back("join/" + plan.feeds()[f].id + "/load");
    for (const auto f : index.from(c.id)) s.after.push_back("join/" + plan.feeds()[f].id + "/source");
    s.why.add(say("After its wires are on: a board glued into tube cannot be soldered."));
    if (raw(tube->pass) > 0)
        s.why.add(say("Its board is {round} round: a tube that opens to {tube} or more.",
                      format(Millimetre(raw(tube->pass) * M_PI)), format(tube->pass)));
    else
        s.why.add(say("The size of its board is not given: try a tube over it."));
}

}  // namespace

bool is_joint(StepKind kind) {
    switch (kind) {
        case StepKind::join:
        case StepKind::cable:
        case StepKind::pigtail:
        case StepKind::join_return:
        case StepKind::cover:
            return true;
        default:
            return false;
    }
}

bool is_live(StepKind kind) {
    return kind == StepKind::find_source || kind == StepKind::first_power || kind == StepKind::prove;
}

std::string cut_step_key(const Id& lead) { return "cut/" + lead; }

Step& add_step(std::vector<Step>& steps, std::string key, StepKind kind, Words title, Words subtitle) {
    auto& s = steps.emplace_back();
    s.key = std::move(key), s.kind = kind, s.title = std::move(title), s.subtitle = std::move(subtitle);
    s.why.title = say("Why at this point");
    return s;
}

std::vector<Step> order_steps(std::vector<Step> steps, const std::vector<std::string>& rather) {
    const auto found = least_changes(steps, rather);
    std::vector<Step> sorted;
    sorted.reserve(steps.size());
    for (const auto i : found.order) sorted.push_back(std::move(steps[i]));
    return sorted;
}

namespace {

/// How deep in the machine the hands are for it.
size_t depth_of(const Plan& plan, const PartPlaces& places,
                const std::unordered_map<std::string_view, size_t>& leads, const Step& step) {
    const auto part = [&](const Id& id) { return in_the_way_of_place(plan, places.place(id)).count(); };
    if (step.joint) {
        const auto& feed = plan.feeds()[step.joint->feed];
        return part(step.joint->at_source ? feed.from : feed.to);
    }
    if (const auto at = leads.find(step.about); at != leads.end())
        return std::max(part(plan.leads[at->second].from), part(plan.leads[at->second].to));
    return part(step.about);
}

}  // namespace

std::vector<Step> build_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    if (plan.feeds().empty()) return {};
    Maker m{plan, catalogue, figures, figures.solver->index(), {}};
    m.prepare();
    for (auto& s : source_steps(plan, catalogue)) m.steps.push_back(std::move(s));
    if (auto s = drill_step(plan, catalogue, figures.harness)) m.steps.push_back(std::move(*s));
    m.set_modules();
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        // A cable's ends are made up pin by pin, all of its cores in one go.
        const bool cable = !plan.feeds()[f].cores.empty();
        if (!cable) {
            m.cut(f);
            if (auto s = thread_step(plan, figures, f)) m.steps.push_back(std::move(*s));
            m.sleeve(f);
        }
        for (auto& s : item_steps(plan, catalogue, figures, f)) m.steps.push_back(std::move(s));
        if (cable) continue;
        for (const bool source : {false, true})
            if (!in_pigtail(plan, catalogue, plan.feeds()[f], source)) m.join(f, source);
    }
    for (size_t f = plan.feeds().size(); f < plan.leads.size(); ++f)
        for (auto& s : item_steps(plan, catalogue, figures, f)) m.steps.push_back(std::move(s));
    m.under_before_over();
    for (const auto& c : plan.converters) m.cover_board(c);
    for (auto& s : pigtail_steps(plan, catalogue)) m.steps.push_back(std::move(s));
    for (auto& s : cable_steps(plan, catalogue, figures)) m.steps.push_back(std::move(s));
    const auto turned = make_motors_turn_first(plan, catalogue, m.index, m.steps);
    std::vector<std::string> joints;
    for (auto& s : passive_steps(plan)) {
        joints.push_back(s.key);  // seated before anything is beeped: its lead is measured with it
        m.steps.push_back(std::move(s));
    }
    for (const auto& step : m.steps)
        if (is_joint(step.kind) && !at_live_source(plan, catalogue, step) &&
            std::ranges::find(turned, step.key) == turned.end())
            joints.push_back(step.key);
    for (auto& s : panel_steps(plan, catalogue)) m.steps.push_back(std::move(s));
    const auto proving = m.steps.size();
    for (auto& s : proving_steps(plan, catalogue, figures, joints)) m.steps.push_back(std::move(s));
    // Before the first wire: nothing is cut or threaded while chips fly.
    if (std::any_of(m.steps.begin(), m.steps.end(), [](const auto& s) { return s.key == drill_key; }))
        for (auto& s : m.steps)
            if (s.kind == StepKind::cut || s.kind == StepKind::thread || s.kind == StepKind::seat)
                s.after.emplace_back(drill_key);
    make_live_ends_last(plan, catalogue, m.steps);
    std::vector<std::string> fixed = turned;  // before the lid
    joints.insert(joints.end(), turned.begin(), turned.end());
    for (auto& s : stick_steps(plan, joints)) fixed.push_back(s.key), m.steps.push_back(std::move(s));
    for (auto& s : stack_steps(plan, catalogue)) fixed.push_back(s.key), m.steps.push_back(std::move(s));
    for (auto& s : hold_steps(plan, figures)) fixed.push_back(s.key), m.steps.push_back(std::move(s));
    for (size_t i = proving; i < m.steps.size(); ++i) {
        auto& s = m.steps[i];
        if (s.kind == StepKind::close_up) append(s.after, std::vector(fixed));
        if (s.kind == StepKind::glue) append(s.after, std::vector(turned));
    }
    add_own_steps(plan, m.steps);
    take_back(plan, m.steps);
    const PartPlaces places(plan);
    std::unordered_map<std::string_view, size_t> leads;
    for (size_t i = 0; i < plan.leads.size(); ++i) leads.emplace(plan.leads[i].id, i);
    for (size_t i = 0; i < m.steps.size(); ++i)
        m.steps[i].rank = i, m.steps[i].depth = depth_of(plan, places, leads, m.steps[i]);
    auto ordered = order_steps(std::move(m.steps), plan.rather);
    say_circles(ordered);
    return ordered;
}

double minutes_left(const Plan& plan, const std::vector<Step>& steps) {
    double total = 0;
    for (const auto& s : steps)
        if (!is_done(plan, s)) total += s.minutes + s.wait_minutes;
    return total;
}

}  // namespace sangre
