#pragma once
// A plan's text as lines: each with its word, its id and what it keeps apart, several alike as one for each.
#include <string>
#include <string_view>
#include <vector>

#include "base/units/number.h"
#include "catalogue/catalogue.h"
#include "output/files/plan_text.h"

namespace sangre {

/// A line of the text without its word, its id and what it keeps.
struct TextLine {
    std::string word;
    std::string said;  ///< blanks where id and kept keys stood, so that places in it hold
    Id id;
    std::string extra;
    size_t number = 0, begin = 0, said_at = 0, end = 0;  ///< in the text
    int nth = 0;                                         ///< of several alike that one line adds; 0: alone
    size_t at = 0;                                       ///< among the lines
    std::string alike;                                   ///< what one of them is called
};

/// Throws a TextError at that place of the text.
[[noreturn]] void fail(const TextLine& line, size_t begin, size_t end, const std::string& message);
/// The same at a place of what the line says.
[[noreturn]] void fail(const TextLine& line, const ParseError& error);

/// The lines of a text. Comments, empty lines and lone bullets are none; a bullet before a line is none of
/// it. A load, a source or a lead may leave its word out; “2 servos” are two lines. Throws a TextError at a
/// quote that is not closed, an id that is not said, a count that is none.
std::vector<TextLine> text_lines(std::string_view text, const Catalogue& catalogue);

/// Every word that a line may begin with.
const std::vector<std::string>& line_words();
/// A line without the bullet of a pasted list before it.
std::string_view without_bullet(std::string_view line);
/// Why no line begins with that word: with the nearest where a letter or two are wrong, else with all.
std::string no_such_line(std::string_view word);

}  // namespace sangre
