#include "output/diagram/paper_ink.h"

#include <map>

namespace sangre {

std::string paper_colour(const Ink& ink) {
    static const std::map<std::string, std::string> known{
        {"ink", "#231F1C"},         {"muted", "#655D55"},       {"card", "#FFFDF9"},
        {"paper", "#F6F2EC"},       {"wire:red", "#B3261E"},    {"wire:black", "#2A2727"},
        {"wire:yellow", "#DDB321"}, {"wire:orange", "#D9782B"}, {"wire:blue", "#2D5F8F"},
        {"wire:green", "#2E7D4F"},  {"wire:white", "#BDB6AA"},  {"wire:brown", "#6B4429"},
        {"wire:violet", "#6C4A8C"}, {"wire:grey", "#8A8580"},   {"copper", "#C98A4B"},
        {"tube", "#A9B4C2"},        {"accent", "#7A1E2C"},      {"caution", "#B8720F"},
        {"good", "#1F6F4A"},        {"solder", "#A7A29B"},      {"glass", "#8FA3B8"}};
    if (ink.empty()) return {};
    const auto found = known.find(ink);
    return found == known.end() ? "#231F1C" : found->second;
}

double ink_cover(const Ink& ink) { return ink == "glass" ? 0.35 : 1; }

}  // namespace sangre
