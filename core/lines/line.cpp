#include "lines/line.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "base/enum_words.h"
#include "base/words/say.h"
#include "lines/amounts.h"
#include "lines/field_types.h"
#include "lines/heads.h"
#include "lines/phrases.h"
#include "lines/setter.h"
#include "plan/load_text.h"
#include "plan/typed_words.h"

namespace sangre {
namespace {

constexpr std::string_view taken_back = "no ";

/// Prints the fields of a record, each as the clauses that say it.
struct Printer {
    const LineContext& context;
    const LineKind& kind;
    std::vector<std::pair<const Fact*, std::vector<std::string>>> out;
    static constexpr bool either() { return true; }
    void leads(const std::vector<Lead>&) {}

    std::string word(const Fact& f, const std::string& value) const {
        // A value that stands alone must not look like another fact.
        const bool alone = f.bare && !by_first_word(kind, value) && !value.starts_with(taken_back);
        return alone ? value : std::string(f.word) + " " + value;
    }
    std::string reference(const Fact& f, const std::string& id) const {
        return f.form == FactForm::text || f.form == FactForm::plain
                   ? clause_text(id)
                   : context.names.said(sort_of(f.form), id);
    }
    template <class T>
    std::vector<std::string> clauses(const Fact& f, const T& v) const {
        if constexpr (std::is_same_v<T, bool>)
            return v ? std::vector<std::string>{f.word} : std::vector<std::string>{};
        else if constexpr (Unit<T>)
            return {word(f, amount_text(f.key, raw(v)))};
        else if constexpr (std::is_arithmetic_v<T>)
            return {word(f, amount_text(f.key, static_cast<double>(v)))};
        else if constexpr (std::is_enum_v<T>)
            return {word(f, word_of(v))};
        else if constexpr (std::is_same_v<T, std::string>)
            return v.empty() ? std::vector<std::string>{}
                             : std::vector<std::string>{word(f, reference(f, v))};
        else if constexpr (requires { v.has_value(); })
            return v ? clauses(f, *v) : std::vector<std::string>{};
        else if constexpr (requires { typename T::mapped_type; }) {
            std::vector<std::string> all;
            if constexpr (std::is_enum_v<typename T::mapped_type>)
                for (const auto& [id, state] : v)
                    all.push_back(word(f, reference(f, id) + " " + std::string(word_of(state))));
            else if constexpr (std::is_arithmetic_v<typename T::mapped_type>)
                for (const auto& [id, share] : v)
                    all.push_back(word(f, reference(f, id) + " " + amount_text(f.key, share)));
            return all;
        } else if constexpr (std::is_same_v<T, std::vector<std::string>>) {
            std::vector<std::string> all;
            for (const auto& one : v) all.push_back(word(f, reference(f, one)));
            return all;
        } else if constexpr (std::is_same_v<T, std::vector<Millimetre>>) {
            std::vector<std::string> all;
            for (const auto& one : v) all.push_back(word(f, amount_text(f.key, raw(one))));
            return all;
        } else
            return {};
    }
    template <class T>
    void operator()(const char* key, const T& v) {
        const auto* fact = fact_of(kind, key);
        if (fact && is_said(*fact)) out.emplace_back(fact, clauses(*fact, v));
    }
};

/// What a line does not touch stays as it is in `like`.
template <class Thing>
void keep(Thing& into, const Thing& like) {
    if constexpr (requires { like.id; }) into.id = like.id;
    if constexpr (requires { like.extra; }) into.extra = like.extra;
    if constexpr (std::is_same_v<Thing, Lead>)
        into.devices = like.devices, into.cores = like.cores, into.carries = like.carries;
    if constexpr (std::is_same_v<Thing, Way>) into.on_it = like.on_it;
    if constexpr (std::is_same_v<Thing, Plan>) {
        auto whole = like;
        whole.name = into.name, whole.metal_frame = into.metal_frame, whole.flies = into.flies;
        whole.hottest_air = into.hottest_air, whole.coldest_air = into.coldest_air;
        whole.repeats_per_day = into.repeats_per_day, whole.shaking = into.shaking;
        into = std::move(whole);
    }
}

/// A thing of which no more is known than its head.
template <class Thing>
tl::expected<Thing, ParseError> of_head(const LineContext& context, const Clause& head) {
    Thing thing{};
    if constexpr (!headless<Thing>)
        if (auto error = read_head(context, head, thing)) return tl::unexpected(*error);
    return thing;
}

template <class Thing>
auto printed(const LineContext& context, const Thing& thing) {
    Printer printer{context, line_kind(thing), {}};
    plan_fields::visit(printer, thing);
    return printer.out;
}

std::string list_of_words(const LineKind& kind) {
    std::string all;
    for (const auto& f : kind.facts)
        if (is_said(f)) all += (all.empty() ? "" : ", ") + std::string(f.word);
    return all;
}

/// One clause into the thing; the keys that are said are noted.
template <class Thing>
std::optional<ParseError> take(const LineContext& context, const Clause& clause, Thing& thing,
                               std::set<std::string_view>& said) {
    const auto& kind = line_kind(thing);
    const auto put = [&](const Fact& fact, std::string_view text, size_t skipped,
                         bool clear) -> std::optional<ParseError> {
        Setter setter{context, fact, text, clear};
        plan_fields::visit(setter, thing);
        if (!setter.done)
            return ParseError{clause.begin, clause.end,
                              say("“{word}” is not said of such a {word_2}", fact.word, kind.word)};
        if (!setter.error.empty())
            return ParseError{clause.begin + skipped + setter.begin, clause.end, setter.error};
        if (!said.insert(fact.key).second && !setter.several)
            return ParseError{clause.begin, clause.end, say("“{word}” is said twice", fact.word)};
        return {};
    };
    auto text = clause.text;
    const bool clear =
        begins_with(text, "no") && by_first_word(kind, text.substr(std::min(text.size(), taken_back.size())));
    if (clear) text.remove_prefix(taken_back.size());
    if (const auto* fact = by_first_word(kind, text)) {
        auto rest = text.substr(std::string_view(fact->word).size());
        while (rest.starts_with(' ')) rest.remove_prefix(1);
        auto error = put(*fact, rest, clause.text.size() - rest.size(), clear);
        // "vital sensitive": more than one word of the kind in a clause.
        if (error && !clear)
            if (const auto phrase = take_phrase(context.names.plan(), context.catalogue, text, thing);
                phrase && *phrase)
                return {};
        return error;
    }
    // "in Box", "on Mount": at the place that is called so.
    if (const auto* fact = fact_of(kind, "place"); fact && fact->form == FactForm::place)
        for (const std::string_view stands : {"in", "on", "inside"})
            if (begins_with(text, stands)) {
                const auto name = text.substr(std::min(text.size(), stands.size() + 1));
                return put(*fact, name, clause.text.size() - name.size(), false);
            }
    // What stands alone: the first fact that it is a value of.
    std::optional<ParseError> first_error;
    for (const auto& fact : kind.facts) {
        if (!fact.bare) continue;
        auto tried = thing;
        Setter setter{context, fact, text};
        plan_fields::visit(setter, tried);
        if (setter.done && setter.error.empty()) return put(fact, text, 0, false);
        // Of an amount, what is wrong with it is worth saying.
        if (setter.done && !first_error && !text.empty() && is_digit(text.front()) &&
            fact.form == FactForm::plain)
            first_error = ParseError{clause.begin, clause.end, setter.error};
    }
    const auto phrase = take_phrase(context.names.plan(), context.catalogue, text, thing);
    if (!phrase) return ParseError{clause.begin, clause.end, phrase.error()};
    if (*phrase) return {};
    if (first_error) return first_error;
    return ParseError{clause.begin, clause.end,
                      say("“{clause}” is not understood; of a {word} can be said: {list_of_words}",
                          clause.text, kind.word, list_of_words(kind))};
}

}  // namespace

template <class Thing>
std::vector<LineChip> line_chips(const LineContext& context, const Thing& thing) {
    std::vector<LineChip> chips;
    Thing base{};
    if constexpr (!headless<Thing>) {
        const auto head = head_of(context, thing);
        chips.push_back({nullptr, head});
        if (auto read = of_head<Thing>(context, {head, 0, head.size()})) base = std::move(*read);
    }
    if constexpr (std::is_same_v<Thing, Source>) base.kind = thing.kind;
    const auto now = printed(context, thing), usual = printed(context, base);
    if constexpr (std::is_same_v<Thing, Source>) {
        // What a source can say depends on its kind, so that comes first.
        Thing head_alone{};
        if (auto read = of_head<Thing>(context, {chips[0].text, 0, chips[0].text.size()})) head_alone = *read;
        if (head_alone.kind != thing.kind)
            chips.push_back({fact_of(line_kind(thing), "kind"), std::string(word_of(thing.kind))});
    }
    for (size_t i = 0; i < now.size(); ++i) {
        const auto& [fact, clauses] = now[i];
        if (clauses == usual[i].second) continue;
        if (clauses.empty()) chips.push_back({fact, std::string(taken_back) + fact->word});
        for (const auto& text : clauses) chips.push_back({fact, text});
    }
    return chips;
}

template <class Thing>
std::string thing_line(const LineContext& context, const Thing& thing) {
    std::string line;
    for (const auto& chip : line_chips(context, thing)) line += (line.empty() ? "" : ", ") + chip.text;
    return line;
}

template <class Thing>
tl::expected<Thing, ParseError> read_thing(const LineContext& context, const Thing& like,
                                           std::string_view line) {
    auto clauses = line_clauses(line);
    if (!clauses) return tl::unexpected(clauses.error());
    Thing thing{};
    size_t first = 0;
    if constexpr (!headless<Thing>) {
        if (clauses->empty())
            return tl::unexpected(ParseError{
                0, line.size(), say("a line for a {word} is expected here", line_kind(like).word)});
        const auto& begins = clauses->front();
        if (line.substr(0, begins.begin).find_first_of(",;") != std::string_view::npos)
            return tl::unexpected(ParseError{
                0, begins.begin, say("what the {word} is called comes first", line_kind(like).word)});
        auto head = of_head<Thing>(context, begins);
        if (!head) return tl::unexpected(head.error());
        thing = std::move(*head);
        first = 1;
    }
    const auto take_from = [&](size_t i) -> std::optional<ParseError> {
        std::set<std::string_view> said;
        for (; i < clauses->size(); ++i)
            if (auto error = take(context, (*clauses)[i], thing, said)) return error;
        return {};
    };
    auto error = take_from(first);
    if constexpr (std::is_same_v<Thing, Load>)
        if (error)
            if (auto named = comma_named_load(line, *clauses)) {
                thing = std::move(named->first);
                error = take_from(named->second);
            }
    if (error) {
        // What stands second and is no fact is often a part of the name.
        if constexpr (!headless<Thing>)
            if (clauses->size() > 1 && error->begin == (*clauses)[1].begin && !clauses->front().quoted() &&
                std::none_of((*clauses)[1].text.begin(), (*clauses)[1].text.end(), is_digit))
                error->message = say("{wrong}; a name with a comma stands in quotes", error->message);
        return tl::unexpected(*error);
    }
    // A name alone is no load: nothing is taken as 0 V.
    if constexpr (std::is_same_v<Thing, Load>)
        if (!clauses->front().quoted() && raw(thing.v_max) <= 0)
            return tl::unexpected(ParseError{clauses->front().begin, clauses->front().end,
                                             to_say("a voltage is missing, such as 12 V or 7–26 V")});
    keep(thing, like);
    return thing;
}

template <class Thing>
std::vector<const Fact*> sayable(const LineContext& context, const Thing& thing) {
    std::vector<const Fact*> all;
    for (const auto& [fact, clauses] : printed(context, thing)) all.push_back(fact);
    return all;
}

#define SANGRE_LINE(Thing)                                                       \
    template std::vector<LineChip> line_chips(const LineContext&, const Thing&); \
    template std::string thing_line(const LineContext&, const Thing&);           \
    template std::vector<const Fact*> sayable(const LineContext&, const Thing&); \
    template tl::expected<Thing, ParseError> read_thing(const LineContext&, const Thing&, std::string_view);
SANGRE_LINE(Plan)
SANGRE_LINE(Practices)
SANGRE_LINE(Source)
SANGRE_LINE(Hub)
SANGRE_LINE(Converter)
SANGRE_LINE(Load)
SANGRE_LINE(Passive)
SANGRE_LINE(Lead)
SANGRE_LINE(Device)
SANGRE_LINE(Core)
SANGRE_LINE(Body)
SANGRE_LINE(Place)
SANGRE_LINE(Opening)
SANGRE_LINE(Side)
SANGRE_LINE(Zone)
SANGRE_LINE(Way)
SANGRE_LINE(OnWay)
SANGRE_LINE(Terminal)
SANGRE_LINE(Phase)
SANGRE_LINE(OwnStep)
SANGRE_LINE(AtHand)
SANGRE_LINE(OwnReading)
SANGRE_LINE(Measured)
SANGRE_LINE(LogEntry)
#undef SANGRE_LINE

}  // namespace sangre
