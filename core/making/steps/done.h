#pragma once
// What is done still holds, or has been overtaken by an edit.
#include "making/steps/steps.h"

namespace sangre {

/// True where it was ticked, and what was done then is what is asked for now.
bool is_done(const Plan& plan, const Step& step);

/// Ticked, and asked otherwise since.
struct Touched {
    std::string key;
    std::string was;  ///< what was done
    std::string now;  ///< what is asked; empty: the step is no more
};
/// In the order of the steps; those that are no more last, by key. The step that takes those back is not one.
std::vector<Touched> touched_work(const Plan& plan, const std::vector<Step>& steps);

/// What was done is enough for what is asked: the same words, or of a length as much and more.
bool still_holds(const std::string& was, const std::string& now);

/// Ticks a step, keeping what was done and, where it is known, how long it took; or takes the tick back. A
/// step that undoes another takes that other's tick with it. What the step leaves over is at hand from then
/// on. Writes the log line.
Plan tick_step(Plan plan, const Step& step, bool done, const std::string& when, double took_minutes = 0);

/// Minutes that a step took, by how long it was looked at: 0, not known, where that was a glance of less than
/// 12 s, or five times as long as was thought.
double taken(const Step& step, double looked_minutes);

/// Seconds for a clock beside the step to count: those of its heat, else a wait of up to two hours; 0: none.
double counted_seconds(const Step& step);

size_t steps_done(const Plan& plan, const std::vector<Step>& steps);

/// One of a step's actions alone, by its place; ticked with the step when that is.
bool is_action_done(const Plan& plan, const Step& step, size_t action);
Plan tick_action(Plan plan, const Step& step, size_t action, bool done, const std::string& when);

/// True for a step that is not done and waits for nothing but, at the most, `ticked`.
bool can_be_next(const Plan& plan, const std::vector<Step>& steps, const std::string& key,
                 const std::string& ticked);

/// The step is to come as early as it can, or where it was again.
Plan set_rather(Plan plan, const std::string& step, bool rather);

}  // namespace sangre
