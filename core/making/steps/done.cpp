#include "making/steps/done.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "base/units/number.h"
#include "plan/edits.h"

namespace sangre {
namespace {

constexpr std::string_view metres = " m";

/// "awg18 red, 1.14 m": what stands before the length, and the length.
std::optional<std::pair<std::string_view, double>> with_length(std::string_view stamp) {
    if (!stamp.ends_with(metres)) return {};
    const auto comma = stamp.rfind(", ");
    if (comma == std::string_view::npos) return {};
    const auto text = stamp.substr(comma + 2, stamp.size() - comma - 2 - metres.size());
    const auto read = scan_number(text);
    if (!read || read->end != text.size()) return {};
    return std::pair(stamp.substr(0, comma), read->value);
}

}  // namespace

bool still_holds(const std::string& was, const std::string& now) {
    if (was == now || was.empty() || now.empty()) return true;
    const auto a = with_length(was), b = with_length(now);
    return a && b && a->first == b->first && a->second >= b->second - 1e-9;
}

bool is_done(const Plan& plan, const Step& step) {
    if (!plan.done.contains(step.key)) return false;
    const auto as = plan.done_as.find(step.key);
    return as == plan.done_as.end() || still_holds(as->second, step.stamp);
}

std::vector<Touched> touched_work(const Plan& plan, const std::vector<Step>& steps) {
    std::vector<Touched> all;
    std::set<std::string_view> there;
    for (const auto& s : steps) {
        there.insert(s.key);
        if (plan.done.contains(s.key) && !is_done(plan, s))
            all.push_back({s.key, plan.done_as.at(s.key), s.stamp});
    }
    for (const auto& [key, as] : plan.done_as)
        if (plan.done.contains(key) && !there.contains(key)) all.push_back({key, as, {}});
    return all;
}

Plan tick_step(Plan plan, const Step& step, bool done, const std::string& when, double took_minutes) {
    plan = mark_step(std::move(plan), step.key, as_name(step.title), done, when);
    if (done && !step.stamp.empty())
        plan.done_as[step.key] = step.stamp;
    else
        plan.done_as.erase(step.key);
    if (done && took_minutes > 0)
        plan.took[step.key] = took_minutes;
    else if (!done)
        plan.took.erase(step.key);
    for (const auto& left : step.leaves) {
        std::erase_if(plan.at_hand, [&](const auto& h) { return h.id == left.id; });
        if (done) plan.at_hand.push_back(left);
    }
    std::erase(plan.rather, step.key);
    // What was ticked of it alone goes into the whole.
    for (size_t i = 0; i < step.actions.size(); ++i) plan.done.erase(fmt::format("{}#{}", step.key, i));
    if (done && step.kind == StepKind::undo) {
        const auto& other = step.about;
        for (auto* list : {&plan.done, &plan.done_as}) list->erase(other), list->erase(step.key);
        plan.took.erase(other), plan.took.erase(step.key);
    }
    return plan;
}

double taken(const Step& step, double looked_minutes) {
    constexpr double glance = 0.2, away = 5;
    return looked_minutes >= glance && looked_minutes <= away * step.minutes ? looked_minutes : 0;
}

double counted_seconds(const Step& step) {
    constexpr double longest = 120;
    if (step.count_s > 0) return step.count_s;
    return step.wait_minutes <= longest ? step.wait_minutes * 60 : 0;
}

size_t steps_done(const Plan& plan, const std::vector<Step>& steps) {
    return static_cast<size_t>(
        std::count_if(steps.begin(), steps.end(), [&](const auto& s) { return is_done(plan, s); }));
}

bool is_action_done(const Plan& plan, const Step& step, size_t action) {
    return is_done(plan, step) || plan.done.contains(fmt::format("{}#{}", step.key, action));
}

Plan tick_action(Plan plan, const Step& step, size_t action, bool done, const std::string& when) {
    const auto key = fmt::format("{}#{}", step.key, action);
    if (done)
        plan.done[key] = when;
    else
        plan.done.erase(key);
    return plan;
}

bool can_be_next(const Plan& plan, const std::vector<Step>& steps, const std::string& key,
                 const std::string& ticked) {
    const auto of = [&](const std::string& wanted) {
        return std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.key == wanted; });
    };
    const auto step = of(key);
    if (step == steps.end() || key == ticked || is_done(plan, *step)) return false;
    return std::all_of(step->after.begin(), step->after.end(), [&](const auto& before) {
        const auto first = of(before);
        return first == steps.end() || before == key || before == ticked || is_done(plan, *first);
    });
}

Plan set_rather(Plan plan, const std::string& step, bool rather) {
    std::erase(plan.rather, step);
    if (rather) plan.rather.insert(plan.rather.begin(), step);
    return plan;
}

}  // namespace sangre
