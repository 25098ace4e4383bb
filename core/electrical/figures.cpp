#include "electrical/figures.h"
#include "base/words/say.h"

#include <fmt/format.h>

namespace sangre {

std::vector<Words> unknown_figures(const Plan& plan, const Figures& figures) {
    std::vector<Words> missing;
    if (!figures.now.found)
        missing.emplace_back(
            say("No operating point was found for this instant: its numbers are not known."));
    if (!figures.worst.not_found_at.empty())
        missing.push_back(
            say("No operating point was found at {not_found_at}: what happens there is in no figure of the "
                "worst case.",
                figures.worst.not_found_at));
    if (!figures.mission.not_found_in.empty())
        missing.push_back(say("No operating point was found in {not_found_in}: the day cannot be played.",
                              figures.mission.not_found_in));
    for (size_t f = 0; f < figures.shorts.size(); ++f)
        if (!figures.shorts[f].found)
            missing.push_back(say("What a short at the end of {lead} draws was not found.",
                                  feed_name(plan, plan.feeds()[f])));
    return missing;
}

}  // namespace sangre
