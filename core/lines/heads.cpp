#include "lines/heads.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "base/enum_words.h"
#include "base/words/say.h"
#include "lines/amounts.h"
#include "lines/phrases.h"
#include "plan/load_text.h"
#include "plan/passive_text.h"
#include "plan/source_text.h"
#include "plan/terminal_text.h"

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
        return error_at(head,
                        say("two {places|places|parts} with an arrow between them are expected: “Hub → Pump”",
                            sort == ThingSort::place));
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
    if (!kind) return error_at(head, say("“{text}” is none of {words}", head.text, all_words<E>()));
    into = *kind;
    return {};
}

bool clean(const std::string& text) { return clause_text(text) == text; }

std::string usual_source_name(SourceKind kind) {
    return kind == SourceKind::pack      ? "Battery"
           : kind == SourceKind::supply  ? "Supply"
           : kind == SourceKind::circuit ? "Circuit"
                                         : "Panel";
}

}  // namespace

std::optional<std::pair<Load, size_t>> comma_named_load(std::string_view line,
                                                        const std::vector<Clause>& clauses) {
    const auto& head = clauses.front();
    if (head.quoted()) return {};
    for (size_t last = 1; last < clauses.size(); ++last) {
        const auto read = parse_load(line.substr(head.begin, clauses[last].end - head.begin));
        if (read.complete() && read.how_many.end == 0 && read.load.name.find(',') != std::string::npos)
            return std::pair{read.load, last + 1};
    }
    return {};
}

bool taken_for_a_load(std::string_view word, std::string_view head) {
    constexpr std::array<std::string_view, 6> named{"hub", "body", "place", "opening", "side", "zone"};
    const auto first = lower(head.substr(0, head.find(' ')));
    if (word == "load") return first == "cell" || first == "cells";
    return std::ranges::find(named, word) != named.end() && !head.starts_with('"') &&
           parse_load(head).complete();
}

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
        if (head.quoted()) {
            into.name = unquoted(head.text);
            return {};
        }
        // "Battery 8S LFP 35 Ah", "4 AA cells": without a colon, and without a name.
        for (size_t at = 0; at < head.text.size(); at = head.text.find(' ', at)) {
            if (at > 0) ++at;
            const auto rest = head.text.substr(at);
            auto read = parse_source(c.catalogue, into, rest);
            // "Aft pack 4S LFP": what it is called may end in what it is.
            const auto first = lower(rest.substr(0, rest.find(' ')));
            if (!read || (at > 0 && (first == "pack" || first == "battery"))) continue;
            auto name = head.text.substr(0, at);
            while (name.ends_with(' ')) name.remove_suffix(1);
            into = *read;
            into.name = name.empty() ? usual_source_name(into.kind) : unquoted(name);
            return {};
        }
        return error_at(head, say("a name, a colon and what it is are expected: “Battery: 8S LFP 35 Ah”"));
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
    if (!clean(said) || !read.complete() || read.load.name != l.name || read.how_many.end > 0 ||
        taken_for_a_load("load", said))
        return in_quotes(l.name);
    return said;
}

HeadError read_head(const LineContext& c, const Clause& head, Load& into) {
    if (head.quoted()) {
        into.name = unquoted(head.text);
        return {};
    }
    if (head.text.starts_with('"')) {
        // The name in quotes, and what it draws behind it.
        const auto name = head.text.substr(0, quote_end(head.text));
        const Clause rest{head.text.substr(name.size()), head.begin + name.size(), head.end};
        Load drawn;
        const std::string stands_for = "x";
        const auto line = stands_for + std::string(rest.text);
        const auto error = read_head(c, {line, rest.begin - stands_for.size(), rest.end}, drawn);
        if (error) return error;
        into = drawn;
        into.name = unquoted(name);
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
    if (read.how_many.count > 1)
        return ParseError{
            head.begin + read.how_many.begin, head.begin + read.how_many.end,
            say("this is one load: {count} are added by a line of their own", read.how_many.count)};
    into = read.load;
    return {};
}

HeadError read_head(const LineContext& c, const Clause& head, Passive& into) {
    // "Soil probe 10 kΩ", "LED polarised": as its own editor has it.
    if (!head.quoted())
        if (auto read = parse_passive(c.names.plan(), into, head.text)) {
            into = std::move(*read);
            return {};
        }
    into.name = unquoted(head.text);
    return {};
}
HeadError read_head(const LineContext&, const Clause& head, Terminal& into) {
    // "V+ screw 2.5 mm".
    if (!head.quoted())
        if (auto read = parse_terminals(head.text); read && read->size() == 1) {
            into = std::move(read->front());
            return {};
        }
    into.name = unquoted(head.text);
    return {};
}
HeadError read_head(const LineContext& c, const Clause& head, AtHand& into) {
    into.name = unquoted(head.text);
    if (!head.quoted()) take_wire_at_hand(c.catalogue, c.names.plan().practices, head.text, into);
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
    // "fuse 5 A": what stands behind its kind is said of it.
    const auto blank = std::min(head.text.find(' '), head.text.size());
    const auto kind = lower(head.text.substr(0, blank));
    if (kind == "meter")
        into.kind = DeviceKind::shunt;
    else if (const auto error = read_kind({kind, head.begin, head.begin + blank}, into.kind))
        return error;
    if (blank == head.text.size()) return {};
    const auto rest = head.text.substr(blank + 1);
    const auto amps = read_amount_of("rating_A", rest);
    if (!amps)
        return ParseError{head.begin + blank + 1, head.end, say("a comma is expected before “{rest}”", rest)};
    into.rating = Ampere(*amps);
    return {};
}
std::string head_of(const LineContext&, const OnWay& o) { return word_of(o.kind); }
HeadError read_head(const LineContext&, const Clause& head, OnWay& into) {
    return read_kind(head, into.kind);
}
}  // namespace sangre
