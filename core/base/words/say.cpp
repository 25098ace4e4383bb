#include "words/say.h"

#include <atomic>

namespace sangre {
namespace {

std::atomic<Tongue> spoken{nullptr};
thread_local int english_here = 0;

Tongue tongue_now() { return english_here > 0 ? nullptr : spoken.load(); }

}  // namespace

void speak(Tongue tongue) { spoken = tongue; }

bool speaks_another() { return tongue_now() != nullptr; }
bool says_english() { return english_here > 0; }
InEnglish::InEnglish() { ++english_here; }
InEnglish::~InEnglish() { --english_here; }

std::string said(std::string_view english) {
    const auto tongue = tongue_now();
    if (!tongue || english.empty()) return std::string(english);
    auto words = tongue(english);
    return words.empty() ? std::string(english) : words;
}

std::vector<std::string> said_each(const std::vector<std::string>& english) {
    std::vector<std::string> words;
    for (const auto& one : english) words.push_back(said(one));
    return words;
}

std::string words_detail::filled(fmt::string_view english, fmt::format_args args) {
    if (speaks_another()) {
        const auto words = said({english.data(), english.size()});
        try {
            return fmt::vformat(words, args);
        } catch (const fmt::format_error&) {  // said in English below
        }
    }
    return fmt::vformat(english, args);
}

}  // namespace sangre
