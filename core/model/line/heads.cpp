#include "line/heads.h"

#include <fmt/format.h>

#include <algorithm>

#include "enum_words.h"
#include "plan/load_text.h"
#include "source/source_text.h"
#include "words/say.h"

namespace sangre {
namespace {

/// Where a mark stands outside quotes; npos where it does not.
size_t outside_quotes(std::string_view text, std::string_view mark) {
    bool inside = false;
    for (size_t i = 0; i + mark.size() <= text.size(); ++i) {
        if (inside && text[i] == '\\') {
            ++i;
            continue;
        }
        if (text[i] == '"') inside = !inside;
        if (!inside && text.substr(i, mark.size()) == mark) return i;
    }
    return std::string_view::npos;
}

ParseError error_at(const Clause& head, std::string message) {
    return {head.begin, head.end, std::move(message)};
}

HeadError read_ends(const LineContext& c, const Clause& head, ThingSort sort, const char* what, Id& from,
                    Id& to) {
    size_t arrow = std::string_view::npos, long_by = 0;
    for (const std::string_view mark : {" → ", " -> "})
        if (const auto at = outside_quotes(head.text, mark); at < arrow) arrow = at, long_by = mark.size();
    if (arrow == std::string_view::npos)
        return error_at(head, say("two {}s with an arrow between them are expected: “Hub → Pump”", what));
    for (const bool first : {true, false}) {
        const auto begin = first ? size_t{0} : arrow + long_by;
        const auto said = first ? head.text.substr(0, arrow) : head.text.substr(begin);
        const auto id = c.names.meant(sort, said);
        if (!id) {
            return ParseError{head.begin + begin, head.begin + begin + said.size(),
                              not_meant(c.names, sort, what, said)};
        }
        (first ? from : to) = *id;
    }
    return {};
}

template <class E>
HeadError read_kind(const Clause& head, E& into) {
    const auto kind = by_word<E>(unquoted(head.text));
    if (!kind) return error_at(head, say("“{}” is none of {}", head.text, all_words<E>()));
    into = *kind;
    return {};
}

bool clean(const std::string& text) { return clause_text(text) == text; }

}  // namespace

std::string head_of(const LineContext& c, const Source& s) {
    const auto said = source_line(s, c.catalogue);
    const auto name = s.name.find(':') == std::string::npos ? clause_text(s.name) : in_quotes(s.name);
    Source like;
    like.kind = s.kind;
    if (!clean(said) || !parse_source(c.catalogue, like, said)) return in_quotes(s.name);
    return name + ": " + said;
}

HeadError read_head(const LineContext& c, const Clause& head, Source& into) {
    const auto colon = outside_quotes(head.text, ":");
    if (colon == std::string_view::npos) {
        if (!head.quoted())
            return error_at(head,
                            say("a name, a colon and what it is are expected: “Battery: 8S LFP 35 Ah”"));
        into.name = unquoted(head.text);
        return {};
    }
    const auto said = head.text.substr(colon + 1);
    auto read = parse_source(c.catalogue, into, said);
    if (!read) {
        auto error = read.error();
        error.begin += head.begin + colon + 1, error.end += head.begin + colon + 1;
        return error;
    }
    auto name = head.text.substr(0, colon);
    while (name.ends_with(' ')) name.remove_suffix(1);
    into = *read;
    into.name = unquoted(name);
    return {};
}

std::string head_of(const LineContext&, const Load& load) {
    // What is true of it or not are facts of their own.
    auto l = load;
    l.always_on = l.vital = l.noisy = l.sensitive = l.transmitter = l.own_switch = l.assumed = l.starter =
        l.igniter = l.heat_elsewhere = false;
    const auto said = load_line(l);
    const auto read = parse_load(said);
    if (!clean(said) || !read.complete() || read.load.name != l.name) return in_quotes(l.name);
    return said;
}

HeadError read_head(const LineContext&, const Clause& head, Load& into) {
    if (head.quoted()) {
        into.name = unquoted(head.text);
        return {};
    }
    auto read = parse_load(head.text);
    if (!read.complete()) {
        // A name alone: the rest is said by facts.
        if (std::none_of(head.text.begin(), head.text.end(), is_digit)) {
            into.name = std::string(head.text);
            return {};
        }
        auto error = read.problems.front();
        error.begin += head.begin, error.end += head.begin;
        return error;
    }
    into = read.load;
    return {};
}

std::string head_of(const LineContext& c, const Lead& l) {
    return c.names.said(ThingSort::part, l.from) + " → " + c.names.said(ThingSort::part, l.to);
}
HeadError read_head(const LineContext& c, const Clause& head, Lead& into) {
    return read_ends(c, head, ThingSort::part, "part", into.from, into.to);
}
std::string head_of(const LineContext& c, const Way& w) {
    return c.names.said(ThingSort::place, w.from) + " → " + c.names.said(ThingSort::place, w.to);
}
HeadError read_head(const LineContext& c, const Clause& head, Way& into) {
    return read_ends(c, head, ThingSort::place, "place", into.from, into.to);
}
std::string head_of(const LineContext&, const Device& d) { return word_of(d.kind); }
HeadError read_head(const LineContext&, const Clause& head, Device& into) {
    return read_kind(head, into.kind);
}
std::string head_of(const LineContext&, const OnWay& o) { return word_of(o.kind); }
HeadError read_head(const LineContext&, const Clause& head, OnWay& into) {
    return read_kind(head, into.kind);
}
}  // namespace sangre
