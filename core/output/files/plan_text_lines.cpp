#include "output/files/plan_text_lines.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <ranges>

#include "base/units/words.h"
#include "base/words/say.h"
#include "lines/clauses.h"
#include "lines/heads.h"
#include "lines/line.h"
#include "output/files/plan_text_ids.h"
#include "plan/load_text.h"

namespace sangre {

void fail(const TextLine& l, size_t begin, size_t end, const std::string& message) {
    throw TextError{l.number, begin, end, message};
}
void fail(const TextLine& l, const ParseError& error) {
    fail(l, l.said_at + error.begin, l.said_at + error.end, error.message);
}

const std::vector<std::string>& line_words() {
    static const std::vector<std::string> words = [] {
        std::vector<std::string> all{"cable", "terminals"};
        for (const auto& w : record_words()) all.emplace_back(w);
        for (const auto* kind : line_kinds()) all.emplace_back(kind->word);
        return all;
    }();
    return words;
}

std::string_view without_bullet(std::string_view line) {
    constexpr std::string_view blanks = " \t";
    for (const std::string_view bullet : {"•", "-", "*", "–", "·"}) {
        if (!line.starts_with(bullet)) continue;
        const auto rest = line.substr(bullet.size());
        if (rest.empty()) return rest;
        // "--" is a comment, "-5" an amount.
        if (blanks.find(rest.front()) == blanks.npos) continue;
        return rest.substr(std::min(rest.find_first_not_of(blanks), rest.size()));
    }
    return line;
}

std::string no_such_line(std::string_view word) {
    const auto far = [&](const std::string& w) { return letters_apart(lower(word), w); };
    const auto nearest = *std::ranges::min_element(line_words(), {}, far);
    if (far(nearest) <= 2) return say("“{word}” begins no line; is “{nearest}” meant?", word, nearest);
    return say("“{word}” begins no line; lines begin with {status}", word,
               fmt::to_string(fmt::join(line_words(), ", ")));
}

namespace {

constexpr std::string_view id_word = "id ", keeps_word = "keeps ";

/// The word that a line without one would begin with: a load's, a source's or a lead's that is whole; empty
/// where it is none.
std::string_view word_left_out(std::string_view line, const Catalogue& catalogue) {
    const auto clauses = line_clauses(line);
    if (!clauses || clauses->empty()) return {};
    const auto head = clauses->front().text;
    if (clauses->front().quoted()) return {};
    // "lod Fan 12 V 1 A" is a word with a wrong letter, not a name.
    const auto first = lower(head.substr(0, head.find(' ')));
    for (const auto* kind : line_kinds())
        if (first[0] == kind->word[0] && letters_apart(first, kind->word) == 1) return {};
    if (head.find("→") != head.npos || head.find("->") != head.npos) return "lead";
    if (parse_load(head).complete()) return "load";
    Source source;
    const Plan none;
    const LineContext nameless(none, catalogue);
    if (read_thing(nameless, source, head)) return "source";
    // One word too many for a load that says its volts and what it draws: what is wrong with it is worth
    // saying.
    const auto read = parse_load(head);
    const auto says = [&](LoadChip::Kind kind) {
        return std::ranges::any_of(read.chips, [&](const auto& chip) { return chip.kind == kind; });
    };
    return says(LoadChip::Kind::voltage) && says(LoadChip::Kind::current) ? "load" : std::string_view();
}

bool begins_a_line(std::string_view word) {
    return std::ranges::find(line_words(), word) != line_words().end();
}

/// Words of parts, whose names hold no arrow outside quotes: “Hub → Lamp” is a lead.
bool names_a_part(std::string_view word) {
    return word == "hub" || word == "source" || word == "converter" || word == "load" || word == "part";
}

/// A line that adds several alike, as one for each of them.
void add_each(std::vector<TextLine>& lines, TextLine l) {
    const auto clauses = line_clauses(l.said);
    if (l.word == "load" && clauses && !clauses->empty() && !clauses->front().quoted()) {
        const auto read = parse_load(clauses->front().text);
        const auto& several = read.how_many;
        if (several.end > 0) {
            const auto at = static_cast<std::ptrdiff_t>(clauses->front().begin);
            std::fill(l.said.begin() + at + static_cast<std::ptrdiff_t>(several.begin),
                      l.said.begin() + at + static_cast<std::ptrdiff_t>(several.end), ' ');
            if (!read.complete()) {
                auto error = read.problems.front();
                error.begin += clauses->front().begin, error.end += clauses->front().begin;
                fail(l, error);
            }
            l.alike = read.load.name;
        }
        if (const auto named = read.complete() ? std::nullopt : comma_named_load(l.said, *clauses)) {
            // Its commas part nothing.
            l.alike = named->first.name;
            std::replace(l.said.begin(),
                         l.said.begin() + static_cast<std::ptrdiff_t>((*clauses)[named->second - 1].end), ',',
                         ' ');
        }
        for (int n = 1; several.count > 1 && n <= several.count; ++n) {
            l.nth = n;
            lines.push_back(l);
        }
        if (several.count > 1) return;
    }
    lines.push_back(std::move(l));
}

}  // namespace

std::vector<TextLine> text_lines(std::string_view text, const Catalogue& catalogue) {
    std::vector<TextLine> lines;
    size_t number = 0;
    for (size_t at = 0; at < text.size();) {
        const auto end = std::min(text.find('\n', at), text.size());
        ++number;
        auto from = at;
        while (from < end && (text[from] == ' ' || text[from] == '\t')) ++from;
        auto to = end;
        while (to > from && (text[to - 1] == ' ' || text[to - 1] == '\t' || text[to - 1] == '\r')) --to;
        at = end + 1;
        const auto whole = without_bullet(text.substr(from, to - from));
        from = to - whole.size();
        if (whole.empty() || whole.starts_with(text_comment)) continue;
        TextLine l;
        l.number = number, l.begin = from, l.end = to;
        const auto blank = std::min(whole.find_first_of(" \t"), whole.size());
        l.word = lower(whole.substr(0, blank));
        l.said_at = from + std::min(blank + 1, whole.size());
        // “load: Lamp 12 V 1 A”, as in a letter.
        if (l.word.ends_with(':') && begins_a_line(std::string_view(l.word).substr(0, l.word.size() - 1)))
            l.word.pop_back();
        const bool arrow = whole.find('"') == whole.npos &&
                           (whole.find("→") != whole.npos || whole.find("->") != whole.npos);
        if (!begins_a_line(l.word) || (arrow && names_a_part(l.word))) {
            if (const auto word = word_left_out(whole, catalogue); !word.empty())
                l.word = word, l.said_at = from;
        } else if (const auto rest = line_clauses(text.substr(l.said_at, to - l.said_at));
                   rest && !rest->empty() && taken_for_a_load(l.word, rest->front().text))
            l.word = "load", l.said_at = from;  // “Hub motor 24 V 5 A” is no hub
        l.said = std::string(text.substr(l.said_at, to - l.said_at));
        std::replace(l.said.begin(), l.said.end(), '\t', ' ');
        const auto clauses = line_clauses(l.said);
        if (!clauses) fail(l, clauses.error());
        // The first is the head: a thing may be called “id 7”.
        const bool headed = l.word != "practices";
        for (size_t i = headed ? 1 : 0; i < clauses->size(); ++i) {
            const auto& c = (*clauses)[i];
            const bool id = c.text.starts_with(id_word) || c.text == "id",
                       keeps = c.text.starts_with(keeps_word);
            if (!id && !keeps) continue;
            const auto value =
                unquoted(c.text.substr(std::min(c.text.size(), id ? id_word.size() : keeps_word.size())));
            if (id && value.empty())
                fail(l, l.said_at + c.begin, l.said_at + c.end, say("an id is expected"));
            (id ? l.id : l.extra) = value;
            std::fill(l.said.begin() + static_cast<std::ptrdiff_t>(c.begin),
                      l.said.begin() + static_cast<std::ptrdiff_t>(c.end), ' ');
        }
        add_each(lines, std::move(l));
    }
    for (size_t i = 0; i < lines.size(); ++i) lines[i].at = i;
    return lines;
}

}  // namespace sangre
