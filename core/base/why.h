#pragma once
// A reason as data: made by the core where the number is made, laid out by whoever shows it.
#include <string>
#include <vector>

namespace sangre {

enum class Tone { plain, heading, good, caution, danger };

struct WhyLine {
    std::string text;
    Tone tone = Tone::plain;
};

/// One way builders decide this.
struct School {
    std::string name;
    std::string choice;   ///< what it would choose, "20 AWG"
    std::string purpose;  ///< what it is for
    bool followed = false;
    std::string about{};  ///< the question, where one reason answers several
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
