#include "wiring/conductors/marks.h"

#include <fmt/format.h>

#include <algorithm>

namespace sangre {

std::string cable_label(size_t cable) { return fmt::format("C{}", cable + 1); }

std::string lead_label(const Plan& plan, size_t feed) {
    if (plan.feeds()[feed].cores.empty()) return fmt::format("W{}", feed + 1);
    const auto cabled = cabled_leads(plan);
    return cable_label(
        static_cast<size_t>(std::find(cabled.begin(), cabled.end(), &plan.feeds()[feed]) - cabled.begin()));
}

std::string wire_label(size_t feed, bool in_return, int number, int alike) {
    auto label = fmt::format("W{}{}", feed + 1, in_return ? "−" : "+");
    return alike > 1 ? label + fmt::format("/{}", number) : label;
}

}  // namespace sangre
