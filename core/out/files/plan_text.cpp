#include "files/plan_text.h"

#include <fmt/format.h>

#include <algorithm>

#include "files/plan_text_ids.h"
#include "units/number.h"

namespace sangre {

bool looks_like_plan_text(std::string_view text) {
    std::set<std::string> words{"cable", "terminals"};
    words.insert(record_words().begin(), record_words().end());
    for (const auto* kind : line_kinds()) words.insert(kind->word);
    size_t lines = 0, known = 0;
    for (size_t at = 0; at < text.size();) {
        const auto end = std::min(text.find('\n', at), text.size());
        const auto line = text.substr(at, end - at);
        at = end + 1;
        const auto from = line.find_first_not_of(" \t");
        if (from == std::string_view::npos) continue;
        ++lines;
        const auto rest = line.substr(from);
        known += rest.starts_with(text_comment) || words.contains(lower(rest.substr(0, rest.find(' '))));
    }
    return lines > 0 && known * 2 > lines;
}

std::string lines_handbook() {
    std::string out =
        "# Lines\n\nEvery thing of a plan is a line: a word that says what it is, what it is called, then "
        "facts parted by commas, in any order.\nWhat is left out is as usual. A name with a comma stands "
        "in quotes; `#id` names what two things are called alike.\nLines beneath a lead, a way or "
        "terminals are indented; a line that begins with `--` says nothing.\n";
    for (const auto* kind : line_kinds()) {
        out += fmt::format("\n## {}\n\n{}\n\n| word | what it says |\n|---|---|\n", kind->word, kind->what);
        for (const auto& f : kind->facts) {
            if (f.form == FactForm::unsaid || (f.form == FactForm::head && *f.help == 0)) continue;
            out += fmt::format("| {} | {}{} |\n",
                               f.form == FactForm::head ? "*first*" : std::string("`") + f.word + "`",
                               f.values ? fmt::format("{}: {}", f.help, fmt::join(f.values(), ", ")) : f.help,
                               f.bare ? "; the word may be left out" : "");
        }
    }
    return out;
}

}  // namespace sangre
