#include "plan/typed_words.h"

#include <algorithm>
#include <array>
#include <string_view>

#include "base/units/number.h"
#include "base/words/look_up.h"
#include "base/words/reader.h"
#include "base/words/say.h"

namespace sangre {
namespace {

// Longest first: of two that begin alike the longer is meant.
constexpr std::array load_words{
    to_say("heat elsewhere"),
    to_say("always on"),
    to_say("noisy"),
    to_say("sensitive"),
    to_say("vital"),
    to_say("switched"),
    to_say("idle"),
    to_say("standby"),
    to_say("peak"),
    to_say("stall"),
    to_say("start"),
    to_say("inrush"),
    to_say("transmitter"),
    to_say("starter"),
    to_say("igniter"),
    to_say("bridge"),
    to_say("assumed"),
    to_say("regulated"),
    to_say("motor"),
    to_say("pieces"),
    to_say("for"),
    to_say("resistive"),
    to_say("constant-current"),
    to_say("constant-power"),
};

}  // namespace

const std::vector<std::string>& wire_colours() {
    static const std::vector<std::string> all{to_say("red"),    to_say("black"), to_say("yellow"),
                                              to_say("orange"), to_say("blue"),  to_say("green"),
                                              to_say("white"),  to_say("brown"), to_say("violet"),
                                              to_say("grey"),   to_say("pink"),  to_say("clear")};
    return all;
}

std::vector<TextWord> load_words_in_english(std::vector<TextWord> words) {
    if (!speaks_another()) return words;
    std::vector<std::pair<std::string, const char*>> theirs;
    for (const auto* word : load_words) theirs.emplace_back(lower(looked_up(word)), word);
    // A name is left as it is: in any language a file says the same.
    size_t i = 0;
    while (i < words.size() && !is_digit(words[i].text[0])) ++i;
    std::vector<TextWord> out(words.begin(), words.begin() + static_cast<long>(i));
    while (i < words.size()) {
        bool found = false;
        for (const auto& [their, english] : theirs) {
            const auto parts = split_words(their);
            if (parts.empty() || i + parts.size() > words.size()) continue;
            const bool same =
                std::equal(parts.begin(), parts.end(), words.begin() + static_cast<long>(i),
                           [](const auto& a, const auto& b) { return a.text == lower(b.text); });
            if (!same) continue;
            const auto begin = words[i].begin, end = words[i + parts.size() - 1].end;
            for (const auto& w : split_words(std::string_view(english))) out.push_back({w.text, begin, end});
            i += parts.size(), found = true;
            break;
        }
        if (!found) out.push_back(words[i++]);
    }
    return out;
}

std::string chip_words(const LoadChip& chip) {
    if (chip.kind == LoadChip::Kind::manner) return said(chip.text);
    if (chip.kind != LoadChip::Kind::pulse) return chip.text;
    const auto space = chip.text.find(' ');
    return space == std::string::npos ? said(chip.text)
                                      : said(chip.text.substr(0, space)) + chip.text.substr(space);
}

std::string colour_in_english(const std::string& typed) {
    if (!speaks_another()) return typed;
    for (const auto& colour : wire_colours())
        if (lower(looked_up(colour)) == lower(typed)) return colour;
    return typed;
}

}  // namespace sangre
