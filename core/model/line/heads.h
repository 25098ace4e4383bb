#pragma once
// What a line begins with: a name, “Hub → Fog pump”, or what people say of a load or a source.
#include "line/clauses.h"
#include "line/line.h"

namespace sangre {

template <class Thing>
concept Named = requires(Thing t) {
    { t.name } -> std::convertible_to<std::string>;
};

std::string head_of(const LineContext& context, const Source& source);
std::string head_of(const LineContext& context, const Load& load);
std::string head_of(const LineContext& context, const Lead& lead);
std::string head_of(const LineContext& context, const Way& way);
std::string head_of(const LineContext& context, const Device& device);
std::string head_of(const LineContext& context, const OnWay& met);
std::string head_of(const LineContext& context, const Core& core);
std::string head_of(const LineContext& context, const OwnStep& step);
std::string head_of(const LineContext& context, const OwnReading& reading);
std::string head_of(const LineContext& context, const LogEntry& entry);
std::string head_of(const LineContext& context, const Measured& measured);
std::string head_of(const LineContext& context, const Practices& practices);
template <Named Thing>
std::string head_of(const LineContext&, const Thing& thing) {
    return clause_text(thing.name);
}

using HeadError = std::optional<ParseError>;

HeadError read_head(const LineContext& context, const Clause& head, Source& into);
HeadError read_head(const LineContext& context, const Clause& head, Load& into);
HeadError read_head(const LineContext& context, const Clause& head, Lead& into);
HeadError read_head(const LineContext& context, const Clause& head, Way& into);
HeadError read_head(const LineContext& context, const Clause& head, Device& into);
HeadError read_head(const LineContext& context, const Clause& head, OnWay& into);
HeadError read_head(const LineContext& context, const Clause& head, Core& into);
HeadError read_head(const LineContext& context, const Clause& head, OwnStep& into);
HeadError read_head(const LineContext& context, const Clause& head, OwnReading& into);
HeadError read_head(const LineContext& context, const Clause& head, LogEntry& into);
template <Named Thing>
HeadError read_head(const LineContext&, const Clause& head, Thing& into) {
    into.name = unquoted(head.text);
    return {};
}

/// True for kinds whose line has no head.
template <class Thing>
inline constexpr bool headless = std::is_same_v<Thing, Measured> || std::is_same_v<Thing, Practices>;

}  // namespace sangre
