#pragma once
// What a line begins with: a name, “Hub → Fog pump”, or what people say of a load or a source.
#include "lines/clauses.h"
#include "lines/line.h"

namespace sangre {

/// The text that a line of that kind begins with, where it is a text: a name, a title, what runs on a core.
template <class Thing>
auto& head_text(Thing& thing) {
    if constexpr (requires { thing.name; })
        return thing.name;
    else if constexpr (requires { thing.title; })
        return thing.title;
    else if constexpr (requires { thing.signal; })
        return thing.signal;
    else
        return thing.text;
}

/// True for kinds whose line has no head.
template <class Thing>
inline constexpr bool headless = std::is_same_v<Thing, Measured> || std::is_same_v<Thing, Practices>;

std::string head_of(const LineContext& context, const Source& source);
std::string head_of(const LineContext& context, const Load& load);
std::string head_of(const LineContext& context, const Lead& lead);
std::string head_of(const LineContext& context, const Way& way);
std::string head_of(const LineContext& context, const Device& device);
std::string head_of(const LineContext& context, const OnWay& met);
using HeadError = std::optional<ParseError>;

/// "Pump, left, 12 V 1 A": the load whose name holds commas, and the first clause behind what it draws.
/// Nothing where the first clause is a load already, or no more of them make one.
std::optional<std::pair<Load, size_t>> comma_named_load(std::string_view line,
                                                        const std::vector<Clause>& clauses);

/// "Hub motor 24 V 5 A", "Load cell 5 V 20 mA": what is called so is a load, though its first word begins
/// another line. `head` is what stands behind that word; in quotes it is a name.
bool taken_for_a_load(std::string_view word, std::string_view head);

HeadError read_head(const LineContext& context, const Clause& head, Source& into);
HeadError read_head(const LineContext& context, const Clause& head, Load& into);
HeadError read_head(const LineContext& context, const Clause& head, Passive& into);
HeadError read_head(const LineContext& context, const Clause& head, Terminal& into);
HeadError read_head(const LineContext& context, const Clause& head, AtHand& into);
HeadError read_head(const LineContext& context, const Clause& head, Lead& into);
HeadError read_head(const LineContext& context, const Clause& head, Way& into);
HeadError read_head(const LineContext& context, const Clause& head, Device& into);
HeadError read_head(const LineContext& context, const Clause& head, OnWay& into);
template <class Thing>
HeadError read_head(const LineContext&, const Clause& head, Thing& into) {
    head_text(into) = unquoted(head.text);
    return {};
}
/// In quotes where more than a name would be read in it.
template <class Thing>
std::string head_of(const LineContext& context, const Thing& thing) {
    const auto said = clause_text(head_text(thing));
    Thing read{};
    const auto error = read_head(context, {said, 0, said.size()}, read);
    const bool other =
        error || head_text(read) != head_text(thing) || taken_for_a_load(line_kind(thing).word, said);
    return other ? in_quotes(head_text(thing)) : said;
}

}  // namespace sangre
