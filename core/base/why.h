#pragma once
// A reason as data: made by the core where the number is made, laid out by whoever shows it.
#include <vector>

#include "base/words/words.h"

namespace sangre {

enum class Tone { plain, heading, good, caution, danger };

struct WhyLine {
    Words text;
    Tone tone = Tone::plain;
};

/// One way builders decide this.
struct School {
    Words name;
    Words choice;   ///< what it would choose, "20 AWG"
    Words purpose;  ///< what it is for
    bool followed = false;
    Words about{};  ///< the question, where one reason answers several
};

struct Why {
    Words title;
    std::vector<WhyLine> lines;
    std::vector<School> schools;
    Words source;
    Words caution;  ///< said once, where work can hurt someone

    void heading(Words text) { lines.push_back({std::move(text), Tone::heading}); }
    void add(Words text, Tone tone = Tone::plain) { lines.push_back({std::move(text), tone}); }
};

}  // namespace sangre
