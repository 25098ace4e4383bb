#pragma once
// One clause of a line, put into the field that it is about.
#include <string>
#include <string_view>
#include <vector>

#include "base/enum_words.h"
#include "base/words/letters.h"
#include "base/words/say.h"
#include "lines/amounts.h"
#include "lines/field_types.h"
#include "lines/line.h"
#include "plan/typed_words.h"

namespace sangre {

/// Puts one clause's value into the field of its key.
struct Setter {
    const LineContext& context;
    const Fact& fact;
    std::string_view text;  ///< behind the word
    bool clear = false;     ///< “no …”
    bool done = false;
    bool several = false;  ///< it holds more than one, each said by a clause of its own
    std::string error{};
    size_t begin = 0;  ///< of what is wrong, in the text
    static constexpr bool either() { return true; }
    void leads(std::vector<Lead>&) {}

    bool refer(std::string_view said, std::string& to) {
        if (fact.form == FactForm::text || fact.form == FactForm::plain) {
            to = unquoted(said);
            if (std::string_view(fact.key).ends_with("colour")) to = colour_in_english(to);
            return true;
        }
        if (const auto id = context.names.meant(sort_of(fact.form), said)) {
            to = *id;
            return true;
        }
        error = not_meant(context.names, sort_of(fact.form), sort_word(fact.form), said);
        return false;
    }
    /// Whether that word is a value of a table rather than the end of a name.
    template <class Value>
    static bool ends_in_a(std::string_view word) {
        if constexpr (std::is_enum_v<Value>)
            return by_word<Value>(lower(word)).has_value();
        else
            return !word.empty() && is_digit(word.front());
    }
    template <class T>
    void number(T& v) {
        const auto read = read_amount_of(fact.key, text);
        if (!read) {
            error = read.error();
            return;
        }
        if constexpr (std::is_same_v<T, int>) {
            if (*read != static_cast<double>(static_cast<int>(*read))) {
                error = say("“{text}” is not a whole number", text);
                return;
            }
            v = static_cast<int>(*read);
        } else
            v = T(*read);
    }
    template <class T>
    void set(T& v) {
        if (clear) {
            v = T{};
            return;
        }
        if constexpr (std::is_same_v<T, bool>) {
            if (text.empty())
                v = true;
            else
                error = say("nothing is expected behind “{word}”", fact.word);
        } else if constexpr (Unit<T> || std::is_arithmetic_v<T>)
            number(v);
        else if constexpr (std::is_enum_v<T>) {
            if (const auto value = by_word<T>(lower(text)); value && !word_of(*value).empty())
                v = *value;
            else if (const auto same = by_word<T>(text))
                v = *same;
            else
                error = say("“{text}” is none of {words}", text, all_words<T>());
        } else if constexpr (std::is_same_v<T, std::string>) {
            refer(text, v);
        } else if constexpr (requires { v.has_value(); }) {
            set(v.emplace());
        } else if constexpr (requires { typename T::mapped_type; }) {
            using Value = typename T::mapped_type;
            if constexpr (std::is_enum_v<Value> || std::is_arithmetic_v<Value>) {
                if (text.empty()) {
                    error = say("a load is expected, such as “{word} Fog pump”", fact.word);
                    return;
                }
                const auto blank = text.rfind(' ');
                Id id;
                if (!ends_in_a<Value>(blank == std::string_view::npos ? "" : text.substr(blank + 1)))
                    if (const auto whole = context.names.meant(sort_of(fact.form), text)) {
                        // "runs Fog pump": as it runs most of the time.
                        if constexpr (std::is_same_v<Value, LoadState>)
                            v[*whole] = LoadState::typical;
                        else
                            error = say("how much of it is expected behind “{load}”, such as 0.6", text);
                        return;
                    }
                if (blank == std::string_view::npos) return void(refer(text, id));
                if (!refer(text.substr(0, blank), id)) return;
                text.remove_prefix(blank + 1);
                begin = blank + 1;
                set(v[id]);
            }
        } else if constexpr (std::is_same_v<T, std::vector<std::string>>) {
            std::string one;
            if (refer(text, one)) v.push_back(std::move(one));
        } else if constexpr (std::is_same_v<T, std::vector<Millimetre>>) {
            Millimetre one{};
            number(one);
            if (error.empty()) v.push_back(one);
        }
    }
    template <class T>
    void operator()(const char* key, T& v) {
        if (done || fact.key != std::string_view(key)) return;
        done = true;
        several = is_list<T> || requires { typename T::mapped_type; };
        set(v);
    }
};

}  // namespace sangre
