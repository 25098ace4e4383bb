#pragma once
// A reason as data: made by the core where the number is made, laid out by whoever shows it.
#include <string>
#include <vector>

#include "plan/edits.h"

namespace sangre {

enum class Tone { plain, heading, good, caution, danger };

struct WhyLine {
    std::string text;
    Tone tone = Tone::plain;
};

/// One way builders decide this; `follow` makes it the plan's way here. Empty where it cannot be followed.
struct School {
    std::string name;
    std::string choice;   ///< what it would choose, "20 AWG"
    std::string purpose;  ///< what it is for
    bool followed = false;
    Edit follow{};
    std::string about{};  ///< the question, where one reason answers several
    Edit everywhere{};    ///< makes it the way of the whole plan; may be empty
};

struct Why {
    std::string title;
    std::vector<WhyLine> lines;
    std::vector<School> schools;
    std::string source;
    std::string caution;  ///< said once, where work can hurt someone

    void heading(std::string text) { lines.push_back({std::move(text), Tone::heading}); }
    void add(std::string text, Tone tone = Tone::plain) { lines.push_back({std::move(text), tone}); }
};

}  // namespace sangre
