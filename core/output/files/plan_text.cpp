#include "output/files/plan_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "base/units/number.h"
#include "output/files/plan_text_ids.h"
#include "output/files/plan_text_lines.h"

namespace sangre {

bool looks_like_plan_text(std::string_view text) {
    const auto& words = line_words();
    size_t lines = 0, known = 0;
    for (size_t at = 0; at < text.size();) {
        const auto end = std::min(text.find('\n', at), text.size());
        const auto line = text.substr(at, end - at);
        at = end + 1;
        const auto from = line.find_first_not_of(" \t");
        if (from == std::string_view::npos) continue;
        ++lines;
        const auto rest = without_bullet(line.substr(from));
        known += rest.starts_with(text_comment) ||
                 std::find(words.begin(), words.end(), lower(rest.substr(0, rest.find(' ')))) != words.end();
    }
    return lines > 0 && known * 2 > lines;
}

std::span<const LineExample> line_examples() {
    static constexpr std::array all{
        LineExample{"body", "body Deck box, plastic, sealed, 220 × 140 × 80 mm, wall 3 mm"},
        LineExample{"opening", "opening Bow gland, M20 gland"},
        LineExample{"opening", "opening Deck hole, 12 mm grommet"},
        LineExample{"source", "source Main battery: 8S LFP 35 Ah"},
        LineExample{"source", "4 AA cells"},
        LineExample{"source", "source 12 V lead acid 80 Ah"},
        LineExample{"load", "load Fog pump 12V 4.6A start 14A 0.4s noisy"},
        LineExample{"load", "load 2 servos 5 V 1 A"},
        LineExample{"load", "Servo 5 V 1 A x2"},
        LineExample{"load", "load Receiver 5 V 0.1 A, vital sensitive"},
        LineExample{"load", "load 12V motor 3A"},
        LineExample{"load", "load Pump, left, 12 V 1 A"},
        LineExample{"load", "load Beacon 5 V 20 mA, own lead 32 AWG"},
        LineExample{"part", "part Bow eye, LED polarised"},
        LineExample{"part", "part Soil probe 10 kΩ"},
        LineExample{"part", "part Arm button 16 mm hole"},
        LineExample{"hand", "hand 3 m 24 AWG silicone red"}};
    return all;
}

namespace {

std::string examples_of(std::string_view kind) {
    std::string all;
    for (const auto& e : line_examples())
        if (e.kind == kind)
            all += fmt::format("{}`{}`", all.empty() ? "\nAs people type it: " : " · ", e.line);
    return all.empty() ? all : all + "\n";
}

}  // namespace

std::string lines_handbook() {
    std::string out =
        "# Lines\n\nEvery thing of a plan is a line: a word that says what it is, what it is called, then "
        "facts parted by commas, in any order.\nWhat is left out is as usual. A name with a comma stands "
        "in quotes; `#id` names what two things are called alike.\nLines beneath a lead, a way or "
        "terminals are indented; a line that begins with `--` says nothing.\nA load, a source or a lead may "
        "leave its word out: `2 servos 5 V 1 A`, `4S LFP 10 Ah`, `Hub → Fog pump, 18 AWG`.\n";
    for (const auto* kind : line_kinds()) {
        out += fmt::format("\n## {}\n\n{}\n\n| word | what it says |\n|---|---|\n", kind->word, kind->what);
        for (const auto& f : kind->facts) {
            if (f.form == FactForm::unsaid || (f.form == FactForm::head && *f.help == 0)) continue;
            out += fmt::format("| {} | {}{} |\n",
                               f.form == FactForm::head ? "*first*" : std::string("`") + f.word + "`",
                               f.values ? fmt::format("{}: {}", f.help, fmt::join(f.values(), ", ")) : f.help,
                               f.bare ? "; the word may be left out" : "");
        }
        out += examples_of(kind->word);
    }
    out += fmt::format("\n## cable\n\n{}\n\n## terminals\n\n{}\n",
                       said("A lead that carries signals: what is said of a lead is said of it."),
                       said("A part whose terminals follow, one line each."));
    for (const auto& r : record_lines) {
        out += fmt::format("\n## {}\n\n{}\n\n| word | what it says |\n|---|---|\n| *first* | {} |\n", r.word,
                           r.what, r.key);
        if (*r.value != 0) out += fmt::format("| *then* | {} |\n", r.value);
    }
    return out;
}

}  // namespace sangre
