#pragma once
// The build as evenings: what fits into each, and where it may be stopped.
#include "making/steps/done.h"

namespace sangre {

/// A day of the calendar as ISO 8601 has it, "2026-11-28".
std::optional<std::string> checked_date(const std::string& text);
std::string days_after(const std::string& date, int days);

/// An end of a lead that is left bare when the evening ends: its other end is joined already.
struct BareEnd {
    Id lead;
    bool at_source = false;
};

struct Wait {
    std::string key;  ///< of the step that is waited for
    double minutes = 0;
};

/// A step that waits for something on order.
struct HeldBack {
    size_t step = 0;
    Words item;         ///< as the shopping list calls it
    std::string until;  ///< date on which it is expected; empty: nobody has said, and it is in no evening
};

struct EveningPlan {
    std::string date;
    double there = 0;             ///< minutes that there are
    double used = 0;              ///< minutes, changes of tools and waits within it included
    std::vector<size_t> steps;    ///< in the order in which they are done
    size_t changes = 0;           ///< of tools
    std::vector<BareEnd> bare;    ///< to be capped before the lights go out; empty: safe to stop
    std::vector<Wait> overnight;  ///< that run on by themselves
    bool iron = false;            ///< it was on
};

/// What a step of that kind of work takes this builder, over what was thought: the mean of what was measured,
/// on a scale of ratios, with two steps' worth of trust in the estimate. 1 where nothing was.
double learned_factor(const Plan& plan, const std::vector<Step>& steps, Work work);
double minutes_of(const Plan& plan, const std::vector<Step>& steps, const Step& step);
std::vector<double> minutes_of(const Plan& plan, const std::vector<Step>& steps);  ///< of each

/// Minutes taken for putting one tool away and the next at hand.
inline constexpr double change_minutes = 2;
/// Minutes of an evening that nobody has said.
inline constexpr double usual_evening = 90;

/// From that day on until everything is done, each evening as long as the plan says for its date, else as the
/// last one that it says, else `usual_evening`. Whole leads are taken, so that no bare end is left; a lead
/// that alone takes longer than the evening is begun, and what it leaves bare is said. A wait of more than
/// two hours runs on overnight. What is held back is done from the day on which it can be. An evening of no
/// minutes holds nothing. No more than 400 evenings.
std::vector<EveningPlan> plan_evenings(const Plan& plan, const std::vector<Step>& steps,
                                       const std::string& today, const std::vector<HeldBack>& held = {});

/// Of a lead with one end joined and one not, by what is done and what these steps do.
std::vector<BareEnd> bare_ends(const Plan& plan, const std::vector<Step>& steps,
                               const std::vector<size_t>& also_done);

/// Evenings with their steps and what runs on by itself as an iCalendar (RFC 5545), each from 19:00 local
/// time. `stamp`: "20261128T190000Z".
std::string evenings_to_ics(const Plan& plan, const std::vector<Step>& steps,
                            const std::vector<EveningPlan>& evenings, const std::string& stamp);

}  // namespace sangre
