#include "plan/plan_pictures.h"

#include <algorithm>

namespace sangre {

std::vector<std::string> pictures_of(const Plan& plan) {
    std::vector<std::string> all;
    const auto add = [&](const std::string& name) {
        if (!name.empty() && std::find(all.begin(), all.end(), name) == all.end()) all.push_back(name);
    };
    for (const auto& side : plan.sides) add(side.picture);
    for (const auto& step : plan.own_steps) add(step.picture);
    for (const auto& entry : plan.log)
        if (entry.kind == photo_entry) add(entry.text);
    return all;
}

bool names_a_file_beside(const std::string& name) {
    return !name.empty() && name.front() != '.' && name.find_first_of("/\\") == std::string::npos;
}

Plan add_photo(Plan plan, const std::string& step, const std::string& file, const std::string& when) {
    plan.log.push_back({when, photo_entry, step, file});
    return plan;
}

std::string photo_of(const Plan& plan, const std::string& step) {
    for (auto entry = plan.log.rbegin(); entry != plan.log.rend(); ++entry)
        if (entry->kind == photo_entry && entry->about == step) return entry->text;
    return {};
}

}  // namespace sangre
