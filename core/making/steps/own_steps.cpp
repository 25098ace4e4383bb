#include "making/steps/own_steps.h"

#include <algorithm>
#include <map>
#include <optional>
#include <set>
#include <string_view>

#include "base/units/number.h"
#include "base/words/say.h"
#include "making/steps/done.h"

namespace sangre {
namespace {

std::string name_of_own(const Plan& plan, const Id& id) {
    const auto* own = by_id(plan.own_steps, id);
    return own ? own->title : id;
}

}  // namespace

std::string own_step_key(const Id& id) { return "own/" + id; }

OwnStep step_back(const Plan& plan, const OwnStep& of) {
    OwnStep back;
    back.title = as_name(say("{title}, back again", of.title));
    back.undoes = of.id, back.tools = of.tools, back.minutes = of.minutes;
    back.id = fresh_id(plan, "step", back.title);
    return back;
}

StepNames::StepNames(const Plan& plan, const std::vector<Step>& steps) {
    // What is the builder's own is meant first, and of several the one that stands first.
    for (const auto& own : plan.own_steps)
        for (const auto& name : {own_step_key(own.id), own.id, lower(own.title)})
            keys_.try_emplace(name, own_step_key(own.id));
    for (const auto& s : steps) keys_.try_emplace(s.key, s.key);
    for (const auto& s : steps) keys_.try_emplace(lower(s.title.english()), s.key);
}

std::optional<std::string> StepNames::key(const std::string& name) const {
    auto found = keys_.find(name);
    if (found == keys_.end()) found = keys_.find(lower(name));
    return found == keys_.end() ? std::nullopt : std::optional(found->second);
}

Plan with_titles_in_english(Plan plan, const std::vector<Step>& steps) {
    const StepNames names(plan, steps);
    for (auto& own : plan.own_steps)
        for (auto* list : {&own.after, &own.before})
            for (auto& name : *list) {
                if (names.key(name)) continue;
                const auto step = std::find_if(steps.begin(), steps.end(), [&](const auto& s) {
                    return lower(as_name(s.title)) == lower(name);
                });
                if (step != steps.end()) name = step->title.english();
            }
    return plan;
}

void add_own_steps(const Plan& plan, std::vector<Step>& steps) {
    if (plan.own_steps.empty()) return;
    const StepNames names(plan, steps);
    std::set<std::string> keys;
    for (const auto& s : steps) keys.insert(s.key);
    for (const auto& own : plan.own_steps) keys.insert(own_step_key(own.id));
    std::map<std::string, std::string> takes_back;  // by what is opened: what closes it
    for (const auto& own : plan.own_steps)
        if (!own.undoes.empty()) takes_back[own_step_key(own.undoes)] = own_step_key(own.id);
    std::vector<std::string> opened;
    for (const auto& own : plan.own_steps) {
        const auto key = own_step_key(own.id);
        auto& s = add_step(steps, key, StepKind::own, own.title, say("of your own"));
        s.actions.assign(own.actions.begin(), own.actions.end());
        if (s.actions.empty()) s.actions = {own.title};
        s.tools = own.tools, s.caution = own.caution, s.about = own.id;
        for (const auto& first : own.after) s.after.push_back(names.key(first).value_or(first));
        s.minutes = own.minutes, s.wait_minutes = own.wait_minutes;
        s.picture = own.picture;
        s.why.add(say("Where you put it."));
        for (const auto& first : own.after)
            if (!keys.contains(first) && !names.key(first))
                s.why.add(say("It is to come after “{first}”, which is no step any more: that counts as met.",
                              first),
                          Tone::caution);
        if (!own.undoes.empty()) {
            s.why.add(say("Takes back “{name}”.", name_of_own(plan, own.undoes)));
            s.after.push_back(own_step_key(own.undoes));
            s.after.push_back("close/tie");
        }
        if (takes_back.contains(key)) {
            s.after.push_back("prepare");
            opened.push_back(key);
        }
    }
    std::unordered_map<std::string, std::set<std::string>>
        before;  // by what is to wait: own ones that come first
    for (const auto& own : plan.own_steps)
        for (const auto& later : own.before)
            if (const auto key = names.key(later)) before[*key].insert(own_step_key(own.id));
    for (auto& s : steps) {
        if (const auto first = before.find(s.key); first != before.end())
            s.after.insert(s.after.end(), first->second.begin(), first->second.end());
        const bool at_machine =
            s.kind == StepKind::thread || s.kind == StepKind::seat || s.kind == StepKind::hold;
        if (at_machine) s.after.insert(s.after.end(), opened.begin(), opened.end());
        if (s.kind == StepKind::last_fuse)
            for (const auto& [open, close] : takes_back) s.after.push_back(close);
    }
    // What was opened last is closed first.
    for (size_t i = 0; i + 1 < opened.size(); ++i)
        for (auto& s : steps)
            if (s.key == takes_back.at(opened[i])) s.after.push_back(takes_back.at(opened[i + 1]));
}

void take_back(const Plan& plan, std::vector<Step>& steps) {
    for (const auto& t : touched_work(plan, steps)) {
        if (!t.now.empty()) {
            for (auto& s : steps)
                if (s.key == t.key) {
                    s.actions.insert(s.actions.begin(),
                                     say("It was made as {was}; that comes off first.", t.was));
                    s.why.add(say("Done once already, as {was}; the plan has changed since to {now}.", t.was,
                                  t.now),
                              Tone::caution);
                }
            continue;
        }
        auto& s = add_step(steps, "undo/" + t.key, StepKind::undo, say("Take back: {was}", t.was),
                           say("the plan no longer has it"));
        s.actions = {
            say("Off, out and apart; what is left of it goes back into the drawer with its length on it."),
            say("What it was joined to is left as if it had never been.")};
        s.about = t.key;
        s.minutes = 5;
        s.after = {"prepare"};
        s.why.add(say("It was done, and the plan has changed since: {key}.", t.key), Tone::caution);
        for (auto& later : steps)
            if (later.kind == StepKind::beep) later.after.push_back("undo/" + t.key);
    }
}

void say_circles(std::vector<Step>& steps) {
    std::map<std::string_view, size_t> at;
    for (size_t i = 0; i < steps.size(); ++i) at[steps[i].key] = i;
    for (size_t i = 0; i < steps.size(); ++i)
        for (const auto& key : steps[i].after)
            if (const auto later = at.find(key); later != at.end() && later->second > i) {
                steps[i].why.add(say("It waits for “{title}”, which waits for it: take one of the two apart.",
                                     steps[later->second].title),
                                 Tone::danger);
                break;
            }
}

}  // namespace sangre
