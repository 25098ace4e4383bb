#pragma once
// Ids that need not be written in a plan's text: those that its things get where none is said.
#include <set>

#include "enum_words.h"
#include "line/facts.h"

namespace sangre {

inline constexpr std::string_view text_comment = "--";

inline const char* id_prefix(const LineKind& kind) {
    const std::string_view word = kind.word;
    return word == "converter" ? "rail" : kind.word;
}

/// Words of lines that keep one thing under a key.
inline const std::set<std::string_view>& record_words() {
    static const std::set<std::string_view> words{"done",  "was",     "took",  "evening",
                                                  "order", "arrives", "rather"};
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
