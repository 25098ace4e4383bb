#include "words/say.h"

#include <atomic>

namespace sangre {
namespace {

std::atomic<Tongue> spoken{nullptr};

}  // namespace

void speak(Tongue tongue) { spoken = tongue; }

std::string said(std::string_view english) {
    const auto tongue = spoken.load();
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
    if (spoken.load()) {
        const auto words = said({english.data(), english.size()});
        try {
            return fmt::vformat(words, args);
        } catch (const fmt::format_error&) {  // said in English below
        }
    }
    return fmt::vformat(english, args);
}

}  // namespace sangre
