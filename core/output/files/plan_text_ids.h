#pragma once
// Ids that need not be written in a plan's text: those that its things get where none is said.
#include <array>
#include <set>

#include "base/enum_words.h"
#include "base/words/say.h"
#include "lines/facts.h"

namespace sangre {

inline constexpr std::string_view text_comment = "--";

inline const char* id_prefix(const LineKind& kind) {
    const std::string_view word = kind.word;
    return word == "converter" ? "rail" : kind.word;
}

/// A line that keeps one thing under a key: “took Cut the wires, 12”.
struct RecordWord {
    const char *word, *what;
    const char *key, *value;  ///< what stands first, what behind the comma
};
inline constexpr std::array record_lines{
    RecordWord{"done", to_say("A step that is done."), to_say("key of the step"), to_say("date and time")},
    RecordWord{"was", to_say("How a step was done."), to_say("key of the step"),
               to_say("what was done, in a line")},
    RecordWord{"took", to_say("How long a step took."), to_say("key of the step"), to_say("minutes")},
    RecordWord{"evening", to_say("An evening to build in."), to_say("its date: 2026-12-05"),
               to_say("minutes that there are")},
    RecordWord{"order", to_say("How far an order has come."), to_say("a line of the shopping list"),
               to_say("ordered, on-its-way or arrived")},
    RecordWord{"arrives", to_say("When an order is expected."), to_say("a line of the shopping list"),
               to_say("the date")},
    RecordWord{"rather", to_say("A step to be done as early as it can."), to_say("key of the step"), ""}};
inline const std::set<std::string_view>& record_words() {
    static const std::set<std::string_view> words = [] {
        std::set<std::string_view> all;
        for (const auto& r : record_lines) all.insert(r.word);
        return all;
    }();
    return words;
}

/// The id that a thing gets where none is said.
template <class Thing>
Id usual_id(const Plan& so_far, const Thing& thing) {
    if constexpr (requires { thing.from; })
        return fresh_id(so_far, std::is_same_v<Thing, Lead> ? "feed" : id_prefix(line_kind(thing)),
                        thing.from + " " + thing.to);
    else if constexpr (requires { thing.name; })
        return fresh_id(so_far, id_prefix(line_kind(thing)), thing.name);
    else
        return fresh_id(so_far, id_prefix(line_kind(thing)), thing.title);
}
inline Id usual_item_id(const Lead& lead, DeviceKind kind) {
    const Id begin = lead.id + "-" + std::string(word_of(kind));
    for (int n = 1;; ++n)
        if (const Id id = n == 1 ? begin : begin + "-" + std::to_string(n); !by_id(lead.devices, id))
            return id;
}

}  // namespace sangre
