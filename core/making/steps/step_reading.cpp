#include "making/steps/step_reading.h"

#include <algorithm>
#include <array>

namespace sangre {

std::string reading_of_step(const Step& step, const std::vector<Reading>& readings) {
    const auto first = [&](auto which) {
        const auto at = std::find_if(readings.begin(), readings.end(), which);
        return at == readings.end() ? std::string() : at->key;
    };
    constexpr std::array kinds{std::pair{StepKind::beep, "beep/"}, std::pair{StepKind::shorts, "shorts/"},
                               std::pair{StepKind::first_power, "standing-current"}};
    for (const auto& [kind, key] : kinds)
        if (step.kind == kind) return first([&, key = key](const auto& r) { return r.key.starts_with(key); });
    if (step.about.empty()) return {};
    const bool live = step.kind == StepKind::set_module || is_live(step.kind);
    if (auto key = first([&](const auto& r) { return r.about == step.about && r.live == live; });
        !key.empty())
        return key;
    if (auto key = first([&](const auto& r) { return r.about == step.about; }); !key.empty()) return key;
    return first([&](const auto& r) { return r.key.find("/" + step.about) != std::string::npos; });
}

}  // namespace sangre
