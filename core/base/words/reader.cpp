#include "base/words/reader.h"

#include <atomic>

#include "base/words/look_up.h"

namespace sangre {
namespace {

std::atomic<Tongue> spoken{nullptr};
std::atomic<Presentation> shown{Presentation{}};
thread_local const Reader* here = nullptr;

Tongue tongue_now() { return here ? here->tongue : spoken.load(); }

}  // namespace

void speak(Tongue tongue) { spoken = tongue; }
void set_presentation(Presentation wanted) { shown = wanted; }

Presentation presentation() { return here ? here->presentation : shown.load(); }
bool speaks_another() { return tongue_now() != nullptr; }

ReadBy::ReadBy(Reader reader) : reader_(reader), before_(here) { here = &reader_; }
ReadBy::~ReadBy() { here = before_; }

std::string looked_up(std::string_view english) {
    const auto tongue = tongue_now();
    if (!tongue || english.empty()) return std::string(english);
    auto words = tongue(english);
    return words.empty() ? std::string(english) : words;
}

}  // namespace sangre
