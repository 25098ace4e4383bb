// Which fact a key or a word means, and what a fact names.
#include <algorithm>

#include "base/units/number.h"
#include "base/words/say.h"
#include "lines/facts.h"

namespace sangre {

const Fact* fact_of(const LineKind& kind, std::string_view key) {
    const auto at =
        std::find_if(kind.facts.begin(), kind.facts.end(), [&](const auto& f) { return f.key == key; });
    return at == kind.facts.end() ? nullptr : &*at;
}

ThingSort sort_of(FactForm form) {
    switch (form) {
        case FactForm::place:
            return ThingSort::place;
        case FactForm::body:
            return ThingSort::body;
        case FactForm::side:
            return ThingSort::side;
        case FactForm::zone:
            return ThingSort::zone;
        case FactForm::way:
            return ThingSort::way;
        case FactForm::opening:
            return ThingSort::opening;
        case FactForm::lead:
            return ThingSort::lead;
        case FactForm::wire:
            return ThingSort::wire;
        case FactForm::joint:
            return ThingSort::joint;
        case FactForm::entry:
            return ThingSort::entry;
        default:
            return ThingSort::part;
    }
}

const char* sort_word(FactForm form) {
    switch (form) {
        case FactForm::place:
            return to_say("place");
        case FactForm::body:
            return to_say("body");
        case FactForm::side:
            return to_say("side");
        case FactForm::zone:
            return to_say("zone");
        case FactForm::way:
            return to_say("way");
        case FactForm::opening:
            return to_say("opening");
        case FactForm::lead:
            return to_say("lead");
        case FactForm::wire:
            return to_say("wire");
        case FactForm::joint:
            return to_say("kind of joint");
        case FactForm::entry:
            return to_say("entry of the catalogue");
        default:
            return to_say("part");
    }
}

bool is_said(const Fact& f) { return f.form != FactForm::head && f.form != FactForm::unsaid; }

bool begins_with(std::string_view text, std::string_view word) {
    if (word.empty() || text.size() < word.size()) return false;
    for (size_t i = 0; i < word.size(); ++i)
        if (lower(text[i]) != lower(word[i])) return false;
    return text.size() == word.size() || text[word.size()] == ' ';
}

const Fact* by_first_word(const LineKind& kind, std::string_view text) {
    const Fact* best = nullptr;
    for (const auto& f : kind.facts)
        if (is_said(f) && begins_with(text, f.word) &&
            (!best || std::string_view(f.word).size() > std::string_view(best->word).size()))
            best = &f;
    return best;
}

bool is_reference(FactForm form) {
    return form != FactForm::plain && form != FactForm::text && is_said({"", "", form});
}

}  // namespace sangre
