#include "tongue.h"

#include <fmt/format.h>

#include <string_view>

#include "base/words/reader.h"
#include "options.h"
#include "sentences.h"

namespace sangre::cli {
namespace {

std::unique_ptr<Sentences> spoken;

std::string looked_up(std::string_view english) {
    return spoken->translate(nullptr, std::string(english).c_str(), nullptr, -1).toStdString();
}

}  // namespace

void speak_as_asked(int argc, const char* const* argv) {
    constexpr std::string_view option = "--language";
    std::string_view wanted;
    for (int i = 1; i < argc; ++i) {
        const std::string_view word = argv[i];
        if (word == option && i + 1 < argc) wanted = argv[i + 1];
        if (word.starts_with(option) && word.size() > option.size() && word[option.size()] == '=')
            wanted = word.substr(option.size() + 1);
    }
    if (wanted.empty() || wanted == "en") return;
    spoken = shipped_sentences(QString::fromUtf8(wanted.data(), static_cast<qsizetype>(wanted.size())));
    if (!spoken)
        throw CannotRead{fmt::format("no sentences in “{}” ship; there are {}", wanted,
                                     shipped_languages().join(", ").toStdString())};
    speak(looked_up);
}

}  // namespace sangre::cli
