#pragma once
// Who reads: the language of words and how numbers look. Known only where words are laid on screen or paper;
// what is computed holds words that are not worded yet (words/words.h).
#include <string>
#include <string_view>

namespace sangre {

/// The sentence in the reader's language with the same placeholders, or nothing where it is not known.
using Tongue = std::string (*)(std::string_view english);

/// How numbers look on screen and on paper; files hold them by exact_number() and are the same everywhere.
struct alignas(4) Presentation {  // one word, so that it is read and set whole
    char decimal = '.';           ///< or ','
    bool inches = false;          ///< lengths in inches and feet
    bool both_sizes = false;      ///< sizes of wire in AWG and in mm², not only as they are sold
    bool operator==(const Presentation&) const = default;
};

struct Reader {
    Tongue tongue = nullptr;  ///< null: English
    Presentation presentation{};
};

/// What looks sentences up from now on, and how numbers look: for the whole process.
void speak(Tongue tongue);
void set_presentation(Presentation wanted);

/// Of the one who reads on this thread.
Presentation presentation();
/// Whether another language than English is spoken.
bool speaks_another();

/// As long as it lives, that one reads on this thread. By default what files and keys hold: English, with
/// points in its numbers and metres.
class ReadBy {
  public:
    explicit ReadBy(Reader reader = {});
    ~ReadBy();
    ReadBy(const ReadBy&) = delete;
    ReadBy& operator=(const ReadBy&) = delete;

  private:
    Reader reader_;
    const Reader* before_;
};

}  // namespace sangre
